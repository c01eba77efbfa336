"""Routes for everything of a studio as open files, and for taking in documents from such files."""

from fastapi import APIRouter, Request, Response
from starlette.concurrency import run_in_threadpool

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.reading import Document
from ..formats.everything import parts, unpacked
from ..formats.piece_json import document_bytes
from ..store import blobs, ledger, pieces
from ..store.database import Database
from ..store.errors import DamagedError
from .answer import Answer
from .bench import put_piece
from .copies import only_here
from .errors import RESPONSES
from .ledger import stored_document, studio
from .told import MEDIA, told_zip

router = APIRouter(prefix="/api/studio", tags=["studio"], responses=RESPONSES)


class TakenIn(Answer):
    """How many pieces came to the Bench, and whether the kit and the shelf were taken; they are where ours is empty."""

    pieces: int
    kit: bool
    shelf: bool


@router.post("/everything", response_model=None, responses={200: {"content": {MEDIA: {}}}})
def post_everything(request: Request) -> Response:
    """Every piece, the kit and the shelf as JSON, rows as CSV, pictures, in one ZIP; damaged pieces are left out.

    A line of JSON for each file as it is done, and at last the ZIP in base64.
    """
    only_here(request)
    with studio(request).reading() as db:
        idents = [*(one.id for one in pieces.listed(db)), pieces.singleton(db, "kit"), pieces.singleton(db, "shelf")]
        documents = []
        for ident in filter(None, idents):
            try:
                documents.append((ident, stored_document(ledger.state(db, ident).body)))
            except DamagedError:
                continue
        files = parts(documents, blobs.every(db))
    return told_zip(files)


@router.post("/bring-in", openapi_extra={"requestBody": {"content": {"application/octet-stream": {}}}})
async def post_bring_in(request: Request) -> TakenIn:
    """Documents from a ZIP: pieces come to the Bench as new ones, the kit and the shelf where ours is empty."""
    only_here(request)
    documents = await run_in_threadpool(unpacked, await request.body())
    return await run_in_threadpool(_taken_in, studio(request), documents)


def _taken_in(database: Database, documents: list[Document]) -> TakenIn:
    """All of them, or none."""
    count, stock = 0, {"kit": False, "shelf": False}
    with database.writing() as db:
        for document in reversed(documents):  # the newest stands first on the Bench
            if isinstance(document, Piece):
                put_piece(db, document, "Bring in")
                count += 1
                continue
            kind = "kit" if isinstance(document, Kit) else "shelf"
            now = ledger.state(db, pieces.singleton(db, kind) or "")
            if not _holds_anything(stored_document(now.body)) and _holds_anything(document):
                edit = ledger.Edit(ledger.new_id(), now.head, "Bring in", "", document_bytes(document))
                ledger.append(db, now.document, now.branch, edit)
                stock[kind] = True
    return TakenIn(pieces=count, **stock)


def _holds_anything(stock: Document) -> bool:
    return bool(getattr(stock, "tools" if isinstance(stock, Kit) else "paints"))
