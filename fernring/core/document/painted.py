"""What is on the piece already: a row's dots and marks as they are, which no rule moves any more."""

from collections.abc import Iterator, Sequence
from typing import Annotated, Literal

from pydantic import Field, model_validator

from ..rows.most import MOST_DOTS, MOST_MARKS
from .facts import named
from .motif import Motif
from .numbers import FIRST, Degrees, DotDiameter, Frozen, Ident, require_different

MOST_POINTS = 2_000
_real = Field(strict=True, allow_inf_nan=False, ge=-5000, le=5000)
Real = Annotated[float, _real]
Place = Annotated[int, Field(strict=True, ge=0, le=MOST_DOTS)]
Number = Annotated[int, Field(strict=True, ge=-1, le=MOST_DOTS)]
Reals = Annotated[tuple[Real, ...], FIRST, Field(max_length=MOST_DOTS)]
Off = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=-20, le=20)]
Line = Annotated[tuple[Real, ...], FIRST, Field(max_length=MOST_POINTS)]
Widths = Annotated[tuple[Annotated[float, _real, Field(gt=0)], ...], FIRST, Field(max_length=MOST_DOTS)]
Numbers = Annotated[tuple[Number, ...], FIRST, Field(max_length=MOST_DOTS)]


class PaintedDots(Frozen):
    """Dots by what they are, in columns of one length: a row's own first, then those of its trims.

    `x`, `y`, `z`, `diameter` and `walk` in mm, `out` in degrees, as in the plan. `place`, `member`, `layer`, `side`,
    `level` and `slot` say which dot of the row it is; `trim` counts the trims that the record names, -1 for own dots,
    `tool` its tools, -1 for none. `host` and `below` are lines of these columns.
    """

    x: Reals = ()
    y: Reals = ()
    z: Reals = ()
    diameter: Widths = ()
    walk: Reals = ()
    out: Reals = ()
    place: Numbers = ()
    member: Numbers = ()
    trim: Numbers = ()
    layer: Numbers = ()
    side: Numbers = ()
    level: Numbers = ()
    slot: Numbers = ()
    tool: Numbers = ()
    host: Numbers = ()
    below: Numbers = ()

    @property
    def count(self) -> int:
        return len(self.x)

    @model_validator(mode="after")
    def _whole(self) -> "PaintedDots":
        for name in type(self).model_fields:
            _require_long("painted dots", name, getattr(self, name), self.count)
        if any(not 0 <= other < self.count for other in (*self.host, *self.below)):
            raise ValueError("a painted dot stands on a dot that the record does not hold")
        return self


class PaintedMark(Frozen):
    """A swipe, a line or a shape: its outline, and the discs that fill it (mm). It starts from the own dot `host`."""

    outline_x: Line
    outline_y: Line
    outline_z: Line
    x: Line
    y: Line
    z: Line
    walk: Line
    girth: Line
    host: Place
    trim: Number
    slot: Place
    area: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=10**7)]
    level: Annotated[int, Field(strict=True, ge=0, le=40)]
    glued: Annotated[bool, Field(strict=True)] = False

    @model_validator(mode="after")
    def _whole(self) -> "PaintedMark":
        for name in ("outline_y", "outline_z"):
            _require_long("the outline of a painted mark", name, getattr(self, name), len(self.outline_x))
        for name in ("y", "z", "walk", "girth"):
            _require_long("a painted mark", name, getattr(self, name), len(self.x))
        if len(self.outline_x) < 3 or not self.x:
            raise ValueError("a painted mark has an outline of at least three points and one disc")
        return self


class PaintedPart(Frozen):
    """The row on one half, or at one place of its motif. The first `own` of the dots are the row's own.

    The others are figures that the plan had of it: see PlacedRow. `ring` holds angles in degrees, none where the row
    runs along no ring. `measured` are dots whose size or place was taken from the piece itself.
    """

    half: Literal["front", "back"] = "front"
    own: Place
    repeats: Annotated[int, Field(strict=True, ge=0, le=MOST_DOTS)]
    diameters: Annotated[Widths, Field(min_length=1, max_length=12)]
    walk: Real
    clear: Real | None = None
    round: Annotated[bool, Field(strict=True)] = False
    ring: Reals = ()
    left_out: Place = 0
    drawn: Annotated[bool, Field(strict=True)] = False
    depth: Real | None = None
    dots: PaintedDots
    marks: Annotated[tuple[PaintedMark, ...], FIRST, Field(max_length=MOST_MARKS)] = ()
    measured: Annotated[tuple[Place, ...], FIRST, Field(max_length=MOST_DOTS)] = ()

    @model_validator(mode="after")
    def _whole(self) -> "PaintedPart":
        if self.own > self.dots.count:
            raise ValueError(f"a painted row has {self.own} dots of its own, and its record holds {self.dots.count}")
        if any(mark.host >= self.own for mark in self.marks):
            raise ValueError("a painted mark starts from a dot that the row does not have")
        if any(place >= self.dots.count for place in self.measured):
            raise ValueError("a measured dot is not among the painted ones")
        return self


class Painted(Frozen):
    """A row that was begun: what is on the piece stays as it is, whatever its rule would give now.

    `motif` is the row's as it stood, and `turn` that of the piece then (degrees): what is painted round it stays where
    it is. `rules` is the number of the way of planning by which its places were found. `trims` are the ids of the trims
    that were begun as well, those on them included; the others still grow by their rules. `tools` are ids.
    """

    rules: Annotated[int, Field(strict=True, ge=1, le=10**6)]
    trims: Annotated[tuple[Ident, ...], FIRST, Field(max_length=64)] = ()
    tools: Annotated[tuple[Ident, ...], FIRST, Field(max_length=120)] = ()
    parts: Annotated[tuple[PaintedPart, ...], FIRST, Field(min_length=1, max_length=200)]
    motif: Motif | None = None
    turn: Degrees = 0.0

    @property
    def measured(self) -> bool:
        """Whether any of it was taken from the piece itself."""
        return any(part.measured for part in self.parts)

    @property
    def members(self) -> Iterator[int]:
        for part in self.parts:
            yield from part.dots.member

    @model_validator(mode="after")
    def _whole(self) -> "Painted":
        require_different("painted trims", self.trims)
        for part in self.parts:
            trims = (*part.dots.trim, *(mark.trim for mark in part.marks))
            if max(trims, default=-1) >= len(self.trims):
                raise ValueError("a painted dot belongs to a trim that the record does not name")
            if max(part.dots.tool, default=-1) >= len(self.tools):
                raise ValueError("a painted dot was set with a tool that the record does not name")
        return self


class Found(Frozen):
    """How a dot is on the piece: its diameter (None: as planned), and how far outward and to the right of its place, as
    seen looking outward, it lies (mm)."""

    diameter: Annotated[DotDiameter | None, named("It measures", "length")] = None
    outward: Annotated[Off, named("Outward by", "length")] = 0.0
    right: Annotated[Off, named("To the right, looking outward, by", "length")] = 0.0


def _require_long(what: str, name: str, column: Sequence[object], count: int) -> None:
    if len(column) != count:
        raise ValueError(f"{what}: the column “{name}” has {len(column)} entries, and the first has {count}")
