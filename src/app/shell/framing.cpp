// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window does with crops, borders and files: the crop view, borders side by side, colours picked
// from the picture, the proof as saved.
#include "shell/main_window.h"

#include "border/border_chooser.h"

#include <QAction>
#include <QMenu>
#include <QPointer>
#include <QToolButton>

namespace keepseal::app {

bool MainWindow::cropping() const {
    if (m_view != ViewKind::One)
        return false;
    const auto& fit = m_document.currentDelivery().fit;
    return m_chain->chosen() == StationId::Turn ||
           (m_chain->chosen() == StationId::Fit && fit.on && fit.fills());
}

void MainWindow::connectFraming() {
    connect(m_crop, &CropView::stepRequested, this, &MainWindow::step);
    connect(m_crop, &CropView::closeRequested, this, [this] { setView(ViewKind::Wall); });
    connect(m_drawer, &Drawer::cropRequested, this, [this] { setView(ViewKind::One); });
    connect(m_drawer, &Drawer::bordersRequested, this, &MainWindow::compareBorders);
    connect(m_drawer, &Drawer::pickRequested, this, &MainWindow::pickColour);
    connect(m_drawer, &Drawer::detailRequested, this, [this](int percent) {
        setView(ViewKind::BeforeAfter);
        m_single->setZoom(percent == 100 ? Zoom::Full : Zoom::Double);
    });
    connect(m_single, &SingleView::colourPicked, this, [this](Rgb colour) {
        if (auto* editor = m_drawer->borderEditor())
            editor->takeColour(colour);
    });
    connect(m_header->asSavedButton(), &QToolButton::toggled, m_single, &SingleView::setAsSaved);
    connect(&m_document, &JobDocument::stationChanged, this, [this](StationId station) {
        if (station == StationId::Fit && m_view == ViewKind::One)
            updateViewsKeepingFocus(); // filling has a frame of its own
    });
}

void MainWindow::updateViewsKeepingFocus() {
    const QPointer<QWidget> focus = focusWidget();
    updateViews();
    if (focus)
        focus->setFocus();
}

void MainWindow::pickColour() {
    setView(ViewKind::One);
    m_single->startPicking();
}

void MainWindow::compareBorders() {
    const auto info = m_library.info(m_lookedAt);
    if (!info || info->problem)
        return tell(tr("Choose a picture first: borders are compared on it."));
    BorderChooser chooser(&m_libraries, m_document.deliveryAsMade(), info, m_document.exception(m_lookedAt),
                          this);
    if (chooser.exec() == QDialog::Accepted && chooser.taken())
        m_document.setBorder(*chooser.taken(), tr("taking a border"));
}

void MainWindow::makePictureActions(QMenu* menu) {
    const auto turn = [this](int quarters) {
        m_document.editPictures(m_wall->selected(), tr("turning the chosen pictures"),
                                [quarters](PictureException& e) {
                                    e.turn.quarterTurns = ((e.turn.quarterTurns + quarters) % 4 + 4) % 4;
                                    e.turn.crop.reset(); // it was drawn the other way round
                                });
    };
    menu->addAction(onPictures(action(tr("Turn right"), QKeySequence("Ctrl+]"), [turn] { turn(1); })));
    menu->addAction(onPictures(action(tr("Turn left"), QKeySequence("Ctrl+["), [turn] { turn(-1); })));
    menu->addAction(action(tr("Crop as on all others"), {}, [this] {
        m_document.editPictures(m_wall->selected(), tr("taking back crops"),
                                [](PictureException& e) { e.turn = {}; });
    }));
    menu->addAction(action(tr("Stamp although it is a copy of ours"), {}, [this] {
        m_document.editPictures(m_wall->selected(), tr("stamping copies again"),
                                [](PictureException& e) { e.stampAgain = !e.stampAgain; });
    }));
    menu->addSeparator();
}

} // namespace keepseal::app
