#!/usr/bin/env bash
# The handbook as pages for any browser, in each language that it is written in: pages.sh FOLDER_OF_MARKDOWN FOLDER_OF_PAGES
# [LANGUAGE]. Pictures are where the program has them.
set -euo pipefail
from=$1 to=$2 language=${3:-en}
up=; [ "$language" = en ] || up=../
mkdir -p "$to"
for file in "$from"/*.md; do
  title=$(sed -n '1s/^# //p' "$file")
  {
    printf '<!DOCTYPE html>\n<html lang="%s">\n<head>\n<meta charset="utf-8">\n<title>%s – Blue Hangar</title>\n' "$language" "$title"
    printf '<style>body{font-family:"Noto Sans",sans-serif;max-width:48em;margin:2em auto;padding:0 1em;line-height:1.5;color:#1B2430;'
    printf 'background:#F6F5F1}img{max-width:100%%}table{border-collapse:collapse}td,th{border:1px solid #D8D5CC;padding:.3em .6em;'
    printf 'text-align:left;vertical-align:top}a{color:#1D3F63}</style>\n</head>\n<body>\n<p><a href="index.html">%s</a></p>\n' "$(sed -n '1s/^# //p' "$from/index.md")"
    cmark-gfm -e table "$file" | sed -E 's#href="([a-z-]+)\.md#href="\1.html#g; s#src="(\.\./)+screenshots/#src="../../../'"$up"'bluehangar/screenshots/#g
      s#<h([1-6])>([^<]*)</h#<h\1 id="\2">\2</h#g' | sed -E ':a; s#(id="[^"]*)[ ]([^"]*")#\1-\2#; ta; s#id="([^"]*)"#id="\L\1"#'
    printf '</body>\n</html>\n'
  } >"$to/$(basename "${file%.md}").html"
done
[ "$language" != en ] || for folder in "$from"/*/; do [ ! -d "$folder" ] || "$0" "$folder" "$to/$(basename "$folder")" "$(basename "$folder")"; done
