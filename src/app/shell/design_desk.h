// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does with designs: seals, borders and rights sheets, taken from the library and kept there,
// and sheets as XMP.
#pragma once

#include "chain/drawer.h"
#include "seal_bench/seal_bench.h"
#include "shell/desk.h"
#include "shell/views.h"

class QMenu;

namespace keepseal::app {

class DesignDesk : public QObject {
    Q_OBJECT
public:
    /// None is owned.
    DesignDesk(DeskTools tools, SealBench* bench, Views* views, Drawer* drawer, PictureLibrary* library);
    /// Takes a seal for the current delivery; where it stands and how large it is come with it.
    void takeSeal(const SealDesign& seal);
    void chooseSeal();
    void keepSeal();
    /// Tries to take the current delivery's seal off pictures of the job.
    void trySeal();
    /// Checks a typeface's file and keeps it in the library; `then` is told its family.
    void addTypeface(const QString& file, const std::function<void(const std::string&)>& then = {});
    /// Borders side by side on the picture looked at.
    void compareBorders();

private:
    void fillSheetsMenu();
    void fillSetAside(QMenu* menu);
    void keepSheet();
    void openXmp();
    void saveXmp();
    DeskTools m;
    SealBench* m_bench;
    Views* m_views;
    Drawer* m_drawer;
    PictureLibrary* m_library;
};

} // namespace keepseal::app
