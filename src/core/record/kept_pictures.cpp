// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/kept_pictures.h"

#include "base/fingerprint.h"
#include "base/json_text.h"
#include "base/own_folders.h"
#include "base/problem.h"
#include "formats/jpeg_coder.h"
#include "likeness/compare.h"
#include "picture/develop.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <nlohmann/json.hpp>
#include <openssl/evp.h>
#include <unistd.h>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr int kSmallQuality = 80;
constexpr std::size_t kMostSmall = 64U << 10, kMostLine = 1U << 20;

/// Base64 (RFC 4648).
std::string inBase64(ByteSpan bytes) {
    std::string out((bytes.size() + 2) / 3 * 4 + 1, '\0');
    out.resize(static_cast<std::size_t>(EVP_EncodeBlock(reinterpret_cast<unsigned char*>(out.data()),
                                                        bytes.data(), static_cast<int>(bytes.size()))));
    return out;
}

Bytes fromBase64(const std::string& letters) {
    Bytes out(letters.size() / 4 * 3);
    const int length = EVP_DecodeBlock(out.data(), reinterpret_cast<const unsigned char*>(letters.data()),
                                       static_cast<int>(letters.size()));
    if (length < 0)
        throw Problem(ProblemKind::BadFile, {}, "what a picture is known by is damaged");
    out.resize(static_cast<std::size_t>(length)); // the last group's filling counts as bytes there
    for (std::size_t i = letters.size(); i > 0 && letters[i - 1] == '=' && !out.empty(); --i)
        out.pop_back();
    return out;
}

ByteSpan bytesOfText(const std::string& text) {
    return {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()};
}

std::string idOf(const std::string& mark, const Bytes& small) {
    return fingerprint(bytesOfText(mark + std::string(small.begin(), small.end()))).substr(0, 32);
}

} // namespace

KeptPicture keptPicture(const Frame& picture) {
    KeptPicture out;
    out.size = picture.size;
    const auto reduced = reducedTo(picture, kMarkSide);
    out.mark = markOf(reduced);
    const auto small = reducedTo(reduced, kSmallSide);
    JpegWish wish;
    wish.quality = kSmallQuality;
    out.small = encodeJpegBy({small.size, 3, false, small.rgb.data()}, wish);
    out.id = idOf(packed(out.mark), out.small);
    return out;
}

json toJson(const KeptPicture& picture) {
    return {{"picture", picture.id},
            {"width", picture.size.width},
            {"height", picture.size.height},
            {"known_by", inBase64(bytesOfText(packed(picture.mark)))},
            {"small", inBase64(picture.small)}};
}

KeptPicture keptPictureFromJson(const json& in) {
    try {
        KeptPicture out;
        out.size = {in.at("width").get<int>(), in.at("height").get<int>()};
        const auto mark = fromBase64(in.at("known_by").get<std::string>());
        out.mark = unpackedMark({reinterpret_cast<const char*>(mark.data()), mark.size()});
        out.small = fromBase64(in.at("small").get<std::string>());
        out.id = idOf(std::string(mark.begin(), mark.end()), out.small);
        if (out.size.width < 1 || out.size.height < 1 || out.size.pixels() > kMaxPixels ||
            out.small.size() > kMostSmall || out.id != in.at("picture").get<std::string>())
            throw Problem(ProblemKind::BadFile, {}, "what a picture is known by is damaged");
        return out;
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, {},
                      Saying("this is no kept picture: {reason}", {{"reason", error.what()}}));
    }
}

fs::path picturesOf(const fs::path& ledgerFile) {
    return fs::path(ledgerFile).replace_extension(".pictures");
}

void KeptPictures::add(const KeptPicture& picture) noexcept {
    const std::lock_guard lock(m_mutex);
    try {
        if (!m_opened) {
            m_opened = true;
            readPictures(m_file, [this](const KeptPicture& known) { m_ids.insert(known.id); });
        }
        if (!m_ids.insert(picture.id).second)
            return;
        // A line end first: what a killed process wrote of its last line is parted from what comes now.
        const auto line = "\n" + toJson(picture).dump() + "\n";
        makeFolder(m_file.parent_path());
        const int file = ::open(m_file.c_str(), O_WRONLY | O_CREAT | O_APPEND | O_CLOEXEC | O_NOFOLLOW, 0600);
        const bool written =
            file >= 0 && ::write(file, line.data(), line.size()) == static_cast<ssize_t>(line.size());
        if (file >= 0)
            ::close(file);
        m_failed = m_failed || !written;
    } catch (const std::exception&) {
        m_failed = true;
    }
}

void readPictures(const fs::path& file, const std::function<void(const KeptPicture&)>& take) {
    std::ifstream stream(file, std::ios::binary);
    for (std::string line; std::getline(stream, line);) {
        if (line.empty() || line.size() > kMostLine)
            continue;
        try {
            take(keptPictureFromJson(parseJson(line, file.string(), {})));
        } catch (const Problem& problem) {
            if (problem.kind != ProblemKind::BadFile)
                throw;
        }
    }
}

void appendPictures(const fs::path& from, const fs::path& to) {
    KeptPictures all(to);
    readPictures(from, [&](const KeptPicture& picture) { all.add(picture); });
    if (all.failed())
        throw Problem(ProblemKind::CannotWrite, to.string(), "what pictures are known by can't be kept",
                      "Check the folder's permissions and the space left on the disk");
}

} // namespace keepseal
