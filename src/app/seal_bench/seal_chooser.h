// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The library of saved seals, each shown on the picture that is looked at: take one, search, duplicate,
// rename, remove and bring back, share as a zip, save as a picture.
#pragma once

#include "delivery/who.h"
#include "document/job_document.h"
#include "libraries/libraries.h"
#include "library/arrival.h"
#include "picture/frame.h"
#include "tasks/latest_task.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QPushButton;

namespace keepseal::app {

class SealChooser : public QDialog {
    Q_OBJECT
public:
    /// `ground` is what the seals are shown on.
    SealChooser(Libraries* libraries, std::shared_ptr<const Frame> ground, WhoYouAre who = {},
                QWidget* parent = nullptr);
    /// The seal that was taken; nothing when the dialog was closed.
    const std::optional<SealDesign>& taken() const { return m_taken; }
    QListWidget* list() { return m_list; }
    QLineEdit* search() { return m_search; }
    bool settled() const { return !m_drawing.busy() && !m_libraries->busy() && !m_arriving.busy(); }
    /// The actions of the buttons, on the chosen seal.
    void take();
    void duplicateSeal();
    void renameSeal(const QString& name);
    void describeSeal(const QString& notes, const QString& tags);
    void removeSeal();
    void bringBack();
    /// Read in the background, then shown in an ArrivalDialog before anything is kept.
    void importFrom(const QString& zip);
    QString saidText() const;
    void exportTo(const QString& file); ///< .zip, .png or .svg by its ending

private:
    void load(const std::string& chosen = {});
    struct DrawnSeal {
        int row = 0;
        QImage image; ///< null: it can't be drawn
        QString problem;
    };
    void drawAll();
    static DrawnSeal drawnOn(const Frame& ground, const SealDesign& seal, int row);
    void showDrawn(const DrawnSeal& drawn);
    void refreshButtons();
    const SavedSeal* chosen() const;
    void said(const QString& text, bool problem = false);
    /// In the library, in the background; `then` here, when it went well.
    template <class Result>
    void change(std::function<Result(const SealLibrary&)> work, std::function<void(Result)> then);
    void keepChanged(SavedSeal seal);
    QWidget* makeButtons();

    void askArrival(TaskOutcome<Arrival> outcome);
    Libraries* m_libraries;
    LatestTask<Arrival> m_arriving{[this](TaskOutcome<Arrival> outcome) { askArrival(std::move(outcome)); }};
    std::shared_ptr<const Frame> m_ground;
    WhoYouAre m_who; ///< fills in the designs that are shown
    std::vector<SavedSeal> m_seals;
    std::vector<QImage> m_pictures;
    std::optional<SealDesign> m_taken;
    std::string m_removed;
    QLineEdit* m_search;
    QListWidget* m_list;
    QLabel *m_about, *m_said;
    QPushButton *m_take, *m_rename, *m_describe, *m_duplicate, *m_remove, *m_back, *m_share;
    LatestTask<NoStep, DrawnSeal> m_drawing{[](const auto&) {},
                                            [this](const DrawnSeal& drawn) { showDrawn(drawn); }};
};

} // namespace keepseal::app
