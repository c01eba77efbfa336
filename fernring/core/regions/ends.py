"""The ends of an oval: what lies inside the border beyond a circle about the centre."""

from collections.abc import Sequence

import numpy as np

from ..dots.table import Array
from .polygons import Polygons

SLIVER = 4.0


def ends(clear: Sequence[Array], reach: float) -> list[Polygons]:
    """The regions inside the border line and outside a circle, without slivers too narrow for dots.

    What goes all round the circle is no end.
    """
    import shapely

    circle = shapely.Point(0, 0).buffer(reach, quad_segs=90)
    found: list[Polygons] = []
    for part in clear:
        rest = shapely.Polygon(part).difference(circle).buffer(-SLIVER / 2).buffer(SLIVER / 2, quad_segs=16)
        for one in shapely.get_parts(rest):
            if not one.is_empty and not one.interiors:
                found.append(Polygons((np.asarray(one.exterior.coords)[:-1],)))
    return found
