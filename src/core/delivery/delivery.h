// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A delivery: everything one receiver gets, as one named chain of stations in the order in which the work is
// done. Plain values; a copy of it is a snapshot.
#pragma once

#include "border/design.h"
#include "delivery/place.h"
#include "delivery/which.h"
#include "finish/finish.h"
#include "geometry/fit.h"
#include "privacy/rules.h"
#include "rights/sheet.h"
#include "seal/design.h"

#include <nlohmann/json.hpp>

#include <filesystem>

namespace keepseal {

enum class Chroma { Smaller, Full };
enum class BitDepth { Eight, Sixteen };
enum class TiffPacking { None, Lzw, Zip };
enum class ColourOut { Srgb, Original, DisplayP3, Profile, Grey };

struct FileSettings {
    bool jpeg = true, png = false, tiff = false, webp = false; ///< one copy of each
    int quality = 90;                                          ///< JPEG quality, 1 to 100
    Chroma chroma = Chroma::Smaller;
    bool progressive = false, optimised = false;
    BitDepth depth = BitDepth::Eight; ///< of PNG and TIFF; the others hold 8 bits
    int pngEffort = 6;                ///< zlib's level, 0 to 9
    TiffPacking tiffPacking = TiffPacking::Zip;
    int webpQuality = 85; ///< 1 to 100
    bool webpLossless = false;
    ColourOut colour = ColourOut::Srgb;
    std::string profile; ///< an ICC file, for ColourOut::Profile
    Intent intent = Intent::Relative;
    Rgb background{255, 255, 255}; ///< what transparent pixels become where the format has no transparency
    bool mark = true;              ///< the small XMP mark of our own, see rights/mark.h
    bool operator==(const FileSettings&) const = default;

    /// In the order JPEG, PNG, TIFF, WebP.
    std::vector<Container> formats() const;
    bool works16() const { return depth == BitDepth::Sixteen && (png || tiff); }
    /// At least one of the formats can be transparent.
    bool canBeTransparent() const { return png || tiff || webp; }
};

struct Delivery {
    std::string name = "New delivery";
    std::string notes;             ///< a person's own
    std::vector<std::string> tags; ///< a person's own, to find it by
    WhichSettings which;
    TurnSettings turn;
    FitSettings fit;
    FinishSettings finish;
    BorderDesign border;
    SealDesign seal;
    RightsSheet rights;
    PrivacyRules privacy;
    FileSettings file;
    PlaceSettings place;
    /// What a file held that this version does not know; written back unchanged.
    nlohmann::json unknown = nlohmann::json::object();
    bool operator==(const Delivery&) const = default;
};

/// Where a path typed by a person leads: "~" and "~/..." are the home folder, a relative path counts from
/// `base`. Empty stays empty.
std::filesystem::path resolvedFolder(const std::string& typed, const std::filesystem::path& base);

} // namespace keepseal
