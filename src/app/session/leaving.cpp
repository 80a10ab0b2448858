// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/leaving.h"

#include <QSocketNotifier>

#include <csignal>
#include <fcntl.h>
#include <unistd.h>

namespace keepseal::app {
namespace {

constexpr int kSignals[] = {SIGTERM, SIGHUP, SIGINT};
int asking[2] = {-1, -1}; // a pipe: a signal may come at any moment, and may do next to nothing

void ask(int) {
    const char word = 1;
    [[maybe_unused]] const auto written = ::write(asking[1], &word, 1);
}

} // namespace

Leaving::Leaving(QObject* parent) : QObject(parent) {
    if (::pipe2(asking, O_CLOEXEC | O_NONBLOCK) != 0)
        return;
    auto* heard = new QSocketNotifier(asking[0], QSocketNotifier::Read, this);
    connect(heard, &QSocketNotifier::activated, this, [this] {
        char words[16];
        while (::read(asking[0], words, sizeof words) > 0) {
        }
        emit asked();
    });
    for (const int signal : kSignals)
        std::signal(signal, ask);
}

Leaving::~Leaving() {
    for (const int signal : kSignals)
        std::signal(signal, SIG_DFL);
    for (int& end : asking)
        if (end >= 0)
            ::close(std::exchange(end, -1));
}

} // namespace keepseal::app
