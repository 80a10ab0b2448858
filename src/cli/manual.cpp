// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/manual.h"

#include "base/language.h"
#include "cli/self.h"

namespace keepseal::cli {
namespace {

/// Hyphens and backslashes as troff wants them, and no line that troff would take for a request.
std::string troff(const std::string& text) {
    std::string out;
    for (const char c : text)
        out += c == '-' ? std::string("\\-") : c == '\\' ? std::string("\\e") : std::string(1, c);
    return out.starts_with(".") || out.starts_with("'") ? "\\&" + out : out;
}

std::string section(const std::string& heading) {
    return ".SH " + troff(heading) + "\n";
}
std::string paragraph(const std::string& text) {
    return troff(text) + "\n";
}

/// `head` in the font's `face` (B: typed as it stands; I: a file), `text` indented under it.
std::string entry(const char* face, const std::string& head, const std::string& text) {
    return std::string(".TP\n.") + face + " " + troff(head) + "\n" + (text.empty() ? "" : paragraph(text));
}

/// `name` as it is called, `words` after it, and what it does in one line.
std::string head(const std::string& name, const std::string& what, const std::string& words) {
    auto upper = name;
    for (auto& c : upper)
        c = c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c;
    return ".TH " + upper + " 1 \"\" \"Keep Seal " KEEPSEAL_VERSION "\"\n.SH NAME\n" + troff(name) + " \\- " +
           paragraph(what) + section(said("SYNOPSIS")) + ".B " + troff(name) + "\n" + words + "\n" +
           section(said("DESCRIPTION"));
}

std::string optionHead(const CLI::Option& option) {
    std::string out;
    for (const auto& name : option.get_snames())
        out += (out.empty() ? "" : ", ") + ("-" + name);
    for (const auto& name : option.get_lnames())
        out += (out.empty() ? "" : ", ") + ("--" + name);
    if (out.empty())
        out = option.get_name(true);
    return option.get_items_expected_max() > 0 && !option.get_lnames().empty() ? out + " VALUE" : out;
}

void addCommand(std::string& page, const CLI::App& command, const std::string& name) {
    page += ".SS " + troff(name) + "\n" + troff(command.get_description()) + ".\n";
    for (const auto* option : listedOptions(command))
        if (option->get_lnames() != std::vector<std::string>{"help"})
            page += entry("B", optionHead(*option), option->get_description());
    for (const auto* inner : listedCommands(command))
        addCommand(page, *inner, name + " " + inner->get_name());
}

} // namespace

std::string manualPage(const CLI::App& app) {
    auto page =
        head("keep-seal-cli", said("make sealed, rights-labelled copies of pictures that tell no place"),
             "\\fICOMMAND\\fR [\\fIOPTION\\fR]... [\\fIPATH\\fR]...");
    page += paragraph(said(
        "Originals are opened for reading only and fingerprinted before and after the run. Each copy is "
        "written under a name of its own, read back and searched, and only then given its final name. A copy "
        "that would lack something its delivery promises is held back and says why. Nothing is replaced but, "
        "where a delivery says so, an earlier copy of Keep Seal's own of the same picture, unchanged "
        "since."));
    page += ".PP\n";
    page += paragraph(
        said("Results go to standard output. Problems, files that are no pictures, and progress go to "
             "standard error; progress is shown on a terminal only. With -q a run prints only what is "
             "held back or failed."));
    page += section(said("COMMANDS"));
    for (const auto* command : listedCommands(app))
        addCommand(page, *command, command->get_name());
    page += section(said("EXIT STATUS"));
    page += entry("B", "0", said("All done."));
    page += entry("B", "1", said("Some pictures had problems, were held back, or nothing usable was named."));
    page += entry("B", "2", said("The call or a delivery is wrong; nothing was written."));
    page += entry("B", "3", said("Stopped by the user."));
    page += ".PP\n";
    page += paragraph(
        Saying("'{command}' ends with the status that the run would end with, as far as it is known "
               "without pixels.",
               {{"command", "plan"}})
            .said());
    page += section(said("FILES"));
    page += entry(
        "I", "~/.local/state/keep-seal/ledgers/",
        said("One ledger for each run: originals with their fingerprints before and after, copies, notes. "
             "While a run goes on, its journal."));
    page += entry("I", "~/.config/keep-seal/who-you-are.json", said("What {studio} and its like stand for."));
    page += section(said("EXAMPLE")) + ".nf\n";
    for (const auto* line : {"keep-seal-cli who --set studio='Your Studio'",
                             "keep-seal-cli plan -d \"Web gallery\" -o copies pictures/",
                             "keep-seal-cli stamp -d \"Web gallery\" -o copies pictures/"})
        page += paragraph(line);
    return page + ".fi\n" + section(said("SEE ALSO")) + ".BR keep\\-seal (1)\n";
}

std::string manualPageOfWindow() {
    auto page = head("keep-seal", said("seal, label and deliver copies of photographs"),
                     "[\\fIOPTION\\fR]... [\\fIPATH\\fR]...");
    page += paragraph(said(
        "Opens the window with these pictures, folders, jobs and deliveries. Where a window is open already "
        "they go to that one. Seals, borders, rights and sizes are designed once and seen on every picture "
        "as "
        "the copy it will become; one button makes all copies. Originals are opened for reading only."));
    page += section(said("OPTIONS"));
    page += entry("I", "PATH", said("Pictures, folders, jobs and deliveries to open"));
    page += entry("B", "-d, --delivery FILE", said("Open this delivery; may be given several times"));
    page += entry("B", "--job FILE", said("Open this job, in a window of its own"));
    page += entry("B", "--new-window", said("Start apart from the window that is open already"));
    page += entry("B", "--who FILE", said("A file that says who you are, for this window alone"));
    page += entry("B", "-o, --out FOLDER", said("Folder for the copies of the deliveries given"));
    page += entry("B", "-h, --help", said("What can be given, and nothing else"));
    page += entry("B", "-v, --version", said("Which version this is, and nothing else"));
    page += section(said("FILES"));
    page += entry("I", "~/.config/keep-seal",
                  said("The deliveries of last time, who you are, the look of the window"));
    page += entry("I", "~/.local/share/keep-seal",
                  said("Your libraries of seals, borders, rights sheets and deliveries"));
    page += entry("I", "~/.local/state/keep-seal",
                  said("Kept jobs, the ledgers of all runs, the register, the outbox"));
    return page + section(said("SEE ALSO")) + ".BR keep\\-seal\\-cli (1)\n";
}

} // namespace keepseal::cli
