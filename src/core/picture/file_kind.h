// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a file is, told from its first bytes (and, where those say nothing, from its ending), so that whatever
// is met in a folder can be told by kind. Reads at most a few kilobytes, and of a TIFF its directories.
#pragma once

#include "picture/container.h"

#include <string>

namespace keepseal {

enum class FileKind {
    Picture,      ///< in a container we read
    CameraRaw,    ///< of a camera that is not known
    OtherPicture, ///< a picture in a format we do not read
    Video,        ///< or sound
    Document,
    Xmp, ///< metadata that belongs to a picture
    Empty,
    Unknown,
};

struct SniffedFile {
    FileKind kind = FileKind::Unknown;
    Container container = Container::Unknown;
    std::string name; ///< "PDF", "GIF", ...; empty where the kind says it
};

/// `ending`: of its name, lower case with the dot.
SniffedFile sniffFile(const ByteSource& source, const std::string& ending);

/// Sensor data, of a camera that is known or not: a TIFF whose directories hold a colour filter array or
/// linear raw (TIFF/EP, DNG), or one of the makers' own containers.
bool isCameraRaw(const ByteSource& source);

} // namespace keepseal
