"""What the list of pieces shows of a state: a summary and a small picture, kept by edit. Both can be made anew."""

import sqlite3
import zlib

from . import bodies
from .errors import NotFoundError


def put_summary(db: sqlite3.Connection, edit: str, summary: bytes) -> None:
    db.execute(
        "INSERT INTO sketch (edit, summary) VALUES (?, ?) ON CONFLICT (edit) DO UPDATE SET summary = excluded.summary",
        (edit, summary.decode()),
    )


def put_picture(db: sqlite3.Connection, edit: str, picture: bytes, look: int) -> None:
    """The small picture of a state whose summary is kept, drawn in this look."""
    db.execute("UPDATE sketch SET picture = ?, look = ? WHERE edit = ?", (zlib.compress(picture), look, edit))


def forget_head(db: sqlite3.Connection, ident: str) -> None:
    """What was made of a document's present state, which turned out to be damaged."""
    db.execute(
        "DELETE FROM sketch WHERE edit = (SELECT b.head FROM document d JOIN branch b ON b.id = d.main WHERE d.id = ?)",
        (ident,),
    )


def picture(db: sqlite3.Connection, edit: str, look: int) -> bytes | None:
    """The picture, or None while none was made of this state in this look."""
    row = db.execute("SELECT picture FROM sketch WHERE edit = ? AND look = ?", (edit, look)).fetchone()
    return zlib.decompress(row["picture"]) if row and row["picture"] is not None else None


def body_of_piece(db: sqlite3.Connection, edit: str) -> bytes:
    """The piece after an edit, whichever piece it is of. Raises NotFoundError."""
    row = db.execute(
        "SELECT 1 FROM edit e JOIN document d ON d.id = e.document WHERE e.id = ? AND d.kind = 'piece'", (edit,)
    ).fetchone()
    if row is None:
        raise NotFoundError("There is no such state of a piece in this studio.", "edit")
    return bodies.read(db, edit)
