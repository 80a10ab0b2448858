// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The proof wall: every original of the job as its copy will be, in whole rows, at an adjustable size.
#pragma once

#include "document/picture_filter.h"
#include "document/stamped.h"
#include "proofs/proof_set.h"
#include "widgets/accessible_items.h"

#include <QAbstractScrollArea>
#include <QStaticText>

#include <unordered_map>

class QMenu;

namespace keepseal::app {

class ProofWall : public QAbstractScrollArea, public AccessibleItems {
    Q_OBJECT
public:
    ProofWall(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);

    OriginalId current() const { return m_current; }
    void setCurrent(OriginalId id);
    std::vector<OriginalId> selected() const { return {m_selected.begin(), m_selected.end()}; }
    int rowHeight() const { return m_rowHeight; }
    void setRowHeight(int height); ///< of the pictures, 70 to 420 device-independent pixels
    void selectEverything();
    void select(const std::vector<OriginalId>& ids); ///< the first one becomes the current
    /// Marks shown on the tiles during and after a run; empty clears.
    void setStamped(std::map<OriginalId, Stamped> stamped);
    void setStamped(OriginalId id, Stamped stamped); ///< of one more
    /// What is known of a picture, in words, as its tooltip says it.
    QString describe(OriginalId id) const;
    /// How many copies of a picture have left, of all runs; by path.
    void setLeft(std::map<std::filesystem::path, std::size_t> left);
    /// Why copies of these pictures will be held back, as far as it is known.
    void setHeldBack(std::map<OriginalId, QStringList> heldBack);
    /// Only these are laid out; what is hidden stays in the job.
    void setFilter(const PictureFilter& filter);
    const PictureFilter& filter() const { return m_filter; }
    std::size_t shown() const { return m_tiles.size(); }
    std::vector<OriginalId> shownIds() const;
    /// While true the proofs are shown without their seal.
    void setBefore(bool before);
    ProofSet& proofs() { return m_proofs; }
    /// Shown at the right mouse button; not owned.
    void setExceptionMenu(QMenu* menu) { m_exceptionMenu = menu; }
    /// Where the picture of an original is drawn, in viewport coordinates; for tests and for tool tips.
    QRect pictureRect(OriginalId id) const;

    int accessibleCount() const override { return static_cast<int>(m_tiles.size()); }
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override;
    bool isAccessibleItemChosen(int index) const override;
    int accessibleCurrent() const override { return indexOf(m_current); }
    void chooseAccessibleItem(int index) override;

signals:
    void currentChanged(keepseal::app::OriginalId id);
    void openRequested(keepseal::app::OriginalId id);
    void removeRequested();
    void rowHeightChanged(int height);
    void laidOut();

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void scrollContentsBy(int dx, int dy) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    bool viewportEvent(QEvent* event) override;
    void changeEvent(QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    static int captionHeight(); ///< below each picture, for its name
    struct Tile {
        OriginalId id = 0;
        QRect picture; ///< in contents coordinates
    };
    void layoutTiles();
    void updateWishes();
    void onOriginals();
    Size shapeOf(OriginalId id) const;
    bool isShown(const OriginalItem& item) const;
    QString whyNotMade(OriginalId id) const; ///< left out by hand, or not what the delivery takes; else empty
    std::size_t firstBelow(int y) const;
    int tileIndexAt(QPoint position) const;
    int indexOf(OriginalId id) const;
    void moveTo(int index, bool extend);
    void ensureVisible(int index);
    int neighbourInRow(int index, int direction) const;
    void paintTile(QPainter& painter, const Tile& tile) const;
    void paintPicture(QPainter& painter, const Tile& tile, const QRect& rect) const;
    std::size_t leftOf(OriginalId id) const;
    void paintBadges(QPainter& painter, const Tile& tile, const QRect& rect) const;
    void paintCaption(QPainter& painter, const Tile& tile) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    ProofSet m_proofs;
    std::vector<Tile> m_tiles; ///< from top to bottom
    std::unordered_map<OriginalId, int> m_tileOf;
    mutable std::unordered_map<OriginalId, Size>
        m_shapes;            ///< worked out once, until the copies may have others
    SizeSettings m_shapesOf; ///< what they were worked out for
    PictureFilter m_filter;
    /// The names below the pictures that were seen, laid out: a step of a slider paints them all again.
    mutable std::unordered_map<OriginalId, QStaticText> m_captions;
    int m_contentsHeight = 0;
    int m_rowHeight = 150;
    OriginalId m_current = 0, m_rangeStart = 0;
    std::set<OriginalId> m_selected;
    std::map<std::filesystem::path, std::size_t> m_left;
    std::map<OriginalId, Stamped> m_stamped;
    std::map<OriginalId, QStringList> m_heldBack;
    bool m_before = false;
    QMenu* m_exceptionMenu = nullptr;
};

} // namespace keepseal::app
