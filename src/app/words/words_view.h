// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The table of words: what every copy of the job will say, edited in place, pasted from a spreadsheet, kept
// as CSV.
#pragma once

#include "words/words_model.h"

#include <QLabel>
#include <QPushButton>
#include <QTableView>

namespace keepseal::app {

class WordsView : public QWidget {
    Q_OBJECT
public:
    WordsView(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    WordsModel& model() { return *m_model; }
    QTableView& table() { return *m_table; }
    QPushButton* columnsButton() { return m_columns; }
    QString summary() const { return m_summary->text(); }
    void copyCells();
    void pasteCells();
    void resetCells();
    /// The table as text; and back: returns what was not taken.
    std::string csv() const;
    QStringList takeCsv(const CsvRows& rows);
    /// Off the window's thread. Throws Problem.
    static CsvRows readCsv(const std::filesystem::path& file);

signals:
    void closeRequested();
    void pictureChosen(keepseal::app::OriginalId id);
    void csvSaveRequested();
    void csvOpenRequested();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    void fillColumnsMenu();
    void showSummary();
    JobDocument* m_document;
    WordsModel* m_model;
    QTableView* m_table;
    QLabel* m_summary;
    QPushButton* m_columns;
    bool m_choosing = false;
};

} // namespace keepseal::app
