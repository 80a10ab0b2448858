// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does to the parts of a seal: pure changes of a design, each leaving a design that can be
// saved.
#pragma once

#include "geometry/affine.h"
#include "seal/prepared.h"

#include <functional>

namespace keepseal {

using PartIds = std::vector<std::string>;

/// What a design is for whoever makes the copies (their words and emblem filled in): where its parts stand is
/// measured on that. Empty: on the design as it is.
using AsMade = std::function<SealDesign(const SealDesign&)>;

enum class Edge { Left, Middle, Right, Top, Centre, Foot }; ///< Middle: across; Centre: down

/// Adds a part at the end of the group `parent` (empty: the seal itself) and returns its id.
std::string addPart(SealDesign& design, SealPart part, const std::string& parent = {},
                    const AsMade& asMade = {});
/// Groups go with all they hold.
void removeParts(SealDesign& design, const PartIds& ids);
/// Copies beside the originals; groups with all they hold. Returns the ids of the copies.
PartIds duplicateParts(SealDesign& design, const PartIds& ids);
/// One step earlier (-1) or later (+1) among the parts of the same group.
void reorder(SealDesign& design, const std::string& id, int direction);
/// Puts them into a new group where the first of them stands; returns its id, empty when there is nothing to
/// group.
std::string groupParts(SealDesign& design, const PartIds& ids, const AsMade& asMade = {});
/// What a group holds takes its place.
void ungroup(SealDesign& design, const std::string& id, const AsMade& asMade = {});

/// The layout of the group a part stands in.
GroupLayout& layoutAround(SealDesign& design, const std::string& id);
/// From now on the parts of that group stand freely, and just where they stand now.
void placeFreely(SealDesign& design, const std::string& id, const AsMade& asMade = {});
/// By units of the seal; their groups must place freely.
void moveParts(SealDesign& design, const PartIds& ids, Point by);
/// A part, or a group with all it holds, `factor` times as large.
void resizePart(SealDesign& design, const std::string& id, double factor);
/// Lines them up on the edge of the box around them (one alone: on the box of the others). Makes them stand
/// freely.
void alignParts(SealDesign& design, const PartIds& ids, Edge edge, const AsMade& asMade = {});
/// Equal gaps between at least three. Makes them stand freely.
void distributeParts(SealDesign& design, const PartIds& ids, bool across, const AsMade& asMade = {});

/// Where a part or group stands in the seal's units; empty when it is hidden or draws nothing.
Box boxOf(const PreparedSeal& seal, const std::string& id);

} // namespace keepseal
