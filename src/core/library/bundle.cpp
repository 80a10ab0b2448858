// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/bundle.h"

#include "delivery/json.h"
#include "library/pack.h"

namespace keepseal {
namespace {

namespace fs = std::filesystem;

} // namespace

void exportDeliveries(const std::vector<Delivery>& deliveries, const fs::path& zip, const fs::path& base) {
    ZipFiles files;
    for (std::size_t i = 0; i < deliveries.size(); ++i) {
        auto shared = deliveries[i];
        shared.place.folder.clear();
        shared.sending = {}; // a login is nobody else's
        packLogos(shared.seal, files);
        auto families = familiesOf(shared.seal);
        families.insert(shared.border.caption.family);
        packTypefaces(families, files);
        if (shared.file.colour != ColourOut::Profile)
            shared.file.profile.clear();
        if (!shared.file.profile.empty())
            shared.file.profile = packFile("profiles/", anchored(shared, base).file.profile, files);
        const auto text = toJson(shared).dump(2) + "\n";
        files[deliveryEntry(i)] = Bytes(text.begin(), text.end());
    }
    writeZip(zip, files);
}

} // namespace keepseal
