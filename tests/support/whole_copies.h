// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Copies of the whole size, and which of a JPEG's blocks their mark lies on.
#pragma once

#include "render/finished_copy.h"
#include "render/untouched_copy.h"
#include "support/chain.h"
#include "support/jpegs.h"
#include "support/seals.h"

namespace keepseal::test {

inline Delivery wholeSize(const SealDesign& seal) {
    Delivery out;
    out.fit.on = false;
    out.seal = seal;
    return out;
}

struct Stamped {
    Opened opened;
    Metadata metadata;
    PictureException exception;
    ChainPlan chain;
    FinishedCopy finished;
    EncodedCopy encoded;
    Stamped(const fs::path& path, const Delivery& delivery, const std::string& format = "jpeg")
        : opened(path), chain(opened.plan(delivery)) {
        const CopyAsked asked{opened.original.path(), opened.facts, metadata, delivery, exception, chain};
        finished = finishedCopy(opened.original, asked, lookAhead(asked));
        addNotes(finished.notes, notesOfFile(asked, *finished.words, format, "copy"));
        encoded = encodedCopy(opened.original, asked, finished, format);
    }
    bool untouched() const { return holdsKind(encoded.notes, NoteKind::KeptUntouched); }
    std::string why() const {
        Notes all = finished.notes;
        addNotes(all, encoded.notes);
        for (const auto& note : all)
            if (note.kind == NoteKind::EncodedAnew)
                return note.arguments.at("why");
        return {};
    }
};

/// Finished as a run does: no more pixels than are needed.
struct InARun {
    Opened opened;
    Delivery delivery;
    ChainPlan chain;
    Metadata metadata;
    PictureException exception;
    CopyAsked asked;
    FinishedCopy copy;
    InARun(const fs::path& path, const Delivery& of)
        : opened(path), delivery(of), chain(opened.plan(delivery)),
          asked{opened.original.path(), opened.facts, metadata, delivery, exception, chain},
          copy(finishedCopy(opened.original, asked, lookAhead(asked), {}, {}, FramePixels::AsNeeded)) {}
};

inline SealDesign greyBox(int wide = 60, int high = 20) {
    auto out = boxSeal(wide, high);
    out.opacity = 90;
    out.size = 40;
    return out;
}

/// Whether the mark changes a pixel that a block of a component of `jpeg` codes.
inline bool isTouched(const JpegBlocks& jpeg, std::size_t c, std::size_t block, const Frame& wanted,
                      const Frame& without) {
    const auto& component = jpeg.components[c];
    const int across = jpeg.components[0].h / component.h * 8, down = jpeg.components[0].v / component.v * 8;
    const int left = static_cast<int>(block % component.across) * across,
              top = static_cast<int>(block / component.across) * down;
    const int right = std::min(left + across, wanted.size.width) * 3;
    for (int row = top; row < std::min(top + down, wanted.size.height); ++row)
        if (left * 3 < right &&
            !std::equal(wanted.row(row) + left * 3, wanted.row(row) + right, without.row(row) + left * 3))
            return true;
    return false;
}

} // namespace keepseal::test
