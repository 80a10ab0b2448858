// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/render.h"

#include "base/problem.h"
#include "geometry/fit.h"
#include "rights/compose.h"

#include <vips/vips8>

namespace keepseal {
namespace {

using vips::VImage;

struct VipsBlobDeleter {
    void operator()(VipsBlob* blob) const { vips_area_unref(reinterpret_cast<VipsArea*>(blob)); }
};
using Blob = std::unique_ptr<VipsBlob, VipsBlobDeleter>;

VImage imageOf(const Frame& frame) {
    // libvips only reads from here; its C++ interface asks for a writable pointer.
    return VImage::new_from_memory(const_cast<std::uint8_t*>(frame.rgb.data()), frame.rgb.size(),
                                   frame.size.width, frame.size.height, 3, VIPS_FORMAT_UCHAR)
        .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
}

Bytes take(VipsBlob* raw) {
    const Blob blob(raw);
    size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob.get(), &length));
    return {data, data + length};
}

/// libvips' own compact sRGB profile, so that colour-managed readers need not guess.
const Bytes& srgbProfile() {
    static const Bytes bytes = [] {
        VipsBlob* blob = nullptr;
        if (vips_profile_load("srgb", &blob, nullptr) != 0 || !blob)
            throw Problem(ProblemKind::Internal, {}, "the sRGB profile could not be loaded");
        return take(blob);
    }();
    return bytes;
}

} // namespace

ChainSizes chainSizes(const Delivery& delivery, Size original) {
    return {original, delivery.fit.on ? fitLongSide(original, delivery.fit.longSide) : original};
}

Frame renderBase(const ByteSource& original, const std::string& name, const PictureFacts& facts,
                 const Delivery& delivery, Size size, std::string* warning) {
    Frame frame = develop(original, name, facts, size, delivery.file.background, warning);
    frame.scale = static_cast<double>(size.longSide()) / chainSizes(delivery, facts.size).fitted.longSide();
    return frame;
}

SealResult finishFrame(const Delivery& delivery, Frame& frame, const FinishContext& context) {
    const auto prepared = context.prepared ? context.prepared : prepareSeal(delivery.seal, context.facts);
    return drawSeal(*prepared, frame, context.seal);
}

Bytes encodeJpeg(const Frame& frame, const FileSettings& settings) {
    try {
        return take(imageOf(frame).jpegsave_buffer(
            VImage::option()
                ->set("Q", settings.quality)
                ->set("subsample_mode", settings.chroma == Chroma::Smaller ? VIPS_FOREIGN_SUBSAMPLE_ON
                                                                           : VIPS_FOREIGN_SUBSAMPLE_OFF)
                ->set("strip", true)));
    } catch (const vips::VError& error) {
        vips_error_clear();
        throw Problem(ProblemKind::Internal, {},
                      std::string("the copy could not be encoded: ") + error.what());
    }
}

EncodedCopy encodeCopy(const Frame& frame, const Delivery& delivery, double pixelsPerMm) {
    const Bytes bare = encodeJpeg(frame, delivery.file);
    auto metadata = composeMetadata(delivery.rights);
    return {withMetadata(bare, metadata, srgbProfile(), pixelsPerMm), std::move(metadata.notes)};
}

Bytes encodePng(const Frame& frame) {
    try {
        return take(imageOf(frame).pngsave_buffer(VImage::option()->set("strip", true)));
    } catch (const vips::VError& error) {
        vips_error_clear();
        throw Problem(ProblemKind::Internal, {},
                      std::string("the proof could not be encoded: ") + error.what());
    }
}

} // namespace keepseal
