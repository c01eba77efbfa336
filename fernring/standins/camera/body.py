"""A made-up stone: a body whose widest line lies above the table, domed over it and drawn in below."""

from dataclasses import dataclass

import numpy as np

from .lens import Array, Map
from .noise import Seeded

ROUND = 720
LEVELS = 180


@dataclass(frozen=True, eq=False)
class Body:
    """`radius` (ROUND,) of the widest line about `middle`, from twelve o'clock clockwise (mm); `widest` its height,
    `dome` what is above it, `base` the share of it that stands on the table; `full` how square its profile is."""

    middle: tuple[float, float]
    radius: Array
    widest: float
    dome: float
    base: float
    full: float

    @property
    def outline(self) -> Array:
        """The widest line as seen from above, shape (ROUND, 2)."""
        return self.ring(1.0)

    def ring(self, share: float) -> Array:
        turn = np.arange(ROUND) * 2 * np.pi / ROUND
        reach = share * self.radius
        return np.column_stack((self.middle[0] + reach * np.sin(turn), self.middle[1] - reach * np.cos(turn)))

    def levels(self) -> list[tuple[float, float]]:
        """Heights from the table to the top, and the share of the widest line at each."""
        below = np.linspace(0, 1, LEVELS // 3, endpoint=False)
        above = np.sin(np.linspace(0, 1, LEVELS) * np.pi / 2)
        low = [(self.widest * up, 1 - (1 - self.base) * (1 - up) ** 2) for up in below.tolist()]
        high = [
            (self.widest + self.dome * up, float((1 - up**self.full) ** (1 / self.full))) for up in above.tolist()[:-1]
        ]
        return low + high

    def normal(self, x: Map, y: Map, z: Map) -> tuple[Map, Map, Map]:
        """Which way the surface looks at places on it."""
        dx, dy = x - self.middle[0], y - self.middle[1]
        turn = np.mod(np.arctan2(dx, -dy), 2 * np.pi)
        radius = self.radius[np.mod(np.rint(turn * ROUND / 2 / np.pi).astype(int), ROUND)].astype(np.float32)
        up = np.clip((z - self.widest) / self.dome, 0, 0.999)
        steep = up ** (self.full - 1) * (1 - up**self.full) ** (1 / self.full - 1) / self.dome
        low = np.clip((self.widest - z) / self.widest, 0, 1)
        steep = np.where(z < self.widest, -2 * (1 - self.base) * low / self.widest, steep) * radius
        flat = np.hypot(dx, dy) + 1e-6
        long = np.sqrt(1 + steep**2)
        return dx / flat / long, dy / flat / long, steep / long


def stone(seeded: Seeded, middle: tuple[float, float], across: float) -> Body:
    """An oval with lumps, on the whole so wide (mm)."""
    turn = np.arange(ROUND) * 2 * np.pi / ROUND
    long = float(seeded.uniform(1.0, 1.45))
    a, b = across / 2, across / 2 / long
    turned = turn - float(seeded.uniform(0, np.pi))
    radius = a * b / np.hypot(b * np.cos(turned), a * np.sin(turned))
    for k in range(2, 9):
        radius = radius * (1 + float(seeded.normal(0, 0.045 / k)) * np.cos(k * turn + float(seeded.uniform(0, 6.3))))
    return Body(
        middle, radius, float(seeded.uniform(3, 15)), float(seeded.uniform(6, 18)), float(seeded.uniform(0.6, 0.92)),
        float(seeded.uniform(1.8, 2.7)),
    )  # fmt: skip
