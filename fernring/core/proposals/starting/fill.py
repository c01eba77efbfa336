"""What is left over in a starting pattern: dips at the border, and gaps between dots."""

from functools import partial
from math import inf

from ...budget import attempt
from ...document.start import Offset
from ...rows.border import passed
from ...rows.tracks.gaps import GapsTrack
from .design import Design
from .recipe import Beat

FILLING = Beat(size=1.0, shade=0)
DIPS = Beat(size=1.0, shade=1)
MOST_DIPS, MOST_FILLS = 2, 4
LARGEST = 0.13  # of the way to the border that a dot in a gap may be
MOST_DOTS = 2500
COSTLY = 3  # gaps that would take more than a third of the work left are not filled


def fill_dips(design: Design, half: str) -> None:
    """Rows of small dots in the dips of the outermost row, as far as they lie inside the border."""
    for _ in range(MOST_DIPS):
        before = design.seen_from(half).before
        if before is None or design.full or not before.ring_like:
            return
        for size in reversed([s for s in design.sizes if s.diameter < max(before.diameters)]):
            row = design.row(half, (size,), before.repeats, start=Offset())
            placed = design.solved(row)
            if not placed.noroom and placed.clear >= design.gap and passed(design.halves, placed) <= 1e-6:
                design.add(row, DIPS, placed)
                break
        else:
            return


def fill_gaps(design: Design, half: str) -> None:
    """Gap dots of the kit's sizes, again until nothing more fits."""
    context = design.seen_from(half)
    dots = sum(row.total for row in context.placed)
    fitting = [size for size in design.sizes if size.diameter <= LARGEST * context.limit] or design.sizes[:1]
    track = GapsTrack(least=design.sizes[0].diameter, border=True)
    for _ in range(MOST_FILLS):
        if design.full:
            return
        row = design.row(half, fitting[-1:], 1, track=track)
        placed = attempt(partial(design.solved, row), COSTLY)
        if placed is None:
            return
        dots += placed.total
        if placed.noroom or dots > MOST_DOTS or placed.own_dots.radius.max(initial=inf) <= 0:
            return
        design.add(row, FILLING, placed)
