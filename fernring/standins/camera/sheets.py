"""Photographs of practice sheets that a made-up hand has painted."""

from dataclasses import dataclass

import cv2
import numpy as np

from ...core.colour import srgb
from ...core.marks import SHEET
from ...core.practice.sheet import PracticeSheet, blocks
from ...formats.sheets.practice import practice_sheet
from .bench import Paper, all_lit, lay, shade, table
from .hand import Hand, Painted, a_hand, painted
from .lens import FILM, Array, Camera, Map, axes, looking_at
from .light import Lamp, developed, lamp
from .noise import Seeded
from .stones import MEGA, printed

PER_MM = 16.0
GROUNDS = ("wood", "cloth", "granite")
PAINTS = ("#1f4e8c", "#a3262f", "#2f6b3c", "#e2a01f", "#5b2a7a", "#17202a", "#c75a1e", "#1e7f86")
THICK = 0.28  # height of a dot, as a share of its diameter
SHADOW = 0.6  # length of its shadow, of its height, at the most


@dataclass(frozen=True, eq=False)
class SheetShot:
    """A photograph of a sheet, and what is painted on it: `true` with the diameters that its areas have."""

    jpeg: bytes
    camera: Camera
    hand: Hand
    true: list[Painted]
    paint: str


def sheet_shot(sheet: PracticeSheet, seed: int, hand: Hand | None = None, size: tuple[int, int] = MEGA) -> SheetShot:
    """Everything about it follows from the seed, and the hand where it is given."""
    seeded = np.random.default_rng(seed)
    hand = hand or a_hand(seeded)
    targets = blocks(sheet)
    paint = PAINTS[int(seeded.integers(len(PAINTS)))]
    light = printed(practice_sheet(sheet), PER_MM).copy()
    sun = lamp(seeded, 45)
    turned = float(seeded.choice([90.0, -90.0])) + float(seeded.normal(0, 2))
    towards = sun.towards[:2] @ axes(turned).T
    true = [_paint(light, one, paint, sun, towards, seeded) for one in painted(targets, hand, seeded)]
    corner = -np.array(SHEET) / 2 @ axes(turned)
    paper = Paper(light, PER_MM, (float(corner[0]), float(corner[1])), turned)
    camera = _camera(seeded, size)
    whole, x, y = table(camera, GROUNDS[int(seeded.integers(len(GROUNDS)))], seeded)
    lay(whole, x, y, paper)
    shade(whole, camera, sun, None)
    jpeg = developed(all_lit(whole, sun, seeded), camera, seeded, bool(seeded.random() < 0.8))
    return SheetShot(jpeg, camera, hand, true, paint)


def _camera(seeded: Seeded, size: tuple[int, int]) -> Camera:
    tilt = float(seeded.uniform(0, 12))
    aim = seeded.normal(0, 3, 2)
    turn, eye = looking_at(
        (float(aim[0]), float(aim[1])), float(seeded.uniform(300, 330)), tilt, float(seeded.uniform(0, 360)),
        float(seeded.normal(0, 2)),
    )  # fmt: skip
    return Camera(size, 26.0 / FILM * max(size), float(seeded.uniform(-0.05, 0.05)), turn, eye)


def _paint(light: Map, one: Painted, paint: str, sun: Lamp, towards: Array, seeded: Seeded) -> Painted:
    """One dot, swipe or smudge with its shadow on the paper; answers it with the diameter of its area."""
    reach = one.diameter * 0.8 + 1.5
    xs, ys = [one.x], [one.y]
    if one.tail is not None:
        xs.append(one.tail[0])
        ys.append(one.tail[1])
    left, top = int((min(xs) - reach) * PER_MM), int((min(ys) - reach) * PER_MM)
    right, low = int((max(xs) + reach) * PER_MM), int((max(ys) + reach) * PER_MM)
    left, top = max(left, 0), max(top, 0)
    part = light[top:low, left:right]
    v, u = np.mgrid[0 : part.shape[0], 0 : part.shape[1]].astype(np.float32)
    x, y = (u + 0.5 + left) / PER_MM, (v + 0.5 + top) / PER_MM
    inside = _inside(one, x, y, seeded)  # mm, positive inside
    cover = np.clip(inside * PER_MM + 0.5, 0, 1)
    height = THICK * one.diameter
    cast = np.zeros_like(cover)
    most = SHADOW * height * min(1.0, float(np.hypot(*towards)) / max(float(sun.towards[2]), 0.3))
    way = -towards / max(float(np.hypot(*towards)), 1e-6)
    for share in np.linspace(0, 1, 9):
        move = np.array([[1, 0, way[0] * share * most * PER_MM], [0, 1, way[1] * share * most * PER_MM]])
        cast = np.maximum(cast, cv2.warpAffine(cover, move.astype(np.float32), cover.shape[::-1]))
    cast = cv2.GaussianBlur(cast, (0, 0), max(0.08 * height * PER_MM, 0.7))
    part *= (1 - (1 - sun.room) * 0.9 * cast)[..., None]
    tint = srgb.linear(srgb.from_hex([paint]))[0].astype(np.float32) * (0.6 if one.smudged else 1.0) + 0.002
    dome = np.clip(inside / max(one.diameter / 2, 0.1), 0, 1)
    slope = (1 - dome) ** 2
    facing = 1 + 0.25 * slope * _slant(one, x, y, towards)
    shine_x, shine_y = (at + 0.18 * one.diameter * to for at, to in zip((one.x, one.y), towards, strict=True))
    far = ((x - shine_x) ** 2 + (y - shine_y) ** 2) / (0.09 * one.diameter) ** 2
    shine = 0.5 * np.exp(-far)
    alpha = (cover * (0.55 if one.smudged else 1.0))[..., None]
    part[...] = (1 - alpha) * part + alpha * (tint * facing[..., None] + (0 if one.smudged else shine[..., None]))
    area = float(cover.sum()) / PER_MM**2
    diameter = one.diameter if one.tail is not None else 2 * float(np.sqrt(area / np.pi))
    return Painted(one.x, one.y, diameter, one.block, one.target, one.tail, one.smudged)


def _inside(one: Painted, x: Map, y: Map, seeded: Seeded) -> Map:
    """How far inside its edge each place lies (mm)."""
    radius = one.diameter / 2
    dx, dy = x - one.x, y - one.y
    if one.tail is not None:
        way = np.array(one.tail) - (one.x, one.y)
        long = float(np.hypot(*way))
        along = np.clip((dx * way[0] + dy * way[1]) / long**2, 0, 1)
        far = np.hypot(dx - along * way[0], dy - along * way[1])
        return np.asarray(radius * (1 - 0.85 * along**0.7) - far)
    turn = np.arctan2(dy, dx)
    wobble = sum(
        float(seeded.normal(0, (0.25 if one.smudged else 0.018) / k)) * np.cos(k * turn + float(seeded.uniform(0, 6.3)))
        for k in (2, 3, 4)
    )
    return np.asarray(radius * (1 + wobble) - np.hypot(dx, dy))


def _slant(one: Painted, x: Map, y: Map, towards: Array) -> Map:
    dx, dy = x - one.x, y - one.y
    return np.asarray((dx * towards[0] + dy * towards[1]) / np.maximum(np.hypot(dx, dy), 1e-3))
