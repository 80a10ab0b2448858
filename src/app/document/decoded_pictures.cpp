// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "document/decoded_pictures.h"

#include "base/problem.h"

#include <algorithm>

namespace keepseal::app {

DecodedPictures::KeptPtr DecodedPictures::find(const FileIdentity& identity, const Reading& reading,
                                               int shrink, std::uint64_t bytes) {
    const std::lock_guard lock(m_mutex);
    const auto known = std::find_if(m_kept.begin(), m_kept.end(), [&](const KeptPtr& kept) {
        return kept->identity == identity && kept->reading == reading && kept->shrink == shrink;
    });
    if (known != m_kept.end())
        m_kept.splice(m_kept.begin(), m_kept, known);
    else
        m_kept.push_front(KeptPtr(new Kept{identity, reading, shrink, bytes}));
    return m_kept.front();
}

bool DecodedPictures::has(const FileIdentity& identity, int shrink) const {
    const std::lock_guard lock(m_mutex);
    return std::any_of(m_kept.begin(), m_kept.end(), [&](const KeptPtr& kept) {
        return kept->identity == identity && kept->shrink == shrink;
    });
}

std::list<DecodedPictures::KeptPtr> DecodedPictures::tooMany() {
    const std::lock_guard lock(m_mutex);
    std::uint64_t bytes = 0;
    std::size_t count = 0;
    std::list<KeptPtr> out;
    for (auto kept = m_kept.begin(); kept != m_kept.end();) {
        const auto at = kept++;
        if (count == kMostPictures || bytes + (*at)->bytes > m_most) {
            out.splice(out.end(), m_kept, at);
        } else {
            bytes += (*at)->bytes;
            ++count;
        }
    }
    return out;
}

void DecodedPictures::with(const Original& original, const PictureFacts& facts, int shrink,
                           const Work& work) {
    const auto bytes = 2 * decodedMemory(facts, shrink); // what it is halved to as well
    if (bytes > m_most)
        return work(nullptr);
    const auto kept = find(original.identity(), facts.reading, shrink, bytes);
    tooMany();
    const std::lock_guard lock(kept->busy);
    const bool there = kept->picture != nullptr;
    const auto decode = [&] {
        kept->picture.reset(); // before another one takes its room
        kept->picture = decodePicture(original, original.path().string(), facts, shrink);
    };
    if (!there)
        decode();
    try {
        work(kept->picture);
    } catch (const Problem&) {
        if (!there)
            throw;
        decode(); // its process may be gone, and the pixels with it
        work(kept->picture);
    }
}

Frame DecodedPictures::developed(const Original& original, const PictureFacts& facts, const DevelopWish& wish,
                                 Notes* notes) {
    Frame out;
    with(original, facts, decodeShrinkFor(facts, wish), [&](const DecodedPtr& decoded) {
        Notes told;
        out = develop(original, original.path().string(), facts, wish, &told, decoded);
        if (notes)
            addNotes(*notes, told);
    });
    return out;
}

} // namespace keepseal::app
