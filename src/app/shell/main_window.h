// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The one window: deliveries above, chain and drawer at the left, the views in the middle, the run bar below.
// It makes the parts and joins them; what they do is in their own files, what a person does with them at the
// desks.
#pragma once

#include "chain/chain_view.h"
#include "chain/drawer.h"
#include "seal_bench/seal_bench.h"
#include "session/job_session.h"
#include "shell/card_keys.h"
#include "shell/deliveries_bar.h"
#include "shell/delivery_desk.h"
#include "shell/design_desk.h"
#include "shell/file_manager_desk.h"
#include "shell/help_desk.h"
#include "shell/job_desk.h"
#include "shell/picture_menu.h"
#include "shell/register_desk.h"
#include "shell/run_bar.h"
#include "shell/run_desk.h"
#include "shell/sending_desk.h"
#include "shell/views.h"
#include "shell/watch_desk.h"
#include "shell/words_desk.h"
#include "stamping/hand_first.h"
#include "stamping/run_session.h"
#include "theme/system_wish.h"
#include "theme/theme.h"

#include <QMainWindow>

class QMenu;

namespace keepseal::app {

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow();
    ~MainWindow() override;

    /// Pictures and folders are gathered; deliveries, shared ones and jobs are opened.
    void open(const std::vector<std::filesystem::path>& paths) { m_jobDesk->open(paths); }
    /// What another start of the program was given: opened here, and said.
    void takeHanded(const std::vector<std::filesystem::path>& paths);
    /// The bench in place of the job, and back.
    /// The pictures chosen on the wall, at once, by that delivery.
    void stampChosen(DeliveryId card);
    void openBench();
    void closeBench();
    bool onBench() const { return m_pages->currentWidget() == m_bench; }
    void setView(ViewKind view) { m_views->setView(view); }
    ViewKind view() const { return m_views->view(); }
    QString notice() const { return m_views->notice(); }
    void showNotice(const QString& text) { m_views->showNotice(text); }
    void setLook(ThemeKind kind, Surround tone);
    /// Size and look of the window as they were.
    void restoreState();
    /// The one small question; `asked` as in WhoDialog.
    void askWho(const std::vector<std::string>& asked = {});
    /// Takes the answer: for this job, and (unless `onlyThisJob`) for all others.
    void takeWho(const WhoYouAre& who, bool onlyThisJob);
    /// Whether anything is being read or written at a person's word.
    bool filesBusy() const;

    // Its parts.
    JobDocument& document() { return m_document; }
    PictureLibrary& library() { return m_library; }
    Libraries& libraries() { return m_libraries; }
    /// What is open, and what may be brought back.
    JobSession& session() { return m_session; }
    SendingDesk& sending() { return *m_sendingDesk; }
    WatchDesk& watchDesk() { return *m_watchDesk; }
    FileManagerDesk& fileManager() { return *m_fileManagerDesk; }
    CardKeys& cardKeys() { return *m_cardKeys; }
    HelpDesk& helpDesk() { return *m_helpDesk; }
    RunSession& runs() { return m_runs; }
    EncodedProof& encoded() { return m_encoded; }
    DeliveriesBar& deliveries() { return *m_deliveries; }
    ChainView& chain() { return *m_chain; }
    Drawer& drawer() { return *m_drawer; }
    Views& views() { return *m_views; }
    SealBench& bench() { return *m_bench; }
    RunBar& runBar() { return *m_runBar; }
    DeliveryDesk& deliveryDesk() { return *m_deliveryDesk; }
    DesignDesk& designDesk() { return *m_designDesk; }
    RunDesk& runDesk() { return *m_runDesk; }

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void changeEvent(QEvent* event) override;
    void lookAgain(); ///< files may have changed
    bool focusNextPrevChild(bool next) override;

private:
    QWidget* makePage();
    QWidget* makeSettingsSide();
    void makeDesks();
    void connectParts();
    void makeMenu();
    HelpPlace helpPlace() const;
    /// All that is in view shows the latest change.
    bool changeIsSeen();
    void connectFirstStart();
    void followSystem();
    void tellUpdate();
    void chooseContrast(bool high);
    void fillDesignMenu(QMenu* menu, WindowActions& actions);
    void fillUndo(QMenu* menu);
    void fillLanguages(QMenu* menu);
    void fillLookMenu(QMenu* menu, WindowActions& actions);
    void makeAgainMenu(QMenu* different);
    void setLookedAt(OriginalId id);
    void chooseDestination();
    /// Where the person is looking.
    void tell(const QString& text);
    /// What it looked like, for the next day.
    void remember(const QVariantMap& values);

    JobDocument m_document;
    PictureLibrary m_library;
    HardCases m_hardCases;
    EncodedProof m_encoded;
    Libraries m_libraries;
    RunSession m_runs;
    JobSession m_session;
    FileWork m_files; ///< what is read and written at a person's word
    DeliveriesBar* m_deliveries;
    ChainView* m_chain;
    QWidget *m_chainArea = nullptr, *m_settingsSide = nullptr;
    Drawer* m_drawer;
    Views* m_views;
    QStackedWidget* m_pages;
    SealBench* m_bench;
    RunBar* m_runBar;
    SystemWish m_wish;
    std::optional<Contrast> m_ownContrast; ///< what the person chose, whatever the desktop asks
    QAction* m_contrastAction = nullptr;
    QString m_versionBefore;    ///< that this person worked with; empty: none
    bool m_askedBefore = false; ///< the first questions were put away
    QTimer m_cameBack;          ///< a moment after the window became the one that is worked in
    HandFirst m_handFirst;
    std::unique_ptr<DeliveryDesk> m_deliveryDesk;
    std::unique_ptr<DesignDesk> m_designDesk;
    std::unique_ptr<WordsDesk> m_wordsDesk;
    std::unique_ptr<RegisterDesk> m_registerDesk;
    std::unique_ptr<SendingDesk> m_sendingDesk;
    std::unique_ptr<WatchDesk> m_watchDesk;
    std::unique_ptr<FileManagerDesk> m_fileManagerDesk;
    std::unique_ptr<CardKeys> m_cardKeys;
    std::unique_ptr<HelpDesk> m_helpDesk;
    std::unique_ptr<JobDesk> m_jobDesk;
    std::unique_ptr<RunDesk> m_runDesk;
    std::unique_ptr<PictureMenu> m_pictureMenu;
};

} // namespace keepseal::app
