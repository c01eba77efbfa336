"""What trims add to a row: dots on and around its dots, and marks that are no dots (swipes, ovals, leaves)."""

from dataclasses import dataclass
from functools import cached_property
from math import inf

import numpy as np

from ...dots.table import NONE, Array, Dots, concat, table


@dataclass(frozen=True, eq=False)
class Mark:
    """A mark with an outline, shape (n, 2), in plan, and the heights of its points.

    `spine` (m, 2), `rise`, `walks` and `girth` (m,) are discs that fill it: their places in plan, heights, walk
    distances and radii. `host` is the row's own dot it starts from. `trim` is -1
    when the mark is a member of the row's own pattern; `slot` is its shade as for dots. Its area is in mm²; `level` is
    that of the dot it was pulled from. A `glued` one is a crystal and no paint.
    """

    outline: Array
    heights: Array
    spine: Array
    rise: Array
    walks: Array
    girth: Array
    host: int
    trim: int
    slot: int
    area: float
    level: int = 1
    glued: bool = False


@dataclass(frozen=True)
class Finding:
    """Something to say about a trim: a code, the trim's number, and figures for the sentence."""

    code: str
    trim: int
    figures: tuple[float, ...] = ()


@dataclass(frozen=True, eq=False)
class Grown:
    """`dots` count the row's own dots first, so that their `below` and `dot` go on from there."""

    dots: Dots = NONE
    marks: tuple[Mark, ...] = ()
    findings: tuple[Finding, ...] = ()

    def with_more(self, more: "Grown", own: int = 0) -> "Grown":
        """This, and what grew later on the row's `own` dots, numbered on."""
        if not (self.any and more.any):
            return more if more.any or not self.any else self
        before = len(self.dots)
        below = np.where(more.dots.below < own, more.dots.below, more.dots.below + before)
        dots = concat((self.dots, more.dots.replaced(dot=more.dots.dot + before, below=below)))
        return Grown(dots, self.marks + more.marks, self.findings + more.findings)

    @property
    def any(self) -> bool:
        return len(self.dots) > 0 or len(self.marks) > 0

    @property
    def central(self) -> bool:
        """Whether nothing lies anywhere but on the centre."""
        return not self.marks and float(self.dots.walk.max(initial=0.0)) < 1e-9

    @cached_property
    def mark_discs(self) -> Dots:
        """The discs that fill the marks, all in one; each belongs to the dot its mark was pulled from."""
        if not self.marks:
            return NONE
        spine = np.concatenate([mark.spine for mark in self.marks])
        sizes = [len(mark.girth) for mark in self.marks]
        host = np.repeat([mark.host for mark in self.marks], sizes)
        return table(
            len(spine),
            x=spine[:, 0],
            y=spine[:, 1],
            z=np.concatenate([mark.rise for mark in self.marks]),
            radius=np.concatenate([mark.girth for mark in self.marks]),
            trim=np.repeat([mark.trim for mark in self.marks], sizes),
            mark=np.repeat(np.arange(len(self.marks)), sizes),
            dot=host,
            host=host,
            below=host,
        )

    @cached_property
    def inner(self) -> float:
        """Walk distance of the innermost painted edge (mm); infinite without anything."""
        own = float((self.dots.walk - self.dots.radius).min(initial=inf))
        return min([own, *(float((mark.walks - mark.girth).min()) for mark in self.marks)])

    @cached_property
    def outer(self) -> float:
        """Walk distance of the outermost painted edge (mm)."""
        own = float((self.dots.walk + self.dots.radius).max(initial=-inf))
        return max([own, *(float((mark.walks + mark.girth).max()) for mark in self.marks)])


NOTHING = Grown()
