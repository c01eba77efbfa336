"""Recipes, differences and paints whose true behaviour is hidden, foretold from their swabs."""

import numpy as np
from coloraide import Color

from fernring.core.colour import cielab, srgb
from fernring.core.colour.difference import ciede2000
from fernring.core.colour.ramp import aims, ramp
from fernring.core.colour.srgb import Array
from fernring.core.document.shelf import Paint, Swab
from fernring.core.harmony.advice import advice
from fernring.core.harmony.report import colour_report
from fernring.core.paint.mixing import mixed
from fernring.core.paint.pigment import Pigment, pigments
from fernring.core.paint.recipes import recipes
from fernring.core.solved import solve_piece
from fernring.standins.paints import MadeUp, drawn, painted, white
from tests.samples import large

from .timing import figure, medians, share

PAIRS, SCALAR, RAMPS = 10_000, 200, 400
STRENGTHS = np.geomspace(0.03, 5, 60).tolist()
NOISE = 0.4  # CIEDE2000 of a swab that is read
TRIED = 120
KINDS = {
    "a tint": lambda random: _parts(random, (0, 1)),
    "two colours": lambda random: _parts(random, (1, 2)),
    "two colours with white": lambda random: _parts(random, (0, 1, 2)),
    "two colours with black": lambda random: _parts(random, (1, 2, 3)),
}


def run() -> bool:
    random = np.random.default_rng(11)
    good = _differences(random)
    pots = [Paint(id=f"p{k}", name=f"P{k}", colour="#" + "".join(f"{v:02x}" for v in c)) for k, c in enumerate(
        random.integers(15, 245, (24, 3)).tolist())]  # fmt: skip
    took = medians({"ramp": lambda: recipes(pots, ramp(["#f2e9d8", "#2f6fb3"], 6))}, 5)["ramp"]
    good &= figure("a ramp of six steps from 24 pots", took, "ms", 300)
    return good & _even(random) & _report() & _hidden(random)


def _even(random: np.random.Generator) -> bool:
    """Steps of ramps beside their mean, before they are rounded to eight bits; the furthest off of 19 in 20 ramps."""
    off = []
    for _ in range(RAMPS):
        stops = srgb.to_hex(random.uniform(0, 1, (2, 3)))
        lab = cielab.from_srgb(np.clip(aims(stops, int(random.integers(4, 9)), seen=True), 0, 1))
        apart = ciede2000(lab[:-1], lab[1:])
        off.append(100 * float(np.abs(apart / apart.mean() - 1).max()))
    return figure("steps of a ramp beside their mean, 95th percentile", float(np.percentile(off, 95)), "%", 5)


def _report() -> bool:
    """The map and advice of a piece of 5,000 dots in rings of every shade of a ramp."""
    solved = solve_piece(large(40, 5_000))
    took = medians({"report": lambda: advice(colour_report(solved))}, 5)["report"]
    return figure(f"colour report of {len(solved.dots):,} dots", took, "ms", 150)


def _differences(random: np.random.Generator) -> bool:
    """Against a scalar loop of a reference library, and the same to 1e-6."""
    one, other = (random.uniform((0, -90, -90), (100, 90, 90), (PAIRS, 3)) for _ in range(2))

    def loop() -> list[float]:
        return [
            Color("lab-d65", a.tolist()).delta_e(Color("lab-d65", b.tolist()), method="2000")
            for a, b in zip(one[:SCALAR], other[:SCALAR], strict=True)
        ]

    off = float(np.abs(ciede2000(one[:SCALAR], other[:SCALAR]) - loop()).max())
    times = medians({"ours": lambda: ciede2000(one, other), "loop": loop}, 5)
    good = share("CIEDE2000, ours over a scalar loop", times["ours"], times["loop"] * PAIRS / SCALAR, 1 / 25)
    return good & figure("the same, furthest apart, millionths", off * 1e6, "", 1.0)


def _hidden(random: np.random.Generator) -> bool:
    """White by itself, every other paint by itself and in two swabs with white, each read with noise."""
    found: dict[str, list[float]] = {kind: [] for kind in KINDS}
    plain: list[float] = []
    single: list[float] = []
    for _ in range(TRIED):
        true = [white(), drawn(random), drawn(random), MadeUp(np.full(36, 3.0), np.full(36, 0.15))]
        told = [_told(random, k, one, true[0]) for k, one in enumerate(true)]
        calibrated = pigments(told, "p0")
        guessed = pigments([paint.model_copy(update={"swabs": ()}) for paint in told], "p0")
        strong = [_one_strength(paint, one, guessed[0]) for paint, one in zip(told, guessed, strict=True)]
        for kind, make in KINDS.items():
            parts = make(random)
            seen = cielab.from_srgb(np.clip(painted(true, parts), 0, 1))
            found[kind].append(_off(seen, mixed(calibrated, parts)))
            plain.append(_off(seen, mixed(guessed, parts)))
            single.append(_off(seen, mixed(strong, parts)))
    every = np.concatenate(list(found.values()))
    good = figure("hidden paints by their swabs, CIEDE2000, median", float(np.median(every)), "", 1.5)
    good &= figure("the same, 95th percentile", float(np.quantile(every, 0.95)), "", 6.0)
    for kind, off in found.items():
        print(f"    {kind}: median {np.median(off):.2f}, 95th percentile {np.quantile(off, 0.95):.2f}")
    print(f"    one strength alone: median {np.median(single):.2f}, 95th percentile {np.quantile(single, 0.95):.2f}")
    print(f"    without swabs: median {np.median(plain):.2f}, 95th percentile {np.quantile(plain, 0.95):.2f}")
    return good


def _one_strength(paint: Paint, guessed: Pigment, base: Pigment) -> Pigment:
    """The paint by its colour and one number that its swabs choose, as if it scattered alike at every wavelength."""
    if not paint.swabs:
        return guessed
    parts = np.array([[swab.white, 1.0] for swab in paint.swabs])
    seen = cielab.from_srgb(srgb.from_hex([swab.colour for swab in paint.swabs]))

    def with_strength(times: float) -> Pigment:
        return Pigment(guessed.absorbs * times, guessed.scatters * times)

    def off(times: float) -> float:
        coded = np.clip(mixed([base, with_strength(times)], parts), 0, 1)
        return float(ciede2000(seen, cielab.from_srgb(coded)).sum())

    return with_strength(min(STRENGTHS, key=off))


def _parts(random: np.random.Generator, used: tuple[int, ...]) -> Array:
    parts = np.zeros((1, 4))
    parts[0, list(used)] = random.integers(1, 8, len(used))
    return parts


def _told(random: np.random.Generator, number: int, one: MadeUp, base: MadeUp) -> Paint:
    swabs = () if number == 0 else tuple(
        Swab(white=parts, colour=_read(random, painted([base, one], np.array([[parts, 1.0]])))) for parts in (1.0, 4.0)
    )  # fmt: skip
    colour = _read(random, painted([one], np.array([[1.0]])))
    return Paint(id=f"p{number}", name=f"P{number}", colour=colour, swabs=swabs)


def _read(random: np.random.Generator, coded: Array) -> str:
    """A swab as it is read: off by so much in a direction of L*a*b* that chance chooses."""
    exact = cielab.from_srgb(np.clip(coded, 0, 1))
    for size in (1.0, 0.5, 0.25):
        away = random.normal(size=(1, 3))
        near = np.clip(coded + size * 0.01 * away / np.abs(away).max(), 0, 1)
        if float(ciede2000(exact, cielab.from_srgb(near))[0]) <= 2 * NOISE:
            return srgb.to_hex(near)[0]
    return srgb.to_hex(coded)[0]


def _off(seen: Array, coded: Array) -> float:
    return float(ciede2000(seen, cielab.from_srgb(np.clip(coded, 0, 1)))[0])
