"""The centre finder for round blanks: a circle to cut out and fold. Common practice of the trade."""

from math import cos, pi, sin

from ...core.solved import Solved
from ..drawing import Circle, Line, Primitive, Text
from ..picture import outer_reach
from .sheet import Choice, Sheet, around

WHAT = (
    "Cut out along the bold circle. Fold in half along 1, again along 2, once more along 3 and 4, snip the tip and "
    "unfold: the hole is the centre, the folds are eight lines."
)


def finder(solved: Solved, choice: Choice) -> Sheet:
    """Circle, folds numbered in the order they are made, and circles every 10 mm or half an inch for other blanks."""
    radius = outer_reach(solved)
    primitives: list[Primitive] = [Circle(0, 0, radius, "bold"), Circle(0, 0, 1, "plain")]
    step = 12.7 if choice.units == "inch" else 10.0
    primitives += [Circle(0, 0, step * k, "fine") for k in range(1, int((radius - 1) // step) + 1)]
    for k, turn in enumerate((0.0, 0.5, 0.25, 0.75)):
        dx, dy = sin(turn * pi) * radius, -cos(turn * pi) * radius
        primitives.append(Line(-dx, -dy, dx, dy, "dashed"))
        primitives.append(Text(dx * 0.9 + 1, dy * 0.9 - 1, str(k + 1), 3.0, bold=True))
    cuts = (Circle(0, 0, radius), Circle(0, 0, 1))
    return Sheet("finder", "Centre finder", WHAT, around(solved.ground, primitives), cuts)
