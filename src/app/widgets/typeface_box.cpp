// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/typeface_box.h"

#include "library/seal_library.h"
#include "text/typefaces.h"

#include <QDragEnterEvent>
#include <QFile>
#include <QFileDialog>
#include <QMimeData>
#include <QToolTip>

namespace keepseal::app {

bool isTypefaceFile(const QString& file) {
    for (const auto* ending : {".ttf", ".otf", ".ttc"})
        if (file.endsWith(ending, Qt::CaseInsensitive))
            return true;
    return false;
}

TypefaceBox::TypefaceBox(QWidget* parent)
    : QComboBox(parent), m_adding([this](const TaskOutcome<std::string>& outcome) {
          fill();
          if (outcome.problem) {
              QToolTip::showText(mapToGlobal(QPoint(0, height())),
                                 QString::fromStdString(outcome.problem->sentence()), this);
              return emit leftAsItWas();
          }
          const auto family = QString::fromStdString(*outcome.result);
          setFamily(family);
          emit begun();
          emit chosen(family);
      }) {
    setSizeAdjustPolicy(AdjustToMinimumContentsLengthWithIcon); // a long choice widens no drawer
    setMinimumContentsLength(6);
    setAcceptDrops(true);
    fill();
    connect(this, &QComboBox::activated, this, &TypefaceBox::take);
    connect(this, &QComboBox::highlighted, this, &TypefaceBox::tryOut);
}

void TypefaceBox::fill() {
    clear();
    for (const auto& family : typefaceFamilies())
        addItem(QString::fromStdString(family), QString::fromStdString(family));
    addItem(tr("Add a typeface…"), QString());
}

void TypefaceBox::setFamily(const QString& family) {
    if (findData(family) < 0 && hasTypeface(family.toStdString()))
        fill();               // added elsewhere
    if (findData(family) < 0) // not on this machine: shown, not lost
        insertItem(0, tr("%1 (not here)").arg(family), family);
    setCurrentIndex(findData(family));
}

void TypefaceBox::showPopup() {
    m_before = currentData().toString();
    m_open = true;
    m_tried = false;
    QComboBox::showPopup();
}

void TypefaceBox::hidePopup() {
    QComboBox::hidePopup();
    // What was chosen is told after this: only then is it known whether anything was.
    QMetaObject::invokeMethod(this, &TypefaceBox::closed, Qt::QueuedConnection);
}

void TypefaceBox::closed() {
    if (m_open && m_tried)
        emit chosen(m_before);
    m_open = false;
}

void TypefaceBox::tryOut(int index) {
    const auto family = itemData(index).toString();
    if (!m_open || family.isEmpty() || (!m_tried && family == m_before))
        return;
    if (!m_tried)
        emit begun();
    m_tried = true;
    emit chosen(family);
}

void TypefaceBox::take(int index) {
    const bool fromList = m_open;
    m_open = false;
    if (const auto family = itemData(index).toString(); !family.isEmpty()) {
        if (!m_tried || !fromList)
            emit begun();
        return emit chosen(family);
    }
    if (fromList && m_tried)
        emit chosen(m_before);
    emit leftAsItWas(); // until a file is read, or for good
    if (!fromList)
        return; // keys that go through the typefaces open no dialog at their end
    const auto file =
        QFileDialog::getOpenFileName(this, tr("Add a typeface"), {}, tr("Typefaces (*.ttf *.otf *.ttc)"));
    if (!file.isEmpty())
        addFile(file);
}

void TypefaceBox::addFile(const QString& file) {
    m_adding.start([path = std::filesystem::path(QFile::encodeName(file).toStdString())](const auto&) {
        return SealLibrary().addTypeface(path);
    });
}

void TypefaceBox::dragEnterEvent(QDragEnterEvent* event) {
    for (const auto& url : event->mimeData()->urls())
        if (isTypefaceFile(url.toLocalFile()))
            return event->acceptProposedAction();
}

void TypefaceBox::dropEvent(QDropEvent* event) {
    for (const auto& url : event->mimeData()->urls())
        if (isTypefaceFile(url.toLocalFile())) {
            addFile(url.toLocalFile());
            return event->acceptProposedAction();
        }
}

} // namespace keepseal::app
