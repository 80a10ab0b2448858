// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/develop.h"

namespace keepseal {

PictureFacts factsFor(const PictureFacts& file, const Reading& reading) {
    if (reading.raw == RawPicture::Cameras && file.cameras)
        return *file.cameras;
    if (reading.page <= 0 || reading.page >= file.pages)
        return file;
    const auto index = static_cast<std::size_t>(reading.page - 1);
    if (file.further && index < file.further->size())
        return (*file.further)[index];
    auto out = file;
    out.reading.page = reading.page;
    out.further = nullptr;
    return out;
}

} // namespace keepseal
