"""The nearest neighbour of each row among the rows before it."""

from bisect import insort
from dataclasses import dataclass
from math import gcd, inf, pi, sin, sqrt

from .rows.layout import Halves
from .rows.own import EvenRing
from .rows.placed import PlacedRow, clearances

Hit = tuple[float, int, int]


@dataclass(frozen=True)
class Near:
    """The closest dot of the rows before: its clear distance (mm) and the two dots' rows and places."""

    clear: float
    place: int
    other_row: int
    other_place: int


def neighbours(halves: Halves, rows: tuple[PlacedRow, ...]) -> tuple[Near | None, ...]:
    """For each row the nearest dot of the rows before it on its half.

    Where what is there repeats with the sectors, one of them suffices.
    """
    found: list[Near | None] = []
    seen: dict[str, list[PlacedRow]] = {"front": [], "back": []}
    orders = {"front": 0, "back": 0}
    even = halves.front.surface.even
    for row in rows:
        plain = even and row.walks is None
        sector = max(1, row.n // max(gcd(orders[row.half], row.order), 1)) if plain else row.n
        found.append(_nearest(row, seen[row.half], sector) if row.n else None)
        for part in row.both:
            if part.n:
                insort(seen[part.half], part, key=_outermost_first)
                orders[part.half] = gcd(orders[part.half], part.order)
    return tuple(found)


def _outermost_first(row: PlacedRow) -> float:
    return -row.outer


def _nearest(row: PlacedRow, others: list[PlacedRow], sector: int) -> Near | None:
    """Smallest clear distance in space from the row's first `sector` own dots to what lies there.

    `others` come from the outermost in, and one whose band lies further off than the best so far ends the search.
    """
    best: Near | None = None
    for other in others:
        if best and (row.inner - other.outer) * 2 / pi >= best.clear:
            break
        clear, place, there = _between(row, other, sector)
        if best is None or clear < best.clear:
            best = Near(clear, place, other.index, there)
    return best


def _between(row: PlacedRow, other: PlacedRow, sector: int) -> Hit:
    """Clear distance, place here and dot there of the nearest two."""
    if row.ring and other.ring and len(other.ring.diameters) == 1:
        return between_rings(row.ring, other.ring, sector)
    there = other.bodies
    clear = clearances(row, there, sector)
    at, disc = divmod(int(clear.argmin()), clear.shape[1])
    return float(clear[at, disc]), at, int(there.dot[disc])


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
