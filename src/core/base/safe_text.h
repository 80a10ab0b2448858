// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
// Strangers' texts where they could do something: in a terminal, in a table, in a file's name.
#pragma once

#include <string>
#include <string_view>

namespace keepseal {

/// Control characters, those that turn the direction of writing, those without width, separators of lines,
/// and bytes that are no UTF-8, as escapes: \n, \x1b, \u202e.
std::string shownInTerminal(std::string_view text);
/// Without those characters: what is left is seen.
std::string withoutUnseen(std::string_view text);
/// A cell of a table (RFC 4180), quoted wherever any program could see an end of it; one that a spreadsheet
/// would take for a formula gets an apostrophe in front.
std::string csvCell(std::string_view text);
/// The text of a cell that csvCell() made, without that apostrophe.
std::string withoutFormulaMark(std::string_view cell);

} // namespace keepseal
