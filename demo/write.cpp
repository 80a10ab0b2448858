// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "write.h"

#include "raw_file.h"

#include <exiv2/exiv2.hpp>
#include <vips/vips8>

#include <cstdio>
#include <jpeglib.h>

#include <cmath>
#include <fstream>
#include <mutex>
#include <sstream>

namespace demo {
namespace {

using vips::VImage;
namespace fs = std::filesystem;

constexpr int kCanvasLongSide = 2500;

std::uint32_t seedOf(const std::string& name) {
    std::uint32_t seed = 2166136261U;
    for (const char c : name)
        seed = (seed ^ static_cast<unsigned char>(c)) * 16777619U;
    return seed % 100000;
}

/// Upright pixels: 16-bit for TIFF, else 8-bit with a fine dither, so that skies do not band.
VImage develop(const Scene& scene) {
    const auto seed = seedOf(scene.name);
    const double shrink =
        std::min(1.0, static_cast<double>(kCanvasLongSide) / std::max(scene.width, scene.height));
    // A panorama is painted finer, for its height would be too few rows.
    const double scale = scene.width > 3 * scene.height ? std::min(1.0, shrink * 1.7) : shrink;
    Canvas canvas(static_cast<int>(std::lround(scene.width * scale)),
                  static_cast<int>(std::lround(scene.height * scale)));
    scene.paint(canvas, seed);
    Developer developer(canvas, scene.camera, scene.width, scene.height, seed);
    std::vector<std::uint16_t> row(static_cast<std::size_t>(scene.width) * 3);
    const bool deep = scene.kind == FileKind::Tiff16;
    std::vector<std::uint8_t> bytes(static_cast<std::size_t>(scene.width) * scene.height * 3 *
                                    (deep ? 2 : 1));
    Random dither(seed);
    for (int y = 0; y < scene.height; ++y) {
        developer.row(y, row.data());
        if (deep) {
            std::copy_n(reinterpret_cast<const std::uint8_t*>(row.data()), row.size() * 2,
                        &bytes[static_cast<std::size_t>(y) * row.size() * 2]);
            continue;
        }
        auto* out = &bytes[static_cast<std::size_t>(y) * row.size()];
        for (std::size_t i = 0; i < row.size(); ++i)
            out[i] = static_cast<std::uint8_t>(std::min(255U, (row[i] + (dither.next() >> 24)) >> 8));
    }
    return VImage::new_from_memory(bytes.data(), bytes.size(), scene.width, scene.height, 3,
                                   deep ? VIPS_FORMAT_USHORT : VIPS_FORMAT_UCHAR)
        .copy(VImage::option()->set("interpretation",
                                    deep ? VIPS_INTERPRETATION_RGB16 : VIPS_INTERPRETATION_sRGB))
        .copy_memory(); // the copy outlives `bytes`
}

/// Stored so that turning by the Exif orientation gives the upright picture.
VImage storedAs(const VImage& upright, int orientation) {
    switch (orientation) {
    case 3:
        return upright.rot180();
    case 6:
        return upright.rot270();
    case 8:
        return upright.rot90();
    default:
        return upright;
    }
}

std::string jpegOf(const VImage& image, int quality) {
    VipsBlob* blob = image.jpegsave_buffer(VImage::option()->set("Q", quality)->set("strip", true));
    size_t size = 0;
    const auto* data = static_cast<const char*>(vips_blob_get(blob, &size));
    std::string out(data, size);
    vips_area_unref(VIPS_AREA(blob));
    return out;
}

/// 160 x 120 with black bars, as cameras write it.
std::vector<char> previewOf(const VImage& stored) {
    const double scale = std::min(160.0 / stored.width(), 120.0 / stored.height());
    const VImage small = stored.resize(scale);
    const VImage barred = small.embed((160 - small.width()) / 2, (120 - small.height()) / 2, 160, 120);
    const auto bytes = jpegOf(barred, 75);
    return {bytes.begin(), bytes.end()};
}

void addCamera(Exiv2::ExifData& exif, const Scene& scene) {
    exif["Exif.Image.Make"] = "Saltmarsh Optics";
    exif["Exif.Image.Model"] = "Heron 24";
    exif["Exif.Image.Software"] = "Heron firmware 1.04";
    exif["Exif.Image.DateTime"] = scene.taken;
    exif["Exif.Photo.DateTimeOriginal"] = scene.taken;
    exif["Exif.Photo.OffsetTimeOriginal"] = "+02:00";
    exif["Exif.Photo.BodySerialNumber"] = "HN24-0041877";
    exif["Exif.Photo.LensModel"] = "Tern 24-105 mm f/4";
    exif["Exif.Photo.LensSerialNumber"] = "TN-220913";
    exif["Exif.Photo.FNumber"] = Exiv2::Rational(56, 10);
    exif["Exif.Photo.ExposureTime"] = Exiv2::Rational(1, 640);
    exif["Exif.Photo.ISOSpeedRatings"] = std::uint16_t(200);
    exif["Exif.Photo.FocalLength"] = Exiv2::Rational(50, 1);
    exif["Exif.Photo.ColorSpace"] = std::uint16_t(1);
    exif["Exif.Image.Orientation"] = std::uint16_t(scene.orientation);
    exif["Exif.Image.XResolution"] = Exiv2::Rational(300, 1);
    exif["Exif.Image.YResolution"] = Exiv2::Rational(300, 1);
    exif["Exif.Image.ResolutionUnit"] = std::uint16_t(2);
}

/// Out at sea, far from any shore; a little different for each picture.
void addPlace(Exiv2::ExifData& exif, const Scene& scene) {
    const auto seed = seedOf(scene.name);
    exif["Exif.GPSInfo.GPSVersionID"] = "2 3 0 0";
    exif["Exif.GPSInfo.GPSLatitudeRef"] = "N";
    exif["Exif.GPSInfo.GPSLatitude"] =
        "48/1 " + std::to_string(10 + seed % 30) + "/1 " + std::to_string(seed % 6000) + "/100";
    exif["Exif.GPSInfo.GPSLongitudeRef"] = "W";
    exif["Exif.GPSInfo.GPSLongitude"] =
        "23/1 " + std::to_string(5 + seed % 40) + "/1 " + std::to_string((seed * 7) % 6000) + "/100";
    exif["Exif.GPSInfo.GPSAltitude"] = Exiv2::Rational(2, 1);
    exif["Exif.GPSInfo.GPSDateStamp"] = scene.taken.substr(0, 10);
}

/// What the photographers wrote about some of their pictures. A few name the place, as people do.
struct Words {
    const char *scene, *title, *description, *keywords, *creator;
};
constexpr Words kWords[] = {
    {"tide_0101", "Mist over the sluice", "Four kites wait for wind on the tidal marsh.",
     "kites;mist;morning", "Wrenna Oake"},
    {"tide_0127", "", "Early walkers on the dike near Heronsluice.", "walkers;mist", "Wrenna Oake"},
    {"tide_0204", "Noon kites", "Deltas and a box kite under a hard noon sky.", "kites;noon;sky",
     "Wrenna Oake"},
    {"tide_0219", "The long tail", "A tail of forty metres, drawn by one hand.", "kites;tail", "Ines Gull"},
    {"tide_0320", "Flyers on the sand", "The Heronsluice kite flyers before the evening tide.",
     "kites;people;Heronsluice", "Ines Gull"},
    {"tide_0333", "Crowd at sunset", "Spectators against the last light.", "crowd;sunset", "Ines Gull"},
    {"tide_0512", "Lanterns", "Paper lanterns along the sea wall.", "lanterns;dusk;event", "Ines Gull"},
    {"tide_0607", "Night flight", "Lit kites an hour before midnight.", "kites;night", "Wrenna Oake"},
};

void addWords(Exiv2::Image& image, const Scene& scene) {
    for (const auto& words : kWords) {
        if (scene.name != words.scene)
            continue;
        auto& xmp = image.xmpData();
        const auto inLanguage = [&](const char* key, const std::string& text) {
            if (!text.empty())
                xmp[key] = "lang=x-default " + text;
        };
        inLanguage("Xmp.dc.title", words.title);
        inLanguage("Xmp.dc.description", words.description);
        xmp["Xmp.dc.creator"] = words.creator;
        std::stringstream list(words.keywords);
        Exiv2::XmpArrayValue keywords(Exiv2::xmpBag);
        for (std::string keyword; std::getline(list, keyword, ';');)
            keywords.read(keyword);
        xmp["Xmp.dc.subject"].setValue(&keywords);
    }
}

void addMetadata(const fs::path& file, const Scene& scene, const std::vector<char>& preview) {
    static std::mutex one; // Exiv2's XMP tool kit serves one thread at a time
    const std::lock_guard lock(one);
    auto image = Exiv2::ImageFactory::open(file.string());
    image->readMetadata();
    auto& exif = image->exifData();
    addCamera(exif, scene);
    if (scene.exifPlace)
        addPlace(exif, scene);
    if (scene.textPlaceOnly) {
        image->xmpData()["Xmp.photoshop.City"] = "Heronsluice";
        image->xmpData()["Xmp.iptc.Location"] = "East tidal marsh";
        image->iptcData()["Iptc.Envelope.CharacterSet"] = "\x1b%G";
        image->iptcData()["Iptc.Application2.City"] = "Heronsluice";
    }
    addWords(*image, scene);
    if (!preview.empty())
        Exiv2::ExifThumb(exif).setJpegThumbnail(reinterpret_cast<const Exiv2::byte*>(preview.data()),
                                                static_cast<long>(preview.size()));
    image->writeMetadata();
}

/// 4:2:2 (colour at half width), as cameras write it; libvips knows only 4:4:4 and 4:2:0.
void saveJpeg(const VImage& image, const fs::path& file) {
    std::unique_ptr<std::FILE, int (*)(std::FILE*)> out(std::fopen(file.c_str(), "wb"), std::fclose);
    if (!out)
        throw std::runtime_error("cannot write " + file.string());
    jpeg_compress_struct coder{};
    jpeg_error_mgr errors{};
    coder.err = jpeg_std_error(&errors);
    jpeg_create_compress(&coder);
    jpeg_stdio_dest(&coder, out.get());
    coder.image_width = static_cast<JDIMENSION>(image.width());
    coder.image_height = static_cast<JDIMENSION>(image.height());
    coder.input_components = image.bands();
    coder.in_color_space = image.bands() == 1 ? JCS_GRAYSCALE : JCS_RGB;
    jpeg_set_defaults(&coder);
    jpeg_set_quality(&coder, 93, TRUE);
    if (image.bands() == 3) {
        coder.comp_info[0].h_samp_factor = 2;
        coder.comp_info[0].v_samp_factor = 1;
    }
    jpeg_start_compress(&coder, TRUE);
    const VImage pixels = image.copy_memory();
    auto* data = static_cast<std::uint8_t*>(const_cast<void*>(pixels.data()));
    while (coder.next_scanline < coder.image_height) {
        JSAMPROW row = data + static_cast<std::size_t>(coder.next_scanline) * pixels.width() * pixels.bands();
        jpeg_write_scanlines(&coder, &row, 1);
    }
    jpeg_finish_compress(&coder);
    jpeg_destroy_compress(&coder);
}

/// What a sensor would have seen for this picture; its camera puts a small picture of its own into the file.
void saveRaw(const VImage& upright, const Scene& scene, const fs::path& file) {
    const VImage pixels = upright.copy_memory();
    const auto* data = static_cast<const std::uint8_t*>(pixels.data());
    std::array<double, 256> linear{}; // IEC 61966-2-1
    for (std::size_t i = 0; i < linear.size(); ++i) {
        const double v = static_cast<double>(i) / 255;
        linear[i] = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    }
    RawScene raw;
    raw.width = pixels.width(), raw.height = pixels.height();
    raw.light = [&](int x, int y) {
        const auto* p = data + (static_cast<std::size_t>(y) * static_cast<std::size_t>(raw.width) +
                                static_cast<std::size_t>(x)) *
                                   3;
        return std::array<double, 3>{linear[p[0]], linear[p[1]], linear[p[2]]};
    };
    raw.inset = 4;
    raw.place = true;
    raw.taken = scene.taken;
    const VImage small = upright.resize(0.5);
    raw.preview = jpegOf(small, 85);
    raw.previewWidth = small.width(), raw.previewHeight = small.height();
    const auto bytes = rawFile(raw);
    std::ofstream(file, std::ios::binary).write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
}

VImage cutOut(const VImage& image) {
    // Opaque where the picture differs from its plain ground.
    const VImage difference = (image.cast(VIPS_FORMAT_FLOAT) - image.getpoint(3, 3)).abs().bandmean();
    const VImage alpha = ((difference.gaussblur(1.2) - 7) * 26).cast(VIPS_FORMAT_UCHAR);
    return image.bandjoin(alpha).copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
}

} // namespace

void startWriting(const char* program) {
    if (VIPS_INIT(program) != 0)
        throw std::runtime_error("libvips did not start");
    vips_concurrency_set(1);
    Exiv2::XmpParser::initialize();
    Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
}

fs::path makePicture(const Scene& scene, const fs::path& folder) {
    const VImage upright = develop(scene);
    const auto path = [&](const char* ending) { return folder / (scene.name + ending); };
    switch (scene.kind) {
    case FileKind::Tiff16:
        upright.tiffsave(path(".tif").c_str(),
                         VImage::option()
                             ->set("compression", VIPS_FOREIGN_TIFF_COMPRESSION_LZW)
                             ->set("predictor", VIPS_FOREIGN_TIFF_PREDICTOR_HORIZONTAL));
        addMetadata(path(".tif"), scene, {});
        return path(".tif");
    case FileKind::PngCutout:
        cutOut(upright).pngsave(path(".png").c_str());
        return path(".png");
    case FileKind::WebP:
        upright.webpsave(path(".webp").c_str(), VImage::option()->set("Q", 88));
        return path(".webp");
    case FileKind::WideGamut: {
        const VImage wide = upright.icc_transform(
            "p3", VImage::option()->set("input_profile", "srgb")->set("embedded", false)->set("depth", 8));
        wide.jpegsave(path(".jpg").c_str(),
                      VImage::option()->set("Q", 93)->set("subsample_mode", VIPS_FOREIGN_SUBSAMPLE_ON));
        addMetadata(path(".jpg"), scene, previewOf(upright));
        return path(".jpg");
    }
    case FileKind::Grey:
        saveJpeg(upright.colourspace(VIPS_INTERPRETATION_B_W), path(".jpg"));
        addMetadata(path(".jpg"), scene, {});
        return path(".jpg");
    case FileKind::Cmyk:
        upright.icc_transform("cmyk", VImage::option()->set("input_profile", "srgb")->set("embedded", false))
            .jpegsave(path(".jpg").c_str(), VImage::option()->set("Q", 92));
        return path(".jpg");
    case FileKind::CameraRaw:
        saveRaw(upright, scene, path(".dng"));
        return path(".dng");
    case FileKind::CameraJpeg:
        break;
    }
    const VImage stored = storedAs(upright, scene.orientation);
    saveJpeg(stored, path(".jpg"));
    addMetadata(path(".jpg"), scene, previewOf(stored));
    return path(".jpg");
}

void makeBroken(const fs::path& whole, const fs::path& broken) {
    std::ifstream in(whole, std::ios::binary);
    std::vector<char> bytes(static_cast<std::size_t>(fs::file_size(whole) * 45 / 100));
    in.read(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    std::ofstream(broken, std::ios::binary).write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
}

void writeLogos(const fs::path& folder) {
    for (const auto& [name, ink] :
         {std::pair{"tidemark-light.svg", "#ffffff"}, {"tidemark-dark.svg", "#1a1f24"}})
        std::ofstream(folder / name)
            << "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 200 120\">\n"
            << "  <g fill=\"none\" stroke=\"" << ink
            << "\" stroke-width=\"6\" stroke-linejoin=\"round\" stroke-linecap=\"round\">\n"
            << "    <path d=\"M100 8 132 46 100 92 68 46zM68 46h64M100 8v84\"/>\n"
            << "    <path d=\"M14 104c18-14 34-14 52 0s34 14 52 0 34-14 52 0c6 5 10 6 16 6\"/>\n"
            << "  </g>\n</svg>\n";
}

} // namespace demo
