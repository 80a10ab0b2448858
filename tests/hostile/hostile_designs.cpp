// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Designs, drawings, profiles and dates as somebody who means harm would make them: right in form and wrong
// in one place. What is refused is refused by a Problem; what is taken is held to what was promised of it.
//   hostile-designs SECONDS [SEED]
#include "base/json_text.h"
#include "base/plain_values.h"
#include "base/problem.h"
#include "border/design.h"
#include "decode/svg_gate.h"
#include "delivery/json.h"
#include "hostile/dice.h"
#include "library/arrival.h"
#include "library/bundle.h"
#include "picture/colour_space.h"
#include "picture/develop.h"
#include "privacy/coordinates.h"
#include "rights/typed.h"
#include "seal/draw.h"
#include "support/profiles.h"
#include "support/support.h"

#include <nlohmann/json.hpp>
#include <vips/vips8>

#include <chrono>
#include <iostream>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using nlohmann::json;

namespace {

[[noreturn]] void found(const std::string& what, const std::string& input) {
    std::cerr << "hostile-designs: " << what << "\n" << input.substr(0, 4000) << "\n";
    std::exit(1);
}
void require(bool holds, const std::string& what, const std::string& input) {
    if (!holds)
        found(what, input);
}

/// Runs `act`; a Problem is an answer, anything else is a finding.
template <class Act>
bool taken(const std::string& input, Act act) {
    try {
        act();
        return true;
    } catch (const Problem& problem) {
        require(!problem.happened.empty() && problem.sentence().size() < 5000,
                "a problem without words, or too many", input);
        require(problem.kind != ProblemKind::Internal, "an internal fault: " + problem.sentence(), input);
    } catch (const std::exception& error) {
        found(std::string("no Problem but ") + error.what(), input);
    }
    return false;
}

const std::vector<json> kExtremes = {nullptr,
                                     true,
                                     -1,
                                     0,
                                     1,
                                     1e308,
                                     -1e308,
                                     1e-300,
                                     30001,
                                     4294967296,
                                     "",
                                     "{",
                                     "{{",
                                     "{a|{a|{a|",
                                     "../../../etc/passwd",
                                     "\u202egnp.x",
                                     "{description}{description}",
                                     json::array(),
                                     json::object(),
                                     "\u0000",
                                     "#zzzzzz",
                                     "keep",
                                     "{studio}",
                                     0.5};

void collect(json& node, std::vector<json*>& out) {
    out.push_back(&node);
    if (node.is_structured())
        for (auto& inner : node)
            collect(inner, out);
}

json changed(json document, Dice& dice) {
    for (auto times = 1 + dice.below(4); times > 0; --times) {
        std::vector<json*> nodes;
        collect(document, nodes);
        json& node = *dice.of(nodes);
        switch (dice.below(5)) {
        case 0:
            node = dice.one(8) ? json(std::string(1 + dice.below(90'000), 'w')) : dice.of(kExtremes);
            break;
        case 1:
            if (node.is_object() && !node.empty())
                node.erase(std::next(node.begin(), static_cast<std::ptrdiff_t>(dice.below(node.size()))));
            break;
        case 2:
            if (node.is_array() && !node.empty())
                for (auto copies = dice.one(6) ? 300 : dice.below(5); copies > 0; --copies)
                    node.push_back(node[dice.below(node.size())]);
            break;
        case 3:
            node = *dice.of(nodes) == document ? json(1) : json(*dice.of(nodes));
            break;
        default:
            for (auto deep = dice.below(40); deep > 0; --deep)
                node = json::array({node});
        }
    }
    return document;
}

class Designs {
public:
    Designs() : m_ground(plainFrame(64, 48, {120, 130, 90})) {
        auto delivery = sampleDelivery("/tmp/copies");
        delivery.border.on = true;
        m_seeds.push_back(toJson(delivery));
        for (const auto& entry : fs::directory_iterator(fs::path(KEEPSEAL_SOURCE) / "assets/deliveries"))
            m_seeds.push_back(json::parse(readText(entry.path())));
    }
    void once(Dice& dice) {
        const auto text =
            changed(dice.of(m_seeds), dice).dump(-1, ' ', false, json::error_handler_t::replace);
        Delivery delivery;
        if (!taken(text, [&] { delivery = deliveryFromJson(parseJson(text, "x", kDesignLimits), "x"); }))
            return;
        // What is taken is within its ranges: it is written, read and drawn like any other.
        const auto again = toJson(delivery);
        taken(text, [&] {
            require(toJson(deliveryFromJson(again, "x")) == again, "not the same when read again", text);
        });
        delivery.seal.on = true;
        taken(text, [&] {
            Frame ground = m_ground;
            const auto drawn = drawSeal(delivery.seal, ground);
            require(std::isfinite(drawn.box.width + drawn.box.x), "no number", text);
        });
    }

private:
    Frame m_ground;
    std::vector<json> m_seeds;
};

class Zips {
public:
    Zips() {
        exportDeliveries({sampleDelivery("/x")}, m_folder / "good.zip", m_folder.path());
        m_good = readText(m_folder / "good.zip");
        fs::create_directories(m_folder / "in");
        m_names = namesHere();
    }
    void once(Dice& dice) {
        const auto zip = m_folder / "in/x.zip";
        const auto bytes = dice.harmed(m_good, m_good);
        writeFile(zip, bytes);
        taken(bytes, [&] {
            const SealLibrary library(m_folder / "in/library");
            for (const auto& delivery : takeIn(library, sharedDeliveries(zip, {})).deliveries)
                require(!delivery.privacy.opensLocation(), "it opened the place", bytes);
        });
        require(namesHere() == m_names, "something lies beside the library", bytes);
    }

private:
    std::set<std::string> namesHere() const {
        std::set<std::string> out;
        for (const auto& entry : fs::directory_iterator(m_folder.path()))
            out.insert(entry.path().filename().string());
        return out;
    }
    TempFolder m_folder;
    std::string m_good;
    std::set<std::string> m_names;
};

class Drawings {
public:
    void once(Dice& dice) {
        auto text =
            "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='20' "
            "height='20'>" +
            elements(dice, 0) + "</svg>";
        if (dice.one(3))
            text = dice.harmed(text, text);
        std::string clean;
        if (!looksLikeSvg(text) || !taken(text, [&] { clean = harmlessSvg(text, "x"); }))
            return;
        require(harmlessSvg(clean, "x") == clean, "not the same when written again", text);
        auto lower = tagsOf(clean);
        for (const char* own : {"http://www.w3.org/2000/svg", "http://www.w3.org/1999/xlink"})
            for (auto at = lower.find(own); at != std::string::npos; at = lower.find(own))
                lower.erase(at, std::string_view(own).size());
        for (const char* never : {"<script", "<foreignobject", "@import", "onload=", "<!entity", "<!doctype",
                                  "<?", "url(http", "href=\"http", "href=\"file", "href=\"..", "url(file"})
            require(lower.find(never) == std::string::npos, std::string("it still holds ") + never, text);
        if (dice.one(4))
            draw(clean);
    }

private:
    /// Its tags and styles in small letters: words that are drawn may say what they like.
    static std::string tagsOf(const std::string& clean) {
        std::string out;
        bool inTag = false;
        for (std::size_t i = 0; i < clean.size(); ++i) {
            inTag = inTag || clean[i] == '<';
            const auto tag = out.rfind('<');
            if (inTag || (tag != std::string::npos && out.compare(tag, 6, "<style") == 0))
                out += static_cast<char>(std::tolower(static_cast<unsigned char>(clean[i])));
            inTag = inTag && clean[i] != '>';
        }
        return out;
    }
    static void draw(const std::string& text) {
        VipsBlob* blob = vips_blob_copy(text.data(), text.size());
        try {
            vips::VImage::svgload_buffer(blob).copy_memory();
        } catch (const vips::VError&) {
            vips_error_clear(); // no drawing: told as such
        }
        vips_area_unref(VIPS_AREA(blob));
    }
    static std::string value(Dice& dice) {
        return dice.of<std::string>({"1",
                                     "-9e9",
                                     "red",
                                     "url(#a)",
                                     "url(http://h.example/x#a)",
                                     "url( 'file:x#a')",
                                     "#a",
                                     "#b",
                                     "http://h.example/",
                                     "file:///etc/passwd",
                                     "data:image/png;base64,AAAA",
                                     "data:image/svg+xml;base64,AAAA",
                                     "javascript:x()",
                                     "../x.svg",
                                     "0 0 9 9",
                                     "none",
                                     "u\\72l(http://h.example)",
                                     "translate(1e9)",
                                     "@import 'x'",
                                     "M0 0h9v9z",
                                     ""});
    }
    std::string elements(Dice& dice, int depth) {
        static const std::vector<std::string> names = {
            "g",    "rect",  "path",   "use",           "image",
            "text", "style", "script", "foreignObject", "linearGradient",
            "defs", "stop",  "symbol", "filter",        "feImage",
            "a",    "v:x",   "title",  "svg",           "animate",
            "mask", "tspan", "switch", "marker"};
        static const std::vector<std::string> keys = {
            "id",  "href",    "xlink:href", "style",     "fill",     "filter", "onload",
            "d",   "width",   "height",     "transform", "class",    "xmlns",  "xmlns:v",
            "src", "viewBox", "v:href",     "xml:base",  "clip-path"};
        std::string out;
        for (auto count = dice.below(4); count > 0 && depth < 6; --count) {
            const auto& name = dice.of(names);
            out += "<" + name;
            std::set<std::string> used;
            for (auto attributes = dice.below(4); attributes > 0; --attributes)
                if (const auto& key = dice.of(keys); used.insert(key).second)
                    out += " " + key + "=\"" +
                           (key == "id" ? dice.of<std::string>({"a", "b"}) : value(dice)) + "\"";
            out += ">" + (dice.one(3) ? value(dice) : elements(dice, depth + 1)) +
                   (dice.one(5) ? "<!-- -->" : "") + (dice.one(5) ? value(dice) : "") + "</" + name + ">";
        }
        return out;
    }
};

class Profiles {
public:
    Profiles() {
        StrangersProfile wish;
        wish.curveLength = 32;
        wish.description = wish.maker = wish.privateText = "54.2512, 3.5034";
        const auto bytes = strangersProfile(wish);
        m_good.assign(bytes.begin(), bytes.end());
    }
    void once(Dice& dice) {
        const auto text = dice.harmed(m_good, m_good);
        const Bytes bytes(text.begin(), text.end());
        taken(text, [&] {
            const auto space = readProfile(MemorySource(bytes), "x");
            require(saysNothing((space ? space : srgbSpace())->profile()), "its text survived", text);
        });
    }

private:
    /// No text of the stranger's, and no tag that only holds some. (That numbers are numbers is all that can
    /// be said of curves.)
    static bool saysNothing(const Bytes& bytes) {
        const cmsHPROFILE profile =
            cmsOpenProfileFromMem(bytes.data(), static_cast<cmsUInt32Number>(bytes.size()));
        bool nothing = profile != nullptr;
        for (const auto kind : {cmsInfoDescription, cmsInfoCopyright, cmsInfoManufacturer, cmsInfoModel}) {
            char said[500] = {};
            cmsGetProfileInfoASCII(profile, kind, "en", "US", said, sizeof said);
            nothing = nothing && !holdsCoordinates(said);
        }
        const std::set<std::string> numbers = {"wtpt", "chad", "rXYZ", "gXYZ", "bXYZ", "rTRC",
                                               "gTRC", "bTRC", "kTRC", "A2B0", "A2B1", "A2B2",
                                               "B2A0", "B2A1", "B2A2", "bkpt", "desc", "cprt"};
        for (int i = 0; i < cmsGetTagCount(profile); ++i) {
            const auto signature =
                static_cast<std::uint32_t>(cmsGetTagSignature(profile, static_cast<cmsUInt32Number>(i)));
            std::string name;
            for (int shift = 24; shift >= 0; shift -= 8)
                name += static_cast<char>(signature >> shift);
            nothing = nothing && numbers.contains(name);
        }
        cmsCloseProfile(profile);
        return nothing;
    }
    std::string m_good;
};

class Values {
public:
    void once(Dice& dice) {
        const auto text =
            dice.harmed(dice.of<std::string>({"2026:05:09 18:30:15", "2026-05-09T18:30:15.25+02:00", "+02:00",
                                              "de-Latn-DE", "0123", "54.2512, 3.5034", "1\u0662\u0663"}),
                        "54.2512 3.5034 N54 12.3");
        const auto only = [&](const std::optional<std::string>& out, std::string_view letters) {
            require(!out || out->find_first_not_of(letters) == std::string::npos, "more than its kind", text);
        };
        only(plainTime(text), "0123456789:-T+Z. ");
        only(plainOffset(text), "0123456789:+-Z");
        only(plainDigits(text, 9), "0123456789");
        only(plainLanguage(text), "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-");
        ExifValue tag{dice.one(2) ? IfdKind::Exif : IfdKind::Image,
                      static_cast<std::uint16_t>(0x0100 + dice.below(0xA400)),
                      static_cast<int>(dice.below(14)), static_cast<std::uint32_t>(dice.below(70)),
                      Bytes(text.begin(), text.end())};
        static const std::vector<std::uint16_t> known = {0x9003, 0x9010, 0x9290, 0x010F,
                                                         0xA432, 0xA434, 0x8827, 0x829A};
        if (dice.one(2))
            tag.tag = dice.of(known);
        if (const auto anew = writtenAnew(tag, {"Heronsluice"}, false))
            require(!holdsCoordinates(std::string(anew->bytes.begin(), anew->bytes.end())), "a place stays",
                    text);
        coordinatesIn(text);
    }
};

template <class Kind>
void feed(const char* name, double seconds, std::uint64_t seed) {
    Kind kind;
    std::uint64_t runs = 0;
    const auto end = std::chrono::steady_clock::now() + std::chrono::duration<double>(seconds);
    for (; std::chrono::steady_clock::now() < end; ++runs) {
        Dice dice(seed + runs);
        kind.once(dice);
    }
    std::cout << "hostile-designs: " << name << ", " << runs << " of them, seed " << seed << ": nothing found"
              << std::endl;
}

} // namespace

int main(int count, char** words) {
    const double seconds = count > 1 ? std::atof(words[1]) : 10;
    const std::uint64_t seed = count > 2 ? std::strtoull(words[2], nullptr, 10) : 20261128;
    const TempFolder state;
    startPictureEngine(words[0]);
    feed<Designs>("deliveries", seconds, seed);
    feed<Zips>("zips", seconds, seed);
    feed<Drawings>("drawings", seconds, seed);
    feed<Profiles>("profiles", seconds, seed);
    feed<Values>("dates and tags", seconds, seed);
}
