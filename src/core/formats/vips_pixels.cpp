// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/vips_pixels.h"

#include "base/problem.h"

#include <memory>

namespace keepseal {
namespace {

struct VipsBlobDeleter {
    void operator()(VipsBlob* blob) const { vips_area_unref(reinterpret_cast<VipsArea*>(blob)); }
};

} // namespace

vips::VImage vipsView(const CopyPixels& pixels) {
    const bool grey = pixels.bands < 3;
    const auto meaning = grey ? (pixels.deep ? VIPS_INTERPRETATION_GREY16 : VIPS_INTERPRETATION_B_W)
                              : (pixels.deep ? VIPS_INTERPRETATION_RGB16 : VIPS_INTERPRETATION_sRGB);
    // libvips only reads from here; its C++ interface asks for a writable pointer.
    return vips::VImage::new_from_memory(const_cast<void*>(pixels.samples), pixels.bytes(), pixels.size.width,
                                         pixels.size.height, pixels.bands,
                                         pixels.deep ? VIPS_FORMAT_USHORT : VIPS_FORMAT_UCHAR)
        .copy(vips::VImage::option()->set("interpretation", meaning));
}

Bytes takeBytes(VipsBlob* raw) {
    const std::unique_ptr<VipsBlob, VipsBlobDeleter> blob(raw);
    size_t length = 0;
    const auto* data = static_cast<const std::uint8_t*>(vips_blob_get(blob.get(), &length));
    return {data, data + length};
}

void encodingFailed(const vips::VError& error) {
    const std::string why = error.what();
    vips_error_clear();
    throw Problem(ProblemKind::Internal, {}, Saying("the copy could not be encoded: {why}", {{"why", why}}));
}

} // namespace keepseal
