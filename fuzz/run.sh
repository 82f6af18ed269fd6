#!/usr/bin/env bash
# Fuzzes one reader for so many seconds, or all of them, from seeds that are the project's own files:
# fuzz/run.sh BINARIES SECONDS [READER]
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
program=$1/fuzz_readers seconds=$2 reader=${3:-}
if [ -z "$reader" ]; then
  "$program" | xargs -P "$(nproc)" -n 1 fuzz/run.sh "$1" "$seconds"
  exit
fi
seeds() {
  case "$reader" in
    airframe) ls data/aircraft/*.json ;;
    coaching) ls data/coaching/*.json fuzz/seeds/coaching* ;;
    curriculum) ls data/curricula/*.json ;;
    drill) ls data/drills/*.json ;;
    kit) ls data/kit/*.json ;;
    simulator) ls data/simulators/*.json ;;
    world) ls data/worlds/*.json ;;
    flight_csv) ls tests/reference/logs/*.csv ;;
    flight_table) ls tests/reference/logs/*.csv fuzz/seeds/flight_table* ;;
    recording_csv) ls tests/reference/controllers/*.csv ;;
    *) ls fuzz/seeds/"$reader"* ;;
  esac 2>/dev/null || true
}
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir "$work/inputs" "$work/found"
for seed in $(seeds); do head -c 20000 "$seed" >"$work/inputs/$(basename "$seed")"; done
if BH_READER=$reader "$program" -max_total_time="$seconds" -timeout=10 -rss_limit_mb=2048 -max_len=20000 -print_final_stats=1 ${BH_FUZZ_SEED:+-seed=$BH_FUZZ_SEED} \
    -artifact_prefix="$work/found/" "$work/inputs" >"$work/said" 2>&1; then
  echo "$reader: $(grep -o 'number_of_executed_units: .*' "$work/said" | grep -o '[0-9]*') inputs, nothing found"
  exit
fi
echo "$reader: found something"
tail -40 "$work/said"
for found in "$work"/found/*; do
  [ -e "$found" ] && mkdir -p fuzz/found && cp "$found" "fuzz/found/$reader-$(basename "$found")"
done
exit 1
