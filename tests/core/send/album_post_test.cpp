// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Web albums that a delivery sends: whole on the server, growing with each run, and nobody else's files
// harmed.
#include "support/outbox.h"

#include <gmock/gmock.h>
#include <regex>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

class AlbumsTo : public InTheOutbox, public ::testing::WithParamInterface<const char*> {
protected:
    void SetUp() override {
        const auto login = trusted(GetParam());
        if (!login)
            GTEST_SKIP() << GetParam() << " is not installed on this machine";
        to = *login;
        to.as = SentAs::Album;
        to.albumTitle = "{delivery}: {count} & a gull";
        outbox.allow(to);
    }
    void add(const std::string& name) {
        makePicture(folder / name, 300, 200);
        auto one = itemOf(folder / name, to);
        one.folder = mine();
        outbox.add(one);
    }
    static std::string mine() {
        return std::string("album-") + ::testing::UnitTest::GetInstance()->current_test_info()->name();
    }
    static fs::path root() { return Servers::instance().root(GetParam()) / mine(); }
    static std::map<std::string, std::string> arrived() { return there(GetParam(), mine()); }
    /// All that its pages lead to, as files of the album.
    static std::set<std::string> linked(const std::map<std::string, std::string>& album) {
        std::set<std::string> out;
        const std::regex link("(?:href|src)=\"([^\"#:]+)\"");
        for (const auto& [name, text] : album) {
            if (!name.ends_with(".html"))
                continue;
            for (std::sregex_iterator at(text.begin(), text.end(), link), end; at != end; ++at)
                out.insert((fs::path(name).parent_path() / (*at)[1].str()).lexically_normal().string());
        }
        return out;
    }
    /// Whole: whatever a page leads to is there, and nothing under a name for the time.
    static void expectWhole(std::size_t pictures) {
        const auto album = arrived();
        const auto links = linked(album);
        for (const auto& link : links)
            EXPECT_TRUE(album.contains(link)) << link;
        EXPECT_EQ(std::count_if(links.begin(), links.end(),
                                [](const auto& link) { return link.starts_with("pages/"); }),
                  static_cast<std::ptrdiff_t>(pictures));
        for (const auto& [name, bytes] : album)
            EXPECT_EQ(name.find("keep-seal"), std::string::npos) << name;
    }
    Outbox outbox{folder / "state/outbox.sqlite"};
    SendingSettings to;
};

TEST_P(AlbumsTo, ItArrivesWholeAndTheCopiesKnowWhere) {
    add("tide.jpg");
    add("marsh.jpg");
    EXPECT_EQ(round(outbox).sent, 2U);
    expectWhole(2);
    EXPECT_THAT(arrived()["index.html"], HasSubstr("Web gallery: 2 pictures &amp; a gull"));
    for (const auto& item : outbox.items())
        EXPECT_EQ(item.sentAs, mine() + "/index.html");
    EXPECT_EQ(round(outbox).sent, 0U);
    EXPECT_FALSE(fs::exists(folder / "state/album-on-its-way"));
}

TEST_P(AlbumsTo, ItGrowsAndWhatIsThereIsNotSentAgain) {
    add("tide.jpg");
    ASSERT_EQ(round(outbox).sent, 1U);
    const auto first = root() / "pictures/tide.jpg";
    const auto sent = readText(first);
    std::string marked = sent;
    marked.back() ^= 1; // as long as it was: sent again, it would be as it was
    writeFile(first, marked);
    add("marsh.jpg");
    ASSERT_EQ(round(outbox).sent, 1U);
    expectWhole(2);
    EXPECT_EQ(readText(first), marked);
    writeFile(folder / "tide.jpg", "somebody wrote over it");
    add("reed.jpg"); // an album of what there still is as it was made
    ASSERT_EQ(round(outbox).sent, 1U);
    EXPECT_THAT(arrived()["index.html"], HasSubstr("reed"));
    EXPECT_THAT(arrived()["index.html"], ::testing::Not(HasSubstr("tide")));
}

TEST_P(AlbumsTo, SomebodyElsesFileIsLeftAloneAndSaid) {
    fs::create_directories(root());
    for (auto above = root(); above != Servers::instance().root(GetParam()); above = above.parent_path())
        fs::permissions(above, fs::perms::all); // the server may be another user
    writeFile(root() / "index.html", "somebody else's");
    add("tide.jpg");
    EXPECT_EQ(round(outbox).held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("index.html already that no album of yours put there"));
    EXPECT_EQ(arrived()["index.html"], "somebody else's");
}

TEST_P(AlbumsTo, AChangedCopyIsSaidAndNoAlbumWithoutItIsSent) {
    add("tide.jpg");
    add("marsh.jpg");
    writeFile(folder / "marsh.jpg", "changed");
    EXPECT_EQ(round(outbox).held, 2U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("marsh.jpg"));
    EXPECT_TRUE(arrived().empty());
    outbox.drop({outbox.items()[1].id});
    outbox.again();
    EXPECT_EQ(round(outbox).sent, 1U);
    expectWhole(1);
}

TEST_P(AlbumsTo, WhatWasSentByItselfComesIntoTheAlbumAsWell) {
    to.as = SentAs::Copies;
    add("tide.jpg");
    ASSERT_EQ(round(outbox).sent, 1U);
    to.as = SentAs::Album;
    add("tide.jpg");
    ASSERT_EQ(round(outbox).sent, 1U);
    EXPECT_TRUE(arrived().contains("tide.jpg"));
    EXPECT_TRUE(arrived().contains("pictures/tide.jpg"));
    expectWhole(1);
}

INSTANTIATE_TEST_SUITE_P(All, AlbumsTo, ::testing::Values("dav", "s3", "sftp"),
                         [](const auto& of) { return std::string(of.param); });

class AlbumsOverABadLine : public AlbumsTo {};

TEST_P(AlbumsOverABadLine, TheFirstPageComesLastAndAllOfItInTheEnd) {
    add("tide.jpg");
    add("marsh.jpg");
    for (const nlohmann::json& fault : {nlohmann::json{"drop", 3'000}, {"status", 503}, {"status", 507}}) {
        Servers::instance().fault(GetParam(), fault);
        EXPECT_EQ(round(outbox).sent, 0U) << fault;
        EXPECT_FALSE(arrived().contains("index.html")) << fault;
        now += 100'000;
        outbox.again();
    }
    EXPECT_EQ(round(outbox).sent, 2U);
    expectWhole(2);
}

TEST_P(AlbumsOverABadLine, NothingGoesWhereNobodyAllowedItTo) {
    SendingSettings elsewhere = to;
    elsewhere.user = "nobody-allowed-this";
    auto one = itemOf((makePicture(folder / "a.jpg", 60, 40), folder / "a.jpg"), elsewhere);
    one.folder = mine();
    outbox.add(one);
    EXPECT_EQ(round(outbox).held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("nobody on this machine has said yet"));
    EXPECT_TRUE(arrived().empty());
}

INSTANTIATE_TEST_SUITE_P(Web, AlbumsOverABadLine, ::testing::Values("dav", "s3"),
                         [](const auto& of) { return std::string(of.param); });

} // namespace
