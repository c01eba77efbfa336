"""Every guide line of a piece, as points in space."""

from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from math import pi, radians
from typing import Literal, NamedTuple

import numpy as np

from ..document.blank import Blank
from ..document.guides import Guides
from ..document.motif import Motif
from ..document.piece import Piece
from ..geometry.even import Curve
from ..geometry.frames import lifted
from ..geometry.outline.polygon import contains
from ..geometry.outline.rays import ray_lengths
from ..geometry.runs import round_runs
from ..geometry.surface import Array, Plane, Surface
from ..ground.ground import Ground, ground
from ..kept import kept
from ..regions.ends import ends
from ..rows.halves import guide_walks
from ..rows.motifs.places import places_of
from ..rows.placed import PlacedRow
from .marks import edge_marks, own_axes, rim_ticks

What = Literal["spoke", "circle", "midline", "diagonal", "boundary", "end", "edge mark", "tick", "motif"]
FINE = 361
TOLERANCE = 1e-9


@dataclass(frozen=True)
class GuideLine:
    """`points` has shape (n, 3), mm. `reach` is set when the line is a whole circle about the centre."""

    what: What
    label: str
    points: Array
    closed: bool = False
    reach: float | None = None

    @property
    def curve(self) -> Curve:
        """The line, measured along itself."""
        return Curve(self.points, self.closed)


class Net(NamedTuple):
    """All that the guide lines of a piece depend on; `at` are the walks of the rows that a circle is drawn through,
    `motifs` those of the piece, each with how far it is painted from its own centre (mm)."""

    blank: Blank
    guides: Guides
    segments: int
    turn: float
    at: tuple[float, ...] = ()
    motifs: tuple[tuple[Motif, float], ...] = ()


def net(piece: Piece, rows: tuple[PlacedRow, ...]) -> Net:
    placed = {row.id: one for row, one in zip(piece.rows, rows, strict=True)} if piece.guides.at_rows else {}
    at = (placed[ident] for ident in piece.guides.at_rows)
    walks = tuple(row.walk for row in at if row.n and row.walk > 0)
    return Net(piece.blank, piece.guides, piece.segments, piece.turn, walks, _painted_motifs(piece, rows))


def _painted_motifs(piece: Piece, rows: tuple[PlacedRow, ...]) -> tuple[tuple[Motif, float], ...]:
    found = []
    for motif in piece.motifs:
        reach = max((row.one.outer for row in rows if row.motif == motif.id and row.n), default=0.0)
        if reach > 0 and piece.guides.spokes != "none":
            found.append((motif, reach))
    return tuple(found)


@kept(8)
def guide_lines(drawn: Net) -> tuple[GuideLine, ...]:
    """All guides, in the order they are drawn; the same in plan after plan. On a ball or egg spokes and circles are
    drawn on both halves."""
    here = ground(drawn.blank)
    found: list[GuideLine] = []
    for surface in (here.surface, *((here.back,) if here.back else ())):
        found += _spokes(here, surface, np.radians(drawn_spokes(drawn)))
        for walk, label in _walks(drawn, here.surface.rim):
            if walk <= surface.rim + TOLERANCE:
                found += _circle(here, surface, walk, label)
    return (*found, *_others(drawn, here), *_motifs(drawn, here))


def _motifs(drawn: Net, ground: Ground) -> Iterator[GuideLine]:
    """The spokes of every motif at each of its places, as far as it is painted."""
    for motif, reach in drawn.motifs:
        angle = radians(motif.turn) + np.arange(motif.segments) * 2 * pi / motif.segments
        for place in places_of(motif, ground, radians(drawn.turn)).all:
            share = np.linspace(0, reach, 2 if isinstance(place.own, Plane) else 21)
            x, y, z = place.own.points(share + 0 * angle[:, None], angle[:, None] + 0 * share)
            for k in range(motif.segments):
                yield GuideLine("motif", "", np.stack(place.frame.out(x[k], y[k], z[k]), axis=1))


def drawn_spokes(drawn: Net) -> list[float]:
    """Angles (degrees) of the spokes that are drawn."""
    n = drawn.segments
    every = {"all": 1, "every second": 2, "first cross": max(n // 4, 1), "none": 0}[drawn.guides.spokes]
    return [(drawn.turn + k * 360 / n) % 360 for k in range(0, n, every)] if every else []


def _walks(drawn: Net, rim: float) -> Iterator[tuple[float, str]]:
    for walk in guide_walks(drawn.guides, rim).values():
        yield walk, f"{{{walk:g}}}"
    for walk in drawn.at:
        yield walk, f"{{{walk:.2f}}}"


def _spokes(ground: Ground, surface: Surface, angle: Array) -> list[GuideLine]:
    """From the centre to the edge; a straight one needs its two ends only."""
    edge = np.full(len(angle), surface.rim)
    if not ground.round:
        edge = surface.walk_to(ray_lengths(ground.outline, angle), angle)
    share = np.linspace(0, 1, 2 if isinstance(surface, Plane) else 41)
    walk = edge[:, None] * share
    points = surface.points(walk, angle[:, None] + 0 * walk)
    return [GuideLine("spoke", "", line) for line in np.stack(points, axis=2)]


def _on(surface: Surface, walk: Array, angle: Array) -> Array:
    return np.stack(surface.points(walk, angle), axis=1)


def _circle(ground: Ground, surface: Surface, walk: float, label: str) -> Iterable[GuideLine]:
    """The circle, or the arcs of it that lie on the blank."""
    angle = np.linspace(0, 2 * pi, FINE)
    points = _on(surface, np.full(FINE, walk), angle)
    if ground.round or ground.back is not None:
        return [GuideLine("circle", label, points[:-1], True, float(np.hypot(points[0, 0], points[0, 1])))]
    inside = contains(ground.outline, points[:, 0], points[:, 1])
    if inside.all():
        reach = float(np.hypot(points[0, 0], points[0, 1])) if surface.axisymmetric else None
        return [GuideLine("circle", label, points[:-1], True, reach)]
    return [GuideLine("circle", label, points[run]) for run in round_runs(inside[:-1]) if len(run) > 1]


def _others(drawn: Net, ground: Ground) -> Iterator[GuideLine]:
    guides, surface = drawn.guides, ground.surface
    if guides.midlines or guides.diagonals:
        midlines, diagonals = own_axes(drawn.blank, ground.outline, ground.lie_rad)
        for what, wanted, lines in (("midline", guides.midlines, midlines), ("diagonal", guides.diagonals, diagonals)):
            for line in lines if wanted else ():
                yield GuideLine(what, "", _lifted(surface, line))  # type: ignore[arg-type]
    if guides.boundary is not None and ground.back is None:
        reach = guides.boundary / 2
        yield from _boundary(ground, reach)
    for mark in edge_marks(ground.outline, guides.edge_parts) if guides.edge_parts and ground.back is None else ():
        yield GuideLine("edge mark", "", _lifted(surface, mark))
    if guides.rim_ticks and ground.round:
        for mark in rim_ticks(surface, guides.rim_ticks, radians(drawn.turn)):
            yield GuideLine("tick", "", mark)


def _boundary(ground: Ground, reach: float) -> Iterator[GuideLine]:
    angle = np.linspace(0, 2 * pi, FINE)[:-1]
    ring = np.stack((reach * np.sin(angle), -reach * np.cos(angle)), axis=1)
    yield GuideLine("boundary", f"{{{2 * reach:g}}}", _lifted(ground.surface, ring), True, reach)
    for end in ends(ground.clear, reach):
        yield GuideLine("end", "", _lifted(ground.surface, end.edge()), True)


def _lifted(surface: Surface, plan: Array) -> Array:
    """Points of the plan, put on the surface below or above them."""
    return np.stack(lifted(surface, *plan.T)[0], axis=1)
