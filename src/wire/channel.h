// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One end of the socket between a program and a worker: whole messages, with descriptors beside them.
#pragma once

#include "wire/shared_memory.h"

#include <capnp/message.h>
#include <capnp/serialize.h>

#include <functional>
#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace keepseal::wire {

/// A message as it came: nothing in it has been looked at.
class Received {
public:
    Received(kj::Array<capnp::word> words, std::vector<Descriptor> descriptors);
    template <class Root>
    typename Root::Reader root() {
        return m_reader->getRoot<Root>();
    }
    /// The one that comes next; none if there is no more.
    Descriptor takeDescriptor();

private:
    kj::Array<capnp::word> m_words;
    std::vector<Descriptor> m_descriptors;
    std::size_t m_taken = 0;
    std::unique_ptr<capnp::FlatArrayMessageReader> m_reader;
};

/// The largest message that is taken, in bytes.
inline constexpr std::size_t kMostMessageBytes = 96U << 20;

/// Waits until the socket is ready for those events of poll(2); false gives up.
using Wait = std::function<bool(short events)>;
/// For as long as it takes.
Wait patientWait(int socket);

/// False when the other end is gone, or `wait` gave up.
bool sendMessage(int socket, capnp::MessageBuilder& message, std::span<const int> descriptors,
                 const Wait& wait);
/// Nothing when the other end is gone, `wait` gave up, or what came can't be a message.
std::optional<Received> receiveMessage(int socket, const Wait& wait);

} // namespace keepseal::wire
