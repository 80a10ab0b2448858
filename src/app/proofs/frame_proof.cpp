// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/frame_proof.h"

#include "render/encode.h"

#include <cstring>

namespace keepseal::app {
namespace {

template <class Grey>
std::shared_ptr<const Frame> ground(Size size, Grey greyAt) {
    auto out = std::make_shared<Frame>();
    out->size = size;
    out->picture = {0, 0, size.width, size.height};
    out->rgb.reserve(static_cast<std::size_t>(size.pixels()) * 3);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x)
            for (int c = 0; c < 3; ++c)
                out->rgb.push_back(static_cast<std::uint8_t>(greyAt(x, y)));
    return out;
}

SealResult drawAtSpots(const PreparedSeal& seal, Frame& frame, const std::vector<Anchor>& spots) {
    if (spots.empty() || seal.design.arrangement != Arrangement::Single)
        return drawSeal(seal, frame);
    SealResult worst;
    for (const auto spot : spots) {
        SealException there;
        there.anchor = spot;
        auto result = drawSeal(seal, frame, {&there, nullptr});
        if (worst.empty() || (result.readability > 0 && result.readability < worst.readability))
            worst = std::move(result);
    }
    return worst;
}

} // namespace

struct FrameProof::Drawn {
    QImage image;
    SealResult result;
    std::optional<Problem> problem;
};

FrameProof::FrameProof(QObject* parent)
    : QObject(parent), m_task([this](const auto& outcome) { take(outcome); }) {}

void FrameProof::setFrame(std::shared_ptr<const Frame> frame) {
    m_frame = std::move(frame);
    work();
}

void FrameProof::setSeal(const SealDesign& seal, const TextFacts& facts) {
    if (m_seal == seal && m_facts == facts)
        return;
    m_seal = seal;
    m_facts = facts;
    work();
}

void FrameProof::work() {
    if (!m_frame || !m_seal)
        return;
    m_task.follow([frame = m_frame, seal = *m_seal, facts = m_facts, spots = m_spots](const auto&) {
        auto out = std::make_shared<Drawn>();
        Frame drawn = *frame;
        try {
            out->result = drawAtSpots(*prepareSeal(seal, facts), drawn, spots);
        } catch (const Problem& problem) {
            drawn = *frame;
            out->problem = problem;
        }
        out->image = toImage(drawn);
        return std::shared_ptr<const Drawn>(out);
    });
}

void FrameProof::take(const TaskOutcome<std::shared_ptr<const Drawn>>& outcome) {
    m_problem = outcome.problem;
    if (outcome.result) {
        m_image = (*outcome.result)->image;
        m_result = (*outcome.result)->result;
        m_problem = (*outcome.result)->problem;
    }
    emit changed();
}

namespace {

/// What can be seen through shows a chequered ground.
QImage onChequers(const Frame& frame) {
    QImage image(frame.size.width, frame.size.height, QImage::Format_RGB32);
    constexpr int square = 8;
    for (int y = 0; y < frame.size.height; ++y) {
        const auto* from = frame.row(y);
        const auto* alpha = frame.alphaRow(y);
        auto* to = reinterpret_cast<QRgb*>(image.scanLine(y));
        for (int x = 0; x < frame.size.width; ++x, from += 3) {
            const int ground = (x / square + y / square) % 2 ? 205 : 245, a = alpha[x];
            const auto mixed = [ground, a](int v) { return (v * a + ground * (255 - a)) / 255; };
            to[x] = qRgb(mixed(from[0]), mixed(from[1]), mixed(from[2]));
        }
    }
    return image;
}

/// The frame's own memory.
QImage rowsOf(const Frame& frame, RowRange rows) {
    return {frame.row(rows.first), frame.size.width, rows.end - rows.first, 3 * frame.size.width,
            QImage::Format_RGB888};
}

bool isAsItIs(const Frame& frame, const ScreenStage& screen) {
    return frame.isPlain() && screen.colour != ColourOut::Grey && screen.colour != ColourOut::Profile;
}

} // namespace

QImage toImage(const Frame& source) {
    const Frame converted = source.isPlain() ? Frame() : asEightBitSrgb(source);
    const Frame& frame = source.isPlain() ? source : converted;
    if (!frame.alpha.empty())
        return onChequers(frame);
    return rowsOf(frame, {0, frame.size.height}).convertToFormat(QImage::Format_RGB32);
}

QImage toImage(const Frame& frame, const ScreenStage& screen) {
    return isAsItIs(frame, screen) ? toImage(frame) : toImage(screen.on(frame));
}

bool showsItself(const Frame& frame, const ScreenStage& screen) {
    return isAsItIs(frame, screen) && frame.alpha.empty();
}

void renewRows(QImage& image, const Frame& frame, RowRange rows) {
    if (rows.first >= rows.end)
        return;
    const QImage part = rowsOf(frame, rows).convertToFormat(QImage::Format_RGB32);
    std::memcpy(image.scanLine(rows.first), part.constBits(), static_cast<std::size_t>(part.sizeInBytes()));
}

QImage toImage(const Frame& frame, const FileSettings& file) {
    return toImage(frame, screenStage(file));
}

std::shared_ptr<const Frame> plainGround(Size size, int level) {
    return ground(size, [level](int, int) { return level; });
}

std::shared_ptr<const Frame> chequeredGround(Size size) {
    const int side = std::max(4, size.shortSide() / 24);
    return ground(size, [side](int x, int y) { return (x / side + y / side) % 2 ? 96 : 168; });
}

std::shared_ptr<const Frame> rampGround(Size size) {
    return ground(size, [size](int x, int) { return x * 12 / size.width * 255 / 11; });
}

} // namespace keepseal::app
