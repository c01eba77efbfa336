"""A starting pattern written as a rhythm of rows, and the table of those that ship with Fern Ring."""

from functools import cache
from typing import Annotated, Literal

from pydantic import Field, TypeAdapter

from ...document.numbers import Frozen
from ...tables import table

Role = int | Literal["ramp", "hues"]
Adorned = Literal["petal", "swipe", "tops"]


class Beat(Frozen):
    """One row of the rhythm.

    `size` is its share of the size the recipe asks for at that distance, petals included; `pattern` the members' sizes
    relative to the largest; `shade` a place in the row colours, "ramp" for the run from centre to edge, or "hues" for
    the paints in their order round the spokes. `once` says how many places a segment has, None for as many as fit.

    `adorned` rows carry petals of so many `layers`, beginning with `lead` dots in a line, on `sides`; or swipes; or so
    many top dots. `over` are the roles of what they carry.
    """

    size: Annotated[float, Field(gt=0, le=6)]
    pattern: tuple[float, ...] = (1.0,)
    shade: Role = "ramp"
    start: Literal["offset", "on lines", "between", "in the V"] = "offset"
    spread: Annotated[float, Field(ge=1, le=4)] = 1.0
    once: Annotated[float, Field(gt=0, le=4)] | None = None
    adorned: Adorned | None = None
    layers: Annotated[int, Field(ge=1, le=4)] = 1
    lead: Annotated[int, Field(ge=0, le=3)] = 0
    sides: Literal["both", "right"] = "both"
    over: tuple[Role, ...] = (0,)

    @property
    def plain(self) -> "Beat":
        """The same row with nothing on it."""
        return self.model_copy(update={"adorned": None})


class Recipe(Frozen):
    """`inner` and `outer` are target diameters at centre and border, as shares of the radius inside the border.

    The rhythm begins again once all its beats are used; without beats the piece stays empty. `centre` is the centre
    dot's share. Rings fill the blank up to `rings` of the way to the border; beyond, and in what a round mandala leaves
    of any other outline, rows carry on, follow the edge, or fans lie. Where it is `filled`, the gaps that are left are
    filled with dots.
    """

    id: str
    name: str
    about: str
    centre: float = 0.2
    inner: float = 0.06
    outer: float = 0.14
    ramp: Literal["light to deep", "deep to light"] = "light to deep"
    rings: Annotated[float, Field(gt=0.2, le=1)] = 1.0
    beyond: Literal["carry on", "edge", "fans", "bare"] = "carry on"
    filled: bool = True
    rhythm: tuple[Beat, ...]

    @property
    def plain(self) -> "Recipe":
        """The same rings with nothing on them, and nothing beyond or between them."""
        rhythm = tuple(beat.plain for beat in self.rhythm)
        return self.model_copy(update={"rhythm": rhythm, "beyond": "bare", "filled": False, "rings": 1.0})


@cache
def recipes() -> tuple[Recipe, ...]:
    """The starting patterns, in the order they are offered."""
    return TypeAdapter(tuple[Recipe, ...]).validate_python(table("starting_patterns.json")["patterns"])
