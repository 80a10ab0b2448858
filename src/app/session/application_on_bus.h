// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// org.freedesktop.Application (Desktop Entry Specification 1.5, "D-Bus Activation"). Internal to OneProgram.
#pragma once

#include "session/one_program.h"

#include <QDBusAbstractAdaptor>

namespace keepseal::app {

/// What the desktop calls.
class ApplicationOnBus : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Application")
public:
    explicit ApplicationOnBus(OneProgram* program) : QDBusAbstractAdaptor(program), m_program(program) {}

public slots:
    void Activate(const QVariantMap& platform) { m_program->take({}, tokenIn(platform)); }
    void Open(const QStringList& uris, const QVariantMap& platform) {
        m_program->take(uris, tokenIn(platform));
    }
    void ActivateAction(const QString&, const QVariantList&, const QVariantMap& platform) {
        m_program->take({}, tokenIn(platform)); // there are no actions
    }

private:
    static QString tokenIn(const QVariantMap& platform) {
        return platform.value("activation-token", platform.value("desktop-startup-id")).toString();
    }
    OneProgram* m_program;
};

} // namespace keepseal::app
