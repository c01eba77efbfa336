"""Shades too alike to be told apart, by CIEDE2000.

The limits are a judgement, from memory: a difference of about 1 is just noticeable on touching patches, and
dots seen at arm's length need several times that. Within one ramp closeness is meant, and only steps that
cannot be seen are named.
"""

from collections.abc import Iterator
from itertools import pairwise

import numpy as np

from ..colour import cielab, srgb
from ..colour.difference import ciede2000
from ..document.changes import change
from ..kept import kept
from ..solved import Solved
from .verdict import Remedy, Verdict, each

FROM_BASE, FROM_NEIGHBOUR, WITHIN_RAMP = 9.0, 5.0, 1.2
OFFERED = 2


def shade_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Rows hard to tell from the base, from the row before, or whose own turns look alike."""
    colours = (*(shade.colour for shade in solved.palette.shades), solved.piece.blank.base.colour)
    apart = _apart(colours, colours)
    stacked = _stacked(solved)
    if not stacked and float((apart + np.diag([np.inf] * len(colours))).min()) >= FROM_BASE:
        return
    used = [_used(solved, index) for index in range(len(solved.rows))]
    yield from _against_base(solved, used, apart)
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
    least = _apart(tuple(paint.colour for paint in paints), tuple(around)).min(axis=1)
    best = [int(k) for k in np.argsort(-least, kind="stable")[:OFFERED] if least[k] >= FROM_BASE]
    return tuple(
        Remedy(f"Use {paints[k].name}", (change("rows", index, "shades", [{"kind": "paint", "paint": paints[k].id}]),))
        for k in best
    )


@kept(256)
def _apart(colours: tuple[str, ...], others: tuple[str, ...]) -> np.ndarray:
    """Differences (CIEDE2000) of each of these to each of those: asked for again with every change of a size, by row
    after row."""
    one, other = (cielab.from_srgb(srgb.from_hex(list(each))) for each in (colours, others))
    return ciede2000(one[:, None], other[None, :])
