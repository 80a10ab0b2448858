// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "picture/file_kind.h"

#include "decode/camera.h"

#include <algorithm>
#include <array>
#include <string_view>
#include <vector>

namespace keepseal {
namespace {

using namespace std::string_view_literals;

constexpr std::size_t kMostEntries = 512, kMostDirectories = 24;

struct Magic {
    std::size_t at;
    std::string_view bytes;
    FileKind kind;
    const char* name;
};
constexpr std::array kMagics = {
    Magic{0, "FUJIFILMCCD-RAW"sv, FileKind::CameraRaw, ""},
    Magic{4, "ftypcrx "sv, FileKind::CameraRaw, ""},
    Magic{0, "IIRO"sv, FileKind::CameraRaw, ""},
    Magic{0, "IIRS"sv, FileKind::CameraRaw, ""},
    Magic{0, "MMOR"sv, FileKind::CameraRaw, ""},
    Magic{0, "IIU\0"sv, FileKind::CameraRaw, ""},
    Magic{0, "\0MRM"sv, FileKind::CameraRaw, ""},
    Magic{0, "FOVb"sv, FileKind::CameraRaw, ""},
    Magic{0, "8BPS"sv, FileKind::OtherPicture, "a layered picture"},
    Magic{0, "\x76\x2F\x31\x01"sv, FileKind::OtherPicture, "OpenEXR"},
    Magic{0, "#?RADIANCE"sv, FileKind::OtherPicture, "Radiance"},
    Magic{0, "\0\0\0\x0CjP  "sv, FileKind::OtherPicture, "JPEG 2000"},
    Magic{0, "\xFF\x4F\xFF\x51"sv, FileKind::OtherPicture, "JPEG 2000"},
    Magic{0, "%!PS"sv, FileKind::Document, "PostScript"},
    Magic{0, "PK\x03\x04"sv, FileKind::Document, "zip"},
    Magic{4, "ftyp"sv, FileKind::Video, ""}, // those of pictures were told before
    Magic{0, "\x1A\x45\xDF\xA3"sv, FileKind::Video, ""},
    Magic{0, "\0\0\x01\xBA"sv, FileKind::Video, ""},
    Magic{8, "AVI "sv, FileKind::Video, ""},
    Magic{8, "WAVE"sv, FileKind::Video, ""},
    Magic{0, "ID3"sv, FileKind::Video, ""},
    Magic{0, "OggS"sv, FileKind::Video, ""},
    Magic{0, "fLaC"sv, FileKind::Video, ""},
};

struct Ending {
    std::string_view ending;
    FileKind kind;
    const char* name;
};
constexpr std::array kEndings = {
    Ending{".xmp", FileKind::Xmp, ""},           Ending{".svg", FileKind::OtherPicture, "SVG"},
    Ending{".txt", FileKind::Document, "text"},  Ending{".md", FileKind::Document, "text"},
    Ending{".csv", FileKind::Document, "table"}, Ending{".json", FileKind::Document, "JSON"},
    Ending{".html", FileKind::Document, "HTML"}, Ending{".xml", FileKind::Document, "XML"},
    Ending{".mts", FileKind::Video, ""},         Ending{".mpg", FileKind::Video, ""},
};

/// A TIFF's directories, as far as it takes to know raw data: main ones, and those they refer to.
class Directories {
public:
    explicit Directories(const ByteSource& source) : m_source(source) {
        const auto head = source.bytes(0, 16);
        if (head.size() < 8)
            return;
        m_big = head[0] == 'M';
        if (std::string_view(reinterpret_cast<const char*>(head.data()), head.size()).substr(8, 2) == "CR"sv)
            m_raw = true;
        m_todo.push_back(number(head.data() + 4, 4));
    }

    bool holdRaw() {
        while (!m_raw && !m_todo.empty() && m_read < kMostDirectories) {
            const auto at = m_todo.back();
            m_todo.pop_back();
            ++m_read;
            read(at);
        }
        return m_raw;
    }

private:
    std::uint64_t number(const std::uint8_t* p, int bytes) const {
        std::uint64_t out = 0;
        for (int i = 0; i < bytes; ++i)
            out = out << 8 | p[m_big ? i : bytes - 1 - i];
        return out;
    }

    void read(std::uint64_t at) {
        const auto head = m_source.bytes(at, 2);
        if (at == 0 || head.size() < 2)
            return;
        const auto count = std::min<std::uint64_t>(number(head.data(), 2), kMostEntries);
        const auto body = m_source.bytes(at + 2, count * 12 + 4);
        for (std::size_t i = 0; i < count && (i + 1) * 12 <= body.size(); ++i)
            look(body.data() + i * 12);
        if (body.size() == count * 12 + 4)
            m_todo.push_back(number(body.data() + count * 12, 4));
    }

    void look(const std::uint8_t* entry) {
        const auto tag = number(entry, 2), type = number(entry + 2, 2), count = number(entry + 4, 4);
        const auto value = number(entry + 8, type == 3 ? 2 : 4);
        constexpr std::uint64_t kPhotometric = 0x0106, kSubIfds = 0x014A, kDngVersion = 0xC612,
                                kFilterArray = 32803, kLinearRaw = 34892;
        if (tag == kDngVersion || (tag == kPhotometric && (value == kFilterArray || value == kLinearRaw)))
            m_raw = true;
        if (tag != kSubIfds || (type != 4 && type != 13))
            return;
        if (count == 1)
            return m_todo.push_back(value);
        const auto list = m_source.bytes(value, std::min<std::uint64_t>(count, 16) * 4);
        for (std::size_t i = 0; i + 4 <= list.size(); i += 4)
            m_todo.push_back(number(list.data() + i, 4));
    }

    const ByteSource& m_source;
    bool m_big = false, m_raw = false;
    std::size_t m_read = 0;
    std::vector<std::uint64_t> m_todo; ///< where directories begin
};

} // namespace

namespace {

const Magic* magicOf(const ByteSource& source) {
    const auto bytes = source.bytes(0, 64);
    const std::string_view head(reinterpret_cast<const char*>(bytes.data()), bytes.size());
    for (const auto& magic : kMagics)
        if (head.size() >= magic.at && head.substr(magic.at).starts_with(magic.bytes))
            return &magic;
    return nullptr;
}

} // namespace

bool isCameraRaw(const ByteSource& source) {
    const auto container = sniffContainer(source);
    if (container == Container::Tiff)
        return Directories(source).holdRaw();
    if (container != Container::Unknown)
        return false;
    const auto* magic = magicOf(source);
    return magic && magic->kind == FileKind::CameraRaw;
}

SniffedFile sniffFile(const ByteSource& source, const std::string& ending) {
    SniffedFile out;
    if (source.size() == 0) {
        out.kind = FileKind::Empty;
        return out;
    }
    if (isCameraRaw(source))
        return cameraOf(source).empty()
                   ? SniffedFile{FileKind::CameraRaw, Container::Unknown, "of a camera that is not known"}
                   : SniffedFile{FileKind::Picture, Container::CameraRaw, ""};
    out.container = sniffContainer(source);
    if (out.container != Container::Unknown) {
        out.kind = FileKind::Picture;
        return out;
    }
    if (const auto* magic = magicOf(source))
        return {magic->kind, Container::Unknown, magic->name};
    for (const auto& known : kEndings)
        if (ending == known.ending)
            return {known.kind, Container::Unknown, known.name};
    return out;
}

} // namespace keepseal
