// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The seal tried: what is left of it on pictures of the job after what happens to pictures out there,
// measured, worst picture first, with the picture before and after to look at.
#pragma once

#include "check/loupe.h"
#include "document/sealed_of.h"
#include "tasks/latest_task.h"
#include "trial/trial.h"

#include <QAbstractButton>
#include <QButtonGroup>
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QProgressBar>

namespace keepseal::app {

/// One attack: its name, how much holds, and the sentence of the worst picture.
class AttackCard : public QAbstractButton {
    Q_OBJECT
public:
    explicit AttackCard(Attack attack);
    void setSummary(const AttackSummary& summary, const QString& worstPicture);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    int sentenceHeight(int width) const;
    bool m_known = false, m_tried = false;
    double m_holds = 0;
    QString m_sentence;
};

class TrialDialog : public QDialog {
    Q_OBJECT
public:
    /// The one looked at, and others from all over the job.
    static std::vector<AskedPicture> picturesOf(const JobDocument& document, const PictureLibrary& library,
                                                OriginalId first);
    /// At most kMostPictures of them are tried, in this order.
    TrialDialog(Delivery delivery, std::vector<AskedPicture> pictures, QWidget* parent = nullptr);
    static constexpr std::size_t kMostPictures = 20;

    bool ready() const { return !m_summaries.empty(); }
    AttackCard* card(Attack attack) { return m_cards[static_cast<std::size_t>(attack)]; }
    QComboBox* pictures() { return m_pictures; }
    QLabel* sentence() { return m_sentence; }
    Loupe* loupe() { return m_loupe; }

private:
    struct Tried {
        std::vector<SealedPicture> pictures;
        std::vector<AttackSummary> summaries;
        QStringList problems;
    };
    static Tried tryThem(const Delivery& delivery, const std::vector<AskedPicture>& asked,
                         const TaskRun<double>& run);
    void take(TaskOutcome<Tried> outcome);
    void showAttack();
    void showPicture();
    const AttackSummary& chosen() const;

    std::vector<std::shared_ptr<const SealedPicture>> m_sealed;
    std::vector<AttackSummary> m_summaries;
    std::vector<AttackCard*> m_cards;
    QButtonGroup* m_group;
    QLabel *m_head, *m_sentence;
    QProgressBar* m_progress;
    QComboBox* m_pictures;
    Loupe* m_loupe;
    LatestTask<Tried, double> m_task;
};

} // namespace keepseal::app
