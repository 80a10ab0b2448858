// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Files put on a server, through libcurl (and libssh2). Encrypted, except where a person said otherwise; the
// server has to prove who it is; nothing is followed to another place. Speaks only the one protocol it was
// asked to.
#pragma once

#include "base/byte_source.h"
#include "delivery/sending.h"
#include "send/not_sent.h"

#include <atomic>
#include <chrono>
#include <memory>
#include <optional>
#include <vector>

namespace keepseal {

/// What is to be sent. `sha256`: of all its bytes; what is read must have it.
struct SentFile {
    const ByteSource& bytes;
    std::string sha256;
};

class UploadLine;

/// A login, kept for several files. Not for two threads at once.
class Upload {
public:
    /// Connects when it has to. `stop` is looked at a few times a second.
    Upload(SendingSettings to, std::string secret, const std::atomic<bool>& stop);
    ~Upload();
    Upload(const Upload&) = delete;
    Upload& operator=(const Upload&) = delete;

    /// Bytes of the file there; nothing: there is none. `path`: folder and name, with slashes, from the
    /// login's folder or from "/". Throws NotSent, as all of these.
    std::optional<std::uint64_t> sizeOf(const std::string& path);
    /// Under a name for the time until it is whole; goes on where an earlier call broke off, where the
    /// protocol can. Folders are made. Checked by its size afterwards. S3 has no such names: there an object
    /// is there when it is whole.
    void putPart(const std::string& folder, const std::string& part, const SentFile& file);
    /// Gives what putPart() left its own name. `over`: whether another file of that name gives way. For S3:
    /// sends it.
    void place(const std::string& folder, const std::string& part, const std::string& name,
               const SentFile& file, bool over);
    void remove(const std::string& path);
    /// Whether the server holds a file against a sum of its bytes and has it when it is whole: then there are
    /// no part files.
    bool checksSums() const;

    /// How long a server may say nothing before the line counts as broken; 30 s, unless a test says
    /// otherwise.
    static void setPatience(std::chrono::milliseconds most);

    /// SFTP: of the server that answered, "SHA256:..."; empty: none did.
    std::string hostKey() const;

private:
    void makeFolders(const std::string& folder);
    std::unique_ptr<UploadLine> m_line;
};

struct TriedOut {
    std::vector<std::string> found; ///< sentences, in order
    std::string hostKey;            ///< SFTP: of the server, whether accepted or not
    std::optional<NotSent> problem; ///< what stands against it
};
/// Connects, writes a small file, looks at it and takes it away again.
TriedOut tryOut(const SendingSettings& to, const std::atomic<bool>& stop);

} // namespace keepseal
