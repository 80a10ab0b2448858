// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/proof_sheet.h"

#include "base/files.h"
#include "base/language.h"
#include "base/problem.h"
#include "base/text.h"
#include "geometry/fit.h"
#include "picture/develop.h"
#include "picture/original.h"
#include "report/sheet_page.h"

#include <algorithm>
#include <cmath>

namespace keepseal {
namespace {

namespace fs = std::filesystem;

constexpr double kPointsPerMm = 72 / 25.4;
constexpr double kNameMm = 5, kLeastCellMm = 10;
constexpr int kSheetQuality = 92;

const SheetPaper& paperOf(const std::string& key) {
    std::string all;
    for (const auto& paper : sheetPapers()) {
        if (paper.key == key)
            return paper;
        all += (all.empty() ? "" : ", ") + paper.key;
    }
    throw Problem(ProblemKind::BadSetting, "paper",
                  Saying("\"{key}\" is no paper that is known", {{"key", key}}),
                  Saying("One of {all}", {{"all", all}}));
}

struct SheetGrid {
    int across = 1, down = 1;
};
SheetGrid gridOf(int up) {
    switch (up) {
    case 1:
        return {1, 1};
    case 2:
        return {1, 2};
    case 4:
        return {2, 2};
    case 9:
        return {3, 3};
    default:
        throw Problem(ProblemKind::BadSetting, "up",
                      Saying("{up} pictures a page are not possible", {{"up", std::to_string(up)}}),
                      "One of 1, 2, 4, 9");
    }
}

/// The picture as it comes to lie: turned where it then goes in larger.
Frame turnedToFit(Frame frame, const SheetCell& cell) {
    const double upright = std::min(cell.width / frame.size.width, cell.height / frame.size.height);
    const double onSide = std::min(cell.width / frame.size.height, cell.height / frame.size.width);
    if (onSide <= upright)
        return frame;
    Frame out = emptyLike(frame, {frame.size.height, frame.size.width});
    for (int y = 0; y < frame.size.height; ++y)
        for (int x = 0; x < frame.size.width; ++x)
            std::copy_n(frame.row(y) + 3 * x, 3, out.row(x) + 3 * (frame.size.height - 1 - y));
    return out;
}

/// Nothing when the copy can't be read any more.
std::optional<Frame> pictureFor(const fs::path& copy, const SheetCell& cell, double perInch) {
    try {
        const Original file(copy);
        const auto facts = readFacts(file, copy.string());
        const auto side = [perInch](double mm) { return static_cast<int>(std::lround(mm / 25.4 * perInch)); };
        const int most = std::max(side(cell.width), side(cell.height));
        auto size = fitInside(facts.size, {most, most});
        if (size.width > facts.size.width)
            size = facts.size;
        return turnedToFit(develop(file, copy.string(), facts, wholePicture(facts, size)), cell);
    } catch (const Problem&) {
        return std::nullopt;
    }
}

void drawCellOf(cairo_t* c, const fs::path& copy, const ProofSheet& sheet, SheetCell cell) {
    if (sheet.names)
        cell.height -= kNameMm;
    const double x = cell.x * kPointsPerMm, y = cell.y * kPointsPerMm, width = cell.width * kPointsPerMm,
                 height = cell.height * kPointsPerMm;
    if (const auto frame = pictureFor(copy, cell, sheet.perInch))
        drawOnSheet(c, *frame, kSheetQuality, x, y, width, height);
    else {
        cairo_set_source_rgb(c, 0.7, 0.7, 0.7);
        cairo_rectangle(c, x, y, width, height);
        cairo_stroke(c);
        writeOnSheet(c, x + 6, y + 8, width - 12, said("can't be read any more"), 8, 0.4);
    }
    if (sheet.names)
        writeOnSheet(c, x, y + height + 3, width, printable(copy.filename().string()), 7.5, 0.25);
}

/// Through the middle of every gap, from edge to edge of the paper.
void drawCutLines(cairo_t* c, const ProofSheet& sheet, const SheetPaper& paper) {
    const auto cells = sheetCells(sheet);
    const double half = sheet.marginMm / 2;
    cairo_set_source_rgb(c, 0.55, 0.55, 0.55);
    cairo_set_line_width(c, 0.3);
    for (const auto& cell : cells) {
        if (cell.x > sheet.marginMm + 1e-6) {
            cairo_move_to(c, (cell.x - half) * kPointsPerMm, 0);
            cairo_line_to(c, (cell.x - half) * kPointsPerMm, paper.heightMm * kPointsPerMm);
        }
        if (cell.y > sheet.marginMm + 1e-6) {
            cairo_move_to(c, 0, (cell.y - half) * kPointsPerMm);
            cairo_line_to(c, paper.widthMm * kPointsPerMm, (cell.y - half) * kPointsPerMm);
        }
    }
    cairo_stroke(c);
}

} // namespace

const std::vector<SheetPaper>& sheetPapers() {
    static const std::vector<SheetPaper> papers = {{"a5", "A5", 148, 210},
                                                   {"a4", "A4", 210, 297},
                                                   {"a3", "A3", 297, 420},
                                                   {"letter", "8.5 x 11 in", 215.9, 279.4}};
    return papers;
}

std::vector<SheetCell> sheetCells(const ProofSheet& sheet) {
    const auto& paper = paperOf(sheet.paper);
    const auto grid = gridOf(sheet.up);
    const double gap = sheet.marginMm;
    const double width = (paper.widthMm - (grid.across + 1) * gap) / grid.across;
    const double height = (paper.heightMm - (grid.down + 1) * gap) / grid.down;
    if (gap < 0 || std::min(width, height) < kLeastCellMm + (sheet.names ? kNameMm : 0))
        throw Problem(ProblemKind::BadSetting, "margin",
                      Saying("{gap} mm leave no room for the pictures", {{"gap", trimmedNumber(gap, 1)}}),
                      "Less");
    std::vector<SheetCell> out;
    for (int row = 0; row < grid.down; ++row)
        for (int column = 0; column < grid.across; ++column)
            out.push_back({onSheet(gap + column * (width + gap), width, paper.widthMm),
                           gap + row * (height + gap), width, height});
    return out;
}

Bytes proofSheetPdf(const std::vector<fs::path>& copies, const ProofSheet& sheet, const std::string& title,
                    const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress) {
    const auto& paper = paperOf(sheet.paper);
    const auto cells = sheetCells(sheet);
    Bytes bytes;
    {
        const SheetSurface pdf(cairo_pdf_surface_create_for_stream(
            appendToSheet, &bytes, paper.widthMm * kPointsPerMm, paper.heightMm * kPointsPerMm));
        cairo_pdf_surface_set_metadata(pdf.get(), CAIRO_PDF_METADATA_TITLE, title.c_str());
        const SheetContext c(cairo_create(pdf.get()));
        for (std::size_t i = 0; i < copies.size() && !stop; ++i) {
            drawCellOf(c.get(), copies[i], sheet, cells[i % cells.size()]);
            if (const bool full = (i + 1) % cells.size() == 0 || i + 1 == copies.size(); full) {
                if (sheet.cutLines)
                    drawCutLines(c.get(), sheet, paper);
                cairo_show_page(c.get());
            }
            if (progress)
                progress(i + 1);
        }
        cairo_surface_finish(pdf.get());
        if (cairo_surface_status(pdf.get()) != CAIRO_STATUS_SUCCESS)
            throw Problem(ProblemKind::CannotWrite, title, "the proof sheet could not be drawn");
    }
    return bytes;
}

void writeProofSheet(const std::vector<fs::path>& copies, const ProofSheet& sheet, const std::string& title,
                     const fs::path& file, const std::atomic<bool>& stop,
                     const std::function<void(std::size_t)>& progress) {
    const auto bytes = proofSheetPdf(copies, sheet, title, stop, progress);
    if (!stop)
        writeNewFile(file, bytes);
}

} // namespace keepseal
