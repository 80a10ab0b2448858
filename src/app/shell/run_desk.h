// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the window shows of runs, and what a person does about them: the bar, the check, the marks on wall and
// cards. All that is known of them is RunSession's.
#pragma once

#include "chain/chain_view.h"
#include "chain/drawer.h"
#include "shell/deliveries_bar.h"
#include "shell/desktop.h"
#include "shell/run_bar.h"
#include "shell/views.h"
#include "stamping/run_session.h"

#include <QTimer>

namespace keepseal::app {

class RunDesk : public QObject {
    Q_OBJECT
public:
    /// What it works on; none is owned.
    struct Parts {
        JobDocument* document;
        RunSession* runs;
        RunBar* bar;
        Views* views;
        DeliveriesBar* deliveries;
        ChainView* chain;
        Drawer* drawer;
    };
    explicit RunDesk(Parts parts);

    /// Colours were changed: what is written with them is written again.
    void renewLook();
    /// The plan, with those that will be held back.
    void showHeldBack();
    /// To where the cause of what holds it back lies.
    void mend(const LedgerRow& row);
    /// The pictures of the rows chosen in the check are chosen on the wall: they will be different.
    void chooseInWall();
    void stampChosenAgain();

signals:
    void said(const QString& text);
    void runEnded();
    /// A copy lacks what a person says of themselves; `asked` as in WhoDialog.
    void whoWanted(const std::vector<std::string>& asked);
    void folderWanted();

private:
    void connectBar();
    void connectCheck();
    void makeAlbum();
    void showBar();
    void showBarInTime();
    void tellStep(const std::optional<BarRun>& run);
    void showRows();
    void showPlanSeen();
    void showHeldBackSeen();
    void showStamped(OriginalId id);
    void begun();
    void ended(bool all);
    void notifyEnd(const QString& text);
    void takeAction(const QString& key);
    void showStationOf(const LedgerRow& row);
    Parts m;
    Desktop m_desktop;
    QTimer m_barPause; ///< between two steps of a run that are shown
    bool m_barWaits = false;
    std::size_t m_quarterTold = 0; ///< of the run, as announced
};

} // namespace keepseal::app
