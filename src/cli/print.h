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

#include <filesystem>
#include <iostream>

namespace keepseal::cli {

inline std::string shown(const std::string& text) {
    return shownInTerminal(cutUtf8(text, 4096));
}
inline std::string shown(const std::filesystem::path& path) {
    return shown(path.string());
}

inline void printProblem(const Problem& problem) {
    std::cerr << "problem: " << shown(problem.sentence()) << "\n";
}
inline void printProblems(const std::vector<Problem>& problems) {
    for (const auto& problem : problems)
        printProblem(problem);
}

/// A line each; what holds a copy back first, with its remedy.
inline void printNotes(std::ostream& out, const Notes& notes) {
    static constexpr const char* words[] = {"note: ", "look: ", "HELD BACK: "};
    for (const auto severity : {Severity::HoldsBack, Severity::WorthALook, Severity::Fact})
        for (const auto& note : notes)
            if (severityOf(note) == severity)
                out << "    " << words[static_cast<int>(severity)]
                    << shown(severity == Severity::HoldsBack ? wholeSentenceOf(note) : sentenceOf(note))
                    << "\n";
}

} // namespace keepseal::cli
