// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/stages.h"

#include "base/problem.h"

#include <map>
#include <mutex>

namespace keepseal {
namespace {

/// Profiles by path and time stamp.
ColourSpacePtr profileFile(const std::string& typed) {
    static std::mutex mutex;
    static std::map<std::string, std::pair<std::filesystem::file_time_type, ColourSpacePtr>> kept;
    if (typed.empty())
        throw Problem(ProblemKind::BadSetting, "file.profile", "no ICC profile is chosen yet",
                      "Choose a profile, or other colours");
    const std::filesystem::path path = typed;
    std::error_code error;
    const auto time = std::filesystem::last_write_time(path, error);
    const std::lock_guard lock(mutex);
    auto& entry = kept[path.string()];
    if (!entry.second || error || entry.first != time)
        entry = {time, colourSpaceFromFile(path)};
    return entry.second;
}

Size wholeOf(const CopyAsked& asked, Size whole) {
    return whole.empty() ? asked.chain.sizes.whole : whole;
}

double scaleOf(const CopyAsked& asked, Size whole) {
    return static_cast<double>(whole.longSide()) / asked.chain.sizes.whole.longSide();
}

FrameStage frameOf(const CopyAsked& asked, const TextFacts& words, Size whole) {
    const auto& border = asked.delivery.border;
    FrameStage out;
    out.whole = whole;
    out.scale = scaleOf(asked, whole);
    out.perMm = asked.chain.printPerMm;
    out.ground = asked.chain.ground;
    out.needed = out.ground.needed() || border.on;
    if (border.on)
        out.border = border;
    else
        out.border.on = false;
    if (dependsOnPicture(out.border))
        out.words = words;
    return out;
}

SealStage sealOf(const CopyAsked& asked, const TextFacts& words) {
    SealStage out;
    out.design = asked.delivery.seal;
    out.exception = asked.exception.seal;
    if (dependsOnPicture(out.design))
        out.words = words;
    if (out.design.restless > 0)
        out.seed = pictureSeed(asked.original);
    return out;
}

} // namespace

std::uint64_t pictureSeed(const std::filesystem::path& original) {
    std::uint64_t out = 1469598103934665603ULL; // FNV-1a
    for (const char c : original.filename().string())
        out = (out ^ static_cast<std::uint8_t>(c)) * 1099511628211ULL;
    return out;
}

ColourSpacePtr outputSpace(ColourOut colour, const std::string& profile) {
    switch (colour) {
    case ColourOut::Srgb:
    case ColourOut::Original:
        return nullptr;
    case ColourOut::DisplayP3:
        return displayP3Space();
    case ColourOut::Grey:
        return greySpace();
    case ColourOut::Profile:
        return profileFile(profile);
    }
    return nullptr;
}

ColourSpacePtr outputSpace(const FileSettings& settings) {
    return outputSpace(settings.colour, settings.profile);
}

bool BaseStage::sameButSize(const BaseStage& other) const {
    auto alike = other;
    alike.target = target;
    return *this == alike;
}

DevelopWish BaseStage::wish() const {
    DevelopWish out;
    out.cut = cut;
    out.kept = kept;
    out.target = target;
    out.resampling = resampling;
    out.linearLight = linearLight;
    out.deep = deep;
    out.keepAlpha = keepAlpha;
    out.background = background;
    const auto space = outputSpace(colour, profile);
    out.space = space && space->channels() == 3 ? space : nullptr;
    out.ownSpace = colour == ColourOut::Original;
    out.intent = intent;
    return out;
}

Frame BaseStage::made(const ByteSource& source, const PictureFacts& facts, Notes* notes,
                      const DecodedPtr& decoded) const {
    return develop(source, original.string(), facts, wish(), notes, decoded);
}

void FinishStage::on(Frame& frame) const {
    frame.scale = scale;
    applyFinish(settings, {resampled, seed}, frame);
}

BorderResult FrameStage::on(Frame& frame) const {
    BorderResult out;
    frame.measure() = {scale, perMm, {}};
    if (needed)
        out = drawBorder(border, ground, words, whole, frame);
    frame.measure() = {scale, perMm, out.words};
    return out;
}

SealResult SealStage::on(Frame& frame, const PreparedPtr& prepared, SealContext context) const {
    context.exception = &exception;
    context.seed = seed;
    return drawSeal(prepared ? *prepared : *prepareSeal(design, words), frame, context);
}

bool Stages::sameUpTo(Stage stage, const Stages& other) const {
    return base == other.base && (stage < Stage::Finished || finish == other.finish) &&
           (stage < Stage::Framed || frame == other.frame) && (stage < Stage::Sealed || seal == other.seal);
}

BaseStage baseOf(const CopyAsked& asked, Size wanted) {
    const Size whole = wholeOf(asked, wanted);
    const Rect picture = pictureIn(asked.chain.ground, whole);
    const auto& file = asked.delivery.file;
    BaseStage out;
    out.original = asked.original;
    out.reading = asked.facts.reading;
    out.cut = asked.chain.cut;
    out.kept = asked.chain.fit.kept;
    out.target = {picture.width, picture.height};
    out.resampling = asked.delivery.finish.resampling;
    out.linearLight = asked.delivery.finish.linearLight;
    out.deep = file.works16();
    out.keepAlpha = file.canBeTransparent();
    out.background = file.background;
    out.colour = file.colour;
    if (file.colour == ColourOut::Profile)
        out.profile = file.profile;
    out.intent = file.intent;
    return out;
}

Stages stagesOf(const CopyAsked& asked, const TextFacts& words, Size wanted) {
    const Size whole = wholeOf(asked, wanted);
    Stages out;
    out.base = baseOf(asked, whole);
    out.finish = {asked.delivery.finish, asked.chain.resampled(), pictureSeed(asked.original),
                  scaleOf(asked, whole)};
    out.finish.settings.resampling = Resampling::Crisp;
    out.finish.settings.linearLight = false;
    out.frame = frameOf(asked, words, whole);
    out.seal = sealOf(asked, words);
    return out;
}

PictureFacts shownFacts(const PictureFacts& file, const Delivery& delivery) {
    return factsFor(file, delivery.turn.firstReading(file.pages));
}

bool dependsOnPicture(const BorderDesign& border) {
    const auto& caption = border.caption;
    return border.on && caption.on &&
           (holdsTokens(caption.left) || holdsTokens(caption.middle) || holdsTokens(caption.right));
}

bool dependsOnPicture(const Delivery& delivery) {
    return dependsOnPicture(delivery.border) || dependsOnPicture(delivery.seal);
}

} // namespace keepseal
