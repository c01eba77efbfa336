"""A row: dots placed by one rule along one track. Rules are kept, not frozen numbers."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .numbers import Degrees, DotDiameter, Frozen, Gap, Ident, Label, Length, Repeats, Walk
from .shelf import Shade
from .track import RingTrack, Track
from .trim import MOST_DEPTH, Trim, depth


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


class FromEdge(Frozen):
    """`inward` from the edge of the blank, measured over the surface: rows on a rim, along an edge."""

    kind: Literal["edge"] = "edge"
    inward: Length


class OnGuide(Frozen):
    """On the guide circle with this id."""

    kind: Literal["guide"] = "guide"
    circle: Ident


Distance = Annotated[Nested | AtWalk | FromEdge | OnGuide, Field(discriminator="kind")]


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

Form = Literal["dot", "blank", "oval", "leaf", "stroke", "diamond"]


class Member(Frozen):
    """One mark of the pattern. `tool` None means a free size that no tool was named for.

    A "blank" is a place left out. Ovals, leaves, strokes and diamonds are `diameter` wide and `length` long, pointing
    outward, or along the row when `lies` says so. `shade` None lets the row's shades take turns.
    """

    diameter: DotDiameter
    tool: Ident | None = None
    form: Form = "dot"
    length: Annotated[float, Field(strict=True, ge=0.2, le=120)] | None = None
    lies: Literal["outward", "along"] = "outward"
    shade: Shade | None = None

    @property
    def shaped(self) -> bool:
        """Whether it is painted, but is no dot."""
        return self.form not in ("dot", "blank")

    @property
    def extent(self) -> float:
        """Length of a shape (mm); twice its width unless stated."""
        return self.length or 2 * self.diameter


class Group(Frozen):
    """Several dots at every place: a line outward, a pair beside each other, a triangle, diamond, box or fan.

    `count` counts for lines and fans; each next dot of a line is smaller by `falls`.
    """

    kind: Literal["line", "pair", "triangle", "diamond", "box", "fan"]
    count: Annotated[int, Field(strict=True, ge=2, le=12)] = 3
    falls: Annotated[float, Field(strict=True, ge=0, le=0.6)] = 0.0


class Row(Frozen):
    """Count, size and distance are each a rule or fitted; `fit` names the one that is solved.

    `gap` is the clear distance asked between neighbours, and to what a nested row touches (mm).
    `shades` take turns along the places. `boundary` rows are drawn first and not nested on. `half` counts on a
    ball or egg only: the side whose pole the row is walked from. `trims` sit on every dot of the pattern's member
    `trimmed`, or on its largest when that is None.
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
    group: Group | None = None
    trims: Annotated[tuple[Trim, ...], Field(max_length=8)] = ()
    trimmed: Annotated[int, Field(strict=True, ge=0, le=11)] | None = None

    @property
    def sizes(self) -> tuple[float, ...]:
        """Diameters asked of the pattern's members (mm)."""
        return tuple(member.diameter for member in self.pattern)

    @model_validator(mode="after")
    def _possible(self) -> "Row":
        if depth(self.trims) > MOST_DEPTH:
            raise ValueError(f"trims sit on trims at most {MOST_DEPTH} deep; these are {depth(self.trims)} deep")
        if self.trimmed is not None and self.trimmed >= len(self.pattern):
            raise ValueError(f"the pattern has {len(self.pattern)} members, and trims sit on number {self.trimmed + 1}")
        if all(member.form == "blank" for member in self.pattern):
            raise ValueError("a pattern of blanks alone paints nothing")
        return self
