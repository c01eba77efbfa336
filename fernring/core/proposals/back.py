"""The plain back of a blank as a piece of its own: its outline seen from behind, flat, with nothing on it yet."""

from collections.abc import Callable, Mapping
from typing import Any

from ..document.blank import AtDegrees, Blank, SetCentre
from ..document.outline import Odd, Spoked
from ..document.piece import Piece
from ..document.relief import Ball, Egg, Flat
from ..errors import FitError


def back_of(piece: Piece) -> Piece:
    """A piece for the back, with the same paints and tools. Raises FitError for a ball or egg, whose back is a half of
    the piece itself.
    """
    if isinstance(piece.blank.relief, Ball | Egg):
        raise FitError("The back of a ball or egg is a half of the piece itself: give a row the half “back”.", "blank")
    empty = {"rows": (), "motifs": (), "bare": (), "accepted": (), "ramps": piece.ramps}
    guides = piece.guides.model_copy(update={"at_rows": ()})
    work = piece.work.model_copy(update={"repairs": ()})
    name = f"{piece.name[:110]}, back"
    return piece.model_copy(
        update={**empty, "name": name, "blank": turned_over(piece.blank), "guides": guides, "work": work}
    )


def turned_over(blank: Blank) -> Blank:
    """The blank seen from behind, left and right exchanged; the back is flat."""
    outline = OTHER.get(type(blank.outline), lambda same: same)(blank.outline)
    centre, lie = blank.centre, blank.lie
    if isinstance(centre, SetCentre):
        centre = centre.model_copy(update={"x": -centre.x})
    if isinstance(lie, AtDegrees):
        lie = lie.model_copy(update={"degrees": -lie.degrees})
    return blank.model_copy(update={"outline": outline, "centre": centre, "lie": lie, "relief": Flat()})


def _odd(outline: Odd) -> Odd:
    return outline.model_copy(update={"x": tuple(-x for x in reversed(outline.x)), "y": outline.y[::-1]})


def _spoked(outline: Spoked) -> Spoked:
    """The first distance is upright and stays; the others run the other way round."""
    first, *others = outline.distances
    return outline.model_copy(update={"distances": (first, *others[::-1])})


OTHER: Mapping[type, Callable[[Any], Any]] = {Odd: _odd, Spoked: _spoked}
