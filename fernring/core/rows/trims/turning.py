"""One growth on every dot that looks alike: found, and turned round the centre."""

from collections.abc import Sequence
from dataclasses import replace
from math import gcd, pi

import numpy as np
from numpy.typing import NDArray

from ...dots.table import Array, Dots, Whole, table
from ...geometry.outline.polygon import turned
from ...geometry.turn import turned_places
from ..placed import PlacedRow
from . import trim_kind
from .grown import Mark
from .host import Around
from .kind import TrimRule

ALIKE = ("z", "radius", "walk", "tool", "trim", "layer", "side", "level")  # on every dot that looks alike
SAME = 5  # decimals to which angles and lengths are alike
Places = NDArray[np.intp]


def likeness(placed: PlacedRow, near: Sequence[PlacedRow], around: Around, wanted: Places) -> tuple[Places, Array]:
    """Which dots look alike once the piece is turned by one of its symmetries, as numbers from 0; and the angle at
    which every own dot lies (rad). Dots that look alike share one growth."""
    own = placed.own_dots
    radial = np.where(np.hypot(own.x, own.y) > 1e-9, np.arctan2(own.x * around.mirror, -own.y), own.out_rad)
    if not around.surface.axisymmetric or bool((own.walk[wanted] < 1e-9).any()):
        return np.arange(len(wanted)), radial
    sector = 2 * pi / max(gcd(placed.repeats, *(row.order for row in near)), 1)
    within = np.round((radial[wanted] % sector) / sector, SAME) % 1.0
    lean = np.round((own.out_rad[wanted] - radial[wanted] + pi) % (2 * pi) - pi, SAME)
    size, walk = np.round(own.radius[wanted], SAME), np.round(own.walk[wanted], SAME)
    _, alike = np.unique(np.stack((own.member[wanted], size, walk, within, lean)), axis=1, return_inverse=True)
    return alike.ravel(), radial


def turned_dots(
    dots: Dots, turn: Array, mirror: float, mine: Places, before: int, trims: Sequence[TrimRule], own: Dots
) -> Dots:
    """The dots of one growth on each of these own dots of the row; `before` dots of the row come first."""
    n, hosts = len(dots), len(mine)
    if not n:
        return dots
    x, y = turned_places(dots.x, dots.y, turn[:, None] * mirror)
    begin = before + n * np.arange(hosts)[:, None]
    each = np.tile(np.arange(n), hosts)
    return table(
        n * hosts,
        **{name: getattr(dots, name)[each] for name in ALIKE},
        x=x.ravel(),
        y=y.ravel(),
        out_rad=(dots.out_rad + turn[:, None]).ravel(),
        dot=before + np.arange(n * hosts),
        slot=_slots(trims, dots, own.place[mine]).ravel(),
        host=np.repeat(mine, n),
        below=np.where(dots.below == 0, mine[:, None], dots.below - 1 + begin).ravel(),
        place=np.repeat(own.place[mine], n),
        member=np.repeat(own.member[mine], n),
    )


def _slots(trims: Sequence[TrimRule], dots: Dots, places: Whole) -> Whole:
    """Shades that take turns round the row belong to the place, not to its likeness."""
    slots = np.tile(dots.slot, (len(places), 1))
    for number, trim in enumerate(trims):
        if any(earlier.carried for earlier in trims[:number]):
            break
        mine = np.flatnonzero(dots.trim == number)
        for line, place in zip(slots, places.tolist(), strict=True):
            own = trim_kind(trim).slots(trim, len(mine), place)
            if own is None:
                break
            line[mine] = own
    return slots


def turned_mark(mark: Mark, turn: float, mirror: float, own: int) -> Mark:
    outline, centres = (turned(line, turn * mirror) for line in (mark.outline, mark.spine))
    return replace(mark, outline=outline, spine=centres, host=own)
