// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/stored_wish.h"

#include "base/problem.h"
#include "base/text.h"
#include "geometry/fit.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <unistd.h>

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
    // A decoder that shrinks averages code values.
    const auto shrink =
        wish.linearLight ? 1 : decodeShrink({stored.part.width, stored.part.height}, stored.target);
    switch (facts.container) {
    case Container::Jpeg:
    case Container::Svg:
    case Container::Pdf:
        return shrink;
    case Container::CameraRaw:
        return facts.reading.raw == RawPicture::Cameras ? shrink : std::min(shrink, 2);
    default:
        return 1;
    }
}

std::uint64_t decodedMemory(const PictureFacts& facts, int shrink) {
    return static_cast<std::uint64_t>(facts.stored.pixels()) *
           static_cast<unsigned>(facts.channels * facts.bits / 8) / static_cast<unsigned>(shrink * shrink);
}

std::uint64_t decoderMemory(const PictureFacts& facts) {
    const auto pixels = static_cast<std::uint64_t>(facts.stored.pixels());
    const auto stored = decodedMemory(facts, 1);
    const auto deep = facts.bits > 8;
    switch (facts.container) {
    case Container::Jpeg: // progressive: two bytes for each coefficient of the whole picture
        return facts.wholeAtOnce ? stored * 2 : stored / 8;
    case Container::Png:
        return facts.wholeAtOnce ? stored * 2 : stored / 8;
    case Container::Tiff: // YCbCr: libtiff's own pixels beside ours
        return facts.colour == "YCbCr" ? stored / 3 * 7 : stored / 8;
    case Container::WebP: // its planes, and two canvases of R G B A
        return pixels * 12;
    case Container::Heif: // planes, and the same interleaved
        return pixels * (deep ? 18 : 10);
    case Container::JpegXl: // works in floating point
        return pixels * (deep ? 56 : 48);
    case Container::CameraRaw: // four channels of 16 bits, the same again while they are mixed, a picture
        return facts.reading.raw == RawPicture::Cameras ? pixels : pixels * 28;
    case Container::Svg: // R G B A, drawn and turned about
    case Container::Pdf:
        return pixels * 8;
    default:
        break;
    }
    return stored;
}

std::uint64_t developMemory(const PictureFacts& facts, const DevelopWish& wish) {
    const auto perPixel = (wish.deep ? 6U : 3U) + (wish.keepAlpha ? 1U : 0U);
    // Straightening holds all of the picture at the size of the wanted part.
    const double scale = std::max(1e-6, wish.target.width / std::max(1.0, wish.kept.width));
    const auto turned =
        wish.cut.angle != 0
            ? static_cast<std::uint64_t>(static_cast<double>(facts.stored.pixels()) * scale * scale)
            : 0;
    return decoderMemory(facts) + (static_cast<std::uint64_t>(wish.target.pixels()) * 3 + turned) * perPixel;
}

namespace {
std::atomic<std::uint64_t> mostMemory{0};
}

std::uint64_t mostPictureMemory() {
    if (const auto set = mostMemory.load())
        return set;
    return static_cast<std::uint64_t>(::sysconf(_SC_PHYS_PAGES)) *
           static_cast<std::uint64_t>(::sysconf(_SC_PAGESIZE)) / 2;
}

void setMostPictureMemory(std::uint64_t bytes) {
    mostMemory = bytes;
}

void requireFits(std::uint64_t bytes, const std::string& name) {
    if (bytes > mostPictureMemory())
        throw Problem(ProblemKind::TooLarge, name,
                      Saying("decoding it takes about {bytes} of memory, and one picture may have {most} of "
                             "this machine's",
                             {{"bytes", byteText(bytes)}, {"most", byteText(mostPictureMemory())}}),
                      "Save it smaller, or as a TIFF or a baseline JPEG, which are read in strips");
}

} // namespace keepseal
