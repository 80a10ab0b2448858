// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "rights/sheet_xmp.h"

#include "base/problem.h"
#include "metadata/metadata.h"
#include "rights/compose_xmp.h"

namespace keepseal {

RightsSheet sheetFromXmp(const std::filesystem::path& file) {
    constexpr std::uint64_t most = 16ULL << 20;
    const Original source(file);
    const auto bytes = source.bytes(0, most);
    const auto report = inspectXmp({reinterpret_cast<const char*>(bytes.data()), bytes.size()});
    const auto metadata = metadataFrom(report);
    RightsSheet out;
    out.name = file.stem().string().substr(0, 120);
    for (const auto* field : writableFields())
        if (const auto& value = metadata.field(field->key); !value.empty())
            out.rules.push_back({true, field->key, RuleAction::Replace, value, {}});
    if (out.rules.empty())
        throw Problem(ProblemKind::BadFile, file.string(),
                      "there is nothing in it that a rights sheet could write",
                      "Choose an XMP file with a creator, a notice or other fields of the IPTC standard");
    return out;
}

std::string sheetToXmp(const RightsSheet& sheet) {
    CopyWords words;
    for (const auto* field : writableFields())
        if (const auto* rule = sheet.alwaysRule(field->key))
            words.fields[field->key] = rule->value;
    return composeXmp(words, {}, {});
}

} // namespace keepseal
