// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A page for print, looked at by other programs: qpdf --check, poppler's renderer, exiftool.
#include "render/encode.h"
#include "run/run.h"
#include "support/chain.h"
#include "support/job.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// 3000 x 2000 hundredths of a millimetre: 20 pixels to the millimetre.
Delivery pageDelivery(const TempFolder& folder) {
    auto out = sampleDelivery(folder / "out");
    out.file.chosen = {"pdf"};
    out.fit.on = false;
    out.fit.setResolution = true;
    out.fit.resolution = 508; // 20 to the millimetre
    return out;
}

LedgerRow onlyRow(const Delivery& delivery, const fs::path& original) {
    const auto result = runAll(makePlan({original}, {delivery}, "/"));
    EXPECT_EQ(result.ledger.count(Outcome::Made), 1U)
        << ::testing::PrintToString(said(result.ledger.rows[0].notes));
    return result.ledger.rows.at(0);
}

/// The page as poppler draws it, at 72 pixels to the inch times `scale`.
vips::VImage drawnPage(const fs::path& pdf, double scale) {
    vips_operation_block_set("VipsForeignLoadPdf", FALSE);
    return vips::VImage::pdfload(pdf.c_str(), vips::VImage::option()->set("scale", scale)).copy_memory();
}

} // namespace

class PdfPages : public ::testing::TestWithParam<const char*> {};

TEST_P(PdfPages, HaveTheirSizeOnPaperTheirWordsAndNoPlace) {
    const TempFolder folder;
    Planted planted;
    planted.gps = true;
    makePicture(folder / "in/a.jpg", 600, 400, planted); // 30 x 20 mm
    auto delivery = pageDelivery(folder);
    delivery.file.set("pdf_packing", std::string(GetParam()));
    const auto row = onlyRow(delivery, folder / "in/a.jpg");
    EXPECT_EQ(row.copy.extension(), ".pdf");
    EXPECT_TRUE(row.noPlaceInCopy);
    EXPECT_TRUE(row.rightsInCopy);
    EXPECT_EQ(runProgram({"qpdf", "--check", row.copy.string()}).exitCode, 0);
    EXPECT_EQ(exiftool(row.copy, "PageCount"), "1");
    EXPECT_EQ(exiftool(row.copy, "Creator"), exiftool(row.copy, "XMP-dc:Creator"));
    EXPECT_NE(exiftool(row.copy, "XMP-dc:Creator"), "");
    EXPECT_EQ(exiftool(row.copy, "GPSLatitude"), "");
    const auto page = drawnPage(row.copy, 2);
    EXPECT_NEAR(page.width(), 30 / 25.4 * 144, 1);
    EXPECT_NEAR(page.height(), 20 / 25.4 * 144, 1);
    const auto wanted = rampColour(300, 100, 600, 400); // away from the seal
    const auto drawn = page.getpoint(page.width() / 2, page.height() / 4);
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_NEAR(drawn[c], wanted[c], 10);
    delivery.place.folder = (folder / "second").string();
    const auto again = onlyRow(delivery, folder / "in/a.jpg");
    EXPECT_EQ(readFile(row.copy), readFile(again.copy)) << "the same page twice is the same file";
}
INSTANTIATE_TEST_SUITE_P(Packed, PdfPages, ::testing::Values("jpeg", "zip"));

TEST(PdfPages, BleedAndCropMarksStandWherePrintersLookForThem) {
    const TempFolder folder;
    makePicture(folder / "in/a.jpg", 600, 400);
    auto delivery = pageDelivery(folder);
    delivery.file.set("pdf_bleed", 3.0);
    delivery.file.set("pdf_marks", true);
    const auto row = onlyRow(delivery, folder / "in/a.jpg");
    const auto dump = runProgram({"qpdf", "--qdf", "--object-streams=disable", row.copy.string(), "-"}).out;
    const auto boxOf = [&](const std::string& name) {
        std::vector<double> out;
        const auto at = dump.find("/" + name);
        std::istringstream words(dump.substr(dump.find('[', at) + 1, 120));
        for (double value = 0; out.size() < 4 && words >> value;)
            out.push_back(value * 25.4 / 72);
        return out;
    };
    const auto expectBox = [&](const std::string& name, std::vector<double> mm) {
        const auto box = boxOf(name);
        ASSERT_EQ(box.size(), 4U) << name;
        for (std::size_t i = 0; i < 4; ++i)
            EXPECT_NEAR(box[i], mm[i], 0.01) << name << " " << i;
    };
    expectBox("MediaBox", {0, 0, 46, 36}); // 8 mm around
    expectBox("BleedBox", {8, 8, 38, 28});
    expectBox("TrimBox", {11, 11, 35, 25});
    EXPECT_THAT(dump, HasSubstr("/OutputIntents"));
    const auto page = drawnPage(row.copy, 4);
    const auto pixel = [&](double xMm, double yMm) {
        const double perMm = 4 * 72 / 25.4;
        double darkest = 255; // a hairline is thinner than a pixel
        for (int dx = -1; dx <= 1; ++dx)
            darkest = std::min(
                darkest, page.getpoint(static_cast<int>(xMm * perMm) + dx, static_cast<int>(yMm * perMm))[0]);
        return darkest;
    };
    EXPECT_LT(pixel(11, 5), 200) << "a mark above the left cut";
    EXPECT_LT(pixel(35, 5), 200);
    EXPECT_GT(pixel(23, 5), 250) << "none in between";
}
