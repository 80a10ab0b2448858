// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What each library is to the command line.
#include "base/files.h"
#include "cli/border_commands.h"
#include "cli/library_commands.h"
#include "cli/print.h"
#include "cli/seal_commands.h"
#include "cli/shelves.h"
#include "cli/word_commands.h"
#include "delivery/json.h"
#include "library/arrival.h"
#include "library/bundle.h"
#include "library/shelf.h"
#include "rights/sheet_xmp.h"
#include "seal/design_json.h"

#include <iostream>

namespace keepseal::cli {
namespace {

namespace fs = std::filesystem;
using nlohmann::json;

json documentOf(const Delivery& delivery) {
    return toJson(delivery);
}
json documentOf(const BorderDesign& border) {
    return toDocument(border);
}
json documentOf(const RightsSheet& sheet) {
    return toDocument(sheet);
}

std::vector<std::string> tagsOf(const Delivery& delivery) {
    return delivery.tags;
}
template <class Design>
std::vector<std::string> tagsOf(const Design&) {
    return {};
}

/// Keys of another version or of the library, and whether it is switched on, make no other design.
json comparable(json document) {
    document.erase("on");
    document.erase("key");
    return document;
}

template <class Design>
ShelfRow rowOfSaved(const Saved<Design>& saved) {
    return {saved.key, saved.design.name, saved.notes, saved.shipped, tagsOf(saved.design)};
}

template <class Design>
ShelfItem itemOf(const Saved<Design>& saved) {
    ShelfItem out;
    out.name = saved.design.name;
    for (const auto& known : Shelf<Design>().all())
        if (!known.shipped && known.design.name == out.name) {
            out.there = rowOfSaved(known);
            out.same = comparable(documentOf(known.design)) == comparable(documentOf(saved.design));
        }
    out.save = [saved] { Shelf<Design>().save({{}, false, saved.design, saved.notes}); };
    return out;
}

template <class Design>
LibraryShelf plainShelf() {
    LibraryShelf out;
    out.all = [](std::vector<Problem>& problems) {
        std::vector<ShelfRow> rows;
        for (const auto& saved : Shelf<Design>().all(&problems))
            rows.push_back(rowOfSaved(saved));
        return rows;
    };
    out.remove = [](const std::string& key) { Shelf<Design>().remove(key); };
    out.restore = [](const std::string& key) { Shelf<Design>().restore(key); };
    return out;
}

void writeJson(const json& document, const std::string& file) {
    const auto text = document.dump(2) + "\n";
    writeNewFile(file, Bytes(text.begin(), text.end()));
}

ShelfRow rowOfSeal(const SavedSeal& seal) {
    return {seal.key, seal.design.name, seal.notes, seal.shipped, seal.tags};
}

void tellClosed(const Arrival& arrival) {
    for (const auto& name : arrival.wantThePlace)
        std::cerr
            << Saying(
                   "{name} asks that its copies tell where pictures were taken: it comes in with that closed",
                   {{"name", shown(name)}})
                   .said()
            << "\n";
}

void tellTypefaces(const TakenIn& taken) {
    for (const auto& family : taken.typefacesLeft)
        std::cerr << Saying("the typeface {family} is here already: yours stays", {{"family", shown(family)}})
                         .said()
                  << "\n";
}

SavedSeal savedSeal(const std::string& nameOrFile) {
    std::error_code error;
    if (fs::is_regular_file(nameOrFile, error))
        return loadSealFile(nameOrFile);
    if (auto seal = SealLibrary().findAsWritten(nameOrFile))
        return *seal;
    throw Problem(ProblemKind::NotFound, nameOrFile,
                  "there is no such seal file, and none of that name in the library",
                  "See 'keep-seal-cli seal list'");
}

} // namespace

LibraryShelf deliveryShelf() {
    auto out = plainShelf<Delivery>();
    out.several = "deliveries", out.exportsSeveral = true;
    out.keepHelp = "Put delivery files into your library";
    out.exportHelp = "Save as one zip with all they need";
    const auto item = [](const Delivery& delivery) {
        return itemOf(SavedDelivery{{}, false, delivery, delivery.notes});
    };
    out.show = [](const std::string& name) { return documentOf(namedDelivery(name)); };
    out.read = [item](const std::string& file) { return item(loadDelivery(file)); };
    out.exportTo = [](const std::vector<std::string>& names, const std::string& file) {
        std::vector<Delivery> chosen;
        for (const auto& name : names)
            chosen.push_back(namedDelivery(name));
        exportDeliveries(chosen, file, fs::current_path());
    };
    out.import = [item](const std::string& file) {
        const auto arrival = std::make_shared<Arrival>(sharedDeliveries(file, {}));
        tellClosed(*arrival);
        std::vector<ShelfItem> items;
        for (std::size_t i = 0; i < arrival->deliveries.size(); ++i) {
            items.push_back(item(arrival->deliveries[i]));
            // Logos and typefaces come with a delivery that is kept: none for one that is refused.
            items.back().save = [arrival, i] {
                auto one = *arrival;
                one.deliveries = {arrival->deliveries[i]};
                const auto in = takeIn(SealLibrary(), std::move(one));
                tellTypefaces(in);
                DeliveryLibrary().save({{}, false, in.deliveries.front(), in.deliveries.front().notes});
            };
        }
        return items;
    };
    return out;
}

LibraryShelf borderShelf() {
    auto out = plainShelf<BorderDesign>();
    out.several = "borders";
    out.keepHelp = "Put border files into your library";
    out.exportHelp = "Save as a border file";
    out.show = [](const std::string& name) { return documentOf(namedBorder(name)); };
    out.read = [](const std::string& file) { return itemOf(BorderLibrary::load(file)); };
    out.exportTo = [](const auto& names, const std::string& file) {
        writeJson(documentOf(namedBorder(names.front())), file);
    };
    out.import = [read = out.read](const std::string& file) { return std::vector{read(file)}; };
    return out;
}

LibraryShelf sheetShelf() {
    auto out = plainShelf<RightsSheet>();
    out.several = "sheets";
    out.keepHelp = "Put sheet files or XMP files into your library";
    out.exportHelp = "Save as a sheet file, or as plain XMP where the name ends in .xmp";
    out.show = [](const std::string& name) { return documentOf(namedSheet(name)); };
    out.read = [](const std::string& file) {
        return itemOf(fs::path(file).extension() == ".xmp" ? SavedSheet{{}, false, sheetFromXmp(file), {}}
                                                           : SheetLibrary::load(file));
    };
    out.exportTo = [](const auto& names, const std::string& file) {
        const auto sheet = namedSheet(names.front());
        if (fs::path(file).extension() != ".xmp")
            return writeJson(documentOf(sheet), file);
        const auto packet = sheetToXmp(sheet);
        writeNewFile(file, Bytes(packet.begin(), packet.end()));
    };
    out.import = [read = out.read](const std::string& file) { return std::vector{read(file)}; };
    return out;
}

LibraryShelf sealShelf() {
    LibraryShelf out;
    out.several = "seals";
    out.keepHelp = "Put seal files into your library";
    out.exportHelp = "Save as a zip with its logos and typefaces";
    out.all = [](std::vector<Problem>& problems) {
        std::vector<ShelfRow> rows;
        for (const auto& seal : SealLibrary().all(&problems))
            rows.push_back(rowOfSeal(seal));
        return rows;
    };
    out.show = [](const std::string& name) { return toJson(savedSeal(name)); };
    out.read = [](const std::string& file) {
        ShelfItem item;
        auto seal = loadSealFile(file);
        seal.key.clear();
        seal.shipped = false;
        item.name = seal.design.name;
        for (const auto& known : SealLibrary().all())
            if (!known.shipped && known.design.name == item.name) {
                item.there = rowOfSeal(known);
                item.same = known.design == seal.design;
                seal.key = known.key; // the older one is set aside under it
            }
        item.save = [seal] { SealLibrary().save(seal); };
        return item;
    };
    out.remove = [](const std::string& key) { SealLibrary().remove(key); };
    out.restore = [](const std::string& key) { SealLibrary().restore(key); };
    out.exportTo = [](const auto& names, const std::string& file) {
        exportSeal(savedSeal(names.front()), file);
    };
    // A shared seal takes a free name, as in the window: its logos come with it.
    out.import = [](const std::string& file) {
        const SealLibrary library;
        const auto arrival = std::make_shared<Arrival>(sharedSeal(library, file));
        ShelfItem item;
        item.name = arrival->seal->design.name;
        item.save = [arrival, library] { tellTypefaces(takeIn(library, *arrival)); };
        return std::vector{item};
    };
    return out;
}

} // namespace keepseal::cli
