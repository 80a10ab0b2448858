// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The sending station: finished copies are put on a server as well. Never a password: only where it is kept.
#pragma once

#include "base/setting.h"

namespace keepseal {

enum class SendBy {
    Sftp,   ///< SSH file transfer (draft-ietf-secsh-filexfer)
    Ftps,   ///< FTP (RFC 959) with explicit TLS (RFC 4217)
    WebDav, ///< RFC 4918, over TLS
    S3,     ///< object storage that speaks the S3 interface, over TLS; signed with version 4
    Ftp,    ///< plain FTP: only after a word
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
    bool operator==(const SendingSettings&) const = default;

    bool chosen() const { return !server.empty() && (by != SendBy::S3 || !bucket.empty()); }
    /// The same place by the same login: what was sent there need not be sent again.
    std::string place() const;
};

const std::vector<Setting<SendingSettings>>& sendingSettings();
std::string sendingSummary(const SendingSettings& sending);

} // namespace keepseal
