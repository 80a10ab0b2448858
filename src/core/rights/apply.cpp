// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/apply.h"

#include "privacy/coordinates.h"

#include "base/text.h"
#include "privacy/tables.h"
#include "rights/typed.h"

#include <algorithm>
#include <fnmatch.h>

namespace keepseal {
namespace {

bool containsText(const std::string& text, const std::string& part) {
    return !part.empty() && toLowerAscii(text).find(toLowerAscii(part)) != std::string::npos;
}

bool sameText(const std::string& a, const std::string& b) {
    return toLowerAscii(trimmed(a)) == toLowerAscii(trimmed(b));
}

/// A pattern of * and ?; without either it may stand anywhere.
bool fits(const std::string& text, const std::string& pattern) {
    if (pattern.find_first_of("*?") == std::string::npos)
        return containsText(text, pattern);
    return ::fnmatch(pattern.c_str(), text.c_str(), FNM_CASEFOLD | FNM_NOESCAPE) == 0;
}

bool hasShape(Size size, const std::string& shape) {
    if (size.width <= 0 || size.height <= 0)
        return false;
    // The same bounds as "only this shape" of the fit: within two percent it is a square.
    const double ratio = static_cast<double>(size.width) / size.height;
    const std::string is = ratio > 1.02 ? "wide" : ratio < 1 / 1.02 ? "tall" : "square";
    return sameText(shape, is);
}

bool holdsPlain(const RuleCondition& condition, const Metadata& metadata, const PictureAsked& picture) {
    const auto& text = condition.text;
    const auto any = [](const FieldValue& value, auto test) {
        return std::any_of(value.items.begin(), value.items.end(), test);
    };
    switch (condition.what) {
    case ConditionKind::Always:
        return true;
    case ConditionKind::Camera:
        return containsText(metadata.camera, text);
    case ConditionKind::Serial:
        return sameText(metadata.serial, text);
    case ConditionKind::Creator:
        return any(metadata.field("creator"), [&](const auto& item) { return containsText(item, text); });
    case ConditionKind::Keyword:
        return any(metadata.field("keywords"), [&](const auto& item) { return sameText(item, text); });
    case ConditionKind::Folder:
        return fits(picture.path.parent_path().string(), text);
    case ConditionKind::FileName:
        return fits(picture.path.filename().string(), text);
    case ConditionKind::TakenFrom:
        return !metadata.takenAt.empty() && metadata.takenAt.substr(0, 10) >= trimmed(text);
    case ConditionKind::TakenTo:
        return !metadata.takenAt.empty() && metadata.takenAt.substr(0, 10) <= trimmed(text);
    case ConditionKind::Shape:
        return hasShape(picture.size, text);
    case ConditionKind::Rating:
        return metadata.rating && *metadata.rating >= std::strtol(text.c_str(), nullptr, 10);
    }
    return false;
}

/// A token without a value leaves no empty brackets and no double space behind.
std::string tidied(std::string text) {
    for (const char* empty : {"()", "[]", "( )", "[ ]", "<>", "\"\"", "“”"})
        for (auto at = text.find(empty); at != std::string::npos; at = text.find(empty))
            text.erase(at, std::string_view(empty).size());
    for (auto at = text.find("  "); at != std::string::npos; at = text.find("  "))
        text.erase(at, 1);
    return trimmed(text);
}

/// One pass over the rules.
class Pass {
public:
    Pass(const RightsSheet& sheet, const PrivacyRules& privacy, const Metadata& metadata,
         const PictureAsked& picture)
        : m_sheet(sheet), m_metadata(metadata), m_picture(picture) {
        for (const auto& field : metadataFields()) {
            const auto& before = metadata.field(field.key);
            if (before.empty())
                continue;
            auto& outcome = m_out.fields[field.key];
            outcome.before = before;
            if (privacy.keeps(field.category))
                outcome.after = before;
            else
                outcome.removedByPrivacy = true;
        }
    }

    AppliedRights run(const TextFacts& facts) {
        if (m_sheet.on)
            for (std::size_t i = 0; i < m_sheet.rules.size(); ++i)
                if (const auto& rule = m_sheet.rules[i];
                    rule.on && holds(rule.condition, m_metadata, m_picture))
                    act(i, rule, facts);
        return std::move(m_out);
    }

private:
    void act(std::size_t index, const RightsRule& rule, const TextFacts& facts) {
        const auto* field = metadataField(rule.field);
        if (!field || field->placeField)
            return;
        auto& outcome = m_out.fields[rule.field];
        const auto was = outcome.after;
        switch (rule.action) {
        case RuleAction::Leave:
            outcome.after = outcome.removedByPrivacy ? FieldValue() : outcome.before;
            break;
        case RuleAction::Fill:
            if (outcome.after.empty())
                outcome.after = filled(*field, rule, facts, outcome);
            break;
        case RuleAction::Replace:
            outcome.after = filled(*field, rule, facts, outcome);
            break;
        case RuleAction::Add:
            for (auto& item : filled(*field, rule, facts, outcome).items)
                if (std::find(outcome.after.items.begin(), outcome.after.items.end(), item) ==
                    outcome.after.items.end())
                    outcome.after.items.push_back(std::move(item));
            break;
        case RuleAction::Remove:
            outcome.after = {};
            break;
        }
        if (outcome.after == was)
            return;
        if (!outcome.rules.empty() && rule.action != RuleAction::Add)
            addNote(outcome.notes, {NoteKind::RuleOverridden,
                                    field->key + " " + std::to_string(index + 1),
                                    {{"field", field->label},
                                     {"rule", std::to_string(index + 1)},
                                     {"other", std::to_string(outcome.rules.back() + 1)}}});
        outcome.rules.push_back(index);
    }

    FieldValue filled(const FieldInfo& field, const RightsRule& rule, TextFacts facts,
                      FieldOutcome& outcome) const {
        // A rule that names its own field means what the original says there.
        static constexpr std::pair<const char*, const char*> tokens[] = {
            {"creator", "creator"},   {"notice", "copyright_notice"}, {"title", "title"},
            {"headline", "headline"}, {"description", "description"}, {"credit", "credit_line"},
            {"event", "event"},       {"job", "job_identifier"},      {"keywords", "keywords"}};
        for (const auto& [token, key] : tokens)
            if (field.key == key)
                facts[token] = outcome.before.typed();
        const auto fill = [&](const std::string& text) {
            auto result = fillTokens(text, facts);
            for (const auto& token : result.missing)
                addNote(outcome.notes,
                        tokenNote(token, {NoteKind::RightsTokenUnknown, NoteKind::RightsTokenEmpty},
                                  field.key + " {" + token + "}",
                                  {{"field", field.label}, {"token", token}}));
            return result.missing.empty() ? trimmed(result.text) : tidied(result.text);
        };
        FieldValue out;
        for (const auto& item : rule.value.items)
            for (auto& part : field.shape == FieldShape::List && holdsTokens(item)
                                  ? splitTrimmed(fill(item), ';')
                                  : std::vector<std::string>{fill(item)})
                if (!part.empty())
                    out.items.push_back(std::move(part));
        for (const auto& [language, text] : rule.value.languages)
            if (auto words = fill(text); !words.empty())
                out.languages[language] = std::move(words);
        return out;
    }

    const RightsSheet& m_sheet;
    const Metadata& m_metadata;
    const PictureAsked& m_picture;
    AppliedRights m_out;
};

/// The values that tokens in the rules stand for: those of the finished fields, so that the order of rules
/// does not matter to them.
TextFacts finishedFacts(const TextFacts& facts, const AppliedRights& applied) {
    TextFacts out = facts;
    const auto take = [&](const char* token, const char* key) {
        if (const auto& value = applied.after(key); !value.empty())
            out[token] = value.typed();
    };
    take("creator", "creator");
    take("notice", "copyright_notice");
    take("title", "title");
    take("headline", "headline");
    take("description", "description");
    take("credit", "credit_line");
    take("event", "event");
    take("job", "job_identifier");
    take("keywords", "keywords");
    return out;
}

void takeByHand(AppliedRights& applied, const FieldValues& byHand) {
    for (const auto& [key, value] : byHand) {
        const auto* field = metadataField(key);
        if (!field || field->placeField)
            continue;
        auto& outcome = applied.fields[key];
        outcome.after = value;
        outcome.byHand = true;
    }
}

std::vector<std::string> joinedOnce(std::vector<std::string> known, const std::vector<std::string>& more) {
    for (const auto& text : more)
        if (std::find(known.begin(), known.end(), text) == known.end())
            known.push_back(text);
    return known;
}

/// Coordinates go out of the words that stay, and it is said.
void cutCoordinatesOut(const FieldInfo& field, FieldOutcome& outcome) {
    const auto cut = [&](std::string& text) {
        auto left = withoutCoordinates(text);
        if (left == text)
            return;
        addNote(outcome.notes, {NoteKind::CoordinatesCut,
                                field.key + " " + cutUtf8(text, 80),
                                {{"field", field.label}, {"text", cutUtf8(text, 80)}}});
        text = std::move(left);
    };
    for (auto& item : outcome.after.items)
        cut(item);
    for (auto& [language, text] : outcome.after.languages)
        cut(text);
    std::erase_if(outcome.after.items, [](const std::string& item) { return item.empty(); });
    std::erase_if(outcome.after.languages, [](const auto& entry) { return entry.second.empty(); });
}

/// The maker's address may well name the town of the picture: that is said, and left.
void lookAtContact(const FieldInfo& field, FieldOutcome& outcome, const Metadata& metadata) {
    for (const auto& item : outcome.after.items)
        for (const auto& place : placesIn(item, metadata.placeNames))
            if (place == kCoordinates)
                outcome.places = joinedOnce(outcome.places, {place});
            else
                addNote(outcome.notes, {NoteKind::PlaceInContact,
                                        field.label + ": " + place,
                                        {{"where", field.label}, {"place", place}}});
}

/// Words that name a removed place: told, and cut where the rules say so.
void lookForPlaces(AppliedRights& applied, const PrivacyRules& privacy, const Metadata& metadata) {
    if (privacy.opensLocation())
        return;
    for (auto& entry : applied.fields) {
        auto& outcome = entry.second;
        const auto* field = metadataField(entry.first);
        if (field->placeField)
            continue;
        const bool contact = field->category == Category::Contact;
        // Where to find the studio, as somebody wrote it for these copies, is meant to be there.
        if (privacy.cutCoordinates && !(contact && (outcome.byHand || outcome.changed())))
            cutCoordinatesOut(*field, outcome);
        if (contact) {
            lookAtContact(*field, outcome, metadata);
            continue;
        }
        auto& items = outcome.after.items;
        const bool cut = field->key == "keywords" ? privacy.dropPlaceKeywords
                                                  : privacy.blankPlaceTexts && !outcome.byHand &&
                                                        field->category == Category::Description;
        for (auto item = items.begin(); item != items.end();) {
            const auto places = placesIn(*item, metadata.placeNames);
            if (places.empty()) {
                ++item;
            } else if (cut) {
                addNote(outcome.notes, {NoteKind::PlaceWordCut,
                                        field->key + " " + cutUtf8(*item, 80),
                                        {{"field", field->label}, {"text", cutUtf8(*item, 80)}}});
                item = items.erase(item);
            } else {
                outcome.places = joinedOnce(outcome.places, places);
                ++item;
            }
        }
        std::erase_if(outcome.after.languages, [&](const auto& text) {
            const auto places = placesIn(text.second, metadata.placeNames);
            if (!cut)
                outcome.places = joinedOnce(outcome.places, places);
            return !places.empty() && cut;
        });
    }
}

void lookAtLimits(AppliedRights& applied) {
    for (auto& [key, outcome] : applied.fields) {
        const auto* field = metadataField(key);
        if (const auto problem = fieldProblem(*field, outcome.after); !problem.empty())
            addNote(outcome.notes,
                    {NoteKind::WrongAddress, key, {{"field", field->label}, {"what", problem}}});
        if (const auto over = overIimLimit(*field, outcome.after))
            addNote(outcome.notes, {NoteKind::OverIim,
                                    key,
                                    {{"field", field->label},
                                     {"bytes", std::to_string(field->iimBytes)},
                                     {"over", std::to_string(over)},
                                     {"whole", field->exifTag ? "XMP and Exif hold" : "XMP holds"}}});
    }
}

bool isOneOf(std::uint16_t tag, std::initializer_list<std::uint16_t> tags) {
    return std::find(tags.begin(), tags.end(), tag) != tags.end();
}

/// Tags of the original that may be written again as they are. What is a field of its own is not among them.
bool tagStays(const ExifValue& value, const PrivacyRules& privacy) {
    if (!isKeptTag(value.ifd, value.tag))
        return false;
    const auto meaning = meaningOfTag(value.ifd, value.tag);
    switch (meaning.category) {
    case Category::Camera:
    case Category::Serial:
        return privacy.keeps(meaning.category);
    case Category::DateTaken:
        return privacy.keeps(meaning.category) &&
               !(privacy.strict && isOneOf(value.tag, {0x9010, 0x9011, 0x9012}));
    case Category::History:
        return privacy.keeps(meaning.category) && value.tag == 0x0131;
    case Category::Location:
        return privacy.opensLocation() && value.ifd == IfdKind::Gps && value.tag <= 31;
    default:
        return false;
    }
}

} // namespace

const FieldValue& AppliedRights::after(std::string_view key) const {
    static const FieldValue none;
    const auto found = fields.find(std::string(key));
    return found == fields.end() ? none : found->second.after;
}

Notes AppliedRights::notes() const {
    Notes out;
    for (const auto& field : metadataFields()) {
        const auto found = fields.find(field.key);
        if (found == fields.end())
            continue;
        addNotes(out, found->second.notes);
        for (const auto& place : found->second.places)
            addNote(out, placeNote(place, field.label));
    }
    return out;
}

bool holds(const RuleCondition& condition, const Metadata& metadata, const PictureAsked& picture) {
    return holdsPlain(condition, metadata, picture) != condition.isNot;
}

AppliedRights applyRights(const RightsSheet& sheet, const PrivacyRules& privacy, const Metadata& metadata,
                          const PictureAsked& picture, const FieldValues& byHand) {
    const auto own = factsForTokens(picture.path, metadata);
    const auto first = Pass(sheet, privacy, metadata, picture).run(own);
    auto out = Pass(sheet, privacy, metadata, picture).run(finishedFacts(own, first));
    takeByHand(out, byHand);
    lookForPlaces(out, privacy, metadata);
    lookAtLimits(out);
    std::erase_if(out.fields, [](const auto& entry) {
        return entry.second.before.empty() && entry.second.after.empty() && entry.second.notes.empty();
    });
    return out;
}

CopyWords copyWords(const AppliedRights& applied, const PrivacyRules& privacy, const Metadata& metadata) {
    CopyWords out;
    for (const auto& [key, outcome] : applied.fields)
        if (!outcome.after.empty())
            out.fields.emplace(key, outcome.after);
    const auto leftOut = [&out](const std::string& name) {
        addNote(out.notes, {NoteKind::ValueLeftOut, name, {}});
    };
    for (const auto& value : metadata.exif) {
        if (!tagStays(value, privacy))
            continue;
        if (auto anew = writtenAnew(value, metadata.placeNames, privacy.opensLocation()))
            out.exif.push_back(std::move(*anew));
        else
            leftOut(meaningOfTag(value.ifd, value.tag).name);
    }
    const auto keepHistory = [&](const std::string& name, const std::string& text) {
        if (auto anew = historyAnew(name, text, metadata.placeNames, privacy.opensLocation()))
            out.history.emplace(name, std::move(*anew));
        else
            leftOut(name);
    };
    if (privacy.keeps(Category::History))
        for (const auto& [name, text] : metadata.history)
            keepHistory(name, text);
    if (privacy.keepRating && privacy.keeps(Category::Description)) {
        if (metadata.rating)
            keepHistory("xmp:Rating", std::to_string(*metadata.rating));
        if (!metadata.label.empty())
            keepHistory("xmp:Label", metadata.label);
    }
    if (privacy.keeps(Category::DateTaken))
        out.takenAt =
            metadata.takenAt + (privacy.strict || metadata.takenAt.size() < 19 ? "" : metadata.takenOffset);
    return out;
}

std::size_t overIimLimit(const FieldInfo& field, const FieldValue& value) {
    std::size_t over = 0;
    if (field.iimDataset)
        for (const auto& item : value.items)
            over += item.size() > field.iimBytes ? item.size() - cutUtf8(item, field.iimBytes).size() : 0;
    return over;
}

} // namespace keepseal
