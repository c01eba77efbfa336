"""The outline with its border, drawn both ways: kept evenly clear, and as a copy reduced about the centre."""

from ...core.geometry.outline import inset
from ...core.solved import Solved
from ...core.words.lengths import Units, mm, said
from ..drawing import Line, Path, Primitive, Text
from .guide import border_lines
from .sheet import Choice, Sheet, around, bare_areas, edge_of

WHAT = (
    "Cut out and lay on the blank. Dashed: the border of the piece. Thin: the other way of drawing it, for comparison."
)


def outline(solved: Solved, choice: Choice) -> Sheet:
    """The edge, the piece's own border, and the other kind of border that is as narrow at its narrowest."""
    primitives: list[Primitive] = [
        edge_of(solved),
        *border_lines(solved),
        *bare_areas(solved),
        *_other(solved, choice.units),
    ]
    primitives += [Line(-4, 0, 4, 0, "plain"), Line(0, -4, 0, 4, "plain")]
    return Sheet("outline", "Outline and border", WHAT, around(solved.ground, primitives), (edge_of(solved, "plain"),))


def _other(solved: Solved, units: Units) -> list[Primitive]:
    blank, corners = solved.piece.blank, solved.ground.outline
    whole = float((corners**2).sum(axis=1).min() ** 0.5)
    if blank.reduced is not None:
        narrow, wide = inset.unevenness(corners, blank.reduced)
        shapes: list[Primitive] = [Path(part, "fine", True) for part in inset.inset(corners, narrow)]
        words = f"Reduced by {blank.reduced:g} %: {mm(narrow)} to {mm(wide)}. Thin: {mm(narrow)} all round."
    elif 0 < blank.border < whole:
        percent = 100 * blank.border / whole
        narrow, wide = inset.unevenness(corners, percent)
        shapes = [Path(inset.reduced(corners, percent), "fine", True)]
        words = f"{mm(blank.border)} all round. Thin: reduced by {percent:.1f} %, {mm(narrow)} to {mm(wide)}."
    else:
        return []
    return [*shapes, Text(0, 8, said(words, units), 2.2, "middle")]
