// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/gathering.h"

namespace keepseal::app {

void Gathering::start(const std::vector<std::filesystem::path>& paths) {
    m_next.insert(m_next.end(), paths.begin(), paths.end());
    if (busy())
        return;
    m_busy = true;
    m_told = 0;
    m_task.start([paths = std::exchange(m_next, {})](const TaskRun<Files>& run) {
        GatherOptions options;
        options.stop = &run.stop;
        options.onFound = run.tell;
        return gather(paths, options);
    });
}

void Gathering::leaveOff() {
    m_task.cancel();
    m_next.clear();
    m_busy = false;
}

void Gathering::take(const TaskOutcome<Gathered>& outcome) {
    m_busy = false; // before others hear of it: they may ask for more
    if (outcome.result) {
        const auto& files = outcome.result->files;
        emit found({files.begin() + static_cast<std::ptrdiff_t>(m_told), files.end()});
        emit gathered(*outcome.result);
    } else
        emit failed(*outcome.problem);
    if (!m_next.empty())
        start({});
}

} // namespace keepseal::app
