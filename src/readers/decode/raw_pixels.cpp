// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/raw_pixels.h"

namespace keepseal {
namespace {

using vips::VImage;

template <class T>
Pixels<T> memoryOf(const VImage& image) {
    Pixels<T> out(static_cast<std::size_t>(image.width()) * image.height() * image.bands());
    // Written straight into our memory: a picture of full size is held once, not twice.
    VImage into = VImage::new_from_memory(out.data(), out.size() * sizeof(T), image.width(), image.height(),
                                          image.bands(), image.format());
    image.write(into);
    return out;
}

template <class To, class From>
To depthChanged(From value) {
    if constexpr (sizeof(To) == sizeof(From))
        return value;
    else if constexpr (sizeof(To) > sizeof(From))
        return static_cast<To>(value * 257);
    else
        return static_cast<To>((value + 128U) / 257U);
}

template <class To, class From>
Pixels<To> spread(Pixels<From> from, int bands) {
    if constexpr (std::is_same_v<To, From>)
        if (bands == 3)
            return from;
    Pixels<To> out;
    out.reserve(from.size() / static_cast<std::size_t>(bands) * 3);
    for (std::size_t i = 0; i + static_cast<std::size_t>(bands) <= from.size();
         i += static_cast<std::size_t>(bands))
        for (std::size_t c = 0; c < 3; ++c)
            out.push_back(depthChanged<To>(from[bands == 1 ? i : i + c]));
    return out;
}

/// Numbers as they are, without a profile.
void takePlainly(RawPixels raw, bool deep, Frame& frame) {
    if (raw.deep && deep)
        frame.deep = spread<std::uint16_t>(std::move(raw.sixteen), raw.bands);
    else if (raw.deep)
        frame.rgb = spread<std::uint8_t>(std::move(raw.sixteen), raw.bands);
    else if (deep)
        frame.deep = spread<std::uint16_t>(std::move(raw.eight), raw.bands);
    else
        frame.rgb = spread<std::uint8_t>(std::move(raw.eight), raw.bands);
}

} // namespace

RawPixels rawPixels(const VImage& image) {
    RawPixels out;
    out.size = {image.width(), image.height()};
    out.bands = image.bands();
    out.deep = image.format() == VIPS_FORMAT_USHORT;
    if (out.deep)
        out.sixteen = memoryOf<std::uint16_t>(image);
    else
        out.eight = memoryOf<std::uint8_t>(image);
    return out;
}

Frame toFrame(RawPixels raw, const ColourSpacePtr& own, const DevelopWish& wish) {
    Frame frame;
    frame.size = raw.size;
    frame.picture = {0, 0, raw.size.width, raw.size.height};
    const bool stays = wish.ownSpace && own && own->channels() == 3;
    if (!own || stays) {
        takePlainly(std::move(raw), wish.deep, frame);
        frame.space = stays ? own : nullptr;
        if (!stays && !wish.ownSpace)
            convertFrame(frame, wish.space, wish.intent);
        return frame;
    }
    frame.space = wish.ownSpace ? nullptr : wish.space;
    const auto target = frame.space ? frame.space : srgbSpace();
    if (own->profile() == target->profile()) {
        takePlainly(std::move(raw), wish.deep, frame);
        return frame;
    }
    const auto values = raw.count() * 3;
    if (wish.deep)
        frame.deep.resize(values);
    else
        frame.rgb.resize(values);
    convertPixels(raw.data(), raw.deep, *own,
                  wish.deep ? static_cast<void*>(frame.deep.data()) : frame.rgb.data(), wish.deep, *target,
                  raw.count(), wish.intent);
    return frame;
}

Pixels<std::uint8_t> alphaOf(const VImage& band) {
    const bool wide = band.format() == VIPS_FORMAT_USHORT;
    const VImage eight = wide ? (band / 257.0).rint().cast(VIPS_FORMAT_UCHAR) : band;
    return memoryOf<std::uint8_t>(eight);
}

} // namespace keepseal
