// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_view.h"

#include "check/check_words.h"

#include "base/text.h"
#include "delivery/stations.h"
#include "document/chain_of.h"
#include "theme/theme.h"
#include "widgets/markup.h"

#include <QAction>
#include <QButtonGroup>
#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSplitter>
#include <QTableView>
#include <QTextBrowser>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>
#include <map>
#include <set>

namespace keepseal::app {
CheckView::CheckView(std::shared_ptr<DecodedPictures> decoded, QWidget* parent)
    : QWidget(parent), m_model(new CheckModel(this)), m_filter(new CheckFilter(this)), m_summary(new QLabel),
      m_detail(new QTextBrowser), m_table(new QTableView), m_show(new QComboBox), m_words(new QLineEdit),
      m_again(new QPushButton(tr("Again with"))), m_folder(new QPushButton(tr("Open folder"))),
      m_report(new QPushButton(tr("Report"))), m_mend(new QPushButton(tr("Mend it"))),
      m_accept(new QPushButton(tr("Deliver all the same"))), m_loupe(new Loupe),
      m_decoded(std::move(decoded)), m_split(new QSplitter(Qt::Vertical)), m_loupeSide(new QWidget) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap3, kGap4, kGap3);
    column->setSpacing(kGap2);
    m_summary->setWordWrap(true);
    m_summary->setFont(strongFont());
    m_filter->setSourceModel(m_model);
    m_filter->setSortRole(CheckModel::kSortRole);
    m_table->setModel(m_filter);
    m_table->setSortingEnabled(true);
    m_table->horizontalHeader()->setSortIndicator(-1, Qt::AscendingOrder); // worst first, as it comes
    m_table->setAccessibleName(tr("Copies"));
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_table->setAlternatingRowColors(true);
    m_table->setDragEnabled(true);
    auto* copy = new QAction(tr("Copy the chosen copies"), this);
    copy->setShortcut(QKeySequence::Copy);
    copy->setShortcutContext(Qt::WidgetWithChildrenShortcut);
    connect(copy, &QAction::triggered, this,
            [this] { m_takingOut.copy(m_model->ran() ? chosen() : std::vector<LedgerRow>()); });
    m_table->addAction(copy);
    m_table->setShowGrid(false);
    m_table->setWordWrap(false);
    m_table->setTabKeyNavigation(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(28);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setHorizontalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_split->setChildrenCollapsible(false);
    m_split->addWidget(m_table);
    m_split->addWidget(makeBelow());
    m_split->setStretchFactor(0, 3);
    m_split->setStretchFactor(1, 2);
    column->addWidget(m_summary);
    column->addWidget(makeActions());
    column->addWidget(m_split, 1);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &CheckView::showDetail);
    connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &CheckView::showRemedies);
    connect(m_table, &QTableView::doubleClicked, this, [this](const QModelIndex& index) {
        const auto& row = m_model->row(m_filter->mapToSource(index).row());
        emit originalRequested(toQt(row.original));
        if (!m_model->ran())
            emit stationRequested(row);
    });
}

QWidget* CheckView::makeActions() {
    auto* bar = new QWidget;
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(kGap2);
    m_show->setAccessibleName(tr("Which copies are shown"));
    m_show->setMinimumWidth(withText(190));
    m_words->setPlaceholderText(tr("Find a name, a folder, a note"));
    m_words->setAccessibleName(tr("Find copies"));
    m_words->setClearButtonEnabled(true);
    m_words->setMaximumWidth(withText(260));
    m_again->setToolTip(tr("Change something for the chosen pictures and stamp just these again"));
    m_report->setToolTip(tr("A contact sheet, a web album or a table of this run, to send or to file"));
    auto* menu = new QMenu(m_report);
    menu->addAction(tr("Contact sheet as PDF…"), this, [this] { emit contactRequested(false); });
    menu->addAction(tr("Contact sheet as a web page…"), this, [this] { emit contactRequested(true); });
    const auto pages = [this](QMenu* sheets, void (CheckView::*wanted)(int)) {
        for (const auto& [up, words] : {std::pair{1, tr("One picture a page…")},
                                        {2, tr("Two pictures a page…")},
                                        {4, tr("Four pictures a page…")},
                                        {9, tr("Nine pictures a page…")}})
            sheets->addAction(words, this, [this, wanted, up = up] { emit(this->*wanted)(up); });
    };
    pages(menu->addMenu(tr("Proof sheets for print")), &CheckView::proofSheetRequested);
    pages(menu->addMenu(tr("Print proof sheets")), &CheckView::printRequested);
    menu->addAction(tr("Web album…"), this, &CheckView::albumRequested);
    menu->addAction(tr("Ledger as a table (CSV)…"), this, &CheckView::csvRequested);
    m_report->setMenu(menu);
    m_folder->setIcon(icon("folder-open"));
    row->addWidget(m_show);
    row->addWidget(m_words, 1);
    row->addStretch();
    m_mend->setToolTip(tr("Go to where the cause lies"));
    m_accept->setToolTip(tr("Make the chosen copies in spite of what they lack; the ledger says so"));
    for (auto* button : {m_mend, m_accept, m_again, m_report, m_folder})
        row->addWidget(button);
    m_mend->hide();
    m_accept->hide();
    connect(m_accept, &QPushButton::clicked, this, &CheckView::acceptRequested);
    connect(m_mend, &QPushButton::clicked, this, [this] {
        if (const auto rows = chosen(); !rows.empty())
            emit mendRequested(rows.front());
    });
    connect(m_words, &QLineEdit::textChanged, m_filter, &CheckFilter::setWords);
    connect(m_show, &QComboBox::currentIndexChanged, this, &CheckView::applyShow);
    connect(m_folder, &QPushButton::clicked, this, [this] {
        const auto rows = chosen();
        if (!rows.empty())
            emit fileRequested(toQt(rows.front().copy));
    });
    return bar;
}

QWidget* CheckView::makeBelow() {
    auto* below = new QWidget;
    auto* row = new QHBoxLayout(below);
    row->setContentsMargins(0, kGap1, 0, 0);
    row->setSpacing(kGap3);
    auto* side = new QVBoxLayout(m_loupeSide);
    side->setContentsMargins(0, 0, 0, 0);
    side->setSpacing(kGap1);
    auto* zooms = new QHBoxLayout;
    zooms->setSpacing(kGap1);
    auto* group = new QButtonGroup(this);
    const QString names[] = {tr("Fit"), tr("100 %"), tr("200 %")};
    for (int i = 0; i < 3; ++i) {
        m_zooms[i] = new QToolButton;
        m_zooms[i]->setText(names[i]);
        m_zooms[i]->setCheckable(true);
        m_zooms[i]->setChecked(i == 0);
        m_zooms[i]->setAccessibleName(tr("Loupe: %1").arg(names[i]));
        group->addButton(m_zooms[i]);
        connect(m_zooms[i], &QToolButton::clicked, this,
                [this, i] { m_loupe->setZoom(static_cast<Loupe::Zoom>(i)); });
        zooms->addWidget(m_zooms[i]);
    }
    zooms->addStretch();
    connect(m_loupe, &Loupe::zoomChanged, this,
            [this] { m_zooms[static_cast<int>(m_loupe->zoom())]->setChecked(true); });
    side->addWidget(m_loupe, 1);
    side->addLayout(zooms);
    m_detail->setAccessibleName(tr("All that is known of the chosen copy"));
    m_detail->setOpenLinks(false);
    m_detail->setFrameShape(QFrame::NoFrame);
    m_detail->setWordWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere); // long paths and digests
    m_detail->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_detail->setMinimumHeight(withText(92));
    m_detail->setMinimumWidth(withText(250));
    row->addWidget(m_loupeSide, 3);
    row->addWidget(m_detail, 1);
    return below;
}

void CheckView::setAgainMenu(QMenu* menu) {
    m_again->setMenu(menu);
}

void CheckView::fillShow() {
    using R = CheckModel;
    const QSignalBlocker blocker(m_show);
    const auto kept = m_show->currentText().section(" (", 0, 0);
    m_show->clear();
    const auto add = [&](const QString& name, const QList<int>& ranks) {
        std::size_t count = 0;
        QVariantList values;
        for (const int rank : ranks) {
            count += m_model->count(static_cast<R::Rank>(rank));
            values << rank;
        }
        if (count > 0 || ranks.isEmpty())
            m_show->addItem(ranks.isEmpty() ? tr("All (%1)").arg(m_model->rowCount())
                                            : tr("%1 (%2)").arg(name).arg(count),
                            values);
    };
    add({}, {});
    add(tr("Problems"), {R::Problems, R::Blocked});
    add(tr("Held back"), {R::HeldBack});
    add(tr("Worth a look"), {R::ToLookAt});
    add(tr("Not reached"), {R::NotReached});
    if (m_model->ran())
        add(tr("Fine"), {R::Fine});
    else
        add(tr("To be made"), {R::ToMake, R::ToLookAt});
    add(tr("Already there or left out"), {R::Aside});
    const int same = m_show->findText(kept, Qt::MatchStartsWith);
    m_show->setCurrentIndex(kept.isEmpty() || same < 0 ? 0 : same);
    applyShow(); // what was shown may be gone: its filter would hide everything
}

void CheckView::applyShow() {
    std::vector<CheckModel::Rank> ranks;
    for (const auto& value : m_show->currentData().toList())
        ranks.push_back(static_cast<CheckModel::Rank>(value.toInt()));
    m_filter->setRanks(ranks);
}

/// What can be done about the chosen rows.
void CheckView::showRemedies() {
    bool held = false, acceptable = false;
    for (const auto& row : chosen()) {
        if (row.outcome != Outcome::HeldBack)
            continue;
        held = true;
        const auto reasons = row.heldBackBy();
        acceptable = acceptable || std::all_of(reasons.begin(), reasons.end(),
                                               [](const Note& note) { return rowOf(note.kind).acceptable; });
    }
    m_mend->setVisible(held);
    m_mend->setText(remedyWord());
    m_accept->setVisible(held);
    m_accept->setEnabled(acceptable);
}

/// What the first chosen row asks for.
QString CheckView::remedyWord() const {
    for (const auto& row : chosen())
        for (const auto& note : row.heldBackBy()) {
            if (note.kind == NoteKind::WhoUnset)
                return tr("Say who you are…");
            if (const auto where = stationOf(note))
                return tr("Go to %1").arg(toQt(station(*where).label));
        }
    return tr("Mend it");
}

void CheckView::showHeldBack() {
    const int at = m_show->findText(tr("Held back"), Qt::MatchStartsWith);
    if (at < 0)
        return;
    m_show->setCurrentIndex(at);
    if (m_filter->rowCount() > 0)
        chooseLine(0);
}

void CheckView::fitColumns(bool ran, std::size_t deliveries, std::size_t places) {
    auto* head = m_table->horizontalHeader();
    const auto hide = [&](int column, bool hidden) { m_table->setColumnHidden(column, hidden); };
    hide(CheckModel::DeliveryName, deliveries < 2);
    hide(CheckModel::Folder, places < 2 || ran); // after the run it stands below, and the table is wide
    for (const int column :
         {CheckModel::PlaceGone, CheckModel::Rights, CheckModel::Seal, CheckModel::OriginalKept})
        hide(column, !ran);
    // Widths from the head of the list: measuring ten thousand rows would be felt.
    head->setResizeContentsPrecision(200);
    head->setSectionResizeMode(QHeaderView::Interactive);
    m_table->resizeColumnsToContents();
    for (const int column : {CheckModel::Name, CheckModel::Folder})
        head->resizeSection(column, std::min(head->sectionSize(column), 180));
    head->resizeSection(CheckModel::Bytes, std::max(head->sectionSize(CheckModel::Bytes), 90));
    fillWidth();
}

/// What happened is the longest text: it gets what the other columns leave.
void CheckView::fillWidth() {
    constexpr int least = 150;
    auto* head = m_table->horizontalHeader();
    int others = 0;
    for (int column = 0; column < CheckModel::ColumnCount; ++column)
        if (column != CheckModel::Result && !m_table->isColumnHidden(column))
            others += head->sectionSize(column);
    head->resizeSection(CheckModel::Result, std::max(least, m_table->viewport()->width() - others));
}

void CheckView::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    QMetaObject::invokeMethod(this, &CheckView::fillWidth,
                              Qt::QueuedConnection); // when the table has its own
}

void CheckView::showPlan(const Plan& plan, const Forecast* ahead, std::size_t sampled,
                         std::vector<DeliveryId> cards) {
    m_cards = std::move(cards);
    const auto chosenBefore = chosen();
    m_model->showPlan(plan, ahead);
    m_deliveries.clear();
    m_loupe->clear();
    if (m_loupeSide->isVisibleTo(this) || m_split->sizes().value(0) < m_split->sizes().value(1) * 2)
        m_split->setSizes({height() * 3 / 4, 120}); // without pictures below, the table has the room
    m_loupeSide->hide();
    m_again->hide();
    m_report->hide();
    fitColumns(false, plan.deliveries.size(), plan.places().size());
    fillShow();
    m_summary->setText(planSummary(plan, ahead, sampled));
    // A plan made anew while somebody looks at a row keeps the row.
    for (int line = 0; line < m_filter->rowCount() && !chosenBefore.empty(); ++line)
        if (const auto& row = m_model->row(m_filter->mapToSource(m_filter->index(line, 0)).row());
            row.original == chosenBefore.front().original &&
            row.deliveryIndex == chosenBefore.front().deliveryIndex &&
            row.copy == chosenBefore.front().copy) {
            chooseLine(line);
            break;
        }
    showDetail();
}

void CheckView::showLedger(const RunResult& result, const Plan* plan, std::vector<DeliveryId> cards) {
    m_cards = std::move(cards);
    m_model->showLedger(result.ledger);
    m_deliveries.clear();
    m_exceptions.clear();
    std::set<std::pair<std::optional<std::size_t>, std::string>> deliveries;
    std::set<std::filesystem::path> places;
    for (const auto& row : result.ledger.rows) {
        deliveries.emplace(row.deliveryIndex, row.delivery);
        places.insert(row.copy.parent_path());
    }
    if (plan) {
        m_deliveries = plan->deliveries;
        for (std::size_t i = 0; i < plan->originals.size(); ++i)
            if (!plan->exceptions[i].empty())
                m_exceptions[plan->originals[i]] = plan->exceptions[i];
    }
    if (!m_loupeSide->isVisibleTo(this))
        m_split->setSizes({height() * 8 / 20, height() * 11 / 20});
    m_loupeSide->show();
    m_again->show();
    m_report->show();
    fitColumns(true, deliveries.size(), places.size());
    fillShow();
    auto text = ledgerSummary(result.ledger);
    for (const auto& note : result.notes)
        text += " " + toQt(note.sentence());
    m_summary->setText(text);
    if (m_filter->rowCount() > 0)
        chooseLine(0);
    showDetail();
}

// Not selectRow(): that asks which column lies at the edge, and in a window that is read from the right there
// is none before the columns have their widths.
void CheckView::chooseLine(int line) {
    m_table->selectionModel()->setCurrentIndex(m_filter->index(line, 0), QItemSelectionModel::ClearAndSelect |
                                                                             QItemSelectionModel::Rows);
}

std::vector<LedgerRow> CheckView::chosen() const {
    std::vector<LedgerRow> out;
    for (const auto& index : m_table->selectionModel()->selectedRows())
        out.push_back(m_model->row(m_filter->mapToSource(index).row()));
    return out;
}

void CheckView::showDetail() {
    showRemedies();
    const auto index = m_table->currentIndex();
    m_folder->setEnabled(index.isValid());
    m_again->setEnabled(index.isValid());
    if (!index.isValid()) {
        m_loupe->clear();
        return m_detail->clear();
    }
    const auto& row = m_model->row(m_filter->mapToSource(index).row());
    showWords(row);
    if (!m_model->ran())
        return;
    if (row.outcome != Outcome::Made && row.outcome != Outcome::AlreadyThere)
        return m_loupe->clear();
    LoupeSubject subject{row, std::nullopt, {}};
    if (row.deliveryIndex && *row.deliveryIndex < m_deliveries.size())
        subject.delivery = m_deliveries[*row.deliveryIndex];
    if (const auto known = m_exceptions.find(row.original); known != m_exceptions.end())
        subject.exception = known->second;
    m_loupe->showCopy(subject, m_decoded);
}

void CheckView::renewSent() {
    if (const auto index = m_table->currentIndex(); index.isValid())
        showWords(m_model->row(m_filter->mapToSource(index).row()));
}

void CheckView::showWords(const LedgerRow& row) {
    const auto line = [](const QString& name, const QString& value) {
        return value.isEmpty() ? Markup() : tableRow({{coloured(name, theme().quiet.name()), 12}, {value}});
    };
    Markup rows = line(tr("Original"), toQt(row.original)) +
                  line(tr("Copy"), row.outcome == Outcome::Failed || row.outcome == Outcome::HeldBack
                                       ? tr("none")
                                       : toQt(row.copy)) +
                  line(tr("Seal"), row.readability > 0
                                       ? tr("contrast %1 : 1 as measured").arg(row.readability, 0, 'f', 1)
                                       : QString()) +
                  line(tr("Sent"), m_sentWords ? m_sentWords(row) : QString()) +
                  line(tr("Written"), labelsSaid(row.written)) +
                  line(tr("Left out"), labelsSaid(row.removed));
    const auto reasons = row.heldBackBy();
    for (const auto& note : reasons)
        rows += line(tr("Held back"), toQt(wholeSentenceOf(note)) + ".");
    for (const auto& note : row.notes)
        if (std::find(reasons.begin(), reasons.end(), note) == reasons.end())
            rows += line(isAccepted(note, row.accepted)             ? tr("Accepted")
                         : severityOf(note) == Severity::WorthALook ? tr("Look")
                                                                    : tr("Note"),
                         toQt(wholeSentenceOf(note)));
    if (row.problem)
        rows += line(tr("Problem"), toQt(row.problem->happened) + ". " + toQt(row.problem->remedy));
    if (!row.fingerprintBefore.empty())
        rows += line(tr("SHA-256"), toQt(row.fingerprintBefore));
    tableOf(rows).showOn(*m_detail);
}

QString CheckView::summary() const {
    return m_summary->text();
}
QString CheckView::detail() const {
    return m_detail->toPlainText();
}

} // namespace keepseal::app
