"""Routes for the Bench and the studio as a whole: pieces, kit and shelf, settings."""

from typing import Annotated, Literal

import orjson
from fastapi import APIRouter, Request
from pydantic import Field

from ..core.document.numbers import Frozen
from ..core.document.piece import Piece
from ..core.errors import FitError
from ..core.ground.ground import ground
from ..core.ground.section import span
from ..core.ground.words import size
from ..store import ledger, pieces, settings
from .errors import RESPONSES
from .ledger import DocumentId, StateAnswer, _answer, _document, studio
from .planning import Answer
from .prints import Printer
from .reading import QuickRoute

router = APIRouter(prefix="/api", tags=["bench"], route_class=QuickRoute, responses=RESPONSES)

Units = Literal["mm", "cm", "inch"]
Scheme = Literal["light", "dark", "auto"]


class PieceListed(Answer):
    """A piece on the Bench; `words` say its size, lengths in braces, and `span` is half the side of the square it is
    drawn in (mm), None when its measures contradict each other.
    """

    id: str
    head: str
    changed_at: str
    piece: Piece
    words: str
    span: float | None


class StudioAnswer(Answer):
    """The ids of the kit and the shelf, and the settings."""

    kit: str
    shelf: str
    units: Units
    scheme: Scheme
    printer: Printer


class SettingsRequest(Frozen):
    units: Units
    scheme: Scheme


class NewPiece(Frozen):
    piece: Piece
    label: Annotated[str, Field(strict=True, min_length=1, max_length=120)] = "Begin the piece"


@router.get("/alive", status_code=204)
def get_alive() -> None:
    """Whether the server answers."""


@router.get("/studio")
def get_studio(request: Request) -> StudioAnswer:
    """What the page needs to know at its start."""
    with studio(request).reading() as db:
        stored = settings.read(db)
        kit, shelf = pieces.singleton(db, "kit"), pieces.singleton(db, "shelf")
    printer = {side: float(stored[f"printer-{side}"]) for side in ("across", "along") if f"printer-{side}" in stored}
    return StudioAnswer.model_validate(
        {
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
    """All pieces on the Bench."""
    with studio(request).reading() as db:
        found = pieces.listed(db)
    return [_listed(p.id, p.head, p.changed_at, Piece.model_validate(_document(p.body))) for p in found]


def _listed(ident: str, head: str, changed_at: str, piece: Piece) -> PieceListed:
    try:
        half = span(ground(piece.blank))
    except FitError:
        half = None
    return PieceListed(id=ident, head=head, changed_at=changed_at, piece=piece, words=size(piece.blank), span=half)


@router.post("/pieces", status_code=201)
def post_piece(request: Request, new: NewPiece) -> StateAnswer:
    """Put a piece on the Bench: a new one, a copy, or one from a file."""
    body = orjson.dumps(new.piece.model_dump(mode="json"))
    with studio(request).writing() as db:
        return _answer(ledger.create(db, "piece", pieces.piece_id(), new.piece.name, body, new.label))


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
