// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What leaves: for each picture of the job what its original tells and what its copy will tell. Other files
// and whole folders can be looked into as well, without taking them into the job.
#pragma once

#include "document/chain_of.h"
#include "privacy/verdict.h"
#include "tasks/latest_task.h"

#include <QLabel>
#include <QListWidget>
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
    /// Writes what is listed; the ending picks HTML or JSON. Throws Problem(CannotWrite).
    std::string report(bool json) const;
    QListWidget& list() { return *m_list; }
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
    void renew(); ///< the list, soon
    void fill();  ///< the list, now
    void fillFiles();
    void showPage();
    bool namesPlace(const PictureInfo& info, OriginalId id) const; ///< its copy, in plain sight
    QListWidgetItem* addRow(const QString& name, Tells tells, const QVariant& key);

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    std::vector<ToldFile> m_told;
    bool m_filling = false;
    QString m_problem; ///< why files could not be looked into
    class QTimer* m_later;
    QLabel* m_summary;
    QPushButton *m_onlyPlaces, *m_back, *m_save;
    QListWidget* m_list;
    QTextBrowser* m_page;
    LatestTask<std::vector<ToldFile>> m_task{[this](TaskOutcome<std::vector<ToldFile>> outcome) {
        m_problem = outcome.problem ? toQt(outcome.problem->sentence()) : QString();
        m_told = std::move(outcome.result).value_or(std::vector<ToldFile>());
        fill();
    }};
};

} // namespace keepseal::app
