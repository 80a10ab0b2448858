// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/found_report.h"

#include "base/files.h"
#include "base/language.h"
#include "base/text.h"
#include "render/encode.h"
#include "report/page.h"
#include "report/sheet_page.h"

#include <utility>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr int kSide = 900, kJpegQuality = 85;

struct FactLine {
    std::string label, value;
};
struct FactGroup {
    std::string title;
    std::vector<FactLine> lines;
};

std::string pixelsText(Size size) {
    return Saying("{width} × {height} pixels",
                  {{"width", std::to_string(size.width)}, {"height", std::to_string(size.height)}})
        .said();
}

std::string labelOf(const std::string& key) {
    const auto* field = metadataField(key);
    return field ? said(field->label) : key;
}

FactGroup foundFacts(const WhatIs& answer, const FoundReport& report) {
    FactGroup out{said("What was found"), {{said("File"), printable(answer.file.name)}}};
    if (!report.met.empty())
        out.lines.push_back({said("Where"), report.met});
    out.lines.push_back({said("Looked at"), report.today});
    out.lines.push_back({said("Size"), pixelsText(answer.file.size)});
    if (answer.file.bytes > 0)
        out.lines.push_back({said("Bytes"), std::to_string(answer.file.bytes)});
    if (!answer.file.fingerprint.empty())
        out.lines.push_back({"SHA-256", answer.file.fingerprint});
    out.lines.push_back({said("Answer"), sentenceOf(answer).said()});
    if (answer.by == KnownBy::Looks) {
        const auto& likeness = answer.known.front().likeness;
        out.lines.push_back(
            {said("How it is known"),
             Saying("{agree} of {parts} parts of the picture agree; it shows {percent} % of it",
                    {{"agree", std::to_string(likeness.agree)},
                     {"parts", std::to_string(likeness.parts)},
                     {"percent", std::to_string(static_cast<int>(likeness.covered * 100))}})
                 .said()});
    }
    return out;
}

FactGroup copyFacts(const KnownAs& known) {
    const auto& row = known.copy.row;
    FactGroup out{known.named() ? said("The copy as it left")
                                : said("A copy of the same picture, as it left"),
                  {{said("Name"), printable(row.copy.filename().string())},
                   {said("Made for"), row.delivery},
                   {said("Made on"), known.copy.made},
                   {said("Size"), pixelsText(row.copySize)},
                   {said("Bytes"), std::to_string(row.copyBytes)},
                   {"SHA-256", row.copyFingerprint},
                   {said("Original"), printable(row.original.filename().string())},
                   {said("Its SHA-256"), row.fingerprintBefore}}};
    if (!row.takenAt.empty())
        out.lines.push_back({said("Taken"), row.takenAt});
    out.lines.push_back(
        {said("Seal"), row.sealOnCopy ? (row.seal.empty() ? said("yes") : row.seal) : said("none")});
    for (const auto& [key, text] : row.words)
        out.lines.push_back({labelOf(key), text});
    return out;
}

FactGroup fieldFacts(const WhatIs& answer) {
    FactGroup out{said("Its words then and now"), {}};
    for (const auto& field : answer.fields)
        out.lines.push_back({labelOf(field.key), field.stays()       ? said("still there")
                                                 : field.now.empty() ? said("gone")
                                                                     : filledIn(said("changed to: {text}"),
                                                                                {{"text", field.now}})});
    out.lines.push_back({said("Mark of Keep Seal"), answer.file.marked ? said("still there") : said("gone")});
    return out;
}

std::vector<FactGroup> factGroupsOf(const WhatIs& answer, const FoundReport& report) {
    std::vector<FactGroup> out{foundFacts(answer, report)};
    if (!answer.known.empty())
        out.push_back(copyFacts(answer.known.front()));
    if (!answer.file.path.empty())
        out.push_back(fieldFacts(answer));
    return out;
}

std::string foundTitle() {
    return said("A picture that was found");
}

// ---- PDF

constexpr double kWide = 595, kHigh = 842, kEdge = 42, kLine = 12, kLabels = 120;
constexpr std::size_t kMostLetters = 4000; ///< of a value

Bytes foundPdf(const std::vector<FactGroup>& groups, const Frame& met, const Frame& ours) {
    Bytes bytes;
    {
        const SheetSurface pdf(cairo_pdf_surface_create_for_stream(appendToSheet, &bytes, kWide, kHigh));
        cairo_pdf_surface_set_metadata(pdf.get(), CAIRO_PDF_METADATA_TITLE, foundTitle().c_str());
        const SheetContext c(cairo_create(pdf.get()));
        const auto write = [&c](double x, double at, double width, const std::string& text, double size,
                                double grey) {
            writeOnSheet(c.get(), onSheet(x, width, kWide), at, width, text, size, grey);
        };
        write(kEdge, kEdge, kWide - 2 * kEdge, foundTitle(), 16, 0.05);
        constexpr double gap = 16, high = 190, half = (kWide - 2 * kEdge - gap) / 2;
        double y = kEdge + 34;
        drawOnSheet(c.get(), met, kJpegQuality, onSheet(kEdge, half, kWide), y, half, high);
        write(kEdge, y + high + 4, half, said("As it was found"), 8, 0.35);
        if (!ours.size.empty()) {
            drawOnSheet(c.get(), ours, kJpegQuality, onSheet(kEdge + half + gap, half, kWide), y, half, high);
            write(kEdge + half + gap, y + high + 4, half, said("What left"), 8, 0.35);
        }
        y += high + 26;
        const auto down = [&](double by) {
            y += by;
            if (y > kHigh - kEdge - kLine) {
                cairo_show_page(c.get());
                y = kEdge;
            }
        };
        for (const auto& group : groups) {
            write(kEdge, y, kWide - 2 * kEdge, group.title, 11, 0.05);
            down(17);
            for (const auto& line : group.lines) {
                write(kEdge, y, kLabels - 6, line.label, 8, 0.35);
                bool first = true;
                const double width = kWide - 2 * kEdge - kLabels;
                writeLinesOnSheet(c.get(), onSheet(kEdge + kLabels, width, kWide), width,
                                  printable(line.value, kMostLetters), 8, 0.05, [&] {
                                      if (!std::exchange(first, false))
                                          down(kLine);
                                      return y;
                                  });
                down(kLine);
            }
            down(8);
        }
        cairo_show_page(c.get());
    }
    return bytes;
}

// ---- HTML

constexpr const char* kFoundStyle = R"(
body{font:15px/1.45 system-ui,sans-serif;margin:2rem auto;max-width:60rem;color:#1c2226;background:#fff}
h1{font-size:1.4rem;margin:0 0 1rem}h2{font-size:1.05rem;margin:1.6rem 0 .4rem}
.both{display:flex;gap:1rem;flex-wrap:wrap}figure{margin:0;flex:1 1 20rem}img{max-width:100%;max-height:26rem}
figcaption{color:#4c565c}table{border-collapse:collapse;width:100%}
th{text-align:start;font-weight:500;color:#4c565c;width:12rem;vertical-align:top;padding:.15rem 0;padding-inline-end:.8rem}
td{overflow-wrap:anywhere;padding:.15rem 0}
)";

std::string figure(const Frame& frame, const std::string& caption) {
    return "<figure><img alt=\"" + escapedForPage(caption) + "\" src=\"data:image/jpeg;base64," +
           base64ForPage(encodeJpeg(frame, kJpegQuality)) + "\"><figcaption>" + escapedForPage(caption) +
           "</figcaption></figure>\n";
}

std::string foundHtml(const std::vector<FactGroup>& groups, const Frame& met, const Frame& ours) {
    const auto title = escapedForPage(foundTitle());
    std::string out = "<!doctype html>\n" + pageTag() + "<head><meta charset=\"utf-8\"><title>" + title +
                      "</title><style>" + kFoundStyle + "</style></head><body>\n<h1>" + title +
                      "</h1>\n<div class=\"both\">\n" + figure(met, said("As it was found"));
    if (!ours.size.empty())
        out += figure(ours, said("What left"));
    out += "</div>\n";
    for (const auto& group : groups) {
        out += "<h2>" + escapedForPage(group.title) + "</h2>\n<table>\n";
        for (const auto& line : group.lines)
            out += "<tr><th>" + escapedForPage(line.label) + "</th><td dir=\"auto\">" +
                   escapedForPage(printable(line.value, kMostLetters)) + "</td></tr>\n";
        out += "</table>\n";
    }
    return out + "</body></html>\n";
}

} // namespace

void writeFoundReport(const WhatIs& answer, Register& known, const FoundReport& report,
                      const fs::path& file) {
    const auto groups = factGroupsOf(answer, report);
    const auto met = reducedTo(answer.file.picture.frame, kSide);
    const auto ours = answer.known.empty() ? Frame() : pictureOf(known, answer.known.front().copy, kSide);
    const auto ending = toLowerAscii(file.extension().string());
    if (ending == ".pdf") {
        writeNewFile(file, foundPdf(groups, met, ours));
    } else if (ending == ".html" || ending == ".htm") {
        const auto text = foundHtml(groups, met, ours);
        writeNewFile(file, ByteSpan(reinterpret_cast<const std::uint8_t*>(text.data()), text.size()));
    } else {
        throw Problem(ProblemKind::BadSetting, file.string(), "a report is a PDF or an HTML page",
                      "Give it a name that ends in .pdf or .html");
    }
}

} // namespace keepseal
