// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_words.h"

#include "document/as_text.h"

#include <algorithm>
#include <map>

namespace keepseal::app {

QString planSummary(const Plan& plan, const Forecast* ahead, std::size_t sampled) {
    QString text =
        QObject::tr("The plan: %1 to make, %2 already there, %3 left out. Nothing has been written yet.")
            .arg(ahead ? ahead->toMake() : plan.count(Outcome::Waiting))
            .arg(plan.count(Outcome::AlreadyThere))
            .arg(plan.count(Outcome::LeftOut));
    if (ahead && ahead->heldBack > 0)
        text += " " + saidQt(ahead->heldBack,
                             "{n} copy will be held back, as it stands: each says what it lacks.",
                             "{n} copies will be held back, as it stands: each says what it lacks.");
    if (ahead && ahead->failing > 0)
        text += " " + saidQt(ahead->failing, "{n} copy can't be made.", "{n} copies can't be made.");
    if (plan.replaced() > 0)
        text += " " + saidQt(plan.replaced(), "{n} earlier copy will be replaced.",
                             "{n} earlier copies will be replaced.");
    if (ahead && ahead->bytes > 0)
        text += " " + saidQt(sampled, "About %1, estimated from {n} copy made to find out.",
                             "About %1, estimated from {n} copies made to find out.")
                          .arg(toQt(shownBytes(ahead->bytes)));
    if (ahead)
        for (const auto& room : ahead->rooms)
            if (room.needed > 0 && room.isShort())
                text += QObject::tr(" Only %1 are left at %2.")
                            .arg(toQt(shownBytes(room.free)), toQt(room.place));
    return text;
}

QString ledgerSummary(const Ledger& ledger) {
    std::size_t clean = 0, made = 0;
    std::uint64_t bytes = 0;
    std::map<std::filesystem::path, bool> read; // an original may have several copies
    for (const auto& row : ledger.rows) {
        if (!row.fingerprintBefore.empty())
            read[row.original] = row.originalUntouched();
        made += row.outcome == Outcome::Made;
        bytes += row.outcome == Outcome::Made ? row.copyBytes : 0;
        clean += row.outcome == Outcome::Made && row.noPlaceInCopy;
    }
    const auto untouched =
        std::count_if(read.begin(), read.end(), [](const auto& entry) { return entry.second; });
    QString text =
        QObject::tr("%1 of %2 copies were searched and tell no place. %3 of %4 originals were read again "
                    "and are byte for byte as they were. %5 in all.")
            .arg(clean)
            .arg(made)
            .arg(untouched)
            .arg(read.size())
            .arg(toQt(shownBytes(bytes)));
    const auto named = std::count_if(ledger.rows.begin(), ledger.rows.end(), [](const auto& row) {
        return holdsKind(row.notes, NoteKind::PlaceInWords) ||
               holdsKind(row.notes, NoteKind::CoordinatesInWords);
    });
    if (named > 0) // words are a person's own and stay: that is told, not hidden behind "no place"
        text += " " + saidQt(static_cast<std::size_t>(named), "A removed place stands in words of {n} copy.",
                             "A removed place stands in words of {n} copies.");
    if (const auto held = ledger.count(Outcome::HeldBack))
        text +=
            " " + saidQt(held, "{n} copy was held back: it would have lacked something that was promised.",
                         "{n} copies were held back: each would have lacked something that was promised.");
    if (const auto failed = ledger.count(Outcome::Failed))
        text += " " + saidQt(failed, "{n} copy could not be made; see the top of the list.",
                             "{n} copies could not be made; see the top of the list.");
    return text;
}

QString labelsSaid(const std::vector<std::string>& labels) {
    std::vector<std::string> out;
    for (const auto& label : labels) {
        const auto number = label.rfind(" (");
        out.push_back(said(label.substr(0, number)) +
                      (number == std::string::npos ? "" : label.substr(number)));
    }
    return toQt(saidTogether(out));
}

} // namespace keepseal::app
