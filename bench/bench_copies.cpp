// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Whole copies against the bare sum of what the libraries alone need for the same work, measured in turn in
// one process; two workers against one; peak memory of whole processes for few and for many pictures.
#include "delivery/delivery.h"
#include "delivery/who.h"
#include "library/seal_library.h"
#include "metadata/metadata.h"
#include "picture/develop.h"
#include "plan/gather.h"
#include "run/check_copy.h"
#include "run/run.h"

#include <vips/vips8>

#include <algorithm>
#include <atomic>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <sys/resource.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

using namespace keepseal;
namespace fs = std::filesystem;

namespace {

double cpuSeconds() {
    rusage usage{};
    ::getrusage(RUSAGE_SELF, &usage);
    const auto seconds = [](const timeval& t) {
        return static_cast<double>(t.tv_sec) + static_cast<double>(t.tv_usec) / 1e6;
    };
    return seconds(usage.ru_utime) + seconds(usage.ru_stime);
}

double wallSeconds() {
    return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count();
}

double median(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

/// DCT-scaled decode, resample, encode: nothing else, and nothing a web copy could do without.
void bareSum(const fs::path& picture) {
    using vips::VImage;
    const VImage decoded = VImage::jpegload(
        picture.c_str(), VImage::option()->set("shrink", 2)->set("access", VIPS_ACCESS_SEQUENTIAL));
    const VImage small = decoded.resize(2048.0 / std::max(decoded.width(), decoded.height()));
    VipsBlob* blob = small.jpegsave_buffer(
        VImage::option()->set("Q", 90)->set("subsample_mode", VIPS_FOREIGN_SUBSAMPLE_ON)->set("strip", true));
    vips_area_unref(reinterpret_cast<VipsArea*>(blob));
}

/// Rights and shipped seals ask for it.
WhoYouAre studio() {
    WhoYouAre out;
    out.studio = "Marsh & Line Studio";
    out.link = "tidemark.example";
    return out;
}

Delivery webDelivery(const fs::path& folder) {
    Delivery delivery;
    delivery.seal.setText("© Marsh & Line · tidemark.example");
    delivery.rights.setAlways("creator", "Wrenna Oake");
    delivery.rights.setAlways("copyright_notice", "© 2026 Marsh & Line Studio");
    delivery.place.folder = folder.string();
    return delivery;
}

void useSeal(Delivery& delivery, const char* key) {
    delivery.seal = SealLibrary(fs::temp_directory_path() / "keep-seal-no-library").find(key).value().design;
}

/// A mat with a line and a caption; the whole has the size that is asked for.
void useBorder(Delivery& delivery) {
    auto& border = delivery.border;
    border.on = true;
    border.rings = {Ring{}, Ring{}};
    border.rings[0].kind = RingKind::Line;
    border.rings[0].width = 0.2;
    border.rings[0].colour = {60, 60, 60};
    border.caption.on = true;
    border.caption.left = "{name}";
    border.caption.right = "{notice}";
    delivery.fit.what = FitWhat::Whole;
}

/// What is not made costs nothing, and no number would be true.
void requireMade(const RunResult& result, std::size_t copies) {
    for (const auto& row : result.ledger.rows)
        if (row.outcome != Outcome::Made)
            std::fprintf(stderr, "%s was not made: %s\n", row.copy.c_str(),
                         row.heldBackBy().empty() ? keyOf(row.outcome)
                                                  : sentenceOf(row.heldBackBy().front()).c_str());
    if (result.ledger.count(Outcome::Made) != copies)
        std::exit(1);
}

void stamp(const std::vector<fs::path>& pictures, const fs::path& out, int workers,
           const char* seal = nullptr, bool border = false) {
    fs::remove_all(out);
    RunOptions options;
    options.workers = workers;
    const std::atomic<bool> stop{false};
    auto delivery = webDelivery(out);
    if (seal)
        useSeal(delivery, seal);
    if (border)
        useBorder(delivery);
    requireMade(runPlan(makePlan(pictures, {withWho(delivery, studio())}, "/"), options, stop,
                        [](const RunEvent&) {}),
                pictures.size());
}

/// CPU of deliveries of these sizes of all pictures in one go.
double stampSizes(const std::vector<fs::path>& pictures, const fs::path& out, const std::vector<int>& sides) {
    fs::remove_all(out);
    std::vector<Delivery> deliveries;
    for (const int side : sides) {
        deliveries.push_back(withWho(webDelivery(out / std::to_string(side)), studio()));
        deliveries.back().fit.longSide = side;
    }
    RunOptions options;
    options.workers = 1;
    const std::atomic<bool> stop{false};
    const double start = cpuSeconds();
    requireMade(runPlan(makePlan(pictures, deliveries, "/"), options, stop, [](const RunEvent&) {}),
                pictures.size() * sides.size());
    return cpuSeconds() - start;
}

/// A picture as a TIFF of 16 bits, shrunk by this. With noise below what 8 bits hold, as a sensor has it: low
/// bytes that repeat the high ones pack as no real picture does.
fs::path deepPicture(const fs::path& picture, const fs::path& folder, int shrink) {
    const auto out = folder / "deep.tif";
    fs::create_directories(folder);
    const auto eight = vips::VImage::jpegload(picture.c_str(), vips::VImage::option()->set("shrink", shrink));
    const auto noise =
        vips::VImage::gaussnoise(eight.width(), eight.height(), vips::VImage::option()->set("sigma", 64));
    (eight.linear(257, 0) + noise)
        .cast(VIPS_FORMAT_USHORT)
        .copy(vips::VImage::option()->set("interpretation", VIPS_INTERPRETATION_RGB16))
        .tiffsave(out.c_str());
    return out;
}

/// Of full size and 16 bits, against libvips alone: read, and written with the same settings.
void benchDeep(const fs::path& tiff, const fs::path& out, const std::string& format) {
    auto delivery = webDelivery(out);
    delivery.fit.on = delivery.finish.sharpen = false;
    delivery.file.chosen = {format};
    delivery.file.depth = BitDepth::Sixteen;
    RunOptions options;
    options.workers = 1;
    const std::atomic<bool> stop{false};
    std::vector<double> ratios;
    for (int round = 0; round < 5; ++round) {
        double start = cpuSeconds();
        const auto image = vips::VImage::tiffload(tiff.c_str());
        VipsBlob* blob =
            format == "png"
                ? image.pngsave_buffer(vips::VImage::option()
                                           ->set("compression", 6)
                                           ->set("filter", VIPS_FOREIGN_PNG_FILTER_ALL))
                : image.tiffsave_buffer(vips::VImage::option()
                                            ->set("compression", VIPS_FOREIGN_TIFF_COMPRESSION_DEFLATE)
                                            ->set("predictor", VIPS_FOREIGN_TIFF_PREDICTOR_HORIZONTAL));
        vips_area_unref(reinterpret_cast<VipsArea*>(blob));
        const double bare = cpuSeconds() - start;
        fs::remove_all(out);
        start = cpuSeconds();
        requireMade(runPlan(makePlan({tiff}, {withWho(delivery, studio())}, "/"), options, stop,
                            [](const RunEvent&) {}),
                    1);
        ratios.push_back((cpuSeconds() - start) / bare);
    }
    std::printf(
        "| A %s of 16 bits out of a TIFF of 16 bits (6 MP, full size, with a seal) against libvips alone: "
        "CPU | %.2fx | 1.20x |\n",
        format == "png" ? "PNG" : "TIFF", median(ratios));
}

/// With one of full size among them: bench/against_bare.py.
void benchDeliveries(const std::vector<fs::path>& pictures, const fs::path& out) {
    const std::vector<int> sides{2048, 1600, 1080};
    std::vector<double> ratios;
    for (int round = 0; round < 3; ++round) {
        const double dearest = stampSizes(pictures, out, {sides.front()});
        ratios.push_back(stampSizes(pictures, out, sides) / dearest);
    }
    std::printf(
        "| Three deliveries in one go (2048, 1600 and 1080 px) against the dearest alone: CPU | %.2fx "
        "| 1.60x |\n",
        median(ratios));
}

/// Peak memory of a whole process, in MB. Read from its own status while it runs: what wait4() reports holds
/// the peak of this process as well, from before the other program took over.
double peakOf(std::vector<std::string> words) {
    std::fflush(stdout);
    const pid_t child = ::fork();
    if (child == 0) {
        std::vector<char*> argv;
        for (auto& word : words)
            argv.push_back(word.data());
        argv.push_back(nullptr);
        if (!std::freopen("/dev/null", "w", stdout))
            ::_exit(126);
        ::execv(argv[0], argv.data());
        ::_exit(127);
    }
    double peak = 0;
    const auto program = fs::canonical(words[0]);
    while (::waitpid(child, nullptr, WNOHANG) == 0) {
        const auto process = fs::path("/proc") / std::to_string(child);
        std::error_code error;
        const bool started = fs::read_symlink(process / "exe", error) == program;
        std::ifstream status(process / "status");
        for (std::string line; started && std::getline(status, line);)
            if (line.starts_with("VmHWM:"))
                peak = std::max(peak, std::strtod(line.c_str() + 6, nullptr) / 1024);
        ::usleep(500);
    }
    return peak;
}

std::vector<fs::path> cameraPictures(const fs::path& folder) {
    std::vector<fs::path> out;
    for (const auto& file : gather({folder}, true).files) {
        try {
            const auto facts = readFacts(Original(file), file.string());
            if (facts.container == Container::Jpeg && facts.stored == Size{6000, 4000} &&
                file.filename() != "tide_0799.jpg")
                out.push_back(file);
        } catch (const Problem&) {
            continue;
        }
    }
    return out;
}

/// Facts of a thousand pictures as the table of words needs them, by two threads; and what the search of a
/// finished copy costs of making one.
void benchWords(const std::vector<fs::path>& pictures, const fs::path& copies, double secondsACopy) {
    constexpr std::size_t count = 1000;
    const double start = wallSeconds();
    std::atomic<std::size_t> next{0}, fields{0};
    const auto work = [&] {
        for (auto i = next++; i < count; i = next++) {
            const auto& path = pictures[i % pictures.size()];
            const Original file(path);
            fields += readMetadata(path, inspect(file, Reach::Headers)).exif.size();
        }
    };
    { const std::jthread one(work), other(work); }
    std::printf("| Facts of 1,000 JPEGs, headers only, two threads, warm disk | %.2f s | 3 s |\n",
                wallSeconds() - start);
    std::vector<double> searches;
    for (const auto& copy : fs::directory_iterator(copies)) {
        const Original file(copy.path());
        const double begin = cpuSeconds();
        for (int i = 0; i < 20; ++i)
            checkCopy(file, {}, {});
        searches.push_back((cpuSeconds() - begin) / 20);
    }
    std::printf("| The search of a finished copy, of the cost of making it | %.1f %% | 5 %% |\n",
                100 * median(searches) / secondsACopy);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        std::fprintf(stderr, "usage: bench-copies FOLDER KEEP-SEAL-CLI\n");
        return 2;
    }
    startPictureEngine(argv[0]);
    const auto pictures = cameraPictures(argv[1]);
    const fs::path scratch = fs::temp_directory_path() / ("keep-seal-bench-" + std::to_string(::getpid()));
    fs::create_directories(scratch);

    for (const char* kind : {"XDG_CONFIG_HOME", "XDG_STATE_HOME", "XDG_DATA_HOME"})
        ::setenv(kind, (scratch / "own").c_str(), 1);
    peakOf({argv[2], "who", "--set", "studio=" + studio().studio, "--set", "link=" + studio().link});

    std::vector<double> ratios, bare, ours, bordered;
    for (int round = 0; round < 5; ++round) {
        double start = cpuSeconds();
        for (const auto& picture : pictures)
            bareSum(picture);
        bare.push_back((cpuSeconds() - start) / static_cast<double>(pictures.size()));
        start = cpuSeconds();
        stamp(pictures, scratch / "out", 1);
        ours.push_back((cpuSeconds() - start) / static_cast<double>(pictures.size()));
        ratios.push_back(ours.back() / bare.back());
        start = cpuSeconds();
        stamp(pictures, scratch / "out", 1, nullptr, true);
        bordered.push_back((cpuSeconds() - start) / static_cast<double>(pictures.size()) / bare.back());
    }
    std::printf("| What | Measured | Aim |\n| --- | --- | --- |\n");
    std::printf("| Web copy, 24 MP JPEG to 2048 px, sharpening, seal, metadata, search, two fingerprints: "
                "CPU against "
                "the bare sum | %.2fx (%.3f s against %.3f s) | 1.30x |\n",
                median(ratios), median(ours), median(bare));

    std::printf("| The same with border, caption, sharpening and seal, the whole 2048 px | %.2fx | 1.30x |\n",
                median(bordered));

    std::vector<double> patterns;
    for (int round = 0; round < 3; ++round) {
        double start = cpuSeconds();
        stamp(pictures, scratch / "out", 1, "shipped-corner-link");
        const double corner = cpuSeconds() - start;
        start = cpuSeconds();
        stamp(pictures, scratch / "out", 1, "shipped-proof-pattern");
        patterns.push_back((cpuSeconds() - start) / corner);
    }
    std::printf(
        "| A copy with a pattern all over, turned, against one with a corner mark: CPU | %.2fx | 1.25x |\n",
        median(patterns));

    benchDeliveries(pictures, scratch / "out");

    std::vector<double> speedups;
    for (int round = 0; round < 3; ++round) {
        double start = wallSeconds();
        stamp(pictures, scratch / "out", 1);
        const double one = wallSeconds() - start;
        start = wallSeconds();
        stamp(pictures, scratch / "out", 2);
        speedups.push_back(one / (wallSeconds() - start));
    }
    std::printf("| Two workers against one | %.2fx | 1.80x |\n", median(speedups));

    benchWords(pictures, scratch / "out", median(ours));
    const auto six = deepPicture(pictures.front(), scratch / "six", 2); // MP
    for (const char* format : {"png", "tiff"})
        benchDeep(six, scratch / "out", format);

    for (int i = 0; i < 240; ++i)
        fs::copy_file(pictures[static_cast<std::size_t>(i) % pictures.size()],
                      scratch / ("few" + std::string(i < 24 ? "" : "not")) / (std::to_string(i) + ".jpg"),
                      (fs::create_directories(scratch / ("few" + std::string(i < 24 ? "" : "not"))),
                       fs::copy_options::none));
    const std::string cli = argv[2];
    const double idle =
        peakOf({cli, "plan", "--names-only", "--out", (scratch / "a").string(), (scratch / "few").string()});
    const double few = peakOf(
        {cli, "stamp", "--workers", "2", "--out", (scratch / "a").string(), (scratch / "few").string()});
    const double many = peakOf({cli, "stamp", "--workers", "2", "--out", (scratch / "b").string(),
                                (scratch / "few").string(), (scratch / "fewnot").string()});
    std::printf("| Peak memory over the idle program, 24 pictures, two at a time | %.0f MB | 150 MB |\n",
                few - idle);
    std::printf("| The same, 240 pictures | %.0f MB | 150 MB, and not growing |\n", many - idle);
    const auto tiff = deepPicture(pictures.front(), scratch / "deep", 1);
    std::printf("| Peak memory of the program, a 16-bit TIFF of 24 MP to a web copy | %.0f MB | 300 MB |\n",
                peakOf({cli, "stamp", "--out", (scratch / "c").string(), tiff.string()}));
    std::printf("| The same to a 16-bit TIFF of full size, with a border | %.0f MB | none set |\n",
                peakOf({cli, "stamp", "--out", (scratch / "d").string(), "--border", "quiet-mat", "-s",
                        "fit.on=false", "-s", "file.jpeg=false", "-s", "file.tiff=true", "-s",
                        "file.depth=16", tiff.string()}));
    fs::remove_all(scratch);
    return 0;
}
