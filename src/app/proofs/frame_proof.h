// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A seal on pixels that are no original: plain grounds and ramps on the bench, pictures in the chooser. Drawn
// in the background by the same call that draws copies; the latest wish wins.
#pragma once

#include "picture/means.h"
#include "render/encode.h"
#include "seal/draw.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QObject>

namespace keepseal::app {

class FrameProof : public QObject {
    Q_OBJECT
public:
    explicit FrameProof(QObject* parent = nullptr);
    void setFrame(std::shared_ptr<const Frame> frame);
    void setSeal(const SealDesign& seal, const TextFacts& facts = {});
    /// Draws a seal that stands alone at each of these places; the result is that of the least readable.
    void setSpots(std::vector<Anchor> spots) { m_spots = std::move(spots); }
    const QImage& image() const { return m_image; } ///< null until the first is drawn
    const SealResult& result() const { return m_result; }
    /// Why the seal can't be drawn: then the image is the ground alone.
    const std::optional<Problem>& problem() const { return m_problem; }
    bool settled() const { return !m_task.busy(); }

signals:
    void changed();

private:
    void work();
    struct Drawn;
    void take(const TaskOutcome<std::shared_ptr<const Drawn>>& outcome);
    std::shared_ptr<const Frame> m_frame;
    std::optional<SealDesign> m_seal;
    TextFacts m_facts;
    std::vector<Anchor> m_spots;
    QImage m_image;
    SealResult m_result;
    std::optional<Problem> m_problem;
    LatestTask<std::shared_ptr<const Drawn>> m_task;
};

QImage toImage(const Frame& frame);
/// As the delivery saves it: grey, or on squares where it is transparent.
QImage toImage(const Frame& frame, const ScreenStage& screen);
QImage toImage(const Frame& frame, const FileSettings& file);
/// Whether it shows the frame's own samples: then each row of it depends on that row alone.
bool showsItself(const Frame& frame, const ScreenStage& screen);
/// `image` becomes toImage(frame), from which it differs in `rows` at most. For frames that show themselves.
void renewRows(QImage& image, const Frame& frame, RowRange rows);

/// An even grey, or squares of two greys; `level` 0 to 255.
std::shared_ptr<const Frame> plainGround(Size size, int level);
std::shared_ptr<const Frame> chequeredGround(Size size);
/// Black to white in twelve even steps, from left to right.
std::shared_ptr<const Frame> rampGround(Size size);

} // namespace keepseal::app
