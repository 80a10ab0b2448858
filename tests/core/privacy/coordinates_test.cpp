// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/coordinates.h"

#include <gtest/gtest.h>

#include <chrono>

using namespace keepseal;

// All of one made-up place at sea, 54.2512 N 3.5034 E, worked out by hand.
TEST(Coordinates, AreFoundInEveryFormPeopleWriteThem) {
    for (const char* text :
         {// decimal, bare
          "54.2512, 3.5034", "54.2512 3.5034", "(-54.2512,-3.5034)", "54.2512/3.5034", "54.2512 | 3.5034",
          "3.5034, 54.2512", "54.251,3.503", "54.2512,\n3.5034", "-54.25120000 +3.50340000",
          "marsh:54.2512,3.5034.", "54.2512, 3.5034, 12.5", "<coordinates>3.5034,54.2512,0 3.5035,54.2513,0",
          "54,2512; 3,5034", "54,2512 3,5034", "54,2512, 3,5034", "120.98420, 14.59951",
          // with marks, letters or words
          "at 54.25120° N 3.50340° E", "54.25° N, 3.50° E", "54.25°N 3.5°E", "54,25° N 3,50° O",
          "N54.25 E3.50", "54.25N 3.50E", "54.25 N 3.50 W", "54.25°, 3.50°", "54.25º N 3.50º E",
          "54.25 degrees north, 3.50 degrees east", "54.25 deg N, 3.5 deg W", "3.50° E, 54.25° N",
          "n 54.2512 w 3.5034", "54° N, 3° E", "54,25° nord, 3,50° est", "54,25° norte 3,50° oeste",
          "54,25° süd, 3,50° ost",
          // degrees and minutes
          "54°15'04\"N 3°30'12\"E", "54° 15.07' N, 3° 30.2' E", "54°15′04″N 3°30′12″W",
          "54º15’04”N 3º30’12”O", "N54 12.3 E003 30.5", "N 54 15 04 W 3 30 12", "54 15.07N 3 30.20E",
          "54-15.07N 003-30.20E", "54:15:04N 3:30:12E", "54 deg 15' 4.00\" N, 3 deg 30' 12.00\" E",
          "54°15'04\", 3°30'12\"", "54° 15,07' N, 3° 30,20' O", "N54°15.067' E003°30.204'", "54°15'N 3°30'E",
          "54 15 04 N, 3 30 12 E",
          // named
          "lat=54.25 lon=3.5", "lat: 54.25, long: 3.50", "Latitude 54.25 Longitude 3.50", "lat 54 lon 3",
          "{\"lat\":54.25,\"lng\":3.5}", "<trkpt lat=\"54.25\" lon=\"3.5\">", "lon=3.5&lat=54.25",
          "Breite 54,25 Länge 3,50", "lat/lon: 54.25, 3.50", "GPS 54.25, 3.50", "Coordinates: 54.25 3.50",
          "coordonnées 54,25 ; 3,50", "lat. = 54.25, lon. = 3.5",
          // links and codes
          "geo:54.25,3.5;u=35", "GEO:54,3", "https://maps.example.org/@54.2512,3.5034,15z",
          "https://maps.example.org/?mlat=54.25&mlon=3.50", "https://maps.example.org/#map=12/54.25/3.50",
          "https://maps.example.org/?q=54.2512%2C3.5034", "https://maps.example.org/data=!3d54.2512!4d3.5034",
          "+54.2512+003.5034/", "+5415.07+00330.20/", "+541504+0033012/", "9F5M7G2J+2Q",
          "7G2J+2QX kite field", "geohash u1h2q8v7", "Geohash: u1h2q", "#geohash=u1h2q8",
          "31U 448251 5411932", "31U 448251mE 5411932mN", "31 U 448251.5 5411932", "UTM 31U 448251, 5411932",
          "31U DQ 48251 11932", "31UDQ4825111932", "31U DQ 482 119", "31UDQ 48251 11932", "locator JO21",
          "QTH JO21ab", "Maidenhead locator: JO21ab", "JO21ab34",
          // other scripts, full width, unseen characters
          "٥٤٫٢٥١٢، ٣٫٥٠٣٤", "५४.२५१२, ३.५०३४", "５４．２５１２，３．５０３４", "Ｎ５４．２５ Ｅ３．５０",
          "54.2512\u00A0N\u00A03.5034\u00A0E", "54.25\u200B12, 3.50\u200B34", "\u202A54.2512, 3.5034\u202C",
          "−54.2512, −3.5034", "54\u202F°\u202F15\u202F′\u202FN 3\u202F°\u202F30\u202F′\u202FE"})
        EXPECT_TRUE(holdsCoordinates(text)) << text;
}

TEST(Coordinates, OtherNumbersAreLeftAlone) {
    for (const char* text :
         {// exposure, sizes, versions
          "f/2.8, 1/250 s, 35.0 mm", "version 12.345", "1920 x 1080", "24.5 x 36.25 cm", "24.125 x 36.250 mm",
          "f/1.4 f/5.6", "ISO 100, 200, 400", "-0.333, +0.667 EV", "-1.33 +1.67", "37°", "at 45° and 30°",
          "21.25 °C, 19.50 °C", "21.25° C", "12.345 s, 13.456 s", "10.500 kg, 3.250 m", "5500 K, 12.5 Mpx",
          "IMG_1234.5678", "v1.234 v5.678", "libvips 8.14.1 3.0.2", "192.168.100.200", "3.14159 and a half",
          // money, shares, results
          "$54.251, $35.034", "1,234 5,678", "1,234, 5,678 copies", "12,50 3,75", "54.25, 3.50", "54.25 3.50",
          "0.3127 0.3290", "0.640, 0.330", "12.5 %, 13.25 %", "2:1, 3:2", "24-12 26-14", "90.5, 80.25 points",
          // dates and times
          "2026-05-01 12:30:15", "12:30:15 13:45:00", "2026.05.01, 2026.06.01", "01.05.2026 02.06.2026",
          "20260501 123015", "from 9 to 5", "May 5 2026, 12 30",
          // telephone, references
          "+44 20 7946 0018", "+44-207-946-0018", "+4420+79460", "(020) 7946 0018", "ISBN 978-3-16-148410-0",
          "No. 12 S 3", "Fig. 3 E, 4 W", "C++17", "2+2", "ABCD+EF", "EV 3+2", "12 U 8", "31U DQ",
          "12 HP 300 400 500", "JO21ab", "AB12cd", "Ref JO21", "4EDE 5145 5144", "1.1801    1.1902",
          "merge cf46ca76ff", "DC14BD85EE", "m58.405 69.832-14.796 28.424a93.502 93.502 0 0 1-14.517 66.116",
          "51.919 25.060 88.236 91.510", "12.345, 23.456, 34.567, 45.678", "a 12.345-67.890-12.345",
          "M 81.472 39.566 L 12.345 56.789 L 8.123 9.234 Z", "AB12cd in stock", "geohash is a code",
          "locator map", "KQ21zz99",
          // words that only begin like one
          "lat: long", "latte 54.25 longer 3.50", "Long 12, late 14", "N or S, E or W", "north 5, south 7",
          "coordinates to follow", "GPS off", "geo: the earth", "geography:54,3", "12 N apples, 3 E",
          "https://tidemark.example.com/rights/2026.05", "https://tidemark.example.com/a/1.2/3.4",
          "95.1234, 200.1234", "12.3456", "1.23.456, 7.89.123", "\"5.25\" and \"3.5\"", "5' 6\", 6' 1\""})
        EXPECT_FALSE(holdsCoordinates(text)) << text;
}

TEST(Coordinates, AreCutOutAndTheRestStillReads) {
    EXPECT_EQ(withoutCoordinates("Kites over the marsh (54.2512, 3.5034)."), "Kites over the marsh .");
    EXPECT_EQ(withoutCoordinates("At 54.2512, 3.5034: kites"), "At : kites");
    EXPECT_EQ(withoutCoordinates("Kites, geo:54.25,3.5"), "Kites");
    EXPECT_EQ(withoutCoordinates("54.2512, 3.5034"), "");
    EXPECT_EQ(withoutCoordinates("Kites at noon"), "Kites at noon");
    EXPECT_FALSE(holdsCoordinates(withoutCoordinates("a 54.2512,3.5034 b 55.2512,4.5034 c")));
    EXPECT_EQ(withoutCoordinates("Ebb tide ５４．２５１２，３．５０３４ 海"), "Ebb tide 海");
    EXPECT_EQ(withoutCoordinates("Möwen, N54 12.3 E003 30.5 am Morgen"), "Möwen, am Morgen");
    EXPECT_EQ(withoutCoordinates("\xFF 54.2512, 3.5034 \xFE"), "\xFF \xFE"); // no UTF-8: as bytes
}

TEST(Coordinates, ALongTextTakesNoLongerThanItIsLong) {
    // Counted, not timed: twice the text must not be looked at four times; the worst starts are repeated.
    for (const char* start : {"1.234 ", "https://x/1.23/", "9F5M7G2", "54°15' ", "-", "geo:", "N54 12.3 ",
                              "lat=1 ", "31U ", "gps ", "+5415.07", "AA00", "\u200B1"}) {
        std::string text;
        while (text.size() < 40'000)
            text += start;
        EXPECT_LE(coordinatesIn(text).size(), text.size());
    }
    EXPECT_FALSE(holdsCoordinates(std::string(65'530, 'w') + " of tide"));
    EXPECT_TRUE(holdsCoordinates(std::string(65'530, 'w') + " 54.2512, 3.5034")); // over an edge
    EXPECT_TRUE(holdsCoordinates(std::string(300'000, 'w') + " 54.2512, 3.5034"));
}
