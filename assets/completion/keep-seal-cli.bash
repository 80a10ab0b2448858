# SPDX-FileCopyrightText: Keep Seal contributors
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
    COMPREPLY=($(compgen -W "stamp plan watch resume report library border sheet proof check register outbox cards file-manager words seal settings who --help --version" -- "$word"))
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
    stamp) words="--help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --plan --part --notify --workers" ;;
    plan) words="--help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --names-only --save --no-estimate" ;;
    watch) words="--help --delivery --border --sheet --seal --set --who --recursive --out --quiet-for --every --once --send --workers --json --quiet" ;;
    resume) words="--help --list --give-up --workers --json --quiet" ;;
    report) words="--help --output --merge --json --title --up --paper --delivery --album --about --downloads --unlisted --plain" ;;
    library) words="list show keep remove restore export import --help --json --names --replace --output" ;;
    border) words="list show keep remove restore export import --help --json --names --replace --output" ;;
    sheet) words="list show keep remove restore export import --help --json --names --replace --output" ;;
    proof) words="--help --delivery --border --sheet --seal --set --who --output --size" ;;
    check) words="--help --json --original --html" ;;
    register) words="verify history find what forget export import rebuild --help --all --json --delivery --since --until --below --sealed --unsealed --tells-place --at-least --at-most --most --csv --report --met --run --yes" ;;
    outbox) words="list send letters try allow password again drop --help --all --json --wait --send --delivery --set --sent" ;;
    cards) words="--help --json" ;;
    file-manager) words="install remove --help" ;;
    words) words="--help --delivery --border --sheet --seal --set --who --recursive --order --field --json" ;;
    seal) words="list show keep remove restore export import advise try render --help --json --names --replace --output --recursive --delivery --set --seal --width" ;;
    settings) words="--help --markdown --schema --border-schema --sheet-schema --fields --seal-schema --completion --completion-for --manual --tokens --notes --defaults" ;;
    who) words="--help --set --json" ;;
    *) words="" ;;
  esac
  _keep_seal_cli_names compgen -W "$words"
  _keep_seal_cli_names compgen -f -- "$word"
}
complete -o filenames -F _keep_seal_cli keep-seal-cli
