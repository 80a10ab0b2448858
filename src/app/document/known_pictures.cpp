// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/known_pictures.h"

namespace keepseal::app {

void KnownPictures::add(const PictureInfoPtr& info) {
    const std::lock_guard lock(m_mutex);
    m_infos.erase(info->path.native()); // its key lies in the one that goes
    m_infos.emplace(info->path.native(), info);
}

void KnownPictures::remove(const PictureInfoPtr& info) {
    const std::lock_guard lock(m_mutex);
    if (const auto found = m_infos.find(info->path.native()); found != m_infos.end() && found->second == info)
        m_infos.erase(found);
}

PictureInfoPtr KnownPictures::find(const std::filesystem::path& path) const {
    const std::lock_guard lock(m_mutex);
    const auto found = m_infos.find(path.native());
    return found == m_infos.end() ? nullptr : found->second;
}

} // namespace keepseal::app
