"""Compose a first complete design that fills a blank to its border.

Rows are taken from the recipe's rhythm and nested one on another with kit sizes until none fits; then the slack is
spread, and whatever a jump left over is taken up by setting the last row at the border itself. What rings leave of the
blank is filled as the recipe says, and at last the gaps.
"""

from functools import partial
from typing import Literal

from ...advice.all import serious
from ...advice.crowd import crowded
from ...budget import attempt, budgeted
from ...document.distance import AtWalk
from ...document.piece import Piece
from ...document.relief import Ball, Egg
from ...errors import ComposeError
from ...rows.border import left_over
from ...rows.sequence import solve_rows
from ...solved import solve_piece
from ...words.lengths import mm
from ..slack import CLOSE_ENOUGH, spread_slack
from .beyond import go_beyond, kept_free
from .design import Design
from .fill import fill_dips, fill_gaps
from .paint import coloured
from .recipe import Beat, Recipe
from .rings import centre, rings

Half = Literal["front", "back", "both"]
LEAST_APART, MOST_TRIES = 0.05, 8
ADORNED = 1.5  # one of so many shares of the budget may go into a design before it is tried plainly


@budgeted
def compose(bare: Piece, recipe: Recipe) -> Piece:
    """The piece with rows from the recipe; `bare` gives blank, segments, tools, paints and safe gap.

    Where the rows get into each other's way, or would take too much calculation, the same rhythm is tried with nothing
    on its dots. Raises ComposeError, saying why, when no row fits.
    """
    if not recipe.rhythm:
        return bare
    piece, trouble = attempt(partial(_tried, bare, recipe), ADORNED) or (None, "")
    if piece is None or trouble:
        piece, trouble = _tried(bare, recipe.plain)
    if trouble:
        raise ComposeError(f"“{recipe.name}” does not fit this blank. {trouble}", "pattern")
    return piece


def _tried(bare: Piece, recipe: Recipe) -> tuple[Piece, str]:
    """The design, and what is seriously wrong with it ("" for nothing)."""
    piece = coloured(*_grown(bare, recipe), recipe)
    found = serious(solve_piece(piece))
    return piece, found[0].text if found else ""


def _grown(bare: Piece, recipe: Recipe) -> tuple[Piece, list[Beat]]:
    design = Design(bare, recipe)
    if design.halves.front.laps:
        return _apart_at_the_widest(bare, recipe)
    _require_room(design)
    closed = design.halves.front.closed
    if recipe.rings < 1 and not closed:
        design = Design(kept_free(bare, design.halves.front.limit, recipe.rings), recipe)
        _require_room(design)
    for half in _halves(bare):
        centre(design, half)
        rings(design, half)
    design.become(_to_the_border(design.piece).model_copy(update={"blank": bare.blank}))
    if not closed:
        go_beyond(design)
    if recipe.filled:
        for half in _halves(bare):
            fill_dips(design, half)
            fill_gaps(design, half)
    return design.piece, design.beats


def _apart_at_the_widest(bare: Piece, recipe: Recipe) -> tuple[Piece, list[Beat]]:
    """On a ball or egg without a border the last rows of both halves would meet on its widest circle: they keep as far
    from it as it takes for them to lie apart."""
    border = max(bare.safe_gap / 2, LEAST_APART)
    for _ in range(MOST_TRIES):
        blank = bare.blank.model_copy(update={"border": border})
        inside, beats = _grown(bare.model_copy(update={"blank": blank}), recipe)
        piece = inside.model_copy(update={"blank": bare.blank})
        if not len(crowded(solve_piece(piece)).clear):
            break
        border *= 1.5
    return piece, beats


def _halves(bare: Piece) -> tuple[Half, ...]:
    """A ball is painted alike on both halves; those of an egg differ, and each gets rows of its own."""
    if isinstance(bare.blank.relief, Ball):
        return ("both",)
    return ("front", "back") if isinstance(bare.blank.relief, Egg) else ("front",)


def _require_room(design: Design) -> None:
    sizes, limit = design.sizes, design.halves.front.limit
    if not sizes:
        raise ComposeError("Choose at least one tool: a design is made from measured dot sizes.", "tools")
    if limit <= sizes[0].diameter / 2:
        raise ComposeError(
            f"A border of {mm(design.bare.blank.border)} leaves {mm(max(limit, 0))} from the centre to paint on; "
            f"the smallest dot of the kit is {mm(sizes[0].diameter)}.",
            "blank.border",
        )


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
