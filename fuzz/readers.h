// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// One reader on some bytes, for the fuzzers and for the test that feeds them what they found before.
#pragma once

#include "base/problem.h"
#include "metadata/csv.h"
#include "metadata/metadata.h"
#include "walk/walk.h"

namespace keepseal::fuzz {

/// `reader` is one of jpeg, png, webp, tiff, iso, xmp, iim, scan, csv.
inline void read(std::string_view reader, ByteSpan bytes) {
    const MemorySource source(bytes);
    FileReport report;
    ReadBudget budget(source.size());
    const walk::Walk start{report, budget, 0, {}, &source};
    const auto whole = start.whole(source);
    if (reader == "jpeg")
        walk::jpeg(start, whole);
    else if (reader == "png")
        walk::png(start, whole);
    else if (reader == "webp")
        walk::webp(start, whole);
    else if (reader == "tiff")
        walk::tiff(start, whole, "TIFF");
    else if (reader == "iso")
        walk::iso(start, whole);
    else if (reader == "pdf")
        walk::pdf(start, whole);
    else if (reader == "xmp")
        walk::xmp(start, walk::textOf(bytes));
    else if (reader == "iim")
        walk::imageResources(start, whole);
    else if (reader == "scan")
        walk::scan(start, whole);
    else
        try {
            wordsFromCsv(parseCsv(std::string(walk::textOf(bytes)), "fuzz"), {"/a.jpg", "/b.jpg"});
        } catch (const Problem&) {
            // saying that it is no table is an answer
        }
    metadataFrom(report);
    if (report.findings.size() > 2 * kMostFindings + 1)
        std::abort(); // memory has a bound, whatever the file says
}

} // namespace keepseal::fuzz
