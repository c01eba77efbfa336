"""The kit and the shelf by themselves: what another one holds is added, and nothing is saved."""

from typing import Annotated

import orjson
from fastapi import APIRouter, Request, Response
from pydantic import BeforeValidator, Field

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.shelf import Shelf
from ..core.document.stock import added
from ..core.document.upgrades import upgraded
from ..core.errors import DocumentError
from ..formats.kit_csv import kit_of_csv
from ..formats.palettes import Ways, palette, shelf_text
from ..formats.piece_json import MOST_BYTES, parse_document
from ..store import pieces, sketches
from ..store.errors import DamagedError
from .answer import Answer, Asked
from .errors import RESPONSES
from .exports import file_answer
from .ledger import studio
from .reading import QuickRoute, ShelfBody

router = APIRouter(prefix="/api/stock", tags=["stock"], route_class=QuickRoute, responses=RESPONSES)

Stock = Annotated[Kit | Shelf, Field(discriminator="format")]


class AddRequest(Asked):
    """The kit or shelf as it stands, and the text of a file that holds another."""

    stock: Annotated[Stock, BeforeValidator(upgraded)]
    file: Annotated[str, Field(strict=True, max_length=MOST_BYTES)]


class AddAnswer(Answer):
    """It with what it did not hold yet, and how many things that were."""

    stock: Stock
    added: int


@router.post("/add")
def post_stock(request: AddRequest) -> AddAnswer:
    """Tools or paints from another kit or shelf, or from a table; paints from a palette too: text or hex values."""
    written = request.file.lstrip("\ufeff \t\r\n").startswith("{")
    table = kit_of_csv if isinstance(request.stock, Kit) else palette
    theirs = parse_document(request.file.encode()) if written else table(request.file)
    if isinstance(theirs, Piece):
        raise DocumentError("This file holds a piece; its tools and paints are its own. Open it on the Bench.", "file")
    stock, count = added(request.stock, theirs)
    return AddAnswer(stock=stock, added=count)


class ShelfRequest(Asked):
    """A shelf, and as what it goes out: a table, a text palette, or hex values."""

    shelf: ShelfBody
    way: Ways = "csv"


@router.post("/palette", response_model=None, responses={200: {"content": {"text/plain": {}}}})
def post_stock_palette(request: ShelfRequest) -> Response:
    """The paints of a shelf as a text for other programs."""
    kind, ending = {"csv": ("csv", ".csv"), "palette": ("plain", ".gpl"), "hex": ("plain", ".txt")}[request.way]
    text = shelf_text(request.shelf, request.way).encode()
    return file_answer(text, f"text/{kind}; charset=utf-8", "shelf", ending)


class UseAnswer(Answer):
    """A piece on the Bench, and ids of the tools and paints that were chosen for it."""

    piece: str
    name: str
    tools: list[str]
    paints: list[str]


@router.get("/uses")
def get_stock_uses(request: Request) -> list[UseAnswer]:
    """Which pieces use what; those that cannot be read are left out."""
    found = []
    with studio(request).reading() as db:
        for one in pieces.listed(db):
            try:
                document = orjson.loads(sketches.body_of_piece(db, one.head))
            except DamagedError:  # the Bench says so
                continue
            named = {kind: [item["id"] for item in document.get(kind, ())] for kind in ("tools", "paints")}
            found.append(UseAnswer(piece=one.id, name=one.name, **named))
    return found
