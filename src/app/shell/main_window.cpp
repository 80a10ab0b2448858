// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/main_window.h"

#include "shell/who_dialog.h"
#include "widgets/about_line.h"
#include "widgets/tab_order.h"
#include "widgets/typeface_box.h"

#include <QDragEnterEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMimeData>
#include <QScreen>
#include <QScrollArea>
#include <QStackedWidget>
#include <QUrl>
#include <QVBoxLayout>

namespace keepseal::app {

MainWindow::MainWindow()
    : m_library(&m_document), m_hardCases(&m_document, &m_library), m_encoded(&m_document, &m_library),
      m_runs(&m_document, &m_library, &m_hardCases), m_session(&m_document, &m_library),
      m_files([this](const Problem& problem) { tell(toQt(problem.sentence())); }),
      m_deliveries(new DeliveriesBar(&m_document)), m_chain(new ChainView(&m_document, &m_library)),
      m_drawer(new Drawer(&m_document, &m_library, &m_encoded)),
      m_views(new Views(&m_document, &m_library, &m_encoded, &m_hardCases, m_chain)),
      m_pages(new QStackedWidget), m_bench(new SealBench(&m_document, &m_library, &m_hardCases)),
      m_runBar(new RunBar), m_handFirst(&m_document, [this] { return changeIsSeen(); }) {
    setWindowTitle("Keep Seal");
    setWindowIcon(QIcon(sealPixmap(128, 1)));
    setAcceptDrops(true);
    m_cameBack.setSingleShot(true);
    m_cameBack.setInterval(300);
    connect(&m_cameBack, &QTimer::timeout, this, &MainWindow::lookAgain);
    const QSize room = screen()->availableSize();
    setMinimumSize(QSize(980, 620).boundedTo(room));
    resize(QSize(1280, 800).boundedTo(room));
    m_pages->addWidget(makePage());
    m_pages->addWidget(m_bench);
    setCentralWidget(m_pages);
    makeDesks();
    makeMenu();
    connectParts();
    m_chain->setChosen(StationId::Seal);
    m_views->refresh();
}

MainWindow::~MainWindow() {
    m_runs.running().stop();
    m_document.undoStack()->blockSignals(true); // it clears itself at the end, when nobody is left to hear
    // The views hold workers that use the document and the library: they go first, and before them who works
    // on the views.
    m_runDesk.reset();
    m_jobDesk.reset();
    m_wordsDesk.reset();
    m_registerDesk.reset();
    m_sendingDesk.reset();
    m_watchDesk.reset();
    m_fileManagerDesk.reset();
    m_cardKeys.reset();
    m_helpDesk.reset();
    m_designDesk.reset();
    m_deliveryDesk.reset();
    m_pictureMenu.reset();
    m_runs.disconnect();
    delete takeCentralWidget();
}

QWidget* MainWindow::makePage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    auto* chain = new QScrollArea; // large text on a small screen
    chain->setWidget(m_chain);
    chain->setWidgetResizable(true);
    chain->setFrameShape(QFrame::NoFrame);
    chain->setFocusPolicy(Qt::NoFocus);
    chain->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    chain->setFixedWidth(std::min(withText(212), 320));
    row->addWidget(chain);
    m_chainArea = chain;
    row->addWidget(makeSettingsSide());
    row->addWidget(m_views, 1);
    column->addWidget(m_deliveries);
    column->addLayout(row, 1);
    column->addWidget(m_runBar);
    return page;
}

/// The drawer, and below it what the setting at hand is for.
QWidget* MainWindow::makeSettingsSide() {
    m_settingsSide = new QWidget;
    auto* column = new QVBoxLayout(m_settingsSide);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_drawer, 1);
    auto* line = new QFrame;
    line->setFrameShape(QFrame::HLine);
    line->setForegroundRole(QPalette::Mid);
    column->addWidget(line);
    column->addWidget(
        new AboutLine(m_drawer, tr("The setting that you are at is explained here; F1 tells more.")));
    return m_settingsSide;
}

void MainWindow::makeDesks() {
    const DeskTools tools{this, &m_document, &m_libraries, &m_files,
                          [this](const QString& text) { tell(text); }};
    m_deliveryDesk = std::make_unique<DeliveryDesk>(tools, m_deliveries, m_views, &m_library);
    m_designDesk = std::make_unique<DesignDesk>(tools, m_bench, m_views, m_drawer, &m_library);
    m_wordsDesk = std::make_unique<WordsDesk>(tools, m_views);
    m_registerDesk = std::make_unique<RegisterDesk>(tools, m_views, m_drawer);
    m_sendingDesk = std::make_unique<SendingDesk>(tools, m_drawer);
    m_watchDesk = std::make_unique<WatchDesk>(tools, &m_runs);
    m_fileManagerDesk = std::make_unique<FileManagerDesk>(tools);
    m_cardKeys = std::make_unique<CardKeys>(tools, m_views->pictureViews(),
                                            [this](DeliveryId card) { stampChosen(card); });
    connect(m_cardKeys.get(), &CardKeys::changed, this, [this] {
        remember({{"cardKeys", m_cardKeys->keys()}});
    });
    m_helpDesk = std::make_unique<HelpDesk>(
        tools, [this] { return helpPlace(); }, [this] { return m_views->notice(); });
    m_jobDesk = std::make_unique<JobDesk>(
        tools, JobDesk::Parts{&m_library, &m_session, &m_runs, m_deliveryDesk.get(), m_views});
    m_runDesk = std::make_unique<RunDesk>(
        RunDesk::Parts{&m_document, &m_runs, m_runBar, m_views, m_deliveries, m_chain, m_drawer});
    m_pictureMenu = std::make_unique<PictureMenu>(&m_document, &m_views->wall());
}

bool MainWindow::changeIsSeen() {
    if (m_bench->isVisible())
        return m_bench->settled();
    auto& wall = m_views->wall();
    auto& single = m_views->single();
    return (!wall.isVisible() || wall.proofs().settledInView()) &&
           (!single.isVisible() || single.proofs().settledInView());
}

void MainWindow::connectParts() {
    connect(m_chain, &ChainView::stationChosen, this, [this](StationId station) {
        m_drawer->showStation(station);
        m_views->refresh();
        if (m_views->needsWidth()) // who opens a station wants to change something and see it
            m_views->setView(ViewKind::Wall);
    });
    connect(m_views, &Views::shown, this, [this] {
        m_settingsSide->setVisible(!m_views->needsWidth());
        m_chainArea->setVisible(!m_views->asksFirst());
    });
    connectFirstStart();
    connect(&m_wish, &SystemWish::highContrastChanged, this, &MainWindow::followSystem);
    connect(m_views, &Views::lookedAtChanged, this, &MainWindow::setLookedAt);
    connect(m_views, &Views::surroundRequested, this, [this] { setLook(theme().kind, nextSurround()); });
    connect(m_drawer, &Drawer::benchRequested, this, &MainWindow::openBench);
    connect(m_drawer, &Drawer::cropRequested, this, [this] { setView(ViewKind::One); });
    connect(m_drawer, &Drawer::pickRequested, m_views, &Views::pickColour);
    connect(m_drawer, &Drawer::leavesRequested, this, [this] { setView(ViewKind::Leaves); });
    connect(m_drawer, &Drawer::stationRequested, m_chain, &ChainView::setChosen);
    connect(m_drawer, &Drawer::detailRequested, this, [this](int percent) {
        setView(ViewKind::BeforeAfter);
        m_views->single().setZoom(percent == 100 ? Zoom::Full : Zoom::Double);
    });
    connect(m_bench, &SealBench::closed, this, &MainWindow::closeBench);
    connect(m_bench, &SealBench::pictureChosen, &m_views->wall(), &ProofWall::setCurrent);
    connect(&m_session, &JobSession::opened, this, [this] { setView(ViewKind::Wall); });
    connect(m_runDesk.get(), &RunDesk::said, this, &MainWindow::showNotice);
    connect(m_runDesk.get(), &RunDesk::runEnded, m_registerDesk.get(), &RegisterDesk::renew);
    connect(m_runDesk.get(), &RunDesk::runEnded, &m_sendingDesk->posting(), &Posting::poke);
    m_views->check().setSentWords([this](const LedgerRow& row) {
        return m_sendingDesk ? m_sendingDesk->posting().wordsOf(row.copy, row.copyFingerprint) : QString();
    });
    connect(&m_sendingDesk->posting(), &Posting::changed, &m_views->check(), &CheckView::renewSent);
    connect(m_runDesk.get(), &RunDesk::whoWanted, this, &MainWindow::askWho);
    connect(m_runDesk.get(), &RunDesk::folderWanted, this, &MainWindow::chooseDestination);
}

/// Who starts with nothing is asked, not shown a grid of settings.
void MainWindow::connectFirstStart() {
    auto& questions = m_views->firstQuestions();
    connect(&m_session, &JobSession::begun, this,
            [this] { m_views->askFirst(m_session.firstTime() && !m_askedBefore); });
    connect(&m_session, &JobSession::begun, this, &MainWindow::tellUpdate);
    connect(&m_libraries, &Libraries::changed, this, [this, &questions] {
        questions.offer(m_libraries.shelves().deliveries, m_libraries.shelves().seals);
    });
    connect(&questions, &FirstQuestions::whoSaid, &m_session, &JobSession::keepWho);
    connect(&questions, &FirstQuestions::later, this, [this] {
        m_views->askFirst(false);
        remember({{"askedFirst", true}});
    });
}

void MainWindow::setLookedAt(OriginalId id) {
    m_chain->setLookedAt(id);
    m_drawer->setLookedAt(id);
    m_bench->showPicture(id);
}

void MainWindow::openBench() {
    m_bench->showPicture(m_views->lookedAt());
    m_pages->setCurrentWidget(m_bench);
    m_bench->canvas().setFocus();
}

void MainWindow::closeBench() {
    m_pages->setCurrentIndex(0);
    m_views->refresh();
}

void MainWindow::tell(const QString& text) {
    if (onBench())
        m_bench->say(text);
    else
        showNotice(text);
}

void MainWindow::takeHanded(const std::vector<std::filesystem::path>& paths) {
    if (isMinimized())
        showNormal();
    show();
    raise();
    activateWindow();
    if (!paths.empty())
        m_jobDesk->openFromOutside(paths);
}

/// The station whose drawer is open, else the view in its place.
HelpPlace MainWindow::helpPlace() const {
    if (onBench())
        return helpFor(StationId::Seal);
    return m_drawer->isVisible() ? helpFor(m_chain->chosen()) : helpFor(m_views->view());
}

void MainWindow::stampChosen(DeliveryId card) {
    const auto chosen = m_views->wall().selected();
    if (chosen.empty())
        return tell(tr("Choose a picture first."));
    if (m_runs.stampThese(chosen, {card}))
        tell(saidQt(chosen.size(), "{n} picture by \"%1\"…", "{n} pictures by \"%1\"…")
                 .arg(toQt(m_document.state().deliveries[*m_document.indexOf(card)].delivery.name)));
}

void MainWindow::chooseDestination() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("Folder for the copies"));
    if (!folder.isEmpty())
        m_document.setSetting("place.folder", folder.toStdString());
}

void MainWindow::askWho(const std::vector<std::string>& asked) {
    WhoDialog dialog(m_document.who(), asked, this);
    if (dialog.exec() == QDialog::Accepted)
        takeWho(dialog.who(), dialog.onlyThisJob());
}

void MainWindow::takeWho(const WhoYouAre& who, bool onlyThisJob) {
    m_document.setWho(who);
    if (!onlyThisJob)
        m_session.keepWho(who);
}

bool MainWindow::filesBusy() const {
    return m_files.busy() || m_deliveryDesk->busy() || m_libraries.busy() || m_runs.filesBusy();
}

/// Deliveries, chain, drawer, views, run bar, whichever of them was filled last.
bool MainWindow::focusNextPrevChild(bool next) {
    auto* wanted = nextInTabOrder(m_pages, focusWidget(), next);
    if (!wanted)
        return false;
    wanted->setFocus(next ? Qt::TabFocusReason : Qt::BacktabFocusReason);
    return true;
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    std::vector<std::filesystem::path> paths;
    event->acceptProposedAction();
    for (const auto& url : event->mimeData()->urls())
        if (isTypefaceFile(url.toLocalFile()))
            m_designDesk->addTypeface(url.toLocalFile());
        else if (url.isLocalFile())
            paths.push_back(toPath(url.toLocalFile()));
    if (!paths.empty())
        open(paths);
}

} // namespace keepseal::app
