"""How a picture sees the table: where the camera is, found from marks whose places are known.

Pinhole with one radial term, as in OpenCV's module calib3d; the table is the plane z = 0 with x right, y down and z
into it, so that a height of h mm lies at z = -h. What the marks cannot tell (focal length, radial term) stays near what
is usual: a least squares fit with a prior on each.
"""

from dataclasses import dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.optimize import least_squares

Array = NDArray[np.floating[Any]]
FILM = 36.0  # width of a 35 mm film (mm), to which focal lengths are told
USUAL_FILM = 26.5  # focal length of a small camera that tells none: common practice, no source
TOLD, UNTOLD = 0.012, 0.08  # standard deviation of the logarithm of a focal length: rounded to a mm, or guessed
BEND = 0.03  # of the radial term
CORNER = 0.15  # of a corner that was found (pixels)
SHRUNK = 1.0  # of how much smaller light ground makes a dark mark (pixels)
SURE = 0.02  # a radial term less certain than this stays zero


@dataclass(frozen=True, eq=False)
class View:
    """`matrix` and `bend` as OpenCV takes them; `turn` (3, 3) and `shift` (3,) from the table's axes to the camera's;
    `error` (pixels) is how far the marks lie from where they should be, root mean square."""

    matrix: Array
    bend: Array
    turn: Array
    shift: Array
    error: float

    @property
    def eye(self) -> Array:
        """Where the camera is (mm), its third coordinate negative."""
        return np.asarray(-self.turn.T @ self.shift)

    def seen(self, points: Array, height: float = 0.0) -> Array:
        """Pixels of points (n, 2) so far above the table."""
        space = np.column_stack((points, np.full(len(points), -height)))
        return _projected(space, np.asarray(cv2.Rodrigues(self.turn)[0]), self.shift, self.matrix, self.bend)

    def rays(self, pixels: Array) -> Array:
        """Directions (n, 3) in the table's axes in which pixels look."""
        flat = cv2.undistortPoints(np.asarray(pixels, dtype=float)[:, None], self.matrix, self.bend)[:, 0]
        return np.asarray(np.column_stack((flat, np.ones(len(flat)))) @ self.turn, dtype=float)

    def places(self, pixels: Array, height: float = 0.0) -> Array:
        """Points (n, 2) at that height above the table which pixels show."""
        ray = self.rays(pixels)
        return np.asarray(self.eye[:2] - ray[:, :2] / ray[:, 2:] * (self.eye[2] + height))


def view(places: Array, pixels: Array, size: tuple[int, int], film: float | None, out: Array | None = None) -> View:
    """From points of the table (n, 2) and where they were found, in a picture so large (width, height). `out` (n, 2)
    points from each outward from its dark mark: how far the light eats into it is found as well.
    """
    told = (film or USUAL_FILM) / FILM * max(size)
    middle = ((size[0] - 1) / 2, (size[1] - 1) / 2)
    space = np.column_stack((places, np.zeros(len(places))))
    _, turn, shift = cv2.solvePnP(space, pixels, _matrix(told, middle), None, flags=cv2.SOLVEPNP_IPPE)
    outward = np.zeros_like(space) if out is None else np.column_stack((out, np.zeros(len(out))))
    wide = TOLD if film else UNTOLD

    def found(values: Array) -> Array:
        focal, k1, shrunk = told * np.exp(values[6]), values[7], values[8]
        depth = values[5] / focal  # mm for a pixel
        return _projected(space - shrunk * depth * outward, values[:3], values[3:6], _matrix(focal, middle), _bend(k1))

    def off(values: Array) -> Array:
        priors = [values[6] / wide, values[7] / BEND, values[8] / SHRUNK]
        return np.concatenate(((found(values) - pixels).ravel() / CORNER, priors))

    start = np.concatenate((turn.ravel(), shift.ravel(), np.zeros(3)))
    fit = least_squares(off, start, method="lm", x_scale="jac")
    values = fit.x
    if _variance(np.asarray(fit.jac), 7) > SURE**2:

        def straight(part: Array) -> Array:
            return off(np.insert(part, 7, 0.0))

        values = np.insert(least_squares(straight, np.delete(values, 7), method="lm").x, 7, 0.0)
    matrix, bend = _matrix(told * float(np.exp(values[6])), middle), _bend(float(values[7]))
    error = float(np.sqrt(np.mean(np.sum((found(values) - pixels) ** 2, axis=1))))
    return View(matrix, bend, np.asarray(cv2.Rodrigues(values[:3])[0], dtype=float), values[3:6], error)


def _variance(slopes: Array, of: int) -> float:
    """Of one unknown of a least squares fit, by its residuals' derivatives."""
    return float(np.linalg.inv(slopes.T @ slopes)[of, of])


def _matrix(focal: float, middle: tuple[float, float]) -> Array:
    return np.array([[focal, 0, middle[0]], [0, focal, middle[1]], [0, 0, 1.0]])


def _bend(k1: float) -> Array:
    return np.array([k1, 0.0, 0.0, 0.0])


def _projected(space: Array, turn: Array, shift: Array, matrix: Array, bend: Array) -> Array:
    pixels, _ = cv2.projectPoints(space, np.asarray(turn), np.asarray(shift), matrix, bend)
    return np.asarray(pixels, dtype=float)[:, 0]
