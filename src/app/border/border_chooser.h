// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two borders side by side on the person's own picture: the delivery's, and one of the library or the same
// one wider or narrower. Taking one, keeping the delivery's own under a name, removing saved ones.
#pragma once

#include "document/chain_of.h"
#include "library/shelf.h"
#include "widgets/controls.h"

#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

namespace keepseal::app {

/// A picture, its border and what it measures.
class BorderPane : public QWidget {
    Q_OBJECT
public:
    BorderPane(const QString& heading, QWidget* parent = nullptr);
    void setPicture(std::shared_ptr<const Frame> picture, const Delivery& delivery,
                    const PictureInfoPtr& info, const TurnException& turn);
    void setBorder(const BorderDesign& border);
    /// With all widths at the percentage of the slider.
    BorderDesign border() const;
    NumberControl* widths() { return m_widths; }
    QString readout() const { return m_readout->text(); }
    const QImage& image() const { return m_image; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void redraw();
    std::shared_ptr<const Frame> m_picture;
    Delivery m_delivery;
    PictureInfoPtr m_info;
    TurnException m_turn;
    BorderDesign m_border;
    QImage m_image;
    QLabel *m_name, *m_view, *m_readout;
    NumberControl* m_widths;
};

class BorderChooser : public QDialog {
    Q_OBJECT
public:
    /// `picture` is the looked-at one with its finish, without border.
    BorderChooser(const BorderLibrary& library, std::shared_ptr<const Frame> picture,
                  const Delivery& delivery, const PictureInfoPtr& info, const TurnException& turn,
                  QWidget* parent = nullptr);
    const std::optional<BorderDesign>& taken() const { return m_taken; }
    BorderPane& now() { return *m_now; }
    BorderPane& other() { return *m_other; }
    QListWidget& list() { return *m_list; }

private:
    void fill();
    void showChosen();
    void keep();
    void removeChosen();
    QIcon iconFor(const BorderDesign& border) const;

    const BorderLibrary& m_library;
    std::shared_ptr<const Frame> m_picture;
    Delivery m_delivery;
    PictureInfoPtr m_info;
    TurnException m_turn;
    std::vector<SavedBorder> m_saved; ///< in the order of the list, after the delivery's own
    BorderPane *m_now, *m_other;
    QListWidget* m_list;
    QLineEdit* m_name;
    QPushButton *m_keep, *m_remove, *m_takeNow, *m_takeOther;
    QLabel* m_notice;
    std::optional<BorderDesign> m_taken;
};

} // namespace keepseal::app
