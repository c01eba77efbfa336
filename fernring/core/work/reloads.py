"""Loads: where in a run of dots the tool is dipped again."""

import numpy as np

from ..dots.table import Dots, Whole


def reloads(dots: Dots, own: Whole) -> tuple[int, ...]:
    """Places in the run that begin a new load: each dot takes one, but those of a walk that get smaller and smaller
    down one side of one petal come from the load before."""
    host, side, layer = dots.host[own], dots.side[own], dots.layer[own]
    smaller = dots.radius[own][1:] < dots.radius[own][:-1] - 1e-9
    first = (side[1:] == side[:-1]) | (side[:-1] == 0)
    same = (host[1:] == host[:-1]) & (layer[1:] == layer[:-1]) & (layer[1:] > 0) & first
    return tuple(np.flatnonzero(np.r_[True, ~(smaller & same)]).tolist()) if len(own) else ()
