// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// How many changed pictures are recognised, and how many others are taken for them: the table of
// docs/register.md.
//   recognition OURS [OTHERS]    folders of pictures: those that left; and some that never did
#include "../tests/support/changes.h"

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
    long pairs = 0, alarms = 0;
    for (const auto& change : allChanges()) {
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
    if (argc > 2) {
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
