"""A motif to add: where most room is left, as often as the piece's symmetry allows, with rows that fill the room."""

from dataclasses import dataclass
from math import degrees, pi, radians, sin

import numpy as np

from ..advice.sizes import KitSize, largest_up_to
from ..budget import budgeted, spend
from ..document.count import Absolute, PerSegment
from ..document.member import Member
from ..document.motif import MOST_MOTIFS, MOST_SPOTS, AroundCentre, AtSpots, Motif, Spot
from ..document.names import fresh_id
from ..document.piece import MAX_ROWS, Piece
from ..document.row import Row
from ..document.shelf import PaintShade
from ..document.start import Offset, OnLines
from ..dots.index import Index
from ..dots.table import Array, concat
from ..errors import FitError
from ..geometry.frames import lifted, walk_above
from ..regions.polygons import Polygons
from ..rows.placed import LIES
from ..rows.tracks.centre import CentreTrack
from ..rows.tracks.ring import RingTrack
from ..solved import Solved, solve_piece
from ..words.lengths import mm
from .next_row import sizes_for_one_more

FINE = 60  # places are looked for in steps of so many parts of the blank's width
ALIKE = 0.94  # places with so much of the best one's room are as good
SNAPPED = 0.95  # a place on a line, or in the middle between two, may have so much less than the best
CENTRE, RING = 0.55, 0.36  # sizes of dots, as parts of the free radius
OFF_CENTRE = 0.3  # of the way to the border: nearer the middle the piece's own rows stand
MOST_RINGS, DOTS = 3, 8


@dataclass(frozen=True)
class Found:
    """Where a motif finds room: its places, and how much of it (mm) each has."""

    places: AtSpots | AroundCentre
    room: float


@budgeted
def with_motif(piece: Piece) -> Piece:
    """The piece with one more motif and its rows, at the end.

    Raises FitError when the piece is full, has no tools, or nowhere leaves room for as much as a ring of its smallest
    dots.
    """
    sizes = sizes_for_one_more(piece)
    if len(piece.motifs) >= MOST_MOTIFS:
        raise FitError(f"A piece holds at most {MOST_MOTIFS} motifs.", "motifs")
    now = solve_piece(piece)
    found = roomiest(now)
    least = 1.5 * sizes[0].diameter + piece.safe_gap
    if found is None or found.room < least:
        room = f"the widest free place reaches {mm(found.room)} around it" if found else "no place is free"
        raise FitError(f"No motif fits: {room}, and {mm(least)} is needed for the smallest dots.", "motifs")
    names = [motif.name for motif in piece.motifs]
    name = next(name for k in range(1, MOST_MOTIFS + 2) if (name := f"Motif {k}") not in names)
    motif = Motif(id=fresh_id("motif", [one.id for one in piece.motifs]), name=name, segments=DOTS, places=found.places)
    return _filled(piece.model_copy(update={"motifs": (*piece.motifs, motif)}), motif, sizes, found.room)


def roomiest(now: Solved) -> Found | None:
    """The place on the front with most room to the border and to all dots, off the middle; and those like it."""
    free = _Free(now)
    across = float(np.ptp(now.ground.outline, axis=0).max())
    x, y = Polygons(now.ground.clear).sample(across / FINE).T
    off = np.hypot(x, y) > OFF_CENTRE * now.context.limit
    x, y = x[off], y[off]
    if not len(x):
        return None
    rooms = free.room(x, y)
    best = int(np.nanargmax(rooms))
    return free.around(float(x[best]), float(y[best]), rooms[best]) or free.alone(float(x[best]), float(y[best]))


class _Free:
    """How much room there is on the front of a piece."""

    def __init__(self, now: Solved) -> None:
        self.piece, self.ground, self.surface = now.piece, now.ground, now.context.surface
        bodies = [row.bodies for row in now.context.placed]
        self.there = Index.of(concat(bodies, LIES)) if bodies else None

    def room(self, x: Array, y: Array) -> Array:
        """Distance from places of the plan to the nearest edge of anything (mm)."""
        spend(len(x))
        free = self.ground.room(walk_above(self.surface, x, y), x, y)
        (px, py, pz), _ = lifted(self.surface, x, y)
        return free if self.there is None else np.fmin(free, self.there.nearest(px, py, pz)[0])

    def around(self, x: float, y: float, room: float) -> Found | None:
        """As many places round the centre as have about this much room, on its spokes or between if these will do."""
        walk = round(float(walk_above(self.surface, np.array([x]), np.array([y]))[0]), 1)
        half = 180 / self.piece.segments
        angle = degrees(float(np.arctan2(x, -y))) - self.piece.turn
        snapped = round(angle / half) * half
        first = snapped if self._least(walk, snapped, 1) >= SNAPPED * room else round(angle, 1)
        counts = [k for k in range(MOST_SPOTS, 1, -1) if self.piece.segments % k == 0 or k == 2]
        for count in counts:
            least = self._least(walk, first, count)
            if least >= ALIKE * room:
                return Found(AroundCentre(count=count, walk=walk, first=round(first % 360, 3)), least)
        return None

    def alone(self, x: float, y: float) -> Found:
        """One place, and its mirror image where that has as much room."""
        spot = Spot(x=round(x, 1), y=round(y, 1))
        across = (Spot(x=-spot.x, y=spot.y, mirrored=True), Spot(x=spot.x, y=-spot.y, mirrored=True))
        single, *pairs = (self._at(spots) for spots in ((spot,), *((spot, one) for one in across)))
        return next((pair for pair in pairs if pair.room >= ALIKE * single.room), single)

    def _at(self, spots: tuple[Spot, ...]) -> Found:
        """These places; two of them share what lies between."""
        x, y = np.array([[spot.x, spot.y] for spot in spots]).T
        between = float(np.hypot(x[0] - x[-1], y[0] - y[-1])) / 2
        least = float(self.room(x, y).min())
        return Found(AtSpots(spots=spots), min(least, between) if len(spots) > 1 else least)

    def _least(self, walk: float, first: float, count: int) -> float:
        """The least room of so many places round the centre, `first` degrees on from the first spoke (mm)."""
        reach = float(self.surface.reach(np.array([walk]), np.zeros(1))[0])
        angle = radians(self.piece.turn + first) + np.arange(count) * 2 * pi / count
        between = reach * sin(pi / count) - self.piece.safe_gap / 2 if count > 1 else np.inf
        return min(float(self.room(reach * np.sin(angle), -reach * np.cos(angle)).min()), between)


def _filled(piece: Piece, motif: Motif, sizes: list[KitSize], room: float) -> Piece:
    """Its centre and rings outward, each with the largest dots that stay within the room."""
    free = room - piece.safe_gap
    middle = largest_up_to(sizes, CENTRE * free) or sizes[0]
    piece = _with(piece, motif, middle, 0)
    solved = solve_piece(piece)
    for ring in range(1, MOST_RINGS + 1):
        if len(piece.rows) >= MAX_ROWS:
            break
        for size in reversed([size for size in sizes if size.diameter <= max(RING * free, sizes[0].diameter)]):
            tried = solve_piece(_with(piece, motif, size, ring), solved)
            placed = tried.rows[-1]
            if not placed.noroom and placed.one.outer <= free + 1e-6:
                piece, solved = tried.piece, tried
                break
        else:
            break
    return piece


def _with(piece: Piece, motif: Motif, size: KitSize, ring: int) -> Piece:
    """The piece with one more row of the motif: its centre, or a ring in the dips of the one before."""
    paint = piece.paints[ring % len(piece.paints)]
    row = Row(
        id=fresh_id("row", [row.id for row in piece.rows]),
        motif=motif.id,
        track=RingTrack() if ring else CentreTrack(),
        pattern=(Member(id="dot-1", diameter=size.diameter, tool=size.tool),),
        count=Absolute(repeats=DOTS) if ring else PerSegment(),
        start=Offset() if ring else OnLines(),
        gap=piece.safe_gap,
        shades=(PaintShade(paint=paint.id),),
    )
    return piece.model_copy(update={"rows": (*piece.rows, row)})
