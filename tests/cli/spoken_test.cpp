// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The commands in the language of the person who types them, and in English to programs.
#include "support/support.h"

#include "languages/wished.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

#include <regex>
#include <sstream>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::AllOf;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

constexpr const char* kArabic = "ar_EG.UTF-8";
constexpr const char* kGerman = "de_DE.UTF-8";

Ran cliIn(const char* locale, std::vector<std::string> words) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    return runProgram(words, {{"LC_ALL", locale}});
}

std::string keyIn(const std::map<std::string, std::string>& environment) {
    std::map<std::string, std::string> before;
    for (const char* name : {"LC_ALL", "LC_MESSAGES", "LANG", "LANGUAGE"}) {
        if (const char* value = ::getenv(name))
            before[name] = value;
        const auto set = environment.find(name);
        set == environment.end() ? ::unsetenv(name) : ::setenv(name, set->second.c_str(), 1);
    }
    auto out = languages::keyOfEnvironment();
    for (const char* name : {"LC_ALL", "LC_MESSAGES", "LANG", "LANGUAGE"})
        before.contains(name) ? ::setenv(name, before[name].c_str(), 1) : ::unsetenv(name);
    return out;
}

bool hasArabic(const std::string& text) {
    return std::any_of(text.begin(), text.end(),
                       [](char c) { return (static_cast<unsigned char>(c) & 0xFC) == 0xD8; });
}

/// Two words, and not only one that is typed.
bool hasWords(const std::string& text) {
    std::istringstream words(text);
    int found = 0;
    for (std::string word; words >> word;)
        found += word.size() > 1 && std::isalpha(static_cast<unsigned char>(word[0])) != 0;
    return found > 1;
}

/// Lines of a page of help that are said in English: examples and the names of options apart.
std::vector<std::string> untranslated(const std::string& page) {
    std::vector<std::string> out;
    std::istringstream lines(page);
    for (std::string line; std::getline(lines, line);) {
        const auto begin = line.find_first_not_of(' ');
        if (begin == std::string::npos || line.find("keep-seal-cli") != std::string::npos || hasArabic(line))
            continue;
        const auto behind = line.find("  ", begin);
        const bool named = line[begin] == '-';
        if (hasWords(behind != std::string::npos ? line.substr(behind) : named ? std::string() : line))
            out.push_back(line);
    }
    return out;
}

/// Names of the commands that an English page of help lists.
std::vector<std::string> commandsOn(const std::string& page) {
    std::vector<std::string> out;
    const auto begin = page.find("\nSubcommands:");
    std::istringstream lines(begin == std::string::npos
                                 ? std::string()
                                 : page.substr(begin + 1, page.find("\n\n", begin) - begin));
    std::smatch found;
    for (std::string line; std::getline(lines, line);)
        if (std::regex_match(line, found, std::regex("  ([a-z-]+) +\\S.*")))
            out.push_back(found[1]);
    return out;
}

} // namespace

TEST(Spoken, TheLanguageIsTheOneOfTheSystemsMessages) {
    EXPECT_EQ(keyIn({}), "en");
    EXPECT_EQ(keyIn({{"LANG", "de_AT.UTF-8"}}), "de");
    EXPECT_EQ(keyIn({{"LANG", "de_DE.UTF-8"}, {"LC_MESSAGES", "ar_EG.UTF-8"}}), "ar");
    EXPECT_EQ(keyIn({{"LANG", "de_DE.UTF-8"}, {"LC_ALL", "C"}}), "en");
    EXPECT_EQ(keyIn({{"LANG", "C"}, {"LANGUAGE", "de"}}), "en"); // as gettext has it
    EXPECT_EQ(keyIn({{"LANG", "C.UTF-8"}, {"LANGUAGE", "de"}}), "de");
    EXPECT_EQ(keyIn({{"LANG", "de_DE.UTF-8"}, {"LANGUAGE", "xx:ar:de"}}), "ar");
    EXPECT_EQ(keyIn({{"LANG", "de_DE.UTF-8"}, {"LANGUAGE", "en_GB:de"}}), "en");
    EXPECT_EQ(keyIn({{"LANG", "deX_DE.UTF-8"}}), "en"); // begins alike, is another
    EXPECT_EQ(keyIn({{"LANG", "zz_ZZ.UTF-8"}}), "en");
}

TEST(Spoken, EveryPageOfHelpIsTranslated) {
    const auto commands = commandsOn(cli({"--help"}).out);
    ASSERT_GT(commands.size(), 15U);
    EXPECT_GT(untranslated(cli({"--help"}).out).size(), commands.size()); // English is seen where it stands
    EXPECT_EQ(untranslated(cliIn(kArabic, {"--help"}).out), std::vector<std::string>());
    for (const auto& command : commands) {
        const auto page = cliIn(kArabic, {command, "--help"}).out;
        EXPECT_EQ(untranslated(page), std::vector<std::string>()) << command;
        EXPECT_TRUE(hasArabic(page)) << command;
        for (const auto& inner : commandsOn(cli({command, "--help"}).out))
            EXPECT_EQ(untranslated(cliIn(kArabic, {command, inner, "--help"}).out),
                      std::vector<std::string>())
                << command << " " << inner;
    }
    // The page that is kept is the one that the commands print.
    EXPECT_EQ(cliIn(kArabic, {"stamp", "--help"}).out, cliIn(kArabic, {"stamp", "--quiet", "--help"}).out);
    EXPECT_THAT(cliIn(kGerman, {"stamp", "--help"}).out,
                AllOf(HasSubstr("Die Kopien machen"), HasSubstr("--deliver-all-the-same"),
                      HasSubstr("--workers ZAHL von 1 bis 256")));
    EXPECT_THAT(cli({"stamp", "--help"}).out, HasSubstr("--workers NUMBER from 1 to 256\n"));
}

TEST(Spoken, ManualPagesAreTheSameInEveryLanguage) {
    /// Requests of troff but headings, and what is typed as it stands.
    const auto frameOf = [](const std::string& page) {
        std::string out;
        std::istringstream lines(page);
        for (std::string line; std::getline(lines, line);)
            if (line.starts_with("."))
                out += line.substr(0, line.starts_with(".SH") ? 3 : line.size()) + "\n";
        return out;
    };
    for (const auto* which : {"--manual", "--manual-of-window"}) {
        const auto english = cli({"settings", which}).out;
        ASSERT_GT(english.size(), 1000U) << which;
        for (const auto* language : {kArabic, kGerman})
            EXPECT_EQ(frameOf(cliIn(language, {"settings", which}).out), frameOf(english)) << which;
        std::istringstream lines(cliIn(kArabic, {"settings", which}).out);
        for (std::string line; std::getline(lines, line);)
            EXPECT_TRUE(line.starts_with(".") || line.find("\\fIOPTION") != std::string::npos ||
                        line.find("keep\\-seal\\-cli ") == 0 || hasArabic(line))
                << line;
    }
    EXPECT_THAT(cliIn(kGerman, {"settings", "--manual"}).out,
                AllOf(HasSubstr("Die Kopien machen.\n"), HasSubstr(".SH DATEIEN\n")));
}

TEST(Spoken, WhatIsAllowedIsToldInTheLanguageOfThePerson) {
    const std::pair<const char*, const char*> calls[] = {
        {"fit.long_side=many", "Erlaubt: eine ganze Zahl von 16 bis 30000 px"},
        {"finish.grain_size=99", "Erlaubt: eine Zahl von 1 bis 8 px"},
        {"fit.to=moon", "Erlaubt: eines von long_side, short_side"},
        {"fit.on=perhaps", "Erlaubt: wahr oder falsch"}};
    for (const auto& [setting, sentence] : calls)
        EXPECT_THAT(cliIn(kGerman, {"stamp", "-s", setting, "a.jpg"}).err,
                    AllOf(HasSubstr(sentence), Not(HasSubstr("Allowed")), Not(HasSubstr("one of"))));
}

TEST(Spoken, PeopleReadTheirLanguageAndFilesStayEnglish) {
    const TempFolder folder;
    makePicture(folder / "in/reed.jpg", 900, 600);
    std::string ledgers[2];
    for (const bool german : {false, true}) {
        const auto ran = cliIn(german ? kGerman : "C.UTF-8",
                               {"stamp", "-d", german ? "Webgalerie" : "Web gallery", "-s",
                                "seal.text=Studio", "-o", folder / (german ? "de" : "en"), folder / "in"});
        EXPECT_EQ(ran.exitCode, 0) << ran.err;
        EXPECT_THAT(ran.out, HasSubstr(german ? "Fertig: 1 Kopie gemacht." : "Done: 1 copy made."));
        EXPECT_THAT(ran.out, HasSubstr(german ? "1 von 1 Byte für Byte" : "1 of 1 byte for byte"));
        std::smatch ledger;
        ASSERT_TRUE(std::regex_search(ran.out, ledger, std::regex("(?:Protokoll|Ledger): (.*\\.json)")));
        const auto rows = json::parse(readText(ledger[1].str()))["rows"];
        ASSERT_EQ(rows.size(), 1U);
        ledgers[german] = rows[0]["delivery"].dump() + rows[0]["notes"].dump() + rows[0]["seal"].dump();
    }
    EXPECT_EQ(ledgers[0], ledgers[1]);
    EXPECT_THAT(ledgers[0], HasSubstr("Web gallery"));
}

TEST(Spoken, ProgramsReadEnglish) {
    const TempFolder folder;
    makePicture(folder / "in/reed.jpg", 900, 600);
    writeFile(folder / "in/none.jpg", "no picture");
    const std::vector<std::vector<std::string>> calls{
        {"words", "--json", folder / "in"}, {"settings", "--schema"},
        {"settings", "--markdown"},         {"settings", "--completion-for=fish"},
        {"check", "--json", folder / "in"}, {"library", "list", "--json"},
        {"library", "show", "Web gallery"}, {"border", "show", "heavy-foot"}};
    for (const auto& call : calls) {
        const auto english = cli(call);
        EXPECT_EQ(cliIn(kGerman, call).out, english.out) << call[0] << " " << call[1];
        EXPECT_FALSE(english.out.empty()) << call[0] << " " << call[1];
    }
    const std::vector<std::string> plan{"plan", "--json", "-o", folder / "out", folder / "in"};
    EXPECT_EQ(json::parse(cliIn(kGerman, plan).out)["copies"], json::parse(cli(plan).out)["copies"]);
}

TEST(Spoken, ATableOfWordsIsTakenBackInAnyLanguage) {
    const TempFolder folder;
    makePicture(folder / "in/reed.jpg", 300, 200);
    writeFile(folder / "words.csv", cliIn(kGerman, {"words", "--field", "title", folder / "in"}).out);
    EXPECT_THAT(readText(folder / "words.csv"), HasSubstr("reed.jpg"));
    EXPECT_EQ(cli({"plan", "-q", "--words", folder / "words.csv", "-s", "seal.text=S", "-o", folder / "out",
                   folder / "in"})
                  .exitCode,
              0);
}

TEST(Spoken, AWrongCallIsToldInTheLanguageOfThePerson) {
    const std::pair<std::vector<std::string>, const char*> calls[] = {
        {{"stamp", "--unknown"}, "hier nicht bekannt: --unknown"},
        {{"who", "a", "a"}, "hier nicht bekannt: a a"},
        {{}, "ein Befehl muss genannt werden"},
        {{"proof", "a.jpg"}, "--output muss angegeben werden"},
        {{"stamp", "--part", "1/2", "a.jpg"}, "--part braucht --plan"},
        {{"stamp", "a.jpg", "--out"}, "--out braucht einen Wert"},
        {{"register", "find", "--at-least", "many"}, "„many“ kann nicht der Wert von --at-least sein"},
        {{"stamp", "a.jpg", "--workers", "0"}, "--workers geht von 1 bis 256, nicht 0"},
        {{"stamp", "a.jpg", "--order", "size"}, "--order ist eines von name,taken, nicht size"},
        {{"stmp"}, "Meinten Sie „stamp“?"}};
    for (const auto& [call, sentence] : calls) {
        const auto ran = cliIn(kGerman, call);
        EXPECT_EQ(ran.exitCode, 2);
        EXPECT_THAT(ran.err, AllOf(HasSubstr(sentence), HasSubstr("--help"), Not(HasSubstr("required")),
                                   Not(HasSubstr("argument"))));
    }
}
