"""The piece's paints beside its rows: which would stand out best, and a row in one of them as a remedy."""

import numpy as np

from ..advice.verdict import Remedy
from ..colour.difference import apart
from ..document.changes import change
from ..solved import Solved
from .reshaded import Said

OFFERED = 2


def paint_said(ident: str) -> Said:
    return {"kind": "paint", "paint": ident}


def in_shades(solved: Solved, row: int, shades: list[Said], label: str) -> tuple[Remedy, ...]:
    """The row's own dots in other shades, unless they are on the piece already."""
    if solved.piece.rows[row].painted is not None:
        return ()
    return (Remedy(label, (change("rows", row, "shades", shades),)),)


def best_paints(solved: Solved, row: int, around: list[str], least: float) -> tuple[Remedy, ...]:
    """The row in one of the paints of the piece that stand out by so much from the base and all colours around it."""
    paints = solved.piece.paints
    away = apart([paint.colour for paint in paints], [solved.piece.blank.base.colour, *around]).min(axis=1)
    order = [int(k) for k in np.argsort(-away, kind="stable")[:OFFERED] if away[k] >= least]
    return tuple(
        one for k in order for one in in_shades(solved, row, [paint_said(paints[k].id)], f"Use {paints[k].name}")
    )
