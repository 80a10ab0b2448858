// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A picture that was met somewhere, and what the register knows of it: by its bytes, else by how it looks,
// else by our mark alone.
#pragma once

#include "base/language.h"
#include "likeness/compare.h"
#include "metadata/metadata.h"
#include "record/register.h"

#include <atomic>
#include <functional>

namespace keepseal {

struct MetFile {
    std::string name;           ///< for sentences
    std::filesystem::path path; ///< empty: only pixels
    std::string fingerprint;    ///< SHA-256; empty: only pixels
    std::uint64_t bytes = 0;
    Size size; ///< pixels, upright
    FileReport report;
    FieldValues fields;  ///< what its metadata says
    bool marked = false; ///< it has our mark, see rights/mark.h
    MetPicture picture;
};
/// Reads it, through the readers. Throws Problem.
MetFile metFile(const std::filesystem::path& path);
/// Of a picture without a file. `pixels`: 8 bits.
MetFile metPixels(const std::string& name, const Frame& pixels);

enum class KnownBy {
    SameBytes,     ///< the very bytes of a copy
    OriginalBytes, ///< the very bytes of an original
    Looks,         ///< it looks like a picture that left
    Mark,          ///< our mark alone: a copy that this register does not know
    Nothing,
};
const char* keyOf(KnownBy by);

/// A picture that it may be.
struct KnownAs {
    RegisteredCopy copy;    ///< its whole row: the copy it is, or most likely is
    std::size_t others = 0; ///< copies of the same picture
    /// Something is seen on it that stands on this copy, and on none of the others that could be read.
    bool alone = false;
    /// Of all: they don't lie where they were made, and nothing that stands on them was kept.
    std::size_t unread = 0;
    bool thisCopy() const { return others == 0 || (alone && unread == 0); } ///< and no other
    bool named() const { return others == 0 || alone; }                     ///< rather than one of several
    Likeness likeness;                                                      ///< by looks only
};

/// What a field was when the copy left, and what the met file says.
struct FieldThen {
    std::string key, then, now; ///< `now`: empty: it is gone
    bool stays() const { return then == now; }
};

struct WhatIs {
    MetFile file;
    KnownBy by = KnownBy::Nothing;
    double certainty = 0;               ///< 0 to 1: by bytes 1, by looks the share of parts that agree
    std::vector<KnownAs> known;         ///< the best first; by looks others that look alike behind it
    std::vector<RegisteredCopy> copies; ///< all that left of the same original, the newest first
    std::vector<FieldThen> fields;      ///< of the best
    std::size_t compared = 0;           ///< pictures that it was held against
    bool stopped = false;
};

/// `progress(done, of)`: pictures compared; any thread. Throws Problem like Register.
WhatIs whatIs(Register& known, MetFile file, const std::atomic<bool>& stop,
              const std::function<void(std::size_t, std::size_t)>& progress = {});

/// A picture of what is known, at most that long: from the copy or the original where they lie as they did,
/// else the small one that is kept; empty where there is none. Never throws.
Frame pictureOf(Register& known, const RegisteredCopy& copy, int longSide);

/// The small picture that is kept; empty where there is none. It may have come with a register from
/// elsewhere, and is read like any other. Throws Problem(Stopped) alone.
Frame smallPictureOf(Register& known, const std::string& picture);

/// One sentence for a person: what it is, how sure that is, and why.
Saying sentenceOf(const WhatIs& answer);

} // namespace keepseal
