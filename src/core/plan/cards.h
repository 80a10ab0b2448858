// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Cards and cameras that are mounted, as places to gather from: file systems with a folder DCIM at their top
// (the Design rule for Camera File system, JEITA CP-3461). They are only read.
#pragma once

#include <atomic>
#include <filesystem>
#include <string>
#include <vector>

namespace keepseal {

struct Card {
    std::filesystem::path folder; ///< its DCIM
    std::string name;             ///< of the place where it is mounted
    std::size_t pictures = 0;     ///< by the endings of their names
    std::size_t known = 0; ///< of these, those that copies were made of, as the register tells by their paths
    bool operator==(const Card&) const = default;
};

/// Mount points as the system tells them (proc(5), mountinfo), those of the system itself and of
/// servers left out.
std::vector<std::filesystem::path> mountedPlaces(const std::string& mountInfo);
/// Stores of cameras and telephones that the desktop mounts by PTP or MTP (GVfs, "gvfs/mtp:host=..." in the
/// person's runtime folder, $XDG_RUNTIME_DIR). No server that is mounted beside them is asked anything.
std::vector<std::filesystem::path> storesOfCameras(const std::filesystem::path& runtimeFolder);
/// Those that are cards, in the order of their names. Asks disks; for the background.
std::vector<Card> cardsAmong(const std::vector<std::filesystem::path>& places, const std::atomic<bool>& stop);
/// All of both.
std::vector<Card> cardsThere(const std::string& mountInfo, const std::atomic<bool>& stop);

} // namespace keepseal
