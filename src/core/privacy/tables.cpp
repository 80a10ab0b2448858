// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/tables.h"

#include "base/text.h"

#include <algorithm>
#include <array>
#include <cstdio>

namespace keepseal {
namespace {

using enum Category;

struct TagRow {
    std::uint16_t tag;
    const char* name;
    Category category;
};

constexpr TagRow kImageTags[] = {
    {0x00FE, "NewSubfileType", Technical},
    {0x00FF, "SubfileType", Technical},
    {0x0100, "ImageWidth", Technical},
    {0x0101, "ImageLength", Technical},
    {0x0102, "BitsPerSample", Technical},
    {0x0103, "Compression", Technical},
    {0x0106, "PhotometricInterpretation", Technical},
    {0x010A, "FillOrder", Technical},
    {0x010D, "DocumentName", Description},
    {0x010E, "ImageDescription", Description},
    {0x010F, "Make", Camera},
    {0x0110, "Model", Camera},
    {0x0111, "StripOffsets", Technical},
    {0x0112, "Orientation", Technical},
    {0x0115, "SamplesPerPixel", Technical},
    {0x0116, "RowsPerStrip", Technical},
    {0x0117, "StripByteCounts", Technical},
    {0x011A, "XResolution", Technical},
    {0x011B, "YResolution", Technical},
    {0x011C, "PlanarConfiguration", Technical},
    {0x011D, "PageName", Description},
    {0x0128, "ResolutionUnit", Technical},
    {0x0129, "PageNumber", Technical},
    {0x012D, "TransferFunction", Technical},
    {0x0131, "Software", History},
    {0x0132, "DateTime", DateTaken},
    {0x013B, "Artist", Rights},
    {0x013C, "HostComputer", Serial},
    {0x013D, "Predictor", Technical},
    {0x013E, "WhitePoint", Technical},
    {0x013F, "PrimaryChromaticities", Technical},
    {0x0140, "ColorMap", Technical},
    {0x0142, "TileWidth", Technical},
    {0x0143, "TileLength", Technical},
    {0x0144, "TileOffsets", Technical},
    {0x0145, "TileByteCounts", Technical},
    {0x014A, "SubIFDs", Technical},
    {0x0152, "ExtraSamples", Technical},
    {0x0153, "SampleFormat", Technical},
    {0x015B, "JPEGTables", Technical},
    {0x0201, "JPEGInterchangeFormat", Preview},
    {0x0202, "JPEGInterchangeFormatLength", Preview},
    {0x0211, "YCbCrCoefficients", Technical},
    {0x0212, "YCbCrSubSampling", Technical},
    {0x0213, "YCbCrPositioning", Technical},
    {0x0214, "ReferenceBlackWhite", Technical},
    {0x02BC, "XMP", Technical},
    {0x4746, "Rating", Description},
    {0x4749, "RatingPercent", Description},
    {0x8298, "Copyright", Rights},
    {0x83BB, "IPTC", Technical},
    {0x8649, "ImageResources", Technical},
    {0x8769, "ExifIFD", Technical},
    {0x8773, "ICCProfile", Technical},
    {0x8825, "GPSInfo", Technical},
    {0x9C9B, "XPTitle", Description},
    {0x9C9C, "XPComment", Description},
    {0x9C9D, "XPAuthor", Rights},
    {0x9C9E, "XPKeywords", Description},
    {0x9C9F, "XPSubject", Description},
    {0xC62F, "CameraSerialNumber", Serial},
};

constexpr TagRow kExifTags[] = {
    {0x829A, "ExposureTime", Camera},
    {0x829D, "FNumber", Camera},
    {0x8822, "ExposureProgram", Camera},
    {0x8824, "SpectralSensitivity", Camera},
    {0x8827, "PhotographicSensitivity", Camera},
    {0x8830, "SensitivityType", Camera},
    {0x8831, "StandardOutputSensitivity", Camera},
    {0x8832, "RecommendedExposureIndex", Camera},
    {0x9000, "ExifVersion", Technical},
    {0x9003, "DateTimeOriginal", DateTaken},
    {0x9004, "DateTimeDigitized", DateTaken},
    {0x9010, "OffsetTime", DateTaken},
    {0x9011, "OffsetTimeOriginal", DateTaken},
    {0x9012, "OffsetTimeDigitized", DateTaken},
    {0x9101, "ComponentsConfiguration", Technical},
    {0x9102, "CompressedBitsPerPixel", Camera},
    {0x9201, "ShutterSpeedValue", Camera},
    {0x9202, "ApertureValue", Camera},
    {0x9203, "BrightnessValue", Camera},
    {0x9204, "ExposureBiasValue", Camera},
    {0x9205, "MaxApertureValue", Camera},
    {0x9206, "SubjectDistance", Camera},
    {0x9207, "MeteringMode", Camera},
    {0x9208, "LightSource", Camera},
    {0x9209, "Flash", Camera},
    {0x920A, "FocalLength", Camera},
    {0x9214, "SubjectArea", Camera},
    {0x927C, "MakerNote", Other},
    {0x9286, "UserComment", Description},
    {0x9290, "SubSecTime", DateTaken},
    {0x9291, "SubSecTimeOriginal", DateTaken},
    {0x9292, "SubSecTimeDigitized", DateTaken},
    {0xA000, "FlashpixVersion", Technical},
    {0xA001, "ColorSpace", Technical},
    {0xA002, "PixelXDimension", Technical},
    {0xA003, "PixelYDimension", Technical},
    {0xA005, "InteroperabilityIFD", Technical},
    {0xA20E, "FocalPlaneXResolution", Camera},
    {0xA20F, "FocalPlaneYResolution", Camera},
    {0xA210, "FocalPlaneResolutionUnit", Camera},
    {0xA214, "SubjectLocation", Camera},
    {0xA215, "ExposureIndex", Camera},
    {0xA217, "SensingMethod", Camera},
    {0xA300, "FileSource", Camera},
    {0xA301, "SceneType", Camera},
    {0xA302, "CFAPattern", Camera},
    {0xA401, "CustomRendered", Camera},
    {0xA402, "ExposureMode", Camera},
    {0xA403, "WhiteBalance", Camera},
    {0xA404, "DigitalZoomRatio", Camera},
    {0xA405, "FocalLengthIn35mmFilm", Camera},
    {0xA406, "SceneCaptureType", Camera},
    {0xA407, "GainControl", Camera},
    {0xA408, "Contrast", Camera},
    {0xA409, "Saturation", Camera},
    {0xA40A, "Sharpness", Camera},
    {0xA40C, "SubjectDistanceRange", Camera},
    {0xA420, "ImageUniqueID", Serial},
    {0xA430, "CameraOwnerName", Serial},
    {0xA431, "BodySerialNumber", Serial},
    {0xA432, "LensSpecification", Camera},
    {0xA433, "LensMake", Camera},
    {0xA434, "LensModel", Camera},
    {0xA435, "LensSerialNumber", Serial},
};

constexpr const char* kGpsNames[] = {
    "GPSVersionID",       "GPSLatitudeRef",
    "GPSLatitude",        "GPSLongitudeRef",
    "GPSLongitude",       "GPSAltitudeRef",
    "GPSAltitude",        "GPSTimeStamp",
    "GPSSatellites",      "GPSStatus",
    "GPSMeasureMode",     "GPSDOP",
    "GPSSpeedRef",        "GPSSpeed",
    "GPSTrackRef",        "GPSTrack",
    "GPSImgDirectionRef", "GPSImgDirection",
    "GPSMapDatum",        "GPSDestLatitudeRef",
    "GPSDestLatitude",    "GPSDestLongitudeRef",
    "GPSDestLongitude",   "GPSDestBearingRef",
    "GPSDestBearing",     "GPSDestDistanceRef",
    "GPSDestDistance",    "GPSProcessingMethod",
    "GPSAreaInformation", "GPSDateStamp",
    "GPSDifferential",    "GPSHPositioningError",
};

struct DatasetRow {
    int dataset;
    const char* name;
    Category category;
};

constexpr DatasetRow kDatasets[] = {
    {0, "Record Version", Technical},
    {5, "Object Name", Description},
    {7, "Edit Status", History},
    {10, "Urgency", Description},
    {15, "Category", Description},
    {20, "Supplemental Category", Description},
    {25, "Keywords", Description},
    {26, "Content Location Code", Location},
    {27, "Content Location Name", Location},
    {40, "Special Instructions", Rights},
    {55, "Date Created", DateTaken},
    {60, "Time Created", DateTaken},
    {62, "Digital Creation Date", DateTaken},
    {63, "Digital Creation Time", DateTaken},
    {65, "Originating Program", History},
    {70, "Program Version", History},
    {80, "By-line", Rights},
    {85, "By-line Title", Rights},
    {90, "City", Location},
    {92, "Sub-location", Location},
    {95, "Province/State", Location},
    {100, "Country Code", Location},
    {101, "Country Name", Location},
    {103, "Original Transmission Reference", Description},
    {105, "Headline", Description},
    {110, "Credit", Rights},
    {115, "Source", Rights},
    {116, "Copyright Notice", Rights},
    {118, "Contact", Contact},
    {120, "Caption/Abstract", Description},
    {122, "Writer/Editor", Description},
};

struct NamespaceRow {
    std::string_view uri, prefix;
};
constexpr NamespaceRow kNamespaces[] = {
    {"http://purl.org/dc/elements/1.1/", "dc"},
    {"http://ns.adobe.com/xap/1.0/", "xmp"},
    {"http://ns.adobe.com/xap/1.0/rights/", "xmpRights"},
    {"http://ns.adobe.com/xap/1.0/mm/", "xmpMM"},
    {"http://ns.adobe.com/photoshop/1.0/", "photoshop"},
    {"http://ns.adobe.com/exif/1.0/", "exif"},
    {"http://cipa.jp/exif/1.0/", "exifEX"},
    {"http://ns.adobe.com/exif/1.0/aux/", "aux"},
    {"http://ns.adobe.com/tiff/1.0/", "tiff"},
    {"http://ns.adobe.com/camera-raw-settings/1.0/", "crs"},
    {"http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/", "Iptc4xmpCore"},
    {"http://iptc.org/std/Iptc4xmpExt/2008-02-29/", "Iptc4xmpExt"},
    {"http://ns.useplus.org/ldf/xmp/1.0/", "plus"},
    {"http://ns.adobe.com/xmp/note/", "xmpNote"},
    {"https://keepseal.example.org/ns/copy/1.0/", "keepseal"},
    {"http://www.w3.org/1999/02/22-rdf-syntax-ns#", "rdf"},
    {"http://www.w3.org/XML/1998/namespace", "xml"},
    {"adobe:ns:meta/", "x"},
};

struct PropertyRow {
    std::string_view name; ///< ends in ':' for a whole namespace
    Category category;
};
/// First match wins, so single properties stand before their namespace.
constexpr PropertyRow kProperties[] = {
    {"Iptc4xmpCore:CreatorContactInfo", Contact},
    {"keepseal:Copy", Technical}, // a copy's mark: whole property names, nothing else of the namespace
    {"keepseal:Border", Technical},
    {"keepseal:Seal", Technical},
    {"xmpNote:HasExtendedXMP", Technical},
    {"dc:creator", Rights},
    {"dc:rights", Rights},
    {"dc:coverage", Location},
    {"dc:format", Technical},
    {"dc:", Description},
    {"xmpRights:", Rights},
    {"plus:", Rights},
    {"photoshop:City", Location},
    {"photoshop:State", Location},
    {"photoshop:Country", Location},
    {"photoshop:Credit", Rights},
    {"photoshop:Source", Rights},
    {"photoshop:Instructions", Rights},
    {"photoshop:AuthorsPosition", Rights},
    {"photoshop:Headline", Description},
    {"photoshop:DateCreated", DateTaken},
    {"photoshop:TransmissionReference", Description},
    {"photoshop:CaptionWriter", Description},
    {"photoshop:", History},
    {"Iptc4xmpCore:Location", Location},
    {"Iptc4xmpCore:CountryCode", Location},
    {"Iptc4xmpCore:", Description},
    {"Iptc4xmpExt:LocationCreated", Location},
    {"Iptc4xmpExt:LocationShown", Location},
    {"Iptc4xmpExt:DigitalSourceType", Rights},
    {"Iptc4xmpExt:", Description},
    {"exif:GPS", Location}, // a prefix of names, see matches()
    {"exif:DateTimeOriginal", DateTaken},
    {"exif:UserComment", Description},
    {"exif:ImageUniqueID", Serial},
    {"exif:", Camera},
    {"exifEX:BodySerialNumber", Serial},
    {"exifEX:LensSerialNumber", Serial},
    {"exifEX:CameraOwnerName", Serial},
    {"exifEX:", Camera},
    {"aux:SerialNumber", Serial},
    {"aux:LensSerialNumber", Serial},
    {"aux:OwnerName", Serial},
    {"aux:", Camera},
    {"tiff:Make", Camera},
    {"tiff:Model", Camera},
    {"tiff:Artist", Rights},
    {"tiff:Copyright", Rights},
    {"tiff:Software", History},
    {"tiff:ImageDescription", Description},
    {"tiff:", Technical},
    {"xmpMM:", History},
    {"crs:", History},
    {"xmp:Thumbnails", Preview},
    {"xmp:CreateDate", DateTaken},
    {"xmp:Rating", Description},
    {"xmp:Label", Description},
    {"xmp:", History},
};

bool matches(std::string_view row, std::string_view name) {
    if (row.back() == ':' || row == "exif:GPS")
        return name.starts_with(row);
    return name == row;
}

/// A word inside a camel-case or parted name: "GpsCity" and "city_name" hold "city", "capacity" does not.
bool holdsWord(std::string_view name, std::string_view word) {
    const auto lower = toLowerAscii(name);
    for (auto at = lower.find(word); at != std::string::npos; at = lower.find(word, at + 1)) {
        const bool upper = name[at] >= 'A' && name[at] <= 'Z';
        const bool afterLetter = at > 0 && ((lower[at - 1] >= 'a' && lower[at - 1] <= 'z'));
        if (upper || !afterLetter)
            return true;
    }
    return false;
}

bool namesAPlace(std::string_view name) {
    static constexpr std::array<std::string_view, 9> words = {
        "latitude", "longitude", "gps", "location", "address", "city", "country", "sublocation", "altitude"};
    return std::any_of(words.begin(), words.end(), [&](auto word) { return holdsWord(name, word); });
}

} // namespace

TagMeaning meaningOfTag(IfdKind kind, std::uint16_t tag) {
    if (kind == IfdKind::Gps)
        return tag < std::size(kGpsNames) ? TagMeaning{kGpsNames[tag], Location}
                                          : TagMeaning{"GPS tag " + std::to_string(tag), Location};
    if (kind == IfdKind::Interop)
        return {"Interoperability " + std::to_string(tag), Technical};
    // Writers put Exif tags into image IFDs and the other way round, so both tables serve both.
    for (const auto& row : kImageTags)
        if (row.tag == tag)
            return {row.name, row.category};
    for (const auto& row : kExifTags)
        if (row.tag == tag)
            return {row.name, row.category};
    char name[24];
    std::snprintf(name, sizeof name, "tag 0x%04x", tag);
    return {name, Other};
}

TagMeaning meaningOfDataset(int record, int dataset) {
    const auto number = std::to_string(record) + ":" + (dataset < 10 ? "0" : "") + std::to_string(dataset);
    if (record == 1)
        return {number + (dataset == 90 ? " Coded Character Set" : " Envelope"), Technical};
    if (record == 2)
        for (const auto& row : kDatasets)
            if (row.dataset == dataset)
                return {number + " " + row.name, row.category};
    return {number, Other};
}

Category categoryOfProperty(const std::vector<std::string>& path) {
    if (path.empty())
        return Other;
    for (const auto& row : kProperties)
        if (row.category == Contact && matches(row.name, path.front()))
            return Contact;
    for (const auto& name : path) {
        const auto local = std::string_view(name).substr(name.find(':') + 1);
        // "exif:SubjectLocation" is a point inside the picture, not on the earth.
        if (namesAPlace(local) && local != "SubjectLocation")
            return Location;
    }
    for (const auto& row : kProperties)
        if (matches(row.name, path.front()))
            return row.category;
    return Other;
}

std::string_view usualPrefix(std::string_view namespaceUri) {
    for (const auto& row : kNamespaces)
        if (row.uri == namespaceUri)
            return row.prefix;
    return {};
}

} // namespace keepseal
