// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "planted_faults.h"

#include "support/tiff_builder.h"

namespace keepseal::test {
namespace {

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
        {NoteKind::SealOnCaption,
         [](P& p) {
             p.captionOn("Kites over the marsh");
             p.delivery.seal = boxSeal(270, 200);
             p.delivery.seal.against = Against::Whole;
             p.delivery.seal.anchor = Anchor::Bottom;
             p.delivery.seal.margins.share = 0;
             p.delivery.seal.size = 49;
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
        {NoteKind::SealMadeSmaller, // by margins on paper, of a file that states no resolution
         [](P& p) {
             p.delivery.seal = boxSeal(400, 400);
             p.delivery.seal.margins.in = MarginIn::Millimetres;
             p.delivery.seal.margins.mm = 40;
         }},
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
        {NoteKind::KeptUntouched, [](P& p) { p.delivery.fit.on = false; }, true},
        {NoteKind::EncodedAnew,
         [](P& p) {
             p.delivery.fit.on = false;
             p.delivery.finish.grain = true;
         }},
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

} // namespace

std::vector<Fault> allFaults() {
    std::vector<Fault> out;
    for (const auto& some :
         {faultsOfOriginals(), faultsOfBorderAndSeal(), faultsOfWordsAndPlaces(), faultsOfNames()})
        out.insert(out.end(), some.begin(), some.end());
    return out;
}

} // namespace keepseal::test
