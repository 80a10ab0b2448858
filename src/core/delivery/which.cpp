// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/which.h"

#include "base/text.h"
#include "delivery/file_names.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

ShapeWanted shapeOf(Size size) {
    const double ratio = static_cast<double>(size.width) / size.height;
    if (std::abs(ratio - 1) <= 0.02)
        return ShapeWanted::Square;
    return ratio > 1 ? ShapeWanted::Wide : ShapeWanted::Tall;
}

constexpr const char* kShapes[] = {"any", toSay("tall"), toSay("wide"), toSay("square")};

std::string firstShared(const std::string& wanted, const std::vector<std::string>& keywords) {
    for (const auto& word : splitTrimmed(wanted, ','))
        for (const auto& keyword : keywords)
            if (foldedName(word) == foldedName(trimmed(keyword)))
                return word;
    return {};
}

} // namespace

Saying whyNotTaken(const WhichSettings& s, const WhichFacts& facts) {
    if (s.shape != ShapeWanted::Any && !facts.cut.empty() && shapeOf(facts.cut) != s.shape)
        return {"the delivery takes {shape} pictures only",
                {{"shape", kShapes[static_cast<std::size_t>(s.shape)]}}};
    if (s.rating > 0 && facts.rating.value_or(0) < s.rating)
        return {"the delivery takes pictures rated {least} or more; this one has {rating}",
                {{"least", std::to_string(s.rating)},
                 {"rating", facts.rating ? std::to_string(*facts.rating) : toSay("no rating")}}};
    if (!s.keywords.empty() && firstShared(s.keywords, facts.keywords).empty())
        return {"it has none of the delivery's keywords ({keywords})", {{"keywords", s.keywords}}};
    if (const auto word = firstShared(s.notKeywords, facts.keywords); !word.empty())
        return {"the delivery takes no picture with the keyword \"{keyword}\"", {{"keyword", word}}};
    return {};
}

const std::vector<Setting<WhichSettings>>& whichSettings() {
    using W = WhichSettings;
    static const std::vector<Setting<W>> table = {
        choiceSetting<W, ShapeWanted>(
            "shape", "Shape", &W::shape,
            {{"any", "Any"}, {"tall", "Tall only"}, {"wide", "Wide only"}, {"square", "Square only"}},
            "As it is after turning and cropping."),
        numberSetting("rating", "Rated at least", "", &W::rating, {0, 5, 1, 0, "any"},
                      "The rating in the picture's metadata or in the XMP file beside it; 0 takes all."),
        textSetting("keywords", "With one of these keywords", &W::keywords, false,
                    "Parted by commas; empty takes all."),
        textSetting("not_keywords", "Without these keywords", &W::notKeywords, false,
                    "Parted by commas: a picture with one of them is left out."),
    };
    return table;
}

std::string whichSummary(const WhichSettings& s) {
    std::vector<std::string> words;
    if (s.shape != ShapeWanted::Any)
        words.push_back(said(kShapes[static_cast<std::size_t>(s.shape)]));
    if (s.rating > 0)
        words.push_back(Saying("rated {least} or more", {{"least", std::to_string(s.rating)}}).said());
    if (!s.keywords.empty())
        words.push_back(s.keywords);
    if (!s.notKeywords.empty())
        words.push_back(Saying("not {keywords}", {{"keywords", s.notKeywords}}).said());
    return words.empty() ? said("every picture") : saidTogether(words);
}

} // namespace keepseal
