"""Verdicts on the piece as a whole: bare rings, base showing, bare areas cut, segments that differ."""

from collections.abc import Iterator
from itertools import pairwise
from math import pi
from statistics import median

import numpy as np

from ..document.changes import change
from ..document.distance import Nested
from ..document.region import BandRegion, EndsRegion
from ..geometry.outline.polygon import area as area_of
from ..regions.bare import visible
from ..rows.masked import crossing, masks_of
from ..rows.tracks import track_of
from ..solved import Solved
from ..words.lengths import mm
from ..words.numbers import counted
from .verdict import MOST_PLACES, Remedy, Verdict, each

WIDER = 3.0
LEAST_BARE = 1.5


def whole_verdicts(solved: Solved) -> Iterator[Verdict]:
    yield from _bare_rings(solved)
    yield from _base_showing(solved)
    yield from _areas_cut(solved)
    yield from _segments_differ(solved)
    yield from _masked(solved)


def _bare_rings(solved: Solved) -> Iterator[Verdict]:
    """Two rows that leave a ring between them without paint, wider than three times the usual gap."""
    rings = [
        (k, row)
        for k, row in enumerate(solved.rows)
        if row.n and row.half == "front" and row.repeats > 2 and not row.motif
    ]
    ordered = sorted(rings, key=lambda entry: entry[1].inner)
    reach = -np.inf
    usual = median(row.gap for row in solved.piece.rows) if solved.piece.rows else 0.0
    for (before, inside), (index, outside) in pairwise(ordered):
        reach = max(reach, inside.outer)
        wide = outside.inner - reach
        where = solved, reach, outside.inner
        if wide > max(WIDER * usual, LEAST_BARE) and not _meant(*where) and not _motif_between(*where):
            text = f"A bare ring of {mm(wide)} lies between {solved.name(before)} and {solved.name(index)}."
            key = f"bare ring:{solved.piece.rows[before].id}:{solved.piece.rows[index].id}"
            nest = Remedy(f"Nest {solved.name(index)}", (change("rows", index, "distance", {"kind": "nested"}),))
            rule = solved.rules[index]
            fixable = track_of(rule.track).round and not isinstance(rule.distance, Nested)
            yield Verdict("bare ring", key, "note", text, (before, index), (), each(nest) if fixable else ())


def _motif_between(solved: Solved, low: float, high: float) -> bool:
    """Whether a motif stands there, which is no ring."""
    return any(row.motif and row.n and row.inner < high and row.outer > low for row in solved.rows)


def _meant(solved: Solved, low: float, high: float) -> bool:
    """Whether a bare area was put there on purpose."""
    return any(
        isinstance(area.area, BandRegion) and area.area.inner < high and area.area.outer > low
        for area in solved.piece.bare
    )


def _base_showing(solved: Solved) -> Iterator[Verdict]:
    """The share of the area inside the border that no paint covers."""
    most = solved.piece.most_base
    if most is None:
        return
    share = 100 * base_share(solved)
    if share > most:
        text = f"The base coat shows on {share:.0f} per cent of the painted area; {most:g} per cent was chosen."
        add = Remedy("Add a row", action="add row")
        yield Verdict("base shows", "base shows", "note", text, (), (), each(add))


def base_share(solved: Solved) -> float:
    """Area inside the border less that of dots and marks, over the area inside the border (seen from above)."""
    inside = sum(area_of(part) for part in solved.ground.clear)
    dots = solved.dots
    low = (dots.level == 1) & (dots.z >= -1e-6)
    facing = np.ones(len(dots)) if solved.normal is None else np.abs(solved.normal[:, 2])
    painted = float((pi * dots.radius[low] ** 2 * facing[low]).sum()) + sum(
        s.mark.area for s in solved.marked if not s.back
    )
    return max(0.0, 1 - painted / inside) if inside > 0 else 0.0


def _areas_cut(solved: Solved) -> Iterator[Verdict]:
    """A bare area that the border line runs through."""
    for bare in solved.piece.bare:
        if isinstance(bare.area, BandRegion | EndsRegion):
            continue
        x, y = visible(bare, solved.piece.bare, solved.ground.sites[0]).edge().T
        over = solved.context.over(x, y, np.zeros(len(x)))
        if float(over.max()) > 1e-6 and float(over.min()) < 0:
            text = f"{bare.name} is cut by the border: it reaches {mm(float(over.max()))} past it."
            yield Verdict("bare area cut", f"bare area cut:{bare.id}", "warning", text)


def _masked(solved: Solved) -> Iterator[Verdict]:
    """Rows that lie wholly on what a mask takes with it, or leaves; and dots that are cut."""
    for index, row in enumerate(solved.rows):
        if row.n and row.masked == row.n:
            text = f"{solved.name(index).capitalize()} lies wholly on the other side of the mask."
            yield Verdict("masked", f"masked:{solved.piece.rows[index].id}", "note", text, (index,))
    masks = masks_of(solved.piece.bare, solved.ground.sites[0])
    if any(not area.whole for area, _ in masks):
        dots = solved.dots
        cut = np.flatnonzero(crossing(dots.x, dots.y, dots.radius, masks) & (dots.level > 0))
        if len(cut):
            text = f"{counted(len(cut)).capitalize()} {'dot is' if len(cut) == 1 else 'dots are'} cut by a mask."
            rows = tuple(np.unique(dots.row[cut]).tolist())
            yield Verdict("cut by a mask", "cut by a mask", "note", text, rows, tuple(cut[:MOST_PLACES].tolist()))


def _segments_differ(solved: Solved) -> Iterator[Verdict]:
    """Rows that carry on, or pass bare areas, and leave more dots in one segment than in another."""
    n = solved.piece.segments
    for index, row in enumerate(solved.rows):
        if not row.left_out or not row.n or row.motif:
            continue
        own = row.own_dots
        angle = (np.arctan2(own.x, -own.y) - solved.context.turn_rad + 1e-9) % (2 * pi)
        counts = np.bincount((angle / (2 * pi / n)).astype(int) % n, minlength=n)
        if len(set(counts.tolist())) > 1:
            text = (
                f"{solved.name(index).capitalize()} has between {counts.min()} and {counts.max()} dots in a segment; "
                f"{row.left_out} were left out."
            )
            first = solved.first[index]
            dots = tuple(range(first, min(first + row.n, first + MOST_PLACES)))
            yield Verdict(
                "segments differ", f"segments differ:{solved.piece.rows[index].id}", "note", text, (index,), dots
            )
