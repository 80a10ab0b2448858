// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "recognise/what_is.h"

#include "base/fingerprint.h"
#include "base/patience.h"
#include "base/text.h"
#include "likeness/apart.h"
#include "likeness/gone_copies.h"
#include "picture/develop.h"
#include "plan/stamped.h"

#include <algorithm>
#include <cmath>
#include <thread>

namespace keepseal {

namespace {

/// Empty: it can't be read.
Frame readable(const std::function<Frame()>& read) {
    try {
        return read();
    } catch (const Problem& problem) {
        if (problem.kind == ProblemKind::Stopped)
            throw;
        return {};
    }
}

constexpr int kReadSide = 1600; ///< of the pixels that are looked at

Frame readReduced(const ByteSource& file, const std::string& name, const PictureFacts& facts) {
    const double k = std::min(1.0, static_cast<double>(kReadSide) / facts.size.longSide());
    const auto side = [k](int length) { return std::max(1, static_cast<int>(std::lround(length * k))); };
    return develop(file, name, facts, wholePicture(facts, {side(facts.size.width), side(facts.size.height)}));
}

/// One that is kept: it may have come from elsewhere, and is read like any other.
Frame pixelsOfKept(const Bytes& jpeg) {
    return readable([&] {
        const MemorySource source(jpeg);
        const auto facts = readFacts(source, "a kept picture");
        return readReduced(source, "a kept picture", facts);
    });
}

} // namespace

Frame smallPictureOf(Register& known, const std::string& id) {
    return pixelsOfKept(known.smallPicture(id));
}

namespace {

namespace fs = std::filesystem;

constexpr std::size_t kBatch = 1024;    ///< pictures compared at a time
constexpr std::size_t kMostJudged = 48; ///< of those that something speaks for, by their pixels
constexpr std::size_t kMostTold = 8;
constexpr std::size_t kMostHeldAgainst = 64; ///< copies of one picture, by what stands on them: the newest

/// What speaks for a picture, before its pixels are looked at.
struct Candidate {
    std::string picture; ///< its id
    LaidOn way;
    double weight() const { return way.points > 0 ? way.points : 40 - 2 * way.bits; }
};

bool heavier(const Candidate& a, const Candidate& b) {
    return a.weight() != b.weight() ? a.weight() > b.weight() : a.picture < b.picture;
}

void keepHeaviest(std::vector<Candidate>& all) {
    std::sort(all.begin(), all.end(), heavier);
    if (all.size() > kMostJudged)
        all.resize(kMostJudged);
}

/// Those of a batch that something speaks for, on all cores.
std::vector<Candidate> candidatesIn(const MetPicture& met, const std::vector<RegisteredPicture>& batch,
                                    const std::atomic<bool>& stop) {
    const auto threads = std::max(1U, std::thread::hardware_concurrency());
    std::vector<std::vector<Candidate>> found(threads);
    {
        std::vector<std::jthread> workers;
        for (unsigned t = 0; t < threads; ++t)
            workers.emplace_back([&, t] {
                for (std::size_t i = t; i < batch.size() && !stop; i += threads)
                    for (const auto& way : waysToLie(met, batch[i].mark, batch[i].size))
                        found[t].push_back({batch[i].id, way});
            });
    }
    std::vector<Candidate> out;
    for (auto& part : found)
        std::move(part.begin(), part.end(), std::back_inserter(out));
    return out;
}

/// How far the copy as it left is from what was met, in bits of the code; it may have been turned since.
int codeDistance(const MetPicture& met, const RegisteredCopy& copy) {
    int out = 64;
    if (copy.row.code != 0)
        for (const auto code : met.wholes)
            out = std::min(out, distance(code, copy.row.code));
    return out;
}

/// Which of the copies of one picture it most likely is, by the code alone; of equal ones the newest.
KnownAs mostLikely(const MetPicture& met, const std::vector<RegisteredCopy>& copies,
                   const Likeness& likeness) {
    KnownAs out;
    out.likeness = likeness;
    out.others = copies.size() - 1;
    out.copy = *std::min_element(copies.begin(), copies.end(), [&met](const auto& a, const auto& b) {
        return codeDistance(met, a) < codeDistance(met, b);
    });
    return out;
}

/// As it lies there, if it is what was there then.
Frame frameLyingAt(const fs::path& path, std::uint64_t bytes, std::int64_t modifiedNs, int longSide) {
    const Original file(path);
    if (file.size() != bytes || file.identity().modifiedNs != modifiedNs)
        return {};
    const auto facts = readFacts(file, path.string());
    return reducedTo(readReduced(file, path.string(), facts), longSide);
}

/// Pixels where they still lie; empty: they don't.
Frame frameOfCopy(const RegisteredCopy& copy, int longSide) {
    const auto& row = copy.row;
    return readable([&] { return frameLyingAt(row.copy, row.copyBytes, row.copyModifiedNs, longSide); });
}

Frame frameOfOriginal(const RegisteredCopy& copy, int longSide) {
    const auto& row = copy.row;
    return readable([&] {
        return frameLyingAt(row.original, row.originalIdentity.size, row.originalIdentity.modifiedNs,
                            longSide);
    });
}

bool liesThere(const RegisteredCopy& copy) {
    try {
        const Original file(copy.row.copy);
        return file.size() == copy.row.copyBytes && file.identity().modifiedNs == copy.row.copyModifiedNs;
    } catch (const Problem&) {
        return false;
    }
}

/// What is kept of the seals on copies, by their places in the list; empty where one has none.
std::map<std::size_t, SealedPart> keptPartsOf(Register& known, const std::vector<RegisteredCopy>& copies) {
    std::map<std::size_t, SealedPart> out;
    std::map<fs::path, std::multimap<std::string, std::size_t>>
        wanted; // of each run: ids, and whose they are
    for (std::size_t i = 0; i < copies.size(); ++i) {
        const auto whole = known.whole(copies[i].id);
        if (whole && !whole->row.sealOnCopy)
            out[i] = {};
        else if (whole && !whole->row.sealKept.empty())
            wanted[whole->ledger].emplace(whole->row.sealKept, i);
    }
    for (const auto& [ledger, whose] : wanted) {
        std::set<std::string> ids;
        for (const auto& [id, index] : whose)
            ids.insert(id);
        for (const auto& kept : keptSealsIn(picturesOf(ledger), ids)) {
            auto part = kept.part;
            part.before = pixelsOfKept(kept.before);
            part.after = pixelsOfKept(kept.after);
            if (part.before.size.empty() || part.before.size != part.after.size)
                continue;
            const auto [first, end] = whose.equal_range(kept.id);
            for (auto it = first; it != end; ++it)
                out[it->second] = part;
        }
    }
    return out;
}

/// Drawn where they are gone, or the original is.
GoneCopies goneAmong(Register& known, const std::vector<RegisteredCopy>& copies) {
    auto original = frameOfOriginal(copies.front(), kReadSide);
    bool wanted = original.size.empty();
    std::vector<bool> there;
    for (const auto& copy : copies) {
        there.push_back(liesThere(copy));
        wanted = wanted || !there.back();
    }
    GoneCopies out(smallPictureOf(known, copies.front().row.picture), std::move(original));
    if (wanted)
        for (auto& [index, part] : keptPartsOf(known, copies))
            out.add(index, std::move(part), !there[index]);
    return out;
}

/// By what stands on the copies: on those that still lie where they were made, and on what is kept of others.
void tellApart(Register& registered, const MetPicture& met, std::vector<RegisteredCopy> copies,
               KnownAs& known, const std::atomic<bool>& stop) {
    if (copies.size() < 2)
        return;
    const auto all = copies.size();
    copies.resize(std::min(all, kMostHeldAgainst));
    const auto gone = goneAmong(registered, copies);
    const auto pixels = [&](std::size_t i, int longSide) {
        if (gone.drawn(i))
            return gone.frameOf(i);
        return gone.onlyDrawn() ? Frame() : frameOfCopy(copies[i], longSide);
    };
    const auto told =
        toldApart(met, copies.size(), pixels, gone.plain(copies.size()), [&stop] { return !stop; });
    known.unread = all - told.compared;
    known.alone = told.certain;
    if (told.likeliest)
        known.copy = copies[*told.likeliest];
}

class Recogniser {
public:
    Recogniser(Register& known, WhatIs& answer, const std::atomic<bool>& stop,
               const std::function<void(std::size_t, std::size_t)>& progress)
        : m_known(known), m_answer(answer), m_stop(stop), m_progress(progress) {}

    bool byBytes() {
        const auto& bytes = m_answer.file.fingerprint;
        if (bytes.empty())
            return false;
        auto copies = m_known.copiesWith(bytes);
        m_answer.by = KnownBy::SameBytes;
        if (copies.empty()) {
            copies = m_known.copiesOf(bytes);
            m_answer.by = KnownBy::OriginalBytes;
        }
        if (copies.empty())
            return false;
        const auto here = std::find_if(copies.begin(), copies.end(),
                                       [&](const auto& copy) { return copy.row.copy == m_answer.file.path; });
        KnownAs known;
        known.copy = here == copies.end() ? copies.front() : *here;
        m_answer.known.push_back(known);
        m_answer.certainty = 1;
        return true;
    }

    bool byLooks() {
        collect();
        for (const auto& candidate : m_candidates)
            judge(candidate);
        std::sort(m_judged.begin(), m_judged.end(),
                  [](const auto& a, const auto& b) { return a.second.share > b.second.share; });
        for (const auto& [picture, likeness] : m_judged) {
            const auto copies = m_known.copiesOfPicture(picture);
            if (!copies.empty() && m_answer.known.size() < kMostTold)
                m_answer.known.push_back(mostLikely(m_answer.file.picture, copies, likeness));
        }
        if (!m_answer.known.empty()) {
            auto& best = m_answer.known.front();
            tellApart(m_known, m_answer.file.picture, m_known.copiesOfPicture(best.copy.row.picture), best,
                      m_stop);
        }
        m_answer.stopped = m_stop;
        if (m_answer.known.empty())
            return false;
        m_answer.by = KnownBy::Looks;
        m_answer.certainty = m_answer.known.front().likeness.share;
        return true;
    }

private:
    void collect() {
        const auto total = m_known.pictures();
        m_known.eachPicture(kBatch, [&](std::vector<RegisteredPicture>&& batch) {
            auto found = candidatesIn(m_answer.file.picture, batch, m_stop);
            std::move(found.begin(), found.end(), std::back_inserter(m_candidates));
            keepHeaviest(m_candidates);
            m_answer.compared += batch.size();
            if (m_progress)
                m_progress(m_answer.compared, total);
            return !m_stop;
        });
    }

    void judge(const Candidate& candidate) {
        if (m_stop)
            return;
        const auto& id = candidate.picture;
        auto small = m_small.find(id);
        if (small == m_small.end())
            small = m_small.emplace(id, smallPictureOf(m_known, id)).first;
        if (small->second.size.empty())
            return;
        const auto likeness = likenessOf(m_answer.file.picture, small->second, candidate.way);
        if (likeness.share < kAlike)
            return;
        const auto before =
            std::find_if(m_judged.begin(), m_judged.end(), [&](const auto& j) { return j.first == id; });
        if (before == m_judged.end())
            m_judged.emplace_back(id, likeness);
        else if (likeness.share > before->second.share)
            before->second = likeness;
    }

    Register& m_known;
    WhatIs& m_answer;
    const std::atomic<bool>& m_stop;
    const std::function<void(std::size_t, std::size_t)>& m_progress;
    std::vector<Candidate> m_candidates;
    std::vector<std::pair<std::string, Likeness>> m_judged;
    std::map<std::string, Frame> m_small;
};

void fillIn(Register& known, WhatIs& answer) {
    if (answer.known.empty())
        return;
    for (auto& as : answer.known)
        if (auto whole = known.whole(as.copy.id))
            as.copy = std::move(*whole);
    const auto& row = answer.known.front().copy.row;
    answer.copies = known.copiesOf(row.fingerprintBefore);
    if (answer.file.path.empty())
        return;
    for (const auto& [key, then] : row.words) {
        const auto* field = metadataField(key);
        const auto now = answer.file.fields.find(key);
        answer.fields.push_back(
            {key, then,
             field && now != answer.file.fields.end() ? now->second.shown(*field) : std::string()});
    }
}

} // namespace

const char* keyOf(KnownBy by) {
    constexpr const char* keys[] = {"bytes", "original-bytes", "looks", "mark", "nothing"};
    return keys[static_cast<std::size_t>(by)];
}

MetFile metFile(const fs::path& path) {
    const Original file(path);
    MetFile out;
    out.name = path.filename().string();
    out.path = path;
    out.bytes = file.size();
    out.fingerprint = fingerprint(file);
    const auto facts = readFacts(file, path.string());
    out.size = facts.size;
    out.report = inspect(file);
    out.marked = copyMarkIn(out.report).has_value();
    out.fields = metadataFrom(out.report).fields;
    out.picture = metPicture(readReduced(file, path.string(), facts));
    return out;
}

MetFile metPixels(const std::string& name, const Frame& pixels) {
    MetFile out;
    out.name = name;
    out.size = pixels.size;
    out.picture = metPicture(pixels);
    return out;
}

WhatIs whatIs(Register& known, MetFile file, const std::atomic<bool>& stop,
              const std::function<void(std::size_t, std::size_t)>& progress) {
    WhatIs out;
    out.file = std::move(file);
    Recogniser recogniser(known, out, stop, progress);
    if (!recogniser.byBytes() && !recogniser.byLooks())
        out.by = out.file.marked ? KnownBy::Mark : KnownBy::Nothing;
    fillIn(known, out);
    return out;
}

Frame pictureOf(Register& known, const RegisteredCopy& copy, int longSide) {
    try {
        auto out = frameOfCopy(copy, longSide);
        if (out.size.empty())
            out = frameOfOriginal(copy, longSide);
        return out.size.empty() ? smallPictureOf(known, copy.row.picture) : out;
    } catch (const Problem&) { // stopped
        return {};
    }
}

Saying sentenceOf(const WhatIs& answer) {
    if (answer.known.empty())
        return answer.by == KnownBy::Mark
                   ? Saying("A copy made by Keep Seal, as its mark tells, but none that this register knows.")
                   : Saying("Nothing like it has left, as far as this register knows (pictures held against: "
                            "{count}).",
                            {{"count", std::to_string(answer.compared)}});
    const auto& best = answer.known.front();
    const auto& row = best.copy.row;
    std::map<std::string, std::string> values = {
        {"copy", printable(row.copy.filename().string())},
        {"original", printable(row.original.filename().string())},
        {"delivery", row.delivery},
        {"day", best.copy.made.substr(0, 10)},
        {"percent", std::to_string(static_cast<int>(std::floor(answer.certainty * 100)))},
        {"copies", std::to_string(answer.copies.size())},
        {"count", std::to_string(best.unread)}};
    const auto* pattern =
        answer.by == KnownBy::SameBytes
            ? "The very copy \"{copy}\", made for \"{delivery}\" on {day}: byte for byte."
        : answer.by == KnownBy::OriginalBytes
            ? "An original, byte for byte: \"{original}\". Copies that left of it: {copies}."
        : best.alone && best.thisCopy() ? "Looks like the copy \"{copy}\", made for \"{delivery}\" on {day}: "
                                          "{percent} % of its parts agree, "
                                          "and of all copies of this picture it alone has what is seen here."
        : best.alone
            ? "Looks like the copy \"{copy}\", made for \"{delivery}\" on {day}: {percent} % of its "
              "parts agree, and of the copies that it could be held against it alone has what is seen "
              "here (the others: {count})."
        : best.thisCopy()
            ? "Looks like the copy \"{copy}\", made for \"{delivery}\" on {day}: {percent} % of "
              "its parts agree."
            : "Looks like one of the copies of the same picture, such as \"{copy}\", made for "
              "\"{delivery}\" on "
              "{day}: {percent} % of its parts agree.";
    return {pattern, std::move(values)};
}

} // namespace keepseal
