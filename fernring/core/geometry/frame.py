"""A frame of its own at a place of a surface: a rigid motion between its coordinates and the piece's."""

from dataclasses import dataclass
from math import cos, sin

import numpy as np

from .frames import beside
from .surface import Array, Plane, Points, Surface

AHEAD = 1e-3  # mm that a direction is followed to see where it leads


@dataclass(frozen=True, eq=False)
class Frame:
    """Whoever stands here has x to the right, y towards the centre of the piece and z out of the blank; or the mirror
    image of that. World = axes @ own + shift; `axes` has shape (3, 3), its columns the own axes in the piece's
    coordinates, `shift` (3,), mm.
    """

    axes: Array
    shift: Array

    def out(self, x: Array, y: Array, z: Array) -> Points:
        """Own coordinates as the piece's."""
        return self._moved(self.axes, self.shift, x, y, z)

    def into(self, x: Array, y: Array, z: Array) -> Points:
        """The piece's coordinates as this frame's."""
        return self._moved(self.axes.T, -self.axes.T @ self.shift, x, y, z)

    def turned_rad(self, own: Surface, home: Surface, walk: Array, angle_rad: Array, out_rad: Array) -> Array:
        """Directions along the surface at places of the frame, as angles of the piece's (rad).

        `walk` and `angle_rad` say where the places lie on the frame's `own` surface, `out_rad` where they look; the
        answer is measured as on `home`: from the direction away from the piece's centre.
        """
        x, y, z = own.points(walk, angle_rad)
        (ahead_x, ahead_y, ahead_z), _, _ = beside(own, walk, angle_rad, x, y, out_rad, 0 * walk, 0 * walk + AHEAD)
        step = np.stack((ahead_x - x, ahead_y - y, ahead_z - z)).T @ self.axes.T
        # 1. The piece's own directions there: to the right of its spoke, and away from its centre.
        px, py, _ = self.out(x, y, z)
        way = np.arctan2(px, -py)
        right = np.stack((np.cos(way), np.sin(way), 0 * way), axis=1)
        if isinstance(home, Plane):
            up = np.broadcast_to([0.0, 0.0, 1.0], right.shape)
        else:
            up = np.stack(home.normals(home.walk_to(np.hypot(px, py), way), way), axis=1)
        away = np.cross(right, up)
        # 2. The step measured along them.
        return np.asarray(way + np.arctan2((step * right).sum(axis=1), (step * away).sum(axis=1)))

    @staticmethod
    def _moved(axes: Array, shift: Array, x: Array, y: Array, z: Array) -> Points:
        points = axes @ np.stack((x, y, z)) + shift[:, None]
        return points[0], points[1], points[2]


def frame_at(x: float, y: float, lean: float, middle: float, turn_rad: float, mirrored: bool) -> Frame:
    """The frame at a place of the plan where the surface leans by `lean` (rad) away from the centre.

    On a dome or ball whose arc lies about the point `middle` on the axis (mm), its own surface is the piece's turned
    about that point; on a flat blank lean and middle are zero and the place is moved. `turn_rad` turns it about itself.
    """
    angle = float(np.arctan2(x, -y)) if x or y else 0.0
    along, right = np.array([sin(angle), -cos(angle), 0.0]), np.array([cos(angle), sin(angle), 0.0])
    up = np.array([0.0, 0.0, 1.0])
    # 1. Away from the centre and out of the blank, as the surface leans there.
    away, out = cos(lean) * along - sin(lean) * up, sin(lean) * along + cos(lean) * up
    # 2. Turned about itself, and mirrored.
    ahead = cos(turn_rad) * away + sin(turn_rad) * right
    aside = (cos(turn_rad) * right - sin(turn_rad) * away) * (-1 if mirrored else 1)
    axes = np.stack((aside, -ahead, out), axis=1)
    centre = np.array([0.0, 0.0, middle])
    return Frame(axes, centre - axes @ centre if lean else np.array([x, y, 0.0]))
