// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The program as it is started: once, twice, over the desktop's bus, and asked to leave.
#include "session/one_program.h"

#include "session/kept_jobs.h"
#include "support/support.h"
#include "tour/waiting.h"

#include <QProcess>

#include <gmock/gmock.h>
#include <gtest/gtest.h>

namespace keepseal::app {

using namespace keepseal::test;
using ::testing::AllOf;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

constexpr int kStarts = 60000;

/// The program in a home of its own, without a screen.
class Program {
public:
    Program(const fs::path& home, const QStringList& words, const QStringList& before = {}) {
        auto environment = QProcessEnvironment::systemEnvironment();
        environment.insert("QT_QPA_PLATFORM", "offscreen");
        environment.insert("XDG_STATE_HOME", toQt(home / "state"));
        environment.insert("XDG_CONFIG_HOME", toQt(home / "config"));
        environment.insert("XDG_DATA_HOME", toQt(home / "data"));
        environment.insert("XDG_CACHE_HOME", toQt(home / "cache"));
        if (before.isEmpty())
            environment.insert("DBUS_SESSION_BUS_ADDRESS", "disabled:");
        m_process.setProcessEnvironment(environment);
        m_process.setProcessChannelMode(QProcess::ForwardedErrorChannel);
        auto all = before + QStringList{KEEPSEAL_APP} + words;
        const auto first = all.takeFirst();
        m_process.start(first, all);
    }
    ~Program() {
        m_process.kill();
        m_process.waitForFinished();
    }
    bool ends() {
        return waitUntil([this] { return m_process.state() == QProcess::NotRunning; }, kStarts);
    }
    int exitCode() const {
        return m_process.exitStatus() == QProcess::NormalExit ? m_process.exitCode() : -1;
    }
    void terminate() { m_process.terminate(); }

private:
    QProcess m_process;
};

std::vector<std::size_t> jobsIn(const fs::path& home, const std::string& word) {
    std::vector<std::size_t> out;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(home / "state/keep-seal/jobs", error))
        if (entry.path().extension() == ".json" && entry.path().filename().string().starts_with(word))
            out.push_back(loadJob(entry.path()).originals.size());
    return out;
}

} // namespace

TEST(OneProgram, ASecondStartHandsItsFilesToTheWindowThatRunsAndSigtermLeavesInPeace) {
    TempFolder folder;
    makePicture(folder / "in/tide.jpg", 60, 40);
    makePicture(folder / "in/kite.jpg", 60, 40);
    Program first(folder.path(), {});
    ASSERT_TRUE(waitUntil([&] { return fs::exists(folder / "state/keep-seal/window.socket"); }, kStarts));
    Program second(folder.path(), {toQt(folder / "in/tide.jpg"), toQt(folder / "in/kite.jpg")});
    ASSERT_TRUE(second.ends());
    EXPECT_EQ(second.exitCode(), 0);
    ASSERT_TRUE(
        waitUntil([&] { return jobsIn(folder.path(), "current-") == std::vector<std::size_t>{2}; }, kStarts));
    Program apart(folder.path(), {"--new-window", toQt(folder / "in/tide.jpg")});
    ASSERT_TRUE(waitUntil([&] { return jobsIn(folder.path(), "current-").size() == 2; }, kStarts));
    apart.terminate();
    ASSERT_TRUE(apart.ends());
    EXPECT_EQ(apart.exitCode(), 0);
    EXPECT_EQ(jobsIn(folder.path(), "current-"), std::vector<std::size_t>{2}); // the first is as it was
    first.terminate();
    ASSERT_TRUE(first.ends());
    EXPECT_EQ(first.exitCode(), 0);
    EXPECT_TRUE(jobsIn(folder.path(), "current-").empty()); // no crash: nothing is lost
    EXPECT_EQ(jobsIn(folder.path(), "ended-").size(), 2U);
}

TEST(OneProgram, OverTheBusOfTheDesktopTooWhereTheyShareNoFolder) {
    TempFolder folder;
    makePicture(folder / "in/tide.jpg", 60, 40);
    // Two homes: only the bus knows both.
    const auto script = "'" KEEPSEAL_APP "' & first=$!\n"
                        "for i in $(seq 300); do [ -e '" +
                        (folder / "state/keep-seal/window.socket").string() +
                        "' ] && break; sleep 0.1; done\n"
                        "XDG_STATE_HOME='" +
                        (folder / "other").string() + "' '" KEEPSEAL_APP "' '" +
                        (folder / "in/tide.jpg").string() +
                        "' || exit 9\n"
                        "for i in $(seq 300); do ls '" +
                        (folder / "state/keep-seal/jobs").string() +
                        "'/current-*.json 2>/dev/null && break; sleep 0.1; done\n"
                        "kill $first; wait $first";
    Program both(folder.path(), {}, {"dbus-run-session", "--", "bash", "-c", QString::fromStdString(script)});
    ASSERT_TRUE(both.ends());
    EXPECT_EQ(both.exitCode(), 0);
    EXPECT_EQ(jobsIn(folder.path(), "ended-"), std::vector<std::size_t>{1});
    EXPECT_FALSE(fs::exists(folder / "other/keep-seal/jobs"));
}

TEST(OneProgram, WhatIsHandedOverIsPathsAndNothingElse) {
    TempFolder folder;
    qputenv("DBUS_SESSION_BUS_ADDRESS", "disabled:");
    OneProgram program;
    ASSERT_TRUE(program.listens());
    std::vector<fs::path> got;
    QObject::connect(&program, &OneProgram::handed, [&](const auto& files) { got = files; });
    const std::vector<fs::path> files = {folder / "a\nb.jpg", folder / "%41 ü.jpg", "/plain.jpg"};
    std::atomic<int> answered{-1};
    std::thread other([&] { answered = handOver(files); });
    ASSERT_TRUE(waitUntil([&] { return answered >= 0; }, kStarts));
    other.join();
    EXPECT_EQ(answered, 1);
    EXPECT_EQ(got, files);
    OneProgram second; // another window does not take its place
    EXPECT_FALSE(second.listens());
}

TEST(OneProgram, SaysWhatCanBeGivenInTheLanguageSpoken) {
    const TempFolder home;
    const auto says = [&](const char* language) {
        return runProgram({KEEPSEAL_APP, "--help"}, {{"LC_ALL", language},
                                                     {"LANGUAGE", ""},
                                                     {"QT_QPA_PLATFORM", "offscreen"},
                                                     {"XDG_CONFIG_HOME", home.path().string()}})
            .out;
    };
    const auto english = says("C.UTF-8"), german = says("de_DE.UTF-8"), arabic = says("ar_EG.UTF-8");
    for (const char* option : {"--delivery", "--job", "--new-window", "--who", "--out"})
        for (const auto& page : {english, german, arabic})
            EXPECT_THAT(page, HasSubstr(option));
    EXPECT_THAT(english, HasSubstr("Start apart from the window that is open already"));
    EXPECT_THAT(german, AllOf(HasSubstr("Optionen:"), HasSubstr("auch wenn schon ein Fenster offen")));
    for (const auto& page : {german, arabic})
        EXPECT_THAT(page, AllOf(Not(HasSubstr("Open this")), Not(HasSubstr("Folder for")),
                                Not(HasSubstr("the window")), Not(HasSubstr("to open"))));
}

} // namespace keepseal::app
