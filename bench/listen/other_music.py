#!/usr/bin/env python3
"""Music by other people as pieces that the tools here read: truth from a score beside its sound.

    /usr/bin/python3 other_music.py SOURCE_FOLDER PIECE_FOLDER [--truth FOLDER] [--source NAME]

SOURCE_FOLDER holds NAME.wav; it or the truth's folder NAME.beats.csv (time_s,bar_index,beat_in_bar; bars may be empty) and NAME.json (kind,
source_package, metre, bars_known, duration_s, sections: time_s; perhaps quality). A beat of 6/8, 9/8, 12/8 is the dotted quarter there; a map has
the eighths, so they are put in evenly. Writes PIECE_FOLDER/NAME.json, which names the sound. `--source` says what is left out together when figures
for music that was not learned from are wanted; otherwise it is the package's name. Left out are pieces whose own quality says that the notes do not lie on the score's grid.
"""
import argparse
import csv
import glob
import json
import os
import re

import numpy as np

COMPOUND = {"6/8": 2, "9/8": 3, "12/8": 4}
ON_GRID = 0.68       # share of the onsets that must lie on the sixteenths of the score
MOST_SPREAD = 30     # ms between the quartiles of how late the nearest onsets are
LEAST_BEATS = 40
SLOWEST, FASTEST = 50, 230  # felt beats a minute; beyond, the score's beat is hardly the one that is felt


def read_beats(path):
    with open(path, newline="", encoding="utf-8") as file:
        rows = list(csv.DictReader(file))
    return [(float(r["time_s"]), int(r["bar_index"]) if r["bar_index"] else None, int(r["beat_in_bar"]) if r["beat_in_bar"] else None) for r in rows]


def with_eighths(beats):
    out = []
    for k, (time, bar, number) in enumerate(beats):
        after = beats[k + 1][0] if k + 1 < len(beats) else 2 * time - beats[k - 1][0]
        out += [(time + part * (after - time) / 3, bar, 3 * (number - 1) + 1 + part if number else None) for part in range(3)]
    return out


def trusted_bars(info):
    """Whether nothing in the notes speaks against the bars of a score in 4/4, which is also what stands where no metre was given: the 1 has most of what tells
    of it (bass, cymbals, new chords), or nearly most and the song repeats itself at bars."""
    if info["metre"] != "4/4" or not info.get("bars_known", False) or info.get("source_package"):
        return info.get("bars_known", False)
    evidence = info.get("quality", {}).get("downbeat_evidence") or []
    if len(evidence) < 2 or max(evidence) <= 0:
        return False
    if evidence[0] >= 1.2 * max(evidence[1:]):
        return True
    likeness = {int(k): v for k, v in info["quality"].get("lag_similarity", {}).items()}
    peak = lambda lag: lag in likeness and all(likeness[lag] > likeness[k] for k in (lag - 1, lag + 1) if k in likeness)
    return evidence[0] >= 0.8 * max(evidence) and (peak(4) or peak(8))


def piece_of(name, sound, truth, source):
    with open(os.path.join(truth, name + ".json"), encoding="utf-8") as file:
        info = json.load(file)
    beats = read_beats(os.path.join(truth, name + ".beats.csv"))
    quality = info.get("quality", {})
    pace = info["tempo_bpm"]["median"]
    if len(beats) < LEAST_BEATS or quality.get("grid_fit", 1) < ON_GRID or quality.get("on_beat_iqr_ms", 0) > MOST_SPREAD or not SLOWEST <= pace <= FASTEST:
        return None
    metre = max((info["metre"] if "/" in info["metre"] else m for m in info["metres"]), key=lambda m: int(m.split("/")[0]) / int(m.split("/")[1]))  # the others are half-bars and pick-ups
    top, unit = (int(x) for x in metre.split("/"))
    if unit > 8:
        return None
    groups = [3] * COMPOUND[metre] if metre in COMPOUND else []
    if groups:
        beats = with_eighths(beats)
    known = trusted_bars(info) and all(number is not None for _, _, number in beats)
    bars = []
    if known:
        for k, (time, bar, number) in enumerate(beats):
            if number == 1:
                bars.append([time, 0])
            if bars:
                bars[-1][1] += 1
    return {
        "style": source, "source": source, "seed": 0, "name": name, "sound": os.path.abspath(sound), "metre": [top, unit, groups], "bars_known": known,
        "changing": len(info.get("metres", [])) > 1, "end_s": info["duration_s"], "fermatas": [],
        "beats": [{"time_s": round(time, 4), "beat": number or 0} for time, _, number in beats],
        "bars": [{"start_s": round(time, 4), "beats": n} for time, n in bars],
        "phrases": [{"start_s": s["time_s"]} for s in info.get("sections", [])],
    }


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("sounds")
    arguments.add_argument("pieces")
    arguments.add_argument("--truth", help="where the truth lies, if not beside the sound")
    arguments.add_argument("--source")
    chosen = arguments.parse_args()
    os.makedirs(chosen.pieces, exist_ok=True)
    kept, left = 0, []
    for sound in sorted(glob.glob(os.path.join(chosen.sounds, "*.wav"))):
        name = os.path.splitext(os.path.basename(sound))[0]
        truth = chosen.truth or chosen.sounds
        if not os.path.exists(os.path.join(truth, name + ".json")):
            continue
        with open(os.path.join(truth, name + ".json"), encoding="utf-8") as file:
            package = json.load(file).get("source_package")
        piece = piece_of(name, sound, truth, chosen.source or package or "other")
        if piece is None:
            left.append(name)
            continue
        kept += 1
        with open(os.path.join(chosen.pieces, re.sub(r"[^A-Za-z0-9_-]", "_", name) + ".json"), "w", encoding="utf-8") as file:
            json.dump(piece, file)
    print(f"{kept} pieces, {len(left)} left out: {', '.join(left) or 'none'}")


if __name__ == "__main__":
    main()
