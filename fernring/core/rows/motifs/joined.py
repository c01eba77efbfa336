"""A row of a motif as the piece has it: the same row at every place, all in the piece's own coordinates."""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ...budget import spend
from ...dots.table import Array, Dots, Whole, concat
from ...geometry.frames import walk_above
from ...geometry.surface import Surface
from ..placed import PlacedRow, at_place
from ..trims.grown import Grown, Mark
from .places import Place, Places

LEVELLED = 1e-9  # mm
MOVED = 80  # work to bring a dot or a point of a mark into the piece's coordinates


def one_distance(parts: Sequence[PlacedRow]) -> float | None:
    """The distance at which all of them find room; None where they stand alike already."""
    walks = [part.walk for part in parts]
    return max(walks) if max(walks) - min(walks) > LEVELLED else None


def joined(parts: Sequence[PlacedRow], places: Places, home: Surface) -> PlacedRow:
    """One row of all the places; `parts` is the row at each of them, or one for all where they are alike."""
    stands = [(at_place(parts, k), place) for k, place in enumerate(places.all)]
    moved = [_moved(part, place, home) for part, place in stands]
    own_before = np.cumsum([0, *(part.n for part, _ in stands)])
    own_total = int(own_before[-1])
    grown_before = own_total + np.cumsum([0, *(len(part.grown.dots) for part, _ in stands)])
    own, grown, marks = [], [], []
    place_before = 0
    for k, (part, _) in enumerate(stands):
        dots, carried = moved[k]
        renumber = _Renumber(part.n, int(own_before[k]), int(grown_before[k]))
        lines = dots.replaced(
            dot=renumber(dots.dot),
            host=renumber(dots.host),
            below=renumber(dots.below),
            place=dots.place + place_before,
        )
        place_before += int(dots.place.max(initial=-1)) + 1
        own.append(lines.take(slice(0, part.n)))
        grown.append(lines.take(slice(part.n, None)))
        marks += [replace(mark, host=int(own_before[k]) + mark.host) for mark in carried]
    first = parts[0]
    return replace(
        first,
        repeats=len(places.all) if places.around and len(parts) == 1 else 1,
        own=concat(own),
        grown=Grown(concat(grown), tuple(marks), first.grown.findings),
        clear=min(part.clear for part in parts),
        off=max(part.off for part in parts),
        slipped=any(part.slipped for part in parts),
        left_out=sum(part.left_out for part, _ in stands),
        remainder=None if first.remainder is None else min(part.remainder or 0.0 for part in parts),
        round=False,
        ring_rad=None,
        motif=places.motif.id,
        at=tuple(replace(part, motif=places.motif.id) for part in parts),
    )


class _Renumber:
    """A row's own dots are counted first, then those of its trims: their numbers at one place as those of all."""

    def __init__(self, n: int, own_before: int, grown_before: int) -> None:
        self.n, self.own, self.grown = n, own_before, grown_before

    def __call__(self, number: Whole) -> Whole:
        return np.where(number < self.n, number + self.own, number - self.n + self.grown).astype(np.int32)


def _moved(part: PlacedRow, place: Place, home: Surface) -> tuple[Dots, tuple[Mark, ...]]:
    """Own dots and those of the trims, and the marks, in the piece's coordinates."""
    dots, frame = part.dots, place.frame
    spend(MOVED * (len(dots) + sum(len(mark.outline) + len(mark.spine) for mark in part.grown.marks)))
    x, y, z = frame.out(dots.x, dots.y, dots.z)
    angle = np.where(dots.walk > LEVELLED, np.arctan2(dots.x, -dots.y), dots.out_rad)
    out_rad = frame.turned_rad(place.own, home, dots.walk, angle, dots.out_rad)
    moved = dots.replaced(x=x, y=y, z=z, walk=walk_above(home, x, y), out_rad=out_rad)
    return moved, tuple(_moved_mark(mark, place, home) for mark in part.grown.marks)


def _moved_mark(mark: Mark, place: Place, home: Surface) -> Mark:
    outline, heights = _line(mark.outline, mark.heights, place)
    spine, rise = _line(mark.spine, mark.rise, place)
    walks = walk_above(home, *spine.T)
    return replace(mark, outline=outline, heights=heights, spine=spine, rise=rise, walks=walks)


def _line(plan: Array, heights: Array, place: Place) -> tuple[Array, Array]:
    x, y, z = place.frame.out(plan[:, 0], plan[:, 1], heights)
    return np.stack((x, y), axis=1), z
