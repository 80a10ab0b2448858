// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Tokens in a text: {name}, {year}, ... are filled in for each picture. {title|untitled} says what stands
// there when the picture has no title, which may be another token: {title|{name}}. {{ is a plain brace. A
// token without a value and without such a word is a problem that is said, and leaves nothing behind.
#pragma once

#include "base/language.h"
#include "base/note.h"

#include <map>
#include <set>
#include <string>
#include <vector>

namespace keepseal {

struct TokenInfo {
    std::string key;
    Saying help; ///< for a person
};
/// Every token there is, in the order in which they are offered.
const std::vector<TokenInfo>& tokens();

/// Values by key; a missing or empty one has no value.
using TextFacts = std::map<std::string, std::string>;

struct FilledText {
    std::string text; ///< at most 64 kB: a token of a long text may be repeated a thousand times
    std::vector<std::string> missing; ///< tokens without a value, and names that are no token
};
FilledText fillTokens(const std::string& text, const TextFacts& facts);

/// Fills in the tokens of `facts` and no others: one with a value becomes that value, one without takes the
/// words that stand in for it or stays as it is. Braces in values become brackets, so that they are no
/// tokens.
std::string fillOnly(const std::string& text, const TextFacts& facts);

/// Names of the tokens in a text, those inside others too; known ones and others.
std::set<std::string> tokenNames(const std::string& text);

bool holdsTokens(const std::string& text);

/// Whether there is a token of that name.
bool isToken(const std::string& key);
/// Whether it stands for something a person says once of themselves ("studio", ...).
bool isWhoToken(const std::string& key);
/// Whether there is a letter or figure in it, of any script: "© ," says nothing.
bool saysSomething(const std::string& text);

/// What is to be said of a token that had no value: unknown, not said yet (who you are), or empty here.
struct TokenNoteKinds {
    NoteKind unknown, empty;
};
Note tokenNote(const std::string& token, TokenNoteKinds kinds, const std::string& subject,
               std::map<std::string, std::string> arguments = {});

} // namespace keepseal
