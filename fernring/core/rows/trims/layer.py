"""One layer of a walk: what is asked of it, by itself or by the trim."""

from dataclasses import dataclass
from typing import TYPE_CHECKING, Annotated, Literal

from pydantic import Field

from ...document.facts import Fact, named
from ...document.numbers import FIRST, Frozen, Gap
from ...document.shelf import Shade
from .kind import Share, Size

if TYPE_CHECKING:
    from .walk import WalkTrim

LEAST_RADIUS = 0.1
LOADS = {"one": "one load, diminishing", "two": "two loads a side", "each": "reloaded, equal"}

Loading = Literal["one", "two", "each"]
SAME = "as the petal"
Span = Literal["foot", "flanks", "shoulders"]


class Layer(Frozen):
    """Where one layer of a walk differs from its trim; what is None or empty is as the trim says.

    `tip` is the size of the dot at its outer point. `span` lets it run to the foot, end at the shoulders (the tip and
    its two flanks), or begin at them; the shoulders are level with the middle of the dot that is walked around.
    `change` is the share of the way at which its first shade gives way to its second.
    """

    size: Annotated[Size | None, named("Dot of the layer", "size", none=SAME)] = None
    tip: Annotated[Size | None, named("Its tip", "size", none="as the others")] = None
    span: Annotated[
        Span,
        Fact(
            "Runs",
            "choice",
            {"foot": "to the foot", "flanks": "tip and two flanks", "shoulders": "from the shoulders down"},
            wide=160,
        ),
    ] = "foot"
    count: Annotated[
        Annotated[int, Field(strict=True, ge=1, le=60)] | None,
        named("Dots a side", "count", none="same", wide=88),
    ] = None
    load: Annotated[Loading | None, Fact("Loading", "choice", LOADS, none=SAME, wide=158)] = None
    gap: Annotated[Gap | None, named("Gap", none="same", wide=92)] = None
    shades: Annotated[tuple[Shade, ...], FIRST, Field(max_length=24), named("Shades", "shades", none=SAME)] = ()
    change: Annotated[Share | None, Fact("Changes at", "share", none="evenly", wide=88)] = None


@dataclass(frozen=True)
class Asked:
    """A layer with everything told, on a host of some radius (mm). `slot` is where its own shades begin among those of
    the trim, None when it has none."""

    radius: float
    tip: float
    tool: str
    tip_tool: str
    gap: float
    load: Loading
    count: int | None
    span: Span
    slot: int | None
    shades: int
    change: float | None


def asked(trim: "WalkTrim", layer: int, host: float) -> Asked:
    """What is asked of a layer, counted from 0."""
    own = trim.own[layer] if layer < len(trim.own) else Layer()
    size = own.size or trim.size
    tip = own.tip or size
    before = len(trim.shades) + sum(len(one.shades) for one in trim.own[:layer])
    return Asked(
        radius=max(size.radius_on(host), LEAST_RADIUS),
        tip=max(tip.radius_on(host), LEAST_RADIUS),
        tool=size.tool or "",
        tip_tool=tip.tool or "",
        gap=trim.gap if own.gap is None else own.gap,
        load=own.load or trim.load,
        count=own.count or trim.count,
        span=own.span,
        slot=before if own.shades else None,
        shades=len(own.shades),
        change=own.change,
    )


def slot(one: Asked, along: float) -> int:
    """Which of the trim's shades a dot takes so far along a layer that has shades of its own."""
    if one.change is not None and one.shades > 1:
        return (one.slot or 0) + int(along >= one.change)
    return (one.slot or 0) + min(int(along * one.shades), one.shades - 1)
