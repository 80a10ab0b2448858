// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "privacy/verdict.h"

#include "base/problem.h"
#include "base/text.h"
#include "picture/original.h"
#include "privacy/rules.h"

#include <nlohmann/json.hpp>

#include <algorithm>

namespace keepseal {
namespace fs = std::filesystem;

bool isLoud(Category category) {
    return category != Category::Technical && category != Category::Rights;
}

std::vector<PlaceTold> placesTold(const FileReport& report, const std::vector<std::string>& names) {
    std::vector<PlaceTold> out;
    for (std::size_t i = 0; i < report.findings.size(); ++i) {
        const auto& finding = report.findings[i];
        if (finding.tellsPlace)
            out.push_back({i, finding.category == Category::Location ? finding.value : kCoordinates});
        else if (finding.category != Category::Contact && !names.empty())
            for (auto& place : placesIn(finding.whole(), names))
                if (place != kCoordinates) // the walker looked for them, in the text's whole length
                    out.push_back({i, std::move(place)});
    }
    return out;
}

Tells tellsOf(const FileReport& report, const std::vector<std::string>& names) {
    if (!placesTold(report, names).empty())
        return Tells::Place;
    if (!report.notSearched.empty())
        return Tells::Unsure;
    const bool loud = std::any_of(report.findings.begin(), report.findings.end(),
                                  [](const Finding& f) { return isLoud(f.category); });
    return loud ? Tells::Something : Tells::Nothing;
}

Saying verdict(const FileReport& report) {
    switch (tellsOf(report)) {
    case Tells::Place:
        return {"It tells a place: {place}.", {{"place", report.placeText()}}};
    case Tells::Unsure:
        return toSay("No place was found, but not all of it could be read.");
    case Tells::Nothing:
        return report.count(Category::Rights) > 0 ? toSay("It tells no place, and nothing but rights.")
                                                  : toSay("It tells no place, and nothing of anybody.");
    case Tells::Something:
        break;
    }
    std::string kinds;
    for (int i = 0; i < static_cast<int>(Category::Technical); ++i)
        if (const auto category = static_cast<Category>(i); isLoud(category) && report.count(category) > 0)
            kinds += (kinds.empty() ? "" : ", ") + toLowerAscii(labelOf(category));
    return {"It tells no place. It tells: {kinds}.", {{"kinds", kinds}}};
}

nlohmann::json toldJson(const std::vector<ToldFile>& files) {
    auto out = nlohmann::json::array();
    for (const auto& file : files) {
        nlohmann::json row;
        if (file.problem.empty()) {
            row = file.report;
            row["verdict"] = verdict(file.report).english();
        } else
            row["problem"] = file.problem.english();
        row["file"] = file.path.string();
        out.push_back(std::move(row));
    }
    return out;
}

ToldFile readTold(const fs::path& path, const std::vector<std::string>& names) {
    ToldFile out;
    out.path = path;
    try {
        const Original file(path);
        out.report = inspect(file);
        for (const auto& told : placesTold(out.report, names))
            out.report.findings[told.finding].tellsPlace = true;
    } catch (const Problem& problem) {
        out.problem = problem.happened;
    } catch (const std::exception& error) {
        out.problem = error.what();
    }
    return out;
}

namespace {

void addFolder(const fs::path& folder, FilesIn& out) {
    std::error_code error;
    std::vector<fs::path> files, folders;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error)) {
        std::error_code entryError;
        if (it->is_symlink(entryError))
            out.notRead.push_back(
                {it->path(), {}, toSay("a link: it is not followed, name what it leads to")});
        else if (it->is_directory(entryError))
            folders.push_back(it->path());
        else if (it->is_regular_file(entryError))
            files.push_back(it->path());
        else
            out.notRead.push_back({it->path(), {}, toSay("no file that can be read")});
    }
    if (error)
        out.notRead.push_back(
            {folder, {}, Saying("the folder can't be read: {reason}", {{"reason", error.message()}})});
    std::sort(files.begin(), files.end());
    std::sort(folders.begin(), folders.end());
    out.files.insert(out.files.end(), files.begin(), files.end());
    for (const auto& inner : folders)
        addFolder(inner, out);
}

} // namespace

FilesIn filesIn(const std::vector<fs::path>& paths) {
    FilesIn out;
    for (const auto& path : paths) {
        std::error_code error;
        if (fs::is_directory(path, error))
            addFolder(path, out);
        else
            out.files.push_back(path);
    }
    return out;
}

} // namespace keepseal
