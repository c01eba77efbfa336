"""What was told at the table of a piece, kept as it came."""

import sqlite3
from typing import NamedTuple

from .errors import NotFoundError, TakenError

MOST = 20_000  # of one piece


class Kept(NamedTuple):
    """An event as it is kept: its JSON, and its moment (seconds since 1970)."""

    body: str
    at: float


def add(db: sqlite3.Connection, document: str, ident: str, at: float, body: str) -> bool:
    """Keep an event; answers whether it is new. One that is known changes nothing.

    Raises NotFoundError where the piece is not on the Bench, TakenError for an id of another piece's or one too many.
    """
    seen = db.execute("SELECT document FROM happening WHERE id = ?", (ident,)).fetchone()
    if seen is not None and seen["document"] == document:
        return False
    if seen is not None:
        raise TakenError("Another piece's logbook holds an entry with this id, so it cannot be kept here.", "id")
    require(db, document)
    many = db.execute("SELECT count(*) FROM happening WHERE document = ?", (document,)).fetchone()[0]
    if many >= MOST:
        raise TakenError(f"The logbook of a piece holds {MOST} entries; this one is full.", "events")
    db.execute("INSERT INTO happening (id, document, at, body) VALUES (?, ?, ?, ?)", (ident, document, at, body))
    return True


def require(db: sqlite3.Connection, document: str) -> None:
    """Raises NotFoundError where the piece is not on the Bench."""
    query = "SELECT 1 FROM document WHERE id = ? AND kind = 'piece' AND deleted_at IS NULL"
    if db.execute(query, (document,)).fetchone() is None:
        raise NotFoundError(f"There is no piece “{document}” on the Bench.", "id")


def read(db: sqlite3.Connection, document: str) -> list[Kept]:
    """All of a piece, in the order of arrival."""
    rows = db.execute("SELECT body, at FROM happening WHERE document = ? ORDER BY number", (document,))
    return [Kept(row["body"], row["at"]) for row in rows]


def number(db: sqlite3.Connection, document: str) -> int:
    """The number of the last one of a piece, 0 where nothing was told: another one once something changes."""
    row = db.execute("SELECT max(number) FROM happening WHERE document = ?", (document,)).fetchone()
    return int(row[0] or 0)


def at_work(db: sqlite3.Connection) -> list[tuple[str, str]]:
    """Pieces on the Bench of which anything was told: id and name, the one told of last first."""
    rows = db.execute(
        "SELECT d.id, d.name FROM document d JOIN happening h ON h.document = d.id "
        "WHERE d.deleted_at IS NULL GROUP BY d.id ORDER BY max(h.number) DESC"
    )
    return [(row["id"], row["name"]) for row in rows]
