"""Composes the demo song "Copper Weathervane" as MIDI with its exact map. Run through make_songs.sh."""
import sys

import band
from band import Bar, Section, Song

LEAD = 0.92  # seconds of silence before count 1


def bars(*chords, **last):
    row = [Bar(c) for c in chords]
    row[-1].fill = True
    for key, value in last.items():
        setattr(row[-1], key, value)
    return row


VERSE_TUNE = [  # (bar, beat, length, scale degree of G major)
    (0, 0, 1, 3), (0, 1, 0.5, 3), (0, 1.5, 0.5, 2), (0, 2, 1.5, 1), (0, 3.5, 0.5, 2),
    (1, 0, 1, 3), (1, 1, 1, 5), (1, 2, 2, 3),
    (2, 0, 1, 4), (2, 1, 0.5, 4), (2, 1.5, 0.5, 3), (2, 2, 1.5, 2), (2, 3.5, 0.5, 1),
    (3, 0, 3, 2), (3, 3.5, 0.5, 2),
    (4, 0, 1, 3), (4, 1, 0.5, 3), (4, 1.5, 0.5, 2), (4, 2, 1.5, 1), (4, 3.5, 0.5, 2),
    (5, 0, 1, 3), (5, 1, 1, 5), (5, 2, 1, 6), (5, 3, 1, 5),
    (6, 0, 1, 4), (6, 1, 1, 3), (6, 2, 1, 2), (6, 3, 1, 0),
    (7, 0, 2, 1),
]
CHORUS_TUNE = [
    (0, 0, 1.5, 8), (0, 1.5, 0.5, 7), (0, 2, 1, 6), (0, 3, 1, 5),
    (1, 0, 2, 5), (1, 2, 1, 3), (1, 3, 1, 5),
    (2, 0, 1.5, 6), (2, 1.5, 0.5, 5), (2, 2, 1, 4), (2, 3, 1, 2),
    (3, 0, 3, 3), (3, 3, 0.5, 5), (3, 3.5, 0.5, 6),
    (4, 0, 1.5, 8), (4, 1.5, 0.5, 7), (4, 2, 1, 6), (4, 3, 1, 5),
    (5, 0, 2, 5), (5, 2, 1, 3), (5, 3, 1, 5),
    (6, 0, 1, 6), (6, 1, 1, 5), (6, 2, 1, 4), (6, 3, 1, 2),
    (7, 0, 3, 1),
]
BRIDGE_TUNE = [(0, 0, 4, 6), (1, 0, 3, 5), (1, 3, 1, 3), (2, 0, 4, 4), (3, 0, 4, 3), (4, 0, 4, 4), (5, 0, 2, 6), (5, 2, 2, 5), (6, 0, 3.5, 2)]
ENDING_TUNE = [(0, 0, 1.5, 8), (0, 1.5, 0.5, 7), (0, 2, 1, 6), (0, 3, 1, 5), (1, 0, 1, 6), (1, 1, 1, 5), (1, 2, 1, 4), (1, 3, 1, 2), (2, 0, 1, 1)]

VERSE = ("G", "Em", "C", "D", "G", "Em", "C", "D7")
CHORUS = ("C", "G", "D", "Em", "C", "G", "D7", "G")
BAND = ("bass", "strum", "drums")
FULL = BAND + ("comp", "pad")

# Verse 2 ends with a half-bar of two beats; the bridge ends with a stop of four; verse 3 is half as long.
SECTIONS = [
    Section("Intro", bars("G", "G", "C", "D", "G", "Em", "C", "D7"), [], 0.45, ("strum", "bass", "drums")),
    Section("Verse 1", bars(*VERSE), VERSE_TUNE, 0.6, BAND),
    Section("Chorus 1", bars(*CHORUS), CHORUS_TUNE, 0.9, FULL),
    Section("Verse 2", bars(*VERSE) + bars("D7", beats=2), VERSE_TUNE, 0.65, BAND + ("comp",)),
    Section("Chorus 2", bars(*CHORUS), CHORUS_TUNE, 0.95, FULL),
    Section("Bridge", bars("Em", "Em", "C", "C", "Am", "Am", "D") + [Bar("D", silent=True)], BRIDGE_TUNE, 0.55, ("bass", "drums", "pad", "comp")),
    Section("Verse 3", bars("G", "Em", "C", "D7"), VERSE_TUNE, 0.5, ("strum", "bass", "drums")),
    Section("Chorus 3", bars(*CHORUS), CHORUS_TUNE, 1.0, FULL),
    Section("Ending", [Bar("C"), Bar("D7"), Bar("G"), Bar("G", silent=False)], ENDING_TUNE, 0.8, FULL),
]


def ending(song, at, bar, section, index):
    """The last bar but one strikes the final chord; it rings through the last bar."""
    if section.label == "Ending" and index == 2:
        for key in (31, 43, 55, 59, 62, 67):
            song.note(at, 0, key, 92, 7.5)
        song.note(at, 9, band.CRASH, 110, 4)


def unless_ended(player):
    def play(song, at, bar, section, index):
        if section.label == "Ending" and index >= 2:
            return
        player(song, at, bar, section, index)
    return play


def compose():
    song = Song("Copper Weathervane", 100.0, [7, 9, 11, 12, 14, 16, 18], seed=4)
    song.programs = {0: (25, 92, 50), 1: (33, 104, 64), 2: (4, 76, 78), 3: (22, 96, 64), 4: (48, 62, 64)}
    players = [band.bass_root_fifth, band.strum, band.comp, band.pad, band.drums_backbeat]
    song.play(SECTIONS, [unless_ended(p) for p in players] + [ending])
    return song


if __name__ == "__main__":
    midi, truth, labels = sys.argv[1:4]
    made = compose()
    made.write_truth(truth, labels, made.write_midi(midi, LEAD))
