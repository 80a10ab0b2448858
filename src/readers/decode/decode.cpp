// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/decode.h"

#include "base/problem.h"
#include "decode/ycbcr_tiff.h"
#include "picture/engine.h"
#include "picture/file_kind.h"

namespace keepseal {

using vips::VImage;

void prepareReaders() {}

void startReaders() {
    for (const char* loader : {"VipsForeignLoadJpeg", "VipsForeignLoadPng", "VipsForeignLoadTiff",
                               "VipsForeignLoadWebp", "VipsForeignLoadHeif", "VipsForeignLoadJxl",
                               // for logos only, which pass a gate of their own (seal/logo.h)
                               "VipsForeignLoadSvg", "VipsForeignLoadPdf"})
        vips_operation_block_set(loader, FALSE);
}

void notAPicture(const std::string& name, const std::string& why) {
    throw Problem(ProblemKind::NotAPicture, name, why,
                  "Open it in the program it came from and save it again, or leave it out");
}

PictureSource::PictureSource(const ByteSource& source) : m_source(source) {
    vips_error_clear(); // so that no older complaint is taken for this picture's
    VipsSourceCustom* custom = vips_source_custom_new();
    g_signal_connect(custom, "read", G_CALLBACK(PictureSource::read), this);
    g_signal_connect(custom, "seek", G_CALLBACK(PictureSource::seek), this);
    m_vips.emplace(VIPS_SOURCE(custom));
}

gint64 PictureSource::read(VipsSourceCustom*, void* buffer, gint64 length, PictureSource* self) {
    try {
        const auto count = self->m_source.read(
            self->m_offset, {static_cast<std::uint8_t*>(buffer), static_cast<std::size_t>(length)});
        self->m_offset += count;
        return static_cast<gint64>(count);
    } catch (const Problem&) {
        self->m_failed = true;
        return -1;
    }
}

gint64 PictureSource::seek(VipsSourceCustom*, gint64 offset, int whence, PictureSource* self) {
    const auto size = static_cast<gint64>(self->m_source.size());
    const gint64 base = whence == SEEK_SET ? 0 : whence == SEEK_CUR ? gint64(self->m_offset) : size;
    if (base + offset < 0)
        return -1;
    self->m_offset = static_cast<std::uint64_t>(base + offset);
    return base + offset;
}

void PictureSource::tellDamage(const std::string& name) const {
    const auto why = takeVipsError();
    if (m_failed)
        throw Problem(ProblemKind::CannotRead, name, "reading the file failed half-way");
    notAPicture(name, "the picture data is damaged (" + why + ")");
}

namespace {

VImage openWithVips(const vips::VSource& source, Container container, int shrink) {
    auto* options =
        VImage::option()->set("access", VIPS_ACCESS_SEQUENTIAL)->set("fail_on", VIPS_FAIL_ON_TRUNCATED);
    switch (container) {
    case Container::Jpeg:
        return VImage::jpegload_source(source, options->set("shrink", shrink));
    case Container::Png:
        return VImage::pngload_source(source, options);
    case Container::Tiff:
        return VImage::tiffload_source(source, options);
    case Container::WebP:
        return VImage::webpload_source(source, options);
    case Container::Heif:
        return VImage::heifload_source(source, options);
    case Container::JpegXl:
        return VImage::jxlload_source(source, options);
    case Container::Unknown:
        break;
    }
    delete options;
    throw vips::VError("not a picture file Keep Seal knows");
}

} // namespace

VImage PictureSource::open(Container container, int shrink, Need need) const {
    if (container == Container::Tiff)
        if (auto image = openYcbcrTiff(m_source, need == Need::Pixels))
            return *image;
    return openWithVips(*m_vips, container, shrink);
}

PictureFacts readFacts(const ByteSource& source, const std::string& name) {
    PictureFacts facts;
    facts.container = sniffContainer(source);
    if (facts.container == Container::Unknown)
        notAPicture(name,
                    source.size() == 0 ? "the file is empty" : "this is no picture file Keep Seal can read");
    if (facts.container == Container::Tiff && isCameraRaw(source))
        throw Problem(ProblemKind::NotAPicture, name,
                      "this is a camera raw file: only its small preview could be shown",
                      "Export it as a JPEG or TIFF first");
    const PictureSource opened(source);
    try {
        const VImage image = opened.open(facts.container, 1, PictureSource::Need::Header);
        facts.stored = {image.width(), image.height()};
        facts.orientation = orientationOf(image, facts.container);
        facts.size = facts.orientation >= 5 ? Size{facts.stored.height, facts.stored.width} : facts.stored;
        facts.bits = static_cast<int>(vips_format_sizeof(image.format())) * 8;
        facts.channels = image.bands();
        facts.hasAlpha = image.has_alpha();
        facts.hasProfile = image.get_typeof(VIPS_META_ICC_NAME) != 0;
        // libvips has one pixel to the millimetre where a file says nothing; no camera or program says so.
        facts.pixelsPerMm = image.xres() == 1.0 ? 0 : image.xres();
        facts.wholeAtOnce = image.get_typeof("interlaced") != 0 && image.get_int("interlaced") != 0;
        facts.pages = image.get_typeof("n-pages") ? std::max(1, image.get_int("n-pages")) : 1;
        facts.colour = isCmyk(image)                       ? "CMYK"
                       : image.get_typeof(kYcbcrTiff) != 0 ? "YCbCr"
                       : image.bands() < 3                 ? "greyscale"
                                                           : "RGB";
    } catch (const vips::VError&) {
        const auto why = takeVipsError();
        notAPicture(name, "the picture can't be read (" + why + ")");
    }
    if (facts.stored.pixels() > kMaxPixels)
        throw Problem(ProblemKind::TooLarge, name,
                      "the header claims " + std::to_string(facts.stored.width) + " x " +
                          std::to_string(facts.stored.height) + " pixels",
                      "Keep Seal takes pictures of up to 1000 megapixels");
    return facts;
}

ColourSpacePtr embeddedSpace(const ByteSource& source, const PictureFacts& facts) {
    const PictureSource opened(source);
    try {
        return profileOf(opened.open(facts.container, 1, PictureSource::Need::Header), nullptr);
    } catch (const vips::VError&) {
        vips_error_clear();
        return nullptr;
    }
}

DecodedPtr decodePicture(const ByteSource& source, const std::string& name, const PictureFacts& facts,
                         int shrink) {
    requireFits(decoderMemory(facts) + decodedMemory(facts, shrink), name);
    const PictureSource opened(source);
    return opened.tellingDamage(name, [&] {
        auto out = std::make_shared<DecodedPicture>();
        out->image = opened.open(facts.container, shrink).copy_memory();
        out->shrink = shrink;
        return out;
    });
}

} // namespace keepseal
