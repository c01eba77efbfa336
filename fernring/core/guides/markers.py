"""Which marker suits which surface (common practice, no source): the table, and what a blank counts as."""

from dataclasses import dataclass

from ..colour import cielab
from ..document.blank import Blank
from ..tables import table

DARK_BELOW = 55.0


@dataclass(frozen=True)
class Marker:
    """`suits` says whether it belongs on this surface, `stays` whether it would not come off it."""

    name: str
    why: str
    off: str
    suits: bool
    stays: bool


def surface_kind(blank: Blank) -> str:
    """ "tile", "dark" or "light": what a marker meets. A blank counts as painted with its base coat."""
    if blank.material == "glazed tile":
        return "tile"
    lightness = float(cielab.from_hex([blank.base.colour])[0, 0])
    return "dark" if lightness < DARK_BELOW else "light"


def markers(blank: Blank) -> list[Marker]:
    """Every marker of the table, those that suit the blank first."""
    kind = surface_kind(blank)
    found = [
        Marker(m["marker"], m["why"], m["off"], kind in m["on"], kind in m["stays"])
        for m in table("markers.json")["markers"]
    ]
    return sorted(found, key=lambda marker: (not marker.suits, marker.stays))
