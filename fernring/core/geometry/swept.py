"""Bodies that discs sweep along a spine, growing or thinning evenly from each sample to the next. Lengths in mm."""

from dataclasses import dataclass
from math import cos, inf, pi

import numpy as np

from ..budget import spend
from ..kept import Kept
from .surface import Array

ENVELOPE = 300_000  # work for one outline
RIM = 32  # corners of a disc
UNSEEN = 0.002  # mm
OUTLINES = Kept[Array](256)  # swipes that are alike share one
FINER, NARROWINGS = 17, 5  # values tried along a stretch, and how often that is narrowed


@dataclass(frozen=True, eq=False)
class Swept:
    """Centres in space, shape (m, 3), and radii, shape (m,); between two samples both change evenly."""

    centres: Array
    girth: Array

    def at(self, s: Array) -> tuple[Array, Array]:
        """Centres (n, 3) and radii (n,) at these places, counted in samples."""
        first = np.clip(s.astype(np.intp), 0, len(self.girth) - 2)
        share = s - first
        centres = self.centres[first] + share[:, None] * (self.centres[first + 1] - self.centres[first])
        return centres, self.girth[first] + share * (self.girth[first + 1] - self.girth[first])


def clear_of_discs(body: Swept, centres: Array, radius: Array) -> Array:
    """The smallest clear distance between the body and each disc, shape (n,): (n, 3) centres and (n,) radii.

    Along a straight stretch of length l whose radius grows by g, a disc at height h over its line is nearest at
    x = h g / sqrt(l^2 - g^2) beyond the foot of its perpendicular, both in the stretch's own length.
    """
    spend(20 * len(radius) * len(body.girth))
    step = np.diff(body.centres, axis=0)
    long2, grow = (step**2).sum(axis=1), np.diff(body.girth)
    # 1. The foot of the perpendicular, as a share of the stretch, and the height over it.
    to = centres[:, None, :] - body.centres[None, :-1, :]
    foot = (to * step).sum(axis=2) / np.maximum(long2, 1e-30)
    height2 = np.maximum((to**2).sum(axis=2) - foot**2 * long2, 0.0)
    # 2. Where the clear distance is least: one disc of a stretch that grows faster than it goes holds all others.
    slack = long2 - grow**2
    beyond = np.sqrt(height2 / np.maximum(long2, 1e-30)) * grow / np.sqrt(np.maximum(slack, 1e-30))
    share = np.where(slack > 0, np.clip(foot + beyond, 0.0, 1.0), (grow > 0).astype(float))
    # 3. The distance there, less both radii.
    apart = np.sqrt(height2 + (share - foot) ** 2 * long2)
    return np.asarray((apart - body.girth[:-1] - share * grow).min(axis=1, initial=inf) - radius)


def clear_between(one: Swept, other: Swept) -> float:
    """The smallest clear distance between two bodies: from the samples of one, then between them.

    Along one straight stretch the distance to the other body's nearest place is convex, so that narrowing about the
    least of some values cannot lose it. Where two straight stretches in one plane do not cross, it is least at an end
    of one of them: what bounds them is straight between their ends.
    """
    if len(one.girth) == len(other.girth) == 2 and _pass_by(one.centres, other.centres):
        ends = [clear_of_discs(a, b.centres, b.girth).min() for a, b in ((one, other), (other, one))]
        return float(min(ends))
    last = len(one.girth) - 1
    s = np.arange(last + 1.0)
    low, high = 0.0, float(last)
    least = inf
    for _ in range(NARROWINGS):
        clear = clear_of_discs(other, *one.at(s))
        k = int(clear.argmin())
        least = min(least, float(clear[k]))
        low, high = float(s[max(k - 1, 0)]), float(s[min(k + 1, len(s) - 1)])
        s = np.unique(np.append(np.linspace(low, high, FINER), s[k]))
    return least


def _pass_by(one: Array, other: Array) -> bool:
    """Whether two stretches lie in one level plane and do not cross; shapes (2, 3)."""
    if np.ptp(np.concatenate((one[:, 2], other[:, 2]))) > 0:
        return False

    def sides(of: Array, points: Array) -> Array:
        along, to = of[1, :2] - of[0, :2], points[:, :2] - of[0, :2]
        return np.asarray(along[0] * to[:, 1] - along[1] * to[:, 0])

    return bool(np.prod(sides(one, other)) > 0 or np.prod(sides(other, one)) > 0)


def envelope(centres: Array, girth: Array) -> Array:
    """Outline of the body that discs along a spine sweep in the plane, shape (n, 2): head and tip are round, and it
    never crosses itself. Between two discs the body is their convex hull; all hulls together are the body."""
    return OUTLINES.of((centres.tobytes(), girth.tobytes()), lambda: _enveloped(centres, girth))


def _enveloped(centres: Array, girth: Array) -> Array:
    import shapely

    spend(ENVELOPE)
    turn = np.linspace(0, 2 * pi, RIM, endpoint=False)
    # 1. Regular polygons round the discs, as much larger than them inside as smaller at their corners.
    rim = girth[:, None, None] * np.stack((np.sin(turn), np.cos(turn)), axis=1) / cos(pi / RIM / 2)
    discs = centres[:, None] + rim
    # 2. The hull of each two that follow one another.
    pairs = np.concatenate((discs[:-1], discs[1:]), axis=1)
    hulls = shapely.convex_hull(shapely.linestrings(pairs))
    # 3. Their union, without points that change it by less than anybody sees.
    body = shapely.union_all(hulls).simplify(UNSEEN)
    whole = max(shapely.get_parts(body), key=lambda part: part.area)
    return np.asarray(shapely.get_coordinates(whole.exterior)[:-1])
