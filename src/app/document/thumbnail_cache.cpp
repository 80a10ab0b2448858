// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/thumbnail_cache.h"

#include "base/fingerprint.h"
#include "base/problem.h"
#include "document/job_document.h"
#include "picture/develop.h"

#include <QBuffer>
#include <QDir>
#include <QSaveFile>
#include <QStandardPaths>

#include <algorithm>

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;

constexpr int kSide = 320; // pixels

fs::path fileOf(const fs::path& original, const FileIdentity& identity) {
    const auto key =
        original.native() + "\n" + std::to_string(identity.size) + "\n" + std::to_string(identity.modifiedNs);
    const auto digest = fingerprint(ByteSpan(reinterpret_cast<const std::uint8_t*>(key.data()), key.size()));
    return thumbnailFolder() / digest.substr(0, 2) / (digest.substr(2, 38) + ".jpg");
}

} // namespace

fs::path thumbnailFolder() {
    return toPath(QStandardPaths::writableLocation(QStandardPaths::GenericCacheLocation)) / "keep-seal" /
           "thumbnails";
}

std::optional<Frame> keptThumbnail(const fs::path& original, const FileIdentity& identity) {
    const auto file = fileOf(original, identity);
    std::error_code error;
    if (!fs::exists(file, error))
        return std::nullopt;
    try {
        const Original kept(file);
        const auto facts = readFacts(kept, file.string());
        auto frame = develop(kept, file.string(), facts, wholePicture(facts, facts.size));
        fs::last_write_time(file, fs::file_time_type::clock::now(), error); // used: stays longer
        return frame;
    } catch (const Problem&) {
        fs::remove(file, error); // damaged: it is made again
        return std::nullopt;
    }
}

void keepThumbnail(const fs::path& original, const FileIdentity& identity, const QImage& picture) noexcept {
    try {
        const auto file = toQt(fileOf(original, identity));
        if (picture.isNull() || QFile::exists(file))
            return;
        QDir().mkpath(QFileInfo(file).path());
        QByteArray bytes;
        QBuffer buffer(&bytes);
        buffer.open(QIODevice::WriteOnly);
        const bool large = std::max(picture.width(), picture.height()) > kSide;
        (large ? picture.scaled(kSide, kSide, Qt::KeepAspectRatio, Qt::SmoothTransformation) : picture)
            .save(&buffer, "JPEG", 82);
        QSaveFile out(file); // whole or not at all
        if (out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size())
            out.commit();
    } catch (const std::exception&) {
        return; // only a first look is lost
    }
}

void trimThumbnails(std::uint64_t mostBytes) {
    struct Kept {
        fs::path file;
        fs::file_time_type used;
        std::uint64_t bytes;
    };
    std::vector<Kept> all;
    std::uint64_t bytes = 0;
    std::error_code error;
    for (fs::recursive_directory_iterator it(thumbnailFolder(), error), end; !error && it != end;
         it.increment(error)) {
        std::error_code entryError;
        if (!it->is_regular_file(entryError))
            continue;
        all.push_back({it->path(), it->last_write_time(entryError), it->file_size(entryError)});
        bytes += all.back().bytes;
    }
    std::sort(all.begin(), all.end(), [](const Kept& a, const Kept& b) { return a.used < b.used; });
    for (const auto& kept : all) {
        if (bytes <= mostBytes)
            return;
        fs::remove(kept.file, error);
        bytes -= kept.bytes;
    }
}

} // namespace keepseal::app
