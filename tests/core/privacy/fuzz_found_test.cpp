// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Every file that once made a reader stumble, or was made to: drop one into tests/data/fuzz/READER and it is
// fed here for ever. The readers themselves say what is wrong by not coming back, or by a sanitizer.
#include "../../../fuzz/readers.h"
#include "support/support.h"

#include <gtest/gtest.h>

using namespace keepseal;
using namespace keepseal::test;

TEST(FuzzFound, EveryFileIsReadToItsEnd) {
    const fs::path folder = fs::path(KEEPSEAL_SOURCE) / "tests/data/fuzz";
    int fed = 0;
    for (const auto& entry : fs::recursive_directory_iterator(folder)) {
        if (!entry.is_regular_file())
            continue;
        const auto bytes = readFile(entry.path());
        EXPECT_NO_THROW(fuzz::read(entry.path().parent_path().filename().string(), bytes)) << entry.path();
        // Cut anywhere it is another file that means harm.
        for (std::size_t length = 0; length < std::min<std::size_t>(bytes.size(), 300); ++length)
            EXPECT_NO_THROW(
                fuzz::read(entry.path().parent_path().filename().string(), ByteSpan(bytes).first(length)))
                << entry.path() << " cut at " << length;
        ++fed;
    }
    EXPECT_GE(fed, 10);
}
