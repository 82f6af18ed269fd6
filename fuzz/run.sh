#!/usr/bin/env bash
# Runs every fuzzing program for so many seconds each, from seeds that are the project's own files: fuzz/run.sh BINARIES SECONDS
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
binaries=$1 seconds=$2
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
seeds() { # reader: the files that it reads
  case "$1" in
    airframe) ls data/aircraft/*.json ;;
    coaching) ls data/coaching/*.json fuzz/seeds/coaching* ;;
    curriculum) ls data/curricula/*.json ;;
    drill) ls data/drills/*.json ;;
    simulator) ls data/simulators/*.json ;;
    world) ls data/worlds/*.json ;;
    flight_csv) ls tests/reference/logs/*.csv ;;
    flight_table) ls tests/reference/logs/*.csv fuzz/seeds/flight_table* ;;
    recording_csv) ls tests/reference/controllers/*.csv ;;
    *) ls fuzz/seeds/"$1"* ;;
  esac 2>/dev/null || true
}
status=0
for program in "$binaries"/fuzz_*; do
  reader=$(basename "$program"); reader=${reader#fuzz_}
  mkdir -p "$work/$reader"
  for seed in $(seeds "$reader"); do head -c 20000 "$seed" > "$work/$reader/$(basename "$seed")"; done
  if "$program" -max_total_time="$seconds" -timeout=10 -rss_limit_mb=2048 -max_len=20000 -print_final_stats=1 \
      -artifact_prefix="$work/" "$work/$reader" > "$work/$reader.log" 2>&1; then
    echo "$reader: $(grep -o 'number_of_executed_units: .*' "$work/$reader.log" | grep -o '[0-9]*') inputs, nothing found"
  else
    status=1
    echo "$reader: found something"
    tail -40 "$work/$reader.log"
    for found in "$work"/crash-* "$work"/timeout-* "$work"/oom-*; do
      [ -e "$found" ] && mkdir -p fuzz/found && cp "$found" "fuzz/found/$reader-$(basename "$found")"
    done
  fi
done
exit $status
