// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "library/file_entries.h"

#include "base/files.h"
#include "base/own_folders.h"
#include "base/safe_text.h"

namespace keepseal {

namespace fs = std::filesystem;

namespace {

constexpr const char* kActions = "file-manager/actions";
constexpr const char* kMenus = "kio/servicemenus";
constexpr const char* kOurs = "keep-seal-";
constexpr const char* kTypes =
    "image/jpeg;image/png;image/tiff;image/webp;image/heif;image/avif;image/jxl;inode/directory;";

/// A value of a desktop entry (Desktop Entry Specification 1.5, "Possible value types").
std::string entryValue(const std::string& text) {
    std::string out;
    for (const char c : withoutUnseen(text))
        out += c == '\\' ? "\\\\" : std::string(1, c);
    return out;
}

/// An argument of Exec ("The Exec key"): between quotation marks, and escaped once more as a value.
std::string execArgument(const std::string& text) {
    std::string quoted = "\"";
    for (const char c : text) {
        if (c == '"' || c == '`' || c == '$' || c == '\\')
            quoted += '\\';
        quoted += c == '%' ? "%%" : std::string(1, c);
    }
    return entryValue(quoted + "\"");
}

std::string stampLine(const std::string& program, const SavedDelivery& saved) {
    return execArgument(program) + " stamp --notify " + execArgument("--delivery=" + saved.key) + " -r -- %F";
}

std::string action(const std::string& name, const std::string& exec) {
    return "[Desktop Entry]\nType=Action\nName=" + entryValue(name) +
           "\nIcon=org.example.KeepSeal\nProfiles=pictures;\n\n[X-Action-Profile pictures]\nMimeTypes=" +
           kTypes + "\nExec=" + exec + "\n";
}

} // namespace

std::vector<EntryFile> fileEntries(const std::vector<SavedDelivery>& deliveries,
                                   const std::string& commandLine, const std::string& window) {
    std::vector<EntryFile> out;
    std::string items, keys, actions;
    const auto add = [&](const std::string& id, const std::string& name, const std::string& exec) {
        out.push_back({fs::path(kActions) / (kOurs + id + ".desktop"), action(name, exec)});
        items += kOurs + id + ";";
        keys += id + ";";
        actions += "\n[Desktop Action " + id + "]\nName=" + entryValue(name) +
                   "\nIcon=org.example.KeepSeal\nExec=" + exec + "\n";
    };
    std::size_t number = 0;
    for (const auto& saved : deliveries)
        if (!saved.design.place.folder.empty())
            add("delivery-" + std::to_string(++number), saved.design.name, stampLine(commandLine, saved));
    add("window", "Open in Keep Seal", execArgument(window) + " %F");
    out.push_back(
        {fs::path(kActions) / (std::string(kOurs) + "menu.desktop"),
         "[Desktop Entry]\nType=Menu\nName=Make copies with\nIcon=org.example.KeepSeal\nItemsList=" + items +
             "\n"});
    out.push_back({fs::path(kMenus) / (std::string(kOurs) + "copies.desktop"),
                   "[Desktop Entry]\nType=Service\nMimeType=" + std::string(kTypes) + "\nActions=" + keys +
                       "\nX-KDE-Submenu=Make copies with\nX-KDE-ServiceTypes=KonqPopupMenu/Plugin\n" +
                       actions});
    return out;
}

std::size_t installFileEntries(const fs::path& data, const std::vector<SavedDelivery>& deliveries,
                               const std::string& commandLine, const std::string& window) {
    removeFileEntries(data);
    const auto files = fileEntries(deliveries, commandLine, window);
    for (const auto& entry : files) {
        writeTextFile(data / entry.file, entry.text);
        // KDE takes only those that may be run for meant by the person.
        std::error_code error;
        fs::permissions(data / entry.file, fs::perms::owner_exec, fs::perm_options::add, error);
    }
    return files.size() - 3; // the window's, and the two menus
}

namespace {

std::vector<fs::path> entriesIn(const fs::path& data) {
    std::vector<fs::path> out;
    for (const auto* folder : {kActions, kMenus}) {
        std::error_code error;
        for (fs::directory_iterator it(data / folder, error), end; !error && it != end; it.increment(error)) {
            const auto name = it->path().filename().string();
            if (name.starts_with(kOurs) && name.ends_with(".desktop"))
                out.push_back(it->path());
        }
    }
    return out;
}

} // namespace

void removeFileEntries(const fs::path& data) {
    for (const auto& file : entriesIn(data)) {
        std::error_code error;
        fs::remove(file, error);
    }
}

bool hasFileEntries(const fs::path& data) {
    return !entriesIn(data).empty();
}

fs::path desktopDataFolder() {
    return dataFolder().parent_path();
}

} // namespace keepseal
