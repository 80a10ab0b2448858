// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The drawer of the chosen station: one control per row of the station's table, and nothing else. It is built
// from the table; no setting has code of its own here.
#pragma once

#include "document/picture_library.h"
#include "widgets/setting_form.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QScrollArea>

namespace keepseal::app {

class Drawer : public QScrollArea {
    Q_OBJECT
public:
    Drawer(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void showStation(StationId station);
    void setLookedAt(OriginalId id);
    /// The control of a setting of the shown station ("seal.size"), for focus and for tests.
    QWidget* control(const std::string& path) const;

signals:
    void benchRequested();
    void libraryRequested();

private:
    void rebuild();
    void refresh();
    void addSealButtons(QHBoxLayout* head);
    void showPrivacy();

    JobDocument* m_document;
    PictureLibrary* m_library;
    StationId m_station = StationId::Seal;
    OriginalId m_lookedAt = 0;
    SettingForm* m_form = nullptr;
    QLabel* m_privacy = nullptr;
};

} // namespace keepseal::app
