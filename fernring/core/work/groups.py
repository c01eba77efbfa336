"""What is painted together: dots and marks of one row, trim, layer or level, with one tool and one shade."""

from collections.abc import Iterator
from enum import IntEnum
from typing import NamedTuple

import numpy as np

from ..dots.table import Dots, Whole
from ..rows.columns import Marked
from ..solved import Solved

LEFT = 2  # the side of a petal that is walked first


class Family(IntEnum):
    """Dots on the blank, walked dots, dots on dots; tails pulled from dots, other strokes, lines, glued stones."""

    DOTS = 0
    PETALS = 1
    TOPS = 2
    PULLS = 3
    STROKES = 4
    LINES = 5
    STONES = 6


class Key(NamedTuple):
    """What the dots of a group share; `trim` -1 are a row's own, `back` is 1 on the other half of a ball or egg."""

    row: int
    back: int
    trim: int
    layer: int
    level: int
    side: int
    family: Family
    tool: int
    shade: int

    @property
    def half(self) -> str:
        return "back" if self.back else "front"


class Group(NamedTuple):
    """`dots` are lines of the plan's table in the order of the hand, `marks` places in its marks."""

    key: Key
    dots: Whole
    marks: tuple[int, ...]


def groups(solved: Solved, one_by_one: bool) -> list[Group]:
    """Every dot and every mark of the plan in one group, in the order of the sheet; both sides of petals together when
    they are walked `one_by_one`.
    """
    dots, back = solved.dots, solved.back
    found = list(_dotted(dots, back, one_by_one))
    # 1. Marks of one kind on one row, and the places of the table that stand for them.
    marks: dict[Key, list[int]] = {}
    of: dict[int, Key] = {}
    for number, one in enumerate(solved.marked):
        key = _mark_key(one, solved, dots)
        marks.setdefault(key, []).append(number)
        of.setdefault(one.dot, key)
    places: dict[Key, list[int]] = {key: [] for key in marks}
    for dot in np.flatnonzero(dots.level == 0).tolist():
        row, behind = int(dots.row[dot]), int(back[dot])
        lone = Key(row, behind, -1, 0, 0, 0, Family.STROKES, -1, int(dots.shade[dot]))
        key = of.get(dot) or next((key for key in marks if (key.row, key.back) == (row, behind)), lone)
        places.setdefault(key, []).append(dot)
    for key, own in places.items():
        order = sorted(own, key=lambda dot: int(dots.hand[dot]))
        found.append(Group(key, np.array(order, np.int32), tuple(marks.get(key, ()))))
    return sorted(found, key=lambda group: group.key)


def _dotted(dots: Dots, back: Whole, one_by_one: bool) -> Iterator[Group]:
    walked = (dots.layer > 0) & (dots.level == 1)
    family = np.where(walked, int(Family.PETALS), np.where(dots.level > 1, int(Family.TOPS), int(Family.DOTS)))
    layer, level = np.where(walked, dots.layer, 0), np.where(dots.level > 1, dots.level, 0)
    # The tip belongs to the side that is walked first.
    side = np.where(walked & (not one_by_one), np.where(dots.side == 0, LEFT, dots.side), 0)
    side = np.where(side > 0, 3 - side, 0)  # left before right
    columns = (dots.row, back, dots.trim, layer, level, side, family, dots.tool, dots.shade)
    painted = np.flatnonzero(dots.painted)
    order = painted[np.lexsort((dots.hand[painted], *(column[painted] for column in reversed(columns))))]
    if not len(order):
        return
    keys = np.stack([column[order] for column in columns])
    cuts = np.flatnonzero((keys[:, 1:] != keys[:, :-1]).any(axis=0)) + 1
    for own in np.split(order, cuts):
        row, behind, trim, lay, lev, which, fam, tool, shade = (int(column[own[0]]) for column in columns)
        key = Key(row, behind, trim, lay, lev, which, Family(fam), tool, shade)
        yield Group(key, own.astype(np.int32), ())


def _mark_key(one: Marked, solved: Solved, dots: Dots) -> Key:
    if one.mark.glued:
        family = Family.STONES
    elif is_tail(one, dots):
        family = Family.PULLS
    else:
        family = Family.LINES if solved.rows[one.row].drawn else Family.STROKES
    tool = -1 if family == Family.PULLS else int(dots.tool[one.dot])
    level = 2 if family == Family.STROKES and stands_on(one, dots) else 0
    return Key(one.row, int(one.back), one.mark.trim, 0, level, 0, family, tool, one.shade)


def is_tail(one: Marked, dots: Dots) -> bool:
    """Whether a mark is a dot pulled to a tail, and no mark in a dot's place."""
    return one.pulled and bool(dots.level[one.dot] > 0)


def stands_on(one: Marked, dots: Dots) -> bool:
    """Whether a mark lies on the dot it starts from, and not beside it."""
    if dots.level[one.dot] == 0:
        return False
    apart = np.hypot(one.mark.spine[0, 0] - dots.x[one.dot], one.mark.spine[0, 1] - dots.y[one.dot])
    return bool(apart < dots.radius[one.dot] or one.mark.level > dots.level[one.dot])
