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


SHEET = (210.0, 297.0)  # A4 of ISO 216, upright
_INSET, _ALONG, _DOWNWARD = 14.0, 8, 11
MOST_SHEETS = 9_999
"""The number that stands on a sheet; two marks tell it, a hundred of them for each two digits."""
_HUNDREDS, _ONES = 50, 150


def _round_a_sheet() -> list[tuple[float, float]]:
    """Middles of the marks round a sheet, clockwise from the top left."""
    wide, high = SHEET
    across = np.linspace(_INSET, wide - _INSET, _ALONG).tolist()
    down = np.linspace(_INSET, high - _INSET, _DOWNWARD).tolist()
    left, right, top, low = across[0], across[-1], down[0], down[-1]
    return [
        *((x, top) for x in across),
        *((right, y) for y in down[1:-1]),
        *((x, low) for x in reversed(across)),
        *((left, y) for y in reversed(down[1:-1])),
    ]


SHEET_MARKS: dict[int, tuple[float, float]] = dict(enumerate(_round_a_sheet(), start=len(CARD_MARKS)))
NUMBER_PLACES = ((178.0, 29.0), (190.0, 29.0))


def number_marks(number: int) -> tuple[int, int]:
    """The two marks that tell a sheet's number."""
    return _HUNDREDS + number // 100, _ONES + number % 100


def sheet_number(marks: set[int]) -> int | None:
    """The number that marks tell, None where one of the two is missing or there are several."""
    hundreds = [mark - _HUNDREDS for mark in marks if _HUNDREDS <= mark < _ONES]
    ones = [mark - _ONES for mark in marks if _ONES <= mark < _ONES + 100]
    return 100 * hundreds[0] + ones[0] if len(hundreds) == len(ones) == 1 else None
