// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture with the frame of what its copy shows: the crop, which can be dragged for this picture alone,
// or what filling exact pixels trims away, whose frame moves between the nine places of the delivery.
#pragma once

#include "document/chain_of.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QWidget>

#include <optional>

namespace keepseal::app {

class CropView : public QWidget {
    Q_OBJECT
public:
    enum class Mode { Crop, Trim };
    CropView(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void showPicture(OriginalId id);
    void setMode(Mode mode);
    Mode mode() const { return m_mode; }
    /// Of the frame on screen; for tests.
    QRectF frameOnScreen() const;
    /// Of the whole turned picture on screen, before it is straightened.
    QRectF pictureOnScreen() const;
    bool ready() const { return !m_image.isNull() && !m_task.busy(); }

signals:
    void stepRequested(int direction);
    void closeRequested();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    /// Which edges of the frame are held: -1 left or top, 1 right or bottom, 0 neither.
    struct Grip {
        int x = 0, y = 0;
        bool body = false;
        bool any() const { return x || y || body; }
    };
    std::optional<ChainPlan> chain() const;
    void develop();
    Box cropBox(const ChainPlan& chain) const; ///< in pixels of the turned picture
    double scale() const;                      ///< screen per pixel of the turned picture
    Grip gripAt(QPointF position) const;
    void drag(QPointF by);
    void change(Box box, int merge);
    void moveTrim(QPointF to);
    void paintFrame(QPainter& painter) const;
    void tell(bool byKeys);
    void forget();

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    Mode m_mode = Mode::Crop;
    QImage m_image; ///< the turned picture, not straightened
    Size m_imageFor;
    Reading m_imageReading;
    int m_imageTurns = -1;
    bool m_imageFlip = false;
    Grip m_grip;
    QPointF m_dragStart;
    Box m_dragBox;
    int m_drag = 0; ///< counts movements: each is one undo step
    /// The picture as turned, and what it was made for.
    struct Turned {
        OriginalId id = 0;
        PictureFacts facts; ///< of the picture in the file that is shown
        DevelopWish wish;
        QImage image;
    };
    void take(const TaskOutcome<Turned>& outcome);
    std::optional<Turned> m_asked; ///< without its image; what is being made, or was last
    LatestTask<Turned> m_task{[this](const TaskOutcome<Turned>& outcome) { take(outcome); }};
};

} // namespace keepseal::app
