// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The program that meets strangers' bytes: started by the window and the command line, with one socket and
// nothing else open. It is no use to a person.
#include "picture/develop.h"
#include "picture/engine.h"
#include "picture/pixel_memory.h"
#include "worker/service.h"

#include <cerrno>
#include <iostream>
#include <poll.h>
#include <sys/socket.h>
#include <thread>
#include <unistd.h>

namespace {

constexpr int kSocket = 3;

/// Ends the process when the program that started it is gone, also in the midst of a picture.
void endWithTheProgram() {
    pollfd gone{kSocket, POLLRDHUP, 0};
    while (::poll(&gone, 1, -1) < 0 && errno == EINTR)
        continue;
    ::_exit(0);
}

} // namespace

#ifdef __SANITIZE_THREAD__
/// One thread of ours, and those of libvips, which orders them in ways that the thread sanitizer can't see.
extern "C" const char* __tsan_default_options() { // NOLINT: its name
    return "report_bugs=0";
}
#endif

int main(int, char** argv) {
    int kind = 0;
    socklen_t length = sizeof kind;
    if (::getsockopt(kSocket, SOL_SOCKET, SO_TYPE, &kind, &length) != 0) {
        std::cerr << "keep-seal-worker is started by Keep Seal, which gives it pictures to read\n";
        return 2;
    }
    using namespace keepseal;
    startPictureEngine(argv[0]);
    useVectorCode();
    sharePixelMemory(worker::kMostOpenFiles / 2);
    const KeepsFreedMemory fromOneToTheNext; // until nobody has asked for a while: see serve()
    std::thread(endWithTheProgram).detach();
    worker::limitMemory();
    worker::serve(kSocket, worker::lockIn(worker::whatItIsBuiltOn()));
    ::_exit(0); // no destructors of libraries in a process that has met anything
}
