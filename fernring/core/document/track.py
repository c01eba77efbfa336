"""Tracks: where a row runs. Lengths in mm, angles in degrees."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .numbers import Coordinate, Degrees, DotDiameter, Frozen, Ident, Length, Walk, require_pairs

MOST_PATH_POINTS = 1000
_Segments = Annotated[int, Field(strict=True, ge=1, le=64)]


class CentreTrack(Frozen):
    kind: Literal["centre"] = "centre"


class RingTrack(Frozen):
    """Round the centre. With `beyond` set to "carry on" it goes on past the border, whole dots only."""

    kind: Literal["ring"] = "ring"
    beyond: Literal["stop", "carry on"] = "stop"


class InsetTrack(Frozen):
    """Along the blank's own edge, at an even distance from it; nested, each row lies inside the last."""

    kind: Literal["inset"] = "inset"


class LineTrack(Frozen):
    """Straight lines across the blank at even spacing, cut by the border. Angle 0 is upright."""

    kind: Literal["line"] = "line"
    angle: Degrees = 0.0
    lines: Annotated[int, Field(strict=True, ge=1, le=200)] = 1
    spacing: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.5, le=1000)] = 10.0


class ArcTrack(Frozen):
    """A curve from a point on one circle to a point on another, `across` segments further; `bulge` bends it out.

    A scallop has both ends on one circle, a star no bulge. It is drawn in every `every`-th segment, and again as its
    mirror image when `mirrored`.
    """

    kind: Literal["arc"] = "arc"
    start: Walk
    end: Walk
    across: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=64)] = 1.0
    bulge: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=-500, le=500)] = 0.0
    every: _Segments = 1
    mirrored: bool = False


class PathTrack(Frozen):
    """A path of its own, in mm from the centre, drawn in every `every`-th segment (nought: once)."""

    kind: Literal["path"] = "path"
    x: Annotated[tuple[Coordinate, ...], Field(min_length=2, max_length=MOST_PATH_POINTS)]
    y: Annotated[tuple[Coordinate, ...], Field(min_length=2, max_length=MOST_PATH_POINTS)]
    closed: bool = False
    every: Annotated[int, Field(strict=True, ge=0, le=64)] = 0
    mirrored: bool = False

    @model_validator(mode="after")
    def _as_many(self) -> "PathTrack":
        require_pairs("a path", self.x, self.y)
        return self


class CornerTrack(Frozen):
    """One place in every corner of the blank, `inward` from the corner of the border line."""

    kind: Literal["corner"] = "corner"
    inward: Length = 8.0


class GapsTrack(Frozen):
    """Into the gaps: the largest dot that fits, between `least` and the row's own size, or that size alone.

    Holes more than four times as wide as the row's own dots are open ground and stay empty.

    `rows` names the rows whose gaps are filled; empty, all gaps out to the last row.
    """

    kind: Literal["gaps"] = "gaps"
    rows: Annotated[tuple[Ident, ...], Field(max_length=60)] = ()
    least: DotDiameter = 0.6
    sizes: Literal["largest", "one size"] = "largest"


Track = Annotated[
    CentreTrack | RingTrack | InsetTrack | LineTrack | ArcTrack | PathTrack | CornerTrack | GapsTrack,
    Field(discriminator="kind"),
]
