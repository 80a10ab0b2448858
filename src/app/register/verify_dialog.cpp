// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/verify_dialog.h"

#include "base/text.h"
#include "document/job_document.h"
#include "theme/theme.h"

#include <QDialogButtonBox>
#include <QHeaderView>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

#include <array>
#include <map>

namespace keepseal::app {
namespace {

constexpr int kMostRows = 5000; // of each standing; all are counted
/// What needs a look first.
constexpr std::array kOrder = {Standing::Changed, Standing::Missing, Standing::Unread, Standing::Foreign,
                               Standing::Untouched};

QString standingWords(Standing standing) {
    switch (standing) {
    case Standing::Untouched:
        return VerifyDialog::tr("untouched");
    case Standing::Changed:
        return VerifyDialog::tr("changed");
    case Standing::Missing:
        return VerifyDialog::tr("missing");
    case Standing::Foreign:
        return VerifyDialog::tr("not in the register");
    case Standing::Unread:
        return VerifyDialog::tr("can't be read");
    }
    return {};
}

QString knownAs(const VerifiedFile& file) {
    if (file.problem)
        return toQt(file.problem->sentence());
    if (!file.known)
        return {};
    const auto made = toQt(file.known->made.substr(0, 10));
    return file.original
               ? VerifyDialog::tr("an original, last copied %1").arg(made)
               : VerifyDialog::tr("a copy for \"%1\", %2").arg(toQt(file.known->row.delivery), made);
}

} // namespace

VerifyDialog::VerifyDialog(const std::filesystem::path& folder, QWidget* parent)
    : QDialog(parent), m_folder(folder), m_summary(new QLabel), m_list(new QTreeWidget),
      m_busy(new QProgressBar), m_task([this](const TaskOutcome<Files>& outcome) { ended(outcome); }) {
    setObjectName("verify");
    setWindowTitle(tr("Verify a folder"));
    setAttribute(Qt::WA_DeleteOnClose);
    resize(withText(820), withText(480));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    column->setSpacing(kGap3);
    m_summary->setWordWrap(true);
    m_summary->setText(tr("Reading every file in %1…").arg(toQt(folder)));
    column->addWidget(m_summary);
    m_busy->setRange(0, 0);
    m_busy->setAccessibleName(tr("Files are being read"));
    column->addWidget(m_busy);
    m_list->setAccessibleName(tr("Files"));
    m_list->setHeaderLabels({tr("File"), tr("Is"), tr("Known as")});
    m_list->setRootIsDecorated(false);
    m_list->setUniformRowHeights(true);
    m_list->setTextElideMode(Qt::ElideMiddle);
    m_list->setColumnWidth(0, withText(330));
    m_list->setColumnWidth(1, m_list->fontMetrics().horizontalAdvance(tr("not in the register")) + 24);
    column->addWidget(m_list, 1);
    auto* buttons = new QDialogButtonBox;
    m_close = buttons->addButton(tr("Stop"), QDialogButtonBox::RejectRole);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::rejected, this, [this] {
        if (m_task.busy())
            m_task.stop(); // what was looked at until then is shown
        else
            reject();
    });
    m_task.start([folder](const TaskRun<NoStep>& run) {
        Register known;
        return verifyFolder(known, folder, run.stop);
    });
}

QString VerifyDialog::summary() const {
    return m_summary->text();
}

void VerifyDialog::ended(const TaskOutcome<Files>& outcome) {
    m_busy->hide();
    m_close->setText(tr("Close"));
    if (outcome.result)
        showFiles(*outcome.result);
    else
        m_summary->setText(toQt(outcome.problem->sentence()));
}

void VerifyDialog::showFiles(const Files& files) {
    std::map<Standing, int> counts;
    QStringList parts;
    QList<QTreeWidgetItem*> rows;
    for (const auto standing : kOrder) {
        for (const auto& file : files) {
            if (file.standing != standing || ++counts[standing] > kMostRows)
                continue;
            auto* row = new QTreeWidgetItem(
                {toQt(file.file.lexically_relative(m_folder)), standingWords(standing), knownAs(file)});
            row->setToolTip(0, toQt(file.file));
            row->setSizeHint(0, {0, m_list->fontMetrics().lineSpacing() + 10});
            row->setToolTip(2, row->text(2));
            if (standing == Standing::Changed || standing == Standing::Missing ||
                standing == Standing::Unread)
                row->setForeground(1, theme().look);
            rows << row;
        }
        if (counts[standing] > 0)
            parts << tr("%1 %2").arg(counts[standing]).arg(standingWords(standing));
    }
    m_list->addTopLevelItems(rows);
    m_summary->setText(files.empty() ? tr("There is nothing in %1.").arg(toQt(m_folder))
                                     : tr("%1: %2.").arg(toQt(m_folder), parts.join(QObject::tr(", "))));
}

} // namespace keepseal::app
