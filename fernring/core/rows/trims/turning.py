"""One growth on every dot that looks alike: found, and turned round the centre."""

from collections.abc import Sequence
from dataclasses import replace
from math import gcd, pi
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ...dots.table import NONE, Array, Dots, concat, table
from ...geometry.outline.polygon import turned
from ...geometry.turn import turned_places
from ..placed import PlacedRow
from . import trim_kind
from .grown import Mark
from .host import Around
from .kind import TrimRule, trims_of

ALIKE = ("z", "radius", "walk", "tool", "trim", "layer", "side", "level")  # on every dot that looks alike
POINT = 60  # work to turn one
SAME = 5  # decimals to which angles and lengths are alike
Places = NDArray[np.intp]


class Alike(NamedTuple):
    """What grew on one dot, the own dots that look like it, and the turn from it to each of them (rad)."""

    dots: Dots
    hosts: Places
    turn: Array


def likeness(
    placed: PlacedRow, near: Sequence[PlacedRow], around: Around, wanted: Places, copies: int
) -> tuple[Places, Array]:
    """Which dots look alike once the piece is turned by one of its symmetries, as numbers from 0; and the angle at
    which every own dot lies (rad). Dots that look alike share one growth; of `copies` of a place each is of its own."""
    own = placed.own_dots
    radial = np.where(np.hypot(own.x, own.y) > 1e-9, np.arctan2(own.x * around.mirror, -own.y), own.out_rad)
    if not around.surface.axisymmetric or bool((own.walk[wanted] < 1e-9).any()):
        return np.arange(len(wanted)), radial
    sector = 2 * pi / max(gcd(placed.repeats, *(row.order for row in near)), 1)
    within = np.round((radial[wanted] % sector) / sector, SAME) % 1.0
    lean = np.round((own.out_rad[wanted] - radial[wanted] + pi) % (2 * pi) - pi, SAME)
    size, walk = np.round(own.radius[wanted], SAME), np.round(own.walk[wanted], SAME)
    copy = own.place[wanted] % copies
    _, alike = np.unique(np.stack((own.member[wanted], copy, size, walk, within, lean)), axis=1, return_inverse=True)
    return alike.ravel(), radial


def turned_dots(kinds: Sequence[Alike], mirror: float, own: Dots, trims: Sequence[TrimRule]) -> Dots:
    """The dots that a row's own dots carry, host after host; they are numbered on from the own ones."""
    kinds = [kind for kind in kinds if len(kind.dots)]
    if not kinds:
        return NONE
    # 1. One copy for each host: how many dots it has, where they stand among all growths, and by how much it is turned.
    hosts = np.concatenate([kind.hosts for kind in kinds])
    turn = np.concatenate([kind.turn for kind in kinds])
    copies = [len(kind.hosts) for kind in kinds]
    sizes = np.array([len(kind.dots) for kind in kinds])
    first = np.repeat(sizes.cumsum() - sizes, copies)
    sizes = np.repeat(sizes, copies)
    begin = sizes.cumsum() - sizes
    # 2. One line for each dot of each copy. Shades that take turns round the row belong to the place.
    copy = np.repeat(np.arange(len(sizes)), sizes)
    growth = concat([kind.dots for kind in kinds])
    each = np.arange(len(copy)) - begin[copy] + first[copy]
    host, by = hosts[copy], turn[copy]
    x, y = turned_places(growth.x[each], growth.y[each], by * mirror)
    below, slot = growth.below[each], growth.slot[each]
    number = 0  # trims are counted as they stand on the sheet, each followed by those on it
    for trim in trims:
        mine = np.flatnonzero(growth.trim[each] == number)
        order = np.arange(len(mine)) - np.searchsorted(copy[mine], copy[mine])
        decided = trim_kind(trim).slots(trim, order, own.slot[host[mine]])
        if decided is not None:
            slot[mine] = decided
        number += 1 + sum(1 for _ in trims_of(trim.carried))
    return table(
        len(copy),
        **{name: getattr(growth, name)[each] for name in ALIKE},
        x=x,
        y=y,
        out_rad=growth.out_rad[each] + by,
        dot=len(own) + np.arange(len(copy)),
        slot=slot,
        host=host,
        below=np.where(below == 0, host, below - 1 + len(own) + begin[copy]),
        place=own.place[host],
        member=own.member[host],
    )


def turned_mark(mark: Mark, turn: float, mirror: float, own: int) -> Mark:
    spend(POINT * (len(mark.outline) + len(mark.spine)))
    outline, centres = (turned(line, turn * mirror) for line in (mark.outline, mark.spine))
    return replace(mark, outline=outline, spine=centres, host=own)
