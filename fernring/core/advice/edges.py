"""Dots over the border or off the blank, and space left over inside it."""

from collections.abc import Iterator

import numpy as np

from ..document.changes import change
from ..dots.table import Array, Whole
from ..geometry.frames import walk_above
from ..rows.placed import PlacedRow
from ..rows.slack import slack_left, slack_rows
from ..rows.tracks import track_of
from ..solved import Solved
from ..words.lengths import mm
from .sizes import smaller
from .verdict import MOST_PLACES, Remedy, Severity, Verdict, Ways, each

TOLERANCE = 1e-6
WORTH_SAYING = 0.05


def edge_verdicts(solved: Solved) -> Iterator[Verdict]:
    """Rows past the border, and the space between the last painted edge and the border."""
    if solved.context.limit <= 0:
        text = "The border leaves nothing to paint on: make it narrower."
        yield Verdict("no surface", "no surface", "serious", text)
        return
    for index, over in enumerate(solved.passed):
        if over > TOLERANCE:
            yield from _over(solved, index)
    if not solved.piece.rows:
        add = Remedy("Add a row", action="add row")
        yield Verdict("empty", "empty", "note", "No rows yet: add the centre and a first row.", ways=each(add))
    elif solved.left > WORTH_SAYING:
        yield Verdict(
            "space left", "space left", "note", f"{mm(solved.left)} left at the edge.", ways=each(*_fill(solved))
        )


def _over(solved: Solved, index: int) -> Iterator[Verdict]:
    """One verdict for the row: off the blank if any dot hangs off it, else over the border."""
    parts = [_bodies(solved, part) for part in solved.rows[index].both]
    over = np.concatenate([solved.ground.over(*part) for part in parts])
    which = np.concatenate([part.bodies.dot for part in solved.rows[index].both])
    off = np.concatenate([solved.ground.off(*part) for part in parts])
    who = solved.name(index).capitalize()
    if float(off.max()) > TOLERANCE:
        text = f"{who} hangs {mm(float(off.max()))} off the blank{_places(off, which)}."
        yield _verdict(solved, index, "off the blank", "serious", text, off, which)
    elif float(over.max()) > TOLERANCE:
        text = f"{who} runs {mm(float(over.max()))} over the border{_places(over, which)}."
        yield _verdict(solved, index, "over the border", "warning", text, over, which)


def _bodies(solved: Solved, part: PlacedRow) -> tuple[Array, Array, Array, Array, bool]:
    """Walks, places and sizes of everything of the row that lies on the blank."""
    bodies, back = part.bodies, part.half == "back"
    if part.round and not part.grown.any:
        return bodies.walk, bodies.x, bodies.y, bodies.radius, back
    walk = walk_above(solved.ground.half(back), bodies.x, bodies.y)
    return walk, bodies.x, bodies.y, bodies.radius, back


def _places(over: Array, which: Whole) -> str:
    """At how many dots, where only a part of the row is over; a swipe counts with the dot that it starts from."""
    count = len(np.unique(which[over > TOLERANCE]))
    return "" if count == len(np.unique(which)) else f" at {count} place{'s' if count > 1 else ''}"


def _verdict(
    solved: Solved, index: int, code: str, severity: Severity, text: str, over: Array, which: Whole
) -> Verdict:
    dots = np.unique(which[over > TOLERANCE])[:MOST_PLACES] + solved.first[index]
    key = f"{code}:{solved.piece.rows[index].id}"
    return Verdict(code, key, severity, text, (index,), tuple(dots.tolist()), _inward(solved, index, float(over.max())))


def _inward(solved: Solved, index: int, over: float) -> Ways:
    row, placed = solved.rules[index], solved.rows[index]
    most = max(placed.diameters)
    remedies = []
    limit = solved.context.limit if solved.ground.laps else solved.context.limit - most / 2
    if track_of(row.track).round and not placed.at and 0 < limit < placed.walk:
        moved = (change("rows", index, "distance", {"kind": "walk", "walk": limit}), change("rows", index, "fit", None))
        remedies.append(Remedy("Move it in to the border", moved))
    return (*each(*remedies), smaller(row, index, solved.piece.tools, most - min(2 * over, most / 8)))


def _fill(solved: Solved) -> tuple[Remedy, ...]:
    """Spread the slack where rows can take it and some is left; a further row is always worth a try."""
    chosen, fixed = slack_rows(solved.piece)
    left = slack_left(solved.piece, solved.halves, solved.rows, fixed) if chosen else 0.0
    spread = (Remedy("Spread the slack", action="spread slack"),) if left > TOLERANCE else ()
    return (*spread, Remedy("Add a row", action="add row"))
