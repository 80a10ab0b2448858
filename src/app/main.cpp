// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's program: words from the command line, the theme, and one window.
#include "session/leaving.h"
#include "session/one_program.h"
#include "shell/main_window.h"
#include "shell/tour.h"
#include "tasks/latest_task.h"

#include "base/files.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "cage/cage.h"
#include "delivery/json.h"
#include "picture/develop.h"
#include "widgets/field_keys.h"
#include "widgets/markup.h"

#include <QApplication>
#include <QCommandLineParser>

#include <csignal>
#include <iostream>

using namespace keepseal;
using namespace keepseal::app;

namespace {

std::vector<std::filesystem::path> absolute(const QStringList& words) {
    std::vector<std::filesystem::path> out;
    for (const auto& word : words)
        out.push_back(std::filesystem::absolute(toPath(word)));
    return out;
}

std::vector<std::filesystem::path> pathsIn(const QCommandLineParser& parser) {
    return absolute(parser.positionalArguments());
}

/// All that is to be opened, deliveries first.
std::vector<std::filesystem::path> filesIn(const QCommandLineParser& parser) {
    return absolute(parser.values("delivery") + parser.positionalArguments());
}

JobSession::Given givenBy(const QCommandLineParser& parser) {
    return parser.isSet("job") || parser.isSet("delivery") ? JobSession::Given::All
           : parser.positionalArguments().isEmpty()        ? JobSession::Given::Nothing
                                                           : JobSession::Given::Files;
}

/// Deliveries and who you are, as the command line says. Throws Problem.
void openGiven(MainWindow& window, const QCommandLineParser& parser) {
    if (parser.isSet("who"))
        window.document().startWithWho(
            whoFromJson(readJsonFile(toPath(parser.value("who"))), parser.value("who").toStdString()));
    std::vector<DeliveryItem> given;
    for (const auto& file : absolute(parser.values("delivery"))) {
        given.push_back({loadDelivery(file), true, file, nullptr, 0});
        given.back().kept = std::make_shared<const Delivery>(given.back().delivery);
        if (parser.isSet("out"))
            given.back().delivery.place.folder = parser.value("out").toStdString();
    }
    if (!given.empty())
        window.document().load(std::move(given), {});
}

/// What is handed over later is opened where the person works; the first time it may be what the desktop
/// started the program for.
void listen(OneProgram& program, MainWindow& window, bool waitsForFirst) {
    QObject::connect(&program, &OneProgram::handed, &window,
                     [&window, waitsForFirst](const std::vector<std::filesystem::path>& files) mutable {
                         if (std::exchange(waitsForFirst, false))
                             window.session().begin(files.empty() ? JobSession::Given::Nothing
                                                                  : JobSession::Given::Files);
                         window.takeHanded(files);
                     });
}

int start(QApplication& app) {
    QCommandLineParser parser;
    parser.setApplicationDescription("Sealed, rights-labelled copies of pictures that tell no place.");
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument("paths", "Pictures and folders to open.", "[paths...]");
    parser.addOption({{"d", "delivery"}, "Open this delivery file; may be given several times.", "file"});
    parser.addOption({"job", "Open this job file, in a window of its own.", "file"});
    parser.addOption({"new-window", "Start apart from the window that is open already."});
    QCommandLineOption activated("activated", "Started by the desktop, which says what to open.");
    activated.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOption(activated);
    parser.addOption({"who", "A file that says who you are, for this window alone.", "file"});
    parser.addOption({{"o", "out"}, "Folder for the copies of the deliveries given.", "folder"});
    parser.addOption(
        {"run-demo", "Stamp what was opened through the window, save its picture and quit.", "png"});
    parser.addOption({"screenshots", "Save a picture of each main view and quit.", "folder"});
    parser.process(app);

    const bool driven = parser.isSet("run-demo") || parser.isSet("screenshots");
    const bool apart = driven || parser.isSet("new-window") || parser.isSet("job") || parser.isSet("who") ||
                       parser.isSet("out");
    secureOwnFolders();
    if (!apart && !parser.isSet("activated") && handOver(filesIn(parser)))
        return 0;
    startPictureEngine("keep-seal");
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    MainWindow window;
    window.resize(1280, 800);
    LatestTask<std::string> locks([&window](const TaskOutcome<std::string>& missing) {
        if (missing.result && !missing.result->empty())
            window.showNotice(toQt(*missing.result));
    });
    locks.start([](const std::atomic<bool>&) { return cage::whatIsMissing(); });
    if (!driven)
        window.restoreState();
    openGiven(window, parser);
    std::optional<OneProgram> program;
    if (!driven && !parser.isSet("new-window"))
        listen(program.emplace(), window, parser.isSet("activated"));
    Leaving leaving;
    QObject::connect(&leaving, &Leaving::asked, &window, [&window] {
        window.close();
        QApplication::quit();
    });
    QObject::connect(&app, &QGuiApplication::commitDataRequest, &window,
                     [&window] { window.session().keepNow(); });
    if (parser.isSet("activated")) // the desktop says now what to open
        return QApplication::exec();
    window.show();
    if (!driven)
        window.session().begin(givenBy(parser));
    if (parser.isSet("job"))
        window.session().open(toPath(parser.value("job")));
    window.open(pathsIn(parser));
    if (parser.isSet("run-demo"))
        return runDemo(window, parser.value("run-demo"));
    if (parser.isSet("screenshots"))
        return takeScreenshots(window, parser.value("screenshots"));
    return QApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
    holdStandardStreams();
    ::signal(SIGXFSZ, SIG_IGN); // a file that may not grow is a problem of that copy, not the end
    QApplication app(argc, argv);
    plainLabels(app);
    keepKeysInFields(app);
    QApplication::setApplicationName("keep-seal");
    QApplication::setApplicationDisplayName("Keep Seal");
    QApplication::setApplicationVersion(KEEPSEAL_VERSION);
    QApplication::setDesktopFileName("org.example.KeepSeal");
    try {
        loadTypeface();
        return start(app);
    } catch (const Problem& problem) {
        std::cerr << "keep-seal: " << problem.sentence() << "\n";
        return 2;
    }
}
