// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Makes a web album of the copies of a run: its title and what it offers, then the making of it, which can be
// stopped, then the way to it.
#pragma once

#include "report/album.h"
#include "tasks/latest_task.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QProgressBar;
class QPushButton;

namespace keepseal::app {

class AlbumDialog : public QDialog {
    Q_OBJECT
public:
    AlbumDialog(const Ledger& ledger, const QString& title, QWidget* parent = nullptr);
    /// Where it would be made: a new folder beside the copies' own, by the title. A person may choose
    /// another.
    QString folder() const;
    QPushButton* makeButton() { return m_make; }

private:
    void addFields();
    void chooseDelivery(int index);
    void addButtons();
    void propose();
    void make();
    void ended(const TaskOutcome<AlbumMade>& outcome);
    void showWorking(bool on);
    void openAlbum();
    std::vector<std::shared_ptr<const Ledger>> m_ledgers; ///< of each delivery, as they are chosen from
    std::shared_ptr<const Ledger> m_ledger;               ///< the chosen one
    std::filesystem::path m_beside;                       ///< the folder that the copies' folder lies in
    QComboBox* m_which;
    QLineEdit *m_title, *m_about, *m_folder;
    QCheckBox *m_downloads, *m_unlisted;
    QLabel *m_says, *m_said;
    QProgressBar* m_progress;
    QPushButton *m_make = nullptr, *m_open = nullptr, *m_close = nullptr;
    bool m_folderChosen = false; ///< by hand: another title proposes no other one
    QString m_made;              ///< the folder of the album that was made last
    LatestTask<AlbumMade, std::size_t> m_task;
};

} // namespace keepseal::app
