"""Shades too alike to be told apart, by CIEDE2000.

The limits are a judgement, from memory: a difference of about 1 is just noticeable on touching patches, and
dots seen at arm's length need several times that. Within one ramp closeness is meant, and only steps that
cannot be seen are named.
"""

from collections.abc import Iterator
from itertools import pairwise

import numpy as np

from ..colour.difference import apart as apart_of
from ..document.changes import change
from ..regions.zones import bases_under
from ..solved import Solved
from ..words.numbers import counted
from .verdict import MOST_PLACES, Remedy, Verdict, each

FROM_BASE, FROM_NEIGHBOUR, WITHIN_RAMP = 9.0, 5.0, 1.2
OFFERED = 2


def shade_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Rows hard to tell from the base, from the row before, or whose own turns look alike."""
    base = solved.piece.blank.base.colour
    colours = (*(shade.colour for shade in solved.palette.shades), base)
    apart = apart_of(colours, colours)
    stacked = _stacked(solved)
    if not stacked and not solved.zones and float((apart + np.diag([np.inf] * len(colours))).min()) >= FROM_BASE:
        return
    used = [_used(solved, index) for index in range(len(solved.rows))]
    yield from _against_zones(solved) if solved.zones else _against_base(solved, used, apart)
    rows = [index for index, shades in enumerate(used) if shades]
    for before, index in pairwise(rows):
        pairs = [(a, b) for a in used[before] for b in used[index] if a != b]
        yield from _alike(solved, (before, index), pairs, apart)
    for index in rows:
        yield from _alike(solved, (index,), [*pairwise(used[index]), *stacked.get(index, ())], apart)


def _used(solved: Solved, index: int) -> list[int]:
    """The row's shades in turn, each once; the base coat is meant to be lost on itself."""
    first = solved.first[index]
    shades = dict.fromkeys(solved.dots.shade[first : first + min(solved.rows[index].n, 24)].tolist())
    return [shade for shade in shades if not solved.palette.shades[shade].base]


def _stacked(solved: Solved) -> dict[int, list[tuple[int, int]]]:
    """For rows with dots on dots the shades of these, each after the shade below it."""
    dots = solved.dots
    high = np.flatnonzero(dots.level > 1)
    found: dict[int, list[tuple[int, int]]] = {}
    if not len(high):
        return found
    stacks = np.stack((dots.row[high], dots.shade[dots.below[high]], dots.shade[high]), axis=1)
    for row, below, above in np.unique(stacks, axis=0).tolist():
        found.setdefault(row, []).append((below, above))
    return found


def _against_base(solved: Solved, used: list[list[int]], apart: np.ndarray) -> Iterator[Verdict]:
    for index, shades in enumerate(used):
        for shade in shades:
            if apart[shade, -1] < FROM_BASE:
                row, name = solved.rules[index], solved.palette.shades[shade].name
                text = (
                    f"{solved.name(index).capitalize()}: {name} is hard to tell from the base, "
                    f"{solved.piece.blank.base.name} (difference {apart[shade, -1]:.1f}, wanted {FROM_BASE:g})."
                )
                key = f"lost on base:{row.id}:{solved.palette.shades[shade].colour}"
                yield Verdict("lost on base", key, "warning", text, (index,), (), each(*_other_paints(solved, index)))


def _against_zones(solved: Solved) -> Iterator[Verdict]:
    """As against the base, where areas have base colours of their own: each dot against what it lies on."""
    dots = solved.dots
    low = np.flatnonzero((dots.level == 1) & (dots.mark < 0))
    under, which = bases_under(solved.zones, solved.piece.blank.base.colour, dots.x[low], dots.y[low])
    shades = solved.palette.shades
    apart = apart_of(tuple(shade.colour for shade in shades), tuple(under))
    base = np.array([shade.base for shade in shades], bool)
    lost = (apart[dots.shade[low], which] < FROM_BASE) & ~base[dots.shade[low]]
    pairs = np.stack((dots.row[low[lost]], dots.shade[low[lost]]), axis=1)
    for row, shade in np.unique(pairs, axis=0).tolist():
        own = low[lost][(pairs == (row, shade)).all(axis=1)]
        text = (
            f"{solved.name(row).capitalize()}: {counted(len(own))} of its dots in {shades[shade].name} are hard to "
            f"tell from the base they lie on (difference wanted {FROM_BASE:g})."
        )
        key = f"lost on base:{solved.rules[row].id}:{shades[shade].colour}"
        places = tuple(own[:MOST_PLACES].tolist())
        yield Verdict("lost on base", key, "warning", text, (row,), places, each(*_other_paints(solved, row)))


def _alike(solved: Solved, rows: tuple[int, ...], pairs: list[tuple[int, int]], apart: np.ndarray) -> Iterator[Verdict]:
    for a, b in pairs:
        one, other = solved.palette.shades[a], solved.palette.shades[b]
        limit = WITHIN_RAMP if one.ramp and one.ramp == other.ramp else FROM_NEIGHBOUR
        if apart[a, b] >= limit:
            continue
        if len(rows) == 1:
            who = f"{solved.name(rows[0]).capitalize()}: {one.name} and {other.name}"
        else:
            who = f"{solved.name(rows[0]).capitalize()} in {one.name} and {solved.name(rows[1])} in {other.name}"
        numbers = f"difference {apart[a, b]:.1f}, wanted {limit:g}"
        text = f"{who} are hard to tell apart ({numbers})."
        key = ":".join(["alike", *(solved.piece.rows[index].id for index in rows), one.colour, other.colour])
        yield Verdict("shades alike", key, "warning", text, rows, (), each(*_other_paints(solved, rows[-1])))
        return


def _other_paints(solved: Solved, index: int) -> tuple[Remedy, ...]:
    """The piece's paints that stand out best from the base and from the rows on either side."""
    around = [solved.piece.blank.base.colour]
    for near in (index - 1, index + 1):
        if 0 <= near < len(solved.rows):
            around += [solved.palette.shades[shade].colour for shade in _used(solved, near)]
    paints = solved.piece.paints
    least = apart_of(tuple(paint.colour for paint in paints), tuple(around)).min(axis=1)
    best = [int(k) for k in np.argsort(-least, kind="stable")[:OFFERED] if least[k] >= FROM_BASE]
    return tuple(
        Remedy(f"Use {paints[k].name}", (change("rows", index, "shades", [{"kind": "paint", "paint": paints[k].id}]),))
        for k in best
    )
