"""From a document's outline to its corners, centred and turned as the blank says."""

from collections.abc import Callable
from math import pi, radians
from typing import Any

import numpy as np

from ..document.blank import AlongAxis, Blank, NamedCentre, SetCentre
from ..document.outline import Odd, Outline, Spoked
from ..errors import FitError
from ..geometry.outline import axes, centres, inset, shapes
from ..geometry.outline.polygon import contains, turned
from ..geometry.surface import Array

ROUGHNESS = 0.02
AXES: dict[str, Callable[[Array], float | None]] = {
    "longest axis": axes.longest_axis,
    "symmetry axis": axes.symmetry_axis,
}

_CORNERS: dict[str, Callable[[Any], Array]] = {
    "round": lambda o: shapes.oval(o.diameter, o.diameter),
    "oval": lambda o: shapes.oval(o.length, o.width),
    "square": lambda o: shapes.rectangle(o.side, o.side, o.corner),
    "rectangle": lambda o: shapes.rectangle(o.length, o.width, o.corner),
    "polygon": lambda o: shapes.polygon(o.sides, o.side),
    "heart": lambda o: shapes.heart(o.length, o.width),
    "cross": lambda o: shapes.cross(o.length, o.width, o.arm, o.bar),
    "leaf": lambda o: shapes.leaf(o.length, o.width),
    "spoked": lambda o: (shapes.spoked_smooth if o.between == "smooth" else shapes.spoked)(o.distances),
    "odd": lambda o: inset.simplified(shapes.odd(o.x, o.y), ROUGHNESS),
}


def bare_corners(outline: Outline) -> Array:
    """Corners in the outline's own coordinates, the middle of length and width at the origin.

    A spoked outline keeps the centre it was measured from. Raises FitError when it crosses itself.
    """
    if isinstance(outline, Odd):
        found = inset.crossing(shapes.odd(outline.x, outline.y))
        if found is not None:
            raise FitError(
                f"The outline crosses itself near x {{{found[0]:.1f}}}, y {{{found[1]:.1f}}}.", "blank.outline"
            )
    return _CORNERS[outline.kind](outline)


def centre_place(blank: Blank, corners: Array) -> tuple[float, float]:
    """Where the centre is, in the outline's own coordinates. Raises FitError when it lies outside."""
    if blank.centre == NamedCentre() and isinstance(blank.outline, Spoked):
        return 0.0, 0.0
    if isinstance(blank.centre, SetCentre):
        place = (blank.centre.x, blank.centre.y)
    else:
        place = centres.PLACES[blank.centre.kind](corners)
    if not contains(corners, np.array([place[0]]), np.array([place[1]]))[0]:
        raise FitError(
            f"The centre ({{{place[0]:.1f}}}, {{{place[1]:.1f}}} from the middle) lies outside the outline.",
            "blank.centre",
        )
    return place


def lie_rad(blank: Blank, corners: Array) -> float:
    """By how much the outline is turned clockwise. Raises FitError when it mirrors about no axis."""
    if not isinstance(blank.lie, AlongAxis):
        return radians(blank.lie.degrees)
    axis = AXES[blank.lie.kind](corners)
    if axis is None:
        raise FitError("This outline mirrors about no axis; turn it along its longest one.", "blank.lie")
    return -axis if axis <= pi / 2 else pi - axis


def placed_corners(blank: Blank) -> tuple[Array, float]:
    """Corners with the centre at the origin, turned, and the angle they were turned by (rad)."""
    corners = bare_corners(blank.outline)
    lie = lie_rad(blank, corners)
    return turned(corners - np.array(centre_place(blank, corners)), lie), lie
