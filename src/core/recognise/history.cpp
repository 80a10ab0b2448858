// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "recognise/history.h"

#include "base/fingerprint.h"
#include "metadata/metadata.h"
#include "plan/disk.h"
#include "plan/plan.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

/// Empty: it can't be read.
std::string bytesAt(const fs::path& file) {
    try {
        return fingerprint(Original(file));
    } catch (const Problem&) {
        return {};
    }
}

CopyNow nowOf(Register& known, const RegisteredCopy& copy) {
    if (const auto newest = known.newestAt(copy.row.copy); newest && newest->id > copy.id)
        return CopyNow::Replaced;
    const auto bytes = bytesAt(copy.row.copy);
    return bytes.empty()                       ? CopyNow::Gone
           : bytes == copy.row.copyFingerprint ? CopyNow::Untouched
                                               : CopyNow::Changed;
}

std::vector<RegisteredCopy> copiesOfOriginal(Register& known, const fs::path& original,
                                             const std::string& bytes) {
    auto out = known.copiesOfFile(original);
    std::set<std::int64_t> ids;
    std::set<std::string> prints{bytes};
    for (const auto& copy : out) {
        ids.insert(copy.id);
        prints.insert(copy.row.fingerprintBefore);
    }
    for (const auto& print : prints)
        if (!print.empty())
            for (auto& copy : known.copiesOf(print)) // made when it lay somewhere else
                if (ids.insert(copy.id).second)
                    out.push_back(std::move(copy));
    std::sort(out.begin(), out.end(), [](const auto& a, const auto& b) { return a.id > b.id; });
    return out;
}

std::vector<HeldCopy> heldOf(Register& known, const fs::path& original, const std::string& bytes,
                             const std::vector<RegisteredCopy>& left) {
    std::set<std::string> told;
    std::vector<HeldCopy> out;
    for (auto& held : known.heldBackOf(original, bytes)) {
        const bool deliveredSince = std::any_of(left.begin(), left.end(), [&](const RegisteredCopy& copy) {
            return copy.row.delivery == held.row.delivery && copy.made >= held.made;
        });
        if (deliveredSince || !told.insert(held.row.delivery).second)
            continue;
        auto why = held.row.heldBackBy();
        out.push_back({std::move(held), std::move(why)});
    }
    return out;
}

} // namespace

const char* keyOf(CopyNow now) {
    constexpr const char* keys[] = {"untouched", "changed", "replaced", "gone"};
    return keys[static_cast<std::size_t>(now)];
}

std::vector<HeldCopy> stillHeldBack(Register& known, const fs::path& original) {
    const auto bytes = bytesAt(original);
    return heldOf(known, original, bytes, copiesOfOriginal(known, original, bytes));
}

PictureHistory historyOf(Register& known, const fs::path& original, const std::vector<Delivery>& deliveries,
                         const PictureException& exception) {
    const auto bytes = bytesAt(original);
    const auto copies = copiesOfOriginal(known, original, bytes);
    DiskSnapshot disk;
    PictureHistory out;
    out.held = heldOf(known, original, bytes, copies);
    for (const auto& copy : copies) {
        LeftCopy left{known.whole(copy.id).value_or(copy), nowOf(known, copy),
                      bytes != copy.row.fingerprintBefore, false};
        const auto& row = left.copy.row;
        const auto same = std::find_if(deliveries.begin(), deliveries.end(), [&](const Delivery& delivery) {
            return delivery.name == row.delivery;
        });
        if (same != deliveries.end())
            left.deliveryChanged =
                settingsDigest(*same, disk, exception, sidecarOf(original), row.page) != row.settingsDigest;
        out.left.push_back(std::move(left));
    }
    return out;
}

} // namespace keepseal
