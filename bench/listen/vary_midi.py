#!/usr/bin/env python3
"""Other versions of MIDI files to learn from: another key, another tempo, other instruments of the same families, some without drums.

    /usr/bin/python3 vary_midi.py OUT_FOLDER FILE.mid …

Writes OUT_FOLDER/v_FILE.mid, the same for the same name. What the score says of beats, bars and phrases stays true; it is taken from the new file as from any other. A version is no new
music: it has the source of what it was made from and is left out with it. Needs python3-mido.
"""
import os
import random
import sys
import zlib

import mido

DRUMS = 9  # the channel, counted from 0
WITHOUT_DRUMS, OTHER_INSTRUMENT = 0.35, 0.5  # shares
FAMILIES = [range(0, 8), range(24, 32), [40, 41, 42, 43, 48, 49], [56, 57, 58, 60, 61, 62], [64, 65, 66, 67, 71, 72, 73, 75], [80, 81, 82, 84, 87], [9, 11, 12, 13, 14], [16, 17, 18, 19, 21, 22]]


def varied(file, rng):
    steps, faster = rng.choice([-4, -3, -2, -1, 1, 2, 3, 4]), rng.uniform(0.86, 1.17)
    drums, chosen, has_tempo = rng.random() >= WITHOUT_DRUMS, {}, False
    for track in file.tracks:
        kept, passed = [], 0
        for event in track:
            event = event.copy(time=event.time + passed)
            passed = 0
            note = event.type in ("note_on", "note_off")
            if event.type == "set_tempo":
                event, has_tempo = event.copy(tempo=int(event.tempo / faster)), True
            elif note and event.channel == DRUMS and not drums or note and event.channel != DRUMS and not 0 <= event.note + steps < 128:
                passed = event.time
                continue
            elif note and event.channel != DRUMS:
                event = event.copy(note=event.note + steps)
            elif event.type == "program_change" and event.channel != DRUMS and rng.random() < OTHER_INSTRUMENT:
                family = next((f for f in FAMILIES if event.program in f), None)
                if family:
                    event = event.copy(program=chosen.setdefault((event.channel, event.program), rng.choice(list(family))))
            kept.append(event)
        track[:] = kept
    if not has_tempo:
        file.tracks[0].insert(0, mido.MetaMessage("set_tempo", tempo=int(500000 / faster), time=0))
    return file


def main():
    out, *paths = sys.argv[1:]
    os.makedirs(out, exist_ok=True)
    for path in paths:
        name = os.path.splitext(os.path.basename(path))[0]
        varied(mido.MidiFile(path, clip=True), random.Random(zlib.crc32(name.encode()))).save(os.path.join(out, f"v_{name}.mid"))


if __name__ == "__main__":
    main()
