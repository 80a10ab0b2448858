// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// ISO boxes: HEIF, AVIF and JPEG XL files and appended videos, built box by box.
#include "base/byte_source.h"
#include "privacy/report.h"
#include "support/support.h"
#include "support/tiff_builder.h"

#include <brotli/encode.h>
#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using namespace std::string_literals;
using ::testing::HasSubstr;

namespace {

FileReport lookIso(const std::string& bytes) {
    return inspect(MemorySource({reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size()}));
}
std::string box(const std::string& type, const std::string& payload) {
    return bigEndian(payload.size() + 8, 4) + type + payload;
}
std::string gps() {
    TiffBuilder tiff;
    const auto at = tiff.addIfd(tiff.place());
    return tiff.finish(tiff.addIfd({tiff.longs(0x8825, {at})}));
}
std::string cityPacket() {
    return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
           "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
           "<rdf:Description rdf:about='' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
           "photoshop:City='Heronsluice'/></rdf:RDF></x:xmpmeta>";
}

struct Item {
    std::string type, data, contentType{};
    bool inItemData = false, preview = false;
};

/// A picture file with these items; `stray` lies in the media box without belonging to any.
std::string heif(const std::vector<Item>& items, const std::string& stray = {},
                 const std::string& brand = "heic") {
    const auto ftyp = box("ftyp", brand + bigEndian(0, 4) + "mif1" + brand);
    std::string infos, itemData, references;
    for (std::size_t i = 0; i < items.size(); ++i) {
        const auto& item = items[i];
        infos += box("infe", "\2\0\0\0"s + bigEndian(i + 1, 2) + bigEndian(0, 2) + item.type + "\0"s +
                                 (item.type == "mime" ? item.contentType + "\0"s : ""));
        if (item.preview)
            references += box("thmb", bigEndian(i + 1, 2) + bigEndian(1, 2) + bigEndian(1, 2));
    }
    const auto meta = [&](std::uint64_t mediaAt) {
        std::string places, inBox;
        std::uint64_t at = mediaAt;
        for (std::size_t i = 0; i < items.size(); ++i) {
            const auto& item = items[i];
            const auto offset = item.inItemData ? inBox.size() : at;
            places += bigEndian(i + 1, 2) + bigEndian(item.inItemData ? 1 : 0, 2) + bigEndian(0, 2) +
                      bigEndian(1, 2) + bigEndian(offset, 4) + bigEndian(item.data.size(), 4);
            if (item.inItemData)
                inBox += item.data;
            else
                at += item.data.size();
        }
        itemData = inBox;
        return box("meta", "\0\0\0\0"s + box("hdlr", "\0\0\0\0\0\0\0\0pict"s + std::string(13, '\0')) +
                               box("pitm", "\0\0\0\0\0\1"s) +
                               box("iinf", "\0\0\0\0"s + bigEndian(items.size(), 2) + infos) +
                               (references.empty() ? "" : box("iref", "\0\0\0\0"s + references)) +
                               box("iloc", "\1\0\0\0\x44\x00"s + bigEndian(items.size(), 2) + places) +
                               (inBox.empty() ? "" : box("idat", inBox)));
    };
    const auto head = ftyp + meta(0);
    std::string media;
    for (const auto& item : items)
        media += item.inItemData ? "" : item.data;
    return ftyp + meta(head.size() + 8) + box("mdat", media + stray);
}

std::string packed(const std::string& text) {
    std::string out(text.size() + 1000, '\0');
    auto size = out.size();
    BrotliEncoderCompress(5, 22, BROTLI_MODE_GENERIC, text.size(),
                          reinterpret_cast<const std::uint8_t*>(text.data()), &size,
                          reinterpret_cast<std::uint8_t*>(out.data()));
    out.resize(size);
    return out;
}
const auto kJxl = "\0\0\0\x0CJXL \r\n\x87\n"s + box("ftyp", "jxl \0\0\0\0jxl "s);

} // namespace

TEST(IsoBoxes, ExifAndXmpItemsAreWalkedWhereTheyLie) {
    const Item picture{"hvc1", std::string(200, 'p')};
    const auto file =
        heif({picture, {"Exif", bigEndian(0, 4) + gps()}, {"mime", cityPacket(), "application/rdf+xml"}});
    const auto report = lookIso(file);
    ASSERT_EQ(report.container, Container::Heif);
    ASSERT_TRUE(report.point);
    EXPECT_NEAR(report.point->latitude, 54.25, 1e-9);
    ASSERT_NE(report.find("photoshop:City"), nullptr);
    EXPECT_EQ(report.find("photoshop:City")->offset, file.find("<x:xmpmeta"));
    EXPECT_TRUE(report.notSearched.empty());
    EXPECT_EQ(report.count(Category::Other), 0U);
}

TEST(IsoBoxes, ACleanFileTellsNothing) {
    const auto report = lookIso(heif({{"av01", std::string(200, 'p')}}, {}, "avif"));
    EXPECT_FALSE(report.tellsPlace());
    for (const auto& finding : report.findings)
        EXPECT_EQ(finding.category, Category::Technical) << finding.name;
    EXPECT_TRUE(report.notSearched.empty());
}

TEST(IsoBoxes, ItemsInTheItemDataBoxAndSmallerPictures) {
    EXPECT_TRUE(lookIso(heif({{"hvc1", "pppp"}, {"Exif", bigEndian(0, 4) + gps(), {}, true}})).tellsPlace());
    const auto report = lookIso(heif({{"hvc1", "pppp"}, {"hvc1", "small", {}, false, true}}));
    EXPECT_EQ(report.count(Category::Preview), 1U);
}

TEST(IsoBoxes, BytesThatBelongToNoItemAreFound) {
    const auto report = lookIso(heif({{"hvc1", std::string(100, 'p')}}, bareJpeg(exifSegment(gps()))));
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_NE(report.find("data of no item"), nullptr);
}

TEST(IsoBoxes, UnknownBoxesItemsAndWhatFollowsTheEndAreSearched) {
    const auto clean = heif({{"hvc1", std::string(100, 'p')}});
    EXPECT_TRUE(lookIso(clean + box("vndr", "xx" + cityPacket())).tellsPlace());
    EXPECT_TRUE(
        lookIso(clean + box("uuid", "\xBE\x7A\xCF\xCB\x97\xA9\x42\xE8\x9C\x71\x99\x94\x91\xE3\xAF\xAC" +
                                        cityPacket()))
            .tellsPlace());
    EXPECT_TRUE(lookIso(clean + box("free", cityPacket())).tellsPlace());
    EXPECT_TRUE(lookIso(heif({{"hvc1", "pppp"}, {"vend", cityPacket()}})).tellsPlace());
    EXPECT_TRUE(lookIso(clean + "\0\0\0\1 this is not a box "s + cityPacket()).tellsPlace());
}

TEST(IsoBoxes, AVideosPlaceInUserDataAndInItsItemList) {
    const auto head = box("ftyp", "isom\0\0\2\0isommp42"s);
    const auto userData = box("moov", box("mvhd", std::string(100, '\0')) +
                                          box("udta", box("\xA9xyz", "\0\x12\x15\xC7+54.2500+003.5000/"s)));
    const auto keys = box("keys", "\0\0\0\0"s + bigEndian(1, 4) + box("mdta", "com.vendor.location.ISO6709"));
    const auto list = box(
        "ilst", box(bigEndian(1, 4), box("data", bigEndian(1, 4) + bigEndian(0, 4) + "+54.2500+003.5000/")));
    const auto itemList = box("moov", box("meta", box("hdlr", std::string(24, '\0')) + keys + list));
    for (const auto& video : {head + userData, head + itemList}) {
        EXPECT_TRUE(lookIso(bareJpeg({}, video)).tellsPlace()); // behind a picture
        EXPECT_TRUE(lookIso(bareJpeg({}, box("mdat", std::string(70'000, 'v')) + video)).tellsPlace());
    }
}

TEST(IsoBoxes, AVideosEndIsSearchedHoweverLongItIs) {
    const auto userData = box("udta", box("\xA9xyz", "\0\x12\x15\xC7+54.2500+003.5000/"s));
    EXPECT_TRUE(lookIso(bareJpeg({}, std::string(70 << 20, 'v') + userData)).tellsPlace());
}

TEST(IsoBoxes, JpegXlBoxesPlainAndPacked) {
    const auto picture = box("jxlc", std::string(100, 'p'));
    EXPECT_FALSE(lookIso(kJxl + picture).tellsPlace());
    EXPECT_TRUE(lookIso(kJxl + picture).notSearched.empty());
    EXPECT_TRUE(lookIso(kJxl + box("Exif", bigEndian(0, 4) + gps()) + picture).tellsPlace());
    EXPECT_TRUE(lookIso(kJxl + picture + box("xml ", cityPacket())).tellsPlace());
    EXPECT_TRUE(lookIso(kJxl + picture + box("brob", "xml " + packed(cityPacket()))).tellsPlace());
    EXPECT_TRUE(lookIso(kJxl + picture + box("brob", "Exif" + packed(bigEndian(0, 4) + gps()))).tellsPlace());
    EXPECT_FALSE(lookIso(kJxl + picture + box("brob", "xml broken")).notSearched.empty());
    EXPECT_FALSE(lookIso(kJxl + picture + box("brob", "xml " + packed(std::string(30 << 20, 'b'))))
                     .notSearched.empty());
    EXPECT_TRUE(lookIso("\xFF\x0A"s + std::string(50, 'c') + bareJpeg(exifSegment(gps()))).tellsPlace());
}
