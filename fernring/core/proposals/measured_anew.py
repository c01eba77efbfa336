"""What measured dots say of a planned piece: a tool that makes other dots than the piece counts on, as an offer."""

from collections import Counter
from collections.abc import Collection, Iterator
from dataclasses import dataclass
from math import log

from ..document.changes import Change
from ..document.kit import SizeRange, Tool
from ..document.piece import Piece
from ..document.shelf import Body
from ..practice.prediction import Hand, Wanted
from .foretold import Use, foretold, taken, uses

NOTICED = 0.05  # of a diameter, below which nobody would see it
SURER = log(1.25)  # of the width of a range


@dataclass(frozen=True)
class Anew:
    """A tool of the piece that makes a `new` size where the piece has `old` (mm); which rows that changes (their places
    in the document), and the changes."""

    tool: str
    name: str
    old: float
    new: SizeRange
    rows: tuple[int, ...]
    changes: tuple[Change, ...]


def measured_anew(piece: Piece, hand: Hand) -> list[Anew]:
    """For each tool of the piece that was measured since and makes noticeably other dots, with this piece's paint on
    its material. Plans never foretell: nothing changes until the artist takes it over."""
    set_by, found = uses(piece), []
    for tool in piece.tools:
        if tool.id not in hand.tools or not hand.counts.get((tool.id,)):
            continue
        sizes: dict[float, list[Use]] = {}
        for use in set_by:
            if use.tool == tool.id and piece.rows[use.row].painted is None:
                sizes.setdefault(use.diameter, []).append(use)
        for old, new in _told(piece, hand, tool, sizes):
            if _noticed(old, tool.range_of(old), new):
                paths = [use.path for use in sizes[old]]
                changes = (
                    *taken(piece, set_by, tool, new, paths),
                    *(Change(path=(*path, "diameter"), value=new.diameter) for path in paths),
                )
                rows = tuple(sorted({use.row for use in sizes[old]}))
                found.append(Anew(tool.id, tool.name, old, new, rows, changes))
    return found


def _noticed(old: float, kept: SizeRange | None, new: SizeRange) -> bool:
    """Whether the dot is another one, or it is clearly surer, or less sure, than when it was chosen."""
    if kept is not None and abs(log((new.high - new.low) / (kept.high - kept.low))) >= SURER:
        return True
    return abs(new.diameter / old - 1) >= NOTICED


def _told(piece: Piece, hand: Hand, tool: Tool, sizes: Collection[float]) -> Iterator[tuple[float, SizeRange]]:
    """Sizes that the piece sets with a tool, and what is foretold of each: one that was chosen with its range by what
    that rests on, and of all others the one that the tool's usual dot comes nearest to, unless that is chosen already.
    """
    usual = Wanted(tool.id, _body(piece), piece.blank.material)
    plain, chosen = [], False
    for old in sizes:
        kept = tool.range_of(old)
        if kept is None:
            plain.append(old)
            continue
        chosen |= kept.load == usual.load
        if (told := foretold(hand, Wanted(tool.id, kept.body, kept.surface, kept.load))) is not None:
            yield old, told
    told = foretold(hand, usual)
    if plain and told is not None and not chosen:
        expected = told.diameter
        yield min(plain, key=lambda old: abs(old / expected - 1)), told


def _body(piece: Piece) -> Body:
    """The body of most of its paints."""
    bodies = Counter(paint.body for paint in piece.paints)
    return bodies.most_common(1)[0][0] if bodies else "medium"
