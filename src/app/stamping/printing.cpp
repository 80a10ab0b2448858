// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "stamping/printing.h"

#include "picture/develop.h"
#include "proofs/frame_proof.h"

#include <QPainter>

#include <algorithm>

namespace keepseal::app {
namespace {

constexpr int kMostPerInch = 300;         // as the pictures on the sheet have
constexpr std::size_t kPagesAtATime = 50; // in memory

void printPages(const Bytes& pdf, const std::string& title, QPrinter& printer, QPainter& painter,
                const std::atomic<bool>& stop) {
    if (stop)
        return;
    const MemorySource source(pdf);
    const auto pages = readFacts(source, title);
    const auto whole = printer.pageLayout().fullRectPixels(printer.resolution());
    const double scale = std::min(1.0, static_cast<double>(kMostPerInch) / printer.resolution());
    const Size size{std::max(1, static_cast<int>(whole.width() * scale)),
                    std::max(1, static_cast<int>(whole.height() * scale))};
    for (int page = 0; page < pages.pages && !stop; ++page) {
        Reading reading;
        reading.page = page;
        const auto facts = factsFor(pages, reading);
        const auto image = toImage(develop(source, title, facts, wholePicture(facts, size)));
        if (painter.isActive() ? !printer.newPage() : !painter.begin(&printer))
            throw Problem(ProblemKind::CannotWrite, title,
                          "the printer can't be used, or took no further page",
                          "Choose another one, or save the proof sheets as a PDF");
        painter.drawImage(whole, image);
    }
}

} // namespace

std::string paperOf(const QPrinter& printer) {
    switch (printer.pageLayout().pageSize().id()) {
    case QPageSize::A5:
        return "a5";
    case QPageSize::A3:
        return "a3";
    case QPageSize::Letter:
        return "letter";
    default:
        return "a4";
    }
}

void printProofSheets(const std::vector<std::filesystem::path>& copies, const ProofSheet& sheet,
                      const std::string& title, QPrinter& printer, const std::atomic<bool>& stop) {
    printer.setFullPage(true);
    printer.setDocName(QString::fromStdString(title));
    QPainter painter;
    const auto at = [&](std::size_t index) {
        return copies.begin() + static_cast<std::ptrdiff_t>(std::min(index, copies.size()));
    };
    const auto step = kPagesAtATime * static_cast<std::size_t>(sheet.up);
    for (std::size_t first = 0; first < copies.size() && !stop; first += step)
        printPages(proofSheetPdf({at(first), at(first + step)}, sheet, title, stop), title, printer, painter,
                   stop);
}

} // namespace keepseal::app
