// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How many changed pictures are recognised, and how many others are taken for them: the table of
// docs/register.md.
//   recognition OURS [OTHERS]    folders of pictures: those that left; and some that never did
//   recognition OURS --only CHANGE   changes alone in whose names these words stand
//   recognition OURS --copies    which of several copies, each with another name on it, a changed one is
//   recognition OURS --gone      the same, where the copies and the original are gone
#include "../tests/support/changes.h"

#include "likeness/apart.h"
#include "likeness/gone_copies.h"
#include "picture/original.h"

#include <cstdio>
#include <map>

using namespace keepseal;
namespace fs = std::filesystem;

namespace {

struct Left {
    std::string name;
    Frame frame, small;
    PictureMark mark;
};

Frame readPicture(const fs::path& path, int side) {
    const Original file(path);
    const auto facts = readFacts(file, path.string());
    const double k = std::min(1.0, double(side) / facts.size.longSide());
    return develop(file, path.string(), facts,
                   wholePicture(facts, {std::max(1, int(std::lround(facts.size.width * k))),
                                        std::max(1, int(std::lround(facts.size.height * k)))}));
}

std::vector<fs::path> picturesIn(const fs::path& folder) {
    std::vector<fs::path> out;
    for (const auto& entry : fs::recursive_directory_iterator(folder))
        if (entry.is_regular_file())
            out.push_back(entry.path());
    std::sort(out.begin(), out.end());
    return out;
}

Likeness best(const MetPicture& met, const Left& left) {
    Likeness out;
    for (const auto& way : waysToLie(met, left.mark, left.small.size))
        if (const auto likeness = likenessOf(met, left.small, way); likeness.share > out.share)
            out = likeness;
    return out;
}

double capitalOf(const Frame& frame) {
    return frame.size.longSide() * 0.022;
}

/// What is kept of such a name.
SealedPart namePart(const Frame& plain, const Frame& copy) {
    const int capital = int(capitalOf(plain));
    SealedPartTaker taker;
    taker.before(plain, {plain.size.width / 30, plain.size.height * 29 / 30 - capital * 3 / 2, capital * 10,
                         capital * 2});
    return taker.after(copy).value();
}

/// Copies of one picture, each with another name in its corner; the first with none.
std::vector<Frame> namedCopies(const Frame& frame) {
    std::vector<Frame> out;
    for (const char* name : {"", "Alma Reed", "Bram Oster", "Cleo Finch"}) {
        const cv::Mat plain = matOf(frame);
        cv::Mat lettered = plain.clone();
        const double size = capitalOf(frame);
        cv::putText(lettered, name, {frame.size.width / 30, frame.size.height * 29 / 30},
                    cv::FONT_HERSHEY_SIMPLEX, size / 22, {245, 245, 245}, int(std::lround(size / 8)),
                    cv::LINE_AA);
        cv::addWeighted(lettered, 0.8, plain, 0.2, 0, lettered);
        out.push_back(pressedAs(frameOf(lettered), "jpeg", "quality", 88));
    }
    return out;
}

/// Which of such copies a changed one is said to be.
void tellCopiesApart(const std::vector<Left>& ours, bool gone) {
    std::vector<std::vector<Frame>> copies;
    for (const auto& left : ours)
        copies.push_back(namedCopies(longSide(left.frame, 1600))); // and the larger one is the original
    std::vector<GoneCopies> drawn;
    for (std::size_t k = 0; k < ours.size(); ++k) {
        drawn.emplace_back(pressedAs(ours[k].small, "jpeg", "quality", 80), Frame());
        for (std::size_t i = 0; i < copies[k].size(); ++i)
            drawn.back().add(i, i == 0 ? SealedPart() : namePart(longSide(ours[k].frame, 1600), copies[k][i]),
                             true);
    }
    for (const auto& change : allChanges()) {
        int told = 0, likeliest = 0, wrong = 0, falselyPlain = 0;
        for (std::size_t k = 0; k < ours.size(); ++k)
            for (const std::size_t which : {0, 2}) {
                const auto& of = copies[k];
                const auto met = metPicture(change.make(of[which]));
                const auto pixels = [&](std::size_t i, int side) {
                    return gone ? drawn[k].frameOf(i) : reducedTo(of[i], side);
                };
                const auto answer =
                    toldApart(met, of.size(), pixels,
                              gone ? drawn[k].plain(of.size()) : reducedTo(ours[k].frame, 1600));
                if (which == 0) {
                    falselyPlain += answer.certain && answer.likeliest != which;
                    continue;
                }
                likeliest += answer.likeliest == which;
                told += answer.certain && answer.likeliest == which;
                wrong += answer.certain && answer.likeliest != which;
            }
        std::printf("which copy, %-34s told %d, wrong %d; likeliest %d, of %zu; of those without a name told "
                    "for one with: %d\n",
                    change.name, told, wrong, likeliest, ours.size(), falselyPlain);
        std::fflush(stdout);
    }
}

} // namespace

int main(int argc, char** argv) {
    startPictureEngine(argv[0]);
    std::vector<Left> ours;
    for (const auto& path : picturesIn(argv[1])) {
        try {
            Left left{path.filename().string(), readPicture(path, 2048), {}, {}};
            left.small = reducedTo(left.frame, kSmallSide);
            left.mark = markOf(left.frame);
            ours.push_back(std::move(left));
        } catch (const Problem& p) {
            std::printf("passed over: %s\n", p.sentence().c_str());
        }
    }
    std::printf("%zu pictures that left\n", ours.size());
    const std::string mode = argc > 2 ? argv[2] : "";
    if (mode == "--copies" || mode == "--gone") {
        tellCopiesApart(ours, mode == "--gone");
        return 0;
    }
    const bool some = argc > 3 && mode == "--only";
    long pairs = 0, alarms = 0;
    for (const auto& change : allChanges()) {
        if (some && std::string(change.name).find(argv[3]) == std::string::npos)
            continue;
        int found = 0;
        double least = 1;
        std::string missed;
        for (const auto& left : ours) {
            const auto met = metPicture(change.make(left.frame));
            for (const auto& other : ours) {
                const auto likeness = best(met, other);
                if (&other == &left) {
                    found += likeness.share >= kAlike;
                    least = std::min(least, likeness.share);
                    if (likeness.share < kAlike)
                        missed += " " + left.name + "(" + std::to_string(int(likeness.share * 100)) + "/" +
                                  std::to_string(likeness.points) + "/" +
                                  std::to_string(left.mark.points.size()) + ")";
                } else {
                    ++pairs;
                    if (likeness.share >= kAlike) {
                        ++alarms;
                        std::printf(
                            "    alarm: %s taken for %s at %.2f (%d parts, %d points, covered %.2f)\n",
                            left.name.c_str(), other.name.c_str(), likeness.share, likeness.parts,
                            likeness.points, likeness.covered);
                    }
                }
            }
        }
        std::printf("%-34s %3d of %zu, least %.2f%s\n", change.name, found, ours.size(), least,
                    missed.c_str());
        std::fflush(stdout);
    }
    std::printf("%ld false alarms in %ld pairs\n", alarms, pairs);
    if (argc > 2 && !some) {
        long others = 0, wrong = 0;
        for (const auto& path : picturesIn(argv[2])) {
            const auto met = metPicture(readPicture(path, 1024));
            for (const auto& left : ours) {
                const auto likeness = best(met, left);
                ++others;
                if (likeness.share >= kAlike) {
                    ++wrong;
                    std::printf("    alarm: %s taken for %s at %.2f (%d parts, %d points, covered %.2f)\n",
                                path.filename().c_str(), left.name.c_str(), likeness.share, likeness.parts,
                                likeness.points, likeness.covered);
                }
            }
        }
        std::printf("others: %ld false alarms in %ld pairs\n", wrong, others);
    }
}
