// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The window on its seal bench, and the few movements that its tests make.
#pragma once

#include "window_fixture.h"

#include <QDragEnterEvent>
#include <QMimeData>

namespace keepseal::app {

class Bench : public Window {
protected:
    void SetUp() override {
        Window::SetUp();
        openAll();
        window.openBench();
        ASSERT_TRUE(follows());
    }
    SealBench& bench() { return window.bench(); }
    SealCanvas& canvas() { return window.bench().canvas(); }
    const SealDesign& seal() { return window.document().currentDelivery().seal; }
    const SealDesign& made() { return window.document().deliveryAsMade().seal; }
    bool kept() {
        return waitUntil([&] { return !window.filesBusy(); }, kWait);
    }
    bool follows() {
        return waitUntil(
            [&] { return canvas().settled() && canvas().result() && !canvas().result()->empty(); }, kWait);
    }
    void drag(QPointF from, QPointF to, Qt::KeyboardModifiers keys = {}) {
        QTest::mousePress(&canvas(), Qt::LeftButton, keys, from.toPoint());
        for (int i = 1; i <= 6; ++i) {
            QMouseEvent move(QEvent::MouseMove, from + (to - from) * i / 6.0, canvas().mapToGlobal(to),
                             Qt::NoButton, Qt::LeftButton, keys);
            QCoreApplication::sendEvent(&canvas(), &move);
        }
        QTest::mouseRelease(&canvas(), Qt::LeftButton, keys, to.toPoint());
        ASSERT_TRUE(follows());
    }
    void drop(const fs::path& file) {
        QMimeData data;
        data.setUrls({QUrl::fromLocalFile(toQt(file))});
        QDragEnterEvent enter(QPoint(200, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&canvas(), &enter);
        QDropEvent event(QPointF(200, 200), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(&canvas(), &event);
    }
    QPointF middleOf(const std::string& id) {
        return canvas().toWidget(boxOf(*prepareSeal(made()), id).centre());
    }
    int steps() { return window.document().undoStack()->index(); }
    void undo() {
        window.document().undoStack()->undo();
        ASSERT_TRUE(follows());
    }
};

} // namespace keepseal::app
