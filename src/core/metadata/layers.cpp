// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "metadata/layers.h"

#include "base/plain_values.h"
#include "base/text.h"

#include <algorithm>
#include <cctype>

namespace keepseal {
namespace {

/// Only the file's own blocks: what a preview, a maker note or a trailer says is not about this picture.
bool isOwn(const Finding& finding, std::string_view block) {
    std::string_view where = finding.where;
    if (where.starts_with(
            "Raw profile type")) // how PNG files held these blocks before they had chunks for them
        where.remove_prefix(std::min(where.find(" / ") + 3, where.size()));
    return where == block || (block == "Exif" && where == "TIFF") ||
           (block == "XMP" && where == "extended XMP / XMP");
}

/// What programs and cameras leave where nobody wrote anything: a language's name instead of a text, marks
/// alone, a camera that names itself in capitals.
bool saysNothing(const std::string& text) {
    const auto isLetter = [](char c) {
        return std::isalnum(static_cast<unsigned char>(c)) || (static_cast<unsigned char>(c) & 0x80);
    };
    if (text == "x-default" || std::none_of(text.begin(), text.end(), isLetter))
        return true;
    const bool capitals = std::none_of(text.begin(), text.end(), [](char c) { return c >= 'a' && c <= 'z'; });
    return capitals && text.ends_with("DIGITAL CAMERA");
}

FieldValue fromXmp(const FileReport& report, const FieldInfo& field) {
    FieldValue out;
    for (const auto& finding : report.findings) {
        if (finding.name != field.xmp || !isOwn(finding, "XMP"))
            continue;
        const auto& text = finding.whole();
        if (saysNothing(text))
            continue;
        const auto language = plainLanguage(finding.language).value_or("x-default");
        const bool first = language == "x-default";
        if (field.shape == FieldShape::List)
            out.items.push_back(text);
        else if (field.shape == FieldShape::Languages && !first)
            out.languages.emplace(language, text);
        else if (out.items.empty())
            out.items.push_back(text);
    }
    if (out.items.empty() && !out.languages.empty()) { // no default: the first language is it
        out.items.push_back(out.languages.begin()->second);
        out.languages.erase(out.languages.begin());
    }
    // A language that only repeats the default says nothing more.
    std::erase_if(out.languages, [&](const auto& entry) { return entry.second == out.first(); });
    return out;
}

FieldValue fromIim(const FileReport& report, const FieldInfo& field) {
    FieldValue out;
    if (!field.iimDataset)
        return out;
    const auto name = field.iimName();
    for (const auto& finding : report.findings)
        if (finding.name == name && isOwn(finding, "IIM") && !saysNothing(finding.whole()))
            if (field.shape == FieldShape::List || out.items.empty())
                out.items.push_back(finding.whole());
    return out;
}

FieldValue fromExif(const FileReport& report, const FieldInfo& field) {
    if (!field.exifTag)
        return {};
    const auto name = field.exifName();
    for (const auto& finding : report.findings)
        if (finding.name == name && isOwn(finding, "Exif") && !saysNothing(finding.whole()))
            return field.shape == FieldShape::List ? FieldValue(splitTrimmed(finding.whole(), ';'))
                                                   : FieldValue(finding.whole());
    return {};
}

/// What some programs write where the standards' places are empty; the last word of all.
FieldValue fromElsewhere(const FileReport& report, const FieldInfo& field) {
    struct Row {
        std::string_view key;
        const char* name;
    };
    static constexpr Row rows[] = {
        {"title", "XPTitle"},
        {"description", "XPComment"},
        {"creator", "XPAuthor"},
        {"keywords", "XPKeywords"},
        {"title", "Title"},
        {"creator", "Author"},
        {"description", "Description"},
        {"copyright_notice", "Copyright"},
        {"creator", "tiff:Artist"},
        {"copyright_notice", "tiff:Copyright"},
        {"description", "tiff:ImageDescription"},
    };
    for (const auto& row : rows)
        if (row.key == field.key)
            if (const auto* finding = report.find(row.name); finding && !saysNothing(finding->whole()))
                return field.shape == FieldShape::List ? FieldValue(splitTrimmed(finding->whole(), ';'))
                                                       : FieldValue(finding->whole());
    return {};
}

/// IIM cuts at its limits: a beginning of the longer text is no disagreement.
bool agree(const FieldInfo& field, const FieldValue& longer, const FieldValue& iim) {
    if (longer.items.size() != iim.items.size())
        return longer.typed() == iim.typed();
    for (std::size_t i = 0; i < iim.items.size(); ++i) {
        const bool cut =
            iim.items[i].size() + 4 >= field.iimBytes && longer.items[i].starts_with(iim.items[i]);
        if (longer.items[i] != iim.items[i] && !cut)
            return false;
    }
    return true;
}

/// The digest of the IIM block when XMP was last put in step with it, against what it is now.
bool iimChangedSince(const FileReport& report) {
    const auto* digest = report.find("IPTC digest");
    return digest && digest->value.find("does not match") != std::string::npos;
}

FieldValue chosen(const FieldInfo& field, const FieldValue& exif, const FieldValue& iim,
                  const FieldValue& xmp, bool iimIsNewer, Notes& notes) {
    const auto say = [&](const char* which, const FieldValue& other, const FieldValue& taken) {
        addNote(notes, {NoteKind::MetadataDisagrees,
                        field.key + ", " + which,
                        {{"field", field.label},
                         {"which", which},
                         {"other", cutUtf8(other.typed(), 60)},
                         {"taken", cutUtf8(taken.typed(), 60)}}});
    };
    FieldValue best = xmp;
    if (!iim.empty() && (xmp.empty() || (iimIsNewer && !agree(field, xmp, iim)))) {
        best = iim;
        if (!xmp.empty())
            say("IIM was changed later than XMP, which says", xmp, iim);
    } else if (!iim.empty() && !agree(field, xmp, iim))
        say("IIM says", iim, xmp);
    if (exif.empty() || exif.typed() == best.typed())
        return best; // languages and the parts of a list are XMP's
    if (best.empty())
        return exif;
    say(iim.empty() || best == xmp ? "XMP says" : "IIM says", best, exif);
    return exif;
}

} // namespace

FieldValues reconciled(const FileReport& report, Notes& notes) {
    FieldValues out;
    const bool iimIsNewer = iimChangedSince(report);
    for (const auto& field : metadataFields()) {
        auto value = chosen(field, fromExif(report, field), fromIim(report, field), fromXmp(report, field),
                            iimIsNewer, notes);
        if (value.empty())
            value = fromElsewhere(report, field);
        if (!value.empty())
            out.emplace(field.key, std::move(value));
    }
    return out;
}

bool metadataNameIsText(const std::string& name) {
    for (const auto& field : metadataFields())
        if (name == field.xmp || name == field.iimName() || name == field.exifName())
            return true;
    return false;
}

} // namespace keepseal
