"""Bounded field types. Every number and text that comes in passes through one of these.

Lengths are millimetres, angles degrees. Numbers are strict: "12" and true are not numbers.
"""

from collections.abc import Sequence
from typing import Annotated

from pydantic import BaseModel, ConfigDict, Field

_mm = Field(strict=True, allow_inf_nan=False)

BlankWidth = Annotated[float, _mm, Field(ge=10, le=1000)]
BorderWidth = Annotated[float, _mm, Field(ge=0, le=200)]
Length = Annotated[float, _mm, Field(ge=0, le=1000)]
Coordinate = Annotated[float, _mm, Field(ge=-1000, le=1000)]
Percent = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=90)]
DotDiameter = Annotated[float, _mm, Field(ge=0.2, le=60)]
Gap = Annotated[float, _mm, Field(ge=0, le=20)]
Walk = Annotated[float, _mm, Field(ge=0, le=1000)]
Degrees = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=-360, le=360)]
Segments = Annotated[int, Field(strict=True, ge=2, le=64)]
Repeats = Annotated[int, Field(strict=True, ge=1, le=2000)]
Seed = Annotated[int, Field(strict=True, ge=0, le=2**31 - 1)]

Ident = Annotated[str, Field(strict=True, pattern=r"^[a-z0-9][a-z0-9-]{0,47}$")]
Name = Annotated[str, Field(strict=True, min_length=1, max_length=120, pattern=r"\S")]
Label = Annotated[str, Field(strict=True, max_length=120)]
Notes = Annotated[str, Field(strict=True, max_length=10_000)]
Colour = Annotated[str, Field(strict=True, pattern=r"^#[0-9a-f]{6}$")]


class Frozen(BaseModel):
    """A value: never changed in place, no unknown fields."""

    model_config = ConfigDict(frozen=True, extra="forbid")


def require_pairs(what: str, x: Sequence[float], y: Sequence[float]) -> None:
    """Raises ValueError unless every x has its y."""
    if len(x) != len(y):
        raise ValueError(f"{what} has as many x as y; this one has {len(x)} and {len(y)}")
