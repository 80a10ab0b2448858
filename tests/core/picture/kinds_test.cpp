// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Every kind of file that comes in, each from a file that another program or our own hands wrote: raw files
// of known light, pages, frames, drawings.
#include "base/problem.h"
#include "demo/raw_file.h"
#include "metadata/metadata.h"
#include "picture/develop.h"
#include "picture/file_kind.h"
#include "picture/original.h"
#include "plan/gather.h"
#include "render/ahead.h"
#include "run/run.h"
#include "support/chain.h"
#include "support/job.h"
#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

#include <cmath>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::ElementsAre;
using ::testing::HasSubstr;
using vips::VImage;

namespace {

/// Four fields of known light, in linear sRGB, far enough from each other for any demosaicing.
constexpr std::array<std::array<double, 3>, 4> kLights = {
    {{0.18, 0.18, 0.18}, {0.5, 0.1, 0.08}, {0.1, 0.35, 0.12}, {0.08, 0.12, 0.5}}};

demo::RawScene fourFields(int width, int height) {
    demo::RawScene out;
    out.width = width, out.height = height;
    out.light = [=](int x, int y) {
        return kLights[static_cast<std::size_t>((y * 2 / height) * 2 + x * 2 / width)];
    };
    return out;
}

/// IEC 61966-2-1.
int srgbOf(double linear) {
    const double v = linear <= 0.0031308 ? linear * 12.92 : 1.055 * std::pow(linear, 1 / 2.4) - 0.055;
    return static_cast<int>(std::lround(v * 255));
}

std::array<int, 3> colourAt(const Frame& frame, double fx, double fy) {
    const auto* p =
        frame.row(static_cast<int>(fy * frame.size.height)) + 3 * static_cast<int>(fx * frame.size.width);
    return {p[0], p[1], p[2]};
}

void expectFields(const Frame& frame, const std::string& what) {
    const double places[4][2] = {{0.25, 0.25}, {0.75, 0.25}, {0.25, 0.75}, {0.75, 0.75}};
    for (std::size_t i = 0; i < 4; ++i)
        for (std::size_t c = 0; c < 3; ++c)
            EXPECT_NEAR(colourAt(frame, places[i][0], places[i][1])[c], srgbOf(kLights[i][c]), 3)
                << what << ", field " << i << ", channel " << c;
}

Frame pictureShown(const fs::path& path, const Reading& reading = {}, Size target = {}) {
    const Original original(path);
    const auto facts = factsFor(readFacts(original, path.string()), reading);
    return develop(original, path.string(), facts, wholePicture(facts, target.empty() ? facts.size : target));
}

/// Two pages of A7 and A8, in one colour each, written by hand.
std::string handMadePdf() {
    std::string out = "%PDF-1.4\n";
    std::vector<std::size_t> at;
    const auto object = [&](const std::string& body) {
        at.push_back(out.size());
        out += std::to_string(at.size()) + " 0 obj\n" + body + "\nendobj\n";
    };
    const auto content = [&](const std::string& text) {
        object("<</Length " + std::to_string(text.size()) + ">>stream\n" + text + "\nendstream");
    };
    object("<</Type/Catalog/Pages 2 0 R>>");
    object("<</Type/Pages/Kids[3 0 R 4 0 R]/Count 2>>");
    object("<</Type/Page/Parent 2 0 R/MediaBox[0 0 210 298]/Contents 5 0 R>>");
    object("<</Type/Page/Parent 2 0 R/MediaBox[0 0 210 148]/Contents 6 0 R>>");
    content("0.8 0.2 0.2 rg 0 0 210 149 re f");
    content("0.2 0.2 0.8 rg 0 0 210 148 re f");
    const auto xref = out.size();
    out += "xref\n0 7\n0000000000 65535 f \n";
    for (const auto offset : at) {
        auto digits = std::to_string(offset);
        out += std::string(10 - digits.size(), '0') + digits + " 00000 n \n";
    }
    return out + "trailer\n<</Size 7/Root 1 0 R>>\nstartxref\n" + std::to_string(xref) + "\n%%EOF\n";
}

/// BITMAPINFOHEADER, 24 bits, rows from the bottom.
std::string handMadeBmp(const VImage& image) {
    const auto little = [](std::uint32_t value) {
        return std::string{char(value), char(value >> 8), char(value >> 16), char(value >> 24)};
    };
    const int w = image.width(), h = image.height();
    const auto rows = static_cast<std::uint32_t>((w * 3 + 3) / 4 * 4 * h);
    std::string out = "BM" + little(54 + rows) + little(0) + little(54) + little(40) +
                      little(static_cast<std::uint32_t>(w)) + little(static_cast<std::uint32_t>(h)) +
                      std::string("\1\0\x18\0", 4) + little(0) + little(rows) + little(2835) + little(2835) +
                      little(0) + little(0);
    for (int y = h - 1; y >= 0; --y) {
        for (int x = 0; x < w; ++x) {
            const auto p = image.getpoint(x, y);
            out += {char(int(p[2])), char(int(p[1])), char(int(p[0]))};
        }
        out.resize((out.size() - 54 + 3) / 4 * 4 + 54);
    }
    return out;
}

std::string allSaid(const Notes& notes) {
    std::string out;
    for (const auto& sentence : said(notes))
        out += sentence + "\n";
    return out;
}

Delivery plainDelivery(const fs::path& out) {
    Delivery delivery;
    delivery.name = "Pages";
    delivery.place.folder = out.string();
    delivery.seal.on = false;
    delivery.rights = sheetOf("Ada Holm", "(c) Ada Holm");
    delivery.fit.on = false;
    return delivery;
}

} // namespace

class RawPatterns : public ::testing::TestWithParam<const char*> {};

TEST_P(RawPatterns, ShowTheLightThatFellOnThem) {
    const TempFolder folder;
    auto scene = fourFields(240, 160);
    scene.pattern = GetParam();
    writeFile(folder / "a.dng", demo::rawFile(scene));
    expectFields(pictureShown(folder / "a.dng"), "at full size");
    expectFields(pictureShown(folder / "a.dng", {}, {60, 40}), "at a quarter"); // decoded at half of the size
}
INSTANTIATE_TEST_SUITE_P(All, RawPatterns, ::testing::Values("RGGB", "BGGR", "GRBG", "GBRG", "linear"));

TEST(CameraRaw, KeepsTheCropTheOrientationAndTheExposureThatTheFileStates) {
    const TempFolder folder;
    auto scene = fourFields(240, 160);
    scene.inset = 8;
    scene.orientation = 6; // shown, it stands on its right edge
    writeFile(folder / "a.dng", demo::rawFile(scene));
    const Original original(folder / "a.dng");
    const auto facts = readFacts(original, "a");
    EXPECT_EQ(facts.container, Container::CameraRaw);
    EXPECT_EQ(facts.stored, (Size{224, 144}));
    EXPECT_EQ(facts.size, (Size{144, 224}));
    EXPECT_EQ(facts.bits, 16);
    const auto upright = pictureShown(folder / "a.dng");
    // The first field has come to the upper right.
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_NEAR(colourAt(upright, 0.75, 0.25)[c], srgbOf(0.18), 3);

    scene = fourFields(240, 160);
    scene.exposure = 1; // one stop: twice the light
    writeFile(folder / "b.dng", demo::rawFile(scene));
    EXPECT_NEAR(colourAt(pictureShown(folder / "b.dng"), 0.25, 0.25)[1], srgbOf(0.36), 4);
}

TEST(CameraRaw, GivesTheCamerasOwnPictureWhereThatIsWanted) {
    const TempFolder folder;
    auto scene = fourFields(240, 160);
    makePicture(folder / "own.jpg", 120, 80);
    const auto own = readFile(folder / "own.jpg");
    scene.preview = {own.begin(), own.end()};
    scene.previewWidth = 120, scene.previewHeight = 80;
    scene.orientation = 3;
    writeFile(folder / "a.dng", demo::rawFile(scene));
    writeFile(folder / "none.dng", demo::rawFile(fourFields(240, 160)));
    const auto frame = pictureShown(folder / "a.dng", {0, RawPicture::Cameras});
    ASSERT_EQ(frame.size, (Size{120, 80}));
    const auto ramp = rampColour(108, 72, 120, 80); // turned by half: lower right comes first
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_NEAR(colourAt(frame, 0.1, 0.1)[c], ramp[c], 6);

    auto delivery = plainDelivery(folder / "out");
    delivery.turn.raw = RawPicture::Cameras;
    const auto saidOf = [&](const std::string& name) {
        const Opened opened(folder / name);
        const auto facts = shownFacts(opened.facts, delivery);
        const auto chain = planChain(delivery, facts.size);
        const PictureException exception;
        return allSaid(lookAhead({opened.original.path(), facts, {}, delivery, exception, chain}).notes);
    };
    EXPECT_THAT(saidOf("a.dng"),
                HasSubstr("the camera's own picture, as it lies in the raw file (120 x 80 pixels)"));
    EXPECT_THAT(saidOf("none.dng"), HasSubstr("holds no picture of the camera's own: it was developed"));
    EXPECT_EQ(pictureShown(folder / "none.dng", {0, RawPicture::Cameras}).size, (Size{240, 160}));
}

TEST(CameraRaw, TellsItsPlaceAndItsCopyDoesNot) {
    const TempFolder folder;
    auto scene = fourFields(240, 160);
    scene.place = true;
    writeFile(folder / "a.dng", demo::rawFile(scene));
    EXPECT_TRUE(inspect(Original(folder / "a.dng")).tellsPlace());
    EXPECT_THAT(exiftool(folder / "a.dng", "GPSLatitude"), HasSubstr("48.35"));
    const auto result = runAll(makePlan({folder / "a.dng"}, {plainDelivery(folder / "out")}, folder.path()));
    ASSERT_EQ(result.ledger.count(Outcome::Made), 1U) << allSaid(result.ledger.rows.front().notes);
    const auto& row = result.ledger.rows.front();
    EXPECT_TRUE(row.placeInOriginal);
    EXPECT_TRUE(row.noPlaceInCopy);
    EXPECT_EQ(exiftool(row.copy, "GPSLatitude"), "");
    expectFields(pictureShown(row.copy), "the copy");
}

TEST(CameraRaw, OfAnUnknownCameraIsNoPictureByName) {
    const TempFolder folder;
    writeFile(folder / "unknown.raf", "FUJIFILMCCD-RAW " + std::string(200, '\0'));
    const auto met = gather({folder / "unknown.raf"}, true);
    EXPECT_TRUE(met.files.empty());
    ASSERT_EQ(met.others.size(), 1U);
    EXPECT_EQ(met.others.back().note.kind, NoteKind::MetCameraRaw);
    EXPECT_THAT(problemOf([&] { readFacts(Original(folder / "unknown.raf"), "unknown.raf"); }).happened,
                HasSubstr("this camera's raw files are not known"));
}

TEST(CameraRaw, CutOffAnywhereIsToldAndNeverTakenForWhole) {
    const auto file = demo::rawFile(fourFields(64, 48));
    for (std::size_t length = 8; length < file.size(); length += file.size() / 40) {
        const auto cut = file.substr(0, length);
        const MemorySource source({reinterpret_cast<const std::uint8_t*>(cut.data()), cut.size()});
        EXPECT_NE(problemOf([&] {
                      const auto facts = readFacts(source, "cut");
                      develop(source, "cut", facts, wholePicture(facts, facts.size));
                  }).subject,
                  "")
            << length << " of " << file.size() << " bytes";
    }
}

class FlatKinds : public ::testing::TestWithParam<const char*> {};

TEST_P(FlatKinds, AreOriginalsLikeAnyOther) {
    const TempFolder folder;
    const auto file = folder / (std::string("ramp.") + GetParam());
    makePicture(folder / "ramp.png", 96, 64);
    if (std::string(GetParam()) == "bmp") // nothing we use writes it
        writeFile(file, handMadeBmp(VImage::new_from_file((folder / "ramp.png").c_str())));
    else
        VImage::new_from_file((folder / "ramp.png").c_str()).write_to_file(file.c_str());
    fs::remove(folder / "ramp.png");
    ASSERT_EQ(gather({folder.path()}, true).files, std::vector<fs::path>{file});
    const auto frame = pictureShown(file);
    ASSERT_EQ(frame.size, (Size{96, 64}));
    const auto wanted = rampColour(48, 32, 96, 64);
    for (std::size_t c = 0; c < 3; ++c)
        EXPECT_NEAR(colourAt(frame, 0.5, 0.5)[c], wanted[c], std::string(GetParam()) == "gif" ? 14 : 2);
}
INSTANTIATE_TEST_SUITE_P(All, FlatKinds, ::testing::Values("gif", "bmp", "ppm"));

TEST(Drawings, AreDrawnAtTheirSizeInEveryScale) {
    const TempFolder folder;
    writeFile(folder / "a.svg",
              "<?xml version='1.0'?>\n<!-- ours -->\n<svg xmlns='http://www.w3.org/2000/svg' "
              "width='20' height='10'><rect width='10' height='10' fill='#c81e32'/></svg>");
    const Original original(folder / "a.svg");
    const auto facts = readFacts(original, "a");
    EXPECT_EQ(facts.size, (Size{4000, 2000}));
    for (const Size size : {Size{4000, 2000}, Size{300, 150}}) {
        const auto frame = pictureShown(folder / "a.svg", {}, size);
        EXPECT_THAT(colourAt(frame, 0.2, 0.5), ElementsAre(200, 30, 50));
        EXPECT_THAT(colourAt(frame, 0.8, 0.5), ElementsAre(255, 255, 255)) << "nothing there: the background";
    }
    writeFile(folder / "bad.svg", "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>"
                                  "<image href='file:///etc/passwd' width='9' height='9'/></svg>");
    const auto refused = problemOf([&] { pictureShown(folder / "bad.svg"); });
    EXPECT_EQ(refused.kind, ProblemKind::Refused);
    EXPECT_EQ(refused.subject, (folder / "bad.svg").string());
}

TEST(Pages, OfAPdfAreOriginalsOnlyWhenItIsGivenItself) {
    const TempFolder folder;
    writeFile(folder / "a.pdf", handMadePdf());
    EXPECT_TRUE(gather({folder.path()}, true).files.empty());
    EXPECT_EQ(gather({folder.path()}, true).others.front().note.kind, NoteKind::MetPages);
    EXPECT_EQ(gather({folder / "a.pdf"}, true).files.size(), 1U);
    const auto facts = readFacts(Original(folder / "a.pdf"), "a");
    EXPECT_EQ(facts.pages, 2);
    EXPECT_EQ(facts.size, (Size{875, 1242})) << "210 x 298 points at 300 to the inch";
    EXPECT_EQ(factsFor(facts, {1, {}}).size, (Size{875, 617}));
    EXPECT_NEAR(facts.pixelsPerMm * 25.4, 300, 0.1);
    EXPECT_THAT(colourAt(pictureShown(folder / "a.pdf"), 0.5, 0.75), ElementsAre(204, 51, 51));
    EXPECT_THAT(colourAt(pictureShown(folder / "a.pdf"), 0.5, 0.25), ElementsAre(255, 255, 255));
    EXPECT_THAT(colourAt(pictureShown(folder / "a.pdf", {1, {}}), 0.5, 0.5), ElementsAre(51, 51, 204));
}

TEST(Pages, BecomeCopiesOfTheirOwnWhereTheyAreAskedFor) {
    const TempFolder folder;
    const std::vector<Rgb> colours = {{40, 90, 200}, {90, 90, 150}, {140, 90, 100}};
    makePages(folder / "moving.gif", {40, 30}, colours);
    makePages(folder / "paged.tif", {40, 30}, colours);
    for (const std::string name : {"moving.gif", "paged.tif"}) {
        const auto facts = readFacts(Original(folder / name), name);
        ASSERT_EQ(facts.pages, 3) << name;
        for (int page = 0; page < 3; ++page)
            EXPECT_NEAR(colourAt(pictureShown(folder / name, {page, {}}), 0.5, 0.5)[0], 40 + 50 * page, 6)
                << name;
    }
    auto delivery = plainDelivery(folder / "out");
    delivery.turn.pages = PagesTaken::Some;
    delivery.turn.somePages = "2-";
    const auto plan = makePlan({folder / "paged.tif"}, {delivery}, folder.path());
    ASSERT_EQ(plan.copies.size(), 2U);
    EXPECT_EQ(plan.copies[0].target.filename(), "paged-p2.jpg");
    EXPECT_EQ(plan.copies[1].target.filename(), "paged-p3.jpg");
    EXPECT_NE(plan.copies[0].settingsDigest, plan.copies[1].settingsDigest);
    const auto result = runAll(plan);
    ASSERT_EQ(result.ledger.count(Outcome::Made), 2U);
    EXPECT_NEAR(colourAt(pictureShown(result.ledger.rows[0].copy), 0.5, 0.5)[0], 90, 4);
    EXPECT_NEAR(colourAt(pictureShown(result.ledger.rows[1].copy), 0.5, 0.5)[0], 140, 4);
    EXPECT_THAT(allSaid(result.ledger.rows[1].notes), HasSubstr("picture 3 of the 3 in the file"));
    // Done again nothing is made twice; other pages are other copies.
    EXPECT_EQ(makePlan({folder / "paged.tif"}, {delivery}, folder.path()).count(Outcome::AlreadyThere), 2U);
    delivery.turn.somePages = "7";
    const auto none = makePlan({folder / "paged.tif"}, {delivery}, folder.path());
    EXPECT_EQ(none.count(Outcome::LeftOut), 1U);
    EXPECT_THAT(allSaid(none.copies.front().notes),
                HasSubstr("it has 3 pictures and none of those asked for (7)"));
}

TEST(Pages, AreNamedAsPeopleCountThem) {
    const auto taken = [](const std::string& some) { return pagesTaken(PagesTaken::Some, some, 6); };
    EXPECT_THAT(taken("2"), ElementsAre(1));
    EXPECT_THAT(taken("1-3, 5"), ElementsAre(0, 1, 2, 4));
    EXPECT_THAT(taken("5-, 1"), ElementsAre(0, 4, 5));
    EXPECT_THAT(taken("3, 3, 2-4"), ElementsAre(1, 2, 3));
    for (const auto* wrong : {"", "0", "a", "3-1", "1--2", "1;2", "99999999999"})
        EXPECT_FALSE(areNamedPages(wrong)) << wrong;
    EXPECT_EQ(pagesTaken(PagesTaken::All, "", 100000).size(), static_cast<std::size_t>(kMostPages));
    EXPECT_THAT(pagesTaken(PagesTaken::First, "3", 6), ElementsAre(0));
}
