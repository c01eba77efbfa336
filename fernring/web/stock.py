"""The kit and the shelf by themselves: what another one holds is added, and nothing is saved."""

from typing import Annotated

from fastapi import APIRouter
from pydantic import BeforeValidator, Field

from ..core.document.kit import Kit
from ..core.document.piece import Piece
from ..core.document.shelf import Shelf
from ..core.document.stock import added
from ..core.document.upgrades import upgraded
from ..core.errors import DocumentError
from ..formats.piece_json import MOST_BYTES, parse_document
from .answer import Answer, Asked
from .errors import RESPONSES
from .reading import QuickRoute

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
    """Tools or paints from another kit or shelf."""
    theirs = parse_document(request.file.encode())
    if isinstance(theirs, Piece):
        raise DocumentError("This file holds a piece; its tools and paints are its own. Open it on the Bench.", "file")
    stock, count = added(request.stock, theirs)
    return AddAnswer(stock=stock, added=count)
