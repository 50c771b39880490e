#!/usr/bin/env python3
"""Trains the models of the song analysis on the pieces that may be looked at.

    /usr/bin/python3 train.py FOLDER[:WEIGHT][,FOLDER[:WEIGHT]] places|ones|readings|phrases --build ../../build/release [--leave SOURCE,…]

WEIGHT is a folder's share of what is learned from, so that no kind of music drowns the others. `--leave` leaves out whole sources (as the pieces' JSON names them, else the
beginning of a piece's name), prints the figures for them alone and, without `--write`, writes nothing.

places    two logistic models, printed as beat_evidence.cpp holds them: is this eighth the 1 of an uneven bar, the head of a group
ones      src/audio/listening/one_net.inc, written in place: three small nets, is this beat the 1 of a bar
readings  src/audio/listening/reading_net.inc, written in place: four small nets that judge a reading of pulse and bars, by
          conditional logit over all readings of a piece
phrases   src/audio/listening/phrase_net.inc, written in place: three small nets, does a phrase begin with this bar
Needs python3-numpy. Held-out figures are printed first: every third piece left out.
"""
import argparse
import glob
import json
import os
import subprocess
from concurrent.futures import ThreadPoolExecutor

import numpy as np

import provenance

HERE = os.path.dirname(os.path.abspath(__file__))
JUDGED = 100  # cues of a reading that the program gathers; behind them stand those of further_cues.h
# Which cue stands where in cuesOf() of reading_cues.cpp, for the table of what each is worth.
WITNESSES = {
    "onsets on the beats against what lies between": [*range(0, 8), *range(12, 15), 17, 18, 21, *range(46, 49)],
    "the tracker's own score, how the pulse was found": [8, 15, 19, 20],
    "every second beat otherwise (limping, low and high by turns)": [9, 49, 50, 51],
    "the tempo itself": [10, 11, 16],
    "how people like to count (resonance; below 60, above 200)": [*range(70, 74)],
    "how well the bars' 1s are placed (evidence of single beats)": [22, 23, 82, 83],
    "odd bars": [24],
    "how long a bar is, of how many beats": [25, 26, *range(29, 46), 52, 53, 54],
    "onsets alike a bar later": [27, 28],
    "telling moments: where it begins and ends, greatest changes": [*range(55, 62), *range(96, 100)],
    "the net's word for beats": [*range(62, 70)],
    "the net's word for 1s": [*range(74, 79)],
    "the net's word for phrases": [95],
    "harmony alike a bar and two bars later": [79, 80, 81],
    "harmony, bass, loudness, low and high on the 1s": [*range(84, 91)],
    "the same in the middle of bars": [*range(91, 95)],
}
ANY = 100.0  # deviations: a cue may be as strange as it likes
SOURCES = os.path.join(HERE, "../../src/audio/listening")


class Pieces:
    """What is known of the pieces besides their rows: where they lie, from whom they are, how much each is learned from."""

    def __init__(self, chosen):
        self.paths, self.source, self.folder, share = [], {}, {}, {}
        self.shares = []  # name, weight and number of pieces of each folder
        for part in chosen.folder.split(","):
            folder, _, weight = part.partition(":")
            found = sorted(glob.glob(os.path.join(folder, "*.json")))
            self.paths += found
            self.shares.append((folder, float(weight) if weight else len(found), len(found)))
            for path in found:
                name = os.path.splitext(os.path.basename(path))[0]
                with open(path, encoding="utf-8") as file:
                    self.source[name] = json.load(file).get("source", "made up")
                self.folder[name] = folder
                share[name] = (float(weight) if weight else len(found)) / len(found)
        self.share = share
        left = [n for n in (chosen.leave or "").split(",") if n]
        self.left = {n for n in self.source if any(self.source[n] == away or n.startswith(away) for away in left)}

    def drawn(self, names):
        """How often each of some pieces is drawn while learning."""
        weights = np.array([self.share[n] for n in names])
        return weights / weights.sum()


def rows_of(kind, chosen, labels):
    if chosen.rows and os.path.exists(chosen.rows):
        kept = np.load(chosen.rows)
        return kept["names"], kept["values"][:, :labels], kept["values"][:, labels:]
    paths = Pieces(chosen).paths
    tool = os.path.join(chosen.build, "bench", "training_rows")
    parts = [paths[k::40] for k in range(40)]  # small ones, so that both processors have work to the end
    with ThreadPoolExecutor(2) as pool:
        texts = pool.map(lambda part: subprocess.run([tool, kind, *part], capture_output=True, text=True, check=True).stdout if part else "", parts)
    table = [line.split(",") for text in texts for line in text.splitlines()]
    names = np.array([r[0] for r in table])
    values = np.array([[float(v) for v in r[1:]] for r in table], np.float32)
    if chosen.rows:
        np.savez(chosen.rows, names=names, values=values)
    return names, values[:, :labels], values[:, labels:]


def logistic(x, y, weight, l2=8.0):
    a = np.hstack([x, np.ones((len(x), 1))])
    w = np.zeros(a.shape[1])
    ridge = np.diag([l2] * x.shape[1] + [1e-6])
    for _ in range(60):
        p = 1 / (1 + np.exp(-a @ w))
        g = a.T @ (weight * (p - y)) + np.append(l2 * w[:-1], 0)
        w -= np.linalg.solve((a * (weight * p * (1 - p))[:, None]).T @ a + ridge, g)
    return w


def around(names, x, reach):
    """Each row with those before and after it in the same piece."""
    out = np.zeros((len(x), x.shape[1] * (2 * reach + 1)))
    for name in sorted(set(names)):
        i = np.where(names == name)[0]
        for k, s in enumerate(range(-reach, reach + 1)):
            moved = np.roll(x[i], -s, axis=0)
            if s > 0:
                moved[-s:] = 0
            if s < 0:
                moved[:-s] = 0
            out[i, k * x.shape[1]:(k + 1) * x.shape[1]] = moved
    return out


def show(title, w, width, odds):
    print(title)
    for k in range(0, len(w) - 1, width):
        print("    {" + ", ".join(f"{v:.3f}" for v in w[k:k + width]) + "},")
    print(f"    constant {w[-1]:.3f}, odds of any {odds:.2f}")


def places(chosen):
    names, labels, cues = rows_of("beats", chosen, 2)
    cues = cues[:, :7]  # without what the listening net says
    x = around(names, cues, 2)
    uneven = np.array([n.startswith(("seven", "nine")) for n in names])
    counts = {n: np.sum(names == n) for n in set(names)}
    weight = np.array([100 / counts[n] for n in names])
    for title, y in (("unevenOneModel", labels[:, 0]), ("unevenGroupModel", labels[:, 1])):
        share = y[uneven].mean()
        show(title, logistic(x[uneven], y[uneven], weight[uneven], 10.0), cues.shape[1], float(np.log(share / (1 - share))))


def at_each_row(chosen, names, labels, cues, reach, furthest, net_name, weight_of, **how):
    """Nets that say of each row of a piece, from the rows around it, whether it is such a place."""
    mean, scale, z = standard(around(names, cues, reach), furthest)
    pieces = sorted(set(names))
    index = {p: np.where(names == p)[0] for p in pieces}
    known = Pieces(chosen)
    fit = lambda some, seed: fit_net([(z[index[p]], labels[index[p]]) for p in some], lambda a, y: weight_of(y) * (1 / (1 + np.exp(-a)) - y), seed, batch=2, drawn=known.drawn(some), **how)

    def told(nets, some):
        rows = np.concatenate([index[p] for p in some])
        said, true = judged(nets, z[rows]), labels[rows]
        return np.where(true > 0, -np.log1p(np.exp(-said)), -np.log1p(np.exp(said)))

    def report(title, told):
        provenance.tell(f"{title}: mean logarithm of the odds given {np.mean(told):.4f} ({len(told)} rows)")

    held = held_out(pieces, known)
    report("left out" if known.left else "held out", told([fit([p for p in pieces if p not in held], k) for k in range(3)], held))
    if chosen.held_only or (known.left and not chosen.write):
        return
    learned = [p for p in pieces if p not in known.left]
    nets = [fit(learned, k) for k in range(3)]
    report("all", told(nets, learned))
    share = float(np.mean([labels[index[p]].mean() for p in pieces]))
    write_nets(net_name, known, mean, scale, furthest, nets, np.log(share / (1 - share)))


def ones(chosen):
    names, labels, cues = rows_of("beats", chosen, 2)
    steady = np.array([not n.startswith(("seven", "nine")) for n in names])
    at_each_row(chosen, names[steady], labels[steady, 0], cues[steady], 8, ANY, "one", lambda y: 100 / len(y), l2=chosen.l2 or 0.06, rounds=chosen.rounds or 30, rate=0.005, width=chosen.width, noise=chosen.noise, drop=chosen.drop)


def phrases(chosen):
    names, labels, cues = rows_of("phrases", chosen, 1)
    at_each_row(chosen, names, labels[:, 0], cues, 8, 3.0, "phrase", lambda y: 1, l2=chosen.l2 or 0.15, rounds=chosen.rounds or 60, rate=0.005, width=chosen.width, noise=chosen.noise, drop=chosen.drop)


def fit_net(data, gradient, seed, width=16, l2=0.03, rounds=70, rate=0.01, batch=8, noise=0.0, drop=0.0, drawn=None):
    """A net with one hidden layer and a direct way past it. `data`: a list of (rows, target), a piece each; `gradient` of the
    loss by what the net says of a piece's rows. `noise`: deviation of what is added to every cue, in deviations of the cue;
    `drop`: share of the cues that are taken away, others in each piece and round."""
    rng, d = np.random.default_rng(seed), data[0][0].shape[1]
    p = [rng.normal(0, 0.3 / np.sqrt(d), (d, width)).astype(np.float32), np.zeros(width, np.float32), rng.normal(0, 0.3, width).astype(np.float32), np.zeros(d, np.float32), np.zeros(1, np.float32)]
    m, v, t = [np.zeros_like(q) for q in p], [np.zeros_like(q) for q in p], 0
    for _ in range(rounds):
        order = rng.permutation(len(data)) if drawn is None else rng.choice(len(data), len(data), p=drawn)
        for chosen in np.array_split(order, max(1, len(data) // batch)):
            g = [np.zeros_like(q) for q in p]
            for k in chosen:
                x, target = data[k]
                if drop > 0:
                    x = x * (rng.random(d) >= drop).astype(np.float32)
                if noise > 0:
                    x = x + rng.normal(0, noise, x.shape).astype(np.float32)
                h = np.tanh(x @ p[0] + p[1])
                delta = gradient(h @ p[2] + x @ p[3] + p[4], target).astype(np.float32)
                g[2] += h.T @ delta
                g[3] += x.T @ delta
                g[4] += delta.sum()
                back = np.outer(delta, p[2]) * (1 - h * h)
                g[0] += x.T @ back
                g[1] += back.sum(0)
            t += 1
            for j in range(5):
                s = g[j] / len(chosen) + (l2 * p[j] if j < 4 else 0)
                m[j], v[j] = 0.9 * m[j] + 0.1 * s, 0.99 * v[j] + 0.01 * s * s
                p[j] -= rate * (m[j] / (1 - 0.9 ** t)) / (np.sqrt(v[j] / (1 - 0.99 ** t)) + 1e-6)
    return p


def judged(nets, x):
    return sum(np.tanh(x @ p[0] + p[1]) @ p[2] + x @ p[3] + p[4] for p in nets) / len(nets)


def standard(cues, furthest):
    """Mean, one over the deviation, and the cues by them, cut off as small_net.h does."""
    used = cues.std(0) > 1e-9
    mean, scale = cues.mean(0), np.where(used, 1 / np.where(used, cues.std(0), 1), 0)
    return mean, scale, np.clip((cues - mean) * scale, -furthest, furthest).astype(np.float32)


def write_nets(name, known, mean, scale, furthest, nets, odds=None):
    """`name`_net.inc in the audio sources, as small_net.h reads it."""
    def number(x):
        s = f"{x:.4g}"
        return s + ("F" if "." in s or "e" in s else ".0F")

    line = lambda values: "{" + ", ".join(number(v) for v in values) + "}"
    out = [*provenance.lines("train.py", "", known.shares),
           f"constexpr SmallNets<{len(mean)}, {len(nets[0][1])}, {len(nets)}> {name}Nets = {{", "    " + line(mean) + ",", "    " + line(scale) + ",", f"    {number(furthest)},", "    {"]
    for p in nets:
        out.append("        {{" + ",\n          ".join(line(p[0][:, h]) for h in range(len(p[1]))) + "},\n         " +
                   ",\n         ".join(line(q) for q in p[1:4]) + ",\n         " + number(p[4][0]) + "},")
    out += ["    }};"]
    if odds is not None:
        out.append(f"constexpr double {name}NetsOdds = {odds:.3f}; // of any row, as a logarithm")
    with open(os.path.join(SOURCES, name + "_net.inc"), "w", encoding="utf-8") as file:
        file.write("\n".join(out) + "\n")


def held_out(pieces, known):
    """The pieces of the sources that are left out, else every third."""
    return [p for p in pieces if p in known.left] if known.left else pieces[::3]


def readings(chosen):
    names, labels, cues = rows_of("readings", chosen, 2)
    f, ones = labels[:, 0], labels[:, 1]  # of bars that nobody knows −1
    if not chosen.further:
        cues = cues[:, :JUDGED]
    mean, scale, z = standard(cues, ANY)
    pieces = sorted(set(names))
    index = {p: np.where(names == p)[0] for p in pieces}

    known = Pieces(chosen)

    def data_of(some):
        out = []
        for p in some:
            i = index[p]
            worth = np.exp(8 * (f[i] + 0.7 * np.abs(ones[i])))
            worth[f[i] < 0.6] = 0
            if worth.max() > 0:
                out.append((p, z[i], worth >= worth.max() * np.exp(-0.8)))
        return [d[1:] for d in out], known.drawn([d[0] for d in out])

    def chosen_over_right(a, target):
        e = np.exp(a - a.max())
        right = np.where(target, e, 0)
        return e / e.sum() - right / right.sum()

    def best_of(nets, some):
        return [index[p][np.argmax(judged(nets, z[index[p]]))] for p in some]

    def report(title, some, best):
        of = lambda best: f"beats F {f[best].mean():.3f}, 1s F {ones[best][ones[best] >= 0].mean() if (ones[best] >= 0).any() else 0:.3f} ({len(best)} pieces)"
        provenance.tell(f"{title}: {of(best)}")
        for folder in sorted(set(known.folder[p] for p in some)):
            provenance.tell(f"    {os.path.basename(os.path.normpath(folder))}: {of([b for p, b in zip(some, best) if known.folder[p] == folder])}")

    held = held_out(pieces, known)

    def fit(some, seed):
        data, drawn = data_of(some)
        return fit_net(data, chosen_over_right, seed, drawn=drawn, width=chosen.width, l2=chosen.l2 or 0.03, rounds=chosen.rounds or 40, noise=chosen.noise, drop=chosen.drop)
    report("left out" if known.left else "held out", held, best_of([fit([p for p in pieces if p not in held], k) for k in range(4)], held))
    if chosen.each:
        whole = z.copy()
        for witness, places in WITNESSES.items():
            z[:, places] = 0
            report(f"without {witness}", held, best_of([fit([p for p in pieces if p not in held], k) for k in range(4)], held))
            z[:] = whole
        return
    if chosen.held_only or chosen.further or (known.left and not chosen.write):
        return
    learned = [p for p in pieces if p not in known.left]
    nets = [fit(learned, k) for k in range(4)]
    report("all", learned, best_of(nets, learned))
    write_nets("reading", known, mean, scale, ANY, nets)


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folder")
    arguments.add_argument("what", choices=("places", "ones", "readings", "phrases"))
    arguments.add_argument("--width", type=int, default=16)
    arguments.add_argument("--l2", type=float)
    arguments.add_argument("--rounds", type=int)
    arguments.add_argument("--noise", type=float, default=0.0, help="deviation of what is added to every cue while training")
    arguments.add_argument("--drop", type=float, default=0.0, help="share of the cues taken away while training")
    arguments.add_argument("--leave", help="sources that are left out whole")
    arguments.add_argument("--write", action="store_true", help="write the nets even if sources were left out, to measure the program with them")
    arguments.add_argument("--rows", help="a file that keeps the rows, or has them")
    arguments.add_argument("--further", action="store_true", help="readings: with the cues that the program does not gather; nothing is written")
    arguments.add_argument("--each", action="store_true", help="readings: the held-out figures without each witness in turn; nothing is written")
    arguments.add_argument("--held-only", action="store_true", help="only the held-out figures; nothing is written")
    arguments.add_argument("--build", default=os.path.join(HERE, "../../build/release"))
    chosen = arguments.parse_args()
    {"places": places, "ones": ones, "readings": readings, "phrases": phrases}[chosen.what](chosen)


if __name__ == "__main__":
    main()
