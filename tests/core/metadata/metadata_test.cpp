// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One model from three containers: who wins when they disagree, odd encodings, sidecar files. Files are built
// by hand.
#include "base/fingerprint.h"
#include "base/problem.h"
#include "metadata/csv.h"
#include "metadata/metadata.h"
#include "support/support.h"
#include "support/tiff_builder.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using namespace std::string_literals;
using ::testing::Contains;
using ::testing::ElementsAre;
using ::testing::HasSubstr;
using ::testing::IsEmpty;

namespace {

std::string packet(const std::string& properties) {
    return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
           "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description rdf:about='' "
           "xmlns:dc='http://purl.org/dc/elements/1.1/' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
           "xmlns:xmp='http://ns.adobe.com/xap/1.0/' xmlns:plus='http://ns.useplus.org/ldf/xmp/1.0/' "
           "xmlns:Iptc4xmpCore='http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/'>" +
           properties + "</rdf:Description></rdf:RDF></x:xmpmeta>";
}
std::string alt(const std::string& name, const std::string& items) {
    return "<" + name + "><rdf:Alt>" + items + "</rdf:Alt></" + name + ">";
}
std::string seq(const std::string& name, std::initializer_list<const char*> items) {
    std::string out = "<" + name + "><rdf:Seq>";
    for (const auto* item : items)
        out += "<rdf:li>"s + item + "</rdf:li>";
    return out + "</rdf:Seq></" + name + ">";
}
std::string li(const std::string& language, const std::string& text) {
    return "<rdf:li xml:lang='" + language + "'>" + text + "</rdf:li>";
}

struct Layers {
    std::string exif, xmp, iim;
    bool digest = false, digestIsRight = true;
};

std::string jpegWith(const Layers& layers) {
    std::string segments;
    if (!layers.exif.empty())
        segments += exifSegment(layers.exif);
    if (!layers.xmp.empty())
        segments += jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + layers.xmp);
    if (!layers.iim.empty()) {
        auto resources = imageResource(0x0404, layers.iim);
        if (layers.digest) {
            auto digest = md5({reinterpret_cast<const std::uint8_t*>(layers.iim.data()), layers.iim.size()});
            digest[0] ^= layers.digestIsRight ? 0 : 1;
            resources += imageResource(0x0425, {digest.begin(), digest.end()});
        }
        segments += jpegSegment(0xED, "Photoshop 3.0\0"s + resources);
    }
    return bareJpeg(segments);
}
FileReport look(const std::string& bytes) {
    return inspect(MemorySource({reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size()}));
}
Metadata read(const Layers& layers) {
    return metadataFrom(look(jpegWith(layers)));
}
std::string exifWith(const std::vector<Tag>& tags) {
    TiffBuilder tiff;
    return tiff.finish(tiff.addIfd(tags));
}
const auto kUtf8 = iimDataset(1, 90, "\x1B%G");

} // namespace

TEST(Metadata, ExifComesFirstWhereItHasAPlace) {
    const auto m = read({exifWith({TiffBuilder::text(0x010E, "from Exif")}),
                         packet(alt("dc:description", li("x-default", "from XMP"))),
                         kUtf8 + iimDataset(2, 120, "from IIM")});
    EXPECT_EQ(m.field("description").typed(), "from Exif");
    EXPECT_THAT(said(m.notes), Contains(HasSubstr("from XMP")));
    EXPECT_THAT(said(m.notes), Contains(HasSubstr("from IIM")));
}

TEST(Metadata, TheListAndTheLanguagesOfXmpStayWhereExifAgrees) {
    const auto m = read({exifWith({TiffBuilder::text(0x013B, "Wrenna Oake; Ines Gull"),
                                   TiffBuilder::text(0x8298, "one notice")}),
                         packet(seq("dc:creator", {"Wrenna Oake", "Ines Gull"}) +
                                alt("dc:rights", li("x-default", "one notice") + li("de", "ein Vermerk"))),
                         {}});
    EXPECT_THAT(m.field("creator").items, ElementsAre("Wrenna Oake", "Ines Gull"));
    EXPECT_EQ(m.field("copyright_notice").languages.at("de"), "ein Vermerk");
    EXPECT_THAT(m.notes, IsEmpty());
}

TEST(Metadata, IimCountsWhereXmpSaysNothingOrItsDigestSaysThatItIsNewer) {
    const auto iim = kUtf8 + iimDataset(2, 105, "IIM headline");
    EXPECT_EQ(read({{}, {}, iim}).field("headline").typed(), "IIM headline");
    const auto xmp = packet("<photoshop:Headline>XMP headline</photoshop:Headline>");
    EXPECT_EQ(read({{}, xmp, iim}).field("headline").typed(), "XMP headline");
    EXPECT_EQ(read({{}, xmp, iim, true, true}).field("headline").typed(), "XMP headline");
    const auto newer = read({{}, xmp, iim, true, false});
    EXPECT_EQ(newer.field("headline").typed(), "IIM headline");
    EXPECT_THAT(said(newer.notes), Contains(HasSubstr("XMP headline")));
}

TEST(Metadata, ATextThatIimHadToCutIsNoDisagreement) {
    const std::string longNotice(200, 'n');
    const auto m = read({{},
                         packet(alt("dc:rights", li("x-default", longNotice))),
                         kUtf8 + iimDataset(2, 116, longNotice.substr(0, 128))});
    EXPECT_EQ(m.field("copyright_notice").typed(), longNotice);
    EXPECT_THAT(m.notes, IsEmpty());
}

TEST(Metadata, IimWithoutAMarkerIsReadAsLatin1AndSaidSo) {
    const auto m = read({{}, {}, iimDataset(2, 80, "Andr\xE9 W\xF6hr")});
    EXPECT_EQ(m.field("creator").typed(), "André Wöhr");
    EXPECT_THAT(said(m.notes), Contains(HasSubstr("Latin-1")));
    EXPECT_EQ(read({{}, {}, iimDataset(2, 80, "André")}).field("creator").typed(), "André"); // UTF-8 unmarked
    EXPECT_EQ(read({exifWith({TiffBuilder::text(0x013B, "日本の凧")}), {}, {}}).field("creator").typed(),
              "日本の凧");
}

TEST(Metadata, StructuresLanguagesAndListsComeWhole) {
    const auto m = read(
        {{},
         packet("<Iptc4xmpCore:CreatorContactInfo rdf:parseType='Resource'>"
                "<Iptc4xmpCore:CiAdrCity>Tidemark</Iptc4xmpCore:CiAdrCity>"
                "</Iptc4xmpCore:CreatorContactInfo>"
                "<plus:Licensor><rdf:Seq><rdf:li rdf:parseType='Resource'>"
                "<plus:LicensorURL>https://tidemark.example.com</plus:LicensorURL>"
                "</rdf:li></rdf:Seq></plus:Licensor>" +
                alt("dc:title", li("de", "nur deutsch")) +
                "<dc:subject><rdf:Bag><rdf:li>kite</rdf:li><rdf:li>tide</rdf:li></rdf:Bag></dc:subject>"),
         {}});
    EXPECT_EQ(m.field("contact_city").typed(), "Tidemark");
    EXPECT_THAT(m.placeNames, IsEmpty()); // the studio's own town
    EXPECT_EQ(m.field("licensor_url").typed(), "https://tidemark.example.com");
    EXPECT_EQ(m.field("title").typed(), "nur deutsch"); // no default: the one there is
    EXPECT_THAT(m.field("keywords").items, ElementsAre("kite", "tide"));
}

TEST(Metadata, WhatProgramsAndCamerasLeaveWhereNobodyWroteIsNoText) {
    const auto m = read({exifWith({TiffBuilder::text(0x010E, "SALTMARSH DIGITAL CAMERA        ")}),
                         packet(alt("dc:rights", li("x-default", "x-default")) + seq("dc:creator", {"."}) +
                                alt("dc:description", li("x-default", "Kites"))),
                         {}});
    EXPECT_TRUE(m.field("copyright_notice").empty() && m.field("creator").empty());
    EXPECT_EQ(m.field("description").typed(), "Kites");
    EXPECT_EQ(read({exifWith({TiffBuilder::text(0x010E, "A digital camera on sand")}), {}, {}})
                  .field("description")
                  .typed(),
              "A digital camera on sand");
}

TEST(Metadata, TimeRatingCameraAndSerial) {
    TiffBuilder tiff;
    const auto exif =
        tiff.addIfd({TiffBuilder::text(0x9003, "2026:05:09 23:10:04"), TiffBuilder::text(0x9011, "+02:00"),
                     TiffBuilder::text(0xA431, "HN24-0041877")});
    const auto m =
        read({tiff.finish(tiff.addIfd({TiffBuilder::text(0x0110, "Heron 24"), tiff.longs(0x8769, {exif})})),
              packet("<xmp:Rating>4</xmp:Rating>"),
              {}});
    EXPECT_EQ(m.takenAt, "2026-05-09T23:10:04");
    EXPECT_EQ(m.takenOffset, "+02:00");
    EXPECT_EQ(m.camera, "Heron 24");
    EXPECT_EQ(m.serial, "HN24-0041877");
    EXPECT_EQ(m.rating, 4);
    const auto fromXmp =
        read({{}, packet("<photoshop:DateCreated>2026-05-01T09:00-05:00</photoshop:DateCreated>"), {}});
    EXPECT_EQ(fromXmp.takenAt, "2026-05-01T09:00:00");
    EXPECT_EQ(fromXmp.takenOffset, "-05:00");
    EXPECT_EQ(read({{}, packet("<photoshop:DateCreated>soon</photoshop:DateCreated>"), {}}).takenAt, "");
}

TEST(Metadata, BlocksThatOldPngFilesHoldAsTextCount) {
    const auto chunk = [](const std::string& type, const std::string& data) {
        return bigEndian(data.size(), 4) + type + data + "CRC?";
    };
    const auto block = "Photoshop 3.0"s + imageResource(0x0404, kUtf8 + iimDataset(2, 105, "Noon kites"));
    std::string hex;
    for (const char c : block.substr(13)) {
        hex += "0123456789abcdef"[static_cast<unsigned char>(c) >> 4];
        hex += "0123456789abcdef"[c & 15];
    }
    const auto png =
        "\x89PNG\r\n\x1A\n"s + chunk("IHDR", std::string(13, '\0')) +
        chunk("tEXt", "Raw profile type iptc\0\niptc\n"s + std::to_string(hex.size() / 2) + "\n" + hex) +
        chunk("IEND", "");
    EXPECT_EQ(metadataFrom(look(png)).field("headline").typed(), "Noon kites");
}

TEST(Metadata, WhatAPreviewOrATrailerSaysIsNotAboutThisPicture) {
    const auto other = bareJpeg(exifSegment(exifWith({TiffBuilder::text(0x013B, "Somebody else")})));
    const auto m = metadataFrom(look(bareJpeg({}, other)));
    EXPECT_TRUE(m.field("creator").empty());
    EXPECT_TRUE(m.exif.empty());
}

TEST(Metadata, ASidecarComesBeforeTheFileAndItsPlaceIsKnown) {
    const TempFolder folder;
    Planted planted;
    planted.description = "inside";
    makePicture(folder / "in/a.jpg", 40, 30, planted);
    EXPECT_EQ(sidecarOf(folder / "in/a.jpg"), fs::path());
    writeFile(folder / "in/a.xmp", packet(alt("dc:description", li("x-default", "beside")) +
                                          "<photoshop:City>Heronsluice</photoshop:City>"));
    const Original original(folder / "in/a.jpg");
    const auto m = readMetadata(original.path(), inspect(original));
    EXPECT_EQ(m.field("description").typed(), "beside");
    EXPECT_THAT(m.placeNames, ElementsAre("Heronsluice"));
    writeFile(folder / "in/a.jpg.xmp", "<broken");
    const auto broken = readMetadata(original.path(), inspect(original));
    EXPECT_EQ(broken.sidecar.filename(), "a.jpg.xmp"); // the longer name is meant for this file alone
    EXPECT_EQ(broken.field("description").typed(), "inside");
    EXPECT_THAT(said(broken.notes), Contains(HasSubstr("well-formed")));
}

TEST(Csv, QuotesSeparatorsAndLineEndsSurvive) {
    const CsvRows rows = {{"File", "Title"}, {"a.jpg", "two\nlines, \"quoted\""}, {"b.jpg", "=1+1"}};
    const auto text = toCsv(rows);
    EXPECT_NE(text.find("'=1+1"), std::string::npos); // no formula in a spreadsheet
    auto back = parseCsv("\xEF\xBB\xBF" + text, "t");
    EXPECT_EQ(back[1], rows[1]);
    EXPECT_EQ(parseCsv("a;b\nc;d\n", "t"), (CsvRows{{"a", "b"}, {"c", "d"}}));
    EXPECT_EQ(parseCsv("a\tb\r\nc\td", "t"), (CsvRows{{"a", "b"}, {"c", "d"}}));
    EXPECT_THROW(parseCsv("a,\"b", "t"), Problem);
    EXPECT_THROW(parseCsv("a,\xFF\xFE", "t"), Problem);
    EXPECT_TRUE(parseCsv("", "t").empty());
}

TEST(Csv, RowsFindTheirPicturesAndWhatDoesNotFitIsSaid) {
    const auto read =
        wordsFromCsv(parseCsv("File,Title,keywords,Nonsense\n/x/a.jpg,Tide,kite; sea,1\nb.jpg,,sea,\n"
                              "c.jpg,x,,\nnone.jpg,y,,\n",
                              "t"),
                     {"/x/a.jpg", "/x/b.jpg", "/x/c.jpg", "/y/c.jpg"});
    EXPECT_EQ(read.byPicture.at(0).at("title").typed(), "Tide");
    EXPECT_THAT(read.byPicture.at(0).at("keywords").items, ElementsAre("kite", "sea"));
    EXPECT_FALSE(read.byPicture.at(1).contains("title")); // an empty cell leaves things as they are
    EXPECT_THAT(read.problems,
                ElementsAre(HasSubstr("Nonsense"), HasSubstr("several"), HasSubstr("none.jpg")));
}
