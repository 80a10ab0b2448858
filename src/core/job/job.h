// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A job as it is saved: the gathered originals with what is different for each, and the deliveries. JSON,
// "keep-seal/job" version 1 (docs/formats/job.md). It holds paths of originals, never pixels.
#pragma once

#include "base/writer.h"
#include "delivery/delivery.h"
#include "delivery/exception.h"
#include "delivery/who.h"

#include <filesystem>
#include <optional>

namespace keepseal {

struct JobOriginal {
    std::filesystem::path path; ///< absolute
    std::uint64_t bytes = 0;    ///< when it was last seen; 0: not known
    PictureException exception;
    bool operator==(const JobOriginal&) const = default;
};

struct JobDelivery {
    Delivery delivery;
    bool inNextRun = true;
    std::filesystem::path file;   ///< where it was opened from or saved to; may be empty
    std::optional<Delivery> kept; ///< as it was last kept or opened
    std::uint64_t number = 0;     ///< what acceptances call it by; 0: none. Each only once in a job
    bool operator==(const JobDelivery&) const = default;
};

struct Job {
    std::string name;
    std::vector<JobOriginal> originals;
    std::vector<JobDelivery> deliveries;
    std::size_t current = 0;      ///< the chosen delivery
    std::optional<WhoYouAre> who; ///< as it was said for this job; none: as the person says of themselves
    std::filesystem::path file;   ///< in the window's own record: where a person saved it; may be empty
    nlohmann::json unknown = nlohmann::json::object();
};

/// `folder`: the job file's own. Paths below it are saved relative as well, so that job and pictures can be
/// moved together.
nlohmann::json toJson(const Job& job, const std::filesystem::path& folder);
/// Where both the absolute and the relative path lead somewhere, the absolute one counts. Throws
/// Problem(BadFile | BadSetting).
Job jobFromJson(const nlohmann::json& json, const std::string& subject, const std::filesystem::path& folder);

/// Whether a file calls itself a job; of one that can't be read: no.
bool isJobFile(const std::filesystem::path& file);
/// Throws Problem(NotFound | CannotRead | BadFile | BadSetting).
Job loadJob(const std::filesystem::path& file);
/// Whole or not at all. Throws Problem(CannotWrite).
void saveJob(const Job& job, const std::filesystem::path& file, const Untouchable& untouchable = {});

/// An original that is not where it was.
struct Missing {
    std::filesystem::path path;
    std::uint64_t bytes = 0; ///< 0: not known
};
/// Looks for them in a folder and all its folders, by name (letter case and composition do not count), and by
/// size where several have the name or the size is known. From old to new path; what is not found or not
/// certain is not in it.
std::map<std::filesystem::path, std::filesystem::path> findAgain(const std::vector<Missing>& missing,
                                                                 const std::filesystem::path& folder);

} // namespace keepseal
