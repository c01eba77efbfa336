"""Whole copies of a studio: made while it is in use, and checked before they are taken.

A copy is one SQLite file with everything in it. It is made in one step and read back before it counts; a copy that
fails leaves the last good one as it is.
"""

import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from uuid import uuid4

from .database import Database, migrations, opened_to_read, statements
from .errors import CopyError, StoreError, in_words
from .place import APPLICATION, check_place


def make(database: Database, target: Path) -> None:
    """A copy of the studio at `target`, in the place of an older one there. Raises StoreError; then nothing changed."""
    check_place(target)
    if target.resolve() == database.path.resolve():
        raise StoreError("A copy of the studio cannot take the place of the studio itself; choose another name.")
    with draft_beside(target) as draft:
        with in_words(target), database.reading() as db:
            db.execute("VACUUM INTO ?", (str(draft),))
        check(draft)
        os.replace(draft, target)


def check(copy: Path) -> None:
    """Raises CopyError unless the file is a whole studio of this version or an earlier one, and nothing else."""
    try:
        opened = opened_to_read(copy)
    except sqlite3.Error as error:
        raise CopyError(f"The copy {copy.name} cannot be opened.") from error
    try:
        opened.execute("PRAGMA trusted_schema = OFF")
        if opened.execute("PRAGMA application_id").fetchone()[0] != APPLICATION:
            raise CopyError(f"The file {copy.name} is no copy of a Fern Ring studio.")
        found = set(opened.execute("SELECT type, name, tbl_name, sql FROM sqlite_schema"))
        if ("table", "migration") not in {(kind, name) for kind, name, _, _ in found}:
            raise CopyError(f"The file {copy.name} is no copy of a Fern Ring studio.")
        steps = [step for (step,) in opened.execute("SELECT step FROM migration ORDER BY step")]
        known = [step for step, _ in migrations()]
        if steps != known[: len(steps)]:
            raise CopyError(f"The copy {copy.name} was made by a later Fern Ring; bring it back with that one.")
        if found != _schema(len(steps)):
            raise CopyError(
                f"The copy {copy.name} holds tables or rules that no Fern Ring studio has; it was left alone."
            )
        if opened.execute("PRAGMA integrity_check(1)").fetchone()[0] != "ok":
            raise sqlite3.DatabaseError("malformed")
        if opened.execute("PRAGMA foreign_key_check").fetchone() is not None:
            raise sqlite3.DatabaseError("malformed")
    except sqlite3.DatabaseError as error:
        raise CopyError(f"The copy {copy.name} is damaged and was left alone; choose another copy.") from error
    finally:
        opened.close()


@contextmanager
def draft_beside(target: Path) -> Iterator[Path]:
    """A name for a draft beside the target; whatever is left of it goes."""
    draft = target.with_name(f".{uuid4().hex}.sqlite")
    try:
        yield draft
    finally:
        for left in draft.parent.glob(f"{draft.name}*"):
            with suppress(OSError):
                left.unlink()


def _schema(steps: int) -> set[tuple[str, str, str, str | None]]:
    """What a studio brought up to so many steps consists of."""
    with sqlite3.connect(":memory:", isolation_level=None) as db:
        db.execute("CREATE TABLE IF NOT EXISTS migration (step INTEGER PRIMARY KEY, at TEXT NOT NULL) STRICT")
        for _, sql in migrations()[:steps]:
            for statement in statements(sql):
                db.execute(statement)
        found = set(db.execute("SELECT type, name, tbl_name, sql FROM sqlite_schema"))
    db.close()
    return found
