// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The rows of plan and check: a copy each, before the run as planned, after it as found.
#pragma once

#include "plan/forecast.h"
#include "run/run.h"

#include <QAbstractTableModel>
#include <QSortFilterProxyModel>

#include <optional>

namespace keepseal::app {

class CheckModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column {
        Name,
        DeliveryName,
        Folder,
        Result,
        PixelSize,
        Bytes,
        PlaceGone,
        Rights,
        Seal,
        OriginalKept,
        ColumnCount
    };
    /// Where a row stands; also the order, worst first.
    enum Rank { Problems, HeldBack, Blocked, NotReached, ToLookAt, ToMake, Fine, Aside };
    using QAbstractTableModel::QAbstractTableModel;

    /// `ahead` may be null: then sizes and bytes are not known yet.
    void showPlan(const Plan& plan, const Forecast* ahead);
    void showLedger(const Ledger& ledger);
    /// During a run; `index` as in the plan that is shown.
    void update(std::size_t index, const LedgerRow& row);
    const LedgerRow& row(int index) const { return m_rows.at(static_cast<std::size_t>(index)).row; }
    Rank rank(int index) const { return rankOf(m_rows.at(static_cast<std::size_t>(index))); }
    bool ran() const { return m_ran; }
    std::size_t count(Rank rank) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    /// Copies that are there can be dragged to other programs.
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    QMimeData* mimeData(const QModelIndexList& indexes) const override;
    QStringList mimeTypes() const override { return {"text/uri-list"}; }
    Qt::DropActions supportedDragActions() const override {
        return Qt::CopyAction;
    } // they stay where they are
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    static constexpr int kSortRole = Qt::UserRole + 1;

private:
    struct Entry {
        LedgerRow row;
        Size size;               ///< planned or found
        std::uint64_t bytes = 0; ///< planned or found
        std::size_t index = 0;   ///< in the plan
    };
    Rank rankOf(const Entry& entry) const;
    QString text(const Entry& entry, int column) const;
    QVariant sortKey(const Entry& entry, int column) const;
    int verdict(const Entry& entry, int column) const; ///< -1 nothing to judge, 0 bad, 1 good, 2 worth a look
    std::vector<Entry> m_rows;
    std::vector<std::size_t> m_rowOf; ///< by index in the plan
    bool m_ran = false;
};

/// Only some of them, by what they are and by words.
class CheckFilter : public QSortFilterProxyModel {
    Q_OBJECT
public:
    using QSortFilterProxyModel::QSortFilterProxyModel;
    void setRanks(std::vector<CheckModel::Rank> ranks); ///< empty: all
    void setWords(const QString& words);

protected:
    bool filterAcceptsRow(int row, const QModelIndex& parent) const override;

private:
    std::vector<CheckModel::Rank> m_ranks;
    QString m_words;
};

} // namespace keepseal::app
