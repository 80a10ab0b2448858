// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The fields of a picture's metadata that Keep Seal reads, edits and writes, declared once as data: where
// each lives in XMP, Exif and IIM. Reader, composer, the search of the finished copy, the window, CSV and the
// documents all read this table. Names are those of the IPTC Photo Metadata Standard; sources: IPTC Core and
// Extension, PLUS LDF, Exif 2.32, IIM 4.2.
#pragma once

#include "base/language.h"
#include "base/setting.h"
#include "privacy/report.h"

#include <map>

namespace keepseal {

enum class FieldShape {
    Text,      ///< one text
    Languages, ///< one text in several languages (XMP's "lang alt")
    List,      ///< several texts, in order
    Choice     ///< one of a controlled vocabulary
};
/// What a typed value is held against; a wrong one is said, not refused.
enum class FieldCheck { None, Email, WebAddress };

struct FieldInfo {
    std::string key;   ///< as saved: "copyright_notice"
    std::string label; ///< the standard's name: "Copyright Notice"
    FieldShape shape = FieldShape::Text;
    Category category = Category::Rights; ///< the privacy switch it belongs to
    std::string group;                    ///< heading in the window
    /// In XMP, by usual prefixes; a field of a structure behind a slash ("plus:Licensor/plus:LicensorName").
    std::string xmp;
    bool bag = false;          ///< List only: no order (rdf:Bag), else rdf:Seq
    std::uint16_t exifTag = 0; ///< in IFD0; 0: Exif has no place for it
    int iimDataset = 0;        ///< of record 2; 0: IIM has no place for it
    std::size_t iimBytes = 0;  ///< at most, of each value
    bool multiline = false;    ///< usually more than one line
    bool placeField = false;   ///< tells where: never typed here, kept only when location is opened
    FieldCheck check = FieldCheck::None;
    std::vector<SettingChoice> choices{}; ///< Choice only: key as XMP holds it, words for a person
    std::string help{};

    /// Path of names as the walkers report it.
    std::string iimName() const;
    std::string exifName() const;
};

/// In the order of the sheet.
const std::vector<FieldInfo>& metadataFields();
/// nullptr for a key that is none.
const FieldInfo* metadataField(std::string_view key);
/// Fields a person may write: all but those that tell where.
std::vector<const FieldInfo*> writableFields();

/// The value of one field.
struct FieldValue {
    std::vector<std::string> items;               ///< one for a text; each not empty
    std::map<std::string, std::string> languages; ///< besides the first ("x-default"): "de" -> text

    FieldValue() = default;
    FieldValue(const char* text) : FieldValue(std::string(text)) {}
    FieldValue(std::string text) {
        if (!text.empty())
            items.push_back(std::move(text));
    }
    explicit FieldValue(std::vector<std::string> list) : items(std::move(list)) {}
    bool operator==(const FieldValue&) const = default;
    bool empty() const { return items.empty() && languages.empty(); }
    const std::string& first() const;
    /// For a person: lists joined with "; ", choices by their words, other languages behind.
    std::string shown(const FieldInfo& field) const;
    /// What a person types into one cell: lists parted by semicolons.
    std::string typed() const;
};
/// The other way round of typed(). A choice is taken by key or by its words; languages are not touched.
FieldValue fieldFromTyped(const FieldInfo& field, const std::string& text);

/// By the field's key; fields without a value are not in it.
using FieldValues = std::map<std::string, FieldValue>;

/// What is wrong with a value, for a person; empty when nothing is: an e-mail or web address that is none.
Saying fieldProblem(const FieldInfo& field, const FieldValue& value);

} // namespace keepseal
