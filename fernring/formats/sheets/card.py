"""The scale card: a stiff card of known size, to lie beside a stone in a photograph and to check a print by.

The dashed frame is the ID-1 card of ISO/IEC 7810, 85.60 x 53.98 mm, which almost everybody carries.
"""

import numpy as np

from ...core.solved import Solved
from ..drawing import Area, Circle, Drawing, Line, Primitive, Text, box
from .sheet import EDGE, Choice, Sheet

WIDE, HIGH = 120.0, 80.0
ID_1 = (85.60, 53.98)
TARGET = 8.0  # from the card's edges to the middle of each corner target
WHAT = (
    "Print on stiff card or glue to it, and cut along the bold frame. A bank card must fill the dashed frame exactly; "
    "if it does not, correct the printer first."
)


def card(_: Solved, __: Choice) -> Sheet:
    """Frame, ID-1 frame, rulers along two sides, and a target in every corner whose middles lie 104 x 64 mm apart."""
    shapes: list[Primitive] = [box(0, 0, WIDE, HIGH)]
    left, top = (WIDE - ID_1[0]) / 2, (HIGH - ID_1[1]) / 2
    shapes.append(box(left, top, left + ID_1[0], top + ID_1[1], "dashed"))
    for x in (TARGET, WIDE - TARGET):
        for y in (TARGET, HIGH - TARGET):
            shapes += _target(x, y)
    shapes += [Line(10 + k, HIGH, 10 + k, HIGH - _tick(k), "fine" if k % 10 else "plain") for k in range(101)]
    shapes += [Line(0, 10 + k, _tick(k), 10 + k, "fine" if k % 10 else "plain") for k in range(61)]
    shapes += [Text(10 + 10.0 * k, HIGH - 5.6, str(k), 2.2, "middle") for k in range(2, 9)]
    middle = WIDE / 2
    shapes += [
        Text(middle, HIGH / 2 - 3, "Fern Ring scale card", 4.0, "middle", True),
        Text(middle, HIGH / 2 + 2, f"{WIDE:g} x {HIGH:g} mm", 3.0, "middle"),
        Text(middle, HIGH / 2 + 6.5, "targets 104 x 64 mm apart", 2.4, "middle"),
        Text(middle, top + ID_1[1] - 1.5, "a bank card, 85.60 x 53.98 mm", 2.2, "middle"),
    ]
    drawing = Drawing(-EDGE, -EDGE, WIDE + 2 * EDGE, HIGH + 2 * EDGE, tuple(shapes))
    return Sheet("card", "Scale card", WHAT, drawing)


def _tick(k: int) -> float:
    return 4.0 if k % 10 == 0 else 3.0 if k % 5 == 0 else 1.8


def _target(x: float, y: float) -> list[Primitive]:
    """A ring quartered black and white about its exact middle."""
    bow = np.linspace(0, np.pi / 2, 13)
    shapes: list[Primitive] = [Circle(x, y, 3)]
    for start in (0.0, np.pi):
        arc = np.stack((x + 3 * np.cos(start + bow), y + 3 * np.sin(start + bow)), axis=1)
        shapes.append(Area(np.concatenate(([[x, y]], arc)), "#000000"))
    return shapes
