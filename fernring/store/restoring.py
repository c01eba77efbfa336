"""A copy becomes the studio again.

A studio that is brought back keeps its id and gets a new epoch, so that pages with unsent changes of before set them
aside instead of mixing them in. From the copy of what it was to the swap nobody writes: what was acknowledged is in one
of the two. Paired devices are no part of a copy: who was let in or sent away stays so.
"""

import sqlite3
from contextlib import nullcontext
from dataclasses import dataclass
from pathlib import Path

from . import daily, devices, identity, light, settings
from .clock import now
from .copies import check, draft_beside, make
from .database import Database, open_database, opened_to_read
from .errors import in_words

MOST_EPOCHS = 1_000_000


@dataclass(frozen=True)
class BroughtBack:
    """Where the old studio was kept (None where there was none); how many pictures of the copy were nowhere found."""

    kept: Path | None
    missing: int


def bring_back(copy: Path, studio: Path) -> BroughtBack:
    """The copy as the studio, in one step, also while it is served.

    Pictures that the copy does not hold come from beside it, from the daily copies or from the old studio. Raises
    CopyError or StoreError; then the studio is as before.
    """
    check(copy)
    old = open_database(studio) if studio.exists() else None
    with draft_beside(studio) as draft:
        with in_words(draft):
            _copied(copy, draft)
        fresh = open_database(draft)
        with old.replacing() if old else nullcontext():
            kept = _free(studio) if old else None
            if old and kept:
                make(old, kept)
            _renewed(fresh, old)
            beside = [at.parent / light.PICTURES for at in (copy, *daily.copies_of(studio))]
            missing = light.fill(fresh, [*beside, *([kept] if kept else [])])
            with in_words(studio):
                _copied(draft, studio)
    open_database(studio)
    return BroughtBack(kept, missing)


def _renewed(fresh: Database, old: Database | None) -> None:
    """A later epoch than both had, and the devices of the old one."""
    epoch, known = 0, []
    if old:
        with old.reading() as db:
            epoch, known = _epoch(db), devices.every(db)
    with fresh.writing() as db:
        identity.ensure(db)
        settings.write(db, identity.EPOCH, str(1 + max(epoch, _epoch(db))))
        devices.replace(db, known)


def _copied(source: Path, target: Path) -> None:
    """All pages in one step: whoever reads the target sees the old or the new."""
    one, other = opened_to_read(source), sqlite3.connect(target, timeout=5)
    try:
        one.backup(other)
    finally:
        one.close()
        other.close()


def _epoch(db: sqlite3.Connection) -> int:
    """The epoch of a studio; that of a copy in which it was altered to no number, or past all counting, is zero."""
    stored = settings.read(db).get(identity.EPOCH, "1")
    return int(stored) if stored.isdecimal() and int(stored) <= MOST_EPOCHS else 0


def _free(studio: Path) -> Path:
    """A name beside the studio for what it was until now."""
    at = now()[:19].replace(":", "").replace("-", "").replace("T", "-")
    names = (
        studio.with_name(f"{studio.stem}-before-{at}{more}{studio.suffix}")
        for more in ("", *(f"-{k}" for k in range(2, 100)))
    )
    return next(name for name in names if not name.exists())
