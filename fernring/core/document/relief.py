"""Reliefs: the shape of the surface seen from the side. Lengths in mm."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import chosen, named
from .numbers import BlankWidth, Frozen, Length

Poles = Annotated[Literal["hanger", "sides"], chosen("Poles", hanger="at the hanger", sides="to the sides")]


class Flat(Frozen):
    kind: Literal["flat"] = "flat"


class Dome(Frozen):
    """`rise` is the height of the middle over the edge."""

    kind: Literal["dome"] = "dome"
    rise: Annotated[Length, Field(gt=0), named("Rise")]


class TapedDome(Frozen):
    """A dome known by a tape laid over the top from edge to edge, along the longest way through the centre."""

    kind: Literal["taped dome"] = "taped dome"
    tape: Annotated[BlankWidth, named("Tape from edge to edge", "length")]


class Plate(Frozen):
    """A flat well of this diameter, and a rim that slopes up by `rise` to the edge."""

    kind: Literal["plate"] = "plate"
    well: Annotated[BlankWidth, named("Well across")]
    rise: Annotated[Length, named("Rise of the rim")] = 0.0


class Ball(Frozen):
    """Both halves of a ball as wide as the outline, the poles at the hanger or to the sides."""

    kind: Literal["ball"] = "ball"
    poles: Poles = "hanger"


class Egg(Frozen):
    """Two half-ellipsoids joined at the widest circle, which the outline measures.

    `length` runs from pole to pole; `widest` is how far the widest circle lies from the front pole.
    """

    kind: Literal["egg"] = "egg"
    length: Annotated[BlankWidth, named("Pole to pole")]
    widest: Annotated[BlankWidth, named("Widest at")]
    poles: Poles = "hanger"


Relief = Annotated[
    Flat | Dome | TapedDome | Plate | Ball | Egg,
    Field(discriminator="kind", description="shape of the surface seen from the side"),
]
