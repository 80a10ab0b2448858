// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How soon the window shows and follows: first proof, sharp proof, the whole wall, a slider step.
#include "picture/develop.h"
#include "shell/main_window.h"
#include "tour/waiting.h"

#include <QApplication>
#include <QElapsedTimer>

#include <algorithm>
#include <cstdio>

using namespace keepseal;
using namespace keepseal::app;

namespace {

constexpr int kPatience = 120000;

double msSince(const QElapsedTimer& timer) {
    return static_cast<double>(timer.nsecsElapsed()) / 1e6;
}

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    startPictureEngine(argv[0]);
    loadTypeface();
    setTheme(app, ThemeKind::Dark, Surround::Dark);
    std::vector<double> first, sharp, wall, steps, corner, pattern, mats;
    for (int round = 0; round < 3; ++round) {
        MainWindow window;
        window.resize(1280, 800);
        window.show();
        QApplication::processEvents();
        QElapsedTimer timer;
        timer.start();
        window.open({toPath(QString::fromLocal8Bit(argv[1]))});
        const auto any = [&](bool wanted) {
            return [&window, wanted] {
                for (const auto& item : window.document().originals())
                    if (const auto* proof = window.views().wall().proofs().proof(item.id);
                        proof && (proof->sharp || !wanted))
                        return true;
                return false;
            };
        };
        waitUntil(any(false), kPatience);
        first.push_back(msSince(timer));
        waitUntil(any(true), kPatience);
        sharp.push_back(msSince(timer));
        waitUntil(
            [&] {
                return window.library().known() == window.document().originals().size() &&
                       window.views().wall().proofs().settled();
            },
            kPatience);
        wall.push_back(msSince(timer));
        for (int step = 0; step < 30; ++step) {
            window.document().setSetting("seal.opacity", 40.0 + step, 7);
            waitUntil([&] { return window.views().wall().proofs().settled(); }, kPatience);
            steps.push_back(window.views().wall().proofs().lastRedrawMs());
        }
    }
    {
        MainWindow window;
        window.resize(1280, 800);
        window.show();
        window.open({toPath(QString::fromLocal8Bit(argv[1]))});
        waitUntil([&] { return window.document().originals().size() > 5; }, kPatience);
        window.views().wall().setCurrent(window.document().originals()[3].id);
        window.openBench();
        const auto drag = [&](const char* seal, std::vector<double>& into) {
            window.designDesk().takeSeal(window.libraries().folders().seals.find(seal).value().design);
            waitUntil([&] { return window.bench().settled(); }, kPatience);
            for (int step = 0; step < 40; ++step) {
                QElapsedTimer timer;
                timer.start();
                window.document().setSetting("seal.size", 3.0 + step / 10.0, 9);
                waitUntil([&] { return window.bench().canvas().settled(); }, kPatience);
                into.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
            }
        };
        drag("shipped-side-by-side", corner);
        drag("shipped-proof-pattern", pattern);
        window.closeBench();
        window.designDesk().takeSeal(
            window.libraries().folders().seals.find("shipped-side-by-side").value().design);
        // While a mat is dragged the one picture follows; when it rests, its pixels are made anew.
        window.setView(ViewKind::One);
        auto border = window.libraries().folders().borders.find("heavy-foot")->design;
        window.document().setBorder(border, "bench");
        auto& proofs = window.views().single().proofs();
        waitUntil([&] { return proofs.settled(); }, kPatience);
        bool redrawn = false;
        QObject::connect(&proofs, &ProofSet::changed, &window, [&] { redrawn = true; });
        for (int step = 0; step < 40; ++step) {
            border.firstMat()->width = 6 + step / 8.0;
            redrawn = false;
            window.document().setBorder(border, "bench", 11);
            waitUntil([&] { return redrawn; }, kPatience);
            mats.push_back(proofs.lastRedrawMs());
        }
    }
    std::printf("| First proof on the wall, from the embedded preview | %.0f ms | 50 ms |\n", median(first));
    std::printf("| First sharp proof | %.0f ms | 300 ms |\n", median(sharp));
    std::printf("| Everything in view sharp, all originals read and searched | %.0f ms | none set |\n",
                median(wall));
    std::printf("| Slider step to all proofs in view redrawn | %.1f ms | 16 ms |\n", median(steps));
    std::printf(
        "| Bench: a step of a drag to the redrawn canvas, corner mark with logo | %.1f ms | 16 ms |\n",
        median(corner));
    std::printf("| Bench: the same, pattern all over, turned | %.1f ms | 50 ms |\n", median(pattern));
    std::printf(
        "| A step of dragging a mat's width to the redrawn proof of one picture | %.1f ms | 16 ms |\n",
        median(mats));
    return 0;
}
