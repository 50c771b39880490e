#!/usr/bin/env python3
"""Trains the listening net: beats, 1s and phrase starts, every 20 ms, from what training_rows calls frames.

    /usr/bin/python3 train_net.py MODEL FOLDER[:WEIGHT] … [--leave NAME,…] [--minutes 40] [--say FOLDER …]

A FOLDER holds PIECE.json and PIECE.frames; WEIGHT is its share of what is learned from. `--leave`: sources (in the JSON) or beginnings of names that are left out whole. `--say` writes
PIECE.heard, what the net says, for the pieces of a folder, by which the judges are then trained (with --leave: as they are heard by a net that never learned from them).
`--write` puts the net into src/audio/listening/listening_net.inc. A stack of dilated convolutions after Davies, Böck, "Temporal convolutional networks for musical audio beat
tracking", EUSIPCO 2019, on our own features and much narrower. Needs python3-torch, python3-numpy.
"""
import argparse
import glob
import json
import os
import random
import time

import numpy as np
import torch
from torch import nn

import provenance

INPUTS, STEP = 37, 0.02
WIDTH, DILATIONS, REACH = 24, (1, 2, 4, 8, 16, 32, 64, 128, 256), 5
HERE = os.path.dirname(os.path.abspath(__file__))


class Block(nn.Module):
    def __init__(self, dilation):
        super().__init__()
        self.wide = nn.Conv1d(WIDTH, WIDTH, REACH, padding=dilation * (REACH // 2), dilation=dilation)
        self.mix = nn.Conv1d(WIDTH, WIDTH, 1)
        self.drop = nn.Dropout2d(0.1)

    def forward(self, x):
        return x + self.mix(self.drop(torch.relu(self.wide(x)).unsqueeze(-1)).squeeze(-1))


class Net(nn.Module):
    def __init__(self):
        super().__init__()
        self.first = nn.Conv1d(INPUTS, WIDTH, 3, padding=1)
        self.blocks = nn.ModuleList(Block(d) for d in DILATIONS)
        self.last = nn.Conv1d(WIDTH, 3, 1)

    def forward(self, x):
        x = torch.relu(self.first(x))
        for block in self.blocks:
            x = block(x)
        return self.last(torch.relu(x))


class Piece:
    def __init__(self, path):
        with open(path, encoding="utf-8") as file:
            truth = json.load(file)
        self.path, self.name, self.source = path, os.path.basename(path)[:-5], truth.get("source", "made up")
        self.x = np.fromfile(path[:-5] + ".frames", np.float32).reshape(-1, INPUTS).astype(np.float16)
        threes = truth["metre"][2] and all(g == 3 for g in truth["metre"][2])
        self.beats = np.array([b["time_s"] for b in truth["beats"] if not threes or (b["beat"] - 1) % 3 == 0])
        known = truth.get("bars_known", True)
        self.ones = np.array([b["start_s"] for b in truth["bars"]]) if known else None
        self.phrases = np.array([p["start_s"] for p in truth["phrases"]]) if known and len(truth["phrases"]) > 2 else None

    def sample(self, rng, length):
        """Inputs and targets of a stretch, at another speed and transposed; targets of −1 are not known."""
        speed = float(np.exp(rng.uniform(-0.18, 0.18))) if rng.random() < 0.7 else 1.0
        need = int(length * speed) + 2
        start = rng.randint(0, max(0, len(self.x) - need)) if len(self.x) > need else 0
        at = start + np.arange(length) * speed
        low = np.clip(at.astype(int), 0, len(self.x) - 2)
        part = (at - low)[:, None]
        inside = at < len(self.x) - 1
        whole = self.x[start:min(len(self.x), start + need)].astype(np.float32)
        low0 = np.clip(low - start, 0, len(whole) - 2)
        x = whole[low0] * (1 - np.clip(part, 0, 1)) + whole[low0 + 1] * np.clip(part, 0, 1)
        x[~inside] = 0
        shift = rng.randrange(12)
        x[:, 10:22] = np.roll(x[:, 10:22], shift, 1)
        x[:, 22:34] = np.roll(x[:, 22:34], shift, 1)
        if rng.random() < 0.5:
            x[:, 4:10] += np.array([rng.gauss(0, 0.25) for _ in range(6)], np.float32)
        for k in range(4):
            if rng.random() < 0.3:
                x[:, k] *= rng.uniform(0.4, 1.4)
        y = np.zeros((3, length), np.float32)
        for row, (times, reach) in enumerate(((self.beats, 1), (self.ones, 1), (self.phrases, 2))):
            if times is None:
                y[row] = -1
                continue
            place = np.round((times / STEP - start) / speed).astype(int)
            for off in range(reach, -1, -1):
                for sign in (-1, 1):
                    there = place + sign * off
                    there = there[(there >= 0) & (there < length)]
                    y[row, there] = (1, 0.6, 0.3)[off]
        y[:, ~inside] = -1
        return np.ascontiguousarray(x.T, np.float32), y


def said_of(net, piece):
    with torch.no_grad():
        return net(torch.from_numpy(piece.x.astype(np.float32).T[None]))[0].numpy()


def loss_of(said, y):
    known = (y >= 0).float()
    each = nn.functional.binary_cross_entropy_with_logits(said, y.clamp(min=0), reduction="none") * known
    weight = torch.tensor([1.0, 1.0, 1.5])[None, :, None]
    return (each * weight).sum() / (known.sum() + 1)


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("model")
    arguments.add_argument("folders", nargs="+")
    arguments.add_argument("--leave", default="")
    arguments.add_argument("--minutes", type=float, default=40)
    arguments.add_argument("--threads", type=int, default=2)
    arguments.add_argument("--say", nargs="*", default=[])
    arguments.add_argument("--steps", type=int, default=3000)
    arguments.add_argument("--write", action="store_true")
    chosen = arguments.parse_args()
    torch.set_num_threads(chosen.threads)
    torch.manual_seed(1)
    rng = random.Random(1)
    left = [n for n in chosen.leave.split(",") if n]
    away = lambda p: any(p.source == n or p.name.startswith(n) for n in left)
    groups, held, folders = [], [], []
    for folder in chosen.folders:
        folder, _, weight = folder.partition(":")
        found = [Piece(p) for p in sorted(glob.glob(os.path.join(folder, "*.json"))) if os.path.exists(p[:-5] + ".frames")]
        folders.append((folder, float(weight or 1), len(found)))
        groups.append(([p for p in found if not away(p)], float(weight or 1)))
        held += [p for p in found if away(p)]
    groups = [(pieces, weight) for pieces, weight in groups if pieces and weight > 0]
    print("learned from", [(len(pieces), weight) for pieces, weight in groups], "left out", len(held), flush=True)
    net = Net()
    length, batch, rate = 2000, 8, 0.004
    started, step = time.time(), 0
    if not os.path.exists(chosen.model):
        how = torch.optim.Adam(net.parameters(), rate, weight_decay=1e-5)
        mean, told = None, time.time()
        net.train()
        while step < chosen.steps and time.time() - started < chosen.minutes * 60:
            part = max(step / chosen.steps, (time.time() - started) / (chosen.minutes * 60))
            for g in how.param_groups:
                g["lr"] = rate * min(1, (step + 1) / 50) * (1 if part < 0.4 else max(0.01, 0.5 * (1 + np.cos(np.pi * (part - 0.4) / 0.6))))
            drawn = [rng.choice(rng.choices([g[0] for g in groups], [g[1] for g in groups])[0]).sample(rng, length) for _ in range(batch)]
            x = torch.from_numpy(np.stack([d[0] for d in drawn]))
            y = torch.from_numpy(np.stack([d[1] for d in drawn]))
            loss = loss_of(net(x), y)
            how.zero_grad()
            loss.backward()
            nn.utils.clip_grad_norm_(net.parameters(), 1.0)
            how.step()
            mean = loss.item() if mean is None else 0.98 * mean + 0.02 * loss.item()
            step += 1
            if step % 100 == 0:
                print(f"{step} loss {mean:.4f} after {time.time() - started:.0f} s", flush=True)
        torch.save(net.state_dict(), chosen.model)
    net.load_state_dict(torch.load(chosen.model))
    net.eval()
    if held:
        losses = []
        for p in held:
            _, y = p.sample(NoChange(), len(p.x))
            losses.append(loss_of(torch.from_numpy(said_of(net, p))[None], torch.from_numpy(y)[None]).item())
        provenance.tell(f"left out: loss {np.mean(losses):.4f} ({len(losses)} pieces)")
    for folder in chosen.say:
        for path in sorted(glob.glob(os.path.join(folder, "*.json"))):
            if os.path.exists(path[:-5] + ".frames"):
                piece = Piece(path)
                if not left or away(piece) or "all" in left:
                    said_of(net, piece).T.astype(np.float32).tofile(path[:-5] + ".heard")
    if chosen.write:
        write(net, folders)


class NoChange(random.Random):
    """Draws nothing: the piece as it is."""

    def uniform(self, a, b):
        return 0.0

    def random(self):
        return 1.0

    def randrange(self, *_):
        return 0

    def randint(self, *_):
        return 0


def write(net, folders):
    def numbers(tensor):
        return ",".join(f"{v:.4g}F" if "." in f"{v:.4g}" or "e" in f"{v:.4g}" else f"{v:.4g}.0F" for v in tensor.detach().flatten().tolist())

    out = provenance.lines("train_net.py", "", folders)
    state = net.state_dict()
    for name, value in state.items():
        place = name.replace(".", "_").replace("blocks_", "block")
        out.append(f"constexpr float {place}[] = {{{numbers(value)}}};")
    with open(os.path.join(HERE, "../../src/audio/listening/listening_net.inc"), "w", encoding="utf-8") as file:
        file.write("\n".join(out) + "\n")
    # What the library that trained it says of made-up frames, for tst_listening_net.
    t, k = np.arange(1200)[:, None], np.arange(INPUTS)[None]
    with torch.no_grad():
        said = net(torch.from_numpy((((t * INPUTS + k) * 7919 % 1000) / 1000).astype(np.float32).T[None]))[0].numpy().T
    with open(os.path.join(HERE, "../../tests/data/listening_net.txt"), "w", encoding="utf-8") as file:
        file.write("# frame, beat, one, phrase: PyTorch's word for frames of ((37 t + k) 7919 mod 1000) / 1000\n")
        file.writelines(f"{i} {said[i][0]:.4f} {said[i][1]:.4f} {said[i][2]:.4f}\n" for i in (0, 1, 7, 300, 600, 1000, 1198, 1199))


if __name__ == "__main__":
    main()
