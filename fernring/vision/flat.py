"""A picture as it would be seen from straight above, at so many pixels to a millimetre of one plane."""

from dataclasses import dataclass
from functools import cached_property

import cv2
import numpy as np
from numpy.typing import NDArray

from .intake import Pixels
from .view import Array, View

Window = tuple[float, float, float, float]  # left, top, right, low (mm)
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

    @cached_property
    def log(self) -> Array:
        """Natural logarithm of its bytes, the darkest three as one, shape (high, wide, 3)."""
        return log_light(self.pixels)

    def places(self, pixels: Array) -> Array:
        """Points of the plane from pixels (n, 2) of this."""
        return np.asarray((pixels + 0.5) / self.per_mm + (self.left, self.top))

    def window(self, mask: NDArray[np.bool_], beyond: float) -> Window:
        """What a mask covers, and so much round it (mm)."""
        rows, columns = np.nonzero(mask.any(axis=1))[0], np.nonzero(mask.any(axis=0))[0]
        corners = self.places(np.array([[columns[0], rows[0]], [columns[-1], rows[-1]]], dtype=float))
        (left, top), (right, low) = corners[0] - beyond, corners[1] + beyond
        return float(left), float(top), float(right), float(low)

    def taken(self, mask: NDArray[np.bool_], of: "Flat") -> NDArray[np.bool_]:
        """A mask of another window of the same plane, as it lies in this."""
        high, wide = self.seen.shape
        at = [of.pixels_of(self.places(np.stack((np.arange(n), np.arange(n)), axis=1).astype(float)))[:, k]
              for k, n in ((0, wide), (1, high))]  # fmt: skip
        rows, columns = (np.rint(part).astype(int) for part in (at[1], at[0]))
        inside = ((rows >= 0) & (rows < mask.shape[0]))[:, None] & ((columns >= 0) & (columns < mask.shape[1]))
        found = mask[np.clip(rows, 0, mask.shape[0] - 1)][:, np.clip(columns, 0, mask.shape[1] - 1)]
        return np.asarray(found & inside)

    def pixels_of(self, places: Array) -> Array:
        return np.asarray((places - (self.left, self.top)) * self.per_mm - 0.5)


def log_light(pixels: Pixels) -> Array:
    return np.asarray(np.log(np.maximum(pixels.astype(np.float32), 3.0)))


def in_view(pixels: Pixels, view: View, height: float, reach: float) -> Window:
    """All of a picture within `reach` (mm) of the table's origin."""
    high, wide = pixels.shape[:2]
    edge = np.array([[x, y] for x in (0, wide / 2, wide - 1) for y in (0, high / 2, high - 1)], dtype=float)
    places = np.clip(view.places(edge, height), -reach, reach)
    return (*places.min(axis=0).tolist(), *places.max(axis=0).tolist())


def flattened(pixels: Pixels, view: View, height: float, window: Window, per_mm: float, most: float = MOST) -> Flat:
    """A window of the plane at that height, at most `per_mm` fine and of so many pixels."""
    left, top, right, low = window
    per_mm = min(per_mm, float(np.sqrt(most / ((right - left) * (low - top)))))
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
