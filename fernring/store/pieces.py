"""The Bench: all pieces, and what can be done to a whole one."""

import sqlite3
from dataclasses import dataclass

from .clock import now
from .errors import NotFoundError
from .ledger import State, close, create, new_id


@dataclass(frozen=True)
class Listed:
    """A piece on the Bench as it stands on the main branch: its summary as JSON, None while none was made."""

    id: str
    name: str
    head: str
    changed_at: str
    summary: str | None


def listed(db: sqlite3.Connection) -> list[Listed]:
    """All pieces that are not deleted, the newest first."""
    rows = db.execute(
        "SELECT d.id, d.name, b.head, e.made_at, s.summary FROM document d JOIN branch b ON b.id = d.main "
        "JOIN edit e ON e.id = b.head LEFT JOIN sketch s ON s.edit = e.id "
        "WHERE d.kind = 'piece' AND d.deleted_at IS NULL ORDER BY d.created_at DESC, d.rowid DESC"
    )
    return [Listed(row["id"], row["name"], row["head"], row["made_at"], row["summary"]) for row in rows]


def delete(db: sqlite3.Connection, ident: str) -> None:
    """Take the piece off the Bench; it can be brought back."""
    _mark(db, ident, "UPDATE document SET deleted_at = ? WHERE id = ? AND kind = 'piece' AND deleted_at IS NULL", now())


def restore(db: sqlite3.Connection, ident: str) -> None:
    """Undo of delete."""
    _mark(db, ident, "UPDATE document SET deleted_at = ? WHERE id = ? AND kind = 'piece'", None)


def rename(db: sqlite3.Connection, ident: str, name: str) -> None:
    """Keep the listed name in step with the document."""
    db.execute("UPDATE document SET name = ? WHERE id = ?", (name, ident))


def separate(db: sqlite3.Connection, side: State, name: str) -> State:
    """The side branch as a new piece; the branch itself is closed."""
    made = create(db, "piece", piece_id(), name, side.body, "Keep both as pieces")
    close(db, side.document, side.branch)
    return made


def singleton(db: sqlite3.Connection, kind: str) -> str | None:
    """The id of the kit or the shelf, of which a studio has one each."""
    row = db.execute("SELECT id FROM document WHERE kind = ? AND deleted_at IS NULL", (kind,)).fetchone()
    return row["id"] if row else None


def piece_id() -> str:
    return new_id()[:12]


def _mark(db: sqlite3.Connection, ident: str, sql: str, at: str | None) -> None:
    if db.execute(sql, (at, ident)).rowcount == 0:
        raise NotFoundError(f"There is no piece “{ident}” on the Bench.", "id")
