"""The paints of a piece as places that other paints can take: how much of each is seen, and what lies beside what."""

from dataclasses import dataclass
from itertools import pairwise

import numpy as np

from ..colour import cielab
from ..document.piece import Piece, used
from ..document.shelf import PaintShade, Ramp, RampShade, Shade
from ..dots.table import Array, Mask
from .report import ColourReport


@dataclass(frozen=True, eq=False)
class Slots:
    """`idents` of paints that rows, ramps and areas name; `share` of what is seen, `beside` how much each touches each
    in rows side by side (shape (n, n), one at the most), `light` its L* now; `fixed` ones are on the piece already.
    """

    idents: tuple[str, ...]
    share: Array
    beside: Array
    light: Array
    fixed: Mask


def slots(report: ColourReport) -> Slots:
    piece = report.solved.piece
    idents = tuple(paint.id for paint in piece.paints if paint.id in used(piece)["paints"])
    place = {ident: k for k, ident in enumerate(idents)}
    by_shade = np.zeros((len(report.solved.palette.asked), len(idents)))
    ramps = {ramp.id: ramp for ramp in piece.ramps}
    for k, shade in enumerate(report.solved.palette.asked):
        for ident, part in _parts(shade, ramps):
            by_shade[k, place[ident]] += part
    rows = _by_row(report) @ by_shade
    beside = np.zeros((len(idents), len(idents)))
    for one, other in pairwise(rows):
        beside += np.outer(one, other)
    beside = beside + beside.T
    np.fill_diagonal(beside, 0)
    colours = {paint.id: paint.colour for paint in piece.paints}
    light = cielab.from_hex([colours[ident] for ident in idents])[:, 0]
    fixed = np.array([ident in _on_the_piece(piece) for ident in idents], bool)
    return Slots(idents, report.shares @ by_shade, beside / max(float(beside.max(initial=0)), 1e-9), light, fixed)


def _parts(shade: Shade, ramps: dict[str, Ramp]) -> list[tuple[str, float]]:
    """Which paints a shade is of, and how much: a step of a ramp is between two stops."""
    if isinstance(shade, PaintShade):
        return [(shade.paint, 1.0)]
    if not isinstance(shade, RampShade):
        return []
    ramp = ramps[shade.ramp]
    at = (shade.step - 1) / (ramp.steps - 1) * (len(ramp.stops) - 1)
    low = min(int(at), len(ramp.stops) - 2)
    return [(ramp.stops[low], 1 - (at - low)), (ramp.stops[low + 1], at - low)]


def _by_row(report: ColourReport) -> Array:
    """Shares of the shades of every row that is seen, from the centre outward; shape (rows, shades)."""
    dots, domed = report.solved.dots, report.solved.domed
    count = len(report.solved.palette.asked)
    found = np.zeros((len(report.rows), count))
    for k, one in enumerate(report.rows):
        own = domed & (dots.row == one.row)
        areas = np.bincount(dots.shade[own], dots.radius[own] ** 2, count)
        found[k] = areas / max(float(areas.sum()), 1e-9)
    return found


def _on_the_piece(piece: Piece) -> set[str]:
    """Paints of rows that were begun."""
    begun = tuple(row for row in piece.rows if row.painted is not None)
    named = used(piece.model_copy(update={"rows": begun, "bare": ()})) if begun else {"paints": [], "ramps": []}
    stops = {stop for ramp in piece.ramps if ramp.id in named["ramps"] for stop in ramp.stops}
    direct = {
        shade.paint
        for row in begun
        for shade in (*row.shades, *(s for trim in row.all_trims for s in trim.named_shades))
        if isinstance(shade, PaintShade)
    }
    return stops | direct
