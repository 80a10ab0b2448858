// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/logo_reading.h"

#include <vips/vips8>

namespace keepseal {

using vips::VImage;

void refuseLogo(const std::string& file, const Saying& why, ProblemKind kind) {
    throw Problem(kind, file, why, "Choose another file for the logo");
}

LogoPixels logoPixelsOf(const VImage& rgba) {
    size_t bytes = 0;
    const std::unique_ptr<void, decltype(&g_free)> memory(rgba.write_to_memory(&bytes), g_free);
    const auto* from = static_cast<const std::uint8_t*>(memory.get());
    LogoPixels out{{rgba.width(), rgba.height()}, {}};
    out.argb.resize(static_cast<std::size_t>(out.size.pixels()));
    for (auto& pixel : out.argb) {
        const std::uint32_t a = from[3];
        const auto times = [a](std::uint32_t c) { return (c * a + 127) / 255; };
        pixel = a << 24 | times(from[0]) << 16 | times(from[1]) << 8 | times(from[2]);
        from += 4;
    }
    return out;
}

VImage resizedLogo(const VImage& rgba, Size size) {
    if (rgba.width() == size.width && rgba.height() == size.height)
        return rgba;
    return rgba.premultiply()
        .resize(static_cast<double>(size.width) / rgba.width(),
                VImage::option()->set("vscale", static_cast<double>(size.height) / rgba.height()))
        .unpremultiply()
        .cast(VIPS_FORMAT_UCHAR);
}

} // namespace keepseal
