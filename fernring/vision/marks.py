"""Finds the square marks in a picture, through the module aruco of OpenCV, and how it sees what carries them."""

from collections import Counter
from collections.abc import Mapping

import cv2
import numpy as np

from ..core.marks import CELLS, DICTIONARY, corners
from .intake import Picture, Pixels
from .limits import PictureError
from .view import Array, View, view

CHANCE = 2


def grey_of(pixels: Pixels) -> Pixels:
    return np.asarray(cv2.cvtColor(pixels, cv2.COLOR_RGB2GRAY), dtype=np.uint8)


def found_marks(grey: Pixels) -> list[tuple[int, Array]]:
    """Number and corners (4, 2), clockwise from the mark's own top left, of every mark; a number may come twice."""
    words = cv2.aruco.getPredefinedDictionary(getattr(cv2.aruco, DICTIONARY))
    how = cv2.aruco.DetectorParameters()
    how.perspectiveRemovePixelPerCell = 8  # cells of small marks are told from one another more surely than by 4
    found, numbers, _ = cv2.aruco.ArucoDetector(words, how).detectMarkers(grey)
    if numbers is None:
        return []
    return [(int(n), _refined(grey, c[0])) for n, c in zip(numbers.ravel(), found, strict=True)]


def _refined(grey: Pixels, rough: Array) -> Array:
    """Corners to a part of a pixel, looked for within a cell."""
    cell = float(np.sqrt(cv2.contourArea(rough.astype(np.float32)))) / CELLS
    reach = int(np.clip(0.6 * cell, 2, 12))
    ends = (cv2.TERM_CRITERIA_EPS | cv2.TERM_CRITERIA_MAX_ITER, 60, 0.01)
    found = cv2.cornerSubPix(grey, rough.astype(np.float32).reshape(-1, 1, 2), (reach, reach), (-1, -1), ends)
    return np.asarray(found, dtype=float)[:, 0]


def mirrored(grey: Pixels) -> bool:
    """Whether marks are found once the picture is turned over."""
    return len(found_marks(np.ascontiguousarray(grey[:, ::-1]))) > 3


def each_once(marks: list[tuple[int, Array]], of: set[int], what: str) -> dict[int, Array]:
    """The marks of these numbers that are seen once. Raises PictureError where so many are there twice that there are
    two of what carries them; one or two may be patterns that only look like marks."""
    known = [(number, found) for number, found in marks if number in of]
    many = Counter(number for number, _ in known)
    if sum(count > 1 for count in many.values()) > CHANCE:
        raise PictureError(f"Two of it are in the picture: leave one {what} only.")
    return {number: found for number, found in known if many[number] == 1}


def spanned(middles: Mapping[int, tuple[float, float]], marks: Mapping[int, Array]) -> float:
    """The area (mm²) of the convex hull of the marks found, which lie about these middles; 0 for none."""
    if not marks:
        return 0.0
    places = np.concatenate([corners(middles[number]) for number in marks])
    return cv2.contourArea(cv2.convexHull(places.astype(np.float32)))


def marked_view(picture: Picture, middles: Mapping[int, tuple[float, float]], marks: Mapping[int, Array]) -> View:
    """How the picture sees the plane on which marks lie about these middles."""
    high, wide = picture.pixels.shape[:2]
    places = np.concatenate([corners(middles[number]) for number in marks])
    outward = np.concatenate([np.sign(corners((0.0, 0.0)))] * len(marks))
    return view(places, np.concatenate(list(marks.values())), (wide, high), picture.focal, outward)
