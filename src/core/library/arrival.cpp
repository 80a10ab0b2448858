// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/arrival.h"

#include "base/json_text.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/json.h"
#include "library/pack.h"
#include "picture/colour_space.h"
#include "seal/design_json.h"
#include "seal/logo_reading.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

constexpr std::uint64_t kMostZip = 64ULL << 20;
constexpr std::size_t kMostSealFiles = 100, kMostDeliveryFiles = 200, kMostTags = 50;
constexpr std::size_t kMostNotes = 4096;

std::string_view jsonIn(const Bytes& bytes) {
    return {reinterpret_cast<const char*>(bytes.data()), bytes.size()};
}

json parsed(const Arrival& arrival, const std::string& name) {
    return parseJson(jsonIn(arrival.files.at(name)), arrival.zip.string() + ": its " + name, kDesignLimits);
}

const Bytes& inZip(const Arrival& arrival, const std::string& name, const char* what) {
    const auto found = arrival.files.find(name);
    if (found == arrival.files.end()) // a path on the sharer's machine, or on ours: never followed
        throw Problem(
            ProblemKind::Refused, arrival.zip.string(),
            Saying("its {what} \"{name}\" is not in it", {{"what", what}, {"name", printable(name, 200)}}),
            "Ask for the file again from where it came");
    return found->second;
}

void addOnce(std::vector<std::string>& list, const std::string& name) {
    if (std::find(list.begin(), list.end(), name) == list.end())
        list.push_back(name);
}

/// Every logo is read once, where strangers' bytes are read.
void lookAtLogos(SealDesign& design, Arrival& arrival) {
    forEachLogo(design, [&arrival](const std::string& logo) {
        if (isShipped(logo))
            return logo;
        if (std::find(arrival.logos.begin(), arrival.logos.end(), logo) == arrival.logos.end())
            readLogoFile(MemorySource(inZip(arrival, logo, "logo")),
                         arrival.zip.string() + ": " + printable(logo, 200), 1);
        addOnce(arrival.logos, logo);
        return logo;
    });
}

void lookAtTypefaces(Arrival& arrival) {
    for (const auto& [name, bytes] : arrival.files)
        if (name.starts_with("fonts/"))
            addOnce(arrival.typefaces, plainName(name));
}

void keepLogos(SealDesign& design, const Arrival& arrival, const fs::path& folder) {
    forEachLogo(design, [&](const std::string& logo) {
        return isShipped(logo) ? logo
                               : keepBeside(folder / "logos", logo, inZip(arrival, logo, "logo")).string();
    });
}

} // namespace

bool closePlace(PrivacyRules& rules) {
    const bool open = rules.location == Stay::Keep;
    rules.location = Stay::Remove;
    rules.locationWords.clear();
    return open;
}

std::string freeName(const std::string& name, const std::vector<std::string>& taken) {
    auto out = name;
    for (int number = 2; std::find(taken.begin(), taken.end(), out) != taken.end(); ++number)
        out = name + " " + std::to_string(number);
    return out;
}

Arrival sharedSeal(const SealLibrary& library, const fs::path& zip) {
    Arrival out;
    out.zip = zip;
    out.files = readZip(zip, kMostZip, kMostSealFiles);
    if (!out.files.contains("seal.json"))
        throw Problem(ProblemKind::BadFile, zip.string(), "there is no seal in it",
                      "A shared seal holds seal.json");
    const auto document = parsed(out, "seal.json");
    SavedSeal seal;
    seal.design = namingFile(zip.string(), [&] { return sealFromDocument(document, zip.string()); });
    if (const auto notes = document.find("notes"); notes != document.end() && notes->is_string())
        seal.notes = cutUtf8(notes->get<std::string>(), kMostNotes);
    if (const auto tags = document.find("tags"); tags != document.end() && tags->is_array())
        for (const auto& tag : *tags)
            if (tag.is_string() && seal.tags.size() < kMostTags)
                seal.tags.push_back(tag.get<std::string>());
    for (const auto* key : {"notes", "tags"})
        seal.design.unknown.erase(key);
    const auto given = trimmed(seal.design.name).empty() ? zip.stem().string() : seal.design.name;
    std::vector<std::string> taken;
    for (const auto& known : library.all())
        taken.push_back(known.design.name);
    seal.design.name = freeName(given, taken);
    out.designs.push_back({given, seal.design.name});
    lookAtLogos(seal.design, out);
    lookAtTypefaces(out);
    out.seal = std::move(seal);
    return out;
}

Arrival sharedDeliveries(const fs::path& zip, const std::vector<std::string>& taken) {
    Arrival out;
    out.zip = zip;
    out.files = readZip(zip, kMostZip, kMostDeliveryFiles);
    auto names = taken;
    for (std::size_t i = 0; out.files.contains(deliveryEntry(i)); ++i) {
        auto delivery = namingFile(zip.string(), [&] {
            return deliveryFromJson(parsed(out, deliveryEntry(i)),
                                    zip.string() + ": its " + deliveryEntry(i));
        });
        const auto given = trimmed(delivery.name).empty() ? zip.stem().string() : delivery.name;
        delivery.name = freeName(given, names);
        names.push_back(delivery.name);
        out.designs.push_back({given, delivery.name});
        delivery.place.folder.clear();
        delivery.sending = {}; // whoever made it does not say where yours go
        if (closePlace(delivery.privacy))
            out.wantThePlace.push_back(delivery.name);
        lookAtLogos(delivery.seal, out);
        if (const auto& profile = delivery.file.profile; !profile.empty()) {
            readProfile(MemorySource(inZip(out, profile, "colour profile")), plainName(profile));
            addOnce(out.profiles, plainName(profile));
        }
        out.deliveries.push_back(std::move(delivery));
    }
    if (out.deliveries.empty())
        throw Problem(ProblemKind::BadFile, zip.string(), "there is no delivery in it",
                      "Shared deliveries hold delivery-1.json");
    lookAtTypefaces(out);
    return out;
}

TakenIn takeIn(const SealLibrary& library, Arrival arrival) {
    TakenIn out;
    for (auto& delivery : arrival.deliveries) {
        keepLogos(delivery.seal, arrival, library.folder());
        if (auto& profile = delivery.file.profile; !profile.empty())
            profile =
                keepBeside(library.folder() / "profiles", profile, inZip(arrival, profile, "colour profile"))
                    .string();
    }
    std::set<std::string> fresh;
    for (const auto& [name, bytes] : arrival.files)
        if (name.starts_with("fonts/"))
            keepTypeface(library.folder() / "fonts", name, bytes, fresh, out.typefacesLeft);
    if (arrival.seal) {
        keepLogos(arrival.seal->design, arrival, library.folder());
        out.seal = library.save(std::move(*arrival.seal));
    }
    out.deliveries = std::move(arrival.deliveries);
    return out;
}

} // namespace keepseal
