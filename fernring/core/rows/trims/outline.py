"""A line of the pen round a dot and all that stands on it: petals, swipes; closed, at one gap.

Its middle is the locus of a disc as wide as the line that keeps exactly the gap to the body inside; notches which it
would not enter are bridged, so that the gap only grows there.
"""

from collections.abc import Callable, Mapping, Sequence
from math import pi
from typing import TYPE_CHECKING, Annotated, Any, Literal

import numpy as np
from pydantic import Field

from ...document.facts import named
from ...document.numbers import FIRST, Gap
from ...document.shelf import Shade
from ...dots.table import Array
from ...geometry.band import band
from ...words.lengths import mm
from .grown import Finding
from .hug import contacts, rounded
from .kind import Extent, Size, TrimKind, TrimRule, brief_size, spoken_size

if TYPE_CHECKING:
    from .growing import Growth
    from .host import Host

PIECES, EACH = 4, 16  # marks that join to the whole line, and stretches of each
BENT = 6.0  # widths: a notch that a disc of this radius does not enter is bridged
LEFT = np.array([-1.0, 1.0, 1.0])


class OutlineTrim(TrimRule):
    """Round the dot, and round what stands on it already."""

    kind: Literal["outline"] = "outline"
    size: Annotated[Size, named("Line width", "size")]
    gap: Annotated[Gap, named("Gap", wide=82)] = 0.3
    shades: Annotated[
        tuple[Shade, ...], FIRST, Field(max_length=24), named("Shades", "shades", none="in the dot's own shade")
    ] = ()


def grow(trim: OutlineTrim, number: int, host: "Host", growth: "Growth") -> list["Host"]:
    """Nothing sits on it. Left out where it would run over something that stands beside."""
    half = trim.size.radius_on(host.radius)
    standing = growth.standing_on(host)
    spine = line_round(np.array([(0.0, 0.0, host.radius), *standing]), half, trim.gap)
    far = float(np.hypot(*spine.T).max())
    others = np.array(growth.around.near(host, far + half)).reshape(-1, 3)
    apart = np.linalg.norm(spine[:, None] - others[None, :, :2], axis=2) - half - others[:, 2]
    if len(others) and float(apart.min()) < -1e-6:
        growth.findings.append(Finding("no place", number, (1.0,)))
        return []
    for k in range(PIECES):
        part = spine[np.arange(k * EACH, (k + 1) * EACH + 1) % len(spine)]
        growth.mark(number, host, part, np.full(len(part), half), band(part, half), 0)
    standing.extend((u, v, half) for u, v in spine.tolist())
    return []


def line_round(body: Array, half: float, gap: float) -> Array:
    """The middle of a line so wide to either side, round discs (n, 3) about the origin: a point on each direction."""
    right, left = rounded(body, BENT * half), rounded(body * LEFT, BENT * half) * LEFT
    angle = np.arange(PIECES * EACH) * 2 * pi / (PIECES * EACH)
    far, _, way = contacts(angle, np.concatenate((right, left)), half + gap)
    return np.asarray(far[:, None] * way)


def _extent(trim: OutlineTrim, radius: float, _: Extent) -> float:
    return trim.gap + 2 * trim.size.radius_on(radius)


def _brief(trim: OutlineTrim) -> str:
    return f"line round it {brief_size(trim.size)}"


def _sentence(trim: OutlineTrim, tools: Mapping[str, str], host: str) -> str:
    return (
        f"Draw a line of {spoken_size(trim.size, tools)} round {host} and all that stands on it, {mm(trim.gap)} clear."
    )


def _begin(host: float, nearest: Callable[[float], dict[str, Any]], shades: Sequence[Shade]) -> dict[str, Any]:
    return {"kind": "outline", "size": nearest(min(0.12 * host, 0.8)), "shades": list(shades[-1:])}


OUTLINE = TrimKind(
    model=OutlineTrim,
    name="line round it",
    add="Add a line round it",
    grow=grow,
    extent=_extent,
    brief=_brief,
    sentence=_sentence,
    begin=_begin,
    turns=lambda _: "from dot to dot",
    sizes=lambda trim: [(("size",), trim.size)],
    gap=lambda trim: trim.gap,
    swept=True,
)
