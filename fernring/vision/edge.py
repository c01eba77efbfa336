"""The edge of a stone, found between its inside and the ground: a closed line of least cost.

A shadow's edge is soft and leaves the ground its tone; a stone's edge is sharp. Both tell them apart: the cost of a
place falls with the change of light across it within a fraction of a millimetre, and rises with what looks like ground
inside or like stone outside, where ground may be as dark as a shadow makes it. The line itself is found by scikit-image
(Dijkstra's algorithm on a grid).
"""

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter, gaussian_filter1d, maximum_filter1d, minimum_filter1d

from .flat import Flat, log_light
from .intake import Pixels
from .view import Array, View

TURNS = 720
Grey = Array
BINS = 24
SHADOWS = 6  # depths of shadow that ground is looked for in
DEEPEST = 1.75  # of them, in natural logarithms of light
LENGTH = 0.6  # cost of a step, so that a line does not wander
SHARP, SHARPEST = 6.0, (0.10, 0.45)
TEXTURE = 1.0
NEAR, CLOSE = 3.0, 1.2  # mm that an edge is looked for on both sides
FINEST = 0.05  # mm
ALONG = 1.5  # mm that light is compared over along an edge
REGION = 0.08
COLOURS = 4.0  # times that, in the second opinion
TOLD = 2.5  # the most that one place tells, in natural logarithms of likelihood


def first_line(flat: Flat, rough: NDArray[np.bool_], card: NDArray[np.bool_]) -> tuple[Array, Array]:
    """The edge (TURNS, 2) as pixels of the flattened picture, looked for about the middle of a rough mask; and the same
    where it would be with more weight on colours than on sharpness: where the two are apart, there is doubt."""
    middle = _middle(rough)
    turn = np.arange(TURNS) * 2 * np.pi / TURNS
    way = np.stack((np.sin(turn), -np.cos(turn)), axis=1)
    far = _reach(rough, middle, way)
    steps = np.arange(0.0, float(far.max()) + 3 * flat.per_mm, 1.0)
    stone = _stone_like(flat.log, rough, flat.seen & ~card, flat.per_mm)
    lines = along(flat.log, middle, way, steps)
    told = along(stone, middle, way, steps)
    sharp = _sharpness(lines, max(1, round(0.35 * flat.per_mm)), 2)
    inside = np.cumsum(told, axis=1) / flat.per_mm
    cost = -1.6 * sharp
    around = TURNS // 12
    most, least = maximum_filter1d(far, around, mode="wrap"), minimum_filter1d(far, around, mode="wrap")
    cost[(steps > most[:, None] + 2 * flat.per_mm) | (steps < 0.45 * least[:, None])] = np.inf
    best, other = (closed_line(cost - weight * inside) for weight in (REGION, COLOURS * REGION))
    return np.asarray(middle + way * steps[best][:, None]), np.asarray(middle + way * steps[other][:, None])


def second_line(flat: Flat, line: Array, card: NDArray[np.bool_]) -> Array:
    """The edge again, near a line that is about right: across it, so that its light is compared along its length."""
    base, way = _evened(line, flat.per_mm)
    steps = np.arange(-NEAR, NEAR + 0.01, 0.25) * flat.per_mm
    mask = np.zeros(flat.seen.shape, dtype=np.uint8)
    cv2.fillPoly(mask, [np.rint(line * 16).astype(np.int32)], 1, shift=4)
    stone = _stone_like(flat.log, mask > 0, flat.seen & ~card, flat.per_mm)
    lines, told = along(flat.log, base, way, steps), along(stone, base, way, steps)
    apart = float(np.linalg.norm(np.diff(base, axis=0), axis=1).mean()) / flat.per_mm
    sharp = _sharpness(lines, 2, ALONG / apart)
    inside = np.cumsum(told, axis=1) * 0.25
    best = closed_line(-1.6 * sharp - REGION * inside)
    return np.asarray(base + way * steps[best][:, None])


def fine_line(pixels: Pixels, view: View, height: float, line: Array) -> tuple[Array, Array]:
    """The edge to a part of a pixel, looked for in the whole picture near a line (n, 2) of places in mm: the places
    again, and at each how much the light changes there, as a share of what is usual."""
    base, way = _evened(line, 1.0)
    steps = np.arange(-CLOSE, CLOSE + 0.01, FINEST)
    places = base[:, None] + way[:, None] * steps[None, :, None]
    seen = view.seen(places.reshape(-1, 2), height).astype(np.float32).reshape(*places.shape)
    shown = cv2.remap(pixels, seen[..., 0], seen[..., 1], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    lines = log_light(np.asarray(shown, dtype=np.uint8))
    apart = float(np.linalg.norm(np.diff(base, axis=0), axis=1).mean())
    sharp = _sharpness(lines, round(0.3 / FINEST), 0.8 / apart)
    best = closed_line(-3.0 * sharp)
    found = steps[np.clip(best, 1, len(steps) - 2)] + FINEST * vertex(sharp, best)
    return np.asarray(base + way * found[:, None]), sharp[np.arange(len(best)), best]


def vertex(values: Grey, at: NDArray[np.intp]) -> Array:
    """Where between steps a parabola through the three about each place has its top."""
    lines, at = np.arange(len(at)), np.clip(at, 1, values.shape[1] - 2)
    before, here, after = (values[lines, at + k].astype(float) for k in (-1, 0, 1))
    bow = before - 2 * here + after
    return np.clip(np.where(bow < -1e-6, (before - after) / np.minimum(2 * bow, -2e-6), 0.0), -0.5, 0.5)


def _evened(line: Array, per_mm: float) -> tuple[Array, Array]:
    """A closed line smoothed over about 2 mm, evenly spaced, with the way out at each of its points."""
    long = np.linalg.norm(np.diff(line, axis=0, append=line[:1]), axis=1)
    at = np.concatenate(([0.0], np.cumsum(long)))
    even = np.linspace(0, at[-1], TURNS, endpoint=False)
    whole = closed(line)
    smooth = np.stack([np.interp(even, at, whole[:, k]) for k in range(2)], axis=1)
    spread = 2.5 * per_mm * TURNS / at[-1]
    smooth = gaussian_filter1d(smooth, spread, axis=0, mode="wrap")
    ahead = np.roll(smooth, -3, axis=0) - np.roll(smooth, 3, axis=0)
    ahead /= np.linalg.norm(ahead, axis=1, keepdims=True)
    return np.asarray(smooth), np.stack((ahead[:, 1], -ahead[:, 0]), axis=1)


def along(image: Grey, start: Array, way: Array, steps: Array) -> Grey:
    """What an image shows on straight lines, shape (lines, steps[, channels])."""
    places = start.reshape(-1, 1, 2) + way[:, None] * steps[None, :, None]
    u, v = places[..., 0].astype(np.float32), places[..., 1].astype(np.float32)
    return np.asarray(cv2.remap(image, u, v, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE), dtype=np.float32)


def closed_line(cost: Grey) -> NDArray[np.intp]:
    """For each of the lines of a closed round (n, m) the step at which the line of least cost crosses it."""
    from skimage.graph import MCP_Geometric

    n = len(cost)
    finite = np.isfinite(cost)
    low = np.where(finite, cost, np.inf).min(axis=1, keepdims=True)
    spent = np.where(finite, cost - low, np.inf)
    spent = np.where(finite, spent + LENGTH, -1.0)  # what is below zero is closed to the line
    lap = n // 4
    round_ = np.concatenate((spent[-lap:], spent, spent[:lap]))
    grid = MCP_Geometric(round_, fully_connected=True)
    starts = [(0, int(k)) for k in np.nonzero(finite[-lap])[0]]
    costs, _ = grid.find_costs(starts)
    end = (len(round_) - 1, int(np.argmin(np.where(finite[lap - 1], costs[-1], np.inf))))
    found = np.zeros(len(round_), dtype=np.intp)
    for line, step in grid.traceback(end):
        found[line] = step
    return found[lap : lap + n]


def closed(line: Array) -> Array:
    """A line whose last point is its first."""
    return np.concatenate((line, line[:1]))


def _sharpness(lines: Grey, wide: int, tangent: float) -> Grey:
    """How much light changes across each place within `wide` steps on both sides, as a share of what is usual."""
    smooth = cv2.GaussianBlur(lines, (1, 0), sigmaX=0.01, sigmaY=tangent) if tangent else lines
    whole = np.cumsum(np.pad(smooth, ((0, 0), (1, 0), (0, 0))), axis=1)
    mean = (whole[:, wide:] - whole[:, :-wide]) / wide
    change = np.abs(mean[:, wide:] - mean[:, :-wide]).max(axis=2)
    full = np.pad(change, ((0, 0), (wide, lines.shape[1] - change.shape[1] - wide)))
    usual = float(np.clip(SHARP * np.median(change), *SHARPEST))
    return np.asarray(full / (full + usual) * 1.5, dtype=np.float32)


def _stone_like(log: Grey, rough: NDArray[np.bool_], ground: NDArray[np.bool_], per_mm: float) -> Grey:
    """Log likelihood of stone against ground at each place, by light and tone over about a millimetre."""
    soft = cv2.GaussianBlur(log, (0, 0), max(0.5 * per_mm, 0.6))
    light = soft.mean(axis=2)
    feature = np.stack((light, (soft[..., 0] - light) * 4, (soft[..., 2] - light) * 4), axis=-1)
    away = cv2.distanceTransform(rough.astype(np.uint8), cv2.DIST_L2, 3)
    core = away > 0.45 * away.max()
    clear = ground & (cv2.distanceTransform((~rough).astype(np.uint8), cv2.DIST_L2, 3) > 2 * per_mm)
    inner, outer = _some(feature[core]), _some(feature[clear])
    middle = np.median(outer, axis=0)
    depth = np.linspace(0, DEEPEST, SHADOWS)
    weight = np.where(depth == 0, 0.5, 0.5 / (SHADOWS - 1))
    dark = [outer - (step, 0.0, 0.0) for step in depth]
    edges = [np.linspace(-2.6 + m, 1.6 + m, BINS + 1) if k == 0 else np.linspace(m - 1.2, m + 1.2, BINS + 1)
             for k, m in enumerate(middle)]  # fmt: skip
    stone = _histogram(inner, edges)
    plain = sum((w * _histogram(part, edges) for w, part in zip(weight, dark, strict=True)), np.zeros_like(stone))
    told = np.log((stone + 1e-4) / (plain + 1e-4))
    bins = [_bin(feature[..., k], edges[k]) for k in range(3)]
    found = told[bins[0], bins[1], bins[2]]
    rough_log = _roughness(log, per_mm)
    both = np.concatenate((_some(rough_log[core]), _some(rough_log[clear])))
    span = np.linspace(float(np.quantile(both, 0.01)), float(np.quantile(both, 0.99)), 25)
    shares = [_histogram(_some(rough_log[where])[:, None], [span]) for where in (core, clear)]
    by_texture = np.log((shares[0] + 0.004) / (shares[1] + 0.004))
    found += TEXTURE * by_texture[_bin(rough_log, span)]
    return np.asarray(np.clip(found, -TOLD, TOLD), dtype=np.float32)


def _bin(values: Grey, edges: Array) -> NDArray[np.intp]:
    """Which of the even bins between these edges a value lies in, the outer ones for what lies beyond."""
    step = (edges[-1] - edges[0]) / (len(edges) - 1)
    return np.asarray(np.clip(((values - edges[0]) / step).astype(np.intp), 0, len(edges) - 2))


def _roughness(log: Grey, per_mm: float) -> Grey:
    """Logarithm of how much the light varies within a millimetre or two: the least about each place, so that an edge
    alone does not make what lies beside it rough."""
    light = log.mean(axis=2)
    fine = light - cv2.GaussianBlur(light, (0, 0), 0.9 * per_mm)
    power = np.sqrt(cv2.GaussianBlur(fine * fine, (0, 0), 0.7 * per_mm))
    kernel = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (round(2.6 * per_mm) | 1,) * 2)
    return np.asarray(np.log(cv2.erode(power, kernel) + 0.003), dtype=np.float32)


def _histogram(values: Grey, edges: list[Array]) -> Array:
    """Share of the values in each bin, smoothed."""
    inside = [np.clip(values[:, k], edge[0] + 1e-6, edge[-1] - 1e-6) for k, edge in enumerate(edges)]
    counts, _ = np.histogramdd(np.stack(inside, axis=1), edges)
    return np.asarray(gaussian_filter(counts / len(values), 0.8))


def _some(values: Grey) -> Grey:
    return values[:: max(1, len(values) // 20_000)]


def _middle(mask: NDArray[np.bool_]) -> Array:
    """The middle of all places of a mask."""
    rows, columns = np.nonzero(mask)
    return np.array([columns.mean(), rows.mean()])


def _reach(mask: NDArray[np.bool_], middle: Array, way: Array) -> Array:
    """How far a mask reaches in each direction."""
    most = int(np.hypot(*mask.shape))
    steps = np.arange(0.0, most)
    seen = along(mask.astype(np.float32), middle, way, steps) > 0.5
    return np.asarray((seen * steps).max(axis=1))
