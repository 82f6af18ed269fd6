# Completion for bluehangar-cli. It asks the program itself what can follow, so that it is never behind it.
_bluehangar_cli()
{
    local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD - 1]} said i
    local -a command=(bluehangar-cli)
    for ((i = 1; i < COMP_CWORD; i++)); do
        case ${COMP_WORDS[i]} in
            -*) break ;;
            *) command+=("${COMP_WORDS[i]}") ;;
        esac
    done
    COMPREPLY=()
    said=$("${command[@]}" --help 2>/dev/null) || return
    case $before in
        --out | --store | --profile | --from | --to | --log | --real | --simulator | --file) COMPREPLY=($(compgen -f -- "$word")); return ;;
    esac
    if [[ $word == -* ]]; then
        COMPREPLY=($(compgen -W "$(grep -oE -- '^ +(-[a-z],)?--[a-z0-9-]+' <<<"$said" | grep -oE -- '--[a-z0-9-]+')" -- "$word"))
    else
        COMPREPLY=($(compgen -W "$(sed -n '/^Subcommands:/,$p' <<<"$said" | grep -oE '^  [a-z][a-z-]*')" -- "$word"))
        [[ ${#COMPREPLY[@]} -gt 0 ]] || COMPREPLY=($(compgen -f -- "$word"))
    fi
}
complete -o filenames -F _bluehangar_cli bluehangar-cli
