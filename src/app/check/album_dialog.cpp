// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/album_dialog.h"

#include "base/text.h"
#include "delivery/file_names.h"
#include "document/job_document.h"
#include "theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDesktopServices>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <QUrl>
#include <QVBoxLayout>

namespace keepseal::app {

AlbumDialog::AlbumDialog(const Ledger& ledger, const QString& title, QWidget* parent)
    : QDialog(parent), m_which(new QComboBox), m_title(new QLineEdit(title)), m_about(new QLineEdit),
      m_folder(new QLineEdit), m_downloads(new QCheckBox(tr("The copies can be downloaded"))),
      m_unlisted(new QCheckBox(tr("Ask search engines to pass by"))), m_says(new QLabel), m_said(new QLabel),
      m_progress(new QProgressBar),
      m_task([this](const TaskOutcome<AlbumMade>& outcome) { ended(outcome); },
             [this](std::size_t done) { m_progress->setValue(static_cast<int>(done)); }) {
    setObjectName("album");
    setWindowTitle(tr("A web album"));
    setMinimumWidth(withText(560));
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(kGap4, kGap4, kGap4, kGap4);
    all->setSpacing(kGap3);
    m_says->setWordWrap(true);
    all->addWidget(m_says);
    for (auto& delivery : deliveriesOf(ledger))
        if (!delivery.only.copies().empty()) {
            m_which->addItem(toQt(delivery.name));
            m_ledgers.push_back(std::make_shared<const Ledger>(std::move(delivery.only)));
        }
    if (m_ledgers.empty())
        m_ledgers.push_back(std::make_shared<const Ledger>());
    addFields();
    m_said->setWordWrap(true);
    m_said->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_progress->setAccessibleName(tr("Pictures that are in the album"));
    m_progress->setTextVisible(false);
    all->addWidget(m_progress);
    all->addWidget(m_said);
    all->addStretch();
    addButtons();
    showWorking(false);
    chooseDelivery(0);
    m_title->selectAll();
    m_title->setFocus();
}

void AlbumDialog::addFields() {
    auto* form = new QFormLayout;
    form->setSpacing(kGap2);
    if (m_ledgers.size() > 1)
        form->addRow(tr("Copies of"), m_which);
    else
        m_which->setParent(this), m_which->hide();
    connect(m_which, &QComboBox::currentIndexChanged, this, &AlbumDialog::chooseDelivery);
    form->addRow(tr("Title"), m_title);
    m_about->setPlaceholderText(tr("A sentence under the title"));
    form->addRow(tr("About it"), m_about);
    auto* row = new QHBoxLayout;
    row->addWidget(m_folder, 1);
    auto* choose = new QPushButton(tr("Choose…"));
    choose->setAutoDefault(false);
    row->addWidget(choose);
    form->addRow(tr("New folder"), row);
    qobject_cast<QLabel*>(form->labelForField(row))->setBuddy(m_folder);
    form->addRow(QString(), m_downloads);
    form->addRow(QString(), m_unlisted);
    qobject_cast<QVBoxLayout*>(layout())->addLayout(form);
    connect(m_title, &QLineEdit::textEdited, this, &AlbumDialog::propose);
    connect(m_folder, &QLineEdit::textEdited, this, [this] { m_folderChosen = true; });
    connect(choose, &QPushButton::clicked, this, [this] {
        const auto in = QFileDialog::getExistingDirectory(this, tr("The album's folder is made in"));
        if (in.isEmpty())
            return;
        m_beside = toPath(in);
        m_folderChosen = false;
        propose();
    });
}

void AlbumDialog::chooseDelivery(int index) {
    m_ledger = m_ledgers[static_cast<std::size_t>(std::max(index, 0))];
    const auto copies = m_ledger->copies();
    m_beside = copies.empty() ? std::filesystem::current_path() : copies.front().parent_path().parent_path();
    m_progress->setMaximum(static_cast<int>(copies.size()));
    m_says->setText(
        saidQt(copies.size(),
               "One folder of plain pages with {n} picture, to put on a server or to open from the disk. It "
               "is made of the finished copies, with their seal and their rights, and of nothing else.",
               "One folder of plain pages with {n} pictures, to put on a server or to open from the disk. It "
               "is made of the finished copies, with their seal and their rights, and of nothing else."));
    propose();
}

void AlbumDialog::addButtons() {
    auto* buttons = new QDialogButtonBox;
    m_make = buttons->addButton(tr("Make the album"), QDialogButtonBox::ActionRole);
    m_make->setProperty("strong", true);
    m_make->setDefault(true);
    m_open = buttons->addButton(tr("Open it"), QDialogButtonBox::ActionRole);
    m_close = buttons->addButton(tr("Close"), QDialogButtonBox::RejectRole);
    for (auto* button : {m_open, m_close})
        button->setAutoDefault(false);
    connect(m_make, &QPushButton::clicked, this, &AlbumDialog::make);
    connect(m_open, &QPushButton::clicked, this, &AlbumDialog::openAlbum);
    connect(m_close, &QPushButton::clicked, this, [this] {
        if (m_task.busy())
            m_task.stop(); // says so when it has come to its end
        else
            reject();
    });
    layout()->addWidget(buttons);
}

QString AlbumDialog::folder() const {
    return m_folder->text();
}

void AlbumDialog::propose() {
    if (m_folderChosen)
        return;
    const auto name = cleanedName(m_title->text().trimmed().toStdString());
    m_folder->setText(toQt(m_beside / (name.empty() ? "album" : name)));
}

void AlbumDialog::make() {
    Album album;
    album.title = m_title->text().trimmed().toStdString();
    album.about = m_about->text().trimmed().toStdString();
    album.downloads = m_downloads->isChecked();
    album.unlisted = m_unlisted->isChecked();
    if (album.title.empty())
        album.title = tr("Pictures").toStdString();
    m_made = folder();
    showWorking(true);
    m_said->setText(tr("Making the album…"));
    m_task.start([ledger = m_ledger, album, to = toPath(m_made)](const TaskRun<std::size_t>& run) {
        return writeAlbum(*ledger, album, to, run.stop, run.tell);
    });
}

void AlbumDialog::ended(const TaskOutcome<AlbumMade>& outcome) {
    showWorking(false);
    m_open->setVisible(outcome.result.has_value());
    if (!outcome.result)
        return m_said->setText(toQt(outcome.problem->sentence()));
    QStringList lines{
        saidQt(outcome.result->pictures, "{n} picture in %1", "{n} pictures in %1").arg(m_made)};
    for (const auto& problem : outcome.result->leftOut)
        lines << tr("Left out: %1").arg(toQt(problem.sentence()));
    constexpr int kMostLines = 6;
    if (lines.size() > kMostLines)
        lines = lines.mid(0, kMostLines) << tr("and %1 more").arg(lines.size() - kMostLines);
    m_said->setText(lines.join('\n'));
    m_open->setFocus();
}

void AlbumDialog::showWorking(bool on) {
    for (QWidget* widget : std::initializer_list<QWidget*>{m_which, m_title, m_about, m_folder, m_downloads,
                                                           m_unlisted, m_make})
        widget->setEnabled(!on);
    m_progress->setVisible(on);
    m_progress->setValue(0);
    m_open->hide();
    m_close->setText(on ? tr("Stop") : tr("Close"));
}

void AlbumDialog::openAlbum() {
    QDesktopServices::openUrl(QUrl::fromLocalFile(m_made + "/index.html"));
}

} // namespace keepseal::app
