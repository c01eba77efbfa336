"""Copies of a studio without its pictures, which lie beside them in a file of their own: each once, however many copies
name it. That file is a studio too, one with nothing but pictures in it.
"""

import os
import sqlite3
from collections.abc import Iterable
from contextlib import closing
from hashlib import sha256
from pathlib import Path

from .copies import check, draft_beside
from .database import Database, open_database, opened_to_read
from .errors import CopyError, in_words

PICTURES = "pictures.sqlite"
LIGHT = "SELECT name FROM light.sqlite_schema WHERE type = 'table' AND name NOT IN ('migration', 'blob')"


def make(database: Database, target: Path) -> None:
    """A copy at `target`, its pictures beside it. Raises StoreError; then what was there is as before."""
    _ready(pictures := target.with_name(PICTURES))
    with draft_beside(target) as draft:
        open_database(draft)
        with in_words(target), database.reading(references=False) as db:
            db.execute("ATTACH ? AS light", (str(draft),))
            db.execute("ATTACH ? AS pictures", (str(pictures),))
            db.execute("BEGIN")
            db.execute("INSERT OR IGNORE INTO pictures.blob SELECT * FROM main.blob")
            for (table,) in db.execute(LIGHT).fetchall():
                db.execute(f"INSERT INTO light.{table} SELECT * FROM main.{table}")
            db.execute("COMMIT")
            db.execute("PRAGMA light.journal_mode = DELETE")
        check(draft)
        os.replace(draft, target)


def prune(folder: Path, copies: Iterable[Path]) -> None:
    """Pictures that none of these copies names go."""
    named = {digest for copy in copies for digest in _named(copy)}
    with open_database(folder / PICTURES).writing() as db:
        known = {row["hash"] for row in db.execute("SELECT hash FROM blob")}
        db.executemany("DELETE FROM blob WHERE hash = ?", ((digest,) for digest in known - named))


def fill(database: Database, sources: Iterable[Path]) -> int:
    """Bring in the pictures that are named and not there, from the first of these files that has them whole.

    Answers how many are still missing.
    """
    with database.writing() as db:
        missing = _missing(db)
        for source in sources:
            if missing and source.exists():
                missing -= {digest for digest in missing if _taken(db, source, digest)}
    return len(missing)


def _missing(db: sqlite3.Connection) -> set[str]:
    return {row[0] for row in db.execute("SELECT hash FROM blob_use WHERE hash NOT IN (SELECT hash FROM blob)")}


def _taken(db: sqlite3.Connection, source: Path, digest: str) -> bool:
    query = "SELECT hash, media, bytes, body, made_at FROM blob WHERE hash = ?"
    try:
        with closing(opened_to_read(source)) as other:
            row = other.execute(query, (digest,)).fetchone()
    except sqlite3.DatabaseError:
        return False
    if row is None or sha256(row[3]).hexdigest() != digest:
        return False
    db.execute("INSERT INTO blob (hash, media, bytes, body, made_at) VALUES (?, ?, ?, ?, ?)", row)
    return True


def _ready(pictures: Path) -> None:
    """The file of pictures is there and whole; a damaged one is set aside, and a new one begun."""
    if pictures.exists():
        try:
            check(pictures)
        except CopyError:
            os.replace(pictures, pictures.with_name(f"damaged-{PICTURES}"))
    open_database(pictures)


def _named(copy: Path) -> list[str]:
    try:
        with closing(opened_to_read(copy)) as db:
            return [digest for (digest,) in db.execute("SELECT hash FROM blob_use")]
    except sqlite3.DatabaseError:
        return []
