"""The size card: every dot of the piece's tools as a circle at true size, the smallest first, to lay beside a tool."""

from ...core.solved import Solved
from ...core.words.lengths import length
from ..drawing import Circle, Drawing, Primitive, Text
from .sheet import EDGE, Choice, Sheet

WIDE, BETWEEN, WORDS = 180.0, 5.0, 9.0
LEAST_CELL = 17.0  # room for a name of a dozen letters
NAMED = 14
WHAT = (
    "Lay it beside the tools: hold a tip, or a dried dot, to the circles. Dashed circles are tips, whole ones dots; "
    "sizes that nobody measured are marked typical."
)


def size_card(solved: Solved, choice: Choice) -> Sheet:
    """A cell for each dot, in lines as wide as a page; the tip of the tool is dashed in it."""
    cells = sorted(
        ((dot, tool) for tool in solved.piece.tools for dot in tool.dots), key=lambda cell: (cell[0], cell[1].name)
    )
    shapes: list[Primitive] = []
    x = y = tall = 0.0
    for dot, tool in cells:
        wide = max(dot, tool.tip or 0.0)
        cell = max(wide + BETWEEN, LEAST_CELL)
        if x and x + cell > WIDE:
            x, y, tall = 0.0, y + tall, 0.0
        middle = x + cell / 2
        shapes.append(Circle(middle, y + wide / 2, dot / 2))
        if tool.tip is not None:
            shapes.append(Circle(middle, y + wide / 2, tool.tip / 2, "dashed"))
        shapes.append(Text(middle, y + wide + 3.2, tool.name[:NAMED], 2.2, "middle", True))
        typical = "" if tool.sizes == "measured" else ", typical"
        shapes.append(Text(middle, y + wide + 6.2, f"{length(dot, choice.units)}{typical}", 2.2, "middle"))
        x, tall = x + cell, max(tall, wide + WORDS)
    drawing = Drawing(-EDGE, -EDGE, WIDE + 2 * EDGE, y + tall + 2 * EDGE, tuple(shapes))
    return Sheet("sizes", "Size card", WHAT, drawing)
