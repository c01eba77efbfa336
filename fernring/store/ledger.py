"""The edit ledger: every finished edit as the document after it, with a head that undo and redo move.

A save names the edit it was based on. When that is no longer the head, the save starts a branch of its
own, so nothing is overwritten and nothing refused. Edits carry ids made by the browser: sending one twice
changes nothing.
"""

import sqlite3
from collections.abc import Callable
from dataclasses import dataclass
from uuid import uuid4

from . import blobs, bodies
from .clock import now
from .errors import DamagedError, NotFoundError, TakenError


@dataclass(frozen=True)
class State:
    """Where a branch stands. `undo` and `redo` are labels of the edits they would take back or bring again."""

    document: str
    kind: str
    branch: str
    main: str
    head: str
    body: bytes
    undo: str | None
    redo: str | None
    branches: tuple[str, ...]


@dataclass(frozen=True)
class Edit:
    """A finished edit as it arrives: `mark` says what it was about (a row's id, say), `body` is JSON."""

    id: str
    based_on: str
    label: str
    mark: str
    body: bytes


def create(db: sqlite3.Connection, kind: str, ident: str, name: str, body: bytes, label: str) -> State:
    """A new document whose first edit nothing undoes."""
    branch, edit, at = new_id(), new_id(), now()
    db.execute(
        "INSERT INTO document (id, kind, name, main, created_at) VALUES (?, ?, ?, ?, ?)",
        (ident, kind, name, branch, at),
    )
    _insert_edit(db, ident, branch, None, Edit(edit, "", label, "", body))
    _insert_branch(db, ident, branch, edit, at)
    return state(db, ident)


def state(db: sqlite3.Connection, ident: str, branch: str | None = None) -> State:
    """The document as it stands on the branch (the main one unless named). Raises NotFoundError."""
    document = db.execute("SELECT kind, main FROM document WHERE id = ? AND deleted_at IS NULL", (ident,)).fetchone()
    if document is None:
        raise NotFoundError(f"There is no document “{ident}” in this studio.", "id")
    row = db.execute(
        "SELECT b.id, b.head, e.parent, e.label FROM branch b JOIN edit e ON e.id = b.head "
        "WHERE b.id = ? AND b.document = ? AND b.closed_at IS NULL",
        (branch or document["main"], ident),
    ).fetchone()
    if row is None:
        raise NotFoundError("That branch was closed in another window; open the piece again.", "branch")
    after = _undone(db, row["id"])
    open_branches = db.execute(
        "SELECT id FROM branch WHERE document = ? AND closed_at IS NULL ORDER BY created_at", (ident,)
    )
    return State(
        document=ident,
        kind=document["kind"],
        branch=row["id"],
        main=document["main"],
        head=row["head"],
        body=bodies.read(db, row["head"]),
        undo=row["label"] if row["parent"] else None,
        redo=after["label"] if after else None,
        branches=tuple(entry["id"] for entry in open_branches),
    )


def append(db: sqlite3.Connection, ident: str, branch: str, edit: Edit) -> State:
    """The edit on top of the branch, or on a new branch when it was based on an older state.

    An edit that is known changes nothing; when its branch was closed meanwhile, the main one is answered. Raises
    NotFoundError for an unknown document or base, TakenError when another document has an edit with this id.
    """
    seen = db.execute("SELECT document, branch FROM edit WHERE id = ?", (edit.id,)).fetchone()
    if seen and seen["document"] != ident:
        raise TakenError("Another document holds a change with this id, so it cannot be kept here.", "id")
    if seen:
        return state(db, ident, seen["branch"] if _is_open(db, ident, seen["branch"]) else None)
    branch = _own_branch(db, ident, branch, edit.based_on)
    _insert_edit(db, ident, branch, edit.based_on, edit)
    db.execute("UPDATE branch SET head = ?, tip = ? WHERE id = ?", (edit.id, edit.id, branch))
    db.execute("DELETE FROM undone WHERE branch = ?", (branch,))
    return state(db, ident, branch)


def step(db: sqlite3.Connection, ident: str, branch: str, based_on: str, back: bool) -> State:
    """Undo (back) or redo by one edit; at the end of the ledger the state comes back unchanged."""
    branch = _own_branch(db, ident, branch, based_on)
    head, parent = db.execute(
        "SELECT b.head, e.parent FROM branch b JOIN edit e ON e.id = b.head WHERE b.id = ?", (branch,)
    ).fetchone()
    top = _undone(db, branch)
    if back and parent:
        depth = top["depth"] + 1 if top else 1
        db.execute("INSERT INTO undone (branch, depth, edit) VALUES (?, ?, ?)", (branch, depth, head))
        db.execute("UPDATE branch SET head = ? WHERE id = ?", (parent, branch))
    if not back and top:
        db.execute("DELETE FROM undone WHERE branch = ? AND depth = ?", (branch, top["depth"]))
        db.execute("UPDATE branch SET head = ? WHERE id = ?", (top["edit"], branch))
    return state(db, ident, branch)


def choose(db: sqlite3.Connection, ident: str, branch: str) -> State:
    """Make this branch the piece; the others are closed (their edits stay in the ledger)."""
    state(db, ident, branch)
    db.execute(
        "UPDATE branch SET closed_at = ? WHERE document = ? AND id <> ? AND closed_at IS NULL", (now(), ident, branch)
    )
    db.execute("UPDATE document SET main = ? WHERE id = ?", (branch, ident))
    return state(db, ident, branch)


def close(db: sqlite3.Connection, ident: str, branch: str) -> None:
    """Close a branch other than the main one."""
    db.execute("UPDATE branch SET closed_at = ? WHERE document = ? AND id = ?", (now(), ident, branch))


def body_of(db: sqlite3.Connection, ident: str, edit: str) -> bytes:
    """The document after that edit. Raises NotFoundError."""
    if db.execute("SELECT 1 FROM edit WHERE id = ? AND document = ?", (edit, ident)).fetchone() is None:
        raise NotFoundError("That state is not in the ledger of this piece.", "edit")
    return bodies.read(db, edit)


def mend(db: sqlite3.Connection, ident: str, readable: Callable[[bytes], bool]) -> str:
    """Take the main branch back to its newest state that can be read; answers that edit. What is damaged stays in the
    ledger. Raises NotFoundError where no state can be read.
    """
    query = (
        "WITH RECURSIVE line (id, parent) AS ("
        " SELECT e.id, e.parent FROM document d JOIN branch b ON b.id = d.main JOIN edit e ON e.id = b.head"
        " WHERE d.id = ?"
        " UNION ALL SELECT e.id, e.parent FROM edit e JOIN line l ON e.id = l.parent)"
        " SELECT id FROM line"
    )
    for row in db.execute(query, (ident,)):
        if _is_readable(db, row["id"], readable):
            db.execute(
                "UPDATE branch SET head = ?, tip = ? WHERE id = (SELECT main FROM document WHERE id = ?)",
                (row["id"], row["id"], ident),
            )
            db.execute("DELETE FROM undone WHERE branch = (SELECT main FROM document WHERE id = ?)", (ident,))
            return str(row["id"])
    raise NotFoundError("No earlier state of this piece can be read.", "id")


def raw_body(db: sqlite3.Connection, ident: str) -> bytes:
    """What is kept of the document as it stands, whole or not. Raises NotFoundError."""
    row = db.execute("SELECT b.head FROM document d JOIN branch b ON b.id = d.main WHERE d.id = ?", (ident,)).fetchone()
    if row is None:
        raise NotFoundError(f"There is no document “{ident}” in this studio.", "id")
    return bodies.raw(db, row["head"])


def _is_readable(db: sqlite3.Connection, edit: str, readable: Callable[[bytes], bool]) -> bool:
    try:
        return readable(bodies.read(db, edit))
    except DamagedError:
        return False


def new_id() -> str:
    return uuid4().hex


def _own_branch(db: sqlite3.Connection, ident: str, branch: str, based_on: str) -> str:
    """The open branch that stands at `based_on`, the named one before others; else a new one that starts there.

    So a chain of edits stays on one branch, whatever branch their sender thinks it is on.
    """
    standing: sqlite3.Row | None = db.execute(
        "SELECT b.id FROM branch b JOIN document d ON d.id = b.document WHERE b.document = ? AND b.head = ? "
        "AND b.closed_at IS NULL AND d.deleted_at IS NULL ORDER BY b.id = ? DESC, b.id = d.main DESC, b.created_at",
        (ident, based_on, branch),
    ).fetchone()
    if standing is not None:
        return str(standing["id"])
    state(db, ident)
    body_of(db, ident, based_on)
    fork = new_id()
    _insert_branch(db, ident, fork, based_on, now())
    return fork


def _is_open(db: sqlite3.Connection, ident: str, branch: str) -> bool:
    query = "SELECT 1 FROM branch WHERE id = ? AND document = ? AND closed_at IS NULL"
    return db.execute(query, (branch, ident)).fetchone() is not None


def _undone(db: sqlite3.Connection, branch: str) -> sqlite3.Row | None:
    """The edit that redo brings, its label, and how many were taken back; None when there is none."""
    found: sqlite3.Row | None = db.execute(
        "SELECT u.depth, u.edit, e.label FROM undone u JOIN edit e ON e.id = u.edit WHERE u.branch = ? "
        "ORDER BY u.depth DESC LIMIT 1",
        (branch,),
    ).fetchone()
    return found


def _insert_edit(db: sqlite3.Connection, ident: str, branch: str, parent: str | None, edit: Edit) -> None:
    body = bodies.kept(db, edit.body, parent)
    db.execute(
        "INSERT INTO edit (id, document, branch, parent, label, mark, body, base, hash, made_at) "
        "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
        (edit.id, ident, branch, parent, edit.label, edit.mark, body.body, body.base, body.hash, now()),
    )
    blobs.note_uses(db, edit.id, edit.body)


def _insert_branch(db: sqlite3.Connection, ident: str, branch: str, head: str, at: str) -> None:
    db.execute(
        "INSERT INTO branch (id, document, head, tip, created_at) VALUES (?, ?, ?, ?, ?)",
        (branch, ident, head, head, at),
    )
