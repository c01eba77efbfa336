"""Strips that bend: walk distances from the centre or pole outward, and the divisions of a ball's or egg's equator.

A strip lies on the surface, so lengths along it are walk distances. The equator of a ball of diameter d is pi d long.
"""

from collections.abc import Iterator
from math import pi

from ...core.solved import Solved
from ...core.words.lengths import FINE, PER_UNIT, Units
from ..drawing import Circle, Drawing, Line, Primitive, Text, box
from ..picture import outer_reach
from ..typeset import text_width
from .sheet import EDGE, Choice, Sheet

WIDE, TAB, BETWEEN = 16.0, 10.0, 24.0
LANES, HIGH, TICK = 4, 2.2, 2.5
SAME = 1e-3  # rows nearer than this share a mark
WRAP = "Wrap the long one round the widest circle so that the ends meet on the tab, and mark the segments on the ball."
POLE = (
    "Cut out. Pin the cross of a short one to the pole and swing the strip round: every mark gives the circle of a row."
)
TAPE = "Cut out, lay over the surface with the cross on the centre and swing it round: every mark is a distance walked."


def _wrap(solved: Solved, top: float) -> tuple[list[Primitive], float]:
    """The equator as a straight strip, with a long mark at every spoke, a short one between, and a tab to glue; and how
    long it is (mm)."""
    length, n, low = 2 * pi * outer_reach(solved), solved.piece.segments, top + WIDE
    shapes: list[Primitive] = [box(0, top, length, low), box(length, top, length + TAB, low, "dashed")]
    for k in range(2 * n + 1):
        x, whole = k * length / (2 * n), k % 2 == 0
        shapes.append(Line(x, top, x, low if whole else top + 4, "plain" if whole else "fine"))
        if whole:
            shapes.append(Text(x + 0.8, low - 1.5, str(k // 2 % n + 1), 3.0))
    shapes.append(Text(length + TAB / 2, top + WIDE / 2 + 1, "tab", 2.4, "middle"))
    return shapes, length


def walk_strip(solved: Solved, choice: Choice) -> Sheet:
    """A strip with a mark at the walk distance of every row and guide circle."""
    shapes, longest, height = _strips(solved, choice)
    drawing = Drawing(-WIDE / 2 - EDGE, -EDGE, longest + WIDE / 2 + 2 * EDGE, height + 2 * EDGE, tuple(shapes))
    return Sheet("strip", "Tape strip over the surface", TAPE, drawing)


def closed_strips(solved: Solved, choice: Choice) -> Sheet:
    """For a ball or egg: a strip from each pole, and below them the one that is wrapped round the equator."""
    poles, longest, height = _strips(solved, choice)
    wrap, length = _wrap(solved, height + BETWEEN - WIDE)
    low, far = height + BETWEEN, max(longest, length + TAB)
    drawing = Drawing(-WIDE / 2 - EDGE, -EDGE, far + WIDE / 2 + 2 * EDGE, low + 2 * EDGE, (*poles, *wrap))
    return Sheet("strips", "Pole and wrap strips", f"{POLE} {WRAP}", drawing)


def _strips(solved: Solved, choice: Choice) -> tuple[list[Primitive], float, float]:
    """One strip for each half from the top down, the longest, and how high they stand together (mm)."""
    closed = solved.ground.back is not None
    halves = ("front", "back") if closed else ("front",)
    shapes: list[Primitive] = []
    longest = 0.0
    for k, half in enumerate(halves):
        rim = solved.ground.half(half == "back").rim
        longest = max(longest, rim)
        shapes += _strip(
            k * BETWEEN, rim, f"{half} pole" if closed else "centre", list(_stops(solved, half, choice.units))
        )
    return shapes, longest, (len(halves) - 1) * BETWEEN + WIDE


def _strip(top: float, rim: float, name: str, stops: list[tuple[float, str]]) -> list[Primitive]:
    middle = top + WIDE / 2
    shapes: list[Primitive] = [
        box(-WIDE / 2, top, rim, top + WIDE),
        Circle(0, middle, 0.5, "fine"),
        Line(-2.5, middle, 2.5, middle, "fine"),
        Line(0, middle - 2.5, 0, middle + 2.5, "fine"),
        Text(-WIDE / 2 + 1, top + WIDE - 1, name, 2.2),
    ]
    ends = [0.0] * LANES
    for walk, label in stops:
        long = text_width(label, HIGH)
        left = walk + 0.5 if walk + 0.5 + long <= rim else walk - 0.5 - long
        free = [k for k in range(LANES) if ends[k] <= left]
        lane = next((k for k in free if max(ends[k:]) <= walk), free[-1] if free else None)  # crossing no label
        base = top + (WIDE - TICK if lane is None else 2.8 + 3 * lane)
        shapes.append(Line(walk, top + WIDE - TICK, walk, top + WIDE, "plain"))
        shapes.append(Line(walk, base - HIGH, walk, top + WIDE - TICK, "fine"))
        if lane is not None:
            shapes.append(Text(left, base, label, HIGH))
            ends[lane] = left + long + 1
    return shapes


def _stops(solved: Solved, half: str, units: Units) -> Iterator[tuple[float, str]]:
    """Walk distance and row mark of every ring on this half, from the middle out; rows at one distance share a mark."""
    stops = [
        (part.walk, mark)
        for mark, row in zip(solved.marks, solved.rows, strict=True)
        for part in row.both
        if part.half == half and part.ring_like and part.n
    ]
    rim = solved.ground.half(half == "back").rim
    stops += [(circle, "guide") for circle in solved.context.circles.values() if circle <= rim]
    together: list[tuple[float, list[str]]] = []
    for walk, mark in sorted(stops):
        if together and walk - together[-1][0] < SAME:
            together[-1][1].append(mark)
        else:
            together.append((walk, [mark]))
    for walk, marks in together:
        yield walk, f"{', '.join(marks)}: {tenths(walk, units)}"


def tenths(walk: float, units: Units) -> str:
    """A walk distance as a number in the reader's unit, to about a tenth of a millimetre."""
    return f"{walk / PER_UNIT[units]:.{FINE[units]}f}"
