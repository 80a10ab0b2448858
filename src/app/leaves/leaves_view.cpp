// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/leaves_view.h"

#include "base/files.h"
#include "base/patience.h"
#include "base/text.h"
#include "document/untouchable.h"
#include "leaves/leaves_page.h"
#include "theme/theme.h"

#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kKey = Qt::UserRole;

} // namespace

LeavesView::LeavesView(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_later(new QTimer(this)),
      m_summary(new QLabel), m_onlyPlaces(new QPushButton(tr("Only those that tell a place"))),
      m_back(new QPushButton(tr("Back to the job"))), m_save(new QPushButton(tr("Save a report…"))),
      m_list(new QListWidget), m_page(new QTextBrowser) {
    setAcceptDrops(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap2, kGap4, kGap3);
    column->setSpacing(kGap2);
    m_summary->setFont(strongFont());
    m_summary->setWordWrap(true);
    column->addWidget(m_summary);
    auto* row = new QHBoxLayout;
    auto* files = new QPushButton(icon("search"), " " + tr("Look into files…"));
    auto* folder = new QPushButton(icon("folder-open"), " " + tr("Look into a folder…"));
    files->setToolTip(tr("What any file tells, from anywhere; files can be dropped here as well"));
    m_onlyPlaces->setCheckable(true);
    for (auto* button : {m_onlyPlaces, m_back, files, folder, m_save})
        row->addWidget(button);
    row->addStretch();
    column->addLayout(row);
    auto* middle = new QHBoxLayout;
    m_list->setFixedWidth(216);
    m_list->setAccessibleName(tr("Files and what they tell"));
    m_list->setUniformItemSizes(true);
    m_list->setIconSize({18, 18});
    m_page->setAccessibleName(tr("What the chosen file tells"));
    m_page->setOpenLinks(false);
    middle->addWidget(m_list);
    middle->addWidget(m_page, 1);
    column->addLayout(middle, 1);
    m_later->setSingleShot(true);
    connect(m_later, &QTimer::timeout, this, &LeavesView::fill);
    connect(m_list, &QListWidget::currentRowChanged, this, [this] {
        if (m_filling)
            return;
        if (auto* item = m_list->currentItem(); item && !looksIntoFiles())
            emit pictureChosen(item->data(kKey).toULongLong());
        showPage();
    });
    connect(m_onlyPlaces, &QPushButton::toggled, this, &LeavesView::fill);
    connect(m_back, &QPushButton::clicked, this, [this] {
        m_task.cancel();
        m_told.clear();
        m_problem.clear();
        fill();
    });
    connect(files, &QPushButton::clicked, this, &LeavesView::filesRequested);
    connect(folder, &QPushButton::clicked, this, &LeavesView::folderRequested);
    connect(m_save, &QPushButton::clicked, this, &LeavesView::reportRequested);
    connect(document, &JobDocument::anythingChanged, this, &LeavesView::renew);
    connect(library, &PictureLibrary::infoReady, this, &LeavesView::renew);
}

void LeavesView::setLookedAt(OriginalId id) {
    m_id = id;
    if (looksIntoFiles())
        return;
    for (int i = 0; i < m_list->count(); ++i)
        if (m_list->item(i)->data(kKey).toULongLong() == id) {
            m_filling = true;
            m_list->setCurrentRow(i);
            m_filling = false;
        }
    showPage();
}

void LeavesView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    fill();
}

void LeavesView::renew() {
    constexpr std::size_t many = 500; // a long list is not filled anew for every picture that is read
    if (isVisible() && !m_later->isActive())
        m_later->start(m_document->originals().size() > many ? 1000 : 60);
}

QListWidgetItem* LeavesView::addRow(const QString& name, Tells tells, const QVariant& key) {
    const bool place = tells == Tells::Place, unsure = tells == Tells::Unsure;
    auto* item = new QListWidgetItem(icon(place    ? "map-pin"
                                          : unsure ? "circle-alert"
                                                   : "circle-check",
                                          place    ? Tint::Look
                                          : unsure ? Tint::Quiet
                                                   : Tint::Good),
                                     name);
    item->setData(kKey, key);
    item->setToolTip(place    ? tr("%1 tells a place").arg(name)
                     : unsure ? tr("%1 could not be read whole").arg(name)
                              : tr("%1 tells no place").arg(name));
    item->setData(Qt::AccessibleTextRole, item->toolTip());
    m_list->addItem(item);
    return item;
}

bool LeavesView::namesPlace(const PictureInfo& info, OriginalId id) const {
    // Nearly all pictures have no word that could stand anywhere.
    if (info.problem || (info.metadata.placeNames.empty() && !info.report.tellsPlace()))
        return false;
    const auto notes = wordsToLookAt(info, m_document->deliveryAsMade(), m_document->exception(id));
    return holdsKind(notes, NoteKind::PlaceInWords) || holdsKind(notes, NoteKind::CoordinatesInWords);
}

void LeavesView::fill() {
    if (looksIntoFiles())
        return fillFiles();
    m_filling = true;
    const int scrolled = m_list->verticalScrollBar()->value();
    m_list->clear();
    std::size_t telling = 0, read = 0, named = 0;
    for (const auto& item : m_document->originals()) {
        const auto info = m_library->info(item.id);
        if (!info)
            continue;
        ++read;
        const auto tells = info->problem ? Tells::Unsure : tellsOf(info->report);
        telling += tells == Tells::Place;
        const bool names = namesPlace(*info, item.id);
        named += names;
        if (m_onlyPlaces->isChecked() && tells != Tells::Place)
            continue;
        auto* row = addRow(toQt(item.path.filename()), tells, QVariant::fromValue<qulonglong>(item.id));
        if (names) {
            row->setIcon(icon("triangle-alert", Tint::Look));
            row->setToolTip(
                tr("The copy of %1 names the place in its words").arg(toQt(item.path.filename())));
        }
        if (item.id == m_id)
            m_list->setCurrentItem(row);
    }
    m_list->verticalScrollBar()->setValue(scrolled);
    m_filling = false;
    const bool opened = m_document->currentDelivery().privacy.opensLocation();
    const auto all = m_document->originals().size();
    m_summary->setText(
        (read < all ? tr("%1 of %2 pictures read so far. ").arg(read).arg(all) : QString()) +
        (telling == 0 ? tr("None of the %1 originals tells a place.").arg(read)
         : opened     ? tr("%1 of %2 originals tell a place, and the copies of “%3” will tell it too.")
                        .arg(telling)
                        .arg(read)
                        .arg(toQt(m_document->currentDelivery().name))
         : named > 0 ? tr("%1 of %2 originals tell a place. It is taken out of every copy of “%3”, but %4 "
                          "still in words that stay.")
                           .arg(telling)
                           .arg(read)
                           .arg(toQt(m_document->currentDelivery().name),
                                named == 1 ? tr("one names it") : tr("%1 name it").arg(named))
                     : tr("%1 of %2 originals tell a place. No copy of “%3” will.")
                           .arg(telling)
                           .arg(read)
                           .arg(toQt(m_document->currentDelivery().name))));
    m_summary->setStyleSheet(
        QString("color: %1;").arg((opened && telling ? theme().bad : theme().text).name()));
    m_back->hide();
    m_save->setEnabled(read > 0);
    showPage();
}

void LeavesView::fillFiles() {
    m_filling = true;
    m_list->clear();
    m_back->show();
    std::size_t telling = 0;
    for (std::size_t i = 0; i < m_told.size(); ++i) {
        const auto tells = m_told[i].problem.empty() ? tellsOf(m_told[i].report) : Tells::Unsure;
        telling += tells == Tells::Place;
        if (!m_onlyPlaces->isChecked() || tells == Tells::Place)
            addRow(toQt(m_told[i].path.filename()), tells, QVariant::fromValue<qulonglong>(i));
    }
    m_filling = false;
    m_summary->setStyleSheet(QString("color: %1;").arg(theme().text.name()));
    m_summary->setText(m_task.busy() ? tr("Looking into the files…")
                                     : tr("%1: %2 of them tell a place.")
                                           .arg(toQt(counted(m_told.size(), "file", "files")))
                                           .arg(telling));
    m_save->setEnabled(!m_told.empty());
    if (m_list->count() > 0)
        m_list->setCurrentRow(0);
    showPage();
}

void LeavesView::lookInto(const std::vector<std::filesystem::path>& paths) {
    m_told.clear();
    m_problem.clear();
    m_task.start([paths](const std::atomic<bool>& stop) {
        std::vector<ToldFile> out;
        const auto all = filesIn(paths);
        for (const auto& file : all.files) {
            if (stop)
                break;
            out.push_back(readTold(file));
        }
        out.insert(out.end(), all.notRead.begin(), all.notRead.end());
        return out;
    });
    fill();
}

void LeavesView::showPage() {
    const auto* item = m_list->currentItem();
    if (!item)
        return leavesNothingPage(m_task.busy()          ? tr("Reading…")
                                 : !m_problem.isEmpty() ? m_problem
                                 : m_document->originals().empty() && m_told.empty()
                                     ? tr("Drop files here to see what they tell.")
                                     : tr("Choose a file."))
            .showOn(*m_page);
    const auto key = item->data(kKey).toULongLong();
    const int scrolled = m_page->verticalScrollBar()->value();
    if (!m_told.empty())
        toldPageOf(m_told.at(key)).showOn(*m_page);
    else if (const auto info = m_library->info(key)) {
        const auto& delivery = m_document->deliveryAsMade();
        leavesPage(*info, delivery, m_document->exception(key)).showOn(*m_page);
    }
    m_page->verticalScrollBar()->setValue(scrolled);
}

std::string LeavesView::report(bool json) const {
    auto files = m_told;
    if (files.empty())
        for (const auto& item : m_document->originals())
            if (const auto info = m_library->info(item.id))
                files.push_back(
                    {item.path, info->report, info->problem ? info->problem->happened : std::string()});
    constexpr auto replace = nlohmann::json::error_handler_t::replace;
    return json ? toldJson(files).dump(1, ' ', false, replace) + "\n" : toldPage(files);
}

void LeavesView::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void LeavesView::dropEvent(QDropEvent* event) {
    std::vector<std::filesystem::path> paths;
    for (const auto& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths.push_back(toPath(url.toLocalFile()));
    event->acceptProposedAction();
    if (!paths.empty())
        lookInto(paths);
}

} // namespace keepseal::app
