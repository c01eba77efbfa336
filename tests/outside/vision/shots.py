"""Photographs of the simulated camera, made once for all tests of a process."""

from functools import cache

import cv2
import numpy as np

from fernring.core.practice.sheet import PracticeSheet, Practised
from fernring.standins.camera.hand import Hand
from fernring.standins.camera.sheets import SheetShot, sheet_shot
from fernring.standins.camera.stones import Shot, stone_shot
from fernring.vision.intake import Picture, picture
from tests.outside.vision.pictures import encoded

SMALL, MIDDLE = (1600, 1200), (2800, 2100)
STEADY = Hand((0.1, -0.05), 0.2, 0.05, 0.03, 0.92, 0.0, 0.0)
SHEET = PracticeSheet(
    number=1203,
    tools=(
        Practised(tool="ball-15", name="Ball 1.5", dot=2.1),
        Practised(tool="rod-6", name="Rod 6", dot=6.8),
    ),
    day="2026-11-27",
)


@cache
def stone(seed: int, tilt: float = 6.0) -> Shot:
    return stone_shot(seed, tilt, SMALL)


@cache
def sheet() -> SheetShot:
    return sheet_shot(SHEET, 7, STEADY, MIDDLE)


def taken(jpeg: bytes) -> Picture:
    return picture(jpeg)


def changed(jpeg: bytes, how: object) -> bytes:
    """A photograph after something was done to its pixels."""
    pixels = picture(jpeg).pixels.copy()
    return encoded(np.asarray(how(pixels)), "JPEG", quality=92)  # type: ignore[operator]


def blurred(pixels: np.ndarray) -> np.ndarray:
    return np.asarray(cv2.GaussianBlur(pixels, (0, 0), 14))
