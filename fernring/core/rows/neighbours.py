"""The nearest neighbour of each row among the rows before it."""

from bisect import insort
from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import partial
from math import gcd, inf, sin, sqrt
from operator import attrgetter

from ..budget import metered, spend
from ..dots.rings import EvenRing
from ..geometry.surface import Surface
from .halves import Halves
from .placed import PlacedRow

Hit = tuple[float, int, int]


@dataclass(frozen=True)
class Near:
    """The closest dot of the rows before: its clear distance (mm) and the two dots' rows, and which of their row's
    they are. `work` is what it cost to find.
    """

    clear: float
    dot: int
    other_row: int
    other_dot: int
    work: int = 0


def neighbours(halves: Halves, rows: Sequence[PlacedRow], known: Sequence[Near | None] = ()) -> tuple[Near | None, ...]:
    """For each row the nearest dot of the rows before it on its half; of the first ones it is `known`.

    Where what is there repeats with the sectors, one of them suffices.
    """
    seen = {"front": _Seen(halves.front.surface), "back": _Seen(halves.back.surface if halves.back else None)}
    found: list[Near | None] = []
    for index, row in enumerate(rows):
        if index < len(known):
            found.append(known[index])
        else:
            near, work = metered(partial(seen[row.half].nearest, row)) if row.n and not row.laid else (None, 0)
            spend(work)
            found.append(near and replace(near, work=work))
        for part in row.both:
            if part.n and not part.laid:
                seen[part.half].add(part)
    return tuple(found)


class _Seen:
    """The rows so far on one half, from the innermost out; how often they repeat, and their largest radius (mm)."""

    def __init__(self, surface: Surface | None) -> None:
        self.surface = surface
        self.rows: list[PlacedRow] = []
        self.order = 0
        self.thick = 0.0

    def add(self, row: PlacedRow) -> None:
        insort(self.rows, row, key=attrgetter("outer"))
        self.order, self.thick = gcd(self.order, row.order), max(self.thick, row.thickest)

    def nearest(self, row: PlacedRow) -> Near | None:
        """Smallest clear distance in space from the row's own dots to what lies there.

        The rows are looked at from the outermost in; one whose band lies further off than the best so far ends the
        search.
        """
        best, enough = None, inf
        if self.surface is None:
            return best
        alike = self.surface.axisymmetric and row.round
        sector = max(1, row.n // max(gcd(self.order, row.order), 1)) if alike else row.n
        radii = row.thickest + self.thick
        for other in reversed(self.rows):
            if row.inner - other.outer >= enough:
                break
            clear, place, there = _between(row, other, sector, best.clear if best else inf)
            if best is None or clear < best.clear:
                best, enough = Near(clear, place, other.index, there), self.surface.longest_arc(clear + radii) - radii
        return best


def _between(row: PlacedRow, other: PlacedRow, sector: int, enough: float) -> Hit:
    """Clear distance, place here and dot there of the nearest two; none further apart than `enough` need be found."""
    one, ring = row.ring, other.ring
    if one and ring and len(ring.diameters) == 1:
        return between_rings(one, ring, sector)
    own = row.own_dots
    here = (own.x[:sector], own.y[:sector], own.z[:sector], own.radius[:sector])
    clear, at, disc = other.index_of_bodies.closest(*here, enough)
    return clear, at, int(other.bodies.dot[disc])


def between_rings(one: EvenRing, other: EvenRing, sector: int) -> Hit:
    """As for any two rows; of equal dots on a circle the nearest in angle is the nearest in space.

    Points a turn t apart on circles of reach p and q, h apart in height, lie sqrt((p - q)² + h² + 4pq sin²(t/2)) apart.
    Source: law of cosines.
    """
    straight = (one.circle.reach - other.circle.reach) ** 2 + (one.circle.z - other.circle.z) ** 2
    across, pitch = 4 * one.circle.reach * other.circle.reach, other.pitch_rad
    best: Hit = inf, 0, 0
    for place in range(sector):
        turn = one.first_rad + place * one.pitch_rad - other.first_rad
        there = round(turn / pitch)
        aside = sin((turn - there * pitch) / 2)
        radii = (one.diameters[place % len(one.diameters)] + other.diameters[0]) / 2
        clear = sqrt(straight + across * aside * aside) - radii
        if clear < best[0]:
            best = clear, place, there % other.n
    return best
