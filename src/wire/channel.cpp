// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "wire/channel.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstring>
#include <poll.h>
#include <sys/socket.h>
#include <unistd.h>

namespace keepseal::wire {
namespace {

constexpr std::size_t kMostDescriptors = 4;
constexpr std::size_t kWord = sizeof(capnp::word);

/// Room for the control message of that many descriptors.
struct Control {
    alignas(cmsghdr) std::array<char, CMSG_SPACE(sizeof(int) * kMostDescriptors)> bytes{};
};

std::vector<Descriptor> descriptorsOf(msghdr& header) {
    std::vector<Descriptor> out;
    for (auto* part = CMSG_FIRSTHDR(&header); part; part = CMSG_NXTHDR(&header, part)) {
        if (part->cmsg_level != SOL_SOCKET || part->cmsg_type != SCM_RIGHTS)
            continue;
        const auto count = (part->cmsg_len - CMSG_LEN(0)) / sizeof(int);
        for (std::size_t i = 0; i < count; ++i) {
            int descriptor = -1;
            std::memcpy(&descriptor, CMSG_DATA(part) + i * sizeof(int), sizeof(int));
            out.emplace_back(descriptor);
        }
    }
    return out;
}

/// Reads a message piece by piece: how long it is, its beginning says.
class Receiver {
public:
    Receiver(int socket, const Wait& wait) : m_socket(socket), m_wait(wait) {}

    std::optional<Received> whole() {
        std::size_t wanted = 1;
        while (true) {
            if (!fill(wanted))
                return std::nullopt;
            const auto expected =
                capnp::expectedSizeInWordsFromPrefix(kj::arrayPtr(m_words.begin(), m_filled / kWord));
            if (expected * kWord > kMostMessageBytes)
                return std::nullopt;
            if (expected <= wanted)
                break;
            wanted = expected;
        }
        return Received(kj::mv(m_words), std::move(m_descriptors));
    }

private:
    bool fill(std::size_t words) {
        if (m_words.size() < words) {
            auto larger = kj::heapArray<capnp::word>(words);
            std::copy_n(m_words.asBytes().begin(), m_filled, larger.asBytes().begin());
            m_words = kj::mv(larger);
        }
        while (m_filled < words * kWord)
            if (!readSome(words * kWord - m_filled))
                return false;
        return true;
    }

    bool readSome(std::size_t most) {
        iovec piece{reinterpret_cast<char*>(m_words.begin()) + m_filled, most};
        Control control;
        msghdr header{};
        header.msg_iov = &piece;
        header.msg_iovlen = 1;
        header.msg_control = control.bytes.data();
        header.msg_controllen = control.bytes.size();
        const auto count = ::recvmsg(m_socket, &header, MSG_DONTWAIT | MSG_CMSG_CLOEXEC);
        if (count < 0 && (errno == EAGAIN || errno == EINTR))
            return errno == EINTR || m_wait(POLLIN);
        if (count <= 0)
            return false;
        for (auto& descriptor : descriptorsOf(header))
            m_descriptors.push_back(std::move(descriptor));
        m_filled += static_cast<std::size_t>(count);
        return m_descriptors.size() <= kMostDescriptors;
    }

    int m_socket;
    const Wait& m_wait;
    kj::Array<capnp::word> m_words;
    std::size_t m_filled = 0; ///< bytes
    std::vector<Descriptor> m_descriptors;
};

} // namespace

Received::Received(kj::Array<capnp::word> words, std::vector<Descriptor> descriptors)
    : m_words(kj::mv(words)), m_descriptors(std::move(descriptors)) {
    capnp::ReaderOptions options;
    options.traversalLimitInWords = kMostMessageBytes / kWord * 2;
    options.nestingLimit = 16;
    m_reader = std::make_unique<capnp::FlatArrayMessageReader>(m_words, options);
}

Descriptor Received::takeDescriptor() {
    return m_taken < m_descriptors.size() ? std::move(m_descriptors[m_taken++]) : Descriptor();
}

Wait patientWait(int socket) {
    return [socket](short events) {
        pollfd wanted{socket, events, 0};
        return ::poll(&wanted, 1, -1) > 0 || errno == EINTR;
    };
}

bool sendMessage(int socket, capnp::MessageBuilder& message, std::span<const int> descriptors,
                 const Wait& wait) {
    const auto words = capnp::messageToFlatArray(message);
    const auto bytes = words.asBytes();
    std::size_t sent = 0;
    while (sent < bytes.size()) {
        iovec piece{const_cast<kj::byte*>(bytes.begin()) + sent, bytes.size() - sent};
        Control control;
        msghdr header{};
        header.msg_iov = &piece;
        header.msg_iovlen = 1;
        if (sent == 0 && !descriptors.empty()) { // they go with the first bytes
            header.msg_control = control.bytes.data();
            header.msg_controllen = CMSG_SPACE(descriptors.size_bytes());
            auto* part = CMSG_FIRSTHDR(&header);
            part->cmsg_level = SOL_SOCKET;
            part->cmsg_type = SCM_RIGHTS;
            part->cmsg_len = CMSG_LEN(descriptors.size_bytes());
            std::memcpy(CMSG_DATA(part), descriptors.data(), descriptors.size_bytes());
        }
        const auto count = ::sendmsg(socket, &header, MSG_NOSIGNAL | MSG_DONTWAIT);
        if (count < 0 && (errno == EINTR || (errno == EAGAIN && wait(POLLOUT))))
            continue;
        if (count <= 0)
            return false;
        sent += static_cast<std::size_t>(count);
    }
    return true;
}

std::optional<Received> receiveMessage(int socket, const Wait& wait) {
    try {
        return Receiver(socket, wait).whole();
    } catch (const kj::Exception&) { // no message at all
        return std::nullopt;
    }
}

} // namespace keepseal::wire
