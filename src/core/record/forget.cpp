// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/forget.h"

#include "base/files.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

bool liesAtOrBelow(const fs::path& path, const fs::path& folder) {
    auto name = folder.native();
    while (name.size() > 1 && name.ends_with('/'))
        name.pop_back();
    return path.native() == name || path.native().starts_with(name + "/");
}

bool isNamed(const LedgerRow& row, const fs::path& ledger, const ForgetWish& wish) {
    const auto any = [](const auto& list, const auto& is) {
        return std::any_of(list.begin(), list.end(), is);
    };
    return any(wish.deliveries, [&](const auto& name) { return row.delivery == name; }) ||
           any(wish.paths,
               [&](const auto& path) {
                   return liesAtOrBelow(row.original, path) || liesAtOrBelow(row.copy, path);
               }) ||
           any(wish.runs, [&](const auto& run) { return ledger == run || ledger.filename() == run; });
}

void keepPicturesOf(const Ledger& ledger, const fs::path& file) {
    std::set<std::string> wanted;
    for (const auto& row : ledger.rows)
        wanted.insert({row.picture, row.sealKept});
    std::string text;
    const auto keep = [&](const auto& kept) {
        if (wanted.contains(kept.id))
            text += toJson(kept).dump() + "\n";
    };
    readPictures(file, {keep, keep});
    std::error_code error;
    if (fs::exists(file, error))
        writeTextFile(file, text);
}

/// Calls `change(ledger, file)` for each that loses rows, without them.
template <class Change>
Forgotten eachNamed(const Register& known, const ForgetWish& wish, const Change& change) {
    Forgotten out;
    for (const auto& file : ledgersIn(known.ledgerFolder())) {
        try {
            auto ledger = readLedger(file);
            const auto gone =
                std::erase_if(ledger.rows, [&](const auto& row) { return isNamed(row, file, wish); });
            if (gone == 0)
                continue;
            change(ledger, file);
            out.rows += gone;
            ++out.ledgers;
        } catch (const Problem& problem) {
            out.problems.push_back(problem);
        }
    }
    return out;
}

} // namespace

Forgotten wouldForget(const Register& known, const ForgetWish& wish) {
    return eachNamed(known, wish, [](const Ledger&, const fs::path&) {});
}

Forgotten forget(Register& known, const ForgetWish& wish) {
    auto out = eachNamed(known, wish, [&](const Ledger& ledger, const fs::path& file) {
        // The register first: a kill in between leaves a run that it takes in again from what its ledger then
        // says.
        known.forget(file);
        if (ledger.rows.empty()) {
            fs::remove(file);
            fs::remove(picturesOf(file));
        } else {
            saveLedger(ledger, file);
            keepPicturesOf(ledger, picturesOf(file));
            known.add(ledger, file);
        }
    });
    known.wipe();
    return out;
}

} // namespace keepseal
