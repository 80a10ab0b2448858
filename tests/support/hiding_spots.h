// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Where somebody's program may have left the coordinates of a picture: each of these files has them in one
// place and nowhere else, with figures of its own.
#pragma once

#include "support/profiles.h"
#include "support/support.h"
#include "support/tiff_builder.h"

#include <zlib.h>

#include <functional>

namespace keepseal::test {

struct HidingSpot {
    std::string name;
    fs::path file;
    std::string secret; ///< "54.2101": stands in the file as ASCII, UTF-16 or compressed
};

inline std::string utf16(const std::string& text, bool little = true) {
    std::string out;
    for (const char c : text)
        out += little ? std::string{c, '\0'} : std::string{'\0', c};
    return out;
}

inline bool holdsText(const std::string& bytes, const std::string& text) {
    return bytes.find(text) != std::string::npos || bytes.find(utf16(text)) != std::string::npos ||
           bytes.find(utf16(text, false)) != std::string::npos;
}

class HidingSpots {
public:
    explicit HidingSpots(fs::path folder) : m_folder(std::move(folder)) {
        makePicture(m_folder / "plain.jpg", 64, 48);
        makePicture(m_folder / "plain.png", 64, 48);
        makePicture(m_folder / "plain.webp", 64, 48);
        m_jpeg = readText(m_folder / "plain.jpg");
        m_png = readText(m_folder / "plain.png");
        m_webp = readText(m_folder / "plain.webp");
        for (const char* name : {"plain.jpg", "plain.png", "plain.webp"})
            fs::remove(m_folder / name);
        exif(), xmp(), iim(), resources(), segments(), profiles(), png(), webp();
    }
    const std::vector<HidingSpot>& all() const { return m_spots; }

private:
    using Text = const std::string&;
    using Make = std::function<std::string(Text)>;

    void add(const std::string& name, const std::string& ending, const Make& file) {
        const auto number = std::to_string(2100 + m_spots.size());
        HidingSpot spot{name, m_folder / (std::to_string(m_spots.size()) + ending), "54." + number};
        writeFile(spot.file, file("54." + number + ", 3." + number));
        m_spots.push_back(spot);
    }
    void inJpeg(const std::string& name, const Make& segment) {
        add(name, ".jpg", [&](Text t) { return m_jpeg.substr(0, 2) + segment(t) + m_jpeg.substr(2); });
    }

    void tag(const std::string& where, std::uint16_t tag, std::uint16_t type, const Make& value) {
        inJpeg(where + " " + std::to_string(tag), [&](Text t) {
            TiffBuilder tiff;
            const std::vector<Tag> one = {{tag, type, value(t)}};
            if (where == "Exif image")
                return exifSegment(tiff.finish(tiff.addIfd(one)));
            if (where == "Exif second image") {
                const auto second = tiff.addIfd(one);
                return exifSegment(tiff.finish(tiff.addIfd({TiffBuilder::text(0x010F, "Tern")}, second)));
            }
            const auto inner = tiff.addIfd(one);
            if (where == "Exif interoperability") {
                const auto exif = tiff.addIfd({tiff.longs(0xA005, {inner})});
                return exifSegment(tiff.finish(tiff.addIfd({tiff.longs(0x8769, {exif})})));
            }
            const std::uint16_t pointer = where == "Exif GPS" ? 0x8825 : 0x8769;
            return exifSegment(tiff.finish(tiff.addIfd({tiff.longs(pointer, {inner})})));
        });
    }
    void exif() {
        const auto plain = [](Text t) { return t + '\0'; };
        const auto bytes = [](Text t) { return utf16(t); };
        for (const std::uint16_t number : {0x010D, 0x010E, 0x010F, 0x0110, 0x011D, 0x0131, 0x0132, 0x013B,
                                           0x013C, 0x0151, 0x8298, 0xC614, 0xC62F, 0xC68B, 0xFDE8, 0x4746})
            tag("Exif image", number, 2, plain);
        for (std::uint16_t number = 0x9C9B; number <= 0x9C9F; ++number)
            tag("Exif image", number, 1, bytes);
        for (const std::uint16_t number :
             {0x8824, 0x9003, 0x9004, 0x9010, 0x9011, 0x9012, 0x9212, 0x9213, 0x9290, 0x9291, 0x9292, 0xA004,
              0xA420, 0xA430, 0xA431, 0xA433, 0xA434, 0xA435, 0xA436, 0xA437, 0xA438, 0xA439, 0xA43A, 0xFDE9})
            tag("Exif", number, 2, plain);
        tag("Exif", 0x927C, 7, [](Text t) { return std::string("VENDOR\0\0\1\2", 10) + t; });
        tag("Exif", 0x9286, 7, [](Text t) { return std::string("ASCII\0\0\0", 8) + t; });
        tag("Exif", 0x9286, 7, [](Text t) { return std::string("UNICODE\0", 8) + utf16(t); });
        tag("Exif", 0x9286, 7, [](Text t) { return std::string(8, '\0') + t; });
        tag("Exif", 0xEA1C, 7, plain);
        for (const std::uint16_t number : {8, 18, 27, 28, 29})
            tag("Exif GPS", number, 2, plain);
        tag("Exif interoperability", 1, 2, plain);
        tag("Exif interoperability", 0x1000, 2, plain);
        for (const std::uint16_t number : {0x010E, 0x013B, 0x0131})
            tag("Exif second image", number, 2, plain);
    }

    static std::string packet(const std::string& inner, const std::string& outer = {}) {
        return std::string("http://ns.adobe.com/xap/1.0/\0", 29) +
               "<?xpacket begin=''?><x:xmpmeta xmlns:x='adobe:ns:meta/'><rdf:RDF "
               "xmlns:rdf='http://www.w3.org/1999/02/22-rdf-syntax-ns#'><rdf:Description rdf:about='' "
               "xmlns:dc='http://purl.org/dc/elements/1.1/' xmlns:xmp='http://ns.adobe.com/xap/1.0/' "
               "xmlns:photoshop='http://ns.adobe.com/photoshop/1.0/' "
               "xmlns:tiff='http://ns.adobe.com/tiff/1.0/' "
               "xmlns:exif='http://ns.adobe.com/exif/1.0/' xmlns:aux='http://ns.adobe.com/exif/1.0/aux/' "
               "xmlns:xmpMM='http://ns.adobe.com/xap/1.0/mm/' "
               "xmlns:xmpRights='http://ns.adobe.com/xap/1.0/rights/' "
               "xmlns:crs='http://ns.adobe.com/camera-raw-settings/1.0/' "
               "xmlns:Iptc4xmpCore='http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/' "
               "xmlns:Iptc4xmpExt='http://iptc.org/std/Iptc4xmpExt/2008-02-29/' "
               "xmlns:v='http://vendor.example/1/' "
               "xmlns:plus='http://ns.useplus.org/ldf/xmp/1.0/'>" +
               inner + "</rdf:Description></rdf:RDF></x:xmpmeta>" + outer;
    }
    void xmpWith(const std::string& name, const Make& inner, const Make& outer = {}) {
        inJpeg("XMP " + name,
               [&](Text t) { return jpegSegment(0xE1, packet(inner(t), outer ? outer(t) : std::string())); });
    }
    void xmp() {
        for (const std::string name : {"dc:title",
                                       "dc:description",
                                       "dc:creator",
                                       "dc:rights",
                                       "dc:subject",
                                       "dc:source",
                                       "dc:publisher",
                                       "dc:identifier",
                                       "dc:relation",
                                       "dc:type",
                                       "dc:format",
                                       "dc:coverage",
                                       "dc:language",
                                       "dc:date",
                                       "xmp:CreatorTool",
                                       "xmp:CreateDate",
                                       "xmp:ModifyDate",
                                       "xmp:MetadataDate",
                                       "xmp:Label",
                                       "xmp:Rating",
                                       "xmp:Nickname",
                                       "xmp:BaseURL",
                                       "photoshop:Headline",
                                       "photoshop:Credit",
                                       "photoshop:Source",
                                       "photoshop:Instructions",
                                       "photoshop:CaptionWriter",
                                       "photoshop:TransmissionReference",
                                       "photoshop:AuthorsPosition",
                                       "photoshop:DateCreated",
                                       "photoshop:History",
                                       "photoshop:City",
                                       "photoshop:Category",
                                       "tiff:Make",
                                       "tiff:Software",
                                       "tiff:ImageDescription",
                                       "exif:UserComment",
                                       "exif:DateTimeOriginal",
                                       "aux:OwnerName",
                                       "aux:SerialNumber",
                                       "aux:Lens",
                                       "xmpMM:DocumentID",
                                       "xmpMM:History",
                                       "xmpRights:UsageTerms",
                                       "xmpRights:WebStatement",
                                       "xmpRights:Owner",
                                       "crs:RawFileName",
                                       "Iptc4xmpCore:Scene",
                                       "Iptc4xmpCore:AltTextAccessibility",
                                       "Iptc4xmpCore:IntellectualGenre",
                                       "Iptc4xmpExt:Event",
                                       "Iptc4xmpExt:PersonInImage",
                                       "Iptc4xmpExt:AddlModelInfo",
                                       "Iptc4xmpExt:DigImageGUID",
                                       "plus:ImageSupplierImageID",
                                       "v:anything"})
            xmpWith(name, [&](Text t) { return "<" + name + ">" + t + "</" + name + ">"; });
        xmpWith("language", [](Text t) {
            return "<dc:title><rdf:Alt><rdf:li xml:lang='" + t + "'>Tide</rdf:li></rdf:Alt></dc:title>";
        });
        xmpWith("contact", [](Text t) {
            return "<Iptc4xmpCore:CreatorContactInfo rdf:parseType='Resource'><Iptc4xmpCore:CiAdrExtadr>" +
                   t + "</Iptc4xmpCore:CiAdrExtadr></Iptc4xmpCore:CreatorContactInfo>";
        });
        xmpWith("contact's link", [](Text t) {
            return "<Iptc4xmpCore:CreatorContactInfo rdf:parseType='Resource'><Iptc4xmpCore:CiUrlWork>"
                   "https://maps.example/@" +
                   t.substr(0, 7) + "," + t.substr(9) +
                   "</Iptc4xmpCore:CiUrlWork></Iptc4xmpCore:CreatorContactInfo>";
        });
        xmpWith("attribute", [](Text t) { return "<rdf:Description v:note='" + t + "'/>"; });
        xmpWith("comment", [](Text t) { return "<!-- " + t + " -->"; });
        xmpWith("instruction", [](Text t) { return "<?v " + t + "?>"; });
        xmpWith("namespace", [](Text t) {
            return "<q:a xmlns:q='http://v.example/" + t.substr(0, 7) + "," + t.substr(9) + "/'>tide</q:a>";
        });
        xmpWith("about", [](Text t) { return "<rdf:Description rdf:about='" + t + "'/>"; });
        xmpWith(
            "behind its end", [](Text) { return std::string(); }, [](Text t) { return "\n  " + t + "\n"; });
        xmpWith("other words", [](Text t) {
            return "<dc:description><rdf:Alt><rdf:li xml:lang='de'>Ebbe " + t +
                   "</rdf:li></rdf:Alt></dc:description>";
        });
        xmpWith("a keyword", [](Text t) {
            return "<dc:subject><rdf:Bag><rdf:li>kite</rdf:li><rdf:li>" + t +
                   "</rdf:li></rdf:Bag></dc:subject>";
        });
        xmpWith("a long text", [](Text t) {
            return "<dc:description>" + std::string(50'000, 'w') + " " + t + "</dc:description>";
        });
    }

    void iim() {
        const auto header = std::string("Photoshop 3.0\0", 14);
        for (const int number :
             {5,  7,  10, 12,  15,  20,  22,  25,  40,  55,  60,  62,  63,  65,  70,  75,  80, 85,
              90, 92, 95, 103, 105, 110, 115, 116, 118, 120, 122, 130, 131, 135, 150, 184, 231})
            inJpeg("IIM 2:" + std::to_string(number), [&](Text t) {
                return jpegSegment(0xED, header + imageResource(0x0404, iimDataset(2, number, t)));
            });
        for (const int number : {30, 50, 100})
            inJpeg("IIM 1:" + std::to_string(number), [&](Text t) {
                return jpegSegment(0xED, header + imageResource(0x0404, iimDataset(1, number, t)));
            });
    }
    void resources() {
        const auto header = std::string("Photoshop 3.0\0", 14);
        for (const int id :
             {0x03F0, 0x03F3, 0x0408, 0x040B, 0x0419, 0x041A, 0x0421, 0x0425, 0x0428, 0x0BB7, 0x2710})
            inJpeg("image resource " + std::to_string(id),
                   [&](Text t) { return jpegSegment(0xED, header + imageResource(id, t)); });
        inJpeg("image resource's name", [&](Text t) {
            auto name = std::string(1, static_cast<char>(t.size())) + t;
            name += std::string(name.size() % 2, '\0');
            return jpegSegment(0xED,
                               header + "8BIM" + bigEndian(0x0425, 2) + name + bigEndian(4, 4) + "tide");
        });
    }
    void segments() {
        inJpeg("comment", [](Text t) { return jpegSegment(0xFE, t); });
        inJpeg("comment in UTF-16", [](Text t) { return jpegSegment(0xFE, utf16(t)); });
        for (int marker = 0xE0; marker <= 0xEF; ++marker)
            inJpeg("APP" + std::to_string(marker - 0xE0),
                   [&](Text t) { return jpegSegment(marker, std::string("VENDOR\0", 7) + t); });
        inJpeg("APP1 of another kind",
               [](Text t) { return jpegSegment(0xE1, std::string("http://v.example/\0", 18) + t); });
        inJpeg("APP0 extension", [](Text t) { return jpegSegment(0xE0, std::string("JFXX\0\x13", 6) + t); });
        add("behind the end", ".jpg", [&](Text t) { return m_jpeg + t; });
        add("behind the end, after zeros", ".jpg",
            [&](Text t) { return m_jpeg + std::string(500, '\0') + t; });
    }
    void profiles() {
        const auto in = [&](const std::string& name, auto set) {
            inJpeg("profile's " + name, [&](Text t) {
                StrangersProfile wish;
                wish.curveLength = 64;
                set(wish, t);
                const auto bytes = strangersProfile(wish);
                return jpegSegment(0xE2, std::string("ICC_PROFILE\0\1\1", 14) +
                                             std::string(bytes.begin(), bytes.end()));
            });
        };
        in("description", [](auto& wish, Text t) { wish.description = t; });
        in("maker", [](auto& wish, Text t) { wish.maker = t; });
        in("copyright", [](auto& wish, Text t) { wish.copyright = t; });
        in("private tag", [](auto& wish, Text t) { wish.privateText = t; });
    }

    static std::string chunk(const std::string& type, const std::string& data) {
        const auto body = type + data;
        const auto sum =
            ::crc32(0, reinterpret_cast<const Bytef*>(body.data()), static_cast<uInt>(body.size()));
        return bigEndian(data.size(), 4) + body + bigEndian(sum, 4);
    }
    static std::string deflated(const std::string& text) {
        uLongf size = ::compressBound(text.size());
        std::string out(size, '\0');
        ::compress(reinterpret_cast<Bytef*>(out.data()), &size, reinterpret_cast<const Bytef*>(text.data()),
                   text.size());
        return out.substr(0, size);
    }
    void png() {
        constexpr std::size_t afterHeader = 8 + 25;
        const auto in = [&](const std::string& name, const Make& made) {
            add("PNG " + name, ".png",
                [&](Text t) { return m_png.substr(0, afterHeader) + made(t) + m_png.substr(afterHeader); });
        };
        const auto zero = std::string(1, '\0');
        for (const std::string key : {"Title", "Author", "Description", "Copyright", "Software", "Source",
                                      "Comment", "Creation Time", "Disclaimer", "Anything"})
            in("text " + key, [&](Text t) { return chunk("tEXt", key + zero + t); });
        in("compressed text", [&](Text t) { return chunk("zTXt", "Comment" + zero + zero + deflated(t)); });
        in("international text",
           [&](Text t) { return chunk("iTXt", "Comment" + zero + zero + zero + zero + zero + t); });
        in("international text, compressed",
           [&](Text t) { return chunk("iTXt", "Comment" + zero + "\1" + zero + zero + zero + deflated(t)); });
        in("text's key", [&](Text t) { return chunk("tEXt", t + zero + "tide"); });
        in("translated key", [&](Text t) {
            return chunk("iTXt", "Comment" + zero + zero + zero + "de" + zero + t + zero + "tide");
        });
        in("palette's name", [&](Text t) { return chunk("sPLT", t + zero + "\x08" + std::string(6, 'x')); });
        in("unknown chunk", [](Text t) { return chunk("veNd", t); });
        add("PNG behind its end", ".png", [&](Text t) { return m_png + t; });
    }
    void webp() {
        add("WebP unknown chunk", ".webp", [&](Text t) {
            auto out =
                m_webp + "JUNK" + TiffBuilder().number(t.size(), 4) + t + std::string(t.size() % 2, '\0');
            return out.replace(4, 4, TiffBuilder().number(out.size() - 8, 4));
        });
        add("WebP behind its end", ".webp", [&](Text t) { return m_webp + t; });
    }

    fs::path m_folder;
    std::string m_jpeg, m_png, m_webp;
    std::vector<HidingSpot> m_spots;
};

} // namespace keepseal::test
