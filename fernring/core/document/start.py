"""Where along its track a row begins."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import named
from .numbers import Degrees, Frozen


class OnLines(Frozen):
    kind: Literal["on lines"] = "on lines"


class Between(Frozen):
    kind: Literal["between"] = "between"


class Offset(Frozen):
    """Into the dips of the row before."""

    kind: Literal["offset"] = "offset"


class InVee(Frozen):
    """Into the V between two neighbouring petals of the row before, in contact with both."""

    kind: Literal["in the V"] = "in the V"


class AtAngle(Frozen):
    kind: Literal["angle"] = "angle"
    degrees: Annotated[Degrees, named("Angle", wide=84)]


Start = Annotated[OnLines | Between | Offset | InVee | AtAngle, Field(discriminator="kind")]
