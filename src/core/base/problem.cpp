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

ProblemKind problemKindOf(const std::string& key) {
    for (int kind = 0; kind < static_cast<int>(ProblemKind::Internal); ++kind)
        if (key == keyOf(static_cast<ProblemKind>(kind)))
            return static_cast<ProblemKind>(kind);
    return ProblemKind::Internal;
}

Problem problemFromJson(const nlohmann::json& saved) {
    return {problemKindOf(saved.at("kind").get<std::string>()), saved.at("subject").get<std::string>(),
            saved.at("happened").get<std::string>(), saved.at("remedy").get<std::string>()};
}

void to_json(nlohmann::json& out, const Problem& problem) {
    out = {{"kind", keyOf(problem.kind)},
           {"subject", problem.subject},
           {"happened", problem.happened},
           {"remedy", problem.remedy}};
}

} // namespace keepseal
