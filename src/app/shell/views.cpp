// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/views.h"

#include "widgets/announce.h"

#include <QPointer>
#include <QPushButton>
#include <QSlider>
#include <QToolButton>
#include <QVBoxLayout>

namespace keepseal::app {

Views::Views(JobDocument* document, PictureLibrary* library, EncodedProof* encoded, HardCases* hardCases,
             ChainView* chain)
    : m_document(document), m_chain(chain), m_header(new ViewsHeader), m_stack(new QStackedWidget),
      m_empty(new EmptyPage), m_first(new FirstQuestions(document)), m_wallPage(new QWidget),
      m_filterBar(new FilterBar), m_wall(new ProofWall(document, library)),
      m_single(new SingleView(document, library, encoded)), m_crop(new CropView(document, library)),
      m_words(new WordsView(document, library)), m_leaves(new LeavesView(document, library)),
      m_check(new CheckView(library->decoded())), m_register(new RegisterView(document)),
      m_strip(new TrialStrip(document, library, hardCases, TrialStrip::Ramps::Without)) {
    arrange();
    connectWall();
    connectViews();
    m_header->sizeSlider()->setValue(m_wall->rowHeight());
    connect(document, &JobDocument::originalsChanged, this, &Views::takeOriginals);
    connect(document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == StationId::Fit && m_view == ViewKind::One)
            refreshKeepingFocus(); // filling has a frame of its own
    });
}

void Views::arrange() {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* wall = new QVBoxLayout(m_wallPage);
    wall->setContentsMargins(0, 0, 0, 0);
    wall->setSpacing(0);
    m_filterBar->hide();
    wall->addWidget(m_filterBar);
    wall->addWidget(m_wall, 1);
    column->addWidget(m_header);
    for (auto* view :
         {static_cast<QWidget*>(m_empty), static_cast<QWidget*>(m_first), m_wallPage,
          static_cast<QWidget*>(m_single), static_cast<QWidget*>(m_crop), static_cast<QWidget*>(m_words),
          static_cast<QWidget*>(m_leaves), static_cast<QWidget*>(m_check), static_cast<QWidget*>(m_register)})
        m_stack->addWidget(view);
    column->addWidget(m_stack, 1);
    column->addWidget(m_strip);
}

void Views::connectWall() {
    connect(m_wall, &ProofWall::currentChanged, this, &Views::setLookedAt);
    connect(m_wall, &ProofWall::openRequested, this, [this] { setView(ViewKind::One); });
    connect(m_wall, &ProofWall::removeRequested, this,
            [this] { m_document->removeOriginals(m_wall->selected()); });
    connect(m_wall, &ProofWall::rowHeightChanged, m_header->sizeSlider(), &QSlider::setValue);
    connect(m_header->sizeSlider(), &QSlider::valueChanged, m_wall, &ProofWall::setRowHeight);
    connect(m_strip, &TrialStrip::chosen, m_wall, &ProofWall::setCurrent);
    connect(m_filterBar, &FilterBar::closed, this, [this] { m_wall->setFocus(); });
    connect(m_filterBar, &FilterBar::changed, this, [this] { m_wall->setFilter(m_filterBar->filter()); });
    connect(m_wall, &ProofWall::laidOut, this,
            [this] { m_filterBar->setShown(m_wall->shown(), m_document->originals().size()); });
}

void Views::connectViews() {
    const auto backToWall = [this] { setView(ViewKind::Wall); };
    connect(m_header, &ViewsHeader::viewRequested, this, &Views::setView);
    connect(m_header, &ViewsHeader::zoomRequested, this,
            [this](int step) { m_single->setZoom(static_cast<Zoom>(step)); });
    connect(m_header, &ViewsHeader::surroundRequested, this, &Views::surroundRequested);
    connect(m_header, &ViewsHeader::noticeClosed, this, [this] { showNotice({}); });
    connect(m_header->asSavedButton(), &QToolButton::toggled, m_single, &SingleView::setAsSaved);
    connect(m_header->differenceButton(), &QToolButton::toggled, m_single, &SingleView::setDifference);
    connect(m_single, &SingleView::stepRequested, this, &Views::step);
    connect(m_single, &SingleView::closeRequested, this, backToWall);
    connect(m_single, &SingleView::zoomChanged, this, &Views::refresh);
    connect(m_crop, &CropView::stepRequested, this, &Views::step);
    connect(m_crop, &CropView::closeRequested, this, backToWall);
    connect(m_words, &WordsView::closeRequested, this, backToWall);
    connect(m_words, &WordsView::pictureChosen, m_wall, &ProofWall::setCurrent);
    connect(m_leaves, &LeavesView::pictureChosen, m_wall, &ProofWall::setCurrent);
    connect(m_leaves->backButton(), &QPushButton::clicked, this, &Views::refresh);
    connect(m_check, &CheckView::originalRequested, this, [this](const QString& path) {
        for (const auto& item : m_document->originals())
            if (toQt(item.path) == path) {
                m_wall->setCurrent(item.id);
                setView(ViewKind::One);
            }
    });
}

std::vector<QWidget*> Views::pictureViews() const {
    return {m_wallPage, m_single, m_crop, m_empty, m_strip};
}

void Views::takeOriginals() {
    const auto& originals = m_document->originals();
    if (originals.empty() && m_view != ViewKind::TheRegister)
        m_view = ViewKind::Wall;
    refresh();
    if (!originals.empty() && m_wall->current() == 0)
        m_wall->setCurrent(originals.front().id);
}

void Views::setLookedAt(OriginalId id) {
    m_lookedAt = id;
    m_single->showPicture(id);
    m_crop->showPicture(id);
    m_words->setLookedAt(id);
    m_leaves->setLookedAt(id);
    emit lookedAtChanged(id);
}

void Views::step(int direction) {
    const auto all = m_wall->shownIds(); // what is filtered away is passed over
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i] == m_lookedAt) {
            const auto next = static_cast<std::ptrdiff_t>(i) + direction;
            if (next >= 0 && next < static_cast<std::ptrdiff_t>(all.size()))
                m_wall->setCurrent(all[static_cast<std::size_t>(next)]);
            return;
        }
}

bool Views::cropping() const {
    if (m_view != ViewKind::One)
        return false;
    const auto& fit = m_document->currentDelivery().fit;
    return m_chain->chosen() == StationId::Turn ||
           (m_chain->chosen() == StationId::Fit && fit.on && fit.fills());
}

void Views::setView(ViewKind view) {
    m_view = view;
    m_single->setDivided(view == ViewKind::BeforeAfter);
    emit viewChanged();
    refresh();
}

QWidget* Views::wanted() const {
    const bool empty = m_document->originals().empty();
    if (m_view == ViewKind::TheRegister)
        return m_register;
    if (m_view == ViewKind::Leaves && (!empty || m_leaves->looksIntoFiles()))
        return m_leaves;
    return empty && m_askFirst         ? static_cast<QWidget*>(m_first)
           : empty                     ? static_cast<QWidget*>(m_empty)
           : m_view == ViewKind::Wall  ? m_wallPage
           : m_view == ViewKind::Words ? static_cast<QWidget*>(m_words)
           : m_view == ViewKind::Check ? static_cast<QWidget*>(m_check)
           : cropping()                ? static_cast<QWidget*>(m_crop)
                                       : static_cast<QWidget*>(m_single);
}

bool Views::needsWidth() const {
    return m_stack->currentWidget() == m_check || m_stack->currentWidget() == m_words ||
           m_stack->currentWidget() == m_register || asksFirst();
}

void Views::refresh() {
    auto* view = wanted();
    m_stack->setCurrentWidget(view);
    m_strip->setVisible(view == m_wallPage && m_chain->chosen() == StationId::Seal);
    m_header->setView(m_view);
    m_header->setVisible((view != m_empty && view != m_first) || !m_notice.isEmpty());
    m_header->setZoomText(m_single->zoom() == Zoom::Fit    ? tr("Fit")
                          : m_single->zoom() == Zoom::Full ? tr("100 %")
                                                           : tr("200 %"));
    m_crop->setMode(m_chain->chosen() == StationId::Turn ? CropView::Mode::Crop : CropView::Mode::Trim);
    if (view == m_single)
        m_single->showPicture(m_lookedAt); // its size is known only now
    (view == m_wallPage ? m_wall : view)->setFocus();
    emit shown();
}

void Views::askFirst(bool ask) {
    m_askFirst = ask;
    refresh();
}

void Views::refreshKeepingFocus() {
    const QPointer<QWidget> focus = window()->focusWidget();
    refresh();
    if (focus)
        focus->setFocus();
}

void Views::showFilter() {
    setView(ViewKind::Wall);
    m_filterBar->show();
    m_filterBar->words()->setFocus();
}

void Views::pickColour() {
    setView(ViewKind::One);
    m_single->startPicking();
}

void Views::showNotice(const QString& text) {
    m_notice = text;
    m_header->setNotice(text);
    announce(m_header, text);
    m_header->setVisible((wanted() != m_empty && wanted() != m_first) || !text.isEmpty());
}

} // namespace keepseal::app
