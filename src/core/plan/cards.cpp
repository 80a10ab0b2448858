// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/cards.h"

#include "base/text.h"
#include "plan/at_rest.h"
#include "record/register.h"

#include <algorithm>
#include <cstdlib>
#include <iterator>
#include <set>
#include <sstream>

namespace keepseal {

namespace fs = std::filesystem;

namespace {

/// Spaces and their like stand there as \040.
std::string unescapedMount(const std::string& text) {
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const bool escape = text[i] == '\\' && i + 3 < text.size() &&
                            std::all_of(text.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                                        text.begin() + static_cast<std::ptrdiff_t>(i) + 4,
                                        [](char c) { return c >= '0' && c <= '7'; });
        if (!escape) {
            out += text[i];
            continue;
        }
        out += static_cast<char>((text[i + 1] - '0') * 64 + (text[i + 2] - '0') * 8 + (text[i + 3] - '0'));
        i += 3;
    }
    return out;
}

bool isOfTheSystem(const std::string& place) {
    if (place == "/")
        return true;
    for (const auto* folder : {"/proc", "/sys", "/dev", "/boot", "/usr", "/var", "/snap", "/etc"})
        if (place == folder || place.starts_with(std::string(folder) + "/"))
            return true;
    return place.starts_with("/run/") && !place.starts_with("/run/media/") &&
           place.find("/gvfs") == std::string::npos;
}

/// No card lies there, and a server that does not answer would be waited for without end.
bool isFarAway(const std::string& mountLine) {
    static const std::set<std::string> types = {
        "nfs",   "nfs4", "cifs",   "smb3",  "smbfs",      "9p",          "ceph",      "glusterfs",
        "davfs", "afs",  "autofs", "ncpfs", "fuse.sshfs", "fuse.rclone", "fuse.s3fs", "fuse.gvfsd-fuse"};
    const auto part = mountLine.find(" - "); // what comes before it has any number of words
    if (part == std::string::npos)
        return true;
    const auto type = mountLine.substr(part + 3);
    return types.contains(type.substr(0, type.find(' ')));
}

/// What a camera calls its pictures; its films and notes are none.
bool looksLikeAPicture(const fs::path& file) {
    static const std::set<std::string> endings = {".jpg", ".jpeg", ".heic", ".heif", ".hif",  ".tif", ".tiff",
                                                  ".png", ".dng",  ".nef",  ".cr2",  ".cr3",  ".arw", ".raf",
                                                  ".orf", ".rw2",  ".pef",  ".srw",  ".avif", ".jxl"};
    return endings.contains(toLowerAscii(file.extension().string()));
}

constexpr const char* kCameraMounts[] = {"gphoto2:host=", "mtp:host="};

bool isACamerasMount(const std::string& name) {
    return std::any_of(std::begin(kCameraMounts), std::end(kCameraMounts),
                       [&](const char* mount) { return name.starts_with(mount); });
}

/// "mtp:host=Tern_7/Card" as "Tern 7, Card".
std::string nameOfPlace(const fs::path& place) {
    for (auto above = place; above.has_relative_path(); above = above.parent_path()) {
        auto name = above.filename().string();
        if (!isACamerasMount(name))
            continue;
        name.erase(0, name.find('=') + 1);
        std::replace(name.begin(), name.end(), '_', ' ');
        return above == place ? name : name + ", " + place.filename().string();
    }
    return place.filename().string();
}

std::vector<fs::path> foldersIn(const fs::path& folder) {
    std::vector<fs::path> out;
    std::error_code error;
    for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error))
        out.push_back(it->path());
    return out;
}

} // namespace

std::vector<fs::path> storesOfCameras(const fs::path& runtimeFolder) {
    std::vector<fs::path> out;
    if (runtimeFolder.empty())
        return out;
    for (const auto& mount : foldersIn(runtimeFolder / "gvfs")) {
        if (!isACamerasMount(mount.filename().string()))
            continue;
        out.push_back(mount);
        for (auto& store : foldersIn(mount)) // a card in it, and what is built in
            out.push_back(std::move(store));
    }
    return out;
}

std::vector<fs::path> mountedPlaces(const std::string& mountInfo) {
    std::vector<fs::path> out;
    std::istringstream lines(mountInfo);
    for (std::string line; std::getline(lines, line);) {
        std::istringstream words(line);
        std::string word;
        for (int i = 0; i < 5; ++i) // the fifth is where it is mounted
            words >> word;
        if (words && !isOfTheSystem(unescapedMount(word)) && !isFarAway(line))
            out.emplace_back(unescapedMount(word));
    }
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

std::vector<Card> cardsAmong(const std::vector<fs::path>& places, const std::atomic<bool>& stop) {
    std::vector<Card> out;
    for (const auto& place : places) {
        std::error_code error;
        const auto folder = place / "DCIM";
        if (stop || !fs::is_directory(folder, error))
            continue;
        Card card{folder, nameOfPlace(place), 0, 0};
        std::vector<fs::path> pictures;
        for (const auto& file : filesThere(folder, true))
            if (looksLikeAPicture(file.path))
                pictures.push_back(file.path);
        card.pictures = pictures.size();
        if (Register::exists())
            card.known = Register().countsOf(pictures).size();
        out.push_back(std::move(card));
    }
    std::sort(out.begin(), out.end(), [](const Card& a, const Card& b) { return a.name < b.name; });
    return out;
}

std::vector<Card> cardsThere(const std::string& mountInfo, const std::atomic<bool>& stop) {
    auto places = mountedPlaces(mountInfo);
    const char* runtime = std::getenv("XDG_RUNTIME_DIR");
    for (auto& store : storesOfCameras(runtime ? runtime : ""))
        places.push_back(std::move(store));
    return cardsAmong(places, stop);
}

} // namespace keepseal
