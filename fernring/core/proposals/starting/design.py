"""A design while it grows: its rows so far, what the next row sees, and the role that each row's colour plays."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field

from ...advice.sizes import KitSize, kit_sizes
from ...document.member import Member
from ...document.piece import MAX_ROWS, Piece
from ...document.row import Row
from ...document.shelf import PaintShade
from ...rows.context import Context
from ...rows.counts import as_count
from ...rows.halves import open_halves
from ...rows.placed import PlacedRow
from ...rows.sequence import halves_before, solve_rest
from ...rows.solve import solve_on_halves
from .recipe import Beat, Recipe

FINEST = 100  # no dot is smaller than this part of the blank's width, where the kit has others


@dataclass
class Design:
    """`bare` gives blank, segments, tools, paints and safe gap. `beats` are those of the rows, one each; `placed` is
    how they lie."""

    bare: Piece
    recipe: Recipe
    rows: list[Row] = field(default_factory=list)
    beats: list[Beat] = field(default_factory=list)
    placed: list[PlacedRow] = field(default_factory=list)

    def __post_init__(self) -> None:
        self.halves = open_halves(self.bare)
        self.sizes = _fine_enough(kit_sizes(self.bare.tools), self.halves.front.ground.surface.rim * 2)
        self.gap = self.bare.safe_gap

    @property
    def piece(self) -> Piece:
        return self.bare.model_copy(update={"rows": tuple(self.rows)})

    @property
    def full(self) -> bool:
        return len(self.rows) >= MAX_ROWS

    def seen_from(self, half: str) -> Context:
        return self.halves.of(half) or self.halves.front

    def solved(self, row: Row) -> PlacedRow:
        """The row as it would lie next."""
        return solve_on_halves(row, len(self.rows), self.halves)

    def add(self, row: Row, beat: Beat, placed: PlacedRow | None = None) -> None:
        self.placed.append(placed or self.solved(row))
        self.halves = self.halves.with_row(self.placed[-1])
        self.rows.append(row)
        self.beats.append(beat)

    def become(self, piece: Piece, known: Sequence[PlacedRow] = ()) -> None:
        """The same rows with other rules or on another border; how the first of them lie may be `known`."""
        self.bare = piece.model_copy(update={"rows": ()})
        self.rows = list(piece.rows)
        self.halves, placed = solve_rest(piece, halves_before(piece, known, len(known)), known)
        self.placed = list(placed)

    def row(self, half: str, members: Iterable[KitSize], n: int, **more: object) -> Row:
        """A row of these sizes, so many repeats round the piece, in the first paint."""
        pattern = tuple(
            Member(id=f"dot-{k}", diameter=size.diameter, tool=size.tool) for k, size in enumerate(members, 1)
        )
        made = Row(
            id=f"row-{len(self.rows)}",
            pattern=pattern,
            count=as_count(n, self.bare.segments),
            gap=self.gap,
            shades=(PaintShade(paint=self.bare.paints[0].id),),
        )
        return made.model_copy(update={"half": half, **more})


def _fine_enough(sizes: list[KitSize], width: float) -> list[KitSize]:
    return [size for size in sizes if size.diameter >= width / FINEST] or sizes[-1:]
