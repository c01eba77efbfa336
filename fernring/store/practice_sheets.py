"""Practice sheets and what was read off them: rows that are never changed; a reading can be taken back."""

import sqlite3

from .clock import now
from .errors import NotFoundError, TakenError

MOST_SHEETS, MOST_READINGS = 9_999, 2_000


def next_number(db: sqlite3.Connection) -> int:
    """The number of the next sheet. Raises TakenError when all are used up."""
    number = int(db.execute("SELECT coalesce(max(number), 0) + 1 FROM practice_sheet").fetchone()[0])
    if number > MOST_SHEETS:
        raise TakenError(f"A studio numbers {MOST_SHEETS:,} practice sheets; this one has as many.", "number")
    return number


def add_sheet(db: sqlite3.Connection, number: int, body: str) -> None:
    db.execute("INSERT INTO practice_sheet (number, body, told_at) VALUES (?, ?, ?)", (number, body, now()))


def sheet(db: sqlite3.Connection, number: int) -> str:
    """Raises NotFoundError for a number that no sheet of this studio has."""
    row = db.execute("SELECT body FROM practice_sheet WHERE number = ?", (number,)).fetchone()
    if row is None:
        raise NotFoundError(f"This studio has made no practice sheet {number}: it is another artist's.", "number")
    return str(row["body"])


def sheets(db: sqlite3.Connection) -> list[str]:
    """All of them, the newest first."""
    return [row["body"] for row in db.execute("SELECT body FROM practice_sheet ORDER BY number DESC")]


def add_reading(db: sqlite3.Connection, ident: str, number: int, body: str) -> bool:
    """Keep one; answers whether it is new. Raises TakenError where another has its id, or there are too many."""
    known = db.execute("SELECT body FROM practice_reading WHERE id = ?", (ident,)).fetchone()
    if known is not None and known["body"] == body:
        return False
    if known is not None:
        raise TakenError("Another reading is kept under this id.", "id")
    if db.execute("SELECT count(*) FROM practice_reading").fetchone()[0] >= MOST_READINGS:
        raise TakenError(f"A studio keeps {MOST_READINGS:,} readings of sheets; this one has as many.", "readings")
    sheet(db, number)
    values = (ident, number, body, now())
    db.execute("INSERT INTO practice_reading (id, sheet, body, told_at) VALUES (?, ?, ?, ?)", values)
    return True


def take_back(db: sqlite3.Connection, ident: str, back: bool) -> str:
    """Take one back, or bring it again; answers it. Raises NotFoundError where there is none."""
    found = db.execute("UPDATE practice_reading SET taken_back = ? WHERE id = ?", (int(back), ident))
    if found.rowcount == 0:
        raise NotFoundError("There is no such reading.", "id")
    return str(db.execute("SELECT body FROM practice_reading WHERE id = ?", (ident,)).fetchone()["body"])


def readings(db: sqlite3.Connection) -> list[str]:
    """Those that stand, in the order in which they were told."""
    rows = db.execute("SELECT body FROM practice_reading WHERE taken_back = 0 ORDER BY number")
    return [row["body"] for row in rows]
