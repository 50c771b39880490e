#!/usr/bin/env bash
# The folders of src/ stand in layers: a file includes its own folder and those before it, never one behind it. Stages do not include each other.
# Lists what breaks that, and ends with 1 then.
set -euo pipefail
cd "$(dirname "$0")/.."
stages=$(cd src && for header in app/*/*_stage.h; do dirname "$header"; done)
layers=(core/base core/notation core/song core/papers core/said core/figures core/routine core/document core/edits core/landing core/reports
  core/planning core/rehearsing core/exchange audio/sound audio/listening audio/playing audio/matching store sheets app/base app/widgets app/strips $stages app/window cli)
apart=("audio/listening audio/playing" "store sheets" "$(echo $stages)") # folders of one group do not know each other

grep -rnoE '#include "(core|app|audio|store|sheets|cli)[a-z/_]*' src --include='*.h' --include='*.cpp' | awk -v layers="${layers[*]}" -v apart="$(IFS=,; echo "${apart[*]}")" '
  function folder(path,   parts, n) {
    n = split(path, parts, "/")
    return n > 2 ? parts[1] "/" parts[2] : parts[1]
  }
  BEGIN {
    n = split(layers, list, " "); for (i = 1; i <= n; ++i) rank[list[i]] = i
    n = split(apart, groups, ",")
    for (g = 1; g <= n; ++g) { m = split(groups[g], list, " "); for (i = 1; i <= m; ++i) group[list[i]] = g }
  }
  {
    split($0, part, ":"); file = part[1]; sub(/^src\//, "", file)
    target = $0; sub(/.*#include "/, "", target)
    from = folder(file); to = folder(target)
    if (file == "app/main.cpp") next
    if (!(from in rank)) { print "src/" file ": its folder is in no layer; see tools/check_layers.sh"; bad = 1; next }
    if (!(to in rank)) { print "src/" file ":" part[2] " includes " target ", which is in no layer"; bad = 1; next }
    if (rank[to] > rank[from] || (from != to && (from in group) && (to in group) && group[from] == group[to])) { print "src/" file ":" part[2] " includes " target; bad = 1 }
  }
  ((from == "cli" || from ~ /^audio/ || from == "store" || from == "sheets") && to ~ /^app\//) || ((from == "store" || from == "sheets") && to ~ /^audio\//) { print "src/" file ":" part[2] " includes " target; bad = 1 }
  END { exit bad }'
echo "Every include goes to its own layer or to one before it."
