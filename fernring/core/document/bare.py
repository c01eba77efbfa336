"""Bare areas: a motif, a mask, a band that rows leave free. Lengths in mm."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .numbers import Coordinate, Frozen, Gap, Ident, Name, Walk, require_pairs


class BareDisc(Frozen):
    """A round area about a point."""

    kind: Literal["disc"] = "disc"
    x: Coordinate = 0.0
    y: Coordinate = 0.0
    diameter: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.2, le=1000)]


class BareBand(Frozen):
    """A ring between two walk distances."""

    kind: Literal["band"] = "band"
    inner: Walk
    outer: Walk


class BareShape(Frozen):
    """A silhouette by its corners."""

    kind: Literal["shape"] = "shape"
    x: Annotated[tuple[Coordinate, ...], Field(min_length=3, max_length=1000)]
    y: Annotated[tuple[Coordinate, ...], Field(min_length=3, max_length=1000)]

    @model_validator(mode="after")
    def _as_many(self) -> "BareShape":
        require_pairs("a silhouette", self.x, self.y)
        return self


class BareArea(Frozen):
    """Rows pass under it as if they went on beyond, or stop short of it evenly on both sides.

    With `whole` no dot may reach over its edge; without, dots whose middle lies outside stay. `gap` is kept to it.
    """

    id: Ident
    name: Name = "Bare area"
    area: Annotated[BareDisc | BareBand | BareShape, Field(discriminator="kind")]
    rows: Literal["pass under", "stop evenly"] = "pass under"
    whole: bool = True
    gap: Gap = 0.3
