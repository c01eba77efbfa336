"""How much of every shade a piece takes, and how much of it to mix."""

from dataclasses import dataclass
from math import ceil

import numpy as np

from ..colour import cielab
from ..document.shelf import HEIGHT
from ..ground.area import surface_area
from ..solved import Solved
from ..tables import table
from .volume import caps, marks

DARK = 45.0  # L*, below which a base shows through


@dataclass(frozen=True)
class Amount:
    """Of one of the plan's shades, by its place: dots and marks painted, `ml` on the piece while wet, and what is mixed
    or poured for it: that, what stays on tool and in the pot, and the margin. `rows` are those that use it, and
    `by_row` the wet ml in each of them.
    """

    shade: int
    dots: int
    marks: int
    ml: float
    mix: float
    drops: int
    rows: tuple[int, ...]
    by_row: tuple[float, ...]


@dataclass(frozen=True)
class Coats:
    """Wet ml of all base coats over the whole blank, and of one more thin coat of finish."""

    base: float
    finish: float


def amounts(solved: Solved, margin: float = 0.2) -> list[Amount]:
    """Every shade that is painted, in the order of the palette; `margin` is the share mixed beyond the need."""
    facts = table("amounts.json")
    count, dots = len(solved.palette.shades), solved.dots
    heights = np.array([HEIGHT[solved.palette.body(shade)] for shade in solved.palette.asked] or [0.0])
    painted = [one for one in solved.marked if not one.mark.glued]
    lines = np.flatnonzero(solved.domed)
    shade = np.concatenate((dots.shade[lines], np.array([one.shade for one in painted], int)))
    row = np.concatenate((dots.row[lines], np.array([one.row for one in painted], int)))
    of_marks = marks([one.mark for one in painted], heights[shade[len(lines) :]].tolist())
    dry = np.concatenate((caps(dots.radius[lines], heights[shade[: len(lines)]]), of_marks))
    wet = dry * np.array([_coats(solved, k) for k in range(count)] or [1])[shade] / facts["solid"]
    rows = len(solved.rows)
    by_row = np.bincount(shade * rows + row, wet, count * rows).reshape(count, rows)
    domes = np.bincount(shade[: len(lines)], minlength=count)
    others = np.bincount(shade[len(lines) :], minlength=count)
    found = []
    for k in np.flatnonzero(by_row.sum(axis=1)).tolist():
        ml = float(by_row[k].sum())
        mix = ml * (1 + facts["tool"]) * (1 + margin) + facts["pot"]
        own = np.flatnonzero(by_row[k])
        drops = ceil(mix * facts["drops_per_ml"] - 1e-9)
        each = tuple(own.tolist()), tuple(by_row[k][own].tolist())
        found.append(Amount(k, int(domes[k]), int(others[k]), ml, mix, drops, *each))
    return found


def coats(solved: Solved) -> Coats:
    """By the surface of the blank in space, and what the material drinks of the first coat."""
    facts, work = table("amounts.json"), solved.piece.work
    one = surface_area(solved.ground) * facts["coat"]
    count = 2 if work.base_coats is None else work.base_coats
    thirst = facts["thirst"].get(solved.piece.blank.material, 1.0)
    return Coats(one * (count - 1 + thirst) if count else 0.0, one)


def _coats(solved: Solved, shade: int) -> int:
    """How often a shade is set before a dark base is covered; once on any other."""
    paint = solved.palette.paints[shade]
    return paint.coats if paint and is_dark(solved.piece.blank.base.colour) else 1


def is_dark(colour: str) -> bool:
    """Whether what does not cover shows through on it."""
    return float(cielab.from_hex([colour])[0, 0]) < DARK
