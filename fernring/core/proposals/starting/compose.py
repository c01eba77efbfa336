"""Compose a first complete design that fills a round blank exactly to its border.

Rows are taken from the recipe's rhythm and nested one on another with kit sizes until none fits; then the
slack is spread, and whatever a jump left over is taken up by setting the last row at the border itself.
"""

from math import log, pi, sin
from typing import Literal

import numpy as np

from ...advice.crowd import crowded
from ...advice.sizes import KitSize, kit_sizes, largest_up_to
from ...budget import budgeted
from ...document.distance import AtWalk
from ...document.member import Member
from ...document.piece import MAX_ROWS, Piece
from ...document.relief import Ball, Egg
from ...document.row import Row
from ...document.shelf import PaintShade
from ...document.start import Between, Offset, OnLines, Start
from ...errors import ComposeError
from ...geometry.surface import Surface
from ...rows.border import left_over, outermost
from ...rows.context import Context
from ...rows.counts import allowed, as_count
from ...rows.halves import Halves, open_halves
from ...rows.sequence import solve_rows
from ...rows.solve import solve_on_halves
from ...rows.tracks.centre import CentreTrack
from ...solved import solve_piece
from ...words.lengths import mm
from ..slack import CLOSE_ENOUGH, spread_slack
from .paint import coloured
from .recipe import Beat, Recipe

Half = Literal["front", "back", "both"]
STARTS: dict[str, Start] = {"offset": Offset(), "on lines": OnLines(), "between": Between()}
LEAST_REPEATS = 3
MOST_COMPOSED = 60
LEAST_APART, MOST_TRIES = 0.05, 8


@budgeted
def compose(bare: Piece, recipe: Recipe) -> Piece:
    """The piece with rows from the recipe; `bare` gives blank, segments, tools, paints and safe gap.

    Raises ComposeError, saying why, when no row fits.
    """
    sizes = kit_sizes(bare.tools)
    halves = open_halves(bare)
    if halves.front.laps:
        return _apart_at_the_widest(bare, recipe)
    _require_room(bare, sizes, halves.front)
    rows: list[Row] = []
    for half in _halves(bare):
        halves = _fill(bare, recipe, sizes, halves, rows, half)
    piece = coloured(bare.model_copy(update={"rows": tuple(rows)}), recipe)
    return _to_the_border(piece)


def _apart_at_the_widest(bare: Piece, recipe: Recipe) -> Piece:
    """On a ball or egg without a border the last rows of both halves would meet on its widest circle: they keep as far
    from it as it takes for them to lie apart."""
    border = max(bare.safe_gap / 2, LEAST_APART)
    for _ in range(MOST_TRIES):
        inside = compose(bare.model_copy(update={"blank": bare.blank.model_copy(update={"border": border})}), recipe)
        piece = inside.model_copy(update={"blank": bare.blank})
        if not len(crowded(solve_piece(piece)).clear):
            break
        border *= 1.5
    return piece


def _halves(bare: Piece) -> tuple[Half, ...]:
    """A ball is painted alike on both halves; those of an egg differ, and each gets rows of its own."""
    if isinstance(bare.blank.relief, Ball):
        return ("both",)
    return ("front", "back") if isinstance(bare.blank.relief, Egg) else ("front",)


def _fill(bare: Piece, recipe: Recipe, sizes: list[KitSize], halves: Halves, rows: list[Row], half: Half) -> Halves:
    """Rows from the pole of this half outward, appended until none fits."""
    context = halves.of(half) or halves.front
    begun = len(rows)
    rows.append(_centre(bare, recipe, sizes, context).model_copy(update={"id": f"row-{begun}", "half": half}))
    halves = halves.with_row(solve_on_halves(rows[begun], begun, halves))
    while len(rows) < min(MAX_ROWS, begun + MOST_COMPOSED):
        beat = recipe.rhythm[(len(rows) - begun - 1) % len(recipe.rhythm)]
        row = _next(bare, recipe, beat, sizes, halves, len(rows), half)
        if row is None:
            break
        rows.append(row)
        halves = halves.with_row(solve_on_halves(row, len(rows) - 1, halves))
    return halves


def _require_room(bare: Piece, sizes: list[KitSize], context: Context) -> None:
    if not sizes:
        raise ComposeError("Choose at least one tool: a design is made from measured dot sizes.", "tools")
    if context.limit <= sizes[0].diameter / 2:
        raise ComposeError(
            f"A border of {mm(bare.blank.border)} leaves {mm(max(context.limit, 0))} from the centre to paint on; "
            f"the smallest dot of the kit is {mm(sizes[0].diameter)}.",
            "blank.border",
        )


def _centre(bare: Piece, recipe: Recipe, sizes: list[KitSize], context: Context) -> Row:
    """The centre dot: its share of the blank, larger where the first ring cannot come in so far."""
    smallest = sizes[0].diameter
    n = next(n for n in allowed(bare.segments, 64) if n >= LEAST_REPEATS or bare.segments < LEAST_REPEATS)
    hole = 2 * ((smallest + bare.safe_gap) / (2 * sin(pi / n)) - smallest / 2 - bare.safe_gap)
    wanted = max(recipe.centre * context.limit, min(hole, context.limit))
    size = largest_up_to(sizes, min(wanted, 2 * context.limit)) or sizes[0]
    member = Member(id="dot-1", diameter=size.diameter, tool=size.tool)
    return _row("centre", (member,), bare, 1).model_copy(update={"track": CentreTrack(), "start": OnLines()})


def _row(ident: str, pattern: tuple[Member, ...], bare: Piece, n: int) -> Row:
    first = PaintShade(paint=bare.paints[0].id)
    gap = bare.safe_gap
    return Row(id=ident, pattern=pattern, count=as_count(n, bare.segments), gap=gap, shades=(first,))


def _next(
    bare: Piece, recipe: Recipe, beat: Beat, sizes: list[KitSize], halves: Halves, index: int, half: Half
) -> Row | None:
    """The next row: the beat's size if it fits inside the border, else the largest that does."""
    context = halves.of(half) or halves.front
    edge = outermost(context.placed)
    share = recipe.inner + (recipe.outer - recipe.inner) * min(edge / context.limit, 1.0)
    target = share * context.limit * beat.size
    for size in [s for s in reversed(sizes) if s.diameter <= max(target, sizes[0].diameter) + 1e-9]:
        n = _count(bare, beat, size.diameter, edge, context.surface)
        row = _beat_row(bare, beat, size, sizes, n, index).model_copy(update={"half": half})
        if not solve_on_halves(row, index, halves).noroom:
            return row
    return None


def _count(bare: Piece, beat: Beat, diameter: float, edge: float, surface: Surface) -> int:
    """The count that keeps the symmetry whose pitch comes nearest to what the dots need just outside the edge."""
    walk = edge + bare.safe_gap + diameter / 2
    reach = float(surface.reach(np.full(12, walk), np.arange(12) * pi / 6).mean())
    need = (sum(beat.pattern) * diameter + len(beat.pattern) * bare.safe_gap) * beat.spread
    wanted = max(2 * pi * max(reach, diameter) / need, 1.0)
    counts = [n for n in allowed(bare.segments, int(wanted) + bare.segments) if n >= min(LEAST_REPEATS, bare.segments)]
    roomy = [n for n in counts if n <= wanted]
    return min(roomy or counts[:1], key=lambda n: abs(log(n / wanted)))


def _beat_row(bare: Piece, beat: Beat, size: KitSize, sizes: list[KitSize], n: int, index: int) -> Row:
    members = []
    for k, share in enumerate(beat.pattern, 1):
        own = size if share == 1 else largest_up_to(sizes, size.diameter * share) or sizes[0]
        members.append(Member(id=f"dot-{k}", diameter=own.diameter, tool=own.tool))
    row = _row(f"row-{index}", tuple(members), bare, n)
    even = "equal gaps" if len(members) > 1 else "equal angles"
    return row.model_copy(update={"start": STARTS[beat.start], "spacing": even})


def _to_the_border(piece: Piece) -> Piece:
    """Spread the slack; what a jump leaves over on a half is taken by setting its last row at the border."""
    if len(piece.rows) < 2:
        return piece
    spread = spread_slack(piece).piece
    halves, placed = solve_rows(spread)
    rows = list(spread.rows)
    for half in ("front", "back"):
        own = [k for k, row in enumerate(placed) if row.half == half and row.n]
        left = left_over(halves, tuple(placed[k] for k in own))
        if own and left > CLOSE_ENOUGH:
            furthest = max(own, key=lambda k: placed[k].outer)
            rows[furthest] = rows[furthest].model_copy(update={"distance": AtWalk(walk=placed[furthest].walk + left)})
    return spread.model_copy(update={"rows": tuple(rows)})
