"""Walked petals: layers of dots around a dot, down one side and then the other."""

from collections.abc import Callable, Mapping, Sequence
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import Fact, named
from ...document.numbers import FIRST, Gap, Tick
from ...document.shelf import Shade
from ...words.lengths import mm
from ...words.numbers import counted
from .grown import Finding
from .kind import MOST_INNER, Extent, Path, Shades, Size, Smaller, TrimKind, TrimRule, brief_size, spoken_size
from .layer import LOADS, Layer, Loading, asked, slot
from .petal import placed_petal
from .walking import Petal, far, walked

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Host
    from .kind import TrimRule as Trim


class WalkTrim(TrimRule):
    """Dots walked around a dot, from its outer point down one side to the foot, then the other.

    `load` "one" lets them diminish by the tool's ratio and end when it runs dry, "two" takes a second load then, "each"
    reloads, all equal. `count` is dots a side, None for as many as fit. `lead` dots in a line outward make the petal
    slim. `shading` runs the shades along the petal, takes one for each layer, or paints all in the first. `own` says
    where layers differ, from the innermost on.
    """

    kind: Literal["walk"] = "walk"
    size: Annotated[Size, named("Walked dot", "size")]
    layers: Annotated[int, Field(strict=True, ge=1, le=6), named("Layers", "count", wide=70)] = 1
    load: Annotated[
        Loading,
        Fact("Loading", "choice", LOADS, wide=158),
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
    own: Annotated[tuple[Layer, ...], FIRST, Field(max_length=6), named("Layer", "rules")] = ()
    trims: Annotated[tuple["Trim", ...], FIRST, Field(max_length=MOST_INNER)] = ()

    @property
    def painted(self) -> tuple[Shade, ...]:
        return (*self.shades, *(shade for layer in self.own for shade in layer.shades))

    @property
    def carried(self) -> tuple[TrimRule, ...]:
        return self.trims


SEEN = 0.01  # mm; nobody sees less
LOADED = {"one": "", "two": ", two loads", "each": ", reloaded"}


def grow(trim: WalkTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """The petal round one host; trims on it sit on every dot of it."""
    standing = growth.standing_on(host)
    petal = walked(trim, number, host, growth.around, standing)
    growth.findings += petal.findings
    if not petal.dots:
        return []
    discs = [dot.disc for dot in petal.dots]
    gaps = np.array([dot.gap for dot in petal.dots])
    (x, y, z), walks, outs, off, (u, v) = placed_petal(discs, host, growth.around, gaps, standing)
    standing.extend((*at, r) for *at, (_, _, r) in zip(u.tolist(), v.tolist(), discs, strict=True))
    if not off <= SEEN:
        growth.findings.append(Finding("not exact", number, (off,)))
    return growth.add(
        trim, number, host, len(petal.dots), x=x, y=y, z=z, radius=np.array([r for _, _, r in discs]), walk=walks,
        out_rad=outs, tool=np.array([growth.around.tool(dot.tool) for dot in petal.dots]), level=host.level,
        below=host.dot, layer=1 + np.array([dot.layer for dot in petal.dots]),
        side=np.array([on_side(dot.side, host.hand) for dot in petal.dots]),
        slot=np.array(_slots(trim, petal, host.radius)),
    )  # fmt: skip


def on_side(side: int, hand: float) -> int:
    """1 right, 2 left of the axis as they are seen; a mirror image changes them."""
    return 3 - side if side and hand < 0 else side


def _slots(trim: WalkTrim, petal: Petal, host: float) -> list[int]:
    """Which shade each dot of a petal takes: its layer's own, along it from first to last, one for each layer, or the
    first."""
    n, layers = len(trim.shades), [asked(trim, k, host) for k in range(trim.layers)]
    found = []
    for dot in petal.dots:
        if layers[dot.layer].slot is not None:
            found.append(slot(layers[dot.layer], dot.along))
        elif trim.shading == "by layer":
            found.append(dot.layer % n)
        else:
            found.append(min(int(dot.along * n), n - 1) if trim.shading == "along" else 0)
    return found


def _own_gaps(trim: WalkTrim) -> list[float]:
    return [layer.gap for layer in trim.own if layer.gap is not None]


def _extent(trim: WalkTrim, radius: float, inner: Extent) -> float:
    widest = max(max(one.radius, one.tip) for one in (asked(trim, k, radius) for k in range(trim.layers)))
    return far(trim, radius) + inner(trim.trims, widest)


def _brief(trim: WalkTrim) -> str:
    layers = f", {trim.layers} layers" if trim.layers > 1 else ""
    sides = "" if trim.sides == "both" else f", {trim.sides} side"
    return f"walked {brief_size(trim.size)}{layers}{sides}{LOADED[trim.load]}"


def _sentence(trim: WalkTrim, tools: Mapping[str, str], host: str) -> str:
    load = {
        "each": "reloading for each",
        "one": "from one load a side, so that they grow smaller",
        "two": "from two loads a side, each growing smaller",
    }[trim.load]
    count = f"{counted(trim.count)} on a side" if trim.count else "as many as fit"
    sides = "down one side and then the other" if trim.sides == "both" else f"down the {trim.sides} side only"
    begin = "from its foot up" if trim.begin == "foot" else "from its outer point"
    layers = f", {counted(trim.layers)} layers deep" if trim.layers > 1 else ""
    lead = f" after {counted(trim.lead)} in a line outward" if trim.lead else ""
    size = spoken_size(trim.size, tools)
    own = "".join(_own(k, layer, tools) for k, layer in enumerate(trim.own[: trim.layers], 1))
    return f"Walk dots of {size} round {host}{lead}, {begin} {sides}: {count}, {load}{layers}.{own}"


def _own(k: int, layer: Layer, tools: Mapping[str, str]) -> str:
    """ " Layer 2: dots of {1.5} (Ball 1.0), tip and two flanks." where it differs from the others."""
    said = [
        f"dots of {spoken_size(layer.size, tools)}" if layer.size else "",
        f"its tip dot {spoken_size(layer.tip, tools)}" if layer.tip else "",
        {"foot": "", "flanks": "the tip and two flanks only", "shoulders": "from the shoulders down"}[layer.span],
        f"{counted(layer.count)} on a side" if layer.count else "",
        LOADS[layer.load] if layer.load else "",
        f"{mm(layer.gap)} apart" if layer.gap is not None else "",
    ]
    words = ", ".join(part for part in said if part)
    return f" Layer {k}: {words}." if words else ""


def _parts(trim: WalkTrim) -> list[tuple[str, tuple[Shade, ...], str]]:
    found = []
    for k, layer in enumerate(trim.own[: trim.layers], 1):
        at = "along it" if layer.change is None else f"along it, the second from {100 * layer.change:.0f} per cent on"
        found += [(f"Layer {k}", layer.shades, at)] if layer.shades else []
    return found


def _begin(host: float, nearest: Callable[[float], dict[str, Any]], paints: Sequence[Shade]) -> dict[str, Any]:
    size, shades = nearest(0.22 * host), [paints[k % len(paints)] for k in range(3)]
    return {"kind": "walk", "size": size, "layers": 3, "shades": shades, "shading": "by layer"}


def _smaller(trim: WalkTrim, _: float) -> list[list[Smaller]]:
    words = ("One layer less", *(f"{counted(less).capitalize()} layers less" for less in range(2, trim.layers)))
    return [[Smaller(say, {"layers": trim.layers - less}) for less, say in enumerate(words[: trim.layers - 1], 1)]]


def _sizes(trim: WalkTrim) -> list[tuple[Path, Size]]:
    own = [
        (("own", k, name), size)
        for k, layer in enumerate(trim.own)
        for name in ("size", "tip")
        if (size := getattr(layer, name)) is not None
    ]
    return [(("size",), trim.size), *own]


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
    parts=_parts,
    gap=lambda trim: min((trim.gap, *_own_gaps(trim))),
    gaps=lambda trim: (trim.gap, *_own_gaps(trim)),
    smaller=_smaller,
    walks=True,
)
