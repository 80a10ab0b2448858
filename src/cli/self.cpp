// SPDX-FileCopyrightText: Keep Seal contributors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/self.h"

#include "base/language.h"
#include "base/text.h"

namespace keepseal::cli {

std::vector<const CLI::Option*> listedOptions(const CLI::App& app) {
    return app.get_options([](const CLI::Option* option) { return !option->get_group().empty(); });
}

std::vector<const CLI::App*> listedCommands(const CLI::App& app) {
    return app.get_subcommands([](const CLI::App* command) { return !command->get_name().empty(); });
}

namespace {

/// "--quiet -q", as a completion offers them; only the long ones.
std::string longOptions(const CLI::App& command) {
    std::string out;
    for (const auto* option : listedOptions(command))
        for (const auto& name : option->get_lnames())
            out += " --" + name;
    return out;
}

std::string completedWords(const CLI::App& command) {
    std::string out;
    for (const auto* inner : listedCommands(command))
        out += " " + inner->get_name();
    out += longOptions(command);
    for (const auto* inner : listedCommands(command))
        for (const auto& option : splitTrimmed(longOptions(*inner), ' '))
            if ((out + " ").find(" " + option + " ") == std::string::npos)
                out += " " + option;
    return trimmed(out);
}

constexpr const char* kCompletionHead = R"~(# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# Completion of keep-seal-cli for bash; made by 'keep-seal-cli settings --completion'.

# What a program prints is data (names that others chose): it is compared and never expanded.
_keep_seal_cli_names() {
  local line
  while IFS= read -r line; do
    [[ $line == "$word"* ]] && COMPREPLY+=("$line")
  done < <("$@" 2>/dev/null)
}
_keep_seal_cli_settings() {
  local line
  while IFS= read -r line; do
    line=${line%%  (*}
    [[ $line == *.* && $line == "$word"* ]] && COMPREPLY+=("$line=")
  done < <(keep-seal-cli settings 2>/dev/null)
}
_keep_seal_cli() {
  local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]} words
  COMPREPLY=()
  if [ "$COMP_CWORD" -eq 1 ]; then
    COMPREPLY=($(compgen -W "%COMMANDS% --help --version" -- "$word"))
    return
  fi
  case $before in
    -d | --delivery) _keep_seal_cli_names keep-seal-cli library list --names ;;
    --seal) _keep_seal_cli_names keep-seal-cli seal list --names ;;
    --border) _keep_seal_cli_names keep-seal-cli border list --names ;;
    --sheet) _keep_seal_cli_names keep-seal-cli sheet list --names ;;
    -s | --set)
      _keep_seal_cli_settings
      compopt -o nospace
      return
      ;;
  esac
  case ${COMP_WORDS[1]} in
)~";
constexpr const char* kCompletionFoot = R"~(    *) words="" ;;
  esac
  _keep_seal_cli_names compgen -W "$words"
  _keep_seal_cli_names compgen -f -- "$word"
}
complete -o filenames -F _keep_seal_cli keep-seal-cli
)~";

std::string replaced(std::string text, const std::string& what, const std::string& with) {
    const auto at = text.find(what);
    return at == std::string::npos ? text : text.replace(at, what.size(), with);
}

} // namespace

std::string bashCompletion(const CLI::App& app) {
    std::string names, cases;
    for (const auto* command : listedCommands(app)) {
        names += (names.empty() ? "" : " ") + command->get_name();
        cases += "    " + command->get_name() + ") words=\"" + completedWords(*command) + "\" ;;\n";
    }
    return replaced(kCompletionHead, "%COMMANDS%", names) + cases + kCompletionFoot;
}

namespace {

/// Between apostrophes, as zsh and fish read it.
std::string quotedForShell(const std::string& text, const char* apostrophe) {
    std::string out = "'";
    for (const char c : text)
        out += c == '\'' ? std::string(apostrophe) : std::string(1, c);
    return out + "'";
}

constexpr const char* kZshHead = R"~(#compdef keep-seal-cli
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# Completion of keep-seal-cli for zsh; made by 'keep-seal-cli settings --completion-for zsh'.
_keep_seal_cli() {
  local -a commands
  commands=(
)~";
constexpr const char* kZshMiddle = R"~(  )
  if (( CURRENT == 2 )); then
    _describe command commands
    return
  fi
  case ${words[CURRENT-1]} in
    -d | --delivery) compadd -- ${(f)"$(keep-seal-cli library list --names 2>/dev/null)"} ;;
    --seal) compadd -- ${(f)"$(keep-seal-cli seal list --names 2>/dev/null)"} ;;
    --border) compadd -- ${(f)"$(keep-seal-cli border list --names 2>/dev/null)"} ;;
    --sheet) compadd -- ${(f)"$(keep-seal-cli sheet list --names 2>/dev/null)"} ;;
  esac
  case ${words[2]} in
)~";
constexpr const char* kZshFoot = R"~(  esac
  _files
}
_keep_seal_cli "$@"
)~";

} // namespace

std::string zshCompletion(const CLI::App& app) {
    std::string names, cases;
    for (const auto* command : listedCommands(app)) {
        names +=
            "    " + quotedForShell(command->get_name() + ":" + command->get_description(), "'\\''") + "\n";
        cases += "    " + command->get_name() + ") compadd -- " + completedWords(*command) + " ;;\n";
    }
    return kZshHead + names + kZshMiddle + cases + kZshFoot;
}

std::string fishCompletion(const CLI::App& app) {
    std::string out =
        "# SPDX-FileCopyrightText: Keep Seal contributors\n# SPDX-License-Identifier: GPL-3.0-or-later\n"
        "# Completion of keep-seal-cli for fish; made by 'keep-seal-cli settings --completion-for fish'.\n";
    const auto described = [](const std::string& text) {
        return " -d " + quotedForShell(text, "\\'") + "\n";
    };
    for (const auto* command : listedCommands(app)) {
        const auto& name = command->get_name();
        out += "complete -c keep-seal-cli -n __fish_use_subcommand -f -a " + name +
               described(command->get_description());
        const auto inside = "complete -c keep-seal-cli -n '__fish_seen_subcommand_from " + name + "'";
        for (const auto* inner : listedCommands(*command))
            out += inside + " -f -a " + inner->get_name() + described(inner->get_description());
        for (const auto* option : listedOptions(*command))
            for (const auto& longName : option->get_lnames()) {
                const bool names = longName == "delivery" || longName == "seal" || longName == "border" ||
                                   longName == "sheet";
                out += inside + " -l " + longName +
                       (names ? " -x -a '(keep-seal-cli " + (longName == "delivery" ? "library" : longName) +
                                    " list --names 2>/dev/null)'"
                        : option->get_items_expected_max() > 0 ? " -r"
                                                               : "") +
                       described(option->get_description());
            }
    }
    return out;
}

namespace {

/// `before`: what stands before its name, as CLI11 writes it.
void addHelp(std::string& out, const CLI::App& command, const std::string& before, const std::string& words) {
    const auto full = before.empty() ? command.get_name() : before + " " + command.get_name();
    out += "{\"" + spokenLanguage() + "\", \"" + words + "\", R\"~(" +
           command.get_formatter()->make_help(&command, full, CLI::AppFormatMode::Normal) + ")~\"},\n";
    for (const auto* inner : listedCommands(command))
        addHelp(out, *inner, full, words.empty() ? inner->get_name() : words + " " + inner->get_name());
}

} // namespace

std::string helpPages(const CLI::App& app) {
    std::string out;
    addHelp(out, app, "", "");
    return out;
}

std::string nearestCommand(const CLI::App& app, const std::string& typed) {
    std::vector<std::string> names;
    for (const auto* command : listedCommands(app))
        names.push_back(command->get_name());
    const auto near = nearestWord(typed, names);
    return near.empty() ? near : Saying("Did you mean '{command}'?", {{"command", near}}).said();
}

} // namespace keepseal::cli
