"""Routes about a document as it stands: its plan, and checking it. They save nothing."""

from typing import Annotated, Any, Literal

from fastapi import APIRouter, Request, Response
from pydantic import Field

from ..core.document.changes import Change, changed
from ..core.document.numbers import FIRST
from ..core.document.piece import Piece
from ..core.document.reading import read_piece
from ..core.plan import plan
from ..formats.plan_json import plan_bytes
from .answer import Asked
from .errors import RESPONSES
from .known import KnownPlans
from .planned import PlanAnswer
from .reading import PieceBody, QuickRoute

router = APIRouter(prefix="/api", tags=["planning"], route_class=QuickRoute, responses=RESPONSES)


class ChangesRequest(Asked):
    piece: PieceBody
    changes: Annotated[tuple[Change, ...], FIRST, Field(max_length=200)]


@router.post("/plan", response_model=None, responses={200: {"model": PlanAnswer}})
def post_plan(request: Request, piece: PieceBody, verdicts: Literal["yes", "no"] = "yes") -> Response:
    """The plan of a document, without saving it. Rows that stood so in one of the last plans are taken from there."""
    known: KnownPlans = request.app.state.known
    found = plan(piece, verdicts == "yes", known.like(piece))
    known.keep(found.solved)
    return Response(plan_bytes(found), media_type="application/json")


@router.post("/changed")
def post_changed(request: ChangesRequest) -> Piece:
    """The document with changes made, checked against every bound."""
    return changed(request.piece, request.changes)


@router.post("/check", response_model=None, responses={200: {"model": Piece}})
def post_check(document: dict[str, Any]) -> Piece:
    """A document from a file, brought up to the present format."""
    return read_piece(document)
