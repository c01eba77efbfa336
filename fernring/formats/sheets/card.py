"""The scale card: a stiff card of known size, to lie beside a stone in a photograph and to check a print by.

The dashed frame is the ID-1 card of ISO/IEC 7810, 85.60 x 53.98 mm, which almost everybody carries.
"""

import numpy as np

from ...core.solved import Solved
from ...core.words.lengths import length
from ..drawing import Area, Circle, Drawing, Line, Primitive, Text, box
from ..ruler import RULERS
from .sheet import EDGE, Choice, Sheet

WIDE, HIGH = 120.0, 80.0
ID_1 = (85.60, 53.98)
TARGET = 8.0  # from the card's edges to the middle of each corner target
WHAT = (
    "Print on stiff card or glue to it, and cut along the bold frame. A bank card must fill the dashed frame exactly; "
    "if it does not, correct the printer first."
)


def card(_: Solved, choice: Choice) -> Sheet:
    """Frame, ID-1 frame, rulers along two sides, and a target in every corner whose middles lie 104 x 64 mm apart."""
    shapes: list[Primitive] = [box(0, 0, WIDE, HIGH)]
    left, top = (WIDE - ID_1[0]) / 2, (HIGH - ID_1[1]) / 2
    shapes.append(box(left, top, left + ID_1[0], top + ID_1[1], "dashed"))
    for x in (TARGET, WIDE - TARGET):
        for y in (TARGET, HIGH - TARGET):
            shapes += _target(x, y)
    ruler = RULERS[choice.units]
    across, along = (ruler.marks(long) for long in (WIDE - 20.0, HIGH - 20.0))
    shapes += [Line(10 + at, HIGH, 10 + at, HIGH - high, "plain" if whole else "fine") for at, high, whole in across]
    shapes += [Line(0, 10 + at, high, 10 + at, "plain" if whole else "fine") for at, high, whole in along]
    shapes += [Text(10 + at, HIGH - 5.6, word, 2.2, "middle") for at, word in ruler.words(WIDE - 20.0)]
    middle, (wide, high) = WIDE / 2, ID_1
    between = [length(side - 2 * TARGET, choice.units) for side in (WIDE, HIGH)]
    shapes += [
        Text(middle, HIGH / 2 - 3, "Fern Ring scale card", 4.0, "middle", True),
        Text(middle, HIGH / 2 + 2, f"{length(WIDE, choice.units)} x {length(HIGH, choice.units)}", 3.0, "middle"),
        Text(middle, HIGH / 2 + 6.5, f"targets {between[0]} x {between[1]} apart", 2.4, "middle"),
        Text(
            middle,
            top + ID_1[1] - 1.5,
            f"a bank card, {length(wide, choice.units)} x {length(high, choice.units)}",
            2.2,
            "middle",
        ),
    ]
    drawing = Drawing(-EDGE, -EDGE, WIDE + 2 * EDGE, HIGH + 2 * EDGE, tuple(shapes))
    return Sheet("card", "Scale card", WHAT, drawing)


def _target(x: float, y: float) -> list[Primitive]:
    """A ring quartered black and white about its exact middle."""
    bow = np.linspace(0, np.pi / 2, 13)
    shapes: list[Primitive] = [Circle(x, y, 3)]
    for start in (0.0, np.pi):
        arc = np.stack((x + 3 * np.cos(start + bow), y + 3 * np.sin(start + bow)), axis=1)
        shapes.append(Area(np.concatenate(([[x, y]], arc)), "#000000"))
    return shapes
