// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/compose_xmp.h"

#include "base/problem.h"
#include "base/text.h"

#include <exiv2/exiv2.hpp>

#include <mutex>

namespace keepseal {
namespace {

/// Exiv2 has names of its own for two of the standard's prefixes.
std::string exivPrefix(const std::string& prefix) {
    return prefix == "Iptc4xmpCore" ? "iptc" : prefix == "Iptc4xmpExt" ? "iptcExt" : prefix;
}

struct Name {
    std::string prefix, local;
    std::string key() const { return "Xmp." + prefix + "." + local; }
};
Name nameOf(const std::string& qualified) {
    const auto colon = qualified.find(':');
    return {exivPrefix(qualified.substr(0, colon)), qualified.substr(colon + 1)};
}

void setText(Exiv2::XmpData& xmp, const std::string& key, const std::string& text) {
    Exiv2::XmpTextValue value(text);
    xmp.add(Exiv2::XmpKey(key), &value);
}

/// A field of a structure: the creator's contact details are one, the PLUS structures stand in lists.
void addInStructure(Exiv2::XmpData& xmp, const std::string& path, const std::string& text) {
    const auto slash = path.find('/');
    const auto whole = nameOf(path.substr(0, slash));
    const auto part = path.substr(slash + 1);
    const bool listed = whole.prefix == "plus";
    if (xmp.findKey(Exiv2::XmpKey(whole.key())) == xmp.end()) {
        Exiv2::XmpTextValue frame("");
        if (listed)
            frame.setXmpArrayType(Exiv2::XmpValue::xaSeq);
        else
            frame.setXmpStruct(Exiv2::XmpValue::xsStruct);
        xmp.add(Exiv2::XmpKey(whole.key()), &frame);
    }
    // Inside a path the tool kit knows only the prefix a namespace was registered under.
    setText(xmp, whole.key() + (listed ? "[1]/" : "/") + part, text);
}

void addField(Exiv2::XmpData& xmp, const FieldInfo& field, const FieldValue& value) {
    if (field.xmp.find('/') != std::string::npos)
        return addInStructure(xmp, field.xmp, readableText(value.first()));
    const auto key = nameOf(field.xmp).key();
    if (field.shape == FieldShape::List) {
        Exiv2::XmpArrayValue list(field.bag ? Exiv2::xmpBag : Exiv2::xmpSeq);
        for (const auto& item : value.items)
            list.read(readableText(item));
        xmp.add(Exiv2::XmpKey(key), &list);
    } else if (field.shape == FieldShape::Languages) {
        Exiv2::LangAltValue texts;
        texts.value_["x-default"] = readableText(value.first());
        for (const auto& [language, text] : value.languages)
            texts.value_[language] = readableText(text);
        xmp.add(Exiv2::XmpKey(key), &texts);
    } else
        setText(xmp, key, readableText(value.first()));
}

void addMark(Exiv2::XmpData& xmp, const CopyMark& mark) {
    setText(xmp, "Xmp.keepseal.Copy", kMarkVersion);
    setText(xmp, "Xmp.keepseal.Border", mark.border ? "True" : "False");
    setText(xmp, "Xmp.keepseal.Seal", mark.seal ? "True" : "False");
}

void registerNames() {
    static std::once_flag once;
    std::call_once(once, [] {
        Exiv2::XmpProperties::registerNs(kMarkNamespace, kMarkPrefix);
        Exiv2::XmpProperties::registerNs("http://ns.adobe.com/xmp/note/", "xmpNote");
    });
}

} // namespace

std::string composeXmp(const CopyWords& words, const std::optional<CopyMark>& mark,
                       const std::string& extendedDigest) {
    Exiv2::XmpData xmp;
    // Exiv2's XMP tool kit and its table of names are not safe on two threads at once.
    static std::mutex toolkit;
    const std::lock_guard lock(toolkit);
    registerNames();
    try {
        for (const auto& field : metadataFields())
            if (const auto value = words.fields.find(field.key); value != words.fields.end())
                addField(xmp, field, value->second);
        if (!words.takenAt.empty())
            setText(xmp, "Xmp.photoshop.DateCreated", words.takenAt);
        for (const auto& [name, text] : words.history)
            setText(xmp, nameOf(name).key(), readableText(text));
        if (mark)
            addMark(xmp, *mark);
        if (!extendedDigest.empty())
            setText(xmp, "Xmp.xmpNote.HasExtendedXMP", extendedDigest);
        if (xmp.empty())
            return {};
        std::string packet;
        if (Exiv2::XmpParser::encode(packet, xmp, Exiv2::XmpParser::useCompactFormat, 0) == 0)
            return packet;
    } catch (const Exiv2::AnyError& error) {
        throw Problem(ProblemKind::Internal, {},
                      Saying("the XMP packet could not be composed: {reason}", {{"reason", error.what()}}));
    }
    throw Problem(ProblemKind::Internal, {}, "the XMP packet could not be composed");
}

} // namespace keepseal
