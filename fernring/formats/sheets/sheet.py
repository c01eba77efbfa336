"""A sheet: what is drawn at true size, and in words what to do with it."""

from dataclasses import dataclass

from ...core.ground.ground import Ground
from ...core.laid import Laid
from ..drawing import Circle, Drawing, Path, Primitive
from ..picture import outer_reach

EDGE = 4.0


@dataclass(frozen=True)
class Choice:
    """What a sheet shows. `rows` limits it to these row indices, None means all; `dots` and the lines are the guide's,
    `margin` (mm) and `count` the backing's.
    """

    spokes: bool = True
    circles: bool = True
    border: bool = True
    dots: str = "outlines"
    rows: tuple[int, ...] | None = None
    margin: float = 2.0
    count: int = 1


@dataclass(frozen=True)
class Sheet:
    """`cuts` are the closed lines that a cutter follows, none on a sheet that is only printed."""

    kind: str
    title: str
    what: str
    drawing: Drawing
    cuts: tuple[Circle | Path, ...] = ()

    @property
    def cut_drawing(self) -> Drawing:
        """The cuts alone."""
        box = self.drawing
        return Drawing(box.left, box.top, box.width, box.height, self.cuts)


def edge_of(laid: Laid) -> Circle | Path:
    """The outline of the blank as seen from above."""
    if laid.ground.round:
        return Circle(0, 0, outer_reach(laid), "bold")
    return Path(laid.ground.outline, "bold", True)


def around(ground: Ground, primitives: list[Primitive], margin: float = EDGE) -> Drawing:
    """The primitives within the blank's own extent and a margin."""
    low, high = ground.outline.min(axis=0) - margin, ground.outline.max(axis=0) + margin
    (left, top), (width, height) = low.tolist(), (high - low).tolist()
    return Drawing(left, top, width, height, tuple(primitives))


def rows_of(laid: Laid, choice: Choice) -> list[int]:
    """The rows chosen, those that the piece has."""
    return [k for k in (range(len(laid.rows)) if choice.rows is None else choice.rows) if k < len(laid.rows)]
