// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include "cli/border_commands.h"
#include "cli/library_commands.h"
#include "cli/print.h"
#include "cli/seal_commands.h"
#include "cli/word_commands.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/file_names.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "geometry/fit.h"
#include "privacy/report.h"
#include "render/ahead.h"
#include "render/encode.h"
#include "seal/design_json.h"

#include <algorithm>
#include <iostream>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

} // namespace

std::vector<Delivery> readDeliveries(const DeliveryOptions& options, const std::string& out) {
    std::vector<Delivery> deliveries;
    for (const auto& file : options.files)
        deliveries.push_back(namedDelivery(file));
    if (deliveries.empty())
        deliveries.emplace_back();
    for (auto& delivery : deliveries) {
        if (!options.border.empty())
            delivery.border = namedBorder(options.border);
        if (!options.sheet.empty())
            delivery.rights = namedSheet(options.sheet);
        if (!options.seal.empty())
            delivery.seal = namedSeal(options.seal);
        for (const auto& assignment : options.assignments)
            assign(delivery, assignment);
        requireWorded(delivery.privacy, "privacy.");
        if (!out.empty())
            delivery.place.folder = out;
        delivery.place.strict = delivery.place.strict || options.strict;
    }
    return deliveries;
}

WhoYouAre whoOf(const DeliveryOptions& options, const std::optional<WhoYouAre>& job) {
    if (!options.who.empty())
        return whoFromJson(readJsonFile(options.who), options.who);
    return job ? *job : loadWho();
}

std::vector<Delivery> deliveriesAsMade(const DeliveryOptions& options, const std::string& out) {
    const auto who = whoOf(options);
    auto deliveries = readDeliveries(options, out);
    for (auto& delivery : deliveries)
        delivery = anchored(withWho(std::move(delivery), who), fs::current_path());
    return deliveries;
}

void printOthers(const Gathered& gathered) {
    for (const auto& met : gathered.others)
        if (met.named || severityOf(met.note) >= Severity::WorthALook)
            std::cerr << Saying(severityOf(met.note) >= Severity::WorthALook ? toSay("look: {sentence}")
                                                                             : toSay("note: {sentence}"),
                                {{"sentence", shown(met.path) + ": " + shown(wholeSentenceOf(met.note))}})
                             .said()
                      << "\n";
    const auto kinds = countByKind(gathered.others);
    if (kinds.empty())
        return;
    std::vector<std::string> counts;
    for (const auto& [kind, count] : kinds)
        counts.push_back(asText(count) + " " + (rowOf(kind).key + 4)); // without "met-"
    std::cerr << Saying("Not among the originals: {counts}", {{"counts", saidTogether(counts)}}).said()
              << "\n";
}

json othersJson(const Gathered& gathered) {
    json out = {{"files", json::array()}, {"counts", json::object()}};
    for (const auto& met : gathered.others) {
        json row = met.note;
        row["path"] = met.path.string();
        out["files"].push_back(std::move(row));
    }
    for (const auto& [kind, count] : countByKind(gathered.others))
        out["counts"][rowOf(kind).key] = count;
    return out;
}

bool fails(const Gathered& gathered, bool strict) {
    const bool nothing = gathered.files.empty();
    return nothing || gathered.misses() ||
           (strict && std::any_of(gathered.others.begin(), gathered.others.end(),
                                  [](const Met& met) { return met.note.kind != NoteKind::MetSidecar; }));
}

int runWho(const WhoOptions& options) {
    auto who = loadWho();
    for (const auto& assignment : options.assignments) {
        const auto equals = assignment.find('=');
        const auto* setting = rowOf(whoSettings(), assignment.substr(0, equals));
        if (!setting || equals == std::string::npos)
            throw Problem(ProblemKind::BadSetting, assignment, "this says nothing of who you are",
                          "One of studio, creator, link, contact, emblem, emblem_dark, then = and the words");
        const auto value = parseValue(*setting, setting->key, assignment.substr(equals + 1));
        setting->set(who, setting->kind == SettingKind::File && !std::get<std::string>(value).empty() &&
                                  !std::get<std::string>(value).starts_with("shipped:")
                              ? SettingValue(fs::absolute(std::get<std::string>(value)).string())
                              : value);
    }
    if (!options.assignments.empty())
        saveWho(who);
    if (options.json)
        std::cout << toJson(who).dump(2, ' ', false, json::error_handler_t::replace) << "\n";
    else
        for (const auto& setting : whoSettings()) {
            const auto text = std::get<std::string>(setting.get(who));
            std::cout << setting.key << " = " << (text.empty() ? said("(not said yet)") : shown(text))
                      << "\n";
        }
    return kDone;
}

int runProof(const ProofOptions& options) {
    if (toLowerAscii(fs::path(options.output).extension().string()) != ".png")
        throw Problem(ProblemKind::BadSetting, "output",
                      Saying("\"{file}\" does not end in .png", {{"file", options.output}}),
                      "A proof is saved as a PNG");
    const auto delivery = deliveriesAsMade(options.delivery, {}).front();
    const Original original{fs::path(options.picture)};
    const auto facts = shownFacts(readFacts(original, options.picture), delivery);
    const auto metadata = readMetadata(original.path(), inspect(original));
    const auto chain = planChain(delivery, facts.size, {}, facts.pixelsPerMm);
    const PictureException exception;
    const CopyAsked asked{original.path(), facts, metadata, delivery, exception, chain};
    const auto ahead = lookAhead(asked);
    Size size = chain.sizes.whole;
    if (options.size > 0)
        size = fitLongSide(size, options.size);
    auto notes = ahead.notes;
    const auto stages = stagesOf(asked, ahead.words->facts, size);
    Frame frame = stages.base.made(original, facts, &notes);
    stages.finish.on(frame);
    addNotes(notes, stages.frame.on(frame).notes);
    addNotes(notes, stages.seal.on(frame, ahead.prepared).notes);
    writeNewFile(options.output, encodePng(screenStage(delivery.file).on(frame)));
    printNotes(std::cerr, notes);
    std::cout << options.output << "  " << size.width << " x " << size.height << "\n";
    return kDone;
}

void listTokens() {
    std::cout << said("In seals, captions and rights sheets:") << "\n";
    for (const auto& token : tokens())
        std::cout << "  {" << token.key << "}  " << token.help.said() << "\n";
    std::cout << said("In names and folders also:") << "\n";
    for (const auto& token : nameTokens())
        if (!isToken(token.key))
            std::cout << "  {" << token.key << "}  " << token.help.said() << "\n";
}

/// Everything that can be said of a picture or a copy.
void listNotes() {
    static constexpr const char* severities[] = {toSay("a fact"), toSay("worth a look"),
                                                 toSay("holds the copy back")};
    for (std::size_t i = 0; i < kNoteKinds; ++i) {
        const auto& row = rowOf(static_cast<NoteKind>(i));
        std::cout << row.key << "  (" << said(severities[static_cast<int>(row.severity)])
                  << (row.station ? std::string(", ") + keyOf(*row.station) : "") << ")\n    "
                  << said(row.sentence) << "\n";
    }
}

int runSettings(const SettingsOptions& options) {
    if (options.tokens)
        listTokens();
    else if (options.notes)
        listNotes();
    else if (options.markdown)
        std::cout << settingsReference();
    else if (options.schema)
        std::cout << deliverySchema().dump(2) << "\n";
    else if (options.sheetSchema)
        std::cout << sheetFileSchema().dump(2) << "\n";
    else if (options.fields)
        std::cout << fieldsReference();
    else if (options.sealSchema)
        std::cout << sealSchema().dump(2) << "\n";
    else if (options.borderSchema)
        std::cout << borderSchema().dump(2) << "\n";
    else if (options.defaults)
        std::cout << toJson(Delivery{}).dump(2) << "\n";
    else
        for (const auto& s : stations())
            for (const auto& setting : s.settings)
                std::cout << s.key << "." << setting.key << "  ("
                          << Saying("{allowed}; default {value}",
                                    {{"allowed", allowedText(setting).said()},
                                     {"value", displayText(setting, setting.get(Delivery{}))}})
                                 .said()
                          << ")\n    " << setting.help << "\n";
    return kDone;
}

} // namespace keepseal::cli
