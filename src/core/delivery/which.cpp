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

constexpr const char* kShapes[] = {"any", "tall", "wide", "square"};

std::string firstShared(const std::string& wanted, const std::vector<std::string>& keywords) {
    for (const auto& word : splitTrimmed(wanted, ','))
        for (const auto& keyword : keywords)
            if (foldedName(word) == foldedName(trimmed(keyword)))
                return word;
    return {};
}

} // namespace

std::string whyNotTaken(const WhichSettings& s, const WhichFacts& facts) {
    if (s.shape != ShapeWanted::Any && !facts.cut.empty() && shapeOf(facts.cut) != s.shape)
        return std::string("the delivery takes ") + kShapes[static_cast<std::size_t>(s.shape)] +
               " pictures only";
    if (s.rating > 0 && facts.rating.value_or(0) < s.rating)
        return "the delivery takes pictures rated " + std::to_string(s.rating) + " or more; this one has " +
               (facts.rating ? std::to_string(*facts.rating) : "no rating");
    if (!s.keywords.empty() && firstShared(s.keywords, facts.keywords).empty())
        return "it has none of the delivery's keywords (" + s.keywords + ")";
    if (const auto word = firstShared(s.notKeywords, facts.keywords); !word.empty())
        return "the delivery takes no picture with the keyword \"" + word + "\"";
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
    std::string out = s.shape == ShapeWanted::Any ? "" : kShapes[static_cast<std::size_t>(s.shape)];
    const auto add = [&out](const std::string& words) { out += (out.empty() ? "" : ", ") + words; };
    if (s.rating > 0)
        add("rated " + std::to_string(s.rating) + " or more");
    if (!s.keywords.empty())
        add(s.keywords);
    if (!s.notKeywords.empty())
        add("not " + s.notKeywords);
    return out.empty() ? "every picture" : out;
}

} // namespace keepseal
