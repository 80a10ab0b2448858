# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# Completion of keep-seal-cli for bash; made by 'keep-seal-cli settings --completion'.
_keep_seal_cli() {
  local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]} words
  if [ "$COMP_CWORD" -eq 1 ]; then
    COMPREPLY=($(compgen -W "stamp plan resume report library border sheet proof check words seal settings who --help --version" -- "$word"))
    return
  fi
  case $before in
    -d | --delivery)
      local IFS=$'\n'
      COMPREPLY=($(compgen -f -- "$word") $(compgen -W "$(keep-seal-cli library list 2>/dev/null | sed -n 's/^\([^ ].*\)  (comes.*/\1/p')" -- "$word"))
      return
      ;;
    -s | --set)
      COMPREPLY=($(compgen -S= -W "$(keep-seal-cli settings 2>/dev/null | sed -n 's/^\([a-z]*\.[a-z_0-9]*\)  (.*/\1/p')" -- "$word"))
      compopt -o nospace
      return
      ;;
  esac
  case ${COMP_WORDS[1]} in
    stamp) words="--help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --workers" ;;
    plan) words="--help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --names-only --no-estimate" ;;
    resume) words="--help --list --give-up --workers --json --quiet" ;;
    report) words="--help --output --title" ;;
    library) words="list show keep remove restore export import --help --json --replace --output" ;;
    border) words="list show keep remove restore export import --help --json --replace --output" ;;
    sheet) words="list show keep remove restore export import --help --json --replace --output" ;;
    proof) words="--help --delivery --border --sheet --seal --set --who --output --size" ;;
    check) words="--help --json --html" ;;
    words) words="--help --delivery --border --sheet --seal --set --who --recursive --order --field --json" ;;
    seal) words="list show keep remove restore export import advise render --help --json --replace --output --recursive --delivery --set --seal --width" ;;
    settings) words="--help --markdown --schema --border-schema --sheet-schema --fields --seal-schema --completion --manual --tokens --notes --defaults" ;;
    who) words="--help --set --json" ;;
    *) words="" ;;
  esac
  COMPREPLY=($(compgen -W "$words" -- "$word") $(compgen -f -- "$word"))
}
complete -o filenames -F _keep_seal_cli keep-seal-cli
