"""Old edits go, so that a studio does not grow for ever; what anybody may come back to stays.

Of each document the last thousand edits stay, and whatever is younger than half a year. Of the older ones stay the
first, revisions, where branches stand and what redo would bring, branches that wait for a choice, and bodies that
others rest on. Undo goes on from what is left: an edit whose predecessor went follows the nearest that stayed.
"""

import sqlite3
from datetime import datetime, timedelta

from . import blobs
from .clock import moment
from .database import Database

DAYS = 180
LAST = 1000

NAMED = """
    SELECT edit FROM revision WHERE document = :id
    UNION SELECT head FROM branch WHERE document = :id
    UNION SELECT tip FROM branch WHERE document = :id
    UNION SELECT u.edit FROM undone u JOIN branch b ON b.id = u.branch WHERE b.document = :id
    UNION SELECT e.id FROM edit e JOIN branch b ON b.id = e.branch JOIN document d ON d.id = e.document
        WHERE e.document = :id AND b.closed_at IS NULL AND b.id <> d.main
"""


def thin(database: Database, at: datetime) -> int:
    """Take out what may go at this time, document by document; answers how many edits went.

    Documents deleted less than half a year ago are left as they are. Pictures that nobody names any more go as well.
    """
    before = moment(at - timedelta(days=DAYS))
    with database.reading() as db:
        query = "SELECT id FROM document WHERE deleted_at IS NULL OR deleted_at < ?"
        idents = [row["id"] for row in db.execute(query, (before,))]
    gone = 0
    for ident in idents:
        with database.writing() as db:
            gone += _thinned(db, ident, before)
    with database.writing() as db:
        blobs.sweep(db, before)
    return gone


def _thinned(db: sqlite3.Connection, ident: str, before: str) -> int:
    query = "SELECT id, parent, base, made_at FROM edit WHERE document = ? ORDER BY rowid"
    edits = list(db.execute(query, (ident,)))
    old = [edit for edit in edits[:-LAST] if edit["made_at"] < before and edit["parent"] is not None]
    if not old:
        return 0
    named = {row["edit"] for row in db.execute(NAMED, {"id": ident})}
    going = {edit["id"] for edit in old} - named
    going -= {edit["base"] for edit in edits if edit["id"] not in going}
    db.execute("PRAGMA defer_foreign_keys = ON")  # until the commit: edits name each other
    parents: dict[str, str] = {}
    for edit in edits:  # a parent stands before its children, so what it became is known
        stays = parents.get(edit["parent"], edit["parent"])
        if edit["id"] in going:
            parents[edit["id"]] = stays
        elif stays != edit["parent"]:
            db.execute("UPDATE edit SET parent = ? WHERE id = ?", (stays, edit["id"]))
    for table in ("sketch", "blob_use"):
        db.executemany(f"DELETE FROM {table} WHERE edit = ?", ((one,) for one in going))
    db.executemany("DELETE FROM edit WHERE id = ?", ((one,) for one in going))
    return len(going)
