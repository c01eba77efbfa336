"""What is painted together: dots and marks of one row, trim, layer or level, with one tool and one shade."""

from collections.abc import Iterator, Mapping, Sequence
from enum import IntEnum
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from ..dots.table import Dots, Mask, Whole
from ..rows.columns import Marked
from ..rows.trims import trim_kind
from ..solved import Solved

LEFT = 2  # the side of a petal that is walked first
TIPS = -1  # of a key: the tips of petals, set before their sides


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
    """What the dots of a group share; `trim` -1 are a row's own, `back` is 1 on the other half of a ball or egg. `side`
    is 1 left, 2 right, 0 both or neither, -1 the tips of petals that are set by themselves."""

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
    """Every dot and every mark of the piece in one group, in the order of the sheet; both sides of petals together when
    they are walked `one_by_one`. Places of the table that a mask has taken are in none.
    """
    dots = solved.dots
    marks: dict[Key, list[int]] = {}
    of: dict[int, Key] = {}
    for number, one in enumerate(solved.marked):
        key = _mark_key(one, solved, dots)
        marks.setdefault(key, []).append(number)
        if one.mark.trim < 0:  # marks of trims stand for no place
            of.setdefault(one.dot, key)
    places = _places(solved, marks, of)
    found = [Group(key, places[key], tuple(own)) for key, own in marks.items()]
    return sorted([*_dotted(dots, solved.back, one_by_one), *found], key=lambda group: group.key)


def _places(solved: Solved, marks: Mapping[Key, Sequence[int]], of: Mapping[int, Key]) -> dict[Key, Whole]:
    """The places of the table that the marks stand for, in the order of the hand: those they start from, and all that a
    line runs through."""
    dots, back = solved.dots, solved.back
    lines = {(key.row, key.back): key for key in marks if key.family == Family.LINES}
    places: dict[Key, list[int]] = {key: [] for key in marks}
    for dot in np.flatnonzero(dots.level == 0).tolist():
        found = of.get(dot) or lines.get((int(dots.row[dot]), int(back[dot])))
        if found is not None:
            places[found].append(dot)
    return {key: np.array(sorted(own, key=lambda dot: int(dots.hand[dot])), np.int32) for key, own in places.items()}


def _dotted(dots: Dots, back: Whole, one_by_one: bool) -> Iterator[Group]:
    walked = (dots.layer > 0) & (dots.level == 1)
    family = np.where(walked, int(Family.PETALS), np.where(dots.level > 1, int(Family.TOPS), int(Family.DOTS)))
    layer, level = dots.layer, np.where(dots.level > 1, dots.level, 0)
    # The tip belongs to the side that is walked first, unless it has to be there before dots of other petals.
    side = np.where(walked & (not one_by_one), np.where(dots.side == 0, LEFT, dots.side), 0)
    side = np.where(side > 0, 3 - side, 0)  # left before right
    side = np.where(_tips_apart(dots, side), TIPS, side)
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


def _tips_apart(dots: Dots, side: Whole) -> Mask:
    """Tips of walks that would be painted together with dots whose own tips come in another step, and those in this: so
    that each would wait for the other. It takes shades or tools that change from tip to tip."""
    apart = np.zeros(len(dots), bool)
    walked = np.flatnonzero(dots.painted & (dots.layer > 0))
    if not len(walked):
        return apart
    # 1. The walk of each dot, and what is painted in one go.
    row, trim, layer, below = (getattr(dots, name)[walked] for name in ("row", "trim", "layer", "below"))
    walk = one_number((row, trim, layer, below))
    go = one_number((row, trim, layer, dots.level[walked], side[walked], dots.tool[walked] + 1, dots.shade[walked]))
    (_, of_walk), (_, of_go) = (np.unique(codes, return_inverse=True) for codes in (walk, go))
    # 2. Where the tip of each walk comes, and which goes hold dots whose tip comes in another.
    tip = dots.side[walked] == 0
    comes = np.full(int(of_walk.max()) + 1, -1)
    comes[of_walk[tip]] = of_go[tip]
    strange = ~tip & (comes[of_walk] >= 0) & (comes[of_walk] != of_go)
    mixed = np.intersect1d(of_go[strange], of_go[tip])
    apart[walked[tip & np.isin(of_go, mixed)]] = True
    return apart


def one_number(columns: Sequence[NDArray[Any]]) -> NDArray[np.int64]:
    """One number for each line that goes by these columns, the first before all others; none is negative."""
    found = np.zeros(len(columns[0]), np.int64)
    for column in columns:
        found = found * (int(column.max(initial=0)) + 1) + column
    return found


def _mark_key(one: Marked, solved: Solved, dots: Dots) -> Key:
    if one.mark.glued:
        family = Family.STONES
    elif is_tail(one, dots):
        family = Family.PULLS
    else:
        family = Family.LINES if solved.rows[one.row].drawn else Family.STROKES
    tool = -1 if family == Family.PULLS else tool_of(one, solved)
    level = level_of(one, dots) if family == Family.STROKES else 0
    return Key(one.row, int(one.back), one.mark.trim, 0, level if level > 1 else 0, 0, family, tool, one.shade)


def tool_of(one: Marked, solved: Solved) -> int:
    """The tool that a mark is made with: its trim's where that names one, else that of the dot it starts from."""
    trims = solved.rules[one.row].all_trims
    if one.mark.trim >= 0:
        trim = trims[one.mark.trim]
        named = next((size.tool for _, size in trim_kind(trim).sizes(trim) if size.tool), None)
        if named is not None:
            return next((k for k, tool in enumerate(solved.piece.tools) if tool.id == named), -1)
    return int(solved.dots.tool[one.dot])


def is_tail(one: Marked, dots: Dots) -> bool:
    """Whether a mark is a dot pulled to a tail, and no mark in a dot's place."""
    return one.pulled and bool(dots.level[one.dot] > 0)


def stands_on(one: Marked, dots: Dots) -> bool:
    """Whether a mark lies on the dot it starts from, and not beside it."""
    if dots.level[one.dot] == 0:
        return False
    apart = np.hypot(one.mark.spine[0, 0] - dots.x[one.dot], one.mark.spine[0, 1] - dots.y[one.dot])
    return bool(apart < dots.radius[one.dot] or one.mark.level > dots.level[one.dot])


def level_of(one: Marked, dots: Dots) -> int:
    """The level of a mark: that of the dot it starts from, one more where it stands on that."""
    return int(dots.level[one.dot]) + stands_on(one, dots)
