// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/picture_menu.h"

#include <QMenu>

namespace keepseal::app {

void PictureMenu::fill(QMenu* menu, WindowActions& actions) {
    fillTurns(menu, actions);
    fillPlaces(menu->addMenu(tr("Seal at another place")), actions);
    fillStrengths(menu, actions);
    fillNudges(menu, actions);
    menu->addSeparator();
    menu->addAction(actions.addOnPictures(tr("As on all others"), QKeySequence("Alt+0"), [this] {
        differ(tr("nothing different on chosen pictures"), [](SealException& e) { e = {}; });
    }));
    m_wall->setExceptionMenu(menu);
}

void PictureMenu::fillTurns(QMenu* menu, WindowActions& actions) {
    const auto turn = [this](int quarters) {
        m_document->editPictures(m_wall->selected(), tr("turning the chosen pictures"),
                                 [quarters](PictureException& e) {
                                     e.turn.quarterTurns = ((e.turn.quarterTurns + quarters) % 4 + 4) % 4;
                                     e.turn.crop.reset(); // it was drawn the other way round
                                 });
    };
    menu->addAction(actions.addOnPictures(tr("Turn right"), QKeySequence("Ctrl+]"), [turn] { turn(1); }));
    menu->addAction(actions.addOnPictures(tr("Turn left"), QKeySequence("Ctrl+["), [turn] { turn(-1); }));
    menu->addAction(actions.add(tr("Crop as on all others"), {}, [this] {
        m_document->editPictures(m_wall->selected(), tr("taking back crops"),
                                 [](PictureException& e) { e.turn = {}; });
    }));
    menu->addAction(actions.add(tr("Stamp although it is a copy of ours"), {}, [this] {
        m_document->editPictures(m_wall->selected(), tr("stamping copies again"),
                                 [](PictureException& e) { e.stampAgain = !e.stampAgain; });
    }));
    menu->addSeparator();
}

void PictureMenu::differ(const QString& what, const std::function<void(SealException&)>& edit) {
    m_document->editExceptions(m_wall->selected(), what, edit);
}

void PictureMenu::fillPlaces(QMenu* menu, WindowActions& actions) {
    const auto* row = rowOf(sealSettings(), "place");
    for (std::size_t i = 0; i < row->choices.size(); ++i) {
        const auto anchor = static_cast<Anchor>(i);
        menu->addAction(actions.addOnPictures(
            toQt(row->choices[i].label), QKeySequence(QString("Alt+%1").arg(i + 1)), [this, anchor] {
                differ(tr("moving the seal on chosen pictures"), [anchor](SealException& e) {
                    e.anchor = anchor;
                    e.nudge = {};
                });
            }));
    }
}

void PictureMenu::fillStrengths(QMenu* menu, WindowActions& actions) {
    menu->addAction(actions.addOnPictures(tr("Light version"), QKeySequence("Alt+L"), [this] {
        differ(tr("light version on chosen pictures"), [](SealException& e) { e.dark = false; });
    }));
    menu->addAction(actions.addOnPictures(tr("Dark version"), QKeySequence("Alt+D"), [this] {
        differ(tr("dark version on chosen pictures"), [](SealException& e) { e.dark = true; });
    }));
    const auto strength = [this](double by) {
        const double designed = m_document->currentDelivery().seal.opacity;
        differ(tr("strength on chosen pictures"), [by, designed](SealException& e) {
            e.opacity = std::clamp(std::round(e.opacity.value_or(designed) + by), 1.0, 100.0);
        });
    };
    menu->addAction(
        actions.addOnPictures(tr("Stronger"), QKeySequence("Alt++"), [strength] { strength(10); }));
    menu->addAction(
        actions.addOnPictures(tr("Weaker"), QKeySequence("Alt+-"), [strength] { strength(-10); }));
    menu->addAction(actions.addOnPictures(tr("No seal"), QKeySequence("Alt+N"), [this] {
        differ(tr("no seal on chosen pictures"), [](SealException& e) { e.none = !e.none; });
    }));
}

void PictureMenu::fillNudges(QMenu* menu, WindowActions& actions) {
    const std::tuple<const char*, Point, QString> nudges[] = {{"Ctrl+Left", {-0.5, 0}, tr("Nudge left")},
                                                              {"Ctrl+Right", {0.5, 0}, tr("Nudge right")},
                                                              {"Ctrl+Up", {0, -0.5}, tr("Nudge up")},
                                                              {"Ctrl+Down", {0, 0.5}, tr("Nudge down")}};
    menu->addSeparator();
    for (const auto& [keys, by, text] : nudges)
        menu->addAction(actions.addOnPictures(text, QKeySequence(keys), [this, by = by] {
            m_document->editExceptions(
                m_wall->selected(), tr("nudging the seal"),
                [by](SealException& e) {
                    e.nudge = {e.nudge.x + by.x, e.nudge.y + by.y};
                },
                1);
        }));
}

} // namespace keepseal::app
