// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a plan will come to before anything is written: each copy's size in pixels, worked out from the
// header; bytes, estimated from a few copies made for the purpose; warnings; room on the disks.
#pragma once

#include "plan/plan.h"
#include "render/chain_plan.h"

#include <atomic>

namespace keepseal {

struct CopyForecast {
    ChainSizes sizes;                   ///< empty: the picture can't be read
    double pixelsPerMm = 0;             ///< stated in the copy; 0: none
    std::uint64_t bytes = 0;            ///< estimated; 0: not known
    Outcome outcome = Outcome::Waiting; ///< what the run will come to, as far as that is known without pixels
    Notes notes;                        ///< all that is known before a pixel is touched
    std::optional<Problem> problem;     ///< of an outcome Failed
    Size size() const { return sizes.whole; }
};

/// Bytes for a pixel, by delivery and format, as measured.
struct ByteRates {
    /// By index into Plan::deliveries, and format.
    std::map<std::pair<std::size_t, std::string>, double> bytesPerPixel;
    std::size_t sampled = 0; ///< copies that were made to find out
};

/// Makes up to `each` copies of each delivery and format in memory, of pictures spread over the job, and
/// forgets them again. Pictures that can't be read are passed over.
ByteRates sampleBytes(const Plan& plan, std::size_t each, const std::atomic<bool>& stop);

/// Free room where copies go.
struct DiskRoom {
    std::filesystem::path place; ///< one of the folders on it
    std::uint64_t needed = 0;    ///< bytes, estimated; what replaced copies give back is not counted
    std::uint64_t free = 0;      ///< bytes that this user may write
    /// With a tenth to spare.
    bool isShort() const { return needed + needed / 10 > free; }
};

struct Forecast {
    std::vector<CopyForecast>
        copies;                  ///< by index as in Plan::copies; those not made have only size and notes
    std::uint64_t bytes = 0;     ///< of all copies to be made; 0: not estimated
    std::vector<DiskRoom> rooms; ///< one for each disk
    std::size_t toLookAt = 0;    ///< copies to be made with a note that is worth a look
    std::size_t heldBack = 0;    ///< copies that will be held back
    std::size_t failing = 0;     ///< copies of pictures that can't be read

    std::size_t toMake() const; ///< copies that will be made
};

/// Reads headers and metadata through `factsOf` (empty: from the files, on all cores). `rates` may be empty.
Forecast forecast(const Plan& plan, const FactsOf& factsOf, const ByteRates& rates,
                  const std::atomic<bool>& stop);

/// Bytes free for this user where `folder` is or will be; 0 when that can't be told.
std::uint64_t freeBytesAt(const std::filesystem::path& folder);

} // namespace keepseal
