"""How far from the centre a row lies."""

from typing import Annotated, Literal

from pydantic import Field

from .facts import named
from .numbers import Frozen, Ident, Length, Walk


class Nested(Frozen):
    kind: Literal["nested"] = "nested"


class AtWalk(Frozen):
    kind: Literal["walk"] = "walk"
    walk: Annotated[Walk, named("Walk distance", wide=92)]


class FromEdge(Frozen):
    """`inward` from the edge of the blank, measured over the surface: rows on a rim, along an edge."""

    kind: Literal["edge"] = "edge"
    inward: Annotated[Length, named("In from the edge", "distance", wide=92)]


class OnGuide(Frozen):
    """On the guide circle with this id."""

    kind: Literal["guide"] = "guide"
    circle: Ident


Distance = Annotated[Nested | AtWalk | FromEdge | OnGuide, Field(discriminator="kind")]
