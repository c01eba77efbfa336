"""Revisions: states of a piece worth coming back to."""

import sqlite3
from dataclasses import dataclass
from typing import Literal

from . import bodies
from .clock import now
from .errors import NotFoundError

Reason = Literal["left", "printed", "idle", "asked", "brought back"]


@dataclass(frozen=True)
class Revision:
    id: int
    edit: str
    reason: str
    made_at: str
    label: str


def cut(db: sqlite3.Connection, ident: str, edit: str, reason: Reason) -> Revision:
    """A revision of the document at this edit; the last one again when it is of the same edit."""
    if db.execute("SELECT 1 FROM edit WHERE id = ? AND document = ?", (edit, ident)).fetchone() is None:
        raise NotFoundError("That state is not in the ledger of this piece.", "edit")
    last = db.execute("SELECT id, edit FROM revision WHERE document = ? ORDER BY id DESC LIMIT 1", (ident,)).fetchone()
    if last is None or last["edit"] != edit:
        db.execute(
            "INSERT INTO revision (document, edit, reason, made_at) VALUES (?, ?, ?, ?)", (ident, edit, reason, now())
        )
    return listed(db, ident)[0]


def listed(db: sqlite3.Connection, ident: str) -> list[Revision]:
    """All revisions, the newest first, each with the label of its last edit."""
    rows = db.execute(
        "SELECT r.id, r.edit, r.reason, r.made_at, e.label FROM revision r JOIN edit e ON e.id = r.edit "
        "WHERE r.document = ? ORDER BY r.id DESC LIMIT 500",
        (ident,),
    )
    return [Revision(**dict(row)) for row in rows]


def body(db: sqlite3.Connection, ident: str, revision: int) -> bytes:
    """The document as it was. Raises NotFoundError."""
    row = db.execute("SELECT edit FROM revision WHERE document = ? AND id = ?", (ident, revision)).fetchone()
    if row is None:
        raise NotFoundError(f"This piece has no revision {revision}.", "revision")
    return bodies.read(db, row["edit"])
