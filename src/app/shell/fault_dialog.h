// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What whoever mends a fault needs to know of this machine and program, shown whole before anything is
// copied. It holds no picture, no name and no path, and nothing is sent.
#pragma once

#include <QDialog>
#include <QPlainTextEdit>

namespace keepseal::app {

/// What is asked of the window's own thread.
struct FaultPlace {
    QString platform, theme, style; ///< "xcb", "Dark", "Fusion"
    QStringList screens;            ///< "1920 x 1080 at 1.5"
    std::size_t pictures = 0, deliveries = 0;
    QString lastSaid; ///< the notice on the window, without what stands in it between quotes or as a path
};

/// Asks the system: in the background.
QString faultText(const FaultPlace& place);
/// Without paths, file names and what stands in quotes: a report is read by others.
QString withoutNames(const QString& text);

class FaultDialog : public QDialog {
    Q_OBJECT
public:
    explicit FaultDialog(QWidget* parent);
    void setText(const QString& text);
    QString text() const { return m_text->toPlainText(); }
    /// What goes with it; can be written over.
    QPlainTextEdit* whatHappened() { return m_happened; }

private:
    QString whole() const;
    QPlainTextEdit *m_happened, *m_text;
};

} // namespace keepseal::app
