"""Documents as they lie in the ledger: JSON compressed with zlib, or as its difference from an earlier body.

A difference rests on a body that is kept whole, never on another difference, so reading takes two lines of the table
however long the ledger is. It rests on a body of the same version of the format only.
"""

import re
import sqlite3
import zlib
from dataclasses import dataclass
from hashlib import sha256

from .difference import difference, restored
from .errors import DamagedError

MOST_ON_ONE = 60  # differences that rest on one body: so many are lost with it, should it be damaged
VERSION = re.compile(rb'"version":\s*(\d+)')


@dataclass(frozen=True)
class Kept:
    """A body as one line of the ledger holds it; `base` is the edit whose body it differs from, None when whole."""

    body: bytes
    base: str | None
    hash: bytes


def kept(db: sqlite3.Connection, body: bytes, parent: str | None) -> Kept:
    """How to keep the body of an edit made on `parent`: as a difference where that is much the shorter."""
    base = _base(db, parent)
    whole = Kept(zlib.compress(body), None, sha256(body).digest())
    if base is None or _version(base[1]) != _version(body):
        return whole
    short = difference(body, base[1])
    return Kept(short, base[0], whole.hash) if 2 * len(short) < len(whole.body) else whole


def read(db: sqlite3.Connection, edit: str) -> bytes:
    """The body after an edit that is in the ledger. Raises DamagedError where what was kept is no longer whole."""
    row = db.execute(
        "SELECT e.body, e.hash, e.base, b.body AS base_body, b.hash AS base_hash "
        "FROM edit e LEFT JOIN edit b ON b.id = e.base WHERE e.id = ?",
        (edit,),
    ).fetchone()
    try:
        if row["base"] is None:
            return _checked(zlib.decompress(row["body"]), row["hash"])
        base = _checked(zlib.decompress(row["base_body"]), row["base_hash"])
        return _checked(restored(row["body"], base), row["hash"])
    except (zlib.error, ValueError) as error:
        raise DamagedError("This state is damaged in the studio file and cannot be read.") from error


def raw(db: sqlite3.Connection, edit: str) -> bytes:
    """The body as far as it can be read: whole, or what is kept of it."""
    try:
        return read(db, edit)
    except DamagedError:
        (body,) = db.execute("SELECT body FROM edit WHERE id = ?", (edit,)).fetchone()
    try:
        return zlib.decompress(body)
    except zlib.error:
        return bytes(body)


def _base(db: sqlite3.Connection, parent: str | None) -> tuple[str, bytes] | None:
    """The edit that the next difference may rest on, and its body."""
    if parent is None:
        return None
    (ident,) = db.execute("SELECT coalesce(base, id) FROM edit WHERE id = ?", (parent,)).fetchone()
    if db.execute("SELECT count(*) FROM edit WHERE base = ?", (ident,)).fetchone()[0] >= MOST_ON_ONE:
        return None
    try:
        return ident, read(db, ident)
    except DamagedError:
        return None


def _version(body: bytes) -> bytes | None:
    found = VERSION.search(body)
    return found[1] if found else None


def _checked(body: bytes, digest: bytes | None) -> bytes:
    """The body, if it is the one that was kept. Raises ValueError."""
    if digest is not None and sha256(body).digest() != digest:
        raise ValueError("The body is not the one that was kept.")
    return body
