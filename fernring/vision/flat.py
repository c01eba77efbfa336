"""A picture as it would be seen from straight above, at so many pixels to a millimetre of one plane."""

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .intake import Pixels
from .view import Array, View

MOST = 3_000_000  # pixels
STEP = 16  # pixels between places that are calculated exactly


@dataclass(frozen=True, eq=False)
class Flat:
    """`pixels` (high, wide, 3); `seen` where the picture shows anything; (left, top) the place of its corner (mm)."""

    pixels: Pixels
    seen: NDArray[np.bool_]
    left: float
    top: float
    per_mm: float
    height: float

    def places(self, pixels: Array) -> Array:
        """Points of the plane from pixels (n, 2) of this."""
        return np.asarray((pixels + 0.5) / self.per_mm + (self.left, self.top))

    def pixels_of(self, places: Array) -> Array:
        return np.asarray((places - (self.left, self.top)) * self.per_mm - 0.5)


def flattened(pixels: Pixels, view: View, height: float, reach: float, per_mm: float) -> Flat:
    """All of a picture within `reach` (mm) of the table's origin, at most `per_mm` fine and of MOST pixels."""
    high, wide = pixels.shape[:2]
    edge = np.array([[x, y] for x in (0, wide / 2, wide - 1) for y in (0, high / 2, high - 1)], dtype=float)
    places = np.clip(view.places(edge, height), -reach, reach)
    (left, top), (right, low) = places.min(axis=0), places.max(axis=0)
    per_mm = min(per_mm, float(np.sqrt(MOST / ((right - left) * (low - top)))))
    across, down = (int(side * per_mm) for side in (right - left, low - top))
    nodes = [np.arange(-1, side // STEP + 2) * STEP + (STEP - 1) / 2 for side in (across, down)]
    grid = np.stack(np.meshgrid(*nodes), axis=-1).reshape(-1, 2)
    found = view.seen((grid + 0.5) / per_mm + (left, top), height).astype(np.float32)
    shape, fine = (len(nodes[1]), len(nodes[0])), (STEP * len(nodes[0]), STEP * len(nodes[1]))
    inner = (slice(STEP, STEP + down), slice(STEP, STEP + across))
    u, v = (cv2.resize(part.reshape(shape), fine, interpolation=cv2.INTER_LINEAR)[inner] for part in found.T)
    shrink = float(np.linalg.norm(view.eye)) / view.matrix[0, 0] * per_mm  # pixels of this for one of the picture
    source, scale = pixels, 1.0
    if shrink < 0.7:
        scale = max(shrink, 0.05)
        source = np.asarray(cv2.resize(pixels, None, fx=scale, fy=scale, interpolation=cv2.INTER_AREA), dtype=np.uint8)
    u, v = ((part + np.float32(0.5)) * np.float32(scale) - np.float32(0.5) for part in (u, v))
    shown = cv2.remap(source, u, v, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    seen = (u > 0) & (v > 0) & (u < source.shape[1] - 1) & (v < source.shape[0] - 1)
    return Flat(np.asarray(shown, dtype=np.uint8), np.asarray(seen), left, top, per_mm, height)
