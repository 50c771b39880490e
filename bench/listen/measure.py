#!/usr/bin/env python3
"""Measures the song analysis on a folder of made-up pieces (make_set.py), beside two neighbours, in one run.

    /usr/bin/python3 measure.py FOLDER --build ../../build/release [--limit N]

Beats, continuity and downbeats by the measures of Davies, Degara, Plumbley, "Evaluation methods for musical audio beat
tracking algorithms", 2009, as Debian's python3-mir-eval computes them (F with ±70 ms; CMLt, AMLt). Phrases: F of their
starts within a beat. Truth comes from the pieces' own timelines. Neighbours: aubio's and qm-dsp's beat trackers.
"""
import argparse
import glob
import json
import os
import subprocess
from concurrent.futures import ThreadPoolExecutor

import mir_eval
import numpy as np


def beats_of(command):
    done = subprocess.run(command, capture_output=True, text=True)
    times = []
    for line in done.stdout.split("\n"):
        try:
            times.append(float(line.split()[0]))
        except (ValueError, IndexError):
            pass
    return np.array(times)


def measure(times, truth):
    if len(times) < 2 or len(truth) < 2:
        return 0.0, 0.0, 0.0
    _, cmlt, _, amlt = mir_eval.beat.continuity(truth, times)
    return mir_eval.beat.f_measure(truth, times, 0.07), cmlt, amlt


def hit_f(found, truth, tolerance):
    if len(found) == 0 or len(truth) == 0:
        return 0.0
    hits = len(mir_eval.util.match_events(np.array(truth), np.array(found), tolerance))
    return 2.0 * hits / (len(found) + len(truth))


def piece(path, build):
    with open(path, encoding="utf-8") as file:
        truth = json.load(file)
    sound = next(p for p in (path[:-5] + ".flac", path[:-5] + ".mp3") if os.path.exists(p))
    beats = np.array([b["time_s"] for b in truth["beats"]])
    ones = np.array([b["start_s"] for b in truth["bars"]])
    starts = [p["start_s"] for p in truth["phrases"]]
    done = subprocess.run([os.path.join(build, "lift-count-cli"), "map", sound, "--json"], capture_output=True, text=True)
    row = {"name": os.path.basename(path)[:-5], "style": truth["style"], "metre": truth["metre"], "changing": truth["changing"], "drums": truth["drums"]}
    gap = float(np.median(np.diff(beats)))
    threes = truth["metre"][1] == 8 and truth["metre"][2] and all(g == 3 for g in truth["metre"][2])
    row["bpm"] = 60 / gap / (3 if threes else 1)
    row["group"] = "six-eight" if threes else "uneven" if truth["metre"][1] == 8 or truth["metre"][0] == 5 else "three-time" if truth["metre"][0] == 3 else "two and four"
    if done.returncode == 0:
        map_ = json.loads(done.stdout)
        found = np.array([b["time_s"] for b in map_["beats"]])
        row["ours"] = measure(found, beats)
        row["ones"] = hit_f([b["start_s"] for b in map_["bars"]], ones, 0.07)
        row["phrases"] = hit_f([p["start_s"] for p in map_["phrases"]], starts, gap)
        off = [found[np.argmin(np.abs(found - t))] - t for t in beats]
        near = [o for o in off if abs(o) < 0.07]
        row["error"] = (float(np.median(np.abs(near))), float(np.median(near))) if near else (0.07, 0.0)
        row["metre_right"] = bool(map_["metre"].split(":")[0] == f"{truth['metre'][0]}/{truth['metre'][1]}")
    else:
        row.update(ours=(0.0, 0.0, 0.0), ones=0.0, phrases=0.0, error=(0.07, 0.0), metre_right=False)
    row["aubio"] = measure(beats_of(["aubio", "beat", sound]), beats)
    row["qm"] = measure(beats_of([os.path.join(build, "bench", "neighbour_qm"), sound]), beats)
    return row


def show(title, rows):
    if not rows:
        return
    mean = lambda values: float(np.mean(list(values)))
    print(f"{title:<26}{len(rows):>4}  "
          f"{mean(r['ours'][0] for r in rows):.3f} {mean(r['ours'][1] for r in rows):.3f} {mean(r['ours'][2] for r in rows):.3f}   "
          f"{mean(r['ones'] for r in rows):.3f}  {mean(r['phrases'] for r in rows):.3f}   "
          f"{1000 * float(np.median([r['error'][0] for r in rows])):5.1f} {1000 * float(np.median([r['error'][1] for r in rows])):+5.1f}   "
          f"{mean(r['metre_right'] for r in rows):.2f}   "
          f"{mean(r['aubio'][0] for r in rows):.3f} {mean(r['aubio'][2] for r in rows):.3f}   {mean(r['qm'][0] for r in rows):.3f} {mean(r['qm'][2] for r in rows):.3f}")


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folder")
    arguments.add_argument("--build", default=os.path.join(os.path.dirname(__file__), "../../build/release"))
    arguments.add_argument("--limit", type=int, default=0)
    arguments.add_argument("--each", action="store_true", help="a line for each piece; never for the kept half")
    chosen = arguments.parse_args()
    paths = sorted(glob.glob(os.path.join(chosen.folder, "*.json")))
    if chosen.limit:
        paths = paths[:: max(1, len(paths) // chosen.limit)]
    with ThreadPoolExecutor(2) as pool:
        rows = list(pool.map(lambda p: piece(p, chosen.build), paths))
    if chosen.each:
        for r in rows:
            print(f"{r['name']:<22} F {r['ours'][0]:.2f} AMLt {r['ours'][2]:.2f} ones {r['ones']:.2f} phrases {r['phrases']:.2f} metre {r['metre_right']}")
    print(f"{'':<26}{'n':>4}  {'F':<5} {'CMLt':<5} {'AMLt':<5}   {'ones':<5}  {'phr.':<5}   error  bias   metre  aubio F/AMLt  qm-dsp F/AMLt")
    show("all", rows)
    for group in ("two and four", "three-time", "six-eight", "uneven"):
        show(group, [r for r in rows if r["group"] == group])
    show("below 90 bpm", [r for r in rows if r["bpm"] < 90 and r["group"] != "uneven"])
    show("above 150 bpm", [r for r in rows if r["bpm"] > 150 and r["group"] != "uneven"])
    show("bars of changing length", [r for r in rows if r["changing"]])
    show("without drums", [r for r in rows if not r["drums"]])


if __name__ == "__main__":
    main()
