# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# Completion of keep-seal-cli for bash.
_keep_seal_cli() {
  local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]} words
  if [ "$COMP_CWORD" -eq 1 ]; then
    COMPREPLY=($(compgen -W "stamp plan resume report library proof check words sheet seal border settings --help --version" -- "$word"))
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
    stamp) words="--again --border --delivery --help --job --json --out --quiet --recursive --seal --set --sheet --words --workers" ;;
    plan) words="--again --border --delivery --help --job --json --names-only --no-estimate --out --quiet --recursive --seal --set --sheet --words" ;;
    resume) words="--delivery --give-up --help --json --list --out --quiet --set --workers" ;;
    report) words="--delivery --help --out --output --set --title" ;;
    library) words="list show remove restore keep export import --delivery --help --out --set" ;;
    proof) words="--border --delivery --help --out --output --seal --set --sheet --size" ;;
    check) words="--delivery --help --html --json --out --set" ;;
    words) words="--border --delivery --field --help --json --out --recursive --seal --set --sheet" ;;
    sheet) words="list show keep xmp --delivery --help --out --set" ;;
    seal) words="advise render export import list --delivery --help --out --set" ;;
    border) words="list --delivery --help --out --set" ;;
    settings) words="--border-schema --defaults --delivery --fields --help --markdown --out --schema --seal-schema --set --sheet-schema" ;;
    *) words="" ;;
  esac
  COMPREPLY=($(compgen -W "$words" -- "$word") $(compgen -f -- "$word"))
}
complete -o filenames -F _keep_seal_cli keep-seal-cli
