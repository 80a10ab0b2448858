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

namespace {

std::string inOneLine(const std::string& subject, const std::string& happened, const std::string& remedy) {
    const auto out = subject.empty() ? happened : subject + ": " + happened;
    return remedy.empty() ? out : out + ". " + remedy;
}

/// The text in English under `key`; how it is made, where it has values, beside it.
void putWords(nlohmann::json& out, const std::string& key, const Saying& words) {
    out[key] = words.english();
    if (!words.values().empty())
        out[key + "_words"] = {{"pattern", words.pattern()}, {"values", words.values()}};
}

Saying wordsIn(const nlohmann::json& saved, const std::string& key) {
    const auto made = saved.find(key + "_words");
    if (made == saved.end())
        return saved.at(key).get<std::string>();
    return {made->at("pattern").get<std::string>(),
            made->at("values").get<std::map<std::string, std::string>>()};
}

} // namespace

Problem::Problem(ProblemKind kind_, std::string subject_, Saying what_, Saying remedy_)
    : kind(kind_), subject(std::move(subject_)), happened(std::move(what_)), remedy(std::move(remedy_)),
      m_what(inOneLine(subject, happened, remedy)) {}

std::string Problem::sentence() const {
    return inOneLine(subject, happened.said(), remedy.said());
}

ProblemKind problemKindOf(const std::string& key) {
    for (int kind = 0; kind < static_cast<int>(ProblemKind::Internal); ++kind)
        if (key == keyOf(static_cast<ProblemKind>(kind)))
            return static_cast<ProblemKind>(kind);
    return ProblemKind::Internal;
}

Problem problemFromJson(const nlohmann::json& saved) {
    return {problemKindOf(saved.at("kind").get<std::string>()), saved.at("subject").get<std::string>(),
            wordsIn(saved, "happened"), wordsIn(saved, "remedy")};
}

void to_json(nlohmann::json& out, const Problem& problem) {
    out = {{"kind", keyOf(problem.kind)}, {"subject", problem.subject}};
    putWords(out, "happened", problem.happened);
    putWords(out, "remedy", problem.remedy);
}

} // namespace keepseal
