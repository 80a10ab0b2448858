// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Privacy in the drawer: which kinds of metadata copies carry on, the place behind words of its own, and
// places that stand in plain sight with a way to mend each.
#pragma once

#include "document/chain_of.h"
#include "widgets/controls.h"
#include "widgets/setting_form.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace keepseal::app {

class PrivacyEditor : public QWidget {
    Q_OBJECT
public:
    PrivacyEditor(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    void refresh();
    SegmentControl* category(const std::string& key) const; ///< "camera"
    QPushButton* openLocationButton() { return m_open; }
    QPushButton* closeLocationButton() { return m_close; }
    QString locationText() const { return m_location->text(); }
    /// The ways to mend what stands in plain sight, as shown.
    std::vector<QPushButton*> mendButtons() const;
    SettingForm& form() { return *m_form; }

signals:
    void leavesRequested();
    void stationRequested(keepseal::StationId station);

private:
    struct Row {
        const Setting<PrivacyRules>* setting;
        SegmentControl* control;
        QLabel* sample;
    };
    QWidget* makeLocation();
    void makeRows(class QVBoxLayout* column);
    void openLocation();
    void showLocation();
    void showSamples();
    void showPlaces();
    void addMend(class QHBoxLayout* row, const QString& text, const QString& help,
                 const std::function<void()>& act);
    void mendText(class QHBoxLayout* row, const FieldInfo& field, const FieldOutcome& outcome);

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    QFrame* m_box;
    QLabel *m_location, *m_count, *m_icon;
    QPushButton *m_open, *m_close;
    std::vector<Row> m_rows;
    SettingForm* m_form;
    QWidget* m_places;
    class QTimer* m_later; ///< many pictures are read in a row: they are counted a few times a second
};

/// Asks in words that can't be misread; true when the person said that the place may be told.
bool confirmLocation(const QString& delivery, QWidget* parent);

} // namespace keepseal::app
