// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinates.h"

#include <gtest/gtest.h>

#include <chrono>

using namespace keepseal;

TEST(Coordinates, AreFoundInEveryFormPeopleWriteThem) {
    for (const char* text :
         {"54.2512, 3.5034", "54.2512 3.5034", "at 54.25120° N 3.50340° E", "+54.2512+003.5034/",
          "(-54.2512,-3.5034)", "54°15'04\"N 3°30'12\"E", "54° 15.07' N, 3° 30.2' E", "geo:54.25,3.5;u=35",
          "GEO:54,3", "https://maps.example.org/@54.2512,3.5034,15z",
          "https://maps.example.org/?mlat=54.25&mlon=3.50", "9F5M7G2J+2Q", "7G2J+2QX kite field"})
        EXPECT_TRUE(holdsCoordinates(text)) << text;
}

TEST(Coordinates, OtherNumbersAreLeftAlone) {
    for (const char* text :
         {"f/2.8, 1/250 s, 35.0 mm", "version 12.345", "95.1234, 200.1234", "1920 x 1080",
          "2026-05-01 12:30:15", "https://tidemark.example.com/rights/2026.05", "+44 20 7946 0018", "C++17",
          "37°", "12.3456", "2+2", "ABCD+EF", "3.14159 and a half", "IMG_1234.5678"})
        EXPECT_FALSE(holdsCoordinates(text)) << text;
}

TEST(Coordinates, AreCutOutAndTheRestStillReads) {
    EXPECT_EQ(withoutCoordinates("Kites over the marsh (54.2512, 3.5034)."), "Kites over the marsh .");
    EXPECT_EQ(withoutCoordinates("At 54.2512, 3.5034: kites"), "At : kites");
    EXPECT_EQ(withoutCoordinates("Kites, geo:54.25,3.5"), "Kites");
    EXPECT_EQ(withoutCoordinates("54.2512, 3.5034"), "");
    EXPECT_EQ(withoutCoordinates("Kites at noon"), "Kites at noon");
    EXPECT_FALSE(holdsCoordinates(withoutCoordinates("a 54.2512,3.5034 b 55.2512,4.5034 c")));
}

TEST(Coordinates, ALongTextTakesNoLongerThanItIsLong) {
    // Counted, not timed: twice the text must not be looked at four times; the worst starts are repeated.
    for (const char* start : {"1.234 ", "https://x/1.23/", "9F5M7G2", "54°15' ", "-", "geo:"}) {
        std::string text;
        while (text.size() < 200'000)
            text += start;
        EXPECT_LE(coordinatesIn(text).size(), text.size());
    }
}
