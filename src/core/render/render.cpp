// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/render.h"

#include "base/problem.h"
#include "base/text.h"

#include <cmath>
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
    const auto path = resolvedFolder(typed, std::filesystem::current_path());
    std::error_code error;
    const auto time = std::filesystem::last_write_time(path, error);
    const std::lock_guard lock(mutex);
    auto& entry = kept[path.string()];
    if (!entry.second || error || entry.first != time)
        entry = {time, colourSpaceFromFile(path)};
    return entry.second;
}

BorderGround groundOf(const Delivery& delivery, const Fitted& fit, double perMm) {
    BorderGround out;
    out.layout = movedTo(layOutBorder(delivery.border, fit.borderFor, perMm), fit.padded());
    out.picture = {out.layout.inside.x + fit.padding.left, out.layout.inside.y + fit.padding.top,
                   fit.picture.width, fit.picture.height};
    out.padWith = delivery.fit.padWith;
    out.padColour = delivery.fit.padColour;
    return out;
}

} // namespace

bool ChainPlan::resampled() const {
    return cut.angle != 0 || fit.picture.width != static_cast<int>(fit.kept.width) ||
           fit.picture.height != static_cast<int>(fit.kept.height);
}

Notes ChainPlan::notes() const {
    Notes out;
    if (fit.enlargedTo > 100.5)
        addNote(out, {NoteKind::Enlarged, {}, {{"percent", trimmedNumber(fit.enlargedTo, 0)}}});
    if (!fit.missedSize.empty()) {
        const auto text = [](Size s) { return std::to_string(s.width) + " x " + std::to_string(s.height); };
        addNote(
            out,
            {NoteKind::SmallerThanAsked, {}, {{"has", text(sizes.fitted)}, {"asked", text(fit.missedSize)}}});
    }
    return out;
}

ChainPlan planChain(const Delivery& delivery, Size upright, const TurnException& exception,
                    double ownPixelsPerMm) {
    ChainPlan out;
    const auto& fit = delivery.fit;
    // A stated resolution counts also where the pixels stay as they are.
    const bool states = fit.setResolution || (fit.on && fit.to == FitTo::Paper);
    out.pixelsPerMm = states ? fit.resolution / 25.4 : ownPixelsPerMm;
    out.printPerMm = out.pixelsPerMm > 0 ? out.pixelsPerMm : fit.resolution / 25.4;
    out.cut = cutOf(delivery.turn, exception, upright);
    const EdgesOf edges = [&](Size inside) { return borderEdges(delivery.border, inside, out.printPerMm); };
    out.fit = fitPicture(fit, out.cut.size(), delivery.border.on ? edges : EdgesOf{});
    out.ground = groundOf(delivery, out.fit, out.printPerMm);
    out.sizes = {upright, out.cut.size(), out.fit.padded(), out.ground.layout.whole};
    return out;
}

ChainSizes chainSizes(const Delivery& delivery, Size upright, const TurnException& exception) {
    return planChain(delivery, upright, exception).sizes;
}

ColourSpacePtr outputSpace(const FileSettings& settings) {
    switch (settings.colour) {
    case ColourOut::Srgb:
    case ColourOut::Original:
        return nullptr;
    case ColourOut::DisplayP3:
        return displayP3Space();
    case ColourOut::Grey:
        return greySpace();
    case ColourOut::Profile:
        return profileFile(settings.profile);
    }
    return nullptr;
}

DevelopWish developWish(const Delivery& delivery, const ChainPlan& plan, Size whole) {
    const Rect picture = pictureIn(plan.ground, whole);
    DevelopWish out;
    out.cut = plan.cut;
    out.kept = plan.fit.kept;
    out.target = {picture.width, picture.height};
    out.resampling = delivery.finish.resampling;
    out.deep = delivery.file.works16();
    out.keepAlpha = delivery.file.canBeTransparent();
    out.background = delivery.file.background;
    const auto space = outputSpace(delivery.file);
    out.space = space && space->channels() == 3 ? space : nullptr;
    out.ownSpace = delivery.file.colour == ColourOut::Original;
    out.intent = delivery.file.intent;
    return out;
}

Frame renderBase(const ByteSource& original, const std::string& name, const PictureFacts& facts,
                 const Delivery& delivery, const ChainPlan& plan, Size whole, Notes* notes,
                 const DecodedPtr& decoded) {
    Frame frame = develop(original, name, facts, developWish(delivery, plan, whole), notes, decoded);
    frame.scale = static_cast<double>(whole.longSide()) / plan.sizes.whole.longSide();
    frame.whole = whole;
    return frame;
}

void finishPicture(const Delivery& delivery, const ChainPlan& plan, std::uint64_t seed, Frame& frame) {
    applyFinish(delivery.finish, {plan.resampled(), seed}, frame);
}

std::uint64_t grainSeed(const std::filesystem::path& original) {
    std::uint64_t out = 1469598103934665603ULL; // FNV-1a
    for (const char c : original.filename().string())
        out = (out ^ static_cast<std::uint8_t>(c)) * 1099511628211ULL;
    return out;
}

Notes FinishResult::notes() const {
    auto out = border.notes;
    addNotes(out, seal.notes);
    return out;
}

BorderResult borderFrame(const Delivery& delivery, const ChainPlan& plan, const TextFacts& facts,
                         Frame& frame) {
    BorderResult out;
    const Size whole = frame.whole.empty() ? frame.size : frame.whole;
    const double scale = frame.scale;
    if (plan.ground.needed() || delivery.border.on)
        out = drawBorder(delivery.border, plan.ground, facts, whole, frame);
    frame.scale = scale;
    frame.whole = {};
    return out;
}

FinishResult finishFrame(const Delivery& delivery, const ChainPlan& plan, Frame& frame,
                         const FinishContext& context) {
    FinishResult out;
    out.border = borderFrame(delivery, plan, context.facts, frame);
    const auto prepared = context.prepared ? context.prepared : prepareSeal(delivery.seal, context.facts);
    out.seal = drawSeal(*prepared, frame, context.seal);
    return out;
}

bool dependsOnPicture(const Delivery& delivery) {
    const auto& caption = delivery.border.caption;
    const bool words =
        delivery.border.on && caption.on &&
        (holdsTokens(caption.left) || holdsTokens(caption.middle) || holdsTokens(caption.right));
    return words || dependsOnPicture(delivery.seal);
}

} // namespace keepseal
