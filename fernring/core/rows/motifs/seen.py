"""What a row of a motif sees: the blank and everything on it, from one of the motif's places."""

from collections.abc import Iterator, Sequence
from math import inf, radians

import numpy as np

from ...budget import spend
from ...dots.table import NONE, Dots, Whole, concat
from ...geometry.frames import walk_above
from ..context import Context
from ..placed import LIES, PlacedRow, at_place
from .places import Place, Places

ELSEWHERE = "-"  # no motif's id
FAR = 5  # work to see that a disc is too far away
MOVED = 20  # work to see one from elsewhere
BESIDE = 20.0  # mm past the border within which it may matter what lies there: as much as a gap


def seen_from(front: Context, places: Places, stands: Sequence[int]) -> Iterator[Context]:
    """The context at each of these places: rows of the motif as they stand round it there, all else as bodies."""
    motif = places.motif
    own = [row for row in front.placed if row.motif == motif.id]
    lying = {boundary: _lying(front, places, boundary) for boundary in (True, False)}
    for k in stands:
        place = places.all[k]
        here = front._replace(
            surface=place.own,
            segments=motif.segments,
            turn_rad=radians(motif.turn),
            limit=place.limit,
            furthest=place.furthest,
            circles={},
            motif=motif.id,
            stand=place,
            placed=(),
            order=0,
        )
        for boundary, (bodies, stand) in lying.items():
            here = here.with_row(_bodies(_into(bodies.take(stand != k), place), boundary))
        for row in own:
            here = here.with_row(at_place(row.at, k))
        yield here


def _lying(front: Context, places: Places, boundary: bool) -> tuple[Dots, Whole]:
    """Everything on the front, and at which of the motif's places each disc is; -1 where it is of other rows."""
    rows = [row for row in front.placed if row.boundary == boundary]
    own = places.motif.id
    stand = [_stand(row, places) if row.motif == own else np.full(len(row.bodies), -1) for row in rows]
    return concat([row.bodies for row in rows], LIES), np.concatenate([np.empty(0, int), *stand])


def _stand(row: PlacedRow, places: Places) -> Whole:
    """At which place of its motif each of a row's bodies lies; its own dots are counted place by place."""
    stands = range(len(places.all))
    own = np.repeat(stands, [at_place(row.at, k).n for k in stands])
    return np.asarray(own[row.dots.host[row.bodies.dot]])


def _bodies(bodies: Dots, boundary: bool) -> PlacedRow:
    """Discs that lie on the blank and belong to no row round this centre."""
    thick = 2 * float(bodies.radius.max(initial=0.0))
    far = float(bodies.walk.max(initial=0.0))
    return PlacedRow(-1, 1, (thick,), far, inf, bodies, boundary, motif=ELSEWHERE)


def _into(bodies: Dots, place: Place) -> Dots:
    """Those that lie near enough to matter. No way over the surface is shorter than a straight line."""
    spend(FAR * len(bodies))
    at = place.frame.out(*(np.array([value]) for value in (0.0, 0.0, place.top)))
    away = np.sqrt((bodies.x - at[0]) ** 2 + (bodies.y - at[1]) ** 2 + (bodies.z - at[2]) ** 2)
    near = bodies.take(away <= bodies.radius + max(place.limit, 0.0) + BESIDE)
    if not len(near):
        return NONE
    spend(MOVED * len(near))
    x, y, z = place.frame.into(near.x, near.y, near.z)
    return near.replaced(x=x, y=y, z=z, walk=walk_above(place.own, x, y))
