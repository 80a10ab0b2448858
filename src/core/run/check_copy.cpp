// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/check_copy.h"

#include "base/problem.h"
#include "base/text.h"
#include "formats/output_format.h"
#include "privacy/rules.h"
#include "privacy/tables.h"
#include "privacy/verdict.h"

#include <algorithm>
#include <cstring>
#include <map>
#include <optional>

namespace keepseal {
namespace {

/// Texts longer than this may be cut in Exif, which has one segment of 64 kB in a JPEG.
constexpr std::size_t kExifAtLeast = 11'000;

bool isOwnBlock(const std::string& where) {
    static constexpr std::string_view blocks[] = {"XMP",        "extended XMP / XMP", "Exif", "TIFF",
                                                  "Exif / GPS", "TIFF / GPS",         "IIM"};
    return std::find(std::begin(blocks), std::end(blocks), where) != std::end(blocks);
}

/// What may be in the file, each piece once; what is left over at the end is missing.
class Promised {
public:
    Promised(const CopyWords& words, const OutputFormat& format)
        : m_tags(format.exif ? words.exif : std::vector<ExifValue>()) {
        for (const auto& [key, value] : words.fields)
            if (const auto* field = metadataField(key))
                expect(*field, value, format);
        if (!words.takenAt.empty())
            m_texts.emplace("photoshop:DateCreated", Text{words.takenAt});
        for (const auto& [name, text] : words.history)
            m_texts.emplace(name, Text{readableText(text)});
    }

    /// What was promised there; the field is nullptr for a value that is no field's. Nothing: it was not
    /// promised.
    std::optional<const FieldInfo*> take(const Finding& finding) {
        if (finding.exif) {
            const auto tag = std::find(m_tags.begin(), m_tags.end(), *finding.exif);
            if (tag != m_tags.end()) {
                m_tags.erase(tag);
                return nullptr;
            }
        }
        const auto [first, last] = m_texts.equal_range(finding.name);
        for (auto text = first; text != last; ++text)
            if (agree(text->second.text, finding)) {
                const auto* field = text->second.field;
                m_texts.erase(text);
                return field;
            }
        return std::nullopt;
    }

    std::string missing() const {
        if (!m_texts.empty())
            return m_texts.begin()->first;
        return m_tags.empty() ? std::string() : meaningOfTag(m_tags[0].ifd, m_tags[0].tag).name;
    }

private:
    struct Text {
        std::string text;
        const FieldInfo* field = nullptr;
    };

    void expect(const FieldInfo& field, const FieldValue& value, const OutputFormat& format) {
        const auto add = [&](const std::string& name, const std::string& text) {
            m_texts.emplace(name, Text{readableText(text), &field});
        };
        std::string joined;
        for (const auto& item : value.items) {
            joined += (joined.empty() ? "" : "; ") + item;
            add(field.xmp, item);
            if (field.iimDataset && format.iim)
                add(field.iimName(), cutUtf8(item, field.iimBytes));
        }
        for (const auto& [language, text] : value.languages)
            add(field.xmp, text);
        if (format.exif && field.exifTag && !joined.empty())
            add(field.exifName(), joined);
    }

    static bool agree(const std::string& promised, const Finding& finding) {
        const auto& found = finding.whole();
        if (promised == found)
            return true;
        const bool inExif = finding.where == "Exif" || finding.where == "TIFF";
        return inExif && found.size() >= kExifAtLeast && promised.starts_with(found);
    }

    std::multimap<std::string, Text> m_texts;
    std::vector<ExifValue> m_tags;
};

/// The fields that the findings are of, by a finding's index: a person's own words.
using OwnWords = std::map<std::size_t, const FieldInfo*>;

OwnWords holdAgainstPromise(const CopyPromise& promise, CopyCheck& check) {
    OwnWords own;
    Promised promised(promise.words, outputFormat(promise.format));
    for (std::size_t i = 0; i < check.report.findings.size(); ++i) {
        const auto& finding = check.report.findings[i];
        if (const auto taken = isOwnBlock(finding.where) ? promised.take(finding) : std::nullopt) {
            if (*taken)
                own.emplace(i, *taken);
            continue;
        }
        const bool allowed = finding.category == Category::Technical ||
                             (finding.category == Category::Preview && promise.preview);
        if (!allowed)
            addNote(check.failures, {NoteKind::CopyHoldsMore, finding.where + ": " + finding.name, {}});
    }
    for (const auto& part : check.report.notSearched)
        addNote(check.failures, {NoteKind::CopyNotSearched, part.english(), {}});
    const auto missing = promised.missing();
    check.rightsInStep = missing.empty();
    if (!missing.empty())
        addNote(check.failures, {NoteKind::CopyLacksWords, missing, {}});
    return own;
}

/// A person's own words that hold a place are told; whatever else holds one is a fault.
void judgePlaces(const CopyPromise& promise, const OwnWords& own, CopyCheck& check) {
    const auto told = placesTold(check.report, promise.placeNames);
    check.noPlace = told.empty();
    if (promise.opensLocation)
        return;
    for (const auto& [index, place] : told) {
        const auto& finding = check.report.findings[index];
        const auto field = own.find(index);
        if (field != own.end() && !field->second->placeField)
            addNote(check.words, placeNote(place, field->second->label));
        else
            addNote(check.failures, {NoteKind::CopyTellsPlace, finding.where + ": " + finding.name, {}});
    }
}

/// All that the copy is meant to say, for telling a person's own words from a leak.
std::string writtenWords(const CopyWords& words) {
    std::string out = words.takenAt;
    for (const auto& [key, value] : words.fields) {
        out += "\n" + value.typed();
        for (const auto& [language, text] : value.languages)
            out += "\n" + text;
    }
    for (const auto& [name, text] : words.history)
        out += "\n" + text;
    for (const auto& tag : words.exif)
        out += "\n" + std::string(tag.bytes.begin(), tag.bytes.end());
    return out;
}

void searchSecrets(const ByteSource& copy, const FileReport& original, const CopyWords& words,
                   CopyCheck& check) {
    // Metadata lies before the picture data or after it, never in it.
    Bytes head = copy.bytes(0, 256 * 1024);
    if (copy.size() > head.size()) {
        const auto tail =
            copy.bytes(copy.size() - std::min<std::uint64_t>(copy.size(), 64 * 1024), 64 * 1024);
        head.insert(head.end(), tail.begin(), tail.end());
    }
    const auto own = writtenWords(words);
    for (const auto& secret : original.secrets) {
        const std::string_view text(reinterpret_cast<const char*>(secret.data()), secret.size());
        if (secret.size() < 6 && std::find(secret.begin(), secret.end(), 0) == secret.end())
            continue; // four or five letters stand in any file by chance
        if (::memmem(head.data(), head.size(), secret.data(), secret.size()) &&
            own.find(text) == std::string::npos) // else the person's own words, which are told as such
            addNote(check.failures, {NoteKind::CopyTellsPlace, toSay("it stands in the file's bytes"), {}});
    }
}

} // namespace

CopyCheck checkCopy(const ByteSource& copy, const CopyPromise& promise, const FileReport& original) {
    CopyCheck check;
    auto read = outputFormat(promise.format).readBack(copy);
    check.report = std::move(read.report);
    const auto own = holdAgainstPromise(promise, check);
    if (!read.fault.empty())
        addNote(check.failures, {NoteKind::CopyNotAsPlanned, read.fault, {}});
    else if (!(read.size == promise.size))
        addNote(check.failures, {NoteKind::CopyNotAsPlanned, toSay("its size in pixels"), {}});
    judgePlaces(promise, own, check);
    if (!promise.opensLocation)
        searchSecrets(copy, original, promise.words, check);
    return check;
}

std::vector<std::string> removedKinds(const FileReport& original, const FileReport& copy) {
    std::vector<std::string> out;
    for (int i = 0; i <= static_cast<int>(Category::Technical); ++i) {
        const auto category = static_cast<Category>(i);
        const auto before = original.count(category);
        if (category != Category::Technical && category != Category::Rights && before > copy.count(category))
            out.push_back(std::string(labelOf(category)) + " (" +
                          std::to_string(before - copy.count(category)) + ")");
    }
    return out;
}

} // namespace keepseal
