// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Chance from a seed, so that what was found can be found again.
#pragma once

#include <cstdint>
#include <random>
#include <string>
#include <vector>

namespace keepseal::test {

class Dice {
public:
    explicit Dice(std::uint64_t seed) : m_random(seed) {}
    std::size_t below(std::size_t end) { return end ? m_random() % end : 0; }
    bool one(std::size_t in) { return below(in) == 0; }
    template <class T>
    const T& of(const std::vector<T>& list) {
        return list[below(list.size())];
    }

    /// A few bytes changed, cut out, doubled, or taken from `other`.
    std::string harmed(std::string bytes, const std::string& other = {}) {
        for (auto times = 1 + below(6); times > 0 && !bytes.empty(); --times) {
            const auto at = below(bytes.size()),
                       length = below(std::min<std::size_t>(bytes.size() - at, 64) + 1);
            switch (below(7)) {
            case 0:
                bytes[at] = static_cast<char>(below(256));
                break;
            case 1:
                bytes[at] = static_cast<char>(bytes[at] ^ (1 << below(8)));
                break;
            case 2:
                bytes.erase(at, length);
                break;
            case 3:
                bytes.insert(at, bytes.substr(at, length));
                break;
            case 4:
                bytes.resize(at);
                break;
            case 5: // lengths and counts
                for (std::size_t i = 0; i < 4 && at + i < bytes.size(); ++i)
                    bytes[at + i] = static_cast<char>(one(2) ? 0xFF : below(256));
                break;
            default:
                if (!other.empty())
                    bytes.replace(at, length, other.substr(below(other.size()), 64));
            }
        }
        return bytes;
    }

private:
    std::mt19937_64 m_random;
};

} // namespace keepseal::test
