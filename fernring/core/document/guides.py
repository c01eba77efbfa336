"""Guides: the lines drawn before painting."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import DotDiameter, Frozen, Ident, Walk

Marker = Literal[
    "chalk pencil", "charcoal pencil", "watercolour pencil", "dry-wipe marker", "scribing point", "soft pencil"
]


class GuideCircle(Frozen):
    """A circle to draw at a walk distance from the centre."""

    id: Ident
    walk: Walk


class CircleSteps(Frozen):
    """Circles at `first` and then every `step`, out to the edge (mm along the surface)."""

    first: Annotated[Walk, Field(gt=0)]
    step: Annotated[DotDiameter, Field(ge=1)]


class Guides(Frozen):
    """`at_rows` draws a circle through these rows. `boundary` is the diameter of a circle that a mandala on an oval
    stays in; the ends beyond it are drawn as regions of their own. `edge_parts` divides every straight edge into
    equal parts, `rim_ticks` the edge of a round blank by halving.
    """

    spokes: Literal["all", "every second", "first cross", "none"] = "all"
    circles: Annotated[tuple[GuideCircle, ...], Field(max_length=60)] = ()
    steps: CircleSteps | None = None
    at_rows: Annotated[tuple[Ident, ...], Field(max_length=60)] = ()
    boundary: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=5, le=1000)] | None = None
    midlines: Annotated[bool, Field(strict=True)] = False
    diagonals: Annotated[bool, Field(strict=True)] = False
    edge_parts: Annotated[int, Field(strict=True, ge=2, le=64)] | None = None
    rim_ticks: Literal[4, 8, 16, 32, 64] | None = None
    marker: Marker | None = None
