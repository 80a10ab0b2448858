// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Small well-formed files to begin with, a folder for each reader.
#include "support/tiff_builder.h"

#include <filesystem>
#include <fstream>

using namespace keepseal::test;
using namespace std::string_literals;
namespace fs = std::filesystem;

namespace {

fs::path target;

void seed(const std::string& reader, const std::string& name, const std::string& bytes) {
    fs::create_directories(target / reader);
    std::ofstream(target / reader / name, std::ios::binary) << bytes;
}

std::string gps(bool little) {
    TiffBuilder tiff(little);
    const auto at = tiff.addIfd(tiff.place());
    const auto exif = tiff.addIfd({{0x927C, 7, "VENDOR\0\0Exif\0\0"s},
                                   TiffBuilder::text(0x9003, "2026:05:09 23:10:04"),
                                   {0x9286, 7, "UNICODE\0k\0i\0t\0e\0"s}});
    const auto second = tiff.addIfd({tiff.longs(0x0201, {8}), tiff.longs(0x0202, {20})});
    return tiff.finish(tiff.addIfd({TiffBuilder::text(0x010E, "kites"), tiff.longs(0x8825, {at}),
                                    tiff.longs(0x8769, {exif}), tiff.longs(0x014A, {exif, at})},
                                   second));
}

std::string packet() {
    return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
           "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
           "<rdf:Description rdf:about='' xmlns:dc='http://purl.org/dc/elements/1.1/' "
           "xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
           "photoshop:City='Heronsluice'><dc:title><rdf:Alt>"
           "<rdf:li xml:lang='x-default'>tide &amp; kite</rdf:li><rdf:li "
           "xml:lang='de'>Flut</rdf:li></rdf:Alt></dc:title>"
           "</rdf:Description></rdf:RDF></x:xmpmeta>";
}

std::string resources() {
    return imageResource(0x0404, iimDataset(1, 90, "\x1B%G") + iimDataset(2, 90, "Heronsluice") +
                                     iimDataset(2, 25, "kites")) +
           imageResource(0x0425, std::string(16, 'd')) + imageResource(0x0424, packet());
}

std::string chunk(const std::string& type, const std::string& data) {
    return bigEndian(data.size(), 4) + type + data + "CRC?";
}
std::string box(const std::string& type, const std::string& data) {
    return bigEndian(data.size() + 8, 4) + type + data;
}
std::string riff(const std::string& type, const std::string& data) {
    return type + TiffBuilder(true).number(data.size(), 4) + data + std::string(data.size() % 2, '\0');
}

std::string heif() {
    const auto ftyp = box("ftyp", "heic\0\0\0\0mif1"s);
    const auto infos = box("infe", "\2\0\0\0\0\1\0\0hvc1\0"s) + box("infe", "\2\0\0\0\0\2\0\0Exif\0"s);
    const auto places = "\0\1\0\0\0\0\0\1\0\0\0\x10\0\0\0\4"s + "\0\2\0\0\0\0\0\1\0\0\0\x20\0\0\0\x40"s;
    return ftyp +
           box("meta", "\0\0\0\0"s + box("iinf", "\0\0\0\0\0\2"s + infos) +
                           box("iloc", "\1\0\0\0\x44\0\0\2"s + places) + box("idat", "data")) +
           box("mdat", "pppp" + gps(true)) +
           box("moov", box("udta", box("\xA9xyz", "\0\x12\x15\xC7+54.25+003.50/"s)));
}

} // namespace

int main(int, char** arguments) {
    target = arguments[1];
    const auto jpeg = bareJpeg(
        exifSegment(gps(true)) + jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s + packet()) +
            jpegSegment(0xE1, "http://ns.adobe.com/xmp/extension/\0"s + std::string(40, '0') + packet()) +
            jpegSegment(0xED, "Photoshop 3.0\0"s + resources()) + jpegSegment(0xE2, "MPF\0"s + gps(false)) +
            jpegSegment(0xFE, "comment"),
        bareJpeg(exifSegment(gps(false))));
    seed("jpeg", "all", jpeg);
    seed("jpeg", "bare", bareJpeg({}));
    seed("png", "all",
         "\x89PNG\r\n\x1A\n"s + chunk("IHDR", std::string(13, '\0')) + chunk("eXIf", gps(false)) +
             chunk("iTXt", "XML:com.adobe.xmp\0\0\0\0\0"s + packet()) + chunk("tEXt", "Title\0kites"s) +
             chunk("tEXt", "Raw profile type exif\0\nexif\n 4\n45786966"s) + chunk("zTXt", "A\0\0x"s) +
             chunk("IEND", "") + "after");
    seed("webp", "all",
         "RIFF" + TiffBuilder(true).number(400, 4) + "WEBP" + riff("VP8 ", "pppp") + riff("EXIF", gps(true)) +
             riff("XMP ", packet()) + riff("JUNK", "x"));
    seed("tiff", "little", gps(true));
    seed("tiff", "big", gps(false));
    seed("iso", "heif", heif());
    seed("iso", "jxl",
         "\0\0\0\x0CJXL \r\n\x87\n"s + box("Exif", "\0\0\0\0"s + gps(true)) + box("brob", "xml packed") +
             box("jxlc", "p"));
    seed("pdf", "page",
         "%PDF-1.4\n1 0 obj <</Author (Ada \\(Holm\\)) /Title <FEFF0041> /Length 4>> endobj\n2 0 obj <</Type "
         "/Metadata /Length " +
             std::to_string(packet().size()) + ">> stream\n" + packet() +
             "\nendstream endobj\n3 0 obj <</Filter /DCTDecode>> stream\n" + jpeg +
             "\nendstream endobj\n4 0 obj <</Filter /FlateDecode /Length 9>> "
             "stream\nx\x9C\x03\0\0\0\0\1\nendstream "
             "endobj\ntrailer <</Root 1 0 R>>\n%%EOF\nmore"s);
    seed("xmp", "packet", packet());
    seed("iim", "resources", resources());
    seed("scan", "bytes", "noise" + jpeg + "\xA9xyz\0\x12" + packet() + "Exif\0\0"s + gps(true) + heif());
    seed("csv", "table", "File,Title,Keywords\na.jpg,\"two\nlines \"\"quoted\"\"\",kite; sea\nb.jpg,;,\n");
}
