// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/rules.h"

#include "privacy/coordinates.h"

#include "base/problem.h"
#include "base/text.h"

#include <glib.h>

#include <memory>

namespace keepseal {
namespace {

using P = PrivacyRules;

Setting<P> stays(const char* key, Category category, Stay P::*member, const char* help) {
    return choiceSetting<P, Stay>(key, labelOf(category), member, {{"keep", "Keep"}, {"remove", "Remove"}},
                                  help);
}

struct GFreeDeleter {
    void operator()(gchar* text) const { g_free(text); }
};

/// For comparing: one form of each character, no case.
std::string folded(const std::string& text) {
    if (!isUtf8(text) || text.find('\0') != std::string::npos)
        return toLowerAscii(text);
    using Text = std::unique_ptr<gchar, GFreeDeleter>;
    const Text normal(g_utf8_normalize(text.c_str(), -1, G_NORMALIZE_ALL));
    const Text lower(g_utf8_casefold(normal ? normal.get() : "", -1));
    return lower.get();
}

bool isWordByte(char c) {
    return std::isalnum(static_cast<unsigned char>(c)) || (static_cast<unsigned char>(c) & 0x80);
}

bool holdsWords(const std::string& text, const std::string& words) {
    for (auto at = text.find(words); at != std::string::npos; at = text.find(words, at + 1)) {
        const auto end = at + words.size();
        if ((at == 0 || !isWordByte(text[at - 1])) && (end == text.size() || !isWordByte(text[end])))
            return true;
    }
    return false;
}

} // namespace

bool PrivacyRules::keeps(Category category) const {
    switch (category) {
    case Category::Rights:
        return rights == Stay::Keep;
    case Category::Contact:
        return contact == Stay::Keep;
    case Category::Description:
        return description == Stay::Keep;
    case Category::DateTaken:
        return dateTaken == Stay::Keep;
    case Category::Camera:
        return camera == Stay::Keep;
    case Category::Serial:
        return serial == Stay::Keep;
    case Category::History:
        return history == Stay::Keep;
    case Category::Location:
        return opensLocation();
    case Category::Technical:
        return true;
    case Category::Preview:
    case Category::Other:
        break;
    }
    return false;
}

void requireWorded(const PrivacyRules& rules, const std::string& path) {
    if (rules.location == Stay::Keep && !rules.opensLocation())
        throw Problem(
            ProblemKind::BadSetting, path + "location", "location is to be kept, but nobody said so in words",
            Saying(
                "Set {path}location_words to \"{words}\" if that is what you want, or location to \"remove\"",
                {{"path", path}, {"words", kLocationWords}}));
}

const std::vector<Setting<P>>& privacySettings() {
    static const auto table = [] {
        std::vector<Setting<P>> out = {
            stays("rights", Category::Rights, &P::rights,
                  "What the original says of its maker, where the rights sheet says nothing else."),
            stays("contact", Category::Contact, &P::contact,
                  "The creator's contact details: a business address, not the place of the picture."),
            stays("description", Category::Description, &P::description,
                  "Title, headline, description, alt text, keywords, persons, event, job."),
            stays("date_taken", Category::DateTaken, &P::dateTaken, "When the picture was taken."),
            stays("camera", Category::Camera, &P::camera, "Make, model, lens, exposure, flash."),
            stays("serial", Category::Serial, &P::serial,
                  "Serial numbers of body and lens, the camera's owner, unique numbers."),
            stays("history", Category::History, &P::history,
                  "The program it was edited with, and when. Steps of the editing are never kept."),
        };
        append(out,
               inGroup<P>("Location",
                          {
                              stays("location", Category::Location, &P::location,
                                    "Where the picture was taken. Kept only together with location_words."),
                              textSetting("location_words", "Location, in words", &P::locationWords, false,
                                          std::string("Has to be \"") + kLocationWords +
                                              "\" for location to be kept."),
                          }));
        append(
            out,
            inGroup<P>(
                "More",
                {
                    switchSetting("strict", "Strict about the place", &P::strict,
                                  "The offset from UTC goes too: it narrows down where a picture was taken."),
                    switchSetting("drop_place_keywords", "Drop keywords that name the place",
                                  &P::dropPlaceKeywords,
                                  "Keywords that hold a city, region or other place that was removed."),
                    switchSetting("keep_rating", "Keep rating and label", &P::keepRating,
                                  "Stars and colour label go along where the description stays."),
                    switchSetting("cut_coordinates", "Cut coordinates out of texts", &P::cutCoordinates,
                                  "Numbers, links and codes that are a place are taken out of the words "
                                  "that stay; what was cut is said."),
                    switchSetting(
                        "blank_place_texts", "Leave out texts that name the place", &P::blankPlaceTexts,
                        "Title, description and other texts that hold a removed place are left out whole."),
                    switchSetting(
                        "new_preview", "Put in a new preview", &P::newPreview,
                        "A small preview made from the copy itself, for programs that look for one (JPEG)."),
                }));
        return out;
    }();
    return table;
}

std::string privacySummary(const PrivacyRules& rules) {
    if (rules.opensLocation())
        return said("THE PLACE IS TOLD");
    struct Word {
        Category category;
        const char* word;
    };
    static constexpr Word words[] = {
        {Category::Camera, toSay("camera")},           {Category::Serial, toSay("serials")},
        {Category::DateTaken, toSay("date")},          {Category::Description, toSay("description")},
        {Category::Contact, toSay("contact details")}, {Category::Rights, toSay("old rights")}};
    std::vector<std::string> gone{said("place")};
    for (const auto& [category, word] : words)
        if (!rules.keeps(category))
            gone.push_back(said(word));
    return Saying("{kinds} removed", {{"kinds", saidTogether(gone)}}).said();
}

std::vector<std::string> placesIn(const std::string& text, const std::vector<std::string>& names) {
    std::vector<std::string> out;
    if (text.empty())
        return out;
    const auto all = folded(text);
    for (const auto& name : names)
        if (const auto words = folded(name); words.size() >= 4 && holdsWords(all, words))
            out.push_back(name);
    if (holdsCoordinates(text))
        out.emplace_back(kCoordinates);
    return out;
}

Note placeNote(const std::string& place, const std::string& where) {
    if (place == kCoordinates)
        return {NoteKind::CoordinatesInWords, where, {{"where", where}}};
    return {NoteKind::PlaceInWords, where + ": " + place, {{"where", where}, {"place", place}}};
}

} // namespace keepseal
