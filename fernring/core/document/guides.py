"""Guides: the lines drawn before painting."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import Fact, named
from .numbers import FIRST, DotDiameter, Frozen, Ident, Tick, Walk

MOST_CIRCLES = 60
Marker = Literal[
    "chalk pencil", "charcoal pencil", "watercolour pencil", "dry-wipe marker", "scribing point", "soft pencil"
]


class GuideCircle(Frozen):
    """A circle to draw at a walk distance from the centre."""

    id: Ident
    walk: Walk


class CircleSteps(Frozen):
    """Circles at `first` and then every `step`, out to the edge (mm along the surface)."""

    first: Annotated[Walk, Field(gt=0), named("First circle at")]
    step: Annotated[DotDiameter, Field(ge=1), named("Then every", "distance")]


class Guides(Frozen):
    """`at_rows` draws a circle through these rows. `boundary` is the diameter of a circle that a mandala on an oval
    stays in; the ends beyond it are drawn as regions of their own. `edge_parts` divides every straight edge into
    equal parts, `rim_ticks` the edge of a round blank by halving.
    """

    spokes: Annotated[
        Literal["all", "every second", "first cross", "none"],
        Fact("Spokes drawn", "choice", {name: name for name in ("all", "every second", "first cross", "none")}),
    ] = "all"
    circles: Annotated[tuple[GuideCircle, ...], FIRST, Field(max_length=MOST_CIRCLES)] = ()
    steps: CircleSteps | None = None
    at_rows: Annotated[tuple[Ident, ...], FIRST, Field(max_length=MOST_CIRCLES)] = ()
    boundary: Annotated[
        Annotated[float, Field(strict=True, allow_inf_nan=False, ge=5, le=1000)] | None,
        named("Boundary circle across", "distance", none="none"),
    ] = None
    midlines: Annotated[Tick, named("midlines")] = False
    diagonals: Annotated[Tick, named("diagonals")] = False
    edge_parts: Annotated[
        Annotated[int, Field(strict=True, ge=2, le=64)] | None, named("Parts of each edge", "count", none="none")
    ] = None
    rim_ticks: Annotated[
        Literal[4, 8, 16, 32, 64] | None,
        Fact(
            "Ticks at the edge",
            "choice",
            {"4": "quarters", "8": "eighths", "16": "sixteenths", "32": "32nds", "64": "64ths"},
            none="none",
        ),
    ] = None
    marker: Marker | None = None
