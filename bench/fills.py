"""Areas filled with dots, beside the largest place of a distance transform taken again and again."""

from functools import partial

import numpy as np
import shapely
from scipy.ndimage import distance_transform_edt
from shapely.geometry.base import BaseGeometry

from fernring.core.rows.fills.pack import Packed, Task, pack
from tests.fill_cases import ellipse, lettered, task, violations

from .timing import figure, medians, share

PIXEL = 0.25  # mm of the distance transform


def run() -> bool:
    of = task(lettered())
    times = medians({"ours": partial(pack, of), "transform": partial(_transform, of)}, 5)
    good = share("an area with holes like letters: ours over the transform", times["ours"], times["transform"], 1.0)
    for name, area, least in (
        ("that area", lettered(), 0.755),
        ("it three times as wide", lettered(3.0), 0.79),
        ("a disc of 250 mm", shapely.Polygon(ellipse(125, 125, 800)), 0.805),
    ):
        good &= _covered(name, area, least)
    found = pack(symmetric := task(shapely.Polygon(ellipse(125, 125, 800)), order=8))
    print(f"  the disc in eight segments alike: {found.covered(symmetric.radii) / symmetric.area.area:.3f} covered")
    many = task(lettered(4.1))
    took = medians({"fill": partial(pack, many)}, 5)["fill"]
    return good & figure(f"a fill of {len(pack(many).at):,} dots", took, "ms", 500)


def _covered(name: str, area: BaseGeometry, least: float) -> bool:
    of = task(area)
    found = pack(of)
    wrong = violations(of, found)
    covered = found.covered(of.radii) / area.area
    good = covered >= least and wrong < 1e-6
    print(f"  {name}: {len(found.at)} dots, {covered:.4f} covered (at least {least}), {'holds' if good else 'MISSED'}")
    return good


def _transform(of: Task) -> Packed:
    """The largest free place on a lattice, and a dot of the largest size that fits there, until none does."""
    left, top, right, bottom = of.area.bounds
    x, y = np.meshgrid(np.arange(left, right, PIXEL), np.arange(top, bottom, PIXEL))
    free = shapely.contains_xy(of.area, x.ravel(), y.ravel()).reshape(x.shape)
    room = distance_transform_edt(np.pad(free, 1))[1:-1, 1:-1] * PIXEL - of.gap - PIXEL / 2
    at, sizes = [], []
    while True:
        k = int(room.argmax())
        fitting = [size for size, radius in enumerate(of.radii) if radius <= room.flat[k]]
        if not fitting:
            return Packed(np.array(at).reshape(-1, 2), np.array(sizes, np.intp))
        px, py, radius = x.flat[k], y.flat[k], of.radii[fitting[0]]
        at.append((px, py))
        sizes.append(fitting[0])
        np.minimum(room, np.hypot(x - px, y - py) - radius - of.gap, out=room)
