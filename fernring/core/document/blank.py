"""The blank: the bare surface to be painted."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import BlankWidth, BorderWidth, Colour, Frozen, Name

Material = Literal["cast stone", "natural stone", "glazed tile", "canvas", "wood", "other"]


class Round(Frozen):
    kind: Literal["round"] = "round"
    diameter: BlankWidth


class Flat(Frozen):
    kind: Literal["flat"] = "flat"


Outline = Annotated[Round, Field(description="plan shape")]
Relief = Annotated[Flat, Field(description="shape of the surface seen from the side")]


class Base(Frozen):
    """The base coat the dots sit on."""

    name: Name = "Night slate"
    colour: Colour = "#20262b"


class Blank(Frozen):
    """Outline, relief, material, the border kept clear (mm along the surface) and the base coat."""

    outline: Outline
    relief: Relief = Flat()
    material: Material = "cast stone"
    border: BorderWidth = 3.0
    base: Base = Base()
