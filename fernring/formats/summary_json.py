"""What is said of a piece in a list, as JSON: its name, its measures in words, and how it is drawn in small."""

import orjson

from ..core.document.piece import Piece
from ..core.document.relief import Ball, Egg
from ..core.errors import FitError
from ..core.ground.ground import ground
from ..core.ground.section import span
from ..core.words.blank import size


def summary_bytes(piece: Piece) -> bytes:
    """Measures that contradict each other leave it without words and without a picture."""
    blank = piece.blank
    try:
        half, words = span(ground(blank)), size(blank)
    except FitError:
        half, words = None, f"a {blank.outline.kind} whose measures contradict each other"
    poles = blank.relief.poles if isinstance(blank.relief, Ball | Egg) else None
    return orjson.dumps(
        {
            "name": piece.name,
            "words": words,
            "material": blank.material,
            "segments": piece.segments,
            "base": blank.base.colour,
            "poles": poles,
            "span": half,
        }
    )
