// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/design.h"

#include "base/language.h"
#include "base/text.h"

#include <algorithm>
#include <utility>

namespace keepseal {
namespace {

SealPart& textToShape(SealDesign& design) {
    for (auto& part : design.parts)
        if (part.kind == PartKind::Text)
            return part;
    design.parts.push_back(newPart(design, PartKind::Text));
    return design.parts.back();
}

} // namespace

std::array<HelpKind, 3> orderOf(HelpOrder order) {
    using K = HelpKind;
    switch (order) {
    case HelpOrder::HaloStrengthPlate:
        break;
    case HelpOrder::StrengthHaloPlate:
        return {K::Strength, K::Halo, K::Plate};
    case HelpOrder::HaloPlateStrength:
        return {K::Halo, K::Plate, K::Strength};
    case HelpOrder::StrengthPlateHalo:
        return {K::Strength, K::Plate, K::Halo};
    case HelpOrder::PlateHaloStrength:
        return {K::Plate, K::Halo, K::Strength};
    case HelpOrder::PlateStrengthHalo:
        return {K::Plate, K::Strength, K::Halo};
    }
    return {K::Halo, K::Strength, K::Plate};
}

bool PerspectiveLook::on() const {
    for (const auto& corner : corners)
        if (corner.x != 0 || corner.y != 0)
            return true;
    return false;
}

SealDesign::SealDesign() {
    parts.push_back(newPart(*this, PartKind::Text));
}

const SealPart* SealDesign::part(const std::string& id) const {
    for (const auto& part : parts)
        if (part.id == id)
            return &part;
    return nullptr;
}
SealPart* SealDesign::part(const std::string& id) {
    return const_cast<SealPart*>(std::as_const(*this).part(id));
}

const SealPart* SealDesign::firstText() const {
    for (const auto& part : parts)
        if (part.kind == PartKind::Text)
            return &part;
    return nullptr;
}

std::string SealDesign::text() const {
    return firstText() ? firstText()->text.text : std::string();
}
void SealDesign::setText(const std::string& text) {
    textToShape(*this).text.text = text;
}

bool SealDesign::drawsAnything() const {
    return on && std::any_of(parts.begin(), parts.end(), [](const SealPart& part) {
               return !part.hidden && (part.kind == PartKind::Shape ||
                                       (part.kind == PartKind::Text && !trimmed(part.text.text).empty()) ||
                                       (part.kind == PartKind::Logo && !part.logo.file.empty()));
           });
}

SealPart newPart(const SealDesign& design, PartKind kind) {
    constexpr const char* names[] = {toSay("Text"), toSay("Logo"), toSay("Shape"), toSay("Group")};
    SealPart part;
    part.kind = kind;
    for (int number = 1; part.id.empty(); ++number) {
        const auto id = keyOf(kind) + std::to_string(number);
        if (design.part(id))
            continue;
        part.id = id;
        part.name = said(names[static_cast<std::size_t>(kind)]);
        if (number > 1)
            part.name += " " + std::to_string(number);
    }
    if (kind == PartKind::Logo)
        part.size = 160;
    return part;
}

} // namespace keepseal
