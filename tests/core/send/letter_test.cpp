// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Letters: what goes is what was shown, only after it was shown, and never twice.
#include "support/job.h"
#include "support/outbox.h"

#include "base/fingerprint.h"
#include "send/letter.h"
#include "send/postman.h"
#include "send/upload.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

/// What another reader (Python's own) finds in a letter.
nlohmann::json readLetter(const std::string& message) {
    const TempFolder folder;
    writeFile(folder / "letter.eml", message);
    const auto ran = runProgram({"/usr/bin/python3", "-c", R"(
import email, email.policy, hashlib, json, sys
letter = email.message_from_binary_file(open(sys.argv[1], "rb"), policy=email.policy.default)
parts = [{"name": p.get_filename(), "type": p.get_content_type(), "sha256": hashlib.sha256(p.get_payload(decode=True)).hexdigest()}
         for p in letter.iter_attachments()]
print(json.dumps({"subject": letter["Subject"], "from": letter["From"], "to": letter["To"], "id": letter["Message-ID"],
                  "words": letter.get_body().get_content(), "parts": parts, "defects": [str(d) for d in letter.defects],
                  "others": sorted(set(letter.keys()))})))",
                                 (folder / "letter.eml").string()});
    EXPECT_EQ(ran.exitCode, 0) << ran.err;
    return nlohmann::json::parse(ran.out);
}

class InLetters : public ::testing::Test {
protected:
    void SetUp() override {
        to = *Servers::instance().login("smtp"); // aiosmtpd is installed by the set-up script
        to.subject = "Kites – {count} für dich, ganz nah am Wasser, mit Wind und {delivery} \U0001FA81";
        to.words = "Dear Ida,\n\nhere they are: {count}.\n.\nFrom the marsh\n";
        for (const auto& entry : fs::directory_iterator(box()))
            fs::remove(entry);
    }
    static fs::path box() { return Servers::instance().folder / "smtp"; }
    static std::vector<std::string> received() {
        std::vector<std::string> out;
        for (const auto& entry : fs::directory_iterator(box()))
            if (entry.path().extension() == ".eml")
                out.push_back(readText(entry.path()));
        return out;
    }
    static std::vector<nlohmann::json> envelopes() {
        std::vector<nlohmann::json> out;
        for (const auto& entry : fs::directory_iterator(box()))
            if (entry.path().extension() == ".json")
                out.push_back(nlohmann::json::parse(readText(entry.path())));
        return out;
    }
    OutboxItem item(const std::string& name, std::size_t bytes = 30'000) {
        const std::string text = name + std::string(bytes - name.size(), 'x');
        writeFile(folder / name, text);
        auto out = itemOf(folder / name, to);
        out.folder = to.to;
        out.name = name;
        out.state = SendState::Unread;
        return out;
    }
    void letAllGo() {
        for (const auto& letter : lettersOf(outbox.items())) {
            std::vector<std::int64_t> ids;
            for (const auto& one : letter.items)
                ids.push_back(one.id);
            outbox.letGo(ids, letter.to);
        }
    }
    PostRound round() {
        return sendDue(
            outbox, [&] { return now; }, goOn, [](const OutboxItem&) {});
    }

    TempFolder folder;
    SendingSettings to;
    SendTime now = 1'000'000;
    Outbox outbox{folder / "state/outbox.sqlite"};
};

TEST_F(InLetters, CopiesGoInAsManyLettersAsTheirLimitAsksForEachOnce) {
    to.mostMb = 1;
    for (int i = 0; i < 20; ++i)
        outbox.add(item("tide_" + std::to_string(i) + ".jpg", 200'000));
    outbox.add(item("wide.jpg", 900'000)); // more than a letter holds once it is written in base64
    const auto letters = lettersOf(outbox.items());
    ASSERT_EQ(letters.size(), 8U);
    std::set<std::int64_t> ids;
    for (std::size_t i = 0; i < letters.size(); ++i) {
        for (const auto& one : letters[i].items)
            EXPECT_TRUE(ids.insert(one.id).second);
        EXPECT_EQ(fits(letters[i]), i + 1 < letters.size());
        EXPECT_THAT(letters[i].subject, HasSubstr("(" + std::to_string(i + 1) + " of 8)"));
        const auto message = messageOf(letters[i], "id@example.org", goOn);
        EXPECT_NEAR(static_cast<double>(message.size()), static_cast<double>(letters[i].bytes), 6000) << i;
    }
    EXPECT_EQ(ids.size(), 21U);
}

TEST_F(InLetters, AnotherReaderFindsInItWhatWasShown) {
    to.to = "ida@example.com, ole@example.com";
    auto copy = item("Flut – 日の出 \"a;b\".jpg");
    outbox.add(copy);
    const auto letter = lettersOf(outbox.items()).front();
    const auto message = messageOf(letter, newMessageId(letter), goOn);
    const auto found = readLetter({message.begin(), message.end()});
    EXPECT_EQ(found["subject"], letter.subject);
    EXPECT_THAT(letter.subject, HasSubstr("1 picture für dich"));
    EXPECT_EQ(found["from"], to.from);
    EXPECT_EQ(found["to"], "ida@example.com, ole@example.com");
    EXPECT_EQ(found["words"], "Dear Ida,\n\nhere they are: 1 picture.\n.\nFrom the marsh\n");
    ASSERT_EQ(found["parts"].size(), 1U);
    EXPECT_EQ(found["parts"][0]["name"], copy.name);
    EXPECT_EQ(found["parts"][0]["type"], "image/jpeg");
    EXPECT_EQ(found["parts"][0]["sha256"], copy.fingerprint);
    EXPECT_TRUE(found["defects"].empty()) << found["defects"];
    // Nothing else is told: neither this machine's name nor this program's.
    EXPECT_EQ(found["others"], (std::vector<std::string>{"Content-Type", "Date", "From", "MIME-Version",
                                                         "Message-Id", "Subject", "To"}));
}

TEST_F(InLetters, NothingTypedBecomesAHeaderOrAToken) {
    auto typed = withTyped(to, "ida@example.com", "Two\r\nBcc: thief@example.net", "{count} {studio} {{x}}");
    auto one = item("a.jpg");
    one.to = typed;
    const auto letter = lettersOf({one}).front();
    EXPECT_EQ(letter.words, "{count} {studio} {{x}}");
    const auto message = messageOf(letter, "id@example.org", goOn);
    EXPECT_FALSE(readLetter({message.begin(), message.end()})["others"].dump().find("Bcc") !=
                 std::string::npos);
    for (const auto* wrong : {"ida", "a@b@c", "<ida@example.com>", "a b@c.org",
                              "ida@example.com\nRCPT TO:<x@y>", "-froot@example.com", "a@b.org, c"})
        EXPECT_TRUE(addressesIn(wrong).empty()) << wrong;
}

TEST_F(InLetters, GoesOnlyAfterItWasLookedAtAndThenOnce) {
    const auto one = item("one.jpg"), two = item("two.jpg");
    outbox.add(one);
    outbox.add(two);
    EXPECT_FALSE(outbox.next(now));
    EXPECT_EQ(outbox.again(), 0U); // "send now" is no look
    EXPECT_EQ(round().sent, 0U);
    EXPECT_TRUE(received().empty());
    letAllGo();
    EXPECT_EQ(round().sent, 2U);
    ASSERT_EQ(received().size(), 1U);
    const auto found = readLetter(received()[0]);
    EXPECT_EQ(found["parts"][0]["sha256"], one.fingerprint);
    EXPECT_EQ(found["parts"][1]["sha256"], two.fingerprint);
    EXPECT_EQ(outbox.items()[0].sentAs, found["id"]);
    EXPECT_EQ(envelopes()[0], (nlohmann::json{{"from", to.from}, {"to", {to.to}}}));
    EXPECT_FALSE(outbox.add(one));
    EXPECT_EQ(round().sent, 0U);
}

TEST_F(InLetters, ALetterThatMayHaveArrivedIsNeverSentAgainByItself) {
    outbox.add(item("one.jpg"));
    letAllGo();
    Servers::instance().fault("smtp", {"silent"});
    EXPECT_EQ(round().held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("it may have arrived"));
    EXPECT_EQ(received().size(), 1U);
    now += 100'000;
    EXPECT_EQ(round().sent, 0U);
    EXPECT_EQ(outbox.again(), 0U);                       // all that is held: not this, whatever else is meant
    EXPECT_EQ(outbox.again({outbox.items()[0].id}), 1U); // a person asked the receiver
    EXPECT_EQ(round().sent, 1U);
    EXPECT_EQ(received().size(), 2U);
    // A program that was killed while it handed one over leaves it waiting, with its Message-ID.
    outbox.add(item("two.jpg"));
    letAllGo();
    outbox.notePlacing(outbox.items()[1].id, "<some@example.org>");
    EXPECT_EQ(round().held, 1U);
    EXPECT_THAT(outbox.items()[1].problem, HasSubstr("it may have arrived, as <some@example.org>"));
    EXPECT_EQ(received().size(), 2U);
}

TEST_F(InLetters, RefusedForNowWaitsAndRefusedForGoodIsHeld) {
    outbox.add(item("one.jpg"));
    letAllGo();
    Servers::instance().fault("smtp", {"status", 451});
    EXPECT_EQ(round().later, 1U);
    now = *outbox.nextDue();
    Servers::instance().fault("smtp", {"status", 552});
    EXPECT_EQ(round().held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("larger than the server takes"));
    outbox.again();
    EXPECT_EQ(round().sent, 1U);
    EXPECT_EQ(received().size(), 1U);
    to.to = "nobody@example.com";
    outbox.add(item("two.jpg"));
    letAllGo();
    EXPECT_EQ(round().held, 1U);
    EXPECT_THAT(outbox.items()[1].problem, HasSubstr("550"));
    EXPECT_EQ(received().size(), 1U);
}

TEST_F(InLetters, NoPasswordAndNoLetterGoesWithoutEncryption) {
    const auto tried = tryOut(to, goOn);
    EXPECT_FALSE(tried.problem);
    EXPECT_THAT(tried.found, ::testing::Contains(HasSubstr("took the user and the password")));
    auto plain = *Servers::instance().login("smtp_plain");
    EXPECT_THAT(tryOut(plain, goOn).problem->happened, HasSubstr("does not offer to encrypt"));
    auto wrong = to;
    writeFile(folder / "wrong", "not-it\n");
    wrong.secretAt = (folder / "wrong").string();
    EXPECT_THAT(tryOut(wrong, goOn).problem->happened, HasSubstr("does not take this user and password"));
    wrong = to;
    wrong.certificates.clear();
    EXPECT_THAT(tryOut(wrong, goOn).problem->happened, HasSubstr("certificate"));
    EXPECT_TRUE(received().empty());
}

TEST_F(InLetters, AChangedCopyHoldsItsLetterAndASheetHangsOnInsteadOfCopies) {
    outbox.add(item("one.jpg"));
    letAllGo();
    writeFile(folder / "one.jpg", "another text");
    EXPECT_EQ(round().held, 1U);
    EXPECT_THAT(outbox.items()[0].problem, HasSubstr("was changed since it was made"));
    makePicture(folder / "real.jpg", 300, 200);
    to.holds = LetterHolds::Sheet;
    auto real = item("x.jpg");
    real.copy = folder / "real.jpg"; // other bytes than its run made: no small picture of them leaves either
    outbox.add(real);
    letAllGo();
    EXPECT_EQ(round().held, 1U);
    EXPECT_TRUE(received().empty());
    const auto bytes = readFile(real.copy);
    real.fingerprint = fingerprint(ByteSpan(bytes));
    real.bytes = bytes.size();
    outbox.add(real);
    letAllGo();
    EXPECT_EQ(round().sent, 1U);
    ASSERT_EQ(received().size(), 1U);
    const auto found = readLetter(received()[0]);
    EXPECT_EQ(found["parts"][0]["name"], "contact-sheet.pdf");
    EXPECT_EQ(found["parts"].size(), 1U);
}

} // namespace
