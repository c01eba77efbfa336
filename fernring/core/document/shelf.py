"""The shelf: the artist's paints, the ramps mixed between them, and how a row names a shade."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .kit import require_different
from .numbers import Colour, Frozen, Ident, Label, Name

Body = Literal["fluid", "medium", "heavy"]
Finish = Literal["matte", "gloss", "metallic"]


class Paint(Frozen):
    id: Ident
    name: Name
    colour: Colour
    body: Body = "medium"
    finish: Finish = "matte"
    note: Label = ""


class Shelf(Frozen):
    format: Literal["fernring.shelf"] = "fernring.shelf"
    version: Literal[1] = 1
    paints: Annotated[tuple[Paint, ...], Field(max_length=240)] = ()

    @model_validator(mode="after")
    def _ids_differ(self) -> "Shelf":
        require_different("paints", [paint.id for paint in self.paints])
        return self


class Ramp(Frozen):
    """An ordered run of `steps` shades between the paints named as stops; both ends are steps."""

    id: Ident
    name: Name
    stops: Annotated[tuple[Ident, ...], Field(min_length=2, max_length=5)]
    steps: Annotated[int, Field(strict=True, ge=2, le=12)] = 5


class PaintShade(Frozen):
    kind: Literal["paint"] = "paint"
    paint: Ident


class RampShade(Frozen):
    """Step 1 is the ramp's first stop."""

    kind: Literal["ramp"] = "ramp"
    ramp: Ident
    step: Annotated[int, Field(strict=True, ge=1, le=12)]


Shade = Annotated[PaintShade | RampShade, Field(discriminator="kind")]
