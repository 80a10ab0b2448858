// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line loads to speak a language.
#include "languages/catalogue.h"

/// The caller owns it; nothing: there is no such language.
extern "C" [[gnu::visibility("default")]] const keepseal::Catalogue* keepSealCatalogue(const char* key) {
    return keepseal::languages::catalogue(QString::fromUtf8(key)).release();
}
