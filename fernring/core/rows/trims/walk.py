"""Walked petals: layers of dots around a dot, down one side and then the other."""

from collections.abc import Callable, Mapping, Sequence
from itertools import islice
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import Fact, named
from ...document.kit import Load
from ...document.numbers import FIRST, Gap, Tick
from ...document.shelf import Shade
from ...words.numbers import counted
from .grown import Finding
from .kind import MOST_INNER, Extent, Path, Shades, Size, Smaller, TrimKind, TrimRule, brief_size, spoken_size
from .petal import placed_petal
from .roll import down_one_side, mirrored, on_axis, sizes, upside_down

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Around, Disc, Host
    from .kind import TrimRule as Trim

TYPICAL_LOAD = Load(ratio=0.9, dots=7)  # of a small stylus; common practice, no source


class WalkTrim(TrimRule):
    """Dots walked around a dot, from its outer point down one side to the foot, then the other.

    `load` "one" lets them diminish by the tool's ratio and end when it runs dry; "each" reloads, all equal. `count`
    is dots a side, None for as many as fit. `lead` dots in a line outward make the petal slim. `shading` runs the
    shades along the petal, takes one for each layer, or paints all in the first.
    """

    kind: Literal["walk"] = "walk"
    size: Annotated[Size, named("Walked dot", "size")]
    layers: Annotated[int, Field(strict=True, ge=1, le=6), named("Layers", "count", wide=70)] = 1
    load: Annotated[
        Literal["one", "each"],
        Fact("Loading", "choice", {"one": "one load, diminishing", "each": "reloaded, equal"}, wide=158),
    ] = "one"
    sides: Annotated[
        Literal["both", "left", "right"],
        Fact(
            "Sides",
            "choice",
            {"both": "both sides", "left": "left side only", "right": "right side only"},
            wide=118,
        ),
    ] = "both"
    count: Annotated[
        Annotated[int, Field(strict=True, ge=1, le=60)] | None,
        named("Dots a side", "count", none="as many as fit", wide=88),
    ] = None
    begin: Annotated[
        Literal["outer point", "foot"],
        Fact("Begins", "choice", {"outer point": "from the outer point", "foot": "from the foot"}, wide=148),
    ] = "outer point"
    lead: Annotated[int, Field(strict=True, ge=0, le=4), named("Lead dots", "count", wide=82)] = 0
    gap: Annotated[Gap, named("Petal gap", wide=82)] = 0.15
    shading: Annotated[
        Literal["along", "by layer", "one"],
        Fact(
            "Shading",
            "choice",
            {"by layer": "a shade each layer", "along": "along the petal", "one": "one shade"},
            wide=140,
        ),
    ] = "one"
    equal: Annotated[Tick, named("as many on both sides")] = True
    shades: Annotated[Shades, named("Shades", "shades")]
    trims: Annotated[tuple["Trim", ...], FIRST, Field(max_length=MOST_INNER)] = ()

    @property
    def carried(self) -> tuple[TrimRule, ...]:
        return self.trims


MOST_A_SIDE = 60
LEAST_RADIUS = 0.1
SEEN = 0.01  # mm; nobody sees less


class Petal:
    """What a walk leaves: dots in the host's frame, each with its layer, its side and its share of the way to the
    foot.
    """

    def __init__(self) -> None:
        self.dots: list[Disc] = []
        self.layer: list[int] = []
        self.side: list[int] = []
        self.along: list[float] = []
        self.findings: list[Finding] = []

    def add(self, dots: "list[Disc]", layer: int, side: int, along: list[float]) -> None:
        self.dots += dots
        self.layer += [layer] * len(dots)
        self.side += [side] * len(dots)
        self.along += along


def grow(trim: WalkTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """The petal round one host; trims on it sit on every dot of it."""
    petal = walked(trim, number, host, growth.around, growth.walked_on(host))
    growth.findings += petal.findings
    if not petal.dots:
        return []
    growth.walked_on(host).extend(petal.dots)
    (x, y, z), walks, outs, off = placed_petal(petal.dots, host, growth.around, trim.gap)
    if not off <= SEEN:
        growth.findings.append(Finding("not exact", number, (off,)))
    return growth.add(
        trim, number, host, len(petal.dots), x=x, y=y, z=z, radius=np.array([r for _, _, r in petal.dots]), walk=walks,
        out_rad=outs, tool=growth.around.tool(trim.size.tool), level=host.level, below=host.dot,
        layer=1 + np.array(petal.layer), side=np.array(petal.side), slot=np.array(_slots(trim, petal)),
    )  # fmt: skip


def _slots(trim: WalkTrim, petal: Petal) -> list[int]:
    """Which shade each dot of a petal takes: along it from first to last, one for each layer, or the first."""
    n = len(trim.shades)
    if trim.shading == "by layer":
        return [layer % n for layer in petal.layer]
    if trim.shading == "along":
        return [min(int(share * n), n - 1) for share in petal.along]
    return [0] * len(petal.dots)


def walked(trim: WalkTrim, number: int, host: "Host", around: "Around", before: "Sequence[Disc]" = ()) -> Petal:
    """Layer upon layer around the host; each layer sees the host, walks on it `before`, and all earlier layers."""
    radius = walk_radius(trim, host.radius)
    load, petal = around.loads.get(trim.size.tool or ""), Petal()
    if load is None and trim.load == "one":
        petal.findings.append(Finding("load not measured", number, (TYPICAL_LOAD.dots, TYPICAL_LOAD.ratio)))
    within = host.radius + (2 * radius + trim.gap) * (2 * trim.layers + trim.lead + 1)
    foreign = around.near(host, within)
    discs: list[Disc] = [(0.0, 0.0, host.radius), *before]
    for _ in range(trim.lead):
        lead = (0.0, on_axis(discs, radius, trim.gap), radius)
        petal.add([lead], 0, 0, [0.0])
        discs.append(lead)
    for layer in range(trim.layers):
        _layer(trim, number, layer, radius, load or TYPICAL_LOAD, discs, foreign, petal)
    return petal


def walk_radius(trim: WalkTrim, host: float) -> float:
    """Radius of the walked dots round a host dot of this radius (mm)."""
    return max(trim.size.radius_on(host), LEAST_RADIUS)


def _layer(
    trim: WalkTrim,
    number: int,
    layer: int,
    radius: float,
    load: Load,
    discs: "list[Disc]",
    foreign: "list[Disc]",
    petal: Petal,
) -> None:
    """One walk around: the dot on the axis, one side, and the other with a fresh load."""
    flip = trim.begin == "foot"
    seen, others = (upside_down(discs), upside_down(foreign)) if flip else (discs, foreign)
    first = (0.0, on_axis(seen, radius, trim.gap), radius)
    ratio, dots = (load.ratio, load.dots) if trim.load == "one" else (1.0, None)
    most = MOST_A_SIDE if trim.count is None else trim.count
    sides = {"both": ("right", "left"), "right": ("right",), "left": ("left",)}[trim.sides]
    lines, ends = {}, {}
    for side in sides:
        own, away = (seen, others) if side == "right" else (mirrored(seen), mirrored(others))
        radii = islice(sizes(radius, ratio, dots), 1, None)
        line, ends[side] = down_one_side(own, first, radii, trim.gap, away, most)
        if ends[side] == "load":
            endless = islice(sizes(radius, ratio, None), 1, None)
            need = len(down_one_side(own, first, endless, trim.gap, away, most)[0]) + 1
            if need > len(line) + 1:
                petal.findings.append(Finding("load", number, (need, len(line) + 1)))
        if ends[side] == "blocked":
            petal.findings.append(Finding("blocked", number, (layer + 1.0, float(len(line)))))
        lines[side] = line if side == "right" else mirrored(line)
    _even(trim, number, lines, petal)
    for number_of_side, line, along in ((0, [first], [0.0]), *_shared(lines)):
        placed = upside_down(line) if flip else line
        petal.add(placed, layer, number_of_side, along)
        discs += placed


def _even(trim: WalkTrim, number: int, lines: "dict[str, list[Disc]]", petal: Petal) -> None:
    """The same number on both sides when that is asked for; else a word about it."""
    counts = {side: len(line) for side, line in lines.items()}
    if len(counts) < 2 or len(set(counts.values())) == 1:
        return
    if trim.equal:
        least = min(counts.values())
        for side in lines:
            lines[side] = lines[side][:least]
    else:
        petal.findings.append(Finding("uneven", number, tuple(float(n) for n in counts.values())))


def _shared(lines: "dict[str, list[Disc]]") -> "list[tuple[int, list[Disc], list[float]]]":
    """Right and left, each dot with its share of the way to the foot."""
    found = []
    for side, name in ((1, "right"), (2, "left")):
        line = lines.get(name, [])
        found.append((side, line, [k / len(line) for k in range(1, len(line) + 1)]))
    return found


def _extent(trim: WalkTrim, radius: float, inner: Extent) -> float:
    own = walk_radius(trim, radius)
    return (2 * own + trim.gap) * (2 * trim.layers + trim.lead + 1) + inner(trim.trims, own)


def _brief(trim: WalkTrim) -> str:
    layers = f", {trim.layers} layers" if trim.layers > 1 else ""
    sides = "" if trim.sides == "both" else f", {trim.sides} side"
    return f"walked {brief_size(trim.size)}{layers}{sides}{', reloaded' if trim.load == 'each' else ''}"


def _sentence(trim: WalkTrim, tools: Mapping[str, str], host: str) -> str:
    load = "reloading for each" if trim.load == "each" else "from one load a side, so that they grow smaller"
    count = f"{counted(trim.count)} on a side" if trim.count else "as many as fit"
    sides = "down one side and then the other" if trim.sides == "both" else f"down the {trim.sides} side only"
    begin = "from its foot up" if trim.begin == "foot" else "from its outer point"
    layers = f", {counted(trim.layers)} layers deep" if trim.layers > 1 else ""
    lead = f" after {counted(trim.lead)} in a line outward" if trim.lead else ""
    size = spoken_size(trim.size, tools)
    return f"Walk dots of {size} round {host}{lead}, {begin} {sides}: {count}, {load}{layers}."


def _begin(host: float, nearest: Callable[[float], dict[str, Any]], paints: Sequence[Shade]) -> dict[str, Any]:
    size, shades = nearest(0.22 * host), [paints[k % len(paints)] for k in range(3)]
    return {"kind": "walk", "size": size, "layers": 3, "shades": shades, "shading": "by layer"}


def _smaller(trim: WalkTrim, _: float) -> list[list[Smaller]]:
    words = ("One layer less", *(f"{counted(less).capitalize()} layers less" for less in range(2, trim.layers)))
    return [[Smaller(say, {"layers": trim.layers - less}) for less, say in enumerate(words[: trim.layers - 1], 1)]]


def _sizes(trim: WalkTrim) -> list[tuple[Path, Size]]:
    return [(("size",), trim.size)]


WALK = TrimKind(
    model=WalkTrim,
    name="petal",
    add="Add a petal",
    grow=grow,
    extent=_extent,
    brief=_brief,
    sentence=_sentence,
    begin=_begin,
    turns=lambda trim: "layer by layer" if trim.shading == "by layer" else "along it",
    sizes=_sizes,
    gap=lambda trim: trim.gap,
    smaller=_smaller,
)
