// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A tour through the real window without a person: for the demo on a machine without a display, and for the
// pictures of the documentation. Not part of the program.
#include "tour/tour.h"

#include "base/problem.h"
#include "picture/develop.h"
#include "shell/given.h"
#include "theme/theme.h"

#include <QApplication>

#include <iostream>

using namespace keepseal;
using namespace keepseal::app;

namespace {

int tour(QApplication& app) {
    QCommandLineParser parser;
    parser.setApplicationDescription("Drives Keep Seal's window through its views.");
    parser.addHelpOption();
    addGivenOptions(parser);
    parser.addOption({"run-demo", "Stamp what was opened, and save the window's picture.", "png"});
    parser.addOption({"wall", "Save a picture of the wall.", "png"});
    parser.addOption({"screenshots", "Save a picture of each main view.", "folder"});
    parser.addOption(
        {"servers", "What the stand-in servers said of themselves, for a picture of the outbox.", "file"});
    parser.process(app);
    startPictureEngine("keep-seal-tour");
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    MainWindow window;
    window.resize(1280, 800);
    openGiven(window, parser);
    window.show();
    window.open(wholePaths(parser.positionalArguments()));
    if (parser.isSet("run-demo"))
        return runDemo(window, parser.value("run-demo"));
    if (parser.isSet("wall"))
        return takeWall(window, parser.value("wall"));
    if (parser.isSet("screenshots"))
        return takeScreenshots(window, parser.value("screenshots"), parser.value("servers"));
    parser.showHelp(2);
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    try {
        beginProgram(app);
        return tour(app);
    } catch (const Problem& problem) {
        std::cerr << "keep-seal-tour: " << problem.sentence() << "\n";
        return 2;
    }
}
