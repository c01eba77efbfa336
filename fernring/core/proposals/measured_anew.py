"""What measured dots say of a planned piece: a tool that makes other dots than the piece counts on, as an offer."""

from collections import Counter
from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

from ..document.changes import Change
from ..document.piece import Piece
from ..document.shelf import Body
from ..practice.prediction import Hand, Wanted

NOTICED = 0.05  # of a diameter, below which nobody would see it


@dataclass(frozen=True)
class Anew:
    """A tool of the piece that makes `new` where the piece has `old` (mm), one new dot between `low` and `high`, by so
    many measured dots; which rows that changes (their places in the document), and the changes."""

    tool: str
    name: str
    old: float
    new: float
    low: float
    high: float
    measured: int
    rows: tuple[int, ...]
    changes: tuple[Change, ...]


def measured_anew(piece: Piece, hand: Hand) -> list[Anew]:
    """For each tool of the piece that was measured since and makes noticeably other dots, with this piece's paint on
    its material. Plans never foretell: nothing changes until the artist takes it over."""
    body = _body(piece)
    document = piece.model_dump(mode="json")
    found = []
    for place, tool in enumerate(piece.tools):
        if tool.id not in hand.tools or not hand.counts.get((tool.id,)):
            continue
        told = hand.predicted(Wanted(tool.id, body, piece.blank.material))
        at = min(range(len(tool.dots)), key=lambda k: abs(tool.dots[k] / told.diameter - 1))
        old, new = tool.dots[at], round(told.diameter, 2)
        if abs(new / old - 1) < NOTICED:
            continue
        dots = [new if k == at else dot for k, dot in enumerate(tool.dots)]
        paths = list(_uses(document["rows"], tool.id, old, ("rows",)))
        changes = (
            Change(path=("tools", place, "dots"), value=dots),
            *(Change(path=(*path, "diameter"), value=new) for path in paths),
        )
        rows = tuple(sorted({int(path[1]) for path in paths}))
        low, high = round(told.low, 2), round(told.high, 2)
        found.append(Anew(tool.id, tool.name, old, new, low, high, told.of_tool, rows, changes))
    return found


def _body(piece: Piece) -> Body:
    """The body of most of its paints."""
    bodies = Counter(paint.body for paint in piece.paints)
    return bodies.most_common(1)[0][0] if bodies else "medium"


def _uses(node: Any, tool: str, diameter: float, path: tuple[str | int, ...]) -> Iterator[tuple[str | int, ...]]:
    """Where in a document this tool sets dots of this diameter."""
    if isinstance(node, dict):
        if node.get("tool") == tool and node.get("diameter") == diameter:
            yield path
        for name, inner in node.items():
            yield from _uses(inner, tool, diameter, (*path, name))
    elif isinstance(node, list):
        for place, inner in enumerate(node):
            yield from _uses(inner, tool, diameter, (*path, place))
