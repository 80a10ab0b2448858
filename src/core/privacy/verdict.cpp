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
namespace {

namespace fs = std::filesystem;

std::string escaped(const std::string& text) {
    std::string out;
    for (const char c : printable(text, text.size())) {
        if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else if (c == '&')
            out += "&amp;";
        else if (c == '"')
            out += "&quot;";
        else
            out += c;
    }
    return out;
}

bool isLoud(Category category) {
    return category != Category::Technical && category != Category::Rights;
}

void addFile(std::string& out, const ToldFile& file) {
    const auto& report = file.report;
    out += "<section><h2>" + escaped(file.path.filename().string()) + "</h2>\n";
    if (!file.problem.empty()) {
        out += "<p class=place>" + escaped(file.problem) + "</p></section>\n";
        return;
    }
    out += std::string("<p class=") + (tellsOf(report) == Tells::Place ? "place" : "quiet") + ">" +
           escaped(verdict(report).english()) + "</p>\n<p class=small>" + nameOf(report.container) + ", " +
           byteText(report.bytes) + ", " + escaped(file.path.string()) + "</p>\n";
    for (const auto& part : report.notSearched)
        out += "<p class=small>Not searched: " + escaped(part) + "</p>\n";
    out += "<table><tr><th>Kind</th><th>Where</th><th>At byte</th><th>Field</th><th>Value</th></tr>\n";
    auto rows = report.findings;
    std::stable_sort(rows.begin(), rows.end(), [](const Finding& a, const Finding& b) {
        return a.tellsPlace != b.tellsPlace ? a.tellsPlace : isLoud(a.category) && !isLoud(b.category);
    });
    for (const auto& f : rows)
        out += std::string("<tr") + (f.tellsPlace ? " class=place" : "") + "><td>" + labelOf(f.category) +
               "</td><td>" + escaped(f.where) + "</td><td>" + std::to_string(f.offset) + "</td><td>" +
               escaped(f.name) + "</td><td>" + escaped(f.value) + "</td></tr>\n";
    out += "</table></section>\n";
}

} // namespace

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

std::string toldPage(const std::vector<ToldFile>& files) {
    const auto places = std::count_if(files.begin(), files.end(), [](const ToldFile& file) {
        return tellsOf(file.report) == Tells::Place;
    });
    std::string out =
        "<!doctype html>\n<html lang=en><head><meta charset=utf-8><title>What these files tell</title>\n"
        "<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; style-src "
        "'unsafe-inline'\">\n<style>body{font:15px/1.5 sans-serif;margin:2em auto;max-width:70em;padding:0 "
        "1em;color:#222}h2{margin:2em 0 .2em}table{border-collapse:collapse;width:100%}th,td{text-align:left;"
        "vertical-align:top;padding:.25em .8em .25em 0;border-bottom:1px solid #ddd;overflow-wrap:anywhere}"
        "th{font-weight:600}.small{color:#666;font-size:13px;margin:.2em 0}.place,.place "
        "td{color:#a01616;font-weight:600}.quiet{color:#1d6b3c}</style></head>\n<body><h1>What these files "
        "tell</h1>\n<p>" +
        counted(files.size(), "file", "files") + ", " + std::to_string(places) + " of them " +
        (places == 1 ? "tells" : "tell") + " a place.</p>\n";
    for (const auto& file : files)
        addFile(out, file);
    return out + "</body></html>\n";
}

nlohmann::json toldJson(const std::vector<ToldFile>& files) {
    auto out = nlohmann::json::array();
    for (const auto& file : files) {
        nlohmann::json row;
        if (file.problem.empty()) {
            row = file.report;
            row["verdict"] = verdict(file.report).english();
        } else
            row["problem"] = file.problem;
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
            out.notRead.push_back({it->path(), {}, "a link: it is not followed, name what it leads to"});
        else if (it->is_directory(entryError))
            folders.push_back(it->path());
        else if (it->is_regular_file(entryError))
            files.push_back(it->path());
        else
            out.notRead.push_back({it->path(), {}, "no file that can be read"});
    }
    if (error)
        out.notRead.push_back({folder, {}, "the folder can't be read: " + error.message()});
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
