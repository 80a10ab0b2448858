// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/setting.h"

#include "base/language.h"

#include "base/problem.h"
#include "base/text.h"

#include <cmath>
#include <cstdlib>

namespace keepseal {
namespace {

std::string quoted(const std::string& text) {
    return "\"" + (text.size() > 60 ? cutUtf8(text, 60) + "..." : text) + "\"";
}

/// What is allowed, where values stand in it: by itself, and in a sentence of its own.
struct AllowedWords {
    const char *alone, *inHint;
};
constexpr AllowedWords kNumber{toSay("a number from {least} to {most}"),
                               toSay("Allowed: a number from {least} to {most}")},
    kNumberOf{toSay("a number from {least} to {most} {unit}"),
              toSay("Allowed: a number from {least} to {most} {unit}")},
    kWhole{toSay("a whole number from {least} to {most}"),
           toSay("Allowed: a whole number from {least} to {most}")},
    kWholeOf{toSay("a whole number from {least} to {most} {unit}"),
             toSay("Allowed: a whole number from {least} to {most} {unit}")},
    kOneOf{toSay("one of {choices}"), toSay("Allowed: one of {choices}")},
    kLine{toSay("one line of text of at most {bytes} bytes"),
          toSay("Allowed: one line of text of at most {bytes} bytes")},
    kText{toSay("text of at most {bytes} bytes"), toSay("Allowed: text of at most {bytes} bytes")};

/// Nothing where no values stand in it.
const AllowedWords* allowedWords(const SettingInfo& info) {
    if (!info.allowed.empty())
        return nullptr;
    const bool bare = info.unit.empty();
    if (info.kind == SettingKind::Number)
        return info.range.decimals == 0 ? (bare ? &kWhole : &kWholeOf) : (bare ? &kNumber : &kNumberOf);
    if (info.kind == SettingKind::Choice)
        return &kOneOf;
    return info.kind != SettingKind::Text ? nullptr : info.multiline ? &kText : &kLine;
}

std::map<std::string, std::string> allowedValues(const SettingInfo& info) {
    std::string choices;
    for (const auto& choice : info.choices)
        choices += (choices.empty() ? "" : ", ") + choice.key;
    return {{"least", trimmedNumber(info.range.min, 3)},
            {"most", trimmedNumber(info.range.max, 3)},
            {"unit", info.unit},
            {"choices", choices},
            {"bytes", std::to_string(info.maxBytes)}};
}

std::string allowedAsItStands(const SettingInfo& info) {
    if (!info.allowed.empty())
        return info.allowed;
    switch (info.kind) {
    case SettingKind::Switch:
        return toSay("true or false");
    case SettingKind::Colour:
        return toSay("a colour written #rrggbb");
    case SettingKind::Folder:
        return toSay("the path of a folder");
    case SettingKind::File:
        return toSay("the path of a file");
    case SettingKind::Family:
        return toSay("the name of a typeface family");
    default:
        return {};
    }
}

[[noreturn]] void refuse(const SettingInfo& info, const std::string& path, const std::string& shown) {
    throw Problem(ProblemKind::BadSetting, path, Saying("{value} is not allowed", {{"value", shown}}),
                  allowedHint(info));
}

void validateNumber(const SettingInfo& info, const std::string& path, const SettingValue& value) {
    const auto* number = std::get_if<double>(&value);
    if (!number)
        refuse(info, path, "a value that is not a number");
    const bool whole = info.range.decimals == 0;
    if (!std::isfinite(*number) || *number < info.range.min || *number > info.range.max ||
        (whole && *number != std::floor(*number)))
        refuse(info, path, trimmedNumber(*number, 6));
}

void validateText(const SettingInfo& info, const std::string& path, const std::string& text) {
    if (!isUtf8(text) || text.find('\0') != std::string::npos)
        refuse(info, path, "text that is not valid UTF-8");
    if (text.size() > info.maxBytes)
        refuse(info, path, "a text of " + std::to_string(text.size()) + " bytes");
    if (!info.multiline && text.find('\n') != std::string::npos)
        refuse(info, path, "a line break");
    if (info.accepts && !info.accepts(text))
        refuse(info, path, quoted(text));
}

void validateChoice(const SettingInfo& info, const std::string& path, const std::string& key) {
    for (const auto& choice : info.choices)
        if (choice.key == key)
            return;
    refuse(info, path, quoted(key));
}

} // namespace

void validate(const SettingInfo& info, const std::string& path, const SettingValue& value) {
    if (info.kind == SettingKind::Number)
        return validateNumber(info, path, value);
    if (info.kind == SettingKind::Switch) {
        if (!std::holds_alternative<bool>(value))
            refuse(info, path, "a value that is neither true nor false");
        return;
    }
    const auto* text = std::get_if<std::string>(&value);
    if (!text)
        refuse(info, path, "a value that is not text");
    if (info.kind == SettingKind::Choice)
        validateChoice(info, path, *text);
    else if (info.kind == SettingKind::Colour) {
        if (!parseColour(*text))
            refuse(info, path, quoted(*text));
    } else
        validateText(info, path, *text);
}

SettingValue parseValue(const SettingInfo& info, const std::string& path, const std::string& text) {
    SettingValue value = text;
    if (info.kind == SettingKind::Number) {
        char* end = nullptr;
        const double number = std::strtod(text.c_str(), &end);
        if (text.empty() || *end != '\0')
            refuse(info, path, quoted(text));
        value = number;
    } else if (info.kind == SettingKind::Switch) {
        if (text != "true" && text != "false" && text != "on" && text != "off")
            refuse(info, path, quoted(text));
        value = text == "true" || text == "on";
    }
    validate(info, path, value);
    return value;
}

void say(SettingInfo& info) {
    for (auto* text : {&info.label, &info.unit, &info.help})
        *text = said(*text);
    for (auto& choice : info.choices)
        choice.label = said(choice.label);
}

Saying allowedText(const SettingInfo& info) {
    const auto* words = allowedWords(info);
    return words ? Saying(words->alone, allowedValues(info)) : Saying(allowedAsItStands(info));
}

Saying allowedHint(const SettingInfo& info) {
    const auto* words = allowedWords(info);
    return words ? Saying(words->inHint, allowedValues(info))
                 : Saying("Allowed: {what}", {{"what", allowedAsItStands(info)}});
}

std::string displayText(const SettingInfo& info, const SettingValue& value) {
    if (const auto* on = std::get_if<bool>(&value))
        return said(*on ? "on" : "off");
    if (const auto* number = std::get_if<double>(&value))
        if (info.range.leastMeans && *number == info.range.min)
            return said(info.range.leastMeans);
    if (const auto* number = std::get_if<double>(&value))
        return shownNumber(*number, info.range.decimals) + (info.unit.empty() ? "" : " " + info.unit);
    for (const auto& choice : info.choices)
        if (choice.key == std::get<std::string>(value))
            return choice.label;
    return std::get<std::string>(value);
}

} // namespace keepseal
