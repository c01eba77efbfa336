"""A dot that carries trims, and what lies around it, in its own frame: u to the right, v outward (mm)."""

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np

from ...document.kit import Load
from ...geometry.flipped import Flipped
from ...geometry.frames import beside
from ...geometry.surface import Array, Points, Surface

Disc = tuple[float, float, float]


@dataclass(frozen=True)
class Host:
    """Where a dot lies and how large it is. `own` is its place among the row's own dots, `dot` counts through trims
    as well; `turn` numbers the place around the row, for shades that take turns."""

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


@dataclass(frozen=True)
class Around:
    """The surface, the discs of other rows and of neighbours (x, y, z, radius), and what the tools' loads give."""

    surface: Surface
    x: Array
    y: Array
    z: Array
    radius: Array
    loads: Mapping[str, Load]

    @property
    def mirror(self) -> float:
        """-1 on the back of a ball or egg, where right is left as seen from the front."""
        return -1.0 if isinstance(self.surface, Flipped) else 1.0

    def near(self, host: Host, within: float) -> list[Disc]:
        """Discs whose edge comes within `within` of the host's middle, in its frame; the host itself is left out."""
        dx, dy, dz = self.x - host.x, self.y - host.y, self.z - host.z
        apart = np.sqrt(dx * dx + dy * dy + dz * dz)
        chosen = np.flatnonzero((apart - self.radius <= within) & (apart > 1e-6))
        sin, cos = np.sin(host.out_rad), np.cos(host.out_rad)
        px, py = dx[chosen] * self.mirror, dy[chosen]
        u, v = px * cos + py * sin, px * sin - py * cos
        scale = apart[chosen] / np.maximum(np.hypot(u, v), 1e-9)
        return list(zip((u * scale).tolist(), (v * scale).tolist(), self.radius[chosen].tolist(), strict=True))

    def at(self, host: Host, u: Array, v: Array) -> tuple[Points, Array, Array]:
        """Places on the surface, their walks and directions outward."""
        n = np.ones(len(u))
        return beside(self.surface, host.walk * n, host.angle_rad * n, host.x * n, host.y * n, host.out_rad * n, u, v)
