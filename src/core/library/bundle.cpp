// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/bundle.h"

#include "base/fingerprint.h"
#include "base/setting_json.h"
#include "base/text.h"
#include "delivery/json.h"
#include "library/pack.h"
#include "picture/colour_space.h"

#include <algorithm>

namespace keepseal {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

constexpr std::uint64_t kMaxZip = 64ULL << 20;
constexpr std::size_t kMaxZipFiles = 200;

std::string entryName(std::size_t number) {
    return "delivery-" + std::to_string(number + 1) + ".json";
}

json parsed(const Bytes& bytes, const fs::path& zip, const std::string& name) {
    try {
        return json::parse(bytes.begin(), bytes.end());
    } catch (const json::exception&) {
        throw Problem(ProblemKind::BadFile, zip.string(), "its " + name + " is no valid JSON");
    }
}

void unpackProfile(Delivery& delivery, const ZipFiles& files, const fs::path& folder, const fs::path& zip) {
    auto& profile = delivery.file.profile;
    if (profile.empty())
        return;
    const auto found = files.find(profile);
    if (found == files.end())
        throw Problem(ProblemKind::Refused, zip.string(),
                      "its colour profile \"" + printable(profile) + "\" is not in it",
                      "Ask for the file again from where it came");
    readProfile(MemorySource(found->second), profile); // throws when it is none
    const auto kept =
        folder / "profiles" / (fingerprint(ByteSpan(found->second)).substr(0, 12) + "-" + plainName(profile));
    writeBytes(kept, found->second);
    profile = kept.string();
}

} // namespace

void exportDeliveries(const std::vector<Delivery>& deliveries, const fs::path& zip, const fs::path& base) {
    ZipFiles files;
    for (std::size_t i = 0; i < deliveries.size(); ++i) {
        auto shared = deliveries[i];
        shared.place.folder.clear();
        packLogos(shared.seal, files);
        auto families = familiesOf(shared.seal);
        families.insert(shared.border.caption.family);
        packTypefaces(families, files);
        if (shared.file.colour != ColourOut::Profile)
            shared.file.profile.clear();
        if (!shared.file.profile.empty())
            shared.file.profile = packFile("profiles/", anchored(shared, base).file.profile, files);
        const auto text = toJson(shared).dump(2) + "\n";
        files[entryName(i)] = Bytes(text.begin(), text.end());
    }
    writeZip(zip, files);
}

std::vector<Delivery> importDeliveries(const SealLibrary& library, const fs::path& zip) {
    const auto files = readZip(zip, kMaxZip, kMaxZipFiles);
    std::vector<Delivery> out;
    for (std::size_t i = 0; files.contains(entryName(i)); ++i)
        out.push_back(namingFile(zip.string(), [&] {
            return deliveryFromJson(parsed(files.at(entryName(i)), zip, entryName(i)), entryName(i));
        }));
    if (out.empty())
        throw Problem(ProblemKind::BadFile, zip.string(), "there is no delivery in it",
                      "Shared deliveries hold delivery-1.json");
    for (auto& delivery : out) {
        delivery.place.folder.clear();
        unpackLogos(delivery.seal, files, library.folder(), zip);
        unpackProfile(delivery, files, library.folder(), zip);
    }
    unpackTypefaces(files, library.folder());
    return out;
}

} // namespace keepseal
