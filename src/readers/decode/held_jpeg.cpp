// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/held_jpeg.h"

#include "decode/decode.h"

#include <utility>

namespace keepseal {

JpegCoefficients::JpegCoefficients(const ByteSource& source, const PictureFacts& facts)
    : file(allBytesOf(source)), reader({file.data(), file.size()}) {
    requireIs(facts);
}

void JpegCoefficients::requireIs(const PictureFacts& facts) {
    if (!keepsBlocks(reader.get()) || reader->image_width != static_cast<JDIMENSION>(facts.stored.width) ||
        reader->image_height != static_cast<JDIMENSION>(facts.stored.height))
        throw Problem(ProblemKind::NotAPicture, {}, "the JPEG is not the one that was looked at",
                      "Look at the picture again");
}

void JpegCoefficients::requireHas(const Rect& a) {
    const auto width = static_cast<int>(reader->image_width), height = static_cast<int>(reader->image_height);
    const auto ends = [](int at, int length, int all) {
        return at >= 0 && at % 16 == 0 && length > 0 && length <= all - at &&
               (length % 16 == 0 || at + length == all);
    };
    if (!ends(a.x, a.width, width) || !ends(a.y, a.height, height))
        throw Problem(ProblemKind::Internal, {}, "the part is not of this JPEG");
}

std::vector<BlockMeans> JpegCoefficients::means() {
    std::vector<BlockMeans> out;
    for (int c = 0; c < reader->num_components; ++c)
        if (const auto i = static_cast<std::size_t>(c); scan)
            out.push_back({scan->means(i), scan->shape().components[i].stride});
        else
            out.push_back(meansOf(reader, c));
    return out;
}

UnitBlocks& JpegCoefficients::unitsBefore(const Rect& area) {
    auto wanted = wantedFor(area, 1);
    if (wanted.right == scan->shape().unitsAcross) // behind the last of a row comes the first of the next
        wanted.left = 0;
    return readOut(wanted);
}

UnitArea JpegCoefficients::wantedFor(const Rect& area, std::size_t further) {
    const auto& shape = scan->shape();
    const bool alone = shape.components.size() == 1;
    const auto units = [&](int from, int to, int samples, std::size_t most) {
        const int length = DCTSIZE * (alone ? 1 : samples);
        return std::pair(static_cast<std::size_t>(from / length),
                         std::min(static_cast<std::size_t>((to + length - 1) / length) + further, most));
    };
    const auto [left, right] = units(area.x, area.right(), reader->max_h_samp_factor, shape.unitsAcross);
    const auto [top, bottom] = units(area.y, area.bottom(), reader->max_v_samp_factor, shape.unitsDown);
    return {left, top, right, bottom};
}

UnitBlocks& JpegCoefficients::readOut(const UnitArea& wanted) {
    if (!m_read || !m_read->area().holds(wanted))
        m_read = scan->blocks(wanted);
    return *m_read;
}

BlocksFrom blocksOf(UnitBlocks& units) {
    return
        [&units](int c, JDIMENSION x, JDIMENSION y) { return units.at(static_cast<std::size_t>(c), x, y); };
}

BlocksFrom blocksOf(JpegReader& jpeg) {
    return [&jpeg](int c, JDIMENSION x, JDIMENSION y) { return jpeg.row(c, y, true) + x; };
}

namespace {

std::unique_ptr<JpegScan> scanOf(JpegCoefficients& held) {
    return held.reader.isDamaged() ? nullptr : JpegScan::from(held.reader.ahead(), *held.reader.get());
}

/// Its codes are read once, for both: for `all` coefficients by libjpeg.
DecodedPtr decodedBeside(JpegCoefficients& held, const std::string& name, const PictureFacts& facts,
                         int shrink, bool all) {
    const ByteSpan bytes(held.file.data(), held.file.size());
    const MemorySource source(bytes);
    const PictureSource opened(source);
    return opened.tellingDamage(name, [&]() -> DecodedPtr {
        const auto like = opened.open(facts, shrink, PictureSource::Need::Header);
        const auto out = std::make_shared<DecodedPicture>();
        out->shrink = shrink;
        out->whole = blankImage(like);
        const bool byCodes = !all && !held.reader.isDamaged();
        if (auto walked =
                byCodes ? readAllRowsOfScan(bytes, shrink, like, out->whole.memory.data()) : std::nullopt) {
            held.scan = std::make_unique<JpegScan>(std::move(*walked));
            return out;
        }
        if (byCodes) // sampled as only libjpeg makes pixels of
            held.scan = scanOf(held);
        if (held.scan)
            return decodePicture(source, name, facts, shrink);
        held.reader.willDecodeAt(shrink);
        out->whole = pixelsBeside(held.reader, like);
        return out;
    });
}

void readBlocks(JpegCoefficients& held) {
    held.scan = scanOf(held);
    if (!held.scan)
        held.reader.coefficients();
}

} // namespace

HeldJpeg holdJpeg(const ByteSource& source, const std::string& name, const PictureFacts& facts, int decodeAt,
                  bool allAnew) {
    try {
        const KeepsLargeBlocks keeping;
        if (decodeAt < 0 || decodeAt > kMostBeside)
            throw Problem(ProblemKind::Internal, name, "no coefficients are read at that size");
        HeldJpeg out;
        out.coefficients = std::make_shared<JpegCoefficients>(source, facts);
        auto& held = *out.coefficients;
        if (decodeAt > 0)
            out.decoded = decodedBeside(held, name, facts, decodeAt, allAnew);
        else
            readBlocks(held);
        out.coarse = coarseOf(held.reader, held.means());
        return out;
    } catch (Problem& problem) {
        if (problem.subject.empty())
            problem.subject = name;
        throw;
    }
}

Frame pixelsOf(const JpegCoefficients& held, const Rect& area) {
    auto& own = const_cast<JpegCoefficients&>(held); // libjpeg's arrays are read as they are written
    own.requireHas(area);
    if (!own.scan)
        return partOf(own.reader, blocksOf(own.reader), area);
    return partOf(own.reader, blocksOf(own.unitsOf(withNeighbours(own.reader, area))), area);
}

} // namespace keepseal
