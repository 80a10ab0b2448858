// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does with whole jobs: pictures gathered, jobs opened and saved, brought back after a crash,
// originals found again, sorted and filtered.
#pragma once

#include "document/picture_library.h"
#include "session/gathering.h"
#include "session/job_session.h"
#include "session/mounted_cards.h"
#include "shell/delivery_desk.h"
#include "shell/desk.h"
#include "shell/views.h"
#include "shell/window_actions.h"
#include "stamping/run_session.h"

class QMenu;

namespace keepseal::app {

class JobDesk : public QObject {
    Q_OBJECT
public:
    /// None is owned.
    struct Parts {
        PictureLibrary* library;
        JobSession* session;
        RunSession* runs;
        DeliveryDesk* deliveries;
        Views* views;
    };
    JobDesk(DeskTools tools, Parts parts);
    void fillMenu(QMenu* menu, WindowActions& actions);
    void choosePictures();
    void chooseFolder();
    /// Pictures and folders are gathered; deliveries, shared ones and jobs are opened.
    void open(const std::vector<std::filesystem::path>& paths);
    /// What another start of the program was given: opened here, and said.
    void openFromOutside(const std::vector<std::filesystem::path>& paths);

private:
    void connectGathering();
    void connectSession();
    void openDesign(const std::filesystem::path& file);
    void tellGathered(const Gathered& result, std::size_t added);
    void leaveOffWhenTakenBack(int undoIndex);
    void openAfter(class QDialog* dialog);
    void leaveOut(bool out);
    void fillSort(QMenu* menu);
    void sortOriginals(const QString& what, const std::function<QString(const PictureInfo&)>& keyOf,
                       bool ascending);
    void askToFindMissing();
    void pasteFiles();
    void offerKept();
    void offerCards();
    void proposeFolder();
    void offerRun(const std::vector<UnfinishedRun>& runs);
    DeskTools m;
    Parts m_parts;
    Gathering m_gathering;
    MountedCards m_cards;
    QMenu* m_cardMenu = nullptr;                  ///< cards and cameras that are there
    QMenu* m_keptMenu = nullptr;                  ///< jobs that can be brought back
    int m_gatherings = 1;                         ///< what one of them brings is one step to undo
    std::size_t m_gathered = 0;                   ///< pictures it brought so far
    int m_gatherStep = 0;                         ///< the undo step they are in, as an index of the stack
    std::vector<std::filesystem::path> m_waiting; ///< came from outside while a dialog was open
    QString m_proposal;                           ///< of a folder, as it was said
    bool m_proposesFolder = false;                ///< the next pictures are somebody's first
    bool m_saysGathered = false; ///< the next pictures came from outside the window: where they went is said
};

} // namespace keepseal::app
