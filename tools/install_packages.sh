#!/usr/bin/env bash
# Installs what is missing from packages.txt: of the parts that are named ("build run"), or of all. Says nothing when nothing is missing.
set -euo pipefail
cd "$(dirname "$0")/.."
missing=()
part=""
while read -r name rest; do
  case "$name" in
    "") continue ;;
    \#) part="$rest"; continue ;;
  esac
  [ $# -eq 0 ] || [[ " $* " == *" $part "* ]] || continue
  dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q '^install ok installed$' || missing+=("$name")
done < packages.txt
[ ${#missing[@]} -eq 0 ] && exit 0
if ! command -v apt-get >/dev/null; then
  echo "Lift Count needs these Debian packages: ${missing[*]}" >&2
  exit 1
fi
as_root=()
if [ "$(id -u)" -ne 0 ]; then
  if ! command -v sudo >/dev/null; then
    echo "Run as root, or install by hand: apt-get install ${missing[*]}" >&2
    exit 1
  fi
  as_root=(sudo)
fi
echo "Installing: ${missing[*]}"
log=$(mktemp)
trap 'rm -f "$log"' EXIT
if ! { "${as_root[@]}" apt-get update && "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
  tail -n 20 "$log" >&2
  exit 1
fi
