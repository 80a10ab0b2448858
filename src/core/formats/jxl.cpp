// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// JPEG XL: ISO/IEC 18181, by libjxl.
#include "formats/output_format.h"

#include "base/problem.h"

#include <jxl/encode.h>

namespace keepseal {
namespace {

[[noreturn]] void jpegXlFailed() {
    throw Problem(ProblemKind::Internal, {}, "the copy could not be encoded as JPEG XL");
}

void requireJxl(JxlEncoderStatus status) {
    if (status != JXL_ENC_SUCCESS)
        jpegXlFailed();
}

/// What one sees of it, as libjxl counts: 1 is the least that can be seen by a good eye. Quality as of JPEG,
/// by the curve that libjxl's own tools use.
float distanceFor(int quality) {
    const auto q = static_cast<float>(quality);
    return quality >= 100  ? 0.01F
           : quality >= 30 ? 0.1F + (100 - q) * 0.09F
                           : 53.0F / 3000 * q * q - 23.0F / 20 * q + 25;
}

void describePixels(JxlEncoder* encoder, const CopyPixels& pixels, bool lossless) {
    JxlBasicInfo info;
    JxlEncoderInitBasicInfo(&info);
    const bool alpha = pixels.bands % 2 == 0, grey = pixels.bands < 3;
    info.xsize = static_cast<std::uint32_t>(pixels.size.width);
    info.ysize = static_cast<std::uint32_t>(pixels.size.height);
    info.bits_per_sample = pixels.deep ? 16 : 8;
    info.num_color_channels = grey ? 1 : 3;
    info.num_extra_channels = alpha ? 1 : 0;
    info.alpha_bits = alpha ? info.bits_per_sample : 0;
    info.uses_original_profile = lossless ? JXL_TRUE : JXL_FALSE;
    requireJxl(JxlEncoderSetBasicInfo(encoder, &info));
    if (!pixels.profile.empty()) {
        requireJxl(JxlEncoderSetICCProfile(encoder, pixels.profile.data(), pixels.profile.size()));
        return;
    }
    JxlColorEncoding colours;
    JxlColorEncodingSetToSRGB(&colours, grey ? JXL_TRUE : JXL_FALSE);
    requireJxl(JxlEncoderSetColorEncoding(encoder, &colours));
}

Bytes codestreamOf(JxlEncoder* encoder) {
    Bytes out(1 << 16);
    std::size_t used = 0;
    while (true) {
        auto* next = out.data() + used;
        std::size_t room = out.size() - used;
        const auto status = JxlEncoderProcessOutput(encoder, &next, &room);
        used = out.size() - room;
        if (status == JXL_ENC_SUCCESS)
            break;
        if (status != JXL_ENC_NEED_MORE_OUTPUT)
            jpegXlFailed();
        out.resize(out.size() * 2);
    }
    out.resize(used);
    return out;
}

/// A codestream alone; on this thread.
Bytes encodeAsJpegXl(const CopyPixels& pixels, const OwnValues& own) {
    const std::unique_ptr<JxlEncoder, decltype(&JxlEncoderDestroy)> encoder(JxlEncoderCreate(nullptr),
                                                                            &JxlEncoderDestroy);
    if (!encoder)
        jpegXlFailed();
    const bool lossless = own.on("jxl_lossless");
    requireJxl(JxlEncoderUseContainer(encoder.get(), JXL_FALSE));
    describePixels(encoder.get(), pixels, lossless);
    auto* frame = JxlEncoderFrameSettingsCreate(encoder.get(), nullptr);
    requireJxl(
        JxlEncoderFrameSettingsSetOption(frame, JXL_ENC_FRAME_SETTING_EFFORT, own.whole("jxl_effort")));
    if (lossless)
        requireJxl(JxlEncoderSetFrameLossless(frame, JXL_TRUE));
    else
        requireJxl(JxlEncoderSetFrameDistance(frame, distanceFor(own.whole("jxl_quality"))));
    const JxlPixelFormat format{static_cast<std::uint32_t>(pixels.bands),
                                pixels.deep ? JXL_TYPE_UINT16 : JXL_TYPE_UINT8, JXL_NATIVE_ENDIAN, 0};
    requireJxl(JxlEncoderAddImageFrame(frame, &format, pixels.samples, pixels.bytes()));
    JxlEncoderCloseInput(encoder.get());
    return codestreamOf(encoder.get());
}

/// With loss it works in floating point, without it keeps trees of contexts; from some effort on several of
/// them.
int jxlBytesPerPixel(const OwnValues& own) {
    const int effort = own.whole("jxl_effort");
    return own.on("jxl_lossless") ? (effort <= 4 ? 70 : 135) : (effort <= 5 ? 45 : 135);
}

} // namespace

OutputFormat jpegXlFormat() {
    OutputFormat out;
    out.key = "jxl", out.name = "JPEG XL", out.ending = "jxl";
    out.help =
        "Small and fine, also without loss; transparency, 8 or 16 bits. Not every program reads it yet.";
    out.longestSide = 65535;
    out.alpha = out.sixteen = true;
    out.settings = {
        ownSwitch("jxl_lossless", "JPEG XL without loss", false, "Every pixel stays as it is."),
        ownNumber("jxl_quality", "JPEG XL quality", 90, {1, 100, 1, 0},
                  "Higher keeps more and makes larger files; 90 can hardly be told from the original."),
        ownNumber("jxl_effort", "JPEG XL effort", 4, {1, 9, 1, 0},
                  "Higher takes longer and makes smaller files.")};
    out.settings[1].shown = [](const OwnValues& own) { return !own.on("jxl_lossless"); };
    out.quality = "jxl_quality";
    out.memory = jxlBytesPerPixel;
    out.encode = encodeAsJpegXl;
    out.embed = embedInJpegXl;
    out.readBack = [](const ByteSource& copy) { return readBoxesBack(copy, Container::JpegXl); };
    return out;
}

} // namespace keepseal
