"""How likely neighbours touch, by the ranges of the sizes that were chosen for them.

Two neighbours at a clear distance c touch when their radii come out larger by more than c. A range is that of a normal
distribution. What one dot differs from the next with the same tool is its own; the rest of a range is what nobody knows
yet of tool, paint and surface, and is taken as common to both neighbours, which is the careful side.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from math import sqrt
from statistics import NormalDist

import numpy as np
from numpy.typing import NDArray

from ..document.changes import change
from ..document.kit import SizeRange
from ..dots.grid import close_pairs
from ..dots.table import Array, Dots
from ..rows.tracks import track_of
from ..solved import Solved
from ..tables import table
from ..words.lengths import mm
from .apart import own_ways, pair_ways
from .crowd import Rows, alike, clear_between, states_to
from .sizes import foretold_dots
from .verdict import MOST_PLACES, Remedy, Severity, Verdict, Ways, each

SURE = NormalDist().inv_cdf(0.975)  # deviations from the middle of a range to its ends
RARE, OFTEN = 1 / 200, 1 / 20  # shares of pairs that are worth a note, and a warning
KEPT = -NormalDist().inv_cdf(RARE)  # deviations at which no more than these touch
TOLERANCE = 1e-6


@dataclass(frozen=True)
class Pair:
    """Rows a <= b, the clear distance (mm) of the pair likeliest to touch, how its gap deviates (mm), and how many
    pairs are likely enough to be told."""

    a: int
    b: int
    clear: float
    deviation: float
    places: int

    @property
    def share(self) -> float:
        """Of such pairs, how many touch. Source: normal distribution."""
        return NormalDist().cdf(-self.clear / self.deviation)

    @property
    def short(self) -> float:
        """How much further apart they had to be (mm)."""
        return KEPT * self.deviation - self.clear


def likely_verdicts(solved: Solved) -> Iterator[Verdict]:
    """One verdict for each pair of rows (or row with itself) whose neighbours are likely to touch. Without a size that
    was chosen with its range there is none."""
    if not any(tool.ranges for tool in solved.piece.tools):
        return
    dots, numbers = _low(solved)
    common, own = _deviations(solved, dots)
    pairs = close_pairs(dots.x, dots.y, dots.z, dots.radius + KEPT * (common + own), 0.0)
    i, j = (ends.astype(np.intp) for ends in pairs)
    # 1. Pairs that are meant to be apart, and of whose sizes one at least has a range.
    a, b = np.minimum(dots.row[i], dots.row[j]), np.maximum(dots.row[i], dots.row[j])
    clear = clear_between(dots, i, j)
    deviation = np.sqrt((common[i] + common[j]) ** 2 + own[i] ** 2 + own[j] ** 2)
    family = (dots.row[i] == dots.row[j]) & (dots.host[i] == dots.host[j])
    keep = (clear >= -TOLERANCE) & (clear < KEPT * deviation) & ~family & (_gaps(solved, a, b) > TOLERANCE)
    i, j, a, b, clear, deviation = (column[keep] for column in (i, j, a, b, clear, deviation))
    # 2. The likeliest of each two rows stands for them.
    code = a.astype(np.int64) * len(solved.rows) + b
    for members in alike(code):
        worst = members[int(np.argmin(clear[members] / deviation[members]))]
        pair = Pair(int(a[worst]), int(b[worst]), float(clear[worst]), float(deviation[worst]), len(members))
        where = np.unique(numbers[np.concatenate((i[members], j[members]))])[:MOST_PLACES]
        yield _verdict(solved, pair, tuple(where.tolist()))


def _low(solved: Solved) -> tuple[Dots, NDArray[np.intp]]:
    """Dots on the blank that keep clear of others, and their numbers in the plan."""
    beside = np.array([not row.laid and not row.drawn for row in solved.rows], bool)
    numbers = np.flatnonzero((solved.dots.level == 1) & beside[solved.dots.row])
    return solved.dots.take(numbers), numbers


def _deviations(solved: Solved, dots: Dots) -> tuple[Array, Array]:
    """Of each radius (mm): what is common to neighbours, and what is its own; zero where no range was chosen."""
    hand = table("dot_sizes.json")["hand"]
    common, own = np.zeros(len(dots)), np.zeros(len(dots))
    for _, size, mine in foretold_dots(solved.piece.tools, dots):
        whole = (size.high - size.low) / (2 * SURE)
        each_own = min(whole, hand * size.diameter)
        own[mine] = each_own / 2
        common[mine] = sqrt(whole**2 - each_own**2) / 2
    return common, own


def _gaps(solved: Solved, a: Rows, b: Rows) -> Array:
    """The gap that is meant between dots of these rows (mm); zero where they shall touch."""
    rules = solved.rules
    gaps = np.array([row.gap for row in rules])
    return np.where((a == b) | states_to(rules, a, b), gaps[b], solved.piece.safe_gap)


def _verdict(solved: Solved, pair: Pair, dots: tuple[int, ...]) -> Verdict:
    a, b = pair.a, pair.b
    name = solved.name(b).capitalize()
    who = f"{name}: neighbouring dots" if a == b else f"{name} and {solved.name(a)}: dots"
    places = f", at {pair.places} places" if pair.places > 1 else ""
    sizes = _sizes(solved, dots)
    spread = ", ".join(f"{mm(size.low)} to {mm(size.high)} with {tool}" for tool, size in sizes)
    text = (
        f"{who} are meant {mm(max(pair.clear, 0.0))} apart{places}. By the range of their sizes ({spread}) about one "
        f"pair in {max(2, round(1 / pair.share))} touches."
    )
    if not all(size.alike for _, size in sizes):
        text += " Measured dots of this paint and load would tell it better."
    rows = tuple(sorted({a, b}))
    key = ":".join(["may touch", *(solved.piece.rows[k].id for k in rows)])
    severity: Severity = "warning" if pair.share >= OFTEN else "note"
    return Verdict("may touch", key, severity, text, rows, dots, _ways(solved, pair))


def _sizes(solved: Solved, dots: tuple[int, ...]) -> list[tuple[str, SizeRange]]:
    """The ranges that count among these dots, and the names of their tools."""
    mine = solved.dots.take(np.array(dots, np.intp))
    return [(tool.name, size) for tool, size, set_so in foretold_dots(solved.piece.tools, mine) if set_so.any()]


def _ways(solved: Solved, pair: Pair) -> Ways:
    if pair.a != pair.b:
        return pair_ways(solved, pair.a, pair.b, pair.short)
    index, row = pair.a, solved.rules[pair.a]
    wanted = max(row.gap, round(pair.clear + pair.short + 0.005, 2))
    ways = own_ways(solved, index, wanted, pair.short)
    if not track_of(row.track).round:
        return ways
    asked = [change("rows", index, "gap", wanted)]
    if row.fit is None:
        asked.append(change("rows", index, "fit", "distance"))
    return (*each(Remedy(f"Ask for {mm(wanted)} between neighbours", tuple(asked))), *ways)
