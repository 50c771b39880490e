#!/usr/bin/env bash
# Every number with a name in core and audio says where it comes from: on its line, or in the comment above its block, a source, what it was tuned on,
# or what it bounds. (What is worked out from others, and the ends of a range of values, speak for themselves.)
set -euo pipefail
cd "$(dirname "$0")/.."
find src/core src/audio -name '*.cpp' -o -name '*.h' | LC_ALL=C sort | xargs awk '
  FNR == 1 { told = 0; open = 0 }
  /^[ \t]*$/ { told = 0; next }
  open { if (/\/\//) said = 1; if (/;/) { finish(); open = 0 } next }
  /^[ \t]*\/\// { told = 1; next }
  /constexpr [A-Za-z_:]+ [A-Za-z]+ ?=/ && !/constexpr (const|char|std::array|std::string_view|auto)/ {
    text = $0; where = FILENAME ":" FNR; said = told || /\/\//
    number = /= *$/ || /= *-?[0-9]/
    if (/;/) finish(); else open = 1
    next
  }
  { if (!/constexpr/) told = 0 }
  function finish() { if (number && !said) { print where ": " text; bad = 1 } }
  END { if (bad) print "These numbers do not say where they come from."; else print "Every number says where it comes from."; exit bad }'
