"""Ramps: an ordered run of shades between two or more colours, evenly spaced in Oklab."""

import numpy as np

from . import oklab, srgb


def ramp(stops: list[str], steps: int) -> list[str]:
    """`steps` colours from the first stop to the last, as "#rrggbb".

    Straight lines in Oklab between the stops; steps are spread evenly by the distance along them, so that
    each looks about as far from the next. Stops that coincide leave one colour.
    """
    points = oklab.from_srgb(srgb.from_hex(stops))
    lengths = np.linalg.norm(np.diff(points, axis=0), axis=1)
    along = np.concatenate(([0.0], np.cumsum(lengths)))
    if along[-1] == 0:
        return [stops[0]] * steps
    at = np.linspace(0, along[-1], steps)
    lab = np.stack([np.interp(at, along, points[:, k]) for k in range(3)], axis=1)
    return srgb.to_hex(oklab.to_srgb(lab))
