"""What can go wrong when the studio reads or writes its file, in words."""

import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager

from ..core.errors import FernError


class StoreError(FernError):
    """The file cannot be read or written; nothing of what was in it is lost."""

    code = "store"


class NotFoundError(FernError):
    """There is no such piece, branch or revision."""

    code = "not found"


class DamagedError(FernError):
    """A state in the ledger cannot be read any more; others can."""

    code = "damaged"


class CopyError(FernError):
    """A file is no whole copy of a studio."""

    code = "copy"


class TakenError(FernError):
    """An id that must be new is known already, for something else."""

    code = "taken"


class OtherStudioError(FernError):
    """A change was made for another studio than the one that is served."""

    code = "other studio"


class EarlierEpochError(FernError):
    """A change was made before the studio was restored from a copy."""

    code = "earlier epoch"


@contextmanager
def in_words(path: object) -> Iterator[None]:
    """sqlite3's errors as StoreError sentences."""
    try:
        yield
    except sqlite3.DatabaseError as error:
        raise StoreError(_sentence(str(error), path)) from error


def _sentence(reason: str, path: object) -> str:
    low = reason.lower()
    if "readonly" in low or "read-only" in low or "unable to open" in low:
        return f"The studio file {path} or its folder is read-only. Your last change was not saved."
    if "full" in low or "disk i/o" in low:
        return f"The disk with the studio file {path} is full. Your last change was not saved; make room and try again."
    if "malformed" in low or "not a database" in low or "corrupt" in low:
        return (
            f"The studio file {path} is damaged and was left untouched. "
            "Move it aside, put a copy in its place, or start with a new file."
        )
    if "locked" in low:
        return f"The studio file {path} is in use by another program. Your last change was not saved; try again."
    return f"The studio file {path} cannot be used: {reason}."
