// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/archive.h"

#include "base/problem.h"
#include "base/writer.h"

#include <archive.h>
#include <archive_entry.h>

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <memory>
#include <unistd.h>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

struct ReadDeleter {
    void operator()(archive* a) const { archive_read_free(a); }
};
struct WriteDeleter {
    void operator()(archive* a) const { archive_write_free(a); }
};
struct EntryDeleter {
    void operator()(archive_entry* e) const { archive_entry_free(e); }
};

[[noreturn]] void bad(const fs::path& file, const Saying& why, ProblemKind kind = ProblemKind::BadFile) {
    throw Problem(kind, file.string(), why, "Ask for the file again from where it came");
}

bool staysInside(const std::string& name) {
    const fs::path path(name);
    if (name.empty() || path.is_absolute() || name.find('\\') != std::string::npos)
        return false;
    for (const auto& part : path)
        if (part == "..")
            return false;
    return true;
}

bool writeEntries(archive* out, const ZipFiles& files) {
    for (const auto& [name, bytes] : files) {
        const std::unique_ptr<archive_entry, EntryDeleter> entry(archive_entry_new());
        archive_entry_set_pathname_utf8(entry.get(), name.c_str());
        archive_entry_set_size(entry.get(), static_cast<la_int64_t>(bytes.size()));
        archive_entry_set_filetype(entry.get(), AE_IFREG);
        archive_entry_set_perm(entry.get(), 0644);
        archive_entry_set_mtime(entry.get(), 315532800, 0); // 1980: the same seal makes the same file
        if (archive_write_header(out, entry.get()) != ARCHIVE_OK ||
            archive_write_data(out, bytes.data(), bytes.size()) != static_cast<la_ssize_t>(bytes.size()))
            return false;
    }
    return archive_write_close(out) == ARCHIVE_OK;
}

} // namespace

void writeZip(const fs::path& file, const ZipFiles& files) {
    Bytes zip;
    {
        const std::unique_ptr<archive, WriteDeleter> out(archive_write_new());
        archive_write_set_format_zip(out.get());
        const auto append = [](archive*, void* to, const void* data, std::size_t size) -> la_ssize_t {
            const auto* bytes = static_cast<const std::uint8_t*>(data);
            static_cast<Bytes*>(to)->insert(static_cast<Bytes*>(to)->end(), bytes, bytes + size);
            return static_cast<la_ssize_t>(size);
        };
        if (archive_write_open(out.get(), &zip, nullptr, append, nullptr) != ARCHIVE_OK ||
            !writeEntries(out.get(), files))
            throw Problem(ProblemKind::Internal, file.string(), "the file could not be put together");
    }
    writeWhole(file, zip, Existing::Refuse);
}

ZipFiles readZip(const fs::path& file, std::uint64_t maxBytes, std::size_t maxFiles) {
    std::error_code error;
    if (!fs::is_regular_file(file, error))
        throw Problem(ProblemKind::NotFound, file.string(), "there is no such file", "Check the path");
    const std::unique_ptr<archive, ReadDeleter> in(archive_read_new());
    archive_read_support_format_zip(in.get());
    if (archive_read_open_filename(in.get(), file.c_str(), 65536) != ARCHIVE_OK)
        bad(file, "this is no zip file");
    ZipFiles out;
    std::uint64_t total = 0;
    archive_entry* entry = nullptr;
    int state = ARCHIVE_OK;
    while ((state = archive_read_next_header(in.get(), &entry)) == ARCHIVE_OK) {
        const char* raw = archive_entry_pathname_utf8(entry);
        const std::string name = raw ? raw : "";
        if (archive_entry_filetype(entry) == AE_IFDIR)
            continue;
        if (!staysInside(name) || archive_entry_filetype(entry) != AE_IFREG)
            bad(file, Saying("it holds \"{name}\", which leads out of it", {{"name", name}}),
                ProblemKind::Refused);
        if (out.size() >= maxFiles)
            bad(file, Saying("it holds more than {most} files", {{"most", std::to_string(maxFiles)}}),
                ProblemKind::TooLarge);
        Bytes& bytes = out[name];
        std::uint8_t block[65536]; // the size the header claims is not believed
        la_ssize_t count = 0;
        while ((count = archive_read_data(in.get(), block, sizeof block)) > 0) {
            total += static_cast<std::uint64_t>(count);
            if (total > maxBytes)
                bad(file,
                    Saying("what it holds is larger than {most} MB",
                           {{"most", std::to_string(maxBytes >> 20)}}),
                    ProblemKind::TooLarge);
            bytes.insert(bytes.end(), block, block + count);
        }
        if (count < 0)
            bad(file, "it is damaged");
    }
    if (state != ARCHIVE_EOF)
        bad(file, out.empty() ? "this is no zip file" : "it is damaged");
    return out;
}

} // namespace keepseal
