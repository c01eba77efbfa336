"""Photographs of made-up stones beside the scale card."""

from dataclasses import dataclass
from functools import cache

import numpy as np

from ...core.colour import srgb
from ...core.marks import CARD
from ...formats.drawing import Drawing
from ...formats.pdf import UNITS, drawing_pdf
from ...formats.sheets.card import card_shapes
from .bench import Paper, all_lit, lay, shade, stand, table
from .body import Body, stone
from .grounds import GROUNDS
from .lens import FILM, Array, Camera, Map, axes, looking_at
from .light import developed, lamp
from .noise import Seeded

MEGA = (4000, 3000)
FILMS = (24.0, 26.0, 28.0)  # focal lengths of small cameras, as of a 35 mm film
STUFFS = ("plain", "speckled", "banded")
TINTS = {
    "grey": (0.30, 0.29, 0.28), "brown": (0.26, 0.17, 0.11), "dark": (0.05, 0.05, 0.055), "pale": (0.50, 0.48, 0.44),
}  # fmt: skip
CARD_MM = 12.0
PRINTED, INK = 0.82, 0.04  # of the light: what white card and black ink throw back (common practice, no source)


@dataclass(frozen=True, eq=False)
class Shot:
    """A photograph, and what is true of it. `tells` is whether it says its focal length."""

    jpeg: bytes
    body: Body
    camera: Camera
    ground: str
    tint: str
    stuff: str
    tilt_deg: float
    tells: bool


def stone_shot(seed: int, tilt_deg: float | None = None, size: tuple[int, int] = MEGA) -> Shot:
    """Everything about it follows from the seed, but for a tilt that is asked for."""
    seeded = np.random.default_rng(seed)
    tilt = float(seeded.uniform(0, 25)) if tilt_deg is None else tilt_deg
    across = float(seeded.uniform(60, 140))
    side, gap, turned = (float(seeded.uniform(*span)) for span in ((0, 360), (12, 35), (-25, 25)))
    body = stone(seeded, (0.0, 0.0), across)
    away = across / 2 + gap + 68
    middle = away * np.array([np.cos(np.radians(side)), np.sin(np.radians(side)) * 0.85])
    paper = Paper(printed_card(), CARD_MM, tuple((middle - np.array(CARD) / 2 @ axes(turned)).tolist()), turned)
    camera = _camera(seeded, middle / 2, tilt, size, 2 * away)
    kind = GROUNDS[int(seeded.integers(len(GROUNDS)))]
    tint = list(TINTS)[int(seeded.integers(len(TINTS)))]
    stuff = STUFFS[int(seeded.integers(len(STUFFS)))]
    tells = bool(seeded.random() < 0.8)
    light, x, y = table(camera, kind, seeded)
    lay(light, x, y, paper)
    sun = lamp(seeded)
    blot = _blot(paper, seeded) if seeded.random() < 0.3 else None
    shade(light, camera, sun, body, blot)
    colour = np.array(TINTS[tint]) * seeded.uniform(0.8, 1.2)
    stand(light, camera, sun, body, stuff, colour, seeded)
    jpeg = developed(all_lit(light, sun, seeded), camera, seeded, tells)
    return Shot(jpeg, body, camera, kind, tint, stuff, tilt, tells)


def _camera(seeded: Seeded, middle: Array, tilt: float, size: tuple[int, int], all_seen: float) -> Camera:
    """Between 300 and 500 mm away."""
    film = FILMS[int(seeded.integers(len(FILMS)))]
    aim = (middle + seeded.normal(0, 6, 2)).tolist()
    least = 1.15 * all_seen / 2 / np.tan(np.arctan(FILM / film / 2) * 0.75)
    distance = float(seeded.uniform(max(300.0, min(least, 480.0)), 500))
    turned, roll = float(seeded.uniform(0, 360)), float(seeded.normal(0, 6))
    turn, eye = looking_at((aim[0], aim[1]), distance, tilt, turned, roll)
    return Camera(size, film / FILM * max(size), float(seeded.uniform(-0.05, 0.05)), turn, eye)


def _blot(paper: Paper, seeded: Seeded) -> Array:
    """The shadow of something out of the picture, over one corner of the card."""
    corner = np.array(CARD) * seeded.integers(0, 2, 2)
    turn = np.linspace(0, 2 * np.pi, 40, endpoint=False)
    reach = float(seeded.uniform(25, 45))
    return paper.on_table(corner + reach * np.column_stack((np.cos(turn), 0.8 * np.sin(turn))))


@cache
def printed_card() -> Map:
    """The scale card, printed."""
    return printed(Drawing(0, 0, *CARD, card_shapes("mm")), CARD_MM)


def printed(drawing: Drawing, per_mm: float) -> Map:
    """A drawing on white paper, as the light it throws back."""
    import pypdfium2

    document = pypdfium2.PdfDocument(drawing_pdf(drawing, "printed"))
    try:
        image = document[0].render(scale=per_mm / UNITS * (1 - 1e-6)).to_pil().convert("RGB")
    finally:
        document.close()
    white = srgb.linear(np.asarray(image, dtype=float) / 255)
    return np.asarray(INK + (PRINTED - INK) * white, dtype=np.float32)
