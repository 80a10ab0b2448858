// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The commands of keep-seal-cli, apart from the parsing of words. Each returns the process's exit code and
// throws Problem when the call or a design is wrong, before anything was written.
#pragma once

#include "delivery/delivery.h"
#include "delivery/who.h"
#include "plan/gather.h"

#include <optional>

#include <string>
#include <vector>

namespace keepseal::cli {

inline constexpr int kDone = 0, kSomeProblems = 1, kWrongCall = 2, kStopped = 3;

struct DeliveryOptions {
    std::vector<std::string> files, assignments;
    std::string border;  ///< instead of the deliveries' own: a border file, or one of the library
    std::string sheet;   ///< instead of the deliveries' own: a rights sheet, or one of the library
    std::string seal;    ///< instead of the deliveries' own: a seal file, or one of the library
    std::string who;     ///< a file that says who you are; empty: the person's own
    bool strict = false; ///< what is worth a look holds back as well
};
struct PictureOptions {
    std::vector<std::string> paths;
    bool recursive = false;
    bool strict = false; ///< files that are no pictures fail the command
    std::string order;   ///< "", "name" or "taken"
};
struct ProofOptions {
    DeliveryOptions delivery;
    std::string picture, output;
    int size = 0;
};
struct SettingsOptions {
    bool markdown = false, schema = false, sealSchema = false, borderSchema = false, sheetSchema = false,
         fields = false, defaults = false, tokens = false, notes = false, completion = false, manual = false,
         manualOfWindow = false, helpPages = false, texts = false;
    std::string completionFor; ///< a shell
};

/// At least one; settings and the seal are changed as asked for. `out` replaces the folders unless it is
/// empty.
std::vector<Delivery> readDeliveries(const DeliveryOptions& options, const std::string& out);
/// What the options say of who makes the copies, else what the job says, else the person's own.
WhoYouAre whoOf(const DeliveryOptions& options, const std::optional<WhoYouAre>& job = std::nullopt);
/// The same, with who you are filled in: what is worked with.
std::vector<Delivery> deliveriesAsMade(const DeliveryOptions& options, const std::string& out);

/// Files that are no pictures: counted by kind on the error channel, those worth a look by name.
void printOthers(const Gathered& gathered);
nlohmann::json othersJson(const Gathered& gathered);
/// Whether what was gathered alone makes the command end with kSomeProblems.
bool fails(const Gathered& gathered, bool strict);

struct WhoOptions {
    std::vector<std::string> assignments; ///< "studio=..."
    bool json = false;
};
int runWho(const WhoOptions& options);

int runProof(const ProofOptions& options);
int runSettings(const SettingsOptions& options);

} // namespace keepseal::cli
