// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Looks, in the background, for one version and one halo that serve every picture of the job, and takes them
// over where they do.
#pragma once

#include "document/sealed_of.h"
#include "tasks/latest_task.h"
#include "trial/one_look.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>

namespace keepseal::app {

class OneLookBox : public QWidget {
    Q_OBJECT
public:
    OneLookBox(JobDocument* document, const PictureLibrary* library, QWidget* parent = nullptr);
    QPushButton* button() { return m_button; }
    QString words() const { return m_words->text(); }

private:
    struct Found {
        OneLook look;
        SealDesign design;              ///< that it was looked for with
        std::vector<std::string> names; ///< of the pictures that were measured
        std::size_t others = 0;         ///< pictures that could not be read, or have no seal
    };
    static Found look(const Delivery& delivery, const std::vector<AskedPicture>& asked,
                      const TaskRun<double>& run);
    void pressed();
    void take(const Found& found);
    void say(const QString& words);
    void showBusy(bool busy);
    QString nameOf(const OneLook& look) const;
    JobDocument* m_document;
    const PictureLibrary* m_library;
    QPushButton* m_button;
    QProgressBar* m_progress;
    QLabel* m_words;
    LatestTask<Found, double> m_task;
};

} // namespace keepseal::app
