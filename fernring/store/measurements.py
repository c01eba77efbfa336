"""Dots that were measured: a row each time, never changed; a wrong one is taken back, and can be brought again."""

import sqlite3

from .clock import now
from .errors import NotFoundError, TakenError

MOST = 4_000


def add(db: sqlite3.Connection, ident: str, body: str) -> bool:
    """Keep one; answers whether it is new. Raises TakenError where there are too many, or another has its id."""
    known = db.execute("SELECT body FROM measurement WHERE id = ?", (ident,)).fetchone()
    if known is not None and known["body"] == body:
        return False
    if known is not None:
        raise TakenError("Another measurement is kept under this id.", "id")
    if db.execute("SELECT count(*) FROM measurement").fetchone()[0] >= MOST:
        raise TakenError(f"A studio keeps {MOST:,} measurements; this one has as many.", "measurements")
    db.execute("INSERT INTO measurement (id, body, told_at) VALUES (?, ?, ?)", (ident, body, now()))
    return True


def take_back(db: sqlite3.Connection, ident: str, back: bool) -> None:
    """Take one back, or bring it again. Raises NotFoundError where there is none."""
    found = db.execute("UPDATE measurement SET taken_back = ? WHERE id = ?", (int(back), ident))
    if found.rowcount == 0:
        raise NotFoundError("There is no such measurement.", "id")


def read(db: sqlite3.Connection) -> list[str]:
    """Those that stand, in the order in which they were told."""
    rows = db.execute("SELECT body FROM measurement WHERE taken_back = 0 ORDER BY number")
    return [row["body"] for row in rows]
