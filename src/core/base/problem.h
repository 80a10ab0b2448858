// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// A problem is a value: what kind, about which picture or setting, what happened, and what to do.
// Inside core it is thrown; at the edge of one picture it becomes a row of the ledger.
#pragma once

#include "base/language.h"

#include <nlohmann/json_fwd.hpp>

#include <exception>
#include <string>

namespace keepseal {

enum class ProblemKind {
    NotFound,    ///< a path that isn't there
    CannotRead,  ///< there, but not readable (permission, read error)
    NotAPicture, ///< unknown, broken or unsupported picture data
    TooLarge,    ///< over a stated limit
    Changed,     ///< an original changed while it was worked on
    BadSetting,  ///< a design has a value that is not allowed
    BadFile,     ///< a design file that can't be understood
    Refused,     ///< would endanger an original
    CannotWrite, ///< the destination does not take the copy
    FailedCheck, ///< a finished copy does not hold what was promised
    Stopped,     ///< the user stopped the run
    Internal,    ///< a fault of ours
};

/// Stable lower-case key of a kind, as written in ledgers ("not-found", ...).
const char* keyOf(ProblemKind kind);

struct Problem : std::exception {
    Problem(ProblemKind kind_, std::string subject_, Saying what_, Saying remedy_ = {});

    ProblemKind kind;
    std::string subject; ///< a path, or the key of a setting
    Saying happened;     ///< one sentence: what happened
    Saying remedy;       ///< one sentence: what to do; may be empty

    /// "subject: happened. remedy", in the language of the person who reads it.
    std::string sentence() const;
    /// The same in English, for a log.
    const char* what() const noexcept override { return m_what.c_str(); }

private:
    std::string m_what;
};

/// The kind of that key; Internal for one that is not known.
ProblemKind problemKindOf(const std::string& key);

void to_json(nlohmann::json& json, const Problem& problem);
/// Throws nlohmann::json::exception.
Problem problemFromJson(const nlohmann::json& json);

} // namespace keepseal
