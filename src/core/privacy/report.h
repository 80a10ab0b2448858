// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Everything a picture file tells besides its picture, found by walking the container itself. This reader
// shares no code with what writes copies (and none with Exiv2), so that it can be believed when it says that
// something is not there.
#pragma once

#include "base/byte_source.h"
#include "base/language.h"
#include "base/read_budget.h"
#include "picture/container.h"

#include <nlohmann/json_fwd.hpp>

#include <memory>
#include <optional>
#include <string>
#include <string_view>
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

enum class IfdKind { Image, Exif, Gps, Interop };

/// The value of an Exif tag as it stands there, so that a tag that may stay can be written again unchanged.
struct ExifValue {
    IfdKind ifd = IfdKind::Image;
    std::uint16_t tag = 0;
    int type = 0; ///< TIFF 6.0's number of the type
    std::uint32_t count = 0;
    Bytes bytes; ///< little-endian
    bool operator==(const ExifValue&) const = default;
};

struct Finding {
    std::string where; ///< path inside the file: "Exif / GPS", "XMP", "IIM", "after the end"
    std::string name;  ///< the standard's own name: "GPSLatitude", "dc:creator", "2:90 City"
    std::string value; ///< for a person: one line, at most 400 bytes; long binary as its size
    Category category = Category::Other;
    bool tellsPlace = false;
    std::uint64_t offset = 0; ///< byte of the file where it stands, or where the block that holds it begins
    std::string text{};       ///< the whole text with its line ends, where `value` does not show all of it
    std::string language{};   ///< of one of several languages, as XMP says it ("x-default", "de-DE")
    bool notUtf8 = false;     ///< the text was in no stated encoding and was read as Latin-1
    std::shared_ptr<const ExifValue> exif{}; ///< of tags of the picture's own Exif, when not too long

    const std::string& whole() const { return text.empty() ? value : text; }
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

/// A part of a file that could not be understood.
struct NotSearched {
    std::string where; ///< before what is said: what it lies in; empty: the file itself
    Saying what;
    std::string english() const { return where + what.english(); }
    std::string said() const { return where + what.said(); } ///< in the language spoken
};

struct FileReport {
    Container container = Container::Unknown;
    std::uint64_t bytes = 0;
    std::vector<Finding> findings;
    std::vector<EmbeddedPreview> previews;
    std::vector<NotSearched> notSearched;
    std::optional<GeoPoint> point; ///< where the picture was taken, if it says so in Exif
    std::vector<Bytes> secrets;    ///< raw location values, to be searched for in copies

    bool tellsPlace() const;
    std::size_t count(Category category) const;
    /// First finding of that name, or nullptr; owned by the report.
    const Finding* find(const std::string& name) const;
    /// The place in one line ("54.12000 N, 3.45000 E · Heron Sands"), empty when none is told.
    std::string placeText() const;
};

void to_json(nlohmann::json& json, const FileReport& report);

/// How far a file is read.
enum class Reach {
    Whole,  ///< to its last byte
    Headers ///< JPEG: up to the picture data, which is enough to know the facts but not what hangs behind it
};

/// Never throws for what is in the file: what can't be understood is a finding or a row of `notSearched`.
/// Walks JPEG, PNG, WebP, TIFF (and raw files of its kind), PDF and ISO boxes (HEIF, AVIF, JPEG XL); others
/// are searched for embedded Exif and XMP blocks as plain bytes. Work and memory are bounded whatever the
/// file says of itself: see base/read_budget.h. What was not read for its sake is the first row of
/// `notSearched`.
FileReport inspect(const ByteSource& source, Reach reach = Reach::Whole);
inline constexpr std::size_t kMostFindings = ReadBudget::kMostFindings;

/// What a bare XMP packet tells, as in a sidecar file.
FileReport inspectXmp(std::string_view packet);

} // namespace keepseal
