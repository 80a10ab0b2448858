// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What somebody is asked who starts for the first time: who they are, their emblem, who gets their pictures.
// Each answer takes effect at once, as a change of the job that can be taken back; none has to be given.
#pragma once

#include "document/job_document.h"
#include "library/seal_library.h"
#include "library/shelf.h"

#include <QTimer>
#include <QWidget>

class QCheckBox;
class QGridLayout;
class QPushButton;

namespace keepseal::app {

class SegmentControl;
class SettingForm;

class FirstQuestions : public QWidget {
    Q_OBJECT
public:
    explicit FirstQuestions(JobDocument* document, QWidget* parent = nullptr);
    /// What there is to choose from: those that come with the program are offered.
    void offer(const std::vector<SavedDelivery>& deliveries, const std::vector<SavedSeal>& seals);

    QWidget* nameField() const;
    QCheckBox* receiver(const std::string& key) const; ///< by the delivery's key; nullptr: not offered
    SegmentControl* look() { return m_look; }          ///< of the seal, once there is an emblem
    QPushButton* folderButton() { return m_folder; }
    QPushButton* laterButton() { return m_later; }

signals:
    void whoSaid(const keepseal::WhoYouAre& who); ///< to be kept for all jobs
    void picturesRequested();
    void folderRequested();
    void later(); ///< none of it now

protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    struct Receiver {
        SavedDelivery saved;
        QCheckBox* tick;
    };
    QWidget* whoQuestion();
    QWidget* emblemQuestion();
    QWidget* receiverQuestion();
    QWidget* openLine();
    SettingForm* whoForm(const std::vector<std::string>& keys);
    void answerWho(const std::string& key, const SettingValue& value);
    void keepAnswers();
    void choose(const Receiver& receiver, bool on);
    void wearLook();
    void showAnswers();
    void showLook();
    Delivery asChosen(Delivery delivery) const;

    JobDocument* m_document;
    std::vector<SettingForm*> m_forms; ///< what is said of oneself, a form for each question about it
    SegmentControl* m_look = nullptr;
    QWidget* m_lookRow = nullptr;
    QGridLayout* m_grid = nullptr;
    QPushButton *m_folder = nullptr, *m_later = nullptr;
    std::vector<Receiver> m_receivers;
    std::vector<SavedSeal> m_seals;
    QTimer m_keep; ///< answers are kept a moment after the last key
};

} // namespace keepseal::app
