// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The one window: deliveries above, chain and drawer at the left, proofs in the middle, the run bar below. It
// joins the parts; what they do is in their own files.
#pragma once

#include "chain/chain_view.h"
#include "chain/drawer.h"
#include "check/check_view.h"
#include "leaves/leaves_view.h"
#include "libraries/libraries.h"
#include "library/arrival.h"
#include "proofs/crop_view.h"
#include "proofs/proof_wall.h"
#include "proofs/single_view.h"
#include "seal_bench/seal_bench.h"
#include "session/job_session.h"
#include "shell/background.h"
#include "shell/deliveries_bar.h"
#include "shell/filter_bar.h"
#include "shell/run_bar.h"
#include "shell/views_header.h"
#include "tasks/file_work.h"
#include "tasks/latest_task.h"
#include "theme/theme.h"
#include "words/words_view.h"

#include <QMainWindow>
#include <QStackedWidget>

#include <chrono>
#include <unordered_map>

class QAction;
class QMenu;

namespace keepseal::app {

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow();
    ~MainWindow() override;

    JobDocument& document() { return m_document; }
    ProofWall& wall() { return *m_wall; }
    SingleView& single() { return *m_single; }
    CropView& crop() { return *m_crop; }
    EncodedProof& encoded() { return m_encoded; }
    QToolButton* asSavedButton() { return m_header->asSavedButton(); }
    ChainView& chain() { return *m_chain; }
    Drawer& drawer() { return *m_drawer; }
    WordsView& words() { return *m_words; }
    LeavesView& leaves() { return *m_leaves; }
    CheckView& check() { return *m_check; }
    RunBar& runBar() { return *m_runBar; }
    DeliveriesBar& deliveries() { return *m_deliveries; }
    Planning& planning() { return m_planning; }
    Running& running() { return m_running; }
    PictureLibrary& library() { return m_library; }
    const std::optional<RunResult>& lastRun() const { return m_lastRun; }
    QString notice() const;
    /// Above the view, until the person closes it or something else is to be said; empty: nothing.
    void showNotice(const QString& text);

    /// Pictures and folders are gathered; deliveries, shared ones and jobs are opened.
    void open(const std::vector<std::filesystem::path>& paths);
    /// What another start of the program was given: opened here, and said.
    void takeHanded(const std::vector<std::filesystem::path>& paths);
    void setView(ViewKind view);
    /// The bench in place of the job, and back.
    void openBench();
    void closeBench();
    bool onBench() const { return m_pages->currentWidget() == m_bench; }
    SealBench& bench() { return *m_bench; }
    TrialStrip& strip() { return *m_strip; }
    const SealLibrary& sealLibrary() const { return m_libraries.folders().seals; }
    Libraries& libraries() { return m_libraries; }
    /// Takes a seal for the current delivery; where it stands and how large it is come with it.
    void takeSeal(const SealDesign& seal);
    void chooseSeal();
    void keepSeal();
    /// Borders side by side on the picture looked at.
    void compareBorders();
    const BorderLibrary& borderLibrary() const { return m_libraries.folders().borders; }
    /// Whether the picture is shown with its crop, or with what filling trims away.
    bool cropping() const;
    ViewKind view() const { return m_view; }
    void stampOrChooseFolder();
    void setLook(ThemeKind kind, Surround tone);
    /// Opens a delivery file; a wrong one is said in the notice, nothing changes.
    void openDelivery(const std::filesystem::path& file);
    /// Size and look of the window as they were.
    void restoreState();
    /// What is open, and what may be brought back.
    JobSession& session() { return m_session; }
    /// Whether anything is being read or written at a person's word.
    bool filesBusy() const { return m_files.busy() || m_arriving.busy() || m_libraries.busy(); }
    FilterBar& filterBar() { return *m_filterBar; }
    Forecasting& forecasting() { return m_forecasting; }
    const DeliveryLibrary& deliveryLibrary() const { return m_libraries.folders().deliveries; }
    /// Keeps the current delivery: in its file where it came from one, else in the library.
    void keepDelivery();
    /// One zip with all that the current delivery, or all ticked ones, need.
    void exportDeliveriesTo(const std::filesystem::path& file, bool all);
    /// Read in the background, then shown in an ArrivalDialog (object name "arrival") before anything is
    /// kept.
    void importDeliveriesFrom(const std::filesystem::path& file);
    /// Just these pictures, in the deliveries they had: an earlier copy gives way.
    void stampAgain(const std::vector<LedgerRow>& rows);
    void writeContactSheet(const std::filesystem::path& file);
    void writeLedgerCsv(const std::filesystem::path& file);
    /// The one small question; `asked` as in WhoDialog.
    void askWho(const std::vector<std::string>& asked = {});
    /// Takes the answer: for this job, and (unless `onlyThisJob`) for all others.
    void takeWho(const WhoYouAre& who, bool onlyThisJob);
    /// To where the cause of what holds it back lies.
    void mend(const LedgerRow& row);
    /// Delivers these in spite of what holds them back.
    void acceptAll(const std::vector<LedgerRow>& rows);
    /// The plan, with those that will be held back.
    void showHeldBack();
    /// Goes on with a run of another day.
    void resumeRunOf(const std::filesystem::path& journal);

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    void askArrival(TaskOutcome<Arrival> outcome);
    QWidget* makeMiddle();
    QWidget* makeEmptyPage();
    void makeActions();
    void makeExceptionActions(QMenu* menu);
    void makePictureActions(QMenu* menu);
    void makeJobActions(QMenu* menu);
    void makeDeliveryActions(QMenu* menu);
    void makeSortActions(QMenu* menu);
    void fillAddMenu();
    void connectJob();
    void connectRuns();
    void editNotes();
    void connectSession();
    void offerKept();
    void offerRun(const std::vector<UnfinishedRun>& runs);
    void askToFindMissing();
    void sortOriginals(const QString& what, const std::function<QString(const PictureInfo&)>& keyOf,
                       bool ascending);
    void pasteFiles();
    void compareDeliveries();
    std::optional<std::size_t> cardOfRow(const LedgerRow& row) const;
    void showStationOf(const LedgerRow& row);
    void tellPlan();
    void tellHeldBack();
    void tellGathered(const Gathered& result, std::size_t added);
    void openDesign(const std::filesystem::path& file);
    void connectHeldBack();
    QString progressSentence(qulonglong done, qulonglong total, const LedgerRow& row) const;
    void notifyEnd(const QString& text);
    void leaveOut(bool out);
    void connectFraming();
    void connectWording();
    void fillSheetsMenu();
    void keepSheet();
    /// Changes the libraries in the background; a problem is told where the person is looking.
    void changeLibrary(std::function<void(const LibraryFolders&)> work, std::function<void()> then = {});
    void openXmp();
    void saveXmp();
    /// A file that a person named; never over an original. `text()` is called in the background.
    void saveText(const std::filesystem::path& file, const std::function<std::string()>& text);
    void lookIntoFiles();
    void lookIntoFolder();
    void saveReport();
    void saveWords();
    void takeWords();
    void pickColour();
    void differ(const QString& what, const std::function<void(SealException&)>& edit);
    QAction* action(const QString& text, const QKeySequence& keys, const std::function<void()>& act,
                    const QString& iconName = {});
    /// Its keys work where pictures have the focus, and nowhere else.
    QAction* onPictures(QAction* action);
    void connectParts();
    void setLookedAt(OriginalId id);
    void step(int direction);
    void updateViews();
    void updateViewsKeepingFocus();
    void updateRunBar();
    void showPlanRows();
    void startRun();
    void onProgress(qulonglong done, qulonglong total, qulonglong index, const LedgerRow& row);
    void onFinished(const RunResult& result);
    void tell(const QString& text);
    void choosePictures();
    void chooseFolder();
    void chooseDestination();
    void saveDeliveryAs();
    void renameDelivery();
    /// What it looked like, for the next day.
    void remember(const QVariantMap& values);

    JobDocument m_document;
    PictureLibrary m_library;
    Gathering m_gathering;
    Planning m_planning;
    HardCases m_hardCases;
    EncodedProof m_encoded;
    Libraries m_libraries;
    Forecasting m_forecasting;
    JobSession m_session;
    FileWork m_files; ///< what is read and written at a person's word
    Running m_running;
    FileWork m_reports;        ///< of runs: one after the other, and none is lost
    bool m_runBarAsks = false; ///< something was changed since the run began
    DeliveriesBar* m_deliveries;
    ChainView* m_chain;
    Drawer* m_drawer;
    ViewsHeader* m_header;
    QStackedWidget* m_stack;
    QStackedWidget* m_pages;
    SealBench* m_bench;
    TrialStrip* m_strip;
    LatestTask<Arrival> m_arriving{[this](TaskOutcome<Arrival> outcome) { askArrival(std::move(outcome)); }};
    QPushButton* m_lastJobButton = nullptr; ///< on the empty page, which is made with it
    QMenu* m_keptMenu = nullptr;            ///< jobs that can be brought back
    QWidget* m_empty;
    QWidget* m_wallPage;
    FilterBar* m_filterBar;
    ProofWall* m_wall;
    QMenu* m_cardMenu = nullptr;
    QMenu* m_differentMenu = nullptr;
    SingleView* m_single;
    CropView* m_crop;
    WordsView* m_words;
    LeavesView* m_leaves;
    CheckView* m_check;
    RunBar* m_runBar;
    ViewKind m_view = ViewKind::Wall;
    OriginalId m_lookedAt = 0;
    std::optional<RunResult> m_lastRun;
    bool m_resultIsCurrent = false; ///< the run bar tells of the last run until the job changes
    std::map<OriginalId, int> m_outcomes;
    std::unordered_map<std::string, OriginalId> m_idOfPath; ///< of the job, while a run goes on
    /// Done and planned in this run, by delivery.
    std::map<std::size_t, std::pair<std::size_t, std::size_t>> m_perDelivery;
    std::chrono::steady_clock::time_point m_runBegan;
    std::chrono::steady_clock::duration m_pausedFor{};
    std::optional<std::chrono::steady_clock::time_point> m_pausedSince;
    PlanPtr m_lastPlan;          ///< of the last run, for the loupe; may be null
    int m_gatherings = 1;        ///< what one of them brings is one step to undo
    std::size_t m_gathered = 0;  ///< pictures it brought so far
    bool m_saysGathered = false; ///< the next pictures came from outside the window: where they went is said
    QString m_noticeText;
};

} // namespace keepseal::app
