// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The language a person reads. English stands in the sources, and is the key of its translations; files,
// ledgers and what other programs read (--json, schemas) are written in it whatever a person speaks.
#pragma once

#include <cstddef>
#include <cstdint>
#include <map>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

namespace keepseal {

/// The words of one language. Asked from any thread, many at a time.
class Catalogue {
public:
    virtual ~Catalogue() = default;
    /// UTF-8; empty for what has no translation. `count`: of how many the sentence speaks; below 0: of no
    /// number.
    virtual std::string find(const char* english, long count) const = 0;
    /// What stands between whole numbers and decimals: "," in German.
    virtual std::string decimalMark() const = 0;
    virtual std::string tag() const = 0; ///< BCP 47: "de"
    virtual bool readFromTheRight() const = 0;
};

/// Once, before anything is shown and before other threads run: tables of settings are filled in the language
/// spoken when they are first asked for. Nothing: English.
void speak(std::unique_ptr<const Catalogue> catalogue);
bool speaksEnglish();
std::string spokenLanguage(); ///< BCP 47: "en"
bool isReadFromTheRight();

/// `english` in the language spoken; itself where there is no translation.
std::string said(std::string_view english);
/// Marks words that are said elsewhere, so that scripts/languages finds them.
constexpr const char* toSay(const char* english) {
    return english;
}
/// The same for one with {n}, which saidOf() is given for one as for many.
constexpr const char* toSayOf(const char* english) {
    return english;
}
/// A whole sentence with a number in it: {n}, which picks one of the language's plural forms. Other {names}
/// by `values`, as in Saying.
std::string saidOf(std::size_t count, const char* one, const char* many,
                   std::map<std::string, std::string> values = {});
/// Each {name} of the pattern by its value; "{{" is a brace. A name that is not there becomes "?".
std::string filledIn(std::string_view pattern, const std::map<std::string, std::string>& values);
/// A number with at most that many decimals, as people of the language write it.
std::string shownNumber(double value, int decimals);
/// What saidValue() takes for words of ours.
bool areOurWords(std::string_view name);
/// byteText() as people of the language write it.
std::string shownBytes(std::uint64_t bytes);
/// A value within a sentence: a number, and one with its unit, as people write them ("2.5 km.jpg" is a name,
/// and stays). Under the names that are kept for them ("what", "where", "kinds" and a few more) values are
/// words of ours, alone or in a list, and are translated; under any other name they may be a person's own,
/// and stay.
std::string saidValue(const std::string& name, const std::string& value);

/// A sentence that is made where something happens, is kept in English, and is read in the language of a
/// person.
class Saying {
public:
    Saying() = default;
    Saying(std::string english) : m_english(std::move(english)) {}
    Saying(const char* english) : m_english(english) {}
    /// A pattern with {names}, and what stands for them: see saidValue().
    Saying(std::string pattern, std::map<std::string, std::string> values);

    const std::string& english() const { return m_english; }
    std::string said() const;
    bool empty() const { return m_english.empty(); }
    /// Empty for a sentence without values.
    const std::string& pattern() const { return m_pattern; }
    const std::map<std::string, std::string>& values() const { return m_values; }
    operator const std::string&() const { return m_english; }
    bool operator==(const Saying& other) const { return m_english == other.m_english; }

private:
    std::string m_english, m_pattern;
    std::map<std::string, std::string> m_values;
};
/// What is said of several things at once: "a, b".
std::string saidTogether(const std::vector<std::string>& words);

inline std::string operator+(std::string left, const Saying& right) {
    return std::move(left) + right.english();
}
inline std::string operator+(const Saying& left, const std::string& right) {
    return left.english() + right;
}

} // namespace keepseal
