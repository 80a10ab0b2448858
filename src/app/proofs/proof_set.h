// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proofs for one view (the wall, the single picture): each is the copy as it will be, made smaller by the
// same calls that make the copy. Bases are developed in the background; the seal is put on in the background
// as well, all proofs of the view in one go, and the latest design wins.
#pragma once

#include "document/chain_of.h"
#include "proofs/proof_maker.h"
#include "tasks/latest_task.h"

#include <QTimer>

namespace keepseal::app {

/// Where the picture proper lies on a proof that is drawn at `whole`.
QRectF pictureWithin(const Proof& proof, const QRectF& whole);

/// One proof that a view wants: `pixels` is the size on screen, in device pixels.
struct ProofWish {
    OriginalId id = 0;
    Size pixels;
    bool operator==(const ProofWish&) const = default;
};

class ProofSet : public QObject, private KeptBytes::Holder {
    Q_OBJECT
public:
    enum class For {
        Many,         ///< pictures beside each other
        One,          ///< the picture looked at: what is decoded of it is kept, for all views
        Measurements, ///< looked at by nobody: their pixels are let go when they are measured
    };
    ProofSet(JobDocument* document, PictureLibrary* library, For what, QObject* parent = nullptr);
    ~ProofSet() override;

    /// What is visible now, most wanted first. Proofs no longer wished for are kept while memory allows.
    /// The first `visible` of them are redrawn before all others (-1: all at once).
    void wish(std::vector<ProofWish> wishes, int visible = -1);
    /// Nothing is made while nobody looks.
    void setPaused(bool paused);
    /// nullptr while there is nothing to show.
    const Proof* proof(OriginalId id) const;
    /// The picture without finish, border and seal, for the screen; null while there is none.
    QImage baseImage(OriginalId id) const;
    /// The same pixels, as developed; null: not there yet.
    std::shared_ptr<const Frame> developed(OriginalId id) const;
    /// The sharp picture with finish and border but without its seal; nullptr while there is none.
    std::shared_ptr<const Frame> base(OriginalId id) const;
    /// The same without its border; nullptr while there is none.
    std::shared_ptr<const Frame> finished(OriginalId id) const;
    /// Why this original will never have a proof, or nullptr.
    const Problem* problem(OriginalId id) const;
    /// True when every wish has its sharp proof with the latest design.
    bool settled() const;
    /// The same of those that can be seen.
    bool settledInView() const;
    /// Milliseconds from the last change of design to its redrawn proofs, as measured; -1 before the first.
    double lastRedrawMs() const { return m_lastRedrawMs; }

signals:
    void changed();

private:
    bool areSettled(std::size_t first) const;
    /// What a wish comes to now.
    struct Wanted {
        Size whole;
        BaseStage base;
        bool showsAll = false; ///< the base is all of the picture, the right way up
        quint64 change = 0;    ///< m_change it was worked out for; 0: never
        Size pixels;           ///< and the wish
        PictureInfoPtr info;
    };

    struct Entry {
        ProofPixels pixels;
        Proof proof;
        Wanted wanted;
        mutable std::shared_ptr<const Frame> framed; ///< see base()
        mutable QImage baseImage;                    ///< see there; of `shownBase`
        mutable std::shared_ptr<const Frame> shownBase;
        quint64 lookedAt = 0;               ///< m_change it was last made for
        BaseStage requestedAs, failedAs;    ///< what is being developed; what is not tried again
        std::optional<Problem> undeveloped; ///< why, for failedAs
        std::optional<Problem> unmade;      ///< why, for m_change
        quint64 lastUse = 0;
    };
    void changeSeen();
    void work();
    Wanted workedOut(const ProofWish& wish, const PictureInfo& info) const;
    const Wanted& wantedOf(const ProofWish& wish, const PictureInfoPtr& info);
    void usePreview(Entry& entry, OriginalId id, const Wanted& wanted);
    void developMissing();
    void develop(OriginalId id, const PictureInfoPtr& info, const Wanted& wanted);
    void makeStale();
    /// What one pass over the stale proofs makes.
    struct Pass {
        std::vector<OriginalId> ids;
        std::vector<ProofJob> jobs;
        quint64 change = 0;
        qint64 changedAt = 0;
    };
    /// A base as it came out of the queue.
    struct Developed {
        std::shared_ptr<Frame> frame;
        Notes notes;
    };
    /// `kept`: what is decoded is kept there; may be null.
    static Developed developed(const PictureInfo& info, const Wanted& wanted, DecodedPictures* kept);
    void takeBase(OriginalId id, const Wanted& wanted, const TaskOutcome<Developed>& outcome);
    void takePass(TaskOutcome<std::vector<MadeProof>> outcome);
    void take(OriginalId id, const ProofJob& job, MadeProof made, quint64 change);
    void forgetRemoved();
    static std::uint64_t weightOf(const Entry& entry);
    std::uint64_t keptBytes() const override;
    std::optional<quint64> oldestUse() const override;
    void dropOldest() override;
    std::map<OriginalId, Entry>::const_iterator oldest() const;

    JobDocument* m_document;
    PictureLibrary* m_library;
    For m_for;
    std::vector<ProofWish> m_wishes;
    std::size_t m_visible = 0;
    std::map<OriginalId, Entry> m_entries;
    quint64 m_change = 1; ///< counts changes of anything that a proof may depend on
    quint64 m_use = 0;
    bool m_paused = false;
    bool m_still = true; ///< no change for a while
    QTimer m_settle;     ///< while a border is drawn, pictures are not developed for each of its steps
    QTimer m_unseen;     ///< while a hand drags, what it can't see waits: the cores paint what it sees
    qint64 m_changedAtNs = 0;
    double m_lastRedrawMs = -1;
    TaskShare m_develops;
    std::shared_ptr<const Pass> m_pass; ///< what is being made, or was last
    LatestTask<std::vector<MadeProof>> m_maker;
};

} // namespace keepseal::app
