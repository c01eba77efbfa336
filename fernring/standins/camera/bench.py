"""Puts a picture together: the ground, papers that lie on it, a stone with its shadow, and the light over all."""

from dataclasses import dataclass

import cv2
import numpy as np

from .body import Body
from .grounds import ground
from .lens import Array, Camera, Map, axes
from .light import Lamp, uneven
from .noise import Seeded, cloud, laid

FINE = 16  # parts of a pixel that outlines are drawn to
TWICE = 2


@dataclass(frozen=True, eq=False)
class Paper:
    """A printed or painted paper: `light` it throws back, shape (high, wide, 3), `per_mm` pixels; where its top left
    corner lies on the table, and how it is turned."""

    light: Map
    per_mm: float
    corner: tuple[float, float]
    turned_deg: float

    def on_table(self, points: Array) -> Array:
        """Points of the paper (mm from its top left) as points of the table."""
        return np.asarray(points @ axes(self.turned_deg) + np.array(self.corner))


def table(camera: Camera, kind: str, seeded: Seeded) -> tuple[Map, Map, Map]:
    """What the ground throws back in the whole picture, and the places that are seen (x and y)."""
    whole = (slice(0, camera.size[1]), slice(0, camera.size[0]))
    x, y, _, _ = camera.places(whole)
    return ground(kind, seeded, x, y), x, y


def lay(light: Map, x: Map, y: Map, paper: Paper) -> None:
    """A paper on the ground."""
    turn = np.radians(paper.turned_deg)
    cos, sin = np.float32(np.cos(turn)), np.float32(np.sin(turn))
    dx, dy = x - np.float32(paper.corner[0]), y - np.float32(paper.corner[1])
    u, v = (cos * dx + sin * dy) * paper.per_mm - 0.5, (cos * dy - sin * dx) * paper.per_mm - 0.5
    high, wide = paper.light.shape[:2]
    inside = np.clip(np.minimum(np.minimum(u, wide - 1 - u), np.minimum(v, high - 1 - v)) + 0.5, 0, 1)
    rows, columns = np.nonzero(inside.any(axis=1))[0], np.nonzero(inside.any(axis=0))[0]
    if len(rows) == 0:
        return
    part = (slice(rows[0], rows[-1] + 1), slice(columns[0], columns[-1] + 1))
    shown = cv2.remap(paper.light, u[part], v[part], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    cover = inside[part][..., None]
    light[part] = (1 - cover) * light[part] + cover * shown


def shade(light: Map, camera: Camera, lamp: Lamp, body: Body | None, blot: Array | None = None) -> None:
    """Everything on the ground as it is lit: less where the stone, or something out of the picture, is in the way."""
    lit = np.ones((camera.size[1], camera.size[0]), dtype=np.float32)
    per_mm = camera.focal / float(np.linalg.norm(camera.eye))
    if body is not None:
        fallen = np.zeros(lit.shape, dtype=np.uint8)
        for height, share in body.levels()[::3]:
            _filled(fallen, camera.seen(body.ring(share) + height * lamp.throw), 255)
        wide = lamp.soft * (body.widest + body.dome / 2) * per_mm
        lit -= cv2.GaussianBlur(fallen, (0, 0), max(wide, 0.8)).astype(np.float32) / 255
        near = np.zeros(lit.shape, dtype=np.uint8)
        _filled(near, camera.seen(body.ring(1.0)), 255)
        room = 1 - 0.45 * cv2.GaussianBlur(near, (0, 0), 0.35 * body.widest * per_mm).astype(np.float32) / 255
    else:
        room = np.ones(lit.shape, dtype=np.float32)
    if blot is not None:
        fallen = np.zeros(lit.shape, dtype=np.uint8)
        _filled(fallen, camera.seen(blot), 255)
        lit = np.minimum(lit, 1 - 0.9 * cv2.GaussianBlur(fallen, (0, 0), 5 * per_mm).astype(np.float32) / 255)
    warm, cool = np.array([1.03, 1.0, 0.96], dtype=np.float32), np.array([0.95, 1.0, 1.08], dtype=np.float32)
    for k in range(3):
        light[..., k] *= (1 - lamp.room) * warm[k] * np.clip(lit, 0, 1) + lamp.room * cool[k] * room


def stand(light: Map, camera: Camera, lamp: Lamp, body: Body, kind: str, tint: Array, seeded: Seeded) -> None:
    """The stone itself, painted from the table up, so that what is above hides what is below it."""
    rings = [(height, camera.seen(body.ring(share), height)) for height, share in body.levels()]
    every = np.concatenate([ring for _, ring in rings])
    left, top = np.floor(every.min(axis=0)).astype(int) - 4
    right, low = np.ceil(every.max(axis=0)).astype(int) + 5
    left, top = max(left, 0), max(top, 0)
    right, low = min(right, camera.size[0]), min(low, camera.size[1])
    part = (slice(top, low), slice(left, right))
    shape = (low - top, right - left)
    level = np.zeros(shape, dtype=np.float32)
    cover = np.zeros((TWICE * shape[0], TWICE * shape[1]), dtype=np.uint8)
    for height, ring in rings:
        _filled(level, ring - (left, top), height)
        _filled(cover, TWICE * (ring - (left, top)) + (TWICE - 1) / 2, 255)
    alpha = cv2.resize(cover, shape[::-1], interpolation=cv2.INTER_AREA).astype(np.float32)[..., None] / 255
    whole = (level > 0).astype(np.float32)
    level = cv2.GaussianBlur(level, (0, 0), 3) / np.maximum(cv2.GaussianBlur(whole, (0, 0), 3), 0.05)
    x, y, dx, dy = camera.places(part)
    x, y = x + dx * level, y + dy * level
    rough = laid(cloud(seeded, 40, 3), x + 0.7 * level, y + 0.4 * level, 6.0)
    nx, ny, nz = body.normal(x, y, level)
    to = lamp.towards.astype(np.float32)
    facing = np.clip(nx * to[0] + ny * to[1] + nz * to[2] + 0.05 * rough, 0, 1)
    lit = (1 - lamp.room) * facing / to[2] + lamp.room * (0.55 + 0.45 * np.clip(nz, -1, 1))
    painted = _stuff(kind, tint, seeded, x + 0.3 * level, y + 0.2 * level) * lit[..., None]
    light[part] = (1 - alpha) * light[part] + alpha * painted


def _stuff(kind: str, tint: Array, seeded: Seeded, x: Map, y: Map) -> Map:
    """What a stone throws back."""
    tone = 1 + 0.06 * laid(cloud(seeded, 12, 5), x, y, 5.0)
    base = tint.astype(np.float32) * tone[..., None]
    if kind == "speckled":
        spots = laid(cloud(seeded, 120, 2), x, y, 6.0)
        base = np.where((spots > 1.1)[..., None], base * 0.35, np.where((spots < -1.3)[..., None], base * 1.8, base))
    if kind == "banded":
        across = x * np.float32(0.8) + y * np.float32(0.6) + 3 * laid(cloud(seeded, 6, 3), x, y, 3.0)
        band = np.sin(across * np.float32(0.35)) + 0.4 * np.sin(across * np.float32(0.9))
        base = base * (1 + 0.45 * (band > 0.6))[..., None]
    return np.asarray(np.clip(base, 0.01, 1), dtype=np.float32)


def all_lit(light: Map, lamp: Lamp, seeded: Seeded) -> Map:
    """The light that reaches the lens, so bright that the brightest paper is just not lost."""
    size = (light.shape[1], light.shape[0])
    light = light * uneven(lamp, size)[..., None]
    bright = float(seeded.uniform(0.75, 0.95) / np.percentile(light[::8, ::8], 99))
    return np.asarray(light * np.float32(bright), dtype=np.float32)


def _filled(image: np.ndarray, points: Array, value: float) -> None:
    cv2.fillPoly(image, [np.rint(points * FINE).astype(np.int32)], value, shift=4)
