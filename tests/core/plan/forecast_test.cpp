// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/forecast.h"
#include "report/contact_sheet.h"
#include "support/chain.h"
#include "support/job.h"
#include "support/marked_words.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::Contains;
using ::testing::HasSubstr;

namespace {

const std::atomic<bool> kNoStop{false};

struct Shoot {
    TempFolder folder;
    std::vector<fs::path> files;
    std::vector<Delivery> deliveries;
    Shoot() {
        for (int i = 0; i < 6; ++i) {
            files.push_back(folder / ("in/tide <" + std::to_string(i) + ">.jpg"));
            makePicture(files.back(), 600 + 40 * i, 400);
        }
        for (const int side : {500, 200}) {
            deliveries.push_back(sampleDelivery(folder / std::to_string(side)));
            deliveries.back().name = std::to_string(side);
            deliveries.back().fit.longSide = side;
        }
    }
    Plan plan() const { return makePlan(files, deliveries, folder.path()); }
};

} // namespace

TEST(Forecast, SizesAreTheRunsAndBytesAreNearThem) {
    Shoot shoot;
    const auto plan = shoot.plan();
    const auto rates = sampleBytes(plan, 3, kNoStop);
    EXPECT_EQ(rates.sampled, 6U); // three of each delivery
    const auto ahead = forecast(plan, {}, rates, kNoStop);
    EXPECT_FALSE(fs::exists(shoot.folder / "500")); // nothing is written
    const auto result = runAll(plan);
    std::uint64_t bytes = 0;
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        EXPECT_EQ(ahead.copies[i].size(), result.ledger.rows[i].copySize) << i;
        bytes += result.ledger.rows[i].copyBytes;
    }
    EXPECT_NEAR(static_cast<double>(ahead.bytes), static_cast<double>(bytes),
                static_cast<double>(bytes) * 0.25);
    ASSERT_EQ(ahead.rooms.size(), 1U); // both folders lie on one disk
    EXPECT_GT(ahead.rooms[0].free, 0U);
    EXPECT_FALSE(ahead.rooms[0].isShort());
    EXPECT_EQ(ahead.rooms[0].needed, ahead.bytes);
}

TEST(Forecast, WarnsOfWhatIsEnlargedUnreadableOrTellsAPlace) {
    Shoot shoot;
    Planted planted;
    planted.gps = true;
    planted.xmpCity = kSecretCity;
    planted.description = std::string("Kites over ") + kSecretCity;
    makePicture(shoot.files[0], 600, 400, planted);
    writeFile(shoot.files[1], "no picture");
    shoot.deliveries.resize(1);
    shoot.deliveries[0].fit.longSide = 900;
    shoot.deliveries[0].fit.enlarge = Enlarge::Always;
    const auto ahead = forecast(shoot.plan(), {}, {}, kNoStop);
    EXPECT_THAT(said(ahead.copies[0].notes), Contains(HasSubstr(kSecretCity)));
    EXPECT_THAT(said(ahead.copies[0].notes), Contains(HasSubstr("enlarged")));
    EXPECT_EQ(ahead.copies[1].outcome, Outcome::Failed);
    ASSERT_TRUE(ahead.copies[1].problem);
    EXPECT_THAT(ahead.copies[1].problem->happened, HasSubstr("no picture file"));
    EXPECT_TRUE(ahead.copies[1].size().empty());
    EXPECT_EQ(ahead.bytes, 0U); // not estimated is not zero bytes by guess
    EXPECT_EQ(ahead.failing, 1U);
    EXPECT_EQ(ahead.toLookAt, 5U); // all that can be read are enlarged
}

TEST(Forecast, AFullDiskIsSeenAhead) {
    DiskRoom room{"/out", 1000, 1050};
    EXPECT_TRUE(room.isShort());
    room.free = 1200;
    EXPECT_FALSE(room.isShort());
    EXPECT_GT(freeBytesAt("/tmp/not/there/yet"), 0U);
}

TEST(ContactSheet, ShowsEveryCopyAndEscapesNames) {
    Shoot shoot;
    const auto result = runAll(shoot.plan());
    fs::remove(result.ledger.rows[0].copy); // gone since
    ContactSheet sheet;
    sheet.title = "Kites & <lanterns>";
    writeContactHtml(result.ledger, sheet, shoot.folder / "sheet.html", kNoStop);
    const auto html = readText(shoot.folder / "sheet.html");
    EXPECT_THAT(html, HasSubstr("Kites &amp; &lt;lanterns&gt;"));
    EXPECT_EQ(html.find("<lanterns>"), std::string::npos);
    std::size_t pictures = 0;
    for (auto at = html.find("data:image/jpeg"); at != std::string::npos;
         at = html.find("data:image/jpeg", at + 1))
        ++pictures;
    EXPECT_EQ(pictures, 11U);
    EXPECT_THAT(html, HasSubstr("be read any more"));
    EXPECT_EQ(html.find("http"), std::string::npos); // everything is inside
    {
        const SpeaksMarked marked;
        writeContactHtml(result.ledger, sheet, shoot.folder / "marked.html", kNoStop);
    }
    const auto marked = readText(shoot.folder / "marked.html");
    for (const auto* words :
         {" · §12 copies · §", " · §originals of ", ">§tells no place · §rights written · §seal "})
        EXPECT_THAT(marked, HasSubstr(words));
    writeContactPdf(result.ledger, sheet, shoot.folder / "sheet.pdf", kNoStop);
    EXPECT_EQ(exiftool(shoot.folder / "sheet.pdf", "PageCount"), "1");
    EXPECT_EQ(exiftool(shoot.folder / "sheet.pdf", "Title"), "Kites & <lanterns>");
    EXPECT_EQ(
        problemOf([&] { writeContactPdf(result.ledger, sheet, shoot.folder / "sheet.pdf", kNoStop); }).kind,
        ProblemKind::Refused);
    const std::atomic<bool> stop{true};
    writeContactPdf(result.ledger, sheet, shoot.folder / "stopped.pdf", stop);
    EXPECT_FALSE(fs::exists(shoot.folder / "stopped.pdf"));
}

TEST(LedgerCsv, IsReadByOthersAndNoFormulaGetsIn) {
    Ledger ledger;
    LedgerRow row;
    row.original = "/in/=HYPERLINK(\"x\").jpg";
    row.delivery = "=cmd, \"quoted\"";
    row.outcome = Outcome::Made;
    row.copy = "/out/a.jpg";
    row.copyBytes = 12;
    row.notes = {{NoteKind::OldSentence, "one", {}}, {NoteKind::OldSentence, "two\nlines", {}}};
    ledger.rows = {row};
    const auto csv = ledgerCsv(ledger);
    EXPECT_THAT(csv, HasSubstr("\"'=cmd, \"\"quoted\"\"\""));
    EXPECT_THAT(csv, HasSubstr("\"one; two\nlines\""));
    EXPECT_THAT(csv, HasSubstr("/out/a.jpg,12,"));
}

/// Blocks of plain and of busy pictures, as they come from a card: no order of them may mislead the estimate.
TEST(Forecast, BytesAreEstimatedFairlyWhateverTheOrderAndWhatFails) {
    TempFolder folder;
    std::vector<fs::path> files;
    for (int i = 0; i < 24; ++i) {
        Frame frame = plainFrame(300, 200, {120, 130, 140});
        std::uint32_t random = 7U + static_cast<std::uint32_t>(i);
        if (i >= 16)
            for (auto& value : frame.rgb)
                value = static_cast<std::uint8_t>((random = random * 1664525U + 1013904223U) >> 24);
        files.push_back(folder / ("in/" + std::to_string(i) + ".png"));
        writeFile(files.back(), encodePng(frame));
    }
    for (const int broken : {4, 12, 20}) // in the middle of each third
        writeFile(files[static_cast<std::size_t>(broken)], "no picture");
    for (const bool turned : {false, true}) {
        if (turned)
            std::reverse(files.begin(), files.end());
        const auto plan =
            makePlan(files, {sampleDelivery(folder / (turned ? "out2" : "out"))}, folder.path());
        const auto rates = sampleBytes(plan, 3, kNoStop);
        EXPECT_EQ(rates.sampled, 3U);
        const auto ahead = forecast(plan, {}, rates, kNoStop);
        std::uint64_t bytes = 0;
        for (const auto& row : runAll(plan).ledger.rows)
            bytes += row.copyBytes;
        EXPECT_NEAR(static_cast<double>(ahead.bytes) / static_cast<double>(bytes), 1, 0.25) << turned;
    }
}
