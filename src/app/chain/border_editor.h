// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The border's rings as they lie around the picture that is looked at: chosen by a click, made wider and
// narrower by dragging their outer edge, added, removed and reordered; below them the settings of the chosen
// one.
#pragma once

#include "document/chain_of.h"
#include "widgets/setting_form.h"

#include "widgets/accessible_items.h"
#include <QLabel>

#include <QToolButton>

namespace keepseal::app {

/// A corner of the picture with its rings, drawn large enough to be taken hold of.
class RingDiagram : public QWidget, public AccessibleItems {
    Q_OBJECT
public:
    explicit RingDiagram(QWidget* parent = nullptr);
    /// `layout` is of the picture looked at.
    void show(const BorderDesign& design, const BorderLayout& layout, int chosen);
    QSize sizeHint() const override { return {180, 132}; }
    /// Where a ring lies in the drawing, from the picture outwards; for tests. Empty when it is not drawn.
    QRectF bandOf(std::size_t ring) const;
    // Each ring, from the picture outwards, as assistive technology finds it.
    int accessibleCount() const override { return static_cast<int>(m_bands.size()); }
    QString accessibleItemName(int index) const override;
    QRect accessibleItemRect(int index) const override;
    bool isAccessibleItemChosen(int index) const override;
    int accessibleCurrent() const override;
    void chooseAccessibleItem(int index) override;
    QAccessible::Role accessibleItemRole() const override { return QAccessible::RadioButton; }

signals:
    void chosen(int ring);
    /// The chosen ring's width times `factor`; one drag, one number.
    void widened(int ring, double factor, int drag);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Band {
        std::size_t ring;
        double from, to; ///< distance from the picture's edge, in screen pixels
    };
    void layOut();
    QPointF corner() const;
    BorderDesign m_design;
    BorderLayout m_layout;
    std::vector<Band> m_bands;
    int m_chosen = 0;
    int m_dragged = -1, m_drag = 0;
    double m_dragStart = 0, m_dragWidth = 1;
};

class BorderEditor : public QWidget {
    Q_OBJECT
public:
    BorderEditor(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    void refresh();
    RingDiagram& diagram() { return *m_diagram; }
    SettingForm& ringForm() { return *m_form; }
    int chosen() const { return m_chosen; }
    QString readout() const { return m_readout->text(); }
    /// Undone in one step each.
    void addRing(RingKind kind);
    void removeRing();
    void takeColour(Rgb colour);
    void moveRing(int by); ///< 1 is outwards

signals:
    void pickRequested(); ///< a colour from the picture for the chosen ring

private:
    const BorderDesign& border() const { return m_document->currentDelivery().border; }
    void change(const QString& what, const std::function<void(BorderDesign&)>& edit, int merge = 0);
    void choose(int ring);
    QString readoutText() const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    RingDiagram* m_diagram;
    SettingForm* m_form;
    QLabel *m_title, *m_readout;
    QToolButton *m_remove, *m_inwards, *m_outwards;
    int m_chosen = 0;
};

/// "picture 2048 × 1365 px · whole 2376 × 1693 px, 201.2 × 143.3 mm · ratio 1.40"
QString sizesReadout(const ChainPlan& chain);

} // namespace keepseal::app
