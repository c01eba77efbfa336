"""Seams: the line midway between two discs, along which one empty circle follows another."""

import numpy as np

from ..budget import spend
from .table import Array, Mask
from .touching import Circles, Field, Places, different, empty_circles, joined

WIDE = 128  # neighbours that are asked first
MARGIN = 1e-6
AT_ONCE = 2_000_000  # seams times discs looked at together


def followed(field: Field, found: Circles) -> Circles:
    """The circles found, and those met from them on; each open seam is asked about near discs first, then about all."""
    asked: dict[int, set[int]] = {WIDE: set(), len(field.x): set()}
    while True:
        seams, sides = _open_seams(field, found)
        keys = (seams[:, 0] * len(field.x) + seams[:, 1]).tolist()
        for count in asked:
            fresh = np.array([key not in asked[count] for key in keys], bool)
            if fresh.any():
                break
        else:
            return found
        asked[count].update(key for key, new in zip(keys, fresh.tolist(), strict=True) if new)
        parts = np.array_split(np.flatnonzero(fresh), len(seams) * min(count, len(field.x)) // AT_ONCE + 1)
        triples = np.concatenate([_across(field, seams[part], sides[part], count) for part in parts])
        found = joined((found, empty_circles(field, different(triples, len(field.x)))))


def reached(field: Field, every: Circles, close: Mask) -> Circles:
    """Of all empty circles the `close` ones, and those that seams with only one of them lead on to."""
    i, j, k = every.touched.T
    n = len(field.x)
    pairs = np.stack((i * n + j, i * n + k, j * n + k), axis=1)
    _, place = np.unique(every.places, return_inverse=True)
    met, many = close.copy(), len(every.t) + 1
    while True:
        sides = np.unique(pairs[met] * many + place.ravel()[met, None]) // many
        seams, count = np.unique(sides, return_counts=True)
        new = np.isin(pairs, seams[count == 1]).any(axis=1) & ~met
        if not new.any():
            return every[met]
        met |= new


def _across(field: Field, seams: Places, sides: Array, count: int) -> Places:
    """Each of these pairs with so many other discs on its open side.

    Circles that touch both discs of a pair reach beyond those met already only past the line through both middles, less
    the larger radius.
    """
    i, j = seams.T
    n = len(field.x)
    spend(10 * len(i) * min(count, n))
    third = field.nearest(i, count) if count < n else np.broadcast_to(np.arange(n), (len(i), n))
    # 1. How far each third disc lies to the right of the line from i to j.
    dx, dy = field.x[j] - field.x[i], field.y[j] - field.y[i]
    long = np.maximum(np.hypot(dx, dy), 1e-12)
    across, down = dx / long, dy / long
    beside = across[:, None] * (field.y[third] - field.y[i, None]) - down[:, None] * (field.x[third] - field.x[i, None])
    # 2. Those on the open side, or not further on the other than discs reach.
    margin = np.maximum(field.r[i], field.r[j])[:, None] + field.r[third] + MARGIN
    on_side = (beside * sides[:, None] > -margin) | (sides[:, None] == 0)
    line, place = np.nonzero(on_side & (third != i[:, None]) & (third != j[:, None]))
    return np.column_stack((i[line], j[line], third[line, place]))


def _open_seams(field: Field, found: Circles) -> tuple[Places, Array]:
    """Pairs of discs that bound only one of the circles found, and the side of the line from the first to the second on
    which the seam is open: 1, -1, or 0 where that cannot be told. The same circle found twice counts once."""
    ends = ((0, 1, 2), (0, 2, 1), (1, 2, 0))
    i, j, third = (np.concatenate([found.touched[:, end[k]] for end in ends]) for k in range(3))
    pairs = i * len(field.x) + j
    _, place = np.unique(found.places, return_inverse=True)
    # 1. Each pair with each place once, then the pairs that have one place.
    _, first = np.unique(pairs * (len(place) + 1) + np.tile(place.ravel(), 3), return_index=True)
    _, begin, count = np.unique(pairs[first], return_index=True, return_counts=True)
    one = first[begin[count == 1]]
    # 2. The third disc closes the side of the chord between the other two contacts on which its own contact lies.
    circle = found[one % len(found.t)]
    (ax, ay), (bx, by), (cx, cy) = (_contact(field, circle, disc[one]) for disc in (i, j, third))
    beside = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)
    return np.stack((i, j), axis=1)[one], np.where(np.abs(beside) > MARGIN, -np.sign(beside), 0.0)


def _contact(field: Field, circle: Circles, disc: Places) -> tuple[Array, Array]:
    """Where circles touch discs."""
    share = circle.t / (circle.t + field.r[disc])
    return circle.x + (field.x[disc] - circle.x) * share, circle.y + (field.y[disc] - circle.y) * share
