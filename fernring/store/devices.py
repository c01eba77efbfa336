"""Devices that were paired with this studio."""

import sqlite3
from typing import NamedTuple

from .clock import now
from .errors import NotFoundError, TakenError

MOST = 40


class Device(NamedTuple):
    id: int
    name: str
    paired_at: str


def add(db: sqlite3.Connection, name: str, digest: bytes) -> int:
    """A new device, by the hash of its secret. Raises TakenError where there are too many."""
    if len(listed(db)) >= MOST:
        raise TakenError(f"A studio is paired with at most {MOST} devices; revoke one first.", "name")
    found = db.execute("INSERT INTO device (name, hash, paired_at) VALUES (?, ?, ?)", (name, digest, now()))
    return int(found.lastrowid or 0)


def by_hash(db: sqlite3.Connection, digest: bytes) -> int | None:
    """The device that holds this secret, unless it was revoked."""
    row = db.execute("SELECT id FROM device WHERE hash = ? AND revoked_at IS NULL", (digest,)).fetchone()
    return row["id"] if row else None


def listed(db: sqlite3.Connection) -> list[Device]:
    """Those that are paired, the latest first."""
    rows = db.execute("SELECT id, name, paired_at FROM device WHERE revoked_at IS NULL ORDER BY id DESC")
    return [Device(row["id"], row["name"], row["paired_at"]) for row in rows]


def revoke(db: sqlite3.Connection, ident: int) -> None:
    """The device is paired no more. Raises NotFoundError."""
    query = "UPDATE device SET revoked_at = ? WHERE id = ? AND revoked_at IS NULL"
    if db.execute(query, (now(), ident)).rowcount == 0:
        raise NotFoundError("There is no such device among the paired ones.", "id")


def every(db: sqlite3.Connection) -> list[tuple[object, ...]]:
    """All that were ever paired, revoked ones included, as they are kept."""
    query = "SELECT id, name, hash, paired_at, revoked_at FROM device ORDER BY id"
    return [tuple(row) for row in db.execute(query)]


def replace(db: sqlite3.Connection, known: list[tuple[object, ...]]) -> None:
    """These instead of those that are there."""
    db.execute("DELETE FROM device")
    db.executemany("INSERT INTO device (id, name, hash, paired_at, revoked_at) VALUES (?, ?, ?, ?, ?)", known)
