// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Every field in every container, read back by exiftool under the standards' names, and held against the
// promise by the search of finished copies.
#include "base/text.h"
#include "formats/tiff.h"
#include "rights/containers.h"
#include "support/chain.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <nlohmann/json.hpp>
#include <vips/vips8>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::HasSubstr;

namespace {

/// What another reader calls the fields.
struct Name {
    const char *field, *xmp, *exif, *iim;
};
constexpr Name kNames[] = {
    {"creator", "XMP-dc:Creator", "IFD0:Artist", "IPTC:By-line"},
    {"creator_job_title", "XMP-photoshop:AuthorsPosition", "", "IPTC:By-lineTitle"},
    {"copyright_notice", "XMP-dc:Rights", "IFD0:Copyright", "IPTC:CopyrightNotice"},
    {"copyright_status", "XMP-xmpRights:Marked", "", ""},
    {"copyright_owner", "XMP-plus:CopyrightOwnerName", "", ""},
    {"credit_line", "XMP-photoshop:Credit", "", "IPTC:Credit"},
    {"source", "XMP-photoshop:Source", "", "IPTC:Source"},
    {"usage_terms", "XMP-xmpRights:UsageTerms", "", ""},
    {"web_statement", "XMP-xmpRights:WebStatement", "", ""},
    {"licensor_name", "XMP-plus:LicensorName", "", ""},
    {"licensor_url", "XMP-plus:LicensorURL", "", ""},
    {"licensor_email", "XMP-plus:LicensorEmail", "", ""},
    {"licensor_phone", "XMP-plus:LicensorTelephone1", "", ""},
    {"data_mining", "XMP-plus:DataMining", "", ""},
    {"other_constraints", "XMP-plus:OtherConstraints", "", ""},
    {"instructions", "XMP-photoshop:Instructions", "", "IPTC:SpecialInstructions"},
    {"digital_source_type", "XMP-iptcExt:DigitalSourceType", "", ""},
    {"contact_address", "XMP-iptcCore:CreatorAddress", "", ""},
    {"contact_city", "XMP-iptcCore:CreatorCity", "", ""},
    {"contact_region", "XMP-iptcCore:CreatorRegion", "", ""},
    {"contact_postcode", "XMP-iptcCore:CreatorPostalCode", "", ""},
    {"contact_country", "XMP-iptcCore:CreatorCountry", "", ""},
    {"contact_phone", "XMP-iptcCore:CreatorWorkTelephone", "", ""},
    {"contact_email", "XMP-iptcCore:CreatorWorkEmail", "", ""},
    {"contact_url", "XMP-iptcCore:CreatorWorkURL", "", ""},
    {"title", "XMP-dc:Title", "", "IPTC:ObjectName"},
    {"headline", "XMP-photoshop:Headline", "", "IPTC:Headline"},
    {"description", "XMP-dc:Description", "IFD0:ImageDescription", "IPTC:Caption-Abstract"},
    {"alt_text", "XMP-iptcCore:AltTextAccessibility", "", ""},
    {"extended_description", "XMP-iptcCore:ExtDescrAccessibility", "", ""},
    {"keywords", "XMP-dc:Subject", "", "IPTC:Keywords"},
    {"persons", "XMP-iptcExt:PersonInImage", "", ""},
    {"event", "XMP-iptcExt:Event", "", ""},
    {"job_identifier", "XMP-photoshop:TransmissionReference", "", "IPTC:OriginalTransmissionReference"},
};

json secondReader(const fs::path& file) {
    const auto ran =
        runProgram({"exiftool", "-j", "-a", "-G1", "-n", "-charset", "iptc=UTF8", file.string()});
    return json::parse(ran.out).at(0);
}

std::string textOf(const json& value) {
    if (!value.is_array())
        return value.is_string() ? value.get<std::string>() : value.dump();
    std::string out;
    for (const auto& item : value)
        out += (out.empty() ? "" : "; ") + textOf(item);
    return out;
}

struct Written {
    fs::path file;
    CopyCheck check;
    Notes notes;
};
Written write(const TempFolder& folder, const CopyWords& words, const std::string& format) {
    const Frame frame = plainFrame(64, 48, {90, 120, 150});
    const Delivery delivery;
    const auto encoded = encodeStage(delivery, planChain(delivery, frame.size), format, words, {}).on(frame);
    const auto file = folder / ("copy." + outputFormat(format).ending);
    writeFile(file, encoded.bytes);
    return {file, checkCopy(MemorySource(encoded.bytes), {format, frame.size, words, false, false}, {}),
            encoded.notes};
}

const std::string kMappedFormats[] = {"jpeg", "png", "tiff", "webp", "avif", "jxl", "pdf"};

FieldValue sample(const FieldInfo& field) {
    if (field.shape == FieldShape::Choice)
        return field.choices.back().key;
    if (field.shape == FieldShape::List)
        return FieldValue(std::vector<std::string>{"first " + field.key, "second"});
    return FieldValue("word " + field.key);
}

} // namespace

TEST(Mapping, TheTestKnowsEveryField) {
    for (const auto* field : writableFields())
        EXPECT_TRUE(std::any_of(std::begin(kNames), std::end(kNames), [&](const Name& name) {
            return field->key == name.field;
        })) << field->key;
}

TEST(Mapping, EveryFieldIsReadBackInEveryContainer) {
    const TempFolder folder;
    CopyWords words;
    for (const auto* field : writableFields())
        words.fields[field->key] = sample(*field);
    for (const auto& format : kMappedFormats) {
        const auto written = write(folder, words, format);
        EXPECT_THAT(written.check.failures, ::testing::IsEmpty()) << format;
        EXPECT_TRUE(written.check.rightsInStep && written.check.noPlace);
        const auto read = secondReader(written.file);
        const bool iim = format == "jpeg" || format == "tiff";
        for (const auto& name : kNames) {
            const auto& value = words.fields.at(name.field);
            const auto* exif = outputFormat(format).exif ? name.exif : "";
            for (const auto* tag : {name.xmp, exif, iim ? name.iim : ""}) {
                if (*tag == '\0')
                    continue;
                ASSERT_TRUE(read.contains(tag)) << tag << " in " << format;
                const auto wanted = std::string(name.field) == "copyright_status" ? "false" : value.typed();
                const auto found = textOf(read[tag]);
                const bool cut = std::string(tag).starts_with("IPTC") && found.size() >= 30;
                EXPECT_TRUE(found == wanted || found == (wanted == "false" ? "False" : wanted) ||
                            (cut && wanted.starts_with(found)))
                    << tag << ": " << found;
            }
        }
        if (format == "jpeg") {
            EXPECT_EQ(exiftool(written.file, "IPTCDigest"), exiftool(written.file, "CurrentIPTCDigest"));
        }
        EXPECT_FALSE(read.contains("ExifTool:Warning")) << read["ExifTool:Warning"];
    }
}

TEST(Mapping, ATiffTooLargeForTheOldKindHoldsTheSameWordsInTheNewOne) {
    CopyPixels pixels;
    pixels.deep = true;
    pixels.size = {20000, 30000};
    EXPECT_FALSE(needsBigTiff(pixels)) << "3.6 GB";
    pixels.size = {20000, 35000};
    EXPECT_TRUE(needsBigTiff(pixels)) << "4.2 GB";

    const Frame frame = plainFrame(64, 48, {90, 120, 150});
    void* bare = nullptr;
    std::size_t length = 0;
    const auto image = vips::VImage::new_from_memory(const_cast<std::uint8_t*>(frame.rgb.data()),
                                                     frame.rgb.size(), 64, 48, 3, VIPS_FORMAT_UCHAR);
    image.write_to_buffer(".tif", &bare, &length, vips::VImage::option()->set("bigtiff", true));
    const std::unique_ptr<void, void (*)(void*)> owner(bare, g_free);
    CopyWords words;
    words.fields["copyright_notice"] = "© Marsh & Line";
    words.fields["keywords"] = FieldValue(std::vector<std::string>{"kites", "tide"});
    const auto file = embedInTiff({static_cast<const std::uint8_t*>(bare), length}, composeMetadata(words),
                                  {{}, 300 / 25.4});
    const TempFolder folder;
    writeFile(folder / "large.tif", file);
    const auto read = secondReader(folder / "large.tif");
    EXPECT_EQ(read["File:FileType"], "BTF");
    EXPECT_EQ(textOf(read["IFD0:Copyright"]), "© Marsh & Line");
    EXPECT_EQ(textOf(read["XMP-dc:Subject"]), "kites; tide");
    EXPECT_EQ(textOf(read["IPTC:Keywords"]), "kites; tide");
    EXPECT_EQ(textOf(read["IFD0:XResolution"]), "300");
    EXPECT_FALSE(read.contains("ExifTool:Warning")) << read["ExifTool:Warning"];
    const auto check = checkCopy(MemorySource(file), {"tiff", frame.size, words, false, false}, {});
    EXPECT_THAT(check.failures, ::testing::IsEmpty());
    const auto shown = vips::VImage::new_from_buffer(file.data(), file.size(), "");
    EXPECT_EQ(shown.getpoint(10, 10), (std::vector<double>{90, 120, 150}));
}

class Scripts : public ::testing::TestWithParam<const char*> {};
TEST_P(Scripts, ComeBackWordForWord) {
    const TempFolder folder;
    CopyWords words;
    for (const char* key : {"copyright_notice", "description", "usage_terms", "contact_address", "event"})
        words.fields[key] = GetParam();
    words.fields["keywords"] = FieldValue(std::vector<std::string>{GetParam(), "two"});
    for (const auto& format : kMappedFormats) {
        const auto written = write(folder, words, format);
        EXPECT_THAT(written.check.failures, ::testing::IsEmpty()) << format;
        const auto read = secondReader(written.file);
        for (const char* tag : {"XMP-dc:Rights", "XMP-dc:Description", "XMP-xmpRights:UsageTerms",
                                "XMP-iptcCore:CreatorAddress", "XMP-iptcExt:Event"})
            EXPECT_EQ(textOf(read[tag]), GetParam()) << tag << " in " << format;
        if (outputFormat(format).exif) {
            EXPECT_EQ(textOf(read["IFD0:Copyright"]), GetParam()) << format;
        }
        if (format == "jpeg") {
            EXPECT_EQ(textOf(read["IPTC:Caption-Abstract"]), GetParam());
        }
    }
}
INSTANTIATE_TEST_SUITE_P(Texts, Scripts,
                         ::testing::Values("Åsa Øst & <Šimon> \"x\" 'y' ]]> &amp;", "凧揚げ大会の写真",
                                           "عيد الطائرات الورقية", "מועדון העפיפונים", "🪁 over the 🌊",
                                           "two\nlines\nand a third", "tab\there", "e\xCC\x81 combined",
                                           "{not a token"));

TEST(Mapping, ANoticeOfTwoThousandCharactersIsWholeWhereThereIsRoom) {
    const TempFolder folder;
    std::string notice;
    while (notice.size() < 6000)
        notice += "Überall gilt: ";
    notice = trimmed(cutUtf8(notice, 6000));
    CopyWords words;
    words.fields["copyright_notice"] = notice;
    const auto written = write(folder, words, "jpeg");
    EXPECT_THAT(written.check.failures, ::testing::IsEmpty());
    EXPECT_THAT(said(written.notes), ::testing::ElementsAre(HasSubstr("longer than IIM's 128 bytes")));
    const auto read = secondReader(written.file);
    EXPECT_EQ(textOf(read["XMP-dc:Rights"]), notice);
    EXPECT_EQ(textOf(read["IFD0:Copyright"]), notice);
    const auto iim = textOf(read["IPTC:CopyrightNotice"]);
    EXPECT_LE(iim.size(), 128U);
    EXPECT_TRUE(notice.starts_with(iim) && isUtf8(iim));
}

TEST(Mapping, WordsThatFillMoreThanOneSegmentGoOnInTheNext) {
    const TempFolder folder;
    CopyWords words;
    words.fields["copyright_notice"] = "© Marsh & Line";
    words.fields["description"] = std::string(30'000, 'd') + " end";
    words.fields["extended_description"] = std::string(31'000, 'e') + " end";
    std::vector<std::string> keywords;
    for (int i = 0; i < 950; ++i)
        keywords.push_back("keyword number " + std::to_string(i) + std::string(44, 'k'));
    words.fields["keywords"] = FieldValue(keywords);
    for (const auto& format : kMappedFormats) {
        const auto written = write(folder, words, format);
        EXPECT_THAT(written.check.failures, ::testing::IsEmpty()) << format;
        const auto read = secondReader(written.file);
        EXPECT_EQ(textOf(read["XMP-dc:Description"]).size(), 30'004U) << format;
        EXPECT_EQ(read["XMP-dc:Subject"].size(), 950U) << format;
        if (format == "jpeg") {
            EXPECT_EQ(read["IPTC:Keywords"].size(), 950U);
        }
        EXPECT_FALSE(read.contains("ExifTool:Warning")) << read["ExifTool:Warning"];
    }
}

TEST(Mapping, LanguagesStayApart) {
    const TempFolder folder;
    CopyWords words;
    FieldValue terms("Ask first");
    terms.languages = {{"de", "Erst fragen"}, {"fr-CA", "Demandez d'abord"}};
    words.fields["usage_terms"] = terms;
    const auto written = write(folder, words, "jpeg");
    EXPECT_THAT(written.check.failures, ::testing::IsEmpty());
    const auto read = secondReader(written.file);
    EXPECT_EQ(textOf(read["XMP-xmpRights:UsageTerms"]), "Ask first");
    EXPECT_EQ(textOf(read["XMP-xmpRights:UsageTerms-de"]), "Erst fragen");
    EXPECT_EQ(textOf(read["XMP-xmpRights:UsageTerms-fr-CA"]), "Demandez d'abord");
    const auto back = metadataFrom(inspect(MemorySource(readFile(written.file)))).field("usage_terms");
    EXPECT_EQ(back, terms);
}

TEST(Mapping, TagsThatStayAreTheSameInEveryContainer) {
    const TempFolder folder;
    CopyWords words;
    words.exif = {{IfdKind::Image, 0x0110, 2, 9, {'H', 'e', 'r', 'o', 'n', ' ', '2', '4', 0}},
                  {IfdKind::Exif, 0x829A, 5, 1, {1, 0, 0, 0, 128, 2, 0, 0}},
                  {IfdKind::Exif, 0x8827, 3, 1, {200, 0}},
                  {IfdKind::Exif, 0x9003, 2, 20, {'2', '0', '2', '6', ':', '0', '5', ':', '0', '9',
                                                  ' ', '2', '3', ':', '1', '0', ':', '0', '4', 0}}};
    words.takenAt = "2026-05-09T23:10:04+02:00";
    for (const auto& format : kMappedFormats) {
        const auto written = write(folder, words, format);
        EXPECT_THAT(written.check.failures, ::testing::IsEmpty()) << format;
        if (!outputFormat(format).exif)
            continue; // it has no place for them, and its copies are complete without
        const auto read = secondReader(written.file);
        EXPECT_EQ(textOf(read["IFD0:Model"]), "Heron 24") << format;
        EXPECT_NEAR(read["ExifIFD:ExposureTime"].get<double>(), 1.0 / 640, 1e-6) << format;
        EXPECT_EQ(read["ExifIFD:ISO"], 200) << format;
        EXPECT_EQ(textOf(read["ExifIFD:DateTimeOriginal"]), "2026:05:09 23:10:04") << format;
        EXPECT_EQ(textOf(read["XMP-photoshop:DateCreated"]), "2026:05:09 23:10:04+02:00") << format;
    }
}

TEST(Mapping, AnythingMoreOrLessThanPromisedIsAFailure) {
    const TempFolder folder;
    CopyWords words;
    words.fields["title"] = "Tide";
    words.fields["creator"] = "Wrenna Oake";
    const auto bytes = readFile(write(folder, words, "jpeg").file);
    const auto failures = [&](const std::function<void(CopyWords&)>& change) {
        auto other = words;
        change(other);
        return said(checkCopy(MemorySource(bytes), {"jpeg", {64, 48}, other, false, false}, {}).failures);
    };
    EXPECT_THAT(failures([](CopyWords&) {}), ::testing::IsEmpty());
    EXPECT_THAT(failures([](CopyWords& w) { w.fields.erase("title"); }),
                ::testing::Contains(HasSubstr("dc:title")));
    EXPECT_THAT(failures([](CopyWords& w) { w.fields["title"] = "Other"; }),
                ::testing::Not(::testing::IsEmpty()));
    EXPECT_THAT(failures([](CopyWords& w) { w.fields["headline"] = "x"; }),
                ::testing::Contains(HasSubstr("Headline")));
    EXPECT_THAT(failures([](CopyWords& w) { w.takenAt = "2026-01-01"; }),
                ::testing::Contains(HasSubstr("DateCreated")));
}
