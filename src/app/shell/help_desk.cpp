// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/help_desk.h"

#include "theme/theme.h"

#include <QAction>
#include <QApplication>
#include <QMenu>
#include <QScreen>
#include <QStyle>

#include <array>
#include <set>

namespace keepseal::app {

HelpPlace helpFor(StationId station) {
    switch (station) {
    case StationId::Which:
        return {"deliveries.md", "Deliveries"};
    case StationId::Turn:
        return {"framing.md", "Turn, crop"};
    case StationId::Fit:
        return {"framing.md", "Fit"};
    case StationId::Finish:
        return {"framing.md", "Finish"};
    case StationId::Border:
        return {"framing.md", "Border"};
    case StationId::File:
        return {"framing.md", "File"};
    case StationId::Seal:
        return {"seals.md", {}};
    case StationId::Rights:
        return {"metadata.md", "Rights sheets"};
    case StationId::Privacy:
        return {"metadata.md", "Privacy by kind"};
    case StationId::Place:
        return {"deliveries.md", "Names and places"};
    case StationId::Sending:
        return {"sending.md", {}};
    }
    return {"using.md", {}};
}

HelpPlace helpFor(ViewKind view) {
    switch (view) {
    case ViewKind::Words:
    case ViewKind::Leaves:
        return {"metadata.md", {}};
    case ViewKind::Check:
        return {"deliveries.md", "Check"};
    case ViewKind::TheRegister:
        return {"register.md", {}};
    default:
        return {"using.md", {}};
    }
}

HelpDesk::HelpDesk(DeskTools tools, std::function<HelpPlace()> place, std::function<QString()> said)
    : m(std::move(tools)), m_place(std::move(place)), m_said(std::move(said)) {}

void HelpDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    auto* help = menu->addMenu(tr("Help")); // all in one room: the menu fits a low screen
    help->addAction(actions.add(
        tr("Help for what has the focus"), QKeySequence::HelpContents, [this] { show(m_place()); },
        "search"));
    help->addAction(actions.add(tr("Every key"), {}, [this] { show({"keys", {}}); }));
    help->addAction(actions.add(tr("What changed"), {}, [this] { show({"changes.md", {}}); }));
    help->addAction(actions.add(tr("Tell of a fault…"), {}, [this] { tellOfFault(); }));
}

void HelpDesk::tellOfFault() {
    FaultPlace place;
    place.platform = QGuiApplication::platformName();
    place.theme = theme().kind == ThemeKind::Dark ? "Dark" : "Light";
    place.style = QApplication::style()->objectName();
    for (const auto* screen : QGuiApplication::screens())
        place.screens << QString("%1 × %2, scale %3")
                             .arg(screen->size().width())
                             .arg(screen->size().height())
                             .arg(screen->devicePixelRatio());
    place.pictures = m.document->originals().size();
    place.deliveries = m.document->state().deliveries.size();
    place.lastSaid = m_said();
    if (!m_fault)
        m_fault = new FaultDialog(m.window);
    m_fault->show();
    m_fault->raise();
    m_fault->activateWindow();
    m.files->run<QString>([place] { return faultText(place); },
                          [this](const QString& text) {
                              if (m_fault)
                                  m_fault->setText(text);
                          });
}

void HelpDesk::show(const HelpPlace& place) {
    if (!m_dialog) {
        m_dialog = new HelpDialog(m.window);
        m.files->run<std::vector<HelpPage>>([] { return helpPages(); },
                                            [this](std::vector<HelpPage> pages) {
                                                pages.push_back(keysPage(keys()));
                                                m_dialog->setPages(std::move(pages));
                                            });
    }
    m_dialog->openPage(place.file, place.heading);
    m_dialog->show();
    m_dialog->raise();
    m_dialog->activateWindow();
}

/// Of the window's actions, each once, in the order of their words.
std::vector<HelpKey> HelpDesk::keys() const {
    std::set<std::pair<QString, QString>> found;
    for (const auto* action : m.window->findChildren<QAction*>()) {
        const auto words = QString(action->text()).remove('&').remove(QChar(0x2026));
        if (words.isEmpty() || action->shortcuts().isEmpty())
            continue;
        QStringList all;
        for (const auto& keys : action->shortcuts())
            all << keys.toString(QKeySequence::NativeText);
        found.emplace(words, all.join(QObject::tr(", ")));
    }
    std::vector<HelpKey> out;
    for (const auto& [words, keys] : found)
        out.push_back({keys, words});
    return out;
}

} // namespace keepseal::app
