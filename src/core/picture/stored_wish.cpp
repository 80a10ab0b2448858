// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/stored_wish.h"

#include "geometry/fit.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

bool isOnSide(int orientation) {
    return orientation >= 5;
}

/// A box of the turned picture, in the stored one.
Rect storedPart(const Rect& box, Size turned, int orientation) {
    const int right = turned.width - box.right(), bottom = turned.height - box.bottom();
    switch (orientation) {
    case 2:
        return {right, box.y, box.width, box.height};
    case 3:
        return {right, bottom, box.width, box.height};
    case 4:
        return {box.x, bottom, box.width, box.height};
    case 5:
        return {box.y, box.x, box.height, box.width};
    case 6:
        return {box.y, right, box.height, box.width};
    case 7:
        return {bottom, right, box.height, box.width};
    case 8:
        return {bottom, box.x, box.height, box.width};
    default:
        return box;
    }
}

} // namespace

StoredWish storedWish(const PictureFacts& facts, const DevelopWish& wish) {
    StoredWish out;
    out.orientation = composedOrientation(facts.orientation, wish.cut.quarterTurns, wish.cut.flip);
    if (wish.cut.angle != 0) {
        // All of it, as large as the wanted part needs it; the part is taken while it is turned.
        const double scale =
            std::max(wish.target.width / wish.kept.width, wish.target.height / wish.kept.height);
        out.part = {0, 0, facts.stored.width, facts.stored.height};
        const auto side = [scale](int pixels) {
            return std::max(1, static_cast<int>(std::lround(pixels * scale)));
        };
        out.target = {side(facts.stored.width), side(facts.stored.height)};
        return out;
    }
    // A flip turns the part of the cut around as well: cut and kept are boxes of the turned, flipped picture.
    const Rect box{
        static_cast<int>(wish.cut.box.x + wish.kept.x), static_cast<int>(wish.cut.box.y + wish.kept.y),
        std::max(1, static_cast<int>(wish.kept.width)), std::max(1, static_cast<int>(wish.kept.height))};
    out.part = storedPart(box, wish.cut.turned, out.orientation);
    out.target = isOnSide(out.orientation) ? Size{wish.target.height, wish.target.width} : wish.target;
    return out;
}

DevelopWish wholePicture(const PictureFacts& facts, Size target) {
    DevelopWish out;
    out.cut = cutOf({}, {}, facts.size);
    out.kept = {0, 0, double(facts.size.width), double(facts.size.height)};
    out.target = target;
    return out;
}

/// The most that may be shrunk while decoding: what is wanted must still be there.
int decodeShrinkFor(const PictureFacts& facts, const DevelopWish& wish) {
    const auto stored = storedWish(facts, wish);
    return facts.container == Container::Jpeg
               ? decodeShrink({stored.part.width, stored.part.height}, stored.target)
               : 1;
}

std::uint64_t decodedMemory(const PictureFacts& facts, int shrink) {
    return static_cast<std::uint64_t>(facts.stored.pixels()) *
           static_cast<unsigned>(facts.channels * facts.bits / 8) / static_cast<unsigned>(shrink * shrink);
}

std::uint64_t developMemory(const PictureFacts& facts, const DevelopWish& wish) {
    const auto pixelBytes = static_cast<std::uint64_t>(facts.channels) * facts.bits / 8;
    const auto stored = static_cast<std::uint64_t>(facts.stored.pixels()) * pixelBytes;
    // JPEG and TIFF stream through in strips; a progressive JPEG and the others may be held whole.
    const bool streams =
        facts.container == Container::Jpeg || (facts.container == Container::Tiff && facts.colour != "YCbCr");
    const auto perPixel = (wish.deep ? 6U : 3U) + (wish.keepAlpha ? 1U : 0U);
    // Straightening holds all of the picture at the size of the wanted part.
    const double scale = std::max(1e-6, wish.target.width / std::max(1.0, wish.kept.width));
    const auto turned =
        wish.cut.angle != 0
            ? static_cast<std::uint64_t>(static_cast<double>(facts.stored.pixels()) * scale * scale)
            : 0;
    const auto held = facts.colour == "YCbCr" ? stored / 3 * 7 : stored; // libtiff's own pixels beside ours
    return (streams ? stored / 8 : held) +
           (static_cast<std::uint64_t>(wish.target.pixels()) * 3 + turned) * perPixel;
}

} // namespace keepseal
