// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's program: words from the command line, the theme, and one window.
#include "session/leaving.h"
#include "session/one_program.h"
#include "shell/given.h"
#include "shell/main_window.h"
#include "tasks/latest_task.h"

#include "base/files.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "cage/cage.h"
#include "delivery/json.h"
#include "picture/develop.h"

#include <QApplication>
#include <QCommandLineParser>

#include <csignal>
#include <iostream>

using namespace keepseal;
using namespace keepseal::app;

namespace {

std::vector<std::filesystem::path> pathsIn(const QCommandLineParser& parser) {
    return wholePaths(parser.positionalArguments());
}

/// All that is to be opened, deliveries first.
std::vector<std::filesystem::path> filesIn(const QCommandLineParser& parser) {
    return wholePaths(parser.values("delivery") + parser.positionalArguments());
}

JobSession::Given givenBy(const QCommandLineParser& parser) {
    return parser.isSet("job") || parser.isSet("delivery") ? JobSession::Given::All
           : parser.positionalArguments().isEmpty()        ? JobSession::Given::Nothing
                                                           : JobSession::Given::Files;
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
    parser.setApplicationDescription(toQt(said("seal, label and deliver copies of photographs")));
    parser.addHelpOption();
    parser.addVersionOption();
    addGivenOptions(parser);
    parser.addOption({"job", toQt(said("Open this job, in a window of its own")), "file"});
    parser.addOption({"new-window", toQt(said("Start apart from the window that is open already"))});
    QCommandLineOption activated("activated", "Started by the desktop, which says what to open.");
    activated.setFlags(QCommandLineOption::HiddenFromHelp);
    parser.addOption(activated);
    parser.process(app);

    const bool apart =
        parser.isSet("new-window") || parser.isSet("job") || parser.isSet("who") || parser.isSet("out");
    secureOwnFolders();
    if (!apart && !parser.isSet("activated") && handOver(filesIn(parser)))
        return 0;
    startPictureEngine("keep-seal");
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    MainWindow window;
    LatestTask<std::string> locks([&window](const TaskOutcome<std::string>& missing) {
        if (missing.result && !missing.result->empty())
            window.showNotice(toQt(*missing.result));
    });
    locks.start([](const std::atomic<bool>&) { return cage::whatIsMissing(); });
    window.restoreState();
    openGiven(window, parser);
    std::optional<OneProgram> program;
    if (!parser.isSet("new-window"))
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
    window.session().begin(givenBy(parser));
    if (parser.isSet("job"))
        window.session().open(toPath(parser.value("job")));
    window.open(pathsIn(parser));
    return QApplication::exec();
}

} // namespace

int main(int argc, char** argv) {
    holdStandardStreams();
    ::signal(SIGXFSZ, SIG_IGN); // a file that may not grow is a problem of that copy, not the end
    QApplication app(argc, argv);
    QApplication::setDesktopFileName("org.example.KeepSeal");
    try {
        beginProgram(app);
        return start(app);
    } catch (const Problem& problem) {
        std::cerr << "keep-seal: " << problem.sentence() << "\n";
        return 2;
    }
}
