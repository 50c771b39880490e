#!/usr/bin/env python3
"""Trains the models of the song analysis on the development half and prints them as the sources hold them.

    /usr/bin/python3 train.py FOLDER places|readings|phrases --build ../../build/release

places    three logistic models in beat_evidence.cpp: is this beat the 1 of a bar, of an uneven bar, the head of a group
readings  src/audio/reading_net.inc, written in place: three small nets that judge a reading of pulse and bars, by
          conditional logit over all readings of a piece
phrases   the logistic model in phrase_path.cpp: does a phrase begin with this bar
Needs python3-numpy. Held-out figures are printed first: two of six seeds left out.
"""
import argparse
import glob
import os
import subprocess

import numpy as np

HERE = os.path.dirname(os.path.abspath(__file__))
NET = os.path.join(HERE, "../../src/audio/reading_net.inc")


def rows_of(kind, chosen, labels):
    paths = sorted(glob.glob(os.path.join(chosen.folder, "*.json")))
    tool = os.path.join(chosen.build, "bench", "training_rows")
    text = subprocess.run([tool, kind, *paths], capture_output=True, text=True, check=True).stdout
    table = [line.split(",") for line in text.splitlines()]
    names = np.array([r[0] for r in table])
    values = np.array([[float(v) for v in r[1:]] for r in table])
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
    x = around(names, cues, 2)
    counts = {n: np.sum(names == n) for n in set(names)}
    weight = np.array([100 / counts[n] for n in names])
    uneven = np.array([n.startswith(("seven", "nine")) for n in names])
    threes = np.array([n.startswith(("jig", "slip", "six-eight", "twelve")) for n in names])
    for title, mask, y in (("oneModel", ~uneven & ~threes, labels[:, 0]), ("unevenOneModel", uneven, labels[:, 0]), ("unevenGroupModel", uneven, labels[:, 1])):
        share = y[mask].mean()
        show(title, logistic(x[mask], y[mask], weight[mask], 10.0), cues.shape[1], float(np.log(share / (1 - share))))


def phrases(chosen):
    names, labels, cues = rows_of("phrases", chosen, 1)
    share = labels[:, 0].mean()
    show("weights", logistic(around(names, cues, 1), labels[:, 0], np.ones(len(cues))), cues.shape[1], float(np.log(share / (1 - share))))


def readings(chosen):
    names, labels, cues = rows_of("readings", chosen, 2)
    f, ones = labels[:, 0], labels[:, 1]
    used = cues.std(0) > 1e-9
    mean, scale = cues.mean(0), np.where(used, 1 / np.where(used, cues.std(0), 1), 0)
    z = ((cues - mean) * scale).astype(np.float32)
    pieces = sorted(set(names))
    index = {p: np.where(names == p)[0] for p in pieces}

    def data_of(chosen_pieces):
        out = []
        for p in chosen_pieces:
            i = index[p]
            worth = np.exp(8 * (f[i] + 0.7 * ones[i]))
            worth[f[i] < 0.6] = 0
            if worth.max() > 0:
                out.append((z[i], worth >= worth.max() * np.exp(-0.8)))
        return out

    def net(chosen_pieces, seed, width=16, l2=0.03, rounds=70, rate=0.01):
        data, rng, d = data_of(chosen_pieces), np.random.default_rng(seed), z.shape[1]
        p = [rng.normal(0, 0.3 / np.sqrt(d), (d, width)).astype(np.float32), np.zeros(width, np.float32), rng.normal(0, 0.3, width).astype(np.float32), np.zeros(d, np.float32)]
        m, v, t = [np.zeros_like(q) for q in p], [np.zeros_like(q) for q in p], 0
        for _ in range(rounds):
            for batch in np.array_split(rng.permutation(len(data)), max(1, len(data) // 8)):
                g = [np.zeros_like(q) for q in p]
                for k in batch:
                    x, target = data[k]
                    h = np.tanh(x @ p[0] + p[1])
                    a = h @ p[2] + x @ p[3]
                    e = np.exp(a - a.max())
                    right = np.where(target, e, 0)
                    delta = (e / e.sum() - right / right.sum()).astype(np.float32)
                    g[2] += h.T @ delta
                    g[3] += x.T @ delta
                    back = np.outer(delta, p[2]) * (1 - h * h)
                    g[0] += x.T @ back
                    g[1] += back.sum(0)
                t += 1
                for j in range(4):
                    s = g[j] / len(batch) + l2 * p[j]
                    m[j], v[j] = 0.9 * m[j] + 0.1 * s, 0.99 * v[j] + 0.01 * s * s
                    p[j] -= rate * (m[j] / (1 - 0.9 ** t)) / (np.sqrt(v[j] / (1 - 0.99 ** t)) + 1e-6)
        return p

    def judged(nets, x):
        return sum(np.tanh(x @ p[0] + p[1]) @ p[2] + x @ p[3] for p in nets)

    def report(title, nets, chosen_pieces):
        best = [index[p][np.argmax(judged(nets, z[index[p]]))] for p in chosen_pieces]
        print(f"{title}: beats F {f[best].mean():.3f}, 1s F {ones[best].mean():.3f} ({len(best)} pieces)")

    seeds = {p: int(p.rsplit("-", 1)[1]) for p in pieces}
    train, held = [p for p in pieces if seeds[p] <= 4], [p for p in pieces if seeds[p] > 4]
    report("held out", [net(train, k) for k in range(3)], held)
    nets = [net(pieces, k) for k in range(3)]
    report("all", nets, pieces)

    def number(x):
        s = f"{x:.4g}"
        return s + ("F" if "." in s or "e" in s else ".0F")

    line = lambda values: "{" + ", ".join(number(v) for v in values) + "}"
    out = ["// Trained on the development half by bench/listen/train.py; not to be edited by hand.", "constexpr std::size_t netCount = 3, netWidth = 16;",
           f"constexpr float readingMean[readingCues] = {line(mean)};", f"constexpr float readingScale[readingCues] = {line(scale)};",
           "struct ReadingNet {\n    float hidden[netWidth][readingCues];\n    float offset[netWidth];\n    float out[netWidth];\n    float direct[readingCues];\n};",
           "constexpr ReadingNet readingNets[netCount] = {"]
    for p in nets:
        out.append("    {{" + ",\n      ".join(line(p[0][:, h]) for h in range(16)) + "},\n     " + line(p[1]) + ",\n     " + line(p[2]) + ",\n     " + line(p[3]) + "},")
    out.append("};")
    with open(NET, "w", encoding="utf-8") as file:
        file.write("\n".join(out) + "\n")


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folder")
    arguments.add_argument("what", choices=("places", "readings", "phrases"))
    arguments.add_argument("--build", default=os.path.join(HERE, "../../build/release"))
    chosen = arguments.parse_args()
    {"places": places, "readings": readings, "phrases": phrases}[chosen.what](chosen)


if __name__ == "__main__":
    main()
