// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Makes all copies of one original: opened once, decoded once, each copy rendered, encoded, searched and
// placed. Internal to run/.
#pragma once

#include "plan/plan.h"
#include "record/kept_pictures.h"
#include "run/destination.h"
#include "run/memory_budget.h"
#include "seal/draw.h"

#include <atomic>
#include <functional>

namespace keepseal {

class Stamper {
public:
    /// All of them outlive the stamper.
    /// `ours`: the fingerprint of the copy that a run of ours made at a path, by our own record; nothing:
    /// none. Any thread.
    using Ours = std::function<std::optional<std::string>(const std::filesystem::path&)>;
    /// `placing`: told the whole row before its copy is given its name, so that a process killed right after
    /// that still knows the copy as its own. Any thread.
    using Placing = std::function<void(std::size_t index, const LedgerRow& row)>;
    /// `keep`: what the copy's picture is known by, before its row is told. Any thread.
    using Keep = std::function<void(const KeptPicture&, const KeptSeal&)>; ///< without an id: none
    Stamper(const Plan& plan, Destinations& destinations, MemoryBudget& budget, const std::atomic<bool>& stop,
            Ours ours, Placing placing, Keep keep);

    /// `copies`: indices into the plan, all of one original, to be made now. `together`: indices of every
    /// copy of that original in the plan, so that a resumed run decodes as the first one did. `rows` come
    /// filled as planned; `done` gets each with its outcome. Any thread; never throws for a picture's sake.
    using Done = std::function<void(std::size_t index, LedgerRow row)>;
    void stamp(const std::vector<std::size_t>& copies, const std::vector<std::size_t>& together,
               const std::function<LedgerRow(std::size_t)>& row, const Done& done);

private:
    friend class OneOriginal;
    /// The problem of a place that took nothing three times running: the rest need not be rendered for it.
    std::optional<Problem> blockOf(const std::filesystem::path& root);
    void tell(const std::filesystem::path& root, const std::optional<Problem>& problem);

    const Plan& m_plan;
    Destinations& m_destinations;
    MemoryBudget& m_budget;
    const std::atomic<bool>& m_stop;
    Ours m_ours;
    Placing m_placing;
    Keep m_keep;
    std::vector<PreparedPtr> m_prepared; ///< each delivery's seal, laid out once
    std::mutex m_mutex;
    struct Block {
        int running = 0;
        std::optional<Problem> problem;
    };
    std::map<std::filesystem::path, Block> m_blocks;
};

} // namespace keepseal
