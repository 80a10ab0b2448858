// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/encoded_proof.h"

#include "formats/visible_loss.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "proofs/kept_copy.h"
#include "render/encode.h"
#include "render/finished_copy.h"
#include "render/untouched_copy.h"

namespace keepseal::app {
namespace {

constexpr std::int64_t kMostCompared = 8'000'000; ///< pixels, for the curve
constexpr int kLaterMs = 200;                     ///< a slider that moves is not followed at every step
constexpr int kQualities[] = {40, 50, 60, 70, 75, 80, 85, 88, 90, 92, 94, 96, 98};

} // namespace

struct EncodedProof::Kept {
    Stages stages; ///< what made the pixels
    FinishedCopy copy;
    bool ofCoefficients = false;
};

struct EncodedProof::Answer {
    std::shared_ptr<Kept> kept;
    QImage image, difference;
    std::optional<double> score;
    qulonglong bytes = 0;
    QString format;
    QStringList limits;
    std::optional<int> quality;
    qulonglong atMost = 0;
    std::vector<Point> curve;
};

namespace {

/// What the copy is encoded from: its pixels, kept ones where they are the same, and its words as they are
/// now.
std::shared_ptr<EncodedProof::Kept> keptOrMade(const std::shared_ptr<EncodedProof::Kept>& kept,
                                               const CopyAsked& asked, DecodedPictures& originals) {
    auto ahead = lookAhead(asked);
    auto stages = stagesOf(asked, ahead.words->facts);
    auto out = std::make_shared<EncodedProof::Kept>();
    const bool ofCoefficients = isMadeOfCoefficients(asked);
    if (kept && kept->stages == stages && kept->ofCoefficients == ofCoefficients) {
        *out = *kept;
        out->copy.words = std::move(ahead.words);
        return out;
    }
    out->copy = finishedFromKept(originals, asked, std::move(ahead));
    out->stages = std::move(stages);
    out->ofCoefficients = ofCoefficients;
    return out;
}

/// The copy as it is seen, and what is to be seen of the difference.
void showSaved(EncodedProof::Answer& answer, const Frame& finished, const EncodedCopy& encoded,
               const FileSettings& file, bool wantDifference) {
    const Frame after = decodedCopy(encoded.bytes, file);
    answer.image = toImage(after);
    if (!(after.size == finished.size))
        return; // it was made smaller to fit: pixel for pixel there is nothing to compare
    const Frame before = screenStage(file).on(finished);
    answer.score = visibleLossScore(before, after);
    if (wantDifference)
        answer.difference = toImage(differenceSeen(before, after, EncodedProof::kDifferenceTimes));
}

QStringList limitsOf(const EncodedCopy& copy, Size whole) {
    QStringList out;
    if (holdsKind(copy.notes, NoteKind::KeptUntouched))
        out << QObject::tr("original's quality");
    if (holdsKind(copy.notes, NoteKind::FileTooLarge))
        out << QObject::tr("more than asked for: held back");
    else if (holdsKind(copy.notes, NoteKind::FileSeen))
        out << QObject::tr("the difference is seen: held back");
    else if (copy.quality)
        out << QObject::tr("quality %1").arg(*copy.quality);
    if (!(copy.size == whole))
        out << QObject::tr("%1 × %2 pixels").arg(copy.size.width).arg(copy.size.height);
    return out;
}

} // namespace

EncodedProof::EncodedProof(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library),
      m_task([this](const TaskOutcome<Answer>& outcome) { take(outcome); },
             [this](const Answer& answer) { show(answer); }) {
    m_later.setSingleShot(true);
    m_later.setInterval(kLaterMs);
    connect(&m_later, &QTimer::timeout, this, &EncodedProof::start);
    connect(document, &JobDocument::anythingChanged, this, &EncodedProof::renew);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_id)
            renew();
    });
}

void EncodedProof::showPicture(OriginalId id) {
    if (id == m_id)
        return;
    m_id = id;
    m_task.cancel();
    m_image = {};
    m_bytes = 0;
    m_curve.clear();
    renew();
    emit changed();
}

void EncodedProof::want(bool picture, bool curve) {
    const bool more = (picture && !m_wantPicture) || (curve && !m_wantCurve);
    m_wantPicture = picture;
    m_wantCurve = curve;
    if (!picture && !curve) {
        m_later.stop();
        m_task.cancel();
        m_kept.reset(); // a full-size copy is not kept for nobody
        m_image = {};
    } else if (more)
        renew();
}

void EncodedProof::wantDifference(bool on) {
    if (m_wantDifference == on)
        return;
    m_wantDifference = on;
    if (on)
        renew();
    else
        m_difference = {};
    emit changed();
}

void EncodedProof::renew() {
    if (!m_wantPicture && !m_wantCurve)
        return;
    m_task.cancel();
    m_later.start();
}

void EncodedProof::start() {
    const auto info = m_library->info(m_id);
    if (!info || info->problem || m_document->deliveryAsMade().file.formats().empty())
        return;
    m_task.start([info, delivery = m_document->deliveryAsMade(), exception = m_document->exception(m_id),
                  kept = m_kept, originals = m_library->decoded(), wantPicture = m_wantPicture,
                  wantCurve = m_wantCurve, wantDifference = m_wantDifference](const TaskRun<Answer>& run) {
        Answer answer;
        const auto chain = chainOf(delivery, *info, exception);
        const auto metadata = info->metadata();
        const auto facts = info->factsIn(delivery);
        const Original original(info->path);
        answer.kept =
            keptOrMade(kept, {info->path, facts, *metadata, delivery, exception, chain}, *originals);
        const auto& copy = answer.kept->copy;
        const auto& format = delivery.file.formats().front()->key;
        answer.format = toQt(delivery.file.formats().front()->name);
        const auto encode = [&](const Delivery& as) {
            return encodedCopy(original, {info->path, facts, *metadata, as, exception, chain}, copy, format);
        };
        const auto encoded = encode(delivery);
        answer.bytes = encoded.bytes.size();
        answer.limits = limitsOf(encoded, copy.frame.size);
        answer.quality = encoded.quality;
        answer.atMost = static_cast<qulonglong>(delivery.file.atMost * 1000);
        if (wantPicture)
            showSaved(answer, copy.frame, encoded, delivery.file, wantDifference);
        run.tell(answer);
        if (const auto quality = delivery.file.qualityKey(); wantCurve && !quality.empty()) {
            const Frame before = screenStage(delivery.file).on(copy.frame);
            // Thirteen comparisons of a large copy would keep its bytes waiting for a minute.
            const bool comparable = before.size.pixels() <= kMostCompared;
            for (const int step : kQualities) {
                if (run.stop)
                    break;
                auto other = delivery;
                other.file.atMost = 0; // what each makes by itself
                other.file.set(quality, static_cast<double>(step));
                other.file.unseen = other.file.untouched = false;
                const auto made = encode(other);
                Point point{step, made.bytes.size(), {}};
                if (comparable)
                    if (const Frame after = decodedCopy(made.bytes, other.file); after.size == before.size)
                        point.score = visibleLossScore(before, after);
                answer.curve.push_back(point);
                run.tell(answer); // each step as it comes
            }
        }
        return answer;
    });
}

void EncodedProof::take(const TaskOutcome<Answer>& outcome) {
    m_problem = outcome.problem ? toQt(outcome.problem->sentence()) : QString();
    if (outcome.result) {
        show(*outcome.result);
        return;
    }
    m_image = m_difference = {}; // what it was shown by does not hold any more
    m_score.reset();
    m_bytes = 0;
    m_curve.clear();
    emit changed();
}

void EncodedProof::show(const Answer& answer) {
    m_kept = answer.kept;
    m_image = answer.image;
    m_difference = answer.difference;
    m_score = answer.score;
    m_curve = answer.curve;
    m_bytes = answer.bytes;
    m_format = answer.format;
    m_limits = answer.limits;
    m_quality = answer.quality;
    m_atMost = answer.atMost;
    m_problem.clear();
    emit changed();
}

} // namespace keepseal::app
