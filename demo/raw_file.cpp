// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "raw_file.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace demo {
namespace {

constexpr int kBlack = 256, kWhite = 16383;

std::string little(std::uint64_t value, int bytes) {
    std::string out;
    for (int i = 0; i < bytes; ++i)
        out += static_cast<char>(value >> (8 * i));
    return out;
}

enum Type : std::uint16_t { Byte = 1, Text = 2, Short = 3, Long = 4, Rational = 5, Signed = 10 };

struct Field {
    std::uint16_t tag;
    Type type;
    std::string data;
};

Field shorts(std::uint16_t tag, const std::vector<int>& values) {
    Field out{tag, Short, {}};
    for (const int value : values)
        out.data += little(static_cast<std::uint64_t>(value), 2);
    return out;
}
Field longs(std::uint16_t tag, const std::vector<std::uint64_t>& values) {
    Field out{tag, Long, {}};
    for (const auto value : values)
        out.data += little(value, 4);
    return out;
}
Field text(std::uint16_t tag, const std::string& value) {
    return {tag, Text, value + '\0'};
}
/// In ten-thousandths.
Field rationals(std::uint16_t tag, Type type, const std::vector<double>& values) {
    Field out{tag, type, {}};
    for (const double value : values)
        out.data += little(static_cast<std::uint32_t>(std::lround(value * 10000)), 4) + little(10000, 4);
    return out;
}

class File {
public:
    /// Where it will lie.
    std::uint64_t add(const std::string& bytes) {
        m_bytes += std::string(m_bytes.size() % 2, '\0');
        const auto at = m_bytes.size();
        m_bytes += bytes;
        return at;
    }
    std::uint64_t directory(std::vector<Field> fields) {
        std::sort(fields.begin(), fields.end(), [](const Field& a, const Field& b) { return a.tag < b.tag; });
        const auto at = m_bytes.size() + m_bytes.size() % 2;
        std::string table = little(fields.size(), 2), values;
        const auto valuesAt = at + 2 + 12 * fields.size() + 4;
        for (const auto& field : fields) {
            const std::size_t size = field.type <= Text    ? 1
                                     : field.type == Short ? 2
                                     : field.type == Long  ? 4
                                                           : 8;
            table += little(field.tag, 2) + little(field.type, 2) + little(field.data.size() / size, 4);
            if (field.data.size() <= 4) {
                table += (field.data + std::string(4, '\0')).substr(0, 4);
                continue;
            }
            table += little(valuesAt + values.size(), 4);
            values += field.data + std::string(field.data.size() % 2, '\0');
        }
        return add(table + little(0, 4) + values);
    }
    std::string finish(std::uint64_t first) {
        m_bytes.replace(0, 8, "II" + little(42, 2) + little(first, 4));
        return m_bytes;
    }

private:
    std::string m_bytes = std::string(8, '\0');
};

int channelAt(const std::string& pattern, int x, int y) {
    const char c = pattern[static_cast<std::size_t>((y % 2) * 2 + x % 2)];
    return c == 'R' ? 0 : c == 'G' ? 1 : 2;
}

std::string sample(const RawScene& scene, const std::array<double, 3>& light, int channel) {
    const auto c = static_cast<std::size_t>(channel);
    const double value = std::clamp(light[c] * scene.neutral[c], 0.0, 1.0);
    return little(static_cast<std::uint64_t>(std::lround(kBlack + value * (kWhite - kBlack))), 2);
}

std::string samples(const RawScene& scene) {
    const bool linear = scene.pattern == "linear";
    std::string out;
    out.reserve(static_cast<std::size_t>(scene.width) * static_cast<std::size_t>(scene.height) *
                (linear ? 6 : 2));
    for (int y = 0; y < scene.height; ++y)
        for (int x = 0; x < scene.width; ++x) {
            const auto light = scene.light(x, y);
            for (int channel = 0; channel < 3; ++channel)
                if (linear || channelAt(scene.pattern, x, y) == channel)
                    out += sample(scene, light, channel);
        }
    return out;
}

/// DNG 1.4, chapter 4: what the samples are.
std::vector<Field> rawFields(File& file, const RawScene& scene) {
    const auto data = samples(scene);
    const auto at = file.add(data);
    const bool linear = scene.pattern == "linear";
    const int channels = linear ? 3 : 1;
    const int w = scene.width, h = scene.height;
    std::vector<Field> fields = {
        longs(254, {0}),
        longs(256, {static_cast<std::uint64_t>(w)}),
        longs(257, {static_cast<std::uint64_t>(h)}),
        shorts(258, std::vector<int>(static_cast<std::size_t>(channels), 16)),
        shorts(259, {1}),
        shorts(262, {linear ? 34892 : 32803}),
        longs(273, {at}),
        shorts(277, {channels}),
        longs(278, {static_cast<std::uint64_t>(h)}),
        longs(279, {data.size()}),
        shorts(284, {1}),
        shorts(50714, std::vector<int>(static_cast<std::size_t>(channels), kBlack)),
        shorts(50717, std::vector<int>(static_cast<std::size_t>(channels), kWhite)),
        rationals(50719, Rational, {double(scene.inset), double(scene.inset)}),
        rationals(50720, Rational, {double(w - 2 * scene.inset), double(h - 2 * scene.inset)}),
        longs(50829, {0, 0, static_cast<std::uint64_t>(h), static_cast<std::uint64_t>(w)}),
    };
    if (!linear) {
        fields.push_back(shorts(33421, {2, 2}));
        Field cells{33422, Byte, {}};
        for (int i = 0; i < 4; ++i)
            cells.data += static_cast<char>(channelAt(scene.pattern, i % 2, i / 2));
        fields.push_back(cells);
    }
    return fields;
}

std::uint64_t placeDirectory(File& file) {
    return file.directory({{0, Byte, std::string("\2\3\0\0", 4)},
                           text(1, "N"),
                           rationals(2, Rational, {48, 21, 0}),
                           text(3, "W"),
                           rationals(4, Rational, {23, 14, 0})});
}

std::uint64_t exifDirectory(File& file, const RawScene& scene) {
    return file.directory({rationals(33434, Rational, {0.002}), rationals(33437, Rational, {5.6}),
                           shorts(34855, {200}), text(36867, scene.taken), text(42033, "HN24-0041877"),
                           text(42036, "Tern 24-105 mm f/4")});
}

} // namespace

std::string rawFile(const RawScene& scene) {
    File file;
    const auto raw = rawFields(file, scene);
    std::vector<Field> fields = {
        text(271, scene.make),
        text(272, scene.model),
        shorts(274, {scene.orientation}),
        text(306, scene.taken),
        longs(34665, {exifDirectory(file, scene)}),
        {50706, Byte, std::string("\1\4\0\0", 4)},
        {50707, Byte, std::string("\1\1\0\0", 4)},
        text(50708, scene.make + " " + scene.model),
        // XYZ to linear sRGB (IEC 61966-2-1): the sensor sees as a screen shines, but for its white.
        rationals(50721, Signed,
                  {3.2406, -1.5372, -0.4986, -0.9689, 1.8758, 0.0415, 0.0557, -0.2040, 1.0570}),
        rationals(50728, Rational, {scene.neutral[0], scene.neutral[1], scene.neutral[2]}),
        rationals(50730, Signed, {scene.exposure}),
        shorts(50778, {21}), // D65
    };
    if (scene.place)
        fields.push_back(longs(34853, {placeDirectory(file)}));
    if (scene.preview.empty()) {
        fields.insert(fields.end(), raw.begin(), raw.end());
    } else {
        fields.push_back(longs(330, {file.directory(raw)}));
        const auto at = file.add(scene.preview);
        for (auto& field : {longs(254, {1}), longs(256, {static_cast<std::uint64_t>(scene.previewWidth)}),
                            longs(257, {static_cast<std::uint64_t>(scene.previewHeight)}),
                            shorts(258, {8, 8, 8}), shorts(259, {7}), shorts(262, {6}), longs(273, {at}),
                            shorts(277, {3}), longs(278, {static_cast<std::uint64_t>(scene.previewHeight)}),
                            longs(279, {scene.preview.size()})})
            fields.push_back(field);
    }
    return file.finish(file.directory(fields));
}

} // namespace demo
