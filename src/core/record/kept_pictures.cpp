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
#include "picture/matrix.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cmath>
#include <cstring>
#include <fcntl.h>
#include <fstream>
#include <nlohmann/json.hpp>
#include <opencv2/imgproc.hpp>
#include <openssl/evp.h>
#include <unistd.h>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr int kSmallQuality = 80, kSealQuality = 75;
constexpr double kPlaces = 100'000;
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

/// Of texts that hold all that is kept.
std::string idOf(const std::string& all) {
    return fingerprint(bytesOfText(all)).substr(0, 32);
}

std::string asString(const Bytes& bytes) {
    return {bytes.begin(), bytes.end()};
}

Bytes pressed(const CopyPixels& pixels, int quality) {
    JpegWish wish;
    wish.quality = quality;
    return encodeJpegBy(pixels, wish);
}

Bytes greyJpegOf(const Frame& frame) {
    cv::Mat grey;
    cv::cvtColor(matrixOf(frame), grey, cv::COLOR_RGB2GRAY);
    return pressed({{grey.cols, grey.rows}, 1, false, grey.data}, kSealQuality);
}

/// Four shares, each within the picture.
std::array<double, 4> placeOf(const SealedPart& part) {
    return {part.left, part.top, part.width, part.height};
}

json placeToJson(const SealedPart& part) {
    json out = json::array();
    for (const double share : placeOf(part)) // in 100,000ths: a hundredth of a pixel
        out.push_back(std::lround(share * kPlaces));
    return out;
}

std::string idOf(const KeptSeal& seal) {
    return idOf(placeToJson(seal.part).dump() + asString(seal.before) + asString(seal.after));
}

/// Calls `make` with what a line of JSON says; what it has not is that of a damaged one.
template <class Make>
auto fromKept(const Make& make) {
    try {
        return make();
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, {},
                      Saying("this is no kept picture: {reason}", {{"reason", error.what()}}));
    }
}

[[noreturn]] void isDamaged() {
    throw Problem(ProblemKind::BadFile, {}, "what a picture is known by is damaged");
}

} // namespace

KeptPicture keptPicture(const Frame& picture) {
    KeptPicture out;
    out.size = picture.size;
    const auto reduced = reducedTo(picture, kMarkSide);
    out.mark = markOf(reduced);
    const auto small = reducedTo(reduced, kSmallSide);
    out.small = pressed({small.size, 3, false, small.rgb.data()}, kSmallQuality);
    out.id = idOf(packed(out.mark) + asString(out.small));
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
    return fromKept([&] {
        KeptPicture out;
        out.size = {in.at("width").get<int>(), in.at("height").get<int>()};
        const auto mark = fromBase64(in.at("known_by").get<std::string>());
        out.mark = unpackedMark({reinterpret_cast<const char*>(mark.data()), mark.size()});
        out.small = fromBase64(in.at("small").get<std::string>());
        out.id = idOf(asString(mark) + asString(out.small));
        if (out.size.width < 1 || out.size.height < 1 || out.size.pixels() > kMaxPixels ||
            out.small.size() > kMostSmall || out.id != in.at("picture").get<std::string>())
            isDamaged();
        return out;
    });
}

KeptSeal keptSeal(SealedPart part) {
    KeptSeal out;
    out.before = greyJpegOf(part.before);
    out.after = greyJpegOf(part.after);
    part.before = part.after = {};
    out.part = std::move(part);
    out.id = idOf(out);
    return out;
}

json toJson(const KeptSeal& seal) {
    return {{"seal", seal.id},
            {"lies_at", placeToJson(seal.part)},
            {"before", inBase64(seal.before)},
            {"after", inBase64(seal.after)}};
}

KeptSeal keptSealFromJson(const json& in) {
    return fromKept([&] {
        KeptSeal out;
        const auto place = in.at("lies_at").get<std::vector<int>>();
        if (place.size() != 4)
            isDamaged();
        double* const to[] = {&out.part.left, &out.part.top, &out.part.width, &out.part.height};
        for (std::size_t i = 0; i < 4; ++i)
            *to[i] = place[i] / kPlaces;
        out.before = fromBase64(in.at("before").get<std::string>());
        out.after = fromBase64(in.at("after").get<std::string>());
        out.id = idOf(out);
        const auto shares = placeOf(out.part);
        if (std::any_of(shares.begin(), shares.end(), [](double share) { return share < 0 || share > 1; }) ||
            std::max(out.before.size(), out.after.size()) > kMostSmall ||
            out.id != in.at("seal").get<std::string>())
            isDamaged();
        return out;
    });
}

fs::path picturesOf(const fs::path& ledgerFile) {
    return fs::path(ledgerFile).replace_extension(".pictures");
}

template <class Kept>
void KeptPictures::addOnce(const Kept& kept) noexcept {
    const std::lock_guard lock(m_mutex);
    try {
        if (!m_opened) {
            m_opened = true;
            const auto know = [this](const auto& known) { m_ids.insert(known.id); };
            readPictures(m_file, {know, know});
        }
        if (!m_ids.insert(kept.id).second)
            return;
        // A line end first: what a killed process wrote of its last line is parted from what comes now.
        const auto line = "\n" + toJson(kept).dump() + "\n";
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

void KeptPictures::add(const KeptPicture& picture) noexcept {
    addOnce(picture);
}

void KeptPictures::add(const KeptSeal& seal) noexcept {
    addOnce(seal);
}

namespace {

/// Calls `take` with each line that is JSON, of those that are `wanted` at the sight of their letters.
void eachLine(const fs::path& file, const std::function<void(const json&)>& take,
              const std::function<bool(const std::string&)>& wanted = {}) {
    std::ifstream stream(file, std::ios::binary);
    for (std::string line; std::getline(stream, line);) {
        if (line.empty() || line.size() > kMostLine || (wanted && !wanted(line)))
            continue;
        try {
            take(parseJson(line, file.string(), {}));
        } catch (const Problem& problem) {
            if (problem.kind != ProblemKind::BadFile)
                throw;
        }
    }
}

} // namespace

void readPictures(const fs::path& file, const KeptLines& take) {
    eachLine(file, [&](const json& line) {
        if (!line.contains("seal")) {
            if (take.picture)
                take.picture(keptPictureFromJson(line));
        } else if (take.seal) {
            take.seal(keptSealFromJson(line));
        }
    });
}

std::vector<KeptSeal> keptSealsIn(const fs::path& file, const std::set<std::string>& ids) {
    constexpr std::string_view kName = "\"seal\":\"";
    constexpr std::size_t kDigits = 32;
    std::vector<KeptSeal> out;
    eachLine(
        file, [&](const json& line) { out.push_back(keptSealFromJson(line)); },
        [&](const std::string& line) { // a run has thousands, and a few are wanted
            const auto at = line.rfind(kName);
            return at != std::string::npos && ids.contains(line.substr(at + kName.size(), kDigits));
        });
    return out;
}

void appendPictures(const fs::path& from, const fs::path& to) {
    KeptPictures all(to);
    const auto add = [&](const auto& kept) { all.add(kept); };
    readPictures(from, {add, add});
    if (all.failed())
        throw Problem(ProblemKind::CannotWrite, to.string(), "what pictures are known by can't be kept",
                      "Check the folder's permissions and the space left on the disk");
}

} // namespace keepseal
