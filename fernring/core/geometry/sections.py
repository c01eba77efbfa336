"""A relief as seen from a place beside its axis: every spoke is a section by an upright plane through the place.

Walk distances are measured along the sections, as a tape laid over the blank in that direction would. Points lie on the
relief itself; only how far they are walked is read from a table.
"""

from math import pi

import numpy as np

from ..budget import spend
from .frame import Frame
from .frames import lifted
from .outline.rays import ray_lengths
from .surface import Array, Circle, Points, Surface

WAYS, STEPS = 180, 96  # sections, and points of each
TRIED, NARROWED = 24, 40  # points of a spoke that a contact is looked for among, and how often it is narrowed down
POINT = 40  # work for a point of the relief
SMALL = 1e-3  # mm


class Sections:
    """`home` is the relief from its own centre, `frame` moves and turns a place of it to the origin without tilting."""

    axisymmetric = False
    side = 1.0
    widest = np.inf

    def __init__(self, home: Surface, frame: Frame, outline: Array) -> None:
        self.home, self.frame = home, frame
        x, y, _ = frame.into(outline[:, 0], outline[:, 1], np.zeros(len(outline)))
        ways = np.arange(WAYS + 1) * 2 * pi / WAYS
        self._edges = np.nan_to_num(ray_lengths(np.stack((x, y), axis=1), ways)) * (1 - 1e-9)
        spend(POINT * WAYS * STEPS)
        # Walks at even steps of reach, from section to section.
        reach = self._edges[:, None] * np.linspace(0, 1, STEPS + 1)
        z = self._height(reach * np.sin(ways)[:, None], -reach * np.cos(ways)[:, None])
        length = np.hypot(np.diff(reach, axis=1), np.diff(z, axis=1))
        self._walks = np.concatenate((np.zeros((WAYS + 1, 1)), np.cumsum(length, axis=1)), axis=1)
        self.rim = float(self._walks[:, -1].max())

    def longest_arc(self, chord: float) -> float:
        return self.home.longest_arc(chord)

    def edge(self, angle_rad: Array) -> Array:
        return self._row(angle_rad)[1][..., -1]

    def reach(self, walk: Array, angle_rad: Array) -> Array:
        """Seen from above; past the edge it goes on as far as it is walked."""
        walk, angle = np.broadcast_arrays(np.asarray(walk, float), np.asarray(angle_rad, float))
        edge, walks = self._row(angle)
        step, share = _bracket(walks, walk)
        inside = edge * (step + share) / STEPS
        return np.where(walk > walks[..., -1], edge + walk - walks[..., -1], inside)

    def walk_to(self, reach: Array, angle_rad: Array) -> Array:
        reach, angle = np.broadcast_arrays(np.asarray(reach, float), np.asarray(angle_rad, float))
        edge, walks = self._row(angle)
        at = np.clip(reach / edge * STEPS, 0, STEPS)
        step = np.minimum(at.astype(np.intp), STEPS - 1)
        low, high = (np.take_along_axis(walks, one[..., None], -1)[..., 0] for one in (step, step + 1))
        return np.where(reach > edge * (1 + 1e-9), np.nan, low + (at - step) * (high - low))

    def points(self, walk: Array, angle_rad: Array) -> Points:
        reach = self.reach(walk, angle_rad)
        x, y = reach * np.sin(angle_rad), -reach * np.cos(angle_rad)
        return x, y, self._height(x, y)

    def normals(self, walk: Array, angle_rad: Array) -> Points:
        """From the heights a little to the right of each point and below it."""
        x, y, z = self.points(walk, angle_rad)
        right, down = (self._height(x + dx, y + dy) - z for dx, dy in ((SMALL, 0.0), (0.0, SMALL)))
        size = np.sqrt(right**2 + down**2 + SMALL**2)
        return -right / size, -down / size, SMALL / size

    def contact_walk(self, angle_rad: Array, x: Array, y: Array, z: Array, distance: Array) -> Array:
        """The last of some walks near the point at which it is too near, and from there outward by halving."""
        angle, x, y, z, distance = np.broadcast_arrays(angle_rad, x, y, z, distance)
        shape = angle.shape
        angle, x, y, z, distance = (np.ravel(one) for one in (angle, x, y, z, distance))
        along, aside = x * np.sin(angle) - y * np.cos(angle), x * np.cos(angle) + y * np.sin(angle)
        spend(POINT * (TRIED + NARROWED) * len(angle))

        def missed(reach: Array) -> Array:
            px, py = reach * np.sin(angle), -reach * np.cos(angle)
            return np.asarray(np.sqrt((px - x) ** 2 + (py - y) ** 2 + (self._height(px, py) - z) ** 2) - distance)

        # 1. Nothing on the spoke is nearer than the plane through it.
        low, high = np.full(len(angle), np.nan), along + distance
        for share in np.linspace(-1, 1, TRIED):
            tried = along + share * distance
            low = np.where(missed(tried) < 0, tried, low)
        found = ~np.isnan(low) & (np.abs(aside) < distance)
        low = np.where(found, low, along)
        # 2. Between there and the furthest that can touch it stops being too near.
        for _ in range(NARROWED):
            middle = (low + high) / 2
            near = missed(middle) < 0
            low, high = np.where(near, middle, low), np.where(near, high, middle)
        walk = self._walked(high, angle)
        return np.where(found, walk, np.nan).reshape(shape)

    def circle(self, walk: float) -> Circle:
        raise NotImplementedError("circles of a section are not even")

    def walk(self, reach: float) -> float:
        raise NotImplementedError("sections are of different lengths")

    def _walked(self, reach: Array, angle: Array) -> Array:
        """As walk_to, past the edge as far as seen from above, and negative behind the place."""
        there = np.where(reach < 0, angle + pi, angle)
        edge, _ = self._row(there)
        walk = self.walk_to(np.minimum(np.abs(reach), edge), there) + np.maximum(np.abs(reach) - edge, 0.0)
        return np.where(reach < 0, -walk, walk)

    def _height(self, x: Array, y: Array) -> Array:
        """Heights above the plan; past the edge that of the edge."""
        shape = np.shape(x)
        px, py, _ = self.frame.out(np.ravel(x), np.ravel(y), np.zeros(np.size(x)))
        (_, _, z), _ = lifted(self.home, px, py)
        if np.isnan(z).any():
            angle = np.arctan2(px, -py)
            z = np.where(np.isnan(z), self.home.points(self.home.edge(angle), angle)[2], z)
        return z.reshape(shape)

    def _row(self, angle_rad: Array) -> tuple[Array, Array]:
        """The edge and the walks of the section in each direction, between those of the table."""
        at = np.asarray(angle_rad) % (2 * pi) / (2 * pi) * WAYS
        before = np.minimum(at.astype(np.intp), WAYS - 1)
        share = at - before
        edge = self._edges[before] + share * (self._edges[before + 1] - self._edges[before])
        walks = self._walks[before] + share[..., None] * (self._walks[before + 1] - self._walks[before])
        return edge, walks


def _bracket(walks: Array, walk: Array) -> tuple[Array, Array]:
    """The step of each row of walks that a walk lies in, and its share of that step."""
    step = np.clip((walks <= walk[..., None]).sum(axis=-1) - 1, 0, STEPS - 1)
    low, high = (np.take_along_axis(walks, one[..., None], -1)[..., 0] for one in (step, step + 1))
    return step, np.clip((walk - low) / np.maximum(high - low, 1e-12), 0.0, 1.0)
