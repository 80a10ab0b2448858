// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proofs for one view (the wall, the single picture): each is the copy as it will be, made smaller by the
// same calls that make the copy. Bases are developed in the background; the seal is put on in the background
// as well, all proofs of the view in one go, and the latest design wins.
#pragma once

#include "document/chain_of.h"

#include <QImage>
#include <QTimer>

namespace keepseal::app {

struct Proof {
    QImage sealed;      ///< what the copy looks like
    QImage base;        ///< the picture without finish, border and seal; empty unless the set keeps bases
    QRectF picture;     ///< where that picture lies, in shares of the whole
    bool sharp = false; ///< false: still made from the camera's small preview
    Ground ground;      ///< what lies under the seal
    SealResult seal;    ///< what became of the seal, in the pixels of `sealed`
    Notes notes;        ///< of the sizes, the border and the seal
};

/// Where the picture proper lies on a proof that is drawn at `whole`.
QRectF pictureWithin(const Proof& proof, const QRectF& whole);

/// One proof that a view wants: `pixels` is the size on screen, in device pixels.
struct ProofWish {
    OriginalId id = 0;
    Size pixels;
    bool operator==(const ProofWish&) const = default;
};

class ProofSet : public QObject {
    Q_OBJECT
public:
    enum class Bases { Drop, Keep };
    ProofSet(JobDocument* document, PictureLibrary* library, Bases bases, QObject* parent = nullptr);
    ~ProofSet() override;

    /// What is visible now, most wanted first. Proofs no longer wished for are kept while memory allows.
    /// The first `visible` of them are redrawn before all others (-1: all at once).
    void wish(std::vector<ProofWish> wishes, int visible = -1);
    /// Nothing is made while nobody looks.
    void setPaused(bool paused);
    /// nullptr while there is nothing to show.
    const Proof* proof(OriginalId id) const;
    /// The sharp picture with finish and border but without its seal; nullptr while there is none.
    std::shared_ptr<const Frame> base(OriginalId id) const;
    /// The same without its border; nullptr while there is none.
    std::shared_ptr<const Frame> finished(OriginalId id) const;
    /// Why this original will never have a proof, or nullptr.
    const Problem* problem(OriginalId id) const;
    /// True when every wish has its sharp proof with the latest design.
    bool settled() const;
    /// Milliseconds from the last change of design to its redrawn proofs, as measured; -1 before the first.
    double lastRedrawMs() const { return m_lastRedrawMs; }

signals:
    void changed();

private:
    struct Base {
        std::shared_ptr<const Frame> frame;    ///< as developed
        std::shared_ptr<const Frame> finished; ///< after the finish station
        quint64 finishRevision = 0;            ///< of the settings it was finished with
        QImage image;                          ///< the same for the screen, when the set keeps bases
        bool sharp = false;
        Cut cut; ///< what it was developed for
        Box kept;
    };
    struct Entry {
        Base base;
        Proof proof;
        mutable std::shared_ptr<const Frame> bordered; ///< see base()
        mutable quint64 borderedRevision = 0;
        quint64 sealedRevision = 0; ///< design the proof was made with
        Size requested;             ///< size being developed
        Size failedAt;              ///< not tried again at this size
        std::optional<Problem> problem;
        quint64 lastUse = 0;
    };

    void onStation(StationId station);
    void redesign();
    void forgetBases();
    void work();
    void usePreview(OriginalId id, Entry& entry);
    void developMissing();
    void sealStale();
    void trim();

    JobDocument* m_document;
    PictureLibrary* m_library;
    Bases m_bases;
    std::vector<ProofWish> m_wishes;
    std::size_t m_visible = 0;
    std::map<OriginalId, Entry> m_entries;
    quint64 m_design = 1;     ///< counts changes of what is drawn on top
    quint64 m_generation = 1; ///< counts changes of the bases
    quint64 m_use = 0;
    int m_developing = 0;
    quint64 m_ground = 1; ///< counts changes of all but the seal
    quint64 m_finish = 1; ///< counts changes of the finish
    DevelopWish m_look;   ///< what the delivery asked of the decoder, apart from sizes
    bool m_sealing = false, m_paused = false;
    QTimer m_settle; ///< while a border is being drawn, pictures are not developed for each of its steps
    qint64 m_changedAtNs = 0;
    double m_lastRedrawMs = -1;
    QThreadPool m_sealer;
};

} // namespace keepseal::app
