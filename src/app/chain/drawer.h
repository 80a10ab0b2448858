// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The drawer of the chosen station: one control per row of the station's table, and nothing else. It is built
// from the table; no setting has code of its own here.
#pragma once

#include "document/picture_library.h"

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

private:
    void rebuild();
    void refresh();
    QWidget* makeControl(const std::string& path, const Setting<Delivery>& setting);
    QWidget* makeText(const std::string& path, const Setting<Delivery>& setting);
    QWidget* makeFolder(const std::string& path, const Setting<Delivery>& setting);
    void change(const std::string& path, const SettingValue& value);
    void showPrivacy();
    void startDrag() { ++m_drag; }

    JobDocument* m_document;
    PictureLibrary* m_library;
    StationId m_station = StationId::Seal;
    OriginalId m_lookedAt = 0;
    int m_drag = 1;
    bool m_refreshing = false;
    std::map<std::string, QWidget*> m_controls;
    std::map<std::string, std::function<void(const SettingValue&)>> m_setters;
    QLabel* m_privacy = nullptr;
};

} // namespace keepseal::app
