// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What leaves: for each picture of the job what its original tells and what its copy will tell. Other files
// and whole folders can be looked into as well, without taking them into the job.
#pragma once

#include "document/picture_library.h"
#include "leaves/telling_list.h"
#include "privacy/verdict.h"
#include "tasks/latest_task.h"

#include <QLabel>
#include <QListView>
#include <QPushButton>
#include <QTextBrowser>

namespace keepseal::app {

class LeavesView : public QWidget {
    Q_OBJECT
public:
    LeavesView(JobDocument* document, PictureLibrary* library, QWidget* parent = nullptr);
    void setLookedAt(OriginalId id);
    /// Looks into files that are not of the job; folders with all in them.
    void lookInto(const std::vector<std::filesystem::path>& paths);
    /// What is listed, as a report: a work for the background, which looks into the job's pictures again.
    std::function<std::string()> report(bool json) const;
    QListView& list() { return *m_list; }
    /// How many rows are listed.
    int listed() const { return m_rows.rowCount(); }
    void choose(int row);
    bool settled() const; ///< the list and the page say what there is to say
    QString summary() const { return m_summary->text(); }
    QString page() const { return m_page->toPlainText(); }
    QPushButton* onlyPlacesButton() { return m_onlyPlaces; }
    QPushButton* backButton() { return m_back; }
    bool looksIntoFiles() const { return !m_told.empty() || m_task.busy(); }

signals:
    void pictureChosen(keepseal::app::OriginalId id);
    void filesRequested();
    void folderRequested();
    void reportRequested();

protected:
    void showEvent(QShowEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void renew(); ///< what is listed, soon
    void fill();  ///< what is listed, counted anew
    void showJob(const Telling& telling);
    void showFiles();
    /// With the rows that are to be seen, and the chosen one where it was.
    void showRows(const std::vector<TellingRow>& rows, qulonglong chosen);
    void showPage();
    QString sentenceOfJob(const Telling& telling) const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    std::vector<ToldFile> m_told;
    bool m_filling = false, m_pageWaits = false; ///< the page: for what the chosen picture tells
    QString m_problem;                           ///< why files could not be looked into
    class QTimer* m_later;
    QLabel* m_summary;
    QPushButton *m_onlyPlaces, *m_back, *m_save;
    TellingModel m_rows;
    QListView* m_list;
    QTextBrowser* m_page;
    LatestTask<std::vector<ToldFile>> m_task{[this](TaskOutcome<std::vector<ToldFile>> outcome) {
        m_problem = outcome.problem ? toQt(outcome.problem->sentence()) : QString();
        m_told = std::move(outcome.result).value_or(std::vector<ToldFile>());
        showFiles();
    }};
    LatestTask<Telling> m_counting{[this](const TaskOutcome<Telling>& outcome) {
        if (outcome.result)
            showJob(*outcome.result);
    }};
};

} // namespace keepseal::app
