// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cage/worker_process.h"

#include "base/patience.h"
#include "base/problem.h"
#include "wire/values.h"

#include <array>
#include <atomic>
#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <poll.h>
#include <spawn.h>
#include <string_view>
#include <sys/socket.h>
#include <sys/wait.h>
#include <time.h>
#include <unistd.h>

namespace keepseal::cage {
namespace {

namespace fs = std::filesystem;
using namespace std::chrono_literals;
using Clock = std::chrono::steady_clock;

constexpr int kSocket = 3; // as the worker expects it
constexpr auto kLook = 100ms;
constexpr auto kIdleBelow = 5ms; ///< of computing between two looks
/// Neither computing nor answering: a dead disk, or a stopped process.
std::atomic<std::chrono::milliseconds> idleAtMost{60s};
constexpr auto kStartAtMost = 60s;

/// Beside this program, as built and as unpacked; else where it is installed.
fs::path programOfWorkers() {
    std::error_code error;
    const auto beside = fs::read_symlink("/proc/self/exe", error).parent_path() / "keep-seal-worker";
    if (!error && fs::exists(beside, error))
        return beside;
    return fs::path(KEEPSEAL_LIBEXEC) / "keep-seal-worker";
}

/// No more than finding fonts and showing texts takes.
std::vector<std::string> environmentOfWorkers() {
    std::vector<std::string> out;
    for (char** entry = environ; *entry; ++entry) {
        const std::string_view text(*entry);
        for (const char* kept :
             {"HOME=", "XDG_DATA_HOME=", "XDG_CACHE_HOME=", "LANG=", "LC_ALL=", "LC_CTYPE=",
              "FONTCONFIG_FILE=", "FONTCONFIG_PATH=", "ASAN_OPTIONS=", "UBSAN_OPTIONS="})
            if (text.starts_with(kept))
                out.emplace_back(text);
    }
    out.emplace_back("LSAN_OPTIONS=detect_leaks=0"); // leaks are looked for where nothing is locked
    return out;
}

std::chrono::nanoseconds computedBy(pid_t pid) {
    clockid_t clock = 0;
    timespec time{};
    if (::clock_getcpuclockid(pid, &clock) != 0 || ::clock_gettime(clock, &time) != 0)
        return 0ns;
    return std::chrono::seconds(time.tv_sec) + std::chrono::nanoseconds(time.tv_nsec);
}

struct SpawnActions {
    SpawnActions() { ::posix_spawn_file_actions_init(&actions); }
    ~SpawnActions() { ::posix_spawn_file_actions_destroy(&actions); }
    SpawnActions(const SpawnActions&) = delete;
    SpawnActions& operator=(const SpawnActions&) = delete;
    posix_spawn_file_actions_t actions{};
};
struct SpawnAttributes {
    SpawnAttributes() {
        ::posix_spawnattr_init(&attributes);
        sigset_t none, all;
        ::sigemptyset(&none);
        ::sigfillset(&all);
        ::posix_spawnattr_setsigmask(&attributes, &none);
        ::posix_spawnattr_setsigdefault(&attributes, &all);
        // A group of its own: Ctrl+C is the program's to answer, which then ends its workers.
        ::posix_spawnattr_setpgroup(&attributes, 0);
        ::posix_spawnattr_setflags(&attributes,
                                   POSIX_SPAWN_SETSIGMASK | POSIX_SPAWN_SETSIGDEF | POSIX_SPAWN_SETPGROUP);
    }
    ~SpawnAttributes() { ::posix_spawnattr_destroy(&attributes); }
    SpawnAttributes(const SpawnAttributes&) = delete;
    SpawnAttributes& operator=(const SpawnAttributes&) = delete;
    posix_spawnattr_t attributes{};
};

[[noreturn]] void noWorker(const std::string& why) {
    throw Problem(ProblemKind::Internal, "keep-seal-worker",
                  Saying("the process that reads pictures can't be started: {why}", {{"why", why}}),
                  "Install Keep Seal again: it reads no picture without it");
}

} // namespace

void setIdleLimit(std::chrono::milliseconds most) {
    idleAtMost = most;
}

/// Waits for an answer with an eye on the clock.
class WorkerProcess::Watch {
public:
    enum class End { None, Stopped, TooLong, Idle };

    Watch(const WorkerProcess& process, std::chrono::nanoseconds computing)
        : m_process(process), m_pid(process.m_pid), m_socket(process.m_socket.get()), m_computing(computing),
          m_begin(computedBy(m_pid)), m_last(m_begin), m_busyAt(Clock::now()) {}

    bool wait(short events) const {
        pollfd wanted{m_socket, events, 0};
        const int ready = ::poll(&wanted, 1, static_cast<int>(kLook.count()));
        if (ready != 0)
            return ready > 0 || errno == EINTR;
        return look();
    }
    End end() const { return m_end; }

private:
    bool look() const {
        const auto now = computedBy(m_pid);
        if (now - m_last > kIdleBelow || m_process.m_stands)
            m_busyAt = Clock::now();
        m_last = now;
        if (Patience::isOver())
            m_end = End::Stopped;
        else if (now - m_begin > m_computing)
            m_end = End::TooLong;
        else if (Clock::now() - m_busyAt > idleAtMost.load())
            m_end = End::Idle;
        return m_end == End::None;
    }

    const WorkerProcess& m_process;
    pid_t m_pid;
    int m_socket;
    std::chrono::nanoseconds m_computing, m_begin;
    mutable std::chrono::nanoseconds m_last;
    mutable Clock::time_point m_busyAt;
    mutable End m_end = End::None;
};

WorkerProcess::WorkerProcess() {
    start();
}

WorkerProcess::~WorkerProcess() {
    end();
}

void WorkerProcess::start() {
    int pair[2] = {-1, -1};
    if (::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, pair) != 0)
        noWorker(std::strerror(errno));
    m_socket = wire::Descriptor(pair[0]);
    const wire::Descriptor theirs(pair[1]);
    const auto program = programOfWorkers().string();
    auto environment = environmentOfWorkers();
    std::vector<char*> pointers;
    for (auto& entry : environment)
        pointers.push_back(entry.data());
    pointers.push_back(nullptr);
    std::string name = program;
    std::array<char*, 2> arguments = {name.data(), nullptr};
    SpawnActions files;
    ::posix_spawn_file_actions_adddup2(&files.actions, theirs.get(), kSocket);
    for (const int standard : {0, 1})
        ::posix_spawn_file_actions_addopen(&files.actions, standard, "/dev/null", O_RDWR, 0);
#ifndef KEEPSEAL_SANITIZED // whose findings are to be read
    // What decoders mutter comes from files of strangers, and is not for a terminal.
    ::posix_spawn_file_actions_addopen(&files.actions, 2, "/dev/null", O_RDWR, 0);
#endif
    ::posix_spawn_file_actions_addclosefrom_np(&files.actions, kSocket + 1);
    const SpawnAttributes attributes;
    pid_t pid = -1;
    if (const int failed = ::posix_spawn(&pid, program.c_str(), &files.actions, &attributes.attributes,
                                         arguments.data(), pointers.data()))
        noWorker(program + ": " + std::strerror(failed));
    m_pid = pid;
}

void WorkerProcess::end() {
    m_lost = true;
    m_socket = {};
    const std::lock_guard lock(m_ending);
    if (m_pid <= 0)
        return;
    ::kill(m_pid, SIGKILL);
    // One that hangs in a dead disk's call can't be waited for; it ends when that does.
    for (int i = 0; i < 50 && ::waitpid(m_pid, nullptr, WNOHANG) == 0; ++i)
        ::usleep(1000 * 10);
    m_pid = -1;
}

/// One that is being ended needs it no more, and is not waited for. Should this program be killed meanwhile,
/// the kernel hangs up a group that stands still and has lost its parent: it does not stand for ever
/// (setpgid(2), "orphaned").
void WorkerProcess::stand(bool still) {
    m_stands = still;
    const std::unique_lock lock(m_ending, std::try_to_lock);
    if (lock && m_pid > 0)
        ::kill(m_pid, still ? SIGSTOP : SIGCONT);
}

bool WorkerProcess::alive() const {
    if (m_lost)
        return false;
    pollfd state{m_socket.get(), POLLRDHUP, 0};
    return ::poll(&state, 1, 0) == 0;
}

void WorkerProcess::awaitReady(const Watch& watch) {
    if (m_ready)
        return;
    auto first = wire::receiveMessage(m_socket.get(), [&](short events) { return watch.wait(events); });
    const auto answer = first ? first->root<messages::Answer>() : messages::Answer::Reader();
    if (!first || !answer.isReady()) {
        end();
        if (watch.end() == Watch::End::Stopped)
            throw Problem(ProblemKind::Stopped, {}, "it was stopped");
        noWorker("it ended at once");
    }
    m_holds = {answer.getReady().getFileSystem(), answer.getReady().getCalls()};
    m_ready = true;
}

Holds WorkerProcess::holds() {
    awaitReady(Watch(*this, kStartAtMost));
    return m_holds;
}

wire::Received WorkerProcess::ask(capnp::MessageBuilder& request, int file, const std::string& name,
                                  const Limits& limits) {
    awaitReady(Watch(*this, kStartAtMost));
    const Watch watch(*this, limits.computing);
    const auto wait = [&](short events) { return watch.wait(events); };
    const int beside[] = {file};
    std::optional<wire::Received> answer;
    if (wire::sendMessage(m_socket.get(), request,
                          file < 0 ? std::span<const int>() : std::span<const int>(beside), wait))
        answer = wire::receiveMessage(m_socket.get(), wait);
    if (!answer) {
        end();
        constexpr const char* kRemedy =
            "Open it in the program it came from and save it again, or leave it out";
        switch (watch.end()) {
        case Watch::End::Stopped:
            throw Problem(ProblemKind::Stopped, name, "it was stopped");
        case Watch::End::TooLong:
            throw Problem(ProblemKind::TooLarge, name,
                          Saying("reading it took more than {seconds} seconds of computing",
                                 {{"seconds", std::to_string(limits.computing.count())}}),
                          kRemedy);
        case Watch::End::Idle:
            throw Problem(ProblemKind::CannotRead, name,
                          Saying("nothing came of it for {seconds} seconds",
                                 {{"seconds", std::to_string(idleAtMost.load().count() / 1000)}}),
                          "Check the disk that it lies on");
        case Watch::End::None:
            throw Broke(ProblemKind::NotAPicture, name,
                        "the process that read it came to a sudden end: it is damaged, or takes more memory "
                        "than it may",
                        kRemedy);
        }
    }
    m_asked = true;
    if (const auto root = answer->root<messages::Answer>(); root.isProblem())
        throw wire::read(root.getProblem());
    return std::move(*answer);
}

} // namespace keepseal::cage
