// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One run of a folder's pictures into a temporary folder, once built with the readers in its own process and
// once with worker processes: see cage.py, which holds one against the other.
#include "picture/develop.h"
#include "picture/engine.h"
#include "plan/plan.h"
#include "run/run.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>

using namespace keepseal;
namespace fs = std::filesystem;

int main(int count, char** words) {
    if (count < 5) {
        std::fprintf(stderr, "%s PICTURES OUT LONG-SIDE WORKERS\n", words[0]);
        return 2;
    }
    startPictureEngine(words[0]);
    useVectorCode(); // as the workers do, so that only what is measured differs
    std::vector<fs::path> pictures;
    for (const auto& entry : fs::directory_iterator(words[1]))
        if (entry.path().extension() == ".jpg")
            pictures.push_back(entry.path());
    std::sort(pictures.begin(), pictures.end());
    Delivery delivery;
    delivery.name = "Bench";
    delivery.place.folder = words[2];
    delivery.seal.setText("© Marsh & Line · tidemark.example");
    const int side = std::atoi(words[3]);
    delivery.fit.on = side > 0;
    delivery.fit.longSide = side > 0 ? side : 2048;
    RunOptions options;
    options.workers = std::atoi(words[4]);
    options.ledgerFolder = fs::path(words[2]) / "ledgers";
    const std::atomic<bool> stop{false};
    const auto result = runPlan(makePlan(pictures, {delivery}, "/"), options, stop, [](const RunEvent&) {});
    std::printf("%zu made\n", result.ledger.count(Outcome::Made));
    return result.ledger.count(Outcome::Made) > 0 ? 0 : 1; // some of the sample pictures are held back
}
