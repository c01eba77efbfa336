"""Regions of the blank that rows leave free: a disc, a band, or a shape of one or more closed lines. Lengths in mm."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import chosen, named
from .numbers import FIRST, Coordinate, Frozen, Gap, Ident, Name, Tick, Walk, require_pairs

MOST_LINES, MOST_POINTS = 40, 1000


class Line(Frozen):
    """A closed line by its corners, the last joined to the first."""

    x: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]
    y: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]

    @model_validator(mode="after")
    def _as_many(self) -> "Line":
        require_pairs("a closed line", self.x, self.y)
        return self


class DiscRegion(Frozen):
    """A round area about a point."""

    kind: Literal["disc"] = "disc"
    x: Annotated[Coordinate, named("Right of the centre")] = 0.0
    y: Annotated[Coordinate, named("Below the centre")] = 0.0
    diameter: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.2, le=1000), named("Across", "length")]


class BandRegion(Frozen):
    """A ring between two walk distances."""

    kind: Literal["band"] = "band"
    inner: Annotated[Walk, named("From")]
    outer: Annotated[Walk, named("To")]


class ShapeRegion(Frozen):
    """A silhouette: what lies inside its closed lines.

    Where lines overlap or lie in one another, "even-odd" takes what is enclosed an odd number of times, so that an
    inner line is a hole; "non-zero" counts the way each line runs round.
    """

    kind: Literal["shape"] = "shape"
    lines: Annotated[tuple[Line, ...], FIRST, Field(min_length=1, max_length=MOST_LINES)]
    rule: Literal["even-odd", "non-zero"] = "even-odd"

    @model_validator(mode="after")
    def _not_too_fine(self) -> "ShapeRegion":
        points = sum(len(line.x) for line in self.lines)
        if points > 2 * MOST_POINTS:
            raise ValueError(f"a silhouette has at most {2 * MOST_POINTS} corners in all; this one has {points}")
        return self


Region = Annotated[DiscRegion | BandRegion | ShapeRegion, Field(discriminator="kind")]


class BareArea(Frozen):
    """A region that stays bare. Rows pass under it as if they went on beyond, or stop short of it evenly on both sides.

    With `whole` no dot may reach over its edge; without, dots whose middle lies outside stay. `gap` is kept to it.
    """

    id: Ident
    name: Annotated[Name, named("Name of the area")] = "Bare area"
    area: Region
    rows: Annotated[
        Literal["pass under", "stop evenly"],
        chosen("Rows", pass_under="rows pass under it", stop_evenly="rows stop evenly beside it"),
    ] = "pass under"
    whole: Annotated[Tick, named("whole dots only")] = True
    gap: Annotated[Gap, named("Gap to it")] = 0.3
