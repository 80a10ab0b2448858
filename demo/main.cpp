// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Makes the sample world: the pictures of a kite festival that never was, its logos and its delivery. The
// same pictures come out each time. Pictures that are there already are left alone.
#include "write.h"

#include <atomic>
#include <cstdio>
#include <fstream>
#include <thread>

int main(int argc, char** argv) {
    namespace fs = std::filesystem;
    if (argc < 2) {
        std::fprintf(stderr, "usage: make-sample-world FOLDER [NAME...]\n");
        return 2;
    }
    const fs::path world = argv[1], originals = world / "originals";
    fs::create_directories(originals);
    fs::create_directories(world / "logos");
    demo::startWriting(argv[0]);
    demo::writeLogos(world / "logos");
    std::vector<const demo::Scene*> wanted;
    for (const auto& scene : demo::scenes()) {
        bool named = argc == 2;
        for (int i = 2; i < argc; ++i)
            named = named || scene.name == argv[i];
        if (named)
            wanted.push_back(&scene);
    }
    std::atomic<std::size_t> next{0};
    std::atomic<bool> failed{false};
    const auto work = [&] {
        for (std::size_t i = next++; i < wanted.size(); i = next++) {
            try {
                demo::makePicture(*wanted[i], originals);
                std::printf("painted %s\n", wanted[i]->name.c_str());
                std::fflush(stdout);
            } catch (const std::exception& error) {
                std::fprintf(stderr, "%s: %s\n", wanted[i]->name.c_str(), error.what());
                failed = true;
            }
        }
    };
    {
        std::vector<std::jthread> painters;
        for (unsigned i = 0; i < std::max(1U, std::thread::hardware_concurrency()); ++i)
            painters.emplace_back(work);
    }
    if (argc == 2 && !failed)
        demo::makeBroken(originals / "tide_0204.jpg", originals / "tide_0799.jpg");
    return failed ? 1 : 0;
}
