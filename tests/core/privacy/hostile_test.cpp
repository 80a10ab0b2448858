// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Metadata that means harm: it costs bounded time and memory, is told, and the picture's copy is made all the
// same. Time is bounded by counting what is listed, not by a clock.
#include "base/byte_source.h"
#include "metadata/metadata.h"
#include "support/chain.h"
#include "support/tiff_builder.h"

#include "privacy/verdict.h"
#include "run/run.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <zlib.h>

using namespace keepseal;
using namespace keepseal::test;
using namespace std::string_literals;

namespace {

FileReport lookAt(const std::string& bytes) {
    return inspect(MemorySource({reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size()}));
}
std::string xmpSegment(const std::string& packet) {
    return jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + packet);
}
std::string le(std::uint64_t value, int bytes) {
    return TiffBuilder(true).number(value, bytes);
}

/// A directory whose next one, sub-directory and Exif directory are all itself.
std::string circle() {
    std::string out = "II"s + le(42, 2) + le(8, 4) + le(3, 2);
    for (const int tag : {0x014A, 0x8769, 0x8825})
        out += le(static_cast<std::uint64_t>(tag), 2) + le(4, 2) + le(1, 4) + le(8, 4);
    return out + le(8, 4);
}

std::string manyEntries(std::size_t count) {
    std::string out = "II"s + le(42, 2) + le(8, 4) + le(count & 0xFFFF, 2);
    for (std::size_t i = 0; i < (count & 0xFFFF); ++i)
        out += le(0xC000 + i % 100, 2) + le(4, 2) + le(1, 4) + le(i, 4);
    return out + le(0, 4);
}

std::string nestedRdf(int depth) {
    std::string out = "<x:xmpmeta xmlns:x='adobe:ns:meta/' xmlns:v='http://vendor.example.com/'>";
    for (int i = 0; i < depth; ++i)
        out += "<v:a>";
    return out + "deep";
}

std::string entityBomb() {
    std::string out = "<!DOCTYPE x [<!ENTITY a0 'kites'>";
    for (int i = 1; i < 20; ++i)
        out += "<!ENTITY a" + std::to_string(i) + " '&a" + std::to_string(i - 1) + ";&a" +
               std::to_string(i - 1) + ";'>";
    return out + "<!ENTITY f SYSTEM 'file:///etc/passwd'>]><x:xmpmeta xmlns:x='adobe:ns:meta/' "
                 "xmlns:dc='http://purl.org/dc/elements/1.1/'><dc:title>&a19;&f;</dc:title></x:xmpmeta>";
}

std::string zipBomb() {
    const std::string zeros(40 << 20, '0');
    std::string packed(zeros.size() / 500, '\0');
    auto size = static_cast<uLongf>(packed.size());
    ::compress2(reinterpret_cast<Bytef*>(packed.data()), &size, reinterpret_cast<const Bytef*>(zeros.data()),
                zeros.size(), 9);
    packed.resize(size);
    const auto chunk = [](const std::string& type, const std::string& data) {
        return bigEndian(data.size(), 4) + type + data + "CRC?";
    };
    return "\x89PNG\r\n\x1A\n"s + chunk("IHDR", std::string(13, '\0')) +
           chunk("zTXt", "Title\0\0"s + packed) + chunk("IEND", "");
}

/// Unknown tags that all refer to one long stretch: 4000 copies of it would be 8 GB.
std::string manyReferences() {
    std::string out = "II"s + le(42, 2) + le(8, 4) + le(4000, 2);
    for (std::size_t i = 0; i < 4000; ++i)
        out += le(0xC700 + i % 100, 2) + le(7, 2) + le(2'000'000, 4) + le(60'000, 4);
    return out + le(0, 4) + std::string(2'100'000, 'x');
}

/// 2 kB that look at themselves: every unknown tag holds the directory that it stands in, as its own file.
std::string looksAtItself() {
    std::string directory = "Exif\0\0II"s + le(42, 2) + le(8, 4) + le(150, 2);
    for (std::size_t i = 0; i < 150; ++i)
        directory += le(0xC700 + i, 2) + le(7, 2) + le(1900, 4) + le(0, 4);
    return directory.substr(6) + le(0, 4) + directory;
}

std::string bombs(int count) {
    const auto one = zipBomb();
    const auto chunk = one.substr(33, one.size() - 33 - 12);
    std::string out = one.substr(0, 33);
    for (int i = 0; i < count; ++i)
        out += chunk;
    return out + one.substr(one.size() - 12);
}

std::string longTexts() {
    std::string out;
    for (int i = 0; i < 1000; ++i)
        out += jpegSegment(0xFE, std::string(65'000, static_cast<char>('a' + i % 26)));
    return bareJpeg(out);
}

std::size_t bytesOf(const FileReport& report) {
    std::size_t out = 0;
    for (const auto& f : report.findings)
        out += f.where.size() + f.name.size() + f.value.size() + f.text.size() + sizeof f;
    return out;
}

struct Hostile {
    const char* name;
    std::string file;
};
std::vector<Hostile> hostileFiles() {
    std::string manyProperties = "<x:xmpmeta xmlns:x='adobe:ns:meta/' xmlns:v='http://vendor.example.com/'>";
    for (int i = 0; i < 300'000; ++i)
        manyProperties += "<v:a>1</v:a>";
    manyProperties += "</x:xmpmeta>";
    std::string longChain;
    for (int i = 0; i < 920; ++i) // 60 MB of segments that say they are one packet
        longChain += jpegSegment(0xE1, "http://ns.adobe.com/xmp/extension/\0"s + std::string(40, '0') +
                                           std::string(65'000, '<'));
    std::string manySegments;
    for (int i = 0; i < 100'000; ++i)
        manySegments += jpegSegment(0xEA, "x");
    return {{"circle", bareJpeg(exifSegment(circle()))},
            {"circle as TIFF", circle()},
            {"65535 entries", manyEntries(65'535)},
            {"4000 entries in each of many pages", manyEntries(4000)},
            {"deep RDF", bareJpeg(xmpSegment(nestedRdf(5000)))},
            {"entities", bareJpeg(xmpSegment(entityBomb()))},
            {"many properties", "<?xpacket?>" + manyProperties},
            {"60 MB chain", bareJpeg(longChain)},
            {"100,000 segments", bareJpeg(manySegments)},
            {"zip bomb", zipBomb()},
            {"many references", manyReferences()},
            {"looks at itself", looksAtItself()},
            {"many bombs", bombs(200)},
            {"long texts", longTexts()},
            {"box of no size",
             "\0\0\0\x18"s + "ftypheic" + std::string(12, '\0') + std::string(4, '\0') + "meta"},
            {"box longer than all",
             "\0\0\0\x18"s + "ftypheic" + std::string(12, '\0') + "\x7F\xFF\xFF\xFFmoov"s}};
}

} // namespace

TEST(Hostile, CostsNoMoreThanItsBounds) {
    for (const auto& file : hostileFiles()) {
        const auto report = lookAt(file.file);
        EXPECT_LE(report.findings.size(), 2 * kMostFindings + 1) << file.name;
        EXPECT_LE(bytesOf(report), 40U << 20) << file.name;
        EXPECT_LE(report.notSearched.size(), 60U) << file.name;
        EXPECT_NO_THROW(metadataFrom(report)) << file.name;
    }
}

TEST(Hostile, WhatIsNotReadForItsSakeIsSaid) {
    for (const auto& file : {manyReferences(), looksAtItself(), bombs(200), longTexts(),
                             bareJpeg(xmpSegment(nestedRdf(5000)) + [] {
                                 std::string many;
                                 for (int i = 0; i < 25'000; ++i)
                                     many += jpegSegment(0xFE, std::to_string(i));
                                 return many;
                             }())}) {
        const auto report = lookAt(file);
        ASSERT_FALSE(report.notSearched.empty());
        EXPECT_THAT(report.notSearched.front().english(), ::testing::HasSubstr("not searched whole"));
        EXPECT_NE(tellsOf(report), Tells::Nothing);
    }
}

TEST(Hostile, ARealPictureNeedsASmallPartOfTheBudget) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.xmpCity = planted.iimCity = kSecretCity;
    for (const auto* name : {"p.jpg", "p.tif", "p.png", "p.webp"}) {
        makePicture(folder / name, 400, 300, planted);
        EXPECT_TRUE(inspect(Original(folder / name)).notSearched.empty()) << name;
    }
}

TEST(Hostile, ABudgetIsSpentOnceAndForAll) {
    ReadBudget budget;
    EXPECT_TRUE(budget.unpackBytes(ReadBudget::kMostUnpacked));
    EXPECT_FALSE(budget.spent());
    EXPECT_FALSE(budget.unpackBytes(1));
    EXPECT_TRUE(budget.spent());
    EXPECT_FALSE(budget.find() || budget.step() || budget.readBytes(1) || budget.keepBytes(1));
    EXPECT_EQ(budget.what(), "more than 64 MB of packed or structured text");
}

TEST(Hostile, EntitiesAreNeitherExpandedNorFetched) {
    const auto* title = [] {
        static const auto report = lookAt(bareJpeg(xmpSegment(entityBomb())));
        return report.find("dc:title");
    }();
    EXPECT_TRUE(!title || (title->whole().size() < 200 && title->whole().find("root:") == std::string::npos));
}

TEST(Hostile, EveryLengthAndOffsetMayBeWrong) {
    TiffBuilder tiff;
    const auto gps = tiff.addIfd(tiff.place());
    const auto good = bareJpeg(
        exifSegment(
            tiff.finish(tiff.addIfd({tiff.longs(0x8825, {gps}), TiffBuilder::text(0x010E, "kites")}))) +
        jpegSegment(0xED, "Photoshop 3.0\0"s + imageResource(0x0404, iimDataset(2, 90, "Heronsluice"))));
    for (std::size_t at = 2; at < good.size(); ++at)
        for (const char value : {'\0', '\x7F', '\xFF'}) {
            auto bad = good;
            bad[at] = value;
            EXPECT_NO_THROW(metadataFrom(lookAt(bad)));
        }
    for (std::size_t length = 0; length < good.size(); ++length)
        EXPECT_NO_THROW(lookAt(good.substr(0, length)));
}

TEST(Hostile, ThePictureIsStampedAllTheSame) {
    const TempFolder folder;
    makePicture(folder / "plain.jpg", 80, 60);
    const auto plain = readText(folder / "plain.jpg");
    std::vector<fs::path> originals;
    const auto plant = [&](const std::string& name, const std::string& segments) {
        writeFile(folder / "in" / name, plain.substr(0, 2) + segments + plain.substr(2));
        originals.push_back(folder / "in" / name);
    };
    fs::create_directories(folder / "in");
    plant("circle.jpg", exifSegment(circle()));
    plant("deep.jpg", xmpSegment(nestedRdf(5000)));
    plant("entities.jpg", xmpSegment(entityBomb()));
    plant("broken.jpg", xmpSegment("<x:xmpmeta><dc:title>never closed") + jpegSegment(0xED, "Photoshop 3.0\0"
                                                                                            "8BIMgarbage"s));
    const auto result = runPlan(makePlan(originals, {sampleDelivery(folder / "out")}, "/"), {},
                                std::atomic<bool>{false}, [](const RunEvent&) {});
    for (const auto& row : result.ledger.rows) {
        EXPECT_EQ(row.outcome, Outcome::Made) << row.original << (row.problem ? row.problem->sentence() : "");
        EXPECT_TRUE(row.originalUntouched() && row.noPlaceInCopy);
    }
}
