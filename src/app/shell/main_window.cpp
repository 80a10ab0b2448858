// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/main_window.h"

#include "shell/bar_words.h"

#include "base/text.h"
#include "delivery/json.h"
#include "document/untouchable.h"

#include <QAction>
#include <QApplication>
#include <QDesktopServices>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QScreen>
#include <QScrollArea>
#include <QSlider>
#include <QToolButton>
#include <QUrl>
#include <QVBoxLayout>

namespace keepseal::app {

MainWindow::MainWindow()
    : m_library(&m_document), m_planning(&m_document, &m_library), m_hardCases(&m_document, &m_library),
      m_encoded(&m_document, &m_library), m_forecasting(&m_document, &m_library),
      m_session(&m_document, &m_library),
      m_files([this](const Problem& problem) { tell(toQt(problem.sentence())); }),
      m_reports([this](const Problem& problem) { showNotice(toQt(problem.sentence())); }),
      m_deliveries(new DeliveriesBar(&m_document)), m_chain(new ChainView(&m_document, &m_library)),
      m_drawer(new Drawer(&m_document, &m_library, &m_encoded)), m_header(new ViewsHeader),
      m_stack(new QStackedWidget), m_pages(new QStackedWidget),
      m_bench(new SealBench(&m_document, &m_library, &m_hardCases)),
      m_strip(new TrialStrip(&m_document, &m_library, &m_hardCases, TrialStrip::Ramps::Without)),
      m_empty(makeEmptyPage()), m_wallPage(new QWidget), m_filterBar(new FilterBar),
      m_wall(new ProofWall(&m_document, &m_library)),
      m_single(new SingleView(&m_document, &m_library, &m_encoded)),
      m_crop(new CropView(&m_document, &m_library)), m_words(new WordsView(&m_document, &m_library)),
      m_leaves(new LeavesView(&m_document, &m_library)), m_check(new CheckView), m_runBar(new RunBar) {
    setWindowTitle("Keep Seal");
    setWindowIcon(QIcon(sealPixmap(128, 1)));
    setAcceptDrops(true);
    const QSize room = screen()->availableSize();
    setMinimumSize(QSize(980, 620).boundedTo(room));
    resize(QSize(1280, 800).boundedTo(room));
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(m_deliveries);
    column->addWidget(makeMiddle(), 1);
    column->addWidget(m_runBar);
    m_pages->addWidget(page);
    m_pages->addWidget(m_bench);
    setCentralWidget(m_pages);
    makeActions();
    connectParts();
    connectFraming();
    connectWording();
    connectJob();
    connectSession();
    connectRuns();
    fillAddMenu();
    m_header->sizeSlider()->setValue(m_wall->rowHeight());
    m_chain->setChosen(StationId::Seal);
    updateViews();
    updateRunBar();
}

MainWindow::~MainWindow() {
    m_running.stop();
    m_document.undoStack()->blockSignals(true); // it clears itself at the end, when nobody is left to hear
    // The views hold workers that use the document and the library: they go first.
    delete takeCentralWidget();
}

QWidget* MainWindow::makeMiddle() {
    auto* middle = new QWidget;
    auto* row = new QHBoxLayout(middle);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* chain = new QScrollArea; // large text on a small screen
    chain->setWidget(m_chain);
    chain->setWidgetResizable(true);
    chain->setFrameShape(QFrame::NoFrame);
    chain->setFocusPolicy(Qt::NoFocus);
    chain->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    chain->setFixedWidth(std::min(withText(212), 320));
    row->addWidget(chain);
    row->addWidget(m_drawer);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    auto* wall = new QVBoxLayout(m_wallPage);
    wall->setContentsMargins(0, 0, 0, 0);
    wall->setSpacing(0);
    m_filterBar->hide();
    wall->addWidget(m_filterBar);
    wall->addWidget(m_wall, 1);
    right->addWidget(m_header);
    for (auto* view : {static_cast<QWidget*>(m_empty), m_wallPage, static_cast<QWidget*>(m_single),
                       static_cast<QWidget*>(m_crop), static_cast<QWidget*>(m_words),
                       static_cast<QWidget*>(m_leaves), static_cast<QWidget*>(m_check)})
        m_stack->addWidget(view);
    right->addWidget(m_stack, 1);
    right->addWidget(m_strip);
    row->addLayout(right, 1);
    return middle;
}

QWidget* MainWindow::makeEmptyPage() {
    auto* page = new QWidget;
    auto* column = new QVBoxLayout(page);
    column->setSpacing(kGap3);
    column->addStretch(2);
    auto* mark = new QLabel;
    mark->setPixmap(sealPixmap(88, 2));
    mark->setAlignment(Qt::AlignCenter);
    auto* title = new QLabel(tr("Drop pictures or folders here"));
    title->setFont(titleFont());
    title->setAlignment(Qt::AlignCenter);
    auto* text = new QLabel(
        tr("Every picture appears as the copy it will become: sized, sealed, with your rights in it\n"
           "and without the place where it was taken. The originals are only ever read."));
    text->setAlignment(Qt::AlignCenter);
    auto* buttons = new QHBoxLayout;
    auto* pictures = new QPushButton(icon("images"), " " + tr("Open pictures…"));
    auto* folder = new QPushButton(icon("folder-open"), " " + tr("Open a folder…"));
    connect(pictures, &QPushButton::clicked, this, &MainWindow::choosePictures);
    connect(folder, &QPushButton::clicked, this, &MainWindow::chooseFolder);
    buttons->addStretch();
    buttons->addWidget(pictures);
    buttons->addWidget(folder);
    buttons->addStretch();
    for (auto* label : {mark, title, text})
        column->addWidget(label);
    column->addLayout(buttons);
    auto* again = new QHBoxLayout;
    m_lastJobButton = new QPushButton;
    m_lastJobButton->hide();
    again->addStretch();
    again->addWidget(m_lastJobButton);
    again->addStretch();
    column->addLayout(again);
    column->addStretch(3);
    return page;
}

void MainWindow::connectParts() {
    connect(m_chain, &ChainView::stationChosen, this, [this](StationId station) {
        m_drawer->showStation(station);
        updateViews();
        if (m_view == ViewKind::Check ||
            m_view == ViewKind::Words) // who opens a station wants to change something and see it
            setView(ViewKind::Wall);
    });
    connect(m_drawer, &Drawer::benchRequested, this, &MainWindow::openBench);
    connect(m_drawer, &Drawer::libraryRequested, this, &MainWindow::chooseSeal);
    connect(m_bench, &SealBench::closed, this, &MainWindow::closeBench);
    connect(m_bench, &SealBench::libraryRequested, this, &MainWindow::chooseSeal);
    connect(m_bench, &SealBench::keepRequested, this, &MainWindow::keepSeal);
    connect(m_bench, &SealBench::pictureChosen, m_wall, &ProofWall::setCurrent);
    connect(m_strip, &TrialStrip::chosen, m_wall, &ProofWall::setCurrent);
    connect(m_deliveries, &DeliveriesBar::renameRequested, this, &MainWindow::renameDelivery);
    connect(&m_gathering, &Gathering::found, this, [this](const std::vector<std::filesystem::path>& files) {
        const auto before = m_document.originals().size();
        m_document.addOriginals(files, m_gatherings);
        m_gathered += m_document.originals().size() - before;
    });
    connect(&m_gathering, &Gathering::gathered, this, [this](const Gathered& result) {
        ++m_gatherings;
        tellGathered(result, std::exchange(m_gathered, 0));
    });
    const auto say = [this](const Problem& problem) { showNotice(toQt(problem.sentence())); };
    connect(&m_gathering, &Gathering::failed, this, [this, say](const Problem& problem) {
        ++m_gatherings;
        m_gathered = 0;
        say(problem);
    });
    connect(&m_forecasting, &Forecasting::failed, this, say);
    connect(&m_document, &JobDocument::originalsChanged, this, [this] {
        m_outcomes.clear();
        m_wall->setOutcomes({});
        if (m_document.originals().empty())
            m_view = ViewKind::Wall;
        updateViews();
        if (!m_document.originals().empty() && m_wall->current() == 0)
            m_wall->setCurrent(m_document.originals().front().id);
    });
    connect(&m_document, &JobDocument::anythingChanged, this, [this] {
        m_resultIsCurrent = false;
        updateRunBar();
    });
    connectHeldBack();
    connect(m_wall, &ProofWall::currentChanged, this, &MainWindow::setLookedAt);
    connect(m_wall, &ProofWall::openRequested, this, [this] { setView(ViewKind::One); });
    connect(m_wall, &ProofWall::removeRequested, this,
            [this] { m_document.removeOriginals(m_wall->selected()); });
    connect(m_wall, &ProofWall::rowHeightChanged, m_header->sizeSlider(), &QSlider::setValue);
    connect(m_header->sizeSlider(), &QSlider::valueChanged, m_wall, &ProofWall::setRowHeight);
    connect(m_header, &ViewsHeader::viewRequested, this, &MainWindow::setView);
    connect(m_header, &ViewsHeader::zoomRequested, this,
            [this](int step) { m_single->setZoom(static_cast<Zoom>(step)); });
    connect(m_header, &ViewsHeader::surroundRequested, this,
            [this] { setLook(theme().kind, static_cast<Surround>((static_cast<int>(surround()) + 1) % 3)); });
    connect(m_header, &ViewsHeader::noticeClosed, this, [this] { showNotice({}); });
    connect(m_single, &SingleView::stepRequested, this, &MainWindow::step);
    connect(m_single, &SingleView::closeRequested, this, [this] { setView(ViewKind::Wall); });
    connect(m_words, &WordsView::closeRequested, this, [this] { setView(ViewKind::Wall); });
    connect(m_filterBar, &FilterBar::closed, this, [this] { m_wall->setFocus(); });
    connect(m_single, &SingleView::zoomChanged, this, &MainWindow::updateViews);
    connect(m_check, &CheckView::originalRequested, this, [this](const QString& path) {
        for (const auto& item : m_document.originals())
            if (toQt(item.path) == path) {
                m_wall->setCurrent(item.id);
                setView(ViewKind::One);
            }
    });
    connect(&m_planning, &Planning::planned, this, &MainWindow::updateRunBar);
    connect(&m_hardCases, &HardCases::changed, this, [this] {
        if (!m_running.busy() && !m_resultIsCurrent && m_planning.plan() && m_planning.current() &&
            !m_document.originals().empty())
            m_runBar->setSentence(planSentence(*m_planning.plan(), m_forecasting.of(m_planning.plan().get()),
                                               m_hardCases.verdict()));
    });
    connect(m_runBar->strongButton(), &QPushButton::clicked, this, &MainWindow::stampOrChooseFolder);
    connect(m_runBar->openButton(), &QPushButton::clicked, this, [this] {
        if (m_lastRun)
            for (const auto& row : m_lastRun->ledger.rows)
                if (row.outcome == Outcome::Made || row.outcome == Outcome::AlreadyThere) {
                    QDesktopServices::openUrl(QUrl::fromLocalFile(toQt(row.copy.parent_path())));
                    return;
                }
    });
}

void MainWindow::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    tellPlan(); // its name is among the examples
    m_chain->setLookedAt(id);
    m_drawer->setLookedAt(id);
    m_single->showPicture(id);
    m_crop->showPicture(id);
    m_words->setLookedAt(id);
    m_leaves->setLookedAt(id);
    m_bench->showPicture(id);
}

void MainWindow::step(int direction) {
    const auto all = m_wall->shownIds(); // what is filtered away is passed over
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i] == m_lookedAt) {
            const auto next = static_cast<std::ptrdiff_t>(i) + direction;
            if (next >= 0 && next < static_cast<std::ptrdiff_t>(all.size()))
                m_wall->setCurrent(all[static_cast<std::size_t>(next)]);
            return;
        }
}

void MainWindow::setView(ViewKind view) {
    m_view = view;
    m_single->setDivided(view == ViewKind::BeforeAfter);
    if (view == ViewKind::Check && !m_resultIsCurrent && !m_running.busy() && m_planning.plan() &&
        m_planning.current())
        showPlanRows();
    updateViews();
}

void MainWindow::updateViews() {
    const bool empty = m_document.originals().empty();
    QWidget* shown = m_view == ViewKind::Leaves && (!empty || m_leaves->looksIntoFiles())
                         ? static_cast<QWidget*>(m_leaves)
                     : empty                     ? m_empty
                     : m_view == ViewKind::Wall  ? m_wallPage
                     : m_view == ViewKind::Words ? static_cast<QWidget*>(m_words)
                     : m_view == ViewKind::Check ? static_cast<QWidget*>(m_check)
                     : cropping()                ? static_cast<QWidget*>(m_crop)
                                                 : static_cast<QWidget*>(m_single);
    m_stack->setCurrentWidget(shown);
    m_drawer->setVisible(shown != m_check && shown != m_words); // tables need the width
    m_strip->setVisible(shown == m_wallPage && m_chain->chosen() == StationId::Seal);
    m_header->setView(m_view);
    m_header->setVisible(!empty || shown == m_leaves || !m_noticeText.isEmpty());
    m_header->setZoomText(m_single->zoom() == Zoom::Fit    ? tr("Fit")
                          : m_single->zoom() == Zoom::Full ? tr("100 %")
                                                           : tr("200 %"));
    m_crop->setMode(m_chain->chosen() == StationId::Turn ? CropView::Mode::Crop : CropView::Mode::Trim);
    if (shown == m_single)
        m_single->showPicture(m_lookedAt); // its size is known only now
    (shown == m_wallPage ? m_wall : shown)->setFocus();
}

void MainWindow::open(const std::vector<std::filesystem::path>& paths) {
    std::vector<std::filesystem::path> pictures;
    for (const auto& path : paths) {
        const auto ending = path.extension();
        if (ending == ".zip")
            importDeliveriesFrom(path);
        else if (ending == ".json")
            openDesign(path);
        else
            pictures.push_back(path);
    }
    if (!pictures.empty())
        m_gathering.start(pictures);
}

/// A job or a delivery, by what it says of itself.
void MainWindow::openDesign(const std::filesystem::path& file) {
    m_files.run<bool>([file] { return isJobFile(file); },
                      [this, file](bool job) {
                          if (job)
                              m_session.open(file);
                          else
                              openDelivery(file);
                      });
}

void MainWindow::takeHanded(const std::vector<std::filesystem::path>& paths) {
    if (isMinimized())
        showNormal();
    show();
    raise();
    activateWindow();
    if (paths.empty())
        return;
    open(paths);
    m_saysGathered = m_gathering.busy(); // pictures are among them
}

void MainWindow::choosePictures() {
    const auto files = QFileDialog::getOpenFileNames(
        this, tr("Open pictures"), {},
        tr("Pictures (*.jpg *.jpeg *.png *.tif *.tiff *.webp *.heic *.heif *.avif *.jxl);;All files (*)"));
    std::vector<std::filesystem::path> paths;
    for (const auto& file : files)
        paths.push_back(toPath(file));
    open(paths);
}

void MainWindow::chooseFolder() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("Open a folder and all in it"));
    if (!folder.isEmpty())
        open({toPath(folder)});
}

void MainWindow::chooseDestination() {
    const auto folder = QFileDialog::getExistingDirectory(this, tr("Folder for the copies"));
    if (!folder.isEmpty())
        m_document.setSetting("place.folder", folder.toStdString());
}

void MainWindow::openDelivery(const std::filesystem::path& file) {
    if (file.extension() == ".zip")
        return importDeliveriesFrom(file);
    m_files.run<Delivery>(
        [file] { return loadDelivery(file); },
        [this, file](Delivery delivery) {
            if (closePlace(delivery.privacy))
                showNotice(
                    tr("“%1” wants its copies to tell where the pictures were taken. It was opened with that "
                       "closed; only you can open it, at its station Privacy.")
                        .arg(toQt(delivery.name)));
            m_document.addDelivery(std::move(delivery), file);
        });
}

void MainWindow::saveDeliveryAs() {
    const auto item = m_document.state().deliveries[m_document.currentDeliveryIndex()];
    const auto suggested = item.file.empty() ? toQt(item.delivery.name) + ".json" : toQt(item.file);
    const auto file =
        QFileDialog::getSaveFileName(this, tr("Save the delivery"), suggested, tr("Deliveries (*.json)"));
    if (file.isEmpty())
        return;
    m_files.run(
        [item, file, originals = m_document.paths()] {
            saveDelivery(item.delivery, toPath(file), untouchable(originals));
        },
        [this, item, file] {
            m_document.setFile(item.id, toPath(file));
            m_document.setKept(item.id, item.delivery);
        });
}

void MainWindow::renameDelivery() {
    bool ok = false;
    const auto name = QInputDialog::getText(this, tr("Rename the delivery"), tr("Name"), QLineEdit::Normal,
                                            toQt(m_document.currentDelivery().name), &ok);
    if (ok)
        m_document.renameCurrentDelivery(name);
}

void MainWindow::showNotice(const QString& text) {
    m_noticeText = text;
    m_header->setNotice(text);
    m_header->setVisible(!m_document.originals().empty() || !text.isEmpty());
}

QString MainWindow::notice() const {
    return m_noticeText;
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    std::vector<std::filesystem::path> paths;
    for (const auto& url : event->mimeData()->urls())
        if (url.isLocalFile())
            paths.push_back(toPath(url.toLocalFile()));
    event->acceptProposedAction();
    open(paths);
}

} // namespace keepseal::app
