"""Areas in plain sentences: what each is, where it stands, and what is done with it. Lengths in braces, mm."""

from collections.abc import Callable, Mapping, Sequence
from typing import TYPE_CHECKING, Any

from pydantic import BaseModel

from ..document.region import (
    BandRegion,
    BareArea,
    DiscRegion,
    EndsRegion,
    FormRegion,
    OutlineRegion,
    ShapeRegion,
    Stands,
    WordRegion,
)
from .lengths import mm
from .numbers import article, counted, listed

if TYPE_CHECKING:
    from ..document.piece import Piece

ROWS = {
    "pass under": "rows pass under it",
    "stop evenly": "rows stop evenly beside it",
    "go on": "rows go on over it",
    "mask": "a peel-off mask lies on it",
}


def named_areas(piece: "Piece", idents: Sequence[str]) -> str:
    """ "“Fish” and “Dial”"."""
    names = {area.id: area.name for area in piece.bare}
    return listed([f"“{names[ident]}”" for ident in idents if ident in names])


def area_words(piece: "Piece", area: BareArea) -> str:
    """ "the word “Leonie” in round letters, capitals {12} high, in the middle; rows pass under it"."""
    parts = [WORDS[type(area.area)](area.area)]
    if isinstance(area.area, Stands):
        parts += _stands(area.area)
    if area.base is not None:
        paints = {paint.id: paint.name for paint in piece.paints}
        coats = "in one coat" if area.base.coats == 1 else f"in {counted(area.base.coats)} coats"
        parts.append(f"its base {' blended into '.join(paints[paint] for paint in area.base.paints)} {coats}")
    rows = ROWS[area.rows]
    if area.rows == "mask" and not area.whole:
        rows += ", which cuts the dots at its edge"
    return f"{', '.join(parts)}; {rows}"


def _disc(area: DiscRegion) -> str:
    return f"a disc {mm(area.diameter)} across{_aside(area.x, area.y)}"


def _band(area: BandRegion) -> str:
    return f"a band from {mm(area.inner)} to {mm(area.outer)}"


def _shape(area: ShapeRegion) -> str:
    sized = "" if area.size == 100 else f", {area.size:g} per cent as large"
    return f"a silhouette of {counted(len(area.lines))} line{'s' if len(area.lines) > 1 else ''}{sized}"


def _form(area: FormRegion) -> str:
    return f"{article(area.form)} {mm(area.across)} across and {mm(area.down)} down"


def _word(area: WordRegion) -> str:
    runs = "" if area.runs == "straight" else f", {area.runs}"
    runs += f" of {mm(area.radius)}" if "circle" in area.runs else ""
    return f"the words “{area.text}” in {area.font} letters, capitals {mm(area.height)} high{runs}"


def _outline(area: OutlineRegion) -> str:
    return f"all that lies {mm(area.inward)} inside the edge" if area.inward else "all of the blank"


def _ends(area: EndsRegion) -> str:
    which = f"number {area.only} of what" if area.only else "all that"
    return f"{which} lies beyond a circle {mm(area.beyond)} across"


def _stands(area: Stands) -> list[str]:
    found = [_aside(area.x, area.y).removeprefix(", ")] if area.x or area.y else []
    found += [f"turned by {area.turn:g}°"] if area.turn else []
    found += ["mirrored"] if area.mirrored else []
    return found + ([f"{counted(area.times)} times round the centre"] if area.times > 1 else [])


def _aside(x: float, y: float) -> str:
    """Where a point lies as seen from the centre."""
    across = f"{mm(abs(x))} to the {'right' if x > 0 else 'left'}" if x else ""
    down = f"{mm(abs(y))} {'below' if y > 0 else 'above'}" if y else ""
    if across and down:
        return f", {across} and {down} the centre"
    return f", {across} of the centre" if across else f", {down} the centre" if down else ""


WORDS: Mapping[type[BaseModel], Callable[[Any], str]] = {
    DiscRegion: _disc,
    BandRegion: _band,
    ShapeRegion: _shape,
    FormRegion: _form,
    WordRegion: _word,
    OutlineRegion: _outline,
    EndsRegion: _ends,
}
