"""Top dots that vanish, and colours that a colour-blind eye cannot tell apart. The limits are a judgement."""

from collections.abc import Iterator
from itertools import pairwise

import numpy as np

from ..advice.verdict import MOST_PLACES, Remedy, Verdict, each
from ..colour.difference import apart
from ..colour.seen import as_seen
from ..dots.table import Array
from .palette_of import best_paints, paint_said
from .report import ColourReport
from .reshaded import trim_reshaded

ON_DOT, LEAST = 12.0, 5.0  # CIEDE2000 of a dot on a dot; below the second the plan's own verdict speaks
TOLD, LOST = 10.0, 4.0  # apart for most eyes, and alike for some
EYES = {"red-blind": "red-blind", "green-blind": "green-blind", "blue-blind": "blue-blind"}
MOST_SHARE = 0.02  # of what is seen, from which on a colour counts


def eye_findings(report: ColourReport) -> Iterator[Verdict]:
    yield from _vanishing(report)
    yield from _alike_to_some(report)


def _vanishing(report: ColourReport) -> Iterator[Verdict]:
    solved, dots = report.solved, report.solved.dots
    colours = [shade.colour for shade in solved.palette.shades]
    high = np.flatnonzero((dots.level > 1) & (dots.trim >= 0))
    if not len(high):
        return
    away = apart(colours, colours)
    pairs = np.stack((dots.row[high], dots.trim[high], dots.shade[dots.below[high]], dots.shade[high]), axis=1)
    for row, trim, below, above in np.unique(pairs, axis=0).tolist():
        if LEAST <= away[below, above] < ON_DOT:
            names = [solved.palette.shades[k].name for k in (above, below)]
            text = (
                f"{solved.name(row).capitalize()}: the dots in {names[0]} on {names[1]} hardly show "
                f"({away[below, above]:.0f} apart, wanted {ON_DOT:g})."
            )
            ways = _other_top(report, row, solved.rules[row].all_trims[trim].id, colours[below])
            places = tuple(high[(pairs == (row, trim, below, above)).all(axis=1)][:MOST_PLACES].tolist())
            key = f"top vanishes:{solved.piece.rows[row].id}:{colours[below]}:{colours[above]}"
            yield Verdict("top vanishes", key, "note", text, (row,), places, each(*ways))


def _other_top(report: ColourReport, row: int, trim: str, below: str) -> Iterator[Remedy]:
    """The two paints of the piece that show best on that colour."""
    paints = report.solved.piece.paints
    away = apart([paint.colour for paint in paints], [below])[:, 0]
    for k in np.argsort(-away, kind="stable")[:2].tolist():
        made = trim_reshaded(report.solved.piece, row, trim, [paint_said(paints[k].id)])
        if away[k] >= ON_DOT and made:
            yield Remedy(f"Use {paints[k].name} on top", (made,))


def _alike_to_some(report: ColourReport) -> Iterator[Verdict]:
    """Rows side by side that are told apart by their colours for most eyes only."""
    solved = report.solved
    colours = [shade.colour for shade in solved.palette.shades]
    if not colours:
        return
    most = apart(colours, colours)
    by_eye = {eye: _seen_apart(colours, eye) for eye in EYES}
    for place, (one, other) in enumerate(pairwise(report.rows)):
        mine, theirs = one.shade, other.shade
        if mine == theirs or most[mine, theirs] < TOLD:
            continue
        lost = [words for eye, words in EYES.items() if by_eye[eye][mine, theirs] < LOST]
        if not lost:
            continue
        names = [solved.palette.shades[k].name for k in (mine, theirs)]
        text = (
            f"{names[0]} in {solved.name(one.row)} and {names[1]} in {solved.name(other.row)} look alike to a "
            f"{' or '.join(lost)} eye: they differ in hue, and hardly in value."
        )
        around = [colours[each.shade] for each in (one, *report.rows[place + 2 : place + 3])]
        ways = best_paints(solved, other.row, [*around, *_as_eyes(around)], TOLD)
        ids = [solved.piece.rows[row].id for row in (one.row, other.row)]
        key = ":".join(("eyes", *ids, colours[mine], colours[theirs]))
        yield Verdict("alike to some eyes", key, "note", text, (one.row, other.row), (), each(*ways))


def _seen_apart(colours: list[str], eye: str) -> Array:
    seen = as_seen(tuple(colours), eye)
    return apart(seen, seen)


def _as_eyes(colours: list[str]) -> list[str]:
    return [colour for eye in EYES for colour in as_seen(tuple(colours), eye)]
