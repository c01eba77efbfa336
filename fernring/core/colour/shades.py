"""From a row's shades to colours: the piece's palette, each shade once."""

from dataclasses import dataclass

from ..document.piece import Piece
from ..document.shelf import PaintShade, Ramp, Shade
from .ramp import ramp


@dataclass(frozen=True)
class Colouring:
    """A shade as it will look: a name, a colour "#rrggbb" and a finish; `ramp` is its ramp's id or ""."""

    name: str
    colour: str
    finish: str
    ramp: str = ""


class Palette:
    """Collects the shades that are used, in the order they are first asked for."""

    def __init__(self, piece: Piece) -> None:
        self._paints = {paint.id: paint for paint in piece.paints}
        self._ramps = {ramp.id: ramp for ramp in piece.ramps}
        self._runs: dict[str, list[str]] = {}
        self._index: dict[tuple[str, int], int] = {}
        self.shades: list[Colouring] = []

    def index(self, shade: Shade) -> int:
        """Place of the shade in `shades`."""
        key = (shade.paint, 0) if isinstance(shade, PaintShade) else (shade.ramp, shade.step)
        if key not in self._index:
            self._index[key] = len(self.shades)
            self.shades.append(self._colouring(shade))
        return self._index[key]

    def _colouring(self, shade: Shade) -> Colouring:
        if isinstance(shade, PaintShade):
            paint = self._paints[shade.paint]
            return Colouring(paint.name, paint.colour, paint.finish)
        own = self._ramps[shade.ramp]
        colour = self._run(own)[shade.step - 1]
        return Colouring(f"{own.name} {shade.step}", colour, self._paints[own.stops[0]].finish, own.id)

    def ramps(self) -> dict[str, list[str]]:
        """The colours of every ramp of the piece, by its id."""
        return {ident: self._run(own) for ident, own in self._ramps.items()}

    def _run(self, own: Ramp) -> list[str]:
        if own.id not in self._runs:
            self._runs[own.id] = ramp([self._paints[stop].colour for stop in own.stops], own.steps)
        return self._runs[own.id]
