// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The sending station: finished copies are put on a server as well, or go out in a letter. Never a password:
// only where it is kept.
#pragma once

#include "base/setting.h"

#include <vector>

namespace keepseal {

enum class SendBy {
    Sftp,   ///< SSH file transfer (draft-ietf-secsh-filexfer)
    Ftps,   ///< FTP (RFC 959) with explicit TLS (RFC 4217)
    WebDav, ///< RFC 4918, over TLS
    S3,     ///< object storage that speaks the S3 interface, over TLS; signed with version 4
    Ftp,    ///< plain FTP: only after a word
    Letter, ///< e-mail: SMTP (RFC 5321), encrypted (RFC 3207, or RFC 8314 on port 465)
};
/// What a letter holds.
enum class LetterHolds {
    Copies, ///< the copies themselves
    Sheet,  ///< a contact sheet of them, as a PDF
};
/// What is put on a server.
enum class SentAs {
    Copies,
    Album, ///< a web album of them, which grows with each run
};
enum class TakenThere {
    Number,  ///< the copy gets a number behind its name
    Skip,    ///< it is not sent
    Replace, ///< what this outbox sent there before gives way; anything else stays, and the copy is numbered
};
enum class SecretFrom {
    Desktop,     ///< the desktop's secret store
    File,        ///< its first line
    Environment, ///< a variable
};

struct SendingSettings {
    bool on = false;
    SendBy by = SendBy::Sftp;
    std::string server; ///< host, host:port, and for WebDAV host/folder
    std::string bucket; ///< S3 only
    std::string region = "us-east-1";
    std::string folder; ///< on the server; tokens allowed; from the login's own folder, or from "/"
    std::string user;
    SecretFrom secretFrom = SecretFrom::Desktop;
    std::string secretAt; ///< the file, or the variable's name
    std::string key;      ///< SFTP: a private key's file; the secret is its passphrase then, if it has one
    std::string hostKey;  ///< SFTP: "SHA256:..." of the key that the server must have
    std::string certificates; ///< TLS: a PEM file with those trusted besides the system's
    bool readable = false;    ///< FTP: a person said that everybody on the way may read password and pictures
    TakenThere taken = TakenThere::Number;
    SentAs as = SentAs::Copies;
    // Of albums.
    std::string albumTitle = "{delivery}"; ///< {delivery}, {count}, {date} and who you are
    std::string albumAbout;                ///< the same; may be empty
    bool albumDownloads = false, albumUnlisted = false;
    // Of letters.
    std::string from;                             ///< one address
    std::string to;                               ///< addresses, parted by commas
    std::string subject = "Pictures: {delivery}"; ///< {delivery}, {count}, {date} and who you are
    std::string words;                            ///< the same; may be empty
    LetterHolds holds = LetterHolds::Copies;
    double mostMb = 15; ///< of one letter, in 1,000,000 bytes as it is sent; more copies go in several
    bool operator==(const SendingSettings&) const = default;

    /// All that it takes to send is named.
    bool chosen() const {
        return !server.empty() && (by != SendBy::S3 || !bucket.empty()) &&
               (by != SendBy::Letter || (!from.empty() && !to.empty()));
    }
    bool isLetter() const { return by == SendBy::Letter; }
    bool isAlbum() const { return !isLetter() && as == SentAs::Album; }
    /// The same place by the same login: what was sent there need not be sent again.
    std::string place() const;
};

/// Addresses parted by commas; empty when any of them is none ("anna@example.org").
std::vector<std::string> addressesIn(const std::string& text);

const std::vector<Setting<SendingSettings>>& sendingSettings();
std::string sendingSummary(const SendingSettings& sending);

} // namespace keepseal
