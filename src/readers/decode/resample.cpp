// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/resample.h"

#include "decode/light_rows.h"
#include "decode/resample_passes.h"
#include "geometry/fit.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <type_traits>

namespace keepseal {
namespace {

double lanczos3(double x) {
    x = std::abs(x);
    if (x < 1e-9)
        return 1;
    const double p = M_PI * x;
    return x >= 3 ? 0 : 3 * std::sin(p) * std::sin(p / 3) / (p * p);
}

double mitchell(double x) {
    x = std::abs(x);
    if (x < 1)
        return (7 * x * x * x - 12 * x * x + 16.0 / 3) / 6;
    return x >= 2 ? 0 : (-7.0 / 3 * x * x * x + 12 * x * x - 20 * x + 32.0 / 3) / 6;
}

/// Rows of the source that so many output rows, one below the other, may ask for.
int rowsHeld(const ResampleWeights& down) {
    int out = 0;
    for (std::size_t y = 0; y < down.start.size(); ++y)
        out =
            std::max(out, down.start[y] - down.start[y < kAcrossRows ? 0 : y - kAcrossRows + 1] + down.taps);
    return out;
}

/// The last rows of the source that an output row may ask for.
template <class T>
class RowRing {
public:
    RowRing() = default;
    RowRing(int rows, int values) : m_values(static_cast<std::size_t>(values) + kResamplePad), m_rows(rows) {
        m_data.resize(m_values * static_cast<std::size_t>(rows));
    }
    T* row(int y) { return m_data.data() + m_values * static_cast<std::size_t>(y % m_rows); }

private:
    std::size_t m_values = 0;
    int m_rows = 1;
    std::vector<T> m_data;
};

/// Three values a pixel inside, whatever the source has: one loop for all.
class Resampling8 {
public:
    Resampling8(const ResampleAsked& asked, const std::function<void(std::uint8_t*)>& nextRow)
        : m_asked(asked), m_nextRow(nextRow) {
        if (asked.linearLight) // by as much as a decoder may shrink for this, and nobody sees it
            m_lightRows.emplace(asked.from, asked.channels, decodeShrink(asked.from, asked.to), nextRow);
        const auto from = m_lightRows ? m_lightRows->size() : asked.from;
        m_across = resampleWeights(from.width, asked.to.width, asked.kernel);
        m_acrossWeights = acrossWeights(m_across.weight.data(), m_across.taps, asked.to.width);
        m_down = resampleWeights(from.height, asked.to.height, asked.kernel);
        m_width = from.width;
        const int values = from.width * asked.channels;
        m_plain = RowRing<std::uint8_t>(asked.linearLight ? 1 : rowsHeld(m_down), values);
        m_light = RowRing<std::uint16_t>(asked.linearLight ? rowsHeld(m_down) : 1, values);
        const auto line = static_cast<std::size_t>(asked.to.width) * 3 + kResamplePad;
        for (auto& made : m_made) {
            made.column.resize(static_cast<std::size_t>(from.width) * 3 + kResamplePad);
            made.light.resize(asked.linearLight ? line : 0);
            made.line.resize(line);
        }
    }

    Pixels<std::uint8_t> run() {
        const std::size_t width =
            static_cast<std::size_t>(m_asked.to.width) * static_cast<unsigned>(m_asked.channels);
        Pixels<std::uint8_t> out(width * static_cast<std::size_t>(m_asked.to.height));
        int known = 0;
        for (; known < m_down.start.front(); ++known)
            takeRow(known); // above all that counts
        for (int y = 0; y < m_asked.to.height; y += kAcrossRows) {
            const int count = std::min(kAcrossRows, m_asked.to.height - y);
            for (; known < m_down.start[static_cast<std::size_t>(y + count - 1)] + m_down.taps; ++known)
                takeRow(known);
            makeLines(y, count);
            for (int r = 0; r < count; ++r)
                putLine(m_made[static_cast<std::size_t>(r)].line,
                        out.data() + width * static_cast<std::size_t>(y + r), width);
        }
        return out;
    }

private:
    /// What one output row goes through.
    struct Made {
        std::vector<float> column; ///< before it is resampled across
        std::vector<float> light;  ///< before it is made a value again; only in linear light
        std::vector<std::uint8_t> line;
    };

    void putLine(const std::vector<std::uint8_t>& line, std::uint8_t* to, std::size_t width) const {
        if (m_asked.channels == 3)
            std::copy_n(line.data(), width, to);
        else
            for (std::size_t x = 0; x < width; ++x)
                to[x] = line[3 * x];
    }

    void takeRow(int y) {
        if (m_lightRows)
            m_lightRows->next(m_light.row(y));
        else
            m_nextRow(m_plain.row(y));
    }

    template <class T>
    void sumDown(RowRing<T>& ring, int y, float* out) {
        const int start = m_down.start[static_cast<std::size_t>(y)];
        std::vector<const T*>& rows = rowsOf<T>();
        rows.clear();
        for (int t = 0; t < m_down.taps; ++t)
            rows.push_back(ring.row(start + t));
        resampleDown(rows.data(), m_down.weight.data() + static_cast<std::ptrdiff_t>(y) * m_down.taps,
                     m_down.taps, m_width * m_asked.channels, out);
    }
    template <class T>
    std::vector<const T*>& rowsOf() {
        if constexpr (std::is_same_v<T, std::uint16_t>)
            return m_lightHeld;
        else
            return m_plainHeld;
    }

    void makeLines(int y, int count) {
        std::array<const float*, kAcrossRows> columns{};
        std::array<float*, kAcrossRows> light{};
        std::array<std::uint8_t*, kAcrossRows> lines{};
        for (std::size_t r = 0; r < static_cast<std::size_t>(count); ++r) {
            makeColumn(y + static_cast<int>(r), m_made[r].column);
            columns[r] = m_made[r].column.data();
            light[r] = m_made[r].light.data();
            lines[r] = m_made[r].line.data();
        }
        if (!m_asked.linearLight)
            return resampleAcross(columns.data(), count, m_across.start.data(), m_acrossWeights,
                                  m_asked.to.width, lines.data());
        resampleAcross(columns.data(), count, m_across.start.data(), m_acrossWeights, m_asked.to.width,
                       light.data());
        for (std::size_t r = 0; r < static_cast<std::size_t>(count); ++r)
            valuesOfLight(light[r], static_cast<std::size_t>(m_asked.to.width) * 3, lines[r]);
    }

    void makeColumn(int y, std::vector<float>& column) {
        if (m_asked.linearLight)
            sumDown(m_light, y, column.data());
        else
            sumDown(m_plain, y, column.data());
        if (m_asked.channels == 1) // from the end, where nothing is overwritten that is still to be read
            for (std::ptrdiff_t x = m_width - 1; x >= 0; --x)
                column[static_cast<std::size_t>(3 * x)] = column[static_cast<std::size_t>(3 * x) + 1] =
                    column[static_cast<std::size_t>(3 * x) + 2] = column[static_cast<std::size_t>(x)];
    }

    const ResampleAsked& m_asked;
    const std::function<void(std::uint8_t*)>& m_nextRow;
    std::optional<LightRows> m_lightRows; ///< in linear light
    int m_width = 0;                      ///< of what is resampled
    ResampleWeights m_across;
    AcrossWeights m_acrossWeights;
    ResampleWeights m_down;
    RowRing<std::uint8_t> m_plain;
    RowRing<std::uint16_t> m_light;
    std::array<Made, kAcrossRows> m_made;
    std::vector<const std::uint8_t*> m_plainHeld;
    std::vector<const std::uint16_t*> m_lightHeld;
};

} // namespace

ResampleWeights resampleWeights(int from, int to, ResampleKernel kernel) {
    const double step = static_cast<double>(from) / to, stretch = std::max(1.0, step);
    const double reach = (kernel == ResampleKernel::Lanczos3 ? 3 : 2) * stretch;
    const auto value = [&](double x) {
        return kernel == ResampleKernel::Lanczos3 ? lanczos3(x) : mitchell(x);
    };
    ResampleWeights out;
    out.taps = std::min(from, static_cast<int>(std::ceil(2 * reach)) + 1);
    out.start.resize(static_cast<std::size_t>(to));
    out.weight.resize(static_cast<std::size_t>(to) * static_cast<unsigned>(out.taps));
    std::vector<double> at(static_cast<std::size_t>(out.taps));
    for (int o = 0; o < to; ++o) {
        const double centre = (o + 0.5) * step - 0.5;
        const int first = static_cast<int>(std::ceil(centre - reach)),
                  last = static_cast<int>(std::floor(centre + reach));
        const int start = std::clamp(first, 0, from - out.taps);
        std::fill(at.begin(), at.end(), 0.0);
        double sum = 0;
        for (int i = first; i <= last; ++i) {
            const double weight = value((i - centre) / stretch);
            at[static_cast<std::size_t>(std::clamp(std::clamp(i, 0, from - 1) - start, 0, out.taps - 1))] +=
                weight;
            sum += weight;
        }
        out.start[static_cast<std::size_t>(o)] = start;
        for (std::size_t t = 0; t < at.size(); ++t)
            out.weight[static_cast<std::size_t>(o) * at.size() + t] = static_cast<float>(at[t] / sum);
    }
    return out;
}

Pixels<std::uint8_t> resample(const ResampleAsked& asked, const std::function<void(std::uint8_t*)>& nextRow) {
    return Resampling8(asked, nextRow).run();
}

} // namespace keepseal
