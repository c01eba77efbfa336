"""Routes for what is on the piece already: rows that were begun, and dots as they were found. Nothing is saved."""

from typing import Annotated, Literal

from fastapi import APIRouter
from pydantic import Field

from ..core.document.changes import Change
from ..core.document.numbers import FIRST, Frozen, Ident
from ..core.document.painted import Found
from ..core.document.piece import MAX_ROWS
from ..core.proposals.painted import begun, found
from ..core.proposals.repair import repair
from ..core.rows.most import MOST_DOTS
from .answer import Asked
from .errors import RESPONSES
from .proposing import RowRequest
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api/painted", tags=["painted"], route_class=QuickRoute, responses=RESPONSES)


class BegunRow(Frozen):
    """A row by its id, and the ids of those of its trims that were begun."""

    row: Ident
    trims: Annotated[tuple[Ident, ...], FIRST, Field(max_length=64)] = ()


class BegunRequest(Asked):
    piece: PieceBody
    begun: Annotated[tuple[BegunRow, ...], FIRST, Field(max_length=MAX_ROWS)]


class FoundRequest(RowRequest):
    """Dots of a painted row, counted from the row's first in the plan, and how they are."""

    dots: Annotated[
        tuple[Annotated[int, Field(strict=True, ge=0, lt=MOST_DOTS)], ...], FIRST, Field(min_length=1, max_length=5000)
    ]
    found: Found


class RepairRequest(RowRequest):
    """A place to be mended: a dot, counted from its row's first in the plan."""

    kind: Literal["cover", "accent", "hair line"]
    dot: Annotated[int, Field(strict=True, ge=0, lt=MOST_DOTS)]


@router.post("/begun")
def post_begun(request: BegunRequest) -> list[Change]:
    """What changes in the document when these rows and trims are begun: they stay as the plan has them now."""
    return begun(request.piece, {one.row: one.trims for one in request.begun})


@router.post("/found")
def post_found(request: FoundRequest) -> list[Change]:
    """What changes in the document for dots that are not as they were planned."""
    return found(request.piece, request.row, request.dots, request.found)


@router.post("/repair")
def post_repair(request: RepairRequest) -> list[Change]:
    """What changes in the document when a place is to be mended: steps are added for it."""
    return repair(request.piece, request.kind, request.row, request.dot)
