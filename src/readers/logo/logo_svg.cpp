// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "logo/logo_svg.h"

#include "base/problem.h"
#include "base/text.h"
#include "picture/develop.h"

#include <openssl/evp.h>
#include <pugixml.hpp>

#include <map>

namespace keepseal {
namespace {

constexpr std::size_t kMaxBytes = 4U << 20;
constexpr int kMaxElements = 50'000;
constexpr int kMaxDepth = 64;
constexpr std::int64_t kMaxInnerPixels = 16'000'000;
constexpr double kMaxUses = 20'000;

[[noreturn]] void refuseSvg(const std::string& file, const std::string& why,
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
    refuseSvg(file, "it refers to something outside itself (\"" + printable(text.substr(0, 60)) + "\")");
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

class Gate {
public:
    explicit Gate(const std::string& file) : m_file(file) {}

    void visit(const pugi::xml_node& node, int depth) {
        if (depth > kMaxDepth)
            refuseSvg(m_file, "its elements lie more than 64 deep");
        for (const auto& child : node.children()) {
            if (child.type() == pugi::node_pi && localName(child.name()) == "xml-stylesheet")
                refuseSvg(m_file, "its style lies in another file");
            if (child.type() != pugi::node_element)
                continue;
            if (++m_elements > kMaxElements)
                refuseSvg(m_file, "it has more than 50,000 elements", ProblemKind::TooLarge);
            element(child);
            visit(child, depth + 1);
        }
    }

    /// Uses of uses multiply: each level at most by the number of uses inside what it points to.
    void requireFewUses(const pugi::xml_node& root) {
        if (uses(root, 0) > kMaxUses)
            refuseSvg(m_file, "it repeats its own parts without end", ProblemKind::TooLarge);
    }

private:
    void element(const pugi::xml_node& node) {
        const auto name = localName(node.name());
        if (name == "script" || name == "foreignObject" || name == "iframe" || name == "handler")
            refuseSvg(m_file, "it holds \"" + std::string(name) + "\"");
        if (name == "style")
            requireHarmlessStyle(node.text().get(), m_file);
        for (const auto& attribute : node.attributes()) {
            const auto key = localName(attribute.name());
            if (key == "id")
                m_byId.emplace(attribute.value(), node);
            if (key.starts_with("on") && key.size() > 3)
                refuseSvg(m_file, "it holds a script (\"" + std::string(key) + "\")");
            if ((key == "href" || key == "src") && name != "a")
                requireInside(attribute.value(), m_file);
            else
                requireHarmlessStyle(attribute.value(), m_file);
        }
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
    int m_elements = 0;
    std::map<std::string_view, pugi::xml_node> m_byId;
    std::map<const void*, double> m_counts;
};

} // namespace

bool looksLikeSvg(std::string_view text) {
    const auto head = text.substr(0, 4096);
    const auto first = head.find_first_not_of(" \t\r\n\xEF\xBB\xBF");
    return first != std::string_view::npos && head[first] == '<' &&
           text.substr(0, 65536).find("<svg") != std::string_view::npos;
}

void requireHarmlessSvg(std::string_view text, const std::string& file) {
    if (text.size() > kMaxBytes)
        refuseSvg(file, "the SVG is larger than 4 MB", ProblemKind::TooLarge);
    if (toLowerAscii(text).find("<!entity") != std::string::npos)
        refuseSvg(file, "it declares entities");
    pugi::xml_document document;
    const auto parsed = document.load_buffer(text.data(), text.size(), pugi::parse_default | pugi::parse_pi);
    if (!parsed)
        refuseSvg(file, std::string("the SVG can't be understood (") + parsed.description() + ")",
                  ProblemKind::NotAPicture);
    Gate gate(file);
    gate.visit(document, 0);
    gate.requireFewUses(document);
}

} // namespace keepseal
