// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One picture, large: fitted, at 100 % or 200 % of the copy's own pixels, and before/after with a divider.
#pragma once

#include "proofs/encoded_proof.h"
#include "proofs/proof_set.h"
#include "tasks/latest_task.h"

#include <QWidget>

namespace keepseal::app {

enum class Zoom { Fit, Full, Double };

class SingleView : public QWidget {
    Q_OBJECT
public:
    SingleView(JobDocument* document, PictureLibrary* library, EncodedProof* encoded,
               QWidget* parent = nullptr);

    void showPicture(OriginalId id);
    OriginalId current() const { return m_id; }
    Zoom zoom() const { return m_zoom; }
    void setZoom(Zoom zoom);
    bool divided() const { return m_divided; }
    void setDivided(bool on); ///< before to the left of the divider, after to the right
    /// The picture as its file will be, decoded again, with its bytes.
    void setAsSaved(bool on);
    bool asSaved() const { return m_asSaved; }
    /// What saving changed, enlarged, instead of the picture as saved.
    void setDifference(bool on);
    bool showsDifference() const { return m_difference; }
    /// Where sharpening and grain keep to, laid over the picture.
    void setSharpPlaces(bool on);
    bool showsSharpPlaces() const { return m_sharpPlaces; }
    /// The next click takes a colour of the picture; Escape gives up.
    void startPicking();
    /// The next or the one before, of the pages that the delivery takes of this file.
    void stepPage(int direction);
    ProofSet& proofs() { return m_proofs; }

signals:
    void stepRequested(int direction);
    void closeRequested();
    void zoomChanged();
    void colourPicked(keepseal::Rgb colour);

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
    void keyReleaseEvent(QKeyEvent* event) override;

private:
    void updateWish();
    QRectF pictureRect() const; ///< where the whole picture lies, in widget coordinates
    QRect frameRect() const;    ///< the room for it
    void clampPan();
    void paintProblem(QPainter& painter, const Problem& problem) const;
    const QImage& shownImage(const Proof& proof) const;
    QStringList differenceWords() const;
    void paintDivider(QPainter& painter, const QRectF& rect) const;
    void paintFacts(QPainter& painter) const;
    void measureSharpPlaces();
    void pickAt(QPointF position);
    QString pageWords(const PictureInfo& info) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    EncodedProof* m_encoded;
    ProofSet m_proofs;
    OriginalId m_id = 0;
    Zoom m_zoom = Zoom::Fit;
    bool m_divided = false, m_before = false, m_draggingDivider = false;
    bool m_asSaved = false, m_difference = false, m_picking = false, m_sharpPlaces = false;
    QImage m_places;                         ///< as an overlay
    std::shared_ptr<const Frame> m_placesOf; ///< what they are of, or will be once they are measured
    FinishSettings m_placesFor;
    LatestTask<QImage> m_placesTask;
    double m_divider = 0.5; ///< fraction of the picture's width
    QPointF m_pan, m_dragStart, m_panStart;
};

} // namespace keepseal::app
