// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "register/register_pages.h"

#include "base/text.h"
#include "document/chain_of.h"
#include "document/job_document.h"
#include "record/sent.h"
#include "theme/theme.h"

#include <QObject>

namespace keepseal::app {
namespace {

Markup tinted(const Markup& text, const QColor& colour) {
    return coloured(text, colour.name());
}

Markup factRow(const QString& label, const Markup& value) {
    return tableRow({{tinted(label, theme().quiet), 12, 2}, {value, 0, 2}});
}

Markup partTitle(const QString& text) {
    return Markup::of("<p style='margin:12px 0 3px 0'><b>%1</b></p>", {text});
}

QString pixelsOf(Size size) {
    return QObject::tr("%1 × %2 pixels").arg(size.width).arg(size.height);
}

/// "2026-05-01 10:20"; what is no time, as it stands: a register may come from elsewhere.
QString minuteOf(const std::string& time) {
    return time.size() < 16 ? toQt(printable(time, 40)) : toQt(time.substr(0, 10) + " " + time.substr(11, 5));
}

Markup copyFactRows(const RegisteredCopy& copy) {
    const auto& row = copy.row;
    auto out = factRow(QObject::tr("Made for"), toQt(row.delivery)) +
               factRow(QObject::tr("Made on"), minuteOf(copy.made) + " UTC");
    if (!row.copySize.empty())
        out += factRow(QObject::tr("Size"), pixelsOf(row.copySize) + ", " + toQt(shownBytes(row.copyBytes)));
    out += factRow(QObject::tr("Lay at"), toQt(printable(row.copy.string(), 2000))) +
           factRow(QObject::tr("Original"), toQt(printable(row.original.string(), 2000)));
    if (!row.takenAt.empty())
        out += factRow(QObject::tr("Taken"), minuteOf(row.takenAt));
    out += factRow(QObject::tr("Seal"), !row.sealOnCopy    ? QObject::tr("none")
                                        : row.seal.empty() ? QObject::tr("yes")
                                                           : toQt(row.seal));
    for (const auto& sent : row.sent)
        out += factRow(QObject::tr("Sent"), toQt(wordsOf(sent).said()));
    for (const auto& note : row.notes) // a person said so
        if (isAccepted(note, row.accepted))
            out += factRow(QObject::tr("Delivered all the same"), toQt(sentenceOf(note)));
    if (row.placeOpened)
        out += factRow(QObject::tr("Place"), tinted(QObject::tr("told, as its delivery said"), theme().look));
    out += factRow(QObject::tr("SHA-256"), toQt(row.copyFingerprint.substr(0, 16) + "…"));
    return out;
}

Markup wordRows(const LedgerRow& row) {
    Markup out;
    for (const auto& [key, text] : row.words) {
        const auto* field = metadataField(key);
        out += factRow(toQt(field ? said(field->label) : key), toQt(printable(text, 600)));
    }
    return out;
}

QString stateOf(const LeftCopy& left) {
    QString out = left.now == CopyNow::Untouched  ? QObject::tr("lies there untouched")
                  : left.now == CopyNow::Changed  ? QObject::tr("changed since")
                  : left.now == CopyNow::Replaced ? QObject::tr("replaced by a later one")
                                                  : QObject::tr("no longer there");
    if (left.pictureChanged)
        out += QObject::tr("; the original is another one now");
    if (left.deliveryChanged)
        out += QObject::tr("; its delivery has changed since");
    return out;
}

Markup leftLine(const RegisteredCopy& copy, const Markup& state) {
    return Markup::of("<p style='margin:3px 0'>%1 · <b>%2</b> · %3%4</p>",
                      {toQt(copy.made.substr(0, 10)), toQt(printable(copy.row.copy.filename().string())),
                       toQt(copy.row.delivery), state.isEmpty() ? Markup() : Markup::of("<br>%1", {state})});
}

} // namespace

Markup heldPart(const std::vector<HeldCopy>& held) {
    Markup out;
    if (!held.empty())
        out += partTitle(QObject::tr("Held back, and not delivered since: %1").arg(held.size()));
    for (const auto& [copy, why] : held)
        for (const auto& words : sentences(why))
            out += leftLine(copy, tinted(words, theme().bad));
    return out;
}

Markup copyPage(const RegisteredCopy& copy, const std::vector<LeftCopy>& history,
                const std::vector<HeldCopy>& held) {
    auto out = Markup::of("<p style='font-size:13pt; margin:0 0 6px 0'>%1</p>",
                          {toQt(printable(copy.row.copy.filename().string()))}) +
               tableOf(copyFactRows(copy));
    if (const auto words = wordRows(copy.row); !words.isEmpty())
        out += partTitle(QObject::tr("What it says")) + tableOf(words);
    if (!history.empty()) {
        out += partTitle(QObject::tr("All that left of this original: %1").arg(history.size()));
        for (const auto& left : history)
            out +=
                leftLine(left.copy, tinted(stateOf(left), left.outOfDate() ? theme().look : theme().quiet));
    }
    return out + heldPart(held);
}

Markup answerPage(const WhatIs& answer) {
    const bool known = !answer.known.empty();
    auto out = Markup::of("<p style='font-size:11pt; margin:0 0 8px 0'><b>%1</b></p>",
                          {tinted(toQt(sentenceOf(answer)), known ? theme().good : theme().text)});
    auto found = factRow(QObject::tr("Found"), toQt(printable(answer.file.name))) +
                 factRow(QObject::tr("Size"), pixelsOf(answer.file.size));
    if (answer.by == KnownBy::Looks) {
        const auto& likeness = answer.known.front().likeness;
        found += factRow(QObject::tr("Why"),
                         QObject::tr("%1 of %2 parts with any drawing agree; it shows %3 % of the picture")
                             .arg(likeness.agree)
                             .arg(likeness.parts)
                             .arg(static_cast<int>(likeness.covered * 100)));
    }
    if (!answer.file.path.empty())
        found += factRow(QObject::tr("Our mark"), answer.file.marked ? QObject::tr("still in the file")
                                                                     : QObject::tr("not in the file"));
    out += tableOf(found);
    if (!known)
        return out;
    const auto& best = answer.known.front();
    out += partTitle(best.named() ? QObject::tr("The copy as it left")
                                  : QObject::tr("A copy of this picture, as it left")) +
           tableOf(copyFactRows(best.copy));
    Markup words;
    for (const auto& field : answer.fields) {
        const auto* row = metadataField(field.key);
        const auto shown = [](const std::string& text) { return inOwnOrder(toQt(printable(text, 300))); };
        Markup value = shown(field.then);
        if (!field.stays())
            value += tinted(field.now.empty() ? QObject::tr("  gone from the file")
                                              : QObject::tr("  now: ") + shown(field.now),
                            theme().look);
        words += factRow(toQt(row ? said(row->label) : field.key), value);
    }
    if (!words.isEmpty())
        out += partTitle(QObject::tr("Its words then and now")) + tableOf(words);
    else if (const auto said = wordRows(answer.known.front().copy.row); !said.isEmpty())
        out += partTitle(QObject::tr("What it said")) + tableOf(said);
    if (answer.known.size() > 1) {
        out += partTitle(QObject::tr("Others that look like it"));
        for (std::size_t i = 1; i < answer.known.size(); ++i)
            out += leftLine(
                answer.known[i].copy,
                tinted(QObject::tr("%1 % agree").arg(static_cast<int>(answer.known[i].likeness.share * 100)),
                       theme().quiet));
    }
    if (answer.copies.size() > 1) {
        out += partTitle(QObject::tr("All that left of this original: %1").arg(answer.copies.size()));
        for (const auto& copy : answer.copies)
            out += leftLine(copy, {});
    }
    return out;
}

} // namespace keepseal::app
