"""Which studio a file is: an id for life, and an epoch that a restored copy counts on.

A change that a page kept unsent is taken only by the studio it was made for. After a restore the edits it was based
on may be gone, so a change of an earlier epoch is refused too, and the page sets it aside in sight.
"""

import sqlite3
from dataclasses import dataclass

from . import settings
from .errors import EarlierEpochError, OtherStudioError
from .ledger import new_id

ID, EPOCH = "studio", "epoch"


@dataclass(frozen=True)
class Identity:
    id: str
    epoch: int


def ensure(db: sqlite3.Connection) -> None:
    """A studio without an identity is given one."""
    if ID not in settings.read(db):
        settings.write(db, ID, new_id())
        settings.write(db, EPOCH, "1")


def read(db: sqlite3.Connection) -> Identity:
    stored = settings.read(db)
    return Identity(stored[ID], int(stored[EPOCH]))


def check(db: sqlite3.Connection, made_for: Identity) -> None:
    """Raises OtherStudioError or EarlierEpochError unless the change was made for this studio as it is now."""
    here = read(db)
    if made_for.id != here.id:
        raise OtherStudioError("This change was made for another studio than the one served here.", "studio")
    if made_for.epoch != here.epoch:
        raise EarlierEpochError("This change was made before the studio was restored from a copy.", "studio")
