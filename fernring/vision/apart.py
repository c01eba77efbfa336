"""Tells the stone from what it lies on, roughly: by colour against the ground's, then by GrabCut (OpenCV)."""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

import cv2
import numpy as np
from numpy.typing import NDArray

from .flat import Flat
from .intake import Pixels
from .limits import PictureError
from .view import Array

Soft = NDArray[np.floating[Any]]
EDGE = 6.0  # mm along the picture's edges that are ground for certain
ROUNDS = 2
LEAST_ACROSS = 12.0  # mm, of a stone
ODD = 3.0  # deviations from the ground's colours, light and pattern
COMPACT = 0.8
CLEARLY = 3.5  # deviations beyond what is usual on a ground that is odd itself
DARKEST_SHADOW = 0.16  # of the ground's light


@dataclass(frozen=True, eq=False)
class Stroke:
    """What somebody drew: points (n, 2) in mm along which there is stone, or ground."""

    stone: bool
    points: Array


def apart(flat: Flat, card: Array, strokes: Sequence[Stroke] = ()) -> NDArray[np.bool_]:
    """Where the stone is. `card` (4, 2) are the corners of the card on the same plane. Where its colours do not tell it
    from the ground, how fine their pattern is may do so. Raises PictureError.
    """
    covered = covered_by(flat, card)
    ground = flat.seen & ~covered
    even = _even_light(flat, ground)
    odd: Soft = _oddness(even, ground, flat.per_mm)
    shown = np.clip(255 * even, 0, 255).astype(np.uint8)
    found = _cut(flat, shown, odd > ODD, covered, strokes)
    if found is None or _fullness(found) < COMPACT:
        odd = np.asarray(cv2.GaussianBlur(odd, (0, 0), 3.5 * flat.per_mm), dtype=np.float32)
        usual, spread = _robust(odd[ground])
        other = _one_piece(flat, (odd > usual + CLEARLY * spread) & ~covered & ~_near_edge(flat), strokes)
        if other is not None and (found is None or _fullness(other) > _fullness(found)):
            found = other
    if found is None:
        raise PictureError("No stone is told from the ground: lay it on a ground of another colour.")
    return found


def _fullness(mask: NDArray[np.bool_]) -> float:
    """The share of its convex hull that one piece fills."""
    lines, _ = cv2.findContours(mask.astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    line = max(lines, key=cv2.contourArea)
    return cv2.contourArea(line) / max(cv2.contourArea(cv2.convexHull(line)), 1.0)


def _cut(
    flat: Flat, shown: Pixels, likely: NDArray[np.bool_], covered: NDArray[np.bool_], strokes: Sequence[Stroke]
) -> NDArray[np.bool_] | None:
    """The stone by GrabCut, None where nothing as large as one is left."""
    mask = np.full(likely.shape, cv2.GC_PR_BGD, dtype=np.uint8)
    mask[likely] = cv2.GC_PR_FGD
    mask[_near_edge(flat) | covered] = cv2.GC_BGD
    for stroke in strokes:
        line = np.rint(flat.pixels_of(stroke.points) * 16).astype(np.int32)
        value = cv2.GC_FGD if stroke.stone else cv2.GC_BGD
        cv2.polylines(mask, [line], False, int(value), max(2, round(3 * flat.per_mm)), shift=4)
    if not ((mask == cv2.GC_PR_FGD) | (mask == cv2.GC_FGD)).any():
        return None
    shown[covered] = np.median(shown[flat.seen & ~covered], axis=0)
    cv2.setRNGSeed(1)
    cv2.grabCut(shown, mask, (0, 0, 1, 1), np.zeros((1, 65)), np.zeros((1, 65)), ROUNDS, cv2.GC_INIT_WITH_MASK)
    return _one_piece(flat, (mask == cv2.GC_PR_FGD) | (mask == cv2.GC_FGD), strokes)


def covered_by(flat: Flat, card: Array) -> NDArray[np.bool_]:
    """Where the card lies, and a little round it."""
    middle = card.mean(axis=0)
    wider = middle + (card - middle) * (1 + 5 / np.linalg.norm(card - middle, axis=1, keepdims=True))
    mask = np.zeros(flat.seen.shape, dtype=np.uint8)
    cv2.fillPoly(mask, [np.rint(flat.pixels_of(wider)).astype(np.int32)], 1)
    return np.asarray(mask > 0)


def _near_edge(flat: Flat) -> NDArray[np.bool_]:
    edged = np.pad(flat.seen.astype(np.uint8), 1)
    return np.asarray(cv2.distanceTransform(edged, cv2.DIST_L2, 3)[1:-1, 1:-1] < EDGE * flat.per_mm)


def _even_light(flat: Flat, ground: NDArray[np.bool_]) -> Soft:
    """The picture with the slow changes of light taken out: log light as a quadratic of place, fitted to the ground
    again and again without what does not follow it. Values about 0.5 on the ground, shape (high, wide, 3)."""
    light = flat.log
    high, wide = ground.shape
    rows, columns = np.nonzero(ground)
    step = max(1, len(rows) // 20_000)
    rows, columns = rows[::step], columns[::step]
    seen = light[rows, columns].mean(axis=1)
    terms = _quadratic(columns / wide - 0.5, rows / high - 0.5)
    weight = np.ones(len(seen))
    for _ in range(8):
        fit = np.linalg.lstsq(terms * weight[:, None], seen * weight, rcond=None)[0]
        off = seen - terms @ fit
        spread = 1.48 * float(np.median(np.abs(off))) + 1e-3
        weight = 1 / (1 + (off / (1.5 * spread)) ** 2)
    v, u = np.mgrid[0:high, 0:wide].astype(np.float32)
    slow = (_quadratic((u / wide - 0.5).ravel(), (v / high - 0.5).ravel()) @ fit).reshape(high, wide, 1)
    return np.asarray(0.5 * np.exp(np.clip(light - slow, -4, 0.69)), dtype=np.float32)


def _quadratic(x: Array, y: Array) -> Array:
    return np.stack((np.ones_like(x), x, y, x * x, x * y, y * y), axis=1)


def _oddness(even: Soft, ground: NDArray[np.bool_], per_mm: float) -> Soft:
    """How many deviations a place lies from what the ground is like: in colour, and in light beyond what a shadow can
    do, each over about 2 mm."""
    soft = cv2.GaussianBlur(np.log(np.maximum(even, 0.01)), (0, 0), max(1.0 * per_mm, 0.8))
    light = soft.mean(axis=2)
    tone = np.stack((soft[..., 0] - light, soft[..., 2] - light), axis=-1)
    off = np.zeros(light.shape, dtype=np.float32)
    for k in range(2):
        middle, spread = _robust(tone[..., k][ground])
        off += ((tone[..., k] - middle) / max(spread, 0.012)) ** 2
    middle, spread = _robust(light[ground])
    away = light - middle
    shade = np.where(away < 0, np.where(away > np.log(DARKEST_SHADOW) / 2.2, 0.45, 1.0), 1.0)
    off += (away * shade / max(spread, 0.04)) ** 2
    rough = _roughness(even, per_mm)
    middle, spread = _robust(rough[ground])
    off += ((rough - middle) / max(2 * spread, 0.3)) ** 2
    return np.asarray(np.sqrt(off), dtype=np.float32)


def _roughness(even: Soft, per_mm: float) -> Soft:
    """Logarithm of how much the light varies within some millimetres."""
    light = np.log(np.maximum(even, 0.01)).mean(axis=2)
    fine = light - cv2.GaussianBlur(light, (0, 0), 1.5 * per_mm)
    return np.asarray(0.5 * np.log(cv2.GaussianBlur(fine * fine, (0, 0), 3 * per_mm) + 1e-5), dtype=np.float32)


def _robust(values: Soft) -> tuple[float, float]:
    middle = float(np.median(values))
    return middle, 1.48 * float(np.median(np.abs(values - middle)))


def _one_piece(flat: Flat, stone: NDArray[np.bool_], strokes: Sequence[Stroke]) -> NDArray[np.bool_] | None:
    """The one piece that is the stone: with the strokes in it, else the largest; without holes and threads."""
    size = max(3, round(2.0 * flat.per_mm)) | 1
    kernel = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (size, size))
    opened = cv2.morphologyEx(stone.astype(np.uint8), cv2.MORPH_OPEN, kernel)
    opened = cv2.morphologyEx(opened, cv2.MORPH_CLOSE, kernel)
    _, of, stats, _ = cv2.connectedComponentsWithStats(opened)
    areas = stats[:, cv2.CC_STAT_AREA].astype(float)
    areas[0] = 0.0
    for stroke in strokes:
        if stroke.stone:
            at = np.rint(flat.pixels_of(stroke.points)).astype(int)
            x, y = np.clip(at[:, 0], 0, of.shape[1] - 1), np.clip(at[:, 1], 0, of.shape[0] - 1)
            areas[np.setdiff1d(of[y, x], [0])] += of.size
    best = int(np.argmax(areas))
    if areas[best] < (LEAST_ACROSS * flat.per_mm) ** 2:
        return None
    lines, _ = cv2.findContours((of == best).astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    whole = np.zeros(stone.shape, dtype=np.uint8)
    cv2.drawContours(whole, [max(lines, key=cv2.contourArea)], -1, 1, cv2.FILLED)
    return np.asarray(whole > 0)
