"""The mixing card: every shade with a swatch, how much of it to mix and of what, ladders from light to colour, and
labels to cut out for the pots.
"""

from collections.abc import Iterator, Sequence

import numpy as np

from ...core.paint.pots import Ladder, Mixing, mixing
from ...core.solved import Solved
from ..drawing import Area, Drawing, Primitive, Text, box
from .sheet import EDGE, Choice, Sheet

WIDE, LINE, HEAD = 180.0, 7.5, 12.0
SWATCH = (11.0, 5.5)
LABEL, LABELS = (58.0, 20.0), 3
"""Width and height of a label, and how many stand side by side."""
WHAT = (
    "Mix all of a shade before its first dot: there is no way back to one that has run out. Drops are twenty to a "
    "millilitre (common practice); the colours printed here are only near."
)


def mixing_card(solved: Solved, choice: Choice) -> Sheet:
    """A line for each shade, then each ladder, then a label for each pot."""
    found = mixing(solved.piece, choice.extra, choice.shelf, solved)
    shapes: list[Primitive] = [Text(0, 5, f"{solved.piece.name}: what to mix", 5.0, "start", True)]
    y = HEAD
    for colour, words in _lines(solved, found):
        if colour is not None:
            shapes += _swatch(y, colour)
        shapes.append(Text(SWATCH[0] + 4 if colour else 0, y + 4, words, 3.2, "start", colour is None))
        y += LINE
    labels = _labels(solved, found, y + LINE / 2)
    shapes += labels
    y += -(-len(found.pots) // LABELS) * LABEL[1] + LINE if labels else 0.0
    drawing = Drawing(-EDGE, -EDGE, WIDE + 2 * EDGE, y + 2 * EDGE, tuple(shapes))
    return Sheet("mixing", "Mixing card", WHAT, drawing)


def _labels(solved: Solved, found: Mixing, top: float) -> list[Primitive]:
    """A box for each pot with its swatch, its name, what it is of, and room for the day."""
    shapes: list[Primitive] = []
    for k, pot in enumerate(found.pots):
        x, y = (k % LABELS) * (LABEL[0] + 2), top + (k // LABELS) * LABEL[1]
        shade = solved.palette.shades[pot.amount.shade]
        shapes.append(box(x, y, x + LABEL[0], y + LABEL[1] - 2, "fine"))
        shapes += _swatch(y + 2, shade.colour, x + 2)
        shapes.append(Text(x + SWATCH[0] + 4, y + 6, shade.name[:26], 3.2, "start", True))
        words = _of(found, pot.drops) if len(pot.drops) > 1 else f"{pot.amount.drops} drops"
        shapes.append(Text(x + 2, y + 11.5, words[:44], 2.3))
        shapes.append(Text(x + 2, y + 16, "mixed on", 2.3))
    return shapes


def _lines(solved: Solved, found: Mixing) -> Iterator[tuple[str | None, str]]:
    """The colour of a swatch, if the line has one, and its words."""
    shades = solved.palette.shades
    for pot in found.pots:
        amount = pot.amount
        rows = ", ".join(solved.marks[row] for row in amount.rows)
        words = f"{shades[amount.shade].name}, rows {rows}: {amount.drops} drops ({amount.mix:.1f} ml)"
        if pot.leftover:
            words += f", of which {pot.leftover.drops} are left from before"
        if len(pot.drops) > 1:
            words += f": {_of(found, pot.drops)}"
        if pot.recipe and not pot.recipe.reached:
            words += f" (off by {pot.recipe.error:.1f})"
        yield shades[amount.shade].colour, words
    for ladder in found.ladders:
        ramp = next(ramp for ramp in solved.piece.ramps if ramp.id == ladder.ramp)
        yield None, f"{ramp.name}, mixed in one pot"
        yield from _rungs(found, ladder)


def _rungs(found: Mixing, ladder: Ladder) -> Iterator[tuple[str, str]]:
    for shade, rung in zip(ladder.shades, ladder.rungs, strict=True):
        into = [(paint, drops) for paint, drops in ((ladder.light, rung.light), (ladder.colour, rung.colour)) if drops]
        words = f"add {_of(found, into)}, stir; " if into else ""
        own = found.solved.palette.shades[shade]
        yield own.colour, f"{words}put aside {rung.aside:g} drops for {own.name}"


def _of(found: Mixing, drops: Sequence[tuple[str, int]]) -> str:
    names = {paint.id: paint.name for paint in (*found.solved.piece.paints, *found.paints)}
    return " + ".join(f"{count} {names[paint]}" for paint, count in drops)


def _swatch(y: float, colour: str, x: float = 0.0) -> list[Primitive]:
    frame = box(x, y, x + SWATCH[0], y + SWATCH[1], "fine")
    return [Area(np.asarray(frame.points), colour), frame]
