// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/decode.h"
#include "decode/resample_passes.h"

#include <type_traits>

namespace keepseal {

using vips::VImage;

namespace {

/// Of `n` pairs of pixels in each of two rows.
template <class T>
void halveRows(const T* upper, const T* lower, int n, int bands, T* to) {
    if constexpr (std::is_same_v<T, std::uint8_t>)
        if (bands == 3)
            return halveThree(upper, lower, n, to);
    for (int x = 0; x < n; ++x, upper += 2 * bands, lower += 2 * bands)
        for (int band = 0; band < bands; ++band)
            *to++ = static_cast<T>(
                (upper[band] + upper[band + bands] + lower[band] + lower[band + bands] + 2) / 4);
}

/// Means of two by two pixels; an odd edge counts twice.
template <class T>
void halve(const T* from, Size size, int bands, T* to) {
    const Size half{(size.width + 1) / 2, (size.height + 1) / 2};
    const auto stride = static_cast<std::ptrdiff_t>(size.width) * bands;
    const int whole = size.width / 2;
    for (int y = 0; y < half.height; ++y, to += static_cast<std::ptrdiff_t>(half.width) * bands) {
        const auto* upper = from + 2 * y * stride;
        const auto* lower = 2 * y + 1 < size.height ? upper + stride : upper;
        halveRows(upper, lower, whole, bands, to);
        const auto last = static_cast<std::ptrdiff_t>(2) * whole * bands;
        for (int band = 0; band < bands && whole < half.width; ++band)
            to[whole * bands + band] = static_cast<T>((upper[last + band] + lower[last + band] + 1) / 2);
    }
}

template <class T>
void halveInto(const VImage& image, const VImage& out) {
    const Size size{image.width(), image.height()};
    const auto* from = reinterpret_cast<const T*>(VIPS_IMAGE_ADDR(image.get_image(), 0, 0));
    auto* to = reinterpret_cast<T*>(VIPS_IMAGE_ADDR(out.get_image(), 0, 0));
    switch (image.bands()) { // so that the compiler knows the usual ones
    case 1:
        return halve(from, size, 1, to);
    case 3:
        return halve(from, size, 3, to);
    default:
        return halve(from, size, image.bands(), to);
    }
}

/// Keeps what the image says of its colours.
KeptImage halvedImage(const VImage& image) {
    const Size size{image.width(), image.height()};
    auto out = keptImage(image.extract_area(0, 0, (size.width + 1) / 2, (size.height + 1) / 2));
    if (image.format() == VIPS_FORMAT_USHORT)
        halveInto<std::uint16_t>(image, out.image);
    else
        halveInto<std::uint8_t>(image, out.image);
    return out;
}

/// Not a copy of an image, which would have no pixels of its own to be halved.
KeptImage memoryLike(const VImage& like) {
    KeptImage out;
    out.memory = Pixels<std::uint8_t>(VIPS_IMAGE_SIZEOF_IMAGE(like.get_image()));
    out.image = VImage::new_from_memory(out.memory.data(), out.memory.size(), like.width(), like.height(),
                                        like.bands(), like.format());
    return out;
}

} // namespace

KeptImage keptImage(const VImage& image) {
    KeptImage out;
    if (image.coding() != VIPS_CODING_NONE) {
        out.image = image.copy_memory();
        return out;
    }
    out = memoryLike(image);
    image.write(out.image); // its header as well
    return out;
}

KeptImage blankImage(const VImage& like) {
    auto out = memoryLike(like);
    out.image.get_image()->Type = like.interpretation();
    if (like.get_typeof(VIPS_META_ICC_NAME) != 0) {
        std::size_t length = 0;
        const void* profile = like.get_blob(VIPS_META_ICC_NAME, &length);
        vips_image_set_blob_copy(out.image.get_image(), VIPS_META_ICC_NAME, profile, length);
    }
    return out;
}

VImage shrunkMore(const DecodedPicture& decoded, int shrink) {
    if (shrink <= decoded.shrink)
        return decoded.whole.image;
    if (const auto kept = decoded.halved.find(shrink); kept != decoded.halved.end())
        return kept->second.image;
    auto halved = halvedImage(shrunkMore(decoded, shrink / 2));
    return decoded.halved.emplace(shrink, std::move(halved)).first->second.image;
}

} // namespace keepseal
