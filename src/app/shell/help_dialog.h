// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Help in the window: the documents, with search, and a page of all keys made from the actions themselves.
#pragma once

#include "shell/help_pages.h"

#include <QDialog>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace keepseal::app {

class HelpDialog : public QDialog {
    Q_OBJECT
public:
    explicit HelpDialog(QWidget* parent = nullptr);
    void setPages(std::vector<HelpPage> pages);
    /// "framing.md", at a heading of it, or at its beginning. Before there are pages it is kept in mind.
    void openPage(const QString& file, const QString& heading = {});
    QLineEdit* words() { return m_words; }
    QListWidget* list() { return m_list; }
    QTextBrowser* page() { return m_page; }
    QString shownFile() const { return m_file; }

private:
    void refreshList();
    void openChosen();
    void showPage(const QString& file, const QString& heading);
    std::vector<HelpPage> m_pages;
    std::vector<HelpFound> m_found;
    QString m_file, m_heading;
    QLineEdit* m_words;
    QListWidget* m_list;
    QTextBrowser* m_page;
};

} // namespace keepseal::app
