"""Local frames on a surface: places a little to the side of a dot, and a little outward."""

import numpy as np

from .surface import Array, Plane, Points, Surface


def lifted(surface: Surface, x: Array, y: Array) -> tuple[Points, Array]:
    """Points above the plan, and their walk distances."""
    reach, angle = np.hypot(x, y), np.arctan2(x, -y)
    if isinstance(surface, Plane):
        return (x, y, np.zeros_like(x)), reach
    walk = surface.walk_to(reach, angle)
    return surface.points(walk, angle), walk


def line_above(surface: Surface, x: Array, y: Array) -> tuple[Array, Array]:
    """A line of the plan put on the surface, shape (n, 3), and its walk distances.

    Its x runs as whoever looks at this half sees it, as the plan's does; distances along it are those in space.
    """
    (px, py, pz), walks = lifted(surface, x, y)
    return np.stack((surface.side * px, py, pz), axis=1), walks


def walk_above(surface: Surface, x: Array, y: Array) -> Array:
    """Walk distances of points in plan (mm); past the edge of a relief it goes on as far as in plan."""
    reach, angle = np.hypot(x, y), np.arctan2(x, -y)
    walk = surface.walk_to(reach, angle)
    off = np.isnan(walk)
    if off.any():
        edge = surface.edge(angle[off])
        walk = walk.copy()
        walk[off] = edge + reach[off] - surface.reach(edge, angle[off])
    return walk


def beside(
    surface: Surface, walk: Array, angle_rad: Array, x: Array, y: Array, out_rad: Array, u: Array, v: Array
) -> tuple[Points, Array, Array]:
    """Points `u` mm to the right and `v` mm outward of places on the surface, their walks, and directions outward.

    `angle_rad` is where each place lies, `out_rad` where it looks. On a flat blank exact. On a curved one walk and
    angle are taken as a plane's polar coordinates (azimuthal equidistant), lengths along the circle stretched as that
    map does there; offsets of a place that looks elsewhere than away from the centre are turned by as much. Past the
    edge the surface goes on.
    """
    if isinstance(surface, Plane):
        sin, cos = np.sin(out_rad), np.cos(out_rad)
        px, py = x + u * cos + v * sin, y + u * sin - v * cos
        return (px, py, np.zeros_like(px)), np.hypot(px, py), out_rad + 0 * px
    # 1. The offsets to the right of the spoke through the place and along it.
    central = walk < 1e-9
    way = np.where(central, out_rad, angle_rad)
    sin, cos = np.sin(out_rad - way), np.cos(out_rad - way)
    right, outward = u * cos + v * sin, v * cos - u * sin
    # 2. The map's polar coordinates of the new place.
    stretch = np.where(central, 1.0, walk / np.maximum(surface.reach(walk, way), 1e-9))
    across, along = right * stretch, walk + outward
    walks = np.hypot(across, along)
    return surface.points(walks, way + np.arctan2(across, along)), walks, out_rad + 0 * walks
