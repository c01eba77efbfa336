"""Top dots: smaller dots on dry ones, one to four high, centred or shifted all the same way."""

from collections.abc import Callable, Mapping, Sequence
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import chosen, named
from ...document.numbers import FIRST, Tick
from ...document.shelf import Shade
from ...dots.table import Whole
from .grown import Finding
from .kind import MOST_INNER, Extent, Path, Places, Shades, Size, TrimKind, TrimRule, brief_size, spoken_size

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Disc, Host
    from .kind import TrimRule as Trim

WAYS = {"centred": (0.0, 0.0), "inward": (0.0, -1.0), "outward": (0.0, 1.0), "left": (-1.0, 0.0), "right": (1.0, 0.0)}


class TopTrim(TrimRule):
    """One to four smaller dots on a dry one, the lowest first; `shift` is a share of the room to the host's edge.

    `shades` go up the stack; with `turns` the colours between take turns around the row.
    """

    kind: Literal["top"] = "top"
    sizes: Annotated[tuple[Size, ...], FIRST, Field(min_length=1, max_length=4), named("Top dot", "sizes")]
    towards: Annotated[
        Literal["centred", "inward", "outward", "left", "right"],
        chosen("Shifted", centred="centred", inward="inward", outward="outward", left="left", right="right"),
        named("Shifted", wide=104),
    ] = "centred"
    shift: Annotated[
        float,
        Field(strict=True, ge=0, le=1),
        named("By", "share", when={"towards": ["inward", "outward", "left", "right"]}, wide=82),
    ] = 0.6
    turns: Annotated[Tick, named("shades take turns, the last between")] = False
    shades: Annotated[Shades, named("Shades", "shades")]
    trims: Annotated[tuple["Trim", ...], FIRST, Field(max_length=MOST_INNER)] = ()

    @property
    def carried(self) -> tuple[TrimRule, ...]:
        return self.trims


def grow(trim: TopTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """The stack on one host; trims on it sit on its highest dot."""
    discs = stack(trim, number, host, growth.findings)
    u, v, radii = (np.array(column) for column in zip(*discs, strict=True))
    (x, y, z), walks, outs = growth.around.at(host, u, v)
    heights = np.arange(len(discs))
    return growth.add(
        trim, number, host, len(discs), x=x, y=y, z=z, radius=radii, walk=walks, out_rad=outs,
        tool=np.array([growth.around.tool(size.tool) for size in trim.sizes]),
        level=host.level + 1 + heights,
        slot=slots(trim, heights, host.turn),
        below=np.concatenate(([host.dot], growth.count + 1 + heights[:-1])),
    )[-1:]  # fmt: skip


def stack(trim: TopTrim, number: int, host: "Host", findings: list[Finding]) -> list["Disc"]:
    """Discs from the lowest up, in the host's frame; each is shifted within the one below. Too large ones are named."""
    found: list[Disc] = []
    u, v, below = 0.0, 0.0, host.radius
    right, out = WAYS[trim.towards]
    for size in trim.sizes:
        radius = size.radius_on(below)
        if radius >= below - 1e-9:
            findings.append(Finding("top", number, (2 * radius, 2 * below)))
        room = max(below - radius, 0.0) * trim.shift
        u, v = u + right * room, v + out * room
        found.append((u, v, radius))
        below = radius
    return found


def slots(trim: TopTrim, height: Places, turn: Whole | int) -> Places:
    """Which shades dots at these heights take. With turns the even heights take turns round the row and the last shade
    lies between them: A, base, B ..., then B, base, C ..."""
    n = len(trim.shades)
    if not trim.turns or n < 3:
        return height % n
    return np.where(height % 2, n - 1, (turn + height // 2) % (n - 1))


def _slots(trim: TopTrim, order: Places, place: Whole) -> Places | None:
    return slots(trim, order, place) if trim.turns else None


def _sizes(trim: TopTrim) -> list[tuple[Path, Size]]:
    return [(("sizes", k), size) for k, size in enumerate(trim.sizes)]


def _extent(trim: TopTrim, radius: float, inner: Extent) -> float:
    return 2 * radius + inner(trim.trims, radius)


def _brief(trim: TopTrim) -> str:
    where = "" if trim.towards == "centred" else f", {trim.towards}"
    return f"top dot {' + '.join(brief_size(size) for size in trim.sizes)}{where}"


def _sentence(trim: TopTrim, tools: Mapping[str, str], host: str) -> str:
    stacked = ", on that ".join(spoken_size(size, tools) for size in trim.sizes)
    where = "" if trim.towards == "centred" else f", shifted {trim.towards}"
    return f"When dry, on {host} a smaller dot: {stacked}{where}."


def _begin(host: float, nearest: Callable[[float], dict[str, Any]], paints: Sequence[Shade]) -> dict[str, Any]:
    return {"kind": "top", "sizes": [nearest(0.5 * host)], "shades": [*paints[:1]]}


TOP = TrimKind(
    model=TopTrim,
    name="top dots",
    add="Add a top dot",
    grow=grow,
    extent=_extent,
    brief=_brief,
    sentence=_sentence,
    begin=_begin,
    turns=lambda _: "from below upward",
    sizes=_sizes,
    slots=_slots,
)
