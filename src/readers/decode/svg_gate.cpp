// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/svg_gate.h"

#include "base/problem.h"
#include "base/text.h"
#include "picture/develop.h"

#include <openssl/evp.h>
#include <pugixml.hpp>

#include <algorithm>
#include <map>
#include <sstream>

namespace keepseal {
namespace {

constexpr std::size_t kMaxBytes = 4U << 20;
constexpr int kMaxElements = 50'000;
constexpr int kMaxDepth = 64;
constexpr std::int64_t kMaxInnerPixels = 16'000'000;
constexpr double kMaxUses = 20'000;

[[noreturn]] void refuseSvg(const std::string& file, const Saying& why,
                            ProblemKind kind = ProblemKind::Refused) {
    throw Problem(kind, file, why, "Save the logo as a plain SVG without it, or choose another file");
}

std::string_view localName(const char* name) {
    const std::string_view text(name);
    const auto colon = text.find(':');
    return colon == std::string_view::npos ? text : text.substr(colon + 1);
}

void requireSmallPicture(std::string_view address, const std::string& file) {
    const auto comma = address.find(',');
    if (comma == std::string_view::npos || address.substr(0, comma).find("base64") == std::string_view::npos)
        refuseSvg(file, "it holds a picture in a form that is not read");
    std::string packed;
    for (const char c : address.substr(comma + 1))
        if (!std::isspace(static_cast<unsigned char>(c)))
            packed += c;
    if (packed.size() % 4 != 0)
        refuseSvg(file, "it holds a damaged picture", ProblemKind::NotAPicture);
    Bytes bytes(packed.size() / 4 * 3);
    const int length = EVP_DecodeBlock(bytes.data(), reinterpret_cast<const unsigned char*>(packed.data()),
                                       static_cast<int>(packed.size()));
    if (length < 0)
        refuseSvg(file, "it holds a damaged picture", ProblemKind::NotAPicture);
    const MemorySource source(bytes);
    if (readFacts(source, file).stored.pixels() > kMaxInnerPixels)
        refuseSvg(file, "it holds a picture of more than 16 megapixels", ProblemKind::TooLarge);
}

void requireInside(std::string_view address, const std::string& file) {
    const auto text = trimmed(address);
    if (text.empty() || text.front() == '#')
        return;
    if (toLowerAscii(text.substr(0, 11)) == "data:image/" &&
        toLowerAscii(text.substr(0, 20)).find("svg") == std::string::npos)
        return requireSmallPicture(text, file);
    refuseSvg(file, Saying("it refers to something outside itself (\"{text}\")",
                           {{"text", printable(text.substr(0, 60))}}));
}

/// Style text: url(...) may only point inside, nothing may be imported.
void requireHarmlessStyle(std::string_view style, const std::string& file) {
    const auto lower = toLowerAscii(style);
    if (lower.find("@import") != std::string::npos || lower.find("\\") != std::string::npos)
        refuseSvg(file, "its style reads another file");
    for (auto at = lower.find("url("); at != std::string::npos; at = lower.find("url(", at + 1)) {
        const auto end = lower.find(')', at);
        if (end == std::string::npos)
            refuseSvg(file, "its style is damaged", ProblemKind::NotAPicture);
        auto inner = trimmed(style.substr(at + 4, end - at - 4));
        while (!inner.empty() && (inner.front() == '"' || inner.front() == '\''))
            inner.erase(0, 1);
        requireInside(inner, file);
    }
}

constexpr std::string_view kSvgSpace = "http://www.w3.org/2000/svg";

/// Elements of SVG 1.1 and 2 that draw, or that drawing ones refer to. Others of SVG that only describe or
/// move (title, metadata, animate, ...), and all of other namespaces, are left out.
constexpr std::string_view kElements[] = {"a",
                                          "circle",
                                          "clipPath",
                                          "defs",
                                          "ellipse",
                                          "feBlend",
                                          "feColorMatrix",
                                          "feComponentTransfer",
                                          "feComposite",
                                          "feConvolveMatrix",
                                          "feDiffuseLighting",
                                          "feDisplacementMap",
                                          "feDistantLight",
                                          "feDropShadow",
                                          "feFlood",
                                          "feFuncA",
                                          "feFuncB",
                                          "feFuncG",
                                          "feFuncR",
                                          "feGaussianBlur",
                                          "feImage",
                                          "feMerge",
                                          "feMergeNode",
                                          "feMorphology",
                                          "feOffset",
                                          "fePointLight",
                                          "feSpecularLighting",
                                          "feSpotLight",
                                          "feTile",
                                          "feTurbulence",
                                          "filter",
                                          "g",
                                          "image",
                                          "line",
                                          "linearGradient",
                                          "marker",
                                          "mask",
                                          "path",
                                          "pattern",
                                          "polygon",
                                          "polyline",
                                          "radialGradient",
                                          "rect",
                                          "stop",
                                          "style",
                                          "svg",
                                          "switch",
                                          "symbol",
                                          "text",
                                          "textPath",
                                          "tspan",
                                          "use"};

/// Attributes of those elements, presentation attributes included. "xlink:href" counts as "href".
constexpr std::string_view kAttributes[] = {"alignment-baseline",
                                            "amplitude",
                                            "azimuth",
                                            "baseFrequency",
                                            "baseline-shift",
                                            "bias",
                                            "class",
                                            "clip",
                                            "clip-path",
                                            "clip-rule",
                                            "clipPathUnits",
                                            "color",
                                            "color-interpolation",
                                            "color-interpolation-filters",
                                            "cx",
                                            "cy",
                                            "d",
                                            "diffuseConstant",
                                            "direction",
                                            "display",
                                            "divisor",
                                            "dominant-baseline",
                                            "dx",
                                            "dy",
                                            "edgeMode",
                                            "elevation",
                                            "enable-background",
                                            "exponent",
                                            "fill",
                                            "fill-opacity",
                                            "fill-rule",
                                            "filter",
                                            "filterUnits",
                                            "flood-color",
                                            "flood-opacity",
                                            "font",
                                            "font-family",
                                            "font-size",
                                            "font-size-adjust",
                                            "font-stretch",
                                            "font-style",
                                            "font-variant",
                                            "font-weight",
                                            "fr",
                                            "fx",
                                            "fy",
                                            "gradientTransform",
                                            "gradientUnits",
                                            "height",
                                            "href",
                                            "id",
                                            "image-rendering",
                                            "in",
                                            "in2",
                                            "intercept",
                                            "isolation",
                                            "k1",
                                            "k2",
                                            "k3",
                                            "k4",
                                            "kernelMatrix",
                                            "kernelUnitLength",
                                            "lengthAdjust",
                                            "letter-spacing",
                                            "lighting-color",
                                            "limitingConeAngle",
                                            "marker",
                                            "marker-end",
                                            "marker-mid",
                                            "marker-start",
                                            "markerHeight",
                                            "markerUnits",
                                            "markerWidth",
                                            "mask",
                                            "mask-type",
                                            "maskContentUnits",
                                            "maskUnits",
                                            "method",
                                            "mix-blend-mode",
                                            "mode",
                                            "numOctaves",
                                            "offset",
                                            "opacity",
                                            "operator",
                                            "order",
                                            "orient",
                                            "overflow",
                                            "paint-order",
                                            "pathLength",
                                            "patternContentUnits",
                                            "patternTransform",
                                            "patternUnits",
                                            "points",
                                            "pointsAtX",
                                            "pointsAtY",
                                            "pointsAtZ",
                                            "preserveAlpha",
                                            "preserveAspectRatio",
                                            "primitiveUnits",
                                            "r",
                                            "radius",
                                            "refX",
                                            "refY",
                                            "requiredExtensions",
                                            "requiredFeatures",
                                            "result",
                                            "rotate",
                                            "rx",
                                            "ry",
                                            "scale",
                                            "seed",
                                            "shape-rendering",
                                            "side",
                                            "slope",
                                            "spacing",
                                            "specularConstant",
                                            "specularExponent",
                                            "spreadMethod",
                                            "startOffset",
                                            "stdDeviation",
                                            "stitchTiles",
                                            "stop-color",
                                            "stop-opacity",
                                            "stroke",
                                            "stroke-dasharray",
                                            "stroke-dashoffset",
                                            "stroke-linecap",
                                            "stroke-linejoin",
                                            "stroke-miterlimit",
                                            "stroke-opacity",
                                            "stroke-width",
                                            "style",
                                            "surfaceScale",
                                            "systemLanguage",
                                            "tableValues",
                                            "targetX",
                                            "targetY",
                                            "text-anchor",
                                            "text-decoration",
                                            "text-rendering",
                                            "textLength",
                                            "transform",
                                            "transform-origin",
                                            "type",
                                            "unicode-bidi",
                                            "values",
                                            "vector-effect",
                                            "version",
                                            "viewBox",
                                            "visibility",
                                            "width",
                                            "word-spacing",
                                            "writing-mode",
                                            "x",
                                            "x1",
                                            "x2",
                                            "xChannelSelector",
                                            "y",
                                            "y1",
                                            "y2",
                                            "yChannelSelector",
                                            "z"};

/// Whose words are drawn.
constexpr std::string_view kHoldWords[] = {"a", "text", "textPath", "tspan"};

template <std::size_t N>
bool isAmong(const std::string_view (&names)[N], std::string_view name) {
    return std::find(std::begin(names), std::end(names), name) != std::end(names);
}

/// The namespace of a name there: of its prefix, or the default one.
std::string_view spaceOf(const pugi::xml_node& scope, std::string_view name) {
    const auto colon = name.find(':');
    const auto declared = colon == std::string_view::npos ? std::string("xmlns")
                                                          : "xmlns:" + std::string(name.substr(0, colon));
    for (auto node = scope; node; node = node.parent())
        if (const auto found = node.attribute(declared.c_str()))
            return found.value();
    return colon == std::string_view::npos ? kSvgSpace : std::string_view();
}

/// Looks at a drawing's tree and writes one anew that holds what is allowed and nothing else.
class Gate {
public:
    explicit Gate(const std::string& file) : m_file(file) {}

    void visit(const pugi::xml_node& node, pugi::xml_node into, int depth) {
        if (depth > kMaxDepth)
            refuseSvg(m_file, "its elements lie more than 64 deep");
        for (const auto& child : node.children()) {
            if (child.type() == pugi::node_pi && localName(child.name()) == "xml-stylesheet")
                refuseSvg(m_file, "its style lies in another file");
            const bool words = child.type() == pugi::node_pcdata || child.type() == pugi::node_cdata;
            if (words && isAmong(kHoldWords, into.name()))
                into.append_child(pugi::node_pcdata).set_value(child.value());
            if (child.type() != pugi::node_element)
                continue;
            if (++m_elements > kMaxElements)
                refuseSvg(m_file, "it has more than 50,000 elements", ProblemKind::TooLarge);
            element(child, into, depth);
        }
    }

    /// Uses of uses multiply: each level at most by the number of uses inside what it points to.
    void requireFewUses(const pugi::xml_node& root) {
        if (uses(root, 0) > kMaxUses)
            refuseSvg(m_file, "it repeats its own parts without end", ProblemKind::TooLarge);
    }

private:
    void element(const pugi::xml_node& node, pugi::xml_node into, int depth) {
        const auto name = localName(node.name());
        if (name == "script" || name == "foreignObject" || name == "iframe" || name == "handler")
            refuseSvg(m_file, Saying("it holds \"{name}\"", {{"name", std::string(name)}}));
        pugi::xml_node written;
        const bool allowed = isAmong(kElements, name) && spaceOf(node, node.name()) == kSvgSpace;
        if (allowed) {
            written = into.append_child(std::string(name).c_str());
            if (depth == 0) {
                written.append_attribute("xmlns") = std::string(kSvgSpace).c_str();
                written.append_attribute("xmlns:xlink") = "http://www.w3.org/1999/xlink";
            }
        }
        for (const auto& attribute : node.attributes())
            this->attribute(attribute, name, written);
        if (allowed && name == "style")
            return style(node, written);
        visit(node, allowed ? written : m_nowhere.append_child("g"), depth + 1);
    }

    void attribute(const pugi::xml_attribute& attribute, std::string_view element, pugi::xml_node& written) {
        const std::string_view whole = attribute.name();
        const auto key = localName(attribute.name());
        if (key.starts_with("on") && key.size() > 3)
            refuseSvg(m_file, Saying("it holds a script (\"{name}\")", {{"name", std::string(key)}}));
        if (whole == "xmlns" || whole.starts_with("xmlns:"))
            return;
        const bool address = key == "href" || key == "src";
        if (!address)
            requireHarmlessStyle(attribute.value(), m_file);
        else if (element != "a") // a link does nothing in a picture: it is left out
            requireInside(attribute.value(), m_file);
        const bool foreign = whole != key && key != "href" && whole != "xml:space";
        if (!written || foreign || (address && element == "a") ||
            !(isAmong(kAttributes, key) || whole == "xml:space"))
            return;
        const std::string anew(whole != key && key == "href" ? "xlink:href" : whole);
        written.append_attribute(anew.c_str()) = attribute.value();
        if (key == "id")
            m_byId.emplace(attribute.value(), written);
    }

    /// All of its text, whatever stands between the pieces.
    void style(const pugi::xml_node& node, pugi::xml_node written) {
        std::string text;
        for (const auto& piece : node.children())
            if (piece.type() == pugi::node_pcdata || piece.type() == pugi::node_cdata)
                text += piece.value();
        requireHarmlessStyle(text, m_file);
        written.append_child(pugi::node_pcdata).set_value(text.c_str());
    }

    double uses(const pugi::xml_node& node, int depth) {
        if (depth > kMaxDepth)
            return kMaxUses + 1;
        double count = 1;
        for (const auto& child : node.children()) {
            if (count > kMaxUses)
                break;
            if (child.type() != pugi::node_element)
                continue;
            if (localName(child.name()) == "use")
                for (const auto& attribute : child.attributes())
                    if (const std::string_view target(attribute.value());
                        localName(attribute.name()) == "href" && target.starts_with("#"))
                        if (const auto found = m_byId.find(target.substr(1)); found != m_byId.end())
                            count += targetUses(found->second, depth);
            count += uses(child, depth + 1);
        }
        return count;
    }

    double targetUses(const pugi::xml_node& target, int depth) {
        const auto* key = target.internal_object();
        if (const auto known = m_counts.find(key); known != m_counts.end())
            return known->second;
        m_counts[key] = kMaxUses + 1; // met again while being counted: it uses itself
        return m_counts[key] = uses(target, depth + 1);
    }

    const std::string& m_file;
    pugi::xml_document m_nowhere; ///< what is left out is looked at all the same
    int m_elements = 0;
    std::map<std::string, pugi::xml_node, std::less<>> m_byId;
    std::map<const void*, double> m_counts;
};

} // namespace

bool looksLikeSvg(std::string_view text) {
    const auto head = text.substr(0, 4096);
    const auto first = head.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
    return first != std::string_view::npos && head[first] == '<' &&
           text.substr(0, 65536).find("<svg") != std::string_view::npos;
}

std::string harmlessSvg(std::string_view text, const std::string& file) {
    if (text.size() > kMaxBytes)
        refuseSvg(file, "the SVG is larger than 4 MB", ProblemKind::TooLarge);
    if (toLowerAscii(text).find("<!entity") != std::string::npos)
        refuseSvg(file, "it declares entities");
    pugi::xml_document document, clean;
    constexpr unsigned flags = pugi::parse_default | pugi::parse_pi | pugi::parse_ws_pcdata;
    const auto parsed = document.load_buffer(text.data(), text.size(), flags);
    if (!parsed)
        refuseSvg(file, Saying("the SVG can't be understood ({reason})", {{"reason", parsed.description()}}),
                  ProblemKind::NotAPicture);
    Gate gate(file);
    gate.visit(document, clean, 0);
    if (std::string_view(clean.document_element().name()) != "svg")
        refuseSvg(file, "there is no SVG drawing in it", ProblemKind::NotAPicture);
    gate.requireFewUses(clean);
    std::ostringstream out;
    clean.save(out, "", pugi::format_raw | pugi::format_no_declaration, pugi::encoding_utf8);
    return out.str();
}

} // namespace keepseal
