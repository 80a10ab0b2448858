// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/hand_first.h"

namespace keepseal::app {
namespace {

constexpr int kRestMs = 250;  ///< a dragging hand's steps come closer than this
constexpr int kMostLooks = 8; ///< a proof that takes longer than these shares the machine: the run goes on

} // namespace

HandFirst::HandFirst(JobDocument* document, std::function<bool()> seen, QObject* parent)
    : QObject(parent), m_seen(std::move(seen)) {
    m_rest.setSingleShot(true);
    m_rest.setInterval(kRestMs);
    connect(&m_rest, &QTimer::timeout, this, &HandFirst::look);
    for (const auto change : {&JobDocument::currentDeliveryChanged, &JobDocument::exceptionsChanged})
        connect(document, change, this, &HandFirst::moved);
    connect(document, &JobDocument::stationChanged, this, &HandFirst::moved);
}

void HandFirst::moved() {
    if (!m_still)
        m_still.emplace();
    m_looks = 0;
    m_rest.start();
}

void HandFirst::look() {
    if (++m_looks < kMostLooks && !m_seen())
        m_rest.start();
    else
        m_still.reset();
}

} // namespace keepseal::app
