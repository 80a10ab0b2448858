// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "leaves/telling_list.h"

#include "document/chain_of.h"
#include "theme/theme.h"

#include <algorithm>

namespace keepseal::app {
namespace {

bool copyNamesPlace(const TellingAsked& asked, const Delivery& delivery) {
    // Nearly all pictures have no word that could stand anywhere.
    if (asked.info->problem || (!asked.info->namesPlaces && !asked.info->tellsPlace))
        return false;
    const auto notes = wordsToLookAt(*asked.info, delivery, asked.exception);
    return holdsKind(notes, NoteKind::PlaceInWords) || holdsKind(notes, NoteKind::CoordinatesInWords);
}

QString sentenceOfRow(const TellingRow& row) {
    return (row.copyNamesPlace           ? QObject::tr("The copy of %1 names the place in its words")
            : row.tells == Tells::Place  ? QObject::tr("%1 tells a place")
            : row.tells == Tells::Unsure ? QObject::tr("%1 could not be read whole")
                                         : QObject::tr("%1 tells no place"))
        .arg(row.name);
}

QIcon signOfRow(const TellingRow& row) {
    return row.copyNamesPlace           ? icon("triangle-alert", Tint::Look)
           : row.tells == Tells::Place  ? icon("map-pin", Tint::Look)
           : row.tells == Tells::Unsure ? icon("circle-alert", Tint::Quiet)
                                        : icon("circle-check", Tint::Good);
}

} // namespace

Telling tellingOf(const std::vector<TellingAsked>& pictures, const Delivery& delivery,
                  const std::atomic<bool>& stop) {
    Telling out;
    for (const auto& asked : pictures) {
        if (stop)
            break;
        TellingRow row{toQt(asked.info->path.filename()),
                       asked.info->problem ? Tells::Unsure : asked.info->tells,
                       copyNamesPlace(asked, delivery), asked.id};
        out.telling += row.tells == Tells::Place;
        out.named += row.copyNamesPlace;
        out.rows.push_back(std::move(row));
    }
    return out;
}

int TellingModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant TellingModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount())
        return {};
    const auto& of = row(index.row());
    switch (role) {
    case Qt::DisplayRole:
        return of.name;
    case Qt::DecorationRole:
        return signOfRow(of);
    case Qt::ToolTipRole:
    case Qt::AccessibleTextRole:
        return sentenceOfRow(of);
    case kKey:
        return of.key;
    default:
        return {};
    }
}

void TellingModel::show(std::vector<TellingRow> rows) {
    beginResetModel();
    m_rows = std::move(rows);
    endResetModel();
}

int TellingModel::rowOf(qulonglong key) const {
    const auto at =
        std::find_if(m_rows.begin(), m_rows.end(), [&](const TellingRow& r) { return r.key == key; });
    return at == m_rows.end() ? -1 : static_cast<int>(at - m_rows.begin());
}

} // namespace keepseal::app
