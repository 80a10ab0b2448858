// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a person does with deliveries: made from the start set and the library, duplicated, moved, annotated,
// kept and put back, compared, shared as one file.
#pragma once

#include "library/arrival.h"
#include "shell/deliveries_bar.h"
#include "shell/desk.h"
#include "shell/views.h"
#include "shell/window_actions.h"
#include "tasks/latest_task.h"

class QMenu;

namespace keepseal::app {

class DeliveryDesk : public QObject {
    Q_OBJECT
public:
    /// `bar` and `views` are not owned.
    DeliveryDesk(DeskTools tools, DeliveriesBar* bar, Views* views, PictureLibrary* library);
    /// The part of the menu about the card that is chosen; the cards show it as well.
    void fillMenu(QMenu* menu, WindowActions& actions);
    /// Opens a delivery file; a wrong one is said, nothing changes.
    void openDelivery(const std::filesystem::path& file);
    /// Keeps the current delivery: in its file where it came from one, else in the library.
    void keepDelivery();
    /// One zip with all that the current delivery, or all ticked ones, need.
    void exportDeliveriesTo(const std::filesystem::path& file, bool all);
    /// Read in the background, then shown in an ArrivalDialog (object name "arrival") before anything is
    /// kept.
    void importDeliveriesFrom(const std::filesystem::path& file);
    bool busy() const { return m_arriving.busy(); }

private:
    void fillAddMenu();
    void fillFiles(QMenu* menu, WindowActions& actions);
    void askArrival(TaskOutcome<Arrival> outcome);
    void editNotes();
    void saveDeliveryAs();
    void renameDelivery();
    void compareDeliveries();
    DeskTools m;
    DeliveriesBar* m_bar;
    Views* m_views;
    PictureLibrary* m_library;
    LatestTask<Arrival> m_arriving{[this](TaskOutcome<Arrival> outcome) { askArrival(std::move(outcome)); }};
};

} // namespace keepseal::app
