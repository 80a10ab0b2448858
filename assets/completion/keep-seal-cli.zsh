#compdef keep-seal-cli
# SPDX-FileCopyrightText: Keep Seal contributors
# SPDX-License-Identifier: GPL-3.0-or-later
# Completion of keep-seal-cli for zsh; made by 'keep-seal-cli settings --completion-for zsh'.
_keep_seal_cli() {
  local -a commands
  commands=(
    'stamp:Make the copies'
    'plan:Say which copies would be made, and write nothing'
    'watch:Stamp what comes into a folder, each picture once it has come to rest, until it is stopped'
    'resume:Go on with a run that was stopped or killed'
    'report:A contact sheet (PDF, HTML), a table (CSV) or a web album of a run'
    'library:The saved deliveries'
    'border:The library of borders'
    'sheet:The library of rights sheets'
    'proof:Save one copy'\''s look as a PNG'
    'check:Say everything that files tell; exit 1 when one tells a place'
    'register:What all runs together know of copies and pictures'
    'outbox:Copies that are to be sent, and sending them'
    'cards:Cards and cameras that are mounted'
    'file-manager:"Make copies with" in the file manager'\''s menu'
    'words:What the copies will say, as CSV'
    'seal:Advice on placing, seals as pictures, the library of seals'
    'settings:List every setting of a delivery'
    'who:Say or show who you are: what {studio} and its like stand for'
  )
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
    stamp) compadd -- --help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --plan --part --notify --workers ;;
    plan) compadd -- --help --delivery --border --sheet --seal --set --who --recursive --order --out --words --again --strict --deliver-all-the-same --job --json --quiet --names-only --save --no-estimate ;;
    watch) compadd -- --help --delivery --border --sheet --seal --set --who --recursive --out --quiet-for --every --once --send --workers --json --quiet ;;
    resume) compadd -- --help --list --give-up --workers --json --quiet ;;
    report) compadd -- --help --output --merge --json --title --up --paper --delivery --album --about --downloads --unlisted --plain ;;
    library) compadd -- list show keep remove restore export import --help --json --names --replace --output ;;
    border) compadd -- list show keep remove restore export import --help --json --names --replace --output ;;
    sheet) compadd -- list show keep remove restore export import --help --json --names --replace --output ;;
    proof) compadd -- --help --delivery --border --sheet --seal --set --who --output --size ;;
    check) compadd -- --help --json --original --html ;;
    register) compadd -- verify history find what forget export import rebuild --help --all --json --delivery --since --until --below --sealed --unsealed --tells-place --at-least --at-most --most --csv --report --met --run --yes ;;
    outbox) compadd -- list send letters try allow password again drop --help --all --json --wait --send --delivery --set --sent ;;
    cards) compadd -- --help --json ;;
    file-manager) compadd -- install remove --help ;;
    words) compadd -- --help --delivery --border --sheet --seal --set --who --recursive --order --field --json ;;
    seal) compadd -- list show keep remove restore export import advise try render --help --json --names --replace --output --recursive --delivery --set --seal --width ;;
    settings) compadd -- --help --markdown --schema --border-schema --sheet-schema --fields --seal-schema --completion --completion-for --manual --tokens --notes --defaults ;;
    who) compadd -- --help --set --json ;;
  esac
  _files
}
_keep_seal_cli "$@"
