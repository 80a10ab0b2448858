// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/encode.h"

#include "base/text.h"
#include "formats/byte_limit.h"
#include "formats/vips_pixels.h"
#include "formats/visible_loss.h"
#include "render/smaller_frame.h"

#include <cmath>
#include <map>

namespace keepseal {
namespace {

/// Fewer bits, the same numbers otherwise.
Frame withEightBits(const Frame& frame) {
    Frame out;
    out.size = frame.size;
    out.space = frame.space;
    out.alpha = frame.alpha;
    out.picture = frame.picture;
    out.measure() = frame.measure();
    out.rgb.resize(frame.deep.size());
    for (std::size_t i = 0; i < frame.deep.size(); ++i)
        out.rgb[i] = static_cast<std::uint8_t>((frame.deep[i] + 128U) / 257U);
    return out;
}

/// The frame as this format can hold it; the same frame where it is so already.
const Frame& fitting(const Frame& frame, const FileSettings& settings, const OutputFormat& format,
                     Frame& changed) {
    const bool wide = frame.isDeep() && !(format.sixteen && settings.depth == BitDepth::Sixteen);
    const bool flat = !frame.alpha.empty() && !format.alpha;
    if (!wide && !flat)
        return frame;
    changed = wide ? withEightBits(frame) : frame;
    if (flat)
        flattenOnto(changed, settings.background);
    return changed;
}

/// Samples in memory of their own, where a coder can't have the frame's.
struct Samples {
    Pixels<std::uint8_t> eight;
    Pixels<std::uint16_t> sixteen;
    template <class T>
    Pixels<T>& of() {
        if constexpr (sizeof(T) == 2)
            return sixteen;
        else
            return eight;
    }
};

template <class T>
Pixels<T> interleaved(const T* colours, int bands, const Pixels<std::uint8_t>& alpha, std::size_t count) {
    Pixels<T> out;
    out.reserve(count * static_cast<std::size_t>(bands + 1));
    for (std::size_t i = 0; i < count; ++i) {
        for (int c = 0; c < bands; ++c)
            out.push_back(*colours++);
        out.push_back(fromEight<T>(alpha[i]));
    }
    return out;
}

template <class T>
CopyPixels pixelsOf(const Frame& frame, const ColourSpacePtr& grey, Samples& samples) {
    constexpr bool wide = sizeof(T) == 2;
    auto& own = samples.of<T>();
    const auto count = static_cast<std::size_t>(frame.size.pixels());
    const T* colours = frame.rowOf<T>(0);
    int bands = 3;
    if (grey) {
        own.resize(count);
        convertPixels(colours, wide, frame.space ? *frame.space : *srgbSpace(), own.data(), wide, *grey,
                      count, Intent::Relative);
        colours = own.data();
        bands = 1;
    }
    if (!frame.alpha.empty()) {
        own = interleaved(colours, bands, frame.alpha, count);
        colours = own.data();
        ++bands;
    }
    return {frame.size, bands, wide, colours};
}

ColourSpacePtr greyOut(const FileSettings& settings) {
    const auto space = outputSpace(settings);
    return space && space->channels() == 1 ? space : nullptr;
}

} // namespace

std::optional<Note> limitNote(const OutputFormat& format, Size size) {
    if (size.longSide() <= format.longestSide)
        return std::nullopt;
    return Note{NoteKind::FormatTooSmall,
                format.name,
                {{"format", format.name}, {"most", std::to_string(format.longestSide)}}};
}

Bytes encodePixels(const Frame& frame, const FileSettings& settings, const OutputFormat& format) {
    Frame changed;
    const Frame& fit = fitting(frame, settings, format, changed);
    const auto grey = greyOut(settings);
    Samples samples;
    auto pixels = fit.isDeep() ? pixelsOf<std::uint16_t>(fit, grey, samples)
                               : pixelsOf<std::uint8_t>(fit, grey, samples);
    const auto space = grey ? grey : fit.space;
    if (space)
        pixels.profile = space->profile();
    return format.encode(pixels, OwnValues(format.settings, settings.own));
}

Bytes encodeJpeg(const Frame& frame, int quality) {
    FileSettings settings;
    settings.set("quality", static_cast<double>(quality));
    return encodePixels(frame, settings, outputFormat("jpeg"));
}

namespace {

/// At most 160 pixels on a side, as Exif has it (Exif 2.32, 4.5.8).
Bytes newPreview(const Frame& frame) {
    const Frame small = asEightBitSrgb(frame);
    return encodedBy({small.size, 3, false, small.rgb.data()},
                     [&](const vips::VImage& image, vips::VOption* options) {
                         return image.resize(std::min(1.0, 160.0 / small.size.longSide()))
                             .jpegsave_buffer(options->set("Q", 75));
                     });
}

} // namespace

bool holdsPreview(const Delivery& delivery, const std::string& format) {
    return delivery.privacy.newPreview && outputFormat(format).preview;
}

EncodeStage encodeStage(const Delivery& delivery, const ChainPlan& plan, const std::string& format,
                        const CopyWords& words, const CopyMark& holds) {
    const auto& row = outputFormat(format);
    return {format, delivery.file.only(row), plan.pixelsPerMm, holdsPreview(delivery, format), words, holds};
}

namespace {

/// A whole file by these settings, whatever its bytes.
EncodedCopy encodedAs(const EncodeStage& stage, const FileSettings& file, const Frame& frame,
                      const StampedJpeg* stamped = nullptr) {
    const auto& row = outputFormat(stage.format);
    const Bytes bare = stamped ? Bytes() : encodePixels(frame, file, row);
    const auto grey = stamped && stamped->grey ? greySpace() : greyOut(file);
    const auto space = grey ? grey : frame.space ? frame.space : srgbSpace();
    CopyFacts facts;
    facts.srgb = !grey && !frame.space;
    facts.pixelsPerMm = stage.pixelsPerMm;
    facts.size = frame.size;
    if (file.mark)
        facts.mark = stage.holds;
    if (stage.preview)
        facts.preview = newPreview(frame);
    auto metadata = composeMetadata(stage.words, facts);
    EncodedCopy out;
    out.size = frame.size;
    out.bytes = row.embed(stamped ? stamped->bytes : bare, metadata, {space->profile(), stage.pixelsPerMm});
    out.notes = std::move(metadata.notes);
    return out;
}

constexpr int kMostTries = 5;  ///< encodings to find a quality
constexpr int kMostSizes = 7;  ///< of a copy that may have fewer pixels, one encoding each
constexpr int kLeastSide = 64; ///< no copy is made smaller than that

/// The least quality a copy may have, and its best one; nothing where the format gives up nothing for bytes.
std::optional<StepRange> qualityRange(const EncodeStage& stage) {
    const auto& row = outputFormat(stage.format);
    const OwnValues own(row.settings, stage.file.own);
    if (!own.counts(row.quality))
        return std::nullopt;
    const int best = own.whole(row.quality);
    return StepRange{std::min(best, stage.file.leastQuality), best};
}

EncodedCopy encodedWith(const EncodeStage& stage, int quality, const Frame& frame) {
    auto file = stage.file;
    file.set(outputFormat(stage.format).quality, static_cast<double>(quality));
    auto out = encodedAs(stage, file, frame);
    out.quality = quality;
    return out;
}

/// The best quality that fits; where none does, the least one, which is too large.
EncodedCopy fittedQuality(const EncodeStage& stage, const Frame& frame, std::uint64_t most) {
    const auto range = qualityRange(stage);
    if (!range)
        return encodedAs(stage, stage.file, frame);
    std::map<int, EncodedCopy> made;
    const auto found = bestWithin(most, *range, kMostTries, [&](int quality) {
        auto& there = made[quality] = encodedWith(stage, quality, frame);
        return static_cast<std::uint64_t>(there.bytes.size());
    });
    return std::move(made.at(found.value_or(range->least)));
}

/// With as many pixels as fit, at the least quality; where none do, as it came. `tooLarge`: with all of them.
EncodedCopy fittedSize(const EncodeStage& stage, const Frame& frame, std::uint64_t most,
                       EncodedCopy tooLarge) {
    const auto range = qualityRange(stage);
    const int least = std::max(1, 100 * kLeastSide / std::max(1, frame.size.longSide()));
    std::map<int, EncodedCopy> made; // by per cent of the side
    made.emplace(100, std::move(tooLarge));
    const auto found = bestWithin(most, {std::min(least, 100), 100}, kMostSizes, [&](int percent) {
        if (!made.contains(percent)) {
            const auto smaller = smallerFrame(frame, percent / 100.0);
            made[percent] =
                range ? encodedWith(stage, range->least, smaller) : encodedAs(stage, stage.file, smaller);
        }
        return static_cast<std::uint64_t>(made.at(percent).bytes.size());
    });
    return std::move(made.at(found.value_or(100)));
}

Note fileNote(NoteKind kind, const OutputFormat& row, std::uint64_t most,
              std::pair<std::string, std::string> more) {
    return {kind, row.name, {{"format", row.name}, {"most", byteText(most)}, std::move(more)}};
}

/// All there are of this format, whatever was chosen; nothing where it gives up nothing.
std::optional<StepRange> wholeRange(const EncodeStage& stage) {
    const auto& row = outputFormat(stage.format);
    if (!row.pixelForPixel || !OwnValues(row.settings, stage.file.own).counts(row.quality))
        return std::nullopt;
    const auto own = std::find_if(row.settings.begin(), row.settings.end(),
                                  [&](const OwnSetting& setting) { return setting.key == row.quality; });
    return StepRange{static_cast<int>(own->range.min), static_cast<int>(own->range.max)};
}

constexpr int kUnseenTries = 6;
constexpr int kFirstUnseen = 82; ///< where most photographs come near the usual limit

/// At the lowest quality found that keeps the score; at the best one where none does.
EncodedCopy unseenQuality(const EncodeStage& stage, const Frame& frame) {
    const auto range = wholeRange(stage);
    if (!range)
        return encodedAs(stage, stage.file, frame);
    const Frame before = screenStage(stage.file).on(frame);
    const auto& quickest = outputFormat(stage.format).quickest;
    auto quick = stage; // the search is for pixels, and they are the same
    for (const auto& [key, value] : quickest)
        quick.file.set(key, value);
    std::map<int, EncodedCopy> made;
    const auto found = leastScoring(stage.file.unseenScore, *range, kFirstUnseen,
                                    quickest.empty() ? kUnseenTries : kUnseenTries - 1, [&](int quality) {
                                        auto& there = made[quality] = encodedWith(quick, quality, frame);
                                        there.score =
                                            visibleLossScore(before, decodedCopy(there.bytes, stage.file));
                                        return *there.score;
                                    });
    auto out = std::move(made.at(found.value_or(range->best)));
    if (quickest.empty())
        return out;
    const auto score = out.score;
    out = encodedWith(stage, *out.quality, frame);
    out.score = score;
    return out;
}

/// What may be seen and what it may weigh are both kept, or it is told.
EncodedCopy asSmallAsUnseen(EncodeStage stage, const Frame& frame, std::uint64_t most) {
    for (const auto& [key, value] : outputFormat(stage.format).smallest)
        stage.file.set(key, value);
    auto out = unseenQuality(stage, frame);
    const auto quality = out.quality;
    if (!quality)
        return out;
    if (out.bytes.size() > most && stage.file.smallerToFit) {
        auto fixed = stage;
        fixed.file.leastQuality = *quality;
        fixed.file.set(outputFormat(stage.format).quality, static_cast<double>(*quality));
        out = fittedSize(fixed, frame, most, std::move(out));
        if (!(out.size == frame.size)) {
            const auto smaller = smallerFrame(frame, static_cast<double>(out.size.width) / frame.size.width);
            out.score = smaller.size == out.size ? visibleLossScore(screenStage(stage.file).on(smaller),
                                                                    decodedCopy(out.bytes, stage.file))
                                                 : 0;
        }
    }
    const auto& row = outputFormat(stage.format);
    const bool kept = out.score && *out.score >= stage.file.unseenScore;
    addNote(out.notes, {kept ? NoteKind::FileUnseen : NoteKind::FileSeen,
                        row.name,
                        {{"format", row.name},
                         {"quality", std::to_string(*quality)},
                         {"score", trimmedNumber(out.score.value_or(0), 1)},
                         {"least", trimmedNumber(stage.file.unseenScore, 1)}}});
    return out;
}

} // namespace

Frame decodedCopy(const Bytes& bytes, const FileSettings& file) {
    const MemorySource source(bytes);
    const auto facts = readFacts(source, "the copy");
    auto wish = wholePicture(facts, facts.size);
    wish.keepAlpha = true;
    return screenStage(file).on(develop(source, "the copy", facts, wish));
}

EncodedCopy EncodeStage::on(const Frame& frame, const StampedJpeg* stamped) const {
    if (stamped)
        return encodedAs(*this, file, frame, stamped);
    const auto most = file.atMost > 0 ? static_cast<std::uint64_t>(file.atMost * 1000) : UINT64_MAX;
    const auto& row = outputFormat(format);
    auto out = file.unseen       ? asSmallAsUnseen(*this, frame, most)
               : file.atMost > 0 ? fittedQuality(*this, frame, most)
                                 : encodedAs(*this, file, frame);
    if (file.atMost <= 0)
        return out;
    if (!file.unseen && out.bytes.size() > most && file.smallerToFit)
        out = fittedSize(*this, frame, most, std::move(out));
    if (out.bytes.size() > most) {
        auto needs = byteText(out.bytes.size());
        if (needs == byteText(most)) // by a few bytes: they would read alike
            needs = std::to_string(out.bytes.size()) + " bytes";
        addNote(out.notes, fileNote(NoteKind::FileTooLarge, row, most, {"needs", needs}));
    } else if (!(out.size == frame.size))
        addNote(out.notes,
                fileNote(NoteKind::FileMadeSmaller, row, most,
                         {"size", std::to_string(out.size.width) + " x " + std::to_string(out.size.height)}));
    if (out.quality && !file.unseen && out.bytes.size() <= most &&
        *out.quality != OwnValues(row.settings, file.own).whole(row.quality))
        addNote(out.notes,
                fileNote(NoteKind::FileFitted, row, most, {"quality", std::to_string(*out.quality)}));
    return out;
}

Bytes encodePng(const Frame& frame) {
    FileSettings settings;
    settings.set("png_effort", 4.0);
    return encodePixels(asEightBitSrgb(frame), settings, outputFormat("png"));
}

ScreenStage screenStage(const FileSettings& settings) {
    const auto formats = settings.formats();
    ScreenStage out;
    out.colour = settings.colour;
    if (settings.colour == ColourOut::Profile)
        out.profile = settings.profile;
    out.alpha = formats.empty() || formats.front()->alpha;
    if (!out.alpha)
        out.background = settings.background;
    return out;
}

Frame ScreenStage::on(const Frame& frame) const {
    Frame out = asEightBitSrgb(frame);
    out.picture = frame.picture;
    out.measure() = frame.measure();
    const auto space = outputSpace(colour, profile);
    if (space && space->channels() == 1) {
        std::vector<std::uint8_t> values(static_cast<std::size_t>(out.size.pixels()));
        convertPixels(out.rgb.data(), false, *srgbSpace(), values.data(), false, *space, values.size(),
                      Intent::Relative);
        convertPixels(values.data(), false, *space, out.rgb.data(), false, *srgbSpace(), values.size(),
                      Intent::Relative);
    }
    if (!alpha)
        flattenOnto(out, background);
    return out;
}

} // namespace keepseal
