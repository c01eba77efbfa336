"""How far rows reach, and what is left to the border."""

from collections.abc import Sequence
from math import inf

from .context import Context
from .halves import Halves
from .placed import PlacedRow


def outermost(rows: Sequence[PlacedRow]) -> float:
    """Walk distance of the outermost painted edge (0 without dots)."""
    return max((row.outer for row in rows if row.n), default=0.0)


def left_over(halves: Halves, rows: Sequence[PlacedRow]) -> float:
    """What is left to the border (mm; negative when over), on the half where least is; rings that stop count."""
    return still_left(halves, [passed(halves, row) for row in rows])


def still_left(halves: Halves, over: Sequence[float]) -> float:
    """As left_over, from how far each row passes the border."""
    furthest = max(over, default=-inf)
    return -furthest if furthest > -inf else halves.front.limit


def passed(halves: Halves, row: PlacedRow) -> float:
    """How far a row passes the border at its furthest (mm; negative inside, -inf without dots)."""
    parts = (_passed(context, part) for part in row.both if part.n and (context := halves.of(part.half)))
    return max(parts, default=-inf)


def _passed(context: Context, part: PlacedRow) -> float:
    """How far a row passes the border: a plain ring by its walk, any other by its furthest dot in plan."""
    if part.round and not part.grown.any:
        return context.passed(part.walk, max(part.diameters))
    if context.closed:
        return context.passed(part.outer, 0.0)
    bodies = part.bodies
    return float(context.over(bodies.x, bodies.y, bodies.radius).max())
