// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/postman.h"

#include "base/fingerprint.h"
#include "picture/original.h"
#include "send/secret.h"
#include "send/upload.h"

#include <ctime>
#include <fcntl.h>
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

    /// What becomes of it is written into the outbox. False: it was stopped.
    bool send(const OutboxItem& item, const std::function<SendTime()>& now) {
        try {
            deliver(item, now);
        } catch (const NotSent& problem) {
            m_upload.reset(); // a line that broke, or a login that was refused
            m_outbox.noteNotSent(item.id, problem, now());
        } catch (const Problem& problem) {
            m_upload.reset();
            if (problem.kind == ProblemKind::Stopped)
                return false;
            m_outbox.noteNotSent(
                item.id, NotSent(Again::WhenMended, problem.subject, problem.happened, problem.remedy),
                now());
        } catch (const std::exception& error) {
            m_upload.reset();
            m_outbox.noteNotSent(item.id, NotSent(Again::Later, item.copy.string(), error.what()), now());
        }
        return true;
    }

private:
    void deliver(const OutboxItem& item, const std::function<SendTime()>& now) {
        const Original copy(item.copy); // opened for reading only, as all is
        if (copy.size() != item.bytes || fingerprint(copy) != item.fingerprint)
            throw NotSent(Again::WhenMended, item.copy.string(), "the copy was changed since it was made",
                          "Make it again; it is sent then");
        if (!m_outbox.isAllowed(item.to))
            throw NotSent(Again::WhenMended, item.to.place(),
                          "nobody on this machine has said yet that copies may go there",
                          "Try it out first: the station Sending, or 'keep-seal-cli outbox try'");
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
            return m_outbox.noteLeftOut(item.id, "a file of that name is there already");
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
        throw NotSent(Again::WhenMended, item.to.place(), "no free name was found for " + item.name,
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

} // namespace

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
        if (!item || !postman.send(*item, now))
            break;
        for (const auto& after : outbox.of(item->copy, item->fingerprint)) {
            if (after.id != item->id)
                continue;
            out.sent += after.state == SendState::Sent;
            out.leftOut += after.state == SendState::LeftOut;
            out.later += after.state == SendState::Waiting;
            told(after);
        }
    }
    if (const auto held = outbox.count(SendState::Held); held > heldBefore)
        out.held = held - heldBefore;
    return out;
}

} // namespace keepseal
