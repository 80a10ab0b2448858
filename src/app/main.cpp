// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window's program: words from the command line, the theme, and one window.
#include "shell/main_window.h"
#include "shell/tour.h"
#include "tasks/latest_task.h"

#include "base/files.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "cage/cage.h"
#include "delivery/json.h"
#include "picture/develop.h"
#include "widgets/markup.h"

#include <QApplication>
#include <QCommandLineParser>

#include <csignal>
#include <iostream>

using namespace keepseal;
using namespace keepseal::app;

namespace {

int start(QApplication& app) {
    QCommandLineParser parser;
    parser.setApplicationDescription("Sealed, rights-labelled copies of pictures that tell no place.");
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument("paths", "Pictures and folders to open.", "[paths...]");
    parser.addOption({{"d", "delivery"}, "Open this delivery file; may be given several times.", "file"});
    parser.addOption({"job", "Open this job file.", "file"});
    parser.addOption({"who", "A file that says who you are, for this window alone.", "file"});
    parser.addOption({{"o", "out"}, "Folder for the copies of the deliveries given.", "folder"});
    parser.addOption(
        {"run-demo", "Stamp what was opened through the window, save its picture and quit.", "png"});
    parser.addOption({"screenshots", "Save a picture of each main view and quit.", "folder"});
    parser.process(app);

    secureOwnFolders();
    startPictureEngine("keep-seal");
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    MainWindow window;
    window.resize(1280, 800);
    LatestTask<std::string> locks([&window](const TaskOutcome<std::string>& missing) {
        if (missing.result && !missing.result->empty())
            window.showNotice(toQt(*missing.result));
    });
    locks.start([](const std::atomic<bool>&) { return cage::whatIsMissing(); });
    const bool driven = parser.isSet("run-demo") || parser.isSet("screenshots");
    if (!driven)
        window.restoreState();
    if (parser.isSet("who"))
        window.document().startWithWho(
            whoFromJson(readJsonFile(toPath(parser.value("who"))), parser.value("who").toStdString()));
    std::vector<DeliveryItem> given;
    for (const auto& file : parser.values("delivery")) {
        given.push_back({loadDelivery(toPath(file)), true, toPath(file), nullptr, 0});
        given.back().kept = std::make_shared<const Delivery>(given.back().delivery);
        if (parser.isSet("out"))
            given.back().delivery.place.folder = parser.value("out").toStdString();
    }
    if (!given.empty())
        window.document().load(std::move(given), {});
    std::vector<std::filesystem::path> paths;
    for (const auto& path : parser.positionalArguments())
        paths.push_back(toPath(path));
    window.show();
    const bool all = parser.isSet("job") || parser.isSet("delivery");
    if (!driven)
        window.session().begin(all             ? JobSession::Given::All
                               : paths.empty() ? JobSession::Given::Nothing
                                               : JobSession::Given::Files);
    if (parser.isSet("job"))
        window.session().open(toPath(parser.value("job")));
    window.open(paths);
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
