// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Two borders side by side on the person's own picture: the delivery's, and one of the library or the same
// one wider or narrower. Taking one, keeping the delivery's own under a name, removing saved ones.
#pragma once

#include "border/border_proof.h"
#include "libraries/libraries.h"
#include "tasks/latest_task.h"
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
    void setPicture(std::shared_ptr<const BorderProof> picture);
    void setBorder(const BorderDesign& border);
    /// With all widths at the percentage of the slider.
    BorderDesign border() const;
    NumberControl* widths() { return m_widths; }
    QString readout() const { return m_readout->text(); }
    const QImage& image() const { return m_image; } ///< null until it is drawn
    bool settled() const { return !m_task.busy(); }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void redraw();
    void take(TaskOutcome<QImage> outcome);
    std::shared_ptr<const BorderProof> m_picture;
    BorderDesign m_border;
    QImage m_image;
    QLabel *m_name, *m_view, *m_readout;
    NumberControl* m_widths;
    LatestTask<QImage> m_task;
};

class BorderChooser : public QDialog {
    Q_OBJECT
public:
    BorderChooser(Libraries* libraries, const Delivery& delivery, const PictureInfoPtr& info,
                  const PictureException& exception, std::shared_ptr<DecodedPictures> decoded,
                  QWidget* parent = nullptr);
    const std::optional<BorderDesign>& taken() const { return m_taken; }
    BorderPane& now() { return *m_now; }
    BorderPane& other() { return *m_other; }
    QListWidget& list() { return *m_list; }
    bool settled() const {
        return m_now->settled() && m_other->settled() && !m_icons.busy() && !m_libraries->busy();
    }

private:
    void fill();
    void showChosen();
    void keep();
    void removeChosen();
    void drawIcons();
    /// In the library, in the background; `then` here, when it went well.
    void change(std::function<void(const BorderLibrary&)> work, std::function<void()> then);

    Libraries* m_libraries;
    std::shared_ptr<const BorderProof> m_picture;
    Delivery m_delivery;
    std::vector<SavedBorder> m_saved; ///< in the order of the list, after the delivery's own
    BorderPane *m_now, *m_other;
    QListWidget* m_list;
    QLineEdit* m_name;
    QPushButton *m_keep, *m_remove, *m_takeNow, *m_takeOther;
    QLabel* m_notice;
    std::optional<BorderDesign> m_taken;
    struct DrawnBorder {
        int row = 0;
        QImage image;
    };
    LatestTask<NoStep, DrawnBorder> m_icons;
};

} // namespace keepseal::app
