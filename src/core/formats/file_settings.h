// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How copies are saved: the chosen formats with their own settings, and what holds for all of them.
#pragma once

#include "base/colour.h"
#include "formats/own_values.h"
#include "picture/colour_space.h"

#include <set>

namespace keepseal {

struct OutputFormat;

enum class BitDepth { Eight, Sixteen };
enum class ColourOut { Srgb, Original, DisplayP3, Profile, Grey };

struct FileSettings {
    std::set<std::string, std::less<>> chosen{"jpeg"}; ///< formats by key: one copy of each
    OwnMap own; ///< of their own settings, those that are not as their rows have them: see set()
    BitDepth depth = BitDepth::Eight; ///< where a format holds 16
    ColourOut colour = ColourOut::Srgb;
    std::string profile; ///< an ICC file, for ColourOut::Profile
    Intent intent = Intent::Relative;
    Rgb background{255, 255, 255}; ///< what transparent pixels become where the format has no transparency
    bool mark = true;              ///< the small XMP mark of our own, see rights/mark.h
    bool untouched = true;     ///< where nothing but the mark changes, the original's own coefficients stay
    bool unseen = false;       ///< the lowest quality that keeps to unseenScore, instead of a chosen one
    double unseenScore = 80;   ///< see formats/visible_loss.h
    double atMost = 0;         ///< kB (1000 bytes) of a whole file; 0: as many as it takes
    int leastQuality = 40;     ///< no lower to keep within them, on the scale of each format
    bool smallerToFit = false; ///< rather fewer pixels than no copy
    bool operator==(const FileSettings&) const = default;

    bool has(std::string_view format) const { return chosen.contains(format); }
    void choose(const std::string& format, bool on = true);
    /// Of a format's own settings. Throw std::logic_error when no format has it.
    SettingValue get(std::string_view key) const;
    void set(std::string_view key, const SettingValue& value);

    /// The chosen ones, in the order of the registry.
    std::vector<const OutputFormat*> formats() const;
    /// Key of the setting that trades looks against bytes in the first of them; empty: none does now.
    std::string qualityKey() const;
    bool works16() const;
    /// At least one of the formats can be transparent.
    bool canBeTransparent() const;
    /// What a copy of this format depends on, and nothing else.
    FileSettings only(const OutputFormat& format) const;
};

} // namespace keepseal
