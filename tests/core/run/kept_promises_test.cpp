// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The promise itself: with one fault planted in a job, whatever it is, plan and run come to the same end for
// every copy, and no copy is delivered without what its delivery promises. Every kind of note has a fault.
#include "base/note.h"
#include "demo/raw_file.h"
#include "picture/develop.h"
#include "plan/forecast.h"
#include "plan/gather.h"
#include "support/job.h"
#include "support/seals.h"
#include "support/tiff_builder.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <vips/vips8>

#include <set>

using namespace keepseal;
using namespace keepseal::test;

namespace {

/// One picture, one delivery, and what is planted in them.
struct Planting {
    TempFolder folder;
    std::vector<fs::path> files{folder / "in/tide_01.jpg"};
    Delivery delivery = sampleDelivery(folder / "out");
    PictureException exception; ///< of the first picture
    Planting() {
        makePicture(files[0], 300, 200);
        delivery.fit.on = false;
    }
    Plan plan() const {
        Exceptions exceptions;
        if (!exception.empty())
            exceptions[files[0]] = exception;
        return makePlan(files, {delivery}, "/", exceptions);
    }
    void words(const std::vector<std::string>& tags) const {
        std::vector<std::string> call = {"exiftool", "-q", "-overwrite_original", "-charset", "iptc=Latin"};
        call.insert(call.end(), tags.begin(), tags.end());
        call.push_back(files[0].string());
        ASSERT_EQ(runProgram(call).exitCode, 0);
    }
    /// A raw file; `own`: the JPEG the camera put into it, 300 x 200.
    void raw(const std::string& own) {
        demo::RawScene scene;
        scene.width = 300, scene.height = 200;
        scene.light = [](int x, int) { return std::array<double, 3>{0.2, x / 300.0, 0.1}; };
        scene.preview = own;
        scene.previewWidth = 300, scene.previewHeight = 200;
        files[0].replace_extension(".dng");
        writeFile(files[0], demo::rawFile(scene));
    }
    /// What a JPEG of halved colour shows at any quality.
    void paintRedOnBlue() {
        files[0].replace_extension(".png");
        Frame frame = plainFrame(120, 80, {20, 30, 200});
        for (int y = 0; y < 80; ++y)
            for (int x = 0; x < 120; ++x)
                if ((x / 3 + y / 5) % 4 == 0) {
                    auto* p = frame.row(y) + 3 * x;
                    p[0] = 220, p[1] = 20, p[2] = 20;
                }
        vips::VImage::new_from_memory(frame.rgb.data(), frame.rgb.size(), 120, 80, 3, VIPS_FORMAT_UCHAR)
            .pngsave(files[0].c_str());
    }
    void paged(int pages) {
        files[0].replace_extension(".tif");
        auto image = grey(40, 30 * pages).copy();
        image.set("page-height", 30);
        image.tiffsave(files[0].c_str());
    }
    vips::VImage grey(int width, int height) const {
        return vips::VImage::black(width, height).linear(1, 120).cast(VIPS_FORMAT_UCHAR);
    }
    void captionOn(const std::string& text) {
        delivery.border.on = delivery.border.caption.on = true;
        delivery.border.caption.middle = text;
    }
    /// All corners to the right, by percent of the seal's width: over the picture's edge.
    void dragCorners(double percent) {
        delivery.seal = boxSeal(200, 100);
        delivery.seal.margins.share = 0;
        delivery.seal.perspective.corners.fill({percent, 0});
    }
    void faintSeal() {
        auto& seal = delivery.seal;
        seal.opacity = 3;
        seal.halo.when = HaloWhen::Off;
        seal.stronger = seal.plate.ifNeeded = false;
    }
    SealPart& sealPart() { return delivery.seal.parts.front(); }
};

struct Fault {
    NoteKind kind;
    std::function<void(Planting&)> plant;
    bool inPixels = false; ///< only the pixels or the finished file tell: the plan can't know
};

using P = Planting;

std::vector<Fault> faultsOfOriginals() {
    return {
        {NoteKind::ProfileSetAside,
         [](P& p) {
             auto image = p.grey(40, 30).bandjoin({p.grey(40, 30), p.grey(40, 30)}).copy();
             image.set(VIPS_META_ICC_NAME, nullptr, const_cast<char*>("no colour profile at all"), 24);
             p.files[0].replace_extension(".tif");
             image.tiffsave(p.files[0].c_str());
         },
         true},
        {NoteKind::CmykWithoutProfile,
         [](P& p) {
             (vips::VImage::black(40, 30, vips::VImage::option()->set("bands", 3)) +
              std::vector<double>{200, 100, 50})
                 .cast(VIPS_FORMAT_UCHAR)
                 .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB))
                 .icc_transform("cmyk",
                                vips::VImage::option()->set("input_profile", "srgb")->set("embedded", false))
                 .jpegsave(p.files[0].c_str(), vips::VImage::option()->set("strip", true));
         }},
        {NoteKind::FurtherPages, [](P& p) { p.paged(2); }},
        {NoteKind::PageTaken,
         [](P& p) {
             p.paged(2);
             p.delivery.turn.pages = PagesTaken::All;
         }},
        {NoteKind::PagesLeft,
         [](P& p) {
             p.paged(kMostPages + 1);
             p.delivery.turn.pages = PagesTaken::Some;
             p.delivery.turn.somePages = "1";
         }},
        {NoteKind::NoSuchPage,
         [](P& p) {
             p.paged(2);
             p.delivery.turn.pages = PagesTaken::Some;
             p.delivery.turn.somePages = "3";
         }},
        {NoteKind::GainMapLeft,
         [](P& p) {
             auto jpeg = readText(p.files[0]);
             jpeg.insert(
                 2,
                 jpegSegment(0xE1, std::string("http://ns.adobe.com/xap/1.0/\0", 29) +
                                       "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
                                       "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
                                       "<rdf:Description xmlns:hdrgm='http://ns.adobe.com/hdr-gain-map/1.0/' "
                                       "hdrgm:Version='1.0'/></rdf:RDF></x:xmpmeta>"));
             writeFile(p.files[0], jpeg);
         }},
        {NoteKind::RawDeveloped, [](P& p) { p.raw({}); }},
        {NoteKind::CamerasPicture,
         [](P& p) {
             p.raw(readText(p.files[0]));
             p.delivery.turn.raw = RawPicture::Cameras;
         }},
        {NoteKind::NoCamerasPicture,
         [](P& p) {
             p.raw({});
             p.delivery.turn.raw = RawPicture::Cameras;
         }},
        {NoteKind::TextEncoding, [](P& p) { p.words({"-IPTC:By-line=W\xC3\xB6hr"}); }},
        {NoteKind::MetadataDisagrees,
         [](P& p) {
             p.words({"-XMP-photoshop:Headline=one", "-IPTC:Headline=another"});
         }},
        {NoteKind::SidecarNotRead,
         [](P& p) {
             writeFile(p.folder / "in/tide_01.xmp", "x");
             fs::resize_file(p.folder / "in/tide_01.xmp", 80U << 20);
         }},
        {NoteKind::SidecarNotSearched,
         [](P& p) { writeFile(p.folder / "in/tide_01.xmp", "<x:xmpmeta><a>"); }},
        {NoteKind::LeftOutByHand, [](P& p) { p.exception.leftOut = true; }},
        {NoteKind::StampedBefore,
         [](P& p) {
             runAll(p.plan());
             p.files[0] = p.folder / "out/tide_01.jpg";
             p.delivery.place.folder = (p.folder / "second").string();
         }},
        {NoteKind::NotTaken, [](P& p) { p.delivery.which.shape = ShapeWanted::Tall; }},
        {NoteKind::Enlarged,
         [](P& p) {
             p.delivery.fit.on = true;
             p.delivery.fit.enlarge = Enlarge::Always;
         }},
        {NoteKind::SmallerThanAsked,
         [](P& p) {
             p.delivery.fit.on = true;
             p.delivery.fit.to = FitTo::Fill;
         }},
    };
}

std::vector<Fault> faultsOfBorderAndSeal() {
    return {
        {NoteKind::CaptionLeftOut,
         [](P& p) {
             p.captionOn("Kites");
             p.delivery.border.rings[0].kind = RingKind::Line;
         }},
        {NoteKind::CaptionInLines,
         [](P& p) {
             std::string many;
             for (int i = 0; i < 40; ++i)
                 many += "kites ";
             p.captionOn(many);
         }},
        {NoteKind::CaptionMadeSmaller, [](P& p) { p.captionOn(std::string(200, 'm')); }},
        {NoteKind::CaptionCharacters, [](P& p) { p.captionOn("Kites \U00013000"); }},
        {NoteKind::CaptionTypeface,
         [](P& p) {
             p.captionOn("Kites");
             p.delivery.border.caption.family = "No Such Letters";
         }},
        {NoteKind::CaptionTokenUnknown, [](P& p) { p.captionOn("Kites {hedline}"); }},
        {NoteKind::CaptionTokenEmpty, [](P& p) { p.captionOn("Kites {headline}"); }},
        {NoteKind::CaptionNothing, [](P& p) { p.captionOn("\xC2\xA9 {headline}"); }},
        {NoteKind::SealNothing, [](P& p) { p.delivery.seal.parts.clear(); }},
        {NoteKind::SealOffPicture, [](P& p) { p.dragCorners(400); }},
        {NoteKind::SealCutOff, [](P& p) { p.dragCorners(45); }},
        {NoteKind::SealInBleed,
         [](P& p) {
             p.delivery.file.chosen = {"pdf"};
             p.delivery.file.set("pdf_bleed", 12.0);
         }},
        {NoteKind::SealLogo,
         [](P& p) {
             p.sealPart() = newPart(p.delivery.seal, PartKind::Logo);
             p.sealPart().logo.file = (p.folder / "gone.svg").string();
         }},
        {NoteKind::SealLogoNotChosen, [](P& p) { p.sealPart() = newPart(p.delivery.seal, PartKind::Logo); }},
        {NoteKind::SealTypeface, [](P& p) { p.sealPart().text.family = "No Such Letters"; }},
        {NoteKind::SealTokenUnknown, [](P& p) { p.delivery.seal.setText("Kites {tilte}"); }},
        {NoteKind::SealTokenEmpty, [](P& p) { p.delivery.seal.setText("Kites {title}"); }},
        {NoteKind::SealTextNothing, [](P& p) { p.delivery.seal.setText("\xC2\xA9 {title}"); }},
        {NoteKind::SealCharacters, [](P& p) { p.delivery.seal.setText("Kites \U00013000"); }},
        {NoteKind::PatternSpread,
         [](P& p) {
             p.delivery.seal = boxSeal(1, 1);
             p.delivery.seal.arrangement = Arrangement::Repeat;
             p.delivery.seal.repeat.gapX = p.delivery.seal.repeat.gapY = 0;
             p.delivery.seal.size = 0.5;
         }},
        {NoteKind::SealMadeSmaller, [](P& p) { p.delivery.seal.size = 60; }},
        {NoteKind::SealHardToRead, [](P& p) { p.faintSeal(); }, true},
        {NoteKind::SealUnreadable,
         [](P& p) {
             p.faintSeal();
             p.delivery.seal.holdBack = true;
         },
         true},
        {NoteKind::SealHardToSee,
         [](P& p) {
             p.faintSeal();
             p.delivery.seal.arrangement = Arrangement::Repeat;
         },
         true},
        {NoteKind::SealLogoEnlarged,
         [](P& p) {
             makePicture(p.folder / "small.png", 8, 8);
             p.sealPart() = newPart(p.delivery.seal, PartKind::Logo);
             p.sealPart().logo.file = (p.folder / "small.png").string();
             p.delivery.seal.size = 20;
         }},
        {NoteKind::WhoUnset, [](P& p) { p.delivery.seal.setText("\xC2\xA9 {studio}"); }},
    };
}

std::vector<Fault> faultsOfWordsAndPlaces() {
    const auto inHeronsluice = [](P& p, const std::string& description) {
        p.words({std::string("-XMP-photoshop:City=") + kSecretCity, "-XMP-dc:Description=" + description});
    };
    return {
        {NoteKind::RightsTokenUnknown, [](P& p) { p.delivery.rights.setAlways("headline", "by {craetor}"); }},
        {NoteKind::RightsTokenEmpty, [](P& p) { p.delivery.rights.setAlways("headline", "{event}"); }},
        {NoteKind::RuleOverridden,
         [](P& p) {
             p.delivery.rights.rules.push_back({true, "creator", RuleAction::Replace, FieldValue("x"), {}});
         }},
        {NoteKind::WrongAddress, [](P& p) { p.delivery.rights.setAlways("contact_email", "nobody"); }},
        {NoteKind::OverIim, [](P& p) { p.delivery.rights.setAlways("credit_line", std::string(60, 'c')); }},
        {NoteKind::OverExif,
         [](P& p) { p.delivery.rights.setAlways("copyright_notice", std::string(30000, 'c')); }, true},
        {NoteKind::PlaceWordCut,
         [=](P& p) {
             inHeronsluice(p, "At Heronsluice");
             p.delivery.privacy.blankPlaceTexts = true;
         }},
        {NoteKind::PlaceInWords, [=](P& p) { inHeronsluice(p, "At Heronsluice"); }},
        {NoteKind::CoordinatesCut, [](P& p) { p.words({"-XMP-dc:Description=54.2512, 3.5034"}); }},
        {NoteKind::CoordinatesInWords,
         [](P& p) {
             p.words({"-XMP-dc:Description=54.2512, 3.5034"});
             p.delivery.privacy.cutCoordinates = false;
         }},
        {NoteKind::PlaceInContact,
         [](P& p) {
             p.words({std::string("-XMP-photoshop:City=") + kSecretCity,
                      std::string("-XMP-iptcCore:CreatorCity=") + kSecretCity});
         }},
        {NoteKind::PlaceOpened,
         [=](P& p) {
             inHeronsluice(p, "Kites");
             p.delivery.privacy.location = Stay::Keep;
             p.delivery.privacy.locationWords = kLocationWords;
         }},
        {NoteKind::ValueLeftOut,
         [](P& p) {
             p.delivery.privacy.camera = Stay::Keep;
             p.words({"-Exif:LensModel=24 mm, at 54.25012 N 3.50034 E"});
         }},
        {NoteKind::ProfileMissing,
         [](P& p) {
             p.delivery.file.colour = ColourOut::Profile;
             p.delivery.file.profile = (p.folder / "gone.icc").string();
         }},
        {NoteKind::FormatTooSmall,
         [](P& p) {
             p.files[0].replace_extension(".png");
             makePicture(p.files[0], 17000, 12);
             p.delivery.file.choose("webp");
         }},
        {NoteKind::FileTooLarge, [](P& p) { p.delivery.file.atMost = 1; }, true},
        {NoteKind::FileUnseen, [](P& p) { p.delivery.file.unseen = true; }, true},
        {NoteKind::FileSeen,
         [](P& p) {
             p.paintRedOnBlue();
             p.delivery.file.unseen = true;
             p.delivery.file.unseenScore = 95;
         },
         true},
        {NoteKind::FileFitted,
         [](P& p) {
             makePicture(p.files[0], 1200, 900);
             p.delivery.file.chosen = {"jpeg"};
             p.delivery.file.set("quality", 100.0);
             p.delivery.file.atMost = 40;
         },
         true},
        {NoteKind::FileMadeSmaller,
         [](P& p) {
             makePicture(p.files[0], 1200, 900);
             p.delivery.file.chosen = {"png"};
             p.delivery.file.atMost = 40;
             p.delivery.file.smallerToFit = true;
         },
         true},
    };
}

std::vector<Fault> faultsOfNames() {
    return {
        {NoteKind::NameTokenEmpty, [](P& p) { p.delivery.place.name = "{name}-{headline}"; }},
        {NoteKind::AmongOriginals,
         [](P& p) {
             p.delivery.place.where = PlaceWhere::AmongOriginals;
             p.delivery.place.suffix = "-web";
         }},
        {NoteKind::NameTaken, [](P& p) { writeFile(p.folder / "out/tide_01.jpg", "somebody's"); }},
        {NoteKind::NameTakenBy, [](P& p) { writeFile(p.folder / "out/TIDE_01.jpg", "somebody's"); }},
        {NoteKind::NameShared,
         [](P& p) {
             p.files.push_back(p.folder / "in/more/tide_01.jpg");
             makePicture(p.files[1], 60, 40);
         }},
        {NoteKind::NotReplaced,
         [](P& p) {
             writeFile(p.folder / "out/tide_01.jpg", "somebody's");
             p.delivery.place.taken = TakenName::Replace;
         }},
        {NoteKind::AlreadyThere, [](P& p) { runAll(p.plan()); }},
        {NoteKind::Replaces,
         [](P& p) {
             runAll(p.plan());
             p.delivery.seal.size = 7;
             p.delivery.place.taken = TakenName::Replace;
         }},
        {NoteKind::FolderCleaned, [](P& p) { p.delivery.place.subfolder = "../elsewhere"; }},
    };
}

std::vector<Fault> allFaults() {
    std::vector<Fault> out;
    for (const auto& some :
         {faultsOfOriginals(), faultsOfBorderAndSeal(), faultsOfWordsAndPlaces(), faultsOfNames()})
        out.insert(out.end(), some.begin(), some.end());
    return out;
}

/// What the run comes to when the plan says this.
Outcome afterwards(Outcome ahead) {
    return ahead == Outcome::Waiting ? Outcome::Made : ahead;
}

const std::atomic<bool> kGoOn{false};

/// Plans and runs, and holds one against the other.
void expectOneVoice(const Planting& planted, const Fault& fault) {
    const auto plan = planted.plan();
    const auto ahead = forecast(plan, {}, {}, kGoOn);
    const auto result = runAll(plan);
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& row = result.ledger.rows[i];
        // A file that turns out too large is the one thing that no plan can know.
        const bool unknowable = fault.inPixels && severityOf({fault.kind, {}, {}}) == Severity::HoldsBack;
        EXPECT_EQ(row.outcome, unknowable ? Outcome::HeldBack : afterwards(ahead.copies[i].outcome))
            << keyOf(row.outcome);
        for (const auto& note : ahead.copies[i].notes)
            EXPECT_TRUE(holdsKind(row.notes, note.kind)) << sentenceOf(note);
        EXPECT_EQ(row.outcome == Outcome::HeldBack,
                  !row.heldBackBy().empty() && row.outcome != Outcome::LeftOut);
        if (row.outcome == Outcome::HeldBack) {
            EXPECT_TRUE(row.copyFingerprint.empty());
            EXPECT_FALSE(fs::exists(row.copy));
            EXPECT_TRUE(stationOf(row.heldBackBy()[0])) << "what is held back is mended somewhere";
        }
    }
    const auto& last = result.ledger.rows.back();
    EXPECT_TRUE(holdsKind(last.notes, fault.kind));
    EXPECT_TRUE(fault.inPixels || holdsKind(ahead.copies.back().notes, fault.kind));
    EXPECT_TRUE(severityOf({fault.kind, {}, {}}) != Severity::HoldsBack || last.outcome == Outcome::HeldBack);
}

} // namespace

TEST(KeptPromises, WithAnyOneFaultPlanAndRunComeToTheSameEnd) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        Planting planted;
        fault.plant(planted);
        expectOneVoice(planted, fault);
    }
}

TEST(KeptPromises, StrictHoldsBackWhatIsWorthALookAndPlanAndRunAgreeAgain) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        if (fault.inPixels || severityOf({fault.kind, {}, {}}) != Severity::WorthALook)
            continue;
        Planting planted;
        fault.plant(planted);
        planted.delivery.place.strict = true;
        const auto plan = planted.plan();
        const auto ahead = forecast(plan, {}, {}, kGoOn);
        const auto result = runAll(plan);
        EXPECT_EQ(ahead.copies.back().outcome, Outcome::HeldBack);
        EXPECT_EQ(result.ledger.rows.back().outcome, Outcome::HeldBack);
        EXPECT_EQ(result.exitCode(), 1);
        EXPECT_FALSE(fs::exists(planted.folder / "out/tide_01.png"));
    }
}

TEST(KeptPromises, WhatIsAcceptedIsDeliveredAndTheLedgerSaysSo) {
    for (const auto& fault : allFaults()) {
        SCOPED_TRACE(rowOf(fault.kind).key);
        if (severityOf({fault.kind, {}, {}}) != Severity::HoldsBack)
            continue;
        Planting planted;
        fault.plant(planted);
        const auto before = runAll(planted.plan());
        for (const auto& note : before.ledger.rows.back().heldBackBy())
            planted.exception.accepted.push_back({note.kind, note.subject});
        const auto after = runAll(planted.plan());
        const auto& row = after.ledger.rows.back();
        if (!rowOf(fault.kind).acceptable) { // some things nobody can accept
            EXPECT_EQ(row.outcome, Outcome::HeldBack);
            continue;
        }
        EXPECT_EQ(row.outcome, Outcome::Made);
        EXPECT_EQ(row.accepted, acceptedIn(0, planted.exception));
        EXPECT_TRUE(holdsKind(row.notes, fault.kind)); // it is still said
        // The mark in the copy tells what is really on it.
        const bool noSeal = fault.kind == NoteKind::SealNothing || fault.kind == NoteKind::SealOffPicture ||
                            fault.kind == NoteKind::SealLogo || fault.kind == NoteKind::SealLogoNotChosen;
        EXPECT_FALSE(noSeal && row.sealOnCopy);
        EXPECT_THAT(readText(row.copy), ::testing::HasSubstr(row.sealOnCopy ? "keepseal:Seal=\"True\""
                                                                            : "keepseal:Seal=\"False\""));
    }
}

TEST(KeptPromises, EveryKindOfNoteHasAFaultThatPlantsIt) {
    std::set<NoteKind> planted;
    for (const auto& fault : allFaults())
        planted.insert(fault.kind);
    // What no fault of a person's can plant: read-back of finished files (see CheckCopy and Mapping), things
    // that happen while a run goes on (see Resume and Places), and what old ledgers hold.
    for (const auto kind : {NoteKind::CopyHoldsMore, NoteKind::CopyLacksWords, NoteKind::CopyTellsPlace,
                            NoteKind::CopyNotSearched, NoteKind::CopyNotAsPlanned,
                            NoteKind::NameTakenMeanwhile, NoteKind::LayThere, NoteKind::OldSentence})
        planted.insert(kind);
    for (std::size_t i = 0; i < kNoteKinds; ++i) {
        const auto& row = rowOf(static_cast<NoteKind>(i));
        const bool ofGathering = std::string(row.key).starts_with("met-"); // those have a test of their own
        EXPECT_TRUE(ofGathering || planted.contains(row.kind)) << row.key;
    }
}

TEST(KeptPromises, OnePictureWithFaultsOfManyKindsHoldsBackNoOther) {
    Planting planted;
    for (int i = 2; i < 6; ++i) {
        planted.files.push_back(planted.folder / ("in/tide_0" + std::to_string(i) + ".jpg"));
        makePicture(planted.files.back(), 120, 80);
    }
    planted.files[0] = planted.folder / "in/seventeen.png"; // too wide for one of its formats
    makePicture(planted.files[0], 17000, 12);
    planted.delivery.file.choose("jpeg", false);
    planted.delivery.file.choose("webp");
    writeFile(planted.files[2], "\xFF\xD8\xFF and no more");
    const auto plan = planted.plan();
    const auto ahead = forecast(plan, {}, {}, kGoOn);
    EXPECT_EQ(ahead.heldBack, 1U);
    EXPECT_EQ(ahead.failing, 1U);
    EXPECT_EQ(ahead.toMake(), 3U);
    const auto result = runAll(plan);
    EXPECT_EQ(result.ledger.count(Outcome::HeldBack), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Failed), 1U);
    EXPECT_EQ(result.ledger.count(Outcome::Made), 3U);
    for (const auto& row : result.ledger.rows) // held back or not, the originals are as they were
        EXPECT_TRUE(row.fingerprintBefore.empty() || row.originalUntouched());
}
