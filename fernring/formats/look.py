"""Paint as light sees it, in every picture alike: a shaded rim, the body, and a light to the upper left.

A dot is three discs; a swipe or small shape is three ribbons along its spine, the last one ridge of light.
"""

import numpy as np

from ..core.colour import srgb
from ..core.dots.table import Array
from ..core.rows.trims.grown import Mark
from .drawing import Area, Discs

RIM_DARK, LIGHT_WHITE = 0.28, 0.55
PALE, DIMMED = 0.94, 0.07  # lighter paint is shown a little darker, so that its light is seen
# Darker paint is shown a little lighter, and its rim more so: it has a shape on a dark base.
DEEP, RAISED, RAISED_RIM = 0.12, 0.1, 1.6
BRIGHTNESS = np.array([0.299, 0.587, 0.114])
BODY, BODY_AT = 0.92, (-0.04, -0.06)
LIGHT, LIGHT_AT = 0.2, (-0.3, -0.36)
TABLE = 0.5  # of a crystal's width is its flat top
CAP = np.pi * np.linspace(0.5, 1.5, 13)[1:-1]


def modelled(colour: str) -> str:
    """As paint of this colour is shown: pure white and black have no light and no shade of their own."""
    rgb = srgb.from_hex([colour])[0]
    light = float(rgb @ BRIGHTNESS)
    if light > PALE:
        rgb = rgb * (1 - DIMMED * (light - PALE) / (1 - PALE))
    elif light < DEEP:
        rgb = rgb + (1 - rgb) * RAISED * (DEEP - light) / DEEP
    return srgb.to_hex(rgb[None])[0]


def domes(x: Array, y: Array, radius: Array, colour: str) -> list[Discs]:
    """Dots of one colour: rims, bodies, lights."""
    rim, light = tones(colour)
    body = modelled(colour)
    found = [Discs(x, y, radius, rim)]
    for size, (right, down), tone in ((BODY, BODY_AT, body), (LIGHT, LIGHT_AT, light)):
        found.append(Discs(x + right * radius, y + down * radius, size * radius, tone))
    return found


def ridged(mark: Mark, colour: str) -> list[Area]:
    """A mark of one colour: rim, body, and a ridge of light from head to tip."""
    rim, light = tones(colour)
    body = Area(ribbon(mark.spine, mark.girth, BODY, BODY_AT), modelled(colour))
    return [Area(mark.outline, rim), body, Area(ribbon(mark.spine, mark.girth, LIGHT, LIGHT_AT), light)]


def faceted(mark: Mark, colour: str) -> list[Area]:
    """A crystal: its girdle in the colour's shade, facets turn by turn lighter, and a flat table in the middle."""
    rim, light = tones(colour)
    middle = mark.outline.mean(axis=0)
    found = [Area(mark.outline, rim)]
    for k in range(len(mark.outline)):
        corners = np.stack((mark.outline[k], mark.outline[(k + 1) % len(mark.outline)], middle))
        found.append(Area(corners, light if k % 2 else colour))
    return [*found, Area(middle + TABLE * (mark.outline - middle), colour)]


def ribbon(spine: Array, girth: Array, size: float, at: tuple[float, float]) -> Array:
    """Outline (n, 2) of discs along a spine, each a share of its radius wide and shifted by shares of it; round at the
    head."""
    centres = spine + girth[:, None] * np.array(at)
    ahead = np.gradient(spine, axis=0)
    ahead /= np.maximum(np.linalg.norm(ahead, axis=1), 1e-9)[:, None]
    right = np.stack((-ahead[:, 1], ahead[:, 0]), axis=1) * (size * girth)[:, None]
    way, wide = np.arctan2(ahead[0, 1], ahead[0, 0]), size * girth[0]
    head = centres[0] + wide * np.stack((np.cos(way + CAP), np.sin(way + CAP)), axis=1)
    return np.concatenate((head, centres - right, (centres + right)[::-1]))


def tones(colour: str) -> tuple[str, str]:
    """The colour of a shaded rim, and that of the light."""
    rgb = srgb.from_hex([modelled(colour)])[0]
    dark = rgb @ BRIGHTNESS < DEEP
    rim, light = srgb.to_hex(np.stack((rgb * (RAISED_RIM if dark else 1 - RIM_DARK), rgb + (1 - rgb) * LIGHT_WHITE)))
    return rim, light
