// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sending/posting.h"

#include "base/text.h"
#include "document/job_document.h"

#include <QDateTime>
#include <QLocale>

#include <algorithm>

namespace keepseal::app {

Posting::Posting(QObject* parent)
    : QObject(parent), m_looking([this](TaskOutcome<Items> outcome) {
          if (!outcome.result)
              return;
          m_items = std::move(*outcome.result);
          waitForNext();
          emit changed();
      }),
      m_changing([this](const TaskOutcome<bool>& outcome) {
          if (outcome.problem)
              emit said(toQt(outcome.problem->sentence()));
          poke();
      }),
      m_sending([this](const TaskOutcome<PostRound>& outcome) { ended(outcome); },
                [this](const OutboxItem& item) {
                    if (item.state == SendState::Held && m_heldBy.isEmpty())
                        m_heldBy = toQt(item.problem);
                    for (auto& known : m_items)
                        if (known.id == item.id)
                            known = item;
                    if (!m_soon.isActive())
                        m_soon.start();
                }) {
    m_next.setSingleShot(true);
    m_soon.setSingleShot(true);
    m_soon.setInterval(100);
    connect(&m_soon, &QTimer::timeout, this, &Posting::changed);
    connect(&m_next, &QTimer::timeout, this, &Posting::poke);
    poke();
}

void Posting::look() {
    m_looking.start([](const auto&) { return Outbox::exists() ? Outbox().items() : Items(); });
}

void Posting::poke() {
    look();
    m_heldBy.clear();
    m_sending.follow([](const TaskRun<OutboxItem>& run) {
        if (!Outbox::exists())
            return PostRound();
        Outbox outbox;
        return sendDue(outbox, sendTimeNow, run.stop, run.tell);
    });
}

void Posting::change(std::function<void(Outbox&)> work) {
    m_changing.start([work = std::move(work)](const auto&) {
        Outbox outbox;
        work(outbox);
        return true;
    });
}

std::size_t Posting::count(SendState state) const {
    return static_cast<std::size_t>(std::count_if(
        m_items.begin(), m_items.end(), [&](const OutboxItem& item) { return item.state == state; }));
}

QString Posting::wordsOf(const std::filesystem::path& copy, const std::string& fingerprint) const {
    QStringList out;
    for (const auto& item : m_items) {
        if (item.copy != copy || item.fingerprint != fingerprint)
            continue;
        const auto place = toQt(item.to.isLetter() ? item.to.to : item.to.place());
        if (item.state == SendState::Unread)
            out << tr("in a letter to %1 that waits to be looked at, in the outbox").arg(place);
        else if (item.state == SendState::Sent && item.to.isLetter())
            out << tr("in a letter to %1, %2")
                       .arg(place, QLocale().toString(QDateTime::fromSecsSinceEpoch(item.sentAt),
                                                      QLocale::ShortFormat));
        else if (item.state == SendState::Sent)
            out << tr("to %1/%2, %3")
                       .arg(place, toQt(item.sentAs),
                            QLocale().toString(QDateTime::fromSecsSinceEpoch(item.sentAt),
                                               QLocale::ShortFormat));
        else if (item.state == SendState::Waiting)
            out << tr("waits, to %1").arg(place) + (item.problem.empty() ? "" : ": " + toQt(item.problem));
        else
            out << tr("not to %1: %2").arg(place, toQt(item.problem));
    }
    return out.join("\n");
}

void Posting::ended(const TaskOutcome<PostRound>& outcome) {
    look();
    if (outcome.problem) {
        if (outcome.problem->kind != ProblemKind::Refused) // another window sends them
            emit said(toQt(outcome.problem->sentence()));
        return;
    }
    const auto& round = *outcome.result;
    QStringList parts;
    if (round.sent > 0)
        parts << saidQt(round.sent, "{n} copy sent", "{n} copies sent");
    if (round.leftOut > 0)
        parts << tr("%1 left out: the name is taken there").arg(round.leftOut);
    if (round.held > 0)
        parts << saidQt(round.held, "{n} copy held in the outbox", "{n} copies held in the outbox") +
                     (m_heldBy.isEmpty() ? QString() : ": " + m_heldBy);
    if (round.later > 0)
        parts << tr("%1 could not be sent and will be tried again").arg(round.later);
    if (!parts.isEmpty())
        emit said(parts.join(QObject::tr("; ")) + (parts.last().endsWith('.') ? "" : "."));
}

/// The timer, at the latest in an hour: the clock may be set meanwhile.
void Posting::waitForNext() {
    std::optional<SendTime> due;
    for (const auto& item : m_items)
        if (item.state == SendState::Waiting && item.due > 0)
            due = std::min(due.value_or(item.due), item.due);
    if (due)
        m_next.start(static_cast<int>(std::clamp<SendTime>(*due - sendTimeNow(), 1, 3600)) * 1000);
    else
        m_next.stop();
}

} // namespace keepseal::app
