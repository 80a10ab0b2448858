// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/outbox_commands.h"

#include "base/text.h"
#include "cli/print.h"
#include "cli/run_request.h"
#include "send/letter.h"
#include "send/postman.h"
#include "send/secret.h"
#include "send/upload.h"

#include <chrono>
#include <iostream>
#include <thread>

namespace keepseal::cli {
namespace {

using nlohmann::json;

json itemJson(const OutboxItem& item) {
    json out = {{"id", item.id},         {"copy", item.copy.string()}, {"sha256", item.fingerprint},
                {"bytes", item.bytes},   {"delivery", item.delivery},  {"place", item.to.place()},
                {"folder", item.folder}, {"name", item.name},          {"state", keyOf(item.state)},
                {"tries", item.tries}};
    if (item.state == SendState::Sent)
        out["sent_as"] = item.sentAs, out["sent"] = sendTimeText(item.sentAt);
    else if (item.state == SendState::Waiting && item.due > 0)
        out["due"] = sendTimeText(item.due);
    if (!item.problem.empty())
        out["problem"] = item.problem;
    return out;
}

std::string stateWord(SendState state) {
    static constexpr const char* words[] = {toSay("waiting"), toSay("sent"), toSay("left out"), toSay("held"),
                                            toSay("not looked at yet")};
    return said(words[static_cast<std::size_t>(state)]);
}

void printItem(const OutboxItem& item) {
    std::cout << item.id << "  " << stateWord(item.state) << "  "
              << Saying(item.state == SendState::Sent ? toSay("{file}  to {place}  as {name}  {day}")
                                                      : toSay("{file}  to {place}"),
                        {{"file", shown(item.copy)},
                         {"place", shown(item.to.place())},
                         {"name", shown(item.sentAs)},
                         {"day", sendTimeText(item.sentAt)}})
                     .said()
              << "\n";
    if (item.state != SendState::Sent && !item.problem.empty())
        std::cout << "    " << shown(item.problem) << "\n";
    if (item.state == SendState::Waiting && item.due > sendTimeNow())
        std::cout << "    " << Saying("again at {day}", {{"day", sendTimeText(item.due)}}).said() << "\n";
}

std::vector<std::string> countsOf(std::initializer_list<std::pair<std::size_t, const char*>> counts) {
    std::vector<std::string> out;
    for (const auto& [count, pattern] : counts)
        out.push_back(saidOf(count, pattern, pattern));
    return out;
}

int runList(const OutboxOptions& options) {
    std::vector<OutboxItem> items;
    if (Outbox::exists())
        items = Outbox().items();
    json out = json::array();
    std::size_t sent = 0, waiting = 0, held = 0, unread = 0;
    for (const auto& item : items) {
        sent += item.state == SendState::Sent, waiting += item.state == SendState::Waiting,
            held += item.state == SendState::Held, unread += item.state == SendState::Unread;
        if (options.json)
            out.push_back(itemJson(item));
        else if (options.all || (item.state != SendState::Sent && item.state != SendState::LeftOut))
            printItem(item);
    }
    if (options.json)
        std::cout << dump(out) << "\n";
    else
        std::cout << saidTogether(countsOf({{waiting, toSayOf("{n} waiting")},
                                            {held, toSayOf("{n} held")},
                                            {sent, toSayOf("{n} sent")}}))
                  << "\n";
    if (!options.json && unread > 0)
        std::cout << saidOf(unread, "{n} in letters that nobody looked at: outbox letters",
                            "{n} in letters that nobody looked at: outbox letters")
                  << "\n";
    return held > 0 ? kSomeProblems : kDone;
}

/// Until the next one is due, but not longer than it takes to be stopped in time.
void pauseUntil(SendTime due) {
    while (!stopRequested && sendTimeNow() < due)
        std::this_thread::sleep_for(std::chrono::milliseconds(200));
}

int runSend(const OutboxOptions& options) {
    stopOnSignals();
    if (!Outbox::exists()) {
        std::cout << said("The outbox is empty.") << "\n";
        return kDone;
    }
    Outbox outbox;
    json out = json::array();
    PostRound all;
    do {
        const auto round = sendDue(outbox, sendTimeNow, stopRequested, [&](const OutboxItem& item) {
            if (options.json)
                out.push_back(itemJson(item));
            else
                printItem(item);
            std::cout.flush();
        });
        all.sent += round.sent, all.leftOut += round.leftOut, all.held += round.held;
        const auto due = outbox.nextDue();
        if (!options.wait || !due)
            break;
        pauseUntil(*due);
    } while (!stopRequested);
    const auto waiting = outbox.count(SendState::Waiting);
    if (options.json)
        std::cout << dump(out) << "\n";
    else
        std::cout << saidTogether(countsOf({{all.sent, toSayOf("{n} sent")},
                                            {all.leftOut, toSayOf("{n} left out")},
                                            {waiting, toSayOf("{n} waiting")},
                                            {outbox.count(SendState::Held), toSayOf("{n} held")}}))
                  << "\n";
    return stopRequested ? kStopped : waiting + all.held > 0 ? kSomeProblems : kDone;
}

json letterJson(const Letter& letter) {
    json ids = json::array();
    for (const auto& item : letter.items)
        ids.push_back(item.id);
    return {{"ids", ids},
            {"server", letter.to.place()},
            {"from", letter.to.from},
            {"to", letter.receivers},
            {"subject", letter.subject},
            {"words", letter.words},
            {"attached", letter.attached},
            {"bytes", letter.bytes}};
}

void printLetter(const Letter& letter) {
    const auto head = [](const char* pattern, const std::string& value) {
        std::cout << Saying(pattern, {{"value", shown(value)}}).said() << "\n";
    };
    head(toSay("From: {value}"), letter.to.from);
    head(toSay("To: {value}"), letter.to.to);
    head(toSay("Through: {value}"), letter.to.place());
    head(toSay("Subject: {value}"), letter.subject);
    for (const auto& line : splitTrimmed(letter.words, '\n'))
        std::cout << "    " << shown(line) << "\n";
    for (const auto& name : letter.attached)
        std::cout << "  + " << shown(name) << "\n";
    const auto copies = letter.items.size();
    std::cout << "  "
              << (letter.to.holds == LetterHolds::Copies
                      ? saidOf(copies, "of {n} copy, about {bytes}", "of {n} copies, about {bytes}",
                               {{"bytes", byteText(letter.bytes)}})
                      : saidOf(copies, "of {n} copy", "of {n} copies"))
              << "\n\n";
}

/// All letters that nobody looked at yet: shown whole, and let go where that was asked for.
int runLetters(const OutboxOptions& options) {
    std::vector<OutboxItem> unread;
    if (Outbox::exists())
        for (auto& item : Outbox().items())
            if (item.state == SendState::Unread)
                unread.push_back(std::move(item));
    const auto letters = lettersOf(unread);
    json out = json::array();
    for (const auto& letter : letters)
        if (options.json)
            out.push_back(letterJson(letter));
        else
            printLetter(letter);
    if (options.json)
        std::cout << dump(out) << "\n";
    else
        std::cout << (letters.empty() || options.letGo
                          ? saidOf(letters.size(), "{n} letter", "{n} letters")
                          : saidOf(letters.size(), "{n} letter. To send it: outbox letters --send",
                                   "{n} letters. To send them: outbox letters --send"))
                  << "\n";
    if (!options.letGo)
        return kDone;
    for (const auto& letter : letters) {
        std::vector<std::int64_t> ids;
        for (const auto& item : letter.items)
            ids.push_back(item.id);
        Outbox().letGo(ids, letter.to);
    }
    auto quiet = options;
    quiet.json = false;
    return runSend(quiet);
}

std::vector<SendingSettings> sendingOf(const OutboxOptions& options) {
    std::vector<SendingSettings> out;
    for (const auto& delivery : deliveriesAsMade(options.delivery, {})) {
        if (!delivery.sending.chosen())
            throw Problem(ProblemKind::BadSetting, "sending.server",
                          Saying(delivery.sending.isLetter()
                                     ? toSay("\"{delivery}\" names no server, sender or receiver")
                                     : toSay("\"{delivery}\" names no server"),
                                 {{"delivery", delivery.name}}),
                          "Name it, as in --set sending.server=pictures.example.org");
        out.push_back(delivery.sending);
    }
    return out;
}

int tryPlaces(const OutboxOptions& options) {
    stopOnSignals();
    int code = kDone;
    for (const auto& to : sendingOf(options)) {
        const auto tried = tryOut(to, stopRequested);
        std::cout << shown(to.place()) << "\n";
        if (!tried.hostKey.empty())
            std::cout << "  " << Saying("The server's key: {key}", {{"key", tried.hostKey}}).said() << "\n";
        for (const auto& sentence : tried.found)
            std::cout << "  " << shown(sentence) << "\n";
        if (tried.problem) {
            std::cout << "  " << shown(tried.problem->sentence()) << "\n";
            code = kSomeProblems;
        } else {
            Outbox().allow(to);
            std::cout << "  " << said("Copies may be sent there from now on.") << "\n";
        }
    }
    return code;
}

int runPassword(const OutboxOptions& options) {
    std::string secret;
    std::getline(std::cin, secret);
    for (const auto& to : sendingOf(options))
        storeSecret(to, secret);
    std::cout << said("It is in the desktop's secret store.") << "\n";
    return kDone;
}

int sayDone(const std::string& sentence) {
    std::cout << sentence << "\n";
    return kDone;
}

} // namespace

CLI::App* addOutboxCommands(CLI::App& app, OutboxOptions& options) {
    auto* command = app.add_subcommand("outbox", "Copies that are to be sent, and sending them");
    command->require_subcommand(1);
    auto* list = command->add_subcommand("list", "What waits, and what is held and why");
    list->add_flag("--all", options.all, "What was sent and left out too");
    auto* send = command->add_subcommand("send", "Send what is due");
    send->add_flag("--wait", options.wait,
                   "Go on until nothing waits any more, with a pause after each failure");
    for (auto* verb : {list, send})
        verb->add_flag("--json", options.json, "Print JSON for programs");
    auto* letters = command->add_subcommand("letters", "Letters that nobody looked at yet, whole");
    letters->add_flag("--send", options.letGo, "They are right: send them");
    letters->add_flag("--json", options.json, "Print JSON for programs");
    const auto forDelivery = [&](const char* name, const char* help) {
        auto* verb = command->add_subcommand(name, help);
        verb->add_option("-d,--delivery", options.delivery.files,
                         "The delivery whose station Sending is meant")
            ->required()
            ->allow_extra_args(false);
        verb->add_option("-s,--set", options.delivery.assignments,
                         "Change one setting, as in --set sending.user=anna")
            ->allow_extra_args(false);
    };
    forDelivery(
        "try",
        "Connect, write a small file and take it away again; where that does, copies may be sent there");
    forDelivery("allow", "Say that copies may be sent there, without trying it out");
    forDelivery("password", "Put a password, read from the standard input, into the desktop's secret store");
    command->add_subcommand("again", "Held copies, and those that wait for their next try, are due now")
        ->add_option("id", options.ids, "As 'list' shows; none: all");
    auto* drop =
        command->add_subcommand("drop", "Take copies out of the outbox; what was sent stays where it is");
    drop->add_option("id", options.ids, "As 'list' shows");
    drop->add_flag("--sent", options.sent,
                   "All that were sent or left out: a copy that is stamped again may be sent again then");
    return command;
}

int runOutbox(const CLI::App& command, const OutboxOptions& options) {
    if (command.got_subcommand("list"))
        return runList(options);
    if (command.got_subcommand("send"))
        return runSend(options);
    if (command.got_subcommand("letters"))
        return runLetters(options);
    if (command.got_subcommand("try"))
        return tryPlaces(options);
    if (command.got_subcommand("password"))
        return runPassword(options);
    if (command.got_subcommand("again"))
        return sayDone(saidOf(Outbox::exists() ? Outbox().again(options.ids) : 0, "{n} copy to be sent again",
                              "{n} copies to be sent again"));
    if (command.got_subcommand("drop"))
        return sayDone(saidOf(!Outbox::exists() ? 0
                              : options.sent    ? Outbox().dropSent()
                                                : Outbox().drop(options.ids),
                              "{n} copy taken out", "{n} copies taken out"));
    for (const auto& to : sendingOf(options)) {
        Outbox().allow(to);
        sayDone(Saying("Copies may be sent to {place} from now on.", {{"place", shown(to.place())}}).said());
    }
    return kDone;
}

} // namespace keepseal::cli
