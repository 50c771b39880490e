#!/usr/bin/env bash
# Is every source as .clang-format says (clang-format 14)? Lists those that are not, and ends with 1 then. With --fix they are put right.
set -euo pipefail
cd "$(dirname "$0")/.."
mapfile -t files < <(find src tests bench fuzz tools -name '*.cpp' -o -name '*.h' | LC_ALL=C sort)
if [ "${1:-}" = --fix ]; then
  clang-format -i "${files[@]}"
  exit 0
fi
clang-format --dry-run --Werror "${files[@]}"
echo "Every source is formatted."
