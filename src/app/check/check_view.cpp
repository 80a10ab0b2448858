// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_view.h"

#include "base/text.h"
#include "document/job_document.h"
#include "theme/theme.h"

#include <QHeaderView>
#include <QLabel>
#include <QTableView>
#include <QVBoxLayout>

#include <algorithm>
#include <map>

namespace keepseal::app {
namespace {

/// Worst first: problems, then warnings, then the rest in their order.
int rank(const LedgerRow& row) {
    if (row.problem || row.outcome == Outcome::Failed)
        return 0;
    if (row.outcome == Outcome::Waiting)
        return 1;
    return row.warnings.empty() ? 3 : 2;
}

QString yesNo(bool yes, const QString& good, const QString& bad) {
    return yes ? good : bad;
}

QString listed(const std::vector<std::string>& parts) {
    QString out;
    for (const auto& part : parts)
        out += (out.isEmpty() ? "" : ", ") + toQt(part);
    return out;
}

} // namespace

void CheckModel::showPlan(const Plan& plan, const Warnings& warnings) {
    beginResetModel();
    m_ran = false;
    m_rows.clear();
    for (const auto& copy : plan.copies) {
        LedgerRow row;
        row.original = plan.originals[copy.original];
        row.delivery = plan.deliveries[copy.delivery].name;
        row.outcome = copy.outcome;
        row.copy = copy.target;
        if (!copy.note.empty())
            row.warnings.push_back(copy.note);
        if (warnings && copy.outcome == Outcome::Waiting)
            for (const auto& warning : warnings(row.original, plan.deliveries[copy.delivery]))
                row.warnings.push_back(warning.toStdString());
        m_rows.push_back(std::move(row));
    }
    endResetModel();
}

void CheckModel::showLedger(const Ledger& ledger) {
    beginResetModel();
    m_ran = true;
    m_rows = ledger.rows;
    std::stable_sort(m_rows.begin(), m_rows.end(),
                     [](const auto& a, const auto& b) { return rank(a) < rank(b); });
    endResetModel();
}

void CheckModel::update(const LedgerRow& row) {
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (m_rows[i].original == row.original && m_rows[i].delivery == row.delivery) {
            m_rows[i] = row;
            emit dataChanged(index(static_cast<int>(i), 0), index(static_cast<int>(i), ColumnCount - 1));
        }
}

int CheckModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}
int CheckModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QString CheckModel::text(const LedgerRow& row, int column) const {
    const bool made = row.outcome == Outcome::Made && row.copyBytes > 0;
    switch (column) {
    case Name:
        return toQt(row.outcome == Outcome::Failed ? row.original.filename() : row.copy.filename());
    case DeliveryName:
        return toQt(row.delivery);
    case Result:
        switch (row.outcome) {
        case Outcome::Made:
            return row.problem ? toQt(row.problem->happened) : tr("made");
        case Outcome::AlreadyThere:
            return tr("already there");
        case Outcome::LeftOut:
            return tr("left out: name taken");
        case Outcome::Failed:
            return row.problem ? toQt(row.problem->happened) : tr("failed");
        case Outcome::Waiting:
            return m_ran                  ? tr("not reached")
                   : row.warnings.empty() ? tr("will be made")
                                          : tr("will be made; see below");
        }
        return {};
    case PixelSize:
        return made ? QString("%1 × %2").arg(row.copySize.width).arg(row.copySize.height) : QString();
    case Bytes:
        return made ? toQt(byteText(row.copyBytes)) : QString();
    case PlaceGone:
        if (!made)
            return {};
        return yesNo(row.noPlaceInCopy, row.placeInOriginal ? tr("removed") : tr("none"),
                     row.placeOpened ? tr("told, as asked") : tr("still there"));
    case Rights:
        return made ? yesNo(row.rightsInCopy, tr("written"), tr("none written")) : QString();
    case OriginalKept:
        return row.fingerprintAfter.empty() ? QString()
                                            : yesNo(row.originalUntouched(), tr("as it was"), tr("changed"));
    default:
        return {};
    }
}

int CheckModel::verdict(const LedgerRow& row, int column) const {
    const bool made = row.outcome == Outcome::Made && row.copyBytes > 0;
    switch (column) {
    case Result:
        if (row.problem || row.outcome == Outcome::Failed)
            return 0;
        if (!m_ran && row.outcome == Outcome::Waiting && !row.warnings.empty())
            return 2;
        return row.outcome == Outcome::Made ? (row.warnings.empty() ? 1 : 2) : -1;
    case PlaceGone:
        return made ? row.noPlaceInCopy : -1;
    case Rights:
        return made ? (row.rightsInCopy ? 1 : -1) : -1;
    case OriginalKept:
        return row.fingerprintAfter.empty() ? -1 : row.originalUntouched();
    default:
        return -1;
    }
}

QVariant CheckModel::data(const QModelIndex& index, int role) const {
    const auto& entry = row(index.row());
    const int judged = verdict(entry, index.column());
    if (role == Qt::DisplayRole)
        return text(entry, index.column());
    if (role == Qt::ToolTipRole && index.column() <= Result)
        return entry.problem ? toQt(entry.problem->sentence()) : toQt(entry.copy);
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>(
            Qt::AlignVCenter |
            (index.column() == Bytes || index.column() == PixelSize ? Qt::AlignRight : Qt::AlignLeft));
    if (role == Qt::DecorationRole && judged >= 0)
        return judged == 1   ? icon("check", theme().good)
               : judged == 2 ? icon("triangle-alert", theme().look)
                             : icon("circle-alert", theme().bad);
    if (role == Qt::ForegroundRole && judged == 0)
        return theme().bad;
    if (role == Qt::ForegroundRole && index.column() == Result && judged < 0)
        return theme().quiet;
    return {};
}

QVariant CheckModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (role == Qt::TextAlignmentRole && (section == Bytes || section == PixelSize))
        return static_cast<int>(Qt::AlignVCenter | Qt::AlignRight);
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    const QString names[] = {tr("Copy"), tr("Delivery"), tr("Result"), tr("Pixels"),
                             tr("File"), tr("Place"),    tr("Rights"), tr("Original")};
    return names[section];
}

CheckView::CheckView(QWidget* parent)
    : QWidget(parent), m_model(new CheckModel(this)), m_summary(new QLabel), m_detail(new QLabel),
      m_table(new QTableView) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(kGap4, kGap3, kGap4, kGap3);
    column->setSpacing(kGap2);
    m_summary->setWordWrap(true);
    m_summary->setFont(strongFont());
    m_detail->setWordWrap(true);
    m_detail->setMinimumHeight(92);
    m_detail->setAlignment(Qt::AlignTop);
    m_detail->setTextFormat(Qt::RichText);
    m_detail->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    m_table->setModel(m_model);
    m_table->setAccessibleName(tr("Copies"));
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setAlternatingRowColors(true);
    m_table->setShowGrid(false);
    m_table->setWordWrap(false);
    m_table->setTabKeyNavigation(false);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(30);
    m_table->horizontalHeader()->setHighlightSections(false);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(CheckModel::Result, QHeaderView::Stretch);
    column->addWidget(m_summary);
    column->addWidget(m_table, 1);
    column->addWidget(m_detail);
    connect(m_table->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &CheckView::showDetail);
    connect(m_table, &QTableView::doubleClicked, this, [this](const QModelIndex& index) {
        emit originalRequested(toQt(m_model->row(index.row()).original));
    });
}

void CheckView::showPlan(const Plan& plan, const CheckModel::Warnings& warnings) {
    m_model->showPlan(plan, warnings);
    m_table->setColumnHidden(CheckModel::DeliveryName, plan.deliveries.size() < 2);
    m_detail->clear();
    m_summary->setText(
        tr("The plan: %1 to make, %2 already there, %3 left out. Nothing has been written yet.")
            .arg(plan.count(Outcome::Waiting))
            .arg(plan.count(Outcome::AlreadyThere))
            .arg(plan.count(Outcome::LeftOut)));
}

void CheckView::showLedger(const RunResult& result) {
    m_model->showLedger(result.ledger);
    std::size_t clean = 0, made = 0;
    std::map<std::filesystem::path, bool> read; // an original may have several copies
    for (const auto& row : result.ledger.rows) {
        if (!row.fingerprintBefore.empty())
            read[row.original] = row.originalUntouched();
        made += row.outcome == Outcome::Made;
        clean += row.outcome == Outcome::Made && row.noPlaceInCopy;
    }
    const auto untouched =
        std::count_if(read.begin(), read.end(), [](const auto& entry) { return entry.second; });
    QString text = tr("%1 of %2 copies were searched and tell no place. %3 of %4 originals were read again "
                      "and are byte for byte as they were.")
                       .arg(clean)
                       .arg(made)
                       .arg(untouched)
                       .arg(read.size());
    const auto named =
        std::count_if(result.ledger.rows.begin(), result.ledger.rows.end(), [](const auto& row) {
            return std::any_of(row.warnings.begin(), row.warnings.end(), [](const std::string& warning) {
                return warning.starts_with("the place \"") || warning.starts_with("coordinates stand");
            });
        });
    if (named > 0) // words are a person's own and stay: that is told, not hidden behind "no place"
        text += tr(" A removed place stands in words of %1.")
                    .arg(toQt(counted(static_cast<std::size_t>(named), "copy", "copies")));
    if (const auto failed = result.ledger.count(Outcome::Failed))
        text += tr(" %1 could not be made; see the top of the list.")
                    .arg(toQt(counted(failed, "copy", "copies")));
    m_summary->setText(text);
    if (m_model->rowCount() > 0)
        m_table->selectRow(0);
    showDetail();
}

void CheckView::showDetail() {
    const auto index = m_table->currentIndex();
    if (!index.isValid())
        return m_detail->clear();
    const auto& row = m_model->row(index.row());
    const auto line = [](const QString& name, const QString& value) {
        return value.isEmpty()
                   ? QString()
                   : QString("<tr><td style='color:%1; padding-right:12px'>%2</td><td>%3</td></tr>")
                         .arg(theme().quiet.name(), name, value.toHtmlEscaped());
    };
    QString html = "<table>" + line(tr("Original"), toQt(row.original)) +
                   line(tr("Copy"), row.outcome == Outcome::Failed ? tr("none") : toQt(row.copy)) +
                   line(tr("Seal"), row.readability > 0
                                        ? tr("contrast %1 : 1 as measured").arg(row.readability, 0, 'f', 1)
                                        : QString()) +
                   line(tr("Written"), listed(row.written)) + line(tr("Left out"), listed(row.removed)) +
                   line(tr("Notes"), listed(row.warnings));
    if (row.problem)
        html += line(tr("Problem"), toQt(row.problem->happened) + ". " + toQt(row.problem->remedy));
    if (!row.fingerprintBefore.empty())
        html += line(tr("SHA-256"), toQt(row.fingerprintBefore));
    m_detail->setText(html + "</table>");
}

QString CheckView::summary() const {
    return m_summary->text();
}
QString CheckView::detail() const {
    return m_detail->text();
}

} // namespace keepseal::app
