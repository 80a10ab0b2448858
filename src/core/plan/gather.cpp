// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/gather.h"

#include "base/patience.h"
#include "base/problem.h"
#include "base/text.h"
#include "metadata/metadata.h"
#include "picture/file_kind.h"
#include "picture/original.h"
#include "plan/stamped.h"

#include <algorithm>
#include <array>
#include <chrono>
#include <map>
#include <set>
#include <string_view>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// Names that promise a picture: one that holds none is worth a look.
bool hasPictureEnding(const std::string& ending) {
    static constexpr std::array<std::string_view, 20> endings = {
        ".jpg", ".gif", ".bmp", ".svg",  ".pdf",  ".dng",  ".ppm",  ".pgm",  ".pbm", ".jpeg",
        ".jpe", ".png", ".tif", ".tiff", ".webp", ".heic", ".heif", ".avif", ".jxl", ".jfif"};
    return std::find(endings.begin(), endings.end(), ending) != endings.end();
}

Note noteOf(const SniffedFile& file, const std::string& ending) {
    switch (file.kind) {
    case FileKind::CameraRaw:
        return {NoteKind::MetCameraRaw, {}, {}};
    case FileKind::OtherPicture:
        return {NoteKind::MetPicture, file.name, {}};
    case FileKind::Video:
        return {NoteKind::MetVideo, {}, {}};
    case FileKind::Document:
        return {NoteKind::MetDocument, file.name, {}};
    case FileKind::Empty:
        return {NoteKind::MetEmpty, {}, {}};
    default:
        break;
    }
    if (hasPictureEnding(ending))
        return {NoteKind::MetBroken, {}, {}};
    return {NoteKind::MetUnknown, {}, {}};
}

class Gatherer {
public:
    explicit Gatherer(const GatherOptions& options) : m_options(options) {}

    void path(const fs::path& given) {
        if (stopped())
            return;
        std::error_code error;
        const auto absolute = fs::absolute(given, error).lexically_normal();
        const auto status = fs::status(absolute, error);
        if (status.type() == fs::file_type::directory)
            return folder(absolute, true);
        look(absolute, status, true);
    }

    /// An XMP file belongs to the picture whose name it has.
    void settleSidecars() {
        std::set<fs::path> pictures; // "a.jpg" and "a"
        for (const auto& file : result.files) {
            pictures.insert(file);
            pictures.insert(fs::path(file).replace_extension());
        }
        for (const auto& [path, named] : m_sidecars) {
            const bool known = pictures.contains(fs::path(path).replace_extension());
            tell(path, {known ? NoteKind::MetSidecar : NoteKind::MetLoneSidecar, {}, {}}, named);
        }
    }

    Gathered result;

private:
    bool stopped() {
        result.stopped = result.stopped || (m_options.stop && *m_options.stop);
        return result.stopped;
    }
    void tellFound() {
        const auto now = std::chrono::steady_clock::now();
        if (!m_options.onFound || now - m_toldAt < m_often)
            return;
        m_options.onFound({result.files.begin() + static_cast<std::ptrdiff_t>(m_told), result.files.end()});
        m_told = result.files.size();
        m_toldAt = now;
        m_often *= 2; // taking them in costs more the more there are
    }
    void tell(const fs::path& path, Note note, bool named) {
        result.others.push_back({path, std::move(note), named});
    }

    void look(const fs::path& path, const fs::file_status& status, bool named) {
        switch (status.type()) {
        case fs::file_type::regular:
            return file(path, named);
        case fs::file_type::not_found: {
            std::error_code error;
            const bool link = fs::is_symlink(path, error);
            return tell(path, {link ? NoteKind::MetBrokenLink : NoteKind::MetNotThere, {}, {}}, named);
        }
        case fs::file_type::fifo:
            return tell(path, {NoteKind::MetSpecial, "pipe", {}}, named);
        case fs::file_type::socket:
            return tell(path, {NoteKind::MetSpecial, "socket", {}}, named);
        case fs::file_type::block:
        case fs::file_type::character:
            return tell(path, {NoteKind::MetSpecial, "device", {}}, named);
        default:
            return tell(path,
                        {NoteKind::MetUnreadable, {}, {{"happened", toSay("nothing can be told of it")}}},
                        named);
        }
    }

    void file(const fs::path& path, bool named) {
        const auto ending = toLowerAscii(path.extension().string());
        if (ending == ".xmp") {
            m_sidecars.emplace_back(path, named);
            return;
        }
        try {
            const Original source(path);
            const auto kind = sniffFile(source, ending);
            if (kind.kind != FileKind::Picture)
                return tell(path, noteOf(kind, ending), named);
            // Among pictures a PDF is as often a contract: nobody's papers are stamped and sent unasked.
            if (kind.container == Container::Pdf && !named)
                return tell(path, {NoteKind::MetPages, {}, {}}, false);
            const auto& identity = source.identity();
            const auto [known, fresh] = m_seen.try_emplace({identity.device, identity.inode}, path);
            if (!fresh)
                return tell(path, {NoteKind::MetTwice, known->second.string(), {}}, named);
            if (!named && !m_options.takeOurs && stampedBefore(path, identity))
                return tell(path, {NoteKind::MetOurs, {}, {}}, named);
            result.files.push_back(path);
            tellFound();
        } catch (const Problem& problem) {
            tell(path, {NoteKind::MetUnreadable, {}, {{"happened", problem.happened}}}, named);
        }
    }

    void folder(const fs::path& path, bool named) {
        std::error_code error;
        std::vector<fs::directory_entry> files, folders;
        for (fs::directory_iterator it(path, error), end; !error && it != end; it.increment(error)) {
            std::error_code entryError;
            if (it->path().filename().string().starts_with("."))
                tell(it->path(), {NoteKind::MetHidden, {}, {}}, false);
            else if (!it->is_directory(entryError))
                files.push_back(*it);
            else if (it->is_symlink(entryError))
                tell(it->path(), {NoteKind::MetLink, {}, {}}, false);
            else
                folders.push_back(*it);
        }
        if (error)
            tell(
                path,
                {NoteKind::MetUnreadable, {}, {{"happened", "the folder can't be read: " + error.message()}}},
                named);
        const auto byName = [](const fs::directory_entry& a, const fs::directory_entry& b) {
            return naturalLess(a.path().filename().string(), b.path().filename().string());
        };
        std::sort(files.begin(), files.end(), byName);
        std::sort(folders.begin(), folders.end(), byName);
        for (const auto& entry : files) {
            if (stopped())
                return;
            std::error_code entryError;
            look(entry.path(), entry.status(entryError), false);
        }
        for (const auto& inner : folders)
            if (m_options.recursive && !stopped())
                folder(inner.path(), false);
    }

    const GatherOptions& m_options;
    std::map<std::pair<std::uint64_t, std::uint64_t>, fs::path> m_seen;
    std::vector<std::pair<fs::path, bool>> m_sidecars; ///< and whether it was named
    std::size_t m_told = 0;                            ///< of the files
    std::chrono::milliseconds m_often{200};
    std::chrono::steady_clock::time_point m_toldAt = std::chrono::steady_clock::now();
};

} // namespace

std::size_t Gathered::toLookAt() const {
    return static_cast<std::size_t>(std::count_if(others.begin(), others.end(), [](const Met& met) {
        return severityOf(met.note) >= Severity::WorthALook;
    }));
}

bool Gathered::misses() const {
    return std::any_of(others.begin(), others.end(), [](const Met& met) {
        return met.note.kind == NoteKind::MetUnreadable ||
               (met.named &&
                (met.note.kind == NoteKind::MetNotThere || met.note.kind == NoteKind::MetBrokenLink));
    });
}

Gathered gather(const std::vector<fs::path>& paths, const GatherOptions& options) {
    static const std::atomic<bool> never{false};
    const Patience patience(options.stop ? *options.stop : never);
    Gatherer gatherer(options);
    for (const auto& path : paths)
        gatherer.path(path);
    gatherer.settleSidecars();
    return std::move(gatherer.result);
}

Gathered gather(const std::vector<fs::path>& paths, bool recursive, const std::atomic<bool>* stop) {
    GatherOptions options;
    options.recursive = recursive;
    options.stop = stop;
    return gather(paths, options);
}

std::map<NoteKind, std::size_t> countByKind(const std::vector<Met>& others) {
    std::map<NoteKind, std::size_t> out;
    for (const auto& met : others)
        ++out[met.note.kind];
    return out;
}

} // namespace keepseal
