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


def lifted_beyond(surface: Surface, x: Array, y: Array) -> tuple[Points, Array]:
    """As `lifted`; points past the edge of a relief stand at the height of its edge."""
    points, walks = lifted(surface, x, y)
    off = np.isnan(walks)
    if not off.any():
        return points, walks
    angle = np.arctan2(x[off], -y[off])
    edge = surface.edge(angle)
    rim = np.stack(surface.points(edge, angle))
    rim[:2] *= np.hypot(x[off], y[off]) / surface.reach(edge, angle)
    places = np.stack(points)
    places[:, off] = rim
    return (places[0], places[1], places[2]), walk_above(surface, x, y)


def beside(
    surface: Surface, walk: Array, angle_rad: Array, x: Array, y: Array, out_rad: Array, u: Array, v: Array
) -> tuple[Points, Array, Array]:
    """Points `u` mm to the right and `v` mm outward of places on the surface, their walks, and directions outward.

    On a flat blank exact. On a curved one, where a place looks straight away from the centre, walk and angle are taken
    as a plane's polar coordinates (azimuthal equidistant), lengths along the circle stretched as that map does there;
    elsewhere the offsets are taken in plan.
    """
    if isinstance(surface, Plane):
        sin, cos = np.sin(out_rad), np.cos(out_rad)
        px, py = x + u * cos + v * sin, y + u * sin - v * cos
        return (px, py, np.zeros_like(px)), np.hypot(px, py), out_rad + 0 * px
    central = walk < 1e-9
    radial = np.abs(np.sin((out_rad - angle_rad) / 2)) < 1e-9
    if bool(np.all(radial | central)):
        way = np.where(central, out_rad, angle_rad)
        stretch = np.where(central, 1.0, walk / np.maximum(surface.reach(walk, way), 1e-9))
        across, along = u * stretch, walk + v
        walks = np.hypot(across, along)
        return surface.points(walks, way + np.arctan2(across, along)), walks, out_rad + 0 * walks
    sin, cos = np.sin(out_rad), np.cos(out_rad)
    points, walks = lifted_beyond(surface, x + u * cos + v * sin, y + u * sin - v * cos)
    return points, walks, out_rad + 0 * walks
