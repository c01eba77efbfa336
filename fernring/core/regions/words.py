"""A word as closed lines, before it is moved and turned to its place; and the line along a blank's edge."""

from math import pi

import numpy as np

from ..document.region import WordRegion
from ..dots.table import Array
from ..geometry.even import Curve
from ..geometry.outline.inset import inset
from ..geometry.outline.polygon import clockwise
from ..kept import kept
from ..lettering.layout import Lines, Set, along, circle, straight
from .site import Site


def word_lines(word: WordRegion, site: Site) -> Lines:
    """The closed lines of the text, holes the other way round; about its own middle, that of its circle, or the
    blank's.
    """
    if word.runs == "straight":
        return _straight(_set(word))
    if "circle" in word.runs:
        over = word.runs == "over a circle"
        return along(_set(word), circle(word.radius), 0.0 if over else pi * word.radius, 1 if over else -1)
    edge = moved_edge(site, word.inward)
    if not edge:
        return []
    line = max(edge, key=len)
    curve = Curve(_from_the_top(line, word.runs == "along the edge"), True)
    return along(_set(word), curve, 0.0, 1 if word.runs == "along the edge" else -1)


@kept(64)
def _straight(of: Set) -> Lines:
    return straight(of)


def _set(word: WordRegion) -> Set:
    return Set(word.text, word.font, word.height, word.spacing)


def moved_edge(site: Site, inward: float) -> Lines:
    """The lines so far inside a blank's edge, in plan."""
    return inset(site.outline, inward)


def _from_the_top(line: Array, top: bool) -> Array:
    """The same closed line, clockwise as seen, from its place nearest to twelve o'clock on; or to six."""
    round_ = clockwise(line)
    off = np.abs(np.arctan2(round_[:, 0], -round_[:, 1]))
    return np.roll(round_, -int(off.argmin() if top else off.argmax()), axis=0)
