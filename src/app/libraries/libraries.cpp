// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "libraries/libraries.h"

namespace keepseal::app {

Libraries::Libraries(QObject* parent) : QObject(parent) {
    lookAgain();
}

Libraries::~Libraries() {
    m_work.finish();
}

Shelves Libraries::readShelves(const LibraryFolders& folders) {
    Shelves out;
    out.seals = folders.seals.all(&out.problems);
    out.borders = folders.borders.all(&out.problems);
    out.sheets = folders.sheets.all(&out.problems);
    out.deliveries = folders.deliveries.all(&out.problems);
    return out;
}

void Libraries::lookAgain() {
    m_work.start<Shelves>(
        0, [folders = m_folders] { return readShelves(folders); },
        [this](TaskOutcome<Shelves> outcome) {
            if (outcome.result)
                take(std::move(*outcome.result));
        });
}

void Libraries::take(Shelves shelves) {
    m_shelves = std::move(shelves);
    m_known = true;
    emit changed();
}

} // namespace keepseal::app
