"""The marks of the card and of practice sheets as filled areas."""

from functools import cache

import numpy as np
import shapely
from shapely import affinity

from ..core.marks import CELLS, DICTIONARY, SIDE, corners
from .drawing import Area


def mark(ident: int, middle: tuple[float, float], side: float = SIDE) -> list[Area]:
    """One mark, its black cells joined so that no print shows a seam between them."""
    left, top = corners(middle, side)[0]
    whole = affinity.translate(affinity.scale(_black(ident), side, side, origin=(0, 0)), left, top)
    return [
        Area(np.array(part.exterior.coords), "#000000", tuple(np.array(hole.coords) for hole in part.interiors))
        for part in whole.geoms
    ]


@cache
def _black(ident: int) -> shapely.MultiPolygon:
    """The black cells of a mark whose side is 1."""
    import cv2

    words = cv2.aruco.getPredefinedDictionary(getattr(cv2.aruco, DICTIONARY))
    cells = cv2.aruco.generateImageMarker(words, ident, CELLS)
    rows, columns = np.nonzero(cells == 0)
    boxes = shapely.box(columns / CELLS, rows / CELLS, (columns + 1) / CELLS, (rows + 1) / CELLS)
    return shapely.MultiPolygon(list(shapely.get_parts(shapely.union_all(boxes))))
