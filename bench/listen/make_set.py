#!/usr/bin/env python3
"""Makes the pieces by which the song analysis is trained and tested: MIDI, sound and exact truth, from recorded seeds.

    /usr/bin/python3 make_set.py FOLDER --half tune     # may be looked at while tuning
    /usr/bin/python3 make_set.py FOLDER --half more     # others to train on
    /usr/bin/python3 make_set.py FOLDER --half kept     # only measured, never looked at

Needs python3-mido, fluidsynth, sox, ffmpeg and the sound fonts named in FONTS; none of them is needed by the program.
"""
import argparse
import os
import random
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

from pieces import BY_NAME, STYLES, Piece

FONTS = ["/usr/share/sounds/sf2/TimGM6mb.sf2", "/usr/share/sounds/sf2/FluidR3_GM.sf2", "/usr/share/sounds/sf3/MuseScore_General_Lite.sf3"]
SEEDS = {"tune": range(1, 7), "more": range(101, 109), "kept": range(901, 907)}  # of each style; "tune" and "more" may be looked at


def run(*command):
    subprocess.run(command, check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, timeout=120)  # a note that never ends makes a player play for ever


def play(rng, midi, raw):
    font = rng.choice([f for f in FONTS if os.path.exists(f)])
    run("fluidsynth", "-ni", "-g", "0.6", "-r", "44100", "-o", "synth.dynamic-sample-loading=1", "-o", "synth.polyphony=64", "-o", f"synth.reverb.active={rng.choice([0, 1])}", "-o", "synth.chorus.active=0", "-F", raw, font, midi)


def treat(rng, raw, name, folder):
    """A room, noise, another speed, a poor MP3: as recordings come. Returns its speed."""
    speed = rng.choice([1.0, 1.0, 1.0, rng.uniform(0.92, 1.09)])
    effects = ["speed", f"{speed:.5f}"] if speed != 1.0 else []
    if rng.random() < 0.35:
        effects += ["reverb", str(rng.randint(20, 70))]
    if rng.random() < 0.3:
        effects += rng.choice([["bass", "-8"], ["treble", "-9"], ["highpass", "120"], ["compand", "0.02,0.2", "-40,-40,-20,-12,0,-6", "0"]])
    effects += ["gain", "-n", str(rng.choice([-1, -1, -3, -9]))]
    clean = os.path.join(folder, name + ".clean.wav")
    run("sox", raw, "-b", "16", clean, *effects, "rate", "44100")
    if rng.random() < 0.3:
        noisy = os.path.join(folder, name + ".noisy.wav")
        colour = rng.choice(["pinknoise", "whitenoise"])
        noise = os.path.join(folder, name + ".noise.wav")
        run("sox", clean, noise, "synth", colour, "vol", f"{rng.uniform(0.005, 0.03):.4f}")
        run("sox", "-m", "-v", "1", clean, "-v", "1", noise, "-b", "16", noisy)
        os.remove(noise)
        os.replace(noisy, clean)
    if rng.random() < 0.25:
        target = os.path.join(folder, name + ".mp3")
        run("ffmpeg", "-y", "-i", clean, "-b:a", rng.choice(["64k", "96k"]), target)
    else:
        target = os.path.join(folder, name + ".flac")
        run("sox", clean, "-C", "1", target)
    os.remove(clean)
    return speed


def make(style, seed, folder):
    name = f"{style.name}-{seed}"
    if any(os.path.exists(os.path.join(folder, name + ending)) for ending in (".flac", ".mp3")) and os.path.exists(os.path.join(folder, name + ".json")):
        return
    piece = Piece(style, seed)
    midi = os.path.join(folder, name + ".mid")
    piece.write_midi(midi)
    rng = random.Random(f"{name}/sound")
    raw = os.path.join(folder, name + ".raw.wav")
    play(rng, midi, raw)
    speed = treat(rng, raw, name, folder)
    os.remove(raw)
    piece.write_truth(os.path.join(folder, name + ".json"), speed)


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument("folder")
    arguments.add_argument("--half", choices=SEEDS, required=True)
    arguments.add_argument("--style", choices=BY_NAME)
    chosen = arguments.parse_args()
    os.makedirs(chosen.folder, exist_ok=True)
    work = [(style, seed) for style in STYLES for seed in SEEDS[chosen.half] if not chosen.style or style.name == chosen.style]
    with ThreadPoolExecutor(2) as pool:
        for _ in pool.map(lambda job: make(*job, chosen.folder), work):
            pass
    print(f"{len(work)} pieces in {chosen.folder}", file=sys.stderr)


if __name__ == "__main__":
    main()
