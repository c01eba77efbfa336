"""Plan shapes, each by the measures a person can take. Lengths in mm."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import chosen, named
from .numbers import FIRST, BlankWidth, Coordinate, Frozen, Length, require_pairs

MOST_POINTS = 2000


class Round(Frozen):
    kind: Literal["round"] = "round"
    diameter: Annotated[BlankWidth, named("Diameter", along="across")]


class Oval(Frozen):
    """An ellipse; length runs from left to right."""

    kind: Literal["oval"] = "oval"
    length: Annotated[BlankWidth, named("Length", along="across")]
    width: Annotated[BlankWidth, named("Width", along="down")]


class Square(Frozen):
    """`corner` is the radius of the corners."""

    kind: Literal["square"] = "square"
    side: Annotated[BlankWidth, named("Side", along="across")]
    corner: Annotated[Length, named("Corner radius", "distance")] = 0.0


class Rectangle(Frozen):
    kind: Literal["rectangle"] = "rectangle"
    length: Annotated[BlankWidth, named("Length", along="across")]
    width: Annotated[BlankWidth, named("Width", along="down")]
    corner: Annotated[Length, named("Corner radius", "distance")] = 0.0


class Polygon(Frozen):
    """A regular polygon by the length of one side, a corner at twelve o'clock."""

    kind: Literal["polygon"] = "polygon"
    sides: Annotated[int, Field(strict=True, ge=3, le=24), named("Sides", "count")]
    side: Annotated[BlankWidth, named("Length of a side")]


class Heart(Frozen):
    """Length from lobes to tip, width across the lobes."""

    kind: Literal["heart"] = "heart"
    length: Annotated[BlankWidth, named("Length", along="down")]
    width: Annotated[BlankWidth, named("Width", along="across")]


class Cross(Frozen):
    """Length from top to bottom, width across, both bars `arm` wide; the middle of the level bar lies `bar` below the
    top, None for halfway."""

    kind: Literal["cross"] = "cross"
    length: Annotated[BlankWidth, named("Length", along="down")]
    width: Annotated[BlankWidth, named("Width", along="across")]
    arm: Annotated[BlankWidth, named("Width of the bars")]
    bar: Annotated[BlankWidth | None, named("Level bar, from the top", none="halfway", wide=130)] = None


class Leaf(Frozen):
    """Two arcs that meet in points; length from point to point."""

    kind: Literal["leaf"] = "leaf"
    length: Annotated[BlankWidth, named("Length", along="down")]
    width: Annotated[BlankWidth, named("Width", along="across")]


class Spoked(Frozen):
    """An odd outline by ruler: distances from a centre at equal angles, the first at twelve o'clock, clockwise."""

    kind: Literal["spoked"] = "spoked"
    distances: Annotated[
        tuple[BlankWidth, ...],
        Field(min_length=6, max_length=72),
        named("Distances from the centre, clockwise from the top"),
    ]
    between: Annotated[
        Literal["swinging", "smooth"],
        chosen(
            "Between the spokes",
            smooth="smooth, never beyond what was measured",
            swinging="swinging out a little, as in earlier pieces",
        ),
    ] = "swinging"


class Odd(Frozen):
    """An odd outline by its corners, as traced or imported: x and y of each (mm)."""

    kind: Literal["odd"] = "odd"
    x: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]
    y: Annotated[tuple[Coordinate, ...], FIRST, Field(min_length=3, max_length=MOST_POINTS)]

    @model_validator(mode="after")
    def _as_many(self) -> "Odd":
        require_pairs("an outline", self.x, self.y)
        return self


Outline = Annotated[
    Round | Oval | Square | Rectangle | Polygon | Heart | Cross | Leaf | Spoked | Odd,
    Field(discriminator="kind", description="plan shape"),
]
