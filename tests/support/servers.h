// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The stand-in servers, started once for a test program and ended with it.
#pragma once

#include "support/support.h"

#include "base/files.h"
#include "delivery/sending.h"

#include <chrono>
#include <csignal>
#include <fcntl.h>
#include <map>
#include <optional>
#include <pwd.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

namespace keepseal::test {

class Servers {
public:
    static Servers& instance() {
        static Servers servers;
        return servers;
    }
    /// How a copy gets to one of them; nothing: it is not installed here.
    std::optional<SendingSettings> login(const std::string& server) const {
        const auto port = m_told["ports"][server];
        if (!port.is_number())
            return std::nullopt;
        SendingSettings out;
        out.on = true;
        out.server = "localhost:" + std::to_string(port.get<int>());
        out.user = m_told["user"].get<std::string>();
        out.secretFrom = SecretFrom::File;
        out.secretAt = (folder / "password").string();
        static const std::map<std::string, SendBy> by = {
            {"dav", SendBy::WebDav},  {"apache", SendBy::WebDav},    {"s3", SendBy::S3},
            {"ftps", SendBy::Ftps},   {"ftp", SendBy::Ftp},          {"sftp", SendBy::Sftp},
            {"smtp", SendBy::Letter}, {"smtp_plain", SendBy::Letter}};
        out.by = by.at(server);
        if (out.by == SendBy::S3)
            out.bucket = "box", out.region = m_told["region"].get<std::string>();
        if (out.by == SendBy::Ftp)
            out.readable = true;
        else if (out.by != SendBy::Sftp)
            out.certificates = (folder / "ca.pem").string();
        if (out.isLetter())
            out.from = "anna@studio.example.org", out.to = "receiver@example.com";
        if (out.by == SendBy::Sftp) {
            out.user = ::getpwuid(::getuid())->pw_name;
            out.key = (folder / "login_key").string();
            out.secretAt.clear();
        }
        return out;
    }
    /// Where its files lie.
    fs::path root(const std::string& server) const {
        return server == "s3" ? folder / "s3/box" : folder / server;
    }
    void fault(const std::string& server, const nlohmann::json& what) const {
        writeFile(folder / "faults.json", nlohmann::json{{server, what}}.dump());
    }
    TempFolder folder;

private:
    Servers() {
        m_process = ::fork();
        if (m_process == 0) {
            const auto program = fs::path(KEEPSEAL_SOURCE) / "demo/servers/stand_ins.py";
            const int nowhere = ::open("/dev/null", O_WRONLY);
            ::dup2(nowhere, 1);
            ::dup2(nowhere, 2);
            ::execl(program.c_str(), program.c_str(), folder.path().c_str(), nullptr);
            ::_exit(127);
        }
        const auto told = folder / "servers.json";
        for (int i = 0; i < 1200 && !fs::exists(told); ++i)
            std::this_thread::sleep_for(std::chrono::milliseconds(50));
        m_told = readJsonFile(told);
    }
    ~Servers() {
        ::kill(m_process, SIGTERM);
        ::waitpid(m_process, nullptr, 0);
    }
    pid_t m_process;
    nlohmann::json m_told;
};

} // namespace keepseal::test
