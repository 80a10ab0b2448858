// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What tests share: folders that clean up, small pictures with planted secrets, outside readers.
#pragma once

#include "base/byte_source.h"
#include "base/note.h"
#include "delivery/delivery.h"
#include "picture/frame.h"

#include <filesystem>
#include <map>
#include <string>
#include <vector>

namespace keepseal::test {

/// Built with sanitizers: what is only more of the same pixels is left to the other build, which has ten
/// times the speed.
#ifdef __SANITIZE_ADDRESS__
inline constexpr bool kSanitized = true;
#else
inline constexpr bool kSanitized = false;
#endif

namespace fs = std::filesystem;

/// A new folder, removed at the end; also the state folder of everything run meanwhile.
class TempFolder {
public:
    TempFolder();
    ~TempFolder();
    const fs::path& path() const { return m_path; }
    fs::path operator/(const std::string& name) const { return m_path / name; }

private:
    fs::path m_path;
};

/// What a test picture carries besides its pixels.
struct Planted {
    int orientation = 1;
    bool gps = false;        ///< 54.25 N, 3.5 E in Exif
    bool camera = false;     ///< make, model, body serial, maker note
    std::string xmpCity;     ///< photoshop:City
    std::string iimCity;     ///< 2:90
    std::string comment;     ///< JPEG COM
    std::string description; ///< dc:description
    std::string trailer;     ///< bytes after the end
};

inline constexpr const char* kSecretCity = "Heronsluice";

/// A picture with a smooth colour ramp (red grows to the right, green downwards, blue is 60); the file's
/// ending picks the format. 1-based grid marks are not needed: the ramp tells orientation by itself.
void makePicture(const fs::path& path, int width, int height, const Planted& planted = {});
/// A file of several pages (TIFF) or frames (GIF), one of each colour.
void makePages(const fs::path& path, Size size, const std::vector<Rgb>& colours);
/// The ramp's own colour at a point, as the oracle.
std::array<int, 3> rampColour(double x, double y, int width, int height);

Bytes readFile(const fs::path& path);
std::string readText(const fs::path& path);
void writeFile(const fs::path& path, const std::string& bytes);
/// An even frame of one colour.
Frame plainFrame(int width, int height, Rgb colour);

struct Ran {
    int exitCode = -1;
    std::string out, err;
};
/// Runs a program without a shell.
Ran runProgram(const std::vector<std::string>& words,
               const std::map<std::string, std::string>& environment = {});
/// keep-seal-cli with these words.
Ran cli(std::vector<std::string> words);
/// A tag by the independent reader exiftool, "" when it is not there.
std::string exiftool(const fs::path& file, const std::string& tag);

/// What notes say, as a person reads it.
std::vector<std::string> said(const Notes& notes);
/// Those that are more than facts.
inline Notes worthALook(Notes notes) {
    std::erase_if(notes, [](const Note& note) { return severityOf(note) < Severity::WorthALook; });
    return notes;
}

/// A delivery with a seal, rights and `folder`.
Delivery sampleDelivery(const fs::path& folder);

} // namespace keepseal::test
