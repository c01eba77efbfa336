"""A blank in figures: centres, border both ways, edge, relief, and what a flat calculation would get wrong."""

from dataclasses import dataclass

import numpy as np

from ..budget import budgeted
from ..document.blank import Blank
from ..document.outline import Oval, Round
from ..document.piece import Piece
from ..geometry.ellipse import perimeter as ellipse_perimeter
from ..geometry.outline import centres, inset, polygon
from ..geometry.surface import Array, Plane
from ..ground.ground import Ground
from ..ground.outlines import bare_corners, centre_place
from ..rows.halves import Halves
from ..rows.placed import PlacedRow
from ..rows.ring_spacing import CircleSpacing, RingSpacing, ring_spacing
from ..rows.spacing import SPACINGS
from ..rows.tracks import track_of

COPY = 15.0
MOST = 4000


@dataclass(frozen=True)
class Border:
    """An even inset beside a reduced copy: narrowest and widest border of each (mm). `percent` made the copy."""

    even: float
    even_parts: int
    percent: float
    copy_narrow: float
    copy_wide: float


@dataclass(frozen=True)
class RingCompared:
    """One ring: how many dots fit in truth, and how many a flat calculation would have promised."""

    mark: str
    walk: float
    reach: float
    dots: int
    fit: int
    flat: int


@dataclass(frozen=True)
class Report:
    """Lengths in mm, area in mm². `rise` and `tape` (over the top, along the longest way) are None when flat."""

    centre: centres.Centre
    centres: tuple[centres.Centre, ...]
    border: Border
    perimeter: float
    area: float
    rise: float | None
    tape: float | None
    rings: tuple[RingCompared, ...]


@budgeted
def report(piece: Piece, ground: Ground, halves: Halves, rows: tuple[PlacedRow, ...], marks: list[str]) -> Report:
    corners = bare_corners(piece.blank.outline)
    now = centres.candidate(corners, piece.blank.centre.kind, centre_place(piece.blank, corners))
    rise, tape = _dome(ground)
    rings = tuple(_rings(piece, halves, rows, marks)) if not isinstance(ground.surface, Plane) else ()
    return Report(
        now,
        tuple(centres.candidates(corners)),
        _border(piece.blank, ground),
        perimeter(piece.blank, ground),
        polygon.area(ground.outline),
        rise,
        tape,
        rings,
    )


def perimeter(blank: Blank, ground: Ground) -> float:
    """Exact for a circle and an ellipse, else the length of the polygon."""
    if isinstance(blank.outline, Round):
        return float(np.pi * blank.outline.diameter)
    if isinstance(blank.outline, Oval):
        return ellipse_perimeter(blank.outline.length, blank.outline.width)
    return polygon.perimeter(ground.outline)


def _border(blank: Blank, ground: Ground) -> Border:
    percent = blank.reduced if blank.reduced is not None else COPY
    narrow, wide = inset.unevenness(ground.outline, percent)
    parts = len(inset.inset(ground.outline, blank.border))
    return Border(blank.border, parts, percent, narrow, wide)


def _dome(ground: Ground) -> tuple[float | None, float | None]:
    if isinstance(ground.surface, Plane) or ground.back is not None:
        return None, None
    top = ground.surface.points(np.zeros(1), np.zeros(1))[2][0]
    angle = np.linspace(0, 2 * np.pi, 361)
    edge = ground.surface.edge(angle)
    far = int(np.argmax(edge[:181] + edge[180:]))
    low = ground.surface.points(edge[far : far + 1], angle[far : far + 1])[2][0]
    return float(abs(top - low)), float(edge[far] + edge[far + 180])


def _rings(piece: Piece, halves: Halves, rows: tuple[PlacedRow, ...], marks: list[str]) -> list[RingCompared]:
    found = []
    for row, placed, mark in zip(piece.rows, rows, marks, strict=True):
        placed, context = placed.one, halves.of(placed.half)
        if not track_of(row.track).round or not placed.n or context is None:
            continue
        flat = CircleSpacing(Plane(context.surface.rim), SPACINGS[row.spacing])
        sizes, first = placed.diameters, placed.first_rad
        true = most_repeats(ring_spacing(context.surface, row.spacing), placed.walk, sizes, row.gap, first)
        promised = most_repeats(flat, placed.walk, sizes, row.gap, first)
        reach: Array = context.surface.reach(np.array([placed.walk]), np.array([first]))
        members = len(sizes)
        found.append(RingCompared(mark, placed.walk, float(reach[0]), placed.n, true * members, promised * members))
    return found


def most_repeats(spacing: RingSpacing, walk: float, diameters: tuple[float, ...], gap: float, first: float) -> int:
    """Most repeats of the pattern that keep the gap on the ring at this walk, by halving; 0 when not even one does."""

    def fits(n: int) -> bool:
        return spacing.clear(walk, diameters, n, first) >= gap - 1e-9

    low, high = 0, 2
    while high < MOST and fits(high):
        low, high = high, 2 * high
    while high - low > 1:
        middle = (low + high) // 2
        low, high = (middle, high) if fits(middle) else (low, middle)
    return low if low else int(fits(1))
