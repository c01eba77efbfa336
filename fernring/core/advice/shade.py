"""Shades too alike to be told apart, by CIEDE2000.

The limits are a judgement, from memory: a difference of about 1 is just noticeable on touching patches, and
dots seen at arm's length need several times that. Within one ramp closeness is meant, and only steps that
cannot be seen are named.
"""

from collections.abc import Iterator
from functools import lru_cache
from itertools import pairwise

import numpy as np

from ..colour import cielab, srgb
from ..colour.difference import ciede2000
from ..laid import Laid
from .verdict import Remedy, Verdict, change

FROM_BASE, FROM_NEIGHBOUR, WITHIN_RAMP = 9.0, 5.0, 1.2
OFFERED = 2


def shade_verdicts(laid: Laid) -> Iterator[Verdict]:
    """Rows hard to tell from the base, from the row before, or whose own turns look alike."""
    used = [_used(laid, index) for index in range(len(laid.rows))]
    if not any(used):
        return
    lab = cielab.from_srgb(srgb.from_hex([*(s.colour for s in laid.shades), laid.piece.blank.base.colour]))
    apart = ciede2000(lab[:, None], lab[None, :])
    yield from _against_base(laid, used, apart)
    rows = [index for index, shades in enumerate(used) if shades]
    for before, index in pairwise(rows):
        pairs = [(a, b) for a in used[before] for b in used[index] if a != b]
        yield from _alike(laid, (before, index), pairs, apart)
    for index in rows:
        yield from _alike(laid, (index,), [*pairwise(used[index]), *_stacked(laid, index)], apart)


def _used(laid: Laid, index: int) -> list[int]:
    """The row's shades in turn, each once."""
    first = laid.dots.first[index]
    return list(dict.fromkeys(laid.dots.shade[first : first + min(len(laid.rows[index].x), 24)].tolist()))


def _stacked(laid: Laid, index: int) -> list[tuple[int, int]]:
    """Shades of dots on dots, each with the shade below it."""
    dots = laid.dots
    part = np.arange(laid.dots.first[index], laid.dots.first[index + 1])
    high = part[dots.level[part] > 1]
    if not len(high):
        return []
    pairs = np.stack((dots.shade[dots.below[high]], dots.shade[high]), axis=1)
    return [(int(a), int(b)) for a, b in np.unique(pairs, axis=0)]


def _against_base(laid: Laid, used: list[list[int]], apart: np.ndarray) -> Iterator[Verdict]:
    for index, shades in enumerate(used):
        for shade in shades:
            if apart[shade, -1] < FROM_BASE:
                row, name = laid.piece.rows[index], laid.shades[shade].name
                text = (
                    f"{laid.name(index).capitalize()}: {name} is hard to tell from the base, "
                    f"{laid.piece.blank.base.name} (difference {apart[shade, -1]:.1f}, wanted {FROM_BASE:g})."
                )
                key = f"lost on base:{row.id}:{laid.shades[shade].colour}"
                yield Verdict("lost on base", key, "warning", text, (index,), (), _other_paints(laid, index))


def _alike(laid: Laid, rows: tuple[int, ...], pairs: list[tuple[int, int]], apart: np.ndarray) -> Iterator[Verdict]:
    for a, b in pairs:
        one, other = laid.shades[a], laid.shades[b]
        limit = WITHIN_RAMP if one.ramp and one.ramp == other.ramp else FROM_NEIGHBOUR
        if apart[a, b] >= limit:
            continue
        who = " and ".join(laid.name(index) for index in rows).capitalize()
        numbers = f"difference {apart[a, b]:.1f}, wanted {limit:g}"
        text = f"{who}: {one.name} and {other.name} are hard to tell apart ({numbers})."
        key = ":".join(["alike", *(laid.piece.rows[index].id for index in rows), one.colour, other.colour])
        yield Verdict("shades alike", key, "warning", text, rows, (), _other_paints(laid, rows[-1]))
        return


def _other_paints(laid: Laid, index: int) -> tuple[Remedy, ...]:
    """The piece's paints that stand out best from the base and from the rows on either side."""
    around = [laid.piece.blank.base.colour]
    for near in (index - 1, index + 1):
        if 0 <= near < len(laid.rows):
            around += [laid.shades[shade].colour for shade in _used(laid, near)]
    paints = laid.piece.paints
    least = _least_apart(tuple(paint.colour for paint in paints), tuple(around))
    best = [int(k) for k in np.argsort(-np.array(least), kind="stable")[:OFFERED] if least[k] >= FROM_BASE]
    return tuple(
        Remedy(f"Use {paints[k].name}", (change("rows", index, "shades", [{"kind": "paint", "paint": paints[k].id}]),))
        for k in best
    )


@lru_cache(maxsize=256)
def _least_apart(colours: tuple[str, ...], around: tuple[str, ...]) -> list[float]:
    """Each colour's difference (CIEDE2000) to the nearest of those around it; rows ask for the same again and again."""
    lab = cielab.from_srgb(srgb.from_hex(list(colours)))
    found: list[float] = (
        ciede2000(lab[:, None], cielab.from_srgb(srgb.from_hex(list(around)))[None, :]).min(axis=1).tolist()
    )
    return found
