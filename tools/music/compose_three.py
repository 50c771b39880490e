"""Composes three more demo songs: "Lantern Arcade", swung, by a band that drifts; "Orchard Gate", a waltz that slows down, holds
a beat and goes on; "Sevenfold Stairs", 7/8 as 3+2+2. Run through make_songs.sh: compose_three.py NAME MIDI CSV LABELS."""
import math
import random
import sys

import band
from band import Bar, Section, Song


def row(text, beats, fill=True):
    made = [Bar(c, beats) for c in text.split()]
    made[-1].fill = fill
    return made


def lantern_arcade():
    """132 counts a minute on average; the band pushes and drags by up to four in a hundred."""
    head = [(b, beat, length, degree) for b, notes in enumerate((
        ((0, 1, 5), (1, 0.6, 6), (1 + 2 / 3, 1, 5), (3, 0.9, 3)), ((0, 1.6, 4), (2, 1, 6), (3, 0.9, 4)),
        ((0, 1, 3), (1, 0.6, 5), (1 + 2 / 3, 1.3, 3), (3 + 2 / 3, 0.3, 2)), ((0, 3, 1),)) * 2) for beat, length, degree in notes]
    bridge = [(b, beat, 0.9, d) for b, ds in enumerate(((6, 8, 6, 4), (5, 3, 5, 6), (4, 6, 8, 9), (8, 7, 6, 5)) * 2) for beat, d in enumerate(ds)]
    a = "F Dm Gm C7 F Dm Gm C7"
    b = "A7 A7 Dm Dm G7 G7 C7 C7"
    trio, full = ("bass", "drums"), ("bass", "drums", "comp")
    song = Song("Lantern Arcade", 132.0, [5, 7, 9, 10, 12, 14, 16], seed=21)
    song.programs = {1: (32, 112, 60), 2: (26, 78, 84), 3: (66, 92, 50)}
    song.play([
        Section("Intro", row("F Dm Gm C7", 4), [], 0.5, trio),
        Section("A 1", row(a, 4), head, 0.7, full), Section("A 2", row(a, 4), head, 0.75, full),
        Section("B 1", row(b, 4), bridge, 0.65, full), Section("A 3", row(a, 4), head, 0.8, full),
        Section("Break", row("F Dm Gm C7", 4), [], 0.5, ("bass",)),
        Section("B 2", row(b, 4), bridge, 0.8, full), Section("A 4", row(a, 4), head, 0.95, full),
        Section("Ending", row("Gm C7 F F", 4, False), [(0, 0, 2, 6), (0, 2, 2, 4), (1, 0, 2, 2), (1, 2, 2, 5), (2, 0, 4, 1)], 0.7, full),
    ], [band.walking_bass, band.swing_drums, band.swing_comp])
    wander = random.Random(77)
    drift = [0.0]
    for _ in range(song.total):
        drift.append(max(-0.04, min(0.04, 0.985 * drift[-1] + wander.gauss(0, 0.0035))))
    song.pace(lambda b: 60 / 132 * (1 + drift[b]))
    return song


def orchard_gate():
    """104 beats a minute, bars of three; the fourth phrase slows to 70 and its last beat is held for two seconds more."""
    tune = [(b, beat, length, degree) for b, notes in enumerate((
        ((0, 2, 3), (2, 1, 4)), ((0, 2, 5), (2, 1, 8)), ((0, 2, 7), (2, 1, 6)), ((0, 3, 5),),
        ((0, 2, 4), (2, 1, 5)), ((0, 2, 6), (2, 1, 4)), ((0, 1, 3), (1, 1, 2), (2, 1, 7)), ((0, 3, 1),))) for beat, length, degree in notes]
    other = [(b, beat, 0.95, d) for b, ds in enumerate(((6, 5, 6), (8, 6, 4), (5, 3, 5), (8, 7, 5), (4, 5, 6), (5, 4, 3), (2, 3, 4), (5, 5, 5))) for beat, d in enumerate(ds)]
    a, b = "D A Bm F#m G D A7 D", "Bm Bm F#m F#m G G A7 A7"
    soft, all_of_it = ("bass", "comp"), ("bass", "comp", "pad")
    song = Song("Orchard Gate", 104.0, [2, 4, 6, 7, 9, 11, 13], seed=31)
    song.programs = {0: (0, 84, 50), 1: (43, 96, 64), 3: (73, 96, 70), 4: (48, 66, 64)}
    song.play([
        Section("Intro", row("D A Bm A7", 3, False), [], 0.4, soft),
        Section("Verse 1", row(a, 3, False), tune, 0.55, soft), Section("Chorus 1", row(b, 3, False), other, 0.7, all_of_it),
        Section("Verse 2", row(a, 3, False), tune, 0.65, all_of_it), Section("Chorus 2", row(b, 3, False), other, 0.75, all_of_it),
        Section("Verse 3", row(a, 3, False), tune, 0.8, all_of_it),
        Section("Ending", row("G A7 D D", 3, False), [(0, 0, 3, 4), (1, 0, 3, 2), (2, 0, 6, 1)], 0.5, all_of_it),
    ], [band.waltz_bass, band.waltz_chords, band.pad])
    last = 12 + 4 * 24 - 1  # the last beat of chorus 2
    song.held = [(last, 2.0)]
    song.pace(lambda beat: 60 / (104 if beat < last - 11 or beat > last else 104 - 34 * (beat - (last - 12)) / 12))
    return song


def sevenfold_stairs():
    """300 eighths a minute: a bar lasts 1.4 seconds."""
    tune = [(b, beat, length, degree) for b, notes in enumerate((
        ((0, 2.8, 1), (3, 1.8, 3), (5, 1.8, 5)), ((0, 1.4, 6), (1.5, 1.4, 5), (3, 1.8, 4), (5, 1.8, 3)),
        ((0, 2.8, 4), (3, 1.8, 6), (5, 1.8, 8)), ((0, 2.8, 5), (3, 3.8, 5)),
        ((0, 2.8, 8), (3, 1.8, 7), (5, 1.8, 6)), ((0, 1.4, 5), (1.5, 1.4, 4), (3, 1.8, 3), (5, 1.8, 4)),
        ((0, 2.8, 3), (3, 1.8, 2), (5, 1.8, 7)), ((0, 6.5, 1),))) for beat, length, degree in notes]
    other = [(b, beat, length, d) for b, ds in enumerate(((5, 6, 8), (8, 6, 5), (4, 5, 6), (5, 3, 1), (5, 6, 8), (9, 8, 6), (5, 4, 3), (2, 2, 5))) for (beat, length), d in zip(((0, 2.7), (3, 1.7), (5, 1.7)), ds)]
    a, b = "Dm C Bb A Dm C A7 Dm", "F C Gm A F C A7 A7"
    small, full = ("bass", "drums"), ("bass", "drums", "comp")
    song = Song("Sevenfold Stairs", 300.0, [2, 4, 5, 7, 9, 10, 12], seed=41)
    song.unit = 8
    song.programs = {0: (15, 82, 50), 1: (32, 110, 64), 3: (71, 96, 72)}
    song.play([
        Section("Intro", row("Dm Dm C C", 7), [], 0.5, small),
        Section("A 1", row(a, 7), tune, 0.7, full), Section("B 1", row(b, 7), other, 0.85, full),
        Section("A 2", row(a, 7), tune, 0.75, full), Section("B 2", row(b, 7), other, 0.9, full),
        Section("Drums", row("Dm Dm Dm Dm", 7), [], 0.6, ("drums",)),
        Section("A 3", row(a, 7), tune, 0.85, full), Section("B 3", row(b, 7), other, 1.0, full),
        Section("Ending", row("Dm A7 Dm Dm", 7, False), [(0, 0, 3, 3), (1, 0, 3, 2), (2, 0, 7, 1)], 0.7, full),
    ], [band.seven_bass, band.seven_chords, band.seven_drums])
    song.pace(lambda beat: 0.2)
    return song


SONGS = {"lantern-arcade": (lantern_arcade, 0.62), "orchard-gate": (orchard_gate, 0.8), "sevenfold-stairs": (sevenfold_stairs, 0.5)}

if __name__ == "__main__":
    name, midi, truth, labels = sys.argv[1:5]
    compose, lead = SONGS[name]
    made = compose()
    made.write_truth(truth, labels, made.write_midi(midi, lead))
