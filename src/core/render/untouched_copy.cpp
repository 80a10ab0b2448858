// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/untouched_copy.h"

#include "base/language.h"

#include "formats/output_format.h"
#include "render/encode.h"

#include <algorithm>
#include <tuple>

namespace keepseal {
namespace {

bool isAllOver(const SealDesign& seal) {
    return seal.on && seal.arrangement == Arrangement::Repeat;
}

bool keepsSizeAndPlace(const CopyAsked& asked) {
    const auto& chain = asked.chain;
    return asked.facts.container == Container::Jpeg && !chain.resampled() && chain.cut.whole() &&
           chain.cut.quarterTurns == 0 && !chain.cut.flip && chain.sizes.whole == chain.sizes.original &&
           !chain.ground.needed() && !asked.delivery.border.on;
}

/// Empty: they stay.
std::string whyPixelsChange(const CopyAsked& asked) {
    const auto& facts = asked.facts;
    const auto colour = asked.delivery.file.colour;
    if (!facts.keepsBlocks)
        return toSay("its JPEG is of a rare kind");
    if (facts.orientation != 1)
        return toSay("it is turned upright");
    if (colour != ColourOut::Srgb && colour != ColourOut::Original)
        return toSay("its colours are converted");
    if (!facts.srgb && (colour == ColourOut::Srgb || facts.channels == 1))
        return toSay("its colours are converted from its own profile");
    if (changesPixels(asked.delivery.finish, {asked.chain.resampled(), 0}))
        return toSay("its finish changes all of it");
    if (isAllOver(asked.delivery.seal))
        return toSay("its seal is all over it");
    return {};
}

} // namespace

bool onlyTheMarkChanges(const CopyAsked& asked) {
    return keepsSizeAndPlace(asked) && whyPixelsChange(asked).empty();
}

bool wantsUntouched(const FileSettings& file, const std::string& format) {
    return file.untouched && outputFormat(format).untouched && !file.unseen && file.atMost <= 0;
}

std::optional<BlockCoding> codingOfBlocks(const CopyAsked& asked, const std::string& format) {
    const auto& [facts, file] = std::tie(asked.facts, asked.delivery.file);
    const auto& row = outputFormat(format);
    if (!onlyTheMarkChanges(asked))
        return std::nullopt;
    if (wantsUntouched(file, format))
        return BlockCoding{};
    if (!row.blocksAnew || file.untouched || file.unseen || file.atMost > 0)
        return std::nullopt;
    const auto anew = row.blocksAnew(OwnValues(row.settings, file.own));
    return anew && canBeCoded(facts.perColour, *anew) ? anew : std::nullopt;
}

bool isMadeOfCoefficients(const CopyAsked& asked) {
    // A block for each pixel that a seal is decided on; a smaller picture is as quickly decoded.
    constexpr int kLeastSide = kDecisionSide * 8;
    const auto formats = asked.delivery.file.formats();
    return asked.facts.srgb && asked.facts.stored.longSide() >= kLeastSide &&
           asked.facts.stored.shortSide() >= 8 && !formats.empty() &&
           std::all_of(formats.begin(), formats.end(), [&](const OutputFormat* format) {
               return codingOfBlocks(asked, format->key) && !holdsPreview(asked.delivery, format->key);
           });
}

std::string whyAnew(const CopyAsked& asked, const ChangedPart& changed) {
    constexpr std::size_t kMostBytes = 64U << 20; // of pixels in one message
    if (asked.facts.channels == 1 && !isNeutral(changed))
        return toSay("the picture is grey, and its mark has colour");
    if (changed.rgb.size() > kMostBytes)
        return toSay("its mark covers too much of it");
    return {};
}

Note encodedAnewBecause(const std::string& why) {
    return {NoteKind::EncodedAnew, {}, {{"why", why}}};
}

std::optional<Note> encodedAnewNote(const CopyAsked& asked, const std::string& format) {
    if (!wantsUntouched(asked.delivery.file, format) || !keepsSizeAndPlace(asked))
        return std::nullopt;
    const auto why = whyPixelsChange(asked);
    return why.empty() ? std::nullopt : std::optional(encodedAnewBecause(why));
}

} // namespace keepseal
