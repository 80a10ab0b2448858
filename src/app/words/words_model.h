// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The words of the whole job as a table: a row per picture, a column per field; each cell says what the copy
// will say and what the original says. A typed cell is an exception of that picture. Rows with problems come
// first once all have been worked out; they are worked out a few at a time, the window stays free.
#pragma once

#include "document/chain_of.h"
#include "metadata/csv.h"

#include <QAbstractTableModel>
#include <QTimer>

namespace keepseal::app {

class WordsModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Role { BeforeRole = Qt::UserRole + 1, ByHandRole, ProblemRole };
    static constexpr int kName = 0, kProblems = 1, kFirstField = 2;

    WordsModel(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    void setActive(bool active); ///< nothing is worked out while nobody looks
    void setFields(const std::vector<std::string>& keys);
    const std::vector<std::string>& fields() const { return m_fields; }
    OriginalId idAt(int row) const { return m_rows.at(static_cast<std::size_t>(row)).id; }
    int rowOf(OriginalId id) const; ///< -1: none
    std::size_t known() const { return m_known; }
    bool settled() const { return !m_stale && m_known == m_rows.size(); } ///< and as the job is now
    std::size_t withProblems() const;

    /// Each one step to undo.
    void setCells(const std::vector<std::pair<QModelIndex, QString>>& cells, const QString& what);
    void resetCells(const QModelIndexList& cells); ///< as the sheet and the original have it
    /// A block of cells as a spreadsheet has it, from `at` on; returns how many were taken.
    int paste(const QModelIndex& at, const QString& text);
    QString copied(const QModelIndexList& cells) const; ///< tab-separated, for a spreadsheet
    CsvRows table() const;                              ///< with a first row of labels
    /// Problems for a person; empty when all was taken.
    QStringList takeCsv(const CsvRows& rows);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void worked(); ///< more rows are known

private:
    struct Row {
        OriginalId id = 0;
        std::filesystem::path path;
        bool known = false;
        AppliedRights applied;
        QStringList problems;
    };
    void rebuild();
    void forget();
    void work();
    void workOut(Row& row) const;
    const FieldInfo* fieldAt(int column) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    std::vector<std::string> m_fields;
    std::vector<Row> m_rows;
    std::size_t m_known = 0, m_next = 0;
    bool m_active = false, m_stale = true, m_sorted = false;
    QTimer m_worker;
};

} // namespace keepseal::app
