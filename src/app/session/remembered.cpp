// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "session/remembered.h"

#include "base/files.h"
#include "base/own_folders.h"
#include "delivery/json.h"
#include "library/keys.h"
#include "library/shelf.h"

#include <set>

namespace keepseal::app {
namespace {

namespace fs = std::filesystem;

fs::path rememberedFolder() {
    return configFolder() / "deliveries";
}
fs::path rememberedFile(int number) {
    return rememberedFolder() / (std::to_string(number) + ".json");
}

/// Of those that are there, in order.
std::set<int> numbers() {
    std::set<int> out;
    std::error_code error;
    for (fs::directory_iterator it(rememberedFolder(), error), end; !error && it != end;
         it.increment(error)) {
        const auto stem = it->path().stem().string();
        if (it->path().extension() == ".json" && !stem.empty() && stem.size() < 6 &&
            stem.find_first_not_of("0123456789") == std::string::npos)
            out.insert(std::stoi(stem));
    }
    return out;
}

} // namespace

std::optional<FileLock> lockRemembered() {
    try {
        makeFolder(stateFolder());
    } catch (const Problem&) {
        return std::nullopt; // nothing can be kept there, and the first who tries to says so
    }
    return FileLock::take(stateFolder() / "remembered.lock");
}

std::vector<RememberedDelivery> rememberedDeliveries(std::vector<Problem>* problems) {
    std::vector<RememberedDelivery> out;
    const DeliveryLibrary library;
    for (const int number : numbers()) {
        try {
            out.push_back({loadDelivery(rememberedFile(number)), std::nullopt});
            // So that a card still says what was changed since it was kept.
            if (const auto saved = library.find(out.back().delivery.name))
                out.back().kept = saved->design;
        } catch (const Problem& problem) {
            moveAside(rememberedFile(number), rememberedFolder() / "set-aside", std::to_string(number));
            if (problems)
                problems->emplace_back(problem.kind, (rememberedFolder() / "set-aside").string(),
                                       Saying("a delivery of last time can't be read: {happened}",
                                              {{"happened", problem.happened}}),
                                       "Its file was set aside there; a newer Keep Seal may be able to "
                                       "read it");
        }
    }
    return out;
}

void rememberDeliveries(const std::vector<Delivery>& deliveries) {
    int number = 0;
    for (const auto& delivery : deliveries)
        saveDelivery(delivery, rememberedFile(++number));
    std::error_code error;
    for (const int other : numbers())
        if (other > number)
            fs::remove(rememberedFile(other), error);
}

} // namespace keepseal::app
