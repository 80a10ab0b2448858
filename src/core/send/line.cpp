// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/line.h"

#include "base/text.h"
#include "delivery/delivery.h"

#include <openssl/evp.h>

#include <algorithm>
#include <mutex>

namespace keepseal {

std::atomic<long> uploadPatienceMs{30'000};

namespace {

using Again = NotSent::Again;

/// A mail server may look at a letter for long before it takes it: ten minutes (RFC 5321, 4.5.3.2.6).
long patienceFor(bool letter) {
    return uploadPatienceMs.load() * (letter ? 20 : 1);
}

/// "SHA256:" and base64 without padding, as OpenSSH shows a key. `length` 0: `key` is in base64.
std::string shownKey(const char* key, std::size_t length) {
    std::string raw(key, length > 0 ? length : std::char_traits<char>::length(key));
    if (length == 0) {
        const auto padding = static_cast<std::size_t>(std::count(raw.begin(), raw.end(), '='));
        const std::string text = raw;
        const int bytes = EVP_DecodeBlock(reinterpret_cast<unsigned char*>(raw.data()),
                                          reinterpret_cast<const unsigned char*>(text.data()),
                                          static_cast<int>(text.size()));
        if (bytes < 0)
            return {};
        raw.resize(static_cast<std::size_t>(bytes) - padding);
    }
    std::array<unsigned char, EVP_MAX_MD_SIZE> sum{};
    unsigned size = 0;
    EVP_Digest(raw.data(), raw.size(), sum.data(), &size, EVP_sha256(), nullptr);
    std::array<unsigned char, 100> out{};
    EVP_EncodeBlock(out.data(), sum.data(), static_cast<int>(size));
    std::string shown = reinterpret_cast<const char*>(out.data());
    while (shown.ends_with('='))
        shown.pop_back();
    return "SHA256:" + shown;
}

} // namespace

void UploadLine::startCurl() {
    static std::once_flag once;
    std::call_once(once, [] { curl_global_init(CURL_GLOBAL_DEFAULT); });
}

void UploadLine::begin(const std::string& path) {
    if (std::any_of(path.begin(), path.end(), [](unsigned char c) { return c < ' ' || c == 0x7F; }))
        throw NotSent(Again::WhenMended, m_to.place(), "a name with control characters is not sent");
    curl_easy_reset(m_curl);
    m_error[0] = 0;
    set(CURLOPT_URL, urlOf(path).c_str());
    set(CURLOPT_PROTOCOLS_STR, isHttp() ? "https" : isFtp() ? "ftp" : isLetter() ? "smtp,smtps" : "sftp");
    set(CURLOPT_FOLLOWLOCATION, 0L);
    set(CURLOPT_NOSIGNAL, 1L);
    set(CURLOPT_ERRORBUFFER, m_error.data());
    set(CURLOPT_CONNECTTIMEOUT_MS, uploadPatienceMs.load());
    set(CURLOPT_SERVER_RESPONSE_TIMEOUT, std::max(1L, patienceFor(isLetter()) / 1000));
    set(CURLOPT_PROXY, ""); // none that the environment names: only what a person wrote down is spoken to
    set(CURLOPT_NETRC, static_cast<long>(CURL_NETRC_IGNORED));
    set(CURLOPT_NOPROGRESS, 0L);
    set(CURLOPT_XFERINFOFUNCTION, &UploadLine::goesOn);
    set(CURLOPT_XFERINFODATA, this);
    set(CURLOPT_WRITEFUNCTION, &UploadLine::passOver);
    if (isFtp()) // all paths are whole ones, and count from where the login begins
        set(CURLOPT_FTP_FILEMETHOD, static_cast<long>(CURLFTPMETHOD_NOCWD));
    login();
    if (isHttp() || isLetter() || m_to.by == SendBy::Ftps)
        secure();
}

void UploadLine::secure() {
    if (!isHttp())
        set(CURLOPT_USE_SSL, static_cast<long>(CURLUSESSL_ALL));
    set(CURLOPT_SSL_VERIFYPEER, 1L);
    set(CURLOPT_SSL_VERIFYHOST, 2L);
    // With 1.3 a server's session tickets may lie unread when libcurl (7.88) closes the line that an
    // upload's bytes went over, and the system then takes back what is on its way: files came short.
    set(CURLOPT_SSLVERSION,
        static_cast<long>(CURL_SSLVERSION_TLSv1_2) |
            (isHttp() || isLetter() ? 0L : static_cast<long>(CURL_SSLVERSION_MAX_TLSv1_2)));
    if (!m_to.certificates.empty())
        set(CURLOPT_CAINFO, resolvedFolder(m_to.certificates, "/").c_str());
}

void UploadLine::login() {
    if (m_to.by == SendBy::Ftp && !m_to.readable)
        throw NotSent(Again::WhenMended, m_to.place(),
                      "plain FTP is not used: nobody said that all may read along",
                      "Choose another way, or say so at the station Sending");
    if (isLetter() && m_to.user.empty())
        return; // a server that knows its own people by the line they come over
    set(CURLOPT_USERNAME, m_to.user.c_str());
    if (m_to.by == SendBy::S3) {
        set(CURLOPT_PASSWORD, m_secret.c_str());
        set(CURLOPT_AWS_SIGV4, ("aws:amz:" + m_to.region + ":s3").c_str());
    } else if (m_to.by == SendBy::Sftp) {
        const bool byKey = !m_to.key.empty();
        set(CURLOPT_SSH_AUTH_TYPES, static_cast<long>(byKey ? CURLSSH_AUTH_PUBLICKEY
                                                            : CURLSSH_AUTH_PASSWORD | CURLSSH_AUTH_KEYBOARD));
        if (byKey) {
            set(CURLOPT_SSH_PRIVATE_KEYFILE, resolvedFolder(m_to.key, "/").c_str());
            set(CURLOPT_KEYPASSWD, m_secret.c_str());
        } else {
            set(CURLOPT_PASSWORD, m_secret.c_str());
        }
        set(CURLOPT_SSH_KNOWNHOSTS, "/dev/null"); // so that each key is asked about
        set(CURLOPT_SSH_KEYFUNCTION, &UploadLine::isItsKey);
        set(CURLOPT_SSH_KEYDATA, this);
    } else {
        set(CURLOPT_PASSWORD, m_secret.c_str());
        if (m_to.by == SendBy::WebDav)
            set(CURLOPT_HTTPAUTH, static_cast<long>(CURLAUTH_BASIC | CURLAUTH_DIGEST));
    }
}

/// What a mail server refuses it says with a number of its own (RFC 5321, 4.2.1): 4yz for now, 5yz for good.
void UploadLine::failByAnswer(const std::string& doing) {
    const auto answer = status();
    if (!isLetter() || answer < 400 || m_stalled || m_stop)
        return;
    if (answer == 530 || answer == 534 || answer == 535 || answer == 538)
        throw NotSent(Again::WhenMended, m_to.place(), "the server does not take this user and password",
                      "Check them, then try it out");
    if (answer == 552)
        throw NotSent(
            Again::WhenMended, m_to.place(),
            Saying("{what}: the letter is larger than the server takes, or the receiver's box is full",
                   {{"what", doing}}),
            "Let letters be smaller, at the station Sending");
    throw NotSent(
        answer < 500 ? Again::Later : Again::WhenMended, m_to.place(),
        {answer == 550 || answer == 553
             ? "{what}: the server answered with {status}, as for an address that it does not know or let "
               "through"
             : "{what}: the server answered with {status}",
         {{"what", doing}, {"status", std::to_string(answer)}}},
        answer < 500 ? "" : "Check the addresses");
}

[[noreturn]] void UploadLine::fail(CURLcode code, const std::string& doing) {
    failByAnswer(doing);
    if (m_stop)
        throw Problem(ProblemKind::Stopped, m_to.place(), "it was stopped");
    if (m_keyRefused)
        refusedKey();
    if (m_stalled)
        throw NotSent(Again::Later, m_to.place(),
                      Saying("{what}: nothing came or went for {seconds} seconds",
                             {{"what", doing},
                              {"seconds", std::to_string(std::max(1L, uploadPatienceMs.load() / 1000))}}));
    const std::string told = m_error[0] ? m_error.data() : curl_easy_strerror(code);
    switch (code) {
    case CURLE_COULDNT_RESOLVE_HOST:
        throw NotSent(Again::Later, m_to.place(), "no server of that name is found",
                      "Check the name, and the network");
    case CURLE_COULDNT_CONNECT:
    case CURLE_OPERATION_TIMEDOUT:
    case CURLE_GOT_NOTHING:
    case CURLE_SEND_ERROR:
    case CURLE_RECV_ERROR:
    case CURLE_PARTIAL_FILE:
        throw NotSent(Again::Later, m_to.place(),
                      Saying("{what}: the line broke, or the server does not answer ({told})",
                             {{"what", doing}, {"told", told}}));
    case CURLE_LOGIN_DENIED:
        throw NotSent(Again::WhenMended, m_to.place(),
                      "the server does not take this user and password, or key",
                      "Check them, then try it out");
    case CURLE_PEER_FAILED_VERIFICATION:
    case CURLE_SSL_CACERT_BADFILE:
    case CURLE_SSL_ISSUER_ERROR:
        throw NotSent(Again::WhenMended, m_to.place(),
                      Saying("the server's certificate is not one that is trusted: {told}", {{"told", told}}),
                      "Ask its keeper before you go on; nothing was sent, and no password told");
    case CURLE_USE_SSL_FAILED:
        throw NotSent(Again::WhenMended, m_to.place(), "the server does not offer to encrypt",
                      "Ask its keeper; nothing was sent, and no password told");
    case CURLE_REMOTE_DISK_FULL:
        throw NotSent(Again::Later, m_to.place(), Saying("{what}: the server is full", {{"what", doing}}),
                      "Make room on it");
    case CURLE_REMOTE_ACCESS_DENIED:
        throw NotSent(
            Again::WhenMended, m_to.place(),
            Saying("{what}: the server does not allow it ({told})", {{"what", doing}, {"told", told}}),
            "Check the folder there");
    case CURLE_OK:
        break;
    default:
        throw NotSent(Again::Later, m_to.place(),
                      Saying("{what}: {told}", {{"what", doing}, {"told", told}}));
    }
    const auto status = this->status();
    if (status == 401 || status == 403)
        throw NotSent(Again::WhenMended, m_to.place(),
                      "the server does not take this user and password, or does not let them write there",
                      "Check them, then try it out");
    if (status == 507)
        throw NotSent(Again::Later, m_to.place(), Saying("{what}: the server is full", {{"what", doing}}),
                      "Make room on it");
    throw NotSent(status >= 500 || status == 429 || status == 408 ? Again::Later : Again::WhenMended,
                  m_to.place(),
                  Saying("{what}: the server answered with {status}",
                         {{"what", doing}, {"status", std::to_string(status)}}));
}

[[noreturn]] void UploadLine::refusedKey() {
    if (m_to.hostKey.empty())
        throw NotSent(
            Again::WhenMended, m_to.place(),
            Saying("its key was not accepted yet; it has {hostKey}", {{"hostKey", m_hostKey}}),
            "Compare that with what the server's keeper says, then write it at the station Sending");
    throw NotSent(
        Again::WhenMended, m_to.place(),
        Saying("it has another key than the accepted one: {hostKey}", {{"hostKey", m_hostKey}}),
        "Somebody may stand between; ask its keeper before you accept the new one. Nothing was sent");
}

void UploadLine::giveBytes(const SentFile& file, std::uint64_t from) {
    m_reading = {&file, 0, nullptr}; // libcurl asks for what it begins at
    set(CURLOPT_UPLOAD, 1L);
    set(CURLOPT_READFUNCTION, &UploadLine::read);
    set(CURLOPT_READDATA, this);
    set(CURLOPT_SEEKFUNCTION, &UploadLine::seek);
    set(CURLOPT_SEEKDATA, this);
    set(CURLOPT_INFILESIZE_LARGE, static_cast<curl_off_t>(file.bytes.size()));
    if (from > 0)
        set(CURLOPT_RESUME_FROM_LARGE, static_cast<curl_off_t>(from));
}

std::string UploadLine::urlOf(const std::string& path) const {
    if (isLetter()) { // the path is the name that is said at the beginning; this machine's own is told to
                      // none
        const bool port = m_to.server.find(':') != std::string::npos;
        return (m_to.server.ends_with(":465") ? "smtps://" : "smtp://") + m_to.server + (port ? "" : ":587") +
               "/localhost";
    }
    const bool absolute = path.starts_with('/');
    std::string out = isHttp() ? "https://" : isFtp() ? "ftp://" : "sftp://";
    out += m_to.server;
    while (out.ends_with('/'))
        out.pop_back();
    if (m_to.by == SendBy::S3)
        out += "/" + escaped(m_to.bucket);
    out += m_to.by == SendBy::Sftp && !absolute ? "/~/" : isFtp() && absolute ? "/%2F" : "/";
    bool first = true;
    for (const auto& piece : splitTrimmed(path, '/')) {
        out += (first ? "" : "/") + escaped(piece);
        first = false;
    }
    return out;
}

int UploadLine::goesOn(void* line, curl_off_t, curl_off_t received, curl_off_t, curl_off_t sent) {
    auto& self = *static_cast<UploadLine*>(line);
    const auto now = std::chrono::steady_clock::now();
    if (const auto moved = received + sent; moved != self.m_moved) {
        self.m_moved = moved;
        self.m_movedAt = now;
    }
    self.m_stalled =
        now - self.m_movedAt > std::chrono::milliseconds(patienceFor(self.isLetter() && self.gaveAll()));
    return self.m_stop || self.m_stalled ? 1 : 0;
}

std::size_t UploadLine::read(char* to, std::size_t size, std::size_t count, void* line) {
    auto& reading = static_cast<UploadLine*>(line)->m_reading;
    try {
        const auto got =
            reading.file->bytes.read(reading.at, {reinterpret_cast<std::uint8_t*>(to), size * count});
        reading.at += got;
        return got;
    } catch (...) {
        reading.problem = std::current_exception();
        return CURL_READFUNC_ABORT;
    }
}

int UploadLine::isItsKey(CURL*, const curl_khkey*, const curl_khkey* found, curl_khmatch, void* line) {
    auto& self = *static_cast<UploadLine*>(line);
    self.m_hostKey = shownKey(found->key, found->len);
    self.m_keyRefused = self.m_hostKey.empty() || self.m_hostKey != self.m_to.hostKey;
    return self.m_keyRefused ? CURLKHSTAT_REJECT : CURLKHSTAT_FINE;
}

} // namespace keepseal
