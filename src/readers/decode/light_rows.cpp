// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "decode/light_rows.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace keepseal {
namespace {

/// sRGB's curve both ways: 8-bit values to light, and light in 65536 steps back.
struct LightTables {
    std::array<std::uint16_t, 256> light{};
    std::vector<std::uint8_t> value = std::vector<std::uint8_t>(65536);
    LightTables() {
        for (std::size_t i = 0; i < light.size(); ++i) {
            const double v = static_cast<double>(i) / 255;
            light[i] = static_cast<std::uint16_t>(
                std::lround((v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4)) * 65535));
        }
        for (std::size_t i = 0; i < value.size(); ++i) {
            const double l = static_cast<double>(i) / 65535;
            const double v = l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055;
            value[i] = static_cast<std::uint8_t>(std::lround(v * 255));
        }
    }
};
const LightTables& lightTables() {
    static const LightTables tables;
    return tables;
}

void lightOf(const std::uint8_t* from, std::size_t n, std::uint16_t* to) {
    const auto* light = lightTables().light.data();
    for (std::size_t i = 0; i < n; ++i)
        to[i] = light[from[i]];
}

/// Adds up each `kShrink` pixels that lie beside each other, for `n` of them.
template <std::size_t kShrink, std::size_t kChannels>
void addLight(const std::uint8_t* from, std::size_t n, std::uint32_t* sums) {
    const auto* light = lightTables().light.data();
    for (std::size_t x = 0; x < n; ++x, from += kShrink * kChannels, sums += kChannels)
        for (std::size_t c = 0; c < kChannels; ++c) {
            std::uint32_t sum = 0;
            for (std::size_t k = 0; k < kShrink; ++k)
                sum += light[from[k * kChannels + c]];
            sums[c] += sum;
        }
}

template <std::size_t kShrink>
void addLight(int channels, const std::uint8_t* from, std::size_t n, std::uint32_t* sums) {
    channels == 3 ? addLight<kShrink, 3>(from, n, sums) : addLight<kShrink, 1>(from, n, sums);
}

} // namespace

LightRows::LightRows(Size from, int channels, int shrink, const std::function<void(std::uint8_t*)>& nextRow)
    : m_from(from), m_size{(from.width + shrink - 1) / shrink, (from.height + shrink - 1) / shrink},
      m_channels(channels), m_shrink(shrink), m_nextRow(nextRow),
      m_source(static_cast<std::size_t>(m_size.width) * static_cast<std::size_t>(shrink * channels)),
      m_sums(shrink > 1 ? static_cast<std::size_t>(m_size.width) * static_cast<std::size_t>(channels) : 0) {}

void LightRows::takeRow() {
    if (m_taken == m_from.height)
        return; // the last one counts again
    m_nextRow(m_source.data());
    ++m_taken;
    const auto channels = static_cast<std::size_t>(m_channels);
    const auto whole = static_cast<std::size_t>(m_from.width) * channels;
    for (std::size_t i = whole; i < m_source.size(); ++i)
        m_source[i] = m_source[i - channels];
}

void LightRows::next(std::uint16_t* to) {
    if (m_shrink == 1) {
        takeRow();
        return lightOf(m_source.data(), m_source.size(), to);
    }
    std::fill(m_sums.begin(), m_sums.end(), static_cast<std::uint32_t>(m_shrink * m_shrink / 2));
    const auto width = static_cast<std::size_t>(m_size.width);
    for (int row = 0; row < m_shrink; ++row) {
        takeRow();
        m_shrink == 2   ? addLight<2>(m_channels, m_source.data(), width, m_sums.data())
        : m_shrink == 4 ? addLight<4>(m_channels, m_source.data(), width, m_sums.data())
                        : addLight<8>(m_channels, m_source.data(), width, m_sums.data());
    }
    const int bits = m_shrink == 2 ? 2 : m_shrink == 4 ? 4 : 6;
    for (std::size_t i = 0; i < m_sums.size(); ++i)
        to[i] = static_cast<std::uint16_t>(m_sums[i] >> bits);
}

void valuesOfLight(const float* light, std::size_t n, std::uint8_t* to) {
    const auto* value = lightTables().value.data();
    for (std::size_t i = 0; i < n; ++i)
        to[i] =
            value[static_cast<std::size_t>(static_cast<int>(std::clamp(light[i], 0.0F, 65535.0F) + 0.5F))];
}

} // namespace keepseal
