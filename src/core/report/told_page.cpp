// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/told_page.h"

#include "base/text.h"
#include "report/page.h"

#include <algorithm>

namespace keepseal {
namespace {

constexpr const char* kLook =
    "<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; style-src "
    "'unsafe-inline'\">\n"
    "<style>body{font:15px/1.5 sans-serif;margin:2em auto;max-width:70em;padding:0 1em;color:#222}"
    "h2{margin:2em 0 "
    ".2em}table{border-collapse:collapse;width:100%}th,td{text-align:start;vertical-align:top;"
    "padding:.25em 0;padding-inline-end:.8em;border-bottom:1px solid "
    "#ddd;overflow-wrap:anywhere}th{font-weight:600}"
    ".small{color:#666;font-size:13px;margin:.2em 0}.place,.place td{color:#a01616;font-weight:600}"
    ".quiet{color:#1d6b3c}</style></head>\n";

std::string onlyText(const std::string& text) {
    return escapedForPage(printable(text, text.size()));
}

/// What others wrote keeps its own order, whatever language stands around it.
std::string cell(const std::string& text) {
    return "<td><bdi>" + onlyText(text) + "</bdi></td>";
}

std::string paragraph(const char* kind, const std::string& text) {
    return std::string("<p class=") + kind + ">" + onlyText(text) + "</p>\n";
}

void addFile(std::string& out, const ToldFile& file) {
    const auto& report = file.report;
    out += "<section><h2><bdi>" + onlyText(file.path.filename().string()) + "</bdi></h2>\n";
    if (!file.problem.empty()) {
        out += paragraph("place", file.problem.said()) + "</section>\n";
        return;
    }
    out += paragraph(tellsOf(report) == Tells::Place ? "place" : "quiet", verdict(report).said());
    out += paragraph("small",
                     saidTogether({nameOf(report.container), shownBytes(report.bytes), file.path.string()}));
    for (const auto& part : report.notSearched)
        out += paragraph("small", Saying("Not searched: {part}", {{"part", part.said()}}).said());
    out += "<table><tr>";
    for (const char* heading :
         {toSay("Kind"), toSay("Where"), toSay("At byte"), toSay("Field"), toSay("Value")})
        out += "<th>" + onlyText(said(heading)) + "</th>";
    out += "</tr>\n";
    auto rows = report.findings;
    std::stable_sort(rows.begin(), rows.end(), [](const Finding& a, const Finding& b) {
        return a.tellsPlace != b.tellsPlace ? a.tellsPlace : isLoud(a.category) && !isLoud(b.category);
    });
    for (const auto& f : rows)
        out += std::string("<tr") + (f.tellsPlace ? " class=place" : "") + "><td>" +
               onlyText(said(labelOf(f.category))) + "</td>" + cell(f.where) +
               cell(std::to_string(f.offset)) + cell(f.name) + cell(f.value) + "</tr>\n";
    out += "</table></section>\n";
}

} // namespace

std::string toldPage(const std::vector<ToldFile>& files) {
    const auto places =
        static_cast<std::size_t>(std::count_if(files.begin(), files.end(), [](const ToldFile& file) {
            return tellsOf(file.report) == Tells::Place;
        }));
    const auto title = onlyText(said("What these files tell"));
    std::string out =
        "<!doctype html>\n" + pageTag() + "<head><meta charset=utf-8><title>" + title + "</title>\n" + kLook +
        "<body><h1>" + title + "</h1>\n<p>" + onlyText(saidOf(files.size(), "{n} file.", "{n} files.")) +
        " " + onlyText(saidOf(places, "{n} of them tells a place.", "{n} of them tell a place.")) + "</p>\n";
    for (const auto& file : files)
        addFile(out, file);
    return out + "</body></html>\n";
}

} // namespace keepseal
