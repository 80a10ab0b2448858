// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/texts.h"

#include "base/note.h"
#include "border/design.h"
#include "delivery/file_names.h"
#include "delivery/stations.h"
#include "delivery/who.h"
#include "formats/output_format.h"
#include "library/seal_library.h"
#include "library/shelf.h"
#include "metadata/fields.h"
#include "rights/sheet.h"
#include "seal/part.h"
#include "text/tokens.h"
#include "trial/trial.h"

#include <nlohmann/json.hpp>

#include <set>

namespace keepseal::cli {
namespace {

class Texts {
public:
    void add(const std::string& text) {
        if (!text.empty())
            m_all.insert(text);
    }
    void add(const std::vector<SettingChoice>& choices) {
        for (const auto& choice : choices)
            add(choice.label);
    }
    void addRow(const SettingInfo& row) {
        for (const auto& text : {row.label, row.unit, row.help, row.group, row.allowed})
            add(text);
        if (row.range.leastMeans)
            add(row.range.leastMeans);
        add(row.choices);
    }
    template <class Rows>
    void addRows(const Rows& rows) {
        for (const auto& row : rows)
            addRow(row);
    }
    template <class List>
    void addTokens(const List& tokens) {
        for (const auto& token : tokens) {
            const auto& help = token.help.english();
            if (!token.help.values().empty())
                continue; // its pattern stands in the sources
            add(help);
            add(help.substr(0, help.find(','))); // what a note calls it
        }
    }
    template <class Saved>
    void addShipped(const std::vector<Saved>& all) {
        for (const auto& saved : all)
            if (saved.shipped) {
                add(saved.design.name);
                add(saved.notes);
            }
    }
    const std::set<std::string>& all() const { return m_all; }

private:
    std::set<std::string> m_all;
};

void addDesigns(Texts& out) {
    const std::filesystem::path none = "/nonexistent"; // only what comes with Keep Seal
    const auto seals = SealLibrary(none).all();
    out.addShipped(seals);
    for (const auto& saved : seals)
        for (const auto& part : saved.design.parts)
            out.add(part.name);
    out.addShipped(BorderLibrary(none).all());
    out.addShipped(SheetLibrary(none).all());
    const auto deliveries = DeliveryLibrary(none).all();
    out.addShipped(deliveries);
    for (const auto& saved : deliveries)
        for (const auto& text :
             {saved.design.notes, saved.design.border.name, saved.design.seal.name, saved.design.rights.name})
            out.add(text);
}

void addSettings(Texts& out) {
    for (const auto& station : stations()) {
        out.add(station.label);
        out.add(station.help);
        out.addRows(station.settings);
    }
    out.addRows(ringSettings());
    out.addRows(captionSettings());
    for (const auto kind : {PartKind::Text, PartKind::Logo, PartKind::Shape, PartKind::Group})
        out.addRows(partSettings(kind));
    out.addRows(groupSettings());
    out.addRows(whoSettings());
    for (const auto& format : outputFormats()) {
        out.add(format.help);
        out.addRows(format.settings);
    }
}

void addWords(Texts& out) {
    for (const auto& field : metadataFields()) {
        for (const auto& text : {field.label, toLowerAscii(field.label), field.group, field.help})
            out.add(text);
        out.add(field.choices);
    }
    out.add(ruleActions());
    out.add(conditionKinds());
    out.addTokens(tokens());
    out.addTokens(nameTokens());
}

void addNames(Texts& out) {
    for (std::size_t i = 0; i < kNoteKinds; ++i) {
        out.add(rowOf(static_cast<NoteKind>(i)).sentence);
        out.add(rowOf(static_cast<NoteKind>(i)).remedy);
    }
    for (int i = 0; i <= static_cast<int>(Category::Technical); ++i) {
        out.add(labelOf(static_cast<Category>(i)));
        out.add(toLowerAscii(labelOf(static_cast<Category>(i))));
    }
    for (const auto attack : kAttacks)
        out.add(nameOf(attack));
}

} // namespace

std::string textsOfTables(std::set<std::string> others) {
    Texts out;
    addSettings(out);
    addWords(out);
    addNames(out);
    addDesigns(out);
    others.insert(out.all().begin(), out.all().end());
    return nlohmann::json(others).dump(1) + "\n";
}

} // namespace keepseal::cli
