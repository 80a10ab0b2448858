// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "decode/decode.h"

namespace keepseal {

using vips::VImage;

int orientationOf(const VImage& image, Container container) {
    // The decoders of these two turn the picture themselves.
    if (container == Container::Heif || container == Container::JpegXl)
        return 1;
    const int value = image.get_typeof(VIPS_META_ORIENTATION) ? image.get_int(VIPS_META_ORIENTATION) : 1;
    return value >= 1 && value <= 8 ? value : 1;
}

bool isCmyk(const VImage& image) {
    return image.interpretation() == VIPS_INTERPRETATION_CMYK;
}

namespace {

/// libvips quietly takes its fallback for a profile that is damaged or made for other channels; we say so.
bool hasUnusableProfile(const VImage& image) {
    if (!image.get_typeof(VIPS_META_ICC_NAME))
        return false;
    size_t length = 0;
    const void* profile = image.get_blob(VIPS_META_ICC_NAME, &length);
    return !vips_icc_is_compatible_profile(image.get_image(), profile, length);
}

/// CIELab and its like: colours already, whatever their numbers of bits.
bool isMeasuredColour(const VImage& image) {
    switch (image.interpretation()) {
    case VIPS_INTERPRETATION_LAB:
    case VIPS_INTERPRETATION_LABQ:
    case VIPS_INTERPRETATION_LABS:
    case VIPS_INTERPRETATION_XYZ:
    case VIPS_INTERPRETATION_YXY:
    case VIPS_INTERPRETATION_LCH:
    case VIPS_INTERPRETATION_CMC:
    case VIPS_INTERPRETATION_HSV:
        return true;
    default:
        return image.get_image()->Coding != VIPS_CODING_NONE;
    }
}

} // namespace

VImage toGreyOrRgb(const VImage& image, bool deep, Notes* notes) {
    const auto aside = [notes] {
        vips_error_clear();
        if (notes)
            addNote(*notes, {NoteKind::ProfileSetAside, {}, {}});
    };
    if (isCmyk(image)) {
        if (hasUnusableProfile(image))
            aside();
        try {
            VImage rgb = image.icc_transform("srgb", VImage::option()
                                                         ->set("embedded", true)
                                                         ->set("input_profile", "cmyk")
                                                         ->set("intent", VIPS_INTENT_RELATIVE)
                                                         ->set("black_point_compensation", true)
                                                         ->set("depth", deep ? 16 : 8));
            rgb.remove(VIPS_META_ICC_NAME);
            return rgb;
        } catch (const vips::VError&) {
            aside();
            return image.colourspace(VIPS_INTERPRETATION_sRGB);
        }
    }
    const auto format = image.format();
    if ((format == VIPS_FORMAT_UCHAR || format == VIPS_FORMAT_USHORT) && !isMeasuredColour(image))
        return image;
    return image.colourspace(deep ? VIPS_INTERPRETATION_RGB16 : VIPS_INTERPRETATION_sRGB)
        .cast(deep ? VIPS_FORMAT_USHORT : VIPS_FORMAT_UCHAR);
}

namespace {

/// Exif 2.32, 4.6.8: "R03" is DCF's optional colour space, which is opRGB. Cameras write it without a
/// profile.
bool saysOpRgb(const VImage& image) {
    constexpr const char* kIndex = "exif-ifd4-InteroperabilityIndex";
    return image.get_typeof(kIndex) && std::string_view(image.get_string(kIndex)).starts_with("R03");
}

} // namespace

ColourSpacePtr profileOf(const VImage& image, Notes* notes) {
    if (!image.get_typeof(VIPS_META_ICC_NAME))
        return image.bands() >= 3 && !isCmyk(image) && saysOpRgb(image) ? opRgbSpace() : nullptr;
    try {
        if (hasUnusableProfile(image))
            throw Problem(ProblemKind::BadFile, {}, {});
        std::size_t length = 0;
        const auto* data = static_cast<const std::uint8_t*>(image.get_blob(VIPS_META_ICC_NAME, &length));
        auto space = readProfile(MemorySource({data, length}), "the picture's profile");
        if (space->channels() != (image.bands() - (image.has_alpha() ? 1 : 0)))
            throw Problem(ProblemKind::BadFile, {}, {});
        return space;
    } catch (const Problem&) {
        if (notes)
            addNote(*notes, {NoteKind::ProfileSetAside, {}, {}});
        return nullptr;
    }
}

} // namespace keepseal
