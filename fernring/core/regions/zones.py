"""Base zones: areas with a base colour of their own, or a blend of several across them."""

from collections.abc import Sequence
from dataclasses import dataclass
from math import radians
from typing import TYPE_CHECKING

import numpy as np

from ..colour.ramp import ramp
from ..document.piece import Piece
from ..document.region import BareArea
from ..dots.table import Array, Whole
from .bare import visible_ground
from .site import Site

if TYPE_CHECKING:
    from shapely.geometry.base import BaseGeometry

STEPS = 24  # colours of a blend


@dataclass(frozen=True, eq=False)
class Zone:
    """`body` is where it lies. Its `colours` go in even steps from the point `start` to the point `end` (mm), or
    from the one `outward` as far as the other.
    """

    area: BareArea
    body: "BaseGeometry"
    colours: tuple[str, ...]
    start: Array
    end: Array
    outward: bool

    def share(self, x: Array, y: Array) -> Array:
        """How far across the blend places lie, from 0 to 1."""
        at = np.stack((x, y), axis=1) - self.start
        whole = self.end - self.start
        length = max(float(np.hypot(*whole)), 1e-9)
        along = np.hypot(*at.T) if self.outward else at @ whole / length
        return np.clip(along / length, 0.0, 1.0)


def zones(piece: Piece, site: Site) -> tuple[Zone, ...]:
    """All of them; later ones lie over earlier ones."""
    paints = {paint.id: paint.colour for paint in piece.paints}
    found = []
    for area in piece.bare:
        base = area.base
        body = visible_ground(area, piece.bare, site) if base else None
        if base is None or body is None or body.is_empty:
            continue
        stops = [paints[paint] for paint in base.paints]
        colours = ramp(stops, STEPS) if len(stops) > 1 else stops
        found.append(Zone(area, body, tuple(colours), *_ends(area, body), base.blend == "outward"))
    return tuple(found)


def _ends(area: BareArea, body: "BaseGeometry") -> tuple[Array, Array]:
    """Where a blend begins and ends."""
    import shapely

    left, top, right, bottom = body.bounds
    middle = np.array([left + right, top + bottom]) / 2
    corners = shapely.get_coordinates(body) - middle
    if area.base is None or area.base.blend == "outward":
        return middle, middle + np.array([float(np.hypot(*corners.T).max()), 0.0])
    way = radians(area.base.way)
    along = np.array([np.sin(way), -np.cos(way)])
    reach = corners @ along
    return middle + float(reach.min()) * along, middle + float(reach.max()) * along


def bases_under(found: Sequence[Zone], base: str, x: Array, y: Array) -> tuple[list[str], Whole]:
    """The colours that lie under places, and for each place which of them; the blank's own base first."""
    import shapely

    colours, which = [base], np.zeros(len(x), np.int32)
    for zone in found:
        inside = shapely.contains_xy(zone.body, x, y)
        step = np.rint(zone.share(x, y) * (len(zone.colours) - 1)).astype(np.int32)
        which = np.where(inside, len(colours) + step, which).astype(np.int32)
        colours += zone.colours
    return colours, which
