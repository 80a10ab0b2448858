// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/postman.h"

#include "base/fingerprint.h"
#include "picture/original.h"
#include "record/sent.h"
#include "send/album_post.h"
#include "send/letter.h"
#include "send/letter_post.h"
#include "send/secret.h"
#include "send/upload.h"

#include <algorithm>
#include <array>
#include <ctime>
#include <fcntl.h>
#include <iterator>
#include <sys/file.h>
#include <unistd.h>

namespace keepseal {
namespace {

using Again = NotSent::Again;
constexpr int kMostNumbers = 10'000;

/// One program sends at a time: two would send the same copy twice.
class OnlySender {
public:
    explicit OnlySender(const std::filesystem::path& file) {
        // The folder's lock: closing the file itself would let go of SQLite's own.
        m_descriptor = ::open(file.parent_path().c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
        if (m_descriptor < 0 || ::flock(m_descriptor, LOCK_EX | LOCK_NB) != 0) {
            if (m_descriptor >= 0)
                ::close(m_descriptor);
            throw Problem(ProblemKind::Refused, file.string(), "another Keep Seal is sending",
                          "It sends what waits here as well");
        }
    }
    ~OnlySender() { ::close(m_descriptor); }
    OnlySender(const OnlySender&) = delete;
    OnlySender& operator=(const OnlySender&) = delete;

private:
    int m_descriptor;
};

class Postman {
public:
    Postman(Outbox& outbox, const std::atomic<bool>& stop) : m_outbox(outbox), m_stop(stop) {}

    /// What becomes of them is written into the outbox: of this one, or of all that are on its letter.
    /// Nothing: it was stopped.
    std::optional<std::vector<OutboxItem>> send(const OutboxItem& item,
                                                const std::function<SendTime()>& now) {
        if (item.to.isAlbum()) {
            const auto all = m_outbox.albumOf(item);
            std::vector<OutboxItem> waiting;
            std::copy_if(all.begin(), all.end(), std::back_inserter(waiting),
                         [](const OutboxItem& one) { return one.state == SendState::Waiting; });
            return attempt(waiting, now, [&] { deliverAlbum(all, waiting, now); });
        }
        if (!item.to.isLetter())
            return attempt({item}, now, [&] { deliver(item, now); });
        const auto letter = lettersOf(m_outbox.alike(item, now())).front();
        return attempt(letter.items, now, [&] { deliver(letter, now); });
    }

private:
    std::optional<std::vector<OutboxItem>> attempt(const std::vector<OutboxItem>& items,
                                                   const std::function<SendTime()>& now,
                                                   const std::function<void()>& work) {
        const auto note = [&](const NotSent& problem) {
            m_upload.reset(); // a line that broke, or a login that was refused
            for (const auto& item : items)
                m_outbox.noteNotSent(item.id, problem, now());
        };
        try {
            work();
        } catch (const NotSent& problem) {
            note(problem);
        } catch (const Problem& problem) {
            if (problem.kind == ProblemKind::Stopped)
                return std::nullopt;
            note(NotSent(Again::WhenMended, problem.subject, problem.happened, problem.remedy));
        } catch (const std::exception& error) {
            note(NotSent(Again::Later, items.front().copy.string(), error.what()));
        }
        return items;
    }

    void requireAllowed(const SendingSettings& to) {
        if (!m_outbox.isAllowed(to))
            throw NotSent(Again::WhenMended, to.place(),
                          "nobody on this machine has said yet that copies may go there",
                          "Try it out first: the station Sending, or 'keep-seal-cli outbox try'");
    }

    /// Whether an earlier try, in which this program ended, got through can't be asked of anybody: nothing is
    /// sent twice.
    static void requireNotUnderWay(const Letter& letter) {
        for (const auto& item : letter.items)
            if (!item.sentAs.empty())
                throw NotSent(
                    Again::WhenMended, item.copy.string(),
                    Saying("it was being handed over when the line or this program ended; it may have "
                           "arrived, as {sentAs}",
                           {{"sentAs", item.sentAs}}),
                    "Ask the receiver; then choose it and send it again, or take it out of the outbox");
    }

    void deliver(const Letter& letter, const std::function<SendTime()>& now) {
        requireAllowed(letter.to);
        requireNotUnderWay(letter);
        if (!fits(letter))
            throw NotSent(
                Again::WhenMended, letter.items.front().copy.string(), "it is larger than a letter may be",
                "Send smaller copies, a contact sheet, or allow larger letters at the station Sending");
        const auto secret = secretFor(letter.to);
        const auto id = newMessageId(letter);
        const auto message = messageOf(letter, id, m_stop);
        const auto say = [&](const std::string& as) {
            for (const auto& item : letter.items)
                m_outbox.notePlacing(item.id, as);
        };
        say("<" + id + ">");
        bool mayHaveArrived = false;
        try {
            postLetter(letter.to, secret, letter.receivers, message, m_stop, mayHaveArrived);
        } catch (const Problem&) {
            if (mayHaveArrived)
                throw NotSent(
                    Again::WhenMended, letter.items.front().copy.string(),
                    Saying(
                        "all of it was handed over, and the server did not answer; it may have arrived, as "
                        "<{id}>",
                        {{"id", id}}),
                    "Ask the receiver; then choose it and send it again, or take it out of the outbox");
            say({});
            throw;
        }
        for (const auto& item : letter.items)
            m_outbox.noteSent(item.id, now());
    }

    /// By the newest one's settings.
    void deliverAlbum(const std::vector<OutboxItem>& all, const std::vector<OutboxItem>& waiting,
                      const std::function<SendTime()>& now) {
        requireAllowed(all.back().to);
        const auto page = postAlbum(all, m_outbox, lineTo(all.back().to),
                                    m_outbox.file().parent_path() / "album-on-its-way", m_stop);
        for (const auto& item : waiting) {
            m_outbox.notePlacing(item.id, page);
            m_outbox.noteSent(item.id, now());
        }
    }

    void deliver(const OutboxItem& item, const std::function<SendTime()>& now) {
        const Original copy(item.copy); // opened for reading only, as all is
        if (copy.size() != item.bytes || fingerprint(copy) != item.fingerprint)
            throw NotSent(Again::WhenMended, item.copy.string(), "the copy was changed since it was made",
                          "Make it again; it is sent then");
        requireAllowed(item.to);
        auto& line = lineTo(item.to);
        const std::string part =
            ".keep-seal-" + item.fingerprint.substr(0, 16) + "-" + std::to_string(item.id);
        const SentFile file{copy, item.fingerprint};
        // A program that was killed in between may have given the name already: then nothing is sent again.
        if (!item.sentAs.empty() && line.sizeOf(item.sentAs) == item.bytes &&
            (line.checksSums() || !line.sizeOf(thereIn(item.folder, part))))
            return m_outbox.noteSent(item.id, now());
        line.putPart(item.folder, part, file);
        copy.requireUnchanged();
        const auto name = nameFor(item, line);
        if (!name) {
            if (!line.checksSums())
                line.remove(thereIn(item.folder, part));
            return m_outbox.noteLeftOut(item.id, toSay("a file of that name is there already"));
        }
        m_outbox.notePlacing(item.id, thereIn(item.folder, name->first));
        line.place(item.folder, part, name->first, file, name->second);
        copy.requireUnchanged();
        m_outbox.noteSent(item.id, now());
    }

    /// With whether another file gives way; nothing: it is left out.
    std::optional<std::pair<std::string, bool>> nameFor(const OutboxItem& item, Upload& line) {
        if (!line.sizeOf(thereIn(item.folder, item.name)))
            return std::pair{item.name, false};
        if (item.to.taken == TakenThere::Skip)
            return std::nullopt;
        if (item.to.taken == TakenThere::Replace &&
            m_outbox.sentThere(item.to, thereIn(item.folder, item.name)))
            return std::pair{item.name, true};
        const std::filesystem::path wished = item.name;
        for (int number = 2; number < kMostNumbers; ++number) {
            const auto name =
                wished.stem().string() + "-" + std::to_string(number) + wished.extension().string();
            if (!line.sizeOf(thereIn(item.folder, name)))
                return std::pair{name, false};
        }
        throw NotSent(Again::WhenMended, item.to.place(),
                      Saying("no free name was found for {name}", {{"name", item.name}}),
                      "Make room in the folder there");
    }

    Upload& lineTo(const SendingSettings& to) {
        if (!m_upload || !(m_to == to)) {
            m_upload.reset();
            m_upload = std::make_unique<Upload>(to, secretFor(to), m_stop);
            m_to = to;
        }
        return *m_upload;
    }

    Outbox& m_outbox;
    const std::atomic<bool>& m_stop;
    SendingSettings m_to;
    std::unique_ptr<Upload> m_upload;
};

/// A ledger that can't be written now is told the next time.
void tellLedgers(Outbox& outbox) {
    const auto untold = outbox.untold();
    for (auto first = untold.begin(); first != untold.end();) {
        const auto next = std::find_if(first, untold.end(),
                                       [&](const OutboxItem& item) { return item.ledger != first->ledger; });
        std::vector<SentCopy> copies;
        std::vector<std::int64_t> ids;
        for (auto item = first; item != next; ++item) {
            copies.push_back({item->copy,
                              item->fingerprint,
                              {item->to.isLetter() ? item->to.to : item->to.place(), item->sentAs,
                               sendTimeText(item->sentAt)}});
            ids.push_back(item->id);
        }
        try {
            noteSent(first->ledger, copies);
            outbox.noteTold(ids);
        } catch (const Problem&) {
            // the others need not wait for it
        }
        first = next;
    }
}

} // namespace

std::string sendTimeText(SendTime time) {
    const std::time_t seconds = time;
    std::tm parts{};
    ::gmtime_r(&seconds, &parts);
    std::array<char, 32> out{};
    std::strftime(out.data(), out.size(), "%Y-%m-%dT%H:%M:%SZ", &parts);
    return out.data();
}

SendTime sendTimeNow() {
    return static_cast<SendTime>(std::time(nullptr));
}

PostRound sendDue(Outbox& outbox, const std::function<SendTime()>& now, const std::atomic<bool>& stop,
                  const std::function<void(const OutboxItem&)>& told) {
    const OnlySender alone(outbox.file());
    Postman postman(outbox, stop);
    PostRound out;
    const auto heldBefore = outbox.count(SendState::Held);
    while (!stop) {
        const auto item = outbox.next(now());
        const auto tried = item ? postman.send(*item, now) : std::nullopt;
        if (!tried)
            break;
        for (const auto& one : *tried) {
            const auto after = outbox.item(one.id);
            if (!after)
                continue; // somebody took it out meanwhile
            out.sent += after->state == SendState::Sent;
            out.leftOut += after->state == SendState::LeftOut;
            out.later += after->state == SendState::Waiting;
            told(*after);
        }
    }
    tellLedgers(outbox);
    if (const auto held = outbox.count(SendState::Held); held > heldBefore)
        out.held = held - heldBefore;
    return out;
}

} // namespace keepseal
