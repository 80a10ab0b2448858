// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the desks of the window work with. A desk is what a person does with one kind of thing (deliveries,
// designs, the job, the words, runs): its dialogs, its part of the menu, its files.
#pragma once

#include "document/job_document.h"
#include "libraries/libraries.h"
#include "tasks/file_work.h"

namespace keepseal::app {

/// Nothing of it is owned; all of it outlives the desks.
struct DeskTools {
    QWidget* window; ///< parent of dialogs
    JobDocument* document;
    Libraries* libraries;
    FileWork* files;                         ///< what is read and written at a person's word
    std::function<void(const QString&)> say; ///< where the person is looking
};

/// Changes the libraries in the background; a problem is said. `receiver`: nothing is told once it is gone.
void changeLibrary(const DeskTools& tools, QObject* receiver, std::function<void(const LibraryFolders&)> work,
                   std::function<void()> then = {});
/// Into a file that a person named; never over an original. `text()` is called in the background.
void saveText(const DeskTools& tools, const std::filesystem::path& file,
              const std::function<std::string()>& text);

} // namespace keepseal::app
