// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// SIGTERM, SIGHUP and SIGINT ask the program to leave: it saves and leaves in peace.
#pragma once

#include <QObject>

namespace keepseal::app {

class Leaving : public QObject {
    Q_OBJECT
public:
    /// One at a time.
    explicit Leaving(QObject* parent = nullptr);
    ~Leaving() override;

signals:
    void asked();
};

} // namespace keepseal::app
