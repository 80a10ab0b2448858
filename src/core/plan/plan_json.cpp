// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/plan_json.h"

#include "base/files.h"
#include "delivery/json.h"

#include <algorithm>

namespace keepseal {

using nlohmann::json;

json toJson(const Plan& plan) {
    json out = {{"originals", json::array()},
                {"deliveries", json::array()},
                {"copies", json::array()},
                {"job_name", plan.jobName}};
    for (std::size_t i = 0; i < plan.originals.size(); ++i) {
        const auto& id = plan.identities[i];
        json original = {{"path", pathToJson(plan.originals[i])},
                         {"identity", {id.device, id.inode, id.size, id.modifiedNs}}};
        if (!plan.exceptions[i].empty())
            original["exception"] = toJson(plan.exceptions[i]);
        out["originals"].push_back(std::move(original));
    }
    for (std::size_t d = 0; d < plan.deliveries.size(); ++d)
        out["deliveries"].push_back({{"delivery", toJson(plan.deliveries[d])},
                                     {"root", pathToJson(plan.roots[d])},
                                     {"number", plan.numbers[d]}});
    for (const auto& copy : plan.copies) {
        json saved = {{"of", {copy.original, copy.delivery, copy.format, copy.page}},
                      {"target", pathToJson(copy.target)},
                      {"inside", pathToJson(copy.inside)},
                      {"outcome", static_cast<int>(copy.outcome)},
                      {"digest", copy.settingsDigest}};
        if (!copy.notes.empty())
            saved["notes"] = toJson(copy.notes);
        if (copy.replaces)
            saved["replaces"] = {copy.replaces->device, copy.replaces->inode, copy.replaces->size,
                                 copy.replaces->modifiedNs};
        out["copies"].push_back(std::move(saved));
    }
    return out;
}

namespace {

FileIdentity identityFromJson(const json& saved) {
    return {saved.at(0).get<std::uint64_t>(), saved.at(1).get<std::uint64_t>(),
            saved.at(2).get<std::uint64_t>(), saved.at(3).get<std::int64_t>()};
}

/// Older journals hold a number.
std::string formatFromJson(const json& saved) {
    static constexpr const char* numbered[] = {"", "jpeg", "png", "tiff", "webp"};
    if (!saved.is_number_integer())
        return saved.get<std::string>();
    const auto number = saved.get<std::size_t>();
    return number < std::size(numbered) ? numbered[number] : "";
}

} // namespace

Plan planFromJson(const json& in, const std::string& subject) {
    Plan plan;
    plan.jobName = in.value("job_name", std::string{});
    for (const auto& original : in.at("originals")) {
        plan.originals.push_back(pathFromJson(original.at("path")));
        plan.identities.push_back(identityFromJson(original.at("identity")));
        const auto exception = original.find("exception");
        plan.exceptions.push_back(exception == original.end()
                                      ? PictureException{}
                                      : pictureExceptionFromJson(*exception, "exception."));
    }
    for (const auto& delivery : in.at("deliveries")) {
        plan.deliveries.push_back(deliveryFromJson(delivery.at("delivery"), subject));
        plan.roots.push_back(pathFromJson(delivery.at("root")));
        plan.numbers.push_back(delivery.value("number", std::uint64_t{0}));
    }
    for (const auto& saved : in.at("copies")) {
        PlannedCopy copy;
        copy.original = saved.at("of").at(0).get<std::size_t>();
        copy.delivery = saved.at("of").at(1).get<std::size_t>();

        const int outcome = saved.at("outcome").get<int>();
        if (copy.original >= plan.originals.size() || copy.delivery >= plan.deliveries.size() ||
            outcome < 0 || outcome > static_cast<int>(Outcome::HeldBack))
            throw Problem(ProblemKind::BadFile, subject, "a copy in the plan belongs to nothing");
        copy.format = formatFromJson(saved.at("of").at(2));
        copy.page =
            saved.at("of").size() > 3 ? std::clamp(saved.at("of").at(3).get<int>(), 0, kMostPages) : 0;
        if (!plan.deliveries[copy.delivery].file.has(copy.format))
            throw Problem(ProblemKind::BadFile, subject,
                          "a copy in the plan has a format its delivery does not make");
        copy.outcome = static_cast<Outcome>(outcome);
        copy.target = pathFromJson(saved.at("target"));
        copy.inside = pathFromJson(saved.at("inside"));
        copy.settingsDigest = saved.at("digest").get<std::string>();
        if (const auto notes = saved.find("notes"); notes != saved.end())
            copy.notes = notesFromJson(*notes);
        if (const auto replaces = saved.find("replaces"); replaces != saved.end())
            copy.replaces = identityFromJson(*replaces);
        plan.copies.push_back(std::move(copy));
    }
    return plan;
}

} // namespace keepseal
