#!/usr/bin/env bash
# Installs what is missing, builds, and opens the demo routine. May be run again and again.
# Without a display it runs off-screen: it prints where every pass of the demo lands and writes pictures of the main views.
set -euo pipefail
cd "$(dirname "$0")"
tools/install_packages.sh build run
cmake --preset release -DLIFTCOUNT_TESTS=OFF -DLIFTCOUNT_FATAL_WARNINGS=OFF -DLIFTCOUNT_UNITY=ON >build-release.log 2>&1 || { cat build-release.log >&2; exit 1; }
echo "Building Lift Count (the first time takes some minutes) …"
# How far it is: rewritten in its place on a terminal, a line for each tenth elsewhere.
progress() {
  local line part said=0
  while IFS= read -r line; do
    [[ $line =~ ^\[([0-9]+)/([0-9]+)\] ]] || continue
    part=$((100 * BASH_REMATCH[1] / BASH_REMATCH[2]))
    if [ -t 1 ]; then
      printf '\r  %3d %%' "$part"
    elif [ $((part / 10)) -gt "$said" ]; then
      said=$((part / 10))
      printf '  %3d %%\n' "$part"
    fi
  done
  [ ! -t 1 ] || echo
}
cmake --build --preset release 2>&1 | tee -a build-release.log | progress || { tail -n 40 build-release.log >&2; exit 1; }
rm -f build-release.log
if [ -n "${DISPLAY:-}" ] || [ -n "${WAYLAND_DISPLAY:-}" ]; then
  exec build/release/lift-count --demo "$@"
fi
echo "There is no display here, so the window cannot be shown. The demo's landing report:"
echo
build/release/lift-count-cli land demo/copper-weathervane.liftcount
echo
echo "Pictures of the main views:"
XDG_RUNTIME_DIR="${XDG_RUNTIME_DIR:-$(mktemp -d)}" QT_QPA_PLATFORM=offscreen build/release/tools/take_pictures build/pictures
