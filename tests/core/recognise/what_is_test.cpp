// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "recognise/history.h"
#include "recognise/what_is.h"
#include "record/exchange.h"
#include "record/forget.h"
#include "report/found_report.h"
#include "support/changes.h"
#include "support/job.h"
#include "support/marked_words.h"

#include <gmock/gmock.h>

#include <fstream>
#include <sstream>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;
using ::testing::Not;

namespace {

void savePicture(const fs::path& path, const Frame& frame) {
    fs::create_directories(path.parent_path());
    const auto bytes = encodeJpeg(frame, 90);
    writeFile(path, std::string(bytes.begin(), bytes.end()));
}

/// Everything that lies in a folder, as one text.
std::string allBytes(const fs::path& folder) {
    std::string out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file())
            out += readText(entry.path());
    return out;
}

} // namespace

/// Three pictures, two deliveries, one run.
class MetAgain : public ::testing::Test {
protected:
    MetAgain() {
        for (int i = 0; i < 3; ++i) {
            savePicture(folder / "in" / ("reed_" + std::to_string(i) + ".jpg"), drawnScene(i, 900, 620));
            originals.push_back(folder / "in" / ("reed_" + std::to_string(i) + ".jpg"));
        }
        web = sampleDelivery(folder / "out");
        web.name = "Web";
        web.fit.longSide = 800;
        press = web;
        press.name = "Press Böhm";
        press.place.folder = (folder / "press").string();
        press.seal.on = false;
        press.rights.setAlways("usage_terms", "Not before <1 June>");
        stamp({web, press});
    }
    void stamp(const std::vector<Delivery>& deliveries) { runAll(makePlan(originals, deliveries, "/")); }
    WhatIs ask(const fs::path& file) {
        Register known;
        const std::atomic<bool> never{false};
        return whatIs(known, metFile(file), never);
    }
    fs::path met(const Frame& frame) {
        const auto path = folder / ("met" + std::to_string(++count) + ".jpg");
        savePicture(path, frame);
        return path;
    }
    TempFolder folder;
    std::vector<fs::path> originals;
    Delivery web, press;
    int count = 0;
};

TEST_F(MetAgain, BytesTellACopyAndAnOriginal) {
    const auto copy = ask(folder / "press/reed_1.jpg");
    EXPECT_EQ(copy.by, KnownBy::SameBytes);
    EXPECT_EQ(copy.certainty, 1);
    EXPECT_EQ(copy.known.front().copy.row.delivery, "Press Böhm");
    EXPECT_EQ(copy.copies.size(), 2U);
    EXPECT_EQ(copy.compared, 0U); // nothing else is asked
    const auto original = ask(originals[2]);
    EXPECT_EQ(original.by, KnownBy::OriginalBytes);
    EXPECT_EQ(original.known.front().copy.row.original, originals[2]);
}

TEST_F(MetAgain, LooksTellWhatWasChanged) {
    const auto taken = cutBy(drawnScene(1, 900, 620), 0.2, 0, 0, 0.2);
    const auto answer = ask(met(pressedAs(longSide(taken, 420), "webp", "webp_quality", 40)));
    ASSERT_EQ(answer.by, KnownBy::Looks);
    EXPECT_EQ(answer.known.front().copy.row.original, originals[1]);
    EXPECT_GE(answer.certainty, kAlike);
    EXPECT_NEAR(answer.known.front().likeness.covered, 0.64, 0.05);
    EXPECT_EQ(answer.compared, 3U); // one for both deliveries of an original
    EXPECT_FALSE(answer.file.marked);
    // What it said is gone from the file; a copy that only was renamed still says it.
    ASSERT_FALSE(answer.fields.empty());
    for (const auto& field : answer.fields)
        EXPECT_TRUE(field.now.empty()) << field.key;
    const auto other = ask(met(drawnScene(7)));
    EXPECT_EQ(other.by, KnownBy::Nothing);
    EXPECT_THAT(sentenceOf(other), HasSubstr("held against: 3"));
}

/// A copy for each of three people, with their name on it, and one without any.
class WhoHadIt : public MetAgain {
protected:
    WhoHadIt() {
        originals.resize(1);
        std::vector<Delivery> all;
        for (const std::string name : {"Alma Reed", "Bram Oster", "Cleo Finch", ""}) {
            auto delivery = sampleDelivery(folder / "people");
            delivery.name = name.empty() ? "Nobody" : name;
            delivery.place.subfolder = "{delivery}";
            delivery.fit.longSide = 800;
            delivery.seal.setText(name.empty() ? "x" : name);
            delivery.seal.on = !name.empty();
            delivery.seal.size = 5;
            all.push_back(delivery);
        }
        stamp(all);
    }
    Frame copyOf(const std::string& name) {
        const Original file(folder / "people" / name / "reed_0.jpg");
        const auto facts = readFacts(file, name);
        return develop(file, name, facts, wholePicture(facts, facts.size));
    }
};

TEST_F(WhoHadIt, ItIsToldByWhatStandsOnTheCopy) {
    for (const std::string name : {"Alma Reed", "Cleo Finch"}) {
        const auto copy = copyOf(name);
        for (const auto& changed :
             {pressedAs(longSide(copy, 500), "jpeg", "quality", 40), greyed(cutBy(copy, 0.3, 0.2, 0, 0)),
              turned(copy, cv::ROTATE_90_CLOCKWISE), mirrored(toned(copy, 0.8, 10)),
              bordered(copy, 0.05, {255, 255, 255})}) {
            const auto answer = ask(met(changed));
            ASSERT_EQ(answer.by, KnownBy::Looks);
            const auto& best = answer.known.front();
            EXPECT_TRUE(best.alone && best.thisCopy() && best.unread == 0)
                << name << " " << changed.size.width;
            EXPECT_EQ(best.copy.row.delivery, name);
            EXPECT_THAT(sentenceOf(answer), HasSubstr("it alone has what is seen here."));
        }
    }
}

TEST_F(WhoHadIt, NobodyIsNamedForWhatIsMissing) {
    const auto named = [&](const Frame& frame) {
        const auto answer = ask(met(frame));
        EXPECT_EQ(answer.by, KnownBy::Looks);
        return answer.known.front().alone || answer.known.front().thisCopy();
    };
    EXPECT_FALSE(named(copyOf("Nobody")));                           // the name may have been painted out
    EXPECT_FALSE(named(longSide(copyOf("Alma Reed"), 100)));         // too small to be read
    EXPECT_FALSE(named(cutBy(copyOf("Alma Reed"), 0, 0, 0.3, 0.3))); // and what lies there is cut off
    EXPECT_FALSE(named(longSide(drawnScene(0, 900, 620), 700)));     // the picture as nobody got it
}

TEST_F(WhoHadIt, WhatAnotherCopyHasAllOverItAndThisOneNotIsNoProof) {
    auto pattern = sampleDelivery(folder / "pattern");
    pattern.name = "Pattern";
    pattern.fit.longSide = 800;
    pattern.seal.arrangement = Arrangement::Repeat;
    stamp({pattern});
    // Of a copy with a name, the part where none stands: the pattern may have been painted out of it.
    const auto answer = ask(met(cutBy(copyOf("Alma Reed"), 0, 0, 0.3, 0.3)));
    ASSERT_EQ(answer.by, KnownBy::Looks);
    EXPECT_FALSE(answer.known.front().alone || answer.known.front().thisCopy());
    // With the name on it, it is told from the pattern as well.
    const auto named = ask(met(longSide(copyOf("Alma Reed"), 700)));
    EXPECT_TRUE(named.known.front().alone);
    EXPECT_EQ(named.known.front().copy.row.delivery, "Alma Reed");
}

TEST_F(WhoHadIt, ItIsToldWithoutTheOriginalAndWithoutTheCopies) {
    const auto file = met(longSide(copyOf("Bram Oster"), 600)), plain = met(longSide(copyOf("Nobody"), 600)),
               other = met(cutBy(copyOf("Cleo Finch"), 0.3, 0, 0, 0));
    const auto expectToldRight = [&](const char* gone) {
        for (const auto& [asked, name] : {std::pair(file, "Bram Oster"), {other, "Cleo Finch"}}) {
            const auto answer = ask(asked);
            ASSERT_EQ(answer.by, KnownBy::Looks) << gone;
            EXPECT_EQ(answer.known.front().copy.row.delivery, name) << gone;
            EXPECT_TRUE(answer.known.front().alone) << gone << ", " << name;
        }
        EXPECT_FALSE(ask(plain).known.front().alone) << gone;
    };
    fs::remove(folder / "people/Bram Oster/reed_0.jpg");
    expectToldRight("the copy that it is");
    fs::remove_all(folder / "people/Cleo Finch");
    expectToldRight("two copies");
    fs::remove(originals[0]);
    expectToldRight("two copies and the original");
    fs::remove_all(folder / "people");
    expectToldRight("everything");
    EXPECT_EQ(ask(file).known.front().unread, 0U);
}

TEST_F(WhoHadIt, WithoutTheOriginalTheCopiesAreEnough) {
    const auto file = met(longSide(copyOf("Bram Oster"), 600));
    fs::remove(originals[0]);
    EXPECT_TRUE(ask(file).known.front().thisCopy());
}

TEST_F(WhoHadIt, GoneCopiesOfWhichNothingIsKeptAreNotRuledOut) {
    for (const auto& entry : fs::directory_iterator(folder / "state/keep-seal/ledgers"))
        if (entry.path().extension() == ".pictures") { // as a run of before left it
            std::string kept;
            std::istringstream lines(readText(entry.path()));
            for (std::string line; std::getline(lines, line);)
                if (line.find("lies_at") == std::string::npos)
                    kept += line + "\n";
            writeFile(entry.path(), kept);
        }
    const auto file = met(longSide(copyOf("Bram Oster"), 600));
    fs::remove_all(folder / "people/Cleo Finch");
    auto answer = ask(file);
    EXPECT_TRUE(answer.known.front().alone);
    EXPECT_FALSE(answer.known.front().thisCopy());
    EXPECT_EQ(answer.known.front().unread, 1U);
    EXPECT_EQ(answer.known.front().copy.row.delivery, "Bram Oster");
    EXPECT_THAT(sentenceOf(answer), HasSubstr("(the others: 1)"));
    fs::remove_all(folder / "people/Bram Oster"); // the one it is: no other is taken for it
    answer = ask(file);
    EXPECT_FALSE(answer.known.front().alone || answer.known.front().thisCopy());
    fs::remove(originals[0]);
    EXPECT_FALSE(ask(file).known.front().alone);
}

TEST_F(MetAgain, WordsThenAndNowAreHeldAgainstEachOther) {
    const auto file = folder / "met.jpg";
    fs::copy_file(folder / "press/reed_0.jpg", file);
    ASSERT_EQ(
        runProgram({"exiftool", "-overwrite_original", "-XMP-dc:Creator=Someone", "-IPTC:By-line=Someone",
                    "-EXIF:Artist=Someone", "-XMP-xmpRights:UsageTerms=", file.string()})
            .exitCode,
        0);
    const auto answer = ask(file);
    EXPECT_EQ(answer.by, KnownBy::Looks);
    EXPECT_TRUE(answer.file.marked);
    std::map<std::string, FieldThen> by;
    for (const auto& field : answer.fields)
        by[field.key] = field;
    EXPECT_EQ(by["creator"].then, "Wrenna Oake; Ines Gull");
    EXPECT_EQ(by["creator"].now, "Someone");
    EXPECT_TRUE(by["copyright_notice"].stays());
    EXPECT_EQ(by["usage_terms"].then, "Not before <1 June>");
    EXPECT_EQ(by["usage_terms"].now, "");
}

TEST_F(MetAgain, TheMarkAloneSaysThatItIsOurs) {
    ForgetWish all;
    all.paths = {folder.path()};
    Register known;
    forget(known, all);
    EXPECT_EQ(ask(folder / "out/reed_0.jpg").by, KnownBy::Mark);
}

TEST_F(MetAgain, WhatIsFoundCanBeSent) {
    const auto answer = ask(met(longSide(drawnScene(0, 900, 620), 300)));
    ASSERT_FALSE(answer.known.empty());
    Register known;
    writeFoundReport(answer, known, {"a page <b>on the web</b>", "2026-11-30"}, folder / "found.html");
    const auto page = readText(folder / "found.html");
    EXPECT_THAT(page, HasSubstr("a page &lt;b&gt;on the web&lt;/b&gt;"));
    EXPECT_THAT(page, HasSubstr(answer.known.front().copy.row.copyFingerprint));
    EXPECT_THAT(page, HasSubstr("Copyright Notice"));
    EXPECT_THAT(page, Not(HasSubstr(folder.path().string()))); // no folder of the person's
    EXPECT_THAT(page, HasSubstr("data:image/jpeg;base64,"));
    EXPECT_GT(std::count(page.begin(), page.end(), '\n'), 10);
    writeFoundReport(answer, known, {{}, "2026-11-30"}, folder / "found.pdf");
    EXPECT_EQ(exiftool(folder / "found.pdf", "PageCount"), "1");
    EXPECT_EQ(problemOf([&] { writeFoundReport(answer, known, {}, folder / "found.pdf"); }).kind,
              ProblemKind::Refused);
    EXPECT_EQ(problemOf([&] { writeFoundReport(answer, known, {}, folder / "found.doc"); }).kind,
              ProblemKind::BadSetting);
}

TEST_F(MetAgain, AReportSpeaksTheLanguageOfThePerson) {
    const auto answer = ask(met(longSide(drawnScene(0, 900, 620), 300)));
    Register known;
    const SpeaksMarked marked;
    writeFoundReport(answer, known, {"a page", "2026-11-30"}, folder / "found.html");
    const auto page = readText(folder / "found.html");
    EXPECT_THAT(page, HasSubstr("<html lang=\"ar\" dir=\"rtl\">"));
    for (const std::string tag : {"h1", "h2", "title", "figcaption"})
        EXPECT_THAT(unmarkedBetween(page, "<" + tag + ">", "</" + tag + ">"), ::testing::IsEmpty());
    EXPECT_THAT(unmarkedBetween(page, "<th>", "</th>"), ::testing::Each("SHA-256"));
    EXPECT_THAT(page, HasSubstr("a page")); // a person's own
    writeFoundReport(answer, known, {}, folder / "found.pdf");
    EXPECT_THAT(exiftool(folder / "found.pdf", "Title"), HasSubstr("§A picture that was found"));
}

TEST_F(MetAgain, HistoryTellsWhatBecameOfCopies) {
    Register known;
    const auto state = [&](const Delivery& now) {
        std::map<std::string, std::pair<CopyNow, bool>> out;
        for (const auto& left : historyOf(known, originals[0], {now}).left)
            out[left.copy.row.delivery] = {left.now, left.outOfDate()};
        return out;
    };
    EXPECT_EQ(state(web)["Web"], std::pair(CopyNow::Untouched, false));
    auto changed = web;
    changed.seal.setText("Another");
    EXPECT_EQ(state(changed)["Web"], std::pair(CopyNow::Untouched, true));
    EXPECT_EQ(state(changed)["Press Böhm"], std::pair(CopyNow::Untouched, false)); // not judged by another's
    fs::remove(folder / "press/reed_0.jpg");
    changed.place.taken = TakenName::Replace;
    stamp({changed});
    EXPECT_EQ(state(web)["Press Böhm"].first, CopyNow::Gone);
    const auto all = historyOf(known, originals[0]).left;
    ASSERT_EQ(all.size(), 3U);
    EXPECT_EQ(all[0].now, CopyNow::Untouched); // the newest first
    EXPECT_EQ(
        std::count_if(all.begin(), all.end(), [](const auto& left) { return left.now == CopyNow::Replaced; }),
        1);
    savePicture(originals[0], drawnScene(9));
    for (const auto& left : historyOf(known, originals[0]).left)
        EXPECT_TRUE(left.pictureChanged);
}

TEST_F(MetAgain, WhatIsForgottenIsNowhere) {
    const auto state = folder / "state/keep-seal";
    ASSERT_THAT(allBytes(state), HasSubstr("Press B"));
    ForgetWish wish;
    wish.deliveries = {"Press Böhm"};
    {
        Register known;
        EXPECT_EQ(wouldForget(known, wish).rows, 3U);
        EXPECT_EQ(known.copies(), 6U); // only asked
        EXPECT_EQ(forget(known, wish).rows, 3U);
        EXPECT_EQ(known.copies(), 3U);
        EXPECT_EQ(known.pictures(), 3U);
    }
    EXPECT_THAT(allBytes(state), Not(HasSubstr("Press B")));
    EXPECT_THAT(allBytes(state), Not(HasSubstr("Not before <1 June>")));
    EXPECT_TRUE(fs::exists(folder / "press/reed_0.jpg")); // the pictures stay
    wish = {};
    wish.paths = {originals[1]};
    Register known;
    const auto row = known.whole(known.copiesOfFile(originals[1]).front().id)->row;
    ASSERT_THAT(allBytes(state), HasSubstr(row.sealKept));
    forget(known, wish);
    EXPECT_EQ(known.pictures(), 2U);
    EXPECT_THAT(allBytes(state), Not(HasSubstr("reed_1")));
    EXPECT_THAT(allBytes(state), Not(HasSubstr(row.picture)));
    EXPECT_THAT(allBytes(state), Not(HasSubstr(row.sealKept)));
    EXPECT_TRUE(known.rebuild().empty());
    EXPECT_EQ(known.copies(), 2U);
}

TEST_F(MetAgain, ARegisterIsTakenElsewhere) {
    std::string text;
    {
        Register known;
        EXPECT_TRUE(exportRegister(known, [&](const std::string& line) { text += line + "\n"; }).empty());
    }
    const TempFolder elsewhere; // another machine's state from now on
    Register known;
    std::istringstream lines(text);
    auto joined = importRegister(known, lines, "studio");
    EXPECT_EQ(joined.runs, 1U);
    EXPECT_EQ(joined.copies, 6U);
    EXPECT_TRUE(joined.problems.empty());
    lines = std::istringstream(text);
    joined = importRegister(known, lines, "studio");
    EXPECT_EQ(joined.runs, 0U);
    EXPECT_EQ(joined.knownRuns, 1U);
    EXPECT_EQ(known.copies(), 6U);
    // Killed between writing the ledger and telling the register: joined again it is whole.
    for (const auto& entry : fs::directory_iterator(known.ledgerFolder()))
        known.forget(entry.path());
    EXPECT_EQ(known.copies(), 0U);
    lines = std::istringstream(text);
    EXPECT_EQ(importRegister(known, lines, "studio").knownRuns, 1U);
    EXPECT_EQ(known.copies(), 6U);
    for (const auto& entry : fs::directory_iterator(known.ledgerFolder()))
        known.forget(entry.path());
    known.catchUp();
    known.catchUp();
    EXPECT_EQ(known.copies(), 6U);
    const std::atomic<bool> never{false};
    EXPECT_EQ(whatIs(known, metPixels("pasted", longSide(drawnScene(2, 900, 620), 400)), never).by,
              KnownBy::Looks);
    // It says of files here what it likes: none of them counts as this program's own.
    EXPECT_FALSE(known.madeAt(folder / "out/reed_0.jpg"));
    EXPECT_EQ(known.copiesOfFile(originals[0]).size(), 2U);
    EXPECT_TRUE(known.rebuild().empty()); // it lies here as ledgers
    EXPECT_EQ(known.copies(), 6U);
    EXPECT_EQ(known.pictures(), 3U);
    EXPECT_FALSE(known.madeAt(folder / "out/reed_0.jpg"));
}

TEST_F(MetAgain, WhatIsNoExportIsRefusedOrPassedOver) {
    Register known;
    const auto take = [&](const std::string& text) {
        std::istringstream lines(text);
        return importRegister(known, lines, "file");
    };
    for (const auto* text :
         {"", "{}", "[1]", "no json", R"({"format":"keep-seal/register-export","version":9})"})
        EXPECT_EQ(problemOf([&] { take(text); }).kind, ProblemKind::BadFile) << text;
    const std::string head = R"({"format":"keep-seal/register-export","version":1})"
                             "\n";
    const auto odd = take(
        head +
        "{\"row\":{}}\n{\"run\":7}\n{\"run\":{\"started\":\"x\",\"ended\":\"\",\"state\":\"finished\"}}\n"
        "{\"row\":{\"original\":3}}\n{\"picture\":\"../../"
        "x\",\"width\":1,\"height\":1,\"known_by\":\"\",\"small\":\"\"}\n"
        "nonsense\n" +
        std::string(2 << 20, 'x') + "\n");
    EXPECT_EQ(odd.runs, 1U); // empty, and it lies where all others do
    EXPECT_EQ(odd.copies, 0U);
    EXPECT_EQ(odd.problems.size(), 6U);
    EXPECT_EQ(known.copies(), 6U);
}
