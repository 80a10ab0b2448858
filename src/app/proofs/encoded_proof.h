// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The looked-at picture as its file will be: encoded at full size by the call that makes copies, with its
// bytes, decoded again to be looked at; and how many bytes other qualities would make. In the background, the
// latest wish wins.
#pragma once

#include "document/chain_of.h"
#include "tasks/latest_task.h"

#include <QImage>
#include <QTimer>

namespace keepseal::app {

class EncodedProof : public QObject {
    Q_OBJECT
public:
    struct Answer;
    struct Kept; ///< finished pixels, kept while only other things change
    struct Point {
        int quality = 0;
        qulonglong bytes = 0;
        std::optional<double> score; ///< see visibleLossScore(); nothing for a page of paper
    };
    static constexpr int kDifferenceTimes = 8; ///< as much the difference is enlarged
    EncodedProof(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);

    void showPicture(OriginalId id);
    /// Nothing is encoded while neither is wanted.
    void want(bool picture, bool curve);
    /// The difference from the finished pixels as well, while the picture is wanted.
    void wantDifference(bool on);
    bool wantsPicture() const { return m_wantPicture; }
    bool wantsCurve() const { return m_wantCurve; }
    const QImage& image() const { return m_image; }           ///< null until there is one
    const QImage& difference() const { return m_difference; } ///< null until there is one
    /// Of the picture as saved: what of the difference can be seen; nothing until known.
    std::optional<double> score() const { return m_score; }
    qulonglong bytes() const { return m_bytes; }       ///< 0 until known
    const QString& format() const { return m_format; } ///< name of the first of the delivery's
    /// What keeping within a number of bytes asked for: "quality 72", "1200 × 800 pixels"; or that it can't
    /// be.
    const QStringList& limits() const { return m_limits; }
    /// As it was found for a limit of bytes.
    std::optional<int> quality() const { return m_quality; }
    qulonglong atMost() const { return m_atMost; } ///< bytes; 0: as many as it takes
    const std::vector<Point>& curve() const {
        return m_curve;
    } ///< of the first format, where it gives up something
    QString problem() const { return m_problem; }
    bool settled() const { return !m_task.busy() && !m_later.isActive(); }

signals:
    void changed();

private:
    void renew();
    void start();
    void take(const TaskOutcome<Answer>& outcome);
    void show(const Answer& answer);

    JobDocument* m_document;
    PictureLibrary* m_library;
    OriginalId m_id = 0;
    bool m_wantPicture = false, m_wantCurve = false, m_wantDifference = false;
    std::shared_ptr<Kept> m_kept;
    QTimer m_later;
    QImage m_image, m_difference;
    std::optional<double> m_score;
    qulonglong m_bytes = 0;
    QString m_format;
    QStringList m_limits;
    std::optional<int> m_quality;
    qulonglong m_atMost = 0;
    std::vector<Point> m_curve;
    QString m_problem;
    LatestTask<Answer, Answer> m_task;
};

} // namespace keepseal::app
