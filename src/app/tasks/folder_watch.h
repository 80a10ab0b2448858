// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Tells when something is made, taken away or renamed in a folder (inotify(7)). The folders are named from
// the background, because naming one asks the disk.
#pragma once

#include <QObject>

#include <filesystem>
#include <memory>
#include <vector>

namespace keepseal::app {

class FolderWatch : public QObject {
    Q_OBJECT
public:
    /// Where the folders are named: held by the work, and it may outlive the watch.
    class Folders {
    public:
        Folders();
        ~Folders();
        Folders(const Folders&) = delete;
        Folders& operator=(const Folders&) = delete;
        /// These and no others; any thread. One that can't be watched is left out.
        void set(const std::vector<std::filesystem::path>& folders);

    private:
        friend class FolderWatch;
        struct State;
        std::unique_ptr<State> m_state;
    };

    explicit FolderWatch(QObject* parent = nullptr);
    const std::shared_ptr<Folders>& folders() const { return m_folders; }

signals:
    void changed();

private:
    void read();
    std::shared_ptr<Folders> m_folders = std::make_shared<Folders>();
};

} // namespace keepseal::app
