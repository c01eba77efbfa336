"""Masks: every row is solved as if none were there, and then its dots are sorted by their edges.

Wholly off a mask: painted on what stays. Wholly on it: on the piece that comes off. Crossing: kept off both, or cut in
two, painted once and drawn in both.
"""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..document.region import BareArea
from ..dots.table import Array, Dots, Mask
from ..regions.bare import visible
from ..regions.region import Region
from ..regions.site import Site
from .placed import PlacedRow
from .trims.grown import Mark as PaintedMark

TOLERANCE = 1e-6
Masks = list[tuple[BareArea, Region]]


def masks_of(areas: Sequence[BareArea], site: Site) -> Masks:
    """The peel-off masks and what each covers, on the front."""
    return [(one, visible(one, areas, site)) for one in areas if one.rows == "mask"]


def masked(rows: Sequence[PlacedRow], masks: Masks) -> tuple[PlacedRow, ...]:
    """The rows as this piece has them: what it has not keeps its place, and is not painted."""
    return tuple(_sorted(row, masks) for row in rows) if masks else tuple(rows)


def _sorted(row: PlacedRow, masks: Masks) -> PlacedRow:
    """Rows on the back of a ball or egg lie on no mask. What stands on a dot that the piece has not goes with it."""
    if not row.n or row.half == "back":
        return row
    own, grown = row.own_dots, row.grown
    n, dots = len(own), row.dots
    keep = shown(dots.x, dots.y, dots.radius, masks)
    for dot in np.flatnonzero(dots.level > 1).tolist():  # each after what it stands on
        below = int(dots.below[dot])
        keep[dot] &= keep[below] or dots.level[below] >= dots.level[dot]
    marks = tuple(mark for mark in grown.marks if _has(mark, dots, keep) and _shown(mark, masks))
    if keep.all() and len(marks) == len(grown.marks):
        return row
    return replace(
        row,
        own=_without(own, keep[:n]),
        grown=replace(grown, dots=_without(grown.dots, keep[n:]), marks=marks),
        round=row.round,
        ring_rad=own.out_rad if row.ring_rad is None and row.ring_like else row.ring_rad,
        masked=int((~keep[:n]).sum()),
    )


def _has(mark: PaintedMark, dots: Dots, keep: Mask) -> bool:
    """Whether the piece has what a mark lies on; one that begins beside its dot lies on the blank."""
    apart = np.hypot(mark.spine[0, 0] - dots.x[mark.host], mark.spine[0, 1] - dots.y[mark.host])
    return bool(keep[mark.host] or dots.level[mark.host] == 0 or apart >= dots.radius[mark.host])


def _shown(mark: PaintedMark, masks: Masks) -> bool:
    x, y = mark.spine.T
    return bool(shown(x, y, mark.girth, masks).all())


def _without(dots: Dots, keep: Mask) -> Dots:
    return dots.replaced(level=np.where(keep, dots.level, 0)) if len(dots) else dots


def shown(x: Array, y: Array, radius: Array, masks: Masks) -> Mask:
    """Which discs the piece has, or has a part of."""
    found = np.ones(len(x), bool)
    for area, region in masks:
        outside = region.signed_distance(x, y)
        away = outside if area.shows == "what stays" else -outside
        reach = radius + area.gap if area.whole else -radius
        found &= away >= reach - TOLERANCE
    return found


def crossing(x: Array, y: Array, radius: Array, masks: Masks) -> Mask:
    """Which discs a mask cuts in two."""
    found = np.zeros(len(x), bool)
    for area, region in masks:
        if not area.whole:
            found |= np.abs(region.signed_distance(x, y)) < radius - TOLERANCE
    return found
