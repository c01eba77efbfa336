"""What a row sees when it is placed: the surface, the segments, and the rows above it on the sheet."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

from ..geometry.surface import Surface
from .placed import PlacedRow


@dataclass(frozen=True)
class Context:
    """One half of the blank (the only one, unless it is a ball or egg).

    `limit` is the walk distance of the border line where it comes nearest; dots may `lap` over it on a ball or egg
    without a border. `closed` says that this is half of a ball or egg. `circles` are the guide circles' walks by id.
    """

    surface: Surface
    segments: int
    turn_rad: float
    limit: float
    circles: Mapping[str, float]
    closed: bool = False
    laps: bool = False
    placed: tuple[PlacedRow, ...] = ()

    def with_row(self, row: PlacedRow) -> "Context":
        """The context the next row sees; a row without dots leaves no trace in it."""
        return replace(self, placed=(*self.placed, row)) if len(row.x) else self

    def passed(self, walk: float, diameter: float) -> float:
        """How far a ring of these dots passes the border (mm; negative inside)."""
        return walk - self.limit if self.laps else walk + diameter / 2 - self.limit

    @property
    def nestable(self) -> tuple[PlacedRow, ...]:
        """Rows that later rows nest on: all but those marked boundary."""
        return tuple(row for row in self.placed if not row.boundary)

    @property
    def before(self) -> PlacedRow | None:
        """The row before: the last one that is not a boundary row."""
        return next((row for row in reversed(self.placed) if not row.boundary), None)
