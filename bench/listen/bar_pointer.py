#!/usr/bin/env python3
"""What a bar pointer alone makes of a song: beats and bars by one exact path over tempo and place in the bar.

    /usr/bin/python3 bar_pointer.py FOLDER … [--plain]

After Krebs, Böck, Widmer, "Rhythmic pattern modeling for beat and downbeat tracking in musical audio", ISMIR 2013, in the state space of their "An efficient state-space model
for joint tempo and meter tracking", ISMIR 2015. It hears what the listening net says (PIECE.heard, see train_net.py) or, `--plain`, what begins low, high and in all (PIECE.frames).
Tried beside the program's readings, which choose among whole songs; prints F of beats and of 1s (where bars are known) for each folder.
"""
import argparse
import glob
import json
import os

import numpy as np

STEP, SHORTEST, LONGEST = 0.02, 14, 60  # seconds a frame; frames of a beat
CHANGE = 100.0      # price of a change of tempo, as there
PART_OF_A_BEAT = 16  # the first of so many parts of a beat is the beat


def path(beat, one, beats_per_bar):
    """beat, one: probabilities. Returns the path's score and (frame, number) of its beats."""
    lengths = np.arange(SHORTEST, LONGEST + 1)
    n, frames = len(lengths), len(beat)
    starts = np.concatenate([[0], np.cumsum(lengths * beats_per_bar)])
    total = starts[-1]
    kind = np.zeros(total, np.int8)  # 0 between, 1 beat, 2 the 1
    for i, length in enumerate(lengths):
        for k in range(beats_per_bar):
            s = starts[i] + k * length
            kind[s:s + max(1, round(length / PART_OF_A_BEAT))] = 2 if k == 0 else 1
    first = np.array([[starts[i] + k * length for i, length in enumerate(lengths)] for k in range(beats_per_bar)])
    last = np.array([[starts[i] + (k + 1) * length - 1 for i, length in enumerate(lengths)] for k in range(beats_per_bar)])
    change = -CHANGE * np.abs(lengths[None, :] / lengths[:, None] - 1)  # from, to
    eps = 1e-4
    beat, one = np.clip(beat, eps, 1 - eps), np.clip(np.minimum(one, beat), eps, 1 - eps)
    said = np.stack([np.log((1 - beat) / (PART_OF_A_BEAT - 1)), np.log(np.maximum(beat - one, eps)), np.log(one)], 1)
    score = np.zeros(total)
    came = np.zeros((frames, beats_per_bar, n), np.uint8)
    for t in range(frames):
        moved = np.empty(total)
        moved[1:] = score[:-1]
        for k in range(beats_per_bar):
            options = score[last[(k - 1) % beats_per_bar]][:, None] + change
            best = options.argmax(0)
            came[t, k] = best
            moved[first[k]] = options[best, np.arange(n)]
        score = moved + said[t][kind]
    at = int(score.argmax())
    value = float(score[at])
    found = []
    i = int(np.searchsorted(starts, at, side="right")) - 1
    place = at - starts[i]
    k, into = place // lengths[i], place % lengths[i]
    t = frames - 1
    while t - into >= 0:
        t -= into
        found.append((t, k + 1))
        i = int(came[t, k, i])
        k, into = (k - 1) % beats_per_bar, lengths[i] - 1
        t -= 1
    return value, found[::-1]


def hits(found, truth):
    if len(found) == 0 or len(truth) == 0:
        return 0.0
    i = j = same = 0
    while i < len(found) and j < len(truth):
        if abs(found[i] - truth[j]) <= 0.07:
            same, i, j = same + 1, i + 1, j + 1
        elif found[i] < truth[j]:
            i += 1
        else:
            j += 1
    return 2.0 * same / (len(found) + len(truth))


def of_piece(piece, plain):
    with open(piece, encoding="utf-8") as file:
        truth = json.load(file)
    if plain:
        x = np.fromfile(piece[:-5] + ".frames", np.float32).reshape(-1, 37)
        strength = x[:, 0] + 0.5 * x[:, 1] + 0.3 * x[:, 2]
        beat = np.clip(strength / np.percentile(strength, 98), 0, 0.98)
        one = np.clip(beat * x[:, 1] / max(1e-6, np.percentile(x[:, 1], 98)), 0, 0.98)
    else:
        said = np.fromfile(piece[:-5] + ".heard", np.float32).reshape(-1, 3)
        beat, one = 1 / (1 + np.exp(-said[:, 0])), 1 / (1 + np.exp(-said[:, 1]))
    _, found = max((path(beat, one, n) for n in (3, 4)), key=lambda r: r[0])
    threes = truth["metre"][2] and all(g == 3 for g in truth["metre"][2])
    beats = [b["time_s"] for b in truth["beats"] if not threes or (b["beat"] - 1) % 3 == 0]
    ones = [b["start_s"] for b in truth["bars"]]
    return hits([t * STEP for t, _ in found], beats), hits([t * STEP for t, k in found if k == 1], ones) if truth.get("bars_known", True) else None


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folders", nargs="+")
    arguments.add_argument("--plain", action="store_true")
    chosen = arguments.parse_args()
    for folder in chosen.folders:
        told = [of_piece(p, chosen.plain) for p in sorted(glob.glob(os.path.join(folder, "*.json")))]
        print(f"{folder}: beats F {np.mean([b for b, _ in told]):.3f}, 1s F {np.mean([o for _, o in told if o is not None]):.3f} ({len(told)} pieces)", flush=True)


if __name__ == "__main__":
    main()
