"""Trims: what is added to every dot of a row, or to another trim. Lengths in mm, angles in degrees."""

from collections.abc import Iterator, Sequence
from typing import Annotated, Literal, Union

from pydantic import Field

from .numbers import DotDiameter, Frozen, Gap, Ident, Walk
from .shelf import Shade

MOST_DEPTH = 3
Shades = Annotated[tuple[Shade, ...], Field(min_length=1, max_length=24)]
Share = Annotated[float, Field(strict=True, ge=0.1, le=1)]


class Size(Frozen):
    """A measured dot, or a share of the dot below when `share` is set."""

    diameter: DotDiameter
    tool: Ident | None = None
    share: Share | None = None


class TopTrim(Frozen):
    """One to four smaller dots on a dry one, the lowest first; `shift` is a share of the room to the host's edge.

    `shades` go up the stack; with `turns` the colours between take turns around the row.
    """

    kind: Literal["top"] = "top"
    sizes: Annotated[tuple[Size, ...], Field(min_length=1, max_length=4)]
    towards: Literal["centred", "inward", "outward", "left", "right"] = "centred"
    shift: Annotated[float, Field(strict=True, ge=0, le=1)] = 0.6
    shades: Shades
    turns: bool = False
    trims: Annotated[tuple["Trim", ...], Field(max_length=6)] = ()


class WalkTrim(Frozen):
    """Dots walked around a dot, from its outer point down one side to the foot, then the other.

    `load` "one" lets them diminish by the tool's ratio and end when it runs dry; "each" reloads, all equal. `count`
    is dots a side, None for as many as fit. `lead` dots in a line outward make the petal slim. `shading` runs the
    shades along the petal, takes one for each layer, or paints all in the first.
    """

    kind: Literal["walk"] = "walk"
    size: Size
    load: Literal["one", "each"] = "one"
    sides: Literal["both", "left", "right"] = "both"
    equal: bool = True
    count: Annotated[int, Field(strict=True, ge=1, le=60)] | None = None
    layers: Annotated[int, Field(strict=True, ge=1, le=6)] = 1
    begin: Literal["outer point", "foot"] = "outer point"
    lead: Annotated[int, Field(strict=True, ge=0, le=4)] = 0
    gap: Gap = 0.15
    shades: Shades
    shading: Literal["along", "by layer", "one"] = "one"
    trims: Annotated[tuple["Trim", ...], Field(max_length=6)] = ()


class ToLength(Frozen):
    kind: Literal["length"] = "length"
    mm: Annotated[float, Field(strict=True, ge=0.5, le=300)]


class ToCircle(Frozen):
    """To the walk distance of a circle."""

    kind: Literal["circle"] = "circle"
    walk: Walk


class ToContact(Frozen):
    """Until it first touches what is there, less the gap."""

    kind: Literal["contact"] = "contact"


class SwipeTrim(Frozen):
    """The dot pulled to a tail: straight and thin, a teardrop with rounded shoulders, or a comma bent to one side.

    `angle` turns the pull clockwise from its direction. A family of `family` swipes lies side by side, each next
    shorter by `shorter` and leaning out by `lean` more, alternately right and left.
    """

    kind: Literal["swipe"] = "swipe"
    form: Literal["straight", "teardrop", "comma left", "comma right"] = "teardrop"
    direction: Literal["inward", "outward"] = "outward"
    angle: Annotated[float, Field(strict=True, ge=-180, le=180)] = 0.0
    bend: Annotated[float, Field(strict=True, ge=0, le=120)] = 50.0
    to: Annotated[ToLength | ToCircle | ToContact, Field(discriminator="kind")] = ToLength(mm=8.0)
    family: Annotated[int, Field(strict=True, ge=1, le=9)] = 1
    shorter: Annotated[float, Field(strict=True, ge=0, le=0.9)] = 0.2
    lean: Annotated[float, Field(strict=True, ge=0, le=60)] = 18.0
    gap: Gap = 0.2
    shades: Annotated[tuple[Shade, ...], Field(max_length=24)] = ()


Trim = Annotated[Union[TopTrim, WalkTrim, SwipeTrim], Field(discriminator="kind")]  # noqa: UP007
TopTrim.model_rebuild()
WalkTrim.model_rebuild()


def trims_of(trims: Sequence[Trim]) -> Iterator[Trim]:
    """All trims of a row as they stand on the sheet, each followed by those on it."""
    for trim in trims:
        yield trim
        yield from trims_of(getattr(trim, "trims", ()))


def sizes_of(trim: Trim) -> list[tuple[tuple[str | int, ...], Size]]:
    """The sizes of a trim, each with its path within it; a swipe has none."""
    if isinstance(trim, TopTrim):
        return [(("sizes", k), size) for k, size in enumerate(trim.sizes)]
    return [(("size",), trim.size)] if isinstance(trim, WalkTrim) else []


def depth(trims: tuple[Trim, ...]) -> int:
    """How deep trims sit on trims."""
    return max((1 + depth(getattr(trim, "trims", ())) for trim in trims), default=0)
