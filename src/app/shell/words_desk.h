// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does with the table of words and the page that says what leaves: words as tables, files
// looked into, reports.
#pragma once

#include "shell/desk.h"
#include "shell/views.h"

namespace keepseal::app {

class WordsDesk : public QObject {
    Q_OBJECT
public:
    /// `views` is not owned.
    WordsDesk(DeskTools tools, Views* views);
    /// Asks for files, and says what they tell.
    void lookIntoFiles();

private:
    void lookIntoFolder();
    void saveReport();
    void saveWords();
    void takeWords();
    DeskTools m;
    Views* m_views;
};

} // namespace keepseal::app
