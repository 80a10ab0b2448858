// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The parts of a copy, one by one (Google Benchmark).
#include "picture/develop.h"
#include "privacy/report.h"
#include "render/encode.h"
#include "rights/compose.h"

#include <benchmark/benchmark.h>

using namespace keepseal;

namespace {

Frame grey(int width, int height) {
    Frame out;
    out.size = {width, height};
    out.picture = {0, 0, width, height};
    out.rgb.assign(static_cast<std::size_t>(width) * height * 3, 120);
    return out;
}

Frame noisy(int width, int height) {
    Frame frame = grey(width, height);
    for (std::size_t i = 0; i < frame.rgb.size(); ++i)
        frame.rgb[i] = static_cast<std::uint8_t>((i * 2654435761U) >> 13 & 0xFF);
    return frame;
}

void drawSealAt(benchmark::State& state) {
    Frame frame = grey(static_cast<int>(state.range(0)), static_cast<int>(state.range(0)) * 2 / 3);
    SealDesign design;
    design.setText("© Marsh & Line · tidemark.example");
    for (auto _ : state)
        benchmark::DoNotOptimize(drawSeal(design, frame));
}
BENCHMARK(drawSealAt)->Arg(384)->Arg(1500)->Arg(6000)->Unit(benchmark::kMicrosecond);

void drawPatternAt(benchmark::State& state) {
    Frame frame = grey(static_cast<int>(state.range(0)), static_cast<int>(state.range(0)) * 2 / 3);
    SealDesign design;
    design.setText("Marsh & Line · proof");
    design.size = 3.4;
    design.arrangement = Arrangement::Repeat;
    design.angle = -28;
    const auto seal = prepareSeal(design);
    for (auto _ : state)
        benchmark::DoNotOptimize(drawSeal(*seal, frame));
}
BENCHMARK(drawPatternAt)->Arg(384)->Arg(716)->Arg(2048)->Unit(benchmark::kMicrosecond);

/// Advice for the nine places, from the screen-size pixels of a 24 MP picture.
void adviseOnPlaces(benchmark::State& state) {
    const Frame frame = noisy(1500, 1000);
    SealDesign design;
    design.setText("© Marsh & Line · tidemark.example");
    const auto seal = prepareSeal(design);
    for (auto _ : state)
        benchmark::DoNotOptimize(advise(*seal, frame));
}
BENCHMARK(adviseOnPlaces)->Unit(benchmark::kMillisecond);

/// The default sharpening of a web copy, against its encoding below.
void sharpenWebCopy(benchmark::State& state) {
    const FinishSettings settings;
    Frame frame = noisy(2048, 1365);
    for (auto _ : state) {
        applyFinish(settings, {true, 0}, frame);
        benchmark::ClobberMemory();
    }
}
BENCHMARK(sharpenWebCopy)->Unit(benchmark::kMillisecond);

/// A mat, a line and a caption around a web copy.
void borderWebCopy(benchmark::State& state) {
    Delivery delivery;
    delivery.border.on = true;
    delivery.border.rings = {Ring{}, Ring{}};
    delivery.border.rings[0].kind = RingKind::Line;
    delivery.border.rings[0].width = 0.2;
    delivery.border.caption.on = true;
    delivery.border.caption.left = "Lanterns over the marsh";
    Frame picture = noisy(2048, 1365);
    const auto chain = planChain(delivery, picture.size);
    const Metadata words;
    const PictureFacts facts;
    const auto stage =
        stagesOf({"lanterns.jpg", facts, words, delivery, PictureException{}, chain}, {}).frame;
    for (auto _ : state) {
        Frame frame = picture;
        benchmark::DoNotOptimize(stage.on(frame));
    }
}
BENCHMARK(borderWebCopy)->Unit(benchmark::kMillisecond);

void encodeWebCopy(benchmark::State& state) {
    const Frame frame = noisy(2048, 1365);
    for (auto _ : state)
        benchmark::DoNotOptimize(encodeJpeg(frame, 90));
}
BENCHMARK(encodeWebCopy)->Unit(benchmark::kMillisecond);

void composeRights(benchmark::State& state) {
    RightsSheet sheet;
    sheet.setAlways("creator", "Wrenna Oake; Ines Gull");
    sheet.setAlways("copyright_notice", "© {year|2026} Marsh & Line Studio");
    for (auto _ : state)
        benchmark::DoNotOptimize(composeMetadata(copyWords(applyRights(sheet, {}, {}, {}), {}, {})));
}
BENCHMARK(composeRights)->Unit(benchmark::kMicrosecond);

void searchCopy(benchmark::State& state) {
    const auto copy =
        encodeStage({}, planChain(Delivery{}, {2048, 1365}), "jpeg", {}, {}).on(grey(2048, 1365)).bytes;
    for (auto _ : state)
        benchmark::DoNotOptimize(inspect(MemorySource(copy)));
}
BENCHMARK(searchCopy)->Unit(benchmark::kMicrosecond);

} // namespace

int main(int argc, char** argv) {
    startPictureEngine(argv[0]);
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
}
