"""Where a studio may be kept: not over another program's file, which is looked at before it is touched."""

import os
import sqlite3
from pathlib import Path

from .errors import StoreError

APPLICATION = 0x4665726E  # "Fern": the application id that SQLite keeps for us in the file's head
LONGEST_NAME = 247  # bytes: file systems take 255, and SQLite adds "-journal"


def check_place(path: Path) -> None:
    """Raises StoreError with a sentence where no studio can be kept; nothing is written."""
    size = len(os.fsencode(path.name))
    if size > LONGEST_NAME:
        raise StoreError(f"The name of the studio file is too long: {size} bytes; at most {LONGEST_NAME}.")
    try:
        folder, file = path.is_dir(), path.is_file()
    except OSError as error:
        raise StoreError(f"The studio file {path} cannot be reached: {error.strerror}.") from error
    if folder:
        raise StoreError(f"{path} is a folder. Name a file in it, such as {path / 'studio.sqlite'}.")
    if file and _anothers(path):
        raise StoreError(f"The file {path} belongs to another program and was left untouched. Choose another name.")


def _anothers(path: Path) -> bool:
    """Whether this is an SQLite file that is not a studio; one that is damaged is told about later."""
    try:
        looked_at = sqlite3.connect(f"{path.resolve().as_uri()}?immutable=1", uri=True)
    except sqlite3.Error:
        return False
    try:
        owner = looked_at.execute("PRAGMA application_id").fetchone()[0]
        tables = {name for (name,) in looked_at.execute("SELECT name FROM sqlite_schema WHERE type = 'table'")}
    except sqlite3.DatabaseError:
        return False
    finally:
        looked_at.close()
    # Studios of earlier versions have no application id; they are known by their tables.
    return owner != APPLICATION and (owner != 0 or (bool(tables - {"sqlite_sequence"}) and "migration" not in tables))
