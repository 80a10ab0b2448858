// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// keep-seal-cli, as it is started. Loading the libraries of all formats takes longer than reading a page of
// help should: pages of help are kept here, as the commands print them (the build asks them), and all else is
// asked of the commands.
#include "languages/wished.h"

#include <dlfcn.h>
#include <unistd.h>

#include <cstdio>
#include <string>
#include <string_view>

namespace {

struct Page {
    std::string_view language;
    std::string_view words; ///< of the command, "register find"; empty for the program's own
    std::string_view text;
};
constexpr Page kPages[] = {
// clang-format off
#include <help_pages.inc> // made by the build
    // clang-format on
    {"", "\n", ""}, // no words of a command; there while the build has not asked yet
};

/// The page that is asked for by command words and "--help" alone; whatever else is said, the commands answer
/// it.
const Page* pageAsked(int argc, char** argv) {
    if (argc < 2 ||
        (argv[argc - 1] != std::string_view("--help") && argv[argc - 1] != std::string_view("-h")))
        return nullptr;
    std::string words;
    for (int i = 1; i < argc - 1; ++i)
        words += (words.empty() ? "" : " ") + std::string(argv[i]);
    const auto language = keepseal::languages::keyOfEnvironment();
    for (const auto& page : kPages)
        if (page.language == language && page.words == words)
            return &page;
    return nullptr;
}

/// Beside this program, as built; else where it is installed.
void* loadCommands() {
    std::string self(4096, '\0');
    const auto length = ::readlink("/proc/self/exe", self.data(), self.size());
    self.resize(length > 0 ? static_cast<std::size_t>(length) : 0);
    const auto beside = self.substr(0, self.rfind('/') + 1) + "keep-seal-commands.so";
    if (length > 0 && ::access(beside.c_str(), R_OK) == 0)
        return ::dlopen(beside.c_str(), RTLD_LAZY);
    return ::dlopen(KEEPSEAL_LIBEXEC "/keep-seal-commands.so", RTLD_LAZY);
}

} // namespace

int main(int argc, char** argv) {
    if (const auto* page = pageAsked(argc, argv)) {
        std::fwrite(page->text.data(), 1, page->text.size(), stdout);
        if (std::fflush(stdout) == 0)
            return 0;
        std::fputs(
            "keep-seal-cli: what was to be printed could not be written: the disk is full, or nobody reads\n",
            stderr);
        return 1;
    }
    void* commands = loadCommands();
    auto* run =
        commands ? reinterpret_cast<int (*)(int, char**)>(::dlsym(commands, "keepSealCommands")) : nullptr;
    if (run)
        return run(argc, argv);
    std::fprintf(stderr, "keep-seal-cli: its commands can't be loaded (%s). Install Keep Seal again.\n",
                 ::dlerror());
    return 2;
}
