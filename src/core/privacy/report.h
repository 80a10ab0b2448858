// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Everything a picture file tells besides its picture, found by walking the container itself. This reader
// shares no code with what writes copies (and none with Exiv2), so that it can be believed when it says that
// something is not there.
#pragma once

#include "base/byte_source.h"
#include "picture/container.h"

#include <nlohmann/json_fwd.hpp>

#include <optional>
#include <string>
#include <vector>

namespace keepseal {

/// What a piece of metadata is about; the rows of the privacy rules.
enum class Category {
    Rights,
    Contact,
    Description,
    DateTaken,
    Camera,
    Serial,
    Location,
    History,
    Preview,
    Other,     ///< maker notes, unknown segments, comments, trailers
    Technical, ///< size, turn, resolution, colour profile, what a decoder needs
};
const char* keyOf(Category category);
/// For a person: "Serial numbers and owner".
const char* labelOf(Category category);

struct Finding {
    std::string where; ///< path inside the file: "Exif / GPS", "XMP", "IIM", "after the end"
    std::string name;  ///< the standard's own name: "GPSLatitude", "dc:creator", "2:90 City"
    std::string value; ///< for a person; long binary as its size
    Category category = Category::Other;
    bool tellsPlace = false;
};

/// Degrees, WGS 84; north and east positive.
struct GeoPoint {
    double latitude = 0, longitude = 0;
};

/// A JPEG inside the file, by its place in the file's bytes.
struct EmbeddedPreview {
    std::uint64_t offset = 0;
    std::uint64_t length = 0;
};

struct FileReport {
    Container container = Container::Unknown;
    std::uint64_t bytes = 0;
    std::vector<Finding> findings;
    std::vector<EmbeddedPreview> previews;
    std::vector<std::string> notSearched; ///< parts that could not be understood, for a person
    std::optional<GeoPoint> point;        ///< where the picture was taken, if it says so in Exif
    std::vector<Bytes> secrets;           ///< raw location values, to be searched for in copies

    bool tellsPlace() const;
    std::size_t count(Category category) const;
    /// First finding of that name, or nullptr; owned by the report.
    const Finding* find(const std::string& name) const;
    /// The place in one line ("54.12000 N, 3.45000 E · Heron Sands"), empty when none is told.
    std::string placeText() const;
};

void to_json(nlohmann::json& json, const FileReport& report);

/// Never throws for what is in the file: what can't be understood is a finding or a row of `notSearched`.
/// Walks JPEG, PNG, WebP and TIFF; other files are searched for embedded Exif and XMP blocks as plain bytes.
FileReport inspect(const ByteSource& source);

/// True for text that holds a pair of coordinates, such as "54.1234, 3.4567" or "+54.1234+003.4567/".
bool holdsCoordinates(const std::string& text);

} // namespace keepseal
