// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The typefaces of seals, through a fontconfig of our own: those that come with Keep Seal and those added to
// the library. What is installed on the machine plays no part, so the same seal comes out everywhere.
#pragma once

#include <pango/pango.h>

#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace keepseal {

struct GObjectDeleter {
    void operator()(void* object) const { g_object_unref(object); }
};
template <class T>
using GObjectPtr = std::unique_ptr<T, GObjectDeleter>;

/// A new layout on the calling thread's own font map (Pango's font maps belong to one thread).
GObjectPtr<PangoLayout> newLayout();

} // namespace keepseal
