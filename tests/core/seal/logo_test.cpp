// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"
#include "decode/svg_gate.h"
#include "seal/logo.h"
#include "support/seals.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;
using ::testing::SizeIs;

namespace {

std::string svg(const std::string& inside, const std::string& head = {}) {
    return head +
           "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' "
           "height='50' viewBox='0 0 100 50'>" +
           inside + "</svg>";
}

Problem refusal(const TempFolder& folder, const std::string& name, const std::string& content) {
    writeFile(folder / name, content);
    try {
        loadLogo((folder / name).string());
    } catch (const Problem& problem) {
        return problem;
    }
    ADD_FAILURE() << "taken: " << content.substr(0, 120);
    return {ProblemKind::Internal, "", ""};
}

/// A bitmap with transparent margins: a red block in the middle of 80 x 40.
void makeBitmapLogo(const fs::path& path) {
    std::vector<std::uint8_t> rgba(80 * 40 * 4);
    for (int y = 10; y < 30; ++y)
        for (int x = 20; x < 60; ++x) {
            auto* p = rgba.data() + (y * 80 + x) * 4;
            p[0] = 255, p[1] = 0, p[2] = 0, p[3] = 255;
        }
    vips::VImage::new_from_memory(rgba.data(), rgba.size(), 80, 40, 4, VIPS_FORMAT_UCHAR)
        .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB))
        .write_to_file(path.c_str());
}

SealDesign logoSeal(const std::string& file, double height = 100) {
    SealDesign design = boxSeal();
    SealPart part = newPart(design, PartKind::Logo);
    part.logo.file = file;
    part.size = height;
    design.parts = {part};
    design.anchor = Anchor::Centre;
    return design;
}

} // namespace

TEST(Logo, AVectorIsSharpAtEverySize) {
    const TempFolder folder;
    writeFile(folder / "half.svg", svg("<rect width='50' height='50' fill='#ff0000'/>"
                                       "<rect x='50' width='50' height='50' fill='#0000ff'/>"));
    auto design = logoSeal((folder / "half.svg").string());
    design.size = 40;
    for (const int width : {300, 3000}) {
        Frame frame = plainFrame(width, width / 3 * 2, {255, 255, 255});
        const auto result = drawSeal(design, frame);
        EXPECT_TRUE(result.enlarged.empty());
        EXPECT_NEAR(result.box.width / result.box.height, 2, 1e-6);
        // Two pixels either side of the border between the halves: no blur reaches them at any size.
        const Point middle = result.box.centre();
        EXPECT_EQ(pixelAt(frame, middle.x - 2, middle.y)[0], 255);
        EXPECT_EQ(pixelAt(frame, middle.x - 2, middle.y)[2], 0);
        EXPECT_EQ(pixelAt(frame, middle.x + 2, middle.y)[2], 255);
    }
}

TEST(Logo, EmptyEdgesAreCutSoThatTheMarginCountsFromWhatIsSeen) {
    const TempFolder folder;
    makeBitmapLogo(folder / "block.png");
    auto design = logoSeal((folder / "block.png").string());
    design.anchor = Anchor::BottomRight;
    design.margins.share = 5;
    Frame frame = plainFrame(600, 400, {0, 0, 255});
    drawSeal(design, frame); // unit 40, block 80 x 40, 20 pixels from the edges
    EXPECT_NEAR(pixelAt(frame, 575, 375)[0], 255, 3);
    EXPECT_EQ(pixelAt(frame, 583, 383)[0], 0);
    design.parts.front().logo.trim = false;
    Frame whole = plainFrame(600, 400, {0, 0, 255});
    drawSeal(design, whole);
    EXPECT_EQ(pixelAt(whole, 575, 375)[0], 0);
}

TEST(Logo, ABitmapThatWouldBeEnlargedIsReportedWithTheSizeItNeeds) {
    const TempFolder folder;
    makeBitmapLogo(folder / "block.png"); // 40 x 20 pixels can be seen
    auto design = logoSeal((folder / "block.png").string());
    Frame small = plainFrame(300, 200, {0, 0, 0}), large = plainFrame(3000, 2000, {0, 0, 0});
    EXPECT_TRUE(drawSeal(design, small).enlarged.empty()); // 20 pixels high
    const auto result = drawSeal(design, large);           // 200 pixels high
    ASSERT_THAT(result.enlarged, SizeIs(1));
    EXPECT_NEAR(result.enlarged[0].has.width, 40, 1);
    EXPECT_NEAR(result.enlarged[0].needs.height, 200, 1);
    EXPECT_THAT(said(result.notes).front(), HasSubstr("block.png is enlarged"));
}

TEST(Logo, OneColourAndAClearedBackground) {
    const TempFolder folder;
    writeFile(folder / "dot.svg", svg("<rect width='100' height='50' fill='#ffffff'/>"
                                      "<rect x='25' width='50' height='50' fill='#222222'/>"));
    auto design = logoSeal((folder / "dot.svg").string(), 200);
    design.parts.front().logo.clearOn = true;
    design.parts.front().logo.recolour = true;
    design.parts.front().colour = {0, 200, 0};
    Frame frame = plainFrame(600, 400, {50, 50, 50}); // unit 40: 160 x 80 in the middle
    drawSeal(design, frame);
    EXPECT_EQ(pixelAt(frame, 300, 200)[1], 200);
    EXPECT_EQ(pixelAt(frame, 235, 200)[1], 50); // the white ground is gone
}

TEST(Logo, OneOfOneToneHasItsOtherVersionByItself) {
    const TempFolder folder;
    const auto file = (folder / "mark.svg").string();
    const auto onGround = [&](Rgb ground, Tone tone) {
        auto design = logoSeal(file);
        design.tone = tone;
        design.anchor = Anchor::Centre;
        Frame frame = plainFrame(600, 400, ground);
        const auto result = drawSeal(design, frame);
        const auto* p = pixelAt(frame, result.box.centre().x, result.box.centre().y);
        return std::pair(result.readability, Rgb{p[0], p[1], p[2]});
    };
    // A white one on snow, where it measured 1.0 : 1.
    writeFile(file, svg("<circle cx='50' cy='25' r='24' fill='#ffffff'/>"));
    EXPECT_GT(onGround({250, 250, 252}, Tone::ByPicture).first, 10);
    EXPECT_EQ(onGround({20, 20, 30}, Tone::ByPicture).second, (Rgb{255, 255, 255}));
    EXPECT_LT(onGround({250, 250, 252}, Tone::Light).first, 1.2)
        << "as its file has it, where that is asked for";
    // A red one keeps its red wherever that can be seen.
    writeFile(file, svg("<circle cx='50' cy='25' r='24' fill='#b01020'/>  "));
    EXPECT_EQ(onGround({250, 250, 252}, Tone::ByPicture).second, (Rgb{176, 16, 32}));
    EXPECT_EQ(onGround({20, 20, 30}, Tone::ByPicture).second, (Rgb{255, 255, 255}));
    // One of two tones is left as it is.
    writeFile(file, svg("<circle cx='50' cy='25' r='24' fill='#ffffff'/><circle cx='50' cy='25' r='12' "
                        "fill='#106020'/>"));
    EXPECT_EQ(onGround({250, 250, 252}, Tone::ByPicture).second, (Rgb{16, 96, 32}));
}

TEST(Logo, TheDarkVersionIsAnotherFile) {
    const TempFolder folder;
    writeFile(folder / "light.svg", svg("<rect width='100' height='50' fill='#ffffff'/>"));
    writeFile(folder / "dark.svg", svg("<rect width='100' height='50' fill='#000000'/>"));
    auto design = logoSeal((folder / "light.svg").string());
    design.parts.front().logo.darkFile = (folder / "dark.svg").string();
    design.tone = Tone::ByPicture;
    Frame bright = plainFrame(600, 400, {240, 240, 240}), dark = plainFrame(600, 400, {20, 20, 20});
    EXPECT_TRUE(drawSeal(design, bright).decision.dark);
    EXPECT_FALSE(drawSeal(design, dark).decision.dark);
    EXPECT_EQ(pixelAt(bright, 300, 200)[0], 0);
    EXPECT_EQ(pixelAt(dark, 300, 200)[0], 255);
}

TEST(Logo, AChangedFileIsReadAgain) {
    const TempFolder folder;
    const auto file = (folder / "x.svg").string();
    writeFile(file, svg("<rect width='100' height='50' fill='#ffffff'/>"));
    EXPECT_NEAR(logoAspect({file, {}, 1, false, true, false, {}, 0}, false), 2, 0.02);
    writeFile(file, svg("<rect width='50' height='50' fill='#ffffff'/>      "));
    EXPECT_NEAR(logoAspect({file, {}, 1, false, true, false, {}, 0}, false), 1, 0.02);
}

TEST(Logo, APdfPageIsALogo) {
    const TempFolder folder;
    writeFile(folder / "x.pdf",
              "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count "
              "1>>endobj\n"
              "3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 120 60]/Contents 4 0 R>>endobj\n"
              "4 0 obj<</Length 27>>stream\n1 0 0 rg 0 0 120 60 re f   \nendstream endobj\n"
              "trailer<</Root 1 0 R>>\n%%EOF\n");
    auto design = logoSeal((folder / "x.pdf").string());
    Frame frame = plainFrame(600, 400, {255, 255, 255});
    const auto result = drawSeal(design, frame);
    EXPECT_NEAR(result.box.width / result.box.height, 2, 0.05);
    EXPECT_EQ(pixelAt(frame, 300, 200)[0], 255);
    EXPECT_EQ(pixelAt(frame, 300, 200)[1], 0);
}

TEST(HostileLogo, NothingOutsideTheFileIsReferredTo) {
    const TempFolder folder;
    writeFile(folder / "secret.png", "not to be read");
    for (const std::string& inside :
         {std::string("<image href='http://example.com/x.png' width='9' height='9'/>"),
          std::string("<image xlink:href='file:///etc/passwd' width='9' height='9'/>"),
          std::string("<image href='secret.png' width='9' height='9'/>"),
          std::string("<use href='other.svg#a'/>"), std::string("<style>@import url('x.css');</style>"),
          std::string("<rect style='fill:url(http://example.com/a#b)' width='9' height='9'/>"),
          std::string("<rect fill='url(file.svg#b)' width='9' height='9'/>"),
          std::string("<image href='data:image/svg+xml;base64,PHN2Zy8+' width='9' height='9'/>")}) {
        const auto problem = refusal(folder, "x.svg", svg(inside));
        EXPECT_EQ(problem.kind, ProblemKind::Refused) << inside;
        EXPECT_FALSE(problem.happened.empty());
    }
    EXPECT_EQ(refusal(folder, "y.svg", svg("<g/>", "<?xml-stylesheet href='x.css'?>")).kind,
              ProblemKind::Refused);
}

TEST(HostileLogo, EntitiesScriptsAndForeignContentAreRefused) {
    const TempFolder folder;
    EXPECT_THAT(refusal(folder, "bomb.svg",
                        svg("<text>&c;</text>", "<!DOCTYPE svg [<!ENTITY a 'ha'><!ENTITY b '&a;&a;&a;'>"
                                                "<!ENTITY c '&b;&b;&b;'>]>"))
                    .happened,
                HasSubstr("entities"));
    EXPECT_THAT(refusal(folder, "s.svg", svg("<script>x()</script>")).happened, HasSubstr("script"));
    EXPECT_THAT(refusal(folder, "o.svg", svg("<rect onload='x()' width='1' height='1'/>")).happened,
                HasSubstr("script"));
    EXPECT_THAT(refusal(folder, "f.svg", svg("<foreignObject/>")).happened, HasSubstr("foreignObject"));
}

TEST(HostileLogo, AStyleInPiecesIsReadAsOne) {
    const TempFolder folder;
    for (const char* style :
         {"<style>a{}<!-- -->@import url('x.css');</style>", "<style><![CDATA[@import 'x.css';]]></style>",
          "<style>a{fill:ur<!-- -->l(http://example.com/a#b)}</style>"})
        EXPECT_EQ(refusal(folder, "x.svg", svg(style)).kind, ProblemKind::Refused) << style;
}

TEST(HostileLogo, OnlyWhatDrawsIsWrittenAnew) {
    const auto clean = harmlessSvg(
        "<!DOCTYPE svg><svg xmlns='http://www.w3.org/2000/svg' xmlns:v='http://v.example/' "
        "xmlns:xl='http://www.w3.org/1999/xlink' viewBox='0 0 9 9' data-note='n' v:mark='m'>"
        "<metadata>who</metadata><v:panel><rect width='4' height='4'/></v:panel><title>t</title>"
        "<animate attributeName='x' to='3'/><a href='http://example.com/'><circle r='2' tabindex='1'/></a>"
        "<g id='k' style='fill:red'><text xml:space='preserve'> a  b </text></g><use xl:href='#k'/></svg>",
        "x.svg");
    for (const char* gone : {"who", "panel", "<rect", "title", "animate", "example.com", "data-note", "mark",
                             "tabindex", "DOCTYPE"})
        EXPECT_EQ(clean.find(gone), std::string::npos) << gone << " in " << clean;
    for (const char* stays :
         {"viewBox=\"0 0 9 9\"", "<circle r=\"2\"", "style=\"fill:red\"", "> a  b <", "xlink:href=\"#k\""})
        EXPECT_NE(clean.find(stays), std::string::npos) << stays << " not in " << clean;
}

TEST(Logo, WhatTheGateWroteAnewLooksAsItDid) {
    std::vector<std::string> drawings;
    for (const auto& entry : fs::recursive_directory_iterator(fs::path(KEEPSEAL_SOURCE) / "assets"))
        if (entry.path().extension() == ".svg")
            drawings.push_back(readText(entry.path()));
    ASSERT_GT(drawings.size(), 20U);
    drawings.push_back(svg(
        "<defs><linearGradient id='g'><stop offset='0' stop-color='red'/><stop offset='1' stop-color='blue'/>"
        "</linearGradient><clipPath id='c'><circle cx='50' cy='25' r='20'/></clipPath><filter id='f'>"
        "<feGaussianBlur stdDeviation='2'/></filter><symbol id='s' viewBox='0 0 4 4'><path d='M0 "
        "0h4v4z'/></symbol>"
        "<style>.k{stroke:green;stroke-width:3}</style></defs><rect width='100' height='50' fill='url(#g)' "
        "clip-path='url(#c)'/><use xlink:href='#s' width='20' height='20' class='k'/>"
        "<text x='5' y='40' font-size='12'>Tide <tspan font-weight='bold'>mark</tspan></text>"
        "<g filter='url(#f)' transform='rotate(10)'><polygon points='60,10 80,30 60,40' opacity='.5'/></g>"));
    for (const auto& drawing : drawings) {
        const auto anew = harmlessSvg(drawing, "x.svg");
        const auto load = [](const std::string& text) {
            VipsBlob* blob = vips_blob_copy(text.data(), text.size());
            auto image =
                vips::VImage::svgload_buffer(blob, vips::VImage::option()->set("scale", 2)).copy_memory();
            vips_area_unref(VIPS_AREA(blob));
            return image;
        };
        const auto before = load(drawing), after = load(anew);
        ASSERT_EQ(before.width(), after.width()) << drawing.substr(0, 200);
        EXPECT_EQ((before.cast(VIPS_FORMAT_INT) - after).abs().max(), 0) << drawing.substr(0, 400);
    }
}

TEST(HostileLogo, EndlessContentIsRefusedBeforeItIsDrawn) {
    const TempFolder folder;
    std::string many, uses = "<g id='a0'><rect width='1' height='1'/></g>", deep;
    for (int i = 0; i < 60000; ++i)
        many += "<g/>";
    for (int i = 1; i < 20; ++i) {
        uses += "<g id='a" + std::to_string(i) + "'>";
        for (int j = 0; j < 8; ++j)
            uses += "<use href='#a" + std::to_string(i - 1) + "'/>";
        uses += "</g>";
    }
    for (int i = 0; i < 200; ++i)
        deep += "<g>";
    for (int i = 0; i < 200; ++i)
        deep += "</g>";
    EXPECT_EQ(refusal(folder, "many.svg", svg(many)).kind, ProblemKind::TooLarge);
    EXPECT_EQ(refusal(folder, "uses.svg", svg(uses)).kind, ProblemKind::TooLarge);
    EXPECT_EQ(refusal(folder, "self.svg", svg("<g id='a'><use href='#a'/></g>")).kind, ProblemKind::TooLarge);
    EXPECT_EQ(refusal(folder, "deep.svg", svg(deep)).kind, ProblemKind::Refused);
    EXPECT_EQ(refusal(folder, "fat.svg", svg("<!--" + std::string(5U << 20, 'x') + "-->")).kind,
              ProblemKind::TooLarge);
}

TEST(HostileLogo, AForgedBitmapHeaderAndAThousandPagesAreRefused) {
    const TempFolder folder;
    makeBitmapLogo(folder / "ok.png");
    auto png = readText(folder / "ok.png");
    for (const std::size_t at : {16U, 20U}) // IHDR: 100,000 pixels each way
        png.replace(at, 4, std::string("\x00\x01\x86\xA0", 4));
    const auto forged = refusal(folder, "forged.png", png);
    EXPECT_TRUE(forged.kind == ProblemKind::TooLarge || forged.kind == ProblemKind::NotAPicture);
    std::string pdf =
        "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Count 1000/Kids[";
    for (int i = 0; i < 1000; ++i)
        pdf += "3 0 R ";
    pdf += "]>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]>>endobj\ntrailer<</Root 1 0 "
           "R>>\n%%EOF\n";
    EXPECT_THAT(refusal(folder, "pages.pdf", pdf).happened, HasSubstr("pages"));
    EXPECT_EQ(refusal(folder, "text.svg", "just words").kind, ProblemKind::NotAPicture);
    EXPECT_EQ(refusal(folder, "cut.svg", svg("<g>").substr(0, 160)).kind, ProblemKind::NotAPicture);
}

TEST(HostileLogo, ABadLogoIsLeftOutAndSaidAndTheRestIsDrawn) {
    const TempFolder folder;
    writeFile(folder / "bad.svg", svg("<script/>"));
    auto design = logoSeal((folder / "bad.svg").string());
    design.parts.push_back(boxPart("box", 100, 100));
    Frame frame = plainFrame(600, 400, {0, 0, 0});
    const auto result = drawSeal(design, frame);
    EXPECT_FALSE(result.empty());
    EXPECT_EQ(pixelAt(frame, 300, 200)[0], 255);
    EXPECT_TRUE(holdsKind(result.notes, NoteKind::SealLogo));
}
