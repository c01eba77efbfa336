"""What a row sees when it is placed: the surface, the segments, and the rows above it on the sheet."""

from collections.abc import Mapping
from math import gcd
from types import MappingProxyType
from typing import NamedTuple

import numpy as np

from ..document.kit import Load
from ..document.region import BareArea
from ..dots.table import Array, Mask
from ..geometry.frames import lifted, walk_above
from ..geometry.surface import Surface
from ..ground.ground import Ground
from ..regions.site import Site
from .motifs.places import Place, Places
from .placed import PlacedRow


class Context(NamedTuple):
    """One half of the blank (the only one, unless it is a ball or egg).

    `limit` is the walk distance of the border line where it comes nearest; dots may `lap` over it on a ball or egg
    without a border. `circles` are the guide circles' walks by id, `ids` those of the piece's rows in their order,
    `loads` what the tools were measured to give in a walk, `tools` their places among the piece's tools, `kit` its dots
    (mm, smallest first) with the tool that makes each. `order` is how often everything placed repeats around the centre
    (0: nothing, or a bare centre dot). `furthest` is the walk distance of the border line's furthest point. `motifs`
    are those of the piece by id; within one, at its place `stand`, `motif` is its id and everything is as seen from
    there.
    """

    ground: Ground
    surface: Surface
    segments: int
    turn_rad: float
    limit: float
    circles: Mapping[str, float]
    back: bool = False
    ids: tuple[str, ...] = ()
    loads: Mapping[str, Load] = MappingProxyType({})
    tools: Mapping[str, int] = MappingProxyType({})
    kit: tuple[tuple[float, str], ...] = ()
    bare: tuple[BareArea, ...] = ()
    furthest: float = 0.0
    motifs: Mapping[str, Places] = MappingProxyType({})
    motif: str = ""
    stand: Place | None = None
    placed: tuple[PlacedRow, ...] = ()
    order: int = 0

    @property
    def closed(self) -> bool:
        """Whether this is half of a ball or egg."""
        return self.ground.back is not None

    @property
    def sizes(self) -> tuple[float, ...]:
        """The kit's dots (mm, smallest first)."""
        return tuple(dot for dot, _ in self.kit)

    @property
    def laps(self) -> bool:
        return self.ground.laps and self.stand is None

    @property
    def site(self) -> Site:
        """Where the piece's areas lie, as seen from its own centre."""
        return self.ground.sites[self.back]

    @property
    def home(self) -> Surface:
        """The surface as seen from the piece's own centre."""
        return self.ground.half(self.back)

    def with_row(self, row: PlacedRow) -> "Context":
        """The context the next row sees; a row without dots, or laid under or over the others, leaves no trace."""
        if not row.n or row.laid:
            return self
        return self._replace(placed=(*self.placed, row), order=gcd(self.order, row.order))

    def passed(self, walk: float, diameter: float) -> float:
        """How far a ring of these dots passes the border (mm; negative inside)."""
        return walk - self.limit if self.laps else walk + diameter / 2 - self.limit

    def over(self, x: Array, y: Array, radius: Array) -> Array:
        """How far discs in plan pass the border line (mm; negative inside)."""
        px, py = self.plan(x, y)
        return self.ground.over(walk_above(self.home, px, py), px, py, radius, self.back)

    def plan(self, x: Array, y: Array) -> tuple[Array, Array]:
        """Places in plan as seen from the piece's own centre."""
        if self.stand is None:
            return x, y
        (px, py, pz), _ = lifted(self.surface, x, y)
        return self.stand.frame.out(px, py, pz)[:2]

    def clear_of(self, x: Array, y: Array, z: Array, reach: Array) -> Mask:
        """Which points keep their `reach` (mm) from the edges of all that lies here."""
        clear = np.ones(len(x), bool)
        for row in self.placed:
            clear &= row.index_of_bodies.clear_of(x, y, z, reach)
        return clear

    def free_from_above(self, x: Array, y: Array, reach: Array) -> Mask:
        """Which places keep their `reach` (mm) from what lies here already, as seen from above."""
        free = np.ones(len(x), bool)
        for row in self.placed:
            free &= row.seen_from_above.clear_of(self.surface.side * x, y, np.zeros(len(x)), reach - 1e-9)
        return free

    @property
    def nestable(self) -> tuple[PlacedRow, ...]:
        """Rows that later rows nest on: all but those marked boundary; in a motif those round its own centre."""
        return tuple(row for row in self.placed if not row.boundary and self.motif in ("", row.motif))

    @property
    def beside(self) -> tuple[PlacedRow, ...]:
        """What a motif's rows do not nest on and keep clear of: everything that stands round other centres."""
        return tuple(row for row in self.placed if not row.boundary and self.motif not in ("", row.motif))

    @property
    def before(self) -> PlacedRow | None:
        """The row before: the last one round this centre that is neither a boundary row nor a line."""
        rows = (row for row in reversed(self.placed) if row.motif == self.motif)
        return next((row for row in rows if not (row.boundary or row.drawn)), None)

    @property
    def inset_before(self) -> PlacedRow | None:
        """The last row that follows the edge."""
        return next((row for row in reversed(self.placed) if row.depth is not None), None)
