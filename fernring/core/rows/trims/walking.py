"""Walks around a dot, layer upon layer, in the dot's own frame: u to the right, v outward (mm)."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from itertools import chain, islice
from typing import TYPE_CHECKING

from ...document.kit import Load
from .grown import Finding
from .layer import Asked, asked
from .roll import MOST_A_SIDE, Disc, beside, clear, down_one_side, mirrored, on_axis, sizes, upside_down

if TYPE_CHECKING:
    from .host import Around, Host
    from .walk import WalkTrim

TYPICAL_LOAD = Load(ratio=0.9, dots=7)  # of a small stylus; common practice, no source
SIDES = {"both": ("right", "left"), "right": ("right",), "left": ("left",)}


@dataclass(frozen=True)
class Walked:
    """One dot of a petal: where it lies, its layer and side (1 right, 2 left of the axis), its share of the way to the
    foot, the gap it keeps (mm), and its tool."""

    disc: Disc
    layer: int
    side: int
    along: float
    gap: float
    tool: str


@dataclass
class Petal:
    """What a walk leaves, and what there is to say of it."""

    dots: list[Walked]
    findings: list[Finding]


def walked(trim: "WalkTrim", number: int, host: "Host", around: "Around", before: Sequence[Disc] = ()) -> Petal:
    """Layer upon layer around the host; each sees the host, what stands on it `before`, and earlier layers."""
    layers = [asked(trim, k, host.radius) for k in range(trim.layers)]
    petal = Petal([], [])
    unmeasured = any(one.load != "each" and one.tool not in around.loads for one in layers)
    if unmeasured:
        petal.findings.append(Finding("load not measured", number, (TYPICAL_LOAD.dots, TYPICAL_LOAD.ratio)))
    foreign = around.near(host, host.radius + far(trim, host.radius))
    discs: list[Disc] = [(0.0, 0.0, host.radius), *before]
    for _ in range(trim.lead):
        lead = (0.0, on_axis(discs, layers[0].radius, layers[0].gap), layers[0].radius)
        petal.dots.append(Walked(lead, 0, 0, 0.0, layers[0].gap, layers[0].tool))
        discs.append(lead)
    for layer, one in enumerate(layers):
        load = around.loads.get(one.tool, TYPICAL_LOAD)
        found = _layer(trim, number, layer, one, load, discs, foreign, petal.findings)
        petal.dots += found
        discs += [dot.disc for dot in found]
    return petal


def far(trim: "WalkTrim", host: float) -> float:
    """How far beyond the edge of the host the petal may meet something (mm)."""
    layers = [asked(trim, k, host) for k in range(trim.layers)]
    first = 2 * layers[0].radius + layers[0].gap
    return sum(2 * max(one.radius, one.tip) + one.gap for one in layers) * 2 + first * (trim.lead + 1)


def _layer(
    trim: "WalkTrim", number: int, layer: int, one: Asked, load: Load, discs: list[Disc], foreign: list[Disc],
    findings: list[Finding],
) -> list[Walked]:  # fmt: skip
    """One walk around: the dot on the axis, one side, and the other with a fresh load."""
    flip = trim.begin == "foot"
    seen, others = (upside_down(discs), upside_down(foreign)) if flip else (discs, foreign)
    tip: Disc | None = None if one.span == "shoulders" else (0.0, on_axis(seen, one.tip, one.gap), one.tip)
    lines: dict[str, list[Disc]] = {}
    for side in SIDES[trim.sides]:
        own, away = (seen, others) if side == "right" else (mirrored(seen), mirrored(others))
        line, why = _side(one, load, tip, own, away)
        if why == "load":
            need = len(_side(replace(one, load="each"), load, tip, own, away, load.ratio)[0]) + 1
            if need > len(line) + 1:
                findings.append(Finding("load", number, (need, len(line) + 1)))
        if why == "blocked":
            findings.append(Finding("blocked", number, (layer + 1.0, float(len(line)))))
        lines[side] = line if side == "right" else mirrored(line)
    _even(trim, number, lines, findings)
    found = [Walked(tip, layer, 0, 0.0, one.gap, one.tip_tool)] if tip else []
    for side, dots in lines.items():
        on = 1 if side == "right" else 2
        found += [Walked(dot, layer, on, k / len(dots), one.gap, one.tool) for k, dot in enumerate(dots, 1)]
    return [replace(dot, disc=upside_down([dot.disc])[0]) for dot in found] if flip else found


def _side(
    one: Asked, load: Load, tip: Disc | None, own: Sequence[Disc], away: Sequence[Disc], endless: float | None = None
) -> tuple[list[Disc], str]:
    """The dots down the right side after the tip, and why they end; `endless` is the ratio of a load without end."""
    radii = sizes(one.radius, endless, None) if endless else _radii(one, load)
    most = MOST_A_SIDE if one.count is None else one.count
    if tip is not None:
        line, why = down_one_side(own, tip, islice(radii, 1, None), one.gap, away, most)
        if one.span == "flanks":
            line, why = next(((line[:k], "shoulders") for k, dot in enumerate(line) if dot[1] < 0), (line, why))
        return line, why
    first = beside(own, next(radii), one.gap)
    if not clear(first, one.gap, away):
        return [], "foreign"
    line, why = down_one_side(own, first, radii, one.gap, away, most - 1)
    return [first, *line], why


def _radii(one: Asked, load: Load) -> Iterator[float]:
    """Radii of the dots in the order in which they are set, the first included."""
    if one.load == "each":
        return sizes(one.radius, 1.0, None)
    single = sizes(one.radius, load.ratio, load.dots)
    return single if one.load == "one" else chain(single, sizes(one.radius, load.ratio, load.dots))


def _even(trim: "WalkTrim", number: int, lines: dict[str, list[Disc]], findings: list[Finding]) -> None:
    """The same number on both sides when that is asked for; else a word about it."""
    counts = {side: len(line) for side, line in lines.items()}
    if len(counts) < 2 or len(set(counts.values())) == 1:
        return
    if trim.equal:
        least = min(counts.values())
        for side in lines:
            lines[side] = lines[side][:least]
    else:
        findings.append(Finding("uneven", number, tuple(float(n) for n in counts.values())))
