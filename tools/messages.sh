#!/usr/bin/env bash
# Collects every message of the program for translation: what the window says by tr(), and the sentences of the core (Core::sentence, Core::plural).
# Writes translations/lift-count.ts, which a language is begun from. With --check it ends with 1 where that file is not up to date.
set -euo pipefail
cd "$(dirname "$0")/.."
lupdate=$(command -v lupdate || echo /usr/lib/qt6/bin/lupdate)
folder=$(mktemp -d)
new=$folder/lift-count.ts
trap 'rm -rf "$folder"' EXIT
find src -name '*.cpp' -o -name '*.h' | LC_ALL=C sort >"$folder/files" # the order of a folder is not the same everywhere
"$lupdate" -silent -locations none -no-obsolete -tr-function-alias tr+=sentence,tr+=plural -I src "@$folder/files" -ts "$new" 2> >(grep -v 'lacks Q_OBJECT macro\|unknown namespace' >&2)
if [ "${1:-}" = --check ]; then
  cmp -s "$new" translations/lift-count.ts && { echo "The messages are collected."; exit 0; }
  echo "translations/lift-count.ts is not up to date: run tools/messages.sh."
  exit 1
fi
mkdir -p translations
cp "$new" translations/lift-count.ts
