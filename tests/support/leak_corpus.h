// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures with a secret of its own in every place where a location is known to hide. Written by exiftool and
// by hand, never by our own writer. A secret is a word that stands nowhere else.
#pragma once

#include "demo/raw_file.h"
#include "support/support.h"
#include "support/tiff_builder.h"

#include <array>

namespace keepseal::test {

struct Leak {
    fs::path file;
    std::vector<std::string> secrets; ///< each is told by the original
};

class LeakCorpus {
public:
    explicit LeakCorpus(fs::path folder) : m_folder(std::move(folder)) {
        fs::create_directories(m_folder);
        for (const char* ending : {"jpg", "png", "tif", "webp", "avif", "jxl", "dng"})
            addByAnotherTool(ending);
        addJpegByHand();
        addPngByHand();
        addWebPByHand();
        addSidecar();
    }
    const std::vector<Leak>& leaks() const { return m_leaks; }

private:
    std::string secret(const std::string& about) { return "Zq" + std::to_string(++m_number) + about + "Qz"; }

    std::string packet(const std::string& properties) {
        return "<x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
               "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'>"
               "<rdf:Description rdf:about='' xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
               "xmlns:v='http://vendor.example.com/1.0/'>" +
               properties + "</rdf:Description></rdf:RDF></x:xmpmeta>";
    }
    std::string city(const std::string& word) {
        return packet("<photoshop:City>" + word + "</photoshop:City>");
    }

    /// An Exif block whose GPS directory holds a text.
    std::string gps(const std::string& word) {
        TiffBuilder tiff;
        auto tags = tiff.place();
        tags.push_back(TiffBuilder::text(27, word));
        const auto at = tiff.addIfd(tags);
        return tiff.finish(tiff.addIfd({tiff.longs(0x8825, {at})}));
    }

    static std::string rawPicture() {
        demo::RawScene scene;
        scene.width = 240, scene.height = 160;
        scene.light = [](int x, int y) { return std::array<double, 3>{x / 240.0, y / 160.0, 0.2}; };
        scene.place = true;
        return demo::rawFile(scene);
    }

    void addByAnotherTool(const std::string& ending) {
        const auto file = m_folder / ("tool." + ending);
        try {
            if (ending == "dng")
                writeFile(file, rawPicture());
            else
                makePicture(file, 240, 160);
        } catch (const std::exception&) {
            return; // this machine's libvips does not write the format
        }
        std::vector<std::string> words = {"exiftool", "-q", "-overwrite_original"};
        Leak leak{file, {}};
        const std::vector<std::string> tags = {"GPS:GPSProcessingMethod",
                                               "GPS:GPSAreaInformation",
                                               "GPS:GPSSatellites",
                                               "GPS:GPSMapDatum",
                                               "XMP-exif:GPSAreaInformation",
                                               "XMP-photoshop:City",
                                               "XMP-photoshop:State",
                                               "XMP-photoshop:Country",
                                               "XMP-iptcCore:Location",
                                               "XMP-iptcExt:LocationCreatedCity",
                                               "XMP-iptcExt:LocationShownSublocation",
                                               "XMP-iptcExt:LocationShownWorldRegion",
                                               "XMP-dc:Coverage"};
        for (const auto& tag : tags) {
            leak.secrets.push_back(secret(tag.substr(tag.find(':') + 1)));
            words.push_back("-" + tag + "=" + leak.secrets.back());
        }
        if (ending == "jpg" || ending == "tif")
            for (const char* tag : {"IPTC:City", "IPTC:Sub-location", "IPTC:Province-State",
                                    "IPTC:Country-PrimaryLocationName", "IPTC:ContentLocationName"}) {
                leak.secrets.push_back(secret("iim"));
                words.push_back(std::string("-") + tag + "=" + leak.secrets.back());
            }
        const auto degrees = "41." + std::to_string(3100 + m_number) + "7";
        leak.secrets.push_back(degrees);
        for (const char* tag : {"GPS:GPSLatitude", "XMP-exif:GPSLongitude"})
            words.push_back(std::string("-") + tag + "=" + degrees);
        words.insert(words.end(),
                     {"-GPS:GPSLatitudeRef=N", "-GPS:GPSLongitude=23.5", "-GPS:GPSLongitudeRef=W"});
        words.push_back(file.string());
        if (runProgram(words).exitCode == 0)
            m_leaks.push_back(std::move(leak));
    }

    void addSpliced(const std::string& name, std::size_t at, const std::string& block,
                    const std::string& word, const std::string& after = {}) {
        const auto ending = name.substr(name.find('.'));
        const auto plain = m_folder / ("plain" + ending);
        if (!fs::exists(plain))
            makePicture(plain, 240, 160);
        const auto bytes = readText(plain);
        writeFile(m_folder / name, bytes.substr(0, at) + block + bytes.substr(at) + after);
        m_leaks.push_back({m_folder / name, {word}});
    }

    void addJpegByHand() {
        using namespace std::string_literals;
        const auto header = "Photoshop 3.0\0"s;
        const auto plant = [&](const std::string& name, auto block) {
            const auto word = secret(name);
            addSpliced(name + ".jpg", 2, block(word), word);
        };
        const auto trail = [&](const std::string& name, auto block) {
            const auto word = secret(name);
            addSpliced(name + ".jpg", 2, {}, word, block(word));
        };
        plant("bigEndianGps", [&](auto w) {
            TiffBuilder tiff(false);
            const auto at = tiff.addIfd({TiffBuilder::text(28, w)});
            return exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8825, {at})})));
        });
        plant("secondExif", [&](auto w) { return exifSegment(gps("plain")) + exifSegment(gps(w)); });
        plant("makerNote", [&](auto w) {
            TiffBuilder tiff;
            const auto exif =
                tiff.addIfd({{0x927C, 7, "VENDOR 1.0\0\0 city="s + w + " "s + "Exif\0\0"s + gps(w)}});
            return exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8769, {exif})})));
        });
        plant("previewsOwnExif", [&](auto w) {
            const auto preview = bareJpeg(exifSegment(gps(w)));
            TiffBuilder tiff;
            const auto at = tiff.size();
            tiff.append(preview);
            const auto second = tiff.addIfd(
                {tiff.longs(0x0201, {at}), tiff.longs(0x0202, {static_cast<std::uint32_t>(preview.size())})});
            return exifSegment(tiff.finish(tiff.addIfd({TiffBuilder::text(0x010F, "Saltmarsh")}, second)));
        });
        plant("unknownExifTag", [&](auto w) {
            TiffBuilder tiff;
            return exifSegment(tiff.finish(tiff.addIfd({TiffBuilder::text(0xFDE8, w)})));
        });
        plant("extendedXmp", [&](auto w) {
            const auto text = city(w);
            return jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s +
                                         packet("<photoshop:Headline>tide</photoshop:Headline>")) +
                   jpegSegment(0xE1, "http://ns.adobe.com/xmp/extension/\0"s + std::string(32, 'A') +
                                         bigEndian(text.size(), 4) + bigEndian(0, 4) + text);
        });
        plant("vendorProperty", [&](auto w) {
            return jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0"s +
                                         packet("<v:ShotAddress>" + w + "</v:ShotAddress>"));
        });
        plant("brokenPacket", [&](auto w) {
            return jpegSegment(0xE1, "http://ns.adobe.com/xap/1.0/\0<x:xmpmeta><photoshop:City>"s + w);
        });
        plant("iim", [&](auto w) {
            return jpegSegment(0xED, header + imageResource(0x0404, iimDataset(2, 90, w)));
        });
        plant("resourceExif",
              [&](auto w) { return jpegSegment(0xED, header + imageResource(0x0422, gps(w))); });
        plant("resourcePreview", [&](auto w) {
            return jpegSegment(
                0xED, header + imageResource(0x040C, std::string(28, '\0') + bareJpeg(exifSegment(gps(w)))));
        });
        plant("unknownResource",
              [&](auto w) { return jpegSegment(0xED, header + imageResource(0x1234, city(w))); });
        plant("comment", [&](auto w) { return jpegSegment(0xFE, "at " + w); });
        for (int marker = 0xE2; marker <= 0xEF; ++marker)
            if (marker != 0xED && marker != 0xEE)
                plant("app" + std::to_string(marker - 0xE0),
                      [&](auto w) { return jpegSegment(marker, "VENDOR\0"s + w + city(w)); });
        trail("trailer", [&](auto w) { return "loose bytes " + w; });
        trail("secondPicture", [&](auto w) { return bareJpeg(exifSegment(gps(w))); });
        trail("video", [&](auto w) {
            const auto box = [](const std::string& type, const std::string& data) {
                return bigEndian(data.size() + 8, 4) + type + data;
            };
            return box("ftyp", "isom\0\0\2\0isommp42"s) + box("mdat", std::string(5000, 'v')) +
                   box("moov", box("udta", box("\xA9xyz", "\0\x20\x15\xC7"s + w) +
                                               box("loci", "\0\0\0\0\x15\xC7"s + w)));
        });
    }

    void addPngByHand() {
        using namespace std::string_literals;
        constexpr std::size_t afterHeader = 8 + 25;
        const auto chunk = [](const std::string& type, const std::string& data) {
            std::array<std::uint32_t, 256> table{};
            for (std::uint32_t i = 0; i < 256; ++i) {
                std::uint32_t c = i;
                for (int k = 0; k < 8; ++k)
                    c = c & 1 ? 0xEDB88320U ^ (c >> 1) : c >> 1;
                table[i] = c;
            }
            std::uint32_t crc = 0xFFFFFFFFU;
            for (const char c : type + data)
                crc = table[(crc ^ static_cast<unsigned char>(c)) & 0xFF] ^ (crc >> 8);
            return bigEndian(data.size(), 4) + type + data + bigEndian(crc ^ 0xFFFFFFFFU, 4);
        };
        const auto plant = [&](const std::string& name, auto block) {
            const auto word = secret(name);
            addSpliced(name + ".png", afterHeader, block(word), word);
        };
        plant("exifChunk", [&](auto w) { return chunk("eXIf", gps(w)); });
        plant("text", [&](auto w) { return chunk("tEXt", "Comment\0at "s + w); });
        plant("internationalText", [&](auto w) { return chunk("iTXt", "Where\0\0\0\0\0"s + w); });
        plant("xmpText", [&](auto w) { return chunk("iTXt", "XML:com.adobe.xmp\0\0\0\0\0"s + city(w)); });
        plant("rawProfile", [&](auto w) {
            const auto block = "Exif\0\0"s + gps(w);
            std::string hex;
            for (const char c : block) {
                static const char* digits = "0123456789abcdef";
                hex += digits[static_cast<unsigned char>(c) >> 4];
                hex += digits[c & 15];
            }
            return chunk("tEXt",
                         "Raw profile type exif\0\nexif\n"s + std::to_string(block.size()) + "\n" + hex) +
                   chunk("tEXt", "Note\0"s + w);
        });
        plant("unknownChunk", [&](auto w) { return chunk("veNd", city(w)); });
        const auto word = secret("afterPng");
        addSpliced("afterPng.png", afterHeader, {}, word, bareJpeg(exifSegment(gps(word))));
    }

    void addWebPByHand() {
        const auto word = secret("afterWebP");
        addSpliced("afterWebP.webp", 12, {}, word, bareJpeg(exifSegment(gps(word))));
    }

    void addSidecar() {
        const auto word = secret("sidecar");
        makePicture(m_folder / "beside.jpg", 240, 160);
        writeFile(m_folder / "beside.xmp", city(word));
        m_leaks.push_back({m_folder / "beside.jpg", {word}});
    }

    fs::path m_folder;
    std::vector<Leak> m_leaks;
    int m_number = 100;
};

} // namespace keepseal::test
