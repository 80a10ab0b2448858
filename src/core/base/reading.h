// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Which picture of a file is meant, where it holds several: pages, frames, and of a camera's raw file what is
// developed from it or what the camera made of it itself.
#pragma once

#include <string>
#include <vector>

namespace keepseal {

enum class RawPicture { Developed, Cameras };
enum class PagesTaken { First, All, Some };

struct Reading {
    int page = 0; ///< from 0
    RawPicture raw = RawPicture::Developed;
    bool operator==(const Reading&) const = default;
};

/// Pages of one file that are taken at most: the rest is told.
inline constexpr int kMostPages = 200;

/// The pages from 0 of a file with `count` of them, in their order: the first, all up to kMostPages, or those
/// that `some` names. Empty where it has none of these.
std::vector<int> pagesTaken(PagesTaken pages, const std::string& some, int count);
/// Pages from 1 as a person types them: "2", "1-3, 5", "4-" to the last. False: that can't be understood.
bool areNamedPages(const std::string& some);

} // namespace keepseal
