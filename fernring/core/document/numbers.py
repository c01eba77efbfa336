"""Bounded field types. Every number and text that comes in passes through one of these.

Lengths are millimetres, angles degrees. Numbers are strict: "12" and true are not numbers.
"""

from collections.abc import Sequence
from typing import Annotated

from pydantic import AfterValidator, BaseModel, ConfigDict, FailFast, Field

from .facts import Fact

_mm = Field(strict=True, allow_inf_nan=False)
FIRST = FailFast()  # a list is read up to its first fault: a body full of faults costs no more than one with a few
_LENGTH, _DISTANCE = Fact(written="length"), Fact(written="distance")

BlankWidth = Annotated[float, _mm, Field(ge=10, le=1000), _DISTANCE]
BorderWidth = Annotated[float, _mm, Field(ge=0, le=200), _DISTANCE]
Length = Annotated[float, _mm, Field(ge=0, le=1000), _LENGTH]
Coordinate = Annotated[float, _mm, Field(ge=-1000, le=1000), _LENGTH]
Percent = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=90), Fact(written="per cent")]
LEAST_DOT, MOST_DOT = 0.2, 60.0
DotDiameter = Annotated[float, _mm, Field(ge=LEAST_DOT, le=MOST_DOT), _LENGTH]
Gap = Annotated[float, _mm, Field(ge=0, le=20), _LENGTH]
Walk = Annotated[float, _mm, Field(ge=0, le=1000), _DISTANCE]
Degrees = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=-360, le=360), Fact(written="degrees")]
Segments = Annotated[int, Field(strict=True, ge=2, le=64), Fact(written="count")]
Every = Annotated[int, Field(strict=True, ge=1, le=64), Fact(written="count")]
Repeats = Annotated[int, Field(strict=True, ge=1, le=2000), Fact(written="count")]
Seed = Annotated[int, Field(strict=True, ge=0, le=2**31 - 1)]
Tick = Annotated[bool, Field(strict=True), Fact(written="tick")]


def _readable(text: str) -> str:
    """Raises ValueError for text with characters that are none: control characters and the like."""
    for char in text:
        if ord(char) in UNREADABLE:
            raise ValueError(f"a text may not hold control characters (character {ord(char):#06x})")
    return text


# Control characters other than tab and line feed, halves of surrogate pairs, and what is never a character in Unicode.
UNREADABLE = frozenset(
    (
        *range(0x20), *range(0x7F, 0xA0), *range(0xD800, 0xE000), *range(0xFDD0, 0xFDF0),
        *(plane * 0x10000 + low for plane in range(17) for low in (0xFFFE, 0xFFFF)),
    )
) - {0x09, 0x0A}  # fmt: skip
readable = AfterValidator(_readable)

Ident = Annotated[str, Field(strict=True, pattern=r"^[a-z0-9][a-z0-9-]{0,47}$")]
Name = Annotated[str, Field(strict=True, min_length=1, max_length=120, pattern=r"\S"), readable, Fact(written="text")]
Label = Annotated[str, Field(strict=True, max_length=120), readable, Fact(written="text")]
Notes = Annotated[str, Field(strict=True, max_length=10_000), readable, Fact(written="text")]
Colour = Annotated[str, Field(strict=True, pattern=r"^#[0-9a-f]{6}$"), Fact(written="colour")]


class Frozen(BaseModel):
    """A value: never changed in place, no unknown fields."""

    model_config = ConfigDict(frozen=True, extra="forbid")


def require_pairs(what: str, x: Sequence[float], y: Sequence[float]) -> None:
    """Raises ValueError unless every x has its y."""
    if len(x) != len(y):
        raise ValueError(f"{what} has as many x as y; this one has {len(x)} and {len(y)}")


def require_different(what: str, ids: Sequence[str]) -> None:
    """Raises ValueError when an id stands twice."""
    seen: set[str] = set()
    for ident in ids:
        if ident in seen:
            raise ValueError(f"two {what} have the same id “{ident}”")
        seen.add(ident)


def is_dot(diameter: float) -> bool:
    """Whether dots come in this size (mm)."""
    return LEAST_DOT <= diameter <= MOST_DOT
