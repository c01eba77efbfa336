"""What a row of a motif sees: the blank and everything on it, from one of the motif's places."""

from math import inf, radians

from ...budget import spend
from ...dots.table import NONE, Dots, concat
from ...geometry.frames import walk_above
from ..context import Context
from ..placed import LIES, PlacedRow
from .places import Place, Places

ELSEWHERE = "-"  # no motif's id
MOVED = 20  # work to see a disc from elsewhere


def seen_from(front: Context, places: Places, k: int) -> Context:
    """The context at place k: rows of the motif as they stand round it there, everything else as bodies."""
    motif, place = places.motif, places.all[k]
    bare = front._replace(
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
    others = [row for row in front.placed if row.motif != motif.id]
    own = [part for row in front.placed if row.motif == motif.id for part in _own(row, places, k)]
    for boundary in (True, False):
        bodies = [row.bodies for row in others if row.boundary == boundary]
        if bodies:
            bare = bare.with_row(_bodies(_into(concat(bodies, LIES), place), boundary))
    for row in own:
        bare = bare.with_row(row)
    return bare


def _own(row: PlacedRow, places: Places, k: int) -> list[PlacedRow]:
    """A row of the motif as it stands round place k, and what it has at the other places."""
    place = places.all[k]
    elsewhere = [
        _into(_out(row.at[min(j, len(row.at) - 1)].bodies, other), place)
        for j, other in enumerate(places.all)
        if j != k
    ]
    here = row.at[min(k, len(row.at) - 1)]
    return [_bodies(concat(elsewhere, LIES), row.boundary), here] if elsewhere else [here]


def _bodies(bodies: Dots, boundary: bool) -> PlacedRow:
    """Discs that lie on the blank and belong to no row round this centre."""
    thick = 2 * float(bodies.radius.max(initial=0.0))
    far = float(bodies.walk.max(initial=0.0))
    return PlacedRow(-1, 1, (thick,), far, inf, bodies, boundary, motif=ELSEWHERE)


def _into(bodies: Dots, place: Place) -> Dots:
    if not len(bodies):
        return NONE
    spend(MOVED * len(bodies))
    x, y, z = place.frame.into(bodies.x, bodies.y, bodies.z)
    return bodies.replaced(x=x, y=y, z=z, walk=walk_above(place.own, x, y))


def _out(bodies: Dots, place: Place) -> Dots:
    if not len(bodies):
        return NONE
    spend(MOVED * len(bodies))
    x, y, z = place.frame.out(bodies.x, bodies.y, bodies.z)
    return bodies.replaced(x=x, y=y, z=z)
