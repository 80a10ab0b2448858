// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/fingerprint.h"
#include "base/text.h"
#include "privacy/report.h"
#include "render/chain_plan.h"
#include "rights/compose.h"
#include "support/chain.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

Delivery writing(const RightsSheet& sheet) {
    Delivery delivery;
    delivery.rights = sheet;
    return delivery;
}

fs::path composed(const TempFolder& folder, const RightsSheet& sheet) {
    const auto delivery = writing(sheet);
    writeFile(folder / "copy.jpg", copyOf(plainFrame(64, 48, {90, 120, 150}), delivery, 300 / 25.4));
    return folder / "copy.jpg";
}

} // namespace

TEST(Compose, AnotherReaderFindsTheRightsInAllThreeContainers) {
    const TempFolder folder;
    const auto file = composed(folder, sheetOf("Wrenna Oake; Ines Gull", "© 2026 Marsh & Line Studio"));
    EXPECT_EQ(exiftool(file, "XMP-dc:Creator"), "Wrenna Oake, Ines Gull");
    EXPECT_EQ(exiftool(file, "IPTC:By-line"), "Wrenna Oake, Ines Gull");
    EXPECT_EQ(exiftool(file, "IFD0:Artist"), "Wrenna Oake; Ines Gull");
    for (const char* tag : {"XMP-dc:Rights", "IPTC:CopyrightNotice", "IFD0:Copyright"})
        EXPECT_EQ(exiftool(file, tag), "© 2026 Marsh & Line Studio") << tag;
    EXPECT_EQ(exiftool(file, "IPTCDigest"), exiftool(file, "CurrentIPTCDigest"));
    EXPECT_EQ(exiftool(file, "XResolution"), "300");
    EXPECT_EQ(exiftool(file, "Orientation"), "1");
    EXPECT_EQ(exiftool(file, "ProfileDescription"), "sRGB");
    EXPECT_EQ(exiftool(file, "Warning"), "");
}

TEST(Compose, LongTextsAreCutInIimAtACharacterAndReported) {
    const TempFolder folder;
    const std::string creator = "Ångström Ødegård of the Wide Marsh"; // more than 32 bytes
    const auto metadata = composeMetadata(sheetWords(writing(sheetOf(creator, ""))));
    ASSERT_EQ(metadata.notes.size(), 1U);
    const auto file = composed(folder, sheetOf(creator, ""));
    EXPECT_EQ(exiftool(file, "XMP-dc:Creator"), creator);
    const auto iim = exiftool(file, "IPTC:By-line");
    EXPECT_LE(iim.size(), 32U);
    EXPECT_TRUE(creator.starts_with(iim) && isUtf8(iim)) << iim;
}

TEST(Compose, MarkupInATextStaysText) {
    const TempFolder folder;
    const std::string nasty = "<script> & \"quotes\" ]]> 'x'";
    EXPECT_EQ(exiftool(composed(folder, sheetOf(nasty, nasty)), "XMP-dc:Rights"), nasty);
}

TEST(Compose, WithoutRightsOnlyTechnicalThingsAreWritten) {
    const TempFolder folder;
    auto off = sheetOf("Wrenna Oake", "©");
    off.on = false;
    for (const auto& sheet : {off, sheetOf(" ; ", "")}) {
        const auto bytes = readFile(composed(folder, sheet));
        for (const auto& finding : inspect(MemorySource(bytes)).findings)
            EXPECT_EQ(finding.category, Category::Technical) << finding.name;
    }
}

TEST(Compose, DropsWhateverTheJpegAlreadyHeld) {
    const TempFolder folder;
    Planted planted;
    planted.gps = planted.camera = true;
    planted.comment = "secret";
    makePicture(folder / "a.jpg", 32, 24, planted);
    const auto clean = embedInJpeg(readFile(folder / "a.jpg"), composeMetadata({}), {});
    const auto report = inspect(MemorySource(clean));
    EXPECT_FALSE(report.tellsPlace());
    EXPECT_EQ(report.find("Make"), nullptr);
    EXPECT_EQ(report.find("comment"), nullptr);
    EXPECT_ANY_THROW(embedInJpeg(Bytes{1, 2, 3, 4}, {}, {}));
}
