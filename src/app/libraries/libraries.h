// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The person's libraries as the window knows them. Their folders are read in the background: when the window
// begins, when it is looked at again, and after each change; menus and choosers show what was read last.
#pragma once

#include "library/seal_library.h"
#include "library/shelf.h"
#include "tasks/task_queue.h"

#include <QPointer>

namespace keepseal::app {

/// Where they lie. Copied into the background: it asks the disk.
struct LibraryFolders {
    SealLibrary seals;
    BorderLibrary borders;
    SheetLibrary sheets;
    DeliveryLibrary deliveries;
};

/// What lay in them.
struct Shelves {
    std::vector<SavedSeal> seals;
    std::vector<SavedBorder> borders;
    std::vector<SavedSheet> sheets;
    std::vector<SavedDelivery> deliveries;
    std::vector<Problem> problems; ///< of files that can't be read
};

class Libraries : public QObject {
    Q_OBJECT
public:
    explicit Libraries(QObject* parent = nullptr);
    /// What is being kept is kept.
    ~Libraries() override;

    const Shelves& shelves() const { return m_shelves; }
    /// They were read at least once.
    bool known() const { return m_known; }
    bool busy() const { return m_work.pending() > 0; }
    void lookAgain();
    const LibraryFolders& folders() const { return m_folders; }

    /// `work(folders)` in the background, one after the other; then the shelves are read anew, and
    /// `then(outcome)` is told here, unless `receiver` is gone by then.
    template <class Result>
    void change(QObject* receiver, std::function<Result(const LibraryFolders&)> work,
                std::function<void(TaskOutcome<Result>)> then) {
        using Made = std::pair<TaskOutcome<Result>, Shelves>;
        m_work.start<Made>(
            0,
            [folders = m_folders, work = std::move(work)] {
                const std::atomic<bool> never{false};
                auto outcome = outcomeOf<Result>([&] { return work(folders); }, never);
                return Made{std::move(outcome), readShelves(folders)};
            },
            [this, receiver = QPointer<QObject>(receiver), then](TaskOutcome<Made> made) {
                if (made.result)
                    take(std::move(made.result->second));
                if (receiver)
                    then(made.result ? std::move(made.result->first) : TaskOutcome<Result>{{}, made.problem});
            });
    }

signals:
    void changed();

private:
    static Shelves readShelves(const LibraryFolders& folders);
    void take(Shelves shelves);

    LibraryFolders m_folders;
    Shelves m_shelves;
    bool m_known = false;
    TaskQueue m_queue{1};
    TaskShare m_work{&m_queue};
};

} // namespace keepseal::app
