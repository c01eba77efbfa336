"""A row: dots placed by one rule along one track. Rules are kept, not frozen numbers."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import Degrees, DotDiameter, Frozen, Gap, Ident, Label, Repeats, Walk
from .shelf import Shade


class CentreTrack(Frozen):
    kind: Literal["centre"] = "centre"


class RingTrack(Frozen):
    kind: Literal["ring"] = "ring"


Track = Annotated[CentreTrack | RingTrack, Field(discriminator="kind")]


class PerSegment(Frozen):
    """`repeats` of the pattern for every `segments` segments, so that changing the segments keeps the rule."""

    kind: Literal["per_segment"] = "per_segment"
    repeats: Annotated[int, Field(strict=True, ge=1, le=100)] = 1
    segments: Annotated[int, Field(strict=True, ge=1, le=64)] = 1


class Absolute(Frozen):
    kind: Literal["absolute"] = "absolute"
    repeats: Repeats


Count = Annotated[PerSegment | Absolute, Field(discriminator="kind")]


class Nested(Frozen):
    kind: Literal["nested"] = "nested"


class AtWalk(Frozen):
    kind: Literal["walk"] = "walk"
    walk: Walk


class OnGuide(Frozen):
    """On the guide circle with this id."""

    kind: Literal["guide"] = "guide"
    circle: Ident


Distance = Annotated[Nested | AtWalk | OnGuide, Field(discriminator="kind")]


class OnLines(Frozen):
    kind: Literal["on lines"] = "on lines"


class Between(Frozen):
    kind: Literal["between"] = "between"


class Offset(Frozen):
    """Into the dips of the row before."""

    kind: Literal["offset"] = "offset"


class AtAngle(Frozen):
    kind: Literal["angle"] = "angle"
    degrees: Degrees


Start = Annotated[OnLines | Between | Offset | AtAngle, Field(discriminator="kind")]


class Member(Frozen):
    """One dot of the pattern. `tool` None means a free size that no tool was named for."""

    diameter: DotDiameter
    tool: Ident | None = None


class Row(Frozen):
    """Count, size and distance are each a rule or fitted; `fit` names the one that is solved.

    `gap` is the clear distance asked between neighbours, and to what a nested row touches (mm).
    `shades` take turns along the places. `boundary` rows are drawn first and not nested on. `half` counts on a
    ball or egg only: the side whose pole the row is walked from.
    """

    id: Ident
    label: Label = ""
    track: Track = RingTrack()
    pattern: Annotated[tuple[Member, ...], Field(min_length=1, max_length=12)]
    count: Count = PerSegment()
    distance: Distance = Nested()
    start: Start = Offset()
    spacing: Literal["equal angles", "equal gaps"] = "equal angles"
    gap: Gap = 0.4
    fit: Literal["count", "size", "distance"] | None = None
    half: Literal["front", "back", "both"] = "front"
    boundary: Annotated[bool, Field(strict=True)] = False
    shades: Annotated[tuple[Shade, ...], Field(min_length=1, max_length=24)]
