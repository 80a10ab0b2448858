// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The hard cases side by side, each with how well the seal can be read there; on the bench also on a ramp
// from black to white, wide and tall.
#pragma once

#include "proofs/frame_proof.h"
#include "proofs/hard_cases.h"
#include "widgets/accessible_items.h"

#include <QWidget>

namespace keepseal::app {

class TrialStrip : public QWidget, public AccessibleItems {
    Q_OBJECT
public:
    enum class Ramps { Without, With };
    TrialStrip(JobDocument* document, PictureLibrary* library, HardCases* cases, Ramps ramps,
               QWidget* parent = nullptr);
    HardCases& hardCases() { return *m_cases; }
    bool settled() const;
    QSize sizeHint() const override { return {600, 138}; }
    /// The readability shown under a case; 0 while there is none.
    double readabilityOf(OriginalId id) const;

    int accessibleCount() const override { return static_cast<int>(m_tiles.size()); }
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override {
        return m_tiles.at(static_cast<std::size_t>(index)).picture;
    }
    bool isAccessibleItemChosen(int index) const override { return index == m_current; }
    int accessibleCurrent() const override { return m_current; }
    void chooseAccessibleItem(int index) override { take(index); }

signals:
    void chosen(keepseal::app::OriginalId id);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Tile {
        QString what;
        OriginalId id = 0; ///< 0: a ramp
        FrameProof* ramp = nullptr;
        QRect picture;
    };
    void layoutTiles();
    void updateRamps();
    int tileAt(QPoint at) const;
    void take(int index);
    QString wordsOf(const Tile& tile) const;
    void paintTile(QPainter& painter, const Tile& tile, bool current) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    Ramps m_ramps;
    HardCases* m_cases;
    ProofSet m_proofs;
    FrameProof m_wideRamp, m_tallRamp;
    QTimer m_later;
    std::vector<Tile> m_tiles;
    int m_current = 0;
};

} // namespace keepseal::app
