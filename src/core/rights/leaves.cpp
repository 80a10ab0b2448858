// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/leaves.h"

#include "privacy/tables.h"

#include <algorithm>
#include <set>

namespace keepseal {
namespace {

/// Findings that are one of the fields, in whichever container.
const FieldInfo* fieldOf(const Finding& finding) {
    for (const auto& field : metadataFields())
        if (finding.name == field.xmp || finding.name == field.iimName() || finding.name == field.exifName())
            return &field;
    return nullptr;
}

bool staysAsTag(const Finding& finding, const CopyWords& words) {
    const auto& tag = finding.exif;
    if (tag && std::any_of(words.exif.begin(), words.exif.end(), [&](const ExifValue& kept) {
            return kept.ifd == tag->ifd && kept.tag == tag->tag;
        }))
        return true;
    return words.history.count(finding.name) > 0;
}

void addFields(const AppliedRights& applied, std::vector<Leaving>& out) {
    for (const auto& field : metadataFields()) {
        const auto found = applied.fields.find(field.key);
        if (found == applied.fields.end())
            continue;
        const auto& outcome = found->second;
        Leaving row;
        row.category = field.category;
        row.name = field.label;
        row.tellsPlace = field.placeField || !outcome.places.empty();
        if (outcome.after.empty()) {
            row.fate = Fate::Removed;
            row.value = outcome.before.shown(field);
        } else {
            row.fate = outcome.changed() ? Fate::Written : Fate::Stays;
            row.value = outcome.after.shown(field);
            if (outcome.changed())
                row.was = outcome.before.shown(field);
        }
        if (!row.value.empty())
            out.push_back(std::move(row));
    }
}

} // namespace

std::vector<Leaving> whatLeaves(const FileReport& report, const AppliedRights& applied,
                                const CopyWords& words) {
    std::vector<Leaving> out;
    addFields(applied, out);
    std::set<std::pair<std::string, std::string>> told; // the same tag in Exif and XMP is told once
    for (const auto& finding : report.findings) {
        // Where a preview begins and how long it is says nothing more than that there is one.
        if (finding.category == Category::Technical || fieldOf(finding) ||
            finding.name.starts_with("JPEGInterchangeFormat"))
            continue;
        const bool stays =
            staysAsTag(finding, words) || (finding.category == Category::DateTaken &&
                                           !words.takenAt.empty() && finding.name == "photoshop:DateCreated");
        if (!told.insert({finding.name, finding.value}).second)
            continue;
        out.push_back({stays ? Fate::Stays : Fate::Removed,
                       finding.category,
                       finding.name + " (" + finding.where + ")",
                       finding.value,
                       {},
                       finding.tellsPlace});
    }
    std::stable_sort(out.begin(), out.end(), [](const Leaving& a, const Leaving& b) {
        return a.fate != b.fate ? a.fate < b.fate : a.tellsPlace && !b.tellsPlace;
    });
    return out;
}

} // namespace keepseal
