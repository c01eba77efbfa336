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
from ...solved import Solved, assembled, solve_piece
from ...words.lengths import mm
from ..slack import CLOSE_ENOUGH, spread_slack
from .beyond import go_beyond, kept_free
from .design import Design
from .fill import fill_dips, fill_gaps
from .paint import coloured
from .recipe import Recipe
from .rings import centre, rings

Half = Literal["front", "back", "both"]
LEAST_APART, MOST_TRIES = 0.05, 8
JUMP, TRIES = 1e-5, 8  # mm of gap to which a jump is found, if so many do; the last row takes what is left over
ADORNED = 1.5  # one of so many shares of the budget may go into a design before it is tried plainly


def compose(bare: Piece, recipe: Recipe) -> Piece:
    """As composed, the piece alone."""
    return composed(bare, recipe).piece


@budgeted
def composed(bare: Piece, recipe: Recipe) -> Solved:
    """The piece with rows from the recipe, solved; `bare` gives blank, segments, tools, paints and safe gap.

    Where the rows get into each other's way, or would take too much calculation, the same rhythm is tried with nothing
    on its dots. Raises ComposeError, saying why, when no row fits.
    """
    if not recipe.rhythm:
        return solve_piece(bare)
    solved, trouble = attempt(partial(_tried, bare, recipe), ADORNED) or (None, "")
    if solved is None or trouble:
        solved, trouble = _tried(bare, recipe.plain)
    if trouble:
        raise ComposeError(f"“{recipe.name}” does not fit this blank. {trouble}", "pattern")
    return solved


def _tried(bare: Piece, recipe: Recipe) -> tuple[Solved, str]:
    """The design, and what is seriously wrong with it ("" for nothing)."""
    design = _grown(bare, recipe)
    piece = coloured(design.piece, design.beats, recipe)
    solved = assembled(piece, design.halves, tuple(design.placed))
    found = serious(solved)
    return solved, found[0].text if found else ""


def _grown(bare: Piece, recipe: Recipe) -> Design:
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
    _to_the_border(design)
    if design.bare.blank != bare.blank:
        design.become(design.piece.model_copy(update={"blank": bare.blank}))
    if not closed:
        go_beyond(design)
    if recipe.filled:
        for half in _halves(bare):
            fill_dips(design, half)
            fill_gaps(design, half)
    return design


def _apart_at_the_widest(bare: Piece, recipe: Recipe) -> Design:
    """On a ball or egg without a border the last rows of both halves would meet on its widest circle: they keep as far
    from it as it takes for them to lie apart."""
    border = max(bare.safe_gap / 2, LEAST_APART)
    for _ in range(MOST_TRIES):
        blank = bare.blank.model_copy(update={"border": border})
        design = _grown(bare.model_copy(update={"blank": blank}), recipe)
        design.become(design.piece.model_copy(update={"blank": bare.blank}))
        if not len(crowded(assembled(design.piece, design.halves, tuple(design.placed))).clear):
            break
        border *= 1.5
    return design


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


def _to_the_border(design: Design) -> None:
    """Spread the slack; what a jump leaves over on a half is taken by setting its last row at the border."""
    if len(design.rows) < 2:
        return
    spread = spread_slack(design.piece, JUMP, TRIES)
    rows, changed = list(spread.piece.rows), len(spread.piece.rows)
    for half in ("front", "back"):
        own = [k for k, row in enumerate(spread.placed) if row.half == half and row.n]
        left = left_over(spread.halves, tuple(spread.placed[k] for k in own))
        if own and left > CLOSE_ENOUGH:
            furthest = max(own, key=lambda k: spread.placed[k].outer)
            at = AtWalk(walk=spread.placed[furthest].walk + left)
            rows[furthest], changed = rows[furthest].model_copy(update={"distance": at}), min(changed, furthest)
    design.become(spread.piece.model_copy(update={"rows": tuple(rows)}), spread.placed[:changed])
