// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The outbox on disk, and copies that really go to small servers on this machine, with what goes wrong on the
// way.
#include "support/marked_words.h"
#include "support/outbox.h"

#include "base/own_folders.h"
#include "record/register.h"
#include "send/postman.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

std::string serverName(const ::testing::TestParamInfo<const char*>& of) {
    return of.param;
}

TEST_F(InTheOutbox, EachCopyIsInOnceAndWaitsLongerAfterEachFailure) {
    Outbox outbox(file);
    const auto one = item("one.jpg", nowhere());
    EXPECT_TRUE(outbox.add(one));
    EXPECT_FALSE(outbox.add(one));
    EXPECT_FALSE(Outbox(file).add(one)); // another program
    auto elsewhere = one;
    elsewhere.folder = "another";
    EXPECT_TRUE(outbox.add(elsewhere));
    outbox.drop({outbox.items().back().id});
    outbox.allow(nowhere());
    std::vector<SendTime> pauses;
    for (int i = 0; i < 8; ++i) {
        EXPECT_EQ(round(outbox).later, 1U);
        EXPECT_EQ(round(outbox).later, 0U); // it is not due
        pauses.push_back(*outbox.nextDue() - now);
        now = *outbox.nextDue();
    }
    EXPECT_EQ(pauses, (std::vector<SendTime>{10, 30, 120, 600, 1800, 3600, 3600, 3600}));
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("does not answer"));
    {
        const SpeaksMarked other; // who reads it, not who tried
        EXPECT_THAT(outbox.items()[0].problem, HasSubstr("§"));
    }
    EXPECT_EQ(outbox.again(), 1U);
    EXPECT_TRUE(outbox.next(0));
    EXPECT_EQ(outbox.drop({outbox.items()[0].id}), 1U);
    EXPECT_TRUE(outbox.items().empty());
}

TEST_F(InTheOutbox, WhereACopyWentStandsInItsLedgerAndInTheRegisterOnce) {
    const auto to = trusted("dav");
    ASSERT_TRUE(to);
    Outbox outbox(file);
    outbox.allow(*to);
    auto one = item("one.jpg", *to);
    one.ledger = stateFolder() / "ledgers/sent-run.json";
    Ledger ledger;
    ledger.started = "2026-05-01T10:00:00Z", ledger.state = "finished";
    LedgerRow row;
    row.original = folder / "in/one.jpg", row.delivery = "Web gallery", row.outcome = Outcome::Made;
    row.copy = one.copy, row.copyBytes = one.bytes, row.copyFingerprint = one.fingerprint;
    ledger.rows = {row, row};
    ledger.rows[1].copy = folder / "another.jpg";
    fs::create_directories(one.ledger.parent_path());
    saveLedger(ledger, one.ledger);
    outbox.add(one);
    EXPECT_EQ(round(outbox).sent, 1U);
    EXPECT_EQ(round(outbox).sent, 0U);
    const auto told = readLedger(one.ledger);
    const SentTo wanted{to->place(), one.folder + "/one.jpg", "1970-01-12T13:46:40Z"};
    EXPECT_EQ(told.rows[0].sent, std::vector<SentTo>{wanted});
    EXPECT_TRUE(told.rows[1].sent.empty());
    EXPECT_THAT(ledgerCsv(told), HasSubstr(to->place()));
    ASSERT_EQ(Register().copiesWith(one.fingerprint).size(), 2U);
    for (const auto& known : Register().copiesWith(one.fingerprint))
        EXPECT_EQ(Register().whole(known.id)->row.sent == std::vector<SentTo>{wanted},
                  known.row.copy == one.copy);
    // A ledger that somebody had forgotten meanwhile is not made again.
    auto two = item("two.jpg", *to);
    two.ledger = stateFolder() / "ledgers/gone.json";
    outbox.add(two);
    EXPECT_EQ(round(outbox).sent, 1U);
    EXPECT_FALSE(fs::exists(two.ledger));
    EXPECT_TRUE(outbox.untold().empty());
}

TEST_F(InTheOutbox, NothingGoesWhereNobodyAllowedItTo) {
    Outbox outbox(file);
    auto to = nowhere();
    outbox.add(item("one.jpg", to));
    EXPECT_EQ(round(outbox).held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("nobody on this machine has said"));
    outbox.allow(to);
    to.secretFrom = SecretFrom::File; // another password would be told
    to.secretAt = "/etc/hostname";
    EXPECT_FALSE(outbox.isAllowed(to));
}

TEST_F(InTheOutbox, AServerThatIsAwayOrRefusesIsAskedOnceForAll) {
    Outbox outbox(file);
    for (const auto* name : {"a.jpg", "b.jpg", "c.jpg"})
        outbox.add(item(name, nowhere()));
    EXPECT_EQ(round(outbox).held, 3U); // nobody allowed it
    outbox.allow(nowhere());
    outbox.again();
    EXPECT_EQ(round(outbox).later, 1U);
    for (const auto& one : outbox.items())
        EXPECT_GT(one.due, now);
    now += 1000;
    EXPECT_EQ(outbox.next(now)->copy.filename(), "c.jpg"); // those that failed are not always the first
}

TEST_F(InTheOutbox, ACopyThatIsMadeAnewOvertakesWhatWasNotSent) {
    Outbox outbox(file);
    outbox.add(item("a.jpg", nowhere(), "as it was"));
    outbox.add(item("a.jpg", nowhere(), "as it is now"));
    ASSERT_EQ(outbox.items().size(), 1U);
    EXPECT_EQ(outbox.items()[0].bytes, 12U);
}

TEST_F(InTheOutbox, OneProgramSendsAtATime) {
    Outbox outbox(file), other(file);
    outbox.add(item("one.jpg", nowhere()));
    outbox.allow(nowhere());
    sendDue(
        outbox, [&] { return now; }, goOn,
        [&](const OutboxItem&) {
            EXPECT_EQ(keepseal::test::problemOf([&] { round(other); }).kind, ProblemKind::Refused);
        });
}

TEST_F(InTheOutbox, ANewerOrDamagedOneIsSaidAndLeftAlone) {
    fs::create_directories(file.parent_path());
    writeFile(file, "this is no database, and longer than a header of one would be, by some hundred bytes" +
                        std::string(200, '.'));
    EXPECT_THAT(keepseal::test::problemOf([&] { Outbox outbox(file); }).sentence(),
                HasSubstr("the outbox can't be used"));
    EXPECT_THAT(readText(file), HasSubstr("this is no database"));
}

class ToServers : public InTheOutbox, public ::testing::WithParamInterface<const char*> {
protected:
    void SetUp() override {
        const auto login = trusted(GetParam());
        if (!login)
            GTEST_SKIP() << GetParam() << " is not installed on this machine";
        to = *login;
        outbox.allow(to);
    }
    static std::string mine() {
        return std::string(::testing::UnitTest::GetInstance()->current_test_info()->name()) + "/a b%20c";
    }
    std::map<std::string, std::string> arrived() const { return there(GetParam(), mine()); }
    std::string copyOf(const std::string& name) const { return readText(folder / name); }
    Outbox outbox{folder / "state/outbox.sqlite"};
    SendingSettings to;
};

TEST_P(ToServers, ACopyArrivesWholeUnderItsNameAndOnce) {
    outbox.add(item("kite \"1\".jpg", to));
    outbox.add(item("empty.jpg", to, " "));
    EXPECT_EQ(round(outbox).sent, 2U);
    EXPECT_EQ(arrived(), (std::map<std::string, std::string>{{"kite \"1\".jpg", copyOf("kite \"1\".jpg")},
                                                             {"empty.jpg", " "}}));
    const auto sent = outbox.of(folder / "empty.jpg", outbox.items()[1].fingerprint);
    ASSERT_EQ(sent.size(), 1U);
    EXPECT_EQ(sent[0].sentAt, now);
    EXPECT_EQ(sent[0].sentAs, mine() + "/empty.jpg");
    EXPECT_EQ(round(outbox).sent, 0U);
}

TEST_P(ToServers, ATakenNameIsNumberedLeftOutOrReplacedIfItIsOurs) {
    const auto root = Servers::instance().root(GetParam()) / mine();
    fs::create_directories(root);
    for (auto above = root; above != Servers::instance().root(GetParam()); above = above.parent_path())
        fs::permissions(above, fs::perms::all); // the server may be another user
    writeFile(root / "tide.jpg", "somebody else's");
    outbox.add(item("tide.jpg", to));
    round(outbox);
    EXPECT_EQ(arrived()["tide.jpg"], "somebody else's");
    EXPECT_EQ(arrived()["tide-2.jpg"], copyOf("tide.jpg"));
    auto left = item("tide.jpg", to, "left out");
    left.to.taken = TakenThere::Skip;
    outbox.add(left);
    EXPECT_EQ(round(outbox).leftOut, 1U);
    auto second = item("marsh.jpg", to, "the second one");
    outbox.add(item("marsh.jpg", to, "the first"));
    round(outbox);
    writeFile(folder / "marsh.jpg", "the second one");
    second.to.taken = TakenThere::Replace;
    outbox.add(second);
    auto foreign = item("tide.jpg", to, "not over it");
    foreign.to.taken = TakenThere::Replace;
    outbox.add(foreign);
    EXPECT_EQ(round(outbox).sent, 2U);
    EXPECT_EQ(arrived()["marsh.jpg"], "the second one");
    EXPECT_EQ(arrived()["tide.jpg"], "somebody else's");
    EXPECT_EQ(arrived().size(), 4U);
    EXPECT_EQ(arrived()["tide-3.jpg"], "not over it");
}

TEST_P(ToServers, WhatAKilledProgramHadSentIsNotSentAgain) {
    outbox.add(item("reed.jpg", to));
    round(outbox);
    // As it was before the last word was written down.
    Outbox before(folder / "before/outbox.sqlite");
    before.allow(to);
    before.add(item("reed.jpg", to));
    before.notePlacing(before.items()[0].id, mine() + "/reed.jpg");
    EXPECT_EQ(round(before).sent, 1U);
    EXPECT_EQ(arrived().size(), 1U);
}

TEST_P(ToServers, AWrongPasswordKeyOrServerIsSaidAndNothingIsSent) {
    auto wrong = to;
    if (to.by == SendBy::Sftp)
        wrong.key = (Servers::instance().folder / "host_key").string(); // some key
    else
        wrong.secretAt = (Servers::instance().folder / "servers.json").string();
    auto stranger = to; // the server does not prove who it is
    stranger.hostKey = to.by == SendBy::Sftp ? "SHA256:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA" : "";
    stranger.certificates.clear();
    std::vector<SendingSettings> all = {wrong};
    if (to.by != SendBy::Ftp)
        all.push_back(stranger);
    for (auto& one : all) {
        outbox.allow(one);
        auto held = item("reed" + std::to_string(&one - all.data()) + ".jpg", one);
        outbox.add(held);
    }
    EXPECT_EQ(round(outbox).held, all.size());
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("does not take this user"));
    if (all.size() > 1) {
        EXPECT_THAT(outbox.items()[1].problem,
                    ::testing::AnyOf(HasSubstr("not one that is trusted"), HasSubstr("another key")));
    }
    EXPECT_TRUE(arrived().empty());
}

TEST_P(ToServers, ACopyThatWasChangedOrIsGoneIsHeld) {
    outbox.add(item("changed.jpg", to));
    outbox.add(item("gone.jpg", to));
    writeFile(folder / "changed.jpg", readText(folder / "changed.jpg").replace(3, 1, "!"));
    fs::remove(folder / "gone.jpg");
    EXPECT_EQ(round(outbox).held, 2U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("was changed since"));
    EXPECT_THAT(outbox.items()[1].problem, HasSubstr("no such file"));
    EXPECT_TRUE(arrived().empty());
}

TEST_P(ToServers, TryingOutLeavesNothing) {
    to.folder = mine();
    const auto tried = tryOut(to, goOn);
    EXPECT_FALSE(tried.problem) << tried.problem->sentence();
    EXPECT_EQ(tried.found.size(), 4U);
    EXPECT_TRUE(arrived().empty());
}

INSTANTIATE_TEST_SUITE_P(All, ToServers, ::testing::Values("dav", "apache", "s3", "ftps", "ftp", "sftp"),
                         serverName);

class OverABadLine : public ToServers {};

TEST_P(OverABadLine, WhateverHappensItIsThereWholeAndOnceInTheEnd) {
    const std::pair<nlohmann::json, const char*> faults[] = {{{"drop", 70'000}, "line broke"},
                                                             {{"status", 507}, "is full"},
                                                             {{"status", 503}, "503"},
                                                             {{"short"}, ""},
                                                             {{"nonsense"}, ""}};
    std::map<std::string, std::string> wanted;
    for (std::size_t i = 0; i < std::size(faults); ++i) {
        const auto name = "copy" + std::to_string(i) + ".jpg";
        outbox.add(item(name, to));
        Servers::instance().fault(GetParam(), faults[i].first);
        const auto tried = round(outbox);
        EXPECT_EQ(tried.sent, 0U) << faults[i].first;
        EXPECT_EQ(tried.later + tried.held, 1U) << faults[i].first;
        EXPECT_THAT(outbox.items().back().problem, HasSubstr(faults[i].second));
        EXPECT_FALSE(arrived().contains(name)); // it never has its name while it is not whole
        now += 100'000;
        outbox.again();
        EXPECT_EQ(round(outbox).sent, 1U) << faults[i].first;
        wanted[name] = copyOf(name);
        EXPECT_EQ(arrived(), wanted) << faults[i].first;
    }
}

TEST_P(OverABadLine, AServerThatSaysNothingIsNotWaitedForForever) {
    Upload::setPatience(std::chrono::milliseconds(1000));
    outbox.add(item("slow.jpg", to));
    Servers::instance().fault(GetParam(), {"slow", 4});
    EXPECT_EQ(round(outbox).later, 1U);
    Upload::setPatience(std::chrono::milliseconds(30'000));
    now += 100'000;
    EXPECT_EQ(round(outbox).sent, 1U);
    EXPECT_EQ(arrived(), (std::map<std::string, std::string>{{"slow.jpg", copyOf("slow.jpg")}}));
}

INSTANTIATE_TEST_SUITE_P(Web, OverABadLine, ::testing::Values("dav", "s3"), serverName);

TEST_F(InTheOutbox, WhatBrokeOffGoesOnWhereItBroke) {
    const auto to = trusted("ftp");
    if (!to)
        GTEST_SKIP() << "ftp is not installed on this machine";
    Outbox outbox(file);
    outbox.allow(*to);
    const auto half = item("half.jpg", *to);
    outbox.add(half);
    const auto root = Servers::instance().root("ftp") / half.folder;
    fs::create_directories(root);
    // Marked, so that it is seen which bytes are the earlier ones.
    const auto text = readText(half.copy);
    writeFile(root / (".keep-seal-" + half.fingerprint.substr(0, 16) + "-1"),
              "THE COPY" + text.substr(8, 99'992));
    EXPECT_EQ(round(outbox).sent, 1U);
    EXPECT_EQ(readText(root / "half.jpg"), "THE COPY" + text.substr(8));
}

} // namespace
