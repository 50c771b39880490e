#!/usr/bin/env bash
# Collects every message of the program for translation: what the window says by tr(), and the sentences of the core (Core::sentence, Core::plural).
# Writes translations/lift-count.ts, which a language is begun from, and brings the file of each language up to date: tst_languages fails on what is unfinished
# there. With --check it ends with 1 where a file is not up to date.
set -euo pipefail
cd "$(dirname "$0")/.."
lupdate=$(command -v lupdate || echo /usr/lib/qt6/bin/lupdate)
folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
mkdir -p translations
cp translations/*.ts "$folder" # what is said in each language stays, and what is new in English is unfinished there
rm -f "$folder/lift-count.ts"
find src -name '*.cpp' -o -name '*.h' | LC_ALL=C sort >"$folder/files" # the order of a folder is not the same everywhere
"$lupdate" -silent -locations none -no-obsolete -tr-function-alias tr+=sentence,tr+=plural -I src "@$folder/files" -ts "$folder/lift-count.ts" "$folder"/lift-count_*.ts \
  2> >(grep -v 'lacks Q_OBJECT macro\|unknown namespace' >&2)
for new in "$folder"/*.ts; do
  old=translations/${new##*/}
  cmp -s "$new" "$old" && continue
  if [ "${1:-}" = --check ]; then
    echo "$old is not up to date: run tools/messages.sh."
    exit 1
  fi
  cp "$new" "$old"
done
if [ "${1:-}" = --check ]; then echo "The messages are collected."; fi
