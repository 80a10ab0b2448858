// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "finish/sharpen.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr double kLeastRadius = 0.2; ///< a proof so small shows nothing of it
constexpr int kMostReach = 12;

/// Half of a symmetric kernel that sums to 1: the middle and one side.
std::vector<float> gaussian(double sigma) {
    const int reach = std::clamp(static_cast<int>(std::ceil(2.5 * sigma)), 1, kMostReach);
    std::vector<float> out;
    double sum = 0;
    for (int i = 0; i <= reach; ++i) {
        const double value = std::exp(-0.5 * i * i / (sigma * sigma));
        out.push_back(static_cast<float>(value));
        sum += i == 0 ? value : 2 * value;
    }
    for (auto& value : out)
        value = static_cast<float>(value / sum);
    return out;
}

/// One plane of values (0 to 255), blurred row by row: a window of rows that were blurred across is kept, so
/// the picture is read once and from the top.
class Sharpener {
public:
    Sharpener(const FinishSettings& settings, Frame& frame)
        : m_s(settings), m_frame(frame), m_kernel(gaussian(settings.radius * frame.scale)),
          m_reach(static_cast<int>(m_kernel.size()) - 1), m_width(static_cast<std::size_t>(frame.size.width)),
          m_line(m_width + 2 * static_cast<std::size_t>(m_reach)), m_change(m_width) {}

    template <class T>
    void luminance() {
        run<T>([](const T* pixel) { return 0.2126F * pixel[0] + 0.7152F * pixel[1] + 0.0722F * pixel[2]; },
               [](T* pixel, const float* change, std::size_t count) {
                   for (std::size_t x = 0; x < count; ++x, pixel += 3)
                       for (int c = 0; c < 3; ++c)
                           pixel[c] = moved<T>(pixel[c], change[x]);
               });
    }
    template <class T>
    void channel(int c) {
        run<T>([c](const T* pixel) { return static_cast<float>(pixel[c]); },
               [c](T* pixel, const float* change, std::size_t count) {
                   for (std::size_t x = 0; x < count; ++x, pixel += 3)
                       pixel[c] = moved<T>(pixel[c], change[x]);
               });
    }

private:
    template <class T>
    static T moved(T value, float by) {
        const float out = static_cast<float>(value) + by + 0.5F;
        return static_cast<T>(std::min(std::max(out, 0.0F), static_cast<float>(kFull<T>)));
    }

    template <class T, class Read, class Write>
    void run(Read read, Write write) {
        const int height = m_frame.size.height, window = 2 * m_reach + 1;
        std::vector<std::vector<float>> plain(static_cast<std::size_t>(window)), across = plain;
        const auto slot = [window](int y) {
            return static_cast<std::size_t>((y % window + window) % window);
        };
        const auto take = [&](int y) {
            const int from = std::clamp(y, 0, height - 1);
            auto& values = plain[slot(y)];
            if (y == from) {
                values.resize(m_width);
                const auto* pixel = m_frame.rowOf<T>(y);
                constexpr float scale = 255.0F / kFull<T>;
                for (std::size_t x = 0; x < m_width; ++x, pixel += 3)
                    values[x] = read(pixel) * scale;
                blurAcross(values, across[slot(y)]);
            } else if (y < 0) { // the first row stands for those above it: filled in when it has been read
            } else
                across[slot(y)] = across[slot(y - 1)];
        };
        for (int y = 0; y <= std::min(m_reach, height - 1); ++y)
            take(y);
        for (int y = height; y <= m_reach; ++y)
            across[slot(y)] = across[slot(y - 1)];
        for (int y = -m_reach; y < 0; ++y)
            across[slot(y)] = across[slot(0)];
        for (int y = 0; y < height; ++y) {
            if (y > 0)
                take(y + m_reach);
            blurDown(across, slot, y);
            const auto& own = plain[slot(y)];
            change(own);
            constexpr float back = kFull<T> / 255.0F;
            if constexpr (kFull<T> != 255)
                for (auto& value : m_change)
                    value *= back;
            write(m_frame.rowOf<T>(y), m_change.data(), m_width);
        }
    }

    void blurAcross(const std::vector<float>& values, std::vector<float>& out) {
        const auto reach = static_cast<std::size_t>(m_reach);
        std::copy(values.begin(), values.end(), m_line.begin() + m_reach);
        std::fill_n(m_line.begin(), reach, values.front());
        std::fill_n(m_line.end() - m_reach, reach, values.back());
        out.resize(m_width);
        const float* middle = m_line.data() + reach;
        float* to = out.data();
        const float first = m_kernel[0];
        for (std::size_t x = 0; x < m_width; ++x)
            to[x] = middle[x] * first;
        for (int k = 1; k <= m_reach; ++k) {
            const float weight = m_kernel[static_cast<std::size_t>(k)];
            const float *before = middle - k, *after = middle + k;
            for (std::size_t x = 0; x < m_width; ++x)
                to[x] += (before[x] + after[x]) * weight;
        }
    }

    /// Into m_change, for now the blurred row itself.
    template <class Slot>
    void blurDown(const std::vector<std::vector<float>>& across, Slot slot, int y) {
        float* to = m_change.data();
        const float* middle = across[slot(y)].data();
        for (std::size_t x = 0; x < m_width; ++x)
            to[x] = middle[x] * m_kernel[0];
        for (int k = 1; k <= m_reach; ++k) {
            const float weight = m_kernel[static_cast<std::size_t>(k)];
            const float *above = across[slot(y - k)].data(), *below = across[slot(y + k)].data();
            for (std::size_t x = 0; x < m_width; ++x)
                to[x] += (above[x] + below[x]) * weight;
        }
    }

    /// Turns the blurred row in m_change into what is added to the picture.
    void change(const std::vector<float>& own) {
        const auto amount = static_cast<float>(m_s.amount / 100);
        const auto threshold = static_cast<float>(m_s.threshold);
        const float most = m_s.protect ? static_cast<float>(kMostSharpening) : 255.0F;
        const float* value = own.data();
        float* out = m_change.data();
        for (std::size_t x = 0; x < m_width; ++x) {
            const float difference = value[x] - out[x];
            // A difference just above the threshold counts a little: no edge where sharpening sets in.
            const float beyond =
                std::max(difference - threshold, 0.0F) + std::min(difference + threshold, 0.0F);
            out[x] = std::min(std::max(beyond * amount, -most), most);
        }
        if (!m_s.protect)
            return;
        for (std::size_t x = 0; x < m_width; ++x) {
            // Full up to 85 % light, nothing left at white; the same in the darkest 4 %.
            const float light = std::min((255.0F - value[x]) * (1 / 38.0F), value[x] * (1 / 10.0F));
            out[x] *= std::min(std::max(light, 0.0F), 1.0F);
        }
    }

    const FinishSettings& m_s;
    Frame& m_frame;
    std::vector<float> m_kernel;
    int m_reach;
    std::size_t m_width;
    std::vector<float> m_line, m_change;
};

} // namespace

void sharpen(const FinishSettings& settings, Frame& frame) {
    if (settings.radius * frame.scale < kLeastRadius || settings.amount <= 0)
        return;
    byDepth(frame, [&](auto depth) {
        using T = decltype(depth);
        if (settings.onlyLuminance)
            return Sharpener(settings, frame).luminance<T>();
        for (int c = 0; c < 3; ++c)
            Sharpener(settings, frame).channel<T>(c);
    });
}

} // namespace keepseal
