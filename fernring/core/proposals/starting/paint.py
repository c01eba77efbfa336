"""Colour for a composed design: a ramp from centre to edge for the broad rows, accents for the fine ones."""

from collections.abc import Sequence
from typing import NamedTuple

from ...colour.ramp import ramp as run
from ...document.piece import Piece
from ...document.row import Row
from ...document.shelf import Paint, PaintShade, Ramp, RampShade, Shade
from ...rows.counts import repeats
from ...rows.trims.kind import TrimRule
from ..shading import round_the_spokes
from .colours import accents, by_contrast, clear_run, contrasting, covering, even_steps, light_to_deep, mixable
from .recipe import Beat, Recipe, Role

MOST_STEPS = 12
RAMP = "centre-to-edge"


class Tint(NamedTuple):
    """A shade and its colour, "#rrggbb"."""

    shade: Shade
    colour: str


def coloured(piece: Piece, beats: Sequence[Beat], recipe: Recipe) -> Piece:
    """The piece with its rows painted from its own paints, each in the role its beat gives it; what touches contrasts
    as well as the paints can."""
    base = piece.blank.base.colour
    paints = by_contrast(covering(piece.paints), base)
    bright = accents(paints)
    ramp, tints = _ramp(recipe, paints, bright, sum(beat.shade == "ramp" for beat in beats))
    left = list(tints)
    rows: list[Row] = []
    last = base
    for row, beat in zip(piece.rows, beats, strict=True):
        if beat.shade == "hues":
            own = _round_the_spokes(row, piece)
        elif beat.shade == "ramp":
            own = [left.pop(0)]
        else:
            beside = [base, last, *(tint.colour for tint in left[:1])]
            own = [_tint(contrasting(paints, bright[beat.shade % len(bright)], beside))]
        last = own[0].colour
        rows.append(_painted(row, own, _over(beat.over, own, paints, bright)))
    changed = {"rows": tuple(rows), "ramps": (*piece.ramps, ramp) if ramp else piece.ramps}
    return Piece.model_validate(piece.model_copy(update=changed).model_dump())


def _ramp(
    recipe: Recipe, paints: tuple[Paint, ...], bright: tuple[Paint, ...], rows: int
) -> tuple[Ramp | None, list[Tint]]:
    """The run from centre to edge, and its tint for each of so many rows; one paint for all where there is but one."""
    stops = _stops(mixable(tuple(paint for paint in paints if paint not in bright) or paints), recipe)
    if len(stops) < 2 or not rows:
        return None, [_tint(stops[0])] * rows
    colours = [paint.colour for paint in stops]
    steps = even_steps(colours, min(max(rows, 2), MOST_STEPS))
    ramp = Ramp(id=RAMP, name="Centre to edge", stops=tuple(paint.id for paint in stops), steps=steps)
    at = [round(k * (steps - 1) / max(rows - 1, 1)) for k in range(rows)]
    tones = run(colours, steps)
    return ramp, [Tint(RampShade(ramp=RAMP, step=1 + k), tones[k]) for k in at]


def _stops(paints: tuple[Paint, ...], recipe: Recipe) -> tuple[Paint, ...]:
    """Two or three paints from light to deep, or the other way, between which the ramp stays clear of grey."""
    chosen = clear_run(light_to_deep(paints))
    return chosen if recipe.ramp == "light to deep" else tuple(reversed(chosen))


def _round_the_spokes(row: Row, piece: Piece) -> list[Tint]:
    """The paints in their order, one for each spoke: as often each as a segment has places, one after the other."""
    places = max(repeats(row.count, piece.segments) // piece.segments, 1)
    return [_tint(paint) for paint in round_the_spokes(piece.paints, places)]


def _over(
    roles: Sequence[Role], own: Sequence[Tint], paints: tuple[Paint, ...], bright: tuple[Paint, ...]
) -> list[Tint]:
    """Tints for what a row carries, each in contrast to what is below it."""
    found, below = [], own[0].colour
    for role in roles:
        wanted = bright[role % len(bright)] if isinstance(role, int) else paints[len(paints) // 2]
        found.append(_tint(contrasting(paints, wanted, [below])))
        below = found[-1].colour
    return found


def _painted(row: Row, own: Sequence[Tint], over: Sequence[Tint]) -> Row:
    trims = tuple(_trim(trim, over) for trim in row.trims)
    return row.model_copy(update={"shades": tuple(tint.shade for tint in own), "trims": trims})


def _trim(trim: TrimRule, over: Sequence[Tint]) -> TrimRule:
    """The trim in these tints, one for each shade it has; one without shades takes the dot's own."""
    shades = tuple(over[k % len(over)].shade for k in range(len(trim.shades))) if over else trim.shades
    return trim.model_copy(update={"shades": shades})


def _tint(paint: Paint) -> Tint:
    return Tint(PaintShade(paint=paint.id), paint.colour)
