"""Composes the second song "Night Ferry", which is kept away from all tuning: minor, synthetic, faster, a chorus of 36
and a stop in the middle of a phrase. Run through make_songs.sh."""
import sys

import band
from band import Bar, Section, Song

LEAD = 0.35


def row(text, fill=True):
    made = [Bar(c) for c in text.split()]
    made[-1].fill = fill
    return made


HOOK = [(b, beat, length, degree + (2 if b % 4 == 2 else 0)) for b in range(8)
        for beat, length, degree in ((0, 0.75, 5), (0.75, 0.75, 3), (1.5, 0.5, 1), (2, 0.75, 5), (2.75, 0.75, 6), (3.5, 0.5, 5))]
LINE = [(b, beat, 0.9, d) for b, ds in enumerate(((1, 3, 5, 3), (6, 5, 3, 1), (4, 6, 8, 6), (5, 5, 7, 5)) * 2) for beat, d in enumerate(ds)]

SECTIONS = [
    Section("Intro", row("Am F C G"), [], 0.5, ("drums", "bass")),
    Section("Verse 1", row("Am F C G Am F C E7"), LINE, 0.6, ("drums", "bass", "comp")),
    Section("Chorus 1", row("F G Am C F G Am E7 E7"), HOOK, 0.9, ("drums", "bass", "comp", "pad")),
    Section("Verse 2", row("Am F C G Am F C E7"), LINE, 0.65, ("drums", "bass", "comp")),
    Section("Chorus 2", row("F G Am C F G Am E7 E7"), HOOK, 0.95, ("drums", "bass", "comp", "pad")),
    Section("Middle", row("Dm Dm Am")[:3] + [Bar("Am", silent=True)] + row("Dm Dm E7 E7"), LINE, 0.5, ("drums", "bass", "pad")),
    Section("Chorus 3", row("F G Am C F G Am E7 E7"), HOOK, 1.0, ("drums", "bass", "comp", "pad")),
    Section("Ending", row("Am F C G Am", fill=False)[:4], [], 0.7, ("drums", "bass", "comp")),
]


def compose():
    song = Song("Night Ferry", 124.0, [9, 11, 12, 14, 16, 17, 19], seed=11)
    song.programs = {1: (38, 108, 64), 2: (81, 60, 84), 3: (80, 74, 50), 4: (89, 70, 64)}
    song.play(SECTIONS, [band.bass_offbeat, band.comp, band.pad, band.drums_four])
    return song


if __name__ == "__main__":
    midi, truth, labels = sys.argv[1:4]
    made = compose()
    made.write_truth(truth, labels, made.write_midi(midi, LEAD))
