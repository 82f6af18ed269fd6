#!/usr/bin/env bash
# The handbook as it is installed, its pages in other languages with pictures in theirs: handbook.sh PROGRAM DOCS FOLDER. Makes
# FOLDER/help and FOLDER/screenshots from DOCS and from a tour of the program in each language.
set -euo pipefail
program=$1 from=$2 to=$3
rm -rf "$to"
mkdir -p "$to"
cp -r "$from/help" "$from/screenshots" "$to"
for folder in "$to"/help/*/; do
  language=$(basename "$folder")
  place=$(mktemp -d)
  HOME=$place XDG_CONFIG_HOME=$place XDG_DATA_HOME=$place XDG_CACHE_HOME=$place XDG_RUNTIME_DIR=$place QT_QPA_PLATFORM=offscreen \
    "$program" --demo --language "$language" --tour "$place/tour" >"$place/said" 2>&1 || { cat "$place/said" >&2; exit 1; }
  # A flight is flown in real time and never looks quite the same: built twice, the package is to be the same bytes.
  rm "$place/tour/flight.png"
  mkdir "$to/screenshots/$language"
  for picture in $(grep -oh 'screenshots/[a-z-]*\.png' "$folder"*.md | sort -u); do
    name=$(basename "$picture")
    [ -f "$place/tour/$name" ] || continue
    install -m 644 "$place/tour/$name" "$to/screenshots/$language/"
    sed -i "s#$picture#screenshots/$language/$name#" "$folder"*.md
  done
  rm -rf "$place"
done
