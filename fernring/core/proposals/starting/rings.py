"""The rings of a starting pattern: its rhythm from the centre outward, in sizes of the kit, until none fits."""

from itertools import islice
from math import log, pi, sin

import numpy as np

from ...advice.sizes import KitSize, largest_up_to
from ...document.row import Row
from ...document.start import Between, InVee, Offset, OnLines, Start
from ...geometry.surface import Surface
from ...rows.border import outermost
from ...rows.context import Context
from ...rows.counts import allowed
from ...rows.placed import PlacedRow
from ...rows.tracks.centre import CentreTrack
from ...rows.tracks.ring import RingTrack
from .adorned import adorned_rows, keeps_clear
from .design import Design
from .recipe import Beat

STARTS: dict[str, Start] = {
    "offset": Offset(), "on lines": OnLines(), "between": Between(), "in the V": InVee()
}  # fmt: skip
STOPS = RingTrack()
LEAST_REPEATS = 3
MOST_COMPOSED = 60
BARE = 0.45  # of the width wanted that a dot has where nothing on it has room
CENTRE = Beat(size=1.0, shade=1)
Found = tuple[Row, PlacedRow]


def centre(design: Design, half: str) -> None:
    """The centre dot: its share of the blank, larger where the first ring cannot come in so far."""
    context, sizes = design.seen_from(half), design.sizes
    smallest, segments = sizes[0].diameter, design.bare.segments
    n = next(n for n in allowed(segments, 64) if n >= LEAST_REPEATS or segments < LEAST_REPEATS)
    hole = 2 * ((smallest + design.gap) / (2 * sin(pi / n)) - smallest / 2 - design.gap)
    wanted = max(design.recipe.centre * context.limit, min(hole, context.limit))
    size = largest_up_to(sizes, min(wanted, 2 * context.limit)) or sizes[0]
    design.add(design.row(half, (size,), 1, track=CentreTrack(), start=OnLines()), CENTRE)


def rings(design: Design, half: str, track: RingTrack = STOPS) -> None:
    """The rhythm from where the last row is outward, appended until no row fits."""
    rhythm = design.recipe.rhythm
    for k in range(MOST_COMPOSED):
        found = None if design.full else _next(design, rhythm[k % len(rhythm)], half, track)
        if found is None:
            break
        row, placed, beat = found
        design.add(row, beat, placed)


def _next(design: Design, beat: Beat, half: str, track: RingTrack) -> tuple[Row, PlacedRow, Beat] | None:
    """The next row: what the beat says if it fits inside the border, else the largest plain row that does."""
    context, sizes = design.seen_from(half), design.sizes
    edge = outermost(context.placed)
    limit = max(context.limit, context.ground.border) if track.beyond == "carry on" else context.limit
    share = design.recipe.inner + (design.recipe.outer - design.recipe.inner) * min(edge / context.limit, 1.0)
    wide = max(share * context.limit * beat.size, sizes[0].diameter)
    if beat.adorned and edge + wide / 2 < limit:
        found = _adorned(design, beat, half, wide, edge, context, track)
        if found:
            return (*found, beat)
        wide = max(BARE * wide, sizes[0].diameter)
    for size in [s for s in reversed(sizes) if s.diameter <= wide + 1e-9]:
        n = _count(design, beat, size.diameter, edge, context.surface)
        row = _plain(design, beat.plain, half, size, n, track)
        placed = design.solved(row)
        if not placed.noroom:
            return row, placed, beat.plain
    return None


def _plain(design: Design, beat: Beat, half: str, size: KitSize, n: int, track: RingTrack) -> Row:
    members = [
        size if share == 1 else largest_up_to(design.sizes, size.diameter * share) or design.sizes[0]
        for share in beat.pattern
    ]
    even = "equal gaps" if len(members) > 1 else "equal angles"
    start = Offset() if beat.start == "in the V" else STARTS[beat.start]
    return design.row(half, members, n, start=start, spacing=even, track=track)


def _adorned(
    design: Design, beat: Beat, half: str, wide: float, edge: float, context: Context, track: RingTrack
) -> Found | None:
    """A row that carries something, in the largest size that has room."""
    before = context.before
    for start in dict.fromkeys((beat.start, "offset")):
        for size, trims, whole in adorned_rows(design, beat, wide):
            if start == "in the V":
                counts = [before.n] if before else []
            else:
                n = _count(design, beat, whole, edge, context.surface)
                counts = [n, *islice((k for k in reversed(allowed(design.bare.segments, n - 1)) if k >= 3), 1)]
            for n in counts:
                row = design.row(half, (size,), n, start=STARTS[start], trims=trims, track=track)
                placed = design.solved(row)
                if not placed.noroom and keeps_clear(design, row, placed):
                    return row, placed
    return None


def _count(design: Design, beat: Beat, diameter: float, edge: float, surface: Surface) -> int:
    """The count that keeps the symmetry whose pitch comes nearest to what the dots need just outside the edge."""
    segments, gap = design.bare.segments, design.gap
    walk = edge + gap + diameter / 2
    reach = float(surface.reach(np.full(12, walk), np.arange(12) * pi / 6).mean())
    need = (sum(beat.pattern) * diameter + len(beat.pattern) * gap) * beat.spread
    wanted = max(2 * pi * max(reach, diameter) / need, 1.0)
    if beat.once:
        wanted = min(wanted, beat.once * segments)
    counts = [n for n in allowed(segments, int(wanted) + segments) if n >= min(LEAST_REPEATS, segments)]
    roomy = [n for n in counts if n <= wanted + 1e-9]
    return min(roomy or counts[:1], key=lambda n: abs(log(n / wanted)))
