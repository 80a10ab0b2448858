// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sending/outbox_dialog.h"

#include "base/text.h"
#include "document/job_document.h"
#include "sending/letter_dialog.h"
#include "theme/theme.h"

#include <QDateTime>
#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <algorithm>
#include <set>

namespace keepseal::app {
namespace {

enum OutboxColumn { CopyColumn, ToColumn, StateColumn, WhenColumn };

QString stateText(const OutboxItem& item) {
    switch (item.state) {
    case SendState::Waiting:
        return item.problem.empty() ? OutboxDialog::tr("waits") : OutboxDialog::tr("will be tried again");
    case SendState::Sent:
        return OutboxDialog::tr("sent");
    case SendState::LeftOut:
        return OutboxDialog::tr("left out");
    case SendState::Held:
        return OutboxDialog::tr("held");
    case SendState::Unread:
        return OutboxDialog::tr("to be looked at");
    }
    return {};
}

QString whenText(const OutboxItem& item) {
    const auto time = item.state == SendState::Sent      ? item.sentAt
                      : item.state == SendState::Waiting ? item.due
                                                         : 0;
    return time > 0 ? QLocale().toString(QDateTime::fromSecsSinceEpoch(time), QLocale::ShortFormat)
                    : QString();
}

QString whereTo(const OutboxItem& item) {
    if (item.to.isLetter())
        return OutboxDialog::tr("letter to %1").arg(toQt(item.to.to));
    const auto path = item.state == SendState::Sent ? item.sentAs : thereIn(item.folder, item.name);
    return toQt(item.to.place() + (path.starts_with('/') ? "" : "/") + path);
}

} // namespace

OutboxDialog::OutboxDialog(Posting* posting, QWidget* parent) : QDialog(parent), m_posting(posting) {
    setWindowTitle(tr("Outbox"));
    setAttribute(Qt::WA_DeleteOnClose);
    resize(980, 480);
    auto* column = new QVBoxLayout(this);
    m_summary = new QLabel;
    column->addWidget(m_summary);
    m_list = new QTreeWidget;
    m_list->setAccessibleName(tr("Copies to be sent"));
    m_list->setHeaderLabels({tr("Copy"), tr("Goes to"), tr("State"), tr("When")});
    m_list->setRootIsDecorated(false);
    m_list->setUniformRowHeights(true);
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setTextElideMode(Qt::ElideMiddle);
    m_list->header()->setStretchLastSection(false);
    m_list->header()->setSectionResizeMode(ToColumn, QHeaderView::Stretch);
    const auto wide = [this](const QString& text) {
        return m_list->fontMetrics().horizontalAdvance(text) + 32;
    };
    m_list->setColumnWidth(CopyColumn, wide("a picture with a name.jpg"));
    m_list->setColumnWidth(StateColumn, wide(tr("will be tried again")));
    m_list->setColumnWidth(WhenColumn,
                           wide(QLocale().toString(QDateTime::currentDateTime(), QLocale::ShortFormat)));
    column->addWidget(m_list, 1);
    m_problem = new QLabel;
    m_problem->setWordWrap(true);
    m_problem->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_problem->setAccessibleName(tr("What happened"));
    m_problem->setMinimumHeight(3 * m_problem->fontMetrics().lineSpacing());
    m_problem->setAlignment(Qt::AlignTop);
    column->addWidget(m_problem);
    auto* buttons = new QDialogButtonBox;
    m_letters = buttons->addButton(tr("Look at the letters…"), QDialogButtonBox::ActionRole);
    m_letters->setToolTip(tr("A letter goes only after you looked at it"));
    m_again = buttons->addButton(tr("Send now"), QDialogButtonBox::ActionRole);
    m_again->setToolTip(tr("The chosen ones, or all that wait or are held"));
    m_drop = buttons->addButton(tr("Take out"), QDialogButtonBox::ActionRole);
    m_drop->setToolTip(tr("The chosen ones will not be sent; what was sent stays where it is"));
    m_dropSent = buttons->addButton(tr("Clear what was sent"), QDialogButtonBox::ActionRole);
    m_dropSent->setToolTip(tr("The list forgets it: a copy that is stamped again may be sent again then"));
    buttons->addButton(QDialogButtonBox::Close);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_letters, &QPushButton::clicked, this, &OutboxDialog::showLetters);
    connect(m_again, &QPushButton::clicked, this,
            [this] { m_posting->change([ids = chosen()](Outbox& outbox) { outbox.again(ids); }); });
    connect(m_drop, &QPushButton::clicked, this,
            [this] { m_posting->change([ids = chosen()](Outbox& outbox) { outbox.drop(ids); }); });
    connect(m_dropSent, &QPushButton::clicked, this,
            [this] { m_posting->change([](Outbox& outbox) { outbox.dropSent(); }); });
    connect(m_list, &QTreeWidget::itemSelectionChanged, this, &OutboxDialog::refreshButtons);
    connect(m_posting, &Posting::changed, this, &OutboxDialog::refresh);
    refresh();
    m_posting->look();
}

/// One delivery's letters after the other, until one is put off.
void OutboxDialog::showLetters() {
    std::vector<OutboxItem> unread;
    for (const auto& item : m_posting->items())
        if (item.state == SendState::Unread)
            unread.push_back(item);
    const auto all = lettersOf(unread);
    std::vector<std::pair<std::vector<std::int64_t>, SendingSettings>> lookedAt;
    for (auto first = all.begin(); first != all.end();) {
        const auto next = std::find_if(first, all.end(), [&](const Letter& letter) {
            return !(letter.to == first->to) ||
                   letter.items.front().delivery != first->items.front().delivery;
        });
        LetterDialog dialog({first, next}, this);
        if (dialog.exec() != QDialog::Accepted)
            break;
        lookedAt.emplace_back(dialog.ids(), dialog.asTyped());
        first = next;
    }
    if (!lookedAt.empty())
        m_posting->change([lookedAt](Outbox& outbox) {
            for (const auto& [ids, as] : lookedAt)
                outbox.letGo(ids, as);
        });
}

QString OutboxDialog::summary() const {
    return m_summary->text();
}

std::vector<std::int64_t> OutboxDialog::chosen() const {
    std::vector<std::int64_t> out;
    for (const auto* row : m_list->selectedItems())
        out.push_back(row->data(CopyColumn, Qt::UserRole).toLongLong());
    return out;
}

void OutboxDialog::refresh() {
    const auto kept = chosen();
    const std::set<std::int64_t> wasChosen(kept.begin(), kept.end());
    m_list->clear();
    QList<QTreeWidgetItem*> rows;
    for (auto item = m_posting->items().rbegin(); item != m_posting->items().rend();
         ++item) { // the newest on top
        auto* row = new QTreeWidgetItem(
            {toQt(item->copy.filename().string()), whereTo(*item), stateText(*item), whenText(*item)});
        row->setSizeHint(CopyColumn, {0, m_list->fontMetrics().lineSpacing() + 10});
        row->setToolTip(CopyColumn, toQt(item->copy.string()));
        row->setToolTip(ToColumn, whereTo(*item));
        row->setData(CopyColumn, Qt::UserRole, static_cast<qlonglong>(item->id));
        row->setData(StateColumn, Qt::UserRole, toQt(item->problem));
        if (item->state == SendState::Held)
            row->setForeground(StateColumn, theme().look);
        rows << row;
    }
    m_list->addTopLevelItems(rows);
    for (auto* row : rows)
        row->setSelected(wasChosen.contains(row->data(CopyColumn, Qt::UserRole).toLongLong()));
    const auto unread = m_posting->count(SendState::Unread);
    m_summary->setText(
        m_posting->items().empty()
            ? tr("Nothing is to be sent. A delivery's station Sending says where its copies go.")
            : tr("%1 waiting, %2 held, %3 sent")
                      .arg(m_posting->count(SendState::Waiting))
                      .arg(m_posting->count(SendState::Held))
                      .arg(m_posting->count(SendState::Sent)) +
                  (unread > 0 ? saidQt(unread, ", {n} copy in letters that wait for you to look at them",
                                       ", {n} copies in letters that wait for you to look at them")
                              : QString()));
    refreshButtons();
}

void OutboxDialog::refreshButtons() {
    const auto rows = m_list->selectedItems();
    const auto open = m_posting->count(SendState::Waiting) + m_posting->count(SendState::Held);
    const auto unread = m_posting->count(SendState::Unread);
    m_letters->setVisible(unread > 0);
    m_again->setEnabled(open > 0);
    m_drop->setEnabled(!rows.isEmpty());
    m_dropSent->setEnabled(m_posting->items().size() > open + unread);
    QString text;
    if (rows.size() == 1)
        text = rows.front()->data(StateColumn, Qt::UserRole).toString();
    else if (rows.isEmpty())
        for (const auto& item : m_posting->items())
            if (item.state == SendState::Held && text.isEmpty())
                text = toQt(item.problem);
    m_problem->setText(text);
}

} // namespace keepseal::app
