"""Reliefs: the shape of the surface seen from the side. Lengths in mm."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import BlankWidth, Frozen, Length


class Flat(Frozen):
    kind: Literal["flat"] = "flat"


class Dome(Frozen):
    """`rise` is the height of the middle over the edge."""

    kind: Literal["dome"] = "dome"
    rise: Annotated[Length, Field(gt=0)]


class TapedDome(Frozen):
    """A dome known by a tape solved over the top from edge to edge, along the longest way through the centre."""

    kind: Literal["taped dome"] = "taped dome"
    tape: BlankWidth


class Plate(Frozen):
    """A flat well of this diameter, and a rim that slopes up by `rise` to the edge."""

    kind: Literal["plate"] = "plate"
    well: BlankWidth
    rise: Length = 0.0


class Ball(Frozen):
    """Both halves of a ball as wide as the outline, the poles at the hanger or to the sides."""

    kind: Literal["ball"] = "ball"
    poles: Literal["hanger", "sides"] = "hanger"


class Egg(Frozen):
    """Two half-ellipsoids joined at the widest circle, which the outline measures.

    `length` runs from pole to pole; `widest` is how far the widest circle lies from the front pole.
    """

    kind: Literal["egg"] = "egg"
    length: BlankWidth
    widest: BlankWidth
    poles: Literal["hanger", "sides"] = "hanger"


Relief = Annotated[
    Flat | Dome | TapedDome | Plate | Ball | Egg,
    Field(discriminator="kind", description="shape of the surface seen from the side"),
]
