"""Where a motif stands: a frame at each of its places, and how much room there is round it."""

from dataclasses import dataclass
from math import cos, pi, radians, sin

import numpy as np

from ...document.motif import AroundCentre, AtSpots, Motif, Spot
from ...geometry.dome import ArcDome
from ...geometry.frame import Frame, frame_at
from ...geometry.frames import walk_above
from ...geometry.sections import Sections
from ...geometry.surface import Array, Plane, Surface
from ...ground.ground import Ground
from ...kept import kept

ANY = np.zeros(1)
SAME = 1e-6  # mm


@dataclass(frozen=True, eq=False)
class Place:
    """A place of a motif on its `own` surface, the `spot` as seen from above.

    `limit` is how far from it the border line comes nearest, `furthest` where it lies furthest away (mm over the
    surface); `why` says why nothing can stand there.
    """

    spot: Spot
    frame: Frame
    own: Surface
    limit: float
    furthest: float
    why: str = ""

    @property
    def top(self) -> float:
        """Height of the place in its own coordinates (mm)."""
        return float(self.own.points(ANY, ANY)[2][0])


@dataclass(frozen=True, eq=False)
class Places:
    """A motif on its blank: whether it stands `around` the piece's centre."""

    motif: Motif
    all: tuple[Place, ...]
    around: bool

    @property
    def alike(self) -> bool:
        """Whether each looks like the next once the piece is turned, the way to the border included."""
        limits = [place.limit for place in self.all]
        return self.around and max(limits) - min(limits) < SAME


@kept(32)
def places_of(motif: Motif, ground: Ground, turn_rad: float) -> Places:
    """Every place of the motif on the front of the blank."""
    around = isinstance(motif.places, AroundCentre)
    spots = spots_of(motif, ground, turn_rad)
    return Places(motif, tuple(_place(spot, ground) for spot in spots), around)


def spots_of(motif: Motif, ground: Ground, turn_rad: float) -> tuple[Spot, ...]:
    """Its places as seen from above, one by one."""
    rule = motif.places
    if isinstance(rule, AtSpots):
        return rule.spots
    first = turn_rad + radians(rule.first)
    reach = float(ground.surface.reach(np.array([rule.walk]), ANY)[0])
    angles = [first + k * 2 * pi / rule.count for k in range(rule.count)]
    return tuple(Spot.model_construct(x=reach * sin(a), y=-reach * cos(a)) for a in angles)


def _place(spot: Spot, ground: Ground) -> Place:
    """Exact on flat blanks and on domes and balls, whose circles are circles about any point; elsewhere by sections."""
    surface, x, y = ground.surface, np.array([spot.x]), np.array([spot.y])
    walk = walk_above(surface, x, y)
    limit = float(ground.room(walk, x, y)[0])
    why = "" if limit > 0 else "its place lies on the border or off the blank"
    turn = radians(spot.turn)
    far = float(np.hypot(*(_corners(ground) - [spot.x, spot.y]).T).max(initial=0.0))
    if isinstance(surface, ArcDome) and surface.axisymmetric:
        lean, middle = float(walk[0]) / surface.radius, surface.rise - surface.radius
        frame = frame_at(spot.x, spot.y, lean, middle, turn, spot.mirrored)
        return Place(spot, frame, surface, limit, limit + 2 * float(walk[0]), why)
    frame, own = frame_at(spot.x, spot.y, 0.0, 0.0, turn, spot.mirrored), surface
    if isinstance(surface, Plane):
        own = Plane(max(far, 1.0))
    elif not why:
        own = Sections(surface, frame, ground.outline)
    return Place(spot, frame, own, limit, far, why)


def _corners(ground: Ground) -> Array:
    return np.concatenate([np.zeros((0, 2)), *ground.clear])
