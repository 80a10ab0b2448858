// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept of the pictures of a run, so that a copy is known again when its bytes are others: a small
// one, and what it is recognised by; and of each copy its seal, so that it is told from the others. One JSON
// text a line ("keep-seal/pictures" version 1), beside the run's ledger, written while it goes; rows of the
// ledger name them. docs/formats/register.md.
#pragma once

#include "likeness/picture_mark.h"
#include "likeness/sealed_part.h"

#include <filesystem>
#include <functional>
#include <mutex>
#include <nlohmann/json_fwd.hpp>
#include <set>

namespace keepseal {

struct KeptPicture {
    std::string id; ///< 32 hexadecimal digits, by what follows: equal pictures have equal ones
    Size size;      ///< of the picture it was made of, in pixels
    PictureMark mark;
    Bytes small; ///< a JPEG of about kSmallSide, without metadata
};

/// Of a copy's picture as it was before finish, border and seal.
KeptPicture keptPicture(const Frame& picture);

nlohmann::json toJson(const KeptPicture& picture);
/// Throws Problem(BadFile) for what is none, or of another id than its own.
KeptPicture keptPictureFromJson(const nlohmann::json& json);

/// What stands on one copy.
struct KeptSeal {
    std::string id;      ///< as above
    SealedPart part;     ///< where it lies, without its pixels
    Bytes before, after; ///< JPEGs, grey, without metadata
};
KeptSeal keptSeal(SealedPart part);
nlohmann::json toJson(const KeptSeal& seal);
/// Throws Problem(BadFile) for what is none, or of another id than its own.
KeptSeal keptSealFromJson(const nlohmann::json& json);

/// Takes each kind of line of such a file; a kind that nothing is given for is passed over.
struct KeptLines {
    std::function<void(const KeptPicture&)> picture{};
    std::function<void(const KeptSeal&)> seal{};
};

std::filesystem::path picturesOf(const std::filesystem::path& ledgerFile);

/// The file while a run goes. Any thread.
class KeptPictures {
public:
    explicit KeptPictures(std::filesystem::path file) : m_file(std::move(file)) {}
    /// Each once, and none that the file held before. Never throws: the copies matter more.
    void add(const KeptPicture& picture) noexcept;
    void add(const KeptSeal& seal) noexcept;
    bool failed() const { return m_failed; }

private:
    template <class Kept>
    void addOnce(const Kept& kept) noexcept;
    std::filesystem::path m_file;
    std::mutex m_mutex;
    std::set<std::string> m_ids;
    bool m_opened = false, m_failed = false;
};

/// A line cut short by the end of a process, or damaged, is passed over. Nothing where there is no such file.
void readPictures(const std::filesystem::path& file, const KeptLines& take);
/// Those of these ids that are in it, in one reading.
std::vector<KeptSeal> keptSealsIn(const std::filesystem::path& file, const std::set<std::string>& ids);
/// All of `from` behind what is in `to`. Throws Problem(CannotWrite).
void appendPictures(const std::filesystem::path& from, const std::filesystem::path& to);

} // namespace keepseal
