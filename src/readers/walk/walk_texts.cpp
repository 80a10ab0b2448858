// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Texts among bytes of unknown meaning, in ASCII, UTF-8 or UTF-16: only those that hold coordinates are told.
#include "walk/walk.h"

#include "privacy/coordinates.h"

#include "base/text.h"

#include <algorithm>

namespace keepseal::walk {
namespace {

/// Shorter runs stand in any compressed data by chance.
constexpr std::size_t kLeastRun = 12;
constexpr std::size_t kMostRun = 64 * 1024;

bool isPlain(std::uint8_t c) {
    return (c >= 0x20 && c < 0x7F) || c == '\t' || c == '\n' || c == '\r';
}

/// Bytes of the UTF-8 character that begins there; 0: none does.
std::size_t characterAt(ByteSpan bytes, std::size_t at) {
    const std::uint8_t lead = bytes[at];
    if (isPlain(lead))
        return 1;
    const std::size_t length = lead >= 0xC2 && lead < 0xE0 ? 2 : lead >= 0xE0 && lead < 0xF0 ? 3 : 0;
    if (length == 0 || at + length > bytes.size())
        return 0;
    for (std::size_t i = 1; i < length; ++i)
        if ((bytes[at + i] & 0xC0) != 0x80)
            return 0;
    return length;
}

/// No form of coordinates is without a figure; those of other scripts are longer than one byte.
bool mayHoldFigures(std::string_view run) {
    return std::any_of(run.begin(), run.end(), [](char c) { return (c >= '0' && c <= '9') || (c & 0x80); });
}

void tellRun(const Walk& walk, std::string_view run) {
    if (run.size() < kLeastRun || !mayHoldFigures(run))
        return;
    for (const auto& span : coordinatesIn(run)) {
        const auto from = span.begin > 60 ? span.begin - 60 : 0;
        walk.add("bytes", "text", printable(run.substr(from, span.end + 60 - from)), Category::Other)
            .tellsPlace = true;
        return; // one row a run: it is the run that tells
    }
}

/// Every second byte of UTF-16, so far as it is ASCII.
void wideRuns(const Walk& walk, ByteSpan bytes) {
    std::string run;
    for (std::size_t i = 0; i + 1 < bytes.size();) {
        const bool little = isPlain(bytes[i]) && bytes[i + 1] == 0;
        const bool big = !little && bytes[i] == 0 && isPlain(bytes[i + 1]);
        if ((little || big) && run.size() < kMostRun) {
            run += static_cast<char>(bytes[little ? i : i + 1]);
            i += 2;
            continue;
        }
        const bool any = !run.empty();
        tellRun(walk, run);
        run.clear();
        i += any ? 0 : 1; // the other byte order, or one byte further
        if (any && !(little || big))
            ++i;
    }
    tellRun(walk, run);
}

} // namespace

void texts(const Walk& walk, ByteSpan bytes) {
    const auto all = textOf(bytes);
    std::size_t begin = 0, at = 0;
    while (at < bytes.size()) {
        const auto length = characterAt(bytes, at);
        if (length > 0 && at - begin < kMostRun) {
            at += length;
            continue;
        }
        tellRun(walk, all.substr(begin, at - begin));
        at += length > 0 ? 0 : 1;
        begin = at;
    }
    tellRun(walk, all.substr(begin));
    wideRuns(walk, bytes);
}

} // namespace keepseal::walk
