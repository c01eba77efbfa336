"""Colour for a composed design: a ramp from centre to edge for the broad rows, accents for the fine ones."""

from ...document.piece import Piece
from ...document.shelf import Paint, PaintShade, Ramp, RampShade, Shade
from .colours import accents, by_contrast, light_to_deep
from .recipe import Beat, Recipe

MOST_STEPS = 12
RAMP = "centre-to-edge"


def coloured(piece: Piece, recipe: Recipe) -> Piece:
    """The piece with its rows painted from its own paints, as the recipe's rhythm says."""
    paints = by_contrast(piece.paints, piece.blank.base.colour)
    bright = accents(paints)
    ramped = [k for k, beat in _beats(piece, recipe) if beat.shade == "ramp"]
    stops = _stops(tuple(p for p in paints if p not in bright) or paints, recipe)
    steps = min(max(len(ramped), 2), MOST_STEPS)
    ramp = (
        Ramp(id=RAMP, name="Centre to edge", stops=tuple(paint.id for paint in stops), steps=steps)
        if len(stops) > 1
        else None
    )
    shades: dict[int, Shade] = {0: PaintShade(paint=bright[-1].id)}
    for k, beat in _beats(piece, recipe):
        if beat.shade == "ramp" and ramp:
            place = ramped.index(k)
            shades[k] = RampShade(ramp=RAMP, step=1 + round(place * (steps - 1) / max(len(ramped) - 1, 1)))
        elif beat.shade == "ramp":
            shades[k] = PaintShade(paint=stops[0].id)
        else:
            shades[k] = PaintShade(paint=bright[beat.shade % len(bright)].id)
    rows = tuple(row.model_copy(update={"shades": (shades[k],)}) for k, row in enumerate(piece.rows))
    painted = piece.model_copy(update={"rows": rows, "ramps": (*piece.ramps, ramp) if ramp else piece.ramps})
    return Piece.model_validate(painted.model_dump())


def _beats(piece: Piece, recipe: Recipe) -> list[tuple[int, Beat]]:
    return [(k, recipe.rhythm[(k - 1) % len(recipe.rhythm)]) for k in range(1, len(piece.rows))]


def _stops(paints: tuple[Paint, ...], recipe: Recipe) -> tuple[Paint, ...]:
    """Up to three paints from light to deep, or the other way."""
    ordered = light_to_deep(paints)
    chosen = ordered if len(ordered) <= 3 else (ordered[0], ordered[len(ordered) // 2], ordered[-1])
    return chosen if recipe.ramp == "light to deep" else tuple(reversed(chosen))
