// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/upload.h"

#include "base/fingerprint.h"
#include "base/text.h"
#include "send/letter_post.h"
#include "send/line.h"
#include "send/outbox.h"
#include "send/secret.h"

#include <algorithm>
#include <stdexcept>

namespace keepseal {
namespace {

using Again = NotSent::Again;

/// For libcurl's own commands, in which a name stands between quotation marks.
std::string quotedThere(const std::string& path) {
    std::string out = "\"";
    for (const char c : path) {
        if (c == '"' || c == '\\')
            out += '\\';
        out += c;
    }
    return out + "\"";
}

/// "a/b/c": a, a/b, a/b/c.
std::vector<std::string> foldersTo(const std::string& folder) {
    std::vector<std::string> out;
    std::string path = folder.starts_with('/') ? "/" : "";
    for (const auto& piece : splitTrimmed(folder, '/'))
        out.push_back(path = thereIn(path, piece));
    return out;
}

} // namespace

Upload::Upload(SendingSettings to, std::string secret, const std::atomic<bool>& stop)
    : m_line(std::make_unique<UploadLine>(std::move(to), std::move(secret), stop)) {}

Upload::~Upload() = default;

void Upload::setPatience(std::chrono::milliseconds most) {
    uploadPatienceMs = static_cast<long>(most.count());
}

std::string Upload::hostKey() const {
    return m_line->hostKey();
}

bool Upload::checksSums() const {
    return m_line->to().by == SendBy::S3;
}

std::optional<std::uint64_t> Upload::sizeOf(const std::string& path) {
    auto& line = *m_line;
    line.begin(path);
    line.set(CURLOPT_NOBODY, 1L);
    const auto code = line.perform();
    if (code == CURLE_REMOTE_FILE_NOT_FOUND || code == CURLE_FTP_COULDNT_RETR_FILE ||
        (line.isFtp() && code == CURLE_REMOTE_ACCESS_DENIED)) // there is not even the folder
        return std::nullopt;
    if (line.isHttp() && code == CURLE_OK && (line.status() == 404 || line.status() == 409))
        return std::nullopt;
    if (code != CURLE_OK || (line.isHttp() && line.status() != 200))
        line.fail(code, toSay("looking for a file there"));
    const auto length = line.length();
    if (length == UINT64_MAX) {
        if (line.isFtp()) // libcurl passes over a SIZE that was refused
            return std::nullopt;
        throw NotSent(Again::Later, line.to().place(),
                      Saying("the server does not say how large {path} is", {{"path", path}}));
    }
    return length;
}

void Upload::putPart(const std::string& folder, const std::string& part, const SentFile& file) {
    auto& line = *m_line;
    if (line.to().by == SendBy::S3)
        return;
    const auto path = thereIn(folder, part);
    const auto size = file.bytes.size();
    std::uint64_t there = 0;
    if (line.to().by == SendBy::WebDav)
        makeFolders(folder);
    else
        there = sizeOf(path).value_or(0);
    if (there > size) { // it is none of this file
        remove(path);
        there = 0;
    }
    if (there < size || size == 0) {
        line.begin(path);
        line.giveBytes(file, there);
        CurlList list;
        if (line.isFtp() && there == 0)
            for (const auto& above : foldersTo(folder))
                list.add("*MKD " + above); // refused where it is there
        if (line.isFtp())
            line.set(CURLOPT_QUOTE, list.head);
        else if (!line.isHttp())
            line.set(CURLOPT_FTP_CREATE_MISSING_DIRS, static_cast<long>(CURLFTP_CREATE_DIR_RETRY));
        const auto code = line.perform();
        line.rethrowReading();
        if (code != CURLE_OK || (line.isHttp() && line.status() / 100 != 2))
            line.fail(code, toSay("sending"));
    }
    if (const auto now = sizeOf(path); now != size) {
        remove(path);
        throw NotSent(
            Again::Later, line.to().place(),
            Saying("the server has {now} bytes and not the {size} that were sent; they are sent anew",
                   {{"now", std::to_string(now.value_or(0))}, {"size", std::to_string(size)}}));
    }
}

void Upload::makeFolders(const std::string& folder) {
    auto& line = *m_line;
    for (const auto& path : foldersTo(folder)) {
        line.begin(path + "/");
        line.request("MKCOL");
        line.ask("making the folder " + path, {201, 301, 405}); // 405, 301: it is there
    }
}

void Upload::place(const std::string& folder, const std::string& part, const std::string& name,
                   const SentFile& file, bool over) {
    auto& line = *m_line;
    const auto from = thereIn(folder, part), to = thereIn(folder, name);
    CurlList list;
    switch (line.to().by) {
    case SendBy::S3:
        line.begin(to);
        line.giveBytes(file, 0);
        list.add("x-amz-content-sha256: " + file.sha256);
        line.headers(list);
        if (const auto code = line.perform(); code != CURLE_OK || line.status() != 200) {
            line.rethrowReading();
            line.fail(code, toSay("sending"));
        }
        break;
    case SendBy::WebDav:
        line.begin(from);
        line.request("MOVE");
        list.add("Destination: " + line.urlOf(to));
        list.add(over ? "Overwrite: T" : "Overwrite: F");
        line.headers(list);
        line.ask("giving it its name", {201, 204});
        break;
    case SendBy::Sftp: {
        line.begin(from);
        line.set(CURLOPT_NOBODY, 1L);
        const auto beginning = folder.empty() ? std::string() : thereIn(folder, {});
        if (over)
            list.add("*rm " + quotedThere(beginning + name));
        list.add("rename " + quotedThere(beginning + part) + " " + quotedThere(beginning + name));
        line.set(CURLOPT_QUOTE, list.head);
        line.set(CURLOPT_URL, line.urlOf(to).c_str());
        line.ask("giving it its name", {});
        break;
    }
    case SendBy::Letter: // has a way of its own, see letter_post.h
        throw std::logic_error("a letter is not put anywhere");
    case SendBy::Ftps:
    case SendBy::Ftp:
        line.begin(to);
        line.set(CURLOPT_NOBODY, 1L);
        if (over)
            list.add("*DELE " + to);
        list.add("RNFR " + from);
        list.add("RNTO " + to);
        line.set(CURLOPT_QUOTE, list.head);
        line.ask("giving it its name", {});
        break;
    }
    if (const auto now = sizeOf(to); now != file.bytes.size())
        throw NotSent(Again::Later, line.to().place(),
                      Saying("{to} is not there as it was sent", {{"to", to}}));
}

void Upload::remove(const std::string& path) {
    auto& line = *m_line;
    CurlList list;
    if (line.isHttp()) {
        line.begin(path);
        line.request("DELETE");
        line.ask("removing " + path, {200, 204, 404});
        return;
    }
    line.begin({});
    line.set(CURLOPT_NOBODY, 1L);
    list.add(line.isFtp() ? "*DELE " + path : "*rm " + quotedThere(path));
    line.set(CURLOPT_QUOTE, list.head);
    line.ask("removing " + path, {});
}

namespace {

TriedOut tryOutLetters(const SendingSettings& to, const std::atomic<bool>& stop) {
    TriedOut out;
    try {
        tryLetterLogin(to, secretFor(to), stop);
        out.found.emplace_back(to.user.empty() ? "The server answers, encrypted; it asked for no login."
                                               : "The server answers, encrypted, and took the user and the "
                                                 "password.");
        out.found.emplace_back("No letter was sent.");
    } catch (const NotSent& problem) {
        out.problem = problem;
    } catch (const Problem& problem) {
        out.problem = NotSent(Again::WhenMended, problem.subject, problem.happened, problem.remedy);
    }
    return out;
}

} // namespace

TriedOut tryOut(const SendingSettings& to, const std::atomic<bool>& stop) {
    if (to.isLetter())
        return tryOutLetters(to, stop);
    TriedOut out;
    std::unique_ptr<Upload> upload;
    try {
        const auto secret = secretFor(to);
        upload = std::make_unique<Upload>(to, secret, stop);
        const std::string text = "Keep Seal tried this folder out.\n";
        const Bytes bytes(text.begin(), text.end());
        const MemorySource source(bytes);
        const SentFile file{source, fingerprint(ByteSpan(bytes))};
        const std::string part = ".keep-seal-try", name = "keep-seal-try.txt";
        const auto folder = to.folder.find('{') == std::string::npos ? to.folder : std::string();
        upload->putPart(folder, part, file);
        out.found.emplace_back("The server took the user and the password, or the key.");
        upload->place(folder, part, name, file, true);
        out.found.emplace_back("A small file was written, and is there with all its bytes.");
        upload->remove(thereIn(folder, name));
        if (upload->sizeOf(thereIn(folder, name)))
            out.found.emplace_back("It could not be taken away again: " + thereIn(folder, name) +
                                   " is left there.");
        else
            out.found.emplace_back("It was taken away again.");
        if (to.by == SendBy::S3)
            out.found.emplace_back(
                "The storage checks each file by its SHA-256; what breaks off is sent from its beginning.");
        else if (to.by == SendBy::WebDav)
            out.found.emplace_back(
                "Files are checked by their size; what breaks off is sent from its beginning.");
        else
            out.found.emplace_back(
                "Files are checked by their size; what breaks off goes on where it broke.");
    } catch (const NotSent& problem) {
        out.problem = problem;
    } catch (const Problem& problem) {
        out.problem = NotSent(Again::WhenMended, problem.subject, problem.happened, problem.remedy);
    }
    if (upload)
        out.hostKey = upload->hostKey();
    return out;
}

} // namespace keepseal
