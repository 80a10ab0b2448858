// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// All commands of keep-seal-cli: the same work from a shell. Thin: it parses words and prints what core says.
// The program itself (front.cpp) loads them when it is asked for more than a page of help.
#include "cli/border_commands.h"
#include "cli/desktop_commands.h"
#include "cli/file_words.h"
#include "cli/library_commands.h"
#include "cli/manual.h"
#include "cli/outbox_commands.h"
#include "cli/print.h"
#include "cli/register_commands.h"
#include "cli/run_commands.h"
#include "cli/seal_commands.h"
#include "cli/self.h"
#include "cli/shelves.h"
#include "cli/spoken.h"
#include "cli/texts.h"
#include "cli/watch_command.h"
#include "cli/word_commands.h"

#include "base/built_with.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "cage/cage.h"
#include "picture/develop.h"

#include <CLI/CLI.hpp>

#include <algorithm>
#include <array>
#include <csignal>
#include <iostream>

using namespace keepseal;
using namespace keepseal::cli;

namespace {

constexpr const char* kAbout =
    "Makes sealed, rights-labelled copies of pictures. Originals are never written to; no copy tells where a "
    "picture was taken.";
constexpr const char* kFooter =
    "Try it:\n"
    "  keep-seal-cli proof marsh.jpg -o proof.png --set seal.text='(c) Studio'\n"
    "  keep-seal-cli plan  --delivery web.json --out copies pictures/\n"
    "  keep-seal-cli stamp --delivery web.json --out copies pictures/\n"
    "  keep-seal-cli check copies/*.jpg\n"
    "  keep-seal-cli seal advise pictures/   where the seal stands well\n"
    "  keep-seal-cli settings            every setting, its range and its default\n\n"
    "Exit codes: 0 all done; 1 some pictures had problems (check: a file tells a place);\n"
    "            2 the call or a delivery is wrong, nothing was written; 3 stopped by the user.";

void addDelivery(CLI::App* command, DeliveryOptions& options) {
    command
        ->add_option("-d,--delivery", options.files,
                     "A delivery file (JSON), or one of the library; may be given several times")
        ->allow_extra_args(false);
    command->add_option("--border", options.border,
                        "Put on this border instead: a border file, or one of the library");
    command->add_option("--sheet", options.sheet,
                        "Write this rights sheet instead: a sheet file, an XMP file, or one of the library");
    command->add_option("--seal", options.seal,
                        "Put on this seal instead: a seal file, or one of the library");
    command
        ->add_option("-s,--set", options.assignments,
                     "Change one setting, as in --set seal.size=6; see 'keep-seal-cli settings'")
        ->allow_extra_args(false);
    command->add_option("--who", options.who, "A file that says who you are (default: your own, see 'who')");
}

void addOutput(CLI::App* command, RunOutput& output) {
    command->add_flag("--json", output.json, "Print JSON for programs");
    command->add_flag("-q,--quiet", output.quiet, "Print problems only");
}

void addPictures(CLI::App* command, PictureOptions& options, bool required = true) {
    command->add_option("paths", options.paths, "Pictures and folders")->required(required);
    command->add_flag("-r,--recursive", options.recursive, "Look into folders inside folders too");
    command->add_option("--order", options.order, "Order of the pictures, in which {number} counts")
        ->check(CLI::IsMember({"name", "taken"}));
}

} // namespace

namespace {

int run(int argc, char** argv) {
    speakFor({argv + 1, argv + argc});
    CLI::App app(kAbout, "keep-seal-cli");
    app.formatter(pageFormatter());
    app.set_version_flag("--version", [] { return versionText(builtWith()); });
    app.footer(kFooter);
    app.require_subcommand(1);

    StampOptions stamp;
    auto* stampCommand = app.add_subcommand("stamp", "Make the copies");
    auto* planCommand = app.add_subcommand("plan", "Say which copies would be made, and write nothing");
    for (auto* command : {stampCommand, planCommand}) {
        addDelivery(command, stamp.delivery);
        addPictures(command, stamp.pictures, false);
        command->add_option("-o,--out", stamp.out, "Folder for the copies, instead of the delivery's own");
        command->add_option("--words", stamp.words, "Metadata for single pictures, from a CSV file");
        command->add_flag("--again", stamp.again,
                          "Also stamp pictures that are copies made by Keep Seal itself");
        command->add_flag_callback(
            "--strict", [&stamp] { stamp.delivery.strict = stamp.pictures.strict = true; },
            "Hold back what is worth a look; files that are no pictures fail the command");
        command
            ->add_option("--deliver-all-the-same", stamp.accepted,
                         "Deliver in spite of a note of this kind (KIND or KIND=SUBJECT), for all pictures; "
                         "see 'settings --notes'")
            ->allow_extra_args(false);
        command->add_option("--job", stamp.job,
                            "A saved job: its pictures, exceptions and ticked deliveries");
        addOutput(command, stamp.output);
    }
    planCommand->add_flag("--names-only", stamp.namesOnly,
                          "Open no picture: names and places, no sizes and warnings");
    planCommand->add_option("--save", stamp.save,
                            "Keep the plan in this file, for 'stamp --plan'; must not exist");
    stampCommand->add_option("--plan", stamp.plan,
                             "Make the copies of a saved plan, on any machine that sees the same folders");
    stampCommand
        ->add_option("--part", stamp.part,
                     "K/N: only the K-th of N parts of it, safely beside the others; again after a kill, it "
                     "goes on where it was")
        ->needs("--plan");
    stampCommand->add_flag("--notify", stamp.output.notifies,
                           "Say at the end, as a notification of the desktop, what came of it");
    planCommand->add_flag("!--no-estimate", stamp.estimate, "Make no copies in memory to estimate bytes");
    stampCommand
        ->add_option("-w,--workers", stamp.workers, "Pictures worked on at a time (default: one per core)")
        ->check(CLI::Range(1, 256));

    WatchOptions watch;
    auto* watchCommand = app.add_subcommand(
        "watch",
        "Stamp what comes into a folder, each picture once it has come to rest, until it is stopped");
    addDelivery(watchCommand, watch.stamp.delivery);
    watchCommand->add_option("folder", watch.stamp.pictures.paths, "The folder; several may be given")
        ->required();
    watchCommand->add_flag("-r,--recursive", watch.stamp.pictures.recursive, "Folders inside it too");
    watchCommand->add_option("-o,--out", watch.stamp.out,
                             "Folder for the copies, instead of the delivery's own");
    watchCommand->add_option("--quiet-for", watch.quiet, "Seconds that a file has to be at rest")
        ->check(CLI::Range(0.0, 3600.0));
    watchCommand
        ->add_option("--every", watch.every, "Seconds between two looks where the system tells nothing")
        ->check(CLI::Range(0.1, 3600.0));
    watchCommand->add_flag("--once", watch.once, "End when all that is there has been worked on");
    watchCommand->add_flag("--send", watch.sends, "Send what goes into the outbox at once");
    watchCommand->add_option("-w,--workers", watch.stamp.workers, "Pictures worked on at a time")
        ->check(CLI::Range(1, 256));
    addOutput(watchCommand, watch.stamp.output);

    ResumeOptions resume;
    auto* resumeCommand = app.add_subcommand("resume", "Go on with a run that was stopped or killed");
    resumeCommand->add_option("journal", resume.journal, "Its journal (default: the newest)");
    resumeCommand->add_flag("--list", resume.list, "Only list interrupted runs");
    resumeCommand->add_flag("--give-up", resume.giveUp, "Write its ledger as far as it came, and forget it");
    resumeCommand->add_option("-w,--workers", resume.workers, "Pictures worked on at a time")
        ->check(CLI::Range(1, 256));
    addOutput(resumeCommand, resume.output);

    ReportOptions report;
    auto* reportCommand =
        app.add_subcommand("report", "A contact sheet (PDF, HTML), a table (CSV) or a web album of a run");
    reportCommand->add_option("ledger", report.ledger, "The run's ledger");
    reportCommand->add_option("-o,--output", report.output,
                              "File ending in .pdf, .html or .csv; must not exist");
    reportCommand->add_option("--merge", report.merge,
                              "Join the ledgers of a saved plan's parts, and say what is missing");
    reportCommand->add_flag("--json", report.json, "With --merge: for other programs to read");
    reportCommand->add_option("--title", report.title, "What stands above it");
    reportCommand->add_option("--up", report.up, "Proof sheets for print instead: so many pictures a page")
        ->check(CLI::IsMember({1, 2, 4, 9}));
    reportCommand->add_option("--paper", report.paper, "Of proof sheets")
        ->check(CLI::IsMember({"a5", "a4", "a3", "letter"}));
    reportCommand->add_option("-d,--delivery", report.delivery,
                              "Only the copies of this delivery of the run");
    reportCommand->add_option("--album", report.album,
                              "A web album into this new folder: plain HTML and CSS, no script");
    reportCommand->add_option("--about", report.about, "Of an album: what stands under its title");
    reportCommand->add_flag("--downloads", report.downloads, "Of an album: the copies can be downloaded");
    reportCommand->add_flag("--unlisted", report.unlisted, "Of an album: asks search engines to pass by");
    reportCommand->add_flag("--plain", report.plain, "Proof sheets without names and lines to cut along");

    // The libraries all have the same verbs.
    struct Library {
        LibraryShelf shelf;
        CLI::App* command;
        ShelfOptions options{};
    };
    std::array<Library, 3> libraries{
        Library{deliveryShelf(), app.add_subcommand("library", "The saved deliveries")},
        Library{borderShelf(), app.add_subcommand("border", "The library of borders")},
        Library{sheetShelf(), app.add_subcommand("sheet", "The library of rights sheets")}};
    for (auto& library : libraries) {
        library.command->require_subcommand(1);
        addShelfVerbs(*library.command, library.options, library.shelf);
    }

    ProofOptions proof;
    auto* proofCommand = app.add_subcommand("proof", "Save one copy's look as a PNG");
    addDelivery(proofCommand, proof.delivery);
    proofCommand->add_option("picture", proof.picture, "The picture")->required();
    proofCommand->add_option("-o,--output", proof.output, "The PNG to write; must not exist")->required();
    proofCommand->add_option("--size", proof.size, "Pixels on the long side (default: the copy's own size)")
        ->check(CLI::Range(16, 30000));

    CheckOptions check;
    addCheckCommand(app, check);

    RegisterOptions registered;
    auto* registerCommand = addRegisterCommands(app, registered);

    OutboxOptions outbox;
    auto* outboxCommand = addOutboxCommands(app, outbox);
    DesktopOptions desktop;
    auto* cardsCommand = addCardsCommand(app, desktop);
    auto* fileManagerCommand = addFileManagerCommand(app);

    WordsOptions words;
    auto* wordsCommand = app.add_subcommand("words", "What the copies will say, as CSV");
    addDelivery(wordsCommand, words.delivery);
    addPictures(wordsCommand, words.pictures);
    wordsCommand->add_option("--field", words.fields, "A field to list; may be given several times")
        ->allow_extra_args(false);
    wordsCommand->add_flag("--json", words.json, "Print JSON for programs: before, after, rules, notes");

    SealOptions seal;
    auto* sealCommand = addSealCommands(app, seal);

    SettingsOptions settings;
    auto* settingsCommand = app.add_subcommand("settings", "List every setting of a delivery");
    settingsCommand->add_flag("--markdown", settings.markdown, "As the reference page of the documentation");
    settingsCommand->add_flag("--schema", settings.schema, "As the JSON Schema of delivery files");
    settingsCommand->add_flag("--border-schema", settings.borderSchema, "As the JSON Schema of borders");
    settingsCommand->add_flag("--sheet-schema", settings.sheetSchema, "As the JSON Schema of rights sheets");
    settingsCommand->add_flag("--fields", settings.fields,
                              "The mapping of metadata fields to XMP, Exif and IIM");
    settingsCommand->add_flag("--seal-schema", settings.sealSchema, "As the JSON Schema of seals");
    settingsCommand->add_flag("--completion", settings.completion, "Completion for bash, of all commands");
    settingsCommand->add_option("--completion-for", settings.completionFor, "The same for another shell")
        ->check(CLI::IsMember({"bash", "zsh", "fish"}));
    settingsCommand->add_flag("--manual", settings.manual, "The manual page, of all commands");
    settingsCommand->add_flag("--manual-of-window", settings.manualOfWindow)->group(""); // for the build
    settingsCommand->add_flag("--help-pages", settings.helpPages)->group("");            // for the build
    settingsCommand->add_flag("--texts", settings.texts)->group(""); // for scripts/languages
    settingsCommand->add_flag("--tokens", settings.tokens, "The tokens for texts and names");
    settingsCommand->add_flag("--notes", settings.notes, "All that can be said of a copy, by kind");
    settingsCommand->add_flag("--defaults", settings.defaults, "As a delivery file with every default");

    WhoOptions who;
    auto* whoCommand =
        app.add_subcommand("who", "Say or show who you are: what {studio} and its like stand for");
    whoCommand->add_option("-s,--set", who.assignments, "As in --set studio='Your Studio'")
        ->allow_extra_args(false);
    whoCommand->add_flag("--json", who.json, "Print JSON for programs");

    sayDescriptions(app);
    app.failure_message([](const CLI::App*, const CLI::Error& error) {
        return saidOfCall(error.what()) + "\n" + said("Run with --help for more information.") + "\n";
    });
    try {
        auto call = withFilesAsPaths(app, {argv + 1, argv + argc});
        std::reverse(call.begin(), call.end()); // as CLI11 takes them
        app.parse(std::move(call));
    } catch (const Problem& problem) {
        complain(problem.sentence());
        return kWrongCall;
    } catch (const CLI::ParseError& error) {
        const int code = app.exit(error);
        if (code != 0 && argc > 1 && app.get_subcommands().empty())
            if (const auto near = nearestCommand(app, argv[1]); !near.empty())
                std::cerr << near << "\n";
        return code == 0 ? kDone : kWrongCall;
    }
    if (!settings.completionFor.empty()) {
        std::cout << (settings.completionFor == "zsh"    ? zshCompletion(app)
                      : settings.completionFor == "fish" ? fishCompletion(app)
                                                         : bashCompletion(app));
        return kDone;
    }
    if (settings.texts) {
        std::cout << textsOfTables(descriptionsOf(app));
        return kDone;
    }
    if (settings.completion || settings.manual || settings.manualOfWindow || settings.helpPages) {
        std::cout << (settings.completion       ? bashCompletion(app)
                      : settings.manual         ? manualPage(app)
                      : settings.manualOfWindow ? manualPageOfWindow()
                                                : helpPages(app));
        return kDone;
    }
    ::signal(SIGXFSZ, SIG_IGN); // a file that may not grow is a problem of that copy, not the end
    try {
        secureOwnFolders();
        startPictureEngine("keep-seal-cli");
        const bool reads = stampCommand->parsed() || watchCommand->parsed() || resumeCommand->parsed() ||
                           app.got_subcommand("check");
        if (const auto missing = reads ? cage::whatIsMissing() : std::string(); !missing.empty())
            complain(missing);
        if (stampCommand->parsed())
            return runStamp(stamp);
        if (planCommand->parsed())
            return runPlanCommand(stamp);
        if (watchCommand->parsed())
            return runWatch(watch);
        if (resumeCommand->parsed())
            return runResume(resume);
        if (reportCommand->parsed())
            return runReport(report);
        for (auto& library : libraries)
            if (library.command->parsed())
                return runShelfVerb(*library.command, library.options, library.shelf).value_or(kWrongCall);
        if (proofCommand->parsed())
            return runProof(proof);
        if (sealCommand->parsed())
            return runSeal(*sealCommand, seal);
        if (app.got_subcommand("check"))
            return runCheck(check);
        if (registerCommand->parsed())
            return runRegister(*registerCommand, registered);
        if (outboxCommand->parsed())
            return runOutbox(*outboxCommand, outbox);
        if (cardsCommand->parsed())
            return runCards(desktop);
        if (fileManagerCommand->parsed())
            return runFileManager(*fileManagerCommand);
        if (wordsCommand->parsed())
            return runWords(words);
        if (whoCommand->parsed())
            return runWho(who);
        return runSettings(settings);
    } catch (const Problem& problem) {
        complain(problem.sentence());
        return kWrongCall;
    } catch (const std::exception& error) {
        complain(error.what());
        return kWrongCall;
    }
}

} // namespace

/// What front.cpp looks for by this name.
extern "C" [[gnu::visibility("default")]] int keepSealCommands(int argc, char** argv) {
    holdStandardStreams();
    const int code = run(argc, argv);
    std::cout.flush();
    if (std::cout)
        return code;
    complain(said("what was to be printed could not be written: the disk is full, or nobody reads"));
    return code == kDone ? kSomeProblems : code;
}
