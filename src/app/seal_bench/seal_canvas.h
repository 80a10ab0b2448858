// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The seal on a picture of theirs (or a plain ground), to be taken hold of: select, move, resize, turn, drag
// corners, edit text in place. Every change is a change of the document; what is seen is a proof.
#pragma once

#include "proofs/frame_proof.h"
#include "proofs/proof_set.h"
#include "seal/edit.h"
#include "widgets/accessible_items.h"

#include <QPlainTextEdit>
#include <QWidget>

namespace keepseal::app {

enum class CanvasGround { Theirs, Dark, Middle, Bright, Chequered };

class SealCanvas : public QWidget, public AccessibleItems {
    Q_OBJECT
public:
    SealCanvas(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);

    void showPicture(OriginalId id);
    OriginalId current() const { return m_id; }
    void setGround(CanvasGround ground);
    CanvasGround ground() const { return m_ground; }
    void setSelection(const PartIds& ids);
    const PartIds& selection() const { return m_selection; }
    /// 0: fitted; else percent of the copy's own pixels, up to 800.
    void setZoom(double percent);
    double zoomPercent() const; ///< as shown
    void setPerspective(bool on);
    bool perspective() const { return m_perspective; }
    bool settled() const;
    const SealResult* result() const;
    /// Why the seal can't be drawn on what is shown.
    std::optional<Problem> problem() const;
    /// The picture on the canvas without its seal; nullptr on a plain ground.
    std::shared_ptr<const Frame> base() const;
    /// Where a point of the seal's own units is on this widget; for tests and overlays.
    QPointF toWidget(Point sealUnits) const;
    QRectF pictureRect() const;
    void editText(const std::string& id);

    int accessibleCount() const override { return static_cast<int>(prepared()->boxes.size()); }
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override;
    bool isAccessibleItemChosen(int index) const override;
    int accessibleCurrent() const override;
    void chooseAccessibleItem(int index) override;

signals:
    void selectionChanged();
    void zoomChanged();
    void shown(); ///< a new proof, or another zoom
    void logoDropped(const QString& file);
    void typefaceDropped(const QString& file);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    enum class Grip { None, MoveSeal, MoveParts, Resize, Turn, Corner, Pan };
    struct Hold {
        Grip grip = Grip::None;
        int corner = 0;
        QPointF from;
        SealDesign design; ///< as it was when taken hold of
        SealResult result;
        QPointF pan;
        double frameScale = 1; ///< widget pixels of a frame pixel
        bool moved = false;
    };
    const QImage* image() const;
    Size copySize() const;
    void renew();
    void updateGround();
    Affine toWidgetMap() const; ///< from the seal's units
    Point toSeal(QPointF at) const;
    std::string partAt(QPointF at) const;
    Box selectionBox() const; ///< in the seal's units; the whole seal's when nothing is selected
    std::array<QPointF, 4> grips() const;
    QPointF turnGrip() const;
    Grip gripAt(QPointF at, int& corner) const;
    bool movesParts(const SealDesign& design) const;
    void dragTo(QPointF at, Qt::KeyboardModifiers keys);
    void moveSeal(QPointF by);
    void moveSelected(QPointF by, bool snap);
    void resizeTo(QPointF at);
    void turnTo(QPointF at, bool steps);
    void cornerTo(QPointF at);
    void nudge(double dx, double dy);
    void finishText(bool keep);
    void paintOverlay(QPainter& painter) const;
    void clampPan();
    static PreparedPtr preparedOrNothing(const SealDesign& seal, const TextFacts& facts = {});
    PreparedPtr prepared() const;
    const std::string& idAt(int index) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    ProofSet m_proofs;
    FrameProof m_plain;
    OriginalId m_id = 0;
    CanvasGround m_ground = CanvasGround::Theirs;
    PartIds m_selection;
    bool m_perspective = false;
    double m_zoom = 0;
    QPointF m_pan;
    Hold m_hold;
    int m_merge = 0;
    QVector<QLineF> m_guides; ///< in widget coordinates, while something snaps
    QPlainTextEdit* m_editor = nullptr;
    std::string m_edited;
    mutable PreparedPtr m_prepared;
};

} // namespace keepseal::app
