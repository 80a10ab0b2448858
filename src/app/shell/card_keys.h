// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One key, one picture: a key of the person's own choice stamps the chosen pictures by one delivery at once.
// A key belongs to the delivery's name, and is there again whenever a card has that name.
#pragma once

#include "shell/desk.h"
#include "shell/window_actions.h"

#include <QKeySequence>
#include <QMap>
#include <QPointer>
#include <QVariantMap>

class QMenu;

namespace keepseal::app {

class CardKeys : public QObject {
    Q_OBJECT
public:
    /// `pictureViews`: where the keys work. `stamp`: the chosen pictures, by that card.
    CardKeys(DeskTools tools, std::vector<QWidget*> pictureViews, std::function<void(DeliveryId)> stamp);
    void fillMenu(QMenu* menu, WindowActions& actions);
    /// Keys by name of delivery, as QKeySequence writes them everywhere.
    void take(const QVariantMap& keys);
    QVariantMap keys() const;
    /// An empty one takes it away.
    void setKey(const QString& delivery, const QKeySequence& key);
    /// Why it can't be a delivery's key, in words; empty: it can.
    QString whyNot(const QString& delivery, const QKeySequence& key) const;
    void ask();

signals:
    void changed();

private:
    void renew();
    DeskTools m;
    std::vector<QWidget*> m_views;
    std::function<void(DeliveryId)> m_stamp;
    QMap<QString, QKeySequence> m_keys;
    std::vector<QPointer<QAction>> m_actions; ///< of the cards that are there
};

} // namespace keepseal::app
