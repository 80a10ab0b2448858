// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window with very many pictures (memory, first proofs, scrolling), and the window while a run goes on.
//   bench-many FOLDER              opens FOLDER, as bench/many_originals.py makes it
//   bench-many --run FOLDER OUT    stamps FOLDER in three deliveries into OUT, and moves in the window
//   meanwhile
#include "base/give_way.h"
#include "picture/develop.h"
#include "shell/main_window.h"
#include "tour/waiting.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QScrollBar>

#include <algorithm>
#include <cstdio>
#include <cstring>
#include <fstream>

using namespace keepseal;
using namespace keepseal::app;

namespace {

constexpr int kPatience = 1800000;

double msSince(const QElapsedTimer& timer) {
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

/// MB of this process, by a row of /proc/self/status.
double memory(const char* row) {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with(row))
            return std::strtod(line.c_str() + std::strlen(row) + 1, nullptr) / 1024;
    return 0;
}

double percentile(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values.empty() ? 0
                          : values[static_cast<std::size_t>(share * static_cast<double>(values.size() - 1))];
}

void tellFrames(const char* what, const std::vector<double>& frames) {
    std::printf("| %s | median %.1f ms, 95 %% within %.1f ms, longest %.1f ms, of %zu |\n", what,
                percentile(frames, 0.5), percentile(frames, 0.95), percentile(frames, 1), frames.size());
}

/// All that is waiting is done, and the view is painted: what a person waits for.
double frame(QWidget& view) {
    QElapsedTimer timer;
    timer.start();
    QApplication::processEvents();
    view.repaint();
    return msSince(timer);
}

void scroll(ProofWall& wall, std::vector<double>& frames, int steps) {
    auto* bar = wall.verticalScrollBar();
    for (int i = 0; i < steps; ++i) {
        bar->setValue((bar->value() + 60) % std::max(1, bar->maximum()));
        frames.push_back(frame(*wall.viewport()));
    }
}

bool anyProof(MainWindow& window, bool sharp) {
    const auto& originals = window.document().originals();
    for (std::size_t i = 0; i < std::min<std::size_t>(40, originals.size()); ++i)
        if (const auto* proof = window.views().wall().proofs().proof(originals[i].id);
            proof && (proof->sharp || !sharp))
            return true;
    return false;
}

bool atRest(MainWindow& window) {
    return window.library().known() == window.document().originals().size() &&
           window.runs().planning().current() && !window.runs().planning().busy() &&
           !window.runs().forecasting().busy() && window.views().wall().proofs().settled();
}

void manyPictures(MainWindow& window, const char* folder) {
    QElapsedTimer timer;
    const double before = memory("VmRSS");
    timer.start();
    window.open({toPath(QString::fromLocal8Bit(folder))});
    waitUntil([&] { return anyProof(window, false); }, kPatience);
    std::printf("| First proof | %.0f ms |\n", msSince(timer));
    waitUntil([&] { return anyProof(window, true); }, kPatience);
    std::printf("| First sharp proof | %.0f ms |\n", msSince(timer));
    waitUntil([&] { return atRest(window); }, kPatience);
    const auto pictures = window.document().originals().size();
    std::printf("| %zu pictures, all read and planned | %.1f s |\n", pictures, msSince(timer) / 1000);
    const double held = memory("VmRSS") - before;
    std::printf(
        "| Memory over the empty window (%.0f MB) | %.0f MB, %.1f kB a picture; most at any time %.0f MB |\n",
        before, held, held * 1024 / static_cast<double>(pictures), memory("VmHWM") - before);
    std::vector<double> frames;
    scroll(window.views().wall(), frames, 600);
    tellFrames("A step of scrolling, painted", frames);
    std::printf("| Memory after that | %.0f MB |\n", memory("VmRSS") - before);
    waitUntil([&] { return atRest(window); }, kPatience);
    std::vector<double> steps;
    for (int step = 0; step < 40; ++step) {
        timer.start();
        window.document().setSetting("seal.opacity", 40.0 + step, 7);
        waitUntil([&] { return window.views().wall().proofs().settledInView(); }, kPatience);
        steps.push_back(msSince(timer));
    }
    tellFrames("A slider step to all proofs in view redrawn", steps);
    waitUntil([&] { return atRest(window); }, kPatience);
    std::printf("| Memory after that | %.0f MB |\n", memory("VmRSS") - before);
}

void pauseFor(int milliseconds) {
    QElapsedTimer pause;
    pause.start();
    waitUntil([&] { return pause.elapsed() > milliseconds; }, 1000);
}

bool inView(MainWindow& window) {
    return window.views().wall().proofs().settledInView();
}

/// Milliseconds to all proofs in view redrawn, and painted.
double sliderStep(MainWindow& window, double opacity) {
    QElapsedTimer timer;
    timer.start();
    window.document().setSetting("seal.opacity", opacity, 7);
    // When the run ends meanwhile, its check takes the wall's place.
    waitUntil([&] { return inView(window) || !window.runs().running().busy(); }, kPatience);
    return msSince(timer);
}

void whileARunGoesOn(MainWindow& window, const char* folder, const char* out) {
    window.open({toPath(QString::fromLocal8Bit(folder))});
    waitUntil([&] { return !window.document().originals().empty() && atRest(window); }, kPatience);
    auto who = window.document().who();
    who.studio = "Studio of the tide"; // what the seals ask for
    window.document().setWho(who);
    for (int copies = 0; copies < 2; ++copies)
        window.document().duplicateCurrentDelivery();
    for (std::size_t i = 0; i < window.document().state().deliveries.size(); ++i) {
        window.document().setInNextRun(i, i < 3);
        window.document().selectDelivery(i);
        window.document().setSetting("place.folder", std::string(out) + "/" + std::to_string(i));
    }
    waitUntil([&] { return atRest(window); }, kPatience);
    window.runs().stamp();
    std::vector<double> frames, first, steps;
    double opacity = 40;
    while (window.runs().running().busy()) {
        for (int frame = 0; frame < 40; ++frame) {
            scroll(window.views().wall(), frames, 1);
            pauseFor(16);
        }
        waitUntil([&] { return inView(window) || !window.runs().running().busy(); },
                  kPatience);                  // what came into view
        for (int step = 0; step < 6; ++step) { // a hand that drags
            (step == 0 ? first : steps)
                .push_back(sliderStep(window, opacity = opacity < 90 ? opacity + 3 : 40));
            pauseFor(16);
        }
        waitUntil([] { return !Standstill::now(); }, kPatience); // the hand rests, and the run goes on
        pauseFor(500);
    }
    std::printf("| Copies made meanwhile | %zu |\n",
                window.runs().last() ? window.runs().last()->ledger.count(Outcome::Made) : 0);
    tellFrames("While a run goes on: a step of scrolling, painted", frames);
    tellFrames("While a run goes on: the first slider step of a drag", first);
    tellFrames("While a run goes on: each further step of it to all proofs in view redrawn", steps);
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    startPictureEngine(argv[0]);
    loadTypeface();
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    MainWindow window;
    window.resize(1280, 800);
    window.show();
    QElapsedTimer timer;
    timer.start();
    waitUntil([&] { return timer.elapsed() > 1000; }, 2000);
    if (argc == 4 && std::strcmp(argv[1], "--run") == 0)
        whileARunGoesOn(window, argv[2], argv[3]);
    else if (argc == 2)
        manyPictures(window, argv[1]);
    else
        return 2;
    return 0;
}
