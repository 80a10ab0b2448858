// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/edit.h"

#include <algorithm>
#include <map>
#include <set>

namespace keepseal {
namespace {

std::size_t indexOf(const SealDesign& design, const std::string& id) {
    for (std::size_t i = 0; i < design.parts.size(); ++i)
        if (design.parts[i].id == id)
            return i;
    return design.parts.size();
}

/// The parts themselves and all that lies in them.
std::set<std::string> withMembers(const SealDesign& design, const PartIds& ids) {
    std::set<std::string> all(ids.begin(), ids.end());
    for (std::size_t before = 0; before != all.size();) {
        before = all.size();
        for (const auto& part : design.parts)
            if (all.contains(part.parent))
                all.insert(part.id);
    }
    return all;
}

Box boundsOfAll(const PreparedSeal& seal, const PartIds& ids) {
    Box out;
    for (const auto& id : ids)
        out = united(out, boxOf(seal, id));
    return out;
}

PreparedPtr laidOut(const SealDesign& design, const AsMade& asMade) {
    return prepareSeal(asMade ? asMade(design) : design);
}

/// As far out as its settings allow.
void putAt(SealPart& part, Point at) {
    constexpr double kFurthest = 5000;
    part.x = std::clamp(at.x, -kFurthest, kFurthest);
    part.y = std::clamp(at.y, -kFurthest, kFurthest);
}

} // namespace

std::string addPart(SealDesign& design, SealPart part, const std::string& parent, const AsMade& asMade) {
    if (part.id.empty() || design.part(part.id))
        part.id = newPart(design, part.kind).id;
    part.parent = parent;
    if (layoutAround(design, {}).stacking == Stacking::Free && parent.empty()) {
        const auto seal = laidOut(design, asMade); // below all that is there
        putAt(part, {seal->ink.centre().x, seal->ink.bottom() + 30 + part.size / 2});
    }
    design.parts.push_back(std::move(part));
    return design.parts.back().id;
}

void removeParts(SealDesign& design, const PartIds& ids) {
    const auto all = withMembers(design, ids);
    std::erase_if(design.parts, [&](const SealPart& part) { return all.contains(part.id); });
}

PartIds duplicateParts(SealDesign& design, const PartIds& ids) {
    PartIds made;
    const auto all = withMembers(design, ids);
    std::map<std::string, std::string> newIds;
    const auto originals = design.parts;
    for (const auto& part : originals) {
        if (!all.contains(part.id))
            continue;
        SealPart copy = part;
        const auto fresh = newPart(design, part.kind);
        copy.id = fresh.id;
        putAt(copy, {copy.x + 20, copy.y + 20});
        newIds[part.id] = copy.id;
        if (const auto parent = newIds.find(part.parent); parent != newIds.end())
            copy.parent = parent->second;
        else {
            copy.name += " copy";
            made.push_back(copy.id);
        }
        design.parts.push_back(std::move(copy));
    }
    return made;
}

void reorder(SealDesign& design, const std::string& id, int direction) {
    const auto at = indexOf(design, id);
    if (at == design.parts.size())
        return;
    auto other = at;
    while (true) {
        if (direction < 0 && other == 0)
            return;
        other += direction < 0 ? std::size_t(-1) : 1;
        if (other >= design.parts.size())
            return;
        if (design.parts[other].parent == design.parts[at].parent)
            break;
    }
    std::swap(design.parts[at], design.parts[other]);
}

std::string groupParts(SealDesign& design, const PartIds& ids, const AsMade& asMade) {
    if (ids.empty())
        return {};
    const auto* first = design.part(ids.front());
    if (!first)
        return {};
    SealPart group = newPart(design, PartKind::Group);
    group.parent = first->parent;
    group.group = layoutAround(design, ids.front());
    const auto seal = laidOut(design, asMade);
    putAt(group, boundsOfAll(*seal, ids).centre());
    const auto id = group.id;
    const auto at = indexOf(design, ids.front());
    design.parts.insert(design.parts.begin() + static_cast<std::ptrdiff_t>(at), std::move(group));
    const auto parent = design.part(id)->parent;
    for (auto& part : design.parts)
        if (std::find(ids.begin(), ids.end(), part.id) != ids.end() && part.parent == parent)
            part.parent = id;
    return id;
}

void ungroup(SealDesign& design, const std::string& id, const AsMade& asMade) {
    const auto at = indexOf(design, id);
    if (at == design.parts.size() || design.parts[at].kind != PartKind::Group)
        return;
    const auto seal = laidOut(design, asMade);
    if (layoutAround(design, id).stacking == Stacking::Free)
        for (const auto& box : seal->boxes)
            if (auto* part = design.part(box.first); part && part->parent == id)
                putAt(*part, box.second.centre());
    const auto parent = design.parts[at].parent;
    for (auto& part : design.parts)
        if (part.parent == id)
            part.parent = parent;
    design.parts.erase(design.parts.begin() + static_cast<std::ptrdiff_t>(at));
}

GroupLayout& layoutAround(SealDesign& design, const std::string& id) {
    const auto* part = design.part(id);
    auto* group = part && !part->parent.empty() ? design.part(part->parent) : nullptr;
    return group ? group->group : design.layout;
}

void placeFreely(SealDesign& design, const std::string& id, const AsMade& asMade) {
    auto& layout = layoutAround(design, id);
    if (layout.stacking == Stacking::Free)
        return;
    const auto seal = laidOut(design, asMade);
    const auto* self = design.part(id);
    const auto parent = self ? self->parent : std::string();
    for (auto& part : design.parts)
        if (part.parent == parent)
            if (const Box box = boxOf(*seal, part.id); !box.empty()) {
                putAt(part, box.centre());
                // What stretched keeps its length: freely placed parts have nothing to stretch to.
                if (part.kind == PartKind::Shape && part.shape.stretch) {
                    part.shape.width = std::clamp(box.width, 1.0, 3000.0);
                    if (part.shape.shape != ShapeKind::Line)
                        part.size = std::clamp(box.height, 1.0, 2000.0);
                }
            }
    layout.stacking = Stacking::Free;
}

void moveParts(SealDesign& design, const PartIds& ids, Point by) {
    for (const auto& id : ids)
        if (auto* part = design.part(id))
            putAt(*part, {part->x + by.x, part->y + by.y});
}

void resizePart(SealDesign& design, const std::string& id, double factor) {
    for (const auto& member : withMembers(design, {id})) {
        auto* part = design.part(member);
        if (!part)
            continue;
        const auto scaled = [factor](double value, double least, double most) {
            return std::clamp(value * factor, least, most);
        };
        part->size = std::round(scaled(part->size, 1, 2000));
        part->shape.width = std::round(scaled(part->shape.width, 1, 3000));
        if (part->kind == PartKind::Group)
            part->group.gap = std::round(scaled(part->group.gap, -100, 500));
        if (member != id)
            putAt(*part, {part->x * factor, part->y * factor});
    }
}

void alignParts(SealDesign& design, const PartIds& ids, Edge edge, const AsMade& asMade) {
    if (ids.empty())
        return;
    placeFreely(design, ids.front(), asMade);
    const auto seal = laidOut(design, asMade);
    Box around = boundsOfAll(*seal, ids);
    if (ids.size() == 1) {
        around = {};
        const auto parent = design.part(ids.front())->parent;
        for (const auto& part : design.parts)
            if (part.parent == parent && part.id != ids.front())
                around = united(around, boxOf(*seal, part.id));
        if (around.empty())
            return;
    }
    for (const auto& id : ids) {
        const Box box = boxOf(*seal, id);
        Point by;
        switch (edge) {
        case Edge::Left:
            by.x = around.x - box.x;
            break;
        case Edge::Middle:
            by.x = around.centre().x - box.centre().x;
            break;
        case Edge::Right:
            by.x = around.right() - box.right();
            break;
        case Edge::Top:
            by.y = around.y - box.y;
            break;
        case Edge::Centre:
            by.y = around.centre().y - box.centre().y;
            break;
        case Edge::Foot:
            by.y = around.bottom() - box.bottom();
            break;
        }
        moveParts(design, {id}, by);
    }
}

void distributeParts(SealDesign& design, const PartIds& ids, bool across, const AsMade& asMade) {
    if (ids.size() < 3)
        return;
    placeFreely(design, ids.front(), asMade);
    const auto seal = laidOut(design, asMade);
    std::vector<std::pair<Box, std::string>> boxes;
    double filled = 0;
    for (const auto& id : ids) {
        boxes.emplace_back(boxOf(*seal, id), id);
        filled += across ? boxes.back().first.width : boxes.back().first.height;
    }
    std::sort(boxes.begin(), boxes.end(), [across](const auto& a, const auto& b) {
        return across ? a.first.x < b.first.x : a.first.y < b.first.y;
    });
    const Box first = boxes.front().first, last = boxes.back().first;
    const double room = across ? last.right() - first.x : last.bottom() - first.y;
    const double gap = (room - filled) / static_cast<double>(boxes.size() - 1);
    double at = across ? first.x : first.y;
    for (const auto& [box, id] : boxes) {
        moveParts(design, {id}, across ? Point{at - box.x, 0} : Point{0, at - box.y});
        at += (across ? box.width : box.height) + gap;
    }
}

Box boxOf(const PreparedSeal& seal, const std::string& id) {
    for (const auto& [key, box] : seal.boxes)
        if (key == id)
            return box;
    return {};
}

} // namespace keepseal
