// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/forecast.h"

#include "base/patience.h"
#include "base/problem.h"
#include "render/finished_copy.h"

#include <algorithm>
#include <cmath>
#include <sys/stat.h>
#include <sys/statvfs.h>
#include <thread>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

fs::path nearestThere(fs::path folder) {
    std::error_code error;
    while (!fs::exists(folder, error) && folder.has_relative_path())
        folder = folder.parent_path();
    return folder;
}

/// Copies of one delivery and format in `each` layers of equal number, by the size of the original's file:
/// small and large pictures, plain and busy ones, each count as often as they are there, in whatever order
/// the job has them. The middle of each layer comes first; the others stand in for it when it can't be made.
std::vector<std::vector<std::size_t>> layered(const Plan& plan, std::vector<std::size_t> copies,
                                              std::size_t each) {
    std::stable_sort(copies.begin(), copies.end(), [&](std::size_t a, std::size_t b) {
        return plan.identities[plan.copies[a].original].size < plan.identities[plan.copies[b].original].size;
    });
    each = std::min(each, copies.size());
    std::vector<std::vector<std::size_t>> out(each);
    for (std::size_t layer = 0; layer < each; ++layer) {
        const auto begin = layer * copies.size() / each, end = (layer + 1) * copies.size() / each;
        const auto middle = (begin + end) / 2;
        for (std::size_t off = 0; off < end - begin; ++off) // middle, one above, one below, ...
            if (const auto at = off % 2 ? middle + (off + 1) / 2 : middle - off / 2; at >= begin && at < end)
                out[layer].push_back(copies[at]);
    }
    return out;
}

struct Made {
    double bytes = 0, pixels = 0;
};

Made makeOne(const Plan& plan, const PlannedCopy& copy) {
    try {
        const Original original(plan.originals[copy.original]);
        const auto file = readFacts(original, original.path().string());
        const auto metadata = readMetadata(original.path(), inspect(original));
        const auto& delivery = plan.deliveries[copy.delivery];
        const auto& exception = plan.exceptions[copy.original];
        const auto facts = factsFor(file, delivery.turn.reading(copy.page));
        const auto chain = planChain(delivery, facts.size, exception.turn, facts.pixelsPerMm);
        const CopyAsked asked{original.path(), facts, metadata, delivery, exception, chain};
        auto ahead = lookAhead(asked);
        if (!holdingBack(ahead.notes, delivery.place.strict, plan.accepted(copy)).empty())
            return {}; // it will not be made
        const auto finished = finishedCopy(original, asked, std::move(ahead), {}, {}, FramePixels::AsNeeded);
        const auto encoded = encodedCopy(original, asked, finished, copy.format);
        return {static_cast<double>(encoded.bytes.size()), static_cast<double>(chain.sizes.whole.pixels())};
    } catch (const std::exception&) {
        return {};
    }
}

template <class Work>
void onAllCores(std::size_t count, const std::atomic<bool>& stop, const Work& work) {
    std::atomic<std::size_t> next{0};
    const auto loop = [&] {
        const PictureThread thread;
        const Patience patience(stop);
        for (auto i = next++; i < count && !stop; i = next++)
            work(i);
    };
    std::vector<std::jthread> threads;
    for (unsigned i = 0; i < std::min<std::size_t>(std::max(1U, std::thread::hardware_concurrency()), count);
         ++i)
        threads.emplace_back(loop);
}

CopyForecast forecastOf(const Plan& plan, const PlannedCopy& copy, const OriginalFacts& facts,
                        const ByteRates& rates, const PreparedPtr& prepared) {
    CopyForecast out;
    const auto& delivery = plan.deliveries[copy.delivery];
    const auto& exception = plan.exceptions[copy.original];
    const auto taken = factsFor(facts.facts, delivery.turn.reading(copy.page));
    const auto chain = planChain(delivery, taken.size, exception.turn, taken.pixelsPerMm);
    out.sizes = chain.sizes;
    out.pixelsPerMm = chain.pixelsPerMm;
    out.outcome = copy.outcome;
    out.notes = copy.notes;
    if (copy.outcome != Outcome::Waiting)
        return out;
    const CopyAsked asked{plan.originals[copy.original], taken, facts.metadata, delivery, exception, chain};
    const auto ahead = lookAhead(asked, prepared);
    addNotes(out.notes, ahead.notes);
    addNotes(out.notes, notesOfFile(asked, *ahead.words, copy.format, copy.target.stem().string()));
    if (!holdingBack(out.notes, delivery.place.strict, plan.accepted(copy)).empty()) {
        out.outcome = Outcome::HeldBack;
        return out;
    }
    if (const auto rate = rates.bytesPerPixel.find({copy.delivery, copy.format});
        rate != rates.bytesPerPixel.end())
        out.bytes =
            static_cast<std::uint64_t>(std::llround(rate->second * static_cast<double>(out.size().pixels())));
    if (delivery.file.atMost > 0)
        out.bytes = std::min(out.bytes, static_cast<std::uint64_t>(delivery.file.atMost * 1000));
    return out;
}

void addRooms(const Plan& plan, Forecast& out) {
    std::map<dev_t, DiskRoom> rooms;
    std::map<fs::path, dev_t> known;
    for (std::size_t i = 0; i < plan.copies.size(); ++i) {
        const auto& copy = plan.copies[i];
        if (out.copies[i].outcome != Outcome::Waiting)
            continue;
        const auto folder = copy.target.parent_path();
        auto device = known.find(folder);
        if (device == known.end()) {
            struct stat info {};
            const auto there = nearestThere(folder);
            device = known.emplace(folder, ::stat(there.c_str(), &info) == 0 ? info.st_dev : 0).first;
        }
        auto& room = rooms[device->second];
        if (room.place.empty()) {
            room.place = folder;
            room.free = freeBytesAt(folder);
        }
        room.needed += out.copies[i].bytes;
    }
    for (auto& [device, room] : rooms)
        out.rooms.push_back(std::move(room));
}

} // namespace

std::uint64_t freeBytesAt(const fs::path& folder) {
    struct statvfs info {};
    const auto there = nearestThere(folder);
    if (::statvfs(there.c_str(), &info) != 0)
        return 0;
    return static_cast<std::uint64_t>(info.f_bavail) * info.f_frsize;
}

ByteRates sampleBytes(const Plan& plan, std::size_t each, const std::atomic<bool>& stop) {
    std::map<std::pair<std::size_t, std::string>, std::vector<std::size_t>> groups;
    for (std::size_t i = 0; i < plan.copies.size(); ++i)
        if (plan.copies[i].outcome == Outcome::Waiting)
            groups[{plan.copies[i].delivery, plan.copies[i].format}].push_back(i);
    constexpr std::size_t kMostTried = 4; // of a layer: where none can be made, none is waited for
    std::vector<std::vector<std::size_t>> layers;
    for (const auto& [key, copies] : groups)
        for (auto& layer : layered(plan, copies, each))
            layers.push_back(std::move(layer));
    std::vector<Made> made(layers.size());
    onAllCores(layers.size(), stop, [&](std::size_t i) {
        for (std::size_t n = 0; n < std::min(kMostTried, layers[i].size()) && made[i].pixels == 0 && !stop;
             ++n)
            made[i] = makeOne(plan, plan.copies[layers[i][n]]);
    });
    ByteRates out;
    std::map<std::pair<std::size_t, std::string>, Made> sums;
    for (std::size_t i = 0; i < layers.size(); ++i) {
        const auto& any = plan.copies[layers[i].front()];
        auto& sum = sums[{any.delivery, any.format}];
        sum.bytes += made[i].bytes;
        sum.pixels += made[i].pixels;
        out.sampled += made[i].pixels > 0;
    }
    for (const auto& [key, sum] : sums)
        if (sum.pixels > 0)
            out.bytesPerPixel[key] = sum.bytes / sum.pixels;
    return out;
}

std::size_t Forecast::toMake() const {
    return static_cast<std::size_t>(std::count_if(copies.begin(), copies.end(), [](const CopyForecast& copy) {
        return copy.outcome == Outcome::Waiting;
    }));
}

Forecast forecast(const Plan& plan, const FactsOf& factsOf, const ByteRates& rates,
                  const std::atomic<bool>& stop) {
    Forecast out;
    out.copies.resize(plan.copies.size());
    std::vector<std::vector<std::size_t>> byOriginal(plan.originals.size());
    for (std::size_t i = 0; i < plan.copies.size(); ++i)
        byOriginal[plan.copies[i].original].push_back(i);
    std::vector<PreparedPtr> prepared;
    for (const auto& delivery : plan.deliveries)
        prepared.push_back(dependsOnPicture(delivery.seal) ? nullptr : prepareSeal(delivery.seal));
    onAllCores(plan.originals.size(), stop, [&](std::size_t original) {
        const auto facts =
            factsOf ? factsOf(plan.originals[original]) : readOriginalFacts(plan.originals[original]);
        for (const auto index : byOriginal[original]) {
            const auto& planned = plan.copies[index];
            auto& copy = out.copies[index];
            if (facts && !facts->problem) {
                copy = forecastOf(plan, planned, *facts, rates, prepared[planned.delivery]);
                continue;
            }
            copy.outcome = planned.outcome == Outcome::Waiting ? Outcome::Failed : planned.outcome;
            copy.notes = planned.notes;
            if (facts && copy.outcome == Outcome::Failed)
                copy.problem = facts->problem;
        }
    });
    for (const auto& copy : out.copies) {
        out.bytes += copy.outcome == Outcome::Waiting ? copy.bytes : 0;
        out.toLookAt += copy.outcome == Outcome::Waiting && countOf(copy.notes, Severity::WorthALook) > 0;
        out.heldBack += copy.outcome == Outcome::HeldBack;
        out.failing += copy.outcome == Outcome::Failed;
    }
    addRooms(plan, out);
    return out;
}

} // namespace keepseal
