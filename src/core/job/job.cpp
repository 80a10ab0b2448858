// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "job/job.h"

#include "base/files.h"
#include "base/problem.h"
#include "base/setting_json.h"
#include "delivery/file_names.h"
#include "delivery/json.h"

#include <unordered_map>

namespace keepseal {
namespace {

using nlohmann::json;
namespace fs = std::filesystem;

constexpr const char* kJobFormat = "keep-seal/job";
constexpr int kJobVersion = 1;

json originalToJson(const JobOriginal& original, const fs::path& folder) {
    json out = {{"path", pathToJson(original.path)}};
    const auto relative = folder.empty() ? fs::path{} : original.path.lexically_relative(folder);
    if (!relative.empty() && *relative.begin() != "..")
        out["relative"] = pathToJson(relative);
    if (original.bytes > 0)
        out["bytes"] = original.bytes;
    if (!original.exception.empty())
        out["exception"] = toJson(original.exception);
    return out;
}

JobOriginal originalFromJson(const json& saved, const fs::path& folder) {
    JobOriginal out;
    out.path = pathFromJson(saved.at("path"));
    out.bytes = saved.value("bytes", std::uint64_t{0});
    if (const auto relative = saved.find("relative"); relative != saved.end() && !folder.empty()) {
        std::error_code error;
        const auto beside = (folder / pathFromJson(*relative)).lexically_normal();
        if (!fs::exists(out.path, error) && fs::exists(beside, error))
            out.path = beside;
    }
    if (const auto exception = saved.find("exception"); exception != saved.end())
        out.exception = pictureExceptionFromJson(*exception, "exception.");
    return out;
}

JobDelivery deliveryOf(const json& saved, const std::string& subject) {
    JobDelivery out;
    out.number = saved.value("number", std::uint64_t{0});
    out.delivery = deliveryFromJson(saved.at("delivery"), subject);
    out.inNextRun = saved.value("in_next_run", true);
    if (const auto file = saved.find("file"); file != saved.end())
        out.file = pathFromJson(*file);
    if (const auto kept = saved.find("kept"); kept != saved.end())
        out.kept = deliveryFromJson(*kept, subject);
    return out;
}

} // namespace

json toJson(const Job& job, const fs::path& folder) {
    json out = job.unknown.is_object() ? job.unknown : json::object();
    out["format"] = kJobFormat;
    out["version"] = kJobVersion;
    out["name"] = job.name;
    out["current"] = job.current;
    if (job.who)
        out["who"] = toJson(*job.who);
    if (!job.file.empty())
        out["file"] = pathToJson(job.file);
    out["originals"] = json::array();
    out["deliveries"] = json::array();
    for (const auto& original : job.originals)
        out["originals"].push_back(originalToJson(original, folder));
    for (const auto& item : job.deliveries) {
        json saved = {{"delivery", toJson(item.delivery)}, {"in_next_run", item.inNextRun}};
        if (item.number != 0)
            saved["number"] = item.number;
        if (!item.file.empty())
            saved["file"] = pathToJson(item.file);
        if (item.kept)
            saved["kept"] = toJson(*item.kept);
        out["deliveries"].push_back(std::move(saved));
    }
    return out;
}

Job jobFromJson(const json& document, const std::string& subject, const fs::path& folder) {
    requireFormat(document, subject, kJobFormat, kJobVersion, "job");
    try {
        Job job;
        job.name = document.value("name", std::string{});
        for (const auto& saved : document.value("originals", json::array()))
            job.originals.push_back(originalFromJson(saved, folder));
        for (const auto& saved : document.value("deliveries", json::array()))
            job.deliveries.push_back(deliveryOf(saved, subject));
        job.current = document.value("current", std::size_t{0});
        if (job.current >= job.deliveries.size())
            job.current = 0;
        if (const auto who = document.find("who"); who != document.end())
            job.who = whoFromJson(*who, subject);
        if (const auto file = document.find("file"); file != document.end())
            job.file = pathFromJson(*file);
        job.unknown = document;
        for (const auto* key : {"originals", "deliveries", "file"})
            job.unknown.erase(key);
        return job;
    } catch (const json::exception& error) {
        throw Problem(ProblemKind::BadFile, subject,
                      Saying("this is no job: {reason}", {{"reason", error.what()}}));
    }
}

bool isJobFile(const fs::path& file) {
    try {
        const auto document = readJsonFile(file);
        return document.is_object() && document.value("format", json()) == kJobFormat;
    } catch (const Problem&) {
        return false;
    }
}

Job loadJob(const fs::path& file) {
    return namingFile(file.string(),
                      [&] { return jobFromJson(readJsonFile(file), file.string(), file.parent_path()); });
}

void saveJob(const Job& job, const fs::path& file, const Untouchable& untouchable) {
    writeNamedFile(file,
                   toJson(job, file.parent_path()).dump(1, ' ', false, json::error_handler_t::replace) + "\n",
                   untouchable);
}

std::map<fs::path, fs::path> findAgain(const std::vector<Missing>& missing, const fs::path& folder) {
    std::unordered_map<std::string, std::vector<fs::path>> there;
    std::error_code error;
    constexpr auto options = fs::directory_options::skip_permission_denied; // and links are not followed
    for (fs::recursive_directory_iterator it(folder, options, error), end; !error && it != end;
         it.increment(error)) {
        std::error_code entryError;
        if (it->is_regular_file(entryError))
            there[foldedName(it->path().filename().string())].push_back(it->path());
    }
    std::map<fs::path, fs::path> out;
    for (const auto& wanted : missing) {
        std::vector<fs::path> fitting;
        for (const auto& path : there[foldedName(wanted.path.filename().string())]) {
            std::error_code sizeError;
            if (wanted.bytes == 0 || fs::file_size(path, sizeError) == wanted.bytes)
                fitting.push_back(path);
        }
        if (fitting.size() == 1)
            out[wanted.path] = fitting.front();
    }
    return out;
}

} // namespace keepseal
