"""Places set twice about each line a row stands on, as mirror images."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import named
from .numbers import Frozen


class ByAngle(Frozen):
    """So many degrees to either side of the line."""

    kind: Literal["angle"] = "angle"
    degrees: Annotated[float, Field(strict=True, ge=0, le=90), named("To either side", "degrees", wide=96)]


class ByDistance(Frozen):
    """So far from the line to either side, across it as seen from above."""

    kind: Literal["distance"] = "distance"
    mm: Annotated[float, Field(strict=True, ge=0, le=200), named("Off the line", "length", wide=96)]


Mirrored = Annotated[ByAngle | ByDistance, Field(discriminator="kind")]
