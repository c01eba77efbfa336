"""A place on the piece that is to be mended, as a change of the document: what is set there, and with what."""

from math import degrees, pi

import numpy as np

from ..advice.sizes import KitSize, kit_sizes
from ..budget import budgeted
from ..colour import cielab
from ..colour.difference import ciede2000
from ..document.changes import Change, change
from ..document.piece import Piece
from ..document.work import MOST_REPAIRS, Repair
from ..errors import FitError
from ..solved import Solved, solve_piece
from .asked import require_row

SMALLER = 0.6  # of the dot, at most, an accent is
LEAST = 0.2  # mm, where the kit has nothing so small


@budgeted
def repair(piece: Piece, kind: str, index: int, dot: int) -> list[Change]:
    """A repair of this kind at a dot, counted from its row's first in the plan. Raises FitError where there is none, or
    the piece has as many as it holds.
    """
    require_row(piece, index)
    solved = solve_piece(piece)
    if not 0 <= dot < solved.rows[index].total:
        raise FitError(f"The row has {solved.rows[index].total} dots; there is no number {dot}.", "dot")
    known = piece.work.repairs
    if len(known) >= MOST_REPAIRS:
        raise FitError(f"A piece keeps at most {MOST_REPAIRS} repairs.", "kind")
    number = 1 + max((int(one.id.rpartition("-")[2]) for one in known), default=0)
    place = solved.first[index] + dot
    made = _repair(solved, kind, index, place, f"repair-{number}")
    return [change("work", "repairs", len(known), made.model_dump(mode="json"))]


def _repair(solved: Solved, kind: str, index: int, dot: int, ident: str) -> Repair:
    dots, behind = solved.dots, bool(solved.back[dot])
    diameter, tool, shade = 2 * float(dots.radius[dot]), int(dots.tool[dot]), int(dots.shade[dot])
    size = KitSize(diameter, solved.piece.tools[tool].id if tool >= 0 else "", "")
    if kind == "accent":
        size = _accent(solved, diameter)
        shade = _unlike(solved, shade)
    return Repair(
        id=ident,
        kind=kind,
        row=solved.piece.rows[index].id,
        where=f"{solved.name(index)}{', on the back,' if behind else ''} at {o_clock(solved, dot)}",
        x=round(float(dots.x[dot]), 3),
        y=round(float(dots.y[dot]), 3),
        half="back" if behind else "front",
        diameter=size.diameter,
        tool=size.tool or None,
        shade=solved.palette.shades[shade].name,
    )


def o_clock(solved: Solved, dot: int) -> str:
    """ "4 o'clock", as the piece lies as it was planned and its half is looked at; "half past 4" between."""
    side = -1.0 if solved.back[dot] else 1.0
    angle = degrees(float(np.arctan2(side * solved.dots.x[dot], -solved.dots.y[dot])) % (2 * pi))
    halves = round(angle / 15) % 24
    hour = halves // 2 or 12
    return f"half past {hour}" if halves % 2 else f"{hour} o'clock"


def _accent(solved: Solved, diameter: float) -> KitSize:
    """The largest dot of the kit that is plainly smaller than this one, failing that its smallest."""
    sizes = kit_sizes(solved.piece.tools)
    small = [size for size in sizes if size.diameter <= SMALLER * diameter]
    return small[-1] if small else sizes[0] if sizes else KitSize(max(SMALLER * diameter, LEAST), "", "")


def _unlike(solved: Solved, shade: int) -> int:
    """The shade of the piece that is least like this one."""
    colours = cielab.from_hex([one.colour for one in solved.palette.shades])
    return int(np.argmax(ciede2000(colours[shade : shade + 1], colours)))
