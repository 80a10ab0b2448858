// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Stamping for a receiver whose copies are sent, as a person does it on the command line.
#include "support/servers.h"
#include "support/support.h"

#include "base/own_folders.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;
using ::testing::HasSubstr;

TEST(CliOutbox, CopiesAreStampedQueuedAndSentOnceAndOriginalsNever) {
    const auto to = Servers::instance().login("dav");
    ASSERT_TRUE(to);
    const TempFolder folder;
    Planted planted;
    planted.gps = true;
    for (const auto* name : {"in/tide.jpg", "in/marsh.jpg"})
        makePicture(folder / name, 300, 200, planted);
    const auto original = readText(folder / "in/tide.jpg");
    const std::vector<std::string> there = {"-s", "sending.on=true",
                                            "-s", "sending.by=webdav",
                                            "-s", "sending.server=" + to->server,
                                            "-s", "sending.user=" + to->user,
                                            "-s", "sending.secret_from=file",
                                            "-s", "sending.secret_at=" + to->secretAt,
                                            "-s", "sending.certificates=" + to->certificates,
                                            "-s", "sending.folder=cli/{delivery}"};
    const auto with = [&](std::vector<std::string> words, const std::vector<std::string>& more = {}) {
        words.insert(words.end(), there.begin(), there.end());
        words.insert(words.end(), more.begin(), more.end());
        return cli(words);
    };
    const auto delivery = (folder / "web.json").string();
    writeFile(delivery,
              R"({"format": "keep-seal/delivery", "version": 1, "name": "Tide web", "stations": {}})");
    const auto stamp = [&] {
        return with({"stamp", "-d", delivery, "-o", (folder / "out").string()}, {(folder / "in").string()});
    };
    auto ran = stamp();
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    EXPECT_THAT(ran.out, HasSubstr("In the outbox: 2 copies more"));
    ran = cli({"outbox", "send"}); // nobody said that they may go there
    EXPECT_EQ(ran.exitCode, 1);
    EXPECT_THAT(ran.out, HasSubstr("nobody on this machine has said"));
    ran = with({"outbox", "try", "-d", delivery});
    EXPECT_EQ(ran.exitCode, 0) << ran.out << ran.err;
    EXPECT_EQ(cli({"outbox", "again"}).exitCode, 0);
    ran = cli({"outbox", "send", "--json"});
    EXPECT_EQ(ran.exitCode, 0) << ran.out << ran.err;
    const auto sent = json::parse(ran.out);
    ASSERT_EQ(sent.size(), 2U);
    const auto root = Servers::instance().root("dav") / "cli/Tide web";
    for (const auto& item : sent) {
        EXPECT_EQ(item["state"], "sent");
        const fs::path copy = item["copy"].get<std::string>();
        EXPECT_TRUE(readText(copy) == readText(root / copy.filename()));
        EXPECT_FALSE(readText(root / copy.filename()) == original);
        EXPECT_EQ(exiftool(root / copy.filename(), "GPSLatitude"), "");
    }
    EXPECT_THAT(stamp().out, ::testing::Not(HasSubstr("In the outbox"))); // it is there, and was sent
    EXPECT_THAT(cli({"outbox", "list"}).out, HasSubstr("0 waiting, 0 held, 2 sent"));
    EXPECT_EQ(std::distance(fs::directory_iterator(root), fs::directory_iterator()), 2);
    EXPECT_TRUE(readText(folder / "in/tide.jpg") == original);
    // No password is anywhere but where the person keeps it.
    const auto password = readText(to->secretAt).substr(0, 10);
    for (const auto& entry : fs::recursive_directory_iterator(stateFolder()))
        if (entry.is_regular_file()) {
            EXPECT_EQ(readText(entry.path()).find(password), std::string::npos) << entry.path();
        }
}
