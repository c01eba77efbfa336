"""Verdicts on paint as matter: see-through paint on a dark base, paint that must not be baked, pens under varnish.

Common practice, no source.
"""

from collections.abc import Iterator
from itertools import groupby

import numpy as np

from ..document.changes import change
from ..document.shelf import Paint
from ..paint.amounts import is_dark
from ..paint.covering import covering
from ..solved import Solved
from .verdict import Remedy, Verdict, each


def paint_verdicts(solved: Solved) -> Iterator[Verdict]:
    used = _used(solved)
    yield from _see_through(solved, used)
    yield from _baked(solved, used)
    yield from _pens(solved, used)
    yield from _binders(solved, used)


def _used(solved: Solved) -> list[tuple[Paint, tuple[int, ...]]]:
    """Every paint that dots lie on the blank with, and in which rows."""
    dots = solved.dots
    rows = max(len(solved.rows), 1)
    held = np.zeros(len(solved.palette.paints) * rows, bool)
    held[(dots.shade * rows + dots.row)[dots.level == 1]] = True
    pairs = (divmod(code, rows) for code in np.flatnonzero(held).tolist())
    found = []
    for shade, own in groupby(pairs, key=lambda pair: pair[0]):
        paint = solved.palette.paints[shade]
        if paint is not None:
            found.append((paint, tuple(row for _, row in own)))
    return found


def _see_through(solved: Solved, used: list[tuple[Paint, tuple[int, ...]]]) -> Iterator[Verdict]:
    """Translucent paint and neon need something light below."""
    base = solved.piece.blank.base
    if solved.piece.work.underbase or not is_dark(base.colour):
        return
    for paint, rows in used:
        if paint.cover == "translucent" or paint.finish == "neon":
            mix = covering(paint, solved.piece.paints)
            into = (
                f"mix {mix.drops} drops of it with one of {mix.paint.name}: that covers better and looks {mix.colour}, "
                f"{mix.duller:.0%} less bright"
                if mix
                else "mix a little of a paint that covers into it"
            )
            text = f"{paint.name} does not cover: {base.name} will show through it. Lay a light underbase, or {into}."
            under = Remedy("Lay a light underbase", (change("work", "underbase", True),))
            yield Verdict("see-through", f"see-through:{paint.id}", "warning", text, rows, (), each(under))


def _baked(solved: Solved, used: list[tuple[Paint, tuple[int, ...]]]) -> Iterator[Verdict]:
    """Nothing but enamel goes into the oven."""
    if solved.piece.work.coat != "baked":
        return
    for paint, rows in used:
        if paint.binder != "bake-on enamel" or paint.finish == "glitter":
            text = (
                f"{paint.name} must not be baked unless its label says so; this piece is to be baked in the oven. Its "
                "label and safety data sheet decide."
            )
            other = Remedy("Varnish it instead", (change("work", "coat", "brushed varnish"),))
            yield Verdict("not to be baked", f"not to be baked:{paint.id}", "warning", text, rows, (), each(other))


def _pens(solved: Solved, used: list[tuple[Paint, tuple[int, ...]]]) -> Iterator[Verdict]:
    """What a pen wrote may bleed under a brush."""
    if solved.piece.work.coat != "brushed varnish":
        return
    for paint, rows in used:
        if paint.binder == "pen":
            text = f"{paint.name} is of a pen and may bleed under brushed varnish: try it at the side first, or spray."
            spray = Remedy("Spray the varnish", (change("work", "coat", "sprayed varnish"),))
            yield Verdict("pen may bleed", f"pen may bleed:{paint.id}", "note", text, rows, (), each(spray))


def _binders(solved: Solved, used: list[tuple[Paint, tuple[int, ...]]]) -> Iterator[Verdict]:
    """Enamel that is baked and paint that is not, on one piece that goes into the oven."""
    kinds = {paint.binder for paint, _ in used}
    if solved.piece.work.coat == "baked" and "bake-on enamel" in kinds and len(kinds) > 1:
        rows = tuple(sorted({row for paint, own in used if paint.binder != "bake-on enamel" for row in own}))
        others = " and ".join(sorted(kinds - {"bake-on enamel"}))
        text = f"Enamel and {others} paint are mixed on a piece that is to be baked: bake before the rest is set."
        yield Verdict("enamel and others", "enamel and others", "warning", text, rows)
