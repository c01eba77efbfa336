"""The piece's palette: every shade that its rows ask for, once, in the order they stand on the sheet."""

from dataclasses import dataclass
from functools import cached_property

from ..document.piece import Piece, shades_named
from ..document.shelf import BaseShade, Body, Paint, PaintShade, Ramp, Shade
from .ramp import ramp

Key = tuple[str, int]


@dataclass(frozen=True)
class Colouring:
    """A shade as it will look: a name, a colour "#rrggbb" and a finish; `ramp` is its ramp's id or "", `base`
    tells the base coat."""

    name: str
    colour: str
    finish: str
    ramp: str = ""
    base: bool = False


class Palette:
    """Complete from the start: nothing is added while dots are made."""

    def __init__(self, piece: Piece) -> None:
        self._base = piece.blank.base
        self._paints = {paint.id: paint for paint in piece.paints}
        self._ramps = {ramp.id: ramp for ramp in piece.ramps}
        asked: dict[Key, Shade] = {}
        for row in piece.rows:
            for shade in shades_named(row):
                asked.setdefault(_key(shade), shade)
        self._index = {key: place for place, key in enumerate(asked)}
        self.asked = tuple(asked.values())
        self.shades = tuple(self._colouring(shade) for shade in asked.values())

    def index(self, shade: Shade) -> int:
        """Place of the shade in `shades`."""
        return self._index[_key(shade)]

    def named(self, shade: Shade) -> str:
        return self.shades[self.index(shade)].name

    @cached_property
    def ramps(self) -> dict[str, list[str]]:
        """The colours of every ramp of the piece, by its id."""
        return {ident: self._run(own) for ident, own in self._ramps.items()}

    @cached_property
    def paints(self) -> tuple[Paint | None, ...]:
        """What each shade is painted with: of a ramp its first stop, of the base coat none."""
        return tuple(self._paint(shade) for shade in self.asked)

    def body(self, shade: Shade) -> Body:
        """The body of what a shade is painted with, the usual one for the base coat."""
        paint = self._paint(shade)
        return paint.body if paint else "medium"

    def _paint(self, shade: Shade) -> Paint | None:
        if isinstance(shade, BaseShade):
            return None
        ident = shade.paint if isinstance(shade, PaintShade) else self._ramps[shade.ramp].stops[0]
        return self._paints[ident]

    def _colouring(self, shade: Shade) -> Colouring:
        if isinstance(shade, PaintShade):
            paint = self._paints[shade.paint]
            return Colouring(paint.name, paint.colour, paint.finish)
        if isinstance(shade, BaseShade):
            return Colouring(self._base.name, self._base.colour, "matte", base=True)
        own = self._ramps[shade.ramp]
        colour = self.ramps[own.id][shade.step - 1]
        return Colouring(f"{own.name} {shade.step}", colour, self._paints[own.stops[0]].finish, own.id)

    def _run(self, own: Ramp) -> list[str]:
        return ramp([self._paints[stop].colour for stop in own.stops], own.steps, own.even == "seen")


def _key(shade: Shade) -> Key:
    if isinstance(shade, BaseShade):
        return "", -1
    return (shade.paint, 0) if isinstance(shade, PaintShade) else (shade.ramp, shade.step)
