"""The shades of a row in one step: one for all, paints or a ramp in turn, a paint or a hue for each spoke."""

from collections.abc import Sequence
from typing import TypeVar

import numpy as np

from ..colour import oklch
from ..document.piece import Piece
from ..document.row import MOST_SHADES, SHADING
from ..document.shelf import Paint, PaintShade, RampShade, Shade
from ..errors import FitError
from ..solved import solve_piece
from .asked import require_row

Item = TypeVar("Item")


def shades(of: Piece, index: int, way: str) -> tuple[Shade, ...]:
    """The row's shades by one of the ways of SHADING.

    Raises FitError when there is no such row or way, no ramp, or when spokes do not hold the same number of places.
    """
    require_row(of, index)
    if way not in SHADING:
        raise FitError(f"There is no shading “{way}”; there are {', '.join(SHADING)}.", "way")
    if way == "one":
        return of.rows[index].shades[:1]
    if way == "ramp":
        if not of.ramps:
            raise FitError("The piece has no ramp yet; add one in the Colours part.", "ramps")
        ramp = of.ramps[-1]
        return tuple(RampShade(ramp=ramp.id, step=1 + k) for k in range(ramp.steps))
    if way == "paints":
        return _plain(of.paints[:MOST_SHADES])
    placed = solve_piece(of).rows[index]
    places, more = divmod(placed.places, of.segments)
    if more or not places:
        raise FitError(
            f"A paint for each spoke wants as many places at every spoke; this row has {placed.places} for "
            f"{of.segments} spokes.",
            "row",
        )
    if way == "hues":
        return _plain(hues_round(of.paints, of.segments, places))
    return _plain(round_the_spokes(of.paints, places))


def hues_round(paints: Sequence[Paint], spokes: int, places: int) -> list[Paint]:
    """Paints in the order of their hues, from the most colourful one round to where it began, spread evenly over the
    spokes; each as often as a spoke has places.

    Raises FitError with fewer than three paints that have a hue, or more places than a row may name shades for.
    """
    lch = oklch.from_hex([paint.colour for paint in paints])
    rich = np.flatnonzero(lch[:, 1] >= oklch.GREY)
    if len(rich) < 3:
        raise FitError(f"Hues round the spokes want three paints with a hue (given {len(rich)}).", "paints")
    if spokes * places > MOST_SHADES:
        raise FitError(
            f"A row names at most {MOST_SHADES} shades; {spokes} spokes of {places} places would need "
            f"{spokes * places}.",
            "row",
        )
    first = float(lch[rich[lch[rich, 1].argmax()], 2])
    order = rich[np.argsort((lch[rich, 2] - first) % 360, kind="stable")]
    at = np.arange(spokes) * len(order) / spokes
    return [paints[order[int(k)]] for k in at for _ in range(places)]


def round_the_spokes(paints: Sequence[Item], places: int) -> list[Item]:
    """One after the other, each as often as a spoke has places, as many as a row may name; at least one."""
    chosen = paints[: MOST_SHADES // places] or paints[:1]
    return [paint for paint in chosen for _ in range(min(places, MOST_SHADES))]


def _plain(paints: Sequence[Paint]) -> tuple[Shade, ...]:
    return tuple(PaintShade(paint=paint.id) for paint in paints)
