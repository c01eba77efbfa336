"""Guides: the lines drawn before painting."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import Frozen, Ident, Walk


class GuideCircle(Frozen):
    """A circle to draw at a walk distance from the centre."""

    id: Ident
    walk: Walk


class Guides(Frozen):
    spokes: Literal["all", "every second", "first cross", "none"] = "all"
    circles: Annotated[tuple[GuideCircle, ...], Field(max_length=60)] = ()
