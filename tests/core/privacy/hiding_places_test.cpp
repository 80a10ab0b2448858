// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One test for each place a location is known to hide in. The files are built by hand.
#include "base/byte_source.h"
#include "base/text.h"
#include "privacy/report.h"
#include "privacy/tables.h"
#include "support/tiff_builder.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using namespace std::string_literals;
using ::testing::HasSubstr;

namespace {

FileReport hidingPlaces(const std::string& bytes) {
    return inspect(MemorySource({reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size()}));
}

std::string gpsTiff(bool little = true) {
    TiffBuilder tiff(little);
    const auto gps = tiff.addIfd(tiff.place());
    return tiff.finish(tiff.addIfd({tiff.longs(0x8825, {gps})}));
}

std::string xmp(const std::string& properties, const std::string& namespaces = {}) {
    return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
           "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description "
           "rdf:about='' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
           "xmlns:exif='http://ns.adobe.com/exif/1.0/' "
           "xmlns:dc='http://purl.org/dc/elements/1.1/' xmlns:xmp='http://ns.adobe.com/xap/1.0/' "
           "xmlns:Iptc4xmpCore='http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/' "
           "xmlns:Iptc4xmpExt='http://iptc.org/std/Iptc4xmpExt/2008-02-29/' "
           "xmlns:aux='http://ns.adobe.com/exif/1.0/aux/' "
           "xmlns:crs='http://ns.adobe.com/camera-raw-settings/1.0/' "
           "xmlns:xmpMM='http://ns.adobe.com/xap/1.0/mm/' "
           "xmlns:v='http://vendor.example.com/1.0/' " +
           namespaces + ">" + properties + "</rdf:Description></rdf:RDF></x:xmpmeta>";
}

std::string xmpJpeg(const std::string& properties) {
    return bareJpeg(jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + xmp(properties)));
}

void expectPoint(const FileReport& report) {
    ASSERT_TRUE(report.point);
    EXPECT_NEAR(report.point->latitude, 54.25, 1e-9);
    EXPECT_NEAR(report.point->longitude, 3.5, 1e-9);
}

} // namespace

TEST(HidingPlaces, GpsIfdInBothByteOrders) {
    for (const bool little : {true, false}) {
        const auto report = hidingPlaces(bareJpeg(exifSegment(gpsTiff(little))));
        expectPoint(report);
        EXPECT_EQ(report.count(Category::Location), 4U);
        EXPECT_TRUE(report.notSearched.empty());
    }
}

TEST(HidingPlaces, SouthAndWestAreNegative) {
    TiffBuilder tiff;
    auto place = tiff.place();
    place[0] = TiffBuilder::text(1, "S");
    place[2] = TiffBuilder::text(3, "W");
    const auto gps = tiff.addIfd(place);
    const auto report =
        hidingPlaces(bareJpeg(exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8825, {gps})})))));
    ASSERT_TRUE(report.point);
    EXPECT_NEAR(report.point->latitude, -54.25, 1e-9);
    EXPECT_NEAR(report.point->longitude, -3.5, 1e-9);
    EXPECT_THAT(report.placeText(), HasSubstr("54.25 S, 3.5 W"));
}

TEST(HidingPlaces, EveryGpsTagIsLocationAndOnlyTheVersionTellsNone) {
    for (std::uint16_t tag = 0; tag <= 31; ++tag) {
        EXPECT_EQ(meaningOfTag(IfdKind::Gps, tag).category, Category::Location) << tag;
        TiffBuilder tiff;
        const auto gps = tiff.addIfd({TiffBuilder::text(tag, "value")});
        const auto report =
            hidingPlaces(bareJpeg(exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8825, {gps})})))));
        EXPECT_EQ(report.tellsPlace(), tag != 0) << tag;
    }
}

TEST(HidingPlaces, GpsIfdOfALaterPageASubIfdAndInsideTheExifIfd) {
    {
        TiffBuilder tiff;
        const auto gps = tiff.addIfd(tiff.place());
        const auto second = tiff.addIfd({tiff.longs(0x8825, {gps})});
        expectPoint(
            hidingPlaces(tiff.finish(tiff.addIfd({TiffBuilder::text(0x010E, "first page")}, second))));
    }
    {
        TiffBuilder tiff;
        const auto gps = tiff.addIfd(tiff.place());
        const auto sub = tiff.addIfd({tiff.longs(0x8825, {gps})});
        const auto other = tiff.addIfd({TiffBuilder::text(0x010E, "plain")});
        expectPoint(hidingPlaces(tiff.finish(tiff.addIfd({tiff.longs(0x014A, {other, sub})}))));
    }
    {
        TiffBuilder tiff;
        const auto gps = tiff.addIfd(tiff.place());
        const auto exif = tiff.addIfd({tiff.longs(0x8825, {gps})});
        expectPoint(
            hidingPlaces(bareJpeg(exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8769, {exif})}))))));
    }
}

TEST(HidingPlaces, BigTiff) {
    const auto le = [](std::uint64_t v, int n) { return TiffBuilder(true).number(v, n); };
    // Header, then one IFD with a GPS pointer (LONG8), then the GPS IFD with one inline text.
    std::string file = "II"s + le(43, 2) + le(8, 2) + le(0, 2) + le(16, 8);
    file += le(1, 8) + le(0x8825, 2) + le(16, 2) + le(1, 8) + le(52, 8) + le(0, 8);
    file += le(1, 8) + le(27, 2) + le(2, 2) + le(8, 8) + "harbour\0"s + le(0, 8);
    const auto report = hidingPlaces(file);
    EXPECT_TRUE(report.tellsPlace());
    ASSERT_NE(report.find("GPSProcessingMethod"), nullptr);
    EXPECT_EQ(report.find("GPSProcessingMethod")->value, "harbour");
}

TEST(HidingPlaces, AMakerNoteThatHoldsAWholeExifBlock) {
    TiffBuilder tiff;
    const auto exif = tiff.addIfd({{0x927C, 7, "VENDOR 1.0\0\0Exif\0\0"s + gpsTiff()}});
    const auto report =
        hidingPlaces(bareJpeg(exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8769, {exif})})))));
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_EQ(report.find("MakerNote")->category, Category::Other);
}

TEST(HidingPlaces, TheEmbeddedPreviewsOwnExif) {
    const auto preview = bareJpeg(exifSegment(gpsTiff()));
    TiffBuilder tiff;
    const auto at = tiff.size();
    tiff.append(preview);
    const auto second = tiff.addIfd(
        {tiff.longs(0x0201, {at}), tiff.longs(0x0202, {static_cast<std::uint32_t>(preview.size())})});
    const auto report = hidingPlaces(
        bareJpeg(exifSegment(tiff.finish(tiff.addIfd({TiffBuilder::text(0x010F, "Saltmarsh")}, second)))));
    EXPECT_TRUE(report.tellsPlace());
    ASSERT_EQ(report.previews.size(), 1U);
    EXPECT_EQ(report.previews[0].length, preview.size());
    EXPECT_GT(report.count(Category::Preview), 0U);
}

class IimLocation : public ::testing::TestWithParam<int> {};
TEST_P(IimLocation, IsFoundInImageResources) {
    const auto block =
        "Photoshop 3.0\0"s +
        imageResource(0x0404, iimDataset(2, 5, "a title") + iimDataset(2, GetParam(), "Heronsluice"));
    const auto report = hidingPlaces(bareJpeg(jpegSegment(0xED, block)));
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_THAT(report.placeText(), HasSubstr("Heronsluice"));
    EXPECT_EQ(report.secrets.size(), 1U);
}
INSTANTIATE_TEST_SUITE_P(Datasets, IimLocation, ::testing::Values(26, 27, 90, 92, 95, 100, 101));

TEST(HidingPlaces, ImageResourcesWithPreviewExifAndXmp) {
    const auto header = "Photoshop 3.0\0"s;
    EXPECT_TRUE(
        hidingPlaces(bareJpeg(jpegSegment(0xED, header + imageResource(0x0422, gpsTiff())))).tellsPlace());
    EXPECT_TRUE(
        hidingPlaces(bareJpeg(jpegSegment(
                         0xED, header + imageResource(0x0424, xmp("<photoshop:City>H</photoshop:City>")))))
            .tellsPlace());
    const auto report = hidingPlaces(bareJpeg(jpegSegment(
        0xED, header + imageResource(0x040C, std::string(28, '\0') + bareJpeg(exifSegment(gpsTiff()))))));
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_GT(report.count(Category::Preview), 0U);
    EXPECT_TRUE(
        hidingPlaces(bareJpeg(jpegSegment(
                         0xED, header + imageResource(0x1234, xmp("<photoshop:City>H</photoshop:City>")))))
            .tellsPlace());
}

TEST(HidingPlaces, TiffTagsThatHoldXmpIimAndResources) {
    const auto with = [](std::uint16_t tag, std::uint16_t type, const std::string& data) {
        TiffBuilder tiff;
        return hidingPlaces(tiff.finish(tiff.addIfd({{tag, type, data}})));
    };
    EXPECT_TRUE(with(0x02BC, 1, xmp("<photoshop:Country>H</photoshop:Country>")).tellsPlace());
    EXPECT_TRUE(with(0x83BB, 7, iimDataset(2, 90, "Heronsluice")).tellsPlace());
    EXPECT_TRUE(with(0x8649, 1, imageResource(0x0404, iimDataset(2, 101, "Marshland"))).tellsPlace());
    EXPECT_FALSE(with(0x010E, 2, "a kite\0"s).tellsPlace());
    EXPECT_TRUE(with(0x010E, 2, "a kite at 54.2512, 3.5034\0"s).tellsPlace());
}

class XmpLocation : public ::testing::TestWithParam<const char*> {};
TEST_P(XmpLocation, TellsAPlace) {
    const auto report = hidingPlaces(xmpJpeg(GetParam()));
    EXPECT_TRUE(report.tellsPlace()) << GetParam();
    // A code of two or three letters stands in any file by chance: it is found by name, not by its bytes.
    EXPECT_EQ(report.secrets.empty(), std::string_view(GetParam()).find("Code>") != std::string_view::npos);
}
INSTANTIATE_TEST_SUITE_P(
    Properties, XmpLocation,
    ::testing::Values(
        "<exif:GPSLatitude>54,15.0N</exif:GPSLatitude>",
        "<exif:GPSAreaInformation>marsh</exif:GPSAreaInformation>",
        "<photoshop:City>Heronsluice</photoshop:City>", "<photoshop:State>Eastmarsh</photoshop:State>",
        "<photoshop:Country>Marshland</photoshop:Country>",
        "<Iptc4xmpCore:Location>the sluice</Iptc4xmpCore:Location>",
        "<Iptc4xmpCore:CountryCode>XMA</Iptc4xmpCore:CountryCode>", "<dc:coverage>Heron marsh</dc:coverage>",
        "<Iptc4xmpExt:LocationCreated "
        "rdf:parseType='Resource'><Iptc4xmpExt:City>Heronsluice</Iptc4xmpExt:City></"
        "Iptc4xmpExt:LocationCreated>",
        "<Iptc4xmpExt:LocationShown><rdf:Bag><rdf:li><rdf:Description Iptc4xmpExt:WorldRegion='Northern "
        "sea'/></rdf:li></rdf:Bag></Iptc4xmpExt:LocationShown>",
        "<v:Latitude>54.25</v:Latitude>", "<v:shotAddress>1 Sluice Road</v:shotAddress>",
        "<v:GpsTrack>54.25 3.5</v:GpsTrack>", "<v:AltitudeMetres>12.5</v:AltitudeMetres>",
        "<v:details><rdf:Seq><rdf:li v:sublocation='east bank'/></rdf:Seq></v:details>"));

TEST(HidingPlaces, AttributesCountLikeElementsAndPrefixesAreOnlyNames) {
    const auto packet =
        "<x:xmpmeta xmlns:x='adobe:ns:meta/'><r:RDF xmlns:r='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
        "<r:Description xmlns:p='http://ns.adobe.com/photoshop/1.0/' p:City='Heronsluice'/></r:RDF></x:xmpmeta>"s;
    const auto report = hidingPlaces(bareJpeg(jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + packet)));
    ASSERT_NE(report.find("photoshop:City"), nullptr);
    EXPECT_TRUE(report.tellsPlace());
}

TEST(HidingPlaces, BrushStrokesOfAnEditingHistoryAreNoPlace) {
    EXPECT_FALSE(hidingPlaces(xmpJpeg("<crs:Dabs>d 0.700935 0.454050</crs:Dabs>")).tellsPlace());
    EXPECT_TRUE(hidingPlaces(xmpJpeg("<dc:description>d 54.700935 3.454050</dc:description>")).tellsPlace());
}

struct Meaning {
    const char* property;
    const char* name;
    Category category;
};
class XmpMeaning : public ::testing::TestWithParam<Meaning> {};
TEST_P(XmpMeaning, IsOfItsKind) {
    const auto report = hidingPlaces(xmpJpeg(GetParam().property));
    ASSERT_NE(report.find(GetParam().name), nullptr) << GetParam().name;
    EXPECT_EQ(report.find(GetParam().name)->category, GetParam().category) << GetParam().name;
    EXPECT_EQ(report.tellsPlace(), GetParam().category == Category::Location);
}
INSTANTIATE_TEST_SUITE_P(
    Kinds, XmpMeaning,
    ::testing::Values(
        Meaning{"<dc:creator><rdf:Seq><rdf:li>Wrenna Oake</rdf:li></rdf:Seq></dc:creator>", "dc:creator",
                Category::Rights},
        Meaning{"<dc:title><rdf:Alt><rdf:li xml:lang='x-default'>Kites</rdf:li></rdf:Alt></dc:title>",
                "dc:title", Category::Description},
        Meaning{"<aux:SerialNumber>77</aux:SerialNumber>", "aux:SerialNumber", Category::Serial},
        Meaning{"<aux:Lens>Tern 50</aux:Lens>", "aux:Lens", Category::Camera},
        Meaning{"<crs:Exposure2012>+0.5</crs:Exposure2012>", "crs:Exposure2012", Category::History},
        Meaning{"<xmpMM:DocumentID>uuid:1</xmpMM:DocumentID>", "xmpMM:DocumentID", Category::History},
        Meaning{"<xmp:CreateDate>2026-05-09</xmp:CreateDate>", "xmp:CreateDate", Category::DateTaken},
        Meaning{"<photoshop:Credit>Marsh &amp; Line</photoshop:Credit>", "photoshop:Credit",
                Category::Rights},
        Meaning{"<v:Mood>calm</v:Mood>", "v:Mood", Category::Other},
        Meaning{"<photoshop:City>Heronsluice</photoshop:City>", "photoshop:City", Category::Location}));

TEST(HidingPlaces, WhatPngAndWebPHideAfterTheirEnd) {
    const auto chunk = [](const std::string& type, const std::string& data) {
        return bigEndian(data.size(), 4) + type + data + "CRC?";
    };
    const auto png = "\x89PNG\r\n\x1A\n"s + chunk("IHDR", std::string(13, '\0'));
    EXPECT_TRUE(hidingPlaces(png + chunk("eXIf", gpsTiff()) + chunk("IEND", "")).tellsPlace());
    EXPECT_TRUE(hidingPlaces(png + chunk("IEND", "") + bareJpeg(exifSegment(gpsTiff()))).tellsPlace());
    EXPECT_TRUE(
        hidingPlaces(png + chunk("veNd", xmp("<photoshop:City>H</photoshop:City>")) + chunk("IEND", ""))
            .tellsPlace());
    EXPECT_FALSE(hidingPlaces(png + chunk("tEXt", "Title\0kites"s) + chunk("IEND", "")).tellsPlace());
    EXPECT_FALSE(hidingPlaces(png + chunk("eXIf", gpsTiff()).substr(0, 20)).notSearched.empty());

    const auto le = [](std::uint64_t v) { return TiffBuilder(true).number(v, 4); };
    const auto webp = [&](const std::string& chunks) {
        return "RIFF" + le(chunks.size() + 4) + "WEBP" + chunks;
    };
    const auto riff = [&](const std::string& type, const std::string& data) {
        return type + le(data.size()) + data + std::string(data.size() % 2, '\0');
    };
    EXPECT_TRUE(hidingPlaces(webp(riff("VP8 ", "xxxx") + riff("EXIF", gpsTiff()))).tellsPlace());
    EXPECT_TRUE(
        hidingPlaces(webp(riff("VP8 ", "xxxx") + riff("EXIF", "Exif\0\0"s + gpsTiff()))).tellsPlace());
    EXPECT_TRUE(hidingPlaces(webp(riff("XMP ", xmp("<photoshop:City>H</photoshop:City>")))).tellsPlace());
    EXPECT_TRUE(hidingPlaces(webp(riff("JUNK", xmp("<photoshop:City>H</photoshop:City>")))).tellsPlace());
    EXPECT_TRUE(hidingPlaces(webp(riff("VP8 ", "xxxx")) + bareJpeg(exifSegment(gpsTiff()))).tellsPlace());
}

TEST(HidingPlaces, UnknownFilesAreSearchedAsPlainBytes) {
    const auto heif = "\0\0\0\x18"s + "ftypheic" + std::string(60, 'x') + "Exif\0\0"s + gpsTiff();
    const auto report = hidingPlaces(heif);
    EXPECT_EQ(report.container, Container::Heif);
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_TRUE(hidingPlaces("some video" + "\xA9xyz\0\x12\x15\xC7+54.2500+003.5000/"s).tellsPlace());
    EXPECT_FALSE(hidingPlaces("a text about loci and other words").tellsPlace());
}

TEST(HidingPlaces, JpegOddities) {
    // Fill bytes before a marker, restart markers in the scan, two scans, padding after the end.
    const auto exif = exifSegment(gpsTiff());
    expectPoint(hidingPlaces("\xFF\xD8\xFF\xFF" + exif.substr(1) + bareJpeg("").substr(2)));
    const auto scan = jpegSegment(0xDA, std::string("\1\1\0\0\x3F\0", 6)) + "\x11\xFF\xD0\x22\xFF\xD7\x33";
    const auto two = "\xFF\xD8" + scan + jpegSegment(0xFE, "between the scans") + scan + "\xFF\xD9";
    const auto report = hidingPlaces(two);
    ASSERT_NE(report.find("comment"), nullptr);
    EXPECT_TRUE(report.notSearched.empty());
    const auto padded = hidingPlaces(bareJpeg("", std::string(100, '\0')));
    ASSERT_NE(padded.find("padding"), nullptr);
    EXPECT_FALSE(hidingPlaces("\xFF\xD8" + scan).notSearched.empty()); // no end
    EXPECT_EQ(hidingPlaces(bareJpeg(jpegSegment(0xE2, "MPF\0xxxx"s))).count(Category::Preview), 1U);
    EXPECT_EQ(hidingPlaces(bareJpeg(jpegSegment(0xE2, "ICC_PROFILE\0xxxx"s))).count(Category::Technical), 1U);
}

TEST(HidingPlaces, AnEntropyCodedScanLongerThanAWindowIsFollowedToItsEnd) {
    std::string body;
    for (int i = 0; i < 200000; ++i)
        body += i % 97 == 0 ? "\xFF\0"s : std::string(1, static_cast<char>(i * 7 % 250));
    for (const int extra : {0, 1, 2, 3}) { // the end marker falls on every side of a window's edge
        const auto file = "\xFF\xD8" + jpegSegment(0xDA, std::string("\1\1\0\0\x3F\0", 6)) +
                          std::string(static_cast<std::size_t>(extra), 'a') + body + "\xFF\xD9" +
                          bareJpeg(exifSegment(gpsTiff()));
        const auto report = hidingPlaces(file);
        EXPECT_TRUE(report.tellsPlace());
        EXPECT_NE(report.find("unknown data"), nullptr);
    }
}

TEST(HidingPlaces, NestedTooDeepItEndsAndSaysEnough) {
    auto nested = bareJpeg(exifSegment(gpsTiff()));
    for (int i = 0; i < 40; ++i)
        nested = bareJpeg("", nested);
    EXPECT_NO_THROW(hidingPlaces(nested));
}

TEST(Tables, KnowTheStandardsNamesAndKinds) {
    struct Row {
        std::uint16_t tag;
        const char* name;
        Category category;
    };
    for (const auto& row :
         {Row{0x010F, "Make", Category::Camera}, Row{0x8298, "Copyright", Category::Rights},
          Row{0x013B, "Artist", Category::Rights}, Row{0xA431, "BodySerialNumber", Category::Serial},
          Row{0xA435, "LensSerialNumber", Category::Serial}, Row{0xA430, "CameraOwnerName", Category::Serial},
          Row{0x9003, "DateTimeOriginal", Category::DateTaken},
          Row{0x9286, "UserComment", Category::Description}, Row{0x0131, "Software", Category::History},
          Row{0x0112, "Orientation", Category::Technical}}) {
        EXPECT_EQ(meaningOfTag(IfdKind::Image, row.tag).name, row.name);
        EXPECT_EQ(meaningOfTag(IfdKind::Exif, row.tag).category, row.category) << row.name;
    }
    EXPECT_EQ(meaningOfTag(IfdKind::Exif, 0xFDE8).category, Category::Other);
    EXPECT_EQ(meaningOfDataset(2, 116).name, "2:116 Copyright Notice");
    EXPECT_EQ(meaningOfDataset(2, 118).category, Category::Contact);
    EXPECT_EQ(meaningOfDataset(7, 1).category, Category::Other);
}

TEST(Report, SaysThePlaceInOneLine) {
    FileReport report;
    EXPECT_EQ(report.placeText(), "");
    report.findings.push_back({"XMP", "photoshop:City", "Heronsluice", Category::Location, true});
    report.findings.push_back({"IIM", "2:90 City", "Heronsluice", Category::Location, true});
    EXPECT_EQ(report.placeText(), "Heronsluice");
    report.point = GeoPoint{-54.25, 3.5};
    EXPECT_EQ(report.placeText(), "54.25 S, 3.5 E · Heronsluice");
}
