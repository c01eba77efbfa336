"""Where the camera is, what it sees where, and how its lens bends that.

The table is the plane z = 0 with x right, y down and z into the table, so that a height of h mm lies at z = -h: a
right-handed system, as the pinhole model with one radial term of OpenCV's module calib3d asks for.
"""

from dataclasses import dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.floating[Any]]
Map = NDArray[np.floating[Any]]
FILM = 36.0  # width of a 35 mm film (mm), to which focal lengths are told
STEP = 16  # pixels between places that are traced back exactly


@dataclass(frozen=True, eq=False)
class Camera:
    """`size` (width, height) in pixels; `focal` in pixels; `k1` the radial term; `turn` (3, 3) from the table's axes to
    the camera's; `eye` where it stands (mm)."""

    size: tuple[int, int]
    focal: float
    k1: float
    turn: Array
    eye: Array

    @property
    def film(self) -> float:
        """Focal length as of a 35 mm film (mm)."""
        return self.focal * FILM / max(self.size)

    @property
    def matrix(self) -> Array:
        wide, high = self.size
        return np.array([[self.focal, 0, (wide - 1) / 2], [0, self.focal, (high - 1) / 2], [0, 0, 1]])

    @property
    def bend(self) -> Array:
        return np.array([self.k1, 0.0, 0.0, 0.0])

    def seen(self, points: Array, height: Array | float = 0.0) -> Array:
        """Pixels of points (n, 2) of the table, each so far above it."""
        space = np.column_stack((points, -np.broadcast_to(height, len(points))))
        turn, _ = cv2.Rodrigues(self.turn)
        pixels, _ = cv2.projectPoints(space, turn, -self.turn @ self.eye, self.matrix, self.bend)
        return np.asarray(pixels, dtype=float)[:, 0]

    def rays(self, pixels: Array) -> Array:
        """Directions (n, 3) in the table's axes in which pixels look."""
        flat = cv2.undistortPoints(pixels[:, None], self.matrix, self.bend)[:, 0]
        return np.asarray(np.column_stack((flat, np.ones(len(flat)))) @ self.turn, dtype=float)

    def places(self, part: tuple[slice, slice]) -> tuple[Map, Map, Map, Map]:
        """For a part of the picture (rows, columns): x and y of what each pixel sees on the table, and by how much
        these change for each millimetre that the thing seen lies above it."""
        rows, columns = part
        wide, high = columns.stop - columns.start, rows.stop - rows.start
        across, down = (np.arange(-2, side // STEP + 3) * STEP + (STEP - 1) / 2 for side in (wide, high))
        nodes = np.meshgrid(across + columns.start, down + rows.start)
        ray = self.rays(np.stack(nodes, axis=-1).reshape(-1, 2))
        slope = ray[:, :2] / ray[:, 2:]
        ground = self.eye[:2] - slope * self.eye[2]
        shape, fine = (len(down), len(across)), (STEP * len(across), STEP * len(down))
        inner = (slice(2 * STEP, 2 * STEP + high), slice(2 * STEP, 2 * STEP + wide))
        found = [
            cv2.resize(part.reshape(shape).astype(np.float32), fine, interpolation=cv2.INTER_LINEAR)[inner]
            for part in (*ground.T, *(-slope.T))
        ]
        x, y, dx, dy = (np.asarray(one, dtype=np.float32) for one in found)
        return x, y, dx, dy


def axes(turned_deg: float) -> Array:
    """The axes (2, 2) of something that lies turned clockwise on the table, for points as rows."""
    turn = np.radians(turned_deg)
    return np.array([[np.cos(turn), np.sin(turn)], [-np.sin(turn), np.cos(turn)]])


def looking_at(
    middle: tuple[float, float], distance: float, tilt_deg: float, towards_deg: float, roll_deg: float
) -> tuple[Array, Array]:
    """Turn and eye of a camera so far from a point of the table, tilted from the vertical in some direction."""
    tilt, towards, roll = np.radians([tilt_deg, towards_deg, roll_deg])
    ahead = np.array([np.sin(tilt) * np.cos(towards), np.sin(tilt) * np.sin(towards), np.cos(tilt)])
    eye = np.array([*middle, 0.0]) - distance * ahead
    right = np.cross([0.0, 1.0, 0.0], ahead)
    right /= np.linalg.norm(right)
    down = np.cross(ahead, right)
    across = np.cos(roll) * right + np.sin(roll) * down
    return np.stack((across, np.cross(ahead, across), ahead)), eye
