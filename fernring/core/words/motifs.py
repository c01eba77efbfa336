"""Motifs in words. Lengths stand in braces, in mm."""

from ..document.motif import AroundCentre, Motif, Spot
from .lengths import mm
from .numbers import counted


def stands(motif: Motif) -> str:
    """Where the motif stands: "at four places {30} from the centre ...", or its places one by one."""
    rule = motif.places
    if not isinstance(rule, AroundCentre):
        return "; ".join(_spot(spot) for spot in rule.spots)
    if rule.count == 1:
        return f"{mm(rule.walk)} from the centre, {rule.first:g}° from the first spoke"
    first = f"the first {rule.first:g}° from the first spoke" if rule.first else "the first on the first spoke"
    return f"{counted(rule.count)} places {mm(rule.walk)} from the centre, {first}"


def _spot(spot: Spot) -> str:
    """ "{12} right of the centre and {5} above it, turned by 30°"."""
    aside, up = ("right" if spot.x >= 0 else "left"), ("below" if spot.y >= 0 else "above")
    turned = f", turned by {spot.turn:g}°" if spot.turn else ""
    return f"{mm(abs(spot.x))} {aside} of the centre and {mm(abs(spot.y))} {up} it{turned}" + (
        ", mirrored" if spot.mirrored else ""
    )
