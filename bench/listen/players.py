"""The players of the made-up band: each plays one bar of a section. Everything is drawn from the piece's own seeded
random numbers, so that no two pieces have the same patterns."""

KICK, SNARE, RIM, CLAP, HAT, OPEN_HAT, PEDAL_HAT, CRASH, RIDE = 36, 38, 37, 39, 42, 46, 44, 49, 51
TOM_HI, TOM_MID, TOM_LO, TAMB, SHAKER, COWBELL, CLAVE, GUIRO = 50, 47, 45, 54, 82, 56, 75, 73
CONGA_HI, CONGA_OPEN, CONGA_LO, BONGO_HI, BONGO_LO, TIMBALE = 62, 63, 64, 60, 61, 65
DRUMS = 9


def hits(piece, bar, key, places, loud, length=0.2):
    for place in places:
        at, scale = place if isinstance(place, tuple) else (place, 1.0)
        if at < bar.beats - 1e-9:
            piece.note(bar.at + at, DRUMS, key, loud * scale * bar.energy, length)


def group_starts(bar):
    at, starts = 0, []
    for size in bar.grouping:
        starts.append(at)
        at += size
    return starts


# -- drums
def drums_rock(piece, bar):
    p = piece.once("rock", lambda r: {"kick": sorted({0.0, r.choice([2.0, 2.5, 1.5])} | ({r.choice([2.5, 3.5, 1.5, 0.5])} if r.random() < 0.6 else set())),
                                      "sub": r.choice([0.5, 0.5, 0.5, 1.0, 0.25]), "top": r.choice([HAT, HAT, RIDE])})
    if bar.first:
        hits(piece, bar, CRASH, [0], 96, 1)
    hits(piece, bar, KICK, p["kick"], 104)
    hits(piece, bar, SNARE, [b for b in range(bar.beats) if b % 2 == 1], 100)
    n = int(round(bar.beats / p["sub"]))
    hits(piece, bar, p["top"], [(piece.swung(k * p["sub"]), 1.0 if k * p["sub"] % 1 == 0 else 0.72) for k in range(n)], 68)
    fill(piece, bar)


def drums_halftime(piece, bar):
    p = piece.once("half", lambda r: {"kick": sorted({0.0} | {r.choice([0.75, 1.5, 2.5, 3.5]) for _ in range(2)}), "sub": r.choice([0.5, 0.25])})
    hits(piece, bar, KICK, p["kick"], 108)
    hits(piece, bar, r_snare(piece), [2], 100)
    hits(piece, bar, HAT, [(piece.swung(k * p["sub"]), 1.0 if k % 2 == 0 else 0.6) for k in range(int(bar.beats / p["sub"]))], 62)
    fill(piece, bar)


def r_snare(piece):
    return piece.once("snare", lambda r: r.choice([SNARE, SNARE, CLAP, RIM]))


def drums_four(piece, bar):
    p = piece.once("four", lambda r: {"open": r.random() < 0.7, "clap": r.choice([CLAP, SNARE]), "shake": r.random() < 0.6})
    if bar.first:
        hits(piece, bar, CRASH, [0], 84, 1)
    if bar.layer != "nokick":
        hits(piece, bar, KICK, range(bar.beats), 112)
    hits(piece, bar, OPEN_HAT if p["open"] else HAT, [b + 0.5 for b in range(bar.beats)], 70)
    hits(piece, bar, p["clap"], [b for b in range(bar.beats) if b % 2 == 1], 92)
    if p["shake"]:
        hits(piece, bar, SHAKER, [(q / 4, 1.0 if q % 2 == 0 else 0.7) for q in range(bar.beats * 4)], 44)
    if bar.last and bar.beats >= 2:
        hits(piece, bar, SNARE, [(bar.beats - 2 + k * 0.25, 0.5 + 0.06 * k) for k in range(8)], 88, 0.1)


def drums_swing(piece, bar):
    hits(piece, bar, RIDE, [(b, 1.0) for b in range(bar.beats)] + [(piece.swung(b + 0.5), 0.75) for b in range(bar.beats) if b % 2 == 1], 70)
    hits(piece, bar, PEDAL_HAT, [b for b in range(bar.beats) if b % 2 == 1], 66)
    if piece.once("feather", lambda r: r.random() < 0.6):
        hits(piece, bar, KICK, range(bar.beats), 50)
    if piece.rng.random() < 0.35:
        hits(piece, bar, SNARE, [piece.swung(piece.rng.randrange(bar.beats) + 0.5)], 58)
    fill(piece, bar)


def drums_shuffle(piece, bar):
    hits(piece, bar, KICK, [0, 2], 100)
    hits(piece, bar, SNARE, [1, 3], 98)
    hits(piece, bar, HAT, [(b, 1.0) for b in range(bar.beats)] + [(piece.swung(b + 0.5), 0.75) for b in range(bar.beats)], 66)
    fill(piece, bar)


def drums_waltz(piece, bar):
    p = piece.once("waltz", lambda r: {"snare": r.random() < 0.6, "top": r.choice([HAT, RIDE, TAMB, None])})
    hits(piece, bar, KICK, [0], 92)
    hits(piece, bar, SNARE if p["snare"] else PEDAL_HAT, [1, 2], 58)
    if p["top"]:
        hits(piece, bar, p["top"], range(bar.beats), 56)
    fill(piece, bar)


def drums_boomchick(piece, bar):
    hits(piece, bar, KICK, [b for b in range(bar.beats) if b % 2 == 0], 92)
    hits(piece, bar, r_snare(piece), [b for b in range(bar.beats) if b % 2 == 1], 84)
    if piece.once("train", lambda r: r.random() < 0.5):
        hits(piece, bar, SNARE, [(k / 2, 0.5) for k in range(bar.beats * 2)], 62, 0.1)
    else:
        hits(piece, bar, HAT, [k / 2 for k in range(bar.beats * 2)], 54)
    fill(piece, bar)


def drums_polka(piece, bar):
    hits(piece, bar, KICK, [0, 1], 94)
    hits(piece, bar, SNARE, [0.5, 1.5], 76)
    fill(piece, bar)


def drums_march(piece, bar):
    hits(piece, bar, KICK, [b for b in range(bar.beats) if b % 2 == 0], 100)
    p = piece.once("march", lambda r: [x for x in (0, 0.5, 0.75, 1, 1.25, 1.5, 1.75) if x in (0, 1) or r.random() < 0.5])
    hits(piece, bar, SNARE, [(b + x, 0.8 if x else 1.0) for b in range(0, bar.beats, 2) for x in p], 76)
    if bar.first:
        hits(piece, bar, CRASH, [0], 96, 1)


def drums_cha(piece, bar):
    hits(piece, bar, COWBELL, range(bar.beats), 72)
    hits(piece, bar, GUIRO, [(b, 1.0) for b in range(bar.beats)] + [b + 0.5 for b in range(bar.beats) if b % 2 == 1], 56)
    hits(piece, bar, CONGA_HI, [(0, 0.6), (0.5, 0.5), (1, 1.0), (1.5, 0.5), (2, 0.6), (2.5, 0.5)], 84)
    hits(piece, bar, CONGA_LO, [(3, 1.0), (3.5, 1.0)], 94)
    if piece.once("timbale", lambda r: r.random() < 0.5):
        hits(piece, bar, TIMBALE, [3], 70)
    if bar.first:
        hits(piece, bar, CRASH, [0], 70, 1)


def drums_salsa(piece, bar):
    clave = [[0, 1.5, 3], [1, 2]] if piece.once("clave", lambda r: r.random() < 0.5) else [[1, 2], [0, 1.5, 3]]
    hits(piece, bar, CLAVE, clave[bar.index % 2], 82)
    hits(piece, bar, COWBELL, [(b, 1.0 if b % 2 == 0 else 0.6) for b in range(bar.beats)], 66)
    hits(piece, bar, CONGA_HI, [1], 80)
    hits(piece, bar, CONGA_OPEN, [3, 3.5], 92)
    hits(piece, bar, SHAKER, [k / 2 for k in range(bar.beats * 2)], 46)


def drums_bolero(piece, bar):
    hits(piece, bar, BONGO_HI, [(k / 2, 1.0 if k % 2 == 0 else 0.65) for k in range(bar.beats * 2) if k != 7], 66)
    hits(piece, bar, BONGO_LO, [3.5], 74)
    hits(piece, bar, SHAKER, [(k / 2, 1.0 if k % 2 == 0 else 0.7) for k in range(bar.beats * 2)], 44)
    hits(piece, bar, CONGA_LO, [3, 3.5], 78)


def drums_samba(piece, bar):
    hits(piece, bar, KICK, [(0, 0.8), (0.75, 0.6), (1, 1.0), (1.75, 0.6)], 100)
    hits(piece, bar, SHAKER, [(q / 4, 1.0 if q % 4 in (0, 3) else 0.6) for q in range(8)], 66)
    p = piece.once("tamb", lambda r: sorted(r.sample([x / 4 for x in range(8)], 4)))
    hits(piece, bar, RIM, p, 70)


def drums_compound(piece, bar):
    """6/8, 9/8 and 12/8: drum on the groups, light on the eighths."""
    starts = group_starts(bar)
    p = piece.once("compound", lambda r: {"back": r.random() < 0.5, "light": r.choice([HAT, TAMB, SHAKER])})
    hits(piece, bar, KICK, [s for k, s in enumerate(starts) if k % 2 == 0 or not p["back"]], 92)
    if p["back"]:
        hits(piece, bar, SNARE, [s for k, s in enumerate(starts) if k % 2 == 1], 88)
    hits(piece, bar, p["light"], [(k, 1.0 if k in starts else 0.65) for k in range(bar.beats)], 58)
    fill(piece, bar)


def drums_uneven(piece, bar):
    """7/8, 9/8 as 2+2+2+3, 5/4: a low stroke on the first of the bar, a high one on the other groups."""
    starts = group_starts(bar)
    low, high = piece.once("uneven", lambda r: r.choice([(TOM_LO, TOM_HI), (KICK, SNARE), (CONGA_LO, CONGA_HI)]))
    hits(piece, bar, low, [0], 98)
    hits(piece, bar, high, starts[1:], 80)
    light = piece.once("light", lambda r: r.random())
    if light < 0.7:
        hits(piece, bar, TAMB if light < 0.35 else HAT, [(k, 1.0 if k in starts else 0.6) for k in range(bar.beats)], 54)


def drums_onedrop(piece, bar):
    hits(piece, bar, KICK, [2], 104)
    hits(piece, bar, RIM, [2], 84)
    hits(piece, bar, HAT, [(piece.swung(k / 2), 1.0 if k % 2 else 0.7) for k in range(bar.beats * 2)], 62)
    fill(piece, bar)


def fill(piece, bar):
    if bar.last and bar.beats >= 3 and piece.rng.random() < 0.75:
        n = piece.rng.choice([3, 4, 6])
        hits(piece, bar, TOM_HI, [bar.beats - 1 + k / n for k in range(n // 2)], 86)
        hits(piece, bar, TOM_LO, [bar.beats - 1 + k / n for k in range(n // 2, n)], 92)


# -- bass
def bass_low(piece, chord):
    root = 28 + (chord.root - 28) % 12
    return root + 12 if root < piece.once("floor", lambda r: r.choice([28, 31, 33])) else root


def bass_note(piece, bar, at, key, loud, length):
    if at < bar.beats - 1e-9:
        piece.note(bar.at + at, 1, key, loud * (0.7 + 0.3 * bar.energy), min(length, bar.beats - at))


def bass_walk(piece, bar):
    for b in range(bar.beats):
        chord = bar.chord_at(b)
        low = bass_low(piece, chord)
        tone = low if b == 0 or bar.chord_starts(b) else low + piece.rng.choice(chord.shape + (12, 2, -1))
        bass_note(piece, bar, b, tone, 92, 0.9)


def bass_rock(piece, bar):
    p = piece.once("bassrock", lambda r: sorted({0.0} | {x / 2 for x in range(1, 8) if r.random() < 0.45}))
    for at in p:
        bass_note(piece, bar, piece.swung(at), bass_low(piece, bar.chord_at(at)) + (piece.rng.choice([0, 0, 0, 7, 12]) if at else 0), 96 if at in (0, 2) else 84, 0.45)


def bass_rootfifth(piece, bar):
    step = 2 if bar.beats >= 4 else 1
    for k, at in enumerate(range(0, bar.beats, step)):
        chord = bar.chord_at(at)
        bass_note(piece, bar, at, bass_low(piece, chord) + (chord.fifth - 12 if k % 2 and chord.fifth > 5 else 0), 96, 0.8)


def bass_one(piece, bar):
    for at in bar.changes():
        bass_note(piece, bar, at, bass_low(piece, bar.chord_at(at)), 94, bar.beats * 0.8)


def bass_tumbao(piece, bar):
    """The anticipated bass: the and of 2, the 4, tied over the next 1."""
    low = bass_low(piece, bar.chord_at(0))
    bass_note(piece, bar, 1.5, low + bar.chord_at(0).fifth, 92, 1.3)
    bass_note(piece, bar, 3, bass_low(piece, bar.next_chord), 98, 1.4)
    if bar.first:
        bass_note(piece, bar, 0, low, 98, 1.2)


def bass_cha(piece, bar):
    low = bass_low(piece, bar.chord_at(0))
    for at, tone in ((0, 0), (1.5, bar.chord_at(0).fifth), (2, bar.chord_at(0).fifth), (3, 12)):
        bass_note(piece, bar, at, low + tone, 92, 0.7)


def bass_groups(piece, bar):
    for k, at in enumerate(group_starts(bar)):
        chord = bar.chord_at(at)
        bass_note(piece, bar, at, bass_low(piece, chord) + (0 if k == 0 else piece.rng.choice([0, chord.fifth, 12])), 96 if k == 0 else 82, 0.9 * bar.grouping[k])


def bass_offbeat(piece, bar):
    for b in range(bar.beats):
        bass_note(piece, bar, b + 0.5, bass_low(piece, bar.chord_at(b)), 96, 0.4)


def bass_samba(piece, bar):
    low = bass_low(piece, bar.chord_at(0))
    for at, tone in ((0, 0), (0.75, 0), (1, bar.chord_at(0).fifth), (1.75, bar.chord_at(0).fifth)):
        bass_note(piece, bar, at, low + tone, 90, 0.4)


# -- chords
def voice(piece, chord, low=52):
    return sorted(low + (k - low) % 12 for k in (chord.root + s for s in chord.shape))


def chord_hit(piece, bar, at, loud, length, channel=0, spread=0.0, low=52):
    if at >= bar.beats - 1e-9:
        return
    for j, key in enumerate(voice(piece, bar.chord_at(at), low)):
        piece.note(bar.at + at + spread * j, channel, key, loud * (0.65 + 0.35 * bar.energy), min(length, bar.beats - at))


def comp_beats(piece, bar):
    for b in range(bar.beats):
        chord_hit(piece, bar, b, 66 if b % 2 else 72, 0.6, spread=piece.once("spread", lambda r: r.choice([0, 0.02])))


def comp_offbeats(piece, bar):
    for b in range(bar.beats):
        chord_hit(piece, bar, piece.swung(b + 0.5), 78, 0.35)


def comp_after(piece, bar):
    """Oom-pah: the chord on all beats but the first."""
    step = 2 if bar.beats >= 4 else bar.beats
    for b in range(bar.beats):
        if b % step:
            chord_hit(piece, bar, b, 70, 0.4)


def comp_polka(piece, bar):
    for b in range(bar.beats):
        chord_hit(piece, bar, b + 0.5, 74, 0.3)


def comp_strum(piece, bar):
    p = piece.once("strum", lambda r: sorted({0.0, 2.0} | {x / 2 for x in range(8) if r.random() < 0.55}))
    for at in p:
        chord_hit(piece, bar, piece.swung(at), 74 if at % 1 == 0 else 58, 0.45, spread=0.025)


def comp_synco(piece, bar):
    p = piece.once("synco", lambda r: sorted(r.sample([0.0, 0.5, 1.0, 1.5, 2.0, 2.5, 3.0, 3.5], 3)))
    for at in p:
        chord_hit(piece, bar, piece.swung(at), 74, 0.5)


def comp_montuno(piece, bar):
    p = piece.once("montuno", lambda r: [sorted(r.sample([0, 0.5, 1.5, 2.5, 3, 3.5], 4)), sorted(r.sample([0.5, 1.5, 2, 2.5, 3.5], 4))])
    for at in p[bar.index % 2]:
        chord_hit(piece, bar, at, 80, 0.4, low=60)


def comp_arp(piece, bar):
    step = 1.0 if bar.unit == 8 else 0.5
    n = int(round(bar.beats / step))
    for k in range(n):
        keys = voice(piece, bar.chord_at(k * step), 55)
        order = keys + [keys[0] + 12]
        piece.note(bar.at + piece.swung(k * step) if step == 0.5 else bar.at + k * step, 0, order[k % len(order)], (76 if k == 0 else 60) * (0.65 + 0.35 * bar.energy), step * 1.1)


def comp_held(piece, bar):
    for at in bar.changes():
        rest = min([c for c in bar.changes() if c > at] + [bar.beats]) - at
        chord_hit(piece, bar, at, 62, rest * 0.98, channel=2, low=55)


def comp_groups(piece, bar):
    for k, at in enumerate(group_starts(bar)):
        if k or piece.once("onone", lambda r: r.random() < 0.6):
            chord_hit(piece, bar, at, 72, 0.7)


def comp_marcato(piece, bar):
    p = piece.once("marcato", lambda r: r.choice(["four", "sincopa", "three"]))
    if p == "four":
        places = [(b, 92 if b % 2 == 0 else 72) for b in range(bar.beats)]
    elif p == "three":
        places = [(0, 94), (1.5, 84), (3, 88)]
    else:
        places = [(0, 70), (0.5, 96), (1.5, 70), (2, 84), (3, 78)]
    for at, loud in places:
        chord_hit(piece, bar, at, loud, 0.3)


# -- tunes: a motif for each section letter, so that returning sections return
def tune(piece, bar):
    motif = piece.motif(bar)
    for at, degree_shift, length, loud in motif:
        if at < bar.beats - 1e-9:
            keys = voice(piece, bar.chord_at(at), piece.once("tunelow", lambda r: r.choice([62, 65, 69, 72])))
            key = piece.scale_step(keys[0], degree_shift)
            piece.note(bar.at + piece.swung(at), 3, key, loud * (0.7 + 0.3 * bar.energy), min(length, bar.beats - at + 0.5))


def counter(piece, bar):
    """A slow second voice."""
    for at in bar.changes():
        key = piece.scale_step(voice(piece, bar.chord_at(at), 60)[1], piece.rng.choice([0, 0, 1, -1]))
        piece.note(bar.at + at, 4, key, 60 * (0.7 + 0.3 * bar.energy), bar.beats * 0.95)


def ripple(piece, bar):
    """Running notes, as a fiddle plays a reel or a jig: every subdivision, chord tones on the strong ones."""
    step = 1.0 if bar.unit == 8 else 0.25 if piece.fast_runs else 0.5
    motif = piece.motif(bar, runs=int(round(bar.beats / step)))
    group = 3 if bar.unit == 8 else 4 if piece.fast_runs else 2
    for k, shift in enumerate(motif):
        at = k * step
        if at < bar.beats - 1e-9:
            base = voice(piece, bar.chord_at(at), 67)[0]
            piece.note(bar.at + at, 3, piece.scale_step(base, shift), (92 if k % group == 0 else 76) * (0.75 + 0.25 * bar.energy), step * 0.9)
