// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The running program on the accessibility bus of the desktop, as a screen reader finds it there.
#include "support/support.h"

#include <QGuiApplication>
#include <gmock/gmock.h>
#include <nlohmann/json.hpp>

using namespace keepseal::test;
using ::testing::HasSubstr;
using ::testing::IsEmpty;

TEST(OnTheAccessibilityBus, ThePicturesControlsAndWhatTheyDoAreThere) {
    if (QGuiApplication::platformName() == "offscreen")
        GTEST_SKIP() << "the bus is served on a real screen alone";
    if (runProgram({"/usr/bin/python3", "-c",
                    "import gi; gi.require_version('Atspi', '2.0'); from gi.repository import Atspi"})
            .exitCode != 0)
        GTEST_SKIP() << "python3-gi and gir1.2-atspi-2.0 are not installed";
    const TempFolder folder;
    for (const auto* name : {"marsh.jpg", "reed.jpg", "tide.jpg"})
        makePicture(folder / "in" / name, 300, 200);
    writeFile(folder / "plain.json",
              R"({"format":"keep-seal/delivery","version":1,"name":"Plain","stations":{}})");
    const auto ran = runProgram({"dbus-run-session", "--", "/usr/bin/python3", KEEPSEAL_AT_SPI, KEEPSEAL_APP,
                                 "--delivery", (folder / "plain.json").string(), "--out",
                                 (folder / "out").string(), (folder / "in").string()});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto found =
        nlohmann::json::parse(ran.out.substr(ran.out.find('{'))); // the bus says something first
    ASSERT_EQ(found["pictures"].size(), 3U);
    EXPECT_THAT(found["pictures"][1].get<std::string>(), HasSubstr("reed.jpg"));
    EXPECT_EQ(found["roles"], nlohmann::json({"list item"}));
    std::size_t ends = 0;
    for (const auto& text : found["heard"])
        ends += text.get<std::string>().find("copies made and checked") != std::string::npos;
    EXPECT_EQ(ends, 1U) << "the end of a run, once: " << found["heard"];
    EXPECT_GT(found["seen"].get<int>(), 100);
    EXPECT_THAT(found["nameless"].get<std::vector<std::string>>(), IsEmpty());
    EXPECT_EQ(found["opacity"][0], 1);
    EXPECT_EQ(found["opacity"][2], 100);
}
