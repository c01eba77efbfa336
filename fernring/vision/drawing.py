"""A drawing, dark on light, as closed lines with holes: for shapes and lettering from a picture."""

import cv2
import numpy as np

from ..core.document.region import MOST_LINES, MOST_POINTS
from .card import card_view, frame
from .flat import flattened, in_view
from .intake import Picture, Pixels
from .limits import PictureError
from .marks import grey_of
from .view import Array

ACROSS = 60.0  # mm that a drawing is made wide where no scale card tells
PER_MM, MOST = 8.0, 6_000_000
REACH = 320.0  # mm of the table round the card that are looked at
SMALLEST = 0.0006  # of the drawing's area, below which a piece is a speck
SLOW = 0.35  # of the longer side, over which light may change
SOFT = 0.0015  # of the longer side, that lines are smoothed over
TOLERANCE = 0.12  # mm
CONTRAST = 22  # bytes between dark and light, below which there is no drawing


def drawn(picture: Picture) -> tuple[list[Array], bool]:
    """The closed lines (n, 2) in mm about their common middle, outer ones and holes, largest first; and whether a scale
    card beside the drawing told their size. Raises PictureError.
    """
    pixels, per_mm = _on_paper(picture)
    lines = _lines(_dark(grey_of(pixels)))
    middle = (np.concatenate(lines).min(axis=0) + np.concatenate(lines).max(axis=0)) / 2
    wide = float(np.ptp(np.concatenate(lines)[:, 0]))
    scale = 1 / per_mm if per_mm else ACROSS / wide
    return [_thinned((line - middle) * scale) for line in lines], per_mm is not None


def _on_paper(picture: Picture) -> tuple[Pixels, float | None]:
    """The picture seen straight from above without the card, and its pixels to a millimetre; as it is where there is
    none."""
    try:
        view, _ = card_view(picture)
    except PictureError:
        return picture.pixels, None
    flat = flattened(picture.pixels, view, 0.0, in_view(picture.pixels, view, 0.0, REACH), PER_MM, MOST)
    shown = flat.pixels.copy()
    card = view.places(frame(view))
    wider = card.mean(axis=0) + (card - card.mean(axis=0)) * 1.06
    light = np.median(shown[flat.seen], axis=0)
    shown[~flat.seen] = light
    cv2.fillPoly(shown, [np.rint(flat.pixels_of(wider)).astype(np.int32)], light.tolist())
    return shown, flat.per_mm


def _dark(grey: Pixels) -> Pixels:
    """Where something is drawn: darker than the paper about it, by Otsu's threshold (OpenCV)."""
    longer = max(grey.shape)
    soft = cv2.GaussianBlur(grey, (0, 0), max(SOFT * longer, 0.6))
    size = int(SLOW * longer) | 1
    small = cv2.resize(soft, None, fx=0.125, fy=0.125, interpolation=cv2.INTER_AREA)
    paper = cv2.morphologyEx(small, cv2.MORPH_CLOSE, np.ones((max(size // 8, 3),) * 2, dtype=np.uint8))
    ground = cv2.resize(cv2.GaussianBlur(paper, (0, 0), 4), grey.shape[::-1], interpolation=cv2.INTER_LINEAR)
    even = np.clip(255.0 * soft / np.maximum(ground, 1), 0, 255).astype(np.uint8)
    level, mask = cv2.threshold(even, 0, 1, cv2.THRESH_BINARY_INV | cv2.THRESH_OTSU)
    share = float(mask.mean())
    if 250 - level < CONTRAST or not 0.0005 < share < 0.7:
        raise PictureError("No drawing is found: it must be dark on light paper, with paper all round it.")
    return np.asarray(mask, dtype=np.uint8)


def _lines(dark: Pixels) -> list[Array]:
    high, wide = dark.shape
    dark = dark.copy()
    dark[:2] = dark[-2:] = 0
    dark[:, :2] = dark[:, -2:] = 0
    found, _ = cv2.findContours(dark, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_NONE)
    kept = [line[:, 0].astype(float) for line in found if cv2.contourArea(line) > SMALLEST * float(dark.sum())]
    kept.sort(key=lambda line: -abs(cv2.contourArea(line.astype(np.float32))))
    if not kept:
        raise PictureError("No drawing is found: it must be dark on light paper, with paper all round it.")
    edge = kept[0]
    if (edge.min(axis=0) <= 3).any() or edge[:, 0].max() >= wide - 4 or edge[:, 1].max() >= high - 4:
        raise PictureError("The drawing reaches over the edge of the picture: leave paper all round it.")
    if len(kept) > MOST_LINES:
        raise PictureError(f"A shape keeps at most {MOST_LINES} lines; this drawing has {len(kept)}.")
    return kept


def _thinned(line: Array) -> Array:
    """Smoothed over a few steps, and told by as few points as keep it within the tolerance."""
    from scipy.ndimage import gaussian_filter1d

    smooth = gaussian_filter1d(line, 2.0, axis=0, mode="wrap") if len(line) > 24 else line
    tolerance = TOLERANCE
    while True:
        few = cv2.approxPolyDP(smooth.astype(np.float32)[:, None], tolerance, True)[:, 0].astype(float)
        if len(few) <= MOST_POINTS:
            return np.asarray(few)
        tolerance *= 1.5
