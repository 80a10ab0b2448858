// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "trial/trial.h"

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
        double sum = 0, count = 0;
        for (std::size_t i = 0; i < pictures.size(); ++i) {
            if (stop)
                return out;
            summary.results.push_back(tried(attack, pictures, i));
            const auto& result = summary.results.back();
            const auto& worst = summary.results[summary.worst];
            if (result.tried) {
                sum += result.holds, ++count;
                if (!worst.tried || result.holds < worst.holds)
                    summary.worst = i;
            }
            done(++made / all);
        }
        summary.mean = count > 0 ? sum / count : 0;
        out.push_back(std::move(summary));
    }
    return out;
}

} // namespace keepseal
