// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// XMP (ISO 16684-1): every property of an RDF packet, structures and lists down to their fields. The XML
// reader knows no external entities, so a packet can't make it read a file or grow.
#include "privacy/tables.h"
#include "walk/walk.h"

#include "base/text.h"

#include <pugixml.hpp>

#include <array>

namespace keepseal::walk {
namespace {

constexpr int kMaxNesting = 40;
/// An XML tree takes many times its text: a packet longer than this is no packet.
constexpr std::size_t kMaxPacket = 16U << 20;

std::string namespaceOf(pugi::xml_node node, std::string_view prefix) {
    const std::string attribute = "xmlns:" + std::string(prefix);
    for (; node; node = node.parent())
        if (const auto found = node.attribute(attribute.c_str()))
            return found.value();
    return {};
}

/// The name with the usual prefix of its namespace, whatever prefix the packet chose.
std::string qualified(pugi::xml_node scope, std::string_view name) {
    const auto colon = name.find(':');
    if (colon == std::string_view::npos)
        return std::string(name);
    const auto usual = usualPrefix(namespaceOf(scope, name.substr(0, colon)));
    return usual.empty() ? std::string(name) : std::string(usual) + std::string(name.substr(colon));
}

class PacketWalker {
public:
    explicit PacketWalker(const Walk& walk) : m_walk(walk) {}

    void node(pugi::xml_node element, int nesting) {
        if (nesting > kMaxNesting)
            return m_walk.notSearched(toSay("XMP: nested too deep"));
        for (const auto child : element.children()) {
            if (!m_walk.goOn())
                return;
            if (child.type() == pugi::node_element)
                visit(child, nesting);
            else if (child.type() == pugi::node_comment || child.type() == pugi::node_pi)
                m_walk.addName("XMP", child.type() == pugi::node_pi ? "instruction" : "comment",
                               child.value());
        }
    }

private:
    void visit(pugi::xml_node element, int nesting) {
        const auto name = qualified(element, element.name());
        const bool isSyntax = name.starts_with("rdf:") || name.starts_with("x:");
        if (!isSyntax)
            m_path.push_back(name);
        const std::string outer = m_language;
        if (const auto language = element.attribute("xml:lang"))
            m_language = printable(language.value(), 40);
        for (const auto attribute : element.attributes())
            property(element, attribute);
        const std::string text = trimmed(element.text().get());
        if (!text.empty() && !m_path.empty())
            found(m_path, text);
        node(element, nesting + 1);
        m_language = outer;
        if (!isSyntax)
            m_path.pop_back();
    }

    void property(pugi::xml_node scope, pugi::xml_attribute attribute) {
        const std::string_view raw = attribute.name();
        if (raw == "xmlns" || raw.starts_with("xmlns:"))
            return m_walk.addName("XMP", "namespace", attribute.value());
        const auto name = qualified(scope, raw);
        const bool isSyntax = name.starts_with("rdf:") || name.starts_with("x:") || name.starts_with("xml:");
        if (isSyntax && name != "rdf:resource" && name != "rdf:value")
            return m_walk.addName("XMP", name, attribute.value());
        auto path = m_path;
        if (!isSyntax)
            path.push_back(name);
        if (!path.empty() && attribute.value()[0] != '\0')
            found(path, attribute.value());
    }

    void found(const std::vector<std::string>& path, const std::string& value) {
        std::string name;
        for (const auto& part : path)
            name += (name.empty() ? "" : "/") + part;
        const auto category = categoryOfProperty(path);
        m_walk.addText("XMP", printable(name), value, category).language = m_language;
        if (category == Category::Location)
            m_walk.secret(bytesOf(value));
    }

    const Walk& m_walk;
    std::vector<std::string> m_path;
    std::string m_language;
};

/// A packet no XML reader takes may still be read by a person: say what it seems to tell.
void unreadable(const Walk& walk, std::string_view packet) {
    walk.notSearched(toSay("XMP: a packet that is not well-formed"));
    const auto lower = toLowerAscii(packet);
    bool place = false;
    for (const char* word :
         {"gpslatitude", "gpslongitude", "photoshop:city", "locationcreated", "locationshown"})
        place = place || lower.find(word) != std::string::npos;
    walk.add("XMP", "broken packet", byteText(packet.size()), Category::Other).tellsPlace = place;
}

} // namespace

void xmp(const Walk& walk, std::string_view packet) {
    if (walk.tooDeep() || packet.empty())
        return;
    if (packet.size() > kMaxPacket || !walk.budget.unpackBytes(packet.size()))
        return unreadable(walk, packet.substr(0, kMaxPacket));
    pugi::xml_document document;
    constexpr unsigned flags =
        pugi::parse_default | pugi::parse_trim_pcdata | pugi::parse_comments | pugi::parse_pi;
    if (!document.load_buffer(packet.data(), packet.size(), flags))
        return unreadable(walk, packet);
    PacketWalker(walk).node(document, 0);
    if (const auto end = packet.rfind('>'); end != std::string_view::npos)
        walk.addName("XMP", "behind the packet", packet.substr(end + 1));
    if (const auto end = packet.rfind("</x:xmpmeta>"); end != std::string_view::npos)
        walk.addName("XMP", "behind the packet", packet.substr(end + 12));
}

} // namespace keepseal::walk
