"""A dot that carries trims, and what lies around it, in its own frame: u to the right, v outward (mm)."""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from ...document.kit import Load
from ...dots.index import Index
from ...dots.table import Array, Dots
from ...geometry.frames import beside
from ...geometry.surface import Points, Surface

Disc = tuple[float, float, float]


@dataclass(frozen=True)
class Host:
    """Where a dot lies and how large it is. `own` is its place among the row's own dots, `dot` counts through trims
    as well; `turn` numbers the place around the row, for shades that take turns. `hand` is -1 where everything on it is
    the mirror image of what it would be."""

    x: float
    y: float
    z: float
    walk: float
    angle_rad: float
    out_rad: float
    radius: float
    level: int
    own: int
    dot: int
    turn: int
    hand: float = 1.0


@dataclass(frozen=True, eq=False)
class Around:
    """The surface, the discs of other rows and of neighbours, what the tools' loads give, and the tools' places."""

    surface: Surface
    discs: Index
    loads: Mapping[str, Load]
    tools: Mapping[str, int]

    @property
    def mirror(self) -> float:
        """-1 on the back of a ball or egg, where right is left as seen from the front."""
        return self.surface.side

    def tool(self, ident: str | None) -> int:
        """Place of a tool among the piece's tools, -1 for none."""
        return self.tools.get(ident or "", -1)

    def near(self, host: Host, within: float) -> list[Disc]:
        """Discs whose edge comes within `within` of the host's middle, in its frame; the host itself is left out."""
        there = self.discs
        _, chosen, clear = there.within(np.array([host.x]), np.array([host.y]), np.array([host.z]), within)
        others = chosen[clear + there.radius[chosen] > 1e-6]
        others.sort()
        dx, dy, dz = there.x[others] - host.x, there.y[others] - host.y, there.z[others] - host.z
        apart = np.sqrt(dx * dx + dy * dy + dz * dz)
        sin, cos = np.sin(host.out_rad), np.cos(host.out_rad)
        px, py = dx * self.mirror, dy
        u, v = px * cos + py * sin, px * sin - py * cos
        scale = apart / np.maximum(np.hypot(u, v), 1e-9)
        right, out = u * host.hand * scale, v * scale
        return list(zip(right.tolist(), out.tolist(), there.radius[others].tolist(), strict=True))

    def at(self, host: Host, u: Array, v: Array) -> tuple[Points, Array, Array]:
        """Places on the surface, their walks and directions outward."""
        n = np.ones(len(u))
        at = (host.walk * n, host.angle_rad * n, host.x * n, host.y * n, host.out_rad * n)
        return beside(self.surface, *at, u * host.hand, v)

    def hosts(self, dots: Dots, on: Host) -> list[Host]:
        """Grown dots as hosts for the trims on them."""
        angle = np.arctan2(dots.x * self.mirror, -dots.y)
        columns = (dots.x, dots.y, dots.z, dots.walk, angle, dots.out_rad, dots.radius)
        numbers = (dots.level, dots.dot)
        return [
            Host(x, y, z, walk, around, out, radius, level, on.own, dot, on.turn + k, on.hand)
            for k, (x, y, z, walk, around, out, radius, level, dot) in enumerate(
                zip(*(column.tolist() for column in (*columns, *numbers)), strict=True)
            )
        ]
