// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One part of a seal: text, logo, shape, or a group of parts. Every length is in percent of the seal's unit
// (the height the seal is given on a picture), so nothing here has pixels.
#pragma once

#include "base/colour.h"
#include "base/setting.h"
#include "text/text_part.h"

#include <nlohmann/json.hpp>

namespace keepseal {

enum class PartKind { Text, Logo, Shape, Group };
enum class ShapeKind { Line, Box, RoundedBox, Ring }; // in the order of its choices
enum class Stacking { Stack, Row, Free };
enum class CrossAlign { Start, Middle, End };

/// A logo's file that stands for the emblem of whoever makes the copies.
inline constexpr const char* kMyEmblem = "my emblem";

struct LogoPart {
    std::string file;      ///< SVG, PDF, PNG, TIFF, WebP or JPEG; or kMyEmblem
    std::string darkFile;  ///< the dark version; empty: the same file
    int page = 1;          ///< of a PDF, from 1
    bool recolour = false; ///< one tone in the part's colour instead of its own colours
    bool trim = true;      ///< cuts empty edges off
    bool clearOn = false;  ///< makes one colour transparent
    Rgb clearColour{255, 255, 255};
    double clearTolerance = 12; ///< percent of the largest channel difference
    bool keepTone = false;      ///< a logo of one tone keeps its colour in both versions
    bool operator==(const LogoPart&) const = default;
};

struct ShapePart {
    ShapeKind shape = ShapeKind::Line;
    double width = 100;    ///< percent of the unit; not used while it stretches
    bool stretch = true;   ///< as wide as the widest other part of its group (in a row: as tall)
    double thickness = 4;  ///< percent of the unit: the line's; 0 fills box and ring
    double roundness = 20; ///< percent of half the shorter side, rounded boxes only
    bool operator==(const ShapePart&) const = default;
};

/// How the members of a group stand to each other; the seal itself is the outermost group.
struct GroupLayout {
    Stacking stacking = Stacking::Stack;
    double gap = 30; ///< percent of the unit, between neighbours
    CrossAlign align = CrossAlign::Middle;
    bool operator==(const GroupLayout&) const = default;
};

struct SealPart {
    std::string id; ///< unique in its seal
    std::string name;
    std::string parent; ///< id of its group; empty: the seal itself
    PartKind kind = PartKind::Text;
    bool hidden = false;
    bool locked = false;       ///< the bench leaves it alone
    double size = 100;         ///< percent of the unit: type size of a text, height of a logo or shape
    double x = 0, y = 0;       ///< percent of the unit: its middle, where parts are placed freely
    double opacity = 100;      ///< percent
    Rgb colour{255, 255, 255}; ///< in the light version
    Rgb darkColour{17, 17, 17};
    TextPart text;
    LogoPart logo;
    ShapePart shape;
    GroupLayout group;
    nlohmann::json unknown = nlohmann::json::object(); ///< keys this version does not know
    bool operator==(const SealPart&) const = default;
};

/// The settings of a part of this kind: what the bench shows and what is saved.
const std::vector<Setting<SealPart>>& partSettings(PartKind kind);
/// "text", "logo", "shape", "group", as saved.
const char* keyOf(PartKind kind);

const std::vector<Setting<GroupLayout>>& groupSettings();

} // namespace keepseal
