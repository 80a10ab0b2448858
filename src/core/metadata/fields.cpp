// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "metadata/fields.h"

#include "base/text.h"
#include "privacy/tables.h"
#include "text/tokens.h"

#include <algorithm>

namespace keepseal {
namespace {

using enum FieldShape;

constexpr const char* kMaker = "Maker and rights";
constexpr const char* kUse = "Use";
constexpr const char* kContact = "Contact";
constexpr const char* kWhat = "What the picture shows";
constexpr const char* kWhere = "Where";

FieldInfo row(std::string key, std::string label, FieldShape shape, Category category, const char* group,
              std::string xmp, std::string help) {
    FieldInfo out;
    out.key = std::move(key), out.label = std::move(label), out.shape = shape, out.category = category;
    out.group = group, out.xmp = std::move(xmp), out.help = std::move(help);
    return out;
}
FieldInfo inIim(FieldInfo field, int dataset, std::size_t bytes) {
    field.iimDataset = dataset, field.iimBytes = bytes;
    return field;
}
FieldInfo inExif(FieldInfo field, std::uint16_t tag) {
    field.exifTag = tag;
    return field;
}
FieldInfo bag(FieldInfo field) {
    field.bag = true;
    return field;
}
FieldInfo lines(FieldInfo field) {
    field.multiline = true;
    return field;
}
FieldInfo checked(FieldInfo field, FieldCheck check) {
    field.check = check;
    return field;
}
FieldInfo oneOf(FieldInfo field, std::vector<SettingChoice> choices) {
    field.choices = std::move(choices);
    return field;
}

/// PLUS LDF 2.0.1, "Data Mining".
std::vector<SettingChoice> dataMiningChoices() {
    const std::string base = "http://ns.useplus.org/ldf/vocab/DMI-";
    return {{base + "UNSPECIFIED", "Nothing is said"},
            {base + "ALLOWED", "Allowed"},
            {base + "PROHIBITED-AIMLTRAINING", "Not for training of AI or machine learning"},
            {base + "PROHIBITED-GENAIMLTRAINING", "Not for training of generative AI"},
            {base + "PROHIBITED-EXCEPTSEARCHENGINEINDEXING", "Only for search engines to find it"},
            {base + "PROHIBITED", "Not allowed"},
            {base + "PROHIBITED-SEECONSTRAINT", "Not allowed, see Other Constraints"}};
}

/// IPTC NewsCodes, "digitalsourcetype": those a photographer needs.
std::vector<SettingChoice> sourceTypeChoices() {
    const std::string base = "http://cv.iptc.org/newscodes/digitalsourcetype/";
    return {{base + "digitalCapture", "Taken with a digital camera"},
            {base + "computationalCapture", "Several captures joined by the camera"},
            {base + "negativeFilm", "Scanned from a film negative"},
            {base + "positiveFilm", "Scanned from a film slide"},
            {base + "print", "Scanned from a print"},
            {base + "humanEdits", "Edited by a person"},
            {base + "compositeCapture", "Composed of several captures"},
            {base + "compositeWithTrainedAlgorithmicMedia", "Edited with generative AI"},
            {base + "trainedAlgorithmicMedia", "Made with generative AI"}};
}

std::vector<FieldInfo> makerRows() {
    const auto R = Category::Rights;
    return {
        inIim(inExif(row("creator", "Creator", List, R, kMaker, "dc:creator",
                         "Who made the picture. Several names are parted by semicolons."),
                     0x013B),
              80, 32),
        inIim(row("creator_job_title", "Creator's job title", Text, R, kMaker, "photoshop:AuthorsPosition",
                  "As in \"staff photographer\"."),
              85, 32),
        lines(inIim(inExif(row("copyright_notice", "Copyright Notice", Languages, R, kMaker, "dc:rights",
                               "Who owns the rights, as in \"© {year} Marsh & Line Studio\"."),
                           0x8298),
                    116, 128)),
        oneOf(row("copyright_status", "Copyright status", Choice, R, kMaker, "xmpRights:Marked",
                  "Whether the picture is protected."),
              {{"True", "Protected by copyright"}, {"False", "Public domain"}}),
        row("copyright_owner", "Copyright Owner", Text, R, kMaker,
            "plus:CopyrightOwner/plus:CopyrightOwnerName",
            "Whoever holds the rights, where it is not the creator."),
        inIim(row("credit_line", "Credit Line", Text, R, kMaker, "photoshop:Credit",
                  "What is to be printed beside the picture."),
              110, 32),
        inIim(row("source", "Source", Text, R, kMaker, "photoshop:Source", "Who supplied the picture."), 115,
              32),
    };
}

std::vector<FieldInfo> useRows() {
    const auto R = Category::Rights;
    return {
        lines(row("usage_terms", "Rights Usage Terms", Languages, R, kUse, "xmpRights:UsageTerms",
                  "How the picture may be used, in words.")),
        checked(row("web_statement", "Web Statement of Rights", Text, R, kUse, "xmpRights:WebStatement",
                    "A web page that says the same at length."),
                FieldCheck::WebAddress),
        row("licensor_name", "Licensor", Text, R, kUse, "plus:Licensor/plus:LicensorName",
            "Whom to ask for a licence."),
        checked(row("licensor_url", "Licensor's web page", Text, R, kUse, "plus:Licensor/plus:LicensorURL",
                    "Where a licence can be had."),
                FieldCheck::WebAddress),
        checked(row("licensor_email", "Licensor's e-mail", Text, R, kUse, "plus:Licensor/plus:LicensorEmail",
                    "Where to write for a licence."),
                FieldCheck::Email),
        row("licensor_phone", "Licensor's phone", Text, R, kUse, "plus:Licensor/plus:LicensorTelephone1",
            "Where to call for a licence."),
        oneOf(row("data_mining", "Data Mining", Choice, R, kUse, "plus:DataMining",
                  "Whether programs may learn from the picture. A request in the file, not a lock."),
              dataMiningChoices()),
        lines(row("other_constraints", "Other Constraints", Languages, R, kUse, "plus:OtherConstraints",
                  "Limits to the use that no other field names.")),
        lines(inIim(row("instructions", "Instructions", Text, R, kUse, "photoshop:Instructions",
                        "What the receiver has to mind, as in \"not before 1 June\"."),
                    40, 256)),
        oneOf(row("digital_source_type", "Digital Source Type", Choice, R, kUse,
                  "Iptc4xmpExt:DigitalSourceType", "How the picture came to be."),
              sourceTypeChoices()),
    };
}

std::vector<FieldInfo> contactRows() {
    const std::string base = "Iptc4xmpCore:CreatorContactInfo/Iptc4xmpCore:";
    const auto contact = [&](const char* key, const char* label, const char* xmp, const char* help,
                             FieldCheck check = FieldCheck::None) {
        return checked(row(key, label, Text, Category::Contact, kContact, base + xmp, help), check);
    };
    return {
        lines(contact("contact_address", "Address", "CiAdrExtadr", "The studio's street and number.")),
        contact("contact_city", "City", "CiAdrCity",
                "Of the studio: it stays when the picture's place goes."),
        contact("contact_region", "Region", "CiAdrRegion", "Of the studio."),
        contact("contact_postcode", "Postal code", "CiAdrPcode", "Of the studio."),
        contact("contact_country", "Country", "CiAdrCtry", "Of the studio."),
        contact("contact_phone", "Phone", "CiTelWork", "Several are parted by commas."),
        contact("contact_email", "E-mail", "CiEmailWork", "Several are parted by commas.", FieldCheck::Email),
        contact("contact_url", "Web page", "CiUrlWork", "Several are parted by commas.",
                FieldCheck::WebAddress),
    };
}

std::vector<FieldInfo> contentRows() {
    const auto D = Category::Description;
    return {
        inIim(row("title", "Title", Languages, D, kWhat, "dc:title", "A short name for the picture."), 5, 64),
        inIim(row("headline", "Headline", Text, D, kWhat, "photoshop:Headline",
                  "What the picture is about, in one line."),
              105, 256),
        lines(inIim(inExif(row("description", "Description", Languages, D, kWhat, "dc:description",
                               "Who, what, when and why, in sentences."),
                           0x010E),
                    120, 2000)),
        lines(row("alt_text", "Alt Text", Languages, D, kWhat, "Iptc4xmpCore:AltTextAccessibility",
                  "For those who can't see the picture: what is in it, in one sentence.")),
        lines(row("extended_description", "Extended Description", Languages, D, kWhat,
                  "Iptc4xmpCore:ExtDescrAccessibility", "The same at length.")),
        inIim(bag(row("keywords", "Keywords", List, D, kWhat, "dc:subject", "Parted by semicolons.")), 25,
              64),
        bag(row("persons", "Persons shown", List, D, kWhat, "Iptc4xmpExt:PersonInImage",
                "Parted by semicolons.")),
        row("event", "Event", Languages, D, kWhat, "Iptc4xmpExt:Event", "As in \"Sluice kite festival\"."),
        inIim(row("job_identifier", "Job identifier", Text, D, kWhat, "photoshop:TransmissionReference",
                  "The studio's own number of the job."),
              103, 32),
    };
}

std::vector<FieldInfo> placeRows() {
    const auto place = [](const char* key, const char* label, const char* xmp, int dataset,
                          std::size_t bytes) {
        auto out = inIim(row(key, label, Text, Category::Location, kWhere, xmp, ""), dataset, bytes);
        out.placeField = true;
        return out;
    };
    return {
        place("place_sublocation", "Sublocation", "Iptc4xmpCore:Location", 92, 32),
        place("place_city", "City", "photoshop:City", 90, 32),
        place("place_state", "Province or State", "photoshop:State", 95, 32),
        place("place_country", "Country", "photoshop:Country", 101, 64),
        place("place_country_code", "Country Code", "Iptc4xmpCore:CountryCode", 100, 3),
    };
}

} // namespace

std::string FieldInfo::iimName() const {
    return iimDataset ? meaningOfDataset(2, iimDataset).name : std::string();
}
std::string FieldInfo::exifName() const {
    return exifTag ? meaningOfTag(IfdKind::Image, exifTag).name : std::string();
}

const std::vector<FieldInfo>& metadataFields() {
    static const auto table = [] {
        std::vector<FieldInfo> out;
        for (auto rows : {makerRows(), useRows(), contactRows(), contentRows(), placeRows()})
            out.insert(out.end(), rows.begin(), rows.end());
        return out;
    }();
    return table;
}

const FieldInfo* metadataField(std::string_view key) {
    for (const auto& field : metadataFields())
        if (field.key == key)
            return &field;
    return nullptr;
}

std::vector<const FieldInfo*> writableFields() {
    std::vector<const FieldInfo*> out;
    for (const auto& field : metadataFields())
        if (!field.placeField)
            out.push_back(&field);
    return out;
}

const std::string& FieldValue::first() const {
    static const std::string none;
    return items.empty() ? none : items.front();
}

std::string FieldValue::typed() const {
    std::string out;
    for (const auto& item : items)
        out += (out.empty() ? "" : "; ") + item;
    return out;
}

std::string FieldValue::shown(const FieldInfo& field) const {
    auto out = typed();
    for (const auto& choice : field.choices)
        if (choice.key == out)
            out = said(choice.label);
    for (const auto& [language, text] : languages)
        out += (out.empty() ? "[" : "  [") + language + "] " + text;
    return out;
}

FieldValue fieldFromTyped(const FieldInfo& field, const std::string& text) {
    if (field.shape == List)
        return FieldValue(splitTrimmed(text, ';'));
    const auto value = trimmed(text);
    for (const auto& choice : field.choices)
        if (choice.label == value || said(choice.label) == value)
            return choice.key;
    return value;
}

namespace {

// Loose on purpose: these are to catch a slip of the finger, not to judge addresses.

bool looksLikeEmail(std::string_view text) {
    const auto at = text.find('@');
    if (at == 0 || at == std::string_view::npos || text.find_first_of(" \t\r\n,") != std::string_view::npos)
        return false;
    const auto host = text.substr(at + 1);
    const auto dot = host.rfind('.');
    return host.find('@') == std::string_view::npos && dot != std::string_view::npos && dot > 0 &&
           dot + 1 < host.size();
}

bool looksLikeWebAddress(std::string_view text) {
    const auto lower = toLowerAscii(text.substr(0, 8));
    const std::size_t scheme = lower.starts_with("https://") ? 8 : lower.starts_with("http://") ? 7 : 0;
    if (scheme == 0 || text.find_first_of(" \t\r\n") != std::string_view::npos)
        return false;
    const auto rest = text.substr(scheme);
    const auto dot = rest.substr(0, rest.find_first_of("/?#")).find('.', 1);
    return dot != std::string_view::npos && dot + 1 < rest.size();
}

} // namespace

Saying fieldProblem(const FieldInfo& field, const FieldValue& value) {
    for (const auto& item : value.items) {
        if (holdsTokens(item) || item.size() > 2000)
            continue;
        for (const auto& part : splitTrimmed(item, ',')) {
            if (field.check == FieldCheck::Email && !looksLikeEmail(part))
                return {"\"{address}\" is no e-mail address", {{"address", part}}};
            if (field.check == FieldCheck::WebAddress && !looksLikeWebAddress(part))
                return {"\"{address}\" is no web address: it begins with https://", {{"address", part}}};
        }
        const auto isChoice = [&](const SettingChoice& choice) { return choice.key == item; };
        if (field.shape == Choice && std::none_of(field.choices.begin(), field.choices.end(), isChoice))
            return {"\"{value}\" is not one of the standard's values", {{"value", printable(item, 60)}}};
    }
    return {};
}

} // namespace keepseal
