// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Proof sheets for print: copies on pages of paper, one, two, four or nine up, with lines to cut along, as a
// PDF. Only copies are read, never originals.
#pragma once

#include "base/byte_source.h"
#include "geometry/size.h"

#include <atomic>
#include <filesystem>
#include <functional>
#include <string>
#include <vector>

namespace keepseal {

struct ProofSheet {
    int up = 4;               ///< 1, 2, 4 or 9 pictures a page
    std::string paper = "a4"; ///< key of a row of sheetPapers()
    double marginMm = 8;      ///< of the page, and between pictures
    double perInch = 300;     ///< no picture has more pixels on paper
    bool cutLines = true;     ///< through the gaps, from edge to edge
    bool names = true;        ///< of the file, under its picture
};

struct SheetPaper {
    std::string key, name; ///< "a4", "A4"
    double widthMm = 0, heightMm = 0;
};
const std::vector<SheetPaper>& sheetPapers();

/// Where the cells of a page lie: in millimetres from its upper left corner, row by row. Two up stand above
/// each other on tall paper. Throws Problem(BadSetting) for another number or paper, or margins that leave
/// less than a centimetre of a cell.
struct SheetCell {
    double x = 0, y = 0, width = 0, height = 0;
};
/// In the order in which the language spoken is read.
std::vector<SheetCell> sheetCells(const ProofSheet& sheet);

/// A wide picture is turned where that makes it larger. One that can't be read any more stands as an empty
/// frame with its name. `progress` is told how many are done. Never replaces a file. Throws
/// Problem(BadSetting | Refused | CannotWrite); nothing is left behind then, nor when `stop` becomes true.
/// The same, only its bytes.
Bytes proofSheetPdf(const std::vector<std::filesystem::path>& copies, const ProofSheet& sheet,
                    const std::string& title, const std::atomic<bool>& stop,
                    const std::function<void(std::size_t)>& progress = {});
void writeProofSheet(const std::vector<std::filesystem::path>& copies, const ProofSheet& sheet,
                     const std::string& title, const std::filesystem::path& file,
                     const std::atomic<bool>& stop, const std::function<void(std::size_t)>& progress = {});

} // namespace keepseal
