"""Base zones and masks as filled regions: blends in steps, each over what is left of the one before: no seam shows."""

from collections.abc import Iterator
from typing import TYPE_CHECKING

import numpy as np

from ..core.dots.table import Array
from ..core.regions.zones import Zone
from ..core.rows.masked import masks_of
from ..core.solved import Solved
from .drawing import Area

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

AWAY = "#c9c4b8"  # where this piece is not
FAR = 4000.0  # mm


def zone_areas(solved: Solved) -> list[Area]:
    """What lies under the dots."""
    return [area for zone in solved.zones for area in _blend(zone)]


def cover_areas(solved: Solved) -> list[Area]:
    """What is seen over the dots: the base where a mask was taken off that cut some; what is not of this piece."""
    return [area for body, colour in covers(solved) for area in areas_of(body, colour)]


def covers(solved: Solved) -> Iterator[tuple["BaseGeometry", str]]:
    """Each with its colour."""
    import shapely

    from ..core.regions.ground_left import polygons_of

    for area, region in masks_of(solved.piece.bare, solved.ground.sites[0]):
        body = polygons_of(region)
        if area.shows == "what comes off":
            yield shapely.difference(shapely.Polygon(solved.ground.outline), body), AWAY
        elif not area.whole:
            own = next((zone.colours[0] for zone in solved.zones if zone.area.id == area.id), None)
            yield body, own or solved.piece.blank.base.colour


def areas_of(body: "BaseGeometry", colour: str) -> Iterator[Area]:
    """The parts of polygons, holes and all."""
    import shapely

    for part in shapely.get_parts(body):
        if part.geom_type == "Polygon" and not part.is_empty:
            outer, *holes = (shapely.get_coordinates(ring)[:-1] for ring in (part.exterior, *part.interiors))
            yield Area(outer, colour, tuple(holes))


def _blend(zone: Zone) -> Iterator[Area]:
    import shapely

    count = len(zone.colours)
    for k, colour in enumerate(zone.colours):
        if k == 0:
            yield from areas_of(zone.body, colour)
            continue
        share = (k - 0.5) / (count - 1)
        rest = _beyond(zone, share)
        yield from areas_of(shapely.intersection(zone.body, rest), colour)


def _beyond(zone: Zone, share: float) -> "BaseGeometry":
    """All that lies further across the blend."""
    import shapely

    whole = zone.end - zone.start
    if zone.outward:
        near = shapely.Point(*zone.start).buffer(share * float(np.hypot(*whole)), quad_segs=32)
        return shapely.difference(zone.body, near)
    along = whole / max(float(np.hypot(*whole)), 1e-9)
    aside = np.array([-along[1], along[0]])
    at: Array = zone.start + share * whole
    corners = [at + FAR * aside, at - FAR * aside, at - FAR * aside + FAR * along, at + FAR * aside + FAR * along]
    return shapely.Polygon(np.stack(corners))
