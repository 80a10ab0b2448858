// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The one window: deliveries above, chain and drawer at the left, proofs in the middle, the run bar below. It
// joins the parts; what they do is in their own files.
#pragma once

#include "chain/chain_view.h"
#include "chain/drawer.h"
#include "check/check_view.h"
#include "leaves/leaves_view.h"
#include "library/seal_library.h"
#include "library/shelf.h"
#include "proofs/crop_view.h"
#include "proofs/proof_wall.h"
#include "proofs/single_view.h"
#include "seal_bench/seal_bench.h"
#include "shell/background.h"
#include "shell/deliveries_bar.h"
#include "shell/run_bar.h"
#include "shell/views_header.h"
#include "theme/theme.h"
#include "words/words_view.h"

#include <QMainWindow>
#include <QStackedWidget>

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

    void open(const std::vector<std::filesystem::path>& paths);
    void setView(ViewKind view);
    /// The bench in place of the job, and back.
    void openBench();
    void closeBench();
    bool onBench() const { return m_pages->currentWidget() == m_bench; }
    SealBench& bench() { return *m_bench; }
    TrialStrip& strip() { return *m_strip; }
    const SealLibrary& sealLibrary() const { return m_seals; }
    /// Takes a seal for the current delivery; where it stands and how large it is come with it.
    void takeSeal(const SealDesign& seal);
    void chooseSeal();
    void keepSeal();
    /// Borders side by side on the picture looked at.
    void compareBorders();
    const BorderLibrary& borderLibrary() const { return m_borders; }
    /// Whether the picture is shown with its crop, or with what filling trims away.
    bool cropping() const;
    ViewKind view() const { return m_view; }
    void stampOrChooseFolder();
    void setLook(ThemeKind kind, Surround tone);
    /// Opens a delivery file; a wrong one is said in the notice, nothing changes.
    void openDelivery(const std::filesystem::path& file);
    void restoreState();

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

private:
    QWidget* makeMiddle();
    QWidget* makeEmptyPage();
    void makeActions();
    void makeExceptionActions(QMenu* menu);
    void makePictureActions(QMenu* menu);
    void connectFraming();
    void connectWording();
    void requireNoOriginal(const std::filesystem::path& file) const;
    void fillSheetsMenu();
    void keepSheet();
    void openXmp();
    void saveXmp();
    void lookIntoFiles();
    void lookIntoFolder();
    void saveReport();
    void saveWords();
    void takeWords();
    void pickColour();
    std::shared_ptr<const Frame> lookedAtPicture();
    void differ(const QString& what, const std::function<void(SealException&)>& edit);
    QAction* action(const QString& text, const QKeySequence& keys, const std::function<void()>& act,
                    const QString& iconName = {});
    void connectParts();
    void setLookedAt(OriginalId id);
    void step(int direction);
    void updateViews();
    void updateViewsKeepingFocus();
    void updateRunBar();
    void showPlanRows();
    void startRun();
    void onProgress(qulonglong done, qulonglong total, const LedgerRow& row);
    void onFinished(const RunResult& result);
    void showNotice(const QString& text);
    void tell(const QString& text);
    void choosePictures();
    void chooseFolder();
    void chooseDestination();
    void saveDeliveryAs();
    void renameDelivery();
    void saveState();
    QString planSentence(const Plan& plan) const;

    JobDocument m_document;
    PictureLibrary m_library;
    Gathering m_gathering;
    Planning m_planning;
    HardCases m_hardCases;
    EncodedProof m_encoded;
    BorderLibrary m_borders;
    SheetLibrary m_sheets;
    Running m_running;
    DeliveriesBar* m_deliveries;
    ChainView* m_chain;
    Drawer* m_drawer;
    ViewsHeader* m_header;
    QStackedWidget* m_stack;
    QStackedWidget* m_pages;
    SealBench* m_bench;
    TrialStrip* m_strip;
    SealLibrary m_seals;
    QWidget* m_empty;
    ProofWall* m_wall;
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
    QString m_noticeText;
};

} // namespace keepseal::app
