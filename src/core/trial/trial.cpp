// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "trial/trial.h"

#include <exception>
#include <mutex>
#include <thread>

namespace keepseal {
namespace {

struct AttackRow {
    Attack attack;
    const char* key;
    const char* name;
};
constexpr AttackRow kRows[] = {{Attack::Cropped, "cropped", "Cropped"},
                               {Attack::PaintedOut, "painted_out", "Painted out"},
                               {Attack::AveragedAway, "averaged_away", "Averaged away"},
                               {Attack::MadeSmall, "made_small", "Made small and pressed"},
                               {Attack::CutDown, "cut_down", "Cut down"}};

const AttackRow& rowOfAttack(Attack attack) {
    return kRows[static_cast<std::size_t>(attack)];
}

AttackResult tried(Attack attack, const std::vector<SealedPicture>& pictures, std::size_t which) {
    const auto& picture = pictures[which];
    if (!picture.isSealed())
        return {attack, false, 0, "Not tried: there is no seal on this picture.", picture.with};
    switch (attack) {
    case Attack::Cropped:
        return cropped(picture);
    case Attack::PaintedOut:
        return paintedOut(picture);
    case Attack::AveragedAway:
        return averagedAway(pictures, which);
    case Attack::MadeSmall:
        return madeSmall(picture);
    case Attack::CutDown:
        return cutDown(picture);
    }
    return {};
}

/// On all cores; `made` is called after each, one at a time.
std::vector<AttackResult> triedOnAll(Attack attack, const std::vector<SealedPicture>& pictures,
                                     const std::atomic<bool>& stop, const std::function<void()>& made) {
    std::vector<AttackResult> out(pictures.size());
    std::atomic<std::size_t> next = 0;
    std::mutex telling;
    std::exception_ptr failed;
    const auto work = [&] {
        for (std::size_t i = next++; i < pictures.size() && !stop; i = next++)
            try {
                out[i] = tried(attack, pictures, i);
                const std::lock_guard lock(telling);
                made();
            } catch (...) {
                const std::lock_guard lock(telling);
                failed = std::current_exception();
            }
    };
    std::vector<std::thread> others;
    for (unsigned i = 1; i < std::thread::hardware_concurrency(); ++i)
        others.emplace_back(work);
    work();
    for (auto& other : others)
        other.join();
    if (failed)
        std::rethrow_exception(failed);
    return out;
}

} // namespace

const char* keyOf(Attack attack) {
    return rowOfAttack(attack).key;
}
const char* nameOf(Attack attack) {
    return rowOfAttack(attack).name;
}

std::vector<AttackSummary> tryAll(const std::vector<SealedPicture>& pictures, const std::atomic<bool>& stop,
                                  const std::function<void(double)>& done) {
    std::vector<AttackSummary> out;
    const double all = static_cast<double>(pictures.size() * kAttacks.size());
    double made = 0;
    for (const auto attack : kAttacks) {
        AttackSummary summary;
        summary.attack = attack;
        summary.results = triedOnAll(attack, pictures, stop, [&] { done(++made / all); });
        if (stop)
            return out;
        double sum = 0, count = 0;
        for (std::size_t i = 0; i < pictures.size(); ++i) {
            const auto& result = summary.results[i];
            const auto& worst = summary.results[summary.worst];
            if (!result.tried)
                continue;
            sum += result.holds, ++count;
            if (!worst.tried || result.holds < worst.holds)
                summary.worst = i;
        }
        summary.mean = count > 0 ? sum / count : 0;
        out.push_back(std::move(summary));
    }
    return out;
}

} // namespace keepseal
