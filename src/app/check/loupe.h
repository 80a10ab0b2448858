// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Original and copy under one loupe: the finished file as it lies on the disk beside the same part of the
// original, at fit, 100 or 200 %. Both move together.
#pragma once

#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "document/decoded_pictures.h"
#include "record/ledger.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QWidget>

#include <functional>
#include <optional>
#include <vector>

namespace keepseal::app {

/// A copy as it lies on the disk, all of it. Throws Problem.
QImage wholeImage(const std::filesystem::path& path);

/// What a copy was made by, to lay the original under it.
struct LoupeSubject {
    LedgerRow row;
    std::optional<Delivery>
        delivery; ///< not known for a copy of another day: then the original is only scaled
    PictureException exception;
};

/// A picture and its halves: shown much smaller it is made of the nearest one, so that nothing flickers.
class Halves {
public:
    Halves() = default;
    explicit Halves(QImage picture);
    /// The smallest that has at least so many pixels across; the picture itself where that has fewer.
    const QImage& atLeast(int width) const;

private:
    std::vector<QImage> m_levels{QImage()};
};

/// Two pictures of one thing, the right one giving the size.
struct LoupePair {
    QImage left, right;
    Halves smallerLeft{}, smallerRight{}; ///< made in the background by the loupe
};

class Loupe : public QWidget {
    Q_OBJECT
public:
    enum class Zoom { Fit, Full, Double };
    explicit Loupe(QWidget* parent = nullptr);
    /// `decoded`: where the original is kept as it is decoded.
    void showCopy(const LoupeSubject& subject, const std::shared_ptr<DecodedPictures>& decoded);
    /// `read` is called in the background; it throws where there is no such pair.
    void showPair(std::function<LoupePair()> read, const QString& leftTitle, const QString& rightTitle);
    void clear();
    void setZoom(Zoom zoom);
    /// In shares of the copy; holds for the pair that is shown or comes next.
    void lookAt(QPointF centre);
    Zoom zoom() const { return m_zoom; }
    /// Both are there.
    bool ready() const { return !m_task.busy() && !m_copy.isNull(); }
    const QImage& copy() const { return m_copy; }
    const QImage& original() const { return m_original; }
    QPointF centre() const { return m_centre; } ///< in shares of the copy
    QString problem() const { return m_problem; }

signals:
    void loaded();
    void zoomChanged();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void take(const TaskOutcome<LoupePair>& outcome);
    void tell(bool byKeys);
    void stepByKey(QKeyEvent* event);
    QRect pane(int which) const; ///< 0 the original, 1 the copy
    double scale() const;
    void moveBy(QPointF pixels); ///< of the copy
    void paintPane(QPainter& painter, const QRect& pane, const QImage& image, const Halves& smaller,
                   const QString& title) const;
    QImage m_original, m_copy;
    Halves m_originalSmaller, m_copySmaller; ///< the same, for being shown whole
    QString m_problem, m_leftTitle, m_rightTitle;
    QPointF m_centre{0.5, 0.5}, m_grabbed;
    Zoom m_zoom = Zoom::Fit;
    LatestTask<LoupePair> m_task{[this](const TaskOutcome<LoupePair>& outcome) { take(outcome); }};
};

} // namespace keepseal::app
