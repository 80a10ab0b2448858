// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One setting of a station, declared once as data: its name, unit, range, choices, help and where it lives in
// the station's plain struct. The drawer of the window, the JSON reader and writer, the schema, the command
// line and the reference in docs/ all read these tables; none of them knows a setting by name.
#pragma once

#include "base/colour.h"
#include "base/language.h"

#include <functional>
#include <string>
#include <type_traits>
#include <variant>
#include <vector>

namespace keepseal {

enum class SettingKind { Switch, Number, Text, Choice, Colour, Folder, File, Family };

/// Switch: bool. Number: double. All others: UTF-8 text (a choice by its key, a colour as "#rrggbb").
using SettingValue = std::variant<bool, double, std::string>;

struct SettingChoice {
    std::string key;   ///< as saved
    std::string label; ///< as shown
};

struct NumberRange {
    double min = 0, max = 1, step = 1;
    int decimals = 0;                 ///< shown and kept; 0 means whole numbers only
    const char* leastMeans = nullptr; ///< the least number in words: "no limit"; null: it is a number
};

struct SettingInfo {
    std::string key;   ///< as saved, lower case with underscores; unique in its station
    std::string label; ///< as shown
    std::string unit;  ///< "%", "px" or empty
    SettingKind kind = SettingKind::Text;
    NumberRange range;                               ///< Number only
    std::vector<SettingChoice> choices;              ///< Choice only
    std::vector<std::string> suggestions;            ///< Text of one line only: common values to choose from
    std::function<bool(const std::string&)> accepts; ///< Text only: what is right; empty: anything
    std::string allowed;                             ///< Text only: that in words
    std::size_t maxBytes = 4096;                     ///< Text and Folder only, of UTF-8
    bool multiline = false;                          ///< Text only
    std::string help;                                ///< one or two sentences for a person
    /// The heading it stands under where there are many, in English; empty: the first ones.
    std::string group;
    bool derived = false; ///< a short cut to a value saved elsewhere: never saved itself
};

/// Throws Problem(BadSetting) naming `path`, the value and what is allowed.
void validate(const SettingInfo& info, const std::string& path, const SettingValue& value);
/// Reads a value typed as text (command line); throws Problem(BadSetting) like validate().
SettingValue parseValue(const SettingInfo& info, const std::string& path, const std::string& text);
/// "a number from 0.5 to 60 %", "one of left, right", ... for documents.
Saying allowedText(const SettingInfo& info);
/// The same as a sentence of its own, of what to do about a value that is not allowed.
Saying allowedHint(const SettingInfo& info);
/// The value for a person: with its unit, choices by label.
std::string displayText(const SettingInfo& info, const SettingValue& value);

/// Label, unit, help and choices in the language of the person who reads them; builders do it by themselves.
void say(SettingInfo& info);

template <class Owner>
struct Setting : SettingInfo {
    std::function<SettingValue(const Owner&)> get;
    std::function<void(Owner&, const SettingValue&)> set; ///< the value has been validated
    std::function<bool(const Owner&)> shown;              ///< whether it does anything now; empty: always
    bool isShown(const Owner& owner) const { return !shown || shown(owner); }
};

/// The rows are shown only while `condition` holds; they are saved all the same.
template <class Owner>
std::vector<Setting<Owner>> shownWhen(const std::function<bool(const Owner&)>& condition,
                                      std::vector<Setting<Owner>> rows) {
    for (auto& row : rows)
        row.shown = condition;
    return rows;
}

/// A part's own table seen from the whole it belongs to.
template <class Whole, class Part>
std::vector<Setting<Whole>> lifted(const std::vector<Setting<Part>>& table, Part Whole::*part) {
    std::vector<Setting<Whole>> out;
    for (const auto& row : table) {
        Setting<Whole> setting;
        static_cast<SettingInfo&>(setting) = row;
        setting.get = [get = row.get, part](const Whole& whole) { return get(whole.*part); };
        setting.set = [set = row.set, part](Whole& whole, const SettingValue& v) { set(whole.*part, v); };
        if (row.shown)
            setting.shown = [shown = row.shown, part](const Whole& whole) { return shown(whole.*part); };
        out.push_back(std::move(setting));
    }
    return out;
}

template <class Owner>
void append(std::vector<Setting<Owner>>& table, const std::vector<Setting<Owner>>& more) {
    table.insert(table.end(), more.begin(), more.end());
}

template <class Owner>
std::vector<Setting<Owner>> inGroup(const std::string& group, std::vector<Setting<Owner>> rows) {
    for (auto& row : rows)
        row.group = group;
    return rows;
}

/// The row of that key; nullptr when there is none.
template <class Owner>
const Setting<Owner>* rowOf(const std::vector<Setting<Owner>>& table, std::string_view key) {
    for (const auto& row : table)
        if (row.key == key)
            return &row;
    return nullptr;
}

/// Builders, one per kind: they bind a table row to a member of the station's struct.
template <class Owner, class Number>
Setting<Owner> numberSetting(std::string key, std::string label, std::string unit, Number Owner::*member,
                             NumberRange range, std::string help) {
    static_assert(std::is_arithmetic_v<Number>);
    Setting<Owner> s;
    s.key = std::move(key), s.label = std::move(label), s.unit = std::move(unit), s.help = std::move(help);
    s.kind = SettingKind::Number, s.range = range;
    say(s);
    s.get = [member](const Owner& o) { return SettingValue(static_cast<double>(o.*member)); };
    s.set = [member](Owner& o, const SettingValue& v) {
        o.*member = static_cast<Number>(std::get<double>(v));
    };
    return s;
}

template <class Owner>
Setting<Owner> switchSetting(std::string key, std::string label, bool Owner::*member, std::string help) {
    Setting<Owner> s;
    s.key = std::move(key), s.label = std::move(label), s.help = std::move(help);
    s.kind = SettingKind::Switch;
    say(s);
    s.get = [member](const Owner& o) { return SettingValue(o.*member); };
    s.set = [member](Owner& o, const SettingValue& v) { o.*member = std::get<bool>(v); };
    return s;
}

template <class Owner>
Setting<Owner> textSetting(std::string key, std::string label, std::string Owner::*member, bool multiline,
                           std::string help, SettingKind kind = SettingKind::Text) {
    Setting<Owner> s;
    s.key = std::move(key), s.label = std::move(label), s.help = std::move(help);
    s.kind = kind, s.multiline = multiline;
    say(s);
    s.get = [member](const Owner& o) { return SettingValue(o.*member); };
    s.set = [member](Owner& o, const SettingValue& v) { o.*member = std::get<std::string>(v); };
    return s;
}

template <class Owner>
Setting<Owner> colourSetting(std::string key, std::string label, Rgb Owner::*member, std::string help) {
    Setting<Owner> s;
    s.key = std::move(key), s.label = std::move(label), s.help = std::move(help);
    s.kind = SettingKind::Colour;
    say(s);
    s.get = [member](const Owner& o) { return SettingValue(toText(o.*member)); };
    s.set = [member](Owner& o, const SettingValue& v) { o.*member = *parseColour(std::get<std::string>(v)); };
    return s;
}

/// The enumerators of `Enum` must count up from 0 in the order of `choices`.
template <class Owner, class Enum>
Setting<Owner> choiceSetting(std::string key, std::string label, Enum Owner::*member,
                             std::vector<SettingChoice> choices, std::string help) {
    static_assert(std::is_enum_v<Enum>);
    Setting<Owner> s;
    s.key = std::move(key), s.label = std::move(label), s.help = std::move(help);
    s.kind = SettingKind::Choice, s.choices = choices;
    say(s);
    s.get = [member, choices](const Owner& o) {
        return SettingValue(choices.at(static_cast<std::size_t>(o.*member)).key);
    };
    s.set = [member, choices](Owner& o, const SettingValue& v) {
        for (std::size_t i = 0; i < choices.size(); ++i)
            if (choices[i].key == std::get<std::string>(v))
                o.*member = static_cast<Enum>(i);
    };
    return s;
}

} // namespace keepseal
