// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Logos from files of any origin. Reads SVG, PDF (one page), PNG, TIFF, WebP and JPEG; nothing outside the
// file is ever read. Limits: 32 MB a file, 4 MB and 50,000 elements an SVG, 200 pages a PDF, 60 megapixels a
// bitmap. An SVG that declares entities, holds scripts or foreign content, or refers to anything outside
// itself is refused.
#pragma once

#include "geometry/affine.h"
#include "geometry/size.h"
#include "seal/part.h"

#include <filesystem>
#include <memory>
#include <optional>

namespace keepseal {

/// Premultiplied B G R A bytes (cairo's ARGB32 on little-endian machines), rows without padding.
struct LogoPixels {
    Size size;
    std::vector<std::uint32_t> argb;
};

class Logo {
public:
    virtual ~Logo() = default;
    bool isVector() const { return m_vector; }
    /// A bitmap's own pixels, or a vector's nominal size; uncut.
    Size nativeSize() const { return m_native; }
    /// What can be seen, in shares of the whole (0 to 1).
    const Box& inked() const { return m_inked; }
    /// The one colour that all of it has, whatever is transparent; nothing where it has several.
    const std::optional<Rgb>& tone() const { return m_tone; }
    /// The whole logo at that size, its own colours. Throws Problem(NotAPicture).
    virtual LogoPixels draw(Size size) const = 0;

protected:
    void measure(); ///< fills m_inked and m_tone from a small drawing
    bool m_vector = false;
    Size m_native;
    Box m_inked{0, 0, 1, 1};
    std::optional<Rgb> m_tone;
};

using LogoPtr = std::shared_ptr<const Logo>;

/// Where a logo's file lies: "shipped:NAME" is one that comes with Keep Seal.
std::filesystem::path logoPath(const std::string& file);

/// While it lives no logo is read on this thread, and no file is asked for: what was read last is taken. For
/// a thread that must not wait for a disk; one that was never read is a Problem(CannotRead) then.
class KnownLogosOnly {
public:
    KnownLogosOnly();
    ~KnownLogosOnly();
    KnownLogosOnly(const KnownLogosOnly&) = delete;
    KnownLogosOnly& operator=(const KnownLogosOnly&) = delete;
};

/// Read once and kept while the file stays the same; safe from any thread.
/// Throws Problem(NotFound | CannotRead | NotAPicture | TooLarge | Refused), naming the file.
LogoPtr loadLogo(const std::string& file, int page = 1);

/// The part's logo as it is put on: cut, with its background cleared, in one colour where that is asked for.
/// `size` is that of the cut logo. A few results are kept.
std::shared_ptr<const LogoPixels> logoPixels(const LogoPart& part, bool dark, Rgb colour, Size size);

/// Whether it is drawn in the part's colour although nobody asked for that: it is of one tone, has no file
/// for this version, and its own tone is the other version's.
bool takesPartsColour(const LogoPart& part, const Logo& logo, bool dark);

/// Width to height of what is put on.
double logoAspect(const LogoPart& part, bool dark);
/// Bitmap pixels of what is put on; empty for a vector.
Size logoNativePixels(const LogoPart& part, bool dark);

} // namespace keepseal
