// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What was read of originals, by their paths, for work in the background: shared with the library that fills
// it.
#pragma once

#include "document/picture_info.h"

#include <mutex>
#include <string_view>
#include <unordered_map>

namespace keepseal::app {

/// Any thread.
class KnownPictures {
public:
    void add(const PictureInfoPtr& info);
    void remove(const PictureInfoPtr& info);
    /// nullptr: it was not read, or is not of the job any more.
    PictureInfoPtr find(const std::filesystem::path& path) const;

private:
    mutable std::mutex m_mutex;
    std::unordered_map<std::string_view, PictureInfoPtr> m_infos; ///< by the path within
};

} // namespace keepseal::app
