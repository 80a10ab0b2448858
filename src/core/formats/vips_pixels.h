// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Finished pixels for libvips' coders, and the bytes they make. Internal to formats/ and render/.
#pragma once

#include "base/byte_source.h"
#include "formats/output_format.h"

#include <vips/vips8>

namespace keepseal {

/// A view: the samples stay the caller's, and must live as long.
vips::VImage vipsView(const CopyPixels& pixels);
/// Takes the blob.
Bytes takeBytes(VipsBlob* blob);
[[noreturn]] void encodingFailed(const vips::VError& error);

/// Calls a coder, and names its error.
template <class Coder>
Bytes encodedBy(const CopyPixels& pixels, Coder coder) {
    try {
        return takeBytes(coder(vipsView(pixels), vips::VImage::option()->set("strip", true)));
    } catch (const vips::VError& error) {
        encodingFailed(error);
    }
}

} // namespace keepseal
