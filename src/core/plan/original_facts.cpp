// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "plan/original_facts.h"

#include "base/problem.h"

namespace keepseal {

OriginalFactsPtr readOriginalFacts(const std::filesystem::path& path) {
    try {
        const Original file(path);
        auto out = std::make_shared<OriginalFacts>();
        out->bytes = file.size();
        out->facts = readFacts(file, path.string());
        out->metadata = readMetadata(path, inspect(file));
        return out;
    } catch (const Problem& problem) {
        auto out = std::make_shared<OriginalFacts>();
        out->problem = problem;
        return out;
    } catch (const std::exception& error) {
        auto out = std::make_shared<OriginalFacts>();
        out->problem = Problem(ProblemKind::Internal, path.string(), error.what());
        return out;
    }
}

} // namespace keepseal
