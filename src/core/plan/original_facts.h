// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// What a plan may ask of an original: the header and the metadata, no pixels.
#pragma once

#include "base/problem.h"
#include "metadata/metadata.h"
#include "picture/develop.h"

#include <functional>
#include <memory>

namespace keepseal {

struct OriginalFacts {
    PictureFacts facts;
    Metadata metadata;
    std::uint64_t bytes = 0;
    std::optional<Problem> problem; ///< why it can't be read; all else is empty then
};
/// Shared, never changed.
using OriginalFactsPtr = std::shared_ptr<const OriginalFacts>;
/// With `problem` for a picture that can't be read; never nullptr.
using FactsOf = std::function<OriginalFactsPtr(const std::filesystem::path&)>;

/// Never throws.
OriginalFactsPtr readOriginalFacts(const std::filesystem::path& path);

} // namespace keepseal
