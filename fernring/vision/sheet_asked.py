"""What a photograph of a practice sheet answers."""

from ..core.document.numbers import Frozen


class SeenDot(Frozen):
    """A dot or swipe on the sheet (mm from its top left); `block` and `target` say what it was meant for, None where
    for nothing that is printed there; `length` is of swipes; a smudge is no dot to measure."""

    x: float
    y: float
    diameter: float
    roundness: float
    block: int | None
    target: int | None
    length: float | None
    smudged: bool


class SheetFound(Frozen):
    """`plane` takes mm of the sheet to shares of the picture's width and height (a homography, row by row); `paint` is
    about the colour of the paint; `marks` how many of those round the sheet were found."""

    seen: tuple[SeenDot, ...]
    plane: tuple[float, ...]
    paint: str
    marks: int
