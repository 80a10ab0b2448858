// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "send/album_post.h"

#include "base/fingerprint.h"
#include "base/own_folders.h"
#include "base/safe_text.h"
#include "base/text.h"
#include "picture/original.h"
#include "report/album.h"
#include "send/words.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr const char* kFirstPage = "index.html";

class Room {
public:
    explicit Room(fs::path folder) : m_folder(std::move(folder)) {
        clear(); // of a program that was killed
        makeFolder(m_folder);
    }
    ~Room() { clear(); }
    Room(const Room&) = delete;
    Room& operator=(const Room&) = delete;
    fs::path album() const { return m_folder / "album"; }

private:
    void clear() const {
        std::error_code error;
        fs::remove_all(m_folder, error);
    }
    fs::path m_folder;
};

Album albumFor(const OutboxItem& item, std::size_t pictures) {
    const auto filled = [&](const std::string& text) {
        return withoutUnseen(trimmed(filledForReceiver(text, item.delivery, pictures)));
    };
    Album out;
    out.title = filled(item.to.albumTitle);
    if (out.title.empty())
        out.title = item.delivery;
    out.about = filled(item.to.albumAbout);
    out.downloads = item.to.albumDownloads, out.unlisted = item.to.albumUnlisted;
    return out;
}

void make(const std::vector<OutboxItem>& items, const fs::path& folder, const std::atomic<bool>& stop) {
    Ledger ledger;
    for (const auto& item : items) {
        LedgerRow row;
        row.copy = item.copy;
        row.outcome = Outcome::Made;
        row.copyBytes = item.bytes, row.copyFingerprint = item.fingerprint;
        ledger.rows.push_back(std::move(row));
    }
    const auto made = writeAlbum(ledger, albumFor(items.back(), items.size()), folder, stop);
    for (const auto& problem : made.leftOut)
        for (const auto& item : items)
            if (item.copy == problem.subject && item.state == SendState::Waiting)
                throw NotSent(NotSent::Again::WhenMended, problem.subject, problem.happened,
                              "Make it again, or take it out of the outbox");
}

/// With slashes; the first page last: until it is there nobody finds the others.
std::vector<std::string> filesOf(const fs::path& album) {
    std::vector<std::string> out;
    for (const auto& entry : fs::recursive_directory_iterator(album))
        if (entry.is_regular_file())
            out.push_back(entry.path().lexically_relative(album).generic_string());
    std::sort(out.begin(), out.end(), [](const std::string& a, const std::string& b) {
        return std::pair(a == kFirstPage, a) < std::pair(b == kFirstPage, b);
    });
    return out;
}

/// Nothing of anybody else's gives way, and no page gets a number: links lead to its name.
void put(const fs::path& file, const std::string& path, const SendingSettings& to, Outbox& outbox,
         Upload& line) {
    const Original bytes(file);
    const auto print = fingerprint(bytes);
    const auto known = outbox.albumFile(to, path).value_or(Outbox::AlbumFile());
    const auto there = line.sizeOf(path);
    if (there == bytes.size() && known.placed == print)
        return;
    const bool ours = !known.placed.empty() || (known.meant == print && there == bytes.size());
    if (there && !ours)
        throw NotSent(
            NotSent::Again::WhenMended, to.place() + "/" + path, // the album's, not the server's
            Saying("there is a file {path} already that no album of yours put there", {{"path", path}}),
            "Name another folder at the station Sending");
    const auto slash = path.rfind('/');
    const auto folder = slash == std::string::npos ? std::string() : path.substr(0, slash);
    const auto name = path.substr(slash == std::string::npos ? 0 : slash + 1);
    const auto part = ".keep-seal-" + print.substr(0, 16) + "-album";
    line.putPart(folder, part, {bytes, print});
    outbox.noteAlbumFile(to, path, {known.placed, print});
    line.place(folder, part, name, {bytes, print}, there.has_value());
    outbox.noteAlbumFile(to, path, {print, print});
}

} // namespace

std::string postAlbum(const std::vector<OutboxItem>& items, Outbox& outbox, Upload& line,
                      const fs::path& room, const std::atomic<bool>& stop) {
    const auto& item = items.back();
    const Room kept(room);
    make(items, kept.album(), stop);
    for (const auto& file : filesOf(kept.album())) {
        if (stop)
            throw Problem(ProblemKind::Stopped, item.to.place(), "it was stopped; the album goes on later");
        put(kept.album() / file, thereIn(item.folder, file), item.to, outbox, line);
    }
    return thereIn(item.folder, kFirstPage);
}

} // namespace keepseal
