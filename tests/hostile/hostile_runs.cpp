// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// The whole of stamp and check on pictures that mean harm, as a person would run them: each call ends by
// itself within ten seconds a picture and a gigabyte a process, originals are as they were, every copy passes
// the check.
//   hostile-runs SECONDS [SEED]
#include "base/fingerprint.h"
#include "hostile/dice.h"
#include "support/leak_corpus.h"
#include "support/support.h"

#include <chrono>
#include <csignal>
#include <fcntl.h>
#include <iostream>
#include <map>
#include <sys/resource.h>
#include <sys/wait.h>
#include <thread>
#include <unistd.h>

#include "picture/develop.h"

using namespace keepseal;
using namespace keepseal::test;

namespace {

constexpr int kPictures = 6, kSecondsEach = 10;
constexpr long kMostKilobytes = 1L << 20;

[[noreturn]] void found(const std::string& what, const fs::path& pictures) {
    const fs::path kept = fs::current_path() / "fuzz-found";
    fs::create_directories(kept);
    fs::copy(pictures, kept / ("runs-" + std::to_string(::getpid())), fs::copy_options::recursive);
    std::cerr << "hostile-runs: " << what << "; the pictures lie in " << kept << "\n";
    std::exit(1);
}

/// The exit code; a call that does not end, dies or takes too much is a finding.
int call(std::vector<std::string> words, const fs::path& pictures) {
    words.insert(words.begin(), KEEPSEAL_CLI);
    std::vector<char*> arguments;
    for (auto& word : words)
        arguments.push_back(word.data());
    arguments.push_back(nullptr);
    const pid_t child = ::fork();
    if (child == 0) {
        const int nowhere = ::open("/dev/null", O_WRONLY);
        ::dup2(nowhere, 1), ::dup2(nowhere, 2);
        ::execv(arguments[0], arguments.data());
        ::_exit(127);
    }
    int status = 0;
    rusage used{};
    for (int waited = 0; ::wait4(child, &status, WNOHANG, &used) == 0; ++waited) {
        if (waited > kPictures * kSecondsEach * 50) {
            ::kill(child, SIGKILL);
            found(words[1] + " did not end", pictures);
        }
        std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
    if (!WIFEXITED(status))
        found(words[1] + " was ended by signal " + std::to_string(WTERMSIG(status)), pictures);
    if (used.ru_maxrss > kMostKilobytes)
        found(words[1] + " took " + std::to_string(used.ru_maxrss >> 10) + " MB", pictures);
    return WEXITSTATUS(status);
}

std::map<fs::path, std::string> printsIn(const fs::path& folder) {
    std::map<fs::path, std::string> out;
    for (const auto& entry : fs::directory_iterator(folder))
        out[entry.path()] = fingerprint(readFile(entry.path()));
    return out;
}

void round(const std::vector<std::pair<std::string, std::string>>& seeds, const fs::path& folder,
           Dice& dice) {
    const auto in = folder / "in", out = folder / "out";
    fs::remove_all(in), fs::remove_all(out);
    for (int i = 0; i < kPictures; ++i) {
        const auto& [ending, bytes] = dice.of(seeds);
        writeFile(in / (std::to_string(i) + ending), dice.harmed(bytes, dice.of(seeds).second));
    }
    const auto before = printsIn(in);
    const auto stamped = call({"stamp", "--out", out, "-s", "fit.long_side=200", "-s", "privacy.camera=keep",
                               "-s", "privacy.history=keep", "-s", "file.png=true", in},
                              in);
    if (stamped != 0 && stamped != 1)
        found("stamp ended with " + std::to_string(stamped), in);
    if (printsIn(in) != before)
        found("an original is not as it was", in);
    if (fs::exists(out)) {
        for (const auto& entry : fs::directory_iterator(out))
            if (entry.path().filename().string().starts_with("."))
                found("left behind: " + entry.path().string(), in);
        if (!fs::is_empty(out) && call({"check", out}, in) != 0)
            found("a copy does not pass the check", in);
    }
    const auto checked = call({"check", in}, in);
    if (checked != 0 && checked != 1)
        found("check ended with " + std::to_string(checked), in);
}

} // namespace

int main(int count, char** words) {
    const double seconds = count > 1 ? std::atof(words[1]) : 20;
    const std::uint64_t seed = count > 2 ? std::strtoull(words[2], nullptr, 10) : 20261128;
    startPictureEngine(words[0]);
    const TempFolder folder;
    std::vector<std::pair<std::string, std::string>> seeds;
    const LeakCorpus corpus(folder / "seeds");
    for (const auto& leak : corpus.leaks())
        seeds.emplace_back(leak.file.extension().string(), readText(leak.file));
    std::uint64_t runs = 0;
    const auto end = std::chrono::steady_clock::now() + std::chrono::duration<double>(seconds);
    for (; std::chrono::steady_clock::now() < end; ++runs) {
        Dice dice(seed + runs);
        round(seeds, folder / "round", dice);
    }
    std::cout << "hostile-runs: " << runs * kPictures << " pictures stamped and checked, seed " << seed
              << ": nothing found\n";
}
