"""A sheet: what is drawn at true size, and in words what to do with it."""

from dataclasses import dataclass, replace

import numpy as np

from ...core.document.shelf import Shelf
from ...core.geometry.surface import Array
from ...core.ground.ground import Ground
from ...core.regions.bare import bare_lines
from ...core.solved import Solved
from ...core.words.lengths import Units
from ..drawing import Circle, Drawing, Path, Primitive, Stroke, Text
from ..picture import outer_reach

EDGE = 4.0


@dataclass(frozen=True)
class Choice:
    """What a sheet shows. `rows` limits it to these row indices, None means all; `dots` and the lines are the guide's,
    `margin` (mm) and `count` the backing's, `shelf` and `extra` (the share mixed beyond the need) the mixing card's.
    What is written on a sheet is in the reader's `units`.
    """

    spokes: bool = True
    circles: bool = True
    border: bool = True
    dots: str = "outlines"
    rows: tuple[int, ...] | None = None
    margin: float = 2.0
    count: int = 1
    units: Units = "mm"
    shelf: Shelf | None = None
    extra: float = 0.2


@dataclass(frozen=True)
class Sheet:
    """`cuts` are the closed lines that a cutter follows, none on a sheet that is only printed."""

    kind: str
    title: str
    what: str
    drawing: Drawing
    cuts: tuple[Circle | Path, ...] = ()

    @property
    def in_svg(self) -> Drawing:
        """What its SVG shows: the cuts alone of a sheet for the cutter, else everything."""
        return replace(self.drawing, primitives=self.cuts) if self.cuts else self.drawing


def edge_of(solved: Solved, stroke: Stroke = "bold") -> Circle | Path:
    """The outline of the blank as seen from above."""
    if solved.ground.round:
        return Circle(0, 0, outer_reach(solved), stroke)
    return Path(solved.ground.outline, stroke, True)


def front_dots(solved: Solved, index: int) -> tuple[Array, Array, Array]:
    """x, y and radius of a row's dots that lie on the blank itself and are seen from the front."""
    dots = solved.dots
    part = slice(solved.first[index], solved.first[index + 1])
    seen = (dots.level[part] == 1) & (dots.z[part] >= -1e-6)
    return dots.x[part][seen], dots.y[part][seen], dots.radius[part][seen]


def front_marks(solved: Solved, index: int) -> list[Primitive]:
    """The outlines of a row's marks that are seen from the front."""
    return [Path(s.mark.outline, "fine", True) for s in solved.marked if s.row == index and not s.back]


def bare_areas(solved: Solved, named: bool = True) -> list[Primitive]:
    """The edges of the bare areas, dashed, each with its name at its topmost point."""
    found: list[Primitive] = []
    for area, lines in bare_lines(solved.piece.bare, solved.ground.sites[0]):
        found += [Path(line, "dashed", True) for line in lines]
        top = lines[0][int(np.argmin(lines[0][:, 1]))]
        found += [Text(float(top[0]), float(top[1]) - 1.0, area.name, 2.2, "middle")] if named else []
    return found


def around(ground: Ground, primitives: list[Primitive], margin: float = EDGE) -> Drawing:
    """The primitives within the blank's own extent and a margin."""
    low, high = ground.outline.min(axis=0) - margin, ground.outline.max(axis=0) + margin
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(primitives))


def rows_of(solved: Solved, choice: Choice) -> list[int]:
    """The rows chosen, those that the piece has."""
    return [k for k in (range(len(solved.rows)) if choice.rows is None else choice.rows) if k < len(solved.rows)]
