// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Writing in a text where it stands on the canvas.
#include "seal_bench/seal_canvas.h"

#include <QGuiApplication>
#include <QInputMethod>
#include <QKeyEvent>

namespace keepseal::app {

void SealCanvas::mouseDoubleClickEvent(QMouseEvent* event) {
    const auto hit = partAt(event->position());
    if (const auto* part = m_document->currentDelivery().seal.part(hit); part && part->kind == PartKind::Text)
        editText(hit);
}

/// The editor stands on the text it edits.
void SealCanvas::editText(const std::string& id) {
    const auto* part = m_document->currentDelivery().seal.part(id);
    if (!part || part->kind != PartKind::Text)
        return;
    finishText(true);
    m_edited = id;
    ++m_merge;
    const Box box = boxOf(*prepared(), id);
    const QRectF at = QRectF(toWidget({box.x, box.y}), toWidget({box.right(), box.bottom()})).normalized();
    m_editor = new QPlainTextEdit(toQt(part->text.text), this);
    m_editor->setAccessibleName(tr("Text of %1").arg(toQt(part->name)));
    m_editor->installEventFilter(this);
    QRect place = at.toRect().adjusted(-12, -10, 12, 10);
    place.setWidth(std::max(place.width(), 180));
    place.setHeight(std::max(place.height(), 40));
    place.moveRight(std::min(place.right(), width() - 6));
    place.moveBottom(std::min(place.bottom(), height() - 6));
    m_editor->setGeometry(place);
    connect(m_editor, &QPlainTextEdit::textChanged, this, [this, id] {
        SealDesign next = m_document->currentDelivery().seal;
        if (auto* edited = next.part(id))
            edited->text.text = m_editor->toPlainText().left(1000).toStdString();
        m_document->setSeal(std::move(next), tr("changing the text"), m_merge);
    });
    m_editor->show();
    m_editor->selectAll();
    m_editor->setFocus();
}

void SealCanvas::finishText(bool keep) {
    if (!m_editor)
        return;
    // What is still being composed (an accent, a syllable) is part of the text, or given up with it.
    keep ? QGuiApplication::inputMethod()->commit() : QGuiApplication::inputMethod()->reset();
    auto* editor = std::exchange(m_editor, nullptr);
    if (!editor) // that ended it already
        return;
    editor->removeEventFilter(this);
    editor->disconnect(this); // input methods have a last word to a field that is hidden
    editor->deleteLater();
    editor->hide();
    if (!keep && m_document->undoStack()->undoText() == tr("changing the text"))
        m_document->undoStack()->undo();
    setFocus();
}

bool SealCanvas::eventFilter(QObject* watched, QEvent* event) {
    if (watched == m_editor && event->type() == QEvent::FocusOut)
        finishText(true);
    else if (watched == m_editor && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Escape) {
            finishText(true);
            return true;
        }
        if ((key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) &&
            key->modifiers() & Qt::ControlModifier) {
            finishText(true);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace keepseal::app
