// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// An outbox of a test's own, with made-up copies, and the small servers that they go to.
#pragma once

#include "support/job.h"
#include "support/servers.h"

#include "base/fingerprint.h"
#include "send/postman.h"
#include "send/upload.h"

#include <gtest/gtest.h>

namespace keepseal::test {

inline const std::atomic<bool> goOn{false};

/// As a run puts it in.
inline OutboxItem itemOf(const fs::path& copy, const SendingSettings& to) {
    const auto text = readText(copy);
    OutboxItem out;
    out.copy = copy;
    out.fingerprint = fingerprint(ByteSpan(reinterpret_cast<const std::uint8_t*>(text.data()), text.size()));
    out.bytes = text.size();
    out.delivery = "Web gallery";
    out.to = to;
    out.name = copy.filename().string();
    return out;
}

class InTheOutbox : public ::testing::Test {
protected:
    TempFolder folder;
    fs::path file = folder / "state/outbox.sqlite";
    SendTime now = 1'000'000;

    OutboxItem item(const std::string& name, const SendingSettings& to, std::string text = {}) {
        if (text.empty())
            text = "the copy " + name + std::string(200'000, 'x');
        writeFile(folder / name, text);
        auto out = itemOf(folder / name, to);
        // Each test has a folder of its own on the servers, whose name has to be written with care.
        out.folder =
            std::string(::testing::UnitTest::GetInstance()->current_test_info()->name()) + "/a b%20c";
        return out;
    }
    PostRound round(Outbox& outbox) {
        return sendDue(
            outbox, [&] { return now; }, goOn, [](const OutboxItem&) {});
    }
    static SendingSettings nowhere() {
        SendingSettings out;
        out.on = true, out.server = "localhost:1", out.user = "anna", out.key = "/nowhere";
        return out;
    }
    static std::map<std::string, std::string> there(const std::string& server, const std::string& below) {
        std::map<std::string, std::string> out;
        const auto root = Servers::instance().root(server) / below;
        std::error_code none;
        for (const auto& entry : fs::recursive_directory_iterator(root, none))
            if (entry.is_regular_file())
                out[entry.path().lexically_relative(root).string()] = readText(entry.path());
        return out;
    }
    /// Of a server, with its key accepted.
    static std::optional<SendingSettings> trusted(const std::string& server) {
        auto to = Servers::instance().login(server);
        if (to && to->by == SendBy::Sftp)
            to->hostKey = tryOut(*to, goOn).hostKey;
        return to;
    }
};

} // namespace keepseal::test
