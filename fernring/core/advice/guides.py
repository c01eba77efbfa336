"""Guides that would still be seen when the piece is finished."""

from collections.abc import Iterator

from ..document.changes import change
from ..guides.lines import guide_lines, net
from ..guides.markers import markers
from ..guides.showing import bare_length
from ..solved import Solved
from ..words.lengths import mm
from .verdict import Remedy, Verdict, each

WORTH_SAYING = 5.0


def guide_verdicts(solved: Solved) -> Iterator[Verdict]:
    """A marker that does not come off this surface leaves what the dots do not cover."""
    chosen = solved.piece.guides.marker
    if chosen is None:
        return
    offered = markers(solved.piece.blank)
    marker = next(one for one in offered if one.name == chosen)
    if not marker.stays:
        return
    bare = sum(bare_length(line, solved.dots) for line in guide_lines(net(solved.piece, solved.rows)))
    if bare < WORTH_SAYING:
        return
    better = [one for one in offered if one.suits and not one.stays][:1]
    remedies = [Remedy(f"Draw with a {one.name}", (change("guides", "marker", one.name),)) for one in better]
    if solved.piece.guides.spokes in ("all", "every second"):
        remedies.append(Remedy("Draw only the first cross", (change("guides", "spokes", "first cross"),)))
    text = f"{mm(bare)} of the guides would still show at the end: a {chosen} does not come off this surface."
    yield Verdict("guide shows", "guide shows", "warning", text, (), (), each(*remedies))
