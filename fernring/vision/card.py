"""The scale card in a picture: by its marks, or by four places that somebody pointed at."""

from collections.abc import Sequence

import cv2
import numpy as np

from ..core.marks import CARD, CARD_MARKS, CARD_TARGETS
from .intake import Picture, Pixels
from .limits import PictureError
from .marks import each_once, found_marks, grey_of, marked_view, mirrored, spanned
from .view import Array, View, view

LEAST_MARKS = 4
LEAST_SPAN = 0.12  # of the card's area, that the marks found must span
WORST = 4.0  # pixels, beyond which the marks do not fit one flat card


def card_view(picture: Picture, pointed: Sequence[tuple[float, float]] | None = None) -> tuple[View, int]:
    """The view, and how many marks it rests on (0 for four targets that were pointed at, as shares of width and
    height, clockwise from the card's top left). Raises PictureError with why there is no card.
    """
    high, wide = picture.pixels.shape[:2]
    if pointed is not None:
        pixels = np.array(pointed) * (wide - 1, high - 1)
        if not cv2.isContourConvex(pixels.astype(np.float32)) or cv2.contourArea(pixels.astype(np.float32)) < 400:
            raise PictureError("The four targets must be pointed at one after the other round the card.")
        if cv2.contourArea(pixels.astype(np.float32), oriented=True) < 0:
            raise PictureError("The four targets go clockwise, beginning at the card's top left.")
        return view(np.array(CARD_TARGETS), pixels, (wide, high), picture.focal), 0
    grey = grey_of(picture.pixels)
    marks = each_once(found_marks(grey), set(CARD_MARKS), "scale card")
    if len(marks) < LEAST_MARKS:
        raise PictureError(_why(grey, len(marks)))
    if spanned(CARD_MARKS, marks) < LEAST_SPAN * CARD[0] * CARD[1]:
        raise PictureError("Too little of the scale card is seen: lay it so that all of it is in the picture.")
    seen = marked_view(picture, CARD_MARKS, marks)
    if seen.error > WORST:
        raise PictureError("The scale card is bent or moved while the picture was taken: lay it flat and take another.")
    return seen, len(marks)


def frame(seen: View) -> Array:
    """The card's corners in the picture (4, 2)."""
    wide, high = CARD
    return seen.seen(np.array([[0, 0], [wide, 0], [wide, high], [0, high]]))


def _why(grey: Pixels, found: int) -> str:
    """Why there are too few marks."""
    if float(grey.mean()) < 12:
        return "This picture is nearly black: take it with more light."
    if mirrored(grey):
        return "This picture is mirrored: bring the one that the camera took."
    if found:
        return (
            f"Only {found} of the card's 16 marks are seen: lay it so that all of it is in the picture, in even light."
        )
    if _blurred(grey):
        return "This picture is not sharp: hold the camera still, a little further away."
    return (
        "No scale card is found: lay it flat beside the stone, with all of it in the picture, or point at its targets."
    )


def _blurred(grey: Pixels) -> bool:
    """By the variance of the Laplacian, as is usual: a sharp picture has edges."""
    small = cv2.resize(grey, None, fx=0.5, fy=0.5, interpolation=cv2.INTER_AREA)
    return float(cv2.Laplacian(small, cv2.CV_64F).var()) < 20.0
