"""Tracks and trims in a few plain words, lengths in mm, for tables read away from the screen."""

from collections.abc import Sequence

from ..core.document.row import Row
from ..core.document.trim import Size, SwipeTrim, ToContact, ToLength, TopTrim, Trim, WalkTrim

TRACKS = {
    "centre": "centre",
    "ring": "ring",
    "inset": "along the edge",
    "line": "lines",
    "arc": "curve",
    "path": "path",
    "corner": "corners",
    "gaps": "into the gaps",
}
FORMS = {
    "straight": "straight",
    "teardrop": "teardrop",
    "comma left": "comma to the left",
    "comma right": "comma to the right",
}


def spoken_track(row: Row) -> str:
    """Where the row runs, and what stands at each of its places when it is more than a dot."""
    track = TRACKS[row.track.kind]
    return track if row.group is None else f"{track}, each a {row.group.kind}"


def spoken_trims(trims: Sequence[Trim]) -> str:
    """All trims in their order; those on another trim follow it in brackets."""
    return "; ".join(_spoken(trim) for trim in trims)


def _spoken(trim: Trim) -> str:
    if isinstance(trim, SwipeTrim):
        family = f"{trim.family} swipes" if trim.family > 1 else "swipe"
        return f"{family}, {FORMS[trim.form]}, {_end(trim)}"
    said = _walk(trim) if isinstance(trim, WalkTrim) else _top(trim)
    return f"{said} ({spoken_trims(trim.trims)})" if trim.trims else said


def _walk(trim: WalkTrim) -> str:
    sides = "" if trim.sides == "both" else f", {trim.sides} side"
    load = "one load a side" if trim.load == "one" else "reloaded"
    layers = f" x {trim.layers} layers" if trim.layers > 1 else ""
    return f"walk of {_size(trim.size)}{layers}{sides}, {load}"


def _top(trim: TopTrim) -> str:
    where = "" if trim.towards == "centred" else f", {trim.towards}"
    return f"top {' + '.join(_size(size) for size in trim.sizes)}{where}"


def _size(size: Size) -> str:
    return f"{100 * size.share:.0f} %" if size.share else f"{size.diameter:.3f}"


def _end(trim: SwipeTrim) -> str:
    if isinstance(trim.to, ToLength):
        return f"{trim.to.mm:.1f} long"
    return "to contact" if isinstance(trim.to, ToContact) else f"to {trim.to.walk:.1f} from the centre"
