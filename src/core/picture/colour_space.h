// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Colour profiles (ICC.1:2010 and ICC.1:2001) and the ways between them, by Little CMS. Pixels inside Keep
// Seal are always R G B; a grey profile is used when a copy is encoded.
#pragma once

#include "base/byte_source.h"
#include "base/colour.h"

#include <filesystem>
#include <memory>
#include <string>

namespace keepseal {

struct Frame;

enum class Intent { Perceptual, Relative, Saturation, Absolute }; ///< ICC's own numbers

class ColourSpace;
/// Null stands for sRGB.
using ColourSpacePtr = std::shared_ptr<const ColourSpace>;

/// An ICC profile that pixels can be in. Shared between threads.
class ColourSpace {
public:
    ~ColourSpace();
    ColourSpace(const ColourSpace&) = delete;
    ColourSpace& operator=(const ColourSpace&) = delete;
    const Bytes& profile() const { return m_profile; }
    const std::string& name() const { return m_name; } ///< for a person: one line
    int channels() const { return m_channels; }        ///< 1 grey, 3 RGB
    void* handle() const { return m_handle; }          ///< lcms2's; owned here

private:
    friend ColourSpacePtr colourSpaceOf(Bytes profile, const std::string& subject, std::string name);
    ColourSpace() = default;
    Bytes m_profile;
    std::string m_name;
    int m_channels = 3;
    void* m_handle = nullptr;
};

/// The largest profile that is read.
inline constexpr std::size_t kMaxProfileBytes = 8U << 20;

/// Of a profile that was written by us. `name`: instead of its own description. Throws Problem(BadFile),
/// naming `subject`, when it is no RGB or grey profile for display or output.
ColourSpacePtr colourSpaceOf(Bytes profile, const std::string& subject, std::string name = {});
/// Of a stranger's profile: written anew from its curves, matrices and tables, so that nothing of its texts,
/// dates and private tags is left; only its name, for a person, is kept beside it. See picture/develop.h for
/// where this is done. Throws Problem(BadFile | TooLarge), naming `subject`.
ColourSpacePtr readProfile(const ByteSource& profile, const std::string& subject);
/// Throws Problem(NotFound | CannotRead | BadFile | TooLarge).
ColourSpacePtr colourSpaceFromFile(const std::filesystem::path& file);
ColourSpacePtr srgbSpace();      ///< a real profile, to embed
ColourSpacePtr displayP3Space(); ///< SMPTE EG 432-1 primaries, D65, the transfer curve of sRGB
ColourSpacePtr opRgbSpace();     ///< IEC 61966-2-5: D65, gamma 563/256
ColourSpacePtr greySpace();      ///< the transfer curve of sRGB, D65

/// The same number of rows and columns of pixels by another profile. `deep` says 16 bits (else 8) on each
/// side. With Relative, black points are matched. Throws Problem(Internal) when Little CMS finds no way.
void convertPixels(const void* from, bool fromDeep, const ColourSpace& source, void* to, bool toDeep,
                   const ColourSpace& target, std::size_t count, Intent intent);
/// Changes the frame's pixels and its `space`. A null target is sRGB.
void convertFrame(Frame& frame, const ColourSpacePtr& target, Intent intent = Intent::Relative);
/// An sRGB colour in another space.
Rgb convertColour(Rgb colour, const ColourSpacePtr& target);

} // namespace keepseal
