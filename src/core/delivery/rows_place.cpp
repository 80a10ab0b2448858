// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "delivery/place.h"

#include <filesystem>

namespace keepseal {

const std::vector<Setting<PlaceSettings>>& placeSettings() {
    using P = PlaceSettings;
    static const auto table = [] {
        std::vector<Setting<P>> out = {choiceSetting<P, PlaceWhere>(
            "where", "Copies go", &P::where,
            {{"folder", "Into one folder"},
             {"tree", "Into a folder, keeping the originals' folders"},
             {"beside", "Into a new folder beside each original"},
             {"among", "Among the originals, under another name"}},
            "The originals' own folders get new files only with the last of them, "
            "and there nothing is ever replaced.")};
        append(out,
               shownWhen<P>([](const P& p) { return !p.byOriginals(); },
                            {textSetting("folder", "Folder", &P::folder, false,
                                         "Made if need be. It may not be a folder that originals lie in.",
                                         SettingKind::Folder)}));
        auto subfolder =
            textSetting("subfolder", "Folder inside it", &P::subfolder, false,
                        "Empty: none. {delivery} or {year}/{month} are filled in for each picture.");
        subfolder.suggestions = {"", "{delivery}", "{date}", "{year}/{month}", "copies"};
        subfolder.shown = [](const P& p) { return p.where != PlaceWhere::AmongOriginals; };
        out.push_back(subfolder);
        auto name =
            textSetting("name", "Name", &P::name, false,
                        "{name} is the original's own; {number}, {date}, {delivery}, {width} and every "
                        "field of its metadata can stand here, as in {title|{name}}.");
        name.suggestions = {"{name}", "{name}-{delivery}", "{number}", "{date}-{number}",
                            "{event|picture}-{number}"};
        out.push_back(name);
        append(
            out,
            {textSetting("suffix", "Added to the name", &P::suffix, false,
                         "Put behind the name: \"-web\" makes marsh-web.jpg of marsh.tif."),
             choiceSetting<P, NameLetters>("letters", "Letters", &P::letters,
                                           {{"keep", "As is"}, {"lower", "small"}, {"upper", "CAPITAL"}},
                                           "Of the whole name; the ending is always small."),
             choiceSetting<P, NameCharacters>(
                 "characters", "Characters", &P::characters,
                 {{"any", "All that file systems take"},
                  {"no_spaces", "No spaces"},
                  {"plain", "Plain letters and digits"}},
                 "What a receiver's system can't take becomes a hyphen. Plain turns \"Böe\" into \"Boe\".")});
        append(out,
               {numberSetting("longest", "Longest name", "bytes", &P::longest, {16, 200, 1, 0},
                              "A longer one is cut in its middle, so that what tells files apart stays.")});
        append(out,
               shownWhen<P>(
                   [](const P& p) { return (p.name + p.subfolder).find("{number") != std::string::npos; },
                   {numberSetting("number_from", "Numbers begin at", "", &P::numberFrom, {0, 999999, 1, 0},
                                  "What {number} is for the first picture."),
                    numberSetting("number_width", "Digits", "", &P::numberWidth, {1, 8, 1, 0},
                                  "Zeros are put in front: 3 makes 007.")}));
        append(out, {choiceSetting<P, TakenName>(
                        "taken", "If the name is taken", &P::taken,
                        {{"number", "Number the new copy"},
                         {"skip", "Leave that picture out"},
                         {"replace", "Replace an earlier copy"},
                         {"stop", "Do not begin"}},
                        "Only copies that Keep Seal itself made, unchanged since, are ever replaced.")});
        append(out,
               {switchSetting("strict", "Strict", &P::strict,
                              "A copy with any note that asks for a look is not delivered until it is "
                              "mended or accepted."),
                switchSetting("known_again", "Known again by its looks", &P::knownAgain,
                              "A small picture of what leaves (192 pixels), and the part that its seal "
                              "stands on, are kept beside "
                              "the register, so that it is found again when it is met cut, small or without "
                              "metadata, and told from other copies. Off: nothing is kept "
                              "of the picture; the copy is known by its bytes and its mark alone.")});
        return out;
    }();
    return table;
}

std::string placeSummary(const PlaceSettings& p) {
    const auto name = p.name == "{name}" ? said("name") : p.name;
    if (p.where == PlaceWhere::AmongOriginals)
        return p.suffix.empty() ? said("among the originals: nothing is added to the name yet")
                                : said("among the originals") + " · " + name + p.suffix;
    if (!p.chosen())
        return said(p.where == PlaceWhere::BesideOriginal ? "no folder named yet" : "no folder chosen yet");
    const auto last = [](const std::string& folder) {
        const auto path = std::filesystem::path(folder).lexically_normal();
        return (path.has_filename() ? path.filename() : path.parent_path().filename()).string();
    };
    std::string out = p.where == PlaceWhere::BesideOriginal
                          ? Saying("beside, in {folder}", {{"folder", p.subfolder}}).said()
                      : p.where == PlaceWhere::KeepTree
                          ? Saying("{folder}, same folders", {{"folder", last(p.folder)}}).said()
                          : last(p.folder);
    if (p.where != PlaceWhere::BesideOriginal && !p.subfolder.empty())
        out += "/" + p.subfolder;
    return out + " · " + name + p.suffix;
}

} // namespace keepseal
