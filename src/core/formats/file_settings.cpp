// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/file_settings.h"

#include "formats/output_format.h"

#include <algorithm>
#include <stdexcept>

namespace keepseal {
namespace {

const OwnSetting& ownRow(std::string_view key) {
    for (const auto& format : outputFormats())
        for (const auto& row : format.settings)
            if (row.key == key)
                return row;
    throw std::logic_error("no format has the setting " + std::string(key));
}

} // namespace

void FileSettings::choose(const std::string& format, bool on) {
    if (on)
        chosen.insert(format);
    else
        chosen.erase(format);
}

SettingValue FileSettings::get(std::string_view key) const {
    const auto found = own.find(key);
    return found == own.end() ? ownRow(key).first : found->second;
}

void FileSettings::set(std::string_view key, const SettingValue& value) {
    // Two settings that mean the same are equal.
    if (const auto& row = ownRow(key); value == row.first)
        own.erase(row.key);
    else
        own[row.key] = value;
}

std::vector<const OutputFormat*> FileSettings::formats() const {
    std::vector<const OutputFormat*> out;
    for (const auto& format : outputFormats())
        if (has(format.key))
            out.push_back(&format);
    return out;
}

std::string FileSettings::qualityKey() const {
    const auto all = formats();
    if (all.empty() || !OwnValues(all.front()->settings, own).counts(all.front()->quality))
        return {};
    return all.front()->quality;
}

bool FileSettings::works16() const {
    const auto all = formats();
    return depth == BitDepth::Sixteen &&
           std::any_of(all.begin(), all.end(), [](const auto* format) { return format->sixteen; });
}

bool FileSettings::canBeTransparent() const {
    const auto all = formats();
    return std::any_of(all.begin(), all.end(), [](const auto* format) { return format->alpha; });
}

FileSettings FileSettings::only(const OutputFormat& format) const {
    FileSettings out;
    out.chosen = {format.key};
    for (const auto& row : format.settings)
        out.set(row.key, get(row.key));
    if (format.sixteen)
        out.depth = depth;
    if (!format.alpha)
        out.background = background;
    out.colour = colour;
    if (colour == ColourOut::Profile)
        out.profile = profile;
    out.mark = mark;
    out.untouched = untouched && format.untouched;
    out.unseen = unseen && format.pixelForPixel;
    if (out.unseen)
        out.unseenScore = unseenScore;
    out.atMost = atMost;
    if (atMost > 0) {
        out.leastQuality = leastQuality;
        out.smallerToFit = smallerToFit;
    }
    return out;
}

} // namespace keepseal
