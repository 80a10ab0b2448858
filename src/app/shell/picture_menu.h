// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is different on the chosen pictures: turns and crops, and where and how strong their seal stands.
#pragma once

#include "document/job_document.h"
#include "proofs/proof_wall.h"
#include "shell/window_actions.h"

class QMenu;

namespace keepseal::app {

class PictureMenu : public QObject {
    Q_OBJECT
public:
    /// None is owned.
    PictureMenu(JobDocument* document, ProofWall* wall) : m_document(document), m_wall(wall) {}
    void fill(QMenu* menu, WindowActions& actions);

private:
    void fillTurns(QMenu* menu, WindowActions& actions);
    void fillPlaces(QMenu* menu, WindowActions& actions);
    void fillStrengths(QMenu* menu, WindowActions& actions);
    void fillNudges(QMenu* menu, WindowActions& actions);
    void differ(const QString& what, const std::function<void(SealException&)>& edit);
    JobDocument* m_document;
    ProofWall* m_wall;
};

} // namespace keepseal::app
