"""The studio file: opening it, its settings, and bringing it up to date by numbered steps."""

import fcntl
import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from importlib.resources import files
from pathlib import Path

from .clock import now
from .errors import StoreError, in_words
from .place import APPLICATION, check_place

LOCK = "-lock"
MIGRATIONS = files(__package__).joinpath("migrations")


class Database:
    """One studio file. Connections are short-lived: opened for a reading or a writing, then closed."""

    def __init__(self, path: Path) -> None:
        self.path = path

    @contextmanager
    def reading(self, references: bool = True) -> Iterator[sqlite3.Connection]:
        with in_words(self.path):
            connection = self._connect()
            try:
                if not references:
                    connection.execute("PRAGMA foreign_keys = OFF")
                yield connection
            finally:
                connection.close()

    @contextmanager
    def writing(self, references: bool = True) -> Iterator[sqlite3.Connection]:
        """One transaction: committed as a whole, or not at all. `references` between tables are enforced. Waits while
        the whole file is replaced."""
        with self._held(fcntl.LOCK_SH), self.reading(references) as connection:
            connection.execute("BEGIN IMMEDIATE")
            try:
                yield connection
            except BaseException:
                if connection.in_transaction:
                    connection.execute("ROLLBACK")
                raise
            connection.execute("COMMIT")

    @contextmanager
    def replacing(self) -> Iterator[None]:
        """Nobody writes meanwhile, in this process or another: what is read of the old file is all of it."""
        with self._held(fcntl.LOCK_EX):
            yield

    @contextmanager
    def _held(self, how: int) -> Iterator[None]:
        """A lock on the studio, in a file of its own: SQLite's locks end when any handle of the studio is closed."""
        self._require_there()
        with in_words(self.path):
            handle = os.open(f"{self.path}{LOCK}", os.O_RDWR | os.O_CREAT, 0o600)
        try:
            fcntl.flock(handle, how)
            yield
        finally:
            os.close(handle)

    def _require_there(self) -> None:
        if not self.path.exists():  # else a new, empty one would be made in its place
            raise StoreError(
                f"The studio file {self.path} is gone: it was moved or deleted while it was open. "
                "Nothing was saved; put it back, or start again with another file."
            )

    def _connect(self) -> sqlite3.Connection:
        self._require_there()
        connection = sqlite3.connect(self.path, isolation_level=None, timeout=5)
        connection.row_factory = sqlite3.Row
        connection.execute("PRAGMA foreign_keys = ON")
        connection.execute("PRAGMA synchronous = FULL")
        return connection


def opened_to_read(path: Path) -> sqlite3.Connection:
    """Any SQLite file as it is, which nothing changes; the caller closes it. Raises sqlite3.Error."""
    return sqlite3.connect(f"{path.resolve().as_uri()}?mode=ro", uri=True)


def open_database(path: Path) -> Database:
    """The studio file, made if missing, checked, and brought up to date. Raises StoreError with a sentence."""
    check_place(path)
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise StoreError(f"The folder {path.parent} cannot be made: {error.strerror}.") from error
    _made(path)
    database = Database(path)
    with database.reading() as connection:
        connection.execute("PRAGMA journal_mode = WAL")
        found = connection.execute("PRAGMA quick_check(1)").fetchone()[0]
        if found != "ok":
            raise sqlite3.DatabaseError("malformed")
    migrate(database)
    return database


def _made(path: Path) -> None:
    """A new studio begins as an empty file. Raises StoreError where none can be made."""
    try:
        path.touch()
    except OSError as error:
        raise StoreError(f"The studio file {path} cannot be made or written: {error.strerror}.") from error


def migrations() -> list[tuple[int, str]]:
    """Every numbered step and its SQL, in order."""
    steps = sorted(
        (entry for entry in MIGRATIONS.iterdir() if entry.name.endswith(".sql")), key=lambda entry: entry.name
    )
    return [(int(entry.name.split("_")[0]), entry.read_text(encoding="utf-8")) for entry in steps]


def migrate(database: Database) -> None:
    """Each missing step and its ledger entry commit together. Raises StoreError for a file from a later version.

    References between tables are not enforced while tables are made anew; they are checked before anything is
    committed.
    """
    with database.writing() as connection:
        connection.execute("CREATE TABLE IF NOT EXISTS migration (step INTEGER PRIMARY KEY, at TEXT NOT NULL) STRICT")
    steps = migrations()
    with database.writing(references=False) as connection:
        done = {row["step"] for row in connection.execute("SELECT step FROM migration")}
        if done and max(done) > steps[-1][0]:
            raise StoreError(f"The studio file {database.path} was written by a later Fern Ring (step {max(done)}).")
        for step, sql in steps:
            if step not in done:
                for statement in statements(sql):
                    connection.execute(statement)
                connection.execute("INSERT INTO migration (step, at) VALUES (?, ?)", (step, now()))
        made = any(step not in done for step, _ in steps)
        if made and connection.execute("PRAGMA foreign_key_check").fetchone() is not None:
            raise sqlite3.DatabaseError("malformed")
        if connection.execute("PRAGMA application_id").fetchone()[0] != APPLICATION:
            connection.execute(f"PRAGMA application_id = {APPLICATION}")


def statements(sql: str) -> Iterator[str]:
    """The single statements of a script, so that they can run inside one transaction."""
    pending = ""
    for line in sql.splitlines(keepends=True):
        pending += line
        if sqlite3.complete_statement(pending):
            yield pending
            pending = ""
