"""What trims add to a row: dots on and around its dots, and marks that are no dots (swipes, ovals, leaves)."""

from collections.abc import Sequence
from dataclasses import dataclass, field
from functools import cached_property
from math import inf

import numpy as np
from numpy.typing import NDArray

from ..geometry.surface import Array

Whole = NDArray[np.intp]
NO_WHOLE = np.empty(0, np.intp)
NO_FLOAT = np.empty(0)


@dataclass(frozen=True)
class GrownDots:
    """Dots of trims as columns. `host` is the own dot of the row a dot belongs to; `below` the dot it sits on or
    beside, counted through the row's own dots and then these. `trim` numbers the row's trims from 0 as they stand
    on the sheet, `slot` says which of that trim's shades it takes. `level` counts dots stacked on dots from 1.
    """

    x: Array = field(default_factory=lambda: NO_FLOAT)
    y: Array = field(default_factory=lambda: NO_FLOAT)
    z: Array = field(default_factory=lambda: NO_FLOAT)
    radius: Array = field(default_factory=lambda: NO_FLOAT)
    walk: Array = field(default_factory=lambda: NO_FLOAT)
    out_rad: Array = field(default_factory=lambda: NO_FLOAT)
    level: Whole = field(default_factory=lambda: NO_WHOLE)
    trim: Whole = field(default_factory=lambda: NO_WHOLE)
    slot: Whole = field(default_factory=lambda: NO_WHOLE)
    host: Whole = field(default_factory=lambda: NO_WHOLE)
    below: Whole = field(default_factory=lambda: NO_WHOLE)


COLUMNS = ("x", "y", "z", "radius", "walk", "out_rad", "level", "trim", "slot", "host", "below")


def joined(parts: Sequence[GrownDots]) -> GrownDots:
    """The columns one after the other."""
    if not parts:
        return GrownDots()
    if len(parts) == 1:
        return parts[0]
    return GrownDots(**{name: np.concatenate([getattr(part, name) for part in parts]) for name in COLUMNS})


@dataclass(frozen=True)
class Mark:
    """A mark with an outline, shape (n, 2), in plan, and the heights of its points.

    `spine` (m, 2) and `girth` (m,) are discs that fill it.

    `trim` is -1 when the mark is a member of the row's own pattern; `slot` is its shade as for dots.
    """

    outline: Array
    heights: Array
    spine: Array
    girth: Array
    z: float
    walk: float
    host: int
    trim: int
    slot: int
    area: float


@dataclass(frozen=True)
class Discs:
    x: Array
    y: Array
    z: Array
    radius: Array
    host: Whole
    mark: Whole


@dataclass(frozen=True)
class Finding:
    """Something to say about a trim: a code, the trim's number, and figures for the sentence."""

    code: str
    trim: int
    figures: tuple[float, ...] = ()


@dataclass(frozen=True)
class Grown:
    dots: GrownDots = field(default_factory=GrownDots)
    marks: tuple[Mark, ...] = ()
    findings: tuple[Finding, ...] = ()

    @property
    def any(self) -> bool:
        return len(self.dots.x) > 0 or len(self.marks) > 0

    @property
    def central(self) -> bool:
        """Whether nothing lies anywhere but on the centre."""
        return not self.marks and float(self.dots.walk.max(initial=0.0)) < 1e-9

    @cached_property
    def mark_discs(self) -> Discs:
        """The discs that fill the marks, all in one."""
        if not self.marks:
            return Discs(NO_FLOAT, NO_FLOAT, NO_FLOAT, NO_FLOAT, NO_WHOLE, NO_WHOLE)
        spine = np.concatenate([mark.spine for mark in self.marks])
        sizes = [len(mark.girth) for mark in self.marks]
        return Discs(
            spine[:, 0],
            spine[:, 1],
            np.repeat([mark.z for mark in self.marks], sizes),
            np.concatenate([mark.girth for mark in self.marks]),
            np.repeat([mark.host for mark in self.marks], sizes),
            np.repeat(np.arange(len(self.marks)), sizes),
        )

    @cached_property
    def inner(self) -> float:
        own = float((self.dots.walk - self.dots.radius).min(initial=inf))
        return min([own, *(mark.walk - _reach(mark) for mark in self.marks)])

    @cached_property
    def outer(self) -> float:
        own = float((self.dots.walk + self.dots.radius).max(initial=-inf))
        return max([own, *(float((np.hypot(*mark.spine.T) + mark.girth).max()) for mark in self.marks)])


def _reach(mark: Mark) -> float:
    return float(np.hypot(*(mark.spine - mark.spine[0]).T).max()) + float(mark.girth.max())


NONE = Grown()
