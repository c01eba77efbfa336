"""The steps of a document as it stands; nothing is saved."""

from typing import Annotated

from fastapi import APIRouter, Response
from pydantic import Field

from ..core.document.numbers import FIRST, Frozen
from ..core.document.shelf import Body, Medium
from ..core.work.drying import Report
from ..core.work.work import work
from ..formats.work_json import work_bytes
from .answer import Asked
from .errors import RESPONSES
from .reading import PieceBody, QuickRoute
from .worked import WorkAnswer

router = APIRouter(prefix="/api", tags=["work"], route_class=QuickRoute, responses=RESPONSES)
Waited = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.1, le=20000)]


class DryingReport(Frozen):
    """What was found of a dot of such paint: minutes since it was painted, what was expected, whether it was dry."""

    body: Body
    medium: Medium
    minutes: Waited
    expected: Waited
    dry: bool


class WorkRequest(Asked):
    """A document with its choices, and what its artist found about drying."""

    piece: PieceBody
    reports: Annotated[tuple[DryingReport, ...], FIRST, Field(max_length=500)] = ()


@router.post("/work", response_model=None, responses={200: {"model": WorkAnswer}})
def post_work(request: WorkRequest) -> Response:
    """The steps of a document from bare blank to finished piece, in an order of the hand."""
    reports = [Report(**vars(one)) for one in request.reports]
    return Response(work_bytes(work(request.piece, reports)), media_type="application/json")
