// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a broken worker may send: nothing of it is believed.
#include "wire/channel.h"
#include "wire/values.h"

#include "base/problem.h"
#include "support/job.h"

#include <capnp/message.h>
#include <gtest/gtest.h>

#include <fcntl.h>
#include <random>
#include <sys/socket.h>
#include <unistd.h>

using namespace keepseal;
using namespace keepseal::test;

namespace {

struct Pair {
    wire::Descriptor ours, theirs;
    Pair() {
        int ends[2];
        ::socketpair(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0, ends);
        ours = wire::Descriptor(ends[0]);
        theirs = wire::Descriptor(ends[1]);
    }
    /// Those bytes, and then nothing more.
    std::optional<wire::Received> receive(const std::string& bytes) {
        EXPECT_EQ(::write(theirs.get(), bytes.data(), bytes.size()), static_cast<ssize_t>(bytes.size()));
        theirs = {};
        return wire::receiveMessage(ours.get(), wire::patientWait(ours.get()));
    }
};

std::string bytesOf(capnp::MessageBuilder& message) {
    const auto words = capnp::messageToFlatArray(message);
    const auto bytes = words.asBytes();
    return {reinterpret_cast<const char*>(bytes.begin()), bytes.size()};
}

std::string reportMessage() {
    capnp::MallocMessageBuilder message;
    FileReport report;
    report.container = Container::Jpeg;
    for (int i = 0; i < 20; ++i)
        report.findings.push_back({"XMP", "dc:title", "Mist over the sluice", Category::Description});
    wire::write(message.initRoot<messages::Answer>().initReport(), report);
    return bytesOf(message);
}

TEST(Channel, AMessageArrivesWholeWithItsDescriptor) {
    Pair pair;
    capnp::MallocMessageBuilder message;
    wire::write(message.initRoot<messages::Answer>().initProblem(),
                Problem(ProblemKind::TooLarge, "a", "b", "c"));
    const Bytes content{1, 2, 3};
    const auto memory = wire::sealedMemory({content});
    const int beside[] = {memory.get()};
    ASSERT_TRUE(wire::sendMessage(pair.theirs.get(), message, beside, wire::patientWait(pair.theirs.get())));
    auto received = wire::receiveMessage(pair.ours.get(), wire::patientWait(pair.ours.get()));
    ASSERT_TRUE(received);
    const auto problem = wire::read(received->root<messages::Answer>().getProblem());
    EXPECT_EQ(problem.kind, ProblemKind::TooLarge);
    EXPECT_EQ(problem.remedy, "c");
    const wire::DescriptorSource shared(received->takeDescriptor(), "shared");
    EXPECT_EQ(shared.bytes(0, 10), content);
    EXPECT_LT(::write(shared.descriptor(), "x", 1), 0) << "nobody may change it once it is sent";
}

TEST(Channel, WhatIsNoMessageIsNothing) {
    EXPECT_FALSE(Pair().receive(""));
    EXPECT_FALSE(Pair().receive("abc"));
    EXPECT_FALSE(Pair().receive(std::string(64, '\xFF'))) << "four thousand million segments";
    const std::string huge{'\0', '\0', '\0', '\0', '\xFF', '\xFF', '\xFF', '\x7F'}; // one of 16 GB
    EXPECT_FALSE(Pair().receive(huge + std::string(100, 'x')));
    const auto whole = reportMessage();
    EXPECT_FALSE(Pair().receive(whole.substr(0, whole.size() - 8)));
}

TEST(Channel, ChangedMessagesAreReadOrRefusedAndNeverMore) {
    const auto whole = reportMessage();
    std::mt19937 random(7);
    for (int round = 0; round < 3000; ++round) {
        auto bytes = whole;
        for (int i = 0; i < 1 + round % 5; ++i)
            bytes[8 + random() % (bytes.size() - 8)] = static_cast<char>(random());
        auto received = Pair().receive(bytes);
        if (!received)
            continue;
        try {
            const auto report = wire::read(received->root<messages::Answer>().getReport());
            EXPECT_LE(report.findings.size(), whole.size());
        } catch (const Problem&) {       // out of its range
        } catch (const kj::Exception&) { // no such structure
        }
    }
}

TEST(Channel, NumbersOutOfTheirRangesAreRefused) {
    capnp::MallocMessageBuilder message;
    auto facts = message.initRoot<messages::Facts>();
    const auto refused = [&] {
        return problemOf([&] { wire::read(facts.asReader()); }).happened.english().find("no sense") !=
               std::string::npos;
    };
    PictureFacts good;
    good.container = Container::Png;
    good.stored = good.size = {40, 30};
    wire::write(facts, good);
    EXPECT_FALSE(refused());
    facts.getSize().setWidth(39);
    EXPECT_TRUE(refused()) << "the turned picture has as many pixels";
    wire::write(facts, good);
    facts.setContainer(99);
    EXPECT_TRUE(refused());
    wire::write(facts, good);
    facts.getStored().setWidth(-1);
    EXPECT_TRUE(refused());
    wire::write(facts, good);
    facts.setPixelsPerMm(std::nan(""));
    EXPECT_TRUE(refused());
}

} // namespace
