"""One lamp and a bright room: how a picture is lit, and what a sensor makes of that light."""

import io
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from ...core.colour import srgb
from .lens import Array, Camera, Map
from .noise import Seeded

Pixels = NDArray[np.uint8]


@dataclass(frozen=True, eq=False)
class Lamp:
    """`towards` (3,) points from the table to the lamp, up positive; `room` is the share of light that comes from all
    sides, `soft` how many mm a shadow's edge is wide for each mm of height above it; `slope` (2,) how the light changes
    across the picture."""

    towards: Array
    room: float
    soft: float
    slope: Array

    @property
    def throw(self) -> Array:
        """Where a shadow falls for each millimetre of height."""
        return np.asarray(-self.towards[:2] / self.towards[2])


def lamp(seeded: Seeded, least: float = 40.0) -> Lamp:
    """From any side, at least so steep (degrees)."""
    round_, up = seeded.uniform(0, 2 * np.pi), np.radians(seeded.uniform(least, 78))
    towards = np.array([np.cos(up) * np.cos(round_), np.cos(up) * np.sin(round_), np.sin(up)])
    return Lamp(towards, float(seeded.uniform(0.3, 0.65)), float(seeded.uniform(0.03, 0.25)), seeded.normal(0, 0.15, 2))


def uneven(lamp: Lamp, size: tuple[int, int]) -> Map:
    """How bright the light is over the picture, darker towards its corners too."""
    wide, high = size
    u = np.linspace(-1, 1, wide, dtype=np.float32)[None]
    v = np.linspace(-1, 1, high, dtype=np.float32)[:, None] * high / wide
    slope = lamp.slope.astype(np.float32)
    return np.asarray((1 + slope[0] * u + slope[1] * v) * (1 - 0.10 * (u * u + v * v)), dtype=np.float32)


def developed(light: Map, camera: Camera, seeded: Seeded, tells: bool) -> bytes:
    """A JPEG of linear light, shape (height, width, 3): blurred by the lens, with the noise of a sensor."""
    light = np.asarray(cv2.GaussianBlur(light, (0, 0), float(seeded.uniform(0.6, 1.1))), dtype=np.float32)
    light *= (1 + seeded.normal(0, 0.04, 3)).astype(np.float32)
    noise = np.random.Generator(np.random.SFC64(int(seeded.integers(2**31)))).standard_normal(
        light.shape, dtype=np.float32
    )
    light += noise * np.float32(0.006) * np.sqrt(np.maximum(light, 0.01))
    coded = _coded()[np.clip(light * 4095, 0, 4095).astype(np.uint16)]
    exif = Image.Exif()
    if tells:
        exif.get_ifd(0x8769)[0xA405] = round(camera.film)
    out = io.BytesIO()
    Image.fromarray(coded).save(out, "JPEG", quality=int(seeded.integers(80, 94)), exif=exif)
    return out.getvalue()


def _coded() -> Pixels:
    """What a byte of the picture is for each of 4096 steps of light."""
    return np.rint(255 * srgb.coded(np.linspace(0, 1, 4096))).astype(np.uint8)
