// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/support.h"

#include <exiv2/exiv2.hpp>
#include <vips/vips8>

#include <cmath>
#include <cstdlib>
#include <fstream>
#include <sstream>
#include <sys/wait.h>
#include <unistd.h>

namespace keepseal::test {

TempFolder::TempFolder() {
    std::string pattern = (fs::temp_directory_path() / "keep-seal-test-XXXXXX").string();
    m_path = ::mkdtemp(pattern.data());
    ::setenv("XDG_STATE_HOME", (m_path / "state").c_str(), 1);
    ::setenv("XDG_CONFIG_HOME", (m_path / "config").c_str(), 1);
    ::setenv("XDG_DATA_HOME", (m_path / "data").c_str(), 1);
    // Without it designs that ask who makes the copies would be held back.
    writeFile(m_path / "config/keep-seal/who-you-are.json",
              R"({"format": "keep-seal/who-you-are", "version": 1, "studio": "Marsh & Line",
                  "creator": "Wrenna Oake", "link": "tidemark.example", "contact": "desk@tidemark.example.com",
                  "emblem": "shipped:tidemark-light.svg", "emblem_dark": "shipped:tidemark-dark.svg"})");
}

TempFolder::~TempFolder() {
    std::error_code error;
    for (const auto& entry : fs::recursive_directory_iterator(m_path, error))
        if (entry.is_directory(error) && !entry.is_symlink(error))
            fs::permissions(entry.path(), fs::perms::owner_all, fs::perm_options::add, error);
    fs::remove_all(m_path, error);
}

std::array<int, 3> rampColour(double x, double y, int width, int height) {
    return {static_cast<int>(std::lround(40 + 180 * x / width)),
            static_cast<int>(std::lround(40 + 180 * y / height)), 60};
}

namespace {

using vips::VImage;

VImage ramp(int width, int height) {
    const VImage xy = VImage::xyz(width, height);
    const VImage r = xy.extract_band(0) * (180.0 / width) + 40;
    const VImage g = xy.extract_band(1) * (180.0 / height) + 40;
    return r.bandjoin(g)
        .bandjoin(r.new_from_image(60.0))
        .cast(VIPS_FORMAT_UCHAR)
        .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB));
}

void plant(const fs::path& path, const Planted& p) {
    auto image = Exiv2::ImageFactory::open(path.string());
    image->readMetadata();
    auto& exif = image->exifData();
    if (p.orientation != 1)
        exif["Exif.Image.Orientation"] = std::uint16_t(p.orientation);
    if (p.gps) {
        exif["Exif.GPSInfo.GPSLatitudeRef"] = "N";
        exif["Exif.GPSInfo.GPSLatitude"] = "54/1 15/1 0/1";
        exif["Exif.GPSInfo.GPSLongitudeRef"] = "E";
        exif["Exif.GPSInfo.GPSLongitude"] = "3/1 30/1 0/1";
    }
    if (p.camera) {
        exif["Exif.Image.Make"] = "Saltmarsh Optics";
        exif["Exif.Image.Model"] = "Heron 24";
        exif["Exif.Photo.BodySerialNumber"] = "SN-778899";
        exif["Exif.Photo.DateTimeOriginal"] = "2026:05:09 07:31:00";
    }
    if (!p.xmpCity.empty())
        image->xmpData()["Xmp.photoshop.City"] = p.xmpCity;
    if (!p.description.empty())
        image->xmpData()["Xmp.dc.description"] = p.description;
    if (!p.iimCity.empty())
        image->iptcData()["Iptc.Application2.City"] = p.iimCity;
    if (!p.comment.empty())
        image->setComment(p.comment);
    image->writeMetadata();
}

bool plantsMetadata(const Planted& p) {
    return p.orientation != 1 || p.gps || p.camera || !p.xmpCity.empty() || !p.iimCity.empty() ||
           !p.comment.empty() || !p.description.empty();
}

std::string drain(int descriptor) {
    std::string out;
    char buffer[4096];
    ssize_t count = 0;
    while ((count = ::read(descriptor, buffer, sizeof buffer)) > 0)
        out.append(buffer, static_cast<std::size_t>(count));
    ::close(descriptor);
    return out;
}

} // namespace

void makePicture(const fs::path& path, int width, int height, const Planted& planted) {
    fs::create_directories(path.parent_path());
    vips_operation_block_set("VipsForeignSaveJxl", FALSE); // the program itself never writes it
    ramp(width, height).write_to_file(path.c_str());
    if (plantsMetadata(planted))
        plant(path, planted);
    if (!planted.trailer.empty())
        std::ofstream(path, std::ios::binary | std::ios::app) << planted.trailer;
}

Bytes readFile(const fs::path& path) {
    const auto text = readText(path);
    return {text.begin(), text.end()};
}

std::string readText(const fs::path& path) {
    std::ifstream stream(path, std::ios::binary);
    std::ostringstream text;
    text << stream.rdbuf();
    return text.str();
}

void makePages(const fs::path& path, Size size, const std::vector<Rgb>& colours) {
    std::vector<VImage> pages;
    for (const auto& colour : colours)
        pages.push_back((VImage::black(size.width, size.height, VImage::option()->set("bands", 3)) +
                         std::vector<double>{double(colour.r), double(colour.g), double(colour.b)})
                            .cast(VIPS_FORMAT_UCHAR)
                            .copy(VImage::option()->set("interpretation", VIPS_INTERPRETATION_sRGB)));
    VImage strip = VImage::arrayjoin(pages, VImage::option()->set("across", 1)).copy();
    strip.set("page-height", size.height);
    strip.write_to_file(path.c_str());
}

void writeFile(const fs::path& path, const std::string& bytes) {
    fs::create_directories(path.parent_path());
    std::ofstream(path, std::ios::binary) << bytes;
}

Frame plainFrame(int width, int height, Rgb colour) {
    Frame frame;
    frame.size = {width, height};
    frame.picture = {0, 0, width, height};
    for (std::int64_t i = 0; i < frame.size.pixels(); ++i)
        for (const auto v : {colour.r, colour.g, colour.b})
            frame.rgb.push_back(v);
    return frame;
}

Ran runProgram(const std::vector<std::string>& words, const std::map<std::string, std::string>& environment) {
    int outPipe[2], errPipe[2];
    if (::pipe(outPipe) != 0 || ::pipe(errPipe) != 0)
        return {};
    const pid_t child = ::fork();
    if (child == 0) {
        for (const auto& [key, value] : environment)
            ::setenv(key.c_str(), value.c_str(), 1);
        ::dup2(outPipe[1], 1);
        ::dup2(errPipe[1], 2);
        for (const int fd : {outPipe[0], outPipe[1], errPipe[0], errPipe[1]})
            ::close(fd);
        std::vector<char*> argv;
        for (const auto& word : words)
            argv.push_back(const_cast<char*>(word.c_str()));
        argv.push_back(nullptr);
        ::execvp(argv[0], argv.data());
        ::_exit(127);
    }
    ::close(outPipe[1]);
    ::close(errPipe[1]);
    Ran ran;
    ran.out =
        drain(outPipe[0]); // the programs under test say little on stderr, so one after the other is safe
    ran.err = drain(errPipe[0]);
    int status = 0;
    ::waitpid(child, &status, 0);
    ran.exitCode = WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
    return ran;
}

Ran cli(std::vector<std::string> words) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    return runProgram(words);
}

std::string exiftool(const fs::path& file, const std::string& tag) {
    auto out = runProgram({"exiftool", "-s3", "-n", "-" + tag, file.string()}).out;
    while (!out.empty() && out.back() == '\n')
        out.pop_back();
    return out;
}

std::vector<std::string> said(const Notes& notes) {
    std::vector<std::string> out;
    for (const auto& note : notes)
        out.push_back(sentenceOf(note));
    return out;
}

Delivery sampleDelivery(const fs::path& folder) {
    Delivery delivery;
    delivery.name = "Web gallery";
    delivery.seal.setText("Tidemark");
    delivery.rights.setAlways("creator", "Wrenna Oake; Ines Gull");
    delivery.rights.setAlways("copyright_notice", "© 2026 Marsh & Line Studio");
    delivery.place.folder = folder.string();
    return delivery;
}

} // namespace keepseal::test
