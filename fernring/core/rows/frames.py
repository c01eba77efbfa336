"""Local frames on a surface: places a little to the side of a dot, and a little outward."""

import numpy as np

from ..geometry.surface import Array, Plane, Points, Surface


def lifted(surface: Surface, x: Array, y: Array) -> tuple[Points, Array]:
    """Points above the plan, and their walk distances."""
    reach, angle = np.hypot(x, y), np.arctan2(x, -y)
    if isinstance(surface, Plane):
        return (x, y, np.zeros_like(x)), reach
    walk = surface.walk_to(reach, angle)
    return surface.points(walk, angle), walk


def beside(
    surface: Surface, walk: Array, angle_rad: Array, x: Array, y: Array, out_rad: Array, u: Array, v: Array
) -> tuple[Points, Array, Array]:
    """Points `u` mm to the right and `v` mm outward of places on the surface, their walks, and directions outward.

    On a flat blank exact. On a curved one, where a place looks straight away from the centre, v is walked along the
    meridian and u along the circle; else the offsets are taken in plan.
    """
    if isinstance(surface, Plane):
        sin, cos = np.sin(out_rad), np.cos(out_rad)
        px, py = x + u * cos + v * sin, y + u * sin - v * cos
        return (px, py, np.zeros_like(px)), np.hypot(px, py), out_rad + 0 * px
    radial = np.abs(np.sin((out_rad - angle_rad) / 2)) < 1e-9
    if bool(np.all(radial | (walk < 1e-9))):
        way = np.where(walk < 1e-9, out_rad, angle_rad)
        along = walk + v
        reach = np.maximum(surface.reach(np.abs(along), way), 1e-9)
        turn = np.where(along < 0, np.pi, 0.0) + way + u / reach * np.where(along < 0, -1, 1)
        return surface.points(np.abs(along), turn), np.abs(along), out_rad + 0 * along
    sin, cos = np.sin(out_rad), np.cos(out_rad)
    points, walks = lifted(surface, x + u * cos + v * sin, y + u * sin - v * cos)
    return points, walks, out_rad + 0 * walks
