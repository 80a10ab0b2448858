// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What goes to a terminal. Results go to standard output; problems, notes about what was not used, and
// progress go to the error channel. Names from files are made safe first: no control character reaches the
// terminal.
#pragma once

#include "base/note.h"
#include "base/problem.h"
#include "base/safe_text.h"
#include "base/text.h"

#include <algorithm>
#include <filesystem>
#include <iostream>

namespace keepseal::cli {

inline std::string shown(const std::string& text) {
    return shownInTerminal(cutUtf8(text, 4096));
}
inline std::string shown(const std::filesystem::path& path) {
    return shown(path.string());
}

/// What the program says of itself, where other programs' words may stand beside it.
inline void complain(const std::string& sentence) {
    std::cerr << "keep-seal-cli: " << shown(sentence) << "\n";
}
/// With spaces to so many characters at least.
inline std::string padded(std::string text, std::size_t characters) {
    const auto length = static_cast<std::size_t>(std::count_if(
        text.begin(), text.end(), [](char c) { return (static_cast<unsigned char>(c) & 0xC0) != 0x80; }));
    return text.append(characters > length ? characters - length : 1, ' ');
}
inline std::string asText(std::size_t number) {
    return std::to_string(number);
}

inline void printProblem(const Problem& problem) {
    std::cerr << Saying("problem: {sentence}", {{"sentence", shown(problem.sentence())}}).said() << "\n";
}
inline void printProblems(const std::vector<Problem>& problems) {
    for (const auto& problem : problems)
        printProblem(problem);
}

/// A line each; what holds a copy back first, with its remedy.
inline void printNotes(std::ostream& out, const Notes& notes) {
    static constexpr const char* words[] = {toSay("note: {sentence}"), toSay("look: {sentence}"),
                                            toSay("HELD BACK: {sentence}")};
    for (const auto severity : {Severity::HoldsBack, Severity::WorthALook, Severity::Fact})
        for (const auto& note : notes)
            if (severityOf(note) == severity)
                out << "    "
                    << Saying(words[static_cast<int>(severity)],
                              {{"sentence", shown(severity == Severity::HoldsBack ? wholeSentenceOf(note)
                                                                                  : sentenceOf(note))}})
                           .said()
                    << "\n";
}

} // namespace keepseal::cli
