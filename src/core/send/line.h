// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One login through libcurl: what holds for every request, and what its answers mean in words. Internal to
// send/.
#pragma once

#include "send/upload.h"

#include <array>
#include <curl/curl.h>

namespace keepseal {

/// See Upload::setPatience().
extern std::atomic<long> uploadPatienceMs;

/// Lines for libcurl, until this is gone.
struct CurlList {
    curl_slist* head = nullptr;
    ~CurlList() { curl_slist_free_all(head); }
    void add(const std::string& line) { head = curl_slist_append(head, line.c_str()); }
};

class UploadLine {
public:
    UploadLine(SendingSettings to, std::string secret, const std::atomic<bool>& stop)
        : m_to(std::move(to)), m_secret(std::move(secret)), m_stop(stop) {
        startCurl();
        m_curl = curl_easy_init();
        if (!m_curl)
            throw std::bad_alloc();
    }
    ~UploadLine() { curl_easy_cleanup(m_curl); }
    UploadLine(const UploadLine&) = delete;
    UploadLine& operator=(const UploadLine&) = delete;

    const SendingSettings& to() const { return m_to; }
    const std::string& hostKey() const { return m_hostKey; }
    bool isHttp() const { return m_to.by == SendBy::WebDav || m_to.by == SendBy::S3; }
    bool isLetter() const { return m_to.isLetter(); }
    /// All bytes were handed to libcurl: what became of them is not known before the server answered.
    bool gaveAll() const { return m_reading.file && m_reading.at >= m_reading.file->bytes.size(); }
    bool isFtp() const { return m_to.by == SendBy::Ftps || m_to.by == SendBy::Ftp; }

    /// All that holds for each request. What an earlier one set is forgotten; the connection stays.
    void begin(const std::string& path);

    /// Parts of begin().
    void secure();
    void login();

    template <class Value>
    void set(CURLoption option, Value value) {
        if (const auto code = curl_easy_setopt(m_curl, option, value); code != CURLE_OK)
            throw NotSent(NotSent::Again::WhenMended, m_to.place(),
                          Saying("libcurl on this machine can't do it: {reason}",
                                 {{"reason", curl_easy_strerror(code)}}));
    }

    CURLcode perform() {
        m_keyRefused = m_stalled = false;
        m_moved = -1;
        return curl_easy_perform(m_curl);
    }
    long status() {
        long out = 0;
        curl_easy_getinfo(m_curl, CURLINFO_RESPONSE_CODE, &out);
        return out;
    }
    std::uint64_t length() {
        curl_off_t out = -1;
        curl_easy_getinfo(m_curl, CURLINFO_CONTENT_LENGTH_DOWNLOAD_T, &out);
        return out < 0 ? UINT64_MAX : static_cast<std::uint64_t>(out);
    }

    /// In words. `code`: what libcurl said; CURLE_OK: it was the server's status.
    [[noreturn]] void fail(CURLcode code, const std::string& doing);

    void failByAnswer(const std::string& doing);
    [[noreturn]] void refusedKey();

    /// What a server answers to a request without a body that is to be sent.
    void ask(const std::string& doing, std::initializer_list<long> good) {
        const auto code = perform();
        if (code != CURLE_OK || (isHttp() && std::find(good.begin(), good.end(), status()) == good.end()))
            fail(code, doing);
    }

    /// What of the file libcurl has asked for.
    struct Reading {
        const SentFile* file = nullptr;
        std::uint64_t at = 0;
        std::exception_ptr problem;
    };
    void giveBytes(const SentFile& file, std::uint64_t from);
    void rethrowReading() {
        if (m_reading.problem)
            std::rethrow_exception(m_reading.problem);
    }

    std::string urlOf(const std::string& path) const;
    std::string escaped(const std::string& piece) const {
        char* text = curl_easy_escape(m_curl, piece.c_str(), static_cast<int>(piece.size()));
        std::string out = text ? text : "";
        curl_free(text);
        return out;
    }

    void request(const char* method) { set(CURLOPT_CUSTOMREQUEST, method); }
    void headers(const CurlList& list) { set(CURLOPT_HTTPHEADER, list.head); }

private:
    static void startCurl();
    /// About once a second. libcurl's own measure is a mean of some seconds, in which what went at first
    /// counts.
    static int goesOn(void* line, curl_off_t, curl_off_t received, curl_off_t, curl_off_t sent);
    /// Bodies of answers are not looked at.
    static std::size_t passOver(const char*, std::size_t size, std::size_t count, void*) {
        return size * count;
    }
    static std::size_t read(char* to, std::size_t size, std::size_t count, void* line);
    static int seek(void* line, curl_off_t offset, int origin) {
        if (origin != SEEK_SET || offset < 0)
            return CURL_SEEKFUNC_CANTSEEK;
        static_cast<UploadLine*>(line)->m_reading.at = static_cast<std::uint64_t>(offset);
        return CURL_SEEKFUNC_OK;
    }
    static int isItsKey(CURL*, const curl_khkey*, const curl_khkey* found, curl_khmatch, void* line);

    SendingSettings m_to;
    std::string m_secret;
    const std::atomic<bool>& m_stop;
    CURL* m_curl = nullptr;
    std::string m_hostKey;
    std::array<char, CURL_ERROR_SIZE> m_error{};
    bool m_keyRefused = false, m_stalled = false;
    curl_off_t m_moved = -1; ///< bytes either way
    std::chrono::steady_clock::time_point m_movedAt;
    Reading m_reading;
};

} // namespace keepseal
