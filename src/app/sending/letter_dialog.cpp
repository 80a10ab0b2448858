// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sending/letter_dialog.h"

#include "base/text.h"
#include "document/job_document.h"
#include "theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

QString bytesText(std::uint64_t bytes) {
    return toQt(shownBytes(bytes));
}

/// The subject without the number that tells several letters apart.
QString plainSubject(const Letter& letter, std::size_t of) {
    auto out = toQt(letter.subject);
    if (of > 1)
        out.chop(static_cast<int>(QString(" (1 of %1)").arg(of).size()));
    return out;
}

} // namespace

LetterDialog::LetterDialog(std::vector<Letter> letters, QWidget* parent)
    : QDialog(parent), m_letters(std::move(letters)), m_to(new QLineEdit), m_subject(new QLineEdit),
      m_words(new QPlainTextEdit), m_attached(new QTreeWidget), m_problem(new QLabel), m_send(nullptr) {
    setObjectName("letter");
    const auto& first = m_letters.front();
    setWindowTitle(m_letters.size() > 1 ? tr("%1 letters, before they go").arg(m_letters.size())
                                        : tr("A letter, before it goes"));
    resize(withText(680), withText(600));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    auto* form = new QFormLayout;
    form->setSpacing(kGap2);
    auto* from = new QLabel(tr("%1, through %2").arg(toQt(first.to.from), toQt(first.to.place())));
    from->setTextInteractionFlags(Qt::TextSelectableByMouse);
    form->addRow(tr("From"), from);
    m_to->setText(toQt(first.to.to));
    form->addRow(tr("To"), m_to);
    m_subject->setText(plainSubject(first, m_letters.size()));
    form->addRow(tr("Subject"), m_subject);
    m_words->setPlainText(toQt(first.words));
    m_words->setTabChangesFocus(true);
    m_words->setPlaceholderText(tr("Nothing is written in it"));
    form->addRow(tr("Letter"), m_words);
    column->addLayout(form, 1);
    addAttached(column);
    m_problem->setWordWrap(true);
    column->addWidget(m_problem);
    auto* buttons = new QDialogButtonBox;
    m_send = buttons->addButton(m_letters.size() > 1 ? tr("Send these letters") : tr("Send this letter"),
                                QDialogButtonBox::AcceptRole);
    m_send->setProperty("strong", true);
    m_send->setAutoDefault(false); // never by Enter in a field
    buttons->addButton(tr("Not now"), QDialogButtonBox::RejectRole)->setAutoDefault(false);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(m_to, &QLineEdit::textChanged, this, &LetterDialog::refresh);
    connect(m_subject, &QLineEdit::textChanged, this, &LetterDialog::refresh);
    refresh();
}

void LetterDialog::addAttached(QVBoxLayout* column) {
    m_attached->setAccessibleName(tr("What hangs on it"));
    m_attached->setHeaderLabels({tr("What hangs on it"), tr("Size")});
    m_attached->header()->setStretchLastSection(false);
    m_attached->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    for (std::size_t i = 0; i < m_letters.size(); ++i) {
        const auto& letter = m_letters[i];
        auto* top = m_attached->invisibleRootItem();
        if (m_letters.size() > 1)
            m_attached->addTopLevelItem(
                top = new QTreeWidgetItem({tr("Letter %1 of %2").arg(i + 1).arg(m_letters.size()),
                                           tr("about %1").arg(bytesText(letter.bytes))}));
        if (letter.to.holds == LetterHolds::Sheet)
            new QTreeWidgetItem(top,
                                {saidQt(letter.items.size(), "%1, with {n} picture", "%1, with {n} pictures")
                                     .arg(toQt(letter.attached.front())),
                                 QString()});
        else
            for (const auto& item : letter.items)
                new QTreeWidgetItem(top, {toQt(item.name), bytesText(item.bytes)});
    }
    m_attached->setRootIsDecorated(m_letters.size() > 1);
    m_attached->expandAll();
    column->addWidget(m_attached, 1);
}

void LetterDialog::refresh() {
    const bool addresses = !addressesIn(m_to->text().toStdString()).empty();
    const bool allFit =
        std::all_of(m_letters.begin(), m_letters.end(), [](const Letter& l) { return fits(l); });
    m_send->setEnabled(addresses && allFit);
    m_problem->setText(
        !addresses ? tr("These are no addresses: anna@example.org, or several parted by commas.")
        : !allFit  ? tr("A copy is larger than a letter may be: send smaller copies or a contact "
                         "sheet, or allow larger letters at the station Sending.")
        : m_subject->text().trimmed().isEmpty() ? tr("It has no subject.")
                                                : QString());
}

std::vector<std::int64_t> LetterDialog::ids() const {
    std::vector<std::int64_t> out;
    for (const auto& letter : m_letters)
        for (const auto& item : letter.items)
            out.push_back(item.id);
    return out;
}

SendingSettings LetterDialog::asTyped() const {
    return withTyped(m_letters.front().to, m_to->text().trimmed().toStdString(),
                     m_subject->text().toStdString(), m_words->toPlainText().toStdString());
}

} // namespace keepseal::app
