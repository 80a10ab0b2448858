// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The commands of keep-seal-cli, apart from the parsing of words. Each returns the process's exit code and
// throws Problem when the call or a design is wrong, before anything was written.
#pragma once

#include "delivery/delivery.h"

#include <string>
#include <vector>

namespace keepseal::cli {

inline constexpr int kDone = 0, kSomeProblems = 1, kWrongCall = 2, kStopped = 3;

struct DeliveryOptions {
    std::vector<std::string> files, assignments;
    std::string border; ///< instead of the deliveries' own: a border file, or one of the library
    std::string sheet;  ///< instead of the deliveries' own: a rights sheet, or one of the library
    std::string seal;   ///< instead of the deliveries' own: a seal file, or one of the library
};
struct PictureOptions {
    std::vector<std::string> paths;
    bool recursive = false;
};
struct ProofOptions {
    DeliveryOptions delivery;
    std::string picture, output;
    int size = 0;
};
struct SettingsOptions {
    bool markdown = false, schema = false, sealSchema = false, borderSchema = false, sheetSchema = false,
         fields = false, defaults = false;
};

/// At least one; settings and the seal are changed as asked for. `out` replaces the folders unless it is
/// empty.
std::vector<Delivery> readDeliveries(const DeliveryOptions& options, const std::string& out);

int runProof(const ProofOptions& options);
int runSettings(const SettingsOptions& options);

} // namespace keepseal::cli
