// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Raw files are LibRaw's, which has fuzzers of its own: here every one is of some camera.
#include "decode/camera.h"

std::string keepseal::cameraOf(const ByteSource&) {
    return "a camera";
}
