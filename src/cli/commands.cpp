// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include "cli/border_commands.h"
#include "cli/library_commands.h"
#include "cli/seal_commands.h"
#include "cli/word_commands.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/text.h"
#include "delivery/json.h"
#include "delivery/stations.h"
#include "geometry/fit.h"
#include "privacy/report.h"
#include "render/encode.h"
#include "render/picture_words.h"
#include "seal/design_json.h"

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
    }
    return deliveries;
}

int runProof(const ProofOptions& options) {
    const auto delivery = readDeliveries(options.delivery, {}).front();
    const Original original{fs::path(options.picture)};
    const auto facts = readFacts(original, options.picture);
    const auto chain = planChain(delivery, facts.size, {}, facts.pixelsPerMm);
    Size size = chain.sizes.whole;
    if (options.size > 0)
        size = fitLongSide(size, options.size);
    std::string warning;
    Frame frame = renderBase(original, options.picture, facts, delivery, chain, size, &warning);
    finishPicture(delivery, chain, grainSeed(original.path()), frame);
    FinishContext context;
    context.facts =
        pictureWords(original.path(), readMetadata(original.path(), inspect(original)), facts.size, delivery)
            .facts;
    const auto finished = finishFrame(delivery, chain, frame, context);
    writeNewFile(options.output, encodePng(screenFrame(frame, delivery.file)));
    if (!warning.empty())
        std::cerr << "note: " << warning << "\n";
    for (const auto& text : finished.warnings(delivery))
        std::cerr << "note: " << text << "\n";
    std::cout << options.output << "  " << size.width << " x " << size.height << "\n";
    return kDone;
}

int runSettings(const SettingsOptions& options) {
    if (options.markdown)
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
                std::cout << s.key << "." << setting.key << "  (" << allowedText(setting) << "; default "
                          << displayText(setting, setting.get(Delivery{})) << ")\n    " << setting.help
                          << "\n";
    return kDone;
}

} // namespace keepseal::cli
