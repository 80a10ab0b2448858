// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One proof, from what is there of it already to what the delivery asks for now: only the stages that differ
// are made anew. No window in it; called in the background.
#pragma once

#include "document/picture_library.h"
#include "picture/means.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "render/stages.h"
#include "seal/paintings.h"

#include <QImage>
#include <QPainter>

#include <atomic>

namespace keepseal::app {

struct Proof {
    QImage sealed;      ///< what the copy looks like
    QImage inView;      ///< the same in the pixels that the view has for it; null: it scales `sealed` itself
    QRectF picture;     ///< where the picture proper lies, in shares of the whole
    bool sharp = false; ///< false: still made from the camera's small preview, or by other settings
    Ground ground;      ///< what lies under the seal
    SealResult seal;    ///< what became of the seal, in the pixels of `sealed`
    Notes notes;        ///< all that can be said of the copy by its pixels and words, see render/ahead.h
    Notes words;        ///< what is worth a look in its words, see wordsToLookAt()
};

/// Pixels between developing and sealing, with what made them.
struct ProofPixels {
    std::shared_ptr<const Frame> base; ///< as developed, or the camera's preview
    Notes notes;                       ///< what developing told
    PictureWordsPtr words;             ///< as the copy will say them, for `wordsFor`; null: not yet
    WordsAsked wordsFor;
    bool sharp = false;                    ///< developed, and from what the delivery asks for now
    std::shared_ptr<const Frame> finished; ///< after the finish station; null: not yet
    Stages stages;                         ///< what made `finished`, and the proof that is shown
    ScreenStage screen;                    ///< how it is shown
    std::optional<RowRange> marked;        ///< where that differs from `finished`; nothing: anywhere
    std::shared_ptr<SealPaintings> paintings =
        std::make_shared<SealPaintings>(); ///< of the proof that is shown
    std::uint64_t paintedBytes = 0;        ///< what they hold
};

struct ProofJob {
    PictureInfoPtr info;
    PictureException exception;
    Size whole;  ///< of the proof, as its view wants it
    Size inView; ///< pixels that the view has for it
    ProofPixels pixels;
    Proof shown; ///< the proof that is there; null image: none
};

/// What came out; the same as before where nothing differs.
struct MadeProof {
    ProofPixels pixels;
    Proof proof;
    std::optional<Problem> problem; ///< why it could not be made: then all else is as before
};

/// Whether a view with so many pixels for it wants them reduced, and they are not.
bool isToReduce(const Proof& proof, Size view);
/// Draws it into `rect`, as it was reduced for it where it was: that is done once, by many threads.
void drawProof(QPainter& painter, const QRect& rect, const Proof& proof);

/// `shared` is the seal laid out already, where it is the same for all pictures; may be null. Throws Problem.
MadeProof makeProof(const ProofJob& job, const Delivery& delivery, const PreparedPtr& shared);
/// All of them, on all cores: a slider is waiting. Once `stop` is set what is left stays as it was.
std::vector<MadeProof> makeProofs(const std::vector<ProofJob>& jobs, const Delivery& delivery,
                                  const std::atomic<bool>& stop);

} // namespace keepseal::app
