"""Sample pieces for the pattern language, and what they are made of: rows, trims, blanks."""

from collections.abc import Iterable
from typing import Any

import numpy as np

from fernring.core.document.piece import Piece
from fernring.core.dots.table import Dots
from fernring.core.rows.placed import PlacedRow
from fernring.core.solved import solve_piece
from tests import samples
from tests.pattern_pieces import BALL as BALL
from tests.pattern_pieces import BLOSSOM as BLOSSOM
from tests.pattern_pieces import DOME as DOME
from tests.pattern_pieces import OVAL as OVAL
from tests.pattern_pieces import PIECES as PIECES
from tests.pattern_pieces import PLATE as PLATE
from tests.pattern_pieces import SQUARE as SQUARE
from tests.pattern_rows import LINES as LINES
from tests.pattern_rows import ONE as ONE
from tests.pattern_rows import SPOTS as SPOTS
from tests.pattern_rows import THREE as THREE
from tests.pattern_rows import TWO as TWO
from tests.pattern_rows import Document as Document
from tests.pattern_rows import at as at
from tests.pattern_rows import centre as centre
from tests.pattern_rows import fan as fan
from tests.pattern_rows import flower as flower
from tests.pattern_rows import hug as hug
from tests.pattern_rows import line as line
from tests.pattern_rows import members as members
from tests.pattern_rows import motif as motif
from tests.pattern_rows import outline as outline
from tests.pattern_rows import row as row
from tests.pattern_rows import shades as shades
from tests.pattern_rows import shaped as shaped
from tests.pattern_rows import swipe as swipe
from tests.pattern_rows import top as top
from tests.pattern_rows import walk as walk


def piece(name: str, **more: Any) -> Piece:
    rows, given = PIECES[name]
    bare = samples.piece(diameter=100).model_dump(mode="json")
    blank = {**bare["blank"], **given.get("blank", {})}
    return read({**bare, **given, "blank": blank, "rows": rows, "name": name, **more})


def read(document: Document) -> Piece:
    """The piece of a document whose trims may have been written down without ids."""
    rows = [{**one, "trims": numbered(one.get("trims", ()))} for one in document["rows"]]
    return Piece.model_validate({**document, "rows": rows})


def numbered(trims: Iterable[Document], stem: str = "t") -> list[Document]:
    """The trims, each with an id by its place unless it has one."""
    return [
        {"id": f"{stem}{k}", **trim, **({"trims": numbered(trim["trims"], f"{stem}{k}-")} if "trims" in trim else {})}
        for k, trim in enumerate(trims)
    ]


def with_rows(*rows: Document, **more: Any) -> Piece:
    """The plain round piece with these rows instead."""
    return read({**piece("petals").model_dump(mode="json"), "rows": list(rows), **more})


def only(one: Document, **more: Any) -> PlacedRow:
    """The row on that piece alone, solved."""
    return solve_piece(with_rows(one, **more)).rows[0]


def points(placed: PlacedRow) -> np.ndarray:
    """Its own dots in plan, shape (n, 2)."""
    return np.stack((placed.own_dots.x, placed.own_dots.y), axis=1)


def in_space(dots: Dots) -> np.ndarray:
    """Their middles, shape (n, 3)."""
    return np.stack((dots.x, dots.y, dots.z), axis=1)
