"""A copy of the studio for each day on which it changed, the last seven kept, in a folder beside it."""

import sqlite3
from pathlib import Path

from . import light
from .database import Database
from .errors import StoreError

DAYS = 7
NAMES = "[0-9]*-[0-9]*-[0-9]*.sqlite"


def keep(database: Database, day: str) -> Path | None:
    """Today's copy, where there is none yet and something changed since the last; `day` is as in 2026-03-21.

    Older ones than the last seven go once the new one is whole. Raises StoreError; the copies are then as before.
    """
    known = copies_of(database.path)
    if known and (known[-1].stem >= day or _stands(Database(known[-1])) == _stands(database)):
        return None
    made = _folder(database.path) / f"{day}.sqlite"
    try:
        made.parent.mkdir(exist_ok=True)
    except OSError as error:
        raise StoreError(f"The folder {made.parent} for daily copies cannot be made: {error.strerror}.") from error
    light.make(database, made)
    for old in copies_of(database.path)[:-DAYS]:
        old.unlink(missing_ok=True)
    light.prune(made.parent, copies_of(database.path))
    return made


def copies_of(studio: Path) -> list[Path]:
    """The daily copies of a studio, the oldest first."""
    return sorted(_folder(studio).glob(NAMES))


def _folder(studio: Path) -> Path:
    return studio.with_name(f"{studio.stem}-copies")


def _stands(database: Database) -> tuple[object, ...] | None:
    """What changes with every change; None for a copy that cannot be read."""
    try:
        with database.reading() as db:
            edits = db.execute("SELECT count(*), max(rowid) FROM edit").fetchone()
            heads = db.execute("SELECT group_concat(id || head || coalesce(closed_at, '')) FROM branch").fetchone()
            gone = db.execute("SELECT group_concat(id || coalesce(deleted_at, '')) FROM document").fetchone()
            settings = db.execute("SELECT group_concat(key || value) FROM setting").fetchone()
            return (*edits, *heads, *gone, *settings)
    except (StoreError, sqlite3.DatabaseError):
        return None
