"""Test bars: two long bars to measure, so that the printer can be corrected."""

from ...core.solved import Solved
from ...core.words.lengths import length
from ..drawing import Drawing, Line, Primitive, Text
from .sheet import Choice, Sheet

ACROSS, ALONG = 150.0, 200.0
WHAT = "Always printed without correction. Measure both bars with a steel rule and type in what you read."


def bars(_: Solved, choice: Choice) -> Sheet:
    """A bar across the paper and one along it, from outer edge to outer edge of the end marks."""
    shapes: list[Primitive] = [
        Line(0, 10, ACROSS, 10, "plain"),
        Line(0, 5, 0, 15, "fine"),
        Line(ACROSS, 5, ACROSS, 15, "fine"),
        Text(ACROSS / 2, 8, f"across: {length(ACROSS, choice.units)} between the end marks", 3.0, "middle"),
        Line(10, 20, 10, 20 + ALONG, "plain"),
        Line(5, 20, 15, 20, "fine"),
        Line(5, 20 + ALONG, 15, 20 + ALONG, "fine"),
        Text(14, 20 + ALONG / 2, f"along: {length(ALONG, choice.units)} between the end marks", 3.0),
    ]
    return Sheet("bars", "Test bars for the printer", WHAT, Drawing(-2, 2, ACROSS + 4, ALONG + 22, tuple(shapes)))
