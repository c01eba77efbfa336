"""The outline of one piece of paint, to a part of a pixel."""

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import median_filter

from .edge import vertex
from .view import Array

RAYS = 72
BEYOND = 0.45  # mm, that is looked at on both sides of an edge
SURE = 1.2  # times the share of paint, beyond which its colour leaves no doubt
BLURRED = 0.04  # mm, by which a blurred edge makes a diameter too small: measured on sheets of known dots
SOFT = 0.5  # pixels that light is smoothed over across an edge
FINE = 0.25  # pixels


@dataclass(frozen=True)
class Edge:
    """In mm: the middle, the diameter of a disc of the same area, length and width along its axes, roundness (the
    shorter axis by the longer, by second moments), and how much of it paint covers (a share)."""

    x: float
    y: float
    diameter: float
    long: float
    wide: float
    roundness: float
    covered: float


def edge_of(
    share: Array, dark: Array, mask: NDArray[np.bool_], corner: tuple[int, int], middle: Array, per_mm: float
) -> Edge | None:
    """By where light falls most steeply on rays from the middle, as far as the colour is paint's: a shadow beside it
    has an edge too. What is long and slim is told by its mask. None for what is too small."""
    area, moments = float(mask.sum()), cv2.moments(mask.astype(np.uint8), binaryImage=True)
    low, high = _axes(moments)
    covered = float(np.clip(share[corner[1] :, corner[0] :][: mask.shape[0], : mask.shape[1]][mask], 0, 1).mean())
    roundness = float(np.sqrt(max(low, 0.0) / high)) if high > 0 else 1.0
    if roundness < 0.6:
        long, wide = _box(mask)
        x, y = (middle + 0.5) / per_mm
        return Edge(
            float(x), float(y), 2 * np.sqrt(area / np.pi) / per_mm, long / per_mm, wide / per_mm, roundness, covered
        )
    radius = np.sqrt(area / np.pi)
    ring = _ring(share, dark, middle, radius, per_mm)
    if ring is None:
        return None
    turn = np.arange(RAYS) * 2 * np.pi / RAYS
    line = middle + ring[:, None] * np.stack((np.sin(turn), -np.cos(turn)), axis=1)
    moments = cv2.moments((line * 16).astype(np.float32))
    low, high = _axes(moments)
    at = np.array([moments["m10"], moments["m01"]]) / moments["m00"] / 16
    x, y = (at + 0.5) / per_mm
    diameter = 2 * float(np.sqrt(moments["m00"] / 256 / np.pi)) / per_mm + BLURRED
    roundness = float(np.sqrt(low / high))
    return Edge(
        float(x), float(y), diameter, diameter / np.sqrt(roundness), diameter * np.sqrt(roundness), roundness, covered
    )


def _ring(share: Array, dark: Array, middle: Array, radius: float, per_mm: float) -> Array | None:
    """How far the edge is on each ray (pixels)."""
    beyond = BEYOND * per_mm
    steps = np.arange(max(radius - 1.6 * beyond, 0.35 * radius), radius + 1.6 * beyond, FINE)
    turn = np.arange(RAYS) * 2 * np.pi / RAYS
    u = middle[0] + np.sin(turn)[:, None] * steps
    v = middle[1] - np.cos(turn)[:, None] * steps
    at = (u.astype(np.float32), v.astype(np.float32))
    wet = np.clip(SURE * cv2.remap(share, *at, cv2.INTER_LINEAR), 0, 1)
    seen = wet * cv2.remap(dark, *at, cv2.INTER_LINEAR)
    fall = np.diff(cv2.GaussianBlur(seen, (0, 0), sigmaX=SOFT / FINE, sigmaY=0.6), axis=1)
    found = steps[np.argmin(fall, axis=1)] + FINE / 2
    usual = float(np.median(found))
    away = np.abs(steps[:-1] + FINE / 2 - usual)[None] > max(0.3 * usual, 2.0)
    fall = np.where(away, 0.0, fall)
    steep = np.clip(np.argmin(fall, axis=1), 1, fall.shape[1] - 2)
    found = steps[steep] + FINE / 2 + FINE * vertex(-fall, steep)
    found = median_filter(found, 5, mode="wrap")
    return np.asarray(found) if usual >= 1 else None


def _axes(moments: dict[str, float]) -> tuple[float, float]:
    """Squares of the two half axes, up to a factor: eigenvalues of the central second moments."""
    a, b, c = moments["mu20"], moments["mu11"], moments["mu02"]
    middle, apart = (a + c) / 2, float(np.hypot((a - c) / 2, b))
    return middle - apart, middle + apart


def _box(mask: NDArray[np.bool_]) -> tuple[float, float]:
    """Length and width of the narrowest box about a piece (pixels)."""
    rows, columns = np.nonzero(mask)
    _, (one, other), _ = cv2.minAreaRect(np.stack((columns, rows), axis=1).astype(np.float32))
    return max(one, other) + 1, min(one, other) + 1
