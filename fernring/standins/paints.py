"""Made-up paints that absorb and scatter as nobody knows but they: a two-constant mixer with surfaces of its own."""

from dataclasses import dataclass

import numpy as np

from ..core.colour import srgb
from ..core.colour.spectrum import light_of
from ..core.colour.srgb import Array

WAVES = np.linspace(380, 730, 36)
OUTER, INNER = 0.04, 0.6


@dataclass(frozen=True, eq=False)
class MadeUp:
    """Curves of absorption and scattering, each of shape (36,)."""

    absorbs: Array
    scatters: Array


def white() -> MadeUp:
    return MadeUp(0.0015 + 0.02 * np.exp(-(((WAVES - 380) / 18) ** 2)), np.full(36, 1.0))


def drawn(random: np.random.Generator) -> MadeUp:
    """A paint of one or two broad bands of absorption, from opaque to translucent."""
    absorbs = np.full(36, random.uniform(0.01, 0.06))
    for _ in range(int(random.integers(1, 3))):
        middle, wide = random.uniform(400, 700), random.uniform(35, 90)
        absorbs += random.uniform(0.3, 2.5) * np.exp(-(((WAVES - middle) / wide) ** 2))
    scatters = random.uniform(0.15, 1.0) * (1 + random.uniform(-0.3, 0.3) * (WAVES - 555) / 175)
    return MadeUp(absorbs * random.uniform(0.4, 1.2), scatters)


def painted(paints: list[MadeUp], parts: Array) -> Array:
    """Coded sRGB, shape (m, 3), of mixes by parts, shape (m, n), as they dry."""
    ratio = (parts @ np.stack([one.absorbs for one in paints])) / (parts @ np.stack([one.scatters for one in paints]))
    below = 1 + ratio - np.sqrt(ratio * ratio + 2 * ratio)
    seen = (1 - OUTER) * (1 - INNER) * below / (1 - INNER * below)
    return srgb.coded(light_of(seen))
