#!/usr/bin/env bash
# Runs every fuzzer under the sanitizers, an hour for each kind of input: fuzz/run.sh [SECONDS] [sound|document|texts...]. Build first: cmake --preset fuzz && cmake --build --preset fuzz
# Seeds are cut from the project's own demo, documents and pages. What breaks a target lies in build/fuzz/found; ends with the numbers of inputs, and 1 if anything broke.
set -euo pipefail
cd "$(dirname "$0")/.."
seconds=${1:-3600}
shift || true
asked=" ${*:-sound document texts} "
here=build/fuzz/found
songs=build/fuzz/seeds/sound
mkdir -p "$here" "$songs"

song=demo/orchard-gate.ogg # a second of it in each container
for codec in wav flac aiff ogg opus mp3 "m4a -c:a aac" "m4a -c:a alac" wma "mkv -c:a libvorbis"; do
  read -r kind options <<<"$codec"
  # shellcheck disable=SC2086
  ffmpeg -nostdin -loglevel error -y -ss 2 -t 1 -i $song $options "$songs/second-${options##* }.$kind"
done
texts=build/fuzz/seeds/texts
mkdir -p "$texts"
cp demo/*.truth.txt demo/*.truth.csv "$texts"
for page in docs/*.md docs/manual/*.md; do # each block of code of the pages is a text of its own
  awk -v stem="$texts/$(basename "$page" .md)" '/^```/ { inside = !inside; n++; next } inside { print > (stem "-" n ".txt") }' "$page"
  grep -o '`[^`]\{4,\}`' "$page" | tr -d '`' | split -l 1 -a 3 - "$texts/$(basename "$page" .md)-line-" || true
done
cp tests/data/handouts/*.txt "$texts"
sed 's|.*|<tr><td>&</td></tr>|; 1s|^|<html><body><table>|' demo/quarry-row.txt >"$texts/page.html"
cut -f1 tests/data/said-lines.tsv | split -l 4 -a 3 - "$texts/said-"
documents=build/fuzz/seeds/document
mkdir -p "$documents"
cp demo/*.liftcount docs/liftcount.schema.json "$documents"

broken=0
fuzz() { # TARGET SECONDS SEEDS LARGEST
  local found="build/fuzz/corpus/$1"
  mkdir -p "$found"
  "build/fuzz/fuzz/fuzz_$1" -max_total_time="$2" -max_len="$4" -timeout=60 -rss_limit_mb=3000 -print_final_stats=1 \
    -artifact_prefix="$here/$1-" "$found" "$3" >"$here/$1.log" 2>&1 || { broken=1 && echo "$1: BROKEN, see $here/$1.log"; }
  echo "$1: $(grep -o 'number_of_executed_units: *[0-9]*' "$here/$1.log" | grep -o '[0-9]*$') inputs in $2 s, $(find "$found" -type f | wc -l) ways through the code known"
}
LSAN_OPTIONS="suppressions=$PWD/tests/lsan.supp:print_suppressions=0"
export LSAN_OPTIONS
if [[ $asked == *" sound "* ]]; then fuzz sound "$seconds" "$songs" 100000; fi
if [[ $asked == *" document "* ]]; then fuzz document "$seconds" "$documents" 60000; fi
if [[ $asked == *" texts "* ]]; then
  kinds=(notation structure facts lyrics import routine_text figures said handout papers)
  for kind in "${kinds[@]}"; do fuzz "$kind" $((seconds / ${#kinds[@]})) "$texts" 1000; done # what is longer says nothing new and takes longer
fi
exit $broken
