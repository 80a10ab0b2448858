// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "recognise/come_again.h"

#include "base/fingerprint.h"
#include "metadata/metadata.h"
#include "plan/disk.h"
#include "plan/plan.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

bool isOut(Register& known, const RegisteredCopy& copy) {
    if (std::error_code error; fs::exists(copy.row.copy, error))
        return true;
    const auto whole = known.whole(copy.id);
    return whole && !whole->row.sent.empty();
}

std::optional<CameAgain> lookedUp(Register& known, const fs::path& file,
                                  const std::vector<Delivery>& deliveries, DiskSnapshot& disk) {
    std::error_code error;
    if (const auto bytes = fs::file_size(file, error); error || !known.holdsOriginalOf(bytes))
        return std::nullopt; // nothing need be read
    const auto copies = known.copiesOf(fingerprint(Original(file)));
    std::optional<CameAgain> out;
    for (const auto& delivery : deliveries) {
        const auto digest = settingsDigest(delivery, disk, {}, sidecarOf(file));
        const auto made = std::find_if(copies.begin(), copies.end(), [&](const RegisteredCopy& copy) {
            return copy.row.delivery == delivery.name && copy.row.settingsDigest == digest &&
                   copy.row.original != file && isOut(known, copy);
        });
        if (made == copies.end())
            return std::nullopt;
        out = CameAgain{file, made->row.original, made->made};
    }
    return out;
}

} // namespace

std::vector<CameAgain> comeAgain(Register& known, const std::vector<fs::path>& files,
                                 const std::vector<Delivery>& deliveries) {
    DiskSnapshot disk;
    std::vector<CameAgain> out;
    for (const auto& file : files)
        try {
            if (auto again = lookedUp(known, file, deliveries, disk))
                out.push_back(std::move(*again));
        } catch (const Problem&) { // whoever stamps it will say why it can't be read
        }
    return out;
}

std::vector<CameAgain> comeAgain(const std::vector<fs::path>& files,
                                 const std::vector<Delivery>& deliveries) {
    if (!Register::exists())
        return {};
    try {
        Register known;
        return comeAgain(known, files, deliveries);
    } catch (const std::exception&) { // a problem, or SQLite's own word for one
        return {};
    }
}

} // namespace keepseal
