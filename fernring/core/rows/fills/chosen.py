"""Of many places for dots of one size those that are taken, one after the other, none too near to one taken before."""

from collections import defaultdict
from math import floor

import numpy as np
from numpy.typing import NDArray

from ...budget import spend
from ...dots.table import Array
from .touching import TOUCH

PLACE = 60  # work to look at one
SAME = 1e-9  # mm
SAME_RAD = 1e-8
Whole = NDArray[np.intp]
Cells = dict[tuple[int, int], list[tuple[float, float]]]


def chosen(places: Array, key: Array, apart: float, order: int) -> Whole:
    """Which of the places are taken, those of the least key first; with its copies, turned about the centre `order`
    times, each keeps `apart` (mm) to the others."""
    spend(PLACE * len(places) * order)
    cells: Cells = defaultdict(list)
    least = (apart - TOUCH) ** 2
    turns = [(float(np.cos(a)), float(np.sin(a))) for a in np.arange(order) * 2 * np.pi / order]
    taken = []
    for k in np.argsort(key, kind="stable").tolist():
        x, y = places[k].tolist()
        if not _free(cells, x, y, apart, least):
            continue
        taken.append(k)
        for cos, sin in turns if x * x + y * y > SAME else turns[:1]:
            px, py = x * cos - y * sin, x * sin + y * cos
            cells[floor(px / apart), floor(py / apart)].append((px, py))
    return np.array(taken, np.intp)


def _free(
    cells: dict[tuple[int, int], list[tuple[float, float]]], x: float, y: float, apart: float, least: float
) -> bool:
    column, line = floor(x / apart), floor(y / apart)
    for u in (column - 1, column, column + 1):
        for v in (line - 1, line, line + 1):
            for px, py in cells.get((u, v), ()):
                if (px - x) ** 2 + (py - y) ** 2 < least:
                    return False
    return True


def apart_from_copies(places: Array, apart: float, order: int) -> Array:
    """Those that keep off their own copies, and the centre itself, which has none."""
    if order < 2:
        return places
    reach = np.hypot(*places.T)
    return np.asarray(places[(2 * reach * np.sin(np.pi / order) >= apart - TOUCH) | (reach < SAME)])


def in_one_sector(places: Array, order: int) -> Array:
    """Each place turned into the first sector, every one once."""
    if order < 2 or not len(places):
        return places
    reach, angle = np.hypot(*places.T), np.arctan2(places[:, 1], places[:, 0])
    sector = 2 * np.pi / order
    angle = angle % sector
    angle[sector - angle < SAME_RAD] = 0.0  # on the line between two sectors
    folded = np.stack((reach * np.cos(angle), reach * np.sin(angle)), axis=1)
    _, first = np.unique(np.round(folded, 6), axis=0, return_index=True)
    return folded[np.sort(first)]


def copies(places: Array, order: int) -> Array:
    """All places with their copies; a place at the centre stands once."""
    if order < 2 or not len(places):
        return places
    central = np.hypot(*places.T) < SAME
    angles = np.arange(order) * 2 * np.pi / order
    cos, sin = np.cos(angles)[:, None], np.sin(angles)[:, None]
    x, y = places[~central].T
    turned = np.stack(((x * cos - y * sin).ravel(), (x * sin + y * cos).ravel()), axis=1)
    return np.concatenate((places[central], turned))
