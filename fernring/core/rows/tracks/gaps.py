"""Gap dots: the largest dot that fits into every gap, the same in every segment.

Every empty place is bounded by three things that it touches, so the places to try are the circles tangent to three
neighbours, or to two and the border. They are worked out for one sector and turned to the others.
"""

from itertools import combinations
from math import gcd, pi

import numpy as np

from ...document.row import Row
from ...document.track import GapsTrack
from ...geometry.apollonius import touching_three
from ...geometry.surface import Array
from ...geometry.turn import turned_places
from ..context import Context
from ..placed import PlacedRow, Whole, unplaced
from .laying import Places, laid

NEIGHBOURS = 12
FAR = 1e4
MOST = 4000


def solve_gaps(row: Row, index: int, context: Context) -> PlacedRow:
    track = row.track
    assert isinstance(track, GapsTrack)
    sizes = row.sizes
    x, y, r = _bodies(context)
    if len(x) < 3:
        return unplaced(row, index, "there are no gaps yet: at least three dots must lie around one")
    order = _order(context)
    low, high = _band(track, context)
    least = (sizes[0] if track.sizes == "one size" else track.least) / 2
    cx, cy, room = holes(x, y, r, 2 * pi / order, context.turn_rad, least + row.gap)
    reach = np.hypot(cx, cy)
    inside = (reach >= low) & (reach <= high)
    cx, cy, room = cx[inside], cy[inside], np.minimum(room[inside] - row.gap, sizes[0] / 2)
    room = np.minimum(room, _to_border(context, cx, cy, row.gap))
    kept = _chosen(cx, cy, room, least, row.gap, order, track, context)
    if not kept:
        return unplaced(row, index, f"no gap has room for a dot of {2 * least:g} mm with a gap of {row.gap:g} mm")
    ax, ay, radius = (np.array(column) for column in zip(*kept, strict=True))
    px, py = _everywhere(ax, ay, order)
    out = np.arctan2(px, -py)
    member = np.zeros(len(px), np.intp)
    return laid(row, index, context, Places(px, py, out, member, order, row.gap, np.tile(2 * radius, order)))


def _bodies(context: Context) -> tuple[Array, Array, Array]:
    bodies = [row.bodies for row in context.placed]
    if not bodies:
        return np.empty(0), np.empty(0), np.empty(0)
    return tuple(np.concatenate([getattr(b, name) for b in bodies]) for name in ("x", "y", "radius"))  # type: ignore[return-value]


def _order(context: Context) -> int:
    order = context.segments if context.surface.even else 1
    for row in context.placed:
        order = gcd(order, row.order) if row.walk > 1e-9 or row.repeats > 1 else order
    return max(order, 1)


def _band(track: GapsTrack, context: Context) -> tuple[float, float]:
    """Walk distances between which gaps are filled."""
    chosen = [row for row in context.placed if not track.rows or context.ids[row.index] in track.rows]
    if not chosen:
        return 0.0, -1.0
    margin = max(row.thickest for row in chosen) if track.rows else 0.0
    return min(row.inner for row in chosen) - margin, max(row.outer for row in chosen) + margin


def _to_border(context: Context, x: Array, y: Array, gap: float) -> Array:
    """Largest radius that stays inside the border."""
    zero = np.zeros(len(x))
    return np.asarray(-context.over(x, y, zero))


def holes(
    x: Array, y: Array, r: Array, sector_rad: float, start_rad: float, smallest: float = 0.02
) -> tuple[Array, Array, Array]:
    """Centres and radii, at least `smallest`, of the empty circles tangent to three discs, in the first sector.

    Every triple among a disc and its nearest neighbours is tried, and kept when no disc reaches into the circle.
    """
    triples, near = _triples(x, y, r, sector_rad, start_rad)
    cx, cy, t = touching_three(x[triples], y[triples], r[triples])
    angle = (np.arctan2(cx, -cy) - start_rad + 1e-7) % (2 * pi)
    good = np.isfinite(t) & (t >= smallest) & (t < FAR) & ((angle < sector_rad) | (np.hypot(cx, cy) < 1e-6))
    cx, cy, t, near = cx[good], cy[good], t[good], near[good]
    apart = (np.hypot(cx[:, None] - x[near], cy[:, None] - y[near]) - r[near]).min(axis=1, initial=np.inf) >= t - 1e-7
    cx, cy, t = cx[apart], cy[apart], t[apart]
    _, once = np.unique(np.round(np.stack((cx, cy), axis=1), 4), axis=0, return_index=True)
    cx, cy, t = cx[once], cy[once], t[once]
    empty = np.ones(len(cx), bool)
    for part in np.array_split(np.arange(len(cx)), max(1, len(cx) * len(x) // 2_000_000 + 1)):
        clear = np.hypot(cx[part, None] - x, cy[part, None] - y) - r
        empty[part] = clear.min(axis=1) >= t[part] - 1e-7
    return cx[empty], cy[empty], t[empty]


def _triples(x: Array, y: Array, r: Array, sector_rad: float, start_rad: float) -> tuple[Whole, Whole]:
    """Each disc of the sector, a little wider, with every two of its nearest neighbours; and those neighbours."""
    angle = (np.arctan2(x, -y) - start_rad) % (2 * pi)
    margin = 0.15 * sector_rad
    own = np.flatnonzero((angle <= sector_rad + margin) | (angle >= 2 * pi - margin))
    count = min(NEIGHBOURS, len(x) - 1)
    pairs = np.array(list(combinations(range(count), 2)))
    triples, nears = [], []
    for part in np.array_split(own, max(1, len(own) * len(x) // 2_000_000 + 1)):
        apart = np.hypot(x[part, None] - x, y[part, None] - y) - r - r[part, None]
        apart[np.arange(len(part)), part] = np.inf
        near = np.argpartition(apart, count - 1, axis=1)[:, :count]
        first = np.repeat(part, len(pairs))
        triples.append(np.stack((first, near[:, pairs[:, 0]].ravel(), near[:, pairs[:, 1]].ravel()), axis=1))
        nears.append(np.repeat(near, len(pairs), axis=0))
    found, near = np.sort(np.concatenate(triples), axis=1), np.concatenate(nears)
    _, once = np.unique((found[:, 0] * len(x) + found[:, 1]) * len(x) + found[:, 2], return_index=True)
    return found[once], near[once]


def _everywhere(x: Array, y: Array, order: int) -> tuple[Array, Array]:
    px, py = turned_places(x, y, np.arange(order)[:, None] * 2 * pi / order)
    return px.ravel(), py.ravel()


def _chosen(
    x: Array, y: Array, room: Array, least: float, gap: float, order: int, track: GapsTrack, context: Context
) -> list[tuple[float, float, float]]:
    """The largest first; each next shrunk until clear of those chosen and of its own copies."""
    kept: list[tuple[float, float, float]] = []
    tx, ty, tr = np.empty(0), np.empty(0), np.empty(0)
    for k in np.argsort(-room, kind="stable"):
        radius = float(room[k])
        if radius < least - 1e-9:
            break
        if len(tx):
            radius = min(radius, float((np.hypot(tx - x[k], ty - y[k]) - tr).min()) - gap)
        if order > 1:
            px, py = _everywhere(x[k : k + 1], y[k : k + 1], order)
            apart = float(np.hypot(px[1:] - x[k], py[1:] - y[k]).min())
            radius = min(radius, (apart - gap) / 2)
        radius = _made(radius, least, track, context)
        if radius < least - 1e-9:
            continue
        kept.append((float(x[k]), float(y[k]), radius))
        px, py = _everywhere(x[k : k + 1], y[k : k + 1], order)
        tx, ty, tr = np.concatenate((tx, px)), np.concatenate((ty, py)), np.concatenate((tr, np.full(order, radius)))
        if len(tx) > MOST:
            break
    return kept


def _made(radius: float, least: float, track: GapsTrack, context: Context) -> float:
    """The largest measured dot of the kit that is no larger; without tools the radius itself."""
    if track.sizes == "one size":
        return least if radius >= least - 1e-9 else 0.0
    fitting = [size / 2 for size in context.sizes if size / 2 <= radius + 1e-9]
    return fitting[-1] if fitting else (0.0 if context.sizes else radius)
