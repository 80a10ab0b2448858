// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/paintings.h"

#include "base/problem.h"

namespace keepseal {
namespace {

constexpr int kStepsKept = 16; ///< a hand goes back and forth over the border between two versions

/// Without what only says how the paint is mixed in, or what is asked of the mixture.
SealDesign asPainted(SealDesign design) {
    const SealDesign usual;
    design.opacity = usual.opacity;
    design.readable = usual.readable, design.seen = usual.seen;
    design.stronger = usual.stronger, design.strongest = usual.strongest;
    design.halo.strength = usual.halo.strength; // the version's counts
    return design;
}

LogoPtr readLogo(const std::string& file, int page) {
    try {
        return file.empty() ? nullptr : loadLogo(file, page);
    } catch (const Problem&) {
        return nullptr; // told when the seal was laid out
    }
}

std::vector<LogoPtr> logosOf(const PreparedSeal& seal) {
    std::vector<LogoPtr> out;
    for (const auto& prepared : seal.parts)
        if (prepared.logo) {
            const auto& logo = seal.design.parts[prepared.index].logo;
            out.push_back(readLogo(logo.file, logo.page));
            out.push_back(readLogo(logo.darkFile, logo.page));
        }
    return out;
}

} // namespace

SealPaintings::Painters::Painters(const PreparedSeal& seal, const SealPlacement& placement,
                                  std::vector<LogoPtr> logos)
    : m_seal(seal), m_placement(placement), m_logos(std::move(logos)) {
    m_seal.design = asPainted(std::move(m_seal.design));
}

bool SealPaintings::Painters::paintsAlike(const PreparedSeal& seal, const SealPlacement& placement,
                                          const std::vector<LogoPtr>& logos) const {
    return m_seal.facts == seal.facts && m_logos == logos && m_placement == placement &&
           m_seal.design == asPainted(seal.design);
}

/// What a few steps had no use for goes.
void SealPaintings::Painters::beginStep() {
    for (auto& [version, one] : m_painters)
        ++one.unused;
    std::erase_if(m_painters, [](const auto& entry) { return entry.second.unused > kStepsKept; });
}

SealPainter& SealPaintings::Painters::of(const SealVersion& version) {
    auto& one = m_painters[{version.dark, version.halo, version.plate}];
    if (!one.painter)
        one.painter = std::make_unique<SealPainter>(m_seal, m_placement, version, m_marks);
    one.unused = 0;
    return *one.painter;
}

SealPaintings::Painters& SealPaintings::painters(On on, const PreparedSeal& seal,
                                                 const SealPlacement& placement) {
    auto logos = logosOf(seal);
    auto& kept = m_kept[on];
    if (kept && kept->paintsAlike(seal, placement,
                                  logos)) // a dense pattern's placement is copied only where it differs
        kept->beginStep();
    else
        kept = std::make_unique<Painters>(seal, placement, std::move(logos));
    return *kept;
}

std::uint64_t SealPaintings::bytes() const {
    std::uint64_t out = 0;
    for (const auto& [on, painters] : m_kept) {
        out += painters->m_marks->bytes();
        for (const auto& [version, one] : painters->m_painters)
            out += one.painter->bytes();
    }
    return out;
}

} // namespace keepseal
