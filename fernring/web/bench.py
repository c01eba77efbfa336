"""Routes for the Bench and the studio as a whole: pieces, kit and shelf, settings."""

from typing import Annotated, Literal

import orjson
from fastapi import APIRouter, Request, Response
from fastapi import Path as PathValue
from pydantic import Field

from ..core.document.piece import Piece
from ..core.errors import DocumentError
from ..core.solved import solve_piece
from ..formats.piece_json import parse_document
from ..formats.plan_json import sketch_bytes
from ..formats.summary_json import summary_bytes
from ..store import identity, ledger, pieces, settings, sketches
from .answer import Answer, Asked
from .errors import RESPONSES, Problem
from .ledger import DocumentId, StateAnswer, Studio, state_answer, studio
from .planned import SketchAnswer, Summary
from .prints import Printer
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["bench"], route_class=QuickRoute, responses=RESPONSES)

Units = Literal["mm", "cm", "inch"]
Scheme = Literal["light", "dark", "auto"]
EditId = Annotated[str, PathValue(pattern=r"^[0-9a-f]{32}$")]


class PieceListed(Summary):
    """A piece on the Bench: what is said of it, and by which edit its small picture is asked for."""

    id: str
    head: str
    changed_at: str


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


@router.put("/studio/printer")
def put_printer(request: Request, printer: Printer) -> StudioAnswer:
    """Keep what the test bars measured; every later print is corrected by it."""
    with studio(request).writing() as db:
        settings.write(db, "printer-across", repr(printer.across))
        settings.write(db, "printer-along", repr(printer.along))
    return get_studio(request)


@router.get("/pieces")
def get_pieces(request: Request) -> list[PieceListed]:
    """All pieces on the Bench, without their documents."""
    with studio(request).reading() as db:
        found = pieces.listed(db)
    missing = [one.head for one in found if one.summary is None]
    if missing:
        with studio(request).writing() as db:
            for edit in missing:
                sketches.put_summary(db, edit, summary_bytes(_piece(sketches.body_of_piece(db, edit))))
            found = pieces.listed(db)
    return [
        PieceListed(**orjson.loads(one.summary), id=one.id, head=one.head, changed_at=one.changed_at)
        for one in found
        if one.summary is not None
    ]


@router.get("/pictures/{edit}", response_model=None, responses={200: {"model": SketchAnswer}})
def get_picture(request: Request, edit: EditId) -> Response:
    """The small picture of a piece after an edit: made when first asked for, the same for ever."""
    with studio(request).reading() as db:
        kept = sketches.picture(db, edit)
        body = None if kept is not None else sketches.body_of_piece(db, edit)
    if kept is None and body is not None:
        piece = _piece(body)
        kept = sketch_bytes(solve_piece(piece))
        with studio(request).writing() as db:
            sketches.put_summary(db, edit, summary_bytes(piece))
            sketches.put_picture(db, edit, kept)
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
    return _put(request, piece.model_copy(update={"name": f"{piece.name}, copy"[:120]}), "Copy a piece")


def _put(request: Request, piece: Piece, label: str) -> StateAnswer:
    body = orjson.dumps(piece.model_dump(mode="json"))
    with studio(request).writing() as db:
        state = ledger.create(db, "piece", pieces.piece_id(), piece.name, body, label)
        sketches.put_summary(db, state.head, summary_bytes(piece))
        return state_answer(db, state)


def _piece(body: bytes) -> Piece:
    document = parse_document(body)
    if not isinstance(document, Piece):
        raise DocumentError("This is not a piece.", "id")
    return document


@router.delete("/pieces/{ident}", status_code=204)
def delete_piece(request: Request, ident: DocumentId) -> None:
    """Take a piece off the Bench; `restore` brings it back."""
    with studio(request).writing() as db:
        pieces.delete(db, ident)


@router.post("/pieces/{ident}/restore", status_code=204)
def post_restore(request: Request, ident: DocumentId) -> None:
    """Bring a deleted piece back."""
    with studio(request).writing() as db:
        pieces.restore(db, ident)
