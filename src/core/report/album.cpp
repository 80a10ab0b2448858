// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/album.h"

#include "base/assets.h"
#include "base/fingerprint.h"
#include "base/text.h"
#include "base/writer.h"
#include "delivery/file_names.h"
#include "geometry/fit.h"
#include "metadata/metadata.h"
#include "picture/develop.h"
#include "render/encode.h"
#include "report/album_pages.h"
#include "rights/mark.h"

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <set>
#include <stdio.h> // renameat2 (glibc)
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr std::uint64_t kMostShownBytes = 4'000'000; // a copy that a page shows as it is
constexpr int kAlbumSmallQuality = 82;

/// Beside the place it will have; gone again unless it was finished.
class AlbumFolder {
public:
    explicit AlbumFolder(const fs::path& wanted) : m_wanted(fs::absolute(wanted).lexically_normal()) {
        if (!m_wanted.has_filename())
            m_wanted = m_wanted.parent_path();
        std::error_code error;
        if (fs::symlink_status(m_wanted, error).type() != fs::file_type::not_found)
            throw Problem(ProblemKind::Refused, m_wanted.string(),
                          "there is something of that name already, and nothing is ever mixed into it",
                          "Choose another name");
        fs::create_directories(m_wanted.parent_path(), error);
        auto name =
            (m_wanted.parent_path() / ".keep-seal-album-").string() + std::string(6, 'X'); // mkdtemp(3)
        if (!::mkdtemp(name.data()))
            throw Problem(ProblemKind::CannotWrite, m_wanted.string(), std::strerror(errno),
                          "Choose another folder");
        m_made = name;
        fs::permissions(m_made,
                        fs::perms::group_read | fs::perms::group_exec | fs::perms::others_read |
                            fs::perms::others_exec,
                        fs::perm_options::add, error); // what a server has to read, as other new folders
    }
    ~AlbumFolder() {
        std::error_code error;
        if (!m_made.empty())
            fs::remove_all(m_made, error);
    }
    AlbumFolder(const AlbumFolder&) = delete;
    AlbumFolder& operator=(const AlbumFolder&) = delete;

    void write(const std::string& file, ByteSpan bytes) const {
        writeWhole(m_made / file, bytes, Existing::Replace); // makes folders
    }
    void write(const std::string& file, const std::string& text) const {
        write(file, ByteSpan(reinterpret_cast<const std::uint8_t*>(text.data()), text.size()));
    }
    void finish() {
        if (::renameat2(AT_FDCWD, m_made.c_str(), AT_FDCWD, m_wanted.c_str(), RENAME_NOREPLACE) != 0)
            throw Problem(ProblemKind::CannotWrite, m_wanted.string(), std::strerror(errno),
                          "Choose another name");
        m_made.clear();
    }

private:
    fs::path m_wanted, m_made;
};

int smallSide(Size size) {
    const double ratio =
        static_cast<double>(size.longSide()) / std::max(1, std::min(size.width, size.height));
    return static_cast<int>(
        std::clamp<double>(kAlbumSmall / 2.0 * ratio, kAlbumSmall, kAlbumSmallOfLong)); // twice 160 high
}

bool browsersShow(Container container) {
    return container == Container::Jpeg || container == Container::Png || container == Container::WebP;
}

class AlbumMaker {
public:
    explicit AlbumMaker(const Album& album, const AlbumFolder& folder) : m_album(album), m_folder(folder) {}

    /// Throws Problem for a copy that can't be in it.
    AlbumPicture add(const LedgerRow& row) {
        const Original copy(row.copy);
        if (copy.size() != row.copyBytes || fingerprint(copy) != row.copyFingerprint)
            throw Problem(ProblemKind::Refused, row.copy.string(), "it was changed since it was made",
                          "Make it again");
        const auto report = inspect(copy);
        const auto facts = readFacts(copy, row.copy.string());
        const bool asItIs = browsersShow(facts.container) && facts.pages == 1 &&
                            facts.size.longSide() <= kAlbumShown && copy.size() <= kMostShownBytes;
        const auto wish = [&](int most) { return wholePicture(facts, fitLongSide(facts.size, most)); };
        // One decode for both, where both are made.
        const auto decoded =
            asItIs ? nullptr
                   : decodePicture(copy, row.copy.string(), facts, decodeShrinkFor(facts, wish(kAlbumShown)));
        const auto made = [&](int most) {
            return develop(copy, row.copy.string(), facts, wish(most), nullptr, decoded);
        };
        AlbumPicture out;
        out.fields = metadataFrom(report).fields;
        const auto name = freeName(row.copy), ending = row.copy.extension().string();
        out.page = "pages/" + name + ".html";
        out.small = "small/" + name + ".jpg";
        out.shown = "pictures/" + name + (asItIs ? ending : ".jpg");
        const auto small = made(smallSide(facts.size));
        out.smallSize = small.size;
        m_folder.write(out.small, withWords(small, report, out.fields, kAlbumSmallQuality));
        if (asItIs) {
            out.shownSize = facts.size;
            m_folder.write(out.shown, copy.bytes(0, copy.size()));
        } else {
            const auto shown = made(kAlbumShown);
            out.shownSize = shown.size;
            m_folder.write(out.shown, withWords(shown, report, out.fields, {}));
        }
        if (m_album.downloads)
            offer(out, asItIs ? out.shown : "downloads/" + name + ending, copy);
        copy.requireUnchanged();
        return out;
    }

private:
    void offer(AlbumPicture& out, const std::string& file, const Original& copy) {
        out.download = file;
        if (file != out.shown)
            m_folder.write(file, copy.bytes(0, copy.size()));
    }

    /// A smaller one says of its rights what the copy says, and of what stands on it.
    static Bytes withWords(const Frame& frame, const FileReport& report, const FieldValues& fields,
                           std::optional<int> quality) {
        EncodeStage stage;
        stage.format = "jpeg";
        if (quality)
            stage.file.set("quality", SettingValue(static_cast<double>(*quality)));
        stage.words.fields = fields;
        stage.holds = copyMarkIn(report).value_or(CopyMark{});
        return stage.on(frame).bytes;
    }

    /// Names that differ in their case alone are one on some servers.
    std::string freeName(const fs::path& copy) {
        const auto stem = copy.stem().string();
        auto name = stem;
        for (int number = 2; !m_names.insert(foldedName(name)).second; ++number)
            name = stem + "-" + std::to_string(number);
        return name;
    }

    const Album& m_album;
    const AlbumFolder& m_folder;
    std::set<std::string> m_names;
};

} // namespace

AlbumMade writeAlbum(const Ledger& ledger, const Album& album, const fs::path& folder,
                     const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress) {
    AlbumFolder made(folder);
    AlbumMaker maker(album, made);
    AlbumMade out;
    std::vector<AlbumPicture> pictures;
    std::size_t done = 0;
    for (const auto& row : ledger.rows) {
        if (row.outcome != Outcome::Made && row.outcome != Outcome::AlreadyThere)
            continue;
        if (stop)
            throw Problem(ProblemKind::Stopped, folder.string(), "it was stopped; no album was made");
        try {
            pictures.push_back(maker.add(row));
        } catch (const Problem& problem) {
            if (problem.kind == ProblemKind::CannotWrite)
                throw;
            out.leftOut.push_back(problem);
        }
        if (progress)
            progress(++done);
    }
    if (pictures.empty())
        throw Problem(ProblemKind::Refused, folder.string(), "there is no copy that could be in an album",
                      "Make the copies again");
    for (std::size_t i = 0; i < pictures.size(); ++i)
        made.write(pictures[i].page, albumPage(album, pictures, i));
    const Original style(assetsFolder() / "album/album.css");
    made.write("album.css", style.bytes(0, style.size()));
    made.write("index.html", albumIndex(album, pictures));
    made.finish();
    out.pictures = pictures.size();
    return out;
}

} // namespace keepseal
