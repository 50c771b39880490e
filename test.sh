#!/usr/bin/env bash
# Installs what is missing, builds everything and runs all tests. May be run again and again.
# Ends with the test runner's closing line.
set -euo pipefail
cd "$(dirname "$0")"
tools/install_packages.sh
cmake --preset check
cmake --build --preset check
export XDG_RUNTIME_DIR="${XDG_RUNTIME_DIR:-$(mktemp -d)}"
ctest --preset check --output-on-failure -j"$(nproc)"
