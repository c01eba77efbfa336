"""The region that a document describes."""

from collections.abc import Sequence

import numpy as np

from ..document.region import BandRegion, BareArea, DiscRegion
from ..document.region import Region as Described
from ..dots.table import Array
from ..geometry.surface import Surface
from .region import Region
from .round import Band, Disc
from .shape import Shape


def bare_lines(areas: Sequence[BareArea], surface: Surface) -> list[tuple[BareArea, list[Array]]]:
    """Every bare area with the closed lines that bound it, in plan (mm)."""
    return [(area, region_of(area.area, surface).outlines()) for area in areas]


def region_of(described: Described, surface: Surface) -> Region:
    """A disc, a band or a shape, on this surface."""
    if isinstance(described, DiscRegion):
        return Disc(described.x, described.y, described.diameter / 2)
    if isinstance(described, BandRegion):
        return Band(surface, described.inner, described.outer)
    return Shape([np.stack((line.x, line.y), axis=1) for line in described.lines], described.rule)
