"""ground(blank) -> Ground: everything about the blank that rows, guides and verdicts ask for."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np

from ..document.blank import Blank, SetCentre
from ..document.outline import Rectangle, Round, Square
from ..document.relief import Ball, Egg
from ..geometry.flipped import Flipped
from ..geometry.outline import inset
from ..geometry.outline.rays import Rim
from ..geometry.surface import Array, Surface
from ..kept import kept
from ..regions.polygons import Polygons
from ..regions.site import Site
from .outlines import placed_corners
from .reliefs import surfaces

LEAST_LIMIT = 1e-6  # a border that leaves less than this leaves nothing (mm)
ROUNDED = 5e-4  # offsets are cut into chords that lie this much inside their curve at most (mm)


@dataclass(frozen=True, eq=False)
class Ground:
    """`outline` are the corners in plan, the centre at the origin, turned by `lie_rad`.

    `clear` are the parts inside the border line, `sharp` the largest of them with the corners that rounding took off.

    `surface` belongs to the front, `back` to the other half of a ball or egg. `limit` is the walk distance that the
    edge of a ring may reach and stay whole; `border` that of the border line's furthest point. On a ball or egg
    without a border dots may lap over the widest circle (`laps`).
    """

    outline: Array
    lie_rad: float
    clear: tuple[Array, ...]
    surface: Surface
    back: Surface | None
    sharp: Array
    border_width: float
    limit: float
    border: float
    round: bool
    laps: bool

    @cached_property
    def sites(self) -> tuple[Site, Site]:
        """Where areas lie on the front and on the back."""
        front = Site(self.surface, self.outline)
        return front, front if self.back is None else Site(self.back, self.outline)

    def half(self, back: bool) -> Surface:
        return self.back if back and self.back is not None else self.surface

    def limit_on(self, back: bool) -> float:
        """The limit of a half; the border kept clear is as wide on both."""
        return max(self.half(back).rim - (self.surface.rim - self.limit), 0.0) if back else self.limit

    def over(self, walk: Array, x: Array, y: Array, radius: Array, back: bool = False) -> Array:
        """How far each dot's edge passes the border line (mm, negative inside)."""
        if self.laps:
            return np.asarray(walk - self.limit_on(back))
        if self.round:
            return np.asarray(walk + radius - self.limit_on(back))
        return self._past(self._clear_region, walk, x, y, radius)

    def room(self, walk: Array, x: Array, y: Array) -> Array:
        """How far it is from places on the front to the nearest part of the border line (mm, negative past it): over
        the surface of a round blank, else as seen from above."""
        if self.laps or self.round:
            return np.asarray(self.limit - walk)
        return -self._clear_region.signed_distance(x, y)

    def off(self, walk: Array, x: Array, y: Array, radius: Array, back: bool = False) -> Array:
        """How far each dot's edge hangs off the blank (mm, negative on it)."""
        if self.back is not None:
            return np.asarray(walk - self.half(back).rim)
        if self.round:
            return np.asarray(walk + radius - self.surface.rim)
        return self._past(self._outline_region, walk, x, y, radius)

    def _past(self, region: Polygons, walk: Array, x: Array, y: Array, radius: Array) -> Array:
        """Past the edge of the region: perpendicular to it on a flat blank, along the spoke on a domed one."""
        if self.surface.axisymmetric or not region.parts:
            return region.past(x, y, radius) - ROUNDED
        angle = np.arctan2(x, -y)
        rim = self._clear_rim if region is self._clear_region else self._outline_rim
        return np.asarray(walk + radius - self.surface.walk_to(rim(angle), angle))

    @cached_property
    def _clear_region(self) -> Polygons:
        return Polygons(self.clear)

    @cached_property
    def _clear_rim(self) -> Rim:
        return Rim(self.clear[0])

    @cached_property
    def _outline_region(self) -> Polygons:
        return Polygons((self.outline,))

    @cached_property
    def _outline_rim(self) -> Rim:
        return Rim(self.outline)


@kept(64)
def ground(blank: Blank) -> Ground:
    """The blank as geometry. Raises FitError with a sentence when its measures contradict each other."""
    outline, lie = placed_corners(blank)
    front, back = surfaces(blank, outline)
    clear = _clear(blank, outline)
    round_ = isinstance(blank.outline, Round) and not isinstance(blank.centre, SetCentre)
    closed = isinstance(blank.relief, Ball | Egg)
    if round_:
        share = 1 - (blank.reduced or 0) / 100
        edge = front.rim * share if blank.reduced is not None else front.rim - blank.border
        limit = border = edge if edge > LEAST_LIMIT else 0.0
    else:
        limit, border = _limits(front, clear)
    laps = closed and blank.border == 0 and not blank.reduced
    back_side = Flipped(back) if back else None
    sharp = _sharp(blank, clear)
    return Ground(outline, lie, clear, front, back_side, sharp, blank.border, limit, border, round_, laps)


def _sharp(blank: Blank, clear: tuple[Array, ...]) -> Array:
    """The border line as it would run round sharp corners."""
    if isinstance(blank.outline, Square | Rectangle) and blank.outline.corner > 0:
        squared = blank.model_copy(update={"outline": blank.outline.model_copy(update={"corner": 0.0})})
        return ground(squared).sharp
    return clear[0] if clear else np.empty((0, 2))


def _clear(blank: Blank, outline: Array) -> tuple[Array, ...]:
    if blank.reduced is not None:
        return (inset.reduced(outline, blank.reduced),)
    return tuple(inset.inset(outline, blank.border))


def _limits(surface: Surface, clear: tuple[Array, ...]) -> tuple[float, float]:
    """Walk to the nearest and to the furthest place of the border line around the centre."""
    region = Polygons(clear)
    home = region.home
    if home is None:
        return 0.0, 0.0
    angle = np.arctan2(home[:, 0], -home[:, 1])
    walks = surface.walk_to(np.hypot(home[:, 0], home[:, 1]), angle)
    if surface.axisymmetric:
        return float(surface.walk_to(np.array([region.whole]), np.zeros(1))[0]), float(np.nanmax(walks))
    return float(np.nanmin(walks)), float(np.nanmax(walks))
