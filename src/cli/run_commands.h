// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// stamp, plan, resume and report.
#pragma once

#include "cli/commands.h"

namespace keepseal::cli {

struct RunOutput {
    bool json = false;
    bool quiet = false;    ///< only problems, on the error channel
    bool notifies = false; ///< the desktop says what came of it
};
struct StampOptions {
    DeliveryOptions delivery;
    PictureOptions pictures;
    std::string job; ///< a job file
    std::string out;
    int workers = 0;
    std::string words;                 ///< a CSV file with metadata for single pictures
    bool again = false;                ///< copies of ours too
    bool once = false;                 ///< not what these deliveries made copies of under another name
    std::vector<std::string> accepted; ///< delivered all the same: keys of notes
    bool estimate = true;              ///< plan only: bytes
    bool namesOnly = false;            ///< plan only: no picture is opened for sizes and warnings
    std::string save;                  ///< plan only: a file for it
    std::string plan, part;            ///< stamp only: a saved plan, and "K/N" of it
    RunOutput output;
};
struct ResumeOptions {
    std::string journal; ///< empty: the newest
    bool list = false, giveUp = false;
    int workers = 0;
    RunOutput output;
};
struct ReportOptions {
    std::string ledger, output, title;
    std::string merge; ///< a saved plan, whose parts' ledgers are joined instead
    bool json = false;
    int up = 0; ///< pictures a page of proof sheets; 0: a contact sheet
    std::string paper = "a4";
    bool plain = false;       ///< neither names nor lines to cut along
    std::string delivery;     ///< only its copies; empty: all
    std::string album, about; ///< a web album's folder, and what stands under its title
    bool downloads = false, unlisted = false;
};

int runStamp(const StampOptions& options);
int runPlanCommand(const StampOptions& options);
int runResume(const ResumeOptions& options);
int runReport(const ReportOptions& options);

} // namespace keepseal::cli
