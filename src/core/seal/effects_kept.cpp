// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seal/effects_kept.h"

#include <algorithm>
#include <array>
#include <list>
#include <mutex>
#include <tuple>
#include <xxhash.h>

namespace keepseal {
namespace {

constexpr std::size_t kMostBytes = 24U << 20U; ///< of all together
constexpr std::size_t kMostOfOne = kMostBytes / 3;

/// What an effect is made from. 128 bits: two different masks do not meet by chance.
struct MadeFrom {
    std::uint64_t low = 0, high = 0;
    int width = 0, height = 0;
    std::array<double, 4> by{};
    bool operator==(const MadeFrom& o) const {
        return std::tie(low, high, width, height, by) == std::tie(o.low, o.high, o.width, o.height, o.by);
    }
};

std::size_t bytesOf(const Mask& mask) {
    return mask.value.size() * sizeof(float);
}

/// The ones used last, in front.
class EffectsKept {
public:
    MaskPtr find(const MadeFrom& from) {
        const std::lock_guard lock(m_mutex);
        const auto found =
            std::find_if(m_kept.begin(), m_kept.end(), [&](const Kept& kept) { return kept.from == from; });
        if (found == m_kept.end())
            return nullptr;
        m_kept.splice(m_kept.begin(), m_kept, found);
        return m_kept.front().mask;
    }
    void keep(const MadeFrom& from, const MaskPtr& mask) {
        const std::lock_guard lock(m_mutex);
        m_kept.push_front({from, mask});
        m_bytes += bytesOf(*mask);
        for (; m_bytes > kMostBytes; m_kept.pop_back())
            m_bytes -= bytesOf(*m_kept.back().mask);
    }

private:
    struct Kept {
        MadeFrom from;
        MaskPtr mask;
    };
    std::mutex m_mutex;
    std::list<Kept> m_kept;
    std::size_t m_bytes = 0;
};

template <class Make>
MaskPtr madeOrKept(const Mask& opaque, const std::array<double, 4>& by, const Make& make) {
    static EffectsKept kept;
    if (bytesOf(opaque) > kMostOfOne)
        return std::make_shared<const Mask>(make());
    const auto content = ::XXH3_128bits(opaque.value.data(), bytesOf(opaque));
    const MadeFrom from{content.low64, content.high64, opaque.width, opaque.height, by};
    auto mask = kept.find(from);
    if (!mask) {
        mask = std::make_shared<const Mask>(make());
        kept.keep(from, mask);
    }
    return mask;
}

} // namespace

MaskPtr glowOf(const Mask& opaque, double spreadBy, double softness) {
    return madeOrKept(opaque, {0, spreadBy, softness, 0}, [&] {
        Mask glow = opaque;
        spread(glow, spreadBy);
        blur(glow, softness);
        return glow;
    });
}

MaskPtr shadowOf(const Mask& opaque, double dx, double dy, double softness) {
    return madeOrKept(opaque, {1, dx, dy, softness}, [&] {
        Mask fallen = shifted(opaque, dx, dy);
        blur(fallen, softness);
        return fallen;
    });
}

} // namespace keepseal
