// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "formats/visible_loss.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <memory>
#include <numbers>
#include <stdexcept>
#include <vector>

namespace keepseal {
namespace {

constexpr int kScales = 6, kSmallestSide = 8;
constexpr int kReach = 4; ///< of the blur: further taps are 0
constexpr int kBand = 64; ///< rows worked on at a time
constexpr float kC2 = 0.0009F;

using Taps = std::array<float, 2 * kReach + 1>;

/// The sum of three cosines that stands for a Gaussian of 1.5 pixels (Charalampidis, 2016, with radius 5): as
/// a plain filter, which is what its recursion comes to.
Taps gaussianTaps() {
    constexpr double sigma = 1.5, radius = 5; // round(3.2795 sigma + 0.2546)
    std::array<double, 3> omega{}, p{}, r{}, rho{};
    for (std::size_t i = 0; i < 3; ++i) {
        const double sign = i == 1 ? -1 : 1;
        omega[i] = (2 * static_cast<double>(i) + 1) * std::numbers::pi / (2 * radius);
        p[i] = sign / std::tan(0.5 * omega[i]);
        r[i] = sign * p[i] * p[i] / std::sin(omega[i]);
        rho[i] = std::exp(-0.5 * sigma * sigma * omega[i] * omega[i]) / radius;
    }
    const double d13 = p[0] * r[1] - r[0] * p[1];
    const double zeta15 = (p[1] * r[2] - r[1] * p[2]) / d13, zeta35 = (p[2] * r[0] - r[2] * p[0]) / d13;
    // The rows p, r and (zeta15, zeta35, 1) times beta give these: by Cramer's rule.
    const std::array<std::array<double, 3>, 3> a = {
        {{p[0], p[1], p[2]}, {r[0], r[1], r[2]}, {zeta15, zeta35, 1}}};
    const std::array<double, 3> gamma = {1, radius * radius - sigma * sigma,
                                         zeta15 * rho[0] + zeta35 * rho[1] + rho[2]};
    const auto determinant = [](const std::array<std::array<double, 3>, 3>& m) {
        return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1]) -
               m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0]) +
               m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
    };
    Taps out{};
    for (std::size_t i = 0; i < 3; ++i) {
        auto replaced = a;
        for (std::size_t row = 0; row < 3; ++row)
            replaced[row][i] = gamma[row];
        const double beta = determinant(replaced) / determinant(a);
        for (int k = -kReach; k <= kReach; ++k)
            out[static_cast<std::size_t>(k + kReach)] += static_cast<float>(beta * std::cos(omega[i] * k));
    }
    return out;
}

/// Linear light, three planes.
struct LinearPicture {
    int width = 0, height = 0;
    std::array<std::vector<float>, 3> planes;
    void resize(int w, int h) {
        width = w, height = h;
        for (auto& plane : planes)
            plane.resize(static_cast<std::size_t>(w) * static_cast<std::size_t>(h));
    }
    const float* row(std::size_t channel, int y) const {
        return planes[channel].data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width);
    }
    float* row(std::size_t channel, int y) {
        return planes[channel].data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(width);
    }
};

/// IEC 61966-2-1.
double linearOf(double v) {
    return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
}

template <class T>
std::vector<float> linearTable() {
    std::vector<float> out(static_cast<std::size_t>(kFull<T>) + 1);
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = static_cast<float>(linearOf(static_cast<double>(i) / kFull<T>));
    return out;
}

/// `ground`: linear light under what is transparent.
template <class T>
void linearRow(const Frame& frame, int y, float ground, LinearPicture& out) {
    static const auto table = linearTable<T>();
    const T* from = frame.rowOf<T>(y);
    for (int x = 0; x < frame.size.width; ++x, from += 3)
        for (std::size_t c = 0; c < 3; ++c)
            out.row(c, y)[x] = table[from[c]];
    if (frame.alpha.empty())
        return;
    const auto* alpha = frame.alphaRow(y);
    for (int x = 0; x < frame.size.width; ++x) {
        const float share = static_cast<float>(alpha[x]) / 255;
        for (std::size_t c = 0; c < 3; ++c)
            out.row(c, y)[x] = share * out.row(c, y)[x] + (1 - share) * ground;
    }
}

LinearPicture linearPicture(const Frame& frame, float ground) {
    LinearPicture out;
    out.resize(frame.size.width, frame.size.height);
    byDepth(frame, [&](auto depth) {
        for (int y = 0; y < frame.size.height; ++y)
            linearRow<decltype(depth)>(frame, y, ground, out);
    });
    return out;
}

/// Means of two by two; an odd edge counts twice.
LinearPicture halved(const LinearPicture& from) {
    LinearPicture out;
    out.resize((from.width + 1) / 2, (from.height + 1) / 2);
    for (std::size_t c = 0; c < 3; ++c)
        for (int y = 0; y < out.height; ++y) {
            const float* upper = from.row(c, 2 * y);
            const float* lower = from.row(c, std::min(2 * y + 1, from.height - 1));
            float* to = out.row(c, y);
            for (int x = 0; x < out.width; ++x) {
                const int left = 2 * x, right = std::min(left + 1, from.width - 1);
                to[x] = 0.25F * (upper[left] + upper[right] + lower[left] + lower[right]);
            }
        }
    return out;
}

/// To 1 part in a million: a first guess by the exponent, two steps of Halley's method.
inline float cubeRoot(float v) {
    float x = std::bit_cast<float>(std::bit_cast<std::uint32_t>(v) / 3 + 709921077U);
    for (int i = 0; i < 2; ++i) {
        const float cube = x * x * x;
        x *= (cube + 2 * v) / (2 * cube + v);
    }
    return x;
}

constexpr float kBias = 0.0037930732552754493F, kBiasRoot = 0.15595420054924863F;

/// The XYB of JPEG XL (ISO/IEC 18181-1, annex L), brought to 0 to 1, B as its distance from Y.
void toXyb(const LinearPicture& from, int y, float* outX, float* outY, float* outB) {
    const float *red = from.row(0, y), *green = from.row(1, y), *blue = from.row(2, y);
    for (int x = 0; x < from.width; ++x) {
        const float r = red[x], g = green[x], b = blue[x];
        const float l = cubeRoot(0.3F * r + 0.622F * g + 0.078F * b + kBias) - kBiasRoot;
        const float m = cubeRoot(0.23F * r + 0.692F * g + 0.078F * b + kBias) - kBiasRoot;
        const float s =
            cubeRoot(0.24342268924547819F * r + 0.20476744424496821F * g + 0.55180986650955360F * b + kBias) -
            kBiasRoot;
        const float luma = 0.5F * (l + m);
        outX[x] = 0.5F * (l - m) * 14 + 0.42F;
        outY[x] = luma + 0.01F;
        outB[x] = s - luma + 0.55F;
    }
}

/// Rows of one plane, some above and below the band with it.
using Rows = std::vector<float>;

/// Along the rows; outside is 0.
void blurAcross(const Taps& taps, const float* from, int width, float* to) {
    const int inner = width - kReach;
    for (int x = 0; x < width; ++x) {
        if (x == kReach && inner > kReach)
            x = inner;
        float sum = 0;
        for (int k = -kReach; k <= kReach; ++k)
            if (x + k >= 0 && x + k < width)
                sum += taps[static_cast<std::size_t>(k + kReach)] * from[x + k];
        to[x] = sum;
    }
    for (int x = kReach; x < inner; ++x) {
        const float* at = from + x;
        to[x] = taps[kReach] * at[0] + taps[kReach + 1] * (at[-1] + at[1]) +
                taps[kReach + 2] * (at[-2] + at[2]) + taps[kReach + 3] * (at[-3] + at[3]) +
                taps[kReach + 4] * (at[-4] + at[4]);
    }
}

/// Down the columns, of `rows` rows of which the first and the last kReach are only looked at.
void blurDown(const Taps& taps, const Rows& from, int width, int rows, Rows& to) {
    const auto stride = static_cast<std::size_t>(width);
    for (int y = 0; y + 2 * kReach < rows; ++y) {
        const float* at = from.data() + (static_cast<std::size_t>(y) + kReach) * stride;
        float* out = to.data() + static_cast<std::size_t>(y) * stride;
        for (std::size_t x = 0; x < stride; ++x) {
            const float* p = at + x;
            out[x] = taps[kReach] * p[0] + taps[kReach + 1] * (*(p - stride) + p[stride]) +
                     taps[kReach + 2] * (*(p - 2 * stride) + p[2 * stride]) +
                     taps[kReach + 3] * (*(p - 3 * stride) + p[3 * stride]) +
                     taps[kReach + 4] * (*(p - 4 * stride) + p[4 * stride]);
        }
    }
}

/// Sums over a plane at one scale, of the maps and of their fourth powers.
struct Sums {
    double structure = 0, structure4 = 0, came = 0, came4 = 0, went = 0, went4 = 0;
};

class Scale {
public:
    Scale(const LinearPicture& before, const LinearPicture& after, const Taps& taps)
        : m_before(before), m_after(after), m_taps(taps), m_width(before.width) {
        const auto most = static_cast<std::size_t>(m_width) * (kBand + 2 * kReach);
        for (auto* planes : {&m_xyb1, &m_xyb2})
            for (auto& rows : *planes)
                rows.resize(most);
        for (auto& rows : m_blurred)
            rows.resize(most);
        m_product.resize(static_cast<std::size_t>(m_width));
        m_across.resize(most);
    }

    std::array<Sums, 3> sums() {
        for (int y = 0; y < m_before.height; y += kBand) {
            band(y, std::min(kBand, m_before.height - y));
        }
        return m_sums;
    }

private:
    float* rowIn(Rows& rows, int y) {
        return rows.data() + static_cast<std::size_t>(y) * static_cast<std::size_t>(m_width);
    }

    void band(int top, int count) {
        const int rows = count + 2 * kReach;
        for (int i = 0; i < rows; ++i) {
            const int y = top + i - kReach;
            m_inside[static_cast<std::size_t>(i)] = y >= 0 && y < m_before.height;
            if (!m_inside[static_cast<std::size_t>(i)])
                continue;
            toXyb(m_before, y, rowIn(m_xyb1[0], i), rowIn(m_xyb1[1], i), rowIn(m_xyb1[2], i));
            toXyb(m_after, y, rowIn(m_xyb2[0], i), rowIn(m_xyb2[1], i), rowIn(m_xyb2[2], i));
        }
        for (std::size_t c = 0; c < 3; ++c) {
            blur(m_xyb1[c], nullptr, rows, m_blurred[0]);
            blur(m_xyb2[c], nullptr, rows, m_blurred[1]);
            blur(m_xyb1[c], &m_xyb1[c], rows, m_blurred[2]);
            blur(m_xyb2[c], &m_xyb2[c], rows, m_blurred[3]);
            blur(m_xyb1[c], &m_xyb2[c], rows, m_blurred[4]);
            for (int y = 0; y < count; ++y)
                addRow(c, y);
        }
    }

    /// Of one plane, or of two of them multiplied.
    void blur(Rows& plane, Rows* by, int rows, Rows& to) {
        for (int i = 0; i < rows; ++i) {
            float* out = rowIn(m_across, i);
            if (!m_inside[static_cast<std::size_t>(i)]) {
                std::fill_n(out, m_width, 0.0F);
                continue;
            }
            const float* from = rowIn(plane, i);
            if (by) {
                const float* other = rowIn(*by, i);
                for (int x = 0; x < m_width; ++x)
                    m_product[static_cast<std::size_t>(x)] = from[x] * other[x];
                from = m_product.data();
            }
            blurAcross(m_taps, from, m_width, out);
        }
        blurDown(m_taps, m_across, m_width, rows, to);
    }

    void addRow(std::size_t c, int y) {
        const float *mu1 = rowIn(m_blurred[0], y), *mu2 = rowIn(m_blurred[1], y),
                    *s11 = rowIn(m_blurred[2], y), *s22 = rowIn(m_blurred[3], y),
                    *s12 = rowIn(m_blurred[4], y);
        const float *one = rowIn(m_xyb1[c], y + kReach), *two = rowIn(m_xyb2[c], y + kReach);
        auto& sums = m_sums[c];
        for (int x = 0; x < m_width; ++x) {
            const float difference = mu1[x] - mu2[x];
            const float alike = 1 - difference * difference;
            const float together = 2 * (s12[x] - mu1[x] * mu2[x]) + kC2;
            const float each = (s11[x] - mu1[x] * mu1[x]) + (s22[x] - mu2[x] * mu2[x]) + kC2;
            const double lost = std::max(0.0, 1.0 - static_cast<double>(alike * together / each));
            sums.structure += lost;
            sums.structure4 += lost * lost * lost * lost;
            const double edge = (1.0 + std::abs(static_cast<double>(two[x] - mu2[x]))) /
                                    (1.0 + std::abs(static_cast<double>(one[x] - mu1[x]))) -
                                1.0;
            const double came = std::max(edge, 0.0), went = std::max(-edge, 0.0);
            sums.came += came;
            sums.came4 += came * came * came * came;
            sums.went += went;
            sums.went4 += went * went * went * went;
        }
    }

    const LinearPicture &m_before, &m_after;
    const Taps& m_taps;
    int m_width;
    std::array<Rows, 3> m_xyb1, m_xyb2;
    std::array<Rows, 5> m_blurred;
    Rows m_across, m_product;
    std::array<bool, kBand + 2 * kReach> m_inside{};
    std::array<Sums, 3> m_sums{};
};

/// By channel (X, Y, B), scale (1 to 1/32), norm (mean, 4-norm) and map (structure, edges that came, edges
/// that went): the published weights.
// clang-format off
constexpr std::array<double, 108> kWeights = {
    0.0, 0.0007376606707406586, 0.0, 0.0, 0.0007793481682867309, 0.0,
    0.0, 0.0004371155730107379, 0.0, 1.1041726426657346, 0.00066284834129271, 0.00015231632783718752,
    0.0, 0.0016406437456599754, 0.0, 1.8422455520539298, 11.441172603757666, 0.0,
    0.0007989109436015163, 0.000176816438078653, 0.0, 1.8787594979546387, 10.94906990605142, 0.0,
    0.0007289346991508072, 0.9677937080626833, 0.0, 0.00014003424285435884, 0.9981766977854967, 0.00031949755934435053,
    0.0004550992113792063, 0.0, 0.0, 0.0013648766163243398, 0.0, 0.0,
    0.0, 0.0, 0.0, 7.466890328078848, 0.0, 17.445833984131262,
    0.0006235601634041466, 0.0, 0.0, 6.683678146179332, 0.00037724407979611296, 1.027889937768264,
    225.20515300849274, 0.0, 0.0, 19.213238186143016, 0.0011401524586618361, 0.001237755635509985,
    176.39317598450694, 0.0, 0.0, 24.43300999870476, 0.28520802612117757, 0.0004485436923833408,
    0.0, 0.0, 0.0, 34.77906344483772, 44.835625328877896, 0.0,
    0.0, 0.0, 0.0, 0.0, 0.0, 0.0,
    0.0, 0.0008680556573291698, 0.0, 0.0, 0.0, 0.0,
    0.0, 0.0005313191874358747, 0.0, 0.00016533814161379112, 0.0, 0.0,
    0.0, 0.0, 0.0, 0.0004179171803251336, 0.0017290828234722833, 0.0,
    0.0020827005846636437, 0.0, 0.0, 8.826982764996862, 23.19243343998926, 0.0,
    95.1080498811086, 0.9863978034400682, 0.9834382792465353, 0.0012286405048278493, 171.2667255897307, 0.9807858872435379,
    0.0, 0.0, 0.0, 0.0005130064588990679, 0.0, 0.00010854057858411537,
};
// clang-format on

/// The maps of all scales to one number.
double scoreOf(const std::vector<std::array<Sums, 3>>& scales, const std::vector<double>& pixels) {
    const auto norm4 = [](double sum, double count) { return std::sqrt(std::sqrt(sum / count)); };
    double sum = 0;
    std::size_t i = 0;
    for (std::size_t c = 0; c < 3; ++c)
        for (std::size_t scale = 0; scale < scales.size(); ++scale) {
            const auto& s = scales[scale][c];
            const double n = pixels[scale];
            for (const double value : {s.structure / n, s.came / n, s.went / n, norm4(s.structure4, n),
                                       norm4(s.came4, n), norm4(s.went4, n)})
                sum += kWeights[i++] * value;
        }
    sum *= 0.9562382616834844;
    sum =
        2.326765642916932 * sum - 0.020884521182843837 * sum * sum + 6.248496625763138e-05 * sum * sum * sum;
    return sum > 0 ? 100 - 10 * std::pow(sum, 0.6276336467831387) : 100;
}

double scoreOn(const Frame& before, const Frame& after, float ground) {
    static const Taps taps = gaussianTaps();
    auto one = linearPicture(before, ground), two = linearPicture(after, ground);
    std::vector<std::array<Sums, 3>> scales;
    std::vector<double> pixels;
    for (int scale = 0; scale < kScales && std::min(one.width, one.height) >= kSmallestSide; ++scale) {
        if (scale > 0) {
            one = halved(one);
            two = halved(two);
        }
        scales.push_back(Scale(one, two, taps).sums());
        pixels.push_back(static_cast<double>(one.width) * one.height);
    }
    return scoreOf(scales, pixels);
}

Frame inSrgb(const Frame& frame) {
    Frame out = frame;
    convertFrame(out, nullptr, Intent::Relative);
    return out;
}

} // namespace

double visibleLossScore(const Frame& before, const Frame& after) {
    if (!(before.size == after.size))
        throw std::logic_error("pictures of two sizes can't be compared");
    if (before.space || after.space)
        return visibleLossScore(inSrgb(before), inSrgb(after));
    if (before.alpha.empty() && after.alpha.empty())
        return scoreOn(before, after, 0);
    return std::min(scoreOn(before, after, 0.1F), scoreOn(before, after, 0.9F));
}

Frame differenceSeen(const Frame& before, const Frame& after, int times) {
    if (!(before.size == after.size))
        throw std::logic_error("pictures of two sizes can't be compared");
    Frame one = asEightBitSrgb(before), two = asEightBitSrgb(after);
    flattenOnto(one, {128, 128, 128});
    flattenOnto(two, {128, 128, 128});
    for (std::size_t i = 0; i < one.rgb.size(); ++i)
        two.rgb[i] = static_cast<std::uint8_t>(std::clamp(128 + times * (two.rgb[i] - one.rgb[i]), 0, 255));
    return two;
}

} // namespace keepseal
