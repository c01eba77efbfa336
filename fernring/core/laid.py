"""A piece laid out: what the verdicts and the totals look at."""

from bisect import insort
from dataclasses import dataclass
from functools import cached_property
from math import gcd

from .colour.shades import Colouring
from .document.names import row_marks, spoken
from .document.piece import Piece
from .dots import Dots, Marked
from .ground.ground import Ground
from .rows.context import Context
from .rows.layout import Halves, left_over, nearest, outermost
from .rows.placed import PlacedRow


@dataclass(frozen=True)
class Near:
    """The closest dot of the rows before: its clear distance (mm) and the two dots' rows and places."""

    clear: float
    place: int
    other_row: int
    other_place: int


@dataclass(frozen=True)
class Laid:
    """The rows of `piece` on its blank; `near[i]` is row i's nearest neighbour among the rows before it."""

    piece: Piece
    ground: Ground
    halves: Halves
    rows: tuple[PlacedRow, ...]
    dots: Dots
    shapes: tuple[Marked, ...]
    shades: tuple[Colouring, ...]
    ramps: dict[str, list[str]]
    near: tuple[Near | None, ...]

    @property
    def context(self) -> Context:
        """The front, with every row on it."""
        return self.halves.front

    @cached_property
    def marks(self) -> list[str]:
        return row_marks(self.piece.rows)

    def name(self, index: int) -> str:
        """The row as it is called in a sentence."""
        return spoken(self.marks[index])

    @cached_property
    def left(self) -> float:
        """What is left to the border (mm; negative when over)."""
        return left_over(self.halves, self.rows)

    @cached_property
    def edge(self) -> float:
        """Walk distance of the outermost painted edge (mm)."""
        return outermost(self.rows)


def neighbours(halves: Halves, rows: tuple[PlacedRow, ...]) -> tuple[Near | None, ...]:
    """For each row the nearest dot of the rows before it on its half.

    Where what is there repeats with the sectors, one of them suffices.
    """
    found: list[Near | None] = []
    seen: dict[str, list[PlacedRow]] = {"front": [], "back": []}
    orders = {"front": 0, "back": 0}
    even = halves.front.surface.even
    for row in rows:
        hit, others = None, seen[row.half]
        if len(row.x) and others:
            plain = even and row.walks is None
            sector = max(1, len(row.x) // max(gcd(orders[row.half], row.order), 1)) if plain else len(row.x)
            hit = nearest(row, tuple(others), sector)
        found.append(Near(hit[0], hit[1], hit[2].index, hit[3]) if hit else None)
        for part in row.both:
            if len(part.x):
                insort(seen[part.half], part, key=lambda one: -one.outer)
                orders[part.half] = gcd(orders[part.half], part.order)
    return tuple(found)
