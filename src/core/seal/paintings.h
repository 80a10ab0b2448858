// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the steps of a slider share: one picture's seal as it was painted for the step before. Strength, and
// what is asked of it, change how paint is mixed in and not the paint. Internal to seal/ but for its name.
#pragma once

#include "seal/logo.h"
#include "seal/paint.h"

#include <map>
#include <memory>
#include <tuple>
#include <vector>

namespace keepseal {

/// One thread at a time.
class SealPaintings {
public:
    /// Painters of one seal at one placement, by version.
    class Painters {
    public:
        /// `logos`: of its parts, as they are read now.
        Painters(const PreparedSeal& seal, const SealPlacement& placement, std::vector<LogoPtr> logos);
        SealPainter& of(const SealVersion& version);

    private:
        friend class SealPaintings;
        struct One {
            std::unique_ptr<SealPainter> painter;
            int unused = 0; ///< steps
        };
        bool paintsAlike(const PreparedSeal& seal, const SealPlacement& placement,
                         const std::vector<LogoPtr>& logos) const;
        void beginStep();
        PreparedSeal m_seal; ///< its own: the caller's go with the step
        SealPlacement m_placement;
        std::vector<LogoPtr> m_logos; ///< as they were read: another reading is another pointer
        std::shared_ptr<PaintedMarks> m_marks = std::make_shared<PaintedMarks>();
        std::map<std::tuple<bool, double, double>, One> m_painters;
    };
    enum class On { Decision, Picture };

    /// Once for each `on` of a step: those of the step before where they would paint the same, else new ones.
    /// Until the next step's.
    Painters& painters(On on, const PreparedSeal& seal, const SealPlacement& placement);
    /// About what is kept in memory.
    std::uint64_t bytes() const;

private:
    std::map<On, std::unique_ptr<Painters>> m_kept;
};

} // namespace keepseal
