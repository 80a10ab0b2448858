// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/help_dialog.h"

#include "theme/theme.h"
#include "widgets/markup.h"

#include <QLineEdit>
#include <QListWidget>
#include <QSplitter>
#include <QTextBlock>
#include <QTextBrowser>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace keepseal::app {

HelpDialog::HelpDialog(QWidget* parent)
    : QDialog(parent), m_words(new QLineEdit), m_list(new QListWidget), m_page(new QTextBrowser) {
    setObjectName("help");
    setWindowTitle(tr("Help"));
    resize(withText(960), withText(640));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap3, kGap3, kGap3, kGap3);
    auto* split = new QSplitter;
    split->setChildrenCollapsible(false);
    auto* side = new QWidget;
    auto* inner = new QVBoxLayout(side);
    inner->setContentsMargins(0, 0, 0, 0);
    m_words->setPlaceholderText(tr("Words to look for"));
    m_words->setAccessibleName(tr("Words to look for in the help"));
    m_words->setClearButtonEnabled(true);
    inner->addWidget(m_words);
    m_list->setAccessibleName(tr("Pages"));
    m_list->setWordWrap(true);
    m_list->setSpacing(3);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    inner->addWidget(m_list, 1);
    split->addWidget(side);
    m_page->setAccessibleName(tr("Page"));
    m_page->setOpenLinks(false); // nothing is fetched, and no other program begun
    split->addWidget(m_page);
    split->setStretchFactor(1, 1);
    split->setSizes({withText(270), withText(690)});
    column->addWidget(split);
    connect(m_words, &QLineEdit::textChanged, this, &HelpDialog::refreshList);
    connect(m_list, &QListWidget::currentRowChanged, this, &HelpDialog::openChosen);
    connect(m_page, &QTextBrowser::anchorClicked, this, [this](const QUrl& url) {
        if (url.isRelative())
            showPage(url.fileName(), {});
    });
    m_words->setFocus();
}

void HelpDialog::setPages(std::vector<HelpPage> pages) {
    m_pages = std::move(pages);
    refreshList();
    openPage(QString(m_file), QString(m_heading));
}

void HelpDialog::openPage(const QString& file, const QString& heading) {
    m_file = file, m_heading = heading;
    const auto page = std::find_if(m_pages.begin(), m_pages.end(),
                                   [&](const HelpPage& known) { return known.file == file; });
    if (page != m_pages.end())
        showPage(file, heading.isEmpty() ? heading : headingIn(*page, heading));
}

void HelpDialog::refreshList() {
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    m_found = findInHelp(m_pages, m_words->text());
    if (m_words->text().trimmed().isEmpty())
        for (const auto& page : m_pages) {
            if (page.chapter)
                continue;
            auto* item = new QListWidgetItem(page.title, m_list);
            item->setData(Qt::UserRole, page.file);
        }
    else if (m_found.empty())
        m_list->addItem(tr("Nothing is found."));
    for (const auto& found : m_found)
        m_list->addItem(found.page + (found.heading.isEmpty() ? "" : ": " + found.heading) + "\n" +
                        found.line);
}

void HelpDialog::openChosen() {
    const auto row = static_cast<std::size_t>(std::max(0, m_list->currentRow()));
    if (row < m_found.size())
        showPage(m_found[row].file, m_found[row].heading);
    else if (const auto* item = m_list->currentItem())
        showPage(item->data(Qt::UserRole).toString(), {});
}

void HelpDialog::showPage(const QString& file, const QString& heading) {
    const auto page = std::find_if(m_pages.begin(), m_pages.end(),
                                   [&](const HelpPage& known) { return known.file == file; });
    if (page == m_pages.end())
        return;
    m_file = file, m_heading = heading;
    showOwnPage(*m_page, page->text);
    m_page->moveCursor(QTextCursor::Start);
    if (heading.isEmpty())
        return;
    for (auto block = m_page->document()->begin(); block.isValid(); block = block.next())
        if (block.blockFormat().headingLevel() > 0 && block.text() == heading) {
            m_page->moveCursor(QTextCursor::End); // so that the heading comes to the top
            m_page->setTextCursor(QTextCursor(block));
            return;
        }
}

} // namespace keepseal::app
