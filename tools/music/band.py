"""A small band that plays chords, bass, drums and tunes into a MIDI file, and knows exactly where every beat is.

Used only to make the demo and test songs (see compose_demo.py and compose_second.py); the program does not need it.
Needs Debian's python3-mido. Everything it plays is original to this project.
"""
import csv
import random
from dataclasses import dataclass, field

import mido

PPQ = 480
NOTES = {"C": 0, "D": 2, "E": 4, "F": 5, "G": 7, "A": 9, "B": 11}
KICK, SNARE, RIM, CLAP, HAT, OPEN_HAT, CRASH, RIDE, TOM_HI, TOM_MID, TOM_LO, SHAKER = 36, 38, 37, 39, 42, 46, 49, 51, 50, 47, 45, 82


def pitch(name, octave):
    """Pitch of a note name such as F# or Bb; octave 4 holds middle C."""
    value = NOTES[name[0]] + name.count("#") - name[1:].count("b")
    return 12 * (octave + 1) + value


def chord_tones(symbol):
    """Root pitch class and the intervals of a chord symbol: G, Em, D7, Cmaj7."""
    root = symbol[:2] if len(symbol) > 1 and symbol[1] in "#b" else symbol[:1]
    quality = symbol[len(root):]
    shapes = {"": (0, 4, 7), "m": (0, 3, 7), "7": (0, 4, 7, 10), "m7": (0, 3, 7, 10), "maj7": (0, 4, 7, 11), "sus": (0, 5, 7)}
    return pitch(root, -1) % 12, shapes[quality]


@dataclass
class Bar:
    chord: str
    beats: int = 4
    silent: bool = False
    fill: bool = False


@dataclass
class Section:
    label: str
    bars: list
    tune: list = field(default_factory=list)  # (bar, beat, length, scale degree)
    energy: float = 0.7
    layers: tuple = ()


class Song:
    def __init__(self, title, bpm, key_scale, seed):
        self.title, self.bpm, self.scale = title, bpm, key_scale
        self.random = random.Random(seed)
        self.events = []  # (beat, channel, pitch, velocity, length)
        self.beats = []   # (beat, bar, beat in bar, phrase)
        self.phrases = []  # (beat, beats, label)
        self.stops = []
        self.programs = {}
        self.metres = []
        self.unit = 4          # note value of a beat
        self.durations = None  # seconds of each beat where the tempo is not even; see pace()
        self.held = []         # (beat, seconds beyond what the tempo says)

    # -- tempo
    def pace(self, seconds_of_beat):
        """Lets every beat last as `seconds_of_beat(beat)` says, to the microsecond a quarter that MIDI knows, and held ones longer."""
        quarters = 4 / self.unit
        longer = dict(self.held)
        self.durations = [round((seconds_of_beat(b) + longer.get(b, 0)) / quarters * 1e6) / 1e6 * quarters for b in range(self.total)]

    # -- notes
    def note(self, at, channel, key, velocity, length):
        late = self.random.gauss(0, 0.006) if channel != 9 else self.random.gauss(0, 0.003)
        loud = max(1, min(127, int(velocity + self.random.gauss(0, 4))))
        self.events.append((max(0.0, at + late), channel, key, loud, length))

    def degree(self, number, octave):
        """Pitch of a scale degree from 1; 8 is the octave, 0 and below lie under it."""
        index = number - 1
        return self.scale[index % 7] + 12 * (octave + 1 + index // 7)

    # -- the form
    def play(self, sections, styles):
        beat, bar_number = 0, 0
        for number, section in enumerate(sections):
            start = beat
            for index, bar in enumerate(section.bars):
                if not self.metres or self.metres[-1][1] != bar.beats:
                    self.metres.append((beat, bar.beats))
                for k in range(bar.beats):
                    self.beats.append((beat + k, bar_number, k + 1, number))
                if bar.silent:
                    self.stops.append((beat, bar.beats))
                else:
                    for style in styles:
                        style(self, beat, bar, section, index)
                beat += bar.beats
                bar_number += 1
            starts = [start]
            for bar in section.bars:
                starts.append(starts[-1] + bar.beats)
            for where, at, length, number_of_scale in section.tune:
                if where < len(section.bars) and not section.bars[where].silent:
                    self.note(starts[where] + at, 3, self.degree(number_of_scale, 4), 62 + 34 * section.energy, length * 0.92)
            self.phrases.append((start, beat - start, section.label))
        self.total = beat

    # -- files
    def seconds(self, beat, lead):
        if self.durations is None:
            return lead + beat * 60.0 / self.bpm
        return lead + sum(self.durations[:beat])

    def write_midi(self, path, lead):
        """`lead` seconds of silence stand before beat 0; the tempo map is exact to a microsecond a quarter."""
        if self.durations is not None:
            return self.write_paced_midi(path, lead)
        tempo = round(60_000_000 / self.bpm)
        lead_ticks = round(lead * self.bpm / 60 * PPQ)
        file = mido.MidiFile(ticks_per_beat=PPQ)
        head = mido.MidiTrack()
        file.tracks.append(head)
        head.append(mido.MetaMessage("track_name", name=self.title))
        head.append(mido.MetaMessage("set_tempo", tempo=tempo))
        now = 0
        marks = [(lead_ticks + b * PPQ, mido.MetaMessage("time_signature", numerator=n, denominator=4)) for b, n in self.metres]
        marks += [(lead_ticks + b * PPQ, mido.MetaMessage("marker", text=label)) for b, _, label in self.phrases]
        for tick, message in sorted(marks, key=lambda m: m[0]):
            head.append(message.copy(time=tick - now))
            now = tick
        self.write_players(file, lead_ticks, PPQ)
        file.save(path)
        return lead_ticks * tempo / PPQ / 1e6  # the lead as MIDI really has it

    def write_paced_midi(self, path, lead):
        """The same with a tempo for every beat; the silence before is one quarter of that length."""
        ticks = PPQ * 4 // self.unit  # of a beat
        lead_tempo = round(lead * 1e6)
        file = mido.MidiFile(ticks_per_beat=PPQ)
        head = mido.MidiTrack()
        file.tracks.append(head)
        marks = [(0, 0, mido.MetaMessage("track_name", name=self.title)), (0, 1, mido.MetaMessage("set_tempo", tempo=lead_tempo))]
        for b, seconds in enumerate(self.durations):
            marks.append((PPQ + b * ticks, 0, mido.MetaMessage("set_tempo", tempo=round(seconds / (4 / self.unit) * 1e6))))
        marks += [(PPQ + b * ticks, 1, mido.MetaMessage("time_signature", numerator=n, denominator=self.unit)) for b, n in self.metres]
        marks += [(PPQ + b * ticks, 2, mido.MetaMessage("marker", text=label)) for b, _, label in self.phrases]
        now = 0
        for tick, _, message in sorted(marks, key=lambda m: m[:2]):
            head.append(message.copy(time=tick - now))
            now = tick
        self.write_players(file, PPQ, ticks)
        file.save(path)
        return lead_tempo / 1e6

    def write_players(self, file, lead_ticks, beat_ticks):
        for channel in sorted({e[1] for e in self.events}):
            track = mido.MidiTrack()
            file.tracks.append(track)
            if channel in self.programs:
                program, volume, pan = self.programs[channel]
                track.append(mido.Message("program_change", channel=channel, program=program))
                track.append(mido.Message("control_change", channel=channel, control=7, value=volume))
                track.append(mido.Message("control_change", channel=channel, control=10, value=pan))
            moves = []
            for at, ch, key, velocity, length in self.events:
                if ch == channel:
                    on = lead_ticks + round(at * beat_ticks)
                    moves.append((on, 1, key, velocity))
                    moves.append((on + max(20, round(length * beat_ticks)), 0, key, 0))
            now = 0
            for tick, on, key, velocity in sorted(moves):
                kind = "note_on" if on else "note_off"
                track.append(mido.Message(kind, channel=channel, note=key, velocity=velocity, time=tick - now))
                now = tick

    def write_truth(self, csv_path, labels_path, lead):
        with open(csv_path, "w", newline="", encoding="utf-8") as out:
            rows = csv.writer(out, lineterminator="\n")
            rows.writerow(["time_s", "bar_index", "beat_in_bar", "phrase_index"])
            for beat, bar, in_bar, phrase in self.beats:
                rows.writerow([f"{self.seconds(beat, lead):.6f}", bar, in_bar, phrase])
        with open(labels_path, "w", encoding="utf-8") as out:
            for start, beats, label in self.phrases:
                out.write(f"{self.seconds(start, lead):.6f}\t{self.seconds(start + beats, lead):.6f}\t{label}\n")
            for start, beats in self.stops:
                out.write(f"{self.seconds(start, lead):.6f}\t{self.seconds(start + beats, lead):.6f}\tstop {beats}\n")
            for beat, _ in self.held:
                out.write(f"{self.seconds(beat, lead):.6f}\t{self.seconds(beat + 1, lead):.6f}\theld\n")


# -- players: each plays one bar
def bass_root_fifth(song, at, bar, section, index):
    if "bass" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    low = root + 36 if root >= 4 else root + 48 - 12 * (root + 48 > 50)
    low = low if low >= 28 else low + 12
    pattern = [(0, 0, 1.4), (1.5, 0, 0.45), (2, shape[2], 1.0), (3, 0, 0.5), (3.5, shape[2] - 12 if shape[2] > 7 else shape[1], 0.45)]
    for beat, interval, length in pattern:
        if beat < bar.beats:
            song.note(at + beat, 1, low + interval, 84 + 20 * section.energy - (10 if beat % 1 else 0), length)


def bass_offbeat(song, at, bar, section, index):
    if "bass" not in section.layers:
        return
    root, _ = chord_tones(bar.chord)
    low = root + 36 if root >= 2 else root + 48
    for k in range(bar.beats):
        song.note(at + k + 0.5, 1, low, 96, 0.4)
        if k == 0:
            song.note(at, 1, low - 12 if low > 40 else low, 104, 0.4)


def strum(song, at, bar, section, index):
    if "strum" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    keys = [root + 48 + s for s in shape] + [root + 60]
    for beat, velocity in [(0, 78), (1, 60), (1.5, 52), (2, 72), (2.5, 48), (3, 64), (3.5, 54)]:
        if beat < bar.beats:
            order = keys if beat % 1 == 0 else keys[::-1]
            for j, key in enumerate(order):
                song.note(at + beat + 0.012 * j, 0, key, velocity * (0.6 + 0.4 * section.energy), 0.45)


def comp(song, at, bar, section, index):
    if "comp" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    keys = [k if k >= 57 else k + 12 for k in (root + 48 + s for s in shape)]
    for beat in ([0, 2.5] if index % 2 == 0 else [0, 1.5, 3]):
        if beat < bar.beats:
            for key in keys:
                song.note(at + beat, 2, key, 66 * (0.6 + 0.4 * section.energy), 0.9)


def pad(song, at, bar, section, index):
    if "pad" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    for s in shape:
        song.note(at, 4, root + 60 + s, 46 + 22 * section.energy, bar.beats * 0.97)


def drums_backbeat(song, at, bar, section, index):
    if "drums" not in section.layers:
        return
    strong = 0.6 + 0.4 * section.energy
    if index == 0 and section.energy > 0.55:
        song.note(at, 9, CRASH, 92 * strong, 1)
    for beat in (0, 2, 2.5):
        if beat < bar.beats and not (beat == 2.5 and index % 2):
            song.note(at + beat, 9, KICK, 104 * strong, 0.2)
    for beat in (1, 3):
        if beat < bar.beats and not (bar.fill and beat == 3):
            song.note(at + beat, 9, SNARE if section.energy > 0.5 else RIM, 98 * strong, 0.2)
    for half in range(bar.beats * 2):
        song.note(at + half / 2, 9, HAT, (70 if half % 2 == 0 else 50) * strong, 0.1)
    if bar.fill:
        for k, drum in enumerate((TOM_HI, TOM_HI, TOM_MID, TOM_LO)):
            song.note(at + bar.beats - 1 + k * 0.25, 9, drum, 84 + 6 * k, 0.2)


def drums_four(song, at, bar, section, index):
    if "drums" not in section.layers:
        return
    if index == 0:
        song.note(at, 9, CRASH, 88, 1)
    for k in range(bar.beats):
        song.note(at + k, 9, KICK, 110, 0.2)
        song.note(at + k + 0.5, 9, OPEN_HAT if section.energy > 0.7 else HAT, 74, 0.2)
        if k % 2 == 1:
            song.note(at + k, 9, CLAP, 96, 0.2)
        for q in (0.25, 0.75):
            song.note(at + k + q, 9, SHAKER, 40, 0.1)
    if bar.fill:
        for k in range(8):
            song.note(at + bar.beats - 1 + k * 0.125, 9, SNARE, 58 + 6 * k, 0.1)


# -- swing
def walking_bass(song, at, bar, section, index):
    if "bass" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    low = root + 36 if root >= 4 else root + 48
    steps = (0, shape[1], shape[2], shape[2] + 2) if index % 2 == 0 else (0, shape[2], shape[1], -1)
    for k in range(bar.beats):
        song.note(at + k, 1, low + steps[k % 4], 92 + 10 * section.energy, 0.9)


def swing_drums(song, at, bar, section, index):
    if "drums" not in section.layers:
        return
    strong = 0.6 + 0.4 * section.energy
    if index == 0 and section.energy > 0.6:
        song.note(at, 9, CRASH, 84, 1)
    for k in range(bar.beats):
        song.note(at + k, 9, RIDE, (84 if k % 2 else 74) * strong, 0.3)
        if k % 2 == 1:
            song.note(at + k + 2 / 3, 9, RIDE, 66 * strong, 0.2)
            song.note(at + k, 9, HAT, 82 * strong, 0.1)
    song.note(at, 9, KICK, 78 * strong, 0.2)
    if index % 4 == 3:
        song.note(at + 2 + 2 / 3, 9, SNARE, 70 * strong, 0.2)
    if bar.fill:
        for k in (2, 2 + 2 / 3, 3, 3 + 1 / 3, 3 + 2 / 3):
            song.note(at + k, 9, SNARE, 86, 0.2)


def swing_comp(song, at, bar, section, index):
    if "comp" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    for beat in ((0, 1 + 2 / 3) if index % 2 == 0 else (2 / 3, 2)):
        for s in shape:
            song.note(at + beat, 2, root + 60 + s - 12 * (root > 6), 64 * (0.6 + 0.4 * section.energy), 0.5)


# -- waltz
def waltz_bass(song, at, bar, section, index):
    if "bass" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    low = root + 36 if root >= 4 else root + 48
    song.note(at, 1, low + (shape[2] if index % 2 else 0), 90, 0.9)


def waltz_chords(song, at, bar, section, index):
    if "comp" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    for k in range(1, bar.beats):
        for s in shape:
            song.note(at + k, 0, root + 60 + s - 12 * (root > 5), 56 + 12 * section.energy, 0.6)


# -- 7/8, beats are eighths in groups of 3, 2 and 2
def seven_drums(song, at, bar, section, index):
    if "drums" not in section.layers:
        return
    strong = 0.6 + 0.4 * section.energy
    for group, start in enumerate((0, 3, 5)):
        song.note(at + start, 9, KICK if group == 0 else RIM, (106 if group == 0 else 84) * strong, 0.4)
    for k in range(7):
        song.note(at + k, 9, SHAKER, (64 if k in (0, 3, 5) else 44) * strong, 0.2)
    if index == 0:
        song.note(at, 9, CRASH, 80 * strong, 2)
    if bar.fill:
        for k, drum in zip((5, 5.5, 6, 6.5), (TOM_HI, TOM_MID, TOM_MID, TOM_LO)):
            song.note(at + k, 9, drum, 88, 0.3)


def seven_bass(song, at, bar, section, index):
    if "bass" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    low = root + 36 if root >= 4 else root + 48
    for start, interval, length in ((0, 0, 2.6), (3, shape[2], 1.7), (5, 0, 1.7)):
        song.note(at + start, 1, low + interval, 96 if start == 0 else 82, length)


def seven_chords(song, at, bar, section, index):
    if "comp" not in section.layers:
        return
    root, shape = chord_tones(bar.chord)
    for start in ((3, 5) if index % 2 == 0 else (2, 3, 5, 6)):
        for s in shape:
            song.note(at + start, 0, root + 60 + s - 12 * (root > 5), 60 + 14 * section.energy, 0.8)
