// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "run/stamper.h"

#include "base/fingerprint.h"
#include "base/give_way.h"
#include "delivery/file_names.h"
#include "formats/visible_loss.h"
#include "plan/stamped.h"
#include "render/finished_copy.h"
#include "render/untouched_copy.h"
#include "run/check_copy.h"

#include <algorithm>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

constexpr int kFailuresThatBlock = 3;
constexpr int kMaxNumber = 100000;

/// What it asks of the decoder; nothing for a delivery that can't be carried out (its profile is missing):
/// that is told of its own copies when their turn comes, and is nothing to those of other deliveries.
std::optional<DevelopWish> wishOf(const CopyAsked& asked) {
    try {
        return baseOf(asked).wish();
    } catch (const Problem&) {
        return std::nullopt;
    }
}

std::uint64_t renderMemory(const CopyAsked& asked) {
    const auto wish = wishOf(asked);
    if (!wish)
        return 0;
    const auto perPixel = wish->deep ? 6U : 3U;
    const auto bordered = asked.chain.ground.needed()
                              ? static_cast<std::uint64_t>(asked.chain.sizes.whole.pixels()) * perPixel * 2
                              : 0;
    return developMemory(asked.facts, *wish) + bordered;
}

/// After that, while the copy is encoded.
std::uint64_t coderMemory(const CopyAsked& asked, const std::string& format) {
    const auto& row = outputFormat(format);
    // Comparing what comes out of the coder takes more than most coders: see visibleLossScore().
    const auto perPixel = row.memory(OwnValues(row.settings, asked.delivery.file.own)) +
                          (asked.delivery.file.unseen ? kLossBytesPerPixel : 0);
    return static_cast<std::uint64_t>(asked.chain.sizes.whole.pixels()) * static_cast<unsigned>(perPixel);
}

} // namespace

/// One original while its copies are made.
class OneOriginal {
public:
    OneOriginal(Stamper& stamper, std::size_t original)
        : m_stamper(stamper), m_plan(stamper.m_plan), m_index(original), m_path(m_plan.originals[original]),
          m_file(m_path), m_fingerprints(fingerprints(m_file)), m_facts(readFacts(m_file, m_path.string())),
          m_report(inspect(m_file)), m_metadata(readMetadata(m_path, m_report)) {}

    void stampAll(const std::vector<std::size_t>& copies, const std::vector<std::size_t>& together,
                  const std::function<LedgerRow(std::size_t)>& rowOf, const Stamper::Done& done) {
        const auto shared = planSharing(together);
        std::uint64_t most = 0, coding = 0;
        for (const auto index : copies) {
            const auto chain = chainOf(index);
            most = std::max(most, renderMemory(askedFor(index, chain)));
            coding = std::max(coding, coderMemory(askedFor(index, chain), m_plan.copies[index].format));
        }
        requireFits(most, m_path.string());
        m_shrink = shared;
        m_holds = shared && holdsForOne(copies, *shared);
        const MemoryBudget::Share share(m_stamper.m_budget,
                                        std::max(most, coding) +
                                            (shared ? decodedMemory(factsOf(copies.front()), *shared) : 0) +
                                            (m_holds ? coefficientMemory(m_facts) : 0));
        for (const auto index : copies) {
            if (m_stamper.m_stop)
                return;
            LedgerRow row = rowOf(index);
            stampOne(index, row);
            done(index, std::move(row));
        }
    }

private:
    /// What the formats of a delivery share.
    struct Rendered {
        std::size_t delivery = 0;
        int page = 0;
        bool operator==(const Rendered&) const = default;
    };

    const Delivery& deliveryOf(std::size_t index) const {
        return m_plan.deliveries[m_plan.copies[index].delivery];
    }
    const PictureException& exception() const { return m_plan.exceptions[m_index]; }
    ChainPlan chainOf(std::size_t index) const {
        const auto facts = factsOf(index);
        return planChain(deliveryOf(index), facts.size, exception().turn, facts.pixelsPerMm);
    }
    /// Of the picture in the file that this copy is made of.
    PictureFacts factsOf(std::size_t index) const {
        return factsFor(m_facts, deliveryOf(index).turn.reading(m_plan.copies[index].page));
    }

    CopyAsked askedFor(std::size_t index, const ChainPlan& chain) const {
        return {m_path, factsOf(index), m_metadata, deliveryOf(index), exception(), chain};
    }

    /// How far the one decode for all deliveries may shrink; nothing when there is only one delivery, or when
    /// the pixels would take more than half of the memory: then each decodes for itself.
    std::optional<int> planSharing(const std::vector<std::size_t>& together) const {
        std::optional<std::size_t> first;
        bool several = false;
        int shrink = 8;
        const auto shared = factsOf(together.front());
        for (const auto index : together) {
            const auto delivery = m_plan.copies[index].delivery;
            several = several || (first && *first != delivery);
            first = delivery;
            const auto chain = chainOf(index);
            const auto asked = askedFor(index, chain);
            if (isMadeOfCoefficients(asked))
                continue;
            if (asked.facts.reading != shared.reading)
                return std::nullopt; // other pages, other pixels
            if (const auto wish = wishOf(asked))
                shrink = std::min(shrink, decodeShrinkFor(asked.facts, *wish));
        }
        const bool fits = decodedMemory(shared, shrink) <= m_stamper.m_budget.total() / 2;
        return several && fits ? std::optional(shrink) : std::nullopt;
    }

    /// Whether one copy is made of coefficients and others of pixels: both are read in one go then, where
    /// they fit. The pixels come out the same.
    bool holdsForOne(const std::vector<std::size_t>& copies, int shrink) {
        std::size_t count = 0, untouched = 0;
        for (const auto index : copies) {
            const auto chain = chainOf(index);
            const auto asked = askedFor(index, chain);
            if (!isMadeOfCoefficients(asked))
                continue;
            ++count;
            untouched += codingOfBlocks(asked, m_plan.copies[index].format)->untouched();
        }
        m_allAnew = untouched == 0;
        return shrink <= kMostBeside && count > 0 && count < copies.size() &&
               coefficientMemory(m_facts) + decodedMemory(m_facts, shrink) <= m_stamper.m_budget.total() / 2;
    }

    /// For all copies that are still to come; what can't be held is told when a copy is made of it.
    void readForAll(const PictureFacts& facts, bool ofCoefficients) {
        if (!m_shrink || m_decoded)
            return;
        if (m_holds)
            try {
                m_held = holdJpeg(m_file, m_path.string(), facts, *m_shrink, m_allAnew);
                m_decoded = std::move(m_held->decoded);
                return;
            } catch (const Problem&) {
                m_holds = false;
            }
        if (!ofCoefficients)
            m_decoded = decodePicture(m_file, m_path.string(), facts, *m_shrink);
    }

    void stampOne(std::size_t index, LedgerRow& row) {
        row.fingerprintBefore = m_fingerprints.sha256;
        row.checksumBefore = m_fingerprints.checksum;
        row.originalIdentity = m_file.identity();
        row.placeInOriginal = m_report.tellsPlace();
        const auto& root = m_plan.copies[index].inside;
        std::optional<Problem> place;
        try {
            if (copyMarkIn(m_report) && !exception().stampAgain) {
                addNote(row.notes, {NoteKind::StampedBefore, {}, {}});
                row.outcome = Outcome::LeftOut;
                return;
            }
            if (const auto block = m_stamper.blockOf(root))
                throw Problem(*block);
            row.outcome = make(index, row) ? Outcome::Made : Outcome::HeldBack;
        } catch (const Problem& p) {
            row.problem = p;
            row.outcome = p.kind == ProblemKind::Stopped ? Outcome::Waiting : Outcome::Failed;
            if (p.kind == ProblemKind::CannotWrite)
                place = p;
        } catch (
            const std::exception& e) { // out of memory, a library's own fault: still one picture's problem
            row.problem = Problem(ProblemKind::Internal, row.original.string(), e.what());
            row.outcome = Outcome::Failed;
        }
        m_stamper.tell(root, place);
    }

    /// Whether the copy may be delivered, by all that is known of it so far.
    static bool deliverable(LedgerRow& row, const Notes& more) {
        addNotes(row.notes, more);
        return row.heldBackBy().empty();
    }

    /// False: it is held back, and the row says by what. Asked as early as it can be told: what the plan
    /// knows costs no pixel.
    bool make(std::size_t index, LedgerRow& row) {
        const auto& planned = m_plan.copies[index];
        const auto& delivery = deliveryOf(index);
        const auto chain = chainOf(index);
        const auto asked = askedFor(index, chain);
        row.notes = planned.notes;
        const Rendered wanted{planned.delivery, planned.page};
        if (m_renderedFor != wanted)
            m_ahead = lookAhead(asked, m_stamper.m_prepared[planned.delivery]);
        const auto& words = *(m_renderedFor == wanted ? m_rendered.words : m_ahead.words);
        const auto& known = m_renderedFor == wanted ? m_rendered.notes : m_ahead.notes;
        addNotes(row.notes, known);
        if (!deliverable(row, notesOfFile(asked, words, planned.format, planned.target.stem().string())))
            return false;
        // The folder before the pixels: where nothing can be written nothing need be rendered.
        const auto destination = m_stamper.m_destinations.at(planned.target.parent_path(), planned.inside);
        if (m_renderedFor != wanted)
            render(wanted, asked);
        row.readability = m_rendered.readability;
        if (!deliverable(row, m_rendered.notes))
            return false;
        if (m_stamper.m_stop)
            throw Problem(ProblemKind::Stopped, row.original.string(), "the run was stopped");
        const auto encoded = encodedCopy(m_file, asked, m_rendered, planned.format);
        return deliverable(row, encoded.notes) &&
               deliver(encoded.bytes,
                       {planned.format, encoded.size, m_rendered.words->copy,
                        delivery.privacy.opensLocation(), holdsPreview(delivery, planned.format),
                        m_metadata.placeNames},
                       index, *destination, row);
    }

    /// Without it a copy is found by its bytes alone: that is no copy's fault.
    template <class Kept, class Make>
    static void keepOrNot(Kept& to, const Make& make) {
        try {
            to = make();
        } catch (const std::exception&) {
            to = {};
        }
    }

    void render(const Rendered& wanted, const CopyAsked& asked) {
        m_rendered = {}; // the last delivery's pixels make room first
        m_renderedFor.reset();
        const bool ofCoefficients = isMadeOfCoefficients(asked);
        readForAll(asked.facts, ofCoefficients);
        const auto base = baseOf(asked);
        const bool known = m_keptBase && m_keptBase->sameButSize(base); // of another delivery
        const auto keep = [&](const Frame& picture) {
            if (!known)
                keepOrNot(m_kept, [&] { return keptPicture(picture); });
        };
        AtHand atHand; // pixels that are there are shrunk for the others
        if (ofCoefficients)
            atHand.held = std::exchange(m_held, {});
        else
            atHand.decoded = m_decoded;
        SealedPartTaker sealed;
        m_keptSeal = {};
        ShownPixels shown;
        if (asked.delivery.place.knownAgain) {
            shown.picture = keep;
            shown.beforeSeal = [&](const Frame& frame, const Rect& reach) {
                keepOrNot(sealed, [&] {
                    SealedPartTaker taker;
                    taker.before(frame, reach);
                    return taker;
                });
            };
            shown.afterSeal = [&](const Frame& frame) {
                keepOrNot(m_keptSeal, [&] {
                    auto part = sealed.after(frame);
                    return part ? keptSeal(std::move(*part)) : KeptSeal();
                });
            };
        }
        m_rendered =
            finishedCopy(m_file, asked, std::move(m_ahead), std::move(atHand), shown, FramePixels::AsNeeded);
        standAside();
        if (asked.delivery.place.knownAgain)
            m_keptBase = base;
        m_code = m_kept.id.empty() || !asked.delivery.place.knownAgain
                     ? 0
                     : wholeCodeOf(reducedTo(m_rendered.stamped ? m_rendered.coarse : m_rendered.frame,
                                             kMarkSide / 2));
        m_renderedFor = wanted;
    }

    bool deliver(const Bytes& bytes, const CopyPromise& promise, std::size_t index, Destination& destination,
                 LedgerRow& row) {
        standAside();
        auto staged = destination.stage(bytes);
        auto check = checkCopy(*staged, promise, m_report);
        if (staged->size() != bytes.size())
            addNote(check.failures, {NoteKind::CopyNotAsPlanned, toSay("it is not whole"), {}});
        addNotes(check.failures, check.words);
        if (!deliverable(row, check.failures))
            return false;
        row.copyFingerprint = fingerprint(ByteSpan(bytes));
        row.copyBytes = bytes.size();
        row.copyModifiedNs = staged->identity().modifiedNs;
        row.copySize = promise.size;
        row.noPlaceInCopy = check.noPlace;
        row.rightsInCopy = check.rightsInStep && !promise.words.fields.empty();
        row.placeOpened = promise.opensLocation;
        row.sealOnCopy = m_rendered.holds.seal;
        row.borderOnCopy = m_rendered.holds.border;
        for (const auto& [key, value] : promise.words.fields) {
            row.written.push_back(metadataField(key)->label);
            row.words[key] = value.shown(*metadataField(key));
        }
        if (row.sealOnCopy)
            row.seal = deliveryOf(index).seal.name;
        row.takenAt = m_metadata.takenAt;
        if (deliveryOf(index).place.knownAgain && !m_kept.id.empty()) {
            row.picture = m_kept.id;
            row.code = m_code;
            row.sealKept = m_keptSeal.id;
            m_stamper.m_keep(m_kept, m_keptSeal);
        }
        row.removed = removedKinds(m_report, check.report);
        row.outcome = Outcome::Made;
        placeUnderFreeName(*staged, destination, index, row);
        return true;
    }

    /// The plan's name, unless someone took it since.
    void placeUnderFreeName(StagedCopy& staged, const Destination& destination, std::size_t index,
                            LedgerRow& row) const {
        const auto& planned = m_plan.copies[index];
        const auto name = planned.target.filename().string();
        row.replaced = planned.replaces && isOurs(destination, planned.target);
        m_stamper.m_placing(index, row);
        if (row.replaced && staged.replace(name, *planned.replaces))
            return;
        row.replaced = false;
        if (staged.place(name))
            return;
        // The run before was killed between placing this copy and writing it down, and its journal was lost
        // or could not be written.
        if (destination.holds(name, row.copyFingerprint)) {
            addNote(row.notes, {NoteKind::LayThere, {}, {}});
            return;
        }
        placeNumbered(staged, index, row);
    }

    /// What the plan says of the file that is to give way is not enough: a plan may come from a journal. Our
    /// own record must know the copy, and the file must be that copy, byte for byte.
    bool isOurs(const Destination& destination, const fs::path& target) const {
        const auto fingerprint = m_stamper.m_ours(target);
        return fingerprint && !fingerprint->empty() &&
               destination.holds(target.filename().string(), *fingerprint);
    }

    void placeNumbered(StagedCopy& staged, std::size_t index, LedgerRow& row) const {
        const auto& planned = m_plan.copies[index];
        const auto stem = planned.target.stem().string();
        const auto ending = planned.target.extension().string();
        for (int number = 2; number < kMaxNumber; ++number) {
            const auto name = stem + "-" + std::to_string(number) + ending;
            row.copy = planned.target.parent_path() / name;
            if (std::error_code unknown; fs::exists(row.copy, unknown))
                continue;
            m_stamper.m_placing(index, row);
            if (!staged.place(name))
                continue;
            addNote(row.notes, {NoteKind::NameTakenMeanwhile, {}, {}});
            return;
        }
        throw Problem(ProblemKind::CannotWrite, planned.target.string(), "no free name was found");
    }

    Stamper& m_stamper;
    const Plan& m_plan;
    std::size_t m_index;
    fs::path m_path;
    Original m_file;
    Fingerprints m_fingerprints;
    PictureFacts m_facts;
    FileReport m_report;
    Metadata m_metadata;
    std::optional<int> m_shrink;
    DecodedPtr m_decoded;
    bool m_holds = false;   ///< the coefficients as well, in the same go
    bool m_allAnew = false; ///< all blocks are coded anew
    std::optional<HeldJpeg> m_held{};
    CopyAhead m_ahead;       ///< of the delivery that is to be rendered next
    FinishedCopy m_rendered; ///< kept for the formats of one delivery
    std::optional<Rendered> m_renderedFor;
    KeptPicture m_kept;                  ///< of what is rendered
    KeptSeal m_keptSeal;                 ///< the same
    std::optional<BaseStage> m_keptBase; ///< what that was taken from
    std::uint64_t m_code = 0;            ///< of the finished copy
};

Stamper::Stamper(const Plan& plan, Destinations& destinations, MemoryBudget& budget,
                 const std::atomic<bool>& stop, Ours ours, Placing placing, Keep keep)
    : m_plan(plan), m_destinations(destinations), m_budget(budget), m_stop(stop), m_ours(std::move(ours)),
      m_placing(std::move(placing)), m_keep(std::move(keep)) {
    for (const auto& delivery : m_plan.deliveries)
        m_prepared.push_back(prepareSeal(delivery.seal));
}

std::optional<Problem> Stamper::blockOf(const fs::path& root) {
    const std::lock_guard lock(m_mutex);
    return m_blocks[root].problem;
}

void Stamper::tell(const fs::path& root, const std::optional<Problem>& problem) {
    const std::lock_guard lock(m_mutex);
    auto& block = m_blocks[root];
    block.running = problem ? block.running + 1 : 0;
    if (problem && block.running >= kFailuresThatBlock && !block.problem)
        block.problem = problem;
}

void Stamper::stamp(const std::vector<std::size_t>& copies, const std::vector<std::size_t>& together,
                    const std::function<LedgerRow(std::size_t)>& rowOf, const Done& done) {
    const auto original = m_plan.copies[copies.front()].original;
    std::optional<Problem> problem;
    try {
        OneOriginal(*this, original).stampAll(copies, together, rowOf, done);
        return;
    } catch (const Problem& p) {
        if (p.kind == ProblemKind::Stopped)
            return; // they wait, as those do that were not begun
        problem = p;
    } catch (const std::exception& e) {
        problem = Problem(ProblemKind::Internal, m_plan.originals[original].string(), e.what());
    }
    for (const auto index : copies) { // it could not be opened: that is said of each copy
        LedgerRow row = rowOf(index);
        if (row.outcome != Outcome::Waiting)
            continue;
        row.problem = problem;
        row.outcome = Outcome::Failed;
        done(index, std::move(row));
    }
}

} // namespace keepseal
