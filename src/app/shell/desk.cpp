// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "shell/desk.h"

#include "base/files.h"
#include "document/untouchable.h"

namespace keepseal::app {

void changeLibrary(const DeskTools& tools, QObject* receiver, std::function<void(const LibraryFolders&)> work,
                   std::function<void()> then) {
    tools.libraries->change<NoStep>(
        receiver,
        [work = std::move(work)](const LibraryFolders& in) {
            work(in);
            return NoStep();
        },
        [say = tools.say, then = std::move(then)](const TaskOutcome<NoStep>& outcome) {
            if (outcome.problem)
                say(toQt(outcome.problem->sentence()));
            else if (then)
                then();
        });
}

void saveText(const DeskTools& tools, const std::filesystem::path& file,
              const std::function<std::string()>& text) {
    tools.files->run(
        [file, text, originals = tools.document->paths()] {
            writeNamedFile(file, text(), untouchable(originals));
        },
        [say = tools.say, file] { say(QObject::tr("Saved in %1.").arg(toQt(file))); });
}

} // namespace keepseal::app
