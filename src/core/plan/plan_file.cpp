// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/plan_file.h"

#include "base/files.h"
#include "base/json_text.h"
#include "base/text.h"
#include "plan/disk.h"
#include "plan/plan_json.h"

#include <algorithm>
#include <charconv>
#include <fstream>
#include <set>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr const char* kFormat = "keep-seal/plan";
constexpr int kVersion = 1;
constexpr std::size_t kMostParts = 100'000;

std::string planLineOf(const json& value) {
    return value.dump(-1, ' ', false, json::error_handler_t::replace) + "\n";
}

std::optional<std::size_t> partNumber(std::string_view text) {
    std::size_t out = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), out);
    return error == std::errc() && end == text.data() + text.size() ? std::optional(out) : std::nullopt;
}

/// The same settings, logos and profiles make the same copies, and another version may not.
void requireAsPlanned(const json& head, const Plan& plan, const fs::path& file) {
    if (const auto program = head.at("program").get<std::string>(); program != KEEPSEAL_VERSION)
        throw Problem(ProblemKind::Changed, file.string(),
                      Saying("it was planned by version {program}, and this is {current}",
                             {{"program", program}, {"current", KEEPSEAL_VERSION}}),
                      "Use the same version for all parts, or plan anew");
    DiskSnapshot disk;
    for (std::size_t d = 0; d < plan.deliveries.size(); ++d)
        if (settingsDigest(plan.deliveries[d], disk) != plan.digests[d])
            throw Problem(ProblemKind::Changed, plan.deliveries[d].name,
                          "a file that it uses (a logo, a profile) is not here as it was when the plan was "
                          "saved",
                          "Bring that file back under its path, or plan anew");
}

/// Line after line: a plan of a million pictures is never in memory as a whole.
class PlanReader {
public:
    PlanReader(const fs::path& file, const PlanPart& part) : m_file(file), m_part(part), m_lines(file) {}

    Plan read() {
        std::string line;
        if (!m_lines || !std::getline(m_lines, line))
            throw Problem(fs::exists(m_file) ? ProblemKind::CannotRead : ProblemKind::NotFound,
                          m_file.string(), "there is no plan that can be read");
        try {
            readHead(json::parse(line));
            while (std::getline(m_lines, line))
                readOriginal(json::parse(line));
        } catch (const json::exception& error) {
            throw Problem(ProblemKind::BadFile, m_file.string(),
                          Saying("this is no plan: {reason}", {{"reason", error.what()}}));
        }
        if (m_seen != m_originals)
            throw Problem(ProblemKind::BadFile, m_file.string(), "the plan is not whole", "Plan anew");
        std::stable_sort(m_plan.copies.begin(), m_plan.copies.end(),
                         [](const auto& a, const auto& b) { return a.delivery < b.delivery; });
        m_plan.otherFolders.assign(m_folders.begin(), m_folders.end());
        return std::move(m_plan);
    }

private:
    void readHead(const json& head) {
        if (head.at("format") != kFormat || versionIn(head) - 1 >= kVersion)
            throw Problem(ProblemKind::BadFile, m_file.string(), "this is no plan this version can read");
        m_plan = planHeadFromJson(head.at("plan"), m_file.string());
        m_plan.digests = head.at("digests").get<std::vector<std::string>>();
        m_originals = head.at("originals").get<std::size_t>();
        if (m_plan.digests.size() != m_plan.deliveries.size())
            throw Problem(ProblemKind::BadFile, m_file.string(), "the plan's deliveries are not whole");
        requireAsPlanned(head, m_plan, m_file);
    }

    void readOriginal(const json& line) {
        const auto index = m_seen++;
        if (!m_part.has(index)) {
            const auto path = pathFromJson(line.at("original").at("path"));
            m_folders.insert(path.parent_path());
            return;
        }
        addOriginal(m_plan, line.at("original"));
        for (auto copy : line.at("copies")) {
            copy.at("of").at(0) = m_plan.originals.size() - 1;
            addCopy(m_plan, copy, m_file.string());
        }
    }

    const fs::path& m_file;
    PlanPart m_part;
    std::ifstream m_lines;
    Plan m_plan;
    std::set<fs::path> m_folders;
    std::size_t m_originals = 0, m_seen = 0;
};

} // namespace

std::optional<PlanPart> planPartOf(const std::string& text) {
    const auto slash = text.find('/');
    if (slash == std::string::npos)
        return std::nullopt;
    const auto number = partNumber(std::string_view(text).substr(0, slash)),
               count = partNumber(std::string_view(text).substr(slash + 1));
    if (!number || !count || *number < 1 || *number > *count || *count > kMostParts)
        return std::nullopt;
    return PlanPart{*number, *count};
}

void savePlan(const Plan& plan, const fs::path& file) {
    std::vector<std::vector<std::size_t>> copiesOf(plan.originals.size());
    for (std::size_t i = 0; i < plan.copies.size(); ++i)
        copiesOf[plan.copies[i].original].push_back(i);
    auto text = planLineOf({{"format", kFormat},
                            {"version", kVersion},
                            {"program", KEEPSEAL_VERSION},
                            {"made", utcNow()},
                            {"originals", plan.originals.size()},
                            {"digests", plan.digests},
                            {"plan", headToJson(plan)}});
    for (std::size_t i = 0; i < plan.originals.size(); ++i) {
        json copies = json::array();
        for (const auto copy : copiesOf[i])
            copies.push_back(toJson(plan.copies[copy]));
        text += planLineOf({{"original", originalToJson(plan, i)}, {"copies", std::move(copies)}});
    }
    writeNewFile(file, {reinterpret_cast<const std::uint8_t*>(text.data()), text.size()});
}

Plan loadPlan(const fs::path& file, const PlanPart& part) {
    return PlanReader(file, part).read();
}

} // namespace keepseal
