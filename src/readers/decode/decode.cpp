// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/decode.h"
#include "decode/untouched.h"

#include "base/problem.h"
#include "decode/bitmap.h"
#include "decode/camera_raw.h"
#include "decode/drawing.h"
#include "decode/jpeg_rows.h"
#include "decode/ycbcr_tiff.h"
#include "picture/engine.h"
#include "picture/file_kind.h"

#include <cstdlib>

namespace keepseal {

using vips::VImage;

void prepareReaders() {
    ::setenv("OMP_NUM_THREADS", "1", 0); // LibRaw: workers are ours
}

void startReaders() {
    for (const char* loader :
         {"VipsForeignLoadJpeg", "VipsForeignLoadPng", "VipsForeignLoadTiff", "VipsForeignLoadWebp",
          "VipsForeignLoadHeif", "VipsForeignLoadJxl", "VipsForeignLoadNsgif", "VipsForeignLoadPpm",
          // an SVG passes a gate first (decode/svg_gate.h)
          "VipsForeignLoadSvg", "VipsForeignLoadPdf"})
        vips_operation_block_set(loader, FALSE);
}

void notAPicture(const std::string& name, const Saying& why) {
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

void PictureSource::tellDamage(const std::string& name, const std::string& thrown) const {
    auto why = takeVipsError();
    if (m_failed)
        throw Problem(ProblemKind::CannotRead, name, "reading the file failed half-way");
    notAPicture(name,
                Saying("the picture data is damaged ({reason})", {{"reason", why.empty() ? thrown : why}}));
}

namespace {

VImage openWithVips(const vips::VSource& source, const PictureFacts& facts, int shrink) {
    auto* options =
        VImage::option()->set("access", VIPS_ACCESS_SEQUENTIAL)->set("fail_on", VIPS_FAIL_ON_TRUNCATED);
    const int page = facts.reading.page;
    if (page > 0) // without it a HEIF gives the picture it calls its first
        options->set("page", page);
    switch (facts.container) {
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
    case Container::Gif:
        return VImage::gifload_source(source, options);
    case Container::Pnm:
        return VImage::ppmload_source(source, options);
    default:
        break;
    }
    delete options;
    throw vips::VError("not a picture file Keep Seal knows");
}

} // namespace

VImage PictureSource::openRaw(const PictureFacts& facts, int shrink, Need need) const {
    if (facts.reading.raw == RawPicture::Developed)
        return openDeveloped(m_source, shrink, need == Need::Pixels);
    m_inner = camerasPicture(m_source);
    m_innerSource = std::make_unique<MemorySource>(m_inner);
    if (sniffContainer(*m_innerSource) != Container::Jpeg)
        throw vips::VError("the camera put no picture of its own into it");
    m_innerPicture = std::make_unique<PictureSource>(*m_innerSource);
    PictureFacts inner;
    inner.container = Container::Jpeg;
    auto out = m_innerPicture->open(inner, shrink, need);
    // Cameras turn the numbers of the raw file and not always those of their picture.
    const bool says = out.get_typeof(VIPS_META_ORIENTATION) && out.get_int(VIPS_META_ORIENTATION) != 1;
    const bool turnedAlready = out.height() > out.width();
    if (const int whole = orientationOfRaw(m_source); !says && !(whole >= 5 && turnedAlready))
        out.set(VIPS_META_ORIENTATION, whole);
    return out;
}

VImage PictureSource::open(const PictureFacts& facts, int shrink, Need need) const {
    const bool pixels = need == Need::Pixels;
    switch (facts.container) {
    case Container::Tiff:
        if (auto image = openYcbcrTiff(m_source, facts.reading.page, pixels))
            return *image;
        break;
    case Container::Bmp:
        return openBitmap(m_source, pixels);
    case Container::CameraRaw:
        return openRaw(facts, shrink, need);
    case Container::Svg:
    case Container::Pdf:
        m_inner = drawingOf(m_source, facts.container);
        return openDrawing(m_inner, facts, shrink, pixels);
    default:
        break;
    }
    return openWithVips(*m_vips, facts, shrink);
}

namespace {

PictureFacts factsOfPicture(const ByteSource& source, Container container, const Reading& reading,
                            const std::string& name) {
    PictureFacts facts;
    facts.container = container;
    facts.reading = reading;
    const PictureSource opened(source);
    const VImage image = opened.open(facts, 1, PictureSource::Need::Header);
    facts.stored = {image.width(), image.height()};
    facts.orientation = orientationOf(image, container);
    facts.size = facts.orientation >= 5 ? Size{facts.stored.height, facts.stored.width} : facts.stored;
    facts.bits = static_cast<int>(vips_format_sizeof(image.format())) * 8;
    facts.channels = image.bands();
    facts.hasAlpha = image.has_alpha();
    facts.hasProfile = image.get_typeof(VIPS_META_ICC_NAME) != 0;
    // libvips has one pixel to the millimetre where a file says nothing; no camera or program says so.
    facts.pixelsPerMm = image.xres() == 1.0 ? 0 : image.xres();
    facts.wholeAtOnce = image.get_typeof("interlaced") != 0 && image.get_int("interlaced") != 0;
    if (const auto kept =
            container == Container::Jpeg && facts.bits == 8 ? keptBlocks(source) : std::nullopt) {
        const auto space = profileOf(image, nullptr);
        facts.keepsBlocks = true;
        facts.perColour = *kept;
        facts.srgb = !space || space == srgbSpace();
    }
    facts.pages = image.get_typeof("n-pages") ? std::max(1, image.get_int("n-pages")) : 1;
    facts.colour = isCmyk(image)                       ? "CMYK"
                   : image.get_typeof(kYcbcrTiff) != 0 ? "YCbCr"
                   : image.bands() < 3                 ? "greyscale"
                                                       : "RGB";
    if (facts.stored.pixels() > kMaxPixels)
        throw Problem(ProblemKind::TooLarge, name,
                      Saying("the header claims {width} x {height} pixels",
                             {{"width", std::to_string(facts.stored.width)},
                              {"height", std::to_string(facts.stored.height)}}),
                      "Keep Seal takes pictures of up to 1000 megapixels");
    return facts;
}

/// Frames of a moving picture share one canvas; pages may differ in everything.
bool pagesDiffer(Container container) {
    return container == Container::Tiff || container == Container::Pdf || container == Container::Heif;
}

/// A page that can't be read is as the first: it will be told when its turn comes.
void readFurther(const ByteSource& source, const std::string& name, PictureFacts& facts) {
    if (facts.pages < 2 || !pagesDiffer(facts.container))
        return;
    auto further = std::make_shared<std::vector<PictureFacts>>();
    for (int page = 1; page < std::min(facts.pages, kMostPages); ++page) {
        try {
            further->push_back(factsOfPicture(source, facts.container, {page, {}}, name));
        } catch (const vips::VError&) {
            vips_error_clear();
            further->push_back(facts);
            further->back().reading.page = page;
        }
        further->back().pages = facts.pages;
    }
    facts.further = std::move(further);
}

void readCameras(const ByteSource& source, const std::string& name, PictureFacts& facts) {
    if (facts.container != Container::CameraRaw)
        return;
    try {
        facts.cameras = std::make_shared<const PictureFacts>(
            factsOfPicture(source, facts.container, {0, RawPicture::Cameras}, name));
    } catch (const vips::VError&) {
        vips_error_clear(); // it has none
    }
}

Container containerOf(const ByteSource& source, const std::string& name) {
    const auto container = sniffContainer(source);
    if (isCameraRaw(source))
        return Container::CameraRaw;
    if (container == Container::Unknown)
        notAPicture(name,
                    source.size() == 0 ? "the file is empty" : "this is no picture file Keep Seal can read");
    return container;
}

} // namespace

PictureFacts readFacts(const ByteSource& source, const std::string& name) {
    const auto container = containerOf(source, name);
    if (container == Container::CameraRaw && cameraOf(source).empty())
        throw Problem(ProblemKind::NotAPicture, name, "this camera's raw files are not known",
                      "Export it as a JPEG, TIFF or DNG first");
    try {
        auto facts = factsOfPicture(source, container, {}, name);
        readFurther(source, name, facts);
        readCameras(source, name, facts);
        return facts;
    } catch (Problem& problem) {
        if (problem.subject.empty()) // the gate of drawings does not know whose bytes it reads
            problem.subject = name;
        throw;
    } catch (const vips::VError& error) {
        auto why = takeVipsError();
        if (why.empty())
            why = error.what();
        notAPicture(name, Saying("the picture can't be read ({why})", {{"why", why}}));
    }
}

ColourSpacePtr embeddedSpace(const ByteSource& source, const PictureFacts& facts) {
    const PictureSource opened(source);
    try {
        return profileOf(opened.open(facts, 1, PictureSource::Need::Header), nullptr);
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
        const VImage image = opened.open(facts, shrink);
        out->shrink = shrink;
        if (const auto jpeg = plainJpeg(source, facts, shrink); jpeg.file) {
            out->whole = blankImage(image);
            if (readAllRows(jpeg, image, out->whole.memory.data()))
                return out;
        }
        out->whole = keptImage(image);
        return out;
    });
}

} // namespace keepseal
