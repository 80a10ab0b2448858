// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_model.h"

#include "check/taking_out.h"
#include "widgets/markup.h"

#include "base/text.h"
#include "document/chain_of.h"
#include "theme/theme.h"

#include <algorithm>

#include <QMimeData>

namespace keepseal::app {

CheckModel::Rank CheckModel::rankOf(const Entry& entry) const {
    const auto& row = entry.row;
    if (row.problem || row.outcome == Outcome::Failed)
        return Problems;
    switch (row.outcome) {
    case Outcome::Blocked:
        return Blocked;
    case Outcome::HeldBack:
        return HeldBack;
    case Outcome::Waiting:
        return m_ran ? NotReached : row.toLookAt() == 0 ? ToMake : ToLookAt;
    case Outcome::Made:
        return row.toLookAt() == 0 ? Fine : ToLookAt;
    default:
        return Aside;
    }
}

void CheckModel::showPlan(const Plan& plan, const Forecast* ahead) {
    beginResetModel();
    m_ran = false;
    m_rows.clear();
    auto rows = plannedRows(plan);
    m_rowOf.resize(rows.size());
    for (std::size_t i = 0; i < rows.size(); ++i) {
        Entry entry{std::move(rows[i]), {}, 0, i};
        if (ahead && i < ahead->copies.size()) {
            entry.size = ahead->copies[i].size();
            entry.bytes = ahead->copies[i].bytes;
            entry.row.outcome = ahead->copies[i].outcome;
            entry.row.notes = ahead->copies[i].notes;
            entry.row.problem = ahead->copies[i].problem;
        }
        m_rowOf[i] = i;
        m_rows.push_back(std::move(entry));
    }
    endResetModel();
}

void CheckModel::showLedger(const Ledger& ledger) {
    beginResetModel();
    m_ran = true;
    m_rows.clear();
    for (std::size_t i = 0; i < ledger.rows.size(); ++i)
        m_rows.push_back({ledger.rows[i], ledger.rows[i].copySize, ledger.rows[i].copyBytes, i});
    std::stable_sort(m_rows.begin(), m_rows.end(),
                     [this](const Entry& a, const Entry& b) { return rankOf(a) < rankOf(b); });
    m_rowOf.resize(m_rows.size());
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        m_rowOf[m_rows[i].index] = i;
    endResetModel();
}

void CheckModel::update(std::size_t at, const LedgerRow& row) {
    if (at >= m_rowOf.size())
        return;
    auto& entry = m_rows[m_rowOf[at]];
    entry.row = row;
    if (row.outcome == Outcome::Made)
        entry.size = row.copySize, entry.bytes = row.copyBytes;
    const int line = static_cast<int>(m_rowOf[at]);
    emit dataChanged(index(line, 0), index(line, ColumnCount - 1));
}

std::size_t CheckModel::count(Rank rank) const {
    return static_cast<std::size_t>(std::count_if(m_rows.begin(), m_rows.end(),
                                                  [&](const Entry& entry) { return rankOf(entry) == rank; }));
}

int CheckModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}
int CheckModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : ColumnCount;
}

QString CheckModel::text(const Entry& entry, int column) const {
    const auto& row = entry.row;
    const bool made = row.outcome == Outcome::Made && row.copyBytes > 0;
    const bool estimated = row.outcome == Outcome::Waiting;
    const auto notes =
        sentences(row.notes, row.outcome == Outcome::LeftOut ? Severity::Fact : Severity::WorthALook);
    const auto firstNote = notes.isEmpty() ? QString() : notes.front();
    switch (column) {
    case Name:
        return toQt(row.outcome == Outcome::Failed || row.outcome == Outcome::HeldBack
                        ? row.original.filename()
                        : row.copy.filename());
    case DeliveryName:
        return toQt(row.delivery);
    case Folder:
        return fromTheLeft(toQt(row.copy.parent_path()));
    case Result:
        switch (row.outcome) {
        case Outcome::Made:
            return row.problem       ? toQt(row.problem->happened)
                   : notes.isEmpty() ? (row.replaced ? tr("made, replaced") : tr("made"))
                                     : tr("made; %1").arg(firstNote);
        case Outcome::AlreadyThere:
            return tr("already there");
        case Outcome::LeftOut:
            return notes.isEmpty() ? tr("left out") : tr("left out: %1").arg(firstNote);
        case Outcome::HeldBack: {
            const auto reasons = sentences(row.heldBackBy());
            return reasons.isEmpty() ? tr("held back") : tr("held back: %1").arg(reasons.front());
        }
        case Outcome::Failed:
            return row.problem ? toQt(row.problem->happened) : tr("failed");
        case Outcome::Blocked:
            return tr("the name is taken: the run will not begin");
        case Outcome::Waiting:
            return m_ran ? tr("not reached") : notes.isEmpty() ? tr("will be made") : firstNote;
        }
        return {};
    case PixelSize:
        return entry.size.empty() || !(made || estimated)
                   ? QString()
                   : fromTheLeft(QString("%1 × %2").arg(entry.size.width).arg(entry.size.height));
    case Bytes:
        return entry.bytes == 0 || !(made || estimated) ? QString()
               : estimated                              ? tr("about %1").arg(toQt(shownBytes(entry.bytes)))
                                                        : toQt(shownBytes(entry.bytes));
    case PlaceGone:
        if (!made)
            return {};
        return row.noPlaceInCopy ? (row.placeInOriginal ? tr("removed") : tr("none"))
               : row.placeOpened ? tr("told, as asked")
                                 : tr("in your words");
    case Rights:
        return made ? (row.rightsInCopy ? tr("written") : tr("none written")) : QString();
    case Seal:
        return !made                 ? QString()
               : !row.sealOnCopy     ? tr("none")
               : row.readability > 0 ? tr("%1 : 1").arg(row.readability, 0, 'f', 1)
                                     : tr("on it");
    case OriginalKept:
        return !row.lookedAtAgain() ? QString() : row.originalUntouched() ? tr("as it was") : tr("changed");
    default:
        return {};
    }
}

QVariant CheckModel::sortKey(const Entry& entry, int column) const {
    switch (column) {
    case Result:
        return static_cast<int>(rankOf(entry));
    case PixelSize:
        return static_cast<qlonglong>(entry.size.pixels());
    case Bytes:
        return static_cast<qulonglong>(entry.bytes);
    case Seal:
        return entry.row.readability;
    default:
        return text(entry, column).toLower();
    }
}

int CheckModel::verdict(const Entry& entry, int column) const {
    const auto& row = entry.row;
    const bool made = row.outcome == Outcome::Made && row.copyBytes > 0;
    switch (column) {
    case Result:
        switch (rankOf(entry)) {
        case Problems:
        case HeldBack:
        case Blocked:
            return 0;
        case ToLookAt:
            return 2;
        case Fine:
            return 1;
        default:
            return -1;
        }
    case PlaceGone:
        return !made ? -1 : row.noPlaceInCopy ? 1 : row.placeOpened ? 0 : 2;
    case Rights:
        return made && row.rightsInCopy ? 1 : -1;
    case OriginalKept:
        return !row.lookedAtAgain() ? -1 : row.originalUntouched();
    default:
        return -1;
    }
}

Qt::ItemFlags CheckModel::flags(const QModelIndex& index) const {
    const auto out = QAbstractTableModel::flags(index);
    if (!index.isValid() || !m_ran)
        return out;
    const auto outcome = row(index.row()).outcome;
    return outcome == Outcome::Made || outcome == Outcome::AlreadyThere ? out | Qt::ItemIsDragEnabled : out;
}

QMimeData* CheckModel::mimeData(const QModelIndexList& indexes) const {
    std::vector<LedgerRow> rows;
    for (const auto& index : indexes)
        if (index.column() == 0)
            rows.push_back(row(index.row()));
    return copiesAsFiles(rows).release(); // the drag owns it
}

QVariant CheckModel::data(const QModelIndex& index, int role) const {
    const auto& entry = m_rows.at(static_cast<std::size_t>(index.row()));
    const int judged = verdict(entry, index.column());
    if (role == Qt::DisplayRole)
        return text(entry, index.column());
    if (role == kSortRole)
        return sortKey(entry, index.column());
    if (role == Qt::ToolTipRole && index.column() <= Result)
        return entry.row.problem ? toQt(entry.row.problem->sentence()) : toQt(entry.row.copy);
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>(
            Qt::AlignVCenter |
            (index.column() == Bytes || index.column() == PixelSize ? Qt::AlignRight : Qt::AlignLeft));
    if (role == Qt::DecorationRole && judged >= 0)
        return judged == 1   ? icon("check", Tint::Good)
               : judged == 2 ? icon("triangle-alert", Tint::Look)
                             : icon("circle-alert", Tint::Bad);
    if (role == Qt::ForegroundRole && judged == 0)
        return theme().bad;
    if (role == Qt::ForegroundRole && (index.column() == Folder || (index.column() == Result && judged < 0)))
        return theme().quiet;
    return {};
}

QVariant CheckModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole)
        return {};
    const QString names[] = {tr("Copy"),   tr("Delivery"), tr("Folder"), m_ran ? tr("Result") : tr("Plan"),
                             tr("Pixels"), tr("Size"),     tr("Place"),  tr("Rights"),
                             tr("Seal"),   tr("Original")};
    return names[section];
}

void CheckFilter::setRanks(std::vector<CheckModel::Rank> ranks) {
    m_ranks = std::move(ranks);
    invalidateFilter();
}

void CheckFilter::setWords(const QString& words) {
    m_words = words.trimmed();
    invalidateFilter();
}

bool CheckFilter::filterAcceptsRow(int row, const QModelIndex&) const {
    const auto* model = static_cast<const CheckModel*>(sourceModel());
    if (!m_ranks.empty() && std::find(m_ranks.begin(), m_ranks.end(), model->rank(row)) == m_ranks.end())
        return false;
    if (m_words.isEmpty())
        return true;
    const auto& ledger = model->row(row);
    QString hay = toQt(ledger.original) + "\n" + toQt(ledger.copy) + "\n" + toQt(ledger.delivery);
    hay += "\n" + sentences(ledger.notes).join("\n");
    return hay.contains(m_words, Qt::CaseInsensitive);
}

} // namespace keepseal::app
