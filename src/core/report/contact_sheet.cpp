// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/contact_sheet.h"

#include "base/files.h"
#include "base/language.h"
#include "base/text.h"
#include "geometry/fit.h"
#include "picture/develop.h"
#include "record/sent.h"
#include "render/encode.h"
#include "report/page.h"
#include "report/sheet_page.h"

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr int kThumbnail = 420; // pixels on the long side
constexpr int kQuality = 82;

struct Shown {
    const LedgerRow* row = nullptr;
    std::string name, facts, found; ///< for a person
};

std::vector<Shown> shownRows(const Ledger& ledger) {
    std::vector<Shown> out;
    for (const auto& row : ledger.rows) {
        if (row.outcome != Outcome::Made && row.outcome != Outcome::AlreadyThere)
            continue;
        Shown shown{&row, printable(row.copy.filename().string()), {}, {}};
        if (!row.copySize.empty())
            shown.facts = std::to_string(row.copySize.width) + " × " + std::to_string(row.copySize.height) +
                          " · " + shownBytes(row.copyBytes);
        if (row.outcome == Outcome::AlreadyThere)
            shown.found = said("already there");
        else
            shown.found =
                (row.noPlaceInCopy ? said("tells no place")
                 : row.placeOpened ? said("TELLS THE PLACE")
                                   : said("A PLACE STANDS IN ITS WORDS")) +
                " · " + (row.rightsInCopy ? said("rights written") : said("no rights written")) +
                (row.readability > 0
                     ? " · " +
                           Saying("seal {ratio} : 1", {{"ratio", trimmedNumber(row.readability, 1)}}).said()
                     : "");
        for (const auto& sent : row.sent)
            shown.found += " · " + wordsOf(sent).said();
        out.push_back(std::move(shown));
    }
    return out;
}

std::string summaryOf(const Ledger& ledger, const std::vector<Shown>& rows) {
    std::size_t clean = 0, untouched = 0, made = 0;
    for (const auto& shown : rows)
        if (shown.row->outcome == Outcome::Made) {
            ++made;
            clean += shown.row->noPlaceInCopy;
            untouched += shown.row->originalUntouched();
        }
    return ledger.started.substr(0, 10) + " · " + saidOf(rows.size(), "{n} copy", "{n} copies") + " · " +
           Saying("{clean} of {made} searched and tell no place",
                  {{"clean", std::to_string(clean)}, {"made", std::to_string(made)}})
               .said() +
           " · " +
           Saying("originals of {made} byte for byte as they were", {{"made", std::to_string(untouched)}})
               .said();
}

/// Nothing when the copy can't be read any more.
std::optional<Frame> thumbnailOf(const fs::path& copy) {
    try {
        const Original file(copy);
        const auto facts = readFacts(file, copy.string());
        const Size size = fitInside(facts.size, {std::min(kThumbnail, facts.size.longSide()),
                                                 std::min(kThumbnail, facts.size.longSide())});
        return develop(file, copy.string(), facts, wholePicture(facts, size));
    } catch (const Problem&) {
        return std::nullopt;
    }
}

// ---- PDF -------------------------------------------------------------------------------------------------

// A4 in points, four by five.
constexpr double kPageWidth = 595, kPageHeight = 842, kMargin = 36, kHead = 48, kGap = 14;
constexpr int kColumns = 4, kRows = 5;

void drawCell(cairo_t* c, const Shown& shown, bool details, double x, double y, double width, double height) {
    const double text = details ? 34 : 14;
    if (const auto frame = thumbnailOf(shown.row->copy))
        drawOnSheet(c, *frame, kQuality, x, y, width, height - text);
    else {
        cairo_set_source_rgb(c, 0.7, 0.7, 0.7);
        cairo_rectangle(c, x + 0.5, y + 0.5, width - 1, height - text - 1);
        cairo_stroke(c);
        writeOnSheet(c, x + 6, y + 8, width - 12, said("can't be read any more"), 7, 0.4);
    }
    writeOnSheet(c, x, y + height - text + 3, width, shown.name, 8, 0.05);
    if (details) {
        writeOnSheet(c, x, y + height - text + 13, width, shown.facts, 6.5, 0.35);
        writeOnSheet(c, x, y + height - text + 22, width, shown.found, 6.5, 0.35);
    }
}

// ---- HTML ------------------------------------------------------------------------------------------------

constexpr const char* kStyle = R"(
body{font:14px/1.4 system-ui,sans-serif;margin:2rem;color:#1c2226;background:#fff}
h1{font-size:1.4rem;margin:0 0 .2rem}p{margin:0 0 1.4rem;color:#4c565c}
main{display:grid;grid-template-columns:repeat(auto-fill,minmax(220px,1fr));gap:22px}
figure{margin:0}figure div{height:200px;display:flex;align-items:center;justify-content:center;background:#f0f1f2}
img{max-width:100%;max-height:100%}figcaption{font-size:12px;overflow-wrap:anywhere;padding-top:.3rem;color:#4c565c}
b{color:#1c2226}@media print{figure{break-inside:avoid}}
)";

} // namespace

Bytes contactPdf(const Ledger& ledger, const ContactSheet& sheet, const std::atomic<bool>& stop,
                 const std::function<void(std::size_t)>& progress) {
    const auto rows = shownRows(ledger);
    const auto pages = std::max<std::size_t>(1, (rows.size() + kColumns * kRows - 1) / (kColumns * kRows));
    Bytes bytes;
    {
        const SheetSurface pdf(
            cairo_pdf_surface_create_for_stream(appendToSheet, &bytes, kPageWidth, kPageHeight));
        cairo_pdf_surface_set_metadata(pdf.get(), CAIRO_PDF_METADATA_TITLE, sheet.title.c_str());
        const SheetContext c(cairo_create(pdf.get()));
        const double width = (kPageWidth - 2 * kMargin - (kColumns - 1) * kGap) / kColumns;
        const double height = (kPageHeight - 2 * kMargin - kHead - (kRows - 1) * kGap) / kRows;
        for (std::size_t i = 0; i < std::max<std::size_t>(1, rows.size()) && !stop; ++i) {
            const auto cell = i % (kColumns * kRows);
            if (cell == 0) {
                if (i > 0)
                    cairo_show_page(c.get());
                const double wide = kPageWidth - 2 * kMargin - 60;
                writeOnSheet(c.get(), onSheet(kMargin, wide, kPageWidth), kMargin, wide, sheet.title, 15,
                             0.05);
                writeOnSheet(c.get(), kMargin, kMargin + 20, kPageWidth - 2 * kMargin,
                             summaryOf(ledger, rows), 7.5, 0.35);
                writeOnSheet(c.get(), onSheet(kPageWidth - kMargin - 40, 40, kPageWidth), kMargin + 3, 40,
                             std::to_string(i / (kColumns * kRows) + 1) + " / " + std::to_string(pages), 8,
                             0.35);
            }
            if (i < rows.size())
                drawCell(c.get(), rows[i], sheet.details,
                         onSheet(kMargin + (cell % kColumns) * (width + kGap), width, kPageWidth),
                         kMargin + kHead + static_cast<double>(cell / kColumns) * (height + kGap), width,
                         height);
            if (progress)
                progress(i + 1);
        }
        cairo_show_page(c.get());
        cairo_surface_finish(pdf.get());
        if (cairo_surface_status(pdf.get()) != CAIRO_STATUS_SUCCESS)
            throw Problem(ProblemKind::CannotWrite, sheet.title, "the contact sheet could not be drawn");
    }
    return bytes;
}

void writeContactPdf(const Ledger& ledger, const ContactSheet& sheet, const fs::path& file,
                     const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress) {
    const auto bytes = contactPdf(ledger, sheet, stop, progress);
    if (!stop)
        writeNewFile(file, bytes);
}

void writeContactHtml(const Ledger& ledger, const ContactSheet& sheet, const fs::path& file,
                      const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress) {
    const auto rows = shownRows(ledger);
    std::string out = "<!DOCTYPE html>\n" + pageTag() + "<head><meta charset=\"utf-8\"><title>" +
                      escapedForPage(sheet.title) + "</title><style>" + kStyle +
                      "</style></head><body>\n<h1>" + escapedForPage(sheet.title) + "</h1><p>" +
                      escapedForPage(summaryOf(ledger, rows)) + "</p>\n<main>\n";
    for (std::size_t i = 0; i < rows.size() && !stop; ++i) {
        const auto& shown = rows[i];
        const auto frame = thumbnailOf(shown.row->copy);
        out += "<figure><div>" +
               (frame ? "<img alt=\"" + escapedForPage(shown.name) + "\" src=\"data:image/jpeg;base64," +
                            base64ForPage(encodeJpeg(*frame, kQuality)) + "\">"
                      : escapedForPage(said("can't be read any more"))) +
               "</div><figcaption><b>" + escapedForPage(shown.name) + "</b>";
        if (sheet.details)
            out += "<br>" + escapedForPage(shown.facts) + "<br>" + escapedForPage(shown.found);
        out += "</figcaption></figure>\n";
        if (progress)
            progress(i + 1);
    }
    out += "</main></body></html>\n";
    if (!stop)
        writeNewFile(file, ByteSpan(reinterpret_cast<const std::uint8_t*>(out.data()), out.size()));
}

} // namespace keepseal
