// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/leaves_view.h"

#include "widgets/side_area.h"

#include "base/files.h"
#include "base/patience.h"
#include "base/text.h"
#include "document/untouchable.h"
#include "leaves/leaves_page.h"
#include "report/told_page.h"
#include "theme/theme.h"

#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>

namespace keepseal::app {

LeavesView::LeavesView(JobDocument* document, PictureLibrary* library, QWidget* parent)
    : QWidget(parent), m_document(document), m_library(library), m_later(new QTimer(this)),
      m_summary(new QLabel), m_onlyPlaces(new QPushButton(tr("Only those that tell a place"))),
      m_back(new QPushButton(tr("Back to the job"))), m_save(new QPushButton(tr("Save a report…"))),
      m_list(new QListView), m_page(new QTextBrowser) {
    setAcceptDrops(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap2, kGap4, kGap3);
    column->setSpacing(kGap2);
    m_summary->setFont(strongFont());
    m_summary->setWordWrap(true);
    column->addWidget(m_summary);
    auto* buttons = new QWidget;
    auto* row = new QHBoxLayout(buttons);
    row->setContentsMargins(0, 0, 0, 0);
    auto* files = new QPushButton(icon("search"), " " + tr("Look into files…"));
    auto* folder = new QPushButton(icon("folder-open"), " " + tr("Look into a folder…"));
    files->setToolTip(tr("What any file tells, from anywhere; files can be dropped here as well"));
    m_onlyPlaces->setCheckable(true);
    for (auto* button : {m_onlyPlaces, m_back, files, folder, m_save})
        row->addWidget(button);
    row->addStretch();
    column->addWidget(scrolledSideways(buttons));
    auto* middle = new QHBoxLayout;
    m_list->setModel(&m_rows);
    m_list->setFixedWidth(withText(216));
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
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& current) {
                if (m_filling)
                    return;
                if (current.isValid() && !looksIntoFiles())
                    emit pictureChosen(current.data(TellingModel::kKey).toULongLong());
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
    connect(library, &PictureLibrary::toldReady, this, [this](OriginalId id) {
        if (id == m_id && isVisible() && !looksIntoFiles())
            showPage();
    });
}

bool LeavesView::settled() const {
    return !m_later->isActive() && !m_counting.busy() && !m_task.busy() && m_list->currentIndex().isValid() &&
           !m_pageWaits;
}

void LeavesView::choose(int row) {
    m_list->setCurrentIndex(m_rows.index(row));
}

void LeavesView::setLookedAt(OriginalId id) {
    m_id = id;
    if (looksIntoFiles())
        return;
    if (!isVisible())
        return;
    m_filling = true;
    choose(m_rows.rowOf(id));
    m_filling = false;
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

void LeavesView::fill() {
    if (looksIntoFiles())
        return showFiles();
    std::vector<TellingAsked> pictures;
    for (const auto& item : m_document->originals())
        if (auto info = m_library->info(item.id))
            pictures.push_back({item.id, std::move(info), m_document->exception(item.id)});
    m_counting.follow([pictures = std::move(pictures), delivery = m_document->deliveryAsMade()](
                          const auto& run) { return tellingOf(pictures, delivery, run.stop); });
}

void LeavesView::showRows(const std::vector<TellingRow>& rows, qulonglong chosen) {
    std::vector<TellingRow> shown;
    std::copy_if(rows.begin(), rows.end(), std::back_inserter(shown), [this](const TellingRow& row) {
        return !m_onlyPlaces->isChecked() || row.tells == Tells::Place;
    });
    m_filling = true;
    const int scrolled = m_list->verticalScrollBar()->value();
    m_rows.show(std::move(shown));
    choose(m_rows.rowOf(chosen));
    m_list->verticalScrollBar()->setValue(scrolled);
    m_filling = false;
    showPage();
}

QString LeavesView::sentenceOfJob(const Telling& telling) const {
    const auto read = telling.rows.size(), all = m_document->originals().size();
    const auto name = toQt(m_document->currentDelivery().name);
    const auto so = telling.telling == 0 ? tr("None of the %1 originals tells a place.").arg(read)
                    : m_document->currentDelivery().privacy.opensLocation()
                        ? tr("%1 of %2 originals tell a place, and the copies of “%3” will tell it too.")
                              .arg(telling.telling)
                              .arg(read)
                              .arg(name)
                    : telling.named > 0 ? saidQt(telling.named,
                                                 "%1 of %2 originals tell a place. It is taken out of every "
                                                 "copy of “%3”, but one still names it in "
                                                 "words that stay.",
                                                 "%1 of %2 originals tell a place. It is taken out of every "
                                                 "copy of “%3”, but {n} still name it in "
                                                 "words that stay.")
                                              .arg(telling.telling)
                                              .arg(read)
                                              .arg(name)
                                        : tr("%1 of %2 originals tell a place. No copy of “%3” will.")
                                              .arg(telling.telling)
                                              .arg(read)
                                              .arg(name);
    return (read < all ? tr("%1 of %2 pictures read so far.").arg(read).arg(all) + " " : QString()) + so;
}

void LeavesView::showJob(const Telling& telling) {
    if (looksIntoFiles())
        return;
    m_summary->setText(sentenceOfJob(telling));
    const bool opened = m_document->currentDelivery().privacy.opensLocation() && telling.telling > 0;
    m_summary->setStyleSheet(QString("color: %1;").arg((opened ? theme().bad : theme().text).name()));
    m_back->hide();
    m_save->setEnabled(!telling.rows.empty());
    showRows(telling.rows, m_id);
}

void LeavesView::showFiles() {
    std::vector<TellingRow> rows;
    std::size_t telling = 0;
    for (std::size_t i = 0; i < m_told.size(); ++i) {
        const auto tells = m_told[i].problem.empty() ? tellsOf(m_told[i].report) : Tells::Unsure;
        telling += tells == Tells::Place;
        rows.push_back({toQt(m_told[i].path.filename()), tells, false, i});
    }
    m_back->show();
    m_summary->setStyleSheet(QString("color: %1;").arg(theme().text.name()));
    m_summary->setText(m_task.busy() ? tr("Looking into the files…")
                                     : saidQt(m_told.size(), "{n} file: %1 of them tell a place.",
                                              "{n} files: %1 of them tell a place.")
                                           .arg(telling));
    m_save->setEnabled(!m_told.empty());
    showRows(rows, rows.empty() ? 0 : rows.front().key);
}

void LeavesView::lookInto(const std::vector<std::filesystem::path>& paths) {
    m_told.clear();
    m_problem.clear();
    m_counting.cancel();
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
    const auto current = m_list->currentIndex();
    if (!current.isValid())
        return leavesNothingPage(m_task.busy()          ? tr("Reading…")
                                 : !m_problem.isEmpty() ? m_problem
                                 : m_document->originals().empty() && m_told.empty()
                                     ? tr("Drop files here to see what they tell.")
                                     : tr("Choose a file."))
            .showOn(*m_page);
    const auto key = current.data(TellingModel::kKey).toULongLong();
    const int scrolled = m_page->verticalScrollBar()->value();
    if (!m_told.empty())
        toldPageOf(m_told.at(key)).showOn(*m_page);
    else if (const auto info = m_library->info(key)) {
        const auto told = m_library->told(key);
        m_pageWaits = !told;
        if (told)
            leavesPage(*info, *told, m_document->deliveryAsMade(), m_document->exception(key))
                .showOn(*m_page);
        else
            leavesNothingPage(tr("Reading…")).showOn(*m_page);
    }
    m_page->verticalScrollBar()->setValue(scrolled);
}

std::function<std::string()> LeavesView::report(bool json) const {
    return [json, told = m_told,
            paths = m_told.empty() ? m_document->paths() : decltype(m_document->paths())()] {
        auto files = told;
        for (const auto& path : paths)
            files.push_back(readTold(path));
        constexpr auto replace = nlohmann::json::error_handler_t::replace;
        return json ? toldJson(files).dump(1, ' ', false, replace) + "\n" : toldPage(files);
    };
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
