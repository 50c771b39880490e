#!/usr/bin/env python3
"""Makes songs in the accompaniment styles of mma (Musical MIDI Accompaniment), which others wrote: MIDI, sound and exact truth, from recorded seeds.

    MMA="python3 …/mma" MMA_HOME=…/share/mma /usr/bin/python3 mma_set.py FOLDER --half learn|kept [--style waltz] [--list]

The style's chords, bass and drums are mma's; the form, the chords and the tune are drawn here: phrases of 8 to 36 counts, half-bars, stops, fills, pick-ups, with and
without drums, a drifting band. Needs mma once indexed (`mma -G`), python3-mido, fluidsynth, sox, ffmpeg and the sound fonts of make_set.py.
"""
import argparse
import glob
import json
import os
import random
import re
import shlex
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

import mido

from make_set import play, treat
from timeline import Timeline

SEEDS = {"learn": (1, 2), "kept": (9,)}
LATENCY = 0.0045  # seconds from a note in the file to its sound: half a block of the player and the sample's attack
SILENT = ("metronome", "none")
# What a style is danced as and how fast: felt beats a minute (common practice, no source). The first that fits a style's name holds.
FAMILIES = [("waltz", "vienes|fastwaltz|fastjazzwaltz", (150, 184)), ("waltz", "waltz|latinwaltz", (84, 136)), ("march", "march|dixie", (108, 126)), ("march", "polka|zydeco", (104, 132)),
            ("latin", "salsa|mambo|son$|cubanguitar", (150, 200)), ("latin", "samba|latinhouse|calypso|quando", (92, 126)), ("latin", "merengue", (120, 144)), ("latin", "tango", (112, 132)),
            ("latin", "cha|rhumba|beguine|bolero|bossa|latin|afro", (92, 132)), ("swing", "quickstep|charleston", (190, 208)), ("swing", "foxtrot|showtune|broadway|softshoe|strut", (108, 136)),
            ("swing", "jive|boog|twi|fastbigband|fastswing|bebop|gypsy", (150, 190)), ("swing", "slow.*(swing|jazz|bigband)|nitejazz|mellowjazz|evans", (66, 100)), ("swing", "swing|jazz|bigband|ragtime", (108, 176)),
            ("ballad", "ballad|hymn|lullaby|serenade|spiritual|slow|arpeggio|ambient", (56, 96)), ("country", "bluegrass|hillcountry", (96, 126)), ("country", "country|western|folk|desert|kwest", (84, 132)),
            ("blues", "blues|soul|r\\+b|rb|gospel", (68, 128)), ("club", "trance|techno|house|rave|dance|disco|electric|digital|boneym", (112, 142)), ("club", "hip|funk|fusion|16", (78, 116)), ("rock", "metal|fasttwist", (124, 180)),
            ("rock", "", (88, 144))]
CELLS = {"major": {"open": ["C C F C", "C Am F G", "C Em F G", "C G Am F", "C C7 F Fm", "C A7 Dm G7", "C C:G7 C G7", "Am F C G", "C F C:Am G7", "F C Dm C"],
                   "close": ["F G7 C C", "Dm G7 C C", "F C G7 C", "C:F C G7 C", "Am D7 G7 C", "Dm:G7 C:A7 Dm:G7 C"], "other": ["F F C C", "E7 E7 Am Am", "D7 D7 G7 G7", "Am Em F C", "F G Em Am", "Bb F C C"]},
         "minor": {"open": ["Am Am Dm Am", "Am G F E7", "Am F C G", "Am Dm E7 Am", "Am C G Dm", "Am Em F E7"], "close": ["Dm Am E7 Am", "F E7 Am Am", "Dm:E7 Am E7 Am", "C G E7 Am", "F G Am Am"],
                   "other": ["C C G G", "F F C C", "Dm Dm Am Am", "Dm G C F", "C G Am E7"]}}
CHORDS = {"C": (0, 4, 7), "C7": (0, 4, 7), "Am": (9, 0, 4), "F": (5, 9, 0), "Fm": (5, 8, 0), "G": (7, 11, 2), "G7": (7, 11, 2), "Em": (4, 7, 11), "A7": (9, 1, 4), "Dm": (2, 5, 9), "D7": (2, 6, 9), "E7": (4, 8, 11), "Bb": (10, 2, 5)}
FORMS = ["IABABE", "IABABCBE", "AABAABE", "IABCABE", "ABABCB", "IAABABE"]
COUNTS = {"I": (8, 16, 16, 32, 4), "A": (16, 32, 32, 24, 12, 20, 36, 48), "B": (16, 32, 32, 24, 12, 20, 36), "C": (16, 24, 8, 12, 32), "E": (8, 16, 16)}
TUNES = (0, 4, 24, 25, 26, 40, 52, 53, 56, 61, 64, 65, 66, 71, 73, 75, 80, 81, 105)


def family_of(style):
    return next((name, tempi) for name, words, tempi in FAMILIES if re.search(words, style))


def mma(folder, name, text, *more):
    chart = os.path.join(folder, name + ".mma")
    with open(chart, "w", encoding="utf-8") as file:
        file.write(text)
    done = subprocess.run(shlex.split(os.environ.get("MMA", "mma")) + [*more, chart], stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True, env=dict(os.environ, PYTHONHASHSEED="0"))
    os.remove(chart)
    return done.stdout


def place_of(path):
    return "/".join(path.split("/")[-2:])[:-4]


def name_of(place, seed):
    return place.replace("/", "_").replace("+", "n") + f"-{seed}"


def grooves_of(path, folder):
    """The metre of a style's first groove (mma's beats a bar, beats of the written unit, unit) and the grooves that share it. A beat of mma may be any note in 6/8."""
    with open(path, encoding="latin-1") as file:
        names = re.findall(r"^\s*DefGroove\s+(\S+)", file.read(), re.M | re.I)
    place = place_of(path)
    asked = "".join(f"Groove {place}:{n}\nPrint BAR {n} $_Time $_TimeSig\n" for n in names)
    found = re.findall(r"^BAR (\S+) ([\d.]+) (\d+)/(\d+)", mma(folder, place.replace("/", "_") + ".probe", asked + "1 C\n", "-n"), re.M)

    def metre(time, top, unit):
        if time == 6 and unit == 4 or unit == 8 and top % 3 == 0 and top > 3:
            return (time, top if unit == 8 else 6, 8)
        return (time, int(time), 4)  # some styles carry a wrong signature

    kinds = {n: metre(float(t), int(a), int(b)) for n, t, a, b in found}
    if not names or names[0] not in kinds or kinds[names[0]][1] < 2 or (kinds[names[0]][2] == 4 and not kinds[names[0]][0].is_integer()):
        return None
    return place, kinds[names[0]], [n for n in names if kinds.get(n) == kinds[names[0]]]


class Song:
    def __init__(self, place, metre, grooves, seed):
        self.name = name_of(place, seed)
        rng = self.rng = random.Random(self.name)
        self.place, self.seed, self.grooves = place, seed, grooves
        self.family, tempi = family_of(place.split("/")[1].lower())
        own, self.beats, self.unit = metre
        self.scale = self.beats / own  # written beats in one of mma's
        self.felt = self.beats // 3 if self.unit == 8 else self.beats  # counts of a bar
        self.tempo = round(rng.uniform(*tempi), 1)
        self.bars = []       # (groove, words of the bar, beats that sound, phrase starts here)
        self.compose()

    def words(self, kind, count):
        cells, out = CELLS[self.mode], []
        while count - len(out) > 4:
            out += self.rng.choice(cells["other" if kind == "C" else "open"]).split()
        out += self.rng.choice(cells["close"]).split()
        return out[-count:] if len(out) > count else out

    def compose(self):
        rng = self.rng
        self.mode = rng.choice(("major", "major", "minor"))
        named = lambda word: [g for g in self.grooves if word in g.lower()]
        plain = [g for g in self.grooves if not re.search("intro|end|fill|coda", g.lower())] or self.grooves[:1]
        of = {k: rng.choice(plain) for k in "ABC"}
        of["A"] = plain[0]
        of["I"] = rng.choice(named("intro") + plain[:2])
        of["E"] = rng.choice(named("end") + plain[:1])
        shape = {}
        for k in "IABCE":
            fitting = [c // self.felt for c in COUNTS[k] if c % self.felt == 0 and 1 < c // self.felt <= 16] or [8]
            first = rng.choice(fitting)
            shape[k] = [first] * (2 if k in "AB" and first * self.felt <= 32 and rng.random() < 0.6 else 1)
            if k in "AB" and len(shape[k]) == 2 and rng.random() < 0.15:
                shape[k][1] = rng.choice(fitting)
        chords = {k: [self.words(k, n) for n in shape[k]] for k in "IABCE"}
        form, seconds = rng.choice(FORMS), rng.uniform(65, 105)
        half = rng.choice("AB") if rng.random() < 0.15 and self.felt in (2, 4) else ""   # a bar of half the length ends its last phrase
        stop = rng.choice("AB") if rng.random() < 0.15 else ""
        fills, pickup = named("fill"), rng.random() < 0.3
        if pickup:
            self.pickup = rng.choice((1, 1, 2)) * self.beats // self.felt
            self.bars.append((of["A"], ["C" if self.mode == "major" else "Am"], -self.pickup, False))
        else:
            self.pickup = 0
        for k in form:
            if sum(abs(b[2]) for b in self.bars) * 60 * self.felt / self.beats / self.tempo > seconds and k != "E":
                continue
            for p, phrase in enumerate(chords[k]):
                for j, word in enumerate(phrase):
                    last = j == len(phrase) - 1
                    groove = rng.choice(fills) if last and fills and k in "AB" and rng.random() < 0.5 else of[k]
                    length = self.beats // 2 if last and k == half and p == len(chords[k]) - 1 else self.beats
                    parts = word.split(":")
                    self.bars.append((groove, parts + ["stop"] if last and k == stop and p == len(chords[k]) - 1 else parts, length, j == 0))

    def middle(self):
        return {12: 6, 9: 6, 6: 3, 5: 3, 3: 2, 7: 4}.get(self.beats, self.beats // 2)

    def chart(self, shift):
        out = [f"RndSeed {self.rng.randrange(1 << 30)}", "Tempo 120", f"Transpose {shift}"]
        for number, (groove, parts, length, starts) in enumerate(self.bars, 1):
            if starts:
                out.append(f"MidiMark p{number}")
            chords = [(0, parts[0])]
            if len(parts) > 1 and parts[1] != "stop":
                chords.append((self.middle(), parts[1]))
            if "stop" in parts:
                chords.append((self.beats // self.felt, "z!"))
            if length < 0:  # the pick-up: silence, then so many beats
                chords = [(0, "z!"), (self.beats + length, parts[0])]
            if 0 < length < self.beats:
                chords = [c for c in chords if c[0] < length] + [(length, "z!")]
            out += [f"Groove {self.place}:{groove}", f"{number} " + " ".join(word if at == 0 else f"{word}@{1 + at / self.scale:g}" for at, word in chords)]
            if 0 < length < self.beats:
                out.append(f"BeatAdjust {(length - self.beats) / self.scale:g}")
        return "\n".join(out) + "\n"

    def starts(self):
        """The written beat at which each bar begins."""
        at, out = 0, []
        for _, _, length, _ in self.bars:
            out.append(at)
            at += self.beats if length < 0 else length
        return out, at

    def tune(self, shift):
        """(beat, length, key, loudness): a motif for each kind of phrase, its pitches from the chords; notes may begin before the phrase."""
        rng = self.rng
        grid = 3 if self.unit == 8 else rng.choice((2, 2, 4))
        step = 3 / grid if self.unit == 8 else 1 / grid
        swing = self.unit == 4 and grid == 2 and self.family in ("swing", "blues") and 2 / 3 or 0.5
        motifs, notes, (starts, _) = {}, [], self.starts()
        key = 67 + rng.randint(-5, 7)
        phrase = 0
        for (groove, parts, length, begins), start in zip(self.bars, starts):
            if begins:
                phrase, where = rng.randrange(4), 0
            if length < 0 or phrase == 3:
                continue
            beats = abs(length)
            motif = motifs.setdefault((phrase, where % 2), sorted(k for k in range(int(self.beats / step)) if rng.random() < (0.62 if k * step % (3 if self.unit == 8 else 1) == 0 else 0.34)))
            where += 1
            for k, after in zip(motif, motif[1:] + [int(self.beats / step)]):
                at = k * step
                if at >= beats or "stop" in parts and at >= 1:
                    break
                if swing != 0.5 and at % 1 == 0.5:
                    at = at // 1 + swing
                chord = CHORDS[parts[1] if len(parts) > 1 and parts[1] != "stop" and at >= self.middle() else parts[0]]
                near = [n for n in range(key - 5, key + 6) if (n - shift) % 12 in chord]
                key = min(84, max(57, rng.choice(near))) if near else key
                notes.append((start + at, min(after * step - k * step, beats - at) * rng.uniform(0.6, 0.98), key, rng.randint(72, 104)))
        return notes

    def render(self, folder):
        rng, shift = self.rng, self.rng.randint(-5, 6)
        midi = os.path.join(folder, self.name + ".mid")
        said = mma(folder, self.name, self.chart(shift), "-f", midi)
        if not os.path.exists(midi):
            raise RuntimeError(self.name + ": " + said[-300:])
        file = mido.MidiFile(midi)
        starts, end = self.starts()
        marks, events = {}, []
        for track in file.tracks:
            tick = 0
            for e in track:
                tick += e.time
                if e.type == "marker":
                    marks[e.text] = self.scale * tick / file.ticks_per_beat
                if not e.is_meta:
                    events.append((self.scale * tick / file.ticks_per_beat, e))
        for number, (bar, start) in enumerate(zip(self.bars, starts), 1):
            if bar[3] and abs(marks[f"p{number}"] - start) > 0.01:
                raise RuntimeError(f"{self.name}: mma has phrase {number} elsewhere")
        # Which players are heard
        dropped = set()
        if rng.random() < 0.25:
            dropped.add(9)
        channels = sorted({e.channel for _, e in events if e.type == "note_on"})
        for c in channels:
            if c != 9 and len(channels) - len(dropped) > 2 and rng.random() < 0.1:
                dropped.add(c)
        loud = {c: rng.uniform(0.6, 1.0) for c in range(16)}
        events = [(at, e) for at, e in events if not (e.type in ("note_on", "note_off") and e.channel in dropped)]
        if rng.random() < 0.75 and 0 not in channels:
            events.append((0, mido.Message("program_change", channel=0, program=rng.choice(TUNES))))
            late = rng.gauss(0, 0.01)
            for at, length, key, velocity in self.tune(shift):
                events += [(max(0, at + late), mido.Message("note_on", channel=0, note=key, velocity=velocity)), (at + length, mido.Message("note_off", channel=0, note=key))]
        first = self.beats - self.pickup if self.pickup else 0  # beats of silence that the pick-up's bar begins with
        drift = rng.choice((0, 0, 0, 0.0015, 0.003, 0.005))
        slow = rng.choice((0, 0, 0, 0, self.beats, 2 * self.beats))
        lead = rng.uniform(0.05, 0.9)
        line = Timeline(end + 8 * self.beats, self.tempo * self.beats / self.felt, 0, rng, drift, 0, 0)
        if slow:
            for i in range(end - slow, len(line.times) - 1):
                gap = line.times[i + 1] - line.times[i]
                line.times[i + 1:] = [t + gap * 0.04 * (i - end + slow + 1) for t in line.times[i + 1:]]
        offset = lead - line.seconds(first)
        seconds = lambda at: offset + line.seconds(at)
        hands = rng.choice((0, 0.002, 0.005, 0.008))
        out = mido.MidiFile(ticks_per_beat=5000)  # at 120, so a tick is 0.1 ms
        out.tracks.append(mido.MidiTrack([mido.MetaMessage("set_tempo", tempo=500000)]))
        placed = []
        for at, e in events:
            place = max(0.0, seconds(at) + (rng.gauss(0, hands) if e.type == "note_on" else 0))
            if e.type == "note_on" and e.velocity:
                e = e.copy(velocity=max(1, int(e.velocity * loud[e.channel])))
            placed.append((round(place * 10000), e.type == "note_on" and e.velocity > 0, e))
        placed.sort(key=lambda x: x[:2])
        now, track = 0, mido.MidiTrack()
        for tick, _, e in placed:
            track.append(e.copy(time=tick - now))
            now = tick
        quiet = round(10000 * (seconds(end) + 3)) - now  # some styles leave notes on for ever
        track.extend(mido.Message("control_change", channel=c, control=120, time=max(0, quiet) if c == 0 else 0) for c in range(16))
        out.tracks.append(track)
        out.save(midi)
        raw = os.path.join(folder, self.name + ".raw.wav")
        play(rng, midi, raw)
        speed = treat(rng, raw, self.name, folder)
        os.remove(raw)
        os.remove(midi)
        self.write_truth(folder, lambda at: (seconds(at) + LATENCY) / speed, 9 not in dropped, first, starts, end)

    def write_truth(self, folder, seconds, drums, first, starts, end):
        beats, bars, phrases = [], [], []
        for (_, _, length, begins), start in zip(self.bars, starts):
            if length < 0:
                beats += [{"time_s": round(seconds(start + k), 4), "beat": k + 1} for k in range(first, self.beats)]
                continue
            beats += [{"time_s": round(seconds(start + k), 4), "beat": k + 1} for k in range(length)]
            bars.append({"start_s": round(seconds(start), 4), "beats": length})
            if begins:
                phrases.append({"start_s": round(seconds(start), 4)})
        with open(os.path.join(folder, self.name + ".json"), "w", encoding="utf-8") as file:
            json.dump({"style": self.place, "source": "mma " + self.family, "seed": self.seed, "name": self.name, "metre": [self.beats, self.unit, [3] * self.felt if self.unit == 8 else []],
                       "bars_known": True, "changing": False, "drums": drums, "end_s": round(seconds(end), 4), "fermatas": [], "beats": beats, "bars": bars, "phrases": phrases}, file)


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folder")
    arguments.add_argument("--half", choices=SEEDS, required=True)
    arguments.add_argument("--style", default="")
    chosen = arguments.parse_args()
    os.makedirs(chosen.folder, exist_ok=True)
    paths = sorted(p for p in glob.glob(os.path.join(os.environ["MMA_HOME"], "lib", "*", "*.mma")) if "/zoom/" not in p and not os.path.basename(p).startswith(SILENT) and chosen.style in p)

    def make(path):
        made = 0
        left = [seed for seed in SEEDS[chosen.half] if not os.path.exists(os.path.join(chosen.folder, name_of(place_of(path), seed) + ".json"))]
        found = grooves_of(path, chosen.folder) if left else None
        if left and not found:
            return path + ": no groove with whole counts"
        for seed in left:
            try:
                Song(*found, seed).render(chosen.folder)
                made += 1
            except Exception as error:  # one style that fails is no reason to stop
                return f"{path}: {error}"
        return made

    with ThreadPoolExecutor(2) as pool:
        done = list(pool.map(make, paths))
    print(f"{sum(d for d in done if isinstance(d, int))} songs in {chosen.folder}", file=sys.stderr)
    for d in done:
        if not isinstance(d, int):
            print(d, file=sys.stderr)


if __name__ == "__main__":
    main()
