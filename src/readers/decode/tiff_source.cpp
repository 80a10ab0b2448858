// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/tiff_source.h"

#include "base/problem.h"

namespace keepseal {
namespace {

tmsize_t readBytes(thandle_t handle, void* to, tmsize_t count) {
    auto& reader = *static_cast<TiffReader*>(handle);
    try {
        const auto read = reader.source.read(
            reader.offset, {static_cast<std::uint8_t*>(to), static_cast<std::size_t>(count)});
        reader.offset += read;
        return static_cast<tmsize_t>(read);
    } catch (const Problem&) {
        return -1;
    }
}

toff_t seekTo(thandle_t handle, toff_t offset, int whence) {
    auto& reader = *static_cast<TiffReader*>(handle);
    reader.offset = whence == SEEK_SET   ? offset
                    : whence == SEEK_CUR ? reader.offset + offset
                                         : reader.source.size() + offset;
    return reader.offset;
}

} // namespace

/// "m": never mapped into memory, the file may shrink under it.
OpenedTiff openTiff(TiffReader& reader) {
    return {TIFFClientOpen(
                "picture", "rm", &reader, readBytes,
                [](thandle_t, void*, tmsize_t) -> tmsize_t { return -1; }, seekTo,
                [](thandle_t) { return 0; },
                [](thandle_t handle) -> toff_t { return static_cast<TiffReader*>(handle)->source.size(); },
                nullptr, nullptr),
            TIFFClose};
}

} // namespace keepseal
