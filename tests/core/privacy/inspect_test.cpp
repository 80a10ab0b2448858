// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Planted secrets: the walkers must find each, wherever it hides.
#include "base/problem.h"
#include "base/text.h"
#include "picture/original.h"
#include "privacy/coordinates.h"
#include "privacy/report.h"
#include "privacy/tables.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <random>

using namespace keepseal;
using namespace keepseal::test;

namespace {

FileReport inspectFile(const fs::path& path) {
    return inspect(Original(path));
}

FileReport inspectText(const std::string& bytes) {
    return inspect(MemorySource({reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size()}));
}

std::string segment(int marker, const std::string& payload) {
    std::string out = "\xFF";
    out += static_cast<char>(marker);
    out += static_cast<char>((payload.size() + 2) >> 8);
    out += static_cast<char>((payload.size() + 2) & 0xFF);
    return out + payload;
}

/// A JPEG of our own with `extra` segments put right behind its first marker.
std::string jpegWith(const TempFolder& folder, const std::string& extra, const std::string& trailer = {}) {
    makePicture(folder / "plain.jpg", 32, 24);
    const auto plain = readText(folder / "plain.jpg");
    return plain.substr(0, 2) + extra + plain.substr(2) + trailer;
}

std::string xmpPacket(const std::string& properties) {
    return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
           "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
           "<rdf:Description rdf:about='' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
           "xmlns:Iptc4xmpExt='http://iptc.org/std/Iptc4xmpExt/2008-02-29/' "
           "xmlns:Iptc4xmpCore='http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/' "
           "xmlns:v='http://vendor.example.com/1/'>" +
           properties + "</rdf:Description></rdf:RDF></x:xmpmeta>";
}

std::string pngNumber(std::uint32_t n) {
    return {static_cast<char>(n >> 24), static_cast<char>(n >> 16), static_cast<char>(n >> 8),
            static_cast<char>(n)};
}

} // namespace

class PlantedPlace : public ::testing::TestWithParam<std::tuple<std::string, std::string>> {};

TEST_P(PlantedPlace, IsFoundInEveryContainer) {
    const auto [ending, kind] = GetParam();
    const TempFolder folder;
    Planted planted;
    planted.gps = kind == "gps";
    planted.xmpCity = kind == "xmp" ? kSecretCity : "";
    planted.iimCity = kind == "iim" ? kSecretCity : "";
    const auto file = folder / ("picture." + ending);
    makePicture(file, 64, 48, planted);
    const auto report = inspectFile(file);
    EXPECT_TRUE(report.tellsPlace());
    EXPECT_FALSE(report.secrets.empty());
    if (planted.gps) {
        ASSERT_TRUE(report.point);
        EXPECT_NEAR(report.point->latitude, 54.25, 1e-9);
        EXPECT_NEAR(report.point->longitude, 3.5, 1e-9);
    } else
        EXPECT_THAT(report.placeText(), ::testing::HasSubstr(kSecretCity));
}

// Exiv2 writes no IIM into WebP, so there is none to look for.
INSTANTIATE_TEST_SUITE_P(Containers, PlantedPlace,
                         ::testing::Combine(::testing::Values("jpg", "png", "tif"),
                                            ::testing::Values("gps", "xmp", "iim")));
INSTANTIATE_TEST_SUITE_P(WebP, PlantedPlace,
                         ::testing::Combine(::testing::Values("webp"), ::testing::Values("gps", "xmp")));

TEST(Inspect, APlainPictureTellsNothingButTechnicalThings) {
    const TempFolder folder;
    for (const char* ending : {"jpg", "png", "tif", "webp"}) {
        makePicture(folder / (std::string("plain.") + ending), 40, 30);
        const auto report = inspectFile(folder / (std::string("plain.") + ending));
        EXPECT_FALSE(report.tellsPlace()) << ending;
        EXPECT_TRUE(report.notSearched.empty()) << ending;
        for (const auto& finding : report.findings)
            EXPECT_EQ(finding.category, Category::Technical) << ending << " " << finding.name;
    }
}

TEST(Inspect, FindsTheSameTagsAsAnotherReader) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.description = "a kite";
    makePicture(folder / "a.jpg", 64, 48, planted);
    const auto report = inspectFile(folder / "a.jpg");
    for (const auto& [ours, theirs] : {std::pair{"Make", "Make"},
                                       {"Model", "Model"},
                                       {"BodySerialNumber", "SerialNumber"},
                                       {"dc:description", "Description"},
                                       {"DateTimeOriginal", "DateTimeOriginal"}}) {
        ASSERT_NE(report.find(ours), nullptr) << ours;
        EXPECT_EQ(report.find(ours)->value, exiftool(folder / "a.jpg", theirs));
    }
    EXPECT_EQ(report.find("BodySerialNumber")->category, Category::Serial);
}

TEST(Inspect, FindsAPlaceInAnUncommonStretchOfAJpeg) {
    using namespace std::string_literals;
    const TempFolder folder;
    Planted gps;
    gps.gps = true;
    makePicture(folder / "gps.jpg", 32, 24, gps);
    const auto hidden = readText(folder / "gps.jpg");
    const auto city = xmpPacket("<photoshop:City>Heronsluice</photoshop:City>");
    const auto extended = "http://ns.adobe.com/xmp/extension/\0"s + std::string(40, 'x') + city;
    const std::map<std::string, std::string> files = {
        {"picture after the end", jpegWith(folder, "", hidden)},
        {"picture in an unknown segment", jpegWith(folder, segment(0xE9, "VENDOR\0"s + hidden))},
        {"XMP in an unknown segment", jpegWith(folder, segment(0xEB, city))},
        {"extended XMP", jpegWith(folder, segment(0xE1, extended))},
        {"coordinates in a comment", jpegWith(folder, segment(0xFE, "taken at 54.2512, 3.5034"))},
        {"a video after the end", jpegWith(folder, "",
                                           "\0\0\0\x20"
                                           "ftypmp42....moovudta\xA9xyz\0\x12\x15\xC7+54.25+003.50/"s)},
        {"a vendor's property",
         jpegWith(folder, segment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s +
                                            xmpPacket("<v:SpotCity>Heronsluice</v:SpotCity>")))},
        {"a shown location",
         jpegWith(folder, segment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s +
                                            xmpPacket("<Iptc4xmpExt:LocationShown><rdf:Bag><rdf:li "
                                                      "Iptc4xmpExt:Sublocation='Heronsluice'/></rdf:Bag>"
                                                      "</Iptc4xmpExt:LocationShown>")))},
    };
    for (const auto& [name, bytes] : files)
        EXPECT_TRUE(inspectText(bytes).tellsPlace()) << name;
}

TEST(Inspect, ContactAddressAndSubjectPointAreNoPlaceOfThePicture) {
    using namespace std::string_literals;
    const TempFolder folder;
    const auto report = inspectText(jpegWith(
        folder,
        segment(0xE1,
                "http://ns.adobe.com/xap/1.0/\0"s +
                    xmpPacket("<Iptc4xmpCore:CreatorContactInfo "
                              "rdf:parseType='Resource'><Iptc4xmpCore:CiAdrCity>Studio Town"
                              "</Iptc4xmpCore:CiAdrCity></"
                              "Iptc4xmpCore:CreatorContactInfo><v:BatteryCapacity>80</v:BatteryCapacity>"))));
    EXPECT_FALSE(report.tellsPlace());
    EXPECT_EQ(report.count(Category::Contact), 1U);
}

TEST(Inspect, FindsWhatPngHidesInItsTextChunks) {
    const TempFolder folder;
    makePicture(folder / "a.png", 16, 16);
    const auto plain = readText(folder / "a.png");
    const auto with = [&](const std::string& type, const std::string& data) {
        return plain.substr(0, 33) + pngNumber(static_cast<std::uint32_t>(data.size())) + type + data +
               "CRC?" + plain.substr(33);
    };
    using namespace std::string_literals;
    Planted gps;
    gps.gps = true;
    makePicture(folder / "g.jpg", 16, 16, gps);
    const auto exif = readText(folder / "g.jpg").substr(readText(folder / "g.jpg").find("Exif"), 400);
    std::string hex;
    for (const char c : exif)
        hex += hexText(reinterpret_cast<const std::uint8_t*>(&c), 1);
    EXPECT_TRUE(inspectText(with("tEXt", "Comment\0 54.25012 N, 3.50021 E"s)).tellsPlace());
    EXPECT_TRUE(inspectText(with("iTXt", "XML:com.adobe.xmp\0\0\0\0\0"s +
                                             xmpPacket("<photoshop:City>H</photoshop:City>")))
                    .tellsPlace());
    EXPECT_TRUE(inspectText(with("tEXt", "Raw profile type exif\0\nexif\n     400\n"s + hex)).tellsPlace());
}

TEST(Inspect, ReadsNothingOutsideAndNeverThrowsOnHostileBytes) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.xmpCity = planted.iimCity = kSecretCity;
    std::mt19937 random(20260509);
    for (const char* ending : {"jpg", "png", "tif", "webp"}) {
        const auto file = folder / (std::string("a.") + ending);
        makePicture(file, 24, 16, planted);
        const auto good = readText(file);
        for (int round = 0; round < 300; ++round) {
            auto bad = good.substr(0, round % 3 == 0 ? random() % good.size() : good.size());
            for (int hit = 0; hit < 1 + round % 9 && !bad.empty(); ++hit)
                bad[random() % bad.size()] = static_cast<char>(round % 2 ? random() : 0xFF);
            EXPECT_NO_THROW(inspectText(bad));
        }
    }
}

TEST(Inspect, ACircleOfDirectoriesEnds) {
    using namespace std::string_literals;
    // One IFD whose Exif pointer and next pointer both lead back to itself.
    const auto tiff = "II*\0\x08\0\0\0\x01\0\x69\x87\x04\0\x01\0\0\0\x08\0\0\0\x08\0\0\0"s;
    EXPECT_NO_THROW(inspectText(tiff));
}

TEST(Inspect, AnXmlBombStaysSmall) {
    using namespace std::string_literals;
    const TempFolder folder;
    const auto bomb = "<?xml version='1.0'?><!DOCTYPE z [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;'>]>"s +
                      xmpPacket("<photoshop:City>&b;</photoshop:City>");
    const auto report =
        inspectText(jpegWith(folder, segment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + bomb)));
    for (const auto& finding : report.findings)
        EXPECT_LT(finding.value.size(), 500U);
}

TEST(HoldsCoordinates, KnowsCoordinatesFromOtherNumbers) {
    EXPECT_TRUE(holdsCoordinates("54.2512, 3.5034"));
    EXPECT_TRUE(holdsCoordinates("+54.2512+003.5034/"));
    EXPECT_TRUE(holdsCoordinates("at 54.25120° N 3.50340° E"));
    EXPECT_FALSE(holdsCoordinates("f/2.8, 1/250 s, 35.0 mm"));
    EXPECT_FALSE(holdsCoordinates("version 12.345"));
    EXPECT_FALSE(holdsCoordinates("95.1234, 200.1234"));
}

TEST(Tables, WordsInsideWordsAreNotPlaces) {
    EXPECT_EQ(categoryOfProperty({"v:CityName"}), Category::Location);
    EXPECT_EQ(categoryOfProperty({"v:gps_lat"}), Category::Location);
    EXPECT_NE(categoryOfProperty({"v:BatteryCapacity"}), Category::Location);
    EXPECT_EQ(categoryOfProperty({"exif:GPSAltitude"}), Category::Location);
    EXPECT_EQ(categoryOfProperty({"Iptc4xmpExt:LocationCreated", "Iptc4xmpExt:WorldRegion"}),
              Category::Location);
}
