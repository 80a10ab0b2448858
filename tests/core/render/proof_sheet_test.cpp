// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/proof_sheet.h"

#include "base/problem.h"
#include "support/job.h"
#include "support/marked_words.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;

namespace {

ProofSheet sheetOfUp(int up) {
    ProofSheet out;
    out.up = up;
    return out;
}

} // namespace

TEST(ProofSheet, BeginsWhereTheLanguageIsReadFrom) {
    const auto left = sheetCells(sheetOfUp(9));
    const SpeaksMarked fromTheRight;
    const auto right = sheetCells(sheetOfUp(9));
    for (std::size_t i = 0; i < 9; ++i) {
        EXPECT_NEAR(right[i].x, left[i - i % 3 + 2 - i % 3].x, 1e-9);
        EXPECT_NEAR(right[i].y, left[i].y, 1e-9);
    }
}

TEST(ProofSheet, CellsAreEqualDoNotMeetAndFillThePaper) {
    for (const int up : {1, 2, 4, 9})
        for (const auto& paper : sheetPapers()) {
            auto sheet = sheetOfUp(up);
            sheet.paper = paper.key;
            const auto cells = sheetCells(sheet);
            ASSERT_EQ(cells.size(), static_cast<std::size_t>(up));
            double area = 0;
            for (const auto& cell : cells) {
                EXPECT_NEAR(cell.width, cells[0].width, 1e-9);
                EXPECT_GE(cell.x, sheet.marginMm - 1e-9);
                EXPECT_LE(cell.x + cell.width, paper.widthMm - sheet.marginMm + 1e-9);
                EXPECT_LE(cell.y + cell.height, paper.heightMm - sheet.marginMm + 1e-9);
                area += (cell.width + sheet.marginMm) * (cell.height + sheet.marginMm);
            }
            EXPECT_NEAR(area, (paper.widthMm - sheet.marginMm) * (paper.heightMm - sheet.marginMm), 1e-6);
        }
    EXPECT_EQ(problemOf([] { sheetCells(sheetOfUp(3)); }).subject, "up");
    auto narrow = sheetOfUp(9);
    narrow.marginMm = 60;
    EXPECT_EQ(problemOf([&] { sheetCells(narrow); }).subject, "margin");
    narrow.paper = "wall";
    EXPECT_EQ(problemOf([&] { sheetCells(narrow); }).subject, "paper");
}

TEST(ProofSheet, HasEveryCopyInItsCellByOtherReaders) {
    const TempFolder folder;
    std::vector<fs::path> copies;
    const std::vector<Rgb> colours = {
        {200, 30, 30}, {30, 160, 30}, {30, 30, 200}, {200, 160, 30}, {120, 30, 120}};
    for (std::size_t i = 0; i < colours.size(); ++i) {
        copies.push_back(folder / ("copy_" + std::to_string(i) + ".png"));
        auto frame = plainFrame(i == 1 ? 300 : 200, i == 1 ? 200 : 300, colours[i]); // one lies on its side
        vips::VImage::new_from_memory(frame.rgb.data(), frame.rgb.size(), frame.size.width, frame.size.height,
                                      3, VIPS_FORMAT_UCHAR)
            .pngsave(copies.back().c_str());
    }
    copies.push_back(folder / "gone.jpg");
    const auto sheet = sheetOfUp(4);
    const std::atomic<bool> stop{false};
    std::size_t told = 0;
    writeProofSheet(copies, sheet, "Proofs", folder / "sheets.pdf", stop, [&](std::size_t n) { told = n; });
    EXPECT_EQ(told, 6U);
    EXPECT_EQ(runProgram({"qpdf", "--check", (folder / "sheets.pdf").string()}).exitCode, 0);
    EXPECT_EQ(exiftool(folder / "sheets.pdf", "PageCount"), "2");
    vips_operation_block_set("VipsForeignLoadPdf", FALSE);
    const auto cells = sheetCells(sheet);
    for (std::size_t i = 0; i < colours.size(); ++i) {
        const auto page = vips::VImage::pdfload((folder / "sheets.pdf").c_str(),
                                                vips::VImage::option()->set("page", static_cast<int>(i / 4)));
        const auto& cell = cells[i % 4];
        const auto pixel = page.getpoint(static_cast<int>((cell.x + cell.width / 2) * 72 / 25.4),
                                         static_cast<int>((cell.y + cell.height / 2) * 72 / 25.4));
        EXPECT_NEAR(pixel[0], colours[i].r, 6) << i;
        EXPECT_NEAR(pixel[1], colours[i].g, 6) << i;
        EXPECT_NEAR(pixel[2], colours[i].b, 6) << i;
    }
    EXPECT_EQ(problemOf([&] { writeProofSheet(copies, sheet, "", folder / "sheets.pdf", stop); }).kind,
              ProblemKind::Refused);
}
