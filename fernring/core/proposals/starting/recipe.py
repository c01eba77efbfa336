"""A starting pattern written as a rhythm of rows, and the table of those that ship with Fern Ring."""

from functools import cache
from typing import Annotated, Literal

from pydantic import Field, TypeAdapter

from ...document.numbers import Frozen
from ...tables import table


class Beat(Frozen):
    """One row of the rhythm.

    `size` is its share of the size the recipe asks for at that distance; `pattern` the members' sizes
    relative to the largest; `shade` a place in the row colours, or "ramp" for the run from centre to edge.
    """

    size: Annotated[float, Field(gt=0, le=4)]
    pattern: tuple[float, ...] = (1.0,)
    shade: int | Literal["ramp"] = "ramp"
    start: Literal["offset", "on lines", "between"] = "offset"
    spread: Annotated[float, Field(ge=1, le=4)] = 1.0


class Recipe(Frozen):
    """`inner` and `outer` are target diameters at centre and border, as shares of the radius inside the border.

    The rhythm begins again once all its beats are used; `centre` is the centre dot's share.
    """

    id: str
    name: str
    about: str
    centre: float
    inner: float
    outer: float
    ramp: Literal["light to deep", "deep to light"]
    rhythm: tuple[Beat, ...]


@cache
def recipes() -> tuple[Recipe, ...]:
    """The starting patterns, in the order they are offered."""
    return TypeAdapter(tuple[Recipe, ...]).validate_python(table("starting_patterns.json")["patterns"])
