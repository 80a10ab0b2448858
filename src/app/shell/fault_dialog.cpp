// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/fault_dialog.h"

#include "base/built_with.h"
#include "base/text.h"
#include "theme/theme.h"

#include <QApplication>
#include <QClipboard>
#include <QDialogButtonBox>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QSysInfo>
#include <QVBoxLayout>

namespace keepseal::app {

QString withoutNames(const QString& text) {
    static const QRegularExpression quoted("[\"“][^\"”]*[\"”]"), path("(?<![\\w])~?/[^\\s,;:]+"),
        file("[\\w\\-.]+\\.[A-Za-z][A-Za-z0-9]{1,4}\\b");
    QString out = text;
    return out.replace(quoted, "“…”").replace(path, "…").replace(file, "…");
}

QString faultText(const FaultPlace& place) {
    QStringList lines;
    const auto add = [&](const QString& label, const QString& value) { lines << label + ": " + value; };
    for (const auto& line : toQt(versionText(builtWith())).trimmed().split('\n'))
        lines << line;
    lines << QString("  Qt ") + qVersion();
    add(QObject::tr("System"), QSysInfo::prettyProductName() + ", " + QSysInfo::kernelType() + " " +
                                   QSysInfo::kernelVersion() + ", " + QSysInfo::currentCpuArchitecture());
    add(QObject::tr("Window"),
        QObject::tr("%1, theme %2, style %3").arg(place.platform, place.theme, place.style));
    add(QObject::tr("Screens"), place.screens.join("; "));
    add(QObject::tr("Locale"), QLocale().name());
    add(QObject::tr("Open"), saidQt(place.pictures, "{n} picture", "{n} pictures") + ", " +
                                 saidQt(place.deliveries, "{n} delivery", "{n} deliveries"));
    if (!place.lastSaid.isEmpty())
        add(QObject::tr("Said last"), withoutNames(place.lastSaid));
    return lines.join("\n");
}

FaultDialog::FaultDialog(QWidget* parent)
    : QDialog(parent), m_happened(new QPlainTextEdit), m_text(new QPlainTextEdit) {
    setWindowTitle(tr("Tell of a fault"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    auto* about =
        new QLabel(tr("Nothing is sent from here. Write what happened, look through what goes with it, "
                      "and copy both into your report. No picture, name or path is in it."));
    about->setWordWrap(true);
    column->addWidget(about);
    auto* happened = new QLabel(tr("&What happened, and what did you do before?"));
    happened->setBuddy(m_happened);
    column->addWidget(happened);
    m_happened->setTabChangesFocus(true);
    m_happened->setMaximumHeight(withText(110));
    column->addWidget(m_happened);
    auto* goes = new QLabel(tr("What &goes with it"));
    goes->setBuddy(m_text);
    column->addWidget(goes);
    m_text->setReadOnly(true);
    m_text->setTabChangesFocus(true);
    m_text->setPlainText(tr("Being gathered…"));
    column->addWidget(m_text, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    auto* copy = buttons->addButton(tr("Copy"), QDialogButtonBox::ActionRole);
    connect(copy, &QPushButton::clicked, this, [this] { QApplication::clipboard()->setText(whole()); });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    resize(withText(560), withText(520));
}

void FaultDialog::setText(const QString& text) {
    m_text->setPlainText(text);
}

QString FaultDialog::whole() const {
    return m_happened->toPlainText().trimmed() + "\n\n" + m_text->toPlainText() + "\n";
}

} // namespace keepseal::app
