"""Where every beat of a piece lies in seconds: constant tempo, a drifting band, rubato, ritardando, fermatas.

Positions in music are beats from the piece's first beat (pick-up included), as floats; a beat is the written unit of the
metre, so an eighth in 6/8 and 7/8. Everything here is made up; the analyser shares no code with it.
"""
import bisect
import math


class Timeline:
    """Seconds of every beat; between two beats the tempo is constant."""

    def __init__(self, beats, bpm, lead, rng, drift=0.0, rubato=0.0, slow_end=0, slow_to=0.6, fermatas=(), steps=()):
        """`bpm` of a beat; `drift` standard deviation of a random walk a beat (0.004 is a live band); `rubato` swell of the
        tempo over eight beats (0.1 = ±10 %); the last `slow_end` beats slow to `slow_to` of the tempo; `fermatas` beats that
        last longer, with their factor; `steps` (beat, factor): another tempo from there on."""
        self.times = []
        now, walk = lead, 0.0
        held = dict(fermatas)
        for i in range(beats + 1):
            self.times.append(now)
            walk = 0.985 * walk + rng.gauss(0, drift)
            factor = math.exp(walk) * (1 + rubato * math.sin(2 * math.pi * (i % 8) / 8 + 0.7))
            for at, other in steps:
                if i >= at:
                    factor *= other
            if slow_end and i >= beats - slow_end:
                factor *= 1 - (1 - slow_to) * (i - (beats - slow_end)) / slow_end
            now += 60.0 / bpm / factor * held.get(i, 1.0)

    def seconds(self, beat):
        i = min(max(int(math.floor(beat)), 0), len(self.times) - 2)
        return self.times[i] + (beat - i) * (self.times[i + 1] - self.times[i])


def scaled(times, factor, shift):
    return [t * factor + shift for t in times]
