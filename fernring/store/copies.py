"""Whole copies of a studio: made while it is in use, checked before they are taken, and brought back.

A copy is one SQLite file with everything in it. It is made in one step and read back before it counts; a copy that
fails leaves the last good one as it is. A studio that is brought back keeps its id and gets a new epoch, so that pages
with unsent changes of before set them aside instead of mixing them in.
"""

import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from uuid import uuid4

from . import identity, settings
from .clock import now
from .database import Database, migrations, open_database, statements
from .errors import CopyError, StoreError, in_words
from .place import APPLICATION, check_place


def make(database: Database, target: Path) -> None:
    """A copy of the studio at `target`, in the place of an older one there. Raises StoreError; then nothing changed."""
    check_place(target)
    if target.resolve() == database.path.resolve():
        raise StoreError("A copy of the studio cannot take the place of the studio itself; choose another name.")
    with _beside(target) as draft:
        with in_words(target), database.reading() as db:
            db.execute("VACUUM INTO ?", (str(draft),))
        check(draft)
        os.replace(draft, target)


def check(copy: Path) -> None:
    """Raises CopyError unless the file is a whole studio of this version or an earlier one, and nothing else."""
    try:
        opened = sqlite3.connect(f"{copy.resolve().as_uri()}?mode=ro", uri=True)
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


def bring_back(copy: Path, studio: Path) -> Path | None:
    """The copy as the studio, in one step, also while it is served; answers where the old studio was kept.

    None where there was none. Raises CopyError or StoreError; then the studio is as before.
    """
    check(copy)
    old = open_database(studio) if studio.exists() else None
    kept = _free(studio) if old else None
    if old and kept:
        make(old, kept)
    with _beside(studio) as draft:
        with in_words(draft):
            _copied(copy, draft)
        fresh = open_database(draft)
        with fresh.writing() as db:
            identity.ensure(db)
            settings.write(db, identity.EPOCH, str(1 + max(_epoch(fresh), _epoch(old) if old else 0)))
        with in_words(studio):
            _copied(draft, studio)
    open_database(studio)
    return kept


def _copied(source: Path, target: Path) -> None:
    """All pages in one step: whoever reads the target sees the old or the new."""
    one, other = sqlite3.connect(f"{source.resolve().as_uri()}?mode=ro", uri=True), sqlite3.connect(target, timeout=5)
    try:
        one.backup(other)
    finally:
        one.close()
        other.close()


def _epoch(database: Database) -> int:
    with database.reading() as db:
        return int(settings.read(db).get(identity.EPOCH, "1"))


def _free(studio: Path) -> Path:
    """A name beside the studio for what it was until now."""
    at = now()[:19].replace(":", "").replace("-", "").replace("T", "-")
    names = (
        studio.with_name(f"{studio.stem}-before-{at}{more}{studio.suffix}")
        for more in ("", *(f"-{k}" for k in range(2, 100)))
    )
    return next(name for name in names if not name.exists())


@contextmanager
def _beside(target: Path) -> Iterator[Path]:
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
