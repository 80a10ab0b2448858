// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/tokens.h"

#include "base/text.h"

#include <algorithm>
#include <cctype>

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
        {"studio", "your studio's name, from Who you are"},
        {"studio_creator", "your own name, from Who you are"},
        {"studio_link", "your web address, from Who you are"},
        {"studio_contact", "your e-mail address, from Who you are"},
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

namespace {
constexpr std::size_t kMostFilled = 64 * 1024;
}

FilledText fillTokens(const std::string& text, const TextFacts& facts) {
    FilledText out;
    for (std::size_t i = 0; i < text.size() && out.text.size() < kMostFilled;) {
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
    out.text = cutUtf8(out.text, kMostFilled);
    return out;
}

std::string fillOnly(const std::string& text, const TextFacts& facts) {
    std::string out;
    for (std::size_t i = 0; i < text.size();) {
        if (text.compare(i, 2, "{{") == 0) {
            out += "{{";
            i += 2;
            continue;
        }
        const auto end = text[i] == '{' ? closing(text, i) : std::string::npos;
        if (end == std::string::npos) {
            out += text[i++];
            continue;
        }
        const auto inside = text.substr(i + 1, end - i - 1);
        const auto bar = inside.find('|');
        const auto key = trimmed(inside.substr(0, bar));
        const auto found = facts.find(key);
        const auto other = bar == std::string::npos ? std::string() : fillOnly(inside.substr(bar + 1), facts);
        if (found != facts.end() && !found->second.empty()) {
            for (const char c : found->second)
                out += c == '{' ? '(' : c == '}' ? ')' : c;
        } else if (found != facts.end() && bar != std::string::npos)
            out += other;
        else
            out += "{" + inside.substr(0, bar) + (bar == std::string::npos ? "" : "|" + other) + "}";
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

bool isToken(const std::string& key) {
    return std::any_of(tokens().begin(), tokens().end(),
                       [&](const TokenInfo& token) { return token.key == key; });
}

bool isWhoToken(const std::string& key) {
    return (key == "studio" || key.starts_with("studio_")) && isToken(key);
}

bool saysSomething(const std::string& text) {
    // Symbols that stand alone in seals and captions: Latin-1 signs, punctuation and marks of the General
    // Punctuation block and the arrows. All else beyond ASCII counts as a letter.
    for (std::size_t i = 0; i < text.size();) {
        const auto lead = static_cast<unsigned char>(text[i]);
        if (lead < 0x80) {
            if (std::isalnum(lead))
                return true;
            ++i;
            continue;
        }
        const std::size_t length = lead >= 0xF0 ? 4 : lead >= 0xE0 ? 3 : 2;
        const auto next = i + 1 < text.size() ? static_cast<unsigned char>(text[i + 1]) : 0U;
        const bool sign = (lead == 0xC2) || (lead == 0xC3 && (next == 0x97 || next == 0xB7)) ||
                          (lead == 0xE2 && next >= 0x80 && next <= 0x9F);
        if (!sign)
            return true;
        i += length;
    }
    return false;
}

Note tokenNote(const std::string& token, TokenNoteKinds kinds, const std::string& subject,
               std::map<std::string, std::string> arguments) {
    if (!isToken(token))
        return {kinds.unknown, subject, std::move(arguments)};
    if (!isWhoToken(token))
        return {kinds.empty, subject, std::move(arguments)};
    for (const auto& known : tokens())
        if (known.key == token)
            return {NoteKind::WhoUnset,
                    token,
                    {{"meaning", known.help.english().substr(0, known.help.english().find(','))}}};
    return {kinds.unknown, subject, std::move(arguments)};
}

bool holdsTokens(const std::string& text) {
    const auto open = text.find('{');
    return open != std::string::npos && text.find('}', open) != std::string::npos;
}

} // namespace keepseal
