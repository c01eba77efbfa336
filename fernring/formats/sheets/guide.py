"""The full-size guide: spokes, circles, border and dots, to be put on the blank and pricked or traced through."""

from ...core.geometry.surface import Plane
from ...core.guides.lines import GuideLine, guide_lines, net
from ...core.solved import Solved
from ...core.words.lengths import Units, numbers
from ..drawing import Circle, Line, Outlines, Path, Primitive, Stroke, Text, crosses
from .sheet import Choice, Sheet, around, bare_areas, edge_of, front_dots, front_marks, rows_of

WHAT = "Cut round the outline, lay the sheet on the blank centre on centre, and prick or trace the lines through."
SEEN = " Distances are as seen from above; the tape strip gives them over the surface."


def guide(solved: Solved, choice: Choice) -> Sheet:
    """The blank's centre at the origin, everything where it is seen from above."""
    ground = solved.ground
    primitives: list[Primitive] = []
    if choice.dots != "none":
        primitives += _dots(solved, choice)
    primitives += [edge_of(solved), *bare_areas(solved)]
    if choice.border:
        primitives += border_lines(solved)
    for line in guide_lines(net(solved.piece, solved.rows)):
        if (choice.spokes if line.what in ("spoke", "motif") else choice.circles) and line.points[:, 2].mean() >= -1e-9:
            primitives += _line(line, choice.units)
    primitives += [Line(-3, 0, 3, 0, "plain"), Line(0, -3, 0, 3, "plain")]
    what = WHAT if isinstance(solved.ground.surface, Plane) else WHAT + SEEN
    return Sheet("guide", "Full-size guide", what, around(ground, primitives))


def border_lines(solved: Solved) -> list[Primitive]:
    """The border line, dashed, where it is not the edge itself."""
    ground = solved.ground
    if ground.round:
        inside = 0 < ground.limit < ground.surface.rim
        return [Circle(0, 0, ground.surface.circle(ground.limit).reach, "dashed")] if inside else []
    narrow = solved.piece.blank.border > 0 or solved.piece.blank.reduced
    return [Path(part, "dashed", True) for part in ground.clear] if narrow else []


def _line(line: GuideLine, units: Units) -> list[Primitive]:
    stroke: Stroke = "fine" if line.what in ("spoke", "midline", "diagonal", "motif") else "plain"
    plan = line.points[:, :2]
    if line.reach is not None:
        shapes: list[Primitive] = [Circle(0, 0, line.reach, stroke)]
    else:
        shapes = [Path(plan, stroke, line.closed)]
    if line.label:
        x, y = plan[0].tolist()
        shapes.append(Text(x + 0.6, y - 0.6, numbers(line.label, units), 2.2))
    return shapes


def _dots(solved: Solved, choice: Choice) -> list[Primitive]:
    found: list[Primitive] = []
    for index in rows_of(solved, choice):
        x, y, radius = front_dots(solved, index)
        found += [Outlines(x, y, radius), *front_marks(solved, index)] if choice.dots == "outlines" else crosses(x, y)
    return found
