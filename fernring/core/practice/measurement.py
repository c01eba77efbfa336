"""A measurement: dots that one end of a tool made with a paint on a surface, and how wide they came out."""

from typing import Annotated, Literal

from pydantic import Field

from ..document.blank import Material
from ..document.facts import chosen, named
from ..document.kit import Loaded
from ..document.numbers import FIRST, DotDiameter, Frozen, Ident, Label
from ..document.shelf import Body, Day

MOST_DIAMETERS = 200
EventId = Annotated[str, Field(strict=True, pattern=r"^[0-9a-f]{32}$")]


class Measurement(Frozen):
    """`tool` is its id in the kit; `diameters` are all that were measured, none averaged away (mm)."""

    id: EventId
    tool: Ident
    body: Annotated[Body, chosen("Paint", fluid="fluid", medium="medium", heavy="heavy")] = "medium"
    surface: Material = "cast stone"
    load: Annotated[Loaded, chosen("Load", light="light", usual="usual", full="full")] = "usual"
    diameters: Annotated[
        tuple[DotDiameter, ...], FIRST, Field(min_length=1, max_length=MOST_DIAMETERS), named("Dots", "length")
    ]
    day: Day
    how: Annotated[Literal["typed", "photographed"], chosen("How", typed="typed", photographed="photographed")] = (
        "typed"
    )
    note: Annotated[Label, named("Note")] = ""
