// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "wire/shared_memory.h"

#include "base/problem.h"
#include "base/read_at.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>

namespace keepseal::wire {
namespace {

constexpr int kSealed = F_SEAL_WRITE | F_SEAL_SHRINK | F_SEAL_GROW | F_SEAL_SEAL;

[[noreturn]] void noSharedMemory() {
    throw Problem(
        ProblemKind::Internal, {},
        Saying("there is no memory to share with a worker: {reason}", {{"reason", std::strerror(errno)}}),
        "Close other programs, then try again");
}

void writeAll(int descriptor, ByteSpan bytes) {
    while (!bytes.empty()) {
        const auto count = ::write(descriptor, bytes.data(), bytes.size());
        if (count < 0 && errno == EINTR)
            continue;
        if (count <= 0)
            noSharedMemory();
        bytes = bytes.subspan(static_cast<std::size_t>(count));
    }
}

void seal(const Descriptor& memory) {
    if (::fcntl(memory.get(), F_ADD_SEALS, kSealed) != 0)
        noSharedMemory();
}

[[noreturn]] void notSoMany() {
    throw Problem(ProblemKind::Internal, {}, "a worker's pixels are not as many as it said",
                  "Try again; if it happens again, leave this picture out");
}

} // namespace

void requireBytes(const Descriptor& memory, std::uint64_t bytes) {
    struct stat info {};
    if (::fstat(memory.get(), &info) != 0 || static_cast<std::uint64_t>(info.st_size) < bytes)
        notSoMany();
}

void copyBytes(const Descriptor& memory, std::span<std::uint8_t> to) {
    if (readAt(memory.get(), 0, to) != to.size())
        notSoMany();
}

Descriptor sealedMemory(std::initializer_list<ByteSpan> parts) {
    Descriptor out(::memfd_create("keep-seal", MFD_CLOEXEC | MFD_ALLOW_SEALING));
    if (!out)
        noSharedMemory();
    for (const auto& part : parts)
        writeAll(out.get(), part);
    seal(out);
    return out;
}

Descriptor::~Descriptor() {
    if (m_descriptor >= 0)
        ::close(m_descriptor);
}

DescriptorSource::DescriptorSource(Descriptor descriptor, std::string name)
    : m_descriptor(std::move(descriptor)), m_name(std::move(name)) {
    struct stat info {};
    if (::fstat(m_descriptor.get(), &info) != 0 || !S_ISREG(info.st_mode))
        throw Problem(ProblemKind::CannotRead, m_name, "this is no ordinary file");
    m_size = static_cast<std::uint64_t>(info.st_size);
}

std::size_t DescriptorSource::read(std::uint64_t offset, std::span<std::uint8_t> buffer) const {
    const auto count = readAt(m_descriptor.get(), offset, buffer);
    if (!count)
        throw Problem(ProblemKind::CannotRead, m_name,
                      Saying("the file can't be read: {reason}", {{"reason", std::strerror(errno)}}));
    return *count;
}

} // namespace keepseal::wire
