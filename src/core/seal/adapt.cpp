// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/adapt.h"

#include "base/problem.h"
#include "seal/logo.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <utility>

namespace keepseal {
namespace {

/// Decided on a small picture with a little to spare, so that the finished one, measured on its own pixels,
/// keeps what was asked.
constexpr double kToSpare = 1.05;
constexpr double kStrengthStep = 2;  ///< percent: a set looks more alike in steps
constexpr double kDensestPlate = 95; ///< percent
constexpr int kByLine = 4;           ///< tries
constexpr double kRounding = 1e-6;
constexpr double kMuchFurther = 1.25; ///< by so much further from its ground the other version is taken

/// One thing that may help: from the least of it to the most.
struct Help {
    double none = 0; ///< how much of it is there unasked
    std::vector<double> levels;
    std::function<void(SealDecision&, double)> set;
};

std::vector<double> ascending(std::vector<double> levels) {
    std::sort(levels.begin(), levels.end());
    levels.erase(std::unique(levels.begin(), levels.end()), levels.end());
    return levels;
}

class Adapting {
public:
    Adapting(const PreparedSeal& seal, const Frame& frame, const SealPlacement& placement,
             const SealException* exception, const SealDecision& start, SealPaintings::Painters& painters)
        : m_seal(seal), m_design(seal.design), m_frame(frame), m_placement(placement), m_exception(exception),
          m_reach(reachIn(seal, placement, frame)), m_start(start),
          m_asked(askedContrast(seal.design) * kToSpare), m_painters(painters) {}

    SealDecision run() {
        if (m_reach.empty())
            return m_start;
        SealDecision now = m_start;
        if (m_design.tone == Tone::ByPicture && !(m_exception && m_exception->dark))
            now = chosenVersion();
        if (reached(now))
            return now;
        const auto all = helps();
        for (const auto& help : all) // one of them alone changes least
            if (const auto enough = leastOf(help, now))
                return *enough;
        return together(all, now);
    }

    const SealTrial* trialOf(const SealDecision& decision) const {
        const auto found = std::find_if(m_done.begin(), m_done.end(),
                                        [&](const SealTrial& t) { return t.decision == decision; });
        return found == m_done.end() ? nullptr : &*found;
    }

private:
    SealWorth worth(const SealDecision& decision) {
        if (const auto* done = trialOf(decision))
            return done->worth;
        SealTrial trial{decision, m_reach, cutOut(m_frame, m_reach), {}};
        trial.worth = putSeal(m_seal, trial.part, m_reach, m_placement, decision,
                              m_painters.of(versionOf(decision)), m_reach.x, m_reach.y);
        m_done.push_back(std::move(trial));
        return m_done.back().worth;
    }
    bool reached(const SealDecision& decision) { return worth(decision).ratio >= m_asked; }

    /// Its own colours come first: of a dark logo of one tone that is the dark version.
    bool ownIsDark() const {
        for (const auto& prepared : m_seal.parts) {
            const auto& logo = m_design.parts[prepared.index].logo;
            try {
                if (prepared.logo && takesPartsColour(logo, *loadLogo(logo.file, logo.page), false))
                    return true;
            } catch (const Problem&) {
                continue; // told when the seal was laid out
            }
        }
        return false;
    }

    /// The first one wherever it serves, so that a set looks alike; else the one that stands further from its
    /// ground to the eye, unless only the other can be read without help.
    SealDecision chosenVersion() {
        SealDecision first = m_start, other = m_start;
        first.dark = ownIsDark();
        other.dark = !first.dark;
        const auto asFirst = worth(first);
        if (asFirst.ratio >= m_asked)
            return first;
        const auto asOther = worth(other);
        if (asOther.ratio >= m_asked && asFirst.gap <= kMuchFurther * asOther.gap)
            return other;
        return asOther.gap > asFirst.gap ? other : first;
    }

    std::vector<Help> helps() const {
        std::vector<Help> out;
        for (const auto kind : orderOf(m_design.helpedBy))
            if (auto help = helpOf(kind); !help.levels.empty())
                out.push_back(std::move(help));
        return out;
    }

    Help helpOf(HelpKind kind) const {
        Help out;
        if (kind == HelpKind::Halo && m_design.halo.when == HaloWhen::WhereNeeded) {
            const double s = m_design.halo.strength;
            out.levels = ascending({std::round(0.6 * s), s, std::round((100 + s) / 2), 100});
            out.set = [](SealDecision& d, double level) { d.halo = level; };
        }
        if (kind == HelpKind::Strength && m_design.stronger && !(m_exception && m_exception->opacity)) {
            for (double level = m_start.opacity + kStrengthStep; level < m_design.strongest;
                 level += kStrengthStep)
                out.levels.push_back(level);
            if (m_design.strongest > m_start.opacity)
                out.levels.push_back(m_design.strongest);
            out.none = m_start.opacity;
            out.set = [](SealDecision& d, double level) { d.opacity = level; };
        }
        if (kind == HelpKind::Plate && m_design.plate.ifNeeded && !m_design.plate.on &&
            m_design.arrangement != Arrangement::Repeat) {
            const double p = m_design.plate.opacity;
            out.levels = ascending({p, std::round((p + kDensestPlate) / 2), std::max(p, kDensestPlate)});
            out.set = [](SealDecision& d, double level) {
                d.plate = level;
                d.halo = 0; // on a plate it does nothing
            };
        }
        return out;
    }

    /// The first level that is enough where the one before it is not: readability is taken to grow with the
    /// level. As it does so nearly in a line, the line through two that were tried tells which to try next;
    /// the middle is taken when that did not hit.
    std::optional<SealDecision> leastOf(const Help& help, const SealDecision& from) {
        const auto& levels = help.levels;
        const auto at = [&](std::size_t level) {
            SealDecision out = from;
            help.set(out, levels[level]);
            return out;
        };
        Tried before{0, 1}, low{help.none, worth(from).ratio}; // without ink there is no contrast
        std::optional<Tried> enough;
        std::size_t first = 0, last = levels.size(); // last: is enough, or none is
        for (int tries = 0; first < last; ++tries) {
            const double expected = enough ? levelOnLine(low, *enough) : levelOnLine(before, low);
            const auto guess =
                std::lower_bound(levels.begin(), levels.end(), expected - kRounding) - levels.begin();
            auto next = std::clamp(static_cast<std::size_t>(guess), first, last - 1);
            if (tries >= kByLine)
                next = enough ? (first + last) / 2 : last - 1;
            const Tried tried{levels[next], worth(at(next)).ratio};
            if (tried.ratio >= m_asked) {
                enough = tried;
                last = next;
            } else {
                before = std::exchange(low, tried);
                first = next + 1;
            }
        }
        return enough ? std::optional(at(last)) : std::nullopt;
    }

    struct Tried {
        double level = 0, ratio = 0;
    };
    /// Beyond all levels when the line does not rise.
    double levelOnLine(const Tried& a, const Tried& b) const {
        const double rise = b.ratio - a.ratio;
        return rise > 0 && b.level > a.level ? b.level + (m_asked - b.ratio) * (b.level - a.level) / rise
                                             : std::numeric_limits<double>::max();
    }

    /// All that there is of one after the other; the one that makes it enough only as much as it takes.
    /// Where nothing does, what came nearest.
    SealDecision together(const std::vector<Help>& all, SealDecision now) {
        SealDecision nearest = now;
        for (const auto& help : all) {
            if (const auto enough = leastOf(help, now))
                return *enough;
            help.set(now, help.levels.back());
            if (worth(now).ratio > worth(nearest).ratio)
                nearest = now;
        }
        for (const auto& trial : m_done)
            if (trial.decision.dark == nearest.dark && trial.worth.ratio > worth(nearest).ratio * 1.02)
                nearest = trial.decision;
        return nearest;
    }

    const PreparedSeal& m_seal;
    const SealDesign& m_design;
    const Frame& m_frame;
    const SealPlacement& m_placement;
    const SealException* m_exception;
    Rect m_reach;
    SealDecision m_start;
    double m_asked;
    std::vector<SealTrial> m_done;
    SealPaintings::Painters& m_painters;
};

} // namespace

std::optional<SealTrial> adaptSeal(const PreparedSeal& seal, const Frame& full,
                                   const SealException* exception, SealDecision& decision,
                                   SealPaintings& paintings) {
    const auto& design = seal.design;
    const bool nothingToDo = (design.tone != Tone::ByPicture || (exception && exception->dark)) &&
                             design.halo.when != HaloWhen::WhereNeeded &&
                             (!design.stronger || (exception && exception->opacity)) &&
                             !design.plate.ifNeeded;
    if (nothingToDo)
        return std::nullopt;
    const bool small = full.size.longSide() <= kDecisionSide && full.isPlain();
    const Frame reduced = small ? Frame{} : decisionFrame(full);
    const Frame& frame = small ? full : reduced;
    const auto placement = arrangeSeal(seal, frame.picture, frame.size, decision.place, frame.measure());
    auto& painters = paintings.painters(SealPaintings::On::Decision, seal, placement);
    Adapting adapting(seal, frame, placement, exception, decision, painters);
    decision = adapting.run();
    const auto* finished = small ? adapting.trialOf(decision) : nullptr;
    return finished ? std::optional(*finished) : std::nullopt;
}

} // namespace keepseal
