"""The shelf: the artist's paints, the ramps mixed between them, and how a row names a shade."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import Fact, chosen, named
from .numbers import FIRST, Colour, Frozen, Ident, Label, Name, require_different

Body = Literal["fluid", "medium", "heavy"]
Finish = Literal["matte", "satin", "gloss", "metallic", "pearl", "glitter", "neon"]
Medium = Literal["none", "pouring", "gel", "retarder"]
MOST_PAINTS = 240
HEIGHT: dict[Body, float] = {"fluid": 0.16, "medium": 0.24, "heavy": 0.32}
"""Height over diameter of a dried dot by the body of its paint (common practice, no source)."""


class Paint(Frozen):
    """`medium` is what was mixed into it, `binder` what holds its pigment, `cover` how well it hides what is below."""

    id: Ident
    name: Annotated[Name, named("Name")]
    colour: Annotated[Colour, named("Colour")]
    body: Annotated[Body, chosen("Body", fluid="fluid", medium="medium", heavy="heavy")] = "medium"
    finish: Annotated[
        Finish,
        chosen(
            "Finish",
            matte="matte",
            satin="satin",
            gloss="gloss",
            metallic="metallic",
            pearl="pearl",
            glitter="glitter",
            neon="neon",
        ),
    ] = "matte"
    medium: Annotated[
        Medium,
        chosen("Mixed in", none="nothing", pouring="pouring medium", gel="gel or pearl medium", retarder="retarder"),
    ] = "none"
    binder: Annotated[
        Literal["acrylic", "multi-surface", "bake-on enamel", "pen"],
        Fact("Kind of paint", "choice", {name: name for name in ("acrylic", "multi-surface", "bake-on enamel", "pen")}),
    ] = "acrylic"
    cover: Annotated[
        Literal["opaque", "half", "translucent"],
        chosen("Cover", opaque="covers well", half="covers half", translucent="see-through"),
    ] = "opaque"
    note: Annotated[Label, named("Note")] = ""


class Shelf(Frozen):
    format: Literal["fernring.shelf"] = "fernring.shelf"
    version: Literal[2] = 2
    paints: Annotated[tuple[Paint, ...], FIRST, Field(max_length=MOST_PAINTS)] = ()

    @model_validator(mode="after")
    def _ids_differ(self) -> "Shelf":
        require_different("paints", [paint.id for paint in self.paints])
        return self


class Ramp(Frozen):
    """An ordered run of `steps` shades between the paints named as stops; both ends are steps."""

    id: Ident
    name: Annotated[Name, named("Name of the ramp")]
    stops: Annotated[tuple[Ident, ...], FIRST, Field(min_length=2, max_length=5), Fact("Stop")]
    steps: Annotated[int, Field(strict=True, ge=2, le=12), named("Steps", "count")] = 5


class PaintShade(Frozen):
    kind: Literal["paint"] = "paint"
    paint: Ident


class RampShade(Frozen):
    """Step 1 is the ramp's first stop."""

    kind: Literal["ramp"] = "ramp"
    ramp: Ident
    step: Annotated[int, Field(strict=True, ge=1, le=12)]


class BaseShade(Frozen):
    """The base coat: a hair line of it parts two dots that ran together, and covers what went wrong."""

    kind: Literal["base"] = "base"


Shade = Annotated[PaintShade | RampShade | BaseShade, Field(discriminator="kind")]
