// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/smaller_frame.h"

#include "formats/vips_pixels.h"

#include <cstring>

namespace keepseal {
namespace {

vips::VImage planeView(Size size, int bands, bool deep, const void* samples) {
    return vipsView({size, bands, deep, samples});
}

template <class T>
void takePlane(const vips::VImage& image, Pixels<T>& out) {
    const auto count = static_cast<std::size_t>(image.width()) * static_cast<std::size_t>(image.height()) *
                       static_cast<std::size_t>(image.bands());
    size_t length = 0;
    void* memory = image.write_to_memory(&length);
    out.resize(count);
    std::memcpy(out.data(), memory, std::min(length, count * sizeof(T)));
    g_free(memory);
}

template <class T>
Frame smaller(const Frame& frame, double factor, VipsBandFormat format) {
    auto image = planeView(frame.size, 3, sizeof(T) == 2, frame.rowOf<T>(0));
    const bool clear = !frame.alpha.empty();
    if (clear) { // what is transparent has no colour to give
        const auto alpha =
            planeView(frame.size, 1, false, frame.alpha.data()).cast(format) * (sizeof(T) == 2 ? 257.0 : 1.0);
        image = image.bandjoin(alpha).premultiply(
            vips::VImage::option()->set("max_alpha", static_cast<double>(kFull<T>)));
    }
    image = image.resize(factor, vips::VImage::option()->set("kernel", VIPS_KERNEL_LANCZOS3));
    if (clear)
        image = image.unpremultiply(vips::VImage::option()->set("max_alpha", static_cast<double>(kFull<T>)));
    Frame out = emptyLike(frame, {image.width(), image.height()});
    const auto colours = (clear ? image.extract_band(0, vips::VImage::option()->set("n", 3)) : image);
    const auto rounded = [](const vips::VImage& plane, VipsBandFormat as) {
        return plane.format() == as ? plane : plane.rint().cast(as);
    };
    if constexpr (sizeof(T) == 2)
        takePlane(rounded(colours, format), out.deep);
    else
        takePlane(rounded(colours, format), out.rgb);
    if (clear)
        takePlane(rounded(image.extract_band(3) / (sizeof(T) == 2 ? 257.0 : 1.0), VIPS_FORMAT_UCHAR),
                  out.alpha);
    return out;
}

} // namespace

Frame smallerFrame(const Frame& frame, double factor) {
    try {
        return frame.isDeep() ? smaller<std::uint16_t>(frame, factor, VIPS_FORMAT_USHORT)
                              : smaller<std::uint8_t>(frame, factor, VIPS_FORMAT_UCHAR);
    } catch (const vips::VError& error) {
        encodingFailed(error);
    }
}

} // namespace keepseal
