// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "finish/sharpen.h"

#include <cmath>

namespace keepseal {
namespace {

constexpr double kLeastRadius = 0.2; ///< a proof so small shows nothing of it
constexpr int kMostReach = 12;
constexpr double kTextureRadius = 1;                      ///< pixels of the copy
constexpr float kTextureThreshold = 1, kMostTexture = 14; ///< levels of 255

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

// The inner loops run over every pixel of every copy: where the processor has wider registers they are used.
// (The sanitizers can't be started before functions that are chosen at start-up.)
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_ADDRESS__) &&     \
    !defined(__SANITIZE_THREAD__)
#define KEEPSEAL_WIDE __attribute__((target_clones("avx2,fma", "default")))
#else
#define KEEPSEAL_WIDE
#endif

/// Weights of a blur: the middle and one side.
struct Kernel {
    const float* weight;
    int reach;
};

/// `middle` can be read `reach` values before and after the row.
KEEPSEAL_WIDE void blurAcrossRow(const float* middle, std::size_t count, Kernel kernel, float* to) {
    const float w0 = kernel.weight[0], w1 = kernel.weight[1];
    if (kernel.reach == 2) { // the usual radius, in one pass
        const float w2 = kernel.weight[2];
        const float *left = middle - 1, *right = middle + 1, *left2 = middle - 2, *right2 = middle + 2;
        for (std::size_t x = 0; x < count; ++x)
            to[x] = middle[x] * w0 + (left[x] + right[x]) * w1 + (left2[x] + right2[x]) * w2;
        return;
    }
    for (std::size_t x = 0; x < count; ++x)
        to[x] = middle[x] * w0;
    for (int k = 1; k <= kernel.reach; ++k) {
        const float *before = middle - k, *after = middle + k, w = kernel.weight[k];
        for (std::size_t x = 0; x < count; ++x)
            to[x] += (before[x] + after[x]) * w;
    }
}

/// `rows` are the rows that were blurred across: `reach` above, the row itself, `reach` below.
KEEPSEAL_WIDE void blurDownRows(const float* const* rows, std::size_t count, Kernel kernel, float* to) {
    const float w0 = kernel.weight[0], w1 = kernel.weight[1];
    if (kernel.reach == 2) {
        const float w2 = kernel.weight[2];
        const float *a = rows[0], *b = rows[1], *c = rows[2], *d = rows[3], *e = rows[4];
        for (std::size_t x = 0; x < count; ++x)
            to[x] = c[x] * w0 + (b[x] + d[x]) * w1 + (a[x] + e[x]) * w2;
        return;
    }
    const float* middle = rows[kernel.reach];
    for (std::size_t x = 0; x < count; ++x)
        to[x] = middle[x] * w0;
    for (int k = 1; k <= kernel.reach; ++k) {
        const float *above = rows[kernel.reach - k], *below = rows[kernel.reach + k], w = kernel.weight[k];
        for (std::size_t x = 0; x < count; ++x)
            to[x] += (above[x] + below[x]) * w;
    }
}

struct Strength {
    float amount, threshold, most;
    bool protect;
    float bright = 1, dark = 1; ///< of what gets brighter, and darker
    bool middle = false;        ///< only the middle tones
};

/// Turns the blurred row into what is added to the picture, of 255 levels.
KEEPSEAL_WIDE void changeOf(const float* own, std::size_t count, Strength s, float* blurred) {
    // Full up to 85 % light, nothing left at white; the same in the darkest 4 %.
    const float fade = s.protect ? 1.0F : 0.0F, middle = s.middle ? 1.0F : 0.0F;
    for (std::size_t x = 0; x < count; ++x) {
        const float difference = own[x] - blurred[x];
        // A difference just above the threshold counts a little: no edge where sharpening sets in.
        const float beyond =
            std::max(difference - s.threshold, 0.0F) + std::min(difference + s.threshold, 0.0F);
        const float change = std::min(std::max(beyond, 0.0F) * s.amount * s.bright, s.most) +
                             std::max(std::min(beyond, 0.0F) * s.amount * s.dark, -s.most);
        const float light = std::min((255.0F - own[x]) * (1 / 38.0F), own[x] * (1 / 10.0F));
        const float kept = std::min(std::max(light, 0.0F), 1.0F);
        const float off = (own[x] - 127.5F) * (1 / 127.5F);
        const float toned = 1 - middle * off * off;
        blurred[x] = change * (1 - fade + fade * kept) * toned;
    }
}

KEEPSEAL_WIDE void luminanceRow(const std::uint8_t* pixel, std::size_t count, float* out) {
    for (std::size_t x = 0; x < count; ++x)
        out[x] = static_cast<float>(pixel[3 * x]) * 0.2126F + static_cast<float>(pixel[3 * x + 1]) * 0.7152F +
                 static_cast<float>(pixel[3 * x + 2]) * 0.0722F;
}
KEEPSEAL_WIDE void luminanceRow(const std::uint16_t* pixel, std::size_t count, float* out) {
    for (std::size_t x = 0; x < count; ++x)
        out[x] =
            (static_cast<float>(pixel[3 * x]) * 0.2126F + static_cast<float>(pixel[3 * x + 1]) * 0.7152F +
             static_cast<float>(pixel[3 * x + 2]) * 0.0722F) *
            (1 / 257.0F);
}

/// Adds the same to all three channels of a pixel.
KEEPSEAL_WIDE void addRow(std::uint8_t* pixel, std::size_t count, const float* change, std::int16_t* whole,
                          std::int16_t* thrice) {
    for (std::size_t x = 0; x < count; ++x)
        whole[x] = static_cast<std::int16_t>(static_cast<int>(change[x] + 256.5F) - 256);
    for (std::size_t x = 0; x < count; ++x)
        thrice[3 * x] = thrice[3 * x + 1] = thrice[3 * x + 2] = whole[x];
    for (std::size_t i = 0; i < 3 * count; ++i) {
        const auto sum = static_cast<std::int16_t>(pixel[i] + thrice[i]);
        pixel[i] = static_cast<std::uint8_t>(std::min<std::int16_t>(std::max<std::int16_t>(sum, 0), 255));
    }
}
void addRow(std::uint16_t* pixel, std::size_t count, const float* change, std::int16_t*, std::int16_t*) {
    for (std::size_t x = 0; x < count; ++x)
        for (int c = 0; c < 3; ++c, ++pixel)
            *pixel = static_cast<std::uint16_t>(
                std::clamp(static_cast<float>(*pixel) + change[x] * 257.0F + 0.5F, 0.0F, 65535.0F));
}

/// One plane of values (0 to 255), blurred row by row: a window of rows that were blurred across is kept, so
/// the picture is read once and from the top.
class Sharpener {
public:
    /// `radius`: pixels of the frame. `places` may be null.
    Sharpener(const Strength& strength, double radius, Frame& frame, const SharpPlaces* places)
        : m_strength(strength), m_places(places), m_frame(frame), m_weights(gaussian(radius)),
          m_reach(static_cast<int>(m_weights.size()) - 1),
          m_width(static_cast<std::size_t>(frame.size.width)),
          m_line(m_width + 2 * static_cast<std::size_t>(m_reach)), m_change(m_width), m_whole(m_width),
          m_thrice(3 * m_width) {}

    template <class T>
    void luminance() {
        run<T>(
            [](const T* pixel, std::size_t count, float* out) { luminanceRow(pixel, count, out); },
            [this](T* pixel) { addRow(pixel, m_width, m_change.data(), m_whole.data(), m_thrice.data()); });
    }
    template <class T>
    void channel(int c) {
        constexpr float scale = kFull<T> / 255.0F;
        run<T>(
            [c](const T* pixel, std::size_t count, float* out) {
                for (std::size_t x = 0; x < count; ++x)
                    out[x] = static_cast<float>(pixel[3 * x + static_cast<std::size_t>(c)]) * (1 / scale);
            },
            [this, c](T* pixel) {
                pixel += c;
                for (std::size_t x = 0; x < m_width; ++x, pixel += 3)
                    *pixel =
                        static_cast<T>(std::clamp(static_cast<float>(*pixel) + m_change[x] * scale + 0.5F,
                                                  0.0F, static_cast<float>(kFull<T>)));
            });
    }

private:
    template <class T, class Read, class Write>
    void run(Read read, Write write) {
        const int height = m_frame.size.height, window = 2 * m_reach + 1;
        std::vector<std::vector<float>> plain(static_cast<std::size_t>(window), std::vector<float>(m_width)),
            across = plain;
        const auto slot = [window](int y) {
            return static_cast<std::size_t>((y % window + window) % window);
        };
        const auto take = [&](int y) {
            auto& row = across[slot(y)];
            if (y >= height) { // the last row stands for those below it
                row = across[slot(y - 1)];
                return;
            }
            auto& values = plain[slot(y)];
            read(m_frame.rowOf<T>(y), m_width, values.data());
            blurAcross(values, row);
        };
        for (int y = 0; y <= m_reach; ++y)
            take(y);
        for (int y = -m_reach; y < 0; ++y) // and the first for those above it
            across[slot(y)] = across[slot(0)];
        std::vector<const float*> rows(static_cast<std::size_t>(window));
        for (int y = 0; y < height; ++y) {
            if (y > 0)
                take(y + m_reach);
            for (int k = -m_reach; k <= m_reach; ++k)
                rows[static_cast<std::size_t>(k + m_reach)] = across[slot(y + k)].data();
            blurDownRows(rows.data(), m_width, {m_weights.data(), m_reach}, m_change.data());
            changeOf(plain[slot(y)].data(), m_width, m_strength, m_change.data());
            keepToPlaces(y);
            write(m_frame.rowOf<T>(y));
        }
    }

    void keepToPlaces(int y) {
        if (!m_places)
            return;
        m_places->row(y, m_frame.size, m_here);
        for (std::size_t x = 0; x < m_width; ++x)
            m_change[x] *= m_here[x];
    }

    void blurAcross(const std::vector<float>& values, std::vector<float>& out) {
        std::copy(values.begin(), values.end(), m_line.begin() + m_reach);
        std::fill_n(m_line.begin(), m_reach, values.front());
        std::fill_n(m_line.end() - m_reach, m_reach, values.back());
        blurAcrossRow(m_line.data() + m_reach, m_width, {m_weights.data(), m_reach}, out.data());
    }

    Strength m_strength;
    const SharpPlaces* m_places;
    Frame& m_frame;
    std::vector<float> m_weights;
    int m_reach;
    std::size_t m_width;
    std::vector<float> m_line, m_change, m_here;
    std::vector<std::int16_t> m_whole, m_thrice;
};

} // namespace

void sharpen(const FinishSettings& settings, Frame& frame, const SharpPlaces* places) {
    const auto pass = [&](const Strength& strength, double radius) {
        if (radius < kLeastRadius || strength.amount <= 0)
            return;
        byDepth(frame, [&](auto depth) {
            using T = decltype(depth);
            if (settings.onlyLuminance)
                return Sharpener(strength, radius, frame, places).luminance<T>();
            for (int c = 0; c < 3; ++c)
                Sharpener(strength, radius, frame, places).channel<T>(c);
        });
    };
    const float most = settings.protect ? static_cast<float>(kMostSharpening) : 255.0F;
    const auto share = [](double percent) { return static_cast<float>(percent / 100); };
    pass({share(settings.amount), static_cast<float>(settings.threshold), most, settings.protect,
          share(settings.brightSide), share(settings.darkSide), false},
         settings.radius * frame.scale);
    pass({share(settings.texture), kTextureThreshold, kMostTexture, settings.protect, 1, 1, true},
         kTextureRadius * frame.scale);
}

} // namespace keepseal
