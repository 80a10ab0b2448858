// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/byte_source.h"
#include "base/colour.h"
#include "base/files.h"
#include "base/fingerprint.h"
#include "base/give_way.h"
#include "base/patience.h"
#include "base/problem.h"
#include "base/setting.h"
#include "base/text.h"
#include "run/memory_budget.h"
#include "support/support.h"

#include <gtest/gtest.h>

#include <thread>

using namespace keepseal;
using keepseal::test::TempFolder;

TEST(Text, CutsAtACharacterNotInsideOne) {
    EXPECT_EQ(cutUtf8("aåb", 2), "a");
    EXPECT_EQ(cutUtf8("aåb", 3), "aå");
    EXPECT_EQ(cutUtf8("kite", 9), "kite");
}

TEST(Text, TellsUtf8FromOtherBytes) {
    EXPECT_TRUE(isUtf8("tide — Ø 凧"));
    EXPECT_FALSE(isUtf8("\xC0\xAF"));           // overlong
    EXPECT_FALSE(isUtf8("\xED\xA0\x80"));       // surrogate
    EXPECT_FALSE(isUtf8(std::string("a\xE5"))); // cut off
}

TEST(Text, MakesAnyBytesPrintable) {
    for (int length = 1; length < 40; ++length) {
        std::string bytes;
        for (int i = 0; i < length; ++i)
            bytes += static_cast<char>(i * 37 + length * 11);
        EXPECT_TRUE(isUtf8(printable(bytes))) << length;
        EXPECT_EQ(printable(bytes).find('\n'), std::string::npos);
    }
    EXPECT_EQ(printable("caf\xE9"), "café");
}

TEST(Text, NumbersAndSizesAsAPersonReadsThem) {
    EXPECT_EQ(trimmedNumber(2.5, 2), "2.5");
    EXPECT_EQ(trimmedNumber(3, 1), "3");
    EXPECT_EQ(trimmedNumber(-0.001, 1), "0");
    EXPECT_EQ(byteText(999), "999 bytes");
    EXPECT_EQ(byteText(640'300), "640 kB");
    EXPECT_EQ(byteText(3'149'000), "3.1 MB");
}

TEST(Colour, ReadsOnlyWhatItWrites) {
    EXPECT_EQ(toText(*parseColour("#0aB3ff")), "#0ab3ff");
    for (const char* bad : {"", "0ab3ff", "#0ab3f", "#0ab3ffa", "#0ab3fg", "# ab3ff", "#+1+1+1"})
        EXPECT_FALSE(parseColour(bad)) << bad;
}

TEST(Fingerprint, MatchesThePublishedVectors) {
    const std::string abc = "abc";
    const ByteSpan span(reinterpret_cast<const std::uint8_t*>(abc.data()), abc.size());
    EXPECT_EQ(fingerprint(span),
              "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad"); // FIPS 180-4
    EXPECT_EQ(fingerprint(MemorySource(span)), fingerprint(span));
    EXPECT_EQ(fingerprints(MemorySource(span)).sha256, fingerprint(span));
    EXPECT_EQ(fingerprints(MemorySource(span)).checksum, checksum(MemorySource(span)));
    EXPECT_EQ(checksum(MemorySource({})),
              "99aa06d3014798d86001c324468d497f"); // as xxHash's own tests have it
    const Bytes sum = md5(span);
    EXPECT_EQ(hexText(sum.data(), sum.size()), "900150983cd24fb0d6963f7d28e17f72"); // RFC 1321
}

TEST(ByteSource, AnswersOutsideRangesWithWhatThereIs) {
    const Bytes bytes = {1, 2, 3};
    const MemorySource source(bytes);
    EXPECT_EQ(source.bytes(1, 100), (Bytes{2, 3}));
    EXPECT_TRUE(source.bytes(3, 1).empty());
    EXPECT_TRUE(source.bytes(~0ULL, ~0ULL).empty());
}

namespace {
struct Sample {
    double size = 3;
    int count = 2;
    bool on = false;
};
} // namespace

TEST(Setting, AWrongValueNamesKeyValueAndWhatIsAllowed) {
    const auto row = numberSetting("size", "Size", "%", &Sample::size, {0.5, 40, 0.1, 1}, "");
    try {
        parseValue(row, "seal.size", "41");
        FAIL();
    } catch (const Problem& problem) {
        EXPECT_EQ(problem.subject, "seal.size");
        EXPECT_NE(problem.sentence().find("41"), std::string::npos);
        EXPECT_NE(problem.sentence().find("0.5 to 40 %"), std::string::npos);
    }
    EXPECT_THROW(parseValue(row, "p", "nan"), Problem);
    EXPECT_THROW(parseValue(row, "p", "4 "), Problem);
    EXPECT_THROW(parseValue(row, "p", ""), Problem);
}

TEST(Setting, WholeNumbersRefuseFractions) {
    const auto row = numberSetting("count", "Count", "", &Sample::count, {0, 9, 1, 0}, "");
    EXPECT_THROW(parseValue(row, "count", "2.5"), Problem);
    Sample sample;
    row.set(sample, parseValue(row, "count", "7"));
    EXPECT_EQ(sample.count, 7);
    EXPECT_EQ(std::get<double>(row.get(sample)), 7);
}

TEST(Files, AWriteThatFailsLeavesTheOldFile) {
    const TempFolder folder;
    writeTextFile(folder / "a/b.json", "{\"a\": 1}");
    EXPECT_EQ(readJsonFile(folder / "a/b.json").at("a"), 1);
    EXPECT_THROW(writeTextFile(folder / "a/b.json/c.json", "x"), Problem);
    EXPECT_EQ(readJsonFile(folder / "a/b.json").at("a"), 1);
    keepseal::test::writeFile(folder / "bad.json", "{\"a\": ");
    EXPECT_THROW(readJsonFile(folder / "bad.json"), Problem);
}

TEST(MemoryBudget, NeverLendsMoreThanItHas) {
    MemoryBudget budget(100);
    std::atomic<int> inUse{0}, most{0};
    std::vector<std::jthread> threads;
    for (int i = 0; i < 8; ++i)
        threads.emplace_back([&] {
            for (int k = 0; k < 200; ++k) {
                const MemoryBudget::Share share(budget, 40);
                const int now = ++inUse;
                int seen = most;
                while (now > seen && !most.compare_exchange_weak(seen, now)) {
                }
                --inUse;
            }
        });
    threads.clear();
    EXPECT_LE(most, 2);
    const MemoryBudget::Share larger(budget,
                                     5000); // more than the whole: goes alone instead of waiting forever
}

TEST(GiveWay, OnlyWhatGivesWayStandsAsideAndOnlyUntilItIsStopped) {
    std::atomic<bool> stop{false}, passed{false}, stopped{false};
    std::optional<Standstill> still(std::in_place);
    standAside(); // this thread gives way to nobody: else the test would end here
    std::jthread patient([&] {
        giveWay();
        standAside();
        passed = true;
    });
    std::jthread hasty([&] {
        giveWay();
        const Patience patience(stop);
        standAside();
        stopped = true;
    });
    EXPECT_FALSE(passed || stopped);
    stop = true;
    hasty.join();
    EXPECT_TRUE(stopped);
    EXPECT_FALSE(passed);
    still.reset();
    patient.join();
    EXPECT_TRUE(passed);
}
