// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A language in which every word that comes from the catalogue begins with a mark, read from the right.
#pragma once

#include "base/language.h"

namespace keepseal::test {

class MarkedWords : public Catalogue {
public:
    std::string find(const char* english, long) const override { return std::string("§") + english; }
    std::string decimalMark() const override { return "."; }
    std::string tag() const override { return "ar"; }
    bool readFromTheRight() const override { return true; }
};

/// Spoken while it lives. What is made before is English, and so are the tables that were asked for.
struct SpeaksMarked {
    SpeaksMarked() { speak(std::make_unique<MarkedWords>()); }
    ~SpeaksMarked() { speak(nullptr); }
    SpeaksMarked(const SpeaksMarked&) = delete;
    SpeaksMarked& operator=(const SpeaksMarked&) = delete;
};

/// Texts between these tags that don't begin with the mark.
inline std::vector<std::string> unmarkedBetween(const std::string& page, const std::string& open,
                                                const std::string& close) {
    std::vector<std::string> out;
    std::size_t found = 0;
    for (auto at = page.find(open); at != std::string::npos; at = page.find(open, at + 1), ++found) {
        const auto begin = at + open.size();
        const auto text = page.substr(begin, page.find(close, begin) - begin);
        if (!text.starts_with("§"))
            out.push_back(text);
    }
    if (found == 0)
        out.push_back("nothing between " + open);
    return out;
}

} // namespace keepseal::test
