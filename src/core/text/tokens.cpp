// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/tokens.h"

#include "base/text.h"

namespace keepseal {

const std::vector<TokenInfo>& tokens() {
    static const std::vector<TokenInfo> all = {
        {"name", "the file's name without its ending"},
        {"year", "the year the picture was taken"},
        {"date", "the day it was taken, as 2026-05-01"},
        {"this_year", "the year now"},
        {"title", "the title in its metadata"},
        {"headline", "the headline in its metadata"},
        {"description", "the description in its metadata"},
        {"creator", "the creator of the rights sheet, else of its metadata"},
        {"notice", "the copyright notice of the rights sheet, else of its metadata"},
        {"credit", "the credit line of the rights sheet, else of its metadata"},
        {"event", "the event in its metadata"},
        {"job", "the job identifier in its metadata"},
        {"keywords", "the keywords in its metadata"},
        {"camera", "the camera's model"},
    };
    return all;
}

namespace {

constexpr std::size_t kMostNested = 8;

/// Where the brace opened at `open` is closed, those inside it passed over; npos when it is not.
std::size_t closing(const std::string& text, std::size_t open) {
    std::size_t depth = 0;
    for (auto i = open; i < text.size(); ++i) {
        if (text[i] == '{' && ++depth > kMostNested)
            break;
        if (text[i] == '}' && --depth == 0)
            return i;
    }
    return std::string::npos;
}

} // namespace

FilledText fillTokens(const std::string& text, const TextFacts& facts) {
    FilledText out;
    for (std::size_t i = 0; i < text.size();) {
        if (text.compare(i, 2, "{{") == 0) {
            out.text += '{';
            i += 2;
            continue;
        }
        const auto end = text[i] == '{' ? closing(text, i) : std::string::npos;
        if (end == std::string::npos) {
            out.text += text[i++];
            continue;
        }
        const auto inside = text.substr(i + 1, end - i - 1);
        const auto bar = inside.find('|');
        const auto key = trimmed(inside.substr(0, bar));
        const auto found = facts.find(key);
        if (found != facts.end() && !found->second.empty())
            out.text += found->second;
        else if (bar != std::string::npos) {
            const auto other = fillTokens(inside.substr(bar + 1), facts);
            out.text += other.text;
            out.missing.insert(out.missing.end(), other.missing.begin(), other.missing.end());
        } else
            out.missing.push_back(key);
        i = end + 1;
    }
    return out;
}

std::set<std::string> tokenNames(const std::string& text) {
    std::set<std::string> out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text.compare(i, 2, "{{") == 0) {
            ++i;
            continue;
        }
        const auto end = text[i] == '{' ? closing(text, i) : std::string::npos;
        if (end == std::string::npos)
            continue;
        const auto inside = text.substr(i + 1, end - i - 1);
        const auto bar = inside.find('|');
        out.insert(trimmed(inside.substr(0, bar)));
        if (bar != std::string::npos)
            out.merge(tokenNames(inside.substr(bar + 1)));
        i = end;
    }
    return out;
}

bool holdsTokens(const std::string& text) {
    const auto open = text.find('{');
    return open != std::string::npos && text.find('}', open) != std::string::npos;
}

} // namespace keepseal
