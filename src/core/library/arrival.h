// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What somebody else's zip of designs would bring, read and checked before any of it is kept: shown to the
// person first, then taken in. Nothing that is here is replaced, and no zip opens the place.
#pragma once

#include "delivery/delivery.h"
#include "library/archive.h"
#include "library/seal_library.h"

namespace keepseal {

struct Arriving {
    std::string name;    ///< in the zip
    std::string becomes; ///< its name here: another one where that is taken
};

struct Arrival {
    std::filesystem::path zip;
    std::vector<Delivery>
        deliveries; ///< named as they would be here; their place is closed, their folder empty
    std::optional<SavedSeal> seal;
    std::vector<Arriving> designs;
    std::vector<std::string> logos, typefaces, profiles; ///< files that come along; logos as in the zip
    std::vector<std::string> wantThePlace; ///< deliveries that asked for the place to be told, as named here
    ZipFiles files;
};

/// One seal: seal.json, logos/, fonts/. At most 64 MB and 100 entries; names that lead out of it, logos and
/// designs that can't be read and files past base/json_text.h's limits are refused.
/// Throws Problem(BadFile | BadSetting | TooLarge | Refused | ...).
Arrival sharedSeal(const SealLibrary& library, const std::filesystem::path& zip);
/// Deliveries: see exportDeliveries(). `taken`: names that are not free. At most 200 entries; throws the
/// same.
Arrival sharedDeliveries(const std::filesystem::path& zip, const std::vector<std::string>& taken);

/// Its logos, typefaces and profiles as kept in the library's folder, its designs pointing there. A typeface
/// of a family that is here already is not taken: `typefacesLeft` names it. Throws Problem(CannotWrite |
/// ...).
struct TakenIn {
    std::vector<Delivery> deliveries;
    std::optional<SavedSeal> seal; ///< in the library
    std::vector<std::string> typefacesLeft;
};
TakenIn takeIn(const SealLibrary& library, Arrival arrival);

/// The place stays out of what came from a file, whatever the file says: a person opens it here, as always.
/// Whether it had to be closed.
bool closePlace(PrivacyRules& rules);

/// The name itself, or with the first number that makes it free.
std::string freeName(const std::string& name, const std::vector<std::string>& taken);

} // namespace keepseal
