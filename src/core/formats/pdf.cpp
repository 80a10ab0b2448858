// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// PDF 1.7 (ISO 32000-1) for print: one picture on a page of its own size on paper, with bleed and crop marks
// where they are asked for, and an ICC output intent.
#include "base/problem.h"
#include "formats/jpeg_coder.h"
#include "formats/vips_pixels.h"
#include "picture/develop.h"

// Its classes for JSON are not used here, and Clang refuses their header in C++20.
#define JSON_HH
class JSON;
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <string_view>
#include <zlib.h>

namespace keepseal {
namespace {

constexpr double kPointsPerMm = 72 / 25.4;
constexpr double kUsualPerMm = 300 / 25.4; ///< where no resolution is stated
constexpr double kMarkMm = 5, kMarkGapMm = 3;
constexpr std::string_view kBare = "KSPAGE 1 "; ///< what `encode` hands to `embed`: nothing of it leaves

/// What the page is made of until its words are known.
struct BarePage {
    int width = 0, height = 0, bands = 3;
    bool packed = false; ///< samples by deflate, else a JPEG
    double bleedMm = 0;
    bool marks = false;
    ByteSpan data{};
};

Bytes deflated(const CopyPixels& pixels) {
    uLongf length = compressBound(pixels.bytes());
    Bytes out(length);
    if (compress2(out.data(), &length, static_cast<const Bytef*>(pixels.samples), pixels.bytes(), 6) != Z_OK)
        throw Problem(ProblemKind::Internal, {}, "the copy could not be packed");
    out.resize(length);
    return out;
}

Bytes encodeAsPage(const CopyPixels& pixels, const OwnValues& own) {
    const bool packed = own.choice("pdf_packing") == "zip";
    char head[120];
    const int length =
        std::snprintf(head, sizeof head, "%s%d %d %d %d %.6f %d\n", kBare.data(), pixels.size.width,
                      pixels.size.height, pixels.bands, packed, own.number("pdf_bleed"), own.on("pdf_marks"));
    Bytes out(head, head + length);
    const auto data = packed
                          ? deflated(pixels)
                          : encodeJpegBy(pixels, {own.whole("pdf_quality"), JpegChroma::Full, false, true});
    out.insert(out.end(), data.begin(), data.end());
    return out;
}

BarePage barePage(ByteSpan bare) {
    BarePage out;
    const auto end = std::find(bare.begin(), bare.end(), std::uint8_t{'\n'});
    const std::string head(bare.begin(), end);
    int packed = 0, marks = 0;
    if (end == bare.end() || !head.starts_with(kBare) ||
        std::sscanf(head.c_str() + kBare.size(), "%d %d %d %d %lf %d", &out.width, &out.height, &out.bands,
                    &packed, &out.bleedMm, &marks) != 6)
        throw Problem(ProblemKind::Internal, {}, "the encoder made no page");
    out.packed = packed != 0, out.marks = marks != 0;
    out.data = bare.subspan(static_cast<std::size_t>(end - bare.begin()) + 1);
    return out;
}

std::string textOfBytes(ByteSpan bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

QPDFObjectHandle nameObject(const char* name) {
    return QPDFObjectHandle::newName(name);
}

std::string points(double value) {
    char out[32];
    std::snprintf(out, sizeof out, "%.4f", value);
    return out;
}

struct BoxOnPage {
    double left = 0, bottom = 0, right = 0, top = 0;
    QPDFObjectHandle object() const {
        return QPDFObjectHandle::parse("[" + points(left) + " " + points(bottom) + " " + points(right) + " " +
                                       points(top) + "]");
    }
    BoxOnPage inside(double by) const { return {left + by, bottom + by, right - by, top - by}; }
};

/// Two hairlines at each corner of what is cut out, outside of what is printed to its edge.
std::string cropMarks(const BoxOnPage& trim, const BoxOnPage& bleed) {
    const double gap = std::max(kMarkGapMm * kPointsPerMm, trim.left - bleed.left),
                 length = kMarkMm * kPointsPerMm;
    std::string out = "q 0.25 w 0 0 0 1 K ";
    const auto line = [&out](double x1, double y1, double x2, double y2) {
        out += points(x1) + " " + points(y1) + " m " + points(x2) + " " + points(y2) + " l S ";
    };
    for (const double x : {trim.left, trim.right}) {
        line(x, trim.top + gap, x, trim.top + gap + length);
        line(x, trim.bottom - gap, x, trim.bottom - gap - length);
    }
    for (const double y : {trim.bottom, trim.top}) {
        line(trim.right + gap, y, trim.right + gap + length, y);
        line(trim.left - gap, y, trim.left - gap - length, y);
    }
    return out + "Q\n";
}

/// ICC.1:2010, 7.2.6: "RGB ", "GRAY".
int channelsOf(ByteSpan profile) {
    return profile.size() >= 20 && textOfBytes(profile.subspan(16, 4)) == "GRAY" ? 1 : 3;
}

/// Pictures without a profile of their own are sRGB, which the caller hands in.
QPDFObjectHandle profileStream(QPDF& pdf, ByteSpan profile) {
    auto out = pdf.newStream(textOfBytes(profile));
    out.getDict().replaceKey("/N", QPDFObjectHandle::newInteger(channelsOf(profile)));
    return out;
}

QPDFObjectHandle imageObject(QPDF& pdf, const BarePage& page, QPDFObjectHandle profile) {
    auto out = pdf.newStream(textOfBytes(page.data));
    auto dict = out.getDict();
    dict.replaceKey("/Type", nameObject("/XObject"));
    dict.replaceKey("/Subtype", nameObject("/Image"));
    dict.replaceKey("/Width", QPDFObjectHandle::newInteger(page.width));
    dict.replaceKey("/Height", QPDFObjectHandle::newInteger(page.height));
    dict.replaceKey("/BitsPerComponent", QPDFObjectHandle::newInteger(8));
    dict.replaceKey("/Filter", nameObject(page.packed ? "/FlateDecode" : "/DCTDecode"));
    auto space = QPDFObjectHandle::newArray();
    space.appendItem(nameObject("/ICCBased"));
    space.appendItem(profile);
    const bool fits = !profile.isNull();
    dict.replaceKey("/ColorSpace", fits ? space : nameObject(page.bands == 1 ? "/DeviceGray" : "/DeviceRGB"));
    return out;
}

void addIntent(QPDF& pdf, const QPDFObjectHandle& profile) {
    auto intent =
        QPDFObjectHandle::parse("<< /Type /OutputIntent /S /GTS_PDFX /OutputConditionIdentifier (Custom) "
                                "/Info (The colours of this picture) >>");
    intent.replaceKey("/DestOutputProfile", profile);
    auto list = QPDFObjectHandle::newArray();
    list.appendItem(intent);
    pdf.getRoot().replaceKey("/OutputIntents", list);
}

void addWords(QPDF& pdf, const std::string& xmp) {
    if (xmp.empty())
        return;
    auto stream = pdf.newStream(xmp);
    stream.getDict().replaceKey("/Type", nameObject("/Metadata"));
    stream.getDict().replaceKey("/Subtype", nameObject("/XML"));
    pdf.getRoot().replaceKey("/Metadata", pdf.makeIndirectObject(stream));
}

void addPage(QPDF& pdf, const BarePage& page, double perMm, const QPDFObjectHandle& image) {
    const double width = page.width / perMm * kPointsPerMm, height = page.height / perMm * kPointsPerMm;
    const double around = page.marks ? (kMarkMm + kMarkGapMm) * kPointsPerMm : 0;
    const double most = std::min(width, height) / 4;
    const BoxOnPage bleed{around, around, around + width, around + height};
    const BoxOnPage trim = bleed.inside(std::min(page.bleedMm * kPointsPerMm, most));
    std::string content = "q " + points(width) + " 0 0 " + points(height) + " " + points(around) + " " +
                          points(around) + " cm /Picture Do Q\n";
    if (page.marks)
        content += cropMarks(trim, bleed);
    auto out = QPDFObjectHandle::parse("<< /Type /Page /Resources << /XObject << >> >> >>");
    out.getKey("/Resources").getKey("/XObject").replaceKey("/Picture", image);
    out.replaceKey("/MediaBox", BoxOnPage{0, 0, width + 2 * around, height + 2 * around}.object());
    out.replaceKey("/BleedBox", bleed.object());
    out.replaceKey("/TrimBox", trim.object());
    out.replaceKey("/Contents", pdf.newStream(content));
    QPDFPageDocumentHelper(pdf).addPage(pdf.makeIndirectObject(out), false);
}

Bytes embedInPdf(ByteSpan bare, const ComposedMetadata& metadata, const EmbedExtras& extras) {
    try {
        const auto page = barePage(bare);
        QPDF pdf;
        pdf.emptyPDF();
        const bool named =
            !extras.iccProfile.empty() && channelsOf(extras.iccProfile) == (page.bands == 1 ? 1 : 3);
        const auto profile = named ? profileStream(pdf, extras.iccProfile) : QPDFObjectHandle::newNull();
        addPage(pdf, page, extras.pixelsPerMm > 0 ? extras.pixelsPerMm : kUsualPerMm,
                imageObject(pdf, page, profile));
        if (named)
            addIntent(pdf, profile);
        addWords(pdf, metadata.xmp);
        QPDFWriter writer(pdf);
        writer.setOutputMemory();
        writer.setDeterministicID(true);
        writer.setStreamDataMode(qpdf_s_preserve); // so that words and profile can be read by any searcher
        writer.setMinimumPDFVersion("1.7");
        writer.write();
        const auto made = writer.getBufferSharedPointer();
        return {made->getBuffer(), made->getBuffer() + made->getSize()};
    } catch (const std::exception& error) { // qpdf's own
        throw Problem(ProblemKind::Internal, {},
                      Saying("the PDF could not be written: {reason}", {{"reason", error.what()}}));
    }
}

/// The number behind `key` in the dictionary of the one picture.
int numberInPicture(std::string_view text, std::string_view key) {
    const auto picture = text.find("/Subtype /Image");
    if (picture == std::string_view::npos)
        return 0;
    const auto begin = text.rfind("obj", picture), end = text.find("stream", picture);
    if (begin == std::string_view::npos || end == std::string_view::npos)
        return 0;
    const auto dictionary = text.substr(begin, end - begin);
    const auto at = dictionary.find(key);
    return at == std::string_view::npos
               ? 0
               : std::atoi(std::string(dictionary.substr(at + key.size(), 12)).c_str());
}

/// A renderer of PDF must take it, and its one picture has the promised pixels.
CopyReadBack readPageBack(const ByteSource& copy) {
    auto out = readPictureBack(copy, Container::Pdf);
    const auto bytes = copy.bytes(0, copy.size());
    const auto text = std::string_view(reinterpret_cast<const char*>(bytes.data()), bytes.size());
    out.size = {numberInPicture(text, "/Width "), numberInPicture(text, "/Height ")};
    return out;
}

} // namespace

OutputFormat pdfFormat() {
    OutputFormat out;
    out.key = "pdf", out.name = "PDF", out.ending = "pdf";
    out.help = "One page at its size on paper, for printers; 8 bits, no transparency.";
    out.longestSide = 30000;
    out.exif = out.pixelForPixel = false;
    out.settings = {
        ownChoice("pdf_packing", "Picture in the PDF", "jpeg",
                  {{"jpeg", "JPEG, full colour"}, {"zip", "Without loss"}},
                  "Without loss makes files several times as large."),
        ownNumber("pdf_quality", "PDF picture quality", 95, {60, 100, 1, 0},
                  "Of the JPEG inside; printers ask for 90 and more."),
        ownNumber("pdf_bleed", "Bleed", 0, {0, 20, 0.5, 1},
                  "How much of the picture's edge is cut off after printing, all around: the page's "
                  "trim box lies so far inside."),
        ownSwitch("pdf_marks", "Crop marks", false, "Hairlines outside the picture where it is cut.")};
    out.settings[1].shown = [](const OwnValues& own) { return own.choice("pdf_packing") == "jpeg"; };
    out.settings[2].unit = "mm";
    out.quality = "pdf_quality";
    out.cutOff = [](const OwnValues& own, double perMm) {
        return own.number("pdf_bleed") * (perMm > 0 ? perMm : kUsualPerMm);
    };
    out.encode = encodeAsPage;
    out.embed = embedInPdf;
    out.readBack = readPageBack;
    return out;
}

} // namespace keepseal
