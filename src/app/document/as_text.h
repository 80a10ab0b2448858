// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Core's texts, numbers and paths as the window shows them.
#pragma once

#include "base/language.h"

#include <QString>

#include <filesystem>

namespace keepseal::app {

QString toQt(const std::string& utf8);
/// In the language of the person who reads it.
QString toQt(const Saying& words);
/// Core's words in the language of the person who reads them.
QString saidQt(const std::string& english);
/// A whole sentence with a number in it; see saidOf().
QString saidQt(std::size_t count, const char* one, const char* many);
QString toQt(const std::filesystem::path& path);
std::filesystem::path toPath(const QString& text);
/// With that many decimals, as people of the language write it.
QString numberQt(double value, int decimals);

} // namespace keepseal::app
