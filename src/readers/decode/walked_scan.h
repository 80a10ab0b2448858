// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A scan that all codes of were read once: for its pixels, or for nothing else. Internal to decode/.
#pragma once

#include "decode/coded_scan.h"

#include <cstdint>
#include <vector>

namespace keepseal {

struct WalkedScan {
    CodedScan coded;
    std::vector<std::uint64_t> rowBegins; ///< of each row of units, in bits
    std::vector<std::uint64_t> lastBits;  ///< of each segment: behind its last code
    /// Of each component: the first coefficients of its blocks, in rows of its stride.
    std::vector<std::vector<std::int16_t>> means;

    explicit WalkedScan(CodedScan scan) : coded(std::move(scan)) {}
    const ScanShape& shape() const { return coded.shape(); }
    void makeRoom() {
        rowBegins.reserve(shape().unitsDown);
        lastBits.reserve(shape().segments());
        for (const auto& component : shape().components)
            means.emplace_back(component.stride * component.down * shape().unitsDown);
    }
};

} // namespace keepseal
