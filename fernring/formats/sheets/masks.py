"""Masks and figures at true size, to be cut from masking film or card: the lines round what each covers."""

import shapely

from ...core.regions.bare import visible_ground
from ...core.solved import Solved
from ..drawing import Circle, Line, Path, Primitive, Text
from .sheet import Choice, Sheet, around, edge_of

WHAT = (
    "Cut along the lines from masking film or card, with a knife on a mat and away from the fingers. Lay each on the "
    "blank centre on centre; what is cut out of it serves as a stencil."
)


def masks(solved: Solved, _: Choice) -> Sheet:
    """All areas on which a mask lies; where there are none, all that stand on the blank."""
    areas = [one for one in solved.piece.bare if one.rows == "mask"] or list(solved.piece.bare)
    cuts: list[Circle | Path] = []
    labels: list[Primitive] = []
    for area in areas:
        for part in shapely.get_parts(visible_ground(area, solved.piece.bare, solved.ground.sites[0])):
            lines = [shapely.get_coordinates(ring)[:-1] for ring in (part.exterior, *part.interiors)]
            cuts += [Path(line, "plain", True) for line in lines]
        if cuts:
            x, y = (cuts[-1].points if isinstance(cuts[-1], Path) else solved.ground.outline).mean(axis=0).tolist()
            labels.append(Text(x, y, area.name, 2.2, "middle"))
    marks: list[Primitive] = [edge_of(solved, "fine"), Line(-3, 0, 3, 0, "fine"), Line(0, -3, 0, 3, "fine")]
    return Sheet(
        "masks", "Masks and figures, to cut", WHAT, around(solved.ground, [*cuts, *labels, *marks]), tuple(cuts)
    )
