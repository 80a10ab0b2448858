// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The pictures of the job on which the current seal is most likely to fail, found by measuring: what lies
// under the seal on each, their shapes and their sizes. Of a large job an even sample is measured.
#pragma once

#include "proofs/proof_set.h"

#include <QTimer>

namespace keepseal::app {

struct HardCase {
    QString what; ///< "darkest", "busiest", ...
    OriginalId id = 0;
    bool operator==(const HardCase&) const = default;
};

class HardCases : public QObject {
    Q_OBJECT
public:
    HardCases(JobDocument* document, PictureLibrary* library, QObject* parent = nullptr);
    const std::vector<HardCase>& cases() const { return m_cases; }
    /// Nothing is measured while nobody looks: each who looks says so, and says when he leaves.
    void watch();
    void unwatch();
    /// In how many of the measured pictures the seal is below what was asked for, and on plain ground.
    struct Verdict {
        std::size_t measured = 0, hardToRead = 0, plain = 0, smaller = 0, enlargedLogo = 0;
    };
    const Verdict& verdict() const { return m_verdict; }
    /// Every bitmap logo that is too small somewhere, with the largest size it would need.
    const std::map<std::string, LogoNeed>& logoNeeds() const { return m_logoNeeds; }
    bool settled() const { return !m_wait.isActive() && m_proofs.settled(); }

signals:
    void changed();

private:
    void start();
    void evaluate();

    JobDocument* m_document;
    PictureLibrary* m_library;
    ProofSet m_proofs;
    QTimer m_wait;
    int m_watchers = 0;
    std::vector<OriginalId> m_sample; ///< what is measured
    std::vector<HardCase> m_cases;
    Verdict m_verdict;
    std::map<std::string, LogoNeed> m_logoNeeds;
};

} // namespace keepseal::app
