// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "proofs/encoded_proof.h"

#include "delivery/json.h"
#include "picture/original.h"
#include "proofs/frame_proof.h"
#include "render/encode.h"
#include "render/finished_copy.h"

#include <QRunnable>

namespace keepseal::app {
namespace {

constexpr int kLaterMs = 200; ///< a slider that moves is not followed at every step
constexpr int kQualities[] = {40, 50, 60, 70, 75, 80, 85, 88, 90, 92, 94, 96, 98};

/// Everything that shapes the finished pixels.
std::string keyOf(const Delivery& delivery, const PictureInfo& info, const PictureException& exception) {
    auto stations = toJson(delivery)["stations"];
    stations.erase("place");
    for (const auto* key : {"quality", "chroma", "progressive", "optimised", "png_effort", "tiff_packing",
                            "webp_quality", "webp_lossless", "mark", "jpeg"})
        stations["file"].erase(key);
    stations["exception"] = toJson(exception);
    stations["picture"] = info.path.string();
    return stations.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
}

bool hasQuality(const FileSettings& file, Container format) {
    return format == Container::Jpeg || (format == Container::WebP && !file.webpLossless);
}

} // namespace

struct EncodedProof::Kept {
    std::string key;
    FinishedCopy copy;
    ChainPlan chain;
};

struct EncodedProof::Answer {
    std::shared_ptr<Kept> kept;
    QImage image;
    qulonglong bytes = 0;
    Container format = Container::Jpeg;
    std::vector<Point> curve;
    QString problem;
    OriginalId id = 0;
    bool last = false; ///< nothing follows
};

namespace {

/// The copy itself, by the calls that make it.
FinishedCopy madeCopy(const Delivery& delivery, const PictureInfo& info, const PictureException& exception,
                      ChainPlan& chain) {
    chain = planChain(delivery, info.facts.size, exception.turn, info.facts.pixelsPerMm);
    const CopyAsked asked{info.path, info.facts, info.metadata, delivery, exception, chain};
    return finishedCopy(Original(info.path), asked, lookAhead(asked));
}

QImage decoded(const Bytes& bytes, const FileSettings& file) {
    const MemorySource source(bytes);
    const auto facts = readFacts(source, "the copy");
    auto wish = wholePicture(facts, facts.size);
    wish.keepAlpha = true;
    return toImage(develop(source, "the copy", facts, wish), file);
}

} // namespace

EncodedProof::EncodedProof(JobDocument* document, PictureLibrary* library, QObject* parent)
    : QObject(parent), m_document(document), m_library(library) {
    m_worker.setMaxThreadCount(1);
    m_later.setSingleShot(true);
    m_later.setInterval(kLaterMs);
    connect(&m_later, &QTimer::timeout, this, &EncodedProof::start);
    connect(document, &JobDocument::anythingChanged, this, &EncodedProof::renew);
    connect(library, &PictureLibrary::infoReady, this, [this](OriginalId id) {
        if (id == m_id)
            renew();
    });
}

EncodedProof::~EncodedProof() {
    if (m_stop)
        *m_stop = true;
    m_worker.clear();
    m_worker.waitForDone();
}

void EncodedProof::showPicture(OriginalId id) {
    if (id == m_id)
        return;
    m_id = id;
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
        m_kept.reset(); // a full-size copy is not kept for nobody
        m_image = {};
    } else if (more)
        renew();
}

void EncodedProof::renew() {
    if (!m_wantPicture && !m_wantCurve)
        return;
    if (m_stop)
        *m_stop = true;
    m_later.start();
}

void EncodedProof::start() {
    const auto info = m_library->info(m_id);
    if (!info || info->problem || m_document->deliveryAsMade().file.formats().empty())
        return;
    if (m_busy) {
        m_again = true;
        return;
    }
    m_busy = true;
    m_stop = std::make_shared<std::atomic<bool>>(false);
    const auto send = [this](Answer answer) {
        QMetaObject::invokeMethod(
            this, [this, answer = std::move(answer)] { take(answer); }, Qt::QueuedConnection);
    };
    m_worker.start(QRunnable::create([this, send, info, id = m_id, delivery = m_document->deliveryAsMade(),
                                      exception = m_document->exception(m_id), kept = m_kept, stop = m_stop,
                                      wantPicture = m_wantPicture, wantCurve = m_wantCurve] {
        Answer answer;
        answer.id = id;
        answer.format = delivery.file.formats().front();
        try {
            auto key = keyOf(delivery, *info, exception);
            answer.kept = kept;
            if (!kept || kept->key != key) {
                answer.kept = std::make_shared<Kept>();
                answer.kept->key = std::move(key);
                answer.kept->copy = madeCopy(delivery, *info, exception, answer.kept->chain);
            }
            const auto& copy = answer.kept->copy;
            const auto encode = [&](const Delivery& as) {
                return encodeCopy(copy.frame, as, answer.kept->chain, answer.format, copy.words.copy,
                                  copy.holds);
            };
            const auto encoded = encode(delivery);
            answer.bytes = encoded.bytes.size();
            if (wantPicture)
                answer.image = decoded(encoded.bytes, delivery.file);
            send(answer);
            if (wantCurve && hasQuality(delivery.file, answer.format))
                for (const int quality : kQualities) {
                    if (*stop)
                        break;
                    auto other = delivery;
                    other.file.quality = other.file.webpQuality = quality;
                    answer.curve.push_back({quality, encode(other).bytes.size()});
                }
        } catch (const Problem& problem) {
            answer.problem = toQt(problem.sentence());
        } catch (const std::exception& error) {
            answer.problem = QString::fromUtf8(error.what());
        }
        answer.last = true;
        send(answer);
    }));
}

void EncodedProof::take(const Answer& answer) {
    if (answer.last)
        m_busy = false;
    if (answer.id == m_id && (m_wantPicture || m_wantCurve)) {
        m_kept = answer.kept;
        m_image = answer.image;
        m_bytes = answer.bytes;
        m_format = answer.format;
        m_problem = answer.problem;
        if (answer.last && !*m_stop)
            m_curve = answer.curve;
    }
    if (answer.last && std::exchange(m_again, false))
        start();
    emit changed();
}

} // namespace keepseal::app
