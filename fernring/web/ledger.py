"""Routes for documents and their ledger: reading, saving edits, undo, redo, branches, revisions."""

import sqlite3
from typing import Annotated, Literal

import orjson
from fastapi import APIRouter, Request
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.kit import Kit
from ..core.document.numbers import Label
from ..core.document.piece import Piece
from ..core.document.shelf import Shelf
from ..core.errors import DocumentError
from ..formats.piece_json import parse_document
from ..formats.summary_json import summary_bytes
from ..store import identity, ledger, pieces, revisions, sketches
from ..store.database import Database
from ..store.errors import DamagedError
from ..store.identity import Identity
from ..store.ledger import State
from .answer import Answer, Asked
from .errors import CONFLICT, RESPONSES
from .news import tell
from .reading import DocumentBody, QuickRoute

router = APIRouter(prefix="/api/documents", tags=["documents"], route_class=QuickRoute, responses=RESPONSES)

Token = Annotated[str, Field(strict=True, pattern=r"^[0-9a-f]{32}$")]
DocumentId = Annotated[str, PathValue(pattern=r"^[a-z0-9]{1,64}$")]
BranchId = Annotated[str, PathValue(pattern=r"^[0-9a-f]{32}$")]
Document = Annotated[Piece | Kit | Shelf, Field(discriminator="format")]


class Studio(Asked):
    """Which studio a change is made for: its id, and the epoch that a restored copy counts on."""

    id: Token
    epoch: Annotated[int, Field(strict=True, ge=1, le=10**6)]


class StateAnswer(Answer):
    """Where a branch stands. `undo` and `redo` are the labels of what they would change, or null."""

    studio: Studio
    id: str
    kind: str
    branch: str
    main: str
    head: str
    undo: str | None
    redo: str | None
    branches: list[str]
    document: Document


class SavedAnswer(Answer):
    """The answer to a save: as StateAnswer, without the document, which the sender has."""

    branch: str
    main: str
    head: str
    undo: str | None
    redo: str | None
    branches: list[str]


class EditRequest(Asked):
    """A finished edit. `id` is made by the sender: sending an edit twice changes nothing.

    With `studio` it is taken only by the studio it was made for.
    """

    studio: Studio | None = None
    id: Token
    branch: Token
    based_on: Token
    label: Label
    mark: Label = ""
    document: DocumentBody


class StepRequest(Asked):
    branch: Token
    based_on: Token


class RevisionRequest(Asked):
    edit: Token
    reason: Literal["left", "printed", "idle", "asked", "brought back"]


class RevisionAnswer(Answer):
    id: int
    edit: str
    reason: str
    made_at: str
    label: str


def studio(request: Request) -> Database:
    """The studio file this server works on."""
    database: Database = request.app.state.database
    return database


@router.get("/{ident}")
def getstored_document(request: Request, ident: DocumentId, branch: Token | None = None) -> StateAnswer:
    """The document as it stands, on its main branch unless another is named."""
    try:
        with studio(request).reading() as db:
            return state_answer(db, ledger.state(db, ident, branch))
    except DamagedError:
        with studio(request).writing() as db:  # so that the Bench shows it as damaged, with what can be done
            sketches.forget_head(db, ident)
        raise


@router.post("/{ident}/edits", responses=CONFLICT)
def post_edit(request: Request, ident: DocumentId, edit: EditRequest) -> SavedAnswer:
    """Save a finished edit; one based on an older state starts a branch."""
    body = orjson.dumps(edit.document.model_dump(mode="json"))
    with studio(request).writing() as db:
        if edit.studio is not None:
            identity.check(db, Identity(edit.studio.id, edit.studio.epoch))
        kind = ledger.state(db, ident).kind
        if edit.document.format.removeprefix("fernring.") != kind:
            raise DocumentError(f"Document {ident} is a {kind}.", "document.format")
        entry = ledger.Edit(edit.id, edit.based_on, edit.label, edit.mark, body)
        state = ledger.append(db, ident, edit.branch, entry)
        if isinstance(edit.document, Piece):
            sketches.put_summary(db, edit.id, summary_bytes(edit.document))
            if state.branch == state.main:
                pieces.rename(db, ident, edit.document.name)
    tell(request, ident, "document")
    return _saved(state)


@router.post("/{ident}/undo")
def post_undo(request: Request, ident: DocumentId, step: StepRequest) -> StateAnswer:
    """Take back the last edit of the branch."""
    with studio(request).writing() as db:
        answer = state_answer(db, ledger.step(db, ident, step.branch, step.based_on, back=True))
    tell(request, ident, "document")
    return answer


@router.post("/{ident}/redo")
def post_redo(request: Request, ident: DocumentId, step: StepRequest) -> StateAnswer:
    """Bring back the edit last taken back."""
    with studio(request).writing() as db:
        answer = state_answer(db, ledger.step(db, ident, step.branch, step.based_on, back=False))
    tell(request, ident, "document")
    return answer


@router.post("/{ident}/branches/{branch}/choose")
def post_choose(request: Request, ident: DocumentId, branch: BranchId) -> StateAnswer:
    """Go on with this branch alone."""
    with studio(request).writing() as db:
        return state_answer(db, ledger.choose(db, ident, branch))


@router.post("/{ident}/branches/{branch}/separate")
def post_separate(request: Request, ident: DocumentId, branch: BranchId) -> StateAnswer:
    """Make the branch a piece of its own."""
    with studio(request).writing() as db:
        state = ledger.state(db, ident, branch)
        piece = stored_document(state.body)
        if branch == state.main or not isinstance(piece, Piece):
            raise DocumentError("Only a side branch of a piece can become a piece of its own.", "branch")
        return state_answer(db, pieces.separate(db, state, piece.name))


@router.get("/{ident}/revisions")
def get_revisions(request: Request, ident: DocumentId) -> list[RevisionAnswer]:
    """All revisions, the newest first."""
    with studio(request).reading() as db:
        ledger.state(db, ident)
        return [RevisionAnswer(**vars(revision)) for revision in revisions.listed(db, ident)]


@router.post("/{ident}/revisions")
def post_revision(request: Request, ident: DocumentId, wanted: RevisionRequest) -> RevisionAnswer:
    """Cut a revision at an edit."""
    with studio(request).writing() as db:
        ledger.state(db, ident)
        return RevisionAnswer(**vars(revisions.cut(db, ident, wanted.edit, wanted.reason)))


@router.get("/{ident}/revisions/{revision}")
def get_revision(request: Request, ident: DocumentId, revision: Annotated[int, PathValue(ge=1, le=2**53)]) -> Document:
    """The document as it was at that revision."""
    with studio(request).reading() as db:
        return stored_document(revisions.body(db, ident, revision))


def stored_document(body: bytes) -> Piece | Kit | Shelf:
    """A document from the ledger. Raises DamagedError where it cannot be read any more."""
    try:
        return parse_document(body)
    except DocumentError as error:
        raise DamagedError(f"This state cannot be read. {error.message}") from error


def _saved(state: State) -> SavedAnswer:
    return SavedAnswer(
        branch=state.branch,
        main=state.main,
        head=state.head,
        undo=state.undo,
        redo=state.redo,
        branches=list(state.branches),
    )


def state_answer(db: sqlite3.Connection, state: State) -> StateAnswer:
    known = {"studio": vars(identity.read(db)), "id": state.document, "kind": state.kind}
    saved = _saved(state).model_dump()
    return StateAnswer.model_validate({**known, "document": stored_document(state.body), **saved})
