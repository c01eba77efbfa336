"""A blank in words; lengths stand in braces, in mm, so that each reader is shown their own unit."""

from ..document.blank import Blank
from ..document.outline import Cross, Heart, Leaf, Odd, Oval, Polygon, Rectangle, Round, Square
from ..document.relief import Ball, Dome, Egg, Plate, TapedDome
from ..ground.outlines import bare_corners
from .lengths import mm


def size(blank: Blank) -> str:
    """ "{140} x {90} oval", "{90} round, domed" ..."""
    outline, relief = blank.outline, blank.relief
    if isinstance(outline, Round):
        if isinstance(relief, Ball):
            return f"{mm(outline.diameter)} ball"
        if isinstance(relief, Egg):
            return f"{mm(relief.length)} × {mm(outline.diameter)} egg"
        if isinstance(relief, Plate):
            return f"{mm(outline.diameter)} plate"
        shape = f"{mm(outline.diameter)} round"
    elif isinstance(outline, Square):
        shape = f"{mm(outline.side)} square"
    elif isinstance(outline, Polygon):
        shape = f"{outline.sides} sides of {mm(outline.side)}"
    elif isinstance(outline, Oval | Rectangle | Heart | Cross | Leaf):
        shape = f"{mm(outline.length)} × {mm(outline.width)} {outline.kind}"
    else:
        shape = f"{_across(blank)} {'odd outline' if isinstance(outline, Odd) else 'odd outline by ruler'}"
    return f"{shape}, domed" if isinstance(relief, Dome | TapedDome) else shape


def _across(blank: Blank) -> str:
    corners = bare_corners(blank.outline)
    width, height = corners.max(axis=0) - corners.min(axis=0)
    return f"{mm(float(width))} × {mm(float(height))}"
