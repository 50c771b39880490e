#!/usr/bin/env bash
# Makes the demo songs and the second test song anew: MIDI, exact map, OGG. Only needed when a song is changed.
# Debian packages: python3-mido fluidsynth musescore-general-soundfont-small sox libsox-fmt-all
set -euo pipefail
cd "$(dirname "$0")/../.."
font=/usr/share/sounds/sf3/MuseScore_General_Lite.sf3
[ -e "$font" ] || font=/usr/share/sounds/sf3/MuseScore_General.sf3
scrap=$(mktemp -d)
trap 'rm -rf "$scrap"' EXIT
make_song() { # script with its arguments, base path
    # shellcheck disable=SC2086
    PYTHONPATH=tools/music /usr/bin/python3 tools/music/$1 "$2.mid" "$2.truth.csv" "$2.truth.txt"
    fluidsynth -q -n -i -r 44100 -g 0.55 -R 1 -C 0 -F "$scrap/song.wav" "$font" "$2.mid" >/dev/null 2>&1
    sox "$scrap/song.wav" -C "${3:-4}" "$2.ogg" norm -2
}
make_song compose_demo.py demo/copper-weathervane
make_song compose_second.py tests/data/night-ferry
for name in lantern-arcade orchard-gate sevenfold-stairs; do make_song "compose_three.py $name" "demo/$name" 1; done
ls -l demo tests/data
