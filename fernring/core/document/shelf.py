"""The shelf: the artist's paints, the ramps mixed between them, and how a row names a shade."""

from typing import Annotated, Literal

from pydantic import Field, model_validator

from .facts import Fact, chosen, named
from .numbers import FIRST, Colour, Frozen, Ident, Label, Name, require_different

Body = Literal["fluid", "medium", "heavy"]
Finish = Literal["matte", "satin", "gloss", "metallic", "pearl", "glitter", "neon"]
Medium = Literal["none", "pouring", "gel", "retarder"]
MOST_PAINTS, MOST_SWABS = 240, 12
MOST_MIXED, MOST_PARTS, MOST_USES = 120, 6, 60
HEIGHT: dict[Body, float] = {"fluid": 0.16, "medium": 0.24, "heavy": 0.32}
"""Height over diameter of a dried dot by the body of its paint (common practice, no source)."""


Day = Annotated[str, Field(strict=True, pattern=r"^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$")]
"""A day as 2026-11-27."""


class Swab(Frozen):
    """A painted swab of a mix: one part of the paint with so many parts of white, dried, and the colour it has."""

    white: Annotated[
        float, Field(strict=True, allow_inf_nan=False, gt=0, le=50), named("Parts of white to one", "number")
    ]
    colour: Annotated[Colour, named("Colour when dry")]


class Portion(Frozen):
    """So many drops of a paint in a mix."""

    paint: Ident
    drops: Annotated[int, Field(strict=True, ge=1, le=100_000)]


class Paint(Frozen):
    """`medium` is what was mixed into it, `binder` what holds its pigment, `cover` how well it hides what is below.
    `swabs` of its mixes with the shelf's white calibrate recipes; `left` is what is left of it (ml), None unknown.
    `darker` is the share of its light that it loses while it dries; reds and pinks lose most (common practice, no
    source). `coats` is how many it takes until a dark base is covered, `price` what 100 ml cost, in money of the
    artist's own. `parts` tell a shade that is mixed, and of what; none for paint as it comes.
    """

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
    swabs: Annotated[tuple[Swab, ...], FIRST, Field(max_length=MOST_SWABS), Fact("Swabs")] = ()
    left: (
        Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=5000), named("Left, ml", "number")] | None
    ) = None
    darker: Annotated[
        float, Field(strict=True, allow_inf_nan=False, ge=0, le=0.5), named("Dries darker by", "share", wide=110)
    ] = 0.1
    coats: Annotated[int, Field(strict=True, ge=1, le=6), named("Coats on a dark base", "count")] = 1
    price: (
        Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=10_000), named("Price of 100 ml", "number")]
        | None
    ) = None
    parts: Annotated[tuple[Portion, ...], FIRST, Field(max_length=MOST_PARTS)] = ()


class PotUse(Frozen):
    """What was taken out of a pot: when, how much (ml), for which piece."""

    day: Day
    ml: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=1000)]
    piece: Label = ""


class MixedPot(Frozen):
    """A shade that was mixed: of what, on which day, how much of it (ml), and what was taken out of it since."""

    id: Ident
    name: Annotated[Name, named("Name")]
    colour: Annotated[Colour, named("Colour")]
    parts: Annotated[tuple[Portion, ...], FIRST, Field(min_length=1, max_length=MOST_PARTS)]
    day: Day
    ml: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=1000), named("Mixed, ml", "number")]
    uses: Annotated[tuple[PotUse, ...], FIRST, Field(max_length=MOST_USES)] = ()

    @property
    def left(self) -> float:
        return max(self.ml - sum(use.ml for use in self.uses), 0.0)


class Shelf(Frozen):
    format: Literal["fernring.shelf"] = "fernring.shelf"
    version: Literal[2] = 2
    paints: Annotated[tuple[Paint, ...], FIRST, Field(max_length=MOST_PAINTS)] = ()
    mixed: Annotated[tuple[MixedPot, ...], FIRST, Field(max_length=MOST_MIXED)] = ()

    @model_validator(mode="after")
    def _ids_differ(self) -> "Shelf":
        require_different("paints", [paint.id for paint in self.paints])
        require_different("mixed pots", [pot.id for pot in self.mixed])
        return self


class Ramp(Frozen):
    """An ordered run of `steps` shades between the paints named as stops; both ends are steps. They are `even` by their
    distance in Oklab (as all were before this could be chosen), or so that each is told from the next as easily.
    """

    id: Ident
    name: Annotated[Name, named("Name of the ramp")]
    stops: Annotated[tuple[Ident, ...], FIRST, Field(min_length=2, max_length=5), Fact("Stop")]
    steps: Annotated[int, Field(strict=True, ge=2, le=12), named("Steps", "count")] = 5
    even: Annotated[Literal["mixed", "seen"], chosen("Steps are even", mixed="along the mix", seen="to the eye")] = (
        "mixed"
    )


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
