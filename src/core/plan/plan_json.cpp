// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/plan_json.h"

#include "base/files.h"
#include "delivery/json.h"

#include <algorithm>

namespace keepseal {

using nlohmann::json;

json headToJson(const Plan& plan) {
    json out = {{"deliveries", json::array()}, {"job_name", plan.jobName}};
    for (std::size_t d = 0; d < plan.deliveries.size(); ++d)
        out["deliveries"].push_back({{"delivery", toJson(plan.deliveries[d])},
                                     {"root", pathToJson(plan.roots[d])},
                                     {"number", plan.numbers[d]}});
    for (const auto& folder : plan.otherFolders)
        out["other_folders"].push_back(pathToJson(folder));
    return out;
}

json originalToJson(const Plan& plan, std::size_t i) {
    const auto& id = plan.identities[i];
    json out = {{"path", pathToJson(plan.originals[i])},
                {"identity", {id.device, id.inode, id.size, id.modifiedNs}}};
    if (!plan.exceptions[i].empty())
        out["exception"] = toJson(plan.exceptions[i]);
    return out;
}

json toJson(const PlannedCopy& copy) {
    json out = {{"of", {copy.original, copy.delivery, copy.format, copy.page}},
                {"target", pathToJson(copy.target)},
                {"inside", pathToJson(copy.inside)},
                {"outcome", static_cast<int>(copy.outcome)},
                {"digest", copy.settingsDigest}};
    if (!copy.sendTo.empty())
        out["send_to"] = copy.sendTo;
    if (!copy.notes.empty())
        out["notes"] = toJson(copy.notes);
    if (copy.replaces)
        out["replaces"] = {copy.replaces->device, copy.replaces->inode, copy.replaces->size,
                           copy.replaces->modifiedNs};
    return out;
}

json toJson(const Plan& plan) {
    auto out = headToJson(plan);
    out["originals"] = json::array();
    out["copies"] = json::array();
    for (std::size_t i = 0; i < plan.originals.size(); ++i)
        out["originals"].push_back(originalToJson(plan, i));
    for (const auto& copy : plan.copies)
        out["copies"].push_back(toJson(copy));
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

Plan planHeadFromJson(const json& in, const std::string& subject) {
    Plan plan;
    plan.jobName = in.value("job_name", std::string{});
    for (const auto& delivery : in.at("deliveries")) {
        plan.deliveries.push_back(deliveryFromJson(delivery.at("delivery"), subject));
        plan.roots.push_back(pathFromJson(delivery.at("root")));
        plan.numbers.push_back(delivery.value("number", std::uint64_t{0}));
    }
    if (const auto folders = in.find("other_folders"); folders != in.end())
        for (const auto& folder : *folders)
            plan.otherFolders.push_back(pathFromJson(folder));
    return plan;
}

void addOriginal(Plan& plan, const json& in) {
    plan.originals.push_back(pathFromJson(in.at("path")));
    plan.identities.push_back(identityFromJson(in.at("identity")));
    const auto exception = in.find("exception");
    plan.exceptions.push_back(exception == in.end() ? PictureException{}
                                                    : pictureExceptionFromJson(*exception, "exception."));
}

void addCopy(Plan& plan, const json& in, const std::string& subject) {
    PlannedCopy copy;
    const auto& of = in.at("of");
    copy.original = of.at(0).get<std::size_t>();
    copy.delivery = of.at(1).get<std::size_t>();
    const int outcome = in.at("outcome").get<int>();
    if (copy.original >= plan.originals.size() || copy.delivery >= plan.deliveries.size() || outcome < 0 ||
        outcome > static_cast<int>(Outcome::HeldBack))
        throw Problem(ProblemKind::BadFile, subject, "a copy in the plan belongs to nothing");
    copy.format = formatFromJson(of.at(2));
    copy.page = of.size() > 3 ? std::clamp(of.at(3).get<int>(), 0, kMostPages) : 0;
    if (!plan.deliveries[copy.delivery].file.has(copy.format))
        throw Problem(ProblemKind::BadFile, subject,
                      "a copy in the plan has a format its delivery does not make");
    copy.outcome = static_cast<Outcome>(outcome);
    copy.target = pathFromJson(in.at("target"));
    copy.inside = pathFromJson(in.at("inside"));
    copy.settingsDigest = in.at("digest").get<std::string>();
    copy.sendTo = in.value("send_to", std::string{});
    if (const auto notes = in.find("notes"); notes != in.end())
        copy.notes = notesFromJson(*notes);
    if (const auto replaces = in.find("replaces"); replaces != in.end())
        copy.replaces = identityFromJson(*replaces);
    plan.copies.push_back(std::move(copy));
}

Plan planFromJson(const json& in, const std::string& subject) {
    auto plan = planHeadFromJson(in, subject);
    for (const auto& original : in.at("originals"))
        addOriginal(plan, original);
    for (const auto& copy : in.at("copies"))
        addCopy(plan, copy, subject);
    return plan;
}

} // namespace keepseal
