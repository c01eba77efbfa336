"""Pictures made for the tests."""

import base64
import io
from typing import Any

import numpy as np
from PIL import Image

from fernring.core.colour import srgb


def encoded(pixels: np.ndarray, kind: str = "PNG", **more: Any) -> bytes:
    out = io.BytesIO()
    Image.fromarray(pixels.astype(np.uint8)).save(out, kind, **more)
    return out.getvalue()


def halves(left: tuple[int, int, int], right: tuple[int, int, int], wide: int = 400, high: int = 300) -> np.ndarray:
    """A picture whose left half has one colour, and the right another."""
    pixels = np.empty((high, wide, 3))
    pixels[:, : wide // 2], pixels[:, wide // 2 :] = left, right
    return pixels


def swab(colour: str, lamp: tuple[float, float, float], white: float = 0.89) -> np.ndarray:
    """A swab of this colour beside white paper, both in the light of a lamp (linear, by channel)."""
    own = srgb.linear(srgb.from_hex([colour]))[0] / white
    lit = [srgb.coded(np.array(lamp) * light)[None] * 255 for light in (own, np.ones(3))]
    paint, paper = (tuple(round(float(v)) for v in one[0]) for one in lit)
    return halves(paint, paper)  # type: ignore[arg-type]


# 64 by 48 pixels, left red and right blue, with a focal length of 28 mm and an artist, as HEIC: made once by Pillow
# with pillow-heif 1.8.1, which writes what the product only reads.
HEIC = base64.b64decode(
    b"AAAAHGZ0eXBoZWljAAAAAG1pZjFoZWljbWlhZgAAAb5tZXRhAAAAAAAAACFoZGxyAAAAAAAAAABwaWN0AAAAAAAAAAAAAAAAAAAAADRpbG9j"
    b"AAAAAERAAAIAAQAAAAAB4gABAAAAAAAAAHUAAgAAAAACVwABAAAAAAAAAFYAAAA4aWluZgAAAAAAAgAAABVpbmZlAgAAAAABAABodmMxAAAA"
    b"ABVpbmZlAgAAAQACAABFeGlmAAAAAA5waXRtAAAAAAABAAAA/WlwcnAAAADdaXBjbwAAAHZodmNDAQNwAAAAkAAAAAAAHvAA/P34+AAADwNg"
    b"AAEAGEABDAH//wNwAAADAJAAAAMAAAMAHroCQGEAAQAqQgEBA3AAAAMAkAAAAwAAAwAeoCCBBZbq5Ka5uAhoMCAAAAMDIAAAAwAhYgABAAZE"
    b"AcFzwIkAAAATY29scm5jbHgAAQANAAaAAAAAFGlzcGUAAAAAAAAAQAAAAEAAAAAoY2xhcAAAAEAAAAABAAAAMAAAAAEAAAAAAAAAAv////AA"
    b"AAACAAAAEHBpeGkAAAAAAwgICAAAABhpcG1hAAAAAAAAAAEAAQWBAgMFhAAAABppcmVmAAAAAAAAAA5jZHNjAAIAAQABAAAA021kYXQAAABx"
    b"KAGvCeA5IyS///oxv//4Rp5D9rmFwX/+DxZ9/hX+f/7N71FdlYVsgtsPQ6mbxHb+qb8SpGGzSWTW4/EDMtjaCNjfsw7t4rkGE1dj3C8zmvog"
    b"GAeKPSGx7ziOJD353ujQ/jNraffhP4v8DjLLZPuUdwIAAAAGRXhpZgAATU0AKgAAAAgAAwESAAMAAAABAAYAAAE7AAIAAAAHAAAAModpAAQA"
    b"AAABAAAAOgAAAABub2JvZHkAAAABpAUAAwAAAAEAHAAAAAAAAA=="
)
