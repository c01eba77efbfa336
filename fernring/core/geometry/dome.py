"""Domes, balls, and domed blanks of any outline: every profile is a circular arc about a point on the axis."""

from collections.abc import Callable
from math import asin, cos, inf, pi, sin

import numpy as np

from ..errors import FitError
from .crossing import crossing
from .surface import Array, Circle, Points, arc_over_chord


def arc_radius(half: Array, rise: float) -> Array:
    """Radius of the arc over half a width with this rise: (a² + h²)/2h. Source: chord and sagitta."""
    return (half * half + rise * rise) / (2 * rise)


def half_arc(half: Array, rise: float) -> Array:
    """From the top to the edge along that arc: R times its angle, which is 2 atan(h/a).

    Equivalent to R asin(a/R), and exact as well where the arc is nearly half a circle. Source: tangent-chord angle.
    """
    return np.asarray(arc_radius(half, rise) * 2 * np.arctan(rise / half))


def rise_from_tape(width: float, tape: float) -> float:
    """Rise (mm) of a dome over which a tape from edge to edge measures `tape`.

    Raises FitError unless the tape lies between the width and half a circle over it.
    """
    most = pi * width / 2
    if not width <= tape <= most:
        raise FitError(
            f"A tape over a dome {{{width:g}}} wide measures between {{{width:g}}} (flat) and {{{most:.1f}}} "
            f"(half a ball); given {{{tape:g}}}.",
            "blank.relief.tape",
        )

    half = np.array([width / 2])
    return crossing(lambda rise: 2 * float(half_arc(half, rise)[0]) - tape, 1e-9, width / 2, 1e-12)


class ArcDome:
    """An arc of radius R(a) through the top, its centre on the axis: reach = R sin(walk/R), height from the base.

    `half` gives the distance from axis to outline in each direction; a round dome has one for all. The rise may
    not exceed the least of them, or the edge would bulge. Angles go through `half` as arrays. `radius` is that of the
    tightest arc, of all of them on a round dome.
    """

    side = 1.0

    def __init__(self, half: Callable[[Array], Array] | float, rise: float) -> None:
        self.axisymmetric = not callable(half)
        self._half: Callable[[Array], Array] = half if callable(half) else lambda a: np.full_like(a, half)
        self.rise = rise
        halves = self._half(np.linspace(0, 2 * pi, 721)[:-1])
        if rise > float(halves.min()) * (1 + 1e-9):
            raise FitError(
                f"A rise of {{{rise:g}}} is more than half a ball over {{{2 * float(halves.min()):g}}}; "
                f"at most {{{float(halves.min()):.2f}}}.",
                "blank.relief.rise",
            )
        self.widest = float(halves.max())
        self.radius = float(arc_radius(halves, rise).min())
        self.rim = float(half_arc(halves, rise).max())

    def longest_arc(self, chord: float) -> float:
        return arc_over_chord(chord, self.radius)

    def _radius(self, angle_rad: Array) -> Array:
        return arc_radius(self._half(np.asarray(angle_rad, float)), self.rise)

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        radius = self._radius(angle_rad)
        return np.asarray(radius * np.sin(walk / radius))

    def circle(self, walk: float) -> Circle:
        radius = self.radius
        return Circle(radius * sin(walk / radius), self.rise - radius + radius * cos(walk / radius))

    def walk(self, reach: float) -> float:
        radius = float(self._radius(np.zeros(1))[0])
        return radius * asin(reach / radius) if reach <= self.widest * (1 + 1e-12) and reach <= radius else inf

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        radius = self._radius(angle_rad)
        share = np.asarray(reach / radius)
        share = np.where((share > 1) & (share < 1 + 1e-9), 1.0, share)
        return np.asarray(radius * np.arcsin(np.where(share <= 1, share, np.nan)))

    def edge(self, angle_rad: Array) -> Array:
        return half_arc(self._half(np.asarray(angle_rad, float)), self.rise)

    def points(self, walk: Array, angle_rad: Array) -> Points:
        radius = self._radius(angle_rad)
        reach = radius * np.sin(walk / radius)
        z = self.rise - radius + radius * np.cos(walk / radius)
        return reach * np.sin(angle_rad), -reach * np.cos(angle_rad), np.asarray(z)

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        """Along the radius of the arc; on a dome that is not round the lean sideways is left out."""
        lean = walk / self._radius(angle_rad)
        out = np.sin(lean)
        return out * np.sin(angle_rad), -out * np.cos(angle_rad), np.asarray(np.cos(lean))

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """The point seen from the arc's centre is (A along, s aside, B up); |P - p| = d is A sin t + B cos t = C.

        C = (R² + A² + B² + s² - d²)/2R and the larger solution is t = atan2(A, B) + acos(C/sqrt(A² + B²)).
        """
        radius = self._radius(angle_rad)
        sin_a, cos_a = np.sin(angle_rad), np.cos(angle_rad)
        along, aside = x * sin_a - y * cos_a, x * cos_a + y * sin_a
        up = z - (self.rise - radius)
        size2 = along * along + up * up
        share = (radius * radius + size2 + aside * aside - distance * distance) / (2 * radius * np.sqrt(size2))
        turn = np.arccos(np.where(np.abs(share) <= 1, share, np.nan))
        return np.asarray(radius * (np.arctan2(along, up) + turn))


def ball(diameter: float) -> ArcDome:
    """Half a ball, walked from its pole to the widest circle."""
    return ArcDome(diameter / 2, diameter / 2)
