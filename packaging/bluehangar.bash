# Completion for bluehangar.
_bluehangar()
{
    local word=${COMP_WORDS[COMP_CWORD]}
    if [[ $word == -* ]]; then
        COMPREPLY=($(compgen -W "$(QT_QPA_PLATFORM=offscreen bluehangar --help 2>/dev/null | grep -oE -- '--[a-z0-9-]+' | sort -u)" -- "$word"))
    else
        COMPREPLY=($(compgen -f -- "$word"))
    fi
}
complete -o filenames -F _bluehangar bluehangar
