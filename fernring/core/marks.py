"""Square marks that a photograph is read by: where they lie on the scale card and round a practice sheet, in mm.

They are those of the dictionary DICT_4X4_250 of OpenCV's module aruco: 4 x 4 cells inside a black border one cell wide.
"""

import numpy as np
from numpy.typing import NDArray

DICTIONARY = "DICT_4X4_250"
CELLS = 6  # along a side, with the border
SIDE = 8.0
CARD = (120.0, 80.0)
CARD_TARGETS = ((8.0, 8.0), (112.0, 8.0), (112.0, 72.0), (8.0, 72.0))  # their middles, clockwise
_ACROSS, _TOP = (24.0, 40.0, 56.0, 72.0, 88.0), 6.5
_DOWN, _LEFT, _RIGHT = (22.0, 36.0, 50.0), 11.0, 109.0
_FOOT = 57.5
CARD_MARKS: dict[int, tuple[float, float]] = dict(
    enumerate(
        [(x, _TOP) for x in _ACROSS]
        + [(_RIGHT, y) for y in _DOWN]
        + [(x, _FOOT) for x in reversed(_ACROSS)]
        + [(_LEFT, y) for y in reversed(_DOWN)]
    )
)
"""The middle of every mark of the card by its number, clockwise from the top left."""


def corners(middle: tuple[float, float], side: float = SIDE) -> NDArray[np.float64]:
    """The corners of an upright mark, clockwise from its own top left, shape (4, 2)."""
    half = side / 2
    return np.array(middle) + half * np.array([[-1, -1], [1, -1], [1, 1], [-1, 1]])
