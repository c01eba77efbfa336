"""The outline with its border, drawn both ways: kept evenly clear, and as a copy reduced about the centre."""

from ...core.geometry.outline import inset
from ...core.solved import Solved
from ..drawing import Line, Path, Primitive, Text
from .guide import border_lines
from .sheet import Choice, Sheet, around, edge_of

WHAT = (
    "Cut out and lay on the blank. Dashed: the border of the piece. Thin: the other way of drawing it, for comparison."
)


def outline(solved: Solved, _: Choice) -> Sheet:
    """The edge, the piece's own border, and the other kind of border that is as narrow at its narrowest."""
    primitives: list[Primitive] = [edge_of(solved), *border_lines(solved), *_other(solved)]
    primitives += [Line(-4, 0, 4, 0, "plain"), Line(0, -4, 0, 4, "plain")]
    return Sheet("outline", "Outline and border", WHAT, around(solved.ground, primitives), (edge_of(solved, "plain"),))


def _other(solved: Solved) -> list[Primitive]:
    blank, corners = solved.piece.blank, solved.ground.outline
    whole = float((corners**2).sum(axis=1).min() ** 0.5)
    if blank.reduced is not None:
        narrow, wide = inset.unevenness(corners, blank.reduced)
        shapes: list[Primitive] = [Path(part, "fine", True) for part in inset.inset(corners, narrow)]
        said = f"Reduced by {blank.reduced:g} %: {narrow:.2f} to {wide:.2f} mm. Thin: {narrow:.2f} mm all round."
    elif 0 < blank.border < whole:
        percent = 100 * blank.border / whole
        narrow, wide = inset.unevenness(corners, percent)
        shapes = [Path(inset.reduced(corners, percent), "fine", True)]
        said = f"{blank.border:g} mm all round. Thin: reduced by {percent:.1f} %, {narrow:.2f} to {wide:.2f} mm."
    else:
        return []
    return [*shapes, Text(0, 8, said, 2.2, "middle")]
