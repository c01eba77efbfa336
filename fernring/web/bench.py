"""Routes for the Bench and the studio as a whole: pieces, kit and shelf, settings."""

import sqlite3
from time import time
from typing import Annotated, Literal

import orjson
from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.piece import Piece
from ..core.document.work import Work
from ..core.errors import DocumentError
from ..core.solved import solve_piece
from ..formats.plan_json import sketch_bytes
from ..formats.summary_json import summary_bytes
from ..store import happenings, identity, ledger, pieces, settings, sketches
from ..store.errors import DamagedError
from ..store.ledger import State
from .answer import Answer, Asked
from .copies import only_here
from .errors import RESPONSES, Problem
from .exports import file_answer
from .ledger import DocumentId, StateAnswer, Studio, state_answer, stored_document, studio
from .logbook import ProgressAnswer, book_of, progress_of
from .planned import SketchAnswer, Summary
from .prints import Printer
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["bench"], route_class=QuickRoute, responses=RESPONSES)

Units = Literal["mm", "cm", "inch"]
Look = Literal["4"]  # another once pieces are drawn in small in another way
Scheme = Literal["light", "dark", "auto"]
EditId = Annotated[str, PathValue(pattern=r"^[0-9a-f]{32}$")]


class AtWork(Answer):
    """Where a piece is that was begun, and until when it has to dry before the next step can be done (seconds since
    1970; null where it can)."""

    progress: ProgressAnswer | None
    drying: float | None
    resting: bool
    minutes: float


class PieceListed(Summary):
    """A piece on the Bench: what is said of it, by which edit its small picture is asked for, and where its work is."""

    id: str
    head: str
    changed_at: str
    at_work: AtWork | None


class DamagedPiece(Answer):
    """A piece whose present state cannot be read, and why; earlier ones may be."""

    id: str
    name: str
    head: str
    changed_at: str
    damaged: str


class StudioAnswer(Answer):
    """Which studio this is, the ids of its kit and shelf, and the settings."""

    studio: Studio
    kit: str
    shelf: str
    units: Units
    scheme: Scheme
    printer: Printer


class SettingsRequest(Asked):
    units: Units
    scheme: Scheme


class NewPiece(Asked):
    piece: PieceBody
    label: Annotated[str, Field(strict=True, min_length=1, max_length=120)] = "Begin the piece"


@router.get(
    "/alive", status_code=204, responses={400: {"model": Problem, "description": RESPONSES[400]["description"]}}
)
def get_alive() -> None:
    """Whether the server answers."""


@router.get("/studio")
def get_studio(request: Request) -> StudioAnswer:
    """What the page needs to know at its start."""
    with studio(request).reading() as db:
        here, stored = identity.read(db), settings.read(db)
        kit, shelf = pieces.singleton(db, "kit"), pieces.singleton(db, "shelf")
    printer = {side: float(stored[f"printer-{side}"]) for side in ("across", "along") if f"printer-{side}" in stored}
    return StudioAnswer.model_validate(
        {
            "studio": vars(here),
            "kit": kit,
            "shelf": shelf,
            "units": stored.get("units", "mm"),
            "scheme": stored.get("scheme", "auto"),
            "printer": printer,
        }
    )


@router.put("/studio")
def put_studio(request: Request, wanted: SettingsRequest) -> StudioAnswer:
    """Change the settings."""
    with studio(request).writing() as db:
        settings.write(db, "units", wanted.units)
        settings.write(db, "scheme", wanted.scheme)
    return get_studio(request)


@router.put("/studio/schools", status_code=204)
def put_schools(request: Request, work: Work) -> None:
    """How new pieces are painted from now on: the choices alone, without what belongs to one piece."""
    bare = work.model_copy(update={"moves": (), "repairs": ()})
    with studio(request).writing() as db:
        settings.write(db, "schools", bare.model_dump_json())


@router.put("/studio/printer")
def put_printer(request: Request, printer: Printer) -> StudioAnswer:
    """Keep what the test bars measured; every later print is corrected by it."""
    with studio(request).writing() as db:
        settings.write(db, "printer-across", repr(printer.across))
        settings.write(db, "printer-along", repr(printer.along))
    return get_studio(request)


@router.get("/pieces")
def get_pieces(request: Request) -> list[PieceListed | DamagedPiece]:
    """All pieces on the Bench, without their documents; those that cannot be read are told with the reason."""
    with studio(request).reading() as db:
        found = pieces.listed(db)
        begun = {ident: _at_work(db, ident) for ident, _ in happenings.at_work(db)}
    if all(one.summary is not None for one in found):
        return [_listed(one, one.summary or "", begun.get(one.id)) for one in found]
    with studio(request).writing() as db:
        return [
            _listed(one, one.summary, begun.get(one.id))
            if one.summary is not None
            else _looked_at(db, one, begun.get(one.id))
            for one in found
        ]


def _at_work(db: sqlite3.Connection, ident: str) -> AtWork:
    now, book = time(), book_of(db, ident)
    due = book.progress.ready if book.progress and book.progress.ready > now else None
    minutes = sum(one.at_work for one in book.sittings)
    return AtWork(progress=progress_of(book), drying=due, resting=book.resting is not None, minutes=minutes)


def _listed(one: pieces.Listed, summary: str, at_work: AtWork | None) -> PieceListed:
    known = orjson.loads(summary)
    return PieceListed(**known, id=one.id, head=one.head, changed_at=one.changed_at, at_work=at_work)


def _looked_at(db: sqlite3.Connection, one: pieces.Listed, at_work: AtWork | None) -> PieceListed | DamagedPiece:
    """A piece of which no summary was kept."""
    try:
        summary = summary_bytes(_piece(sketches.body_of_piece(db, one.head)))
    except DamagedError as error:
        return DamagedPiece(id=one.id, name=one.name, head=one.head, changed_at=one.changed_at, damaged=error.message)
    sketches.put_summary(db, one.head, summary)
    return _listed(one, summary.decode(), at_work)


@router.get("/pictures/{look}/{edit}", response_model=None, responses={200: {"model": SketchAnswer}})
def get_picture(request: Request, edit: EditId, look: Look) -> Response:
    """The small picture of a piece after an edit: made when first asked for, the same for ever in one look."""
    with studio(request).reading() as db:
        kept = sketches.picture(db, edit, int(look))
        body = None if kept is not None else sketches.body_of_piece(db, edit)
    if kept is None and body is not None:
        piece = _piece(body)
        kept = sketch_bytes(solve_piece(piece))
        with studio(request).writing() as db:
            sketches.put_summary(db, edit, summary_bytes(piece))
            sketches.put_picture(db, edit, kept, int(look))
    return Response(kept, media_type="application/json")


@router.post("/pieces", status_code=201)
def post_piece(request: Request, new: NewPiece) -> StateAnswer:
    """Put a piece on the Bench: a new one, or one from a file."""
    return _put(request, new.piece, new.label)


@router.post("/pieces/{ident}/copy", status_code=201)
def post_copy(request: Request, ident: DocumentId) -> StateAnswer:
    """Put a copy of a piece on the Bench."""
    with studio(request).reading() as db:
        piece = _piece(ledger.state(db, ident).body)
    bare = tuple(row.model_copy(update={"painted": None}) for row in piece.rows)  # a copy is not painted yet
    named = {"name": f"{piece.name}, copy"[:120], "rows": bare}
    return _put(request, piece.model_copy(update=named), "Copy a piece")


@router.post("/pieces/{ident}/mend")
def post_mend(request: Request, ident: DocumentId) -> StateAnswer:
    """Take a damaged piece back to its newest state that can be read."""
    with studio(request).writing() as db:
        ledger.mend(db, ident, _is_piece)
        return state_answer(db, ledger.state(db, ident))


@router.get("/pieces/{ident}/raw", response_model=None, responses={200: {"content": {"application/octet-stream": {}}}})
def get_raw(request: Request, ident: DocumentId) -> Response:
    """What is kept of a piece, whole or not, as a file."""
    with studio(request).reading() as db:
        return file_answer(ledger.raw_body(db, ident), "application/octet-stream", ident, ".txt")


def _is_piece(body: bytes) -> bool:
    try:
        _piece(body)
    except DamagedError:
        return False
    return True


def _put(request: Request, piece: Piece, label: str) -> StateAnswer:
    with studio(request).writing() as db:
        return state_answer(db, put_piece(db, piece, label))


def put_piece(db: sqlite3.Connection, piece: Piece, label: str) -> State:
    """A new piece on the Bench, with what is said of it there."""
    body = orjson.dumps(piece.model_dump(mode="json"))
    state = ledger.create(db, "piece", pieces.piece_id(), piece.name, body, label)
    sketches.put_summary(db, state.head, summary_bytes(piece))
    return state


def _piece(body: bytes) -> Piece:
    document = stored_document(body)
    if not isinstance(document, Piece):
        raise DocumentError("This is not a piece.", "id")
    return document


@router.delete("/pieces/{ident}", status_code=204)
def delete_piece(request: Request, ident: DocumentId) -> None:
    """Take a piece off the Bench; `restore` brings it back."""
    only_here(request)
    with studio(request).writing() as db:
        pieces.delete(db, ident)


@router.post("/pieces/{ident}/restore", status_code=204)
def post_restore(request: Request, ident: DocumentId) -> None:
    """Bring a deleted piece back."""
    only_here(request)
    with studio(request).writing() as db:
        pieces.restore(db, ident)
