// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/register_view.h"

#include "base/text.h"
#include "document/job_document.h"
#include "proofs/frame_proof.h"
#include "register/picture_delegate.h"
#include "register/register_pages.h"
#include "register/two_pictures.h"
#include "theme/theme.h"
#include "widgets/announce.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QComboBox>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QSplitter>
#include <QStackedWidget>
#include <QTableView>
#include <QTextBrowser>
#include <QTimer>
#include <QToolButton>
#include <QUrl>
#include <QVBoxLayout>

namespace keepseal::app {
namespace {

constexpr int kTypingPause = 60; ///< milliseconds
enum Kind { AnyCopy, Sealed, Unsealed, TellsPlace, UpTo1200, UpTo3000, Larger };

QToolButton* lookButton(const QString& text, const QString& help) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setToolTip(help);
    button->setCheckable(true);
    button->setAutoExclusive(true);
    return button;
}

std::vector<std::filesystem::path> localFiles(const QMimeData* data) {
    std::vector<std::filesystem::path> out;
    for (const auto& url : data->urls())
        if (url.isLocalFile())
            out.push_back(toPath(url.toLocalFile()));
    return out;
}

} // namespace

RegisterView::RegisterView(JobDocument* document, QWidget* parent)
    : QWidget(parent), m_document(document), m_pages(new QStackedWidget), m_found(new QStackedWidget),
      m_answer(new AnswerView), m_words(new QLineEdit), m_days(new QLineEdit), m_delivery(new QComboBox),
      m_kind(new QComboBox), m_summary(new QLabel), m_nothing(new QLabel), m_wall(new QListView),
      m_table(new QTableView), m_asWall(lookButton(tr("Pictures"), tr("As small pictures"))),
      m_asTable(lookButton(tr("Table"), tr("As a table"))), m_more(new QToolButton),
      m_picture(new TwoPictures), m_page(new QTextBrowser),
      m_what(new QPushButton(icon("search"), " " + tr("What is this?"))),
      m_again(new QPushButton(icon("stamp"), " " + tr("Make again"))),
      m_show(new QPushButton(tr("Show the original"))), m_folder(new QPushButton(tr("Open folder"))),
      m_later(new QTimer(this)), m_historyTask([this](TaskOutcome<History> outcome) {
          if (!outcome.result)
              return;
          m_picture->show(outcome.result->picture, {}, {}, {});
          const auto& [copy, left, held, picture] = *outcome.result;
          (copy ? copyPage(*copy, left, held) : heldPart(held)).showOn(*m_page);
      }) {
    setAcceptDrops(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap2, kGap4, kGap3);
    column->setSpacing(kGap2);
    auto* found = new QWidget;
    auto* inner = new QVBoxLayout(found);
    inner->setContentsMargins(0, 0, 0, 0);
    inner->setSpacing(kGap2);
    inner->addWidget(makeSearch());
    auto* split = new QSplitter;
    split->addWidget(makeFound());
    split->addWidget(makeDetail());
    split->setSizes({600, 400});
    split->setStretchFactor(0, 3);
    split->setStretchFactor(1, 2);
    split->setChildrenCollapsible(false);
    inner->addWidget(split, 1);
    m_pages->addWidget(found);
    m_pages->addWidget(m_answer);
    column->addWidget(m_pages, 1);
    m_later->setSingleShot(true);
    connect(m_later, &QTimer::timeout, this, &RegisterView::searchNow);
    connect(&m_model, &RegisterModel::searched, this, &RegisterView::showSearched);
    connect(&m_model, &RegisterModel::failed, this, &RegisterView::say);
    connect(m_answer, &AnswerView::backRequested, this, [this] {
        m_pages->setCurrentIndex(0);
        m_words->setFocus();
    });
    auto* paste = new QAction(tr("What is the picture on the clipboard?"), this);
    paste->setShortcut(QKeySequence::Paste);
    paste->setShortcutContext(Qt::WidgetWithChildrenShortcut);
    connect(paste, &QAction::triggered, this, [this] { askClipboard(); });
    addAction(paste);
    fillMore();
    showChosen();
}

QWidget* RegisterView::makeSearch() {
    auto* box = new QWidget;
    auto* rows = new QVBoxLayout(box);
    rows->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    m_words->setPlaceholderText(tr("Names, folders, words in the copies"));
    m_words->setAccessibleName(tr("Words of the copies looked for"));
    m_words->setClearButtonEnabled(true);
    m_days->setPlaceholderText(tr("Made, as in 2026-05 to 2026-06"));
    m_days->setAccessibleName(tr("When they were made"));
    m_days->setClearButtonEnabled(true);
    m_delivery->setAccessibleName(tr("For which delivery"));
    m_delivery->addItem(tr("Any delivery"));
    m_delivery->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_delivery->setMinimumContentsLength(14);
    m_kind->setAccessibleName(tr("Which copies"));
    m_kind->addItems({tr("All copies"), tr("With a seal"), tr("Without a seal"), tr("That tell the place"),
                      tr("Up to 1200 pixels"), tr("1201 to 3000 pixels"), tr("More than 3000 pixels")});
    row->addWidget(m_words, 3);
    row->addWidget(m_days, 2);
    row->addWidget(m_delivery);
    row->addWidget(m_kind);
    rows->addLayout(row);
    auto* below = new QHBoxLayout;
    m_summary->setFont(strongFont());
    m_what->setToolTip(tr(
        "A picture that you met somewhere: is it yours, and which copy? Drop it here, or paste it (Ctrl+V)"));
    m_more->setText(tr("More"));
    m_more->setPopupMode(QToolButton::InstantPopup);
    m_asWall->setChecked(true);
    below->addWidget(m_summary, 1);
    for (auto* widget : {static_cast<QWidget*>(m_asWall), static_cast<QWidget*>(m_asTable),
                         static_cast<QWidget*>(m_what), static_cast<QWidget*>(m_more)})
        below->addWidget(widget);
    rows->addLayout(below);
    connect(m_words, &QLineEdit::textChanged, this, &RegisterView::searchSoon);
    connect(m_days, &QLineEdit::textChanged, this, &RegisterView::searchSoon);
    connect(m_delivery, &QComboBox::currentIndexChanged, this, &RegisterView::searchSoon);
    connect(m_kind, &QComboBox::currentIndexChanged, this, &RegisterView::searchSoon);
    connect(m_asTable, &QToolButton::toggled, this,
            [this](bool on) { m_found->setCurrentIndex(on ? 1 : 0); });
    connect(m_what, &QPushButton::clicked, this, &RegisterView::whatRequested);
    return box;
}

QWidget* RegisterView::makeFound() {
    m_wall->setModel(&m_model);
    m_wall->setViewMode(QListView::IconMode);
    m_wall->setResizeMode(QListView::Adjust);
    m_wall->setMovement(QListView::Static);
    m_wall->setUniformItemSizes(true);
    m_wall->setItemDelegate(new PictureDelegate(m_wall));
    m_wall->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_wall->setAccessibleName(tr("Copies found, as pictures"));
    m_table->setModel(&m_model);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionModel(m_wall->selectionModel());
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(withText(30));
    m_table->setIconSize({36, 26});
    m_table->setShowGrid(false);
    m_table->setWordWrap(false);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Interactive);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->setColumnWidth(RegisterModel::Name, withText(210));
    m_table->setAccessibleName(tr("Copies found, as a table"));
    m_nothing->setAlignment(Qt::AlignCenter);
    m_nothing->setWordWrap(true);
    m_nothing->setFont(titleFont());
    m_found->addWidget(m_wall);
    m_found->addWidget(m_table);
    m_found->addWidget(m_nothing);
    connect(m_wall->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &RegisterView::showChosen);
    return m_found;
}

QWidget* RegisterView::makeDetail() {
    auto* box = new QWidget;
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    m_page->setAccessibleName(tr("The chosen copy and its history"));
    m_page->setOpenLinks(false);
    auto* row = new QHBoxLayout;
    m_again->setToolTip(tr("Their originals come to the wall, and their deliveries are ticked: then stamp"));
    for (auto* button : {m_again, m_show, m_folder})
        row->addWidget(button);
    row->addStretch();
    column->addWidget(m_picture, 2);
    column->addWidget(m_page, 3);
    column->addLayout(row);
    connect(m_again, &QPushButton::clicked, this, [this] { emit againRequested(chosen()); });
    connect(m_show, &QPushButton::clicked, this,
            [this] { emit originalRequested(toQt(chosen().front().row.original)); });
    connect(m_folder, &QPushButton::clicked, this,
            [this] { emit folderRequested(toQt(chosen().front().row.copy.parent_path())); });
    return box;
}

void RegisterView::fillMore() {
    auto* menu = new QMenu(this);
    menu->addAction(tr("Save what is found as a table (CSV)…"), this, &RegisterView::csvRequested);
    menu->addAction(tr("Verify a folder…"), this, &RegisterView::verifyRequested);
    menu->addSeparator();
    menu->addAction(tr("Save all of the register…"), this, &RegisterView::exportRequested);
    menu->addAction(tr("Join a register that was saved…"), this, &RegisterView::importRequested);
    menu->addAction(tr("Make it again from the ledgers"), this, &RegisterView::rebuildRequested);
    menu->addSeparator();
    menu->addAction(tr("Forget the chosen copies…"), this, &RegisterView::forgetRequested);
    m_more->setMenu(menu);
}

QAbstractButton* RegisterView::tableButton() {
    return m_asTable;
}

QString RegisterView::summary() const {
    return m_summary->text();
}

QString RegisterView::page() const {
    return m_page->toPlainText();
}

bool RegisterView::asking() const {
    return m_pages->currentIndex() == 1;
}

void RegisterView::say(const QString& text) {
    m_summary->setText(text);
}

RegisterSearch RegisterView::search() const {
    RegisterSearch out;
    out.words = m_words->text().toStdString();
    const auto days = m_days->text().trimmed().split(tr(" to "));
    out.since = days.value(0).trimmed().toStdString();
    out.until = days.size() > 1 ? days.value(1).trimmed().toStdString() : out.since;
    if (m_delivery->currentIndex() > 0)
        out.delivery = m_delivery->currentText().toStdString();
    if (m_kind->currentIndex() == Sealed || m_kind->currentIndex() == Unsealed)
        out.sealed = m_kind->currentIndex() == Sealed;
    if (m_kind->currentIndex() == UpTo1200)
        out.sideTo = 1200;
    else if (m_kind->currentIndex() == UpTo3000)
        out.sideFrom = 1201, out.sideTo = 3000;
    else if (m_kind->currentIndex() == Larger)
        out.sideFrom = 3001;
    if (m_kind->currentIndex() == TellsPlace)
        out.tellsPlace = true;
    out.original = m_of;
    return out;
}

void RegisterView::searchSoon() {
    m_of.clear();
    m_later->start(kTypingPause);
}

void RegisterView::searchNow() {
    m_model.search(search());
}

void RegisterView::renew() {
    if (isVisible())
        searchNow();
}

void RegisterView::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    searchNow();
}

void RegisterView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::PaletteChange && isVisible()) // its colours stand in the text
        showChosen();
}

void RegisterView::showSearched() {
    const auto total = m_model.total();
    m_summary->setText(m_of.empty()
                           ? saidQt(total, "{n} copy", "{n} copies")
                           : saidQt(total, "{n} copy of %1", "{n} copies of %1").arg(toQt(m_of.filename())));
    if (isVisible())
        announce(m_summary, m_summary->text());
    if (total == 0) {
        m_nothing->setText(m_model.nothingYet()
                               ? tr("No copy was made yet.\nEach run is written into the register by itself.")
                           : m_of.empty() ? tr("No copy is like that.")
                                          : tr("No copy of %1 has left.").arg(toQt(m_of.filename())));
        m_found->setCurrentWidget(m_nothing);
    } else {
        m_found->setCurrentIndex(m_asTable->isChecked() ? 1 : 0);
    }
    const QSignalBlocker quiet(m_delivery); // its list follows what is there
    const auto before = m_delivery->currentText();
    const bool any = m_delivery->currentIndex() <= 0;
    while (m_delivery->count() > 1)
        m_delivery->removeItem(1);
    for (const auto& name : m_model.deliveries())
        m_delivery->addItem(toQt(name));
    m_delivery->setCurrentIndex(any ? 0 : std::max(0, m_delivery->findText(before)));
    if (total > 0)
        choose(0);
    else
        showChosen();
}

void RegisterView::choose(int row) {
    m_wall->setCurrentIndex(m_model.index(row, 0));
    m_wall->selectionModel()->select(m_model.index(row, 0),
                                     QItemSelectionModel::ClearAndSelect | QItemSelectionModel::Rows);
}

std::vector<RegisteredCopy> RegisterView::chosen() const {
    std::set<int> rows;
    for (const auto& index : m_wall->selectionModel()->selectedIndexes())
        rows.insert(index.row());
    std::vector<RegisteredCopy> out;
    for (const int row : rows)
        out.push_back(m_model.copy(row));
    return out;
}

void RegisterView::showChosen() {
    const auto copies = chosen();
    m_again->setEnabled(!copies.empty());
    m_show->setEnabled(copies.size() == 1);
    m_folder->setEnabled(copies.size() == 1);
    if (copies.size() != 1) {
        m_historyTask.cancel();
        m_picture->show({}, {}, {}, {});
        (copies.empty() ? Markup() : Markup(saidQt(copies.size(), "{n} copy chosen", "{n} copies chosen")))
            .showOn(*m_page);
        if (copies.empty() && !m_of.empty())
            m_historyTask.start([of = m_of](const auto&) {
                Register known;
                return History{std::nullopt, {}, stillHeldBack(known, of), {}};
            });
        return;
    }
    std::vector<Delivery> deliveries;
    for (const auto& item : m_document->state().deliveries)
        deliveries.push_back(m_document->asMade(item.delivery));
    PictureException exception;
    for (const auto& item : m_document->originals())
        if (item.path == copies.front().row.original)
            exception = m_document->exception(item.id);
    m_historyTask.start([copy = copies.front(), deliveries = std::move(deliveries), exception](const auto&) {
        Register known;
        History out{known.whole(copy.id).value_or(copy), {}, {}, {}};
        auto all = historyOf(known, out.copy->row.original, deliveries, exception);
        out.left = std::move(all.left);
        out.held = std::move(all.held);
        if (const auto picture = pictureOf(known, *out.copy, 900); !picture.size.empty())
            out.picture = toImage(picture);
        return out;
    });
}

void RegisterView::showHistoryOf(const std::filesystem::path& original) {
    for (auto* field : {m_words, m_days}) {
        const QSignalBlocker quiet(field);
        field->clear();
    }
    for (auto* box : {m_delivery, m_kind}) {
        const QSignalBlocker quiet(box);
        box->setCurrentIndex(0);
    }
    m_later->stop();
    m_of = original;
    m_pages->setCurrentIndex(0);
    searchNow();
}

void RegisterView::ask(const std::vector<std::filesystem::path>& paths) {
    m_pages->setCurrentIndex(1);
    m_answer->ask(paths);
}

bool RegisterView::askClipboard() {
    const auto* pasted = QApplication::clipboard()->mimeData();
    if (const auto files = pasted ? localFiles(pasted) : std::vector<std::filesystem::path>();
        !files.empty()) {
        ask(files);
        return true;
    }
    const QImage image = QApplication::clipboard()->image();
    if (image.isNull()) {
        say(tr("There is no picture on the clipboard."));
        return false;
    }
    m_pages->setCurrentIndex(1);
    m_answer->ask(image);
    return true;
}

void RegisterView::dragEnterEvent(QDragEnterEvent* event) {
    if (!localFiles(event->mimeData()).empty() || event->mimeData()->hasImage())
        event->acceptProposedAction();
}

void RegisterView::dropEvent(QDropEvent* event) {
    event->acceptProposedAction();
    if (const auto files = localFiles(event->mimeData()); !files.empty())
        ask(files);
    else if (const auto image = qvariant_cast<QImage>(event->mimeData()->imageData()); !image.isNull()) {
        m_pages->setCurrentIndex(1);
        m_answer->ask(image);
    }
}

bool RegisterView::busy() const {
    return m_later->isActive() || m_model.busy() || m_historyTask.busy() || m_answer->busy();
}

} // namespace keepseal::app
