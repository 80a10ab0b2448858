// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The check: before a run the plan, copy by copy; after it what was promised and what was found in each
// finished file, worst first.
#pragma once

#include "run/run.h"

#include <QAbstractTableModel>
#include <QWidget>

#include <functional>

class QLabel;
class QTableView;

namespace keepseal::app {

class CheckModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column {
        Name,
        DeliveryName,
        Result,
        PixelSize,
        Bytes,
        PlaceGone,
        Rights,
        OriginalKept,
        ColumnCount
    };
    using QAbstractTableModel::QAbstractTableModel;

    /// `warnings` by original and delivery; what is known before the run.
    using Warnings =
        std::function<QStringList(const std::filesystem::path& original, const Delivery& delivery)>;
    void showPlan(const Plan& plan, const Warnings& warnings = {});
    void showLedger(const Ledger& ledger);
    void update(const LedgerRow& row); ///< during a run
    const LedgerRow& row(int index) const { return m_rows.at(static_cast<std::size_t>(index)); }
    bool ran() const { return m_ran; }

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QString text(const LedgerRow& row, int column) const;
    int verdict(const LedgerRow& row,
                int column) const; ///< -1 nothing to judge, 0 bad, 1 good, 2 worth a look
    std::vector<LedgerRow> m_rows;
    bool m_ran = false;
};

class CheckView : public QWidget {
    Q_OBJECT
public:
    explicit CheckView(QWidget* parent = nullptr);
    CheckModel* model() { return m_model; }
    void showPlan(const Plan& plan, const CheckModel::Warnings& warnings = {});
    void showLedger(const RunResult& result);
    QTableView* table() { return m_table; }
    QString summary() const;
    QString detail() const;

signals:
    void originalRequested(const QString& path);

private:
    void showDetail();
    CheckModel* m_model;
    QLabel *m_summary, *m_detail;
    QTableView* m_table;
};

} // namespace keepseal::app
