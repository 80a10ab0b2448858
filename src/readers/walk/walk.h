// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The walkers of the containers, one file each; internal to the readers. Each adds what it finds to one
// report. All numbers come from strangers: every range is cut to what is there, and whatever is read,
// unpacked, looked at or kept is paid for from one budget.
#pragma once

#include "base/read_budget.h"
#include "privacy/report.h"

#include <set>

namespace keepseal::walk {

/// Blocks inside blocks (a preview inside a trailer inside a preview ...) are followed this deep.
inline constexpr int kMaxDepth = 6;
/// The largest single block read into memory.
inline constexpr std::uint64_t kMaxBlock = 64ULL << 20;

/// A stretch of a file, offsets counted from its start.
struct Stretch {
    const ByteSource* source = nullptr;
    std::uint64_t begin = 0, length = 0;
    ReadBudget* budget = nullptr; ///< of the file; null only where there are no bytes

    /// None once the budget is spent.
    Bytes bytes(std::uint64_t offset, std::uint64_t count) const;
    Stretch part(std::uint64_t offset, std::uint64_t count) const;
};

struct Walk {
    FileReport& report;
    ReadBudget& budget;
    int depth = 0;
    std::string where;                ///< prefix of Finding::where: empty for the file itself
    const ByteSource* file = nullptr; ///< whose offsets findings state
    std::uint64_t offset = 0;         ///< of the block that is walked
    Reach reach = Reach::Whole;

    Walk inside(const std::string& place) const {
        return {report, budget, depth + 1, where + place + " / ", file, offset, reach};
    }
    /// The same at another block; what is no stretch of the file itself (an inflated text) keeps the offset
    /// of the block it came from.
    Walk at(const Stretch& stretch) const {
        Walk out = *this;
        if (stretch.source == file)
            out.offset = stretch.begin;
        return out;
    }
    bool tooDeep() const { return depth > kMaxDepth; }
    /// To be asked for each entry of a loop: false once the budget is spent.
    bool goOn() const { return budget.step(); }
    /// All of bytes that are no stretch of the file itself; they stay the caller's.
    Stretch whole(const ByteSource& source) const { return {&source, 0, source.size(), &budget}; }
    Finding& add(const std::string& place, const std::string& name, const std::string& value,
                 Category category) const;
    /// A finding whose text a person wrote, as raw bytes: a pair of coordinates in it tells a place.
    Finding& addText(const std::string& place, const std::string& name, std::string_view raw,
                     Category category) const;
    /// The same for what is no value of its own (a keyword, a namespace): told only when it holds
    /// coordinates.
    void addName(const std::string& place, const std::string& name, std::string_view raw) const;
    void secret(ByteSpan bytes) const;
    void notSearched(const Saying& what) const;
};

void jpeg(const Walk& walk, const Stretch& stretch);
void png(const Walk& walk, const Stretch& stretch);
void webp(const Walk& walk, const Stretch& stretch);
void iso(const Walk& walk, const Stretch& stretch);
void pdf(const Walk& walk, const Stretch& stretch);
void tiff(const Walk& walk, const Stretch& stretch, const std::string& place);
void xmp(const Walk& walk, std::string_view packet);
void imageResources(const Walk& walk, const Stretch& stretch);
void iim(const Walk& walk, ByteSpan bytes);
/// Tells the texts among bytes of unknown meaning that hold coordinates.
void texts(const Walk& walk, ByteSpan bytes);
/// Searches bytes of unknown meaning for Exif and XMP blocks, pictures, video places and texts that hold
/// coordinates.
void scan(const Walk& walk, const Stretch& stretch);

/// Big- or little-endian whole numbers; `at` must lie inside.
std::uint64_t number(ByteSpan bytes, std::size_t at, int count, bool littleEndian = false);

/// The bytes as text, nothing copied.
inline std::string_view textOf(ByteSpan bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}
inline ByteSpan bytesOf(std::string_view text) {
    return {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()};
}

} // namespace keepseal::walk
