"""The blank: the bare surface to be painted."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import Fact, named
from .numbers import BorderWidth, Colour, Coordinate, Degrees, Frozen, Name, Percent
from .outline import Cross, Heart, Outline, Rectangle, Round, Square
from .relief import Ball, Egg, Flat, Plate, Relief

MATERIALS = ("cast stone", "natural stone", "glazed tile", "canvas", "wood", "other")
Material = Annotated[
    Literal["cast stone", "natural stone", "glazed tile", "canvas", "wood", "other"],
    Fact("Material", "choice", {name: name for name in MATERIALS}),
]
OUTLINES = {
    "round": "round",
    "oval": "oval",
    "square": "square",
    "rectangle": "rectangle",
    "polygon": "polygon",
    "heart": "heart",
    "cross": "cross",
    "leaf": "leaf",
    "spoked": "odd, by ruler",
    "odd": "odd, from a file",
}
RELIEFS = {
    "flat": "flat",
    "dome": "domed, by its rise",
    "taped dome": "domed, by a tape over it",
    "plate": "plate with a rim",
    "ball": "ball",
    "egg": "egg",
}
ROUND_RELIEFS = ("plate", "ball", "egg")
EDGED = ("square", "rectangle", "polygon", "cross")  # outlines with straight edges, which can be divided


class NamedCentre(Frozen):
    """Middle of length and width, centroid, centre of the largest circle inside, or of the smallest around."""

    kind: Annotated[
        Literal["middle", "centroid", "inscribed", "enclosing"],
        Fact(
            "Centre",
            "choice",
            {
                "middle": "middle of length and width",
                "centroid": "centre of gravity",
                "inscribed": "centre of the largest circle inside",
                "enclosing": "centre of the smallest circle around",
            },
        ),
    ] = "middle"


class SetCentre(Frozen):
    """A point set by hand, in mm from the middle of length and width."""

    kind: Literal["point"] = "point"
    x: Annotated[Coordinate, named("Centre, right")]
    y: Annotated[Coordinate, named("Centre, down")]


Centre = Annotated[NamedCentre | SetCentre, Field(discriminator="kind")]


class AtDegrees(Frozen):
    """Turned clockwise from how it was measured."""

    kind: Literal["angle"] = "angle"
    degrees: Annotated[Degrees, named("Turned by")] = 0.0


class AlongAxis(Frozen):
    """Turned so that this axis stands upright."""

    kind: Literal["longest axis", "symmetry axis"]


Lie = Annotated[AtDegrees | AlongAxis, Field(discriminator="kind", description="how the outline lies")]


class Base(Frozen):
    """The base coat the dots sit on."""

    name: Annotated[Name, named("Base coat")] = "Night slate"
    colour: Colour = "#20262b"
    paint: Annotated[
        Literal["acrylic", "chalk paint"],
        Fact("Base is", "choice", {name: name for name in ("acrylic", "chalk paint")}),
    ] = "acrylic"


class Blank(Frozen):
    """Outline, relief, material, base coat, where the centre is and how the outline lies.

    `border` is kept clear evenly along the edge (mm along the surface; on a domed blank that is not round, as
    seen from above). When `reduced` is set the border line is instead a copy of the outline, reduced about the
    centre by that many per cent.
    """

    outline: Annotated[Outline, Fact("Outline", "variant", OUTLINES)]
    relief: Annotated[Relief, Fact("Relief", "variant", RELIEFS)] = Flat()
    material: Material = "cast stone"
    border: Annotated[BorderWidth, named("Border kept clear")] = 3.0
    reduced: Annotated[Percent | None, named("Reduced by", "per cent")] = None
    base: Base = Base()
    centre: Centre = NamedCentre()
    lie: Annotated[
        Lie,
        Fact(
            "How it lies",
            "variant",
            {
                "angle": "as measured, turned by",
                "longest axis": "longest axis upright",
                "symmetry axis": "axis of symmetry upright",
            },
        ),
    ] = AtDegrees()

    @model_validator(mode="after")
    def _possible(self) -> "Blank":
        _possible_outline(self.outline)
        if isinstance(self.relief, Plate | Ball | Egg) and not isinstance(self.outline, Round):
            raise ValueError(f"a {self.relief.kind} has a round outline, and this one is a {self.outline.kind}")
        if isinstance(self.outline, Round):
            _possible_relief(self.relief, self.outline.diameter)
        return self


def _possible_outline(outline: Outline) -> None:
    if isinstance(outline, Square | Rectangle):
        least = outline.side if isinstance(outline, Square) else min(outline.length, outline.width)
        if outline.corner > least / 2:
            raise ValueError(
                f"a corner radius is at most half the shorter side, {least / 2:g} mm, not {outline.corner:g}"
            )
    if isinstance(outline, Cross) and outline.arm > min(outline.length, outline.width):
        raise ValueError(f"the bars of a cross are narrower than the cross; {outline.arm:g} mm is too wide")
    if isinstance(outline, Cross) and outline.bar is not None:
        low, high = outline.arm / 2, outline.length - outline.arm / 2
        if not low <= outline.bar <= high:
            raise ValueError(
                f"the level bar of this cross lies {low:g} to {high:g} mm below the top, not {outline.bar:g}"
            )
    if isinstance(outline, Heart) and outline.length < outline.width / 2:
        raise ValueError(f"a heart {outline.width:g} mm wide is at least {outline.width / 2:g} mm long")


def _possible_relief(relief: Relief, diameter: float) -> None:
    if isinstance(relief, Plate) and relief.well >= diameter:
        raise ValueError(f"the well of a plate is narrower than the plate, {diameter:g} mm, and {relief.well:g} is not")
    if isinstance(relief, Egg) and not 0.2 * relief.length <= relief.widest <= 0.8 * relief.length:
        raise ValueError(
            f"an egg is widest between a fifth and four fifths of its length, {0.2 * relief.length:g} to "
            f"{0.8 * relief.length:g} mm from its pole, not at {relief.widest:g} mm"
        )
