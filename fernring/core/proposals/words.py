"""Words as large as they may be: inside the border of a blank, straight, round a circle or along its edge."""

from math import degrees, pi

import numpy as np

from ..document.blank import Blank
from ..document.piece import Piece
from ..document.region import WordRegion
from ..errors import FitError
from ..ground.ground import Ground, ground
from ..lettering.largest import largest
from ..lettering.layout import Set, letters, straight
from ..regions.bare import region_of

FIRST = 10.0  # mm: the height from which a word is sized
TRIES = 4  # where letters are spaced by a length of its own
ROUNDS = 30
LEAST, MOST = 1.0, 1000.0


def new_word(blank: Blank, text: str, font: str) -> WordRegion:
    """A straight word as large as fits. Raises FitError when it does not fit at all."""
    return largest_word(blank, WordRegion(text=text, font=font), True)


def largest_word(blank: Blank, word: WordRegion, level: bool) -> WordRegion:
    """The word as large as fits inside the border; a straight one is moved to where that is, and turned as well unless
    it is to stay `level`. Raises FitError when there is no room for the smallest.
    """
    here = ground(blank)
    if not here.clear:
        raise FitError("The border leaves no room for a word.", "blank.border")
    found = _straight(here, word, level) if word.runs == "straight" else _along(here, word)
    if found is None:
        raise FitError(f"There is no room for “{word.text}” at the least height of {LEAST:g} mm.", "word.text")
    return found


def _straight(here: Ground, word: WordRegion, level: bool) -> WordRegion | None:
    height, fit = FIRST, None
    for _ in range(TRIES if word.spacing else 1):
        lines = straight(Set(word.text, word.font, height, word.spacing))
        fit = largest(lines, [here.clear[0]], level) if lines else None
        height *= fit.scale if fit else 0.0
        if fit is None or abs(fit.scale - 1) < 1e-3:
            break
    height = np.floor(height * 100) / 100
    if fit is None or not LEAST <= height <= MOST:
        return None
    place = {"x": round(fit.x, 2), "y": round(fit.y, 2), "turn": round(degrees(fit.turn_rad), 2)}
    return word.model_copy(update={"height": float(height), "times": 1, "mirrored": False, **place})


def _along(here: Ground, word: WordRegion) -> WordRegion | None:
    """Halving: the largest height at which all of it lies inside and it does not run into itself."""
    low, high = 0.0, MOST
    for _ in range(ROUNDS):
        height = (low + high) / 2
        if _fits(here, word.model_copy(update={"height": height})):
            low = height
        else:
            high = height
    found = float(np.floor(low * 100) / 100)
    return word.model_copy(update={"height": found}) if found >= LEAST else None


def _fits(here: Ground, word: WordRegion) -> bool:
    _, length = letters(Set(word.text, word.font, word.height, word.spacing))
    around = 2 * pi * word.radius if "circle" in word.runs else _edge(here)
    if length > around:
        return False
    x, y = region_of(word, here.sites[0]).edge().T
    return float(here.room(np.hypot(x, y), x, y).min()) >= 0


def _edge(here: Ground) -> float:
    """Length of the border line (mm)."""
    line = here.clear[0]
    return float(np.hypot(*(np.roll(line, -1, axis=0) - line).T).sum())


def what_comes_off(piece: Piece, area: str) -> Piece:
    """The piece that comes off with a mask: the same dots, and of them those that lie on it. Raises FitError when there
    is no mask of that id.
    """
    mask = next((one for one in piece.bare if one.id == area and one.rows == "mask"), None)
    if mask is None:
        raise FitError(f"There is no mask “{area}” in this piece.", "area")
    other = "what comes off" if mask.shows == "what stays" else "what stays"
    bare = tuple(one.model_copy(update={"shows": other}) if one.id == area else one for one in piece.bare)
    name = f"{piece.name[:100]}, {other}"
    return piece.model_copy(update={"name": name, "bare": bare, "accepted": ()})
