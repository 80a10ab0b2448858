// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "widgets/about_line.h"

#include "theme/theme.h"

#include <QApplication>

namespace keepseal::app {
namespace {

constexpr const char* kAbout = "about";
constexpr int kLines = 4;

} // namespace

void setAbout(QWidget* row, const QString& text) {
    row->setProperty(kAbout, text);
}

AboutLine::AboutLine(QWidget* of, QString otherwise, QWidget* parent)
    : QLabel(parent), m_of(of), m_otherwise(std::move(otherwise)) {
    setFont(smallFont());
    setForegroundRole(QPalette::PlaceholderText);
    setWordWrap(true);
    setAlignment(Qt::AlignLeft | Qt::AlignTop);
    setContentsMargins(kGap4, kGap2, kGap4, kGap2);
    setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    setMinimumHeight(kLines * QFontMetrics(font()).lineSpacing() + 2 * kGap2); // few sentences are longer
    setText(m_otherwise);
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) { follow(now); });
}

/// Who looks at another window for a moment finds the same here when they come back.
void AboutLine::follow(QWidget* focus) {
    if (!focus || focus->window() != window())
        return;
    QString text;
    for (auto* at = focus; at && at != m_of && text.isEmpty(); at = at->parentWidget())
        text = at->property(kAbout).toString();
    setText(text.isEmpty() || !m_of->isAncestorOf(focus) ? m_otherwise : text);
    setToolTip(text);
}

} // namespace keepseal::app
