// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies of one small picture, for counting instructions (scripts/count-instructions): numbers that are the
// same on a machine at rest and a busy one.
#include "picture/develop.h"
#include "render/encode.h"
#include "render/stages.h"

#include <cmath>
#include <cstdio>

using namespace keepseal;

namespace {

constexpr Size kPicture{900, 600};

/// Slopes, edges and grain, as photographs have them.
Bytes original() {
    Frame frame;
    frame.size = kPicture;
    frame.picture = {0, 0, kPicture.width, kPicture.height};
    frame.rgb.resize(static_cast<std::size_t>(kPicture.pixels()) * 3);
    std::uint32_t grain = 1;
    for (int y = 0; y < kPicture.height; ++y)
        for (int x = 0; x < kPicture.width * 3; ++x) {
            grain = grain * 1664525U + 1013904223U;
            const double light =
                120 + 60 * std::sin(x * 0.011) * std::cos(y * 0.017) + (x / 90 + y / 40) % 2 * 20;
            frame.row(y)[x] = static_cast<std::uint8_t>(light + (grain >> 28U));
        }
    return encodeJpeg(frame, 92);
}

/// What is counted.
[[gnu::noinline]] std::size_t makeCopy(const Bytes& bytes, const Delivery& delivery) {
    const MemorySource source(bytes);
    const auto facts = readFacts(source, "picture.jpg");
    const auto chain = planChain(delivery, facts.size);
    const Metadata metadata;
    const PictureException same;
    const std::filesystem::path path = "/picture.jpg";
    const auto stages = stagesOf({path, facts, metadata, delivery, same, chain}, {});
    Frame frame = stages.base.made(source, facts);
    stages.finish.on(frame);
    stages.frame.on(frame);
    stages.seal.on(frame);
    return encodeStage(delivery, chain, "jpeg", {}, {}).on(frame).bytes.size();
}

} // namespace

/// What valgrind is told to count: a name that no compiler changes.
extern "C" [[gnu::noinline]] std::size_t countedCopy(const Bytes& bytes, const Delivery& delivery) {
    return makeCopy(bytes, delivery);
}

int main(int argc, char** argv) {
    startPictureEngine(argv[0]);
    const std::string kind = argc > 1 ? argv[1] : "";
    Delivery delivery;
    delivery.seal.setText("A name");
    if (kind == "small")
        delivery.fit.longSide = 400;
    else if (kind == "whole")
        delivery.fit.on = false;
    else
        return std::fputs("count-copy small|whole\n", stderr), 2;
    const auto bytes = original();
    makeCopy(bytes, delivery); // what is made once for all is not counted
    std::printf("%zu bytes\n", countedCopy(bytes, delivery));
}
