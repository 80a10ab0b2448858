// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The commands of keep-seal-cli, apart from the parsing of words. Each returns the process's exit code and
// throws Problem when the call or a design is wrong, before anything was written.
#pragma once

#include <string>
#include <vector>

namespace keepseal::cli {

inline constexpr int kDone = 0, kSomeProblems = 1, kWrongCall = 2, kStopped = 3;

struct DeliveryOptions {
    std::vector<std::string> files, assignments;
};
struct PictureOptions {
    std::vector<std::string> paths;
    bool recursive = false;
};
struct StampOptions {
    DeliveryOptions delivery;
    PictureOptions pictures;
    std::string out;
    int workers = 0;
    bool json = false;
};
struct ProofOptions {
    DeliveryOptions delivery;
    std::string picture, output;
    int size = 0;
};
struct CheckOptions {
    std::vector<std::string> files;
    bool json = false;
};
struct SettingsOptions {
    bool markdown = false, schema = false, defaults = false;
};

int runStamp(const StampOptions& options);
int runPlanCommand(const StampOptions& options);
int runProof(const ProofOptions& options);
int runCheck(const CheckOptions& options);
int runSettings(const SettingsOptions& options);

} // namespace keepseal::cli
