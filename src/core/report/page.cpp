// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/page.h"

#include "base/language.h"

#include <glib.h>

namespace keepseal {

std::string pageTag() {
    return "<html lang=\"" + spokenLanguage() + "\" dir=\"" + (isReadFromTheRight() ? "rtl" : "ltr") + "\">";
}

std::string escapedForPage(const std::string& text) {
    char* made = g_markup_escape_text(text.c_str(), static_cast<gssize>(text.size()));
    std::string out = made;
    g_free(made);
    return out;
}

std::string addressForPage(const std::string& path) {
    char* made = g_uri_escape_string(path.c_str(), "/", FALSE);
    std::string out = made;
    g_free(made);
    return out;
}

std::string base64ForPage(const Bytes& bytes) {
    char* made = g_base64_encode(bytes.data(), bytes.size());
    std::string out = made;
    g_free(made);
    return out;
}

} // namespace keepseal
