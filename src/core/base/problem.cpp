// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/problem.h"

#include <nlohmann/json.hpp>

namespace keepseal {

const char* keyOf(ProblemKind kind) {
    switch (kind) {
    case ProblemKind::NotFound:
        return "not-found";
    case ProblemKind::CannotRead:
        return "cannot-read";
    case ProblemKind::NotAPicture:
        return "not-a-picture";
    case ProblemKind::TooLarge:
        return "too-large";
    case ProblemKind::Changed:
        return "changed";
    case ProblemKind::BadSetting:
        return "bad-setting";
    case ProblemKind::BadFile:
        return "bad-file";
    case ProblemKind::Refused:
        return "refused";
    case ProblemKind::CannotWrite:
        return "cannot-write";
    case ProblemKind::FailedCheck:
        return "failed-check";
    case ProblemKind::Stopped:
        return "stopped";
    case ProblemKind::Internal:
        return "internal";
    }
    return "internal";
}

Problem::Problem(ProblemKind kind_, std::string subject_, std::string what_, std::string remedy_)
    : kind(kind_), subject(std::move(subject_)), happened(std::move(what_)), remedy(std::move(remedy_)) {
    m_sentence = subject.empty() ? happened : subject + ": " + happened;
    if (!remedy.empty())
        m_sentence += ". " + remedy;
}

void to_json(nlohmann::json& json, const Problem& problem) {
    json = {{"kind", keyOf(problem.kind)},
            {"subject", problem.subject},
            {"happened", problem.happened},
            {"remedy", problem.remedy}};
}

} // namespace keepseal
