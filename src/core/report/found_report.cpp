// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/found_report.h"

#include "base/files.h"
#include "base/text.h"
#include "render/encode.h"
#include "report/page.h"
#include "report/sheet_page.h"

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
    return std::to_string(size.width) + " × " + std::to_string(size.height) + " pixels";
}

std::string labelOf(const std::string& key) {
    const auto* field = metadataField(key);
    return field ? field->label : key;
}

FactGroup foundFacts(const WhatIs& answer, const FoundReport& report) {
    FactGroup out{"What was found", {{"File", printable(answer.file.name)}}};
    if (!report.met.empty())
        out.lines.push_back({"Where", report.met});
    out.lines.push_back({"Looked at", report.today});
    out.lines.push_back({"Size", pixelsText(answer.file.size)});
    if (answer.file.bytes > 0)
        out.lines.push_back({"Bytes", std::to_string(answer.file.bytes)});
    if (!answer.file.fingerprint.empty())
        out.lines.push_back({"SHA-256", answer.file.fingerprint});
    out.lines.push_back({"Answer", sentenceOf(answer)});
    if (answer.by == KnownBy::Looks)
        out.lines.push_back(
            {"How it is known",
             std::to_string(answer.known.front().likeness.agree) + " of " +
                 std::to_string(answer.known.front().likeness.parts) +
                 " parts of the picture agree; it shows " +
                 std::to_string(static_cast<int>(answer.known.front().likeness.covered * 100)) + " % of it"});
    return out;
}

FactGroup copyFacts(const KnownAs& known) {
    const auto& row = known.copy.row;
    FactGroup out{known.thisCopy ? "The copy as it left" : "A copy of the same picture, as it left",
                  {{"Name", printable(row.copy.filename().string())},
                   {"Made for", row.delivery},
                   {"Made on", known.copy.made},
                   {"Size", pixelsText(row.copySize)},
                   {"Bytes", std::to_string(row.copyBytes)},
                   {"SHA-256", row.copyFingerprint},
                   {"Original", printable(row.original.filename().string())},
                   {"Its SHA-256", row.fingerprintBefore}}};
    if (!row.takenAt.empty())
        out.lines.push_back({"Taken", row.takenAt});
    out.lines.push_back({"Seal", row.sealOnCopy ? (row.seal.empty() ? "yes" : row.seal) : "none"});
    for (const auto& [key, text] : row.words)
        out.lines.push_back({labelOf(key), text});
    return out;
}

FactGroup fieldFacts(const WhatIs& answer) {
    FactGroup out{"Its words then and now", {}};
    for (const auto& field : answer.fields)
        out.lines.push_back({labelOf(field.key), field.stays()       ? "still there"
                                                 : field.now.empty() ? "gone"
                                                                     : "changed to: " + field.now});
    out.lines.push_back({"Mark of Keep Seal", answer.file.marked ? "still there" : "gone"});
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

constexpr const char* kTitle = "A picture that was found";

// ---- PDF

constexpr double kWide = 595, kHigh = 842, kEdge = 42, kLine = 12, kLabels = 120;
constexpr std::size_t kLettersOfALine = 88;

/// At spaces where there are any.
std::vector<std::string> linesOf(const std::string& text) {
    std::vector<std::string> out;
    for (auto rest = printable(text, 4000); !rest.empty();) {
        auto piece = cutUtf8(rest, kLettersOfALine);
        if (piece.size() < rest.size())
            if (const auto space = piece.rfind(' ');
                space != std::string::npos && space > kLettersOfALine / 2)
                piece.resize(space + 1);
        out.push_back(piece);
        rest.erase(0, piece.size());
    }
    return out;
}

Bytes foundPdf(const std::vector<FactGroup>& groups, const Frame& met, const Frame& ours) {
    Bytes bytes;
    {
        const SheetSurface pdf(cairo_pdf_surface_create_for_stream(appendToSheet, &bytes, kWide, kHigh));
        cairo_pdf_surface_set_metadata(pdf.get(), CAIRO_PDF_METADATA_TITLE, kTitle);
        const SheetContext c(cairo_create(pdf.get()));
        writeOnSheet(c.get(), kEdge, kEdge, kWide - 2 * kEdge, kTitle, 16, 0.05);
        constexpr double gap = 16, high = 190, half = (kWide - 2 * kEdge - gap) / 2;
        double y = kEdge + 34;
        drawOnSheet(c.get(), met, kJpegQuality, kEdge, y, half, high);
        writeOnSheet(c.get(), kEdge, y + high + 4, half, "as it was found", 8, 0.35);
        if (!ours.size.empty()) {
            drawOnSheet(c.get(), ours, kJpegQuality, kEdge + half + gap, y, half, high);
            writeOnSheet(c.get(), kEdge + half + gap, y + high + 4, half, "what left", 8, 0.35);
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
            writeOnSheet(c.get(), kEdge, y, kWide - 2 * kEdge, group.title, 11, 0.05);
            down(17);
            for (const auto& line : group.lines) {
                writeOnSheet(c.get(), kEdge, y, kLabels - 6, line.label, 8, 0.35);
                for (const auto& piece : linesOf(line.value)) {
                    writeOnSheet(c.get(), kEdge + kLabels, y, kWide - 2 * kEdge - kLabels, piece, 8, 0.05);
                    down(kLine);
                }
                if (line.value.empty())
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
th{text-align:left;font-weight:500;color:#4c565c;width:12rem;vertical-align:top;padding:.15rem .8rem .15rem 0}
td{overflow-wrap:anywhere;padding:.15rem 0}
)";

std::string figure(const Frame& frame, const std::string& caption) {
    return "<figure><img alt=\"" + caption + "\" src=\"data:image/jpeg;base64," +
           base64ForPage(encodeJpeg(frame, kJpegQuality)) + "\"><figcaption>" + caption +
           "</figcaption></figure>\n";
}

std::string foundHtml(const std::vector<FactGroup>& groups, const Frame& met, const Frame& ours) {
    std::string out = "<!doctype html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>" +
                      std::string(kTitle) + "</title><style>" + kFoundStyle + "</style></head><body>\n<h1>" +
                      kTitle + "</h1>\n<div class=\"both\">\n" + figure(met, "As it was found");
    if (!ours.size.empty())
        out += figure(ours, "What left");
    out += "</div>\n";
    for (const auto& group : groups) {
        out += "<h2>" + escapedForPage(group.title) + "</h2>\n<table>\n";
        for (const auto& line : group.lines)
            out += "<tr><th>" + escapedForPage(line.label) + "</th><td>" +
                   escapedForPage(printable(line.value, 4000)) + "</td></tr>\n";
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
