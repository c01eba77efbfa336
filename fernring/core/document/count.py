"""How often a row repeats its pattern."""

from typing import Annotated, Literal

from pydantic import Field

from .numbers import Frozen, Repeats


class PerSegment(Frozen):
    """`repeats` of the pattern for every `segments` segments, so that changing the segments keeps the rule."""

    kind: Literal["per_segment"] = "per_segment"
    repeats: Annotated[int, Field(strict=True, ge=1, le=100)] = 1
    segments: Annotated[int, Field(strict=True, ge=1, le=64)] = 1


class Absolute(Frozen):
    kind: Literal["absolute"] = "absolute"
    repeats: Repeats


Count = Annotated[PerSegment | Absolute, Field(discriminator="kind")]
