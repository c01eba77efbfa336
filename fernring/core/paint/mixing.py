"""Mixes of paints by their volumes: absorption and scattering add up. Source: Kubelka and Munk 1931; Duncan 1940."""

from collections.abc import Sequence

import numpy as np

from ..budget import spend
from ..colour import srgb
from ..colour.spectrum import light_of
from ..colour.srgb import Array
from ..colour.surface import outside
from .pigment import Pigment, reflected

MIX = 400  # work for one


def mixed(pigments: Sequence[Pigment], parts: Array) -> Array:
    """Coded sRGB, shape (m, 3), of mixes by parts of each paint, shape (m, n)."""
    spend(MIX * len(parts))
    absorbs = parts @ np.stack([one.absorbs for one in pigments])
    scatters = parts @ np.stack([one.scatters for one in pigments])
    return srgb.coded(light_of(outside(reflected(absorbs / scatters))))
