#!/usr/bin/env bash
# Installs what is missing, builds, and opens the demo routine. May be run again and again.
# Without a display it runs off-screen: it prints where every pass of the demo lands and writes pictures of the main views.
set -euo pipefail
cd "$(dirname "$0")"
tools/install_packages.sh
cmake --preset release -DLIFTCOUNT_TESTS=OFF -DLIFTCOUNT_FATAL_WARNINGS=OFF >build-release.log 2>&1 || { cat build-release.log >&2; exit 1; }
echo "Building Lift Count (the first time takes some minutes) …"
cmake --build --preset release >>build-release.log 2>&1 || { tail -n 40 build-release.log >&2; exit 1; }
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
