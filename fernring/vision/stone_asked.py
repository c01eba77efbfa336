"""What is asked of a photograph of a stone, and what it answers."""

from typing import Annotated

from pydantic import Field

from ..core.document.facts import named
from ..core.document.numbers import Frozen

Share = Annotated[float, Field(ge=0, le=1, allow_inf_nan=False)]
Place = tuple[Share, Share]


class Stroke(Frozen):
    """A line drawn over the picture along which there is stone, or ground; places as shares of width and height."""

    stone: bool
    points: Annotated[tuple[Place, ...], Field(min_length=1, max_length=80)]


class StoneAsked(Frozen):
    """Heights above the card in mm, None where nobody measured them; `targets` are the card's four, clockwise from its
    top left, where its marks were not found."""

    widest: Annotated[float | None, Field(ge=0, le=80), named("Widest line, above the table", "length")] = None
    rise: Annotated[float | None, Field(ge=0, le=160), named("Top, above the table", "length")] = None
    targets: tuple[Place, Place, Place, Place] | None = None
    strokes: Annotated[tuple[Stroke, ...], Field(max_length=20)] = ()


class StoneFound(Frozen):
    """An outline (mm, clockwise, about its middle), the same points over the picture, and how sure it is."""

    x: tuple[float, ...]
    y: tuple[float, ...]
    over: tuple[tuple[float, float], ...]
    card: tuple[tuple[float, float], ...]
    plane: tuple[float, ...]
    uncertain: float
    warnings: tuple[str, ...]
    marks: int
    widest: float
