// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/decode.h"

namespace keepseal {

using vips::VImage;

namespace {

/// Means of two by two pixels; an odd edge counts twice.
template <class T>
void halve(const T* from, Size size, int bands, T* to) {
    const Size half{(size.width + 1) / 2, (size.height + 1) / 2};
    const auto stride = static_cast<std::ptrdiff_t>(size.width) * bands;
    for (int y = 0; y < half.height; ++y) {
        const auto* upper = from + 2 * y * stride;
        const auto* lower = 2 * y + 1 < size.height ? upper + stride : upper;
        const int whole = size.width / 2;
        for (int x = 0; x < whole; ++x, upper += 2 * bands, lower += 2 * bands)
            for (int band = 0; band < bands; ++band)
                *to++ = static_cast<T>(
                    (upper[band] + upper[band + bands] + lower[band] + lower[band + bands] + 2) / 4);
        for (int band = 0; band < bands && whole < half.width; ++band)
            *to++ = static_cast<T>((upper[band] + lower[band] + 1) / 2);
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
VImage halvedImage(const VImage& image) {
    const Size size{image.width(), image.height()};
    const VImage out = image.extract_area(0, 0, (size.width + 1) / 2, (size.height + 1) / 2).copy_memory();
    if (image.format() == VIPS_FORMAT_USHORT)
        halveInto<std::uint16_t>(image, out);
    else
        halveInto<std::uint8_t>(image, out);
    return out;
}

} // namespace

VImage shrunkMore(const DecodedPicture& decoded, int shrink) {
    if (shrink <= decoded.shrink)
        return decoded.image;
    auto& kept = decoded.halved[shrink];
    if (kept.is_null())
        kept = halvedImage(shrunkMore(decoded, shrink / 2));
    return kept;
}

} // namespace keepseal
