// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Opening picture files with libvips, and their colours. Internal to the readers.
#pragma once

#include "base/problem.h"
#include "picture/develop.h"

#include <map>
#include <memory>
#include <optional>
#include <vips/vips8>

namespace keepseal {

/// Serves libvips from any ByteSource. libvips never gets a path or a descriptor of an original, so it can
/// neither map a file that shrinks under it nor move an offset another reader relies on.
class PictureSource {
public:
    enum class Need { Header, Pixels };
    /// `source` stays the caller's.
    explicit PictureSource(const ByteSource& source);
    PictureSource(const PictureSource&) = delete;
    PictureSource& operator=(const PictureSource&) = delete;
    /// The picture that `facts` names by container and reading. Not yet decoded where the format allows; this
    /// must live as long. `shrink`: see decodeShrinkFor(). Throws vips::VError, or Problem where no libvips
    /// is at work.
    vips::VImage open(const PictureFacts& facts, int shrink, Need need = Need::Pixels) const;

    /// Runs `work`, and tells what libvips throws as a problem of the picture.
    template <class Work>
    auto tellingDamage(const std::string& name, const Work& work) const {
        try {
            return work();
        } catch (Problem& problem) { // a gate that does not know whose bytes it reads
            if (problem.subject.empty())
                problem.subject = name;
            throw;
        } catch (const vips::VError& error) {
            tellDamage(name, error.what());
        }
    }

private:
    /// `thrown`: what was thrown, where libvips itself has nothing to say.
    [[noreturn]] void tellDamage(const std::string& name, const std::string& thrown) const;
    static gint64 read(VipsSourceCustom*, void* buffer, gint64 length, PictureSource* self);
    static gint64 seek(VipsSourceCustom*, gint64 offset, int whence, PictureSource* self);
    vips::VImage openRaw(const PictureFacts& facts, int shrink, Need need) const;
    const ByteSource& m_source;
    mutable Bytes m_inner; ///< what is drawn or decoded in place of the file: a gated SVG, a camera's picture
    mutable std::unique_ptr<MemorySource> m_innerSource;
    mutable std::unique_ptr<PictureSource> m_innerPicture;
    std::uint64_t m_offset = 0;
    bool m_failed = false;
    std::optional<vips::VSource> m_vips;
};

/// An image in memory that is kept for the next picture (see picture/pixel_memory.h), with all that its
/// header says.
struct KeptImage {
    Pixels<std::uint8_t> memory; ///< outlives the image
    vips::VImage image;
};
KeptImage keptImage(const vips::VImage& image);
/// The same without its pixels, which are to be written into its memory. An 8-bit image that is not coded.
KeptImage blankImage(const vips::VImage& like);

/// The pixels of a file as decoded, and the same halved again and again as it was asked for; one thread has
/// it.
struct DecodedPicture {
    KeptImage whole;
    int shrink = 1;
    mutable std::map<int, KeptImage> halved{};
};
vips::VImage shrunkMore(const DecodedPicture& decoded, int shrink);

[[noreturn]] void notAPicture(const std::string& name, const Saying& why);

/// Exif 2.32 tag 0x0112, 1 to 8, as far as the decoder has not turned the picture itself.
int orientationOf(const vips::VImage& image, Container container);
bool isCmyk(const vips::VImage& image);
/// CMYK through its own profile (or a common one), anything but 8 and 16 bits a channel through libvips' own
/// rules. What comes out is 8 or 16 bits, grey or RGB.
vips::VImage toGreyOrRgb(const vips::VImage& image, bool deep, Notes* notes);
/// The embedded profile, or opRGB where Exif says so; null: none that can be used.
ColourSpacePtr profileOf(const vips::VImage& image, Notes* notes);

} // namespace keepseal
