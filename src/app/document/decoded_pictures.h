// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The originals that are looked at, as decoded: the single picture, the bench, the crop, borders side by
// side, the file as saved, comparison and loupe make what they show of one decoding, and so does every step
// of a hand that turns, cuts and fits. The pixels lie in the processes that decode.
#pragma once

#include "picture/develop.h"
#include "picture/original.h"

#include <functional>
#include <list>
#include <memory>
#include <mutex>

namespace keepseal::app {

/// Called in the background, from any thread.
class DecodedPictures {
public:
    /// Bytes kept altogether: the latest ones. A picture that alone takes more is not kept.
    static constexpr std::uint64_t kMost = 160ULL << 20;
    /// And not more than this of small ones: all may lie in one process, which keeps a certain number.
    static constexpr std::size_t kMostPictures = 48;
    explicit DecodedPictures(std::uint64_t most = kMost) : m_most(most) {}

    using Work = std::function<void(const DecodedPtr&)>;
    /// Calls `work` with the picture decoded by this `shrink`, and no finer: pixels depend on it by rounding,
    /// and a proof is to be what its copy will be. Null where it is not kept.
    /// What is asked of one picture at a time is done one after the other: what is decoded is one thread's at
    /// a time. Throws like decodePicture(), and what `work` throws; that is called a second time where the
    /// process that held the pixels came to its end.
    void with(const Original& original, const PictureFacts& facts, int shrink, const Work& work);
    /// The same for pixels by that wish.
    Frame developed(const Original& original, const PictureFacts& facts, const DevelopWish& wish,
                    Notes* notes = nullptr);
    /// It is there, or being decoded.
    bool has(const FileIdentity& identity, int shrink) const;

private:
    struct Kept {
        FileIdentity identity;
        Reading reading; ///< which picture of the file
        int shrink = 1;
        std::uint64_t bytes = 0;
        std::mutex busy{};    ///< before m_mutex
        DecodedPtr picture{}; ///< under `busy`; null: not yet
    };
    using KeptPtr = std::shared_ptr<Kept>;
    /// Puts it first.
    KeptPtr find(const FileIdentity& identity, const Reading& reading, int shrink, std::uint64_t bytes);
    /// What was used longest ago and is too much, taken out: to be let go of outside the lock.
    std::list<KeptPtr> tooMany();

    const std::uint64_t m_most;
    mutable std::mutex m_mutex;
    std::list<KeptPtr> m_kept; ///< the latest first
};

} // namespace keepseal::app
