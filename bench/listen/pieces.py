"""Made-up pieces in the styles that people dance to, each from one seed, with their exact truth."""
import json
import random
from dataclasses import dataclass, field

import mido

import players as band
from timeline import Timeline, scaled

TICKS = 960  # a quarter; the file's own tempo is 120, so a tick is 0.52 ms


@dataclass
class Chord:
    root: int
    shape: tuple

    @property
    def fifth(self):
        return self.shape[2]


@dataclass
class Bar:
    at: int             # beats from the piece's first beat
    beats: int
    grouping: tuple
    unit: int
    section: str
    index: int          # in its section
    first: bool
    last: bool
    energy: float
    layer: str
    chords: list        # (beat in bar, Chord)
    next_chord: Chord = None
    silent: bool = False

    def chord_at(self, beat):
        found = self.chords[0][1]
        for at, chord in self.chords:
            if at <= beat + 1e-9:
                found = chord
        return found

    def chord_starts(self, beat):
        return any(abs(at - beat) < 1e-9 for at, _ in self.chords)

    def changes(self):
        return [at for at, _ in self.chords if at < self.beats]


@dataclass
class Style:
    name: str
    metre: tuple                 # (beats, unit, grouping)
    bpm: tuple                   # of a beat
    drums: object
    bass: object
    comps: tuple
    tunes: tuple = (band.tune,)
    swing: tuple = (0.5, 0.5)
    phrase: int = 8              # bars
    programs: dict = field(default_factory=dict)
    jitter: float = 0.006        # seconds
    drift: tuple = (0.0, 0.002)
    rubato: float = 0.0
    half_bars: float = 0.0       # chance of a half-bar in a section
    extra: float = 0.0           # chance of an added bar at a section's end
    stop: float = 0.15
    slow_end: float = 0.2
    fermata: float = 0.0
    runs: bool = False           # sixteenths in the tune
    fade: bool = False
    changes: tuple = ()          # other metres that whole sections may have


GUITARS, KEYS, STRINGS, REEDS, BRASS = (24, 25, 26, 27), (0, 1, 4, 16), (48, 49, 50, 44), (64, 65, 66, 71, 21, 22), (56, 57, 61)
FOLK = (110, 21, 22, 24, 46, 73, 105, 15)
VOICES = (52, 53, 54, 73, 75, 40, 41, 42)
SYNTHS = (80, 81, 87, 89, 90, 5)
BASSES = (32, 33, 34, 35)

FOUR, THREE, TWO = (4, 4, ()), (3, 4, ()), (2, 4, ())
B = band
STYLES = [
    Style("swing", FOUR, (118, 200), B.drums_swing, B.bass_walk, (B.comp_synco, B.comp_after), swing=(0.6, 0.68), programs={0: KEYS + GUITARS, 3: REEDS + BRASS}, jitter=0.009),
    Style("slow-waltz", THREE, (82, 98), B.drums_waltz, B.bass_one, (B.comp_after, B.comp_arp), (B.tune, B.counter), programs={0: KEYS, 3: STRINGS + REEDS}, phrase=8, fermata=0.2),
    Style("fast-waltz", THREE, (150, 186), B.drums_waltz, B.bass_one, (B.comp_after,), (B.tune,), programs={0: STRINGS + KEYS, 3: STRINGS + REEDS + FOLK}, phrase=16, fermata=0.2),
    Style("tango", FOUR, (112, 132), None, B.bass_rootfifth, (B.comp_marcato,), (B.tune, B.counter), programs={0: (21, 23, 0), 3: (40, 21, 48, 23)}, drift=(0.001, 0.004), stop=0.35, rubato=0.015),
    Style("cha-cha", FOUR, (108, 128), B.drums_cha, B.bass_cha, (B.comp_montuno, B.comp_offbeats), programs={0: KEYS, 3: BRASS + REEDS}),
    Style("salsa", FOUR, (160, 210), B.drums_salsa, B.bass_tumbao, (B.comp_montuno,), programs={0: (0, 1), 3: BRASS}),
    Style("bolero", FOUR, (92, 112), B.drums_bolero, B.bass_cha, (B.comp_arp, B.comp_held), programs={0: GUITARS, 3: STRINGS + REEDS}),
    Style("samba", TWO, (94, 108), B.drums_samba, B.bass_samba, (B.comp_synco,), programs={0: GUITARS, 3: REEDS + (73,)}, phrase=16),
    Style("two-step", FOUR, (164, 200), B.drums_boomchick, B.bass_rootfifth, (B.comp_after, B.comp_strum), programs={0: GUITARS, 3: (110, 25, 22)}, half_bars=0.06),
    Style("country-line", FOUR, (94, 134), B.drums_rock, B.bass_rock, (B.comp_strum,), (B.tune, B.counter), programs={0: GUITARS, 3: (27, 110, 25, 22)}, half_bars=0.12, extra=0.12),
    Style("polka", TWO, (108, 132), B.drums_polka, B.bass_rootfifth, (B.comp_polka,), programs={0: (21, 22), 3: (21, 71, 56)}, phrase=16),
    Style("reel", TWO, (102, 120), None, B.bass_rootfifth, (B.comp_polka,), (B.ripple,), programs={0: GUITARS + (46,), 3: (110, 73, 21, 40)}, phrase=8, runs=True),
    Style("jig", (6, 8, (3, 3)), (320, 372), None, B.bass_groups, (B.comp_groups,), (B.ripple,), programs={0: GUITARS, 3: (110, 73, 21)}),
    Style("slip-jig", (9, 8, (3, 3, 3)), (310, 370), None, B.bass_groups, (B.comp_groups,), (B.ripple,), programs={0: GUITARS, 3: (110, 73, 21)}),
    Style("six-eight-march", (6, 8, (3, 3)), (300, 370), B.drums_compound, B.bass_groups, (B.comp_groups,), programs={0: BRASS, 3: BRASS + (71, 72)}),
    Style("twelve-eight", (12, 8, (3, 3, 3, 3)), (160, 230), B.drums_compound, B.bass_groups, (B.comp_arp,), programs={0: KEYS, 3: VOICES}, phrase=4),
    Style("seven-322", (7, 8, (3, 2, 2)), (250, 340), B.drums_uneven, B.bass_groups, (B.comp_groups,), (B.ripple,), programs={0: GUITARS + (105, 15), 3: FOLK}),
    Style("seven-223", (7, 8, (2, 2, 3)), (250, 360), B.drums_uneven, B.bass_groups, (B.comp_groups,), (B.ripple,), programs={0: GUITARS + (105, 15), 3: FOLK}),
    Style("nine-2223", (9, 8, (2, 2, 2, 3)), (260, 350), B.drums_uneven, B.bass_groups, (B.comp_groups,), (B.ripple,), programs={0: GUITARS + (105,), 3: FOLK}),
    Style("five-four", (5, 4, (3, 2)), (124, 176), B.drums_uneven, B.bass_groups, (B.comp_groups,), (B.tune,), programs={0: KEYS, 3: REEDS}),
    Style("ballad", FOUR, (58, 78), None, B.bass_one, (B.comp_arp, B.comp_held), (B.tune, B.counter), programs={0: KEYS, 3: VOICES}, rubato=0.05, drift=(0.002, 0.008), fermata=0.5, slow_end=0.8, jitter=0.014),
    Style("pop-half-bars", FOUR, (86, 128), B.drums_rock, B.bass_rock, (B.comp_strum, B.comp_arp), (B.tune, B.counter), programs={0: KEYS + GUITARS, 3: VOICES + SYNTHS}, half_bars=0.35, extra=0.2, stop=0.4),
    Style("electronic", FOUR, (118, 134), B.drums_four, B.bass_offbeat, (B.comp_synco, B.comp_arp), programs={0: SYNTHS, 2: (89, 90), 3: SYNTHS}, jitter=0.0, drift=(0, 0), fade=True, slow_end=0),
    Style("choir", FOUR, (66, 104), None, None, (B.comp_held,), (B.tune, B.counter), programs={0: (52, 53), 2: (52, 53), 3: (52, 54, 40), 4: (53, 42)}, rubato=0.03, drift=(0.002, 0.006), jitter=0.016, slow_end=0.6),
    Style("strings-three", THREE, (84, 132), None, B.bass_one, (B.comp_held, B.comp_after), (B.tune, B.counter), programs={0: (48, 45), 1: (42, 43), 2: (48, 49), 3: (40, 48), 4: (41, 42)}, rubato=0.02, drift=(0.002, 0.006), jitter=0.012, slow_end=0.5),
    Style("live-rock", FOUR, (88, 168), B.drums_rock, B.bass_rock, (B.comp_strum, B.comp_synco), programs={0: (27, 29, 30, 26), 3: (30, 29, 27, 22)}, drift=(0.004, 0.008), jitter=0.012, half_bars=0.05),
    Style("half-time", FOUR, (72, 96), B.drums_halftime, B.bass_rock, (B.comp_synco, B.comp_arp), programs={0: KEYS + SYNTHS, 3: SYNTHS + VOICES}, swing=(0.5, 0.6), jitter=0.004),
    Style("shuffle", FOUR, (96, 138), B.drums_shuffle, B.bass_walk, (B.comp_offbeats, B.comp_beats), swing=(0.62, 0.68), programs={0: GUITARS + (16,), 3: REEDS + (27,)}, phrase=12),
    Style("one-drop", FOUR, (70, 92), B.drums_onedrop, B.bass_rock, (B.comp_offbeats,), programs={0: GUITARS + (16,), 3: BRASS + VOICES}, swing=(0.5, 0.58)),
    Style("march", FOUR, (108, 124), B.drums_march, B.bass_rootfifth, (B.comp_after,), programs={0: BRASS, 3: BRASS + (72, 73)}),
    Style("quickstep", FOUR, (192, 208), B.drums_swing, B.bass_rootfifth, (B.comp_after,), swing=(0.6, 0.66), programs={0: KEYS, 3: BRASS + REEDS}),
    Style("changing", FOUR, (96, 140), B.drums_rock, B.bass_rock, (B.comp_strum,), programs={0: GUITARS, 3: FOLK}, changes=(THREE,), half_bars=0.15),
    Style("folk-three", THREE, (110, 150), None, B.bass_one, (B.comp_after, B.comp_strum), programs={0: GUITARS + (21,), 3: FOLK}, drift=(0.001, 0.005), jitter=0.01),
    Style("piano-solo", FOUR, (84, 150), None, B.bass_rootfifth, (B.comp_after, B.comp_arp), programs={0: (0,), 1: (0,), 3: (0,)}, jitter=0.01, drift=(0.001, 0.005), rubato=0.015),
]
BY_NAME = {style.name: style for style in STYLES}

MAJOR, MINOR = (0, 2, 4, 5, 7, 9, 11), (0, 2, 3, 5, 7, 8, 10)
TRIADS = {"maj": (0, 4, 7), "min": (0, 3, 7), "dim": (0, 3, 6), "7": (0, 4, 7, 10)}


class Piece:
    def __init__(self, style, seed):
        self.style, self.seed = style, seed
        self.rng = random.Random(f"{style.name}/{seed}")
        self.minor = self.rng.random() < 0.4
        self.scale = MINOR if self.minor else MAJOR
        self.key = self.rng.randrange(12)
        self.swing = self.rng.uniform(*style.swing)
        self.fast_runs = style.runs
        self.events, self.bars, self.phrases, self.stops, self.fermatas = [], [], [], [], []
        self._once, self._motifs, self._progressions = {}, {}, {}
        self.bpm = self.rng.uniform(*style.bpm)
        self.compose()

    def once(self, name, draw):
        if name not in self._once:
            self._once[name] = draw(self.rng)
        return self._once[name]

    def swung(self, at):
        whole, part = int(at // 1), at % 1
        if abs(part - 0.5) < 1e-9:
            return whole + self.swing
        return at

    def scale_step(self, key, steps):
        """`steps` degrees of the scale above a key."""
        tones = sorted((self.key + s) % 12 for s in self.scale)
        direction = 1 if steps >= 0 else -1
        for _ in range(abs(steps)):
            key += direction
            while key % 12 not in tones:
                key += direction
        return key

    # -- harmony
    def chord(self, degree):
        root = self.key + self.scale[degree % 7]
        third = (self.scale[(degree + 2) % 7] - self.scale[degree % 7]) % 12
        fifth = (self.scale[(degree + 4) % 7] - self.scale[degree % 7]) % 12
        if fifth == 6:
            return Chord(root - 0, TRIADS["dim"])
        shape = TRIADS["maj"] if third == 4 else TRIADS["min"]
        if degree % 7 == 4 and self.rng.random() < 0.5:
            shape = TRIADS["7"]
        return Chord(root, shape)

    def progression(self, letter, bars, beats_of):
        """Chords of a section: (bar, beat) changes, the same each time the letter returns."""
        if letter in self._progressions and len(self._progressions[letter]) >= bars:
            return self._progressions[letter][:bars]
        rng = self.rng
        moves = {0: (3, 4, 5, 1, 2), 1: (4, 3), 2: (5, 3), 3: (4, 0, 1), 4: (0, 5, 3), 5: (1, 3, 4), 6: (0, 2)}
        unit = rng.choice([4, 4, 8]) if bars >= 8 else 4
        rhythm = rng.choice([1, 1, 1, 1, 2, 0.5]) if self.style.name not in ("reel", "jig", "slip-jig") else rng.choice([1, 1, 2])
        base, degree = [], rng.choice([0, 0, 0, 5, 3])
        for bar in range(unit):
            row = []
            if bar % max(1, int(rhythm)) == 0 or not base:
                row.append((0, degree))
                degree = rng.choice(moves[degree])
                if rhythm == 0.5 and rng.random() < 0.6:
                    row.append((-1, degree))  # -1: the middle of the bar
                    degree = rng.choice(moves[degree])
            else:
                row.append((0, base[-1][-1][1]))
            base.append(row)
        rows = [base[bar % unit] for bar in range(bars)]
        if bars >= 4:
            rows[-1] = [(0, 4)] if rng.random() < 0.6 else [(0, 0)]
            if rng.random() < 0.5:
                rows[-2] = [(0, rng.choice([1, 3]))]
        made = [[(at, self.chord(d)) for at, d in row] for row in rows]
        self._progressions[letter] = made
        return made

    # -- tunes
    def motif(self, bar, runs=0):
        key = (bar.section[0], bar.index % 4 if bar.index < 4 or not self.once("through", lambda r: r.random() < 0.5) else bar.index % 8, bar.beats, runs)
        if key in self._motifs:
            return self._motifs[key]
        rng = random.Random(f"{self.style.name}/{self.seed}/{key}")
        if runs:
            made = [0]
            for _ in range(runs - 1):
                made.append(max(-4, min(6, made[-1] + rng.choice([-2, -1, -1, 1, 1, 2, 3, -3]))))
            self._motifs[key] = made
            return made
        step = 1.0 if bar.unit == 8 else rng.choice([0.5, 0.5, 1.0])
        made, at = [], 0.0 if rng.random() < 0.75 else step
        while at < bar.beats:
            length = step * rng.choice([1, 1, 1, 2, 2, 3, 4])
            if rng.random() < 0.86:
                strong = at in (0, bar.beats / 2)
                made.append((at, rng.choice([0, 0, 2, -2]) if strong else rng.randint(-3, 4), length * 0.95, 92 if strong else 80))
            at += length
        self._motifs[key] = made
        return made

    # -- the form
    def compose(self):
        style, rng = self.style, self.rng
        letters = rng.choice(["ABABCB", "AABA AABA", "ABAB", "AABB AABB", "ABCABC", "AABAB", "ABACA", "AABBCC"]).replace(" ", "")
        seconds_per_bar = 60.0 / self.bpm * style.metre[0]
        target = rng.uniform(80, 125)
        while len(letters) * style.phrase * seconds_per_bar < target:
            letters += letters[: max(1, len(letters) // 2)]
        while len(letters) > 2 and (len(letters) - 0.5) * style.phrase * seconds_per_bar > target:
            letters = letters[:-1]
        form = []
        if rng.random() < 0.7:
            form.append(("I", rng.choice([4, 4, 8, 2]) if style.phrase <= 8 else rng.choice([4, 8])))
        sizes = {letter: style.phrase if rng.random() < 0.85 else rng.choice([4, 6, 10, 12, style.phrase]) for letter in "ABC"}
        form += [(letter, sizes[letter]) for letter in letters]
        if rng.random() < 0.5:
            form.append(("E", rng.choice([2, 4])))
        metres = {letter: style.metre for letter in "IABCE"}
        if style.changes:
            metres[rng.choice("BC" if "C" in letters else "B")] = rng.choice(style.changes)
        energies = {"I": 0.6, "A": rng.uniform(0.55, 0.8), "B": rng.uniform(0.75, 1.0), "C": rng.uniform(0.45, 0.95), "E": 0.8}
        pickup = rng.choice([0, 0, 0, 1, 2]) if style.metre[0] > 2 else rng.choice([0, 0, 1])
        if style.metre[1] == 8:
            pickup = rng.choice([0, 0, 1])
        self.pickup = pickup
        quiet_intro = rng.choice(["all", "nodrums", "nokick"])
        layers = {"I": quiet_intro, "A": "all", "B": "all", "C": rng.choice(["all", "nodrums", "nobass", "nokick"]), "E": "all"}
        at, number = pickup, 0
        plan = []
        for k, (letter, size) in enumerate(form):
            metre = metres[letter]
            lengths = [metre[0]] * size
            if letter in "ABC" and rng.random() < style.extra:
                lengths.append(metre[0])
            if letter in "ABC" and metre[0] == 4 and rng.random() < style.half_bars:
                where = rng.choice([size - 1, size, size // 2])
                lengths.insert(min(where, len(lengths)), 2)
            stop_at = len(lengths) - 1 if letter in "BC" and rng.random() < style.stop * 0.6 and metre[0] >= 3 else None
            plan.append((letter, metre, lengths, stop_at))
        for k, (letter, metre, lengths, stop_at) in enumerate(plan):
            start = at
            chords = self.progression(letter, len(lengths), metre[0])
            phrase_from, phrase_bars = start, 0
            for index, beats in enumerate(lengths):
                row = [((0 if c == 0 else beats // 2), chord) for c, chord in chords[index] if c == 0 or beats >= 4]
                grouping = metre[2] if sum(metre[2]) == beats else (1,) * beats
                self.bars.append(Bar(at, beats, grouping, metre[1], letter + str(k), index, index == 0, index == len(lengths) - 1, energies[letter] * rng.uniform(0.95, 1.05),
                                     layers[letter], row, None, index == stop_at))
                if index == stop_at:
                    self.stops.append((at, beats))
                at += beats
            self.phrases.append((start, at - start, letter))
        self.total = at
        for bar, after in zip(self.bars, self.bars[1:]):
            bar.next_chord = after.chords[0][1]
        self.bars[-1].next_chord = self.bars[-1].chords[0][1]
        self.comps = {letter: rng.choice(style.comps) for letter in "IABCE"}
        drums_in_piece = style.drums if rng.random() < 0.9 else None
        if pickup:
            base = band.voice(self, self.bars[0].chords[0][1], 67)[0]
            for k in range(pickup):
                self.note(k, 3, self.scale_step(base, k - pickup), 84, 0.9)
        for bar in self.bars:
            if bar.silent:
                if rng.random() < 0.5:  # the band stops on the 1
                    self.note(bar.at, 1, band.bass_low(self, bar.chord_at(0)), 100, 0.3)
                    band.chord_hit(self, bar, 0, 90, 0.3)
                    if drums_in_piece:
                        self.note(bar.at, 9, band.KICK, 104, 0.2)
                continue
            letter = bar.section[0]
            final = bar is self.bars[-1]
            if final:
                band.chord_hit(self, bar, 0, 92, bar.beats)
                self.note(bar.at, 1, band.bass_low(self, bar.chord_at(0)), 100, bar.beats)
                if drums_in_piece:
                    self.note(bar.at, 9, band.CRASH, 100, 2)
                continue
            if drums_in_piece and bar.layer != "nodrums":
                drums_in_piece(self, bar)
            if style.bass and bar.layer != "nobass":
                style.bass(self, bar)
            self.comps[letter](self, bar)
            if letter != "I":
                for player in style.tunes:
                    player(self, bar)
        slow = rng.choice([4, 6, 8]) if rng.random() < style.slow_end else 0
        held = []
        if rng.random() < style.fermata:
            ends = [start + beats - 1 for start, beats, _ in self.phrases[1:-1]]
            if ends:
                held.append((rng.choice(ends), rng.uniform(1.8, 2.8)))
        self.fermatas = held
        self.lead = rng.uniform(0.15, 1.6)
        self.timeline = Timeline(self.total, self.bpm, self.lead, rng, rng.uniform(*style.drift), style.rubato, slow, rng.uniform(0.55, 0.8), held)
        self.lags = {channel: rng.gauss(0, 0.004) if style.jitter else 0.0 for channel in range(16)}
        self.programs = {}
        for channel, choices in {1: BASSES, 2: STRINGS, 4: STRINGS, **style.programs}.items():
            self.programs[channel] = rng.choice(choices)
        self.volumes = {channel: rng.randint(70, 110) for channel in range(16)}
        self.volumes[9] = rng.randint(64, 112)

    def note(self, at, channel, key, loud, length):
        self.events.append((at, channel, int(key), loud, length))

    # -- files
    def write_midi(self, path):
        rng = random.Random(f"{self.style.name}/{self.seed}/hands")
        file = mido.MidiFile(ticks_per_beat=TICKS)
        head = mido.MidiTrack()
        head.append(mido.MetaMessage("set_tempo", tempo=500000))
        file.tracks.append(head)
        end = self.timeline.seconds(self.total)
        for channel in sorted({e[1] for e in self.events}):
            track = mido.MidiTrack()
            file.tracks.append(track)
            if channel != 9:
                track.append(mido.Message("program_change", channel=channel, program=self.programs.get(channel, 0)))
            track.append(mido.Message("control_change", channel=channel, control=7, value=self.volumes[channel]))
            track.append(mido.Message("control_change", channel=channel, control=10, value=rng.randint(34, 94) if channel not in (1, 9) else 64))
            moves = []
            for at, ch, key, loud, length in self.events:
                if ch != channel:
                    continue
                while key > 108:
                    key -= 12
                while key < 21 and ch != 9:
                    key += 12
                spread = self.style.jitter * (0.5 if ch == 9 else 1.0)
                on = max(0.0, self.timeline.seconds(at) + rng.gauss(0, spread) + self.lags[ch])
                off = max(on + 0.03, self.timeline.seconds(min(at + length, self.total + 3)) - 0.01)
                velocity = max(8, min(127, int(loud + rng.gauss(0, 5))))
                if self.style.fade and self.rng is not None:
                    velocity = max(8, int(velocity * max(0.15, min(1.0, (end - on) / 14))))
                moves.append((on, 1, key, velocity))
                moves.append((off, 0, key, 0))
            now = 0
            for seconds, on, key, velocity in sorted(moves):
                tick = max(now, round(seconds * 2 * TICKS))
                track.append(mido.Message("note_on" if on else "note_off", channel=channel, note=key, velocity=velocity, time=tick - now))
                now = tick
        file.save(path)

    def truth(self, speed=1.0, shift=0.0):
        """The exact map: seconds of every beat, bars, phrases, stops. `speed` 1.05 is a recording played 5 % faster."""
        times = scaled(self.timeline.times, 1.0 / speed, shift)
        beats = []
        bar_number, phrase_number = 0, 0
        for k in range(self.pickup):
            beats.append({"time_s": times[k], "bar": -1, "beat": self.style.metre[0] - self.pickup + k + 1, "phrase": -1})
        for number, bar in enumerate(self.bars):
            phrase = max(p for p, (start, _, _) in enumerate(self.phrases) if start <= bar.at)
            for k in range(bar.beats):
                beats.append({"time_s": times[bar.at + k], "bar": number, "beat": k + 1, "phrase": phrase})
        return {"style": self.style.name, "seed": self.seed, "metre": list(self.style.metre[:2]) + [list(self.style.metre[2])],
                "drums": any(e[1] == 9 for e in self.events), "changing": len({bar.beats for bar in self.bars}) > 1,
                "beats": beats, "end_s": times[self.total],
                "bars": [{"start_s": times[bar.at], "beats": bar.beats} for bar in self.bars],
                "phrases": [{"start_s": times[start], "beats": n, "label": label} for start, n, label in self.phrases],
                "stops": [{"start_s": times[start], "end_s": times[start + n], "counts": n} for start, n in self.stops],
                "fermatas": [{"start_s": times[at], "end_s": times[at + 1]} for at, _ in self.fermatas]}

    def write_truth(self, path, speed=1.0, shift=0.0):
        with open(path, "w", encoding="utf-8") as out:
            json.dump(self.truth(speed, shift), out)
