"""The scale card: a stiff card of known size, to lie beside a stone in a photograph and to check a print by.

Sixteen square marks let a picture be read when it was taken aslant, or when a corner lies in shadow.
The dashed frame is the ID-1 card of ISO/IEC 7810, 85.60 x 53.98 mm, which almost everybody carries.
"""

import numpy as np

from ...core.marks import CARD, CARD_MARKS, CARD_TARGETS
from ...core.solved import Solved
from ...core.words.lengths import Units, length
from ..drawing import Area, Circle, Drawing, Line, Primitive, Text, box
from ..marks import mark
from ..ruler import RULERS
from .sheet import EDGE, Choice, Sheet

WIDE, HIGH = CARD
ID_1 = (85.60, 53.98)
TARGET = CARD_TARGETS[0][0]  # from the card's edges to the middle of each corner target
WHAT = (
    "Print on stiff card or glue to it, and cut along the bold frame. A bank card must fill the dashed frame exactly; "
    "if it does not, correct the printer first."
)


def card(_: Solved, choice: Choice) -> Sheet:
    """Frame, ID-1 frame, rulers along two sides, and a target in every corner whose middles lie 104 x 64 mm apart."""
    drawing = Drawing(-EDGE, -EDGE, WIDE + 2 * EDGE, HIGH + 2 * EDGE, card_shapes(choice.units))
    return Sheet("card", "Scale card", WHAT, drawing)


def card_shapes(units: Units) -> tuple[Primitive, ...]:
    """The card itself, from its top left corner."""
    shapes: list[Primitive] = [box(0, 0, WIDE, HIGH)]
    left, top = (WIDE - ID_1[0]) / 2, (HIGH - ID_1[1]) / 2
    shapes.append(box(left, top, left + ID_1[0], top + ID_1[1], "dashed"))
    for x, y in CARD_TARGETS:
        shapes += _target(x, y)
    for ident, place in CARD_MARKS.items():
        shapes += mark(ident, place)
    ruler = RULERS[units]
    across, along = (ruler.marks(long) for long in (WIDE - 20.0, HIGH - 20.0))
    shapes += [Line(10 + at, HIGH, 10 + at, HIGH - high, "plain" if whole else "fine") for at, high, whole in across]
    shapes += [Line(0, 10 + at, high, 10 + at, "plain" if whole else "fine") for at, high, whole in along]
    shapes += [Text(10 + at, HIGH - 5.6, word, 2.2, "middle") for at, word in ruler.words(WIDE - 20.0)]
    middle, centre, (wide, high) = WIDE / 2, HIGH / 2, ID_1
    between = [length(side - 2 * TARGET, units) for side in (WIDE, HIGH)]
    shapes += [
        Text(middle, centre - 3, "Fern Ring scale card", 4.0, "middle", True),
        Text(middle, centre + 2, f"{length(WIDE, units)} x {length(HIGH, units)}", 3.0, "middle"),
        Text(middle, centre + 6.5, f"targets {between[0]} x {between[1]} apart", 2.4, "middle"),
        Text(
            middle,
            top + ID_1[1] - 1.5,
            f"a bank card, {length(wide, units)} x {length(high, units)}",
            2.2,
            "middle",
        ),
    ]
    return tuple(shapes)


def _target(x: float, y: float) -> list[Primitive]:
    """A ring quartered black and white about its exact middle."""
    bow = np.linspace(0, np.pi / 2, 13)
    shapes: list[Primitive] = [Circle(x, y, 3)]
    for start in (0.0, np.pi):
        arc = np.stack((x + 3 * np.cos(start + bow), y + 3 * np.sin(start + bow)), axis=1)
        shapes.append(Area(np.concatenate(([[x, y]], arc)), "#000000"))
    return shapes
