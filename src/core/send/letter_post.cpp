// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/letter_post.h"

#include "base/fingerprint.h"
#include "send/line.h"

namespace keepseal {

void tryLetterLogin(const SendingSettings& to, const std::string& secret, const std::atomic<bool>& stop) {
    UploadLine line(to, secret, stop);
    line.begin({});
    line.set(CURLOPT_NOBODY, 1L);
    line.request("NOOP");
    if (const auto code = line.perform(); code != CURLE_OK)
        line.fail(code, toSay("logging in"));
}

void postLetter(const SendingSettings& to, const std::string& secret,
                const std::vector<std::string>& receivers, const Bytes& message,
                const std::atomic<bool>& stop, bool& mayHaveArrived) {
    mayHaveArrived = false;
    UploadLine line(to, secret, stop);
    const MemorySource bytes(message);
    const SentFile file{bytes, fingerprint(ByteSpan(message))};
    CurlList all;
    for (const auto& receiver : receivers)
        all.add("<" + receiver + ">");
    line.begin({});
    line.giveBytes(file, 0);
    line.set(CURLOPT_MAIL_FROM, ("<" + to.from + ">").c_str());
    line.set(CURLOPT_MAIL_RCPT, all.head);
    if (const auto code = line.perform(); code != CURLE_OK) {
        mayHaveArrived = line.gaveAll() && line.status() < 400;
        line.fail(code, toSay("sending the letter"));
    }
}

} // namespace keepseal
