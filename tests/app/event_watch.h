// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The application of the tests: knows which event kept the window's thread at work for longest, by the time
// of its processor (what others do on the machine is not counted), without the events within it.
#pragma once

#include <QApplication>
#include <QEvent>

#include <ctime>
#include <string>

namespace keepseal::app {

class EventWatch : public QApplication {
public:
    using QApplication::QApplication;
    struct Longest {
        double ms = 0;
        std::string what;
    };
    /// Since the last call.
    Longest takeLongest() { return std::exchange(m_longest, {}); }
    static EventWatch& self() { return *static_cast<EventWatch*>(QCoreApplication::instance()); }

    bool notify(QObject* receiver, QEvent* event) override {
        const std::string name = receiver->metaObject()->className(); // it may be gone afterwards
        const auto type = static_cast<int>(event->type());
        const double began = nowMs(), within = std::exchange(m_within, 0);
        const bool out = QApplication::notify(receiver, event);
        const double whole = nowMs() - began, own = whole - m_within;
        m_within = within + whole;
        if (own > m_longest.ms)
            m_longest = {own, name + ", event " + std::to_string(type)};
        return out;
    }

private:
    static double nowMs() {
        timespec now{};
        ::clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
        return static_cast<double>(now.tv_sec) * 1e3 + static_cast<double>(now.tv_nsec) / 1e6;
    }
    double m_within = 0; ///< of the events within the one at hand
    Longest m_longest;
};

} // namespace keepseal::app
