// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Entries in file managers, read by other readers of desktop entries.
#include "library/file_entries.h"

#include "support/support.h"

#include <gmock/gmock.h>
#include <gtest/gtest.h>
#include <set>

using namespace keepseal;
using namespace keepseal::test;
using ::testing::HasSubstr;

namespace {

SavedDelivery savedFor(const std::string& key, const std::string& name, const std::string& folder) {
    SavedDelivery out;
    out.key = key;
    out.design.name = name;
    out.design.place.folder = folder;
    return out;
}

std::set<std::string> desktopFilesBelow(const fs::path& folder) {
    std::set<std::string> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.path().extension() == ".desktop")
            out.insert(entry.path().filename().string());
    return out;
}

} // namespace

TEST(FileEntries, EachDeliveryWithAFolderHasOneAndAShellCommandCanNotHideInAName) {
    const TempFolder folder;
    const std::string nasty = "Web \"; rm -rf $HOME `id` \\ %f\nExec=evil";
    const std::vector<SavedDelivery> all = {savedFor("web", nasty, "/copies"),
                                            savedFor("key $x", "Print lab", "/lab"),
                                            savedFor("homeless", "No folder", "")};
    EXPECT_EQ(installFileEntries(folder.path(), all, "/opt/a b/keep-seal-cli", "keep-seal"), 2U);
    EXPECT_EQ(desktopFilesBelow(folder.path()),
              (std::set<std::string>{"keep-seal-copies.desktop", "keep-seal-delivery-1.desktop",
                                     "keep-seal-delivery-2.desktop", "keep-seal-menu.desktop",
                                     "keep-seal-window.desktop"}));
    // GLib's own reader: the name is one value, and Exec parts into just these words.
    const auto ran = runProgram({"/usr/bin/python3", "-c", R"PY(
import configparser, json, re, sys
def words(line):  # "The Exec key": what stands between quotation marks is one word, \ before ", `, $ and \ goes
    return [re.sub(r'\\(["`$\\])', r'\1', q) if q or not w else w for q, w in re.findall(r'"((?:\\.|[^"\\])*)"|(\S+)', line)]
out = []
for name in ("delivery-1", "delivery-2"):
    c = configparser.RawConfigParser(interpolation=None, strict=True); c.optionxform = str
    c.read(sys.argv[1] + "/file-manager/actions/keep-seal-" + name + ".desktop")
    value = lambda s: s.replace("\\\\", "\\")
    out.append([c["Desktop Entry"]["Name"], sorted(c["Desktop Entry"]),
                words(value(c["X-Action-Profile pictures"]["Exec"]))])
print(json.dumps(out)))PY",
                                 folder.path().string()});
    ASSERT_EQ(ran.exitCode, 0) << ran.err;
    const auto read = nlohmann::json::parse(ran.out);
    EXPECT_EQ(read[0][1], (std::vector<std::string>{"Icon", "Name", "Profiles", "Type"}));
    EXPECT_EQ(read[0][2], (std::vector<std::string>{"/opt/a b/keep-seal-cli", "stamp", "--notify",
                                                    "--delivery=web", "-r", "--", "%F"}));
    EXPECT_EQ(read[1][2][3], "--delivery=key $x");
    const auto menu = readText(folder / "kio/servicemenus/keep-seal-copies.desktop");
    EXPECT_THAT(menu, HasSubstr("Actions=delivery-1;delivery-2;window;"));
    EXPECT_EQ(menu.find("\nExec=evil"), std::string::npos);
    EXPECT_EQ(fs::status(folder / "kio/servicemenus/keep-seal-copies.desktop").permissions() &
                  fs::perms::owner_exec,
              fs::perms::owner_exec);
    // What is no longer in the library goes; what others put there stays.
    writeFile(folder / "file-manager/actions/other.desktop", "[Desktop Entry]\n");
    EXPECT_EQ(installFileEntries(folder.path(), {all[1]}, "keep-seal-cli", "keep-seal"), 1U);
    EXPECT_EQ(desktopFilesBelow(folder.path()).count("keep-seal-delivery-2.desktop"), 0U);
    removeFileEntries(folder.path());
    EXPECT_EQ(desktopFilesBelow(folder.path()), std::set<std::string>{"other.desktop"});
}
