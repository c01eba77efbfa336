"""Large things inside the studio file, by the hash of their bytes: pictures, once for all who name them."""

import hashlib
import re
import sqlite3
from collections.abc import Iterator
from dataclasses import dataclass

from .clock import now
from .errors import NotFoundError, StoreError

MOST_BYTES = 12_000_000
MOST_IN_ALL = 2_000_000_000
NAMED = re.compile(rb'"blob:([0-9a-f]{64})"')


@dataclass(frozen=True)
class Blob:
    hash: str
    media: str
    body: bytes


def put(db: sqlite3.Connection, body: bytes, media: str) -> str:
    """Keep these bytes and answer their hash; the same bytes are kept once. Raises StoreError past the bounds."""
    if not 0 < len(body) <= MOST_BYTES:
        raise StoreError(f"A picture holds at most {MOST_BYTES:,} bytes; this one has {len(body):,}.")
    digest = hashlib.sha256(body).hexdigest()
    if db.execute("SELECT 1 FROM blob WHERE hash = ?", (digest,)).fetchone():
        return digest
    held = db.execute("SELECT coalesce(sum(bytes), 0) AS held FROM blob").fetchone()["held"]
    if held + len(body) > MOST_IN_ALL:
        raise StoreError(
            f"A studio file holds at most {MOST_IN_ALL:,} bytes of pictures; with this one it would be "
            f"{held + len(body):,}."
        )
    db.execute(
        "INSERT INTO blob (hash, media, bytes, body, made_at) VALUES (?, ?, ?, ?, ?)",
        (digest, media, len(body), body, now()),
    )
    return digest


def get(db: sqlite3.Connection, digest: str) -> Blob:
    """Raises NotFoundError."""
    row = db.execute("SELECT hash, media, body FROM blob WHERE hash = ?", (digest,)).fetchone()
    if row is None:
        raise NotFoundError("There is no such picture in this studio.", "hash")
    return Blob(row["hash"], row["media"], row["body"])


def every(db: sqlite3.Connection) -> Iterator[tuple[str, str, bytes]]:
    """Hash, media type and bytes of everything kept."""
    for row in db.execute("SELECT hash, media, body FROM blob ORDER BY hash"):
        yield row["hash"], row["media"], row["body"]


def note_uses(db: sqlite3.Connection, edit: str, body: bytes) -> None:
    """Remember which blobs a document names after this edit, as "blob:" and their hash."""
    for digest in set(NAMED.findall(body)):
        db.execute("INSERT OR IGNORE INTO blob_use (edit, hash) VALUES (?, ?)", (edit, digest.decode()))


def sweep(db: sqlite3.Connection, before: str) -> int:
    """Remove blobs made before this time that no edit of any document or branch names; answers how many.

    Revisions are edits, so what one of them names stays too.
    """
    return db.execute(
        "DELETE FROM blob WHERE made_at < ? AND hash NOT IN (SELECT hash FROM blob_use)", (before,)
    ).rowcount
