// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/file_manager_desk.h"

#include "base/own_folders.h"
#include "base/text.h"
#include "library/file_entries.h"

namespace keepseal::app {

FileManagerDesk::FileManagerDesk(DeskTools tools) : m(std::move(tools)) {
    connect(m.libraries, &Libraries::changed, this, [this] {
        if (m_switch && m_switch->isChecked())
            install([](std::size_t) {});
    });
}

void FileManagerDesk::fillMenu(QMenu* menu, WindowActions& actions) {
    m_switch =
        actions.add(tr("Deliveries in the file manager's menu"), {}, [this] { set(m_switch->isChecked()); });
    m_switch->setCheckable(true);
    menu->addAction(m_switch);
    // Another program of ours may have set it: it is asked each time it is looked at, and once for the
    // library's changes.
    const auto look = [this] {
        m.files->run<bool>([] { return hasFileEntries(desktopDataFolder()); },
                           [this](bool there) { m_switch->setChecked(there); });
    };
    connect(menu, &QMenu::aboutToShow, this, look);
    look();
}

void FileManagerDesk::set(bool on) {
    if (!on)
        return m.files->run([] { removeFileEntries(desktopDataFolder()); },
                            [this] {
                                m_switch->setChecked(false); // what was asked before may have come meanwhile
                                m.say(tr("The file manager has no entries of Keep Seal."));
                            });
    install([this](std::size_t count) {
        m_switch->setChecked(true);
        m.say(saidQt(count, "The file manager's menu offers {n} delivery and the window on chosen pictures.",
                     "The file manager's menu offers {n} deliveries and the window on chosen pictures.") +
              (count == 0 ? " " + tr("A delivery has an entry when it says where its copies go, and lies in "
                                     "the library.")
                          : QString()));
    });
}

void FileManagerDesk::install(const std::function<void(std::size_t)>& then) {
    m.files->run<std::size_t>(
        [deliveries = m.libraries->shelves().deliveries] {
            return installFileEntries(desktopDataFolder(), deliveries, programBeside("keep-seal-cli"),
                                      programBeside("keep-seal"));
        },
        then);
}

} // namespace keepseal::app
